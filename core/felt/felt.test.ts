import fc from 'fast-check';
import { seededRandom } from '../random';
import { readHeartBeat, writeHeartBeat } from './heartRate';
import { byPractice, changesOf, FEWEST_PAIRS, pairsOf, type FeltAt } from './pairs';
import { curveAt, simulatedStrap, STRAP_CURVES } from './simulatedStrap';
import { HAND_STRAYS_MS, rateOfCount, rateOfTaps } from './taps';
import type { Felt } from './felt';

/** A number of a normal distribution, by Box and Muller. */
function normal(random: ReturnType<typeof seededRandom>): number {
  return Math.sqrt(-2 * Math.log(1 - random.next())) * Math.cos(2 * Math.PI * random.next());
}

const tapsFrom = (intervals: readonly number[]): readonly number[] =>
  intervals.reduce<number[]>((taps, ms) => [...taps, (taps.at(-1) ?? 0) + ms], [0]);

describe('what is tapped', () => {
  it('has the rate and the error worked by hand', () => {
    // Intervals 800, 810, 790, 800, 820 ms: mean 804, s = √(Σd²/4) = √(520/4) = 11.402; t(4) = 2.776;
    // error of the mean 2.776 · 11.402 / √5 = 14.155 ms; 60000/804 = 74.627; 74.627 · 14.155/804 = 1.314.
    const tapped = rateOfTaps(tapsFrom([800, 810, 790, 800, 820]));
    expect(tapped?.perMin).toBeCloseTo(74.627, 3);
    expect(tapped?.giveOrTake).toBeCloseTo(1.314, 3);
    expect(tapped).toMatchObject({ missed: 0, taps: 6, evenness: undefined });
  });

  it('is right about its own error: the true rate lies within it 19 times of 20', () => {
    const random = seededRandom(11);
    let within = 0;
    const TIMES = 2000;
    for (let time = 0; time < TIMES; time += 1) {
      const taps = Array.from({ length: 25 }, (_, index) => index * 850 + HAND_STRAYS_MS * normal(random));
      const tapped = rateOfTaps(taps);
      if (tapped && Math.abs(tapped.perMin - 60_000 / 850) <= tapped.giveOrTake) within += 1;
    }
    // Straying taps lengthen one interval and shorten the next, so that the mean is better than it is told to be.
    expect(within / TIMES).toBeGreaterThan(0.95);
    let own = 0;
    for (let time = 0; time < TIMES; time += 1) {
      const tapped = rateOfTaps(tapsFrom(Array.from({ length: 25 }, () => 850 + 40 * normal(random))));
      if (tapped && Math.abs(tapped.perMin - 60_000 / 850) <= tapped.giveOrTake) own += 1;
    }
    expect(own / TIMES).toBeGreaterThan(0.93);
    expect(own / TIMES).toBeLessThan(0.97);
  });

  it('tells evenness with an error that holds, and says nothing of what a hand does by itself', () => {
    const random = seededRandom(5);
    let within = 0;
    const TIMES = 1500;
    for (let time = 0; time < TIMES; time += 1) {
      const found = rateOfTaps(tapsFrom(Array.from({ length: 40 }, () => 900 * (1 + 0.12 * normal(random)))));
      const evenness = found?.evenness;
      if (evenness && Math.abs(evenness.percent - 12) <= evenness.giveOrTake) within += 1;
    }
    expect(within / TIMES).toBeGreaterThan(0.88);
    const steady = rateOfTaps(
      Array.from({ length: 30 }, (_, index) => index * 850 + HAND_STRAYS_MS * normal(random)),
    );
    expect(steady?.evenness?.asEvenAsAHand).toBe(true);
    const uneven = rateOfTaps(tapsFrom(Array.from({ length: 40 }, () => 900 * (1 + 0.2 * normal(random)))));
    expect(uneven?.evenness?.asEvenAsAHand).toBe(false);
  });

  it('forgives a tap that was left out, and says so', () => {
    const all = Array.from({ length: 20 }, (_, index) => index * 800);
    const without = all.filter((_, index) => index !== 7);
    expect(rateOfTaps(without)).toMatchObject({ perMin: 75, missed: 1, taps: 19 });
  });

  it('says nothing of too little, or of a clock that runs back', () => {
    expect(rateOfTaps([])).toBeUndefined();
    expect(rateOfTaps([0, 800, 1600])).toBeUndefined();
    expect(rateOfTaps([0, 800, 700, 1600, 2400])).toBeUndefined();
  });

  it('is the same whenever it begins, and twice as fast in half the time', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 400, max: 1200 }), { minLength: 4, maxLength: 60 }),
        fc.integer({ min: 1, max: 1_000_000 }),
        (intervals, later) => {
          const taps = tapsFrom(intervals);
          const found = rateOfTaps(taps);
          const moved = rateOfTaps(taps.map((at) => at + later));
          expect(moved?.perMin).toBeCloseTo(found?.perMin ?? Number.NaN, 6);
          const fast = rateOfTaps(taps.map((at) => at / 2));
          expect(fast?.perMin).toBeCloseTo(2 * (found?.perMin ?? Number.NaN), 6);
        },
      ),
    );
  });

  it('and counted instead, may be one out either way', () => {
    expect(rateOfCount(18, 15)).toEqual({ perMin: 72, giveOrTake: 4 });
    expect(rateOfCount(72, 60)).toEqual({ perMin: 72, giveOrTake: 1 });
  });
});

