import { PLAIN_BRIEF, type Brief } from '../brief';
import { compose } from '../compose';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE } from '../forms';
import { compile, type Item, type Practice, type Story, type Timeline } from '../practice';
import { scriptOf, storyLineAt, wordsByMinute, wordsIn, type ScriptLine } from '.';
import { firstWords } from '../text/firstWords';
import { countSaid, within } from './sayings';

const form = (id: string) => {
  const found = REPERTOIRE.find((one) => one.id === id);
  if (!found) throw new RangeError(`no form ${id}`);
  return found;
};
const item = (formId: string, over: Partial<Item> = {}): Item => ({
  id: `${formId}-1`,
  formId,
  variant: 'full',
  role: 'nourish',
  repetitions: 6,
  stretch: 1,
  firstSide: 'left',
  familiarity: 'known',
  omitHolds: false,
  exhaleByMouth: false,
  hinge: false,
  reasons: [],
  ...over,
});
const STORY: Story = {
  intention: 'For the Lung.',
  image: 'Like a bell.',
  virtue: 'courage',
  opening: 'Welcome to it.',
  midway: 'Half is done.',
  closing: 'That was it.',
};
const practice = (...items: readonly Item[]): Practice => ({
  name: 'Said',
  brief: PLAIN_BRIEF,
  customs: { outToIn: 1.2, animalSchool: 'standard', virtueSchool: 'classical', soundSchool: 'standard' },
  seed: 1,
  items: [...items],
  forms: Object.fromEntries(items.map(({ formId }) => [formId, form(formId)])),
});
/** As items are said before a long close, under which the last words are. */
const said = (...items: readonly Item[]): readonly ScriptLine[] => {
  const one = practice(...items, item('close-hands-to-belly', { role: 'close', repetitions: 8 }));
  return scriptOf(one, compile(one), STORY);
};
const text = (lines: readonly ScriptLine[]): string => lines.map((line) => line.text).join(' ');

describe('how much is said with a repetition', () => {
  const timeline = compile(practice(item('open-and-close', { repetitions: 6 })));
  const toldOf = (made: Timeline, repetition: number) =>
    new Set(made.events.filter((event) => event.repetition === repetition).map(({ told }) => told));
  it('all of it, then its first words, then the breath, then nothing', () => {
    expect([1, 2, 3, 4, 5, 6].map((repetition) => [...toldOf(timeline, repetition)])).toEqual([
      ['full'], ['short'], ['breath'], ['quiet'], ['quiet'], ['quiet'],
    ]); // prettier-ignore
  });
  it('a repetition longer for those who are taught', () => {
    const taught = compile(practice(item('open-and-close', { repetitions: 6, familiarity: 'taught' })));
    expect([...toldOf(taught, 4)]).toEqual(['breath']);
    expect([...toldOf(taught, 5)]).toEqual(['quiet']);
  });
});

describe('the other side, and the other way round', () => {
  const turns = (id: string, over: Partial<Item> = {}): number =>
    said(item(id, { repetitions: 3, ...over })).filter(
      ({ kind, text: one }) => kind === 'count' && one.startsWith('And the other'),
    ).length;

  it('are said where the few words of it leave out which', () => {
    const neck = said(item('loosen-neck', { repetitions: 1 }));
    const at = neck.findIndex(({ text: one }) => one === 'And the other side.');
    expect(neck[at + 1]?.text).toMatch(/back of the neck long/);
    expect(turns('loosen-neck', { repetitions: 1 })).toBe(1);
  });

  it('are named where the words change with them, however few they are', () => {
    const words = text(said(item('loosen-ankles', { repetitions: 2 })));
    expect(words).toContain('Weight off the left foot, toes down: circle the ankle.');
    expect(words).toContain('Weight off the right foot.');
    expect(text(said(item('loosen-hips', { repetitions: 4 })))).toContain('A slow circle to the right.');
    expect(text(said(item('pushing-waves', { repetitions: 3 })))).toContain('right foot in front');
  });

  it('are not said twice over, nor where the sides go in turn, nor where there is one', () => {
    // Its words say it themselves.
    expect(turns('loosen-arm-wheels')).toBe(0);
    expect(turns('loosen-waist')).toBe(0);
    expect(turns('brocade-part-heaven-and-earth')).toBe(0);
    expect(turns('mist-over-the-lake')).toBe(0);
  });

  it('are said but once, however often it is done', () => {
    for (const form of REPERTOIRE)
      expect([form.id, turns(form.id, { role: form.roles[0] ?? 'nourish' }) <= 1]).toEqual([form.id, true]);
  });
});

