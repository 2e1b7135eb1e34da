import fc from 'fast-check';
import { growthOf, stepIn, weekAt, weeksDone } from './grow';

describe('homework', () => {
  it('grows as worked by hand: nine minutes over six weeks are 5, 7 and 9', () => {
    // Half of 9 is 4.5, said as 5; the middle step lies half-way to 9.
    expect(growthOf(9, 6)).toEqual([
      { fromWeek: 0, minutes: 5 },
      { fromWeek: 2, minutes: 7 },
      { fromWeek: 4, minutes: 9 },
    ]);
    expect(growthOf(12, 3)).toEqual([{ fromWeek: 0, minutes: 12 }]);
    expect(growthOf(2, 12)).toEqual([{ fromWeek: 0, minutes: 2 }]);
  });

  it('always ends at what was asked for, and no step is shorter than the one before', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 40 }), fc.integer({ min: 1, max: 26 }), (minutes, weeks) => {
        const steps = growthOf(minutes, weeks);
        expect(steps[0]?.fromWeek).toBe(0);
        expect(steps.at(-1)?.minutes).toBe(minutes);
        for (const { minutes: long } of steps) expect(long).toBeGreaterThanOrEqual(2);
        steps.slice(1).forEach((step, index) => {
          expect(step.minutes).toBeGreaterThan(steps[index]?.minutes ?? 0);
          expect(step.fromWeek - (steps[index]?.fromWeek ?? 0)).toBeGreaterThanOrEqual(2);
        });
        for (let week = 0; week < weeks; week += 1) expect(stepIn(steps, week)).toBeDefined();
      }),
    );
  });

  it('counts days by their weeks, each once, and none outside', () => {
    // The second week of homework from Thursday 3 December is the 10th to the 16th.
    const asked = {
      first: '2026-12-03',
      weeks: 3,
      done: ['2026-12-02', '2026-12-03', '2026-12-09', '2026-12-10', '2026-12-10', '2026-12-24'],
    };
    expect(weeksDone(asked)).toEqual([2, 1, 0]);
    expect(weekAt(asked, '2026-12-16')).toBe(1);
    expect(weekAt(asked, '2026-12-24')).toBeUndefined();
    expect(weekAt(asked, '2026-12-02')).toBeUndefined();
  });
});