/** Bytes as the profile writes them, worked by hand from its table of flags (Heart Rate Service 1.0, 3.1; from memory). */
const bytes = (...list: readonly number[]): DataView => new DataView(Uint8Array.from(list).buffer);

describe('a heart-rate strap', () => {
  it.each([
    // One byte of rate; the strap cannot feel skin.
    [bytes(0x00, 0x48), { perMin: 72, onSkin: undefined, energyKj: undefined, intervalsMs: [] }],
    // Two bytes of rate, the low one first: 0x012C.
    [bytes(0x01, 0x2c, 0x01), { perMin: 300, onSkin: undefined, energyKj: undefined, intervalsMs: [] }],
    // Can feel skin and does not; can, and does.
    [bytes(0x04, 0x50), { perMin: 80, onSkin: false, energyKj: undefined, intervalsMs: [] }],
    [bytes(0x06, 0x50), { perMin: 80, onSkin: true, energyKj: undefined, intervalsMs: [] }],
    // Energy 0x0102 = 258 kJ, before the intervals.
    [bytes(0x08, 0x50, 0x02, 0x01), { perMin: 80, onSkin: undefined, energyKj: 258, intervalsMs: [] }],
    // Intervals of 1024 parts (a second) and 512 (half of one).
    [
      bytes(0x16, 0x48, 0x00, 0x04, 0x00, 0x02),
      { perMin: 72, onSkin: true, energyKj: undefined, intervalsMs: [1000, 500] },
    ],
    // All of it: rate 0x0048 in two bytes, 1 kJ, 0x0355 = 853 parts.
    [
      bytes(0x1f, 0x48, 0x00, 0x01, 0x00, 0x55, 0x03),
      { perMin: 72, onSkin: true, energyKj: 1, intervalsMs: [(853 * 1000) / 1024] },
    ],
  ])('is read as the profile has it, %#', (sent, beat) => {
    expect(readHeartBeat(sent)).toEqual(beat);
    const again = writeHeartBeat(beat);
    if (beat.perMin > 255 || sent.getUint8(0) % 2 === 0)
      expect([...new Uint8Array(again.buffer)]).toEqual([...new Uint8Array(sent.buffer)]);
    expect(readHeartBeat(again)).toEqual(beat);
  });

  it('that is cut off says nothing, and never more than it sent', () => {
    for (const cut of [bytes(), bytes(0x00), bytes(0x01, 0x48), bytes(0x08, 0x50, 0x02)])
      expect(readHeartBeat(cut)).toBeUndefined();
    // Half an interval is none.
    expect(readHeartBeat(bytes(0x10, 0x48, 0x00))?.intervalsMs).toEqual([]);
  });
});

