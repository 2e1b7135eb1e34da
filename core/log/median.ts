/** The middle one of a list that is not empty: a single one that is quite otherwise teaches nothing. */
export function median(list: readonly number[]): number {
  if (list.length === 0) throw new RangeError('a middle needs at least one number, got none');
  const sorted = list.toSorted((a, b) => a - b);
  const middle = sorted.length / 2;
  const at = (index: number): number => sorted[index] ?? Number.NaN;
  return Number.isInteger(middle) ? (at(middle - 1) + at(middle)) / 2 : at(Math.floor(middle));
}
