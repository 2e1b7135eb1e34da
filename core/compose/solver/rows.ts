/**
 * The inner loops over rows of numbers. They take tables and numbers and nothing else: given objects too, whose
 * shapes come from many literals, the engine threw its fast code away again and again (measured: ten times as long).
 */

/** `to[toAt + i]` is at least `from[fromAt + i] + gain`, for `count` entries. The rows do not overlap. */
export function raise(
  to: Float64Array,
  toAt: number,
  from: Float64Array,
  fromAt: number,
  count: number,
  gain: number,
): void {
  for (let index = 0; index < count; index += 1) {
    const value = (from[fromAt + index] as number) + gain;
    if (value > (to[toAt + index] as number)) to[toAt + index] = value;
  }
}

/** The greatest of the sums of two rows, entry by entry, over `count` entries; −Infinity over none. */
export function bestSum(
  one: Float64Array,
  oneAt: number,
  other: Float64Array,
  otherAt: number,
  count: number,
): number {
  let best = -Infinity;
  for (let index = 0; index < count; index += 1) {
    const value = (one[oneAt + index] as number) + (other[otherAt + index] as number);
    if (value > best) best = value;
  }
  return best;
}
