import fc from 'fast-check';
import { PLAIN_BRIEF, type Brief, type Theme } from '../brief';
import { compose } from '../compose';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE, type Form } from '../forms';
import { CONDITION_IDS } from '../people';
import { compile, edit, practiceSchema, type Edit, type Practice } from '../practice';
import { makesSense } from './testing.test.data';
import { review, type Note } from '.';

const themes: readonly Theme[] = [
  { kind: 'organ', organ: 'lung' },
  { kind: 'phase', phase: 'fire' },
  { kind: 'aim', aim: 'joints' },
];
const drafts: readonly Practice[] = themes.map((theme) => {
  const made = compose({
    brief: { ...PLAIN_BRIEF, theme },
    repertoire: REPERTOIRE,
    customs: DEFAULT_CUSTOMS,
    people: { conditions: [] },
    seed: 1,
    enough: 0.5,
  });
  if (!made.ok) throw new Error('the practices of these laws could not be composed');
  return made.practice;
});

const read = (
  practice: Practice,
  conditions: Parameters<typeof review>[3]['conditions'] = [],
): readonly Note[] => review(practice, compile(practice), DEFAULT_CUSTOMS, { conditions });

/** Any edit a hand can make at some item of a practice; numbers stand for places and choices. */
function someEdit(practice: Practice, kind: number, at: number, amount: number): Edit | undefined {
  const item = practice.items[at % Math.max(1, practice.items.length)];
  if (!item) return undefined;
  const other = REPERTOIRE[amount % REPERTOIRE.length] as Form;
  const kinds: readonly Edit[] = [
    { kind: 'remove', itemId: item.id },
    { kind: 'move', itemId: item.id, toIndex: amount % practice.items.length },
    { kind: 'repetitions', itemId: item.id, steps: (amount % 9) - 4 },
    { kind: 'breath-length', itemId: item.id, steps: (amount % 15) - 7 },
    { kind: 'stays', itemId: item.id, stays: [{ sec: amount % 90, on: 'last' }] },
    { kind: 'quiet', itemId: item.id, quietSec: amount % 40 },
    { kind: 'layers', itemId: item.id, layers: amount % 2 === 0 ? ['legs', 'hands'] : [] },
    { kind: 'image', itemId: item.id, image: `Image ${amount}` },
    {
      kind: 'cue',
      itemId: item.id,
      key: 'cycle-0',
      cue: amount % 2 === 0 ? 'Breathe out to the left, 3 times.' : '',
    },
    { kind: 'exhale', itemId: item.id, byMouth: amount % 2 === 0 },
    {
      kind: 'add',
      at,
      item: {
        form: other,
        role: other.roles[0] ?? 'nourish',
        variant: 'full',
        omitHolds: false,
        exhaleByMouth: false,
        familiarity: amount % 2 === 0 ? 'known' : 'taught',
        firstSide: 'left',
        reasons: [{ code: 'chosen-by-hand' }],
      },
    },
  ];
  return kinds[kind % kinds.length];
}

const hand = fc.array(fc.tuple(fc.nat(20), fc.nat(60), fc.nat(500)), { minLength: 1, maxLength: 12 });
const edited = fc.tuple(fc.constantFrom(...drafts), hand).map(([draft, steps]) =>
  steps.reduce((practice, [kind, at, amount]) => {
    const change = someEdit(practice, kind, at, amount);
    return change ? edit(practice, change) : practice;
  }, draft),
);
const people = fc.uniqueArray(fc.constantFrom(...CONDITION_IDS), { maxLength: 4 });

