import { float, int32, int8, num, pick } from './access';
import { mostCounts } from './limits';
import {
  counterSlack,
  sectionTable,
  suffixes,
  type Prepared,
  type Prices,
  type SectionTable,
  type Suffixes,
} from './bound';
import { NEVER, type Candidate, type Counter, type Problem } from './problem';

export const letter = (once: number): string => String.fromCharCode(once + 256);
export const TINY = 1e-7;
/** Points that what the pins need is worth within the search, so that it is looked for first. */
export const PIN = 10_000;
/** Everything the search needs of a problem at fixed prices. */
export interface Ground {
  readonly problem: Problem;
  readonly prepared: readonly Prepared[];
  readonly prices: Prices;
  readonly best: Suffixes;
  readonly slack: readonly Float64Array[];
  readonly tables: Map<number, SectionTable>;
  readonly lastSectionOfForm: Int32Array;
  /** Where in that section: the same form may be a candidate twice, done in two ways. */
  readonly lastPlaceOfForm: Int32Array;
  readonly lastSectionOfCounter: Int32Array;
  readonly needsLater: Int32Array;
  readonly loosensLater: Int32Array;
  /** Counters that hold pins in their places. */
  readonly holders: readonly number[];
  /** The same ground for those who have loosened only so much, by section and joints. */
  readonly cold: Map<string, Ground>;
}

export interface Dear {
  readonly problem: Problem;
  /** What the dearness adds to every selection that keeps all pins. */
  readonly points: number;
}

/** A counter that holds a pin in its place: what adds to it, and how many of them there must be. */
interface Holder {
  readonly at: number;
  readonly pin: number;
  readonly from: number;
  readonly to: number;
  readonly count: number;
}

/** As many before a pin as its place says, and none after the last. */
function holdersOf(problem: Problem): readonly Holder[] {
  return problem.sections.flatMap(({ candidates }, at) =>
    candidates.flatMap(({ place }, index): readonly Holder[] => {
      if (place === undefined) return [];
      return place === 'last'
        ? [{ at, pin: index, from: index + 1, to: candidates.length, count: 0 }]
        : [{ at, pin: index, from: 0, to: index, count: place - 1 }];
    }),
  );
}

/** Worth taking so often, forbidden once more. */
const exactly = (count: number): Counter => ({
  gains: [...Array.from({ length: count }, () => PIN), NEVER],
});

/**
 * What pinned forms need is made dear: a counter for each joint they use deeply steers the search to the
 * loosening early, and a pin with a fixed place makes as many others before it dear.
 */
export function withPins(problem: Problem): Dear {
  const pinned = problem.sections.flatMap(({ candidates }, at) =>
    candidates.flatMap((candidate) => (candidate.pinned ? [{ candidate, at }] : [])),
  );
  if (pinned.length === 0) return { problem, points: 0 };
  const needed = pinned.reduce((bits, { candidate }) => bits | candidate.needs, 0);
  const joints = Array.from({ length: 31 }, (_, bit) => 1 << bit).filter((joint) => (needed & joint) !== 0);
  const lastNeeds = new Map(
    joints.map((joint) => [
      joint,
      Math.max(...pinned.filter(({ candidate }) => (candidate.needs & joint) !== 0).map(({ at }) => at)),
    ]),
  );
  const holders = holdersOf(problem);
  const firstHolder = problem.counters.length + joints.length;
  const heldAt = (at: number, place: number): Pick<Candidate, 'heldBy'> => {
    const index = holders.findIndex((one) => one.at === at && one.pin === place);
    return index < 0 ? {} : { heldBy: firstHolder + index };
  };
  return {
    points: PIN * (joints.length + holders.reduce((sum, { count }) => sum + count, 0)),
    problem: {
      ...problem,
      counters: [
        ...problem.counters,
        ...joints.map(() => ({ gains: [PIN, 0] })),
        ...holders.map(({ count }) => exactly(count)),
      ],
      sections: problem.sections.map((section, at) => ({
        ...section,
        candidates: section.candidates.map((candidate, place) => ({
          ...candidate,
          ...heldAt(at, place),
          counts: [
            ...candidate.counts,
            ...joints.flatMap((joint, index) =>
              (candidate.loosens & joint) !== 0 && at <= (lastNeeds.get(joint) ?? -1)
                ? [problem.counters.length + index]
                : [],
            ),
            ...holders.flatMap((holder, index) =>
              holder.at === at && place >= holder.from && place < holder.to ? [firstHolder + index] : [],
            ),
          ],
        })),
      })),
    },
  };
}

