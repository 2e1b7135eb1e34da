import { REPERTOIRE } from '../forms';
import { form, notesOf } from './testing.test.data';
import type { Item } from '../practice';
import type { Note } from '.';

/** What one rule says of an item whose words for a stroke are these. */
const said = (rule: string, id: string, key: string, cue: string, over = {}): readonly Note[] =>
  notesOf({ lines: [{ id, over: { cues: { [key]: cue }, ...over } }] }).filter((note) => note.rule === rule);

describe('the breath in a cue', () => {
  // A form that breathes in on its first stroke and out on its second.
  const id = 'mist-over-the-lake';

  it('is held against the stroke it is said on', () => {
    expect(form(id).cycle.map(({ breath }) => breath)).toEqual(['in', 'out']);
    for (const cue of ['Exhale and let them sink.', 'Breathe out slowly.', 'Let the breath go.'])
      expect(said('cue-breath', id, 'cycle-0', cue)).toHaveLength(1);
    for (const cue of ['Inhale and rise.', 'Breathing in, open.'])
      expect(said('cue-breath', id, 'cycle-1', cue)).toHaveLength(1);
  });

  it('may be said as it is, or of both ways at once', () => {
    for (const cue of ['Inhale and rise.', 'After the exhale, breathe in.', 'Float up.'])
      expect(said('cue-breath', id, 'cycle-0', cue)).toEqual([]);
  });

  it('is mended by the form’s own words', () => {
    const [note] = said('cue-breath', id, 'cycle-0', 'Breathe out slowly.');
    expect(note?.mend).toMatchObject({ edits: [{ kind: 'cue', key: 'cycle-0', cue: '' }] });
  });
});

describe('a side in a cue', () => {
  it('said outright in a form that goes both sides is wrong on one of them', () => {
    const [note] = said('cue-side', 'brocade-draw-the-bow', 'cycle-0', 'Draw to the left, eyes right.');
    expect(note?.mend).toMatchObject({ edits: [{ cue: 'Draw to the {side}, eyes {other}.' }] });
  });

  it('is no side in “right away”, nor where it follows the score, nor in a form without sides', () => {
    expect(said('cue-side', 'brocade-draw-the-bow', 'cycle-0', 'Let go right away.')).toEqual([]);
    expect(said('cue-side', 'brocade-draw-the-bow', 'cycle-0', 'Draw to the {side}.')).toEqual([]);
    expect(said('cue-side', 'mist-over-the-lake', 'cycle-0', 'Left and right hand rise.')).toEqual([]);
  });
});

describe('a count in the words', () => {
  it.each([
    ['We do this six times.', 4, 6],
    ['9 repetitions, no hurry.', 3, 9],
    ['Only twice today.', 5, 2],
    ['Eight rounds.', 6, 8],
  ])('“%s” against %i in the score', (words, repetitions, count) => {
    const [note] = said('count-announced', 'mist-over-the-lake', 'setup', words, { repetitions });
    expect(note?.said).toMatchObject({ said: count, done: repetitions });
    expect(said('count-announced', 'mist-over-the-lake', 'setup', words, { repetitions: count })).toEqual([]);
  });

  it.each<readonly [string, string, number, number | undefined]>([
    ['arrive-cleansing-breaths', 'Three cleansing breaths.', 2, 3],
    ['arrive-cleansing-breaths', 'A couple of cleansing breaths.', 2, undefined],
    ['loosen-hips', 'Four circles each way.', 3, 4],
    ['loosen-hips', 'Eight circles in all.', 4, undefined],
    ['loosen-hips', 'Eight circles in all.', 3, 8],
    ['brocade-draw-the-bow', 'Three bows on each side.', 2, 3],
    ['brocade-draw-the-bow', 'Six bows, left and right in turn.', 3, undefined],
    ['brocade-draw-the-bow', 'Three more, then one.', 2, undefined],
  ])('of %s, “%s”, is held against what is done (%i)', (id, words, repetitions, other) => {
    const [note] = said('count-announced', id, 'setup', words, { repetitions });
    expect(note?.said).toEqual(other === undefined ? undefined : expect.objectContaining({ said: other }));
  });

  it('of both sides together is mended to half of it on each', () => {
    const [note] = said('count-announced', 'loosen-hips', 'setup', 'Eight circles in all.', {
      repetitions: 3,
    });
    expect(note?.mend).toMatchObject({ edits: [{ kind: 'repetitions', steps: 1 }] });
  });

  it('is no count where a number counts something else', () => {
    for (const words of [
      'Three fingers below the navel.',
      'Feet at one and a half widths.',
      'Number 4 of the set.',
    ])
      expect(said('count-announced', 'mist-over-the-lake', 'setup', words, { repetitions: 5 })).toEqual([]);
  });
});

