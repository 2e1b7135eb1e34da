import { PLAIN_BRIEF } from '../brief';
import type { Form } from '../forms';
import { defineForm } from '../forms/writing/define';
import { exhale, freely, hold, inhale } from '../forms/writing/strokes';
import { compile, eventAt, type Item, type Practice, type Timeline } from '.';

/**
 * A practice laid out by hand. At 6 breaths a minute and out as long as in, a flowing breath of 12 s at 5 a minute is
 * 10 s: 5 s in, 5 s out.
 */
const FORM: Form = {
  ...defineForm({
    id: 'plain',
    name: 'Plain',
    family: 'flowing pair',
    roles: ['nourish'],
    actions: ['moves'],
    pace: 'flowing',
    setupSec: { known: 4, taught: 10 },
    settleSec: 2,
    entry: [freely(3, 'Come in.')],
    cycle: [inhale('Rise.'), hold(2, 'Stay.'), exhale('Sink.')],
    exit: [freely(1, 'Go out.')],
    repetitions: { least: 1, usual: 2, most: 9, multipleOf: 1 },
    images: [],
  }),
};
const item = (over: Partial<Item> = {}): Item => ({
  id: 'one',
  formId: 'plain',
  variant: 'full',
  role: 'nourish',
  repetitions: 2,
  stretch: 1,
  firstSide: 'left',
  familiarity: 'known',
  omitHolds: false,
  exhaleByMouth: false,
  hinge: false,
  reasons: [],
  ...over,
});
function laid(items: readonly Item[], forms: Readonly<Record<string, Form>> = { plain: FORM }): Timeline {
  const practice: Practice = {
    name: 'by hand',
    brief: { ...PLAIN_BRIEF, breathsPerMin: 6 },
    customs: {
      outToIn: 1,
      animalSchool: 'standard',
      virtueSchool: 'classical',
      soundSchool: 'standard',
      wordsPerMin: 120,
    },
    seed: 1,
    items: [...items],
    forms,
  };
  return compile(practice);
}
const told = ({ events }: Timeline): readonly string[] =>
  events.map(
    ({ kind, part, strokeIndex, repetition, startMs, lengthMs }) =>
      `${startMs / 1000} ${part ? `${part} ${strokeIndex} of ${repetition}` : kind} ${lengthMs / 1000}`,
  );

