/** A compiled practice may miss the minutes by 1 %, or by 10 s where that is more. */
export const toleranceMs = (minutes: number): number => Math.max(10_000, minutes * 600);

/**
 * What the gap to the best draft is measured against, points: the draft’s own value, or a point a minute where
 * that is more. Values lie near nothing when gains and costs are even, and a share of nothing says nothing.
 */
export const gapScale = (minutes: number, value: number): number => Math.max(minutes, Math.abs(value));

/** What the search says of a draft: its value, and what no other draft of the brief can exceed. */
export interface Proof {
  readonly value: number;
  readonly bound: number;
  readonly proved: boolean;
  /** What a gap is a share of, points: see `gapScale`. */
  readonly scale: number;
}

/** How far the gap to the best possible is, as a share of the scale; 0 when proved. */
export const gapOf = ({ value, bound, proved, scale }: Proof): number =>
  proved ? 0 : bound === Infinity ? Infinity : (bound - value) / scale;
