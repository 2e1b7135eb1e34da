/** From so many of the composer's points on, what a form is worth in words; a form seldom brings more than five. */
const WORTH = [
  [3, 'much'],
  [1.5, 'a good deal'],
  [0.5, 'something'],
  [0.05, 'a little'],
] as const;

/** What a form is worth to a practice, in words. */
export const worthText = (points: number): string =>
  WORTH.find(([from]) => points >= from)?.[1] ?? 'it holds a place that must be filled';

/** Against something else: "better by a good deal", "about as good". */
export function worthAgainst(points: number): string {
  const by = WORTH.find(([from]) => Math.abs(points) >= from)?.[1];
  if (by === undefined) return 'about as good';
  return `${points > 0 ? 'better' : 'less fitting'} by ${by}`;
}

/** "+1.2 points", "−0.4 points". */
export const pointsText = (points: number): string =>
  `${points > 0 ? '+' : points < 0 ? '−' : ''}${Math.abs(points).toFixed(1)} points`;
