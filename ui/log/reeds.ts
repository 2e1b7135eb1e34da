/** One class on the line: where in the year it stands (0–1), how long it was, in which colour it is drawn. */
export interface OnLine {
  readonly id: string;
  readonly at: number;
  readonly minutes: number;
  readonly ink: string;
  /** Its name and day. */
  readonly says: string;
}

/** Classes of one day stand beside each other, but no farther from their day than this, px. */
const BESIDE_PX = 3.4;
const HALF_DAYS = 2 * 366;

/** Where each class of a year stands on a line so wide, px: in its order, never out of its days. */
export function reedsOf(
  classes: readonly OnLine[],
  width: number,
): readonly (OnLine & { readonly x: number })[] {
  const beside = Math.min(BESIDE_PX, width / HALF_DAYS);
  const standing: (OnLine & { readonly x: number })[] = [];
  for (const one of classes) {
    const day = one.at * width;
    const free = (standing.at(-1)?.x ?? -Infinity) + beside;
    standing.push({ ...one, x: Math.min(Math.max(day, free), day + BESIDE_PX, width - 2) });
  }
  return standing;
}

/** What is pressed is at least so wide, and its middle so far from the next one's, px (WCAG 2.2, 2.5.8). */
const TARGET_PX = 24;

/** The row each month's name stands in under a line so wide, px: every other one lower where they would be too close to press. */
export function rowsOfMonths(
  months: readonly { readonly from: number; readonly to: number }[],
  width: number,
): readonly number[] {
  const close = months.some(({ from, to }) => (to - from) * width < TARGET_PX);
  return months.map((_, index) => (close ? index % 2 : 0));
}