describe('the words of a lesson', () => {
  const lesson = (id: string, step: Item['lesson'], over: Partial<Item> = {}): readonly ScriptLine[] =>
    said(item(id, { lesson: step, familiarity: 'taught', repetitions: 1, ...over }));

  it('say what each step is for, every mistake put right, and the name but once', () => {
    expect(text(lesson('cloud-hands', 'show'))).toContain('Cloud hands. Watch once');
    expect(text(lesson('cloud-hands', 'whole'))).toContain('Now the whole');
    expect(text(lesson('cloud-hands', 'whole'))).not.toContain('Cloud hands.');
    const put = text(lesson('animal-tiger-pounce', 'mistakes'));
    for (const { mend } of form('animal-tiger-pounce').mistakes) expect(put).toContain(mend);
    for (const part of form('animal-tiger-pounce').parts)
      expect(text(lesson('animal-tiger-pounce', 'parts')).toLowerCase()).toContain(
        (typeof part === 'string' ? part : part.part).toLowerCase(),
      );
  });

  it('grow fewer while a form is drilled, and begin anew with every layer', () => {
    const drilled = lesson('cloud-hands', 'drill', {
      repetitions: 24,
      layers: ['legs', 'hands', 'breath', 'mind'],
    });
    const times = (words: string): number => text(drilled).split(words).length - 1;
    for (const layer of ['Legs only', 'Now the hands', 'Now on the breath', 'Now the mind'])
      expect([layer, times(layer)]).toEqual([layer, 1]);
    // Six repetitions of each layer: two told in full on each side, of the legs alone without a word of the hands.
    expect(times('hands float past')).toBe(3 * 2 * 2);
    expect(
      drilled.filter(({ kind, lengthMs }) => kind === 'quiet' && lengthMs > 20_000).length,
    ).toBeGreaterThan(1);
    expect(text(drilled)).toContain('One more on each side.');
    const untilHands = text(drilled).split('Now the hands')[0] ?? '';
    expect(untilHands).toContain('Turn the waist to the left.');
    expect(untilHands).not.toMatch(/hands float|one hand above/);
  });

  it('are few where the whole is done', () => {
    const whole = lesson('cloud-hands', 'whole', { repetitions: 4 });
    expect(text(whole)).not.toContain('hands float past');
  });
});

describe('what goes by the clock', () => {
  it('is not counted down: nobody counts how often they shake', () => {
    const first = (id: string): string =>
      text(said(item(id, { repetitions: 6 })).filter(({ itemIndex }) => itemIndex === 0));
    expect(first('shaking')).not.toMatch(/Two more|Last one/);
    expect(first('warming-the-kidneys')).toMatch(/Two more/);
  });
});

describe('the word for the breath', () => {
  it('is said once', () => {
    const words = text(said(item('three-sinks', { repetitions: 3 }), item('brocade-hold-up-the-sky')));
    expect(words).toContain('Breathe in: up to the crown.');
    expect(words).toContain('Stay: long and soft.');
    expect(words).not.toMatch(/breathe in: breathe|stay: stay/i);
  });

  it('is said but once in every form there is', () => {
    for (const { id } of REPERTOIRE)
      expect([id, text(said(item(id, { repetitions: 3 }))).match(/\b(\w+) in: \1|stay: stay/i)]).toEqual([
        id,
        null,
      ]);
  });
});