describe('the margin, whatever a hand has made of a practice', () => {
  it('reads it, says only what can be used, at places that are there, and never the same twice', () => {
    fc.assert(
      fc.property(edited, people, (practice, conditions) => {
        const notes = read(practice, conditions);
        const ids = new Set(practice.items.map((item) => item.id));
        for (const note of notes) {
          expect({ note, sense: makesSense(note) }).toEqual({ note, sense: true });
          if (note.itemId !== undefined) expect(ids.has(note.itemId)).toBe(true);
        }
        expect(new Set(notes.map(({ id }) => id)).size).toBe(notes.length);
        expect(read(practice, conditions)).toEqual(notes);
      }),
      { numRuns: 40, seed: 17 },
    );
  }, 120_000);

  it('offers mends that lead to a practice that can be kept', () => {
    fc.assert(
      fc.property(edited, people, (practice, conditions) => {
        for (const note of read(practice, conditions)) {
          if (note.mend?.kind !== 'edits') continue;
          const mended = note.mend.edits.reduce(edit, practice);
          expect({ rule: note.rule, problems: practiceSchema.safeParse(mended).error?.issues }).toEqual({
            rule: note.rule,
            problems: undefined,
          });
        }
      }),
      { numRuns: 25, seed: 18 },
    );
  }, 120_000);

  it('says the same under another name, and of those waved aside only why', () => {
    fc.assert(
      fc.property(edited, (practice) => {
        const notes = read(practice);
        expect(read(edit(practice, { kind: 'rename', name: 'Another' }))).toEqual(notes);
        const [first] = notes;
        if (!first) return;
        const waved = edit(practice, { kind: 'wave', note: first.id, reason: 'as it should be' });
        expect(read(waved)).toEqual(
          notes.map((note) => (note.id === first.id ? { ...note, wavedBecause: 'as it should be' } : note)),
        );
      }),
      { numRuns: 15, seed: 19 },
    );
  }, 120_000);

  it('has nothing to say of people it is not told of', () => {
    fc.assert(
      fc.property(edited, (practice) => {
        expect(read(practice).filter(({ rule }) => rule === 'conditions')).toEqual([]);
      }),
      { numRuns: 10, seed: 20 },
    );
  });

  it('agrees with the composer: of what was just drafted nothing must or should be otherwise, and little is to consider', () => {
    const briefs: readonly Partial<Brief>[] = [
      { theme: { kind: 'organ', organ: 'kidney' }, minutes: 12, dayPart: 'morning' },
      { theme: { kind: 'organ', organ: 'lung' }, minutes: 40, intent: 'nourish' },
      { theme: { kind: 'organ', organ: 'stomach' }, minutes: 25, intent: 'clear-then-nourish' },
      { theme: { kind: 'phase', phase: 'wood' }, minutes: 60, intent: 'clear-then-nourish' },
      { theme: { kind: 'all-phases' }, minutes: 25, dayPart: 'evening', intent: 'calm' },
      { theme: { kind: 'aim', aim: 'sleep' }, minutes: 20, dayPart: 'evening', intent: 'calm' },
      { theme: { kind: 'organ', organ: 'heart' }, minutes: 20, posture: 'seated' },
      { theme: { kind: 'channel', channel: 'GB' }, minutes: 40 },
      { theme: { kind: 'set', set: 'eight-brocades' }, minutes: 25 },
      {
        theme: {
          kind: 'mix',
          parts: [
            { kind: 'organ', organ: 'liver' },
            { kind: 'organ', organ: 'spleen' },
          ],
        },
        minutes: 30,
        intent: 'clear-then-nourish',
      },
    ];
    for (const over of briefs) {
      const asked = { ...PLAIN_BRIEF, ...over };
      const result = compose({
        brief: asked,
        repertoire: REPERTOIRE,
        customs: DEFAULT_CUSTOMS,
        people: { conditions: [] },
        seed: 1,
        enough: 0.01,
      });
      if (!result.ok) throw new Error(`no practice of ${JSON.stringify(over)}`);
      const notes = review(result.practice, result.timeline, DEFAULT_CUSTOMS, { conditions: [] });
      expect({ over, notes: notes.filter(({ weight }) => weight !== 'consider') }).toEqual({
        over,
        notes: [],
      });
      expect(notes.length).toBeLessThanOrEqual(1);
    }
  });
});
