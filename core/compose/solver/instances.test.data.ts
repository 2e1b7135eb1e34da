import { seededRandom } from '../../random';
import {
  valueOf,
  type Candidate,
  type Counter,
  type Pick,
  type Problem,
  type Section,
  type Selection,
} from './problem';

/** How large a made-up problem is. */
export interface Size {
  readonly sections: number;
  readonly candidates: number;
  readonly forms: number;
  readonly counters: number;
  readonly totalUnits: number;
}

/** A made-up problem of the composer's shape, the same for the same seed. Invented numbers throughout. */
export function madeUpProblem(seed: number, size: Size): Problem {
  const random = seededRandom(seed);
  const below = (most: number): number => Math.floor(random.next() * most);
  const points = (most: number): number => Math.round(random.next() * most * 100) / 100;
  const joint = (share: number): number => (random.next() < share ? 1 << below(3) : 0);
  const candidate = (once: number, main: boolean): Candidate => {
    const base = 3 + below(Math.max(2, size.totalUnits / 14));
    const value = points(5);
    return {
      once,
      options: Array.from({ length: 1 + below(3) }, (_, index) => ({
        units: base + index * (2 + below(4)),
        value: Math.round((value - index * points(0.4)) * 100) / 100,
      })),
      startStance: below(3),
      endStance: below(3),
      armsUp: random.next() < 0.3,
      low: random.next() < 0.3,
      counts: Array.from({ length: size.counters }, (_, index) => index).filter(() => random.next() < 0.35),
      needs: main ? joint(0.3) : 0,
      loosens: main ? 0 : joint(0.7),
      pinned: false,
    };
  };
  const sections = Array.from({ length: size.sections }, (_, index): Section => {
    const target = Math.round(size.totalUnits / size.sections);
    return {
      candidates: Array.from({ length: size.candidates }, () =>
        candidate(below(size.forms), index > 0),
      ).filter(
        // One in a few stands twice in a section: the same form done in two ways.
        (one, place, all) => {
          const before = all.findIndex((other) => other.once === one.once);
          return before === place || (one.once % 3 === 0 && place > before);
        },
      ),
      extraUnits: random.next() < 0.2 ? 2 : 0,
      heldValue: points(2),
      easyFromUnits: target - below(3),
      easyToUnits: target + below(3),
      leastUnits: Math.round(target * 0.3),
      mostUnits: Math.round(target * 2.2),
      awayCost: points(0.2),
    };
  });
  const counters = Array.from({ length: size.counters }, (): Counter => {
    const first = points(2);
    const kind = random.next();
    // Falling returns, a price on every one after the first, or a cap.
    if (kind < 0.6) return { gains: [first, first / 2, first / 4, 0] };
    return kind < 0.85 ? { gains: [0, -first] } : { gains: [0, 0, -Infinity] };
  });
  const list = random.next() < 0.4 ? (sections[below(sections.length)]?.candidates ?? []) : [];
  const pin = list[below(Math.max(1, list.length))];
  const held = random.next();
  const place = held < 0.3 ? undefined : held < 0.5 ? ('last' as const) : 1 + below(3);
  const elsewhere = (once: number): number =>
    sections.flatMap((section) => section.candidates.filter((one) => one.once === once)).length;
  const pinned =
    pin && elsewhere(pin.once) === 1
      ? sections.map((section) => ({
          ...section,
          candidates: section.candidates.map((one) =>
            one === pin ? { ...one, pinned: true, ...(place === undefined ? {} : { place }) } : one,
          ),
        }))
      : sections;
  return {
    totalUnits: size.totalUnits,
    slackUnits: Math.max(2, Math.round(size.totalUnits * 0.05)),
    offCost: 0.3,
    stances: 3,
    stanceCost: 0.4,
    armsCost: 0.3,
    lowCost: 0.25,
    sections: pinned,
    counters,
  };
}

/** Small enough for everything to be tried. */
export const SMALL: Size = { sections: 2, candidates: 4, forms: 6, counters: 3, totalUnits: 30 };

/** The best of all selections there are, tried one after another; −Infinity where none fits. */
export function bruteForce(problem: Problem): { readonly value: number; readonly selection: Selection } {
  let best: { value: number; selection: Selection } = { value: -Infinity, selection: [] };
  const lists = problem.sections.map((section): readonly (readonly Pick[])[] =>
    section.candidates.reduce<readonly (readonly Pick[])[]>(
      (sets, candidate, place) => [
        ...sets,
        ...sets.flatMap((set) =>
          candidate.options.map((_, option) => [...set, { candidate: place, option }]),
        ),
      ],
      [[]],
    ),
  );
  const walk = (selection: Selection): void => {
    const list = lists[selection.length];
    if (!list) {
      const value = valueOf(problem, selection);
      if (typeof value === 'number' && value > best.value) best = { value, selection };
      return;
    }
    for (const picks of list) walk([...selection, picks]);
  };
  walk([]);
  return best;
}