describe('the simulated strap', () => {
  const seconds = (curve: (typeof STRAP_CURVES)[number], count: number, seed = 3) => {
    const strap = simulatedStrap(curve, seed);
    return Array.from({ length: count }, () => strap.next().value);
  };

  it('is the same heart for the same seed, and another for another', () => {
    const read = (seed: number) =>
      seconds('resting', 60, seed).map((sent) => sent && readHeartBeat(sent)?.perMin);
    expect(read(4)).toEqual(read(4));
    expect(read(4)).not.toEqual(read(5));
  });

  it.each(STRAP_CURVES)('beats as often as its curve says while it is felt: %s', (curve) => {
    const told = seconds(curve, 240).map((sent) => sent && readHeartBeat(sent));
    const felt = told.flatMap((beat, index) => (beat ? [{ ...beat, sec: index + 1 }] : []));
    const mean = (list: readonly number[]): number => list.reduce((sum, one) => sum + one, 0) / list.length;
    expect(mean(felt.map(({ perMin, sec }) => perMin - curveAt(curve, sec)))).toBeCloseTo(0, 0);
    // Counted beat by beat it is the same rate: a second way to it.
    const beats = felt.reduce((sum, { intervalsMs }) => sum + intervalsMs.length, 0);
    expect((beats * 60) / felt.length).toBeCloseTo(mean(felt.map(({ perMin }) => perMin)), -0.5);
    // Now and then nothing comes.
    expect(told.length - felt.length).toBeGreaterThan(0);
    expect(felt.length).toBeGreaterThan(180);
  });

  it('climbs when it moves and comes down after', () => {
    expect(curveAt('exercise', 0)).toBe(curveAt('resting', 0));
    expect(curveAt('exercise', 300)).toBeGreaterThan(110);
    expect(curveAt('recovery', 0)).toBe(112);
    // After one time constant 63 % of the way down (1 − 1/e).
    expect(curveAt('recovery', 70)).toBeCloseTo(68 + 44 / Math.E, 6);
  });
});

const HOUR = 3_600_000;
const at = (when: Felt['when'], atMs: number, pulse: number): FeltAt => ({
  atMs,
  felt: { when, line: '', pulse: { perMin: pulse, giveOrTake: 2, by: 'counted', overSec: 30 } },
});
const given = (id: string, startedAtMs: number, practiceName = 'Fog') => ({
  id,
  practiceName,
  startedAtMs,
  endedAtMs: startedAtMs + HOUR / 2,
});

describe('before and after', () => {
  it('are of one class: the last before it and the first after it, none from another day', () => {
    const classes = [given('a', 10 * HOUR), given('b', 34 * HOUR)];
    const pairs = pairsOf(
      [
        at('before', 6 * HOUR, 99), // four hours before: no more of it
        at('before', 9 * HOUR, 80),
        at('before', 9.9 * HOUR, 78),
        at('after', 10.6 * HOUR, 70),
        at('after', 11 * HOUR, 66),
        at('apart', 10.7 * HOUR, 60),
        at('before', 33.9 * HOUR, 77), // b has no after
      ],
      classes,
    );
    expect(pairs).toHaveLength(1);
    expect(pairs[0]?.before.felt.pulse?.perMin).toBe(78);
    expect(pairs[0]?.after.felt.pulse?.perMin).toBe(70);
  });

  it('between two classes close together belong each to its own', () => {
    const classes = [given('a', 10 * HOUR), given('b', 11 * HOUR)];
    const pairs = pairsOf(
      [
        at('before', 9.9 * HOUR, 1),
        at('after', 10.55 * HOUR, 2),
        at('before', 10.95 * HOUR, 3),
        at('after', 11.6 * HOUR, 4),
      ],
      classes,
    );
    expect(
      pairs.map((pair) => [pair.given.id, pair.before.felt.pulse?.perMin, pair.after.felt.pulse?.perMin]),
    ).toEqual([
      ['a', 1, 2],
      ['b', 3, 4],
    ]);
  });

  it('say nothing of too few, and then the middle with its range and how often', () => {
    const days = (count: number) =>
      Array.from({ length: count }, (_, day) => given(`${day}`, (24 * day + 10) * HOUR));
    const moments = (count: number) =>
      days(count).flatMap((one, day) => [
        at('before', one.startedAtMs - 60_000, 80),
        at('after', one.endedAtMs + 60_000, 80 - ([2, 9, 4, -1, 6, 3][day % 6] ?? 0)),
      ]);
    const few = changesOf(pairsOf(moments(FEWEST_PAIRS - 1), days(FEWEST_PAIRS - 1)));
    expect(few).toMatchObject([{ id: 'pulse', times: 4, change: undefined }]);
    // Changes −2, −9, −4, +1, −6, −3: the middle of six is (−3 − 4) / 2.
    const six = changesOf(pairsOf(moments(6), days(6)));
    expect(six).toMatchObject([{ id: 'pulse', times: 6, change: { median: -3.5, least: -9, most: 1 } }]);
    expect(byPractice(pairsOf(moments(6), days(6)))).toMatchObject([{ practiceName: 'Fog', times: 6 }]);
  });
});
