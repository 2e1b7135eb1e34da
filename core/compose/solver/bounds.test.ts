import fc from 'fast-check';
import { seededRandom } from '../../random';
import { counterSlack, prepare, type Prices } from './bound';
import { fix } from './fix';
import { withPins } from './ground';
import { bruteForce, madeUpProblem, SMALL } from './instances.test.data';
import { contested, only, parted } from './parts';
import { findPrices, noPrices, pricedAt, relaxedPath, clampPrice, type Priced } from './prices';
import {
  gainOf,
  solved,
  valueOf,
  worthOf,
  type Breach,
  type Candidate,
  type Counter,
  type Problem,
  type Section,
  type Selection,
} from '.';

/** What a proof rests on: that no bound lies below what can be had, and that nothing of the best is left out. */

const TINY = 1e-6;
const seeds = fc.integer({ min: 1, max: 100_000 });

/** Prices of no merit, within what prices may be. */
function anyPrices(problem: Problem, seed: number): Prices {
  const random = seededRandom(seed);
  const { counters, forms } = noPrices(problem);
  return {
    counters: counters.map((_, counter) => clampPrice(problem, counter, random.next() * 4 - 2)),
    forms: forms.map(() => (random.next() < 0.3 ? random.next() * 2 : 0)),
  };
}

function found(problem: Problem, from: Prices): Priced {
  const search = findPrices(problem, prepare(problem), from, 20, 0.4);
  for (;;) {
    const step = search.next();
    if (step.done) return step.value;
  }
}

/** A made-up problem in which nothing is relaxed: no counters, no joints, no form in two sections, no pins. */
function plain(seed: number): Problem {
  const problem = madeUpProblem(seed, SMALL);
  let once = -1;
  return {
    ...problem,
    counters: [],
    sections: problem.sections.map((section) => ({
      ...section,
      candidates: section.candidates.map(({ place, ...candidate }) => {
        void place;
        once += 1;
        return { ...candidate, once, counts: [], needs: 0, pinned: false };
      }),
    })),
  };
}

describe('the bound', () => {
  it('is never below the best there is, at whatever prices, pins or none', () => {
    fc.assert(
      fc.property(seeds, seeds, (seed, at) => {
        const given = madeUpProblem(seed, SMALL);
        const { value } = bruteForce(given);
        const { problem, points } = withPins(given);
        for (const freeEntry of [false, true]) {
          const { root } = pricedAt(problem, prepare(problem, freeEntry), anyPrices(problem, at));
          expect(root - points).toBeGreaterThanOrEqual(value - TINY);
        }
      }),
      { numRuns: 60, seed: 81 },
    );
  });

  it('is no tighter where coming into a section costs nothing', () => {
    fc.assert(
      fc.property(seeds, seeds, (seed, at) => {
        const problem = madeUpProblem(seed, SMALL);
        const prices = anyPrices(problem, at);
        const { root } = pricedAt(problem, prepare(problem), prices);
        expect(pricedAt(problem, prepare(problem, true), prices).root).toBeGreaterThanOrEqual(root - TINY);
      }),
      { numRuns: 40, seed: 82 },
    );
  });

  it('is the best itself where nothing is relaxed, and its path is the best selection', () => {
    let fitting = 0;
    for (let seed = 1; seed <= 40; seed += 1) {
      const problem = plain(seed);
      const { value } = bruteForce(problem);
      const priced = pricedAt(problem, prepare(problem), noPrices(problem));
      if (value === -Infinity) {
        expect({ seed, root: priced.root }).toEqual({ seed, root: -Infinity });
        continue;
      }
      fitting += 1;
      expect(priced.root).toBeCloseTo(value, 9);
      const path = relaxedPath(priced);
      // The path tells the candidates; the ways that go with them are tried.
      const few = only(problem, (at, candidate) => path?.picks[at]?.includes(candidate) === true);
      expect(bruteForce(few.problem).value).toBeCloseTo(value, 9);
    }
    expect(fitting).toBeGreaterThan(20);
  });

  it('gets no wider by looking for prices', () => {
    fc.assert(
      fc.property(seeds, seeds, (seed, at) => {
        const { problem } = withPins(madeUpProblem(seed, SMALL));
        const from = anyPrices(problem, at);
        const before = pricedAt(problem, prepare(problem), from).root;
        const { root, met } = found(problem, from);
        expect(root).toBeLessThanOrEqual(before + TINY);
        met.forEach((places, section) =>
          places.forEach((place) => expect(problem.sections[section]?.candidates[place]).toBeDefined()),
        );
      }),
      { numRuns: 40, seed: 83 },
    );
  });
});

