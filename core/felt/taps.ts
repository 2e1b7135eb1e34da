import { median } from '../log/median';

/** For so long pulse or breath is counted, seconds (common practice). */
export const COUNT_SPANS_SEC = [15, 30, 60] as const;
export type CountSpanSec = (typeof COUNT_SPANS_SEC)[number];

/** A rate as it was counted: so many a minute, give or take. */
export interface Rate {
  readonly perMin: number;
  /** Half the width within which the true rate lies 19 times of 20, a minute. */
  readonly giveOrTake: number;
}

/** How regular what was tapped is: the spread of the intervals as a share of their mean, percent. */
export interface Evenness {
  readonly percent: number;
  /** Half the width within which the true spread lies 19 times of 20, percent. */
  readonly giveOrTake: number;
  /** No more uneven than a hand taps by itself: nothing is said of the pulse then. */
  readonly asEvenAsAHand: boolean;
}

export interface Tapped extends Rate {
  readonly evenness: Evenness | undefined;
  /** Intervals that were twice as long as the others: most likely one was not tapped. They are left out. */
  readonly missed: number;
  readonly taps: number;
}

/** How far a hand's tap strays from what it follows, ms, standard deviation (laboratory tapping, from memory). */
export const HAND_STRAYS_MS = 30;
/** With fewer intervals than this nothing is said of the rate, and of evenness with fewer than that. */
const LEAST_INTERVALS = 3;
const LEAST_FOR_EVENNESS = 10;
/** An interval so many times the middle one has a tap missing in it. */
const MISSED_FACTOR = 1.6;

/**
 * Student's t for 95 %, two-sided, by degrees of freedom (any table of it); the normal's 1.96 from a hundred on. What
 * lies between two rows takes the wider.
 */
// prettier-ignore
const T_95: readonly (readonly [number, number])[] = [
  [1, 12.706], [2, 4.303], [3, 3.182], [4, 2.776], [5, 2.571], [6, 2.447], [7, 2.365], [8, 2.306], [9, 2.262],
  [10, 2.228], [12, 2.179], [15, 2.131], [20, 2.086], [30, 2.042], [60, 2.0], [100, 1.984],
];
const studentT = (freedom: number): number =>
  freedom > 100 ? 1.96 : (T_95.findLast(([of]) => of <= freedom)?.[1] ?? Number.POSITIVE_INFINITY);

const mean = (list: readonly number[]): number => list.reduce((sum, value) => sum + value, 0) / list.length;

/** The sample's standard deviation. */
function spread(list: readonly number[]): number {
  const middle = mean(list);
  return Math.sqrt(list.reduce((sum, value) => sum + (value - middle) ** 2, 0) / (list.length - 1));
}

function evennessOf(kept: readonly number[]): Evenness | undefined {
  if (kept.length < LEAST_FOR_EVENNESS) return undefined;
  const [sd, middle] = [spread(kept), mean(kept)];
  const share = sd / middle;
  // The error of a coefficient of variation of a normal sample: share × √((½ + share²) / n).
  const giveOrTake = 1.96 * share * Math.sqrt((0.5 + share ** 2) / kept.length);
  // An interval lies between two taps, each of which strays.
  const ofHand = (HAND_STRAYS_MS * Math.SQRT2) / middle;
  return {
    percent: share * 100,
    giveOrTake: giveOrTake * 100,
    asEvenAsAHand: share - giveOrTake <= ofHand,
  };
}

/**
 * The rate and the evenness of what was tapped along, from the instants of the taps, ms; nothing where there are too
 * few. The error is that of a mean of intervals (Student's t), the hand's own straying in it.
 */
export function rateOfTaps(tapsMs: readonly number[]): Tapped | undefined {
  const intervals = tapsMs.slice(1).map((at, index) => at - (tapsMs[index] ?? at));
  if (intervals.length < LEAST_INTERVALS || intervals.some((ms) => ms <= 0)) return undefined;
  const usual = median(intervals);
  const kept = intervals.filter((ms) => ms < MISSED_FACTOR * usual);
  if (kept.length < LEAST_INTERVALS) return undefined;
  const middle = mean(kept);
  const error = (studentT(kept.length - 1) * spread(kept)) / Math.sqrt(kept.length);
  const perMin = 60_000 / middle;
  return {
    perMin,
    giveOrTake: (perMin * error) / middle,
    evenness: evennessOf(kept),
    missed: intervals.length - kept.length,
    taps: tapsMs.length,
  };
}

/** The rate of what was counted in a span: the count may be one out either way, whatever is counted. */
export const rateOfCount = (count: number, spanSec: number): Rate => ({
  perMin: (count * 60) / spanSec,
  giveOrTake: 60 / spanSec,
});