describe('the script', () => {
  it('begins with the opening, tells a movement in full once, and counts the last two', () => {
    const lines = said(item('open-and-close', { repetitions: 6 }));
    expect(lines[0]).toMatchObject({ kind: 'opening', startMs: 0, text: 'Welcome to it.' });
    const [first] = form('open-and-close').cycle;
    if (!first) throw new Error('no stroke');
    const whole = within(first.cue).replace(/\.$/, '');
    expect(text(lines).split(whole)).toHaveLength(2);
    const ofFirst = lines.filter(({ itemIndex }) => itemIndex === 0);
    expect(ofFirst.filter(({ kind }) => kind === 'count').map((line) => line.text)).toEqual([
      'Two more.',
      'Last one.',
    ]);
    expect(lines.find(({ kind }) => kind === 'name')?.text).toBe(
      `${form('open-and-close').name}: six times.`,
    );
  });

  it('counts both sides together where they go in turn', () => {
    const counts = said(item('brocade-draw-the-bow', { repetitions: 4 })).filter(
      ({ kind, itemIndex }) => kind === 'count' && itemIndex === 0,
    );
    expect(counts.map((line) => line.text)).toEqual(['Two more on each side.', 'One more on each side.']);
  });

  it('asks after tapping what is noticed, and says nothing while another form settles', () => {
    expect(text(said(item('tap-legs', { role: 'clear' })))).toContain('What do the soles notice?');
    expect(text(said(item('open-and-close')))).not.toContain('Let it settle');
  });

  it('says once, before anything stirs, what to do when the head swims', () => {
    const lines = said(item('arrive-wuji', { role: 'arrive' }), item('open-and-close'), item('brocade-sway'));
    expect(lines.filter(({ kind }) => kind === 'care')).toMatchObject([{ itemIndex: 1 }]);
  });

  it('touches the intention in the middle, turns it at the end into something finished, and goes by the clock', () => {
    const one = practice(
      item('arrive-wuji', { role: 'arrive' }),
      item('open-and-close'),
      item('brocade-sway'),
      item('three-centre-wash', { role: 'gather' }),
      item('close-hands-to-belly', { role: 'close', repetitions: 6 }),
    );
    const timeline = compile(one);
    const lines = scriptOf(one, timeline, STORY);
    const at = (kind: ScriptLine['kind']) => lines.find((line) => line.kind === kind);
    expect(at('image')).toMatchObject({ itemIndex: 1, text: 'Like a bell.' });
    // Five forms; of those after the image the one that begins nearest the middle.
    const apart = timeline.items.map(({ startMs }) => Math.abs(startMs - timeline.totalMs / 2));
    const nearest = Math.min(...apart.slice(2));
    expect(at('midway')).toMatchObject({
      text: 'Half is done. And with it, courage.',
      itemIndex: apart.indexOf(nearest),
    });
    expect(at('closing')?.itemIndex).toBe(4);
    expect(lines.at(-1)).toMatchObject({ kind: 'leaving' });
    for (const [index, line] of lines.entries()) {
      expect(line.startMs).toBeGreaterThanOrEqual(lines[index - 1]?.startMs ?? 0);
      expect(line.startMs + line.lengthMs).toBeLessThanOrEqual(timeline.totalMs);
    }
    expect(wordsByMinute(lines, timeline.totalMs).reduce((sum, words) => sum + words, 0)).toBe(
      lines.reduce((sum, line) => sum + wordsIn(line.text), 0),
    );
    expect(storyLineAt(lines, 0)?.kind).toBe('opening');
    expect(storyLineAt(lines, 30_000)).toBeUndefined();
  });

  it('of a draft for sleep leaves the eyes closed; by day they look far', () => {
    const drafted = (over: Partial<Brief>): string => {
      const brief = { ...PLAIN_BRIEF, minutes: 10, ...over };
      const made = compose({
        brief,
        repertoire: REPERTOIRE,
        customs: DEFAULT_CUSTOMS,
        people: { conditions: [] },
        seed: 1,
        enough: 0.05,
      });
      if (!made.ok || !made.practice.story) throw new Error('not composed, or without a story');
      return text(scriptOf(made.practice, made.timeline, made.practice.story));
    };
    expect(drafted({ theme: { kind: 'aim', aim: 'sleep' }, dayPart: 'evening', intent: 'calm' })).toMatch(
      /eyes may stay closed\.$/,
    );
    expect(drafted({ dayPart: 'morning' })).toMatch(/look far\. Thank you\.$/);
  });
});

describe('words said again and numbers said', () => {
  it.each([
    ['The hands rise to the chest', 'The hands rise to the chest'],
    ['Knees, hips, belly and head roll forward', ''],
    ['Tail drops, the back rounds', 'Tail drops'],
    ['Before the hips, both arms swing up', ''],
    ['Slide down the backs of the legs and bend, head last', ''],
    ['Comb from the brow over the crown to the nape', 'Comb from the brow'],
    ['Hands on hips: a slow circle to the left.', 'a slow circle to the left'],
    ['Weight off the left foot, toes down: circle the ankle.', 'circle the ankle'],
    ['Palms together, bow from the hips, the back long.', 'bow from the hips'],
    // Where nothing moves, how one stands is all there is to say.
    ['Weight to the middle, one hand above, one below.', 'Weight to the middle'],
    ['Heels down, slowly, as the palms press.', 'Heels down'],
    ['Hands to the low back', 'Hands to the low back'],
  ])('%s → %s', (cue, again) => expect(firstWords(cue)).toBe(again));

  it.each([
    ['open-and-close', { repetitions: 6 }, 'six times'],
    ['open-and-close', { repetitions: 1 }, ''],
    ['arrive-wuji', { repetitions: 9 }, 'nine breaths'],
    ['hold-embrace-chest', { repetitions: 3 }, 'three breaths'],
    ['close-hands-to-belly', { repetitions: 7 }, 'seven breaths'],
    ['three-sinks', { repetitions: 3 }, ''],
    ['shaking', { repetitions: 4 }, ''],
    ['brocade-draw-the-bow', { repetitions: 3 }, 'three on each side'],
    ['loosen-hips', { repetitions: 4 }, 'four each way'],
    [
      'brocade-draw-the-bow',
      { repetitions: 3, otherRepetitions: 5 },
      'three on the left, five on the other side',
    ],
    ['tap-legs', { repetitions: 20, forSec: 60 }, ''],
  ])('%s: %j: %s', (id, over, count) => expect(countSaid(form(id), item(id, over))).toBe(count));
});