describe('leaving out what cannot be better', () => {
  it('leaves the best selection in, its ways and the times of its sections, at whatever prices', () => {
    let left = 0;
    fc.assert(
      fc.property(seeds, seeds, (seed, at) => {
        const problem = madeUpProblem(seed, SMALL);
        const { value, selection } = bruteForce(problem);
        if (value === -Infinity) return;
        // Every other time at good prices, at which much can go.
        const prices = anyPrices(problem, at);
        const ground = at % 2 === 0 ? found(problem, prices) : pricedAt(problem, prepare(problem), prices);
        const { problem: smaller, candidates, options } = fix(ground, value - 1e-4);
        selection.forEach((picks, section) => {
          for (const { candidate, option } of picks) {
            const place = candidates[section]?.indexOf(candidate) ?? -1;
            expect({ seed, at, section, candidate, kept: place >= 0 }).toMatchObject({ kept: true });
            expect(options[section]?.[place]).toContain(option);
          }
          const { candidates: list, extraUnits } = problem.sections[section] as Problem['sections'][number];
          const units = picks.reduce(
            (sum, { candidate, option }) => sum + (list[candidate]?.options[option]?.units ?? NaN),
            extraUnits,
          );
          expect(units).toBeGreaterThanOrEqual(smaller.sections[section]?.leastUnits ?? NaN);
          expect(units).toBeLessThanOrEqual(smaller.sections[section]?.mostUnits ?? NaN);
        });
        expect(bruteForce(smaller).value).toBeCloseTo(value, 9);
        left += count(problem) - count(smaller);
      }),
      { numRuns: 60, seed: 84 },
    );
    // It does leave something out: a fix that kept everything would pass all that is above.
    expect(left).toBeGreaterThan(60);
  });

  it('leaves nothing better where the best is what must be beaten', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const problem = madeUpProblem(seed, SMALL);
        const { value } = bruteForce(problem);
        if (value === -Infinity) return;
        const { problem: smaller } = fix(found(problem, noPrices(problem)), value + TINY);
        expect(solved(smaller).value).toBeLessThanOrEqual(value + TINY);
      }),
      { numRuns: 40, seed: 85 },
    );
  });

  it('parts the problem by a form so that no selection is lost, and it stands in one section of each part', () => {
    let split = 0;
    for (let seed = 1; seed <= 60; seed += 1) {
      const problem = madeUpProblem(seed, SMALL);
      const ground = found(problem, noPrices(problem));
      const form = contested(ground, relaxedPath(ground)?.uses ?? new Float64Array(0));
      if (form === undefined) continue;
      split += 1;
      const parts = parted(problem, form);
      expect(parts.length).toBeGreaterThan(1);
      for (const part of parts)
        expect(
          part.problem.sections.filter(({ candidates }) => candidates.some(({ once }) => once === form)),
        ).toHaveLength(1);
      const best = Math.max(...parts.map((part) => bruteForce(part.problem).value));
      expect({ seed, best }).toEqual({ seed, best: bruteForce(problem).value });
    }
    expect(split).toBeGreaterThan(10);
  });

  it('counts its parts in the numbers of the whole', () => {
    const problem = madeUpProblem(7, SMALL);
    const part = only(problem, (section, candidate, way) => (section + candidate + way) % 2 === 0);
    part.problem.sections.forEach((section, at) =>
      section.candidates.forEach((candidate, place) => {
        const whole = problem.sections[at]?.candidates[part.candidates[at]?.[place] ?? -1];
        expect(candidate.once).toBe(whole?.once);
        expect(candidate.options).toEqual(part.options[at]?.[place]?.map((way) => whole?.options[way]));
      }),
    );
    expect(count(part.problem)).toBeLessThan(count(problem));
    expect(only(problem, () => true).problem).toEqual(problem);
  });
});

const count = (problem: Problem): number =>
  problem.sections.reduce(
    (sum, section) => sum + section.candidates.reduce((ways, { options }) => ways + options.length, 0),
    0,
  );

