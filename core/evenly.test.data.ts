import fc from 'fast-check';

const STEPS = 1_000_000;

/**
 * Numbers evenly from `min` to `max`, both ends among them. (Doubles as such are drawn over all their powers of
 * two: of those between −1 and 1 nearly all would be next to nothing, and a law would hardly be tried.)
 */
export const evenly = (min: number, max: number): fc.Arbitrary<number> =>
  fc.integer({ min: 0, max: STEPS }).map((step) => min + ((max - min) * step) / STEPS);
