import fc from 'fast-check';
import highsLoader from 'highs';
import { seededRandom } from '../../random';
import { solve, solved, valueOf, type Before, type Problem } from '.';
import { mostCounts } from './limits';
import { bruteForce, madeUpProblem, SMALL, type Size } from './instances.test.data';
import { mixedInteger } from './mixedInteger.test.data';

const MIDDLING: Size = { sections: 4, candidates: 7, forms: 22, counters: 4, totalUnits: 90 };

describe('the search against a general solver', () => {
  it('finds the value the mixed-integer program of the same model has, on fifty problems (package: highs)', async () => {
    const highs = await highsLoader();
    let equal = 0;
    for (let seed = 1; seed <= 50; seed += 1) {
      const problem = madeUpProblem(seed, MIDDLING);
      const ours = solved(problem);
      const theirs = highs.solve(mixedInteger(problem), { mip_rel_gap: 0, mip_abs_gap: 1e-7 });
      if (theirs.Status === 'Infeasible') {
        expect({ seed, selection: ours.selection }).toEqual({ seed, selection: undefined });
        continue;
      }
      expect({ seed, status: theirs.Status }).toEqual({ seed, status: 'Optimal' });
      expect(valueOf(problem, ours.selection ?? [])).toBeCloseTo(ours.value, 6);
      // Where the search gives up before proof, what it says of the best still holds.
      expect(theirs.ObjectiveValue).toBeLessThanOrEqual(ours.bound + 1e-4);
      expect(theirs.ObjectiveValue).toBeGreaterThanOrEqual(ours.value - 1e-4);
      if (!ours.proved) continue;
      expect(ours.value).toBeCloseTo(theirs.ObjectiveValue, 4);
      equal += 1;
    }
    expect(equal).toBeGreaterThanOrEqual(45);
  }, 120_000);
});

describe('the search', () => {
  it('finds what trying everything finds', () => {
    for (let seed = 100; seed < 160; seed += 1) {
      const problem = madeUpProblem(seed, SMALL);
      const { value, proved } = solved(problem);
      expect({ seed, proved }).toEqual({ seed, proved: true });
      const { value: best } = bruteForce(problem);
      if (best === -Infinity) expect({ seed, value }).toEqual({ seed, value: -Infinity });
      else expect(value).toBeCloseTo(best, 6);
    }
  });

  it('gets better or stays as it is from one answer to the next, and its bound never rises', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 10_000 }), (seed) => {
        let value = -Infinity;
        let bound = Infinity;
        for (const progress of solve(madeUpProblem(seed, MIDDLING))) {
          expect(progress.value).toBeGreaterThanOrEqual(value);
          if (progress.selection) expect(progress.bound).toBeLessThanOrEqual(bound + 1e-6);
          if (progress.selection) expect(progress.bound).toBeGreaterThanOrEqual(progress.value - 1e-6);
          value = progress.value;
          if (progress.selection) bound = progress.bound;
        }
      }),
      { numRuns: 12, seed: 71 },
    );
  });

  it('keeps every hard rule, pins among them, and says the same twice', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 10_000 }), (seed) => {
        const problem = madeUpProblem(seed, MIDDLING);
        const first = solved(problem);
        expect(solved(problem)).toEqual(first);
        if (first.selection) expect(typeof valueOf(problem, first.selection)).toBe('number');
      }),
      { numRuns: 10, seed: 72 },
    );
  });

  it('is never worth less for a looser wish: more time to spare, a form more, a pin less', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 10_000 }), (seed) => {
        const problem = madeUpProblem(seed, MIDDLING);
        const { value } = solved(problem);
        const looser: readonly Problem[] = [
          { ...problem, slackUnits: problem.slackUnits + 3 },
          {
            ...problem,
            sections: problem.sections.map((section) => ({
              ...section,
              leastUnits: Math.max(0, section.leastUnits - 3),
              mostUnits: section.mostUnits + 3,
            })),
          },
          {
            ...problem,
            sections: problem.sections.map((section) => ({
              ...section,
              candidates: section.candidates.map(({ place, ...candidate }) => {
                void place;
                return { ...candidate, pinned: false, needs: 0 };
              }),
            })),
          },
        ];
        for (const one of looser) expect(solved(one).value).toBeGreaterThanOrEqual(value - 1e-6);
      }),
      { numRuns: 10, seed: 73 },
    );
  });

  it('says that nothing fits where nothing does', () => {
    const problem = madeUpProblem(3, SMALL);
    const none = {
      ...problem,
      sections: problem.sections.map((section) => ({ ...section, candidates: [] })),
    };
    expect(solved(none)).toMatchObject({
      selection: undefined,
      value: -Infinity,
      bound: -Infinity,
      proved: true,
    });
  });

  it('looks, where something is known, only for what is better, and finds that or says there is none', () => {
    const ended = (problem: Problem, before?: Before) => {
      const search = solve(problem, 0, before);
      for (;;) {
        const next = search.next();
        if (next.done) return next.value;
      }
    };
    let better = 0;
    for (let seed = 200; seed < 240; seed += 1) {
      const problem = madeUpProblem(seed, SMALL);
      const first = ended(problem);
      if (!first.selection) continue;
      const random = seededRandom(seed);
      // Another problem of the kind: the same forms and counters, other worths.
      const like: Problem = {
        ...problem,
        sections: problem.sections.map((section) => ({
          ...section,
          candidates: section.candidates.map((candidate) => ({
            ...candidate,
            options: candidate.options.map((option) => ({
              ...option,
              value: option.value + random.next() - 0.55,
            })),
          })),
        })),
      };
      const { value: best } = bruteForce(like);
      const found = ended(like, { above: first.value, prices: first.prices });
      if (best > first.value + 1e-6) {
        expect(found.value).toBeCloseTo(best, 6);
        expect(valueOf(like, found.selection ?? [])).toBeCloseTo(best, 6);
        better += 1;
      } else expect(found).toMatchObject({ selection: undefined, bound: -Infinity, proved: true });
    }
    expect(better).toBeGreaterThan(5);
  });
});