describe('what a counter can still add', () => {
  // Tenths of a point: doubles drawn over all their powers of two would nearly all be next to nothing.
  const tenths = (min: number, max: number) => fc.integer({ min, max }).map((count) => count / 10);
  const falling = fc
    .array(tenths(-30, 30), { minLength: 1, maxLength: 6 })
    .map((gains): Counter => ({ gains: gains.toSorted((a, b) => b - a) }));
  const capped = falling.map(({ gains }): Counter => ({ gains: [...gains, -Infinity] }));

  it('is the most over all counts still to come, net of their price', () => {
    fc.assert(
      fc.property(fc.oneof(falling, capped), tenths(1, 30), fc.nat(8), (counter, price, now) => {
        const problem: Problem = { ...madeUpProblem(1, SMALL), counters: [counter] };
        // The last gain goes on for ever: a price below it would never have enough.
        const last = counter.gains.at(-1) ?? 0;
        if (last > price) return;
        const counts = Array.from({ length: 20 }, (_, more) => now + more);
        const most = Math.max(...counts.map((all) => worthOf(counter, all) - price * (all - now)));
        const slack = counterSlack(problem, 0, price, 40)[now] as number;
        if (most === -Infinity) expect(slack).toBe(-Infinity);
        else expect(slack).toBeCloseTo(most, 9);
      }),
      { numRuns: 200, seed: 86 },
    );
  });

  it('tells gains past the last row as the last row, and refuses a counter there is not', () => {
    const counter: Counter = { gains: [2, 1, 0.5] };
    expect([1, 2, 3, 4, 9].map((nth) => gainOf(counter, nth))).toEqual([2, 1, 0.5, 0.5, 0.5]);
    expect(worthOf(counter, 4)).toBe(4);
    expect(() => counterSlack({ ...madeUpProblem(1, SMALL), counters: [] }, 0, 1, 9)).toThrow('no counter 0');
  });
});

describe('the value of a selection', () => {
  const form = (once: number, over: Partial<Candidate> = {}): Candidate => ({
    once,
    options: [
      { units: 4, value: 1 },
      { units: 9, value: 2 },
    ],
    startStance: 0,
    endStance: 0,
    armsUp: false,
    low: false,
    counts: [],
    needs: 0,
    loosens: 0,
    pinned: false,
    ...over,
  });
  const section = (...candidates: Candidate[]): Section => ({
    candidates,
    extraUnits: 0,
    heldValue: 0.3,
    easyFromUnits: 7,
    easyToUnits: 8,
    leastUnits: 4,
    mostUnits: 13,
    awayCost: 0.1,
  });
  const problem: Problem = {
    totalUnits: 16,
    slackUnits: 2,
    offCost: 0.5,
    stances: 2,
    stanceCost: 0.4,
    armsCost: 0.3,
    lowCost: 0.2,
    counters: [{ gains: [1, 0.5] }, { gains: [0, -Infinity] }],
    sections: [
      section(
        form(0, { loosens: 1, armsUp: true }),
        form(1, { counts: [1] }),
        form(2, { counts: [1], startStance: 1 }),
      ),
      section(
        form(0),
        form(3, { needs: 1 }),
        form(4, { counts: [0], armsUp: true, low: true }),
        form(5, { pinned: true, place: 2, armsUp: true, low: true }),
      ),
    ],
  };
  const pick = (candidate: number, option = 0) => ({ candidate, option });

  it('is told by hand: what the forms bring, less changes, rests not taken and times missed', () => {
    // 1 + 1, then 1 + 2; the counter once 1; the pin after the form it follows costs arms and legs.
    const first = 1 + 1;
    const second = 1 + 1 - 0.3 - 0.2;
    expect(
      valueOf(problem, [
        [pick(0), pick(1)],
        [pick(2), pick(3)],
      ]),
    ).toBeCloseTo(first + second + 1 + 2 * 0.3, 9);
    // A change of stance, and a section five units beyond what is easy, the whole five too long.
    expect(
      valueOf({ ...problem, slackUnits: 5 }, [
        [pick(0), pick(2, 1)],
        [pick(2), pick(3)],
      ]),
    ).toBeCloseTo(1 + 2 - 0.4 + second + 1 + 2 * 0.3 - 0.5 - 2.5, 9);
  });

  it.each<[Breach, Selection]>([
    ['empty-section', [[pick(0), pick(1)], []]],
    [
      'twice',
      [
        [pick(0), pick(1)],
        [pick(0), pick(3)],
      ],
    ],
    [
      'order',
      [
        [pick(1), pick(0)],
        [pick(2), pick(3)],
      ],
    ],
    ['not-loosened', [[pick(1, 1)], [pick(1), pick(3)]]],
    [
      'section-range',
      [
        [pick(0, 1), pick(1, 1)],
        [pick(2), pick(3)],
      ],
    ],
    ['length', [[pick(0)], [pick(2), pick(3)]]],
    [
      'too-many',
      [
        [pick(1), pick(2)],
        [pick(2), pick(3)],
      ],
    ],
    [
      'pin-left-out',
      [
        [pick(0), pick(1)],
        [pick(1), pick(2)],
      ],
    ],
    ['pin-out-of-place', [[pick(0), pick(1)], [pick(3, 1)]]],
  ])('breaks by name whatever hard rule is broken: %s', (breach, selection) => {
    expect(valueOf(problem, selection)).toBe(breach);
  });
});