describe('a practice laid out in time', () => {
  const timeline = laid([item()]);

  it('announces, comes in, repeats (the first a tenth slower), goes out and settles', () => {
    expect(told(timeline)).toEqual([
      '0 setup 4',
      '4 entry 0 of 0 3',
      '7 cycle 0 of 1 5.5',
      '12.5 cycle 1 of 1 2.2',
      '14.7 cycle 2 of 1 5.5',
      '20.2 cycle 0 of 2 5',
      '25.2 cycle 1 of 2 2',
      '27.2 cycle 2 of 2 5',
      '32.2 exit 0 of 0 1',
      '33.2 settle 2',
    ]);
    expect(timeline.totalMs).toBe(35_200);
  });

  it('counts a breath where one is taken in', () => {
    expect(timeline.breaths).toBe(2);
    expect(timeline.events.map(({ breathNumber }) => breathNumber)).toEqual([0, 0, 1, 1, 1, 2, 2, 2, 2, 2]);
  });

  it('is slower where it is taught, longer where it is stretched, without holds where they are left out', () => {
    const [, , first] = laid([item({ familiarity: 'taught' })]).events;
    expect([laid([item({ familiarity: 'taught' })]).events[0]?.lengthMs, first?.lengthMs]).toEqual([
      10_000, 9000,
    ]);
    // No breath is led at more than 1.3 times the pace: 13 s, even parts.
    expect(told(laid([item({ stretch: 2, repetitions: 3 })]))[2]).toBe('10 cycle 0 of 1 6.5');
    // Once is a gesture: a word of 2 s, and no slower for being the first.
    expect(told(laid([item({ omitHolds: true, repetitions: 1 })]))).toEqual([
      '0 setup 2',
      '2 entry 0 of 0 3',
      '5 cycle 0 of 1 5',
      '10 cycle 2 of 1 5',
      '15 exit 0 of 0 1',
      '16 settle 2',
    ]);
  });

  it('says an image in the time its words take, adds quiet, and holds the end where asked', () => {
    // Eight syllables are five and a third words of a syllable and a half: 2.67 s at 120 a minute, and 2 s to take them in.
    const events = told(
      laid([
        item({
          repetitions: 1,
          image: 'One two three four five six sev-en.',
          quietSec: 20,
          stays: [{ sec: 30, on: 'last' }],
        }),
      ]),
    );
    expect(events.filter((line) => line.includes('setup'))).toHaveLength(2);
    expect(events.at(-1)).toMatch(/settle 22$/);
    expect(
      laid([item({ repetitions: 1, stays: [{ sec: 30, on: 'last' }] })]).totalMs -
        laid([item({ repetitions: 1 })]).totalMs,
    ).toBe(30_000);
  });

  it('settles for a second too, and not at all where nothing is to settle', () => {
    const settles = (settleSec: number) =>
      laid([item({ repetitions: 1 })], { plain: { ...FORM, settleSec } }).events.filter(
        ({ kind }) => kind === 'settle',
      ).length;
    expect([settles(0), settles(1)]).toEqual([0, 1]);
  });

  it('announces no hinge, and of a lesson only the first step', () => {
    const setups = (over: Partial<Item>): number =>
      laid([item(over)]).events.filter(({ kind, cue }) => kind === 'setup' && cue === 'Plain').length;
    expect([
      setups({}),
      setups({ hinge: true }),
      setups({ lesson: 'show' }),
      setups({ lesson: 'drill' }),
    ]).toEqual([1, 0, 1, 0]);
  });

  it('changes the stance where the next form begins in another, known quicker than taught', () => {
    const wide = { ...FORM, id: 'wide', stance: { start: 'wide' as const, end: 'wide' as const } };
    const both = { plain: FORM, wide };
    const changes = (items: readonly Item[]) =>
      laid(items, both)
        .events.filter(({ kind }) => kind === 'stance')
        .map(({ lengthMs }) => lengthMs);
    expect(changes([item(), item({ id: 'two' })])).toEqual([]);
    expect(changes([item(), item({ id: 'two', formId: 'wide' })])).toEqual([4000]);
    expect(changes([item(), item({ id: 'two', formId: 'wide', familiarity: 'taught' })])).toEqual([6000]);
    // Nothing stands before the first.
    expect(changes([item({ formId: 'wide' })])).toEqual([]);
  });

  it('leaves the breath to itself until that layer is added, and says each layer once', () => {
    const { events } = laid([item({ repetitions: 4, layers: ['legs', 'hands', 'breath'] })]);
    const layers = events.filter(({ kind, lengthMs }) => kind === 'setup' && lengthMs === 5000);
    expect(layers.map(({ cue }) => cue)).toEqual([
      'Legs only, hands at rest.',
      'Now the hands with the legs.',
      'Now on the breath.',
    ]);
    const breathed = (repetition: number) =>
      events
        .filter((event) => event.part === 'cycle' && event.repetition === repetition)
        .map(({ breath }) => breath);
    expect(breathed(2)).toEqual(['free', 'free', 'free']);
    expect(breathed(3)).toEqual(['in', 'hold', 'out']);
    expect(events.at(-1)?.breathNumber).toBe(2);
  });

  it('joins neighbours of one section, and begins another where the role changes', () => {
    const { sections } = laid([
      item(),
      item({ id: 'two' }),
      item({ id: 'three', role: 'gather' }),
      item({ id: 'four' }),
    ]);
    expect(sections.map(({ role, itemIndexes }) => [role, itemIndexes])).toEqual([
      ['nourish', [0, 1]],
      ['gather', [2]],
      ['nourish', [3]],
    ]);
    expect(sections.map(({ startMs, lengthMs }) => [startMs, lengthMs])).toEqual([
      [0, 70_400],
      [70_400, 35_200],
      [105_600, 35_200],
    ]);
  });

  it('finds what is under way: from its first moment on, the last one after the end', () => {
    const at = (ms: number) => eventAt(timeline, ms)?.index;
    expect([at(0), at(3999), at(4000), at(6999), at(7000), at(33_200), at(99_999)]).toEqual([
      0, 0, 1, 1, 2, 9, 9,
    ]);
    expect(eventAt(laid([]), 0)).toBeUndefined();
  });
});
