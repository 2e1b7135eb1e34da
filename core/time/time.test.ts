import fc from 'fast-check';
import { PLAIN_BRIEF } from '../brief';
import { hasVariant, REPERTOIRE, VARIANTS, type Form, type VariantId } from '../forms';
import { blankForm } from '../forms/own/drafting';
import { DEFAULT_CUSTOMS } from '../customs';
import { compile, type Item, type Practice } from '../practice';
import { rowOf } from '../seek';
import {
  STANCE_CHANGE_SEC,
  cueFit,
  formSec,
  goesFree,
  layOut,
  repetitionSec,
  repetitionsOf,
  saidSec,
  secondsOf,
  spokenSec,
  syllables,
} from '.';

const PACE = { breathsPerMin: 6, outToIn: 1 };

/** A form of one breath (5 s in, 5 s out at this pace), 6 s of talk, 3 s of settling, 4 s to come to it. */
const plain: Form = {
  ...blankForm('own-plain', 'Plain'),
  setupSec: { known: 6, taught: 20 },
  settleSec: 3,
  entry: [{ breath: 'free', cue: 'Come.', seconds: 4, postures: [{}] }],
};
const sided = (sides: Form['sides'], ways?: Form['ways']): Form => ({
  ...plain,
  sides,
  ...(ways ? { ways } : {}),
});
const doing = { pace: PACE, stretch: 1, firstSide: 'left', firstFactor: 1.1, omitHolds: false } as const;

/** A practice of one form, known, the left side first: what it takes in a class. */
function practiceOf(form: Form, variant: VariantId, repetitions: number): Practice {
  const item: Item = {
    id: 'one',
    formId: form.id,
    variant,
    role: 'nourish',
    repetitions,
    stretch: 1,
    firstSide: 'left',
    familiarity: 'known',
    omitHolds: false,
    exhaleByMouth: false,
    hinge: false,
    reasons: [],
  };
  const { animalSchool, virtueSchool, soundSchool } = DEFAULT_CUSTOMS;
  return {
    name: 'One form',
    brief: { ...PLAIN_BRIEF, breathsPerMin: PACE.breathsPerMin },
    customs: { outToIn: PACE.outToIn, animalSchool, virtueSchool, soundSchool },
    seed: 1,
    items: [item],
    forms: { [form.id]: form },
  };
}

describe('a form laid out, by hand', () => {
  // 6 breaths a minute are 10 s each; the first repetition takes a tenth longer.
  it.each<[string, Form, number, number]>([
    // 6 talk + 4 entry + 11 + 10 + 10 + 3 settling.
    ['one side', sided('symmetric'), 3, 44],
    // Each repetition goes left and right: 22, then 20, then 20; the first is slower on both sides.
    ['in turn', sided('alternating'), 3, 75],
    // Left 11 + 10 + 10, right 30.
    ['one side, then the other', sided('one-then-other'), 3, 74],
    ['both ways', sided('both-ways', ['inward', 'outward']), 3, 74],
    ['both ways, left and right', sided('both-ways'), 2, 54],
  ])('%s', (_, form, repetitions, sec) => {
    expect(formSec(form, 'full', repetitions, PACE)).toBeCloseTo(sec, 9);
    expect(compile(practiceOf(form, 'full', repetitions)).totalMs).toBe(sec * 1000);
  });

  it('says of every stroke which it is, in which pass and repetition', () => {
    const laid = layOut(sided('one-then-other'), 'full', 2, { ...doing, firstSide: 'right' });
    expect(
      laid.map(({ part, index, side, pass, repetition, isSecond, sec }) => [
        part,
        index,
        side,
        pass,
        repetition,
        isSecond,
        sec,
      ]),
    ).toEqual([
      ['entry', 0, undefined, 0, 0, false, 4],
      ['cycle', 0, 'right', 0, 1, true, 5.5],
      ['cycle', 1, 'right', 0, 1, true, 5.5],
      ['cycle', 0, 'right', 0, 2, true, 5],
      ['cycle', 1, 'right', 0, 2, true, 5],
      ['cycle', 0, 'left', 1, 1, false, 5],
      ['cycle', 1, 'left', 1, 1, false, 5],
      ['cycle', 0, 'left', 1, 2, false, 5],
      ['cycle', 1, 'left', 1, 2, false, 5],
    ]);
  });

  it('turns round the second way of a circle, and the right where ways are sides', () => {
    const turned = (form: Form, firstSide: 'left' | 'right') =>
      repetitionsOf(form, 'full', 1, { ...doing, firstSide }).map(({ way, isSecond }) => [way, isSecond]);
    const named = sided('both-ways', ['inward', 'outward']);
    for (const firstSide of ['left', 'right'] as const)
      expect(turned(named, firstSide)).toEqual([
        ['inward', false],
        ['inward', false],
        ['outward', true],
        ['outward', true],
      ]);
    expect(turned(sided('both-ways'), 'right')).toEqual([
      ['right', true],
      ['right', true],
      ['left', false],
      ['left', false],
    ]);
  });

  it('takes from three to six seconds for a change of stance, longer where it is taught (common practice)', () => {
    expect(STANCE_CHANGE_SEC.known).toBeGreaterThanOrEqual(3);
    expect(STANCE_CHANGE_SEC.taught).toBeGreaterThan(STANCE_CHANGE_SEC.known);
    expect(STANCE_CHANGE_SEC.taught).toBeLessThanOrEqual(6);
  });

  it('keeps the number of a stroke where stays before it are left out', () => {
    const held: Form = {
      ...plain,
      cycle: [
        { breath: 'in', cue: 'In.', postures: [{}] },
        { breath: 'hold', cue: 'Stay.', seconds: 2, postures: [{}] },
        { breath: 'out', cue: 'Out.', postures: [{}] },
      ],
    };
    const numbers = (omitHolds: boolean) =>
      repetitionsOf(held, 'full', 1, { ...doing, omitHolds }).map(({ index }) => index);
    expect(numbers(false)).toEqual([0, 1, 2]);
    expect(numbers(true)).toEqual([0, 2]);
  });
});