describe('the limits of the search', () => {
  /** So many forms of one unit each, all adding to one counter that gives a point for every one. */
  const many = (forms: number, totalUnits: number, gains: readonly number[] = [1]): Problem => ({
    totalUnits,
    slackUnits: 0,
    offCost: 0,
    stances: 1,
    stanceCost: 0,
    armsCost: 0,
    lowCost: 0,
    counters: [{ gains }],
    sections: [
      {
        extraUnits: 0,
        heldValue: 0,
        easyFromUnits: totalUnits,
        easyToUnits: totalUnits,
        leastUnits: 0,
        mostUnits: totalUnits,
        awayCost: 0,
        candidates: Array.from({ length: forms }, (_, once) => ({
          once,
          options: [{ units: 1, value: 0 }],
          startStance: 0,
          endStance: 0,
          armsUp: false,
          low: false,
          counts: [0],
          needs: 0,
          loosens: 0,
          pinned: false,
        })),
      },
    ],
  });

  it('counts past forty: fifty forms in fifty units are worth fifty points, and that is proved', () => {
    const { value, proved, selection } = solved(many(60, 50));
    expect({ value, proved, chosen: selection?.[0]?.length }).toEqual({
      value: 50,
      proved: true,
      chosen: 50,
    });
  });

  it('proves what only the fiftieth gives', () => {
    // Nothing for the first 44, and still nothing lost: all fifty are taken for the last six.
    const gains = [...Array.from({ length: 50 }, () => 0.1), -5];
    expect(solved(many(60, 50, gains)).value).toBeCloseTo(5, 9);
  });

  it('are told before anything is proved beyond them', () => {
    expect(() => solved(many(300, 300))).toThrow('expected at most 255 chosen in one counter, got up to 300');
    expect(() => solved(many(2, 5000))).toThrow('expected at most 4095 units of time, got 5000');
    const [section] = many(2, 9).sections;
    const [candidate] = section?.candidates ?? [];
    if (!section || !candidate) throw new Error('expected a candidate');
    const odd = (change: object): Problem => ({
      ...many(2, 9),
      sections: [{ ...section, candidates: [{ ...candidate, ...change }] }],
    });
    expect(() => solved(odd({ needs: 1 << 31 }))).toThrow('expected joints as at most 31 bits');
    expect(() => solved(odd({ options: [{ units: 0.5, value: 1 }] }))).toThrow('expected whole units');
  });

  it('count no more of a form than it can stand: once, and only while there is time', () => {
    expect(mostCounts(many(60, 50))).toEqual([50]);
    expect(mostCounts(many(7, 50))).toEqual([7]);
    const twice = many(3, 50);
    expect(mostCounts({ ...twice, sections: [...twice.sections, ...twice.sections] })).toEqual([3]);
  });
});