export function groundOf(
  problem: Problem,
  prepared: readonly Prepared[],
  prices: Prices,
  best: Suffixes,
): Ground {
  const forms = prices.forms.length;
  const lastSectionOfForm = new Int32Array(forms).fill(-1);
  const lastPlaceOfForm = new Int32Array(forms).fill(-1);
  const lastSectionOfCounter = new Int32Array(problem.counters.length).fill(-1);
  const needsLater = new Int32Array(problem.sections.length + 1);
  const loosensLater = new Int32Array(problem.sections.length + 1);
  problem.sections.forEach((section, index) => {
    for (const [place, candidate] of section.candidates.entries()) {
      lastSectionOfForm[candidate.once] = index;
      lastPlaceOfForm[candidate.once] = place;
      for (const counter of candidate.counts) lastSectionOfCounter[counter] = index;
    }
  });
  for (let index = problem.sections.length - 1; index >= 0; index -= 1) {
    const candidates = problem.sections[index]?.candidates ?? [];
    needsLater[index] = candidates.reduce((bits, one) => bits | one.needs, int32(needsLater, index + 1));
    loosensLater[index] = candidates.reduce(
      (bits, one) => bits | one.loosens,
      int32(loosensLater, index + 1),
    );
  }
  return {
    problem,
    prepared,
    prices,
    best,
    slack: problem.counters.map((_, counter) =>
      counterSlack(problem, counter, float(prices.counters, counter), num(mostCounts(problem), counter)),
    ),
    tables: new Map(),
    lastSectionOfForm,
    lastPlaceOfForm,
    lastSectionOfCounter,
    needsLater,
    loosensLater,
    holders: problem.sections.flatMap(({ candidates }) =>
      candidates.flatMap(({ heldBy }) => (heldBy === undefined ? [] : [heldBy])),
    ),
    cold: new Map(),
  };
}

/**
 * The ground from a section on for those who have loosened only so much: forms that use more are no longer
 * counted on. Where joints may still be loosened later, or enough is loosened, it is the ground itself.
 */
export function groundFrom(ground: Ground, section: number, loosened: number): Ground {
  const needs = int32(ground.needsLater, section);
  const missing = needs & ~loosened;
  if (missing === 0 || (needs & int32(ground.loosensLater, section)) !== 0) return ground;
  const key = `${section}/${loosened & needs}`;
  const known = ground.cold.get(key);
  if (known) return known;
  const prepared = ground.prepared.map((one, at) =>
    at < section
      ? one
      : {
          ...one,
          section: {
            ...one.section,
            candidates: one.section.candidates.map((candidate) =>
              (candidate.needs & missing) === 0 ? candidate : { ...candidate, options: [] },
            ),
          },
        },
  );
  const made: Ground = {
    ...ground,
    prepared,
    best: suffixes(ground.problem, prepared, ground.prices, section),
    tables: new Map(),
  };
  ground.cold.set(key, made);
  return made;
}

export function tableOf(ground: Ground, section: number, usedBefore: number): SectionTable {
  const key = section * 4096 + usedBefore;
  const known = ground.tables.get(key);
  if (known) return known;
  // The oldest tables go when there are many: they are quickly made again.
  if (ground.tables.size > 400) ground.tables.clear();
  const table = sectionTable(
    ground.problem,
    pick(ground.prepared, section),
    pick(ground.best, section + 1),
    ground.prices,
    usedBefore,
  );
  ground.tables.set(key, table);
  return table;
}

export const sumSlack = (ground: Ground, counts: Uint8Array): number =>
  ground.slack.reduce((sum, row, counter) => sum + float(row, int8(counts, counter)), 0);

/** What prices on forms of several sections may have taken too much: those not used yet. */
export function formSlack(ground: Ground, section: number, used: string): number {
  let sum = 0;
  ground.prices.forms.forEach((price, once) => {
    if (price > 0 && int32(ground.lastSectionOfForm, once) >= section && !used.includes(letter(once)))
      sum += price;
  });
  return sum;
}