describe('the one clock', () => {
  it('gives every form of the repertoire, in every way, the time it takes in a practice', () => {
    for (const form of REPERTOIRE)
      for (const variant of VARIANTS) {
        if (!hasVariant(form, variant)) continue;
        for (const repetitions of [form.repetitions.least, form.repetitions.usual]) {
          const led = compile(practiceOf(form, variant, repetitions)).totalMs / 1000;
          // Each stroke is rounded to whole ms.
          expect(Math.abs(formSec(form, variant, repetitions, PACE) - led)).toBeLessThan(0.1);
        }
      }
  });

  it('is what the Forms room shows and seeks by', () => {
    for (const form of REPERTOIRE)
      for (const way of rowOf(form, DEFAULT_CUSTOMS, PACE).variants) {
        const led = (repetitions: number): number =>
          compile(practiceOf(form, way.variant, repetitions)).totalMs / 1000;
        expect(Math.abs(way.leastSec - led(form.repetitions.least))).toBeLessThan(0.1);
        expect(Math.abs(way.usualSec - led(form.repetitions.usual))).toBeLessThan(0.1);
      }
  });

  it('counts both sides and both ways in a repetition', () => {
    expect(repetitionSec(sided('symmetric'), 'full', PACE)).toBe(10);
    for (const sides of ['alternating', 'one-then-other', 'both-ways'] as const)
      expect(repetitionSec(sided(sides), 'full', PACE)).toBe(20);
  });

  it('law: a longer stretch, a slower first time and one repetition more are longer by just that', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...REPERTOIRE),
        fc.integer({ min: 1, max: 9 }),
        fc.double({ min: 0.5, max: 2, noNaN: true }),
        (form, repetitions, stretch) => {
          const of = (count: number, by: number) =>
            secondsOf(repetitionsOf(form, 'full', count, { ...doing, firstFactor: 1, stretch: by }));
          expect(of(repetitions, stretch)).toBeCloseTo(repetitions * of(1, stretch), 6);
          expect(of(1, stretch * 1.1)).toBeGreaterThanOrEqual(of(1, stretch));
          if (goesFree(form, 'full')) expect(of(1, stretch)).toBeCloseTo(stretch * of(1, 1), 6);
        },
      ),
      { seed: 8, numRuns: 100 },
    );
  });
});

describe('speech', () => {
  it('counts syllables roughly as they are spoken', () => {
    expect(
      ['Breathe in.', 'Wrists float up to the shoulders.', 'Let the knees be soft.'].map(syllables),
    ).toEqual([2, 7, 5]);
  });

  it('is as quick as the custom says', () => {
    // Seven syllables are five words of 1.4; at 150 words a minute they take two seconds.
    const cue = 'Wrists float up to the shoulders.';
    expect(spokenSec(cue)).toBeCloseTo(2, 9);
    expect(spokenSec(cue, 75)).toBeCloseTo(4, 9);
    expect(saidSec(cue, 75)).toBeCloseTo(6, 9);
  });

  it('fits a breath with hardly any over, and runs on from swing to swing', () => {
    const cue = 'Wrists float up to the shoulders.';
    expect(cueFit(cue, { breath: 'in', sec: 2 / 1.05 }).fits).toBe(true);
    expect(cueFit(cue, { breath: 'in', sec: 1.9 }).fits).toBe(false);
    for (const breath of ['out', 'hold'] as const) {
      expect(cueFit(cue, { breath, sec: 2 / 1.05 }).fits).toBe(true);
      expect(cueFit(cue, { breath, sec: 1.9 }).fits).toBe(false);
    }
    expect(cueFit(cue, { breath: 'free', sec: 2 / 1.5 }).fits).toBe(true);
    expect(cueFit(cue, { breath: 'free', sec: 1.33 }).fits).toBe(false);
    expect(cueFit(cue, { breath: 'in', sec: 3 }, 75).fits).toBe(false);
    expect(cueFit('', { breath: 'in', sec: 0 })).toMatchObject({ fill: 0, fits: true });
    expect(cueFit(cue, { breath: 'in', sec: 0 }).fits).toBe(false);
  });
});