describe('a name in the words', () => {
  const id = 'mist-over-the-lake'; // Metal: the Lung and its pair.

  it('of an organ or phase that is not this one’s is a slip, with a capital or after what is done for it', () => {
    for (const words of [
      'This is for the Liver.',
      'It feeds the liver.',
      'Warming your kidney',
      'The Fire phase wakes.',
    ])
      expect(said('slip-words', id, 'setup', words)).toHaveLength(1);
  });

  it('of its own, of its pair, of a place of the body or a thing of the world is none', () => {
    for (const words of [
      'It opens the Lung.',
      'Lung and Large Intestine work together.',
      'Hands float before the heart.',
      'Earth under the feet, water in the arms.',
      'Palms over the kidneys',
    ])
      expect(said('slip-words', id, 'setup', words)).toEqual([]);
  });
});

describe('words against the body', () => {
  const id = 'mist-over-the-lake';
  const withEntry = REPERTOIRE.find((one) => one.entry.length > 0 && one.entry[0]?.postures)?.id ?? '';

  it.each([
    ['Lift the heels.', 'heels-come-up'],
    ['The weight shifts.', 'weight-moves'],
    ['Step out, wide stance.', 'shoulder-widths'],
    ['One foot floats.', 'feet-stay-down'],
  ])('“%s” is found out by the body', (cue, measured) => {
    expect(said('words-against-body', id, 'cycle-0', cue)[0]?.said).toMatchObject({
      measured: { does: measured },
    });
  });

  it('are found in the entry as well as in the cycle, and the form’s own words agree with it', () => {
    expect(said('words-against-body', withEntry, 'entry-0', 'Lift the heels.')).toHaveLength(1);
    expect(said('words-against-body', withEntry, 'entry-0', form(withEntry).entry[0]?.cue ?? '')).toEqual([]);
    expect(said('words-against-body', id, 'cycle-0', form(id).cycle[0]?.cue ?? '')).toEqual([]);
  });
});

describe('a cue against the clock', () => {
  const long =
    'Let both of your arms float up very slowly like two small boats that rise on an evening tide, the whole chest wide.';

  it('is too long for a short breath, and fits where the speaker is quicker or the breath longer', () => {
    const at = (wordsPerMin: number, stretch: number): number =>
      notesOf({
        lines: [{ id: 'mist-over-the-lake', over: { cues: { 'cycle-0': long }, stretch } }],
        customs: { wordsPerMin },
      }).filter((note) => note.rule === 'cue-too-long').length;
    expect(at(120, 1)).toBe(1);
    expect(at(240, 1)).toBe(0);
    expect([at(200, 1), at(200, 1.3)]).toEqual([1, 0]);
  });
});

describe('what the brief fixes of a form', () => {
  const pinned = (reasons: Item['reasons']): number =>
    notesOf({
      lines: [
        { id: 'mist-over-the-lake', role: 'nourish', over: { reasons } },
        { id: 'parting-clouds', role: 'nourish' },
      ],
      brief: { pins: [{ formId: 'mist-over-the-lake', place: 'last' }] },
    }).filter((note) => note.rule === 'as-asked').length;

  it('is minded, but in a set, whose order is its own', () => {
    expect(pinned([])).toBe(1);
    expect(pinned([{ code: 'of-the-set', set: 'eight-brocades', number: 1 }])).toBe(0);
  });
});
