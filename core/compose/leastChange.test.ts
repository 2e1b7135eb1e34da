import fc from 'fast-check';
import { leastChange, type ChangeChoice } from './leastChange';

const choice = fc.record({
  ms: fc.integer({ min: 0, max: 40 }).map((sec) => sec * 1000),
  cost: fc.integer({ min: 0, max: 30 }),
});
const rows = fc.array(fc.array(choice, { minLength: 1, maxLength: 4 }), { maxLength: 5 });

/** Every way to take one of each row. */
const allOf = (given: readonly (readonly ChangeChoice[])[]): readonly (readonly ChangeChoice[])[] =>
  given.reduce<readonly (readonly ChangeChoice[])[]>(
    (before, choices) => before.flatMap((taken) => choices.map((one) => [...taken, one])),
    [[]],
  );

describe('the least change', () => {
  it('costs what the best of all ways costs, tried one by one', () => {
    fc.assert(
      fc.property(
        rows,
        fc.integer({ min: 0, max: 20 }),
        fc.integer({ min: 0, max: 120 }),
        (given, from, target) => {
          const endCost = (ms: number): number => Math.abs(ms / 1000 - target) * 0.7;
          const asked = { fromMs: from * 1000, mostMs: 400_000, endCost };
          const costOf = (taken: readonly ChangeChoice[]): number =>
            taken.reduce((sum, { cost }) => sum + cost, 0) +
            endCost(from * 1000 + taken.reduce((sum, { ms }) => sum + ms, 0));
          const chosen = leastChange(given, asked);
          const best = Math.min(...allOf(given).map(costOf));
          expect(chosen).toBeDefined();
          expect(costOf(chosen ?? [])).toBeCloseTo(best, 9);
        },
      ),
      { seed: 4, numRuns: 300 },
    );
  });

  it('is none where nothing lies within reach, or the end may not be there', () => {
    const one = [[{ ms: 50_000, cost: 0 }]];
    expect(leastChange(one, { fromMs: 0, mostMs: 40_000, endCost: () => 0 })).toBeUndefined();
    expect(leastChange([], { fromMs: 90_000, mostMs: 40_000, endCost: () => 0 })).toBeUndefined();
    expect(leastChange(one, { fromMs: 0, mostMs: 90_000, endCost: () => Infinity })).toBeUndefined();
  });
});
