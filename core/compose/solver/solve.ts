import { prepare } from './bound';
import { fix, only, type Fixed } from './fix';
import { TINY, withPins } from './ground';
import { Pass, type Breadth, type Progress } from './pass';
import { findPrices, noPrices, pricedAt, type Priced } from './prices';
import { distinct, NEVER, valueOf, type Problem, type Selection } from './problem';

/** A coarser clock for the first prices: they are found nearly as well in a fraction of the time. */
const COARSE = 4;

function coarser(problem: Problem): Problem {
  const less = (units: number): number => Math.max(1, Math.round(units / COARSE));
  return {
    ...problem,
    totalUnits: less(problem.totalUnits),
    slackUnits: Math.ceil(problem.slackUnits / COARSE) + 1,
    offCost: problem.offCost * COARSE,
    sections: problem.sections.map((section) => ({
      ...section,
      extraUnits: Math.round(section.extraUnits / COARSE),
      targetUnits: less(section.targetUnits),
      leastUnits: Math.floor(section.leastUnits / COARSE),
      mostUnits: Math.ceil(section.mostUnits / COARSE),
      awayCost: section.awayCost * COARSE,
      candidates: section.candidates.map((candidate) => ({
        ...candidate,
        options: distinct(candidate.options.map((option) => ({ ...option, units: less(option.units) }))),
      })),
    })),
  };
}

/** A selection of a smaller problem in the numbers of the larger. */
const unfixed = ({ candidates, options }: Fixed, selection: Selection): Selection =>
  selection.map((picks, at) =>
    picks.map(({ candidate, option }) => ({
      candidate: candidates[at]?.[candidate] ?? -1,
      option: options[at]?.[candidate]?.[option] ?? -1,
    })),
  );

/** A part of a part in the numbers of the whole. */
const partOf = (larger: Fixed, smaller: Fixed): Fixed => ({
  problem: smaller.problem,
  candidates: smaller.candidates.map((list, at) => list.map((place) => larger.candidates[at]?.[place] ?? -1)),
  options: smaller.options.map((list, at) =>
    list.map((ways, place) => {
      const before = smaller.candidates[at]?.[place] ?? -1;
      return ways.map((way) => larger.options[at]?.[before]?.[way] ?? -1);
    }),
  ),
});

/**
 * How many partial choices are kept at a place, and how many candidates are tried after each: for a first
 * answer, then better ones, then proof.
 */
const GREEDY: Breadth = { kept: 1, tried: 1, labels: 30_000 };
const FIRST: Breadth = { kept: 3, tried: 3, labels: 30_000 };
const BREADTHS: readonly Breadth[] = [
  FIRST,
  { kept: 16, tried: 6, labels: 60_000 },
  { kept: 400, tried: 60, labels: 120_000 },
  { kept: Infinity, tried: Infinity, labels: 300_000 },
];

/**
 * Finds the best selection and proves it. Yields whenever there is something better to show or simply time
 * to look up; stop asking and it stops. Deterministic. The last progress is either proved (its bound is its
 * value, or nothing fits at all: no selection and a bound of −Infinity), or says by its bound how far from
 * the best it can be at most. Within `enough` points of the best it stops.
 */
export function* solve(given: Problem, enough = 0): Generator<Progress, Progress> {
  const { problem: whole, points: pinned } = withPins(given);
  let progress: Progress = { selection: undefined, value: NEVER, bound: Infinity, proved: false };
  const shown = (): Progress => {
    // A selection that leaves a pin out is none.
    const fits = progress.selection !== undefined && typeof valueOf(given, progress.selection) === 'number';
    return {
      selection: fits ? progress.selection : undefined,
      value: fits ? progress.value - pinned : NEVER,
      bound: progress.proved && !fits ? NEVER : progress.bound - pinned,
      proved: progress.proved,
    };
  };

  // Prices by the coarser clock; the candidates met on the way to them, with those a greedy choice adds (the
  // paths there know nothing of joints), make a first answer.
  const coarse = coarser(whole);
  const rough = yield* ticking(findPrices(coarse, prepare(coarse, true), noPrices(whole), 24, 0.5), shown);
  let { prices } = rough;
  const greedy = new Pass(pricedAt(coarse, prepare(coarse), prices), GREEDY, progress);
  yield* ticking(greedy.run(), shown);
  const likely = [rough.met, greedy.used()];
  const few = only(whole, (at, place) => likely.some((sets) => sets[at]?.has(place)));
  const within = yield* ticking(findPrices(few.problem, prepare(few.problem), prices, 2, 0.3), shown);
  const first = new Pass(within, FIRST, progress);
  yield* ticking(first.run(), shown);
  const { selection, value } = first.incumbent;
  if (selection) progress = { ...progress, selection: unfixed(few, selection), value };
  yield shown();

  let part = only(whole, () => true);
  function* price(rounds: number, step: number): Generator<Progress, Priced> {
    const ground = yield* ticking(
      findPrices(part.problem, prepare(part.problem), prices, rounds, step),
      shown,
    );
    prices = ground.prices;
    const bound = Math.min(progress.bound, Math.max(ground.root, progress.value));
    progress = { ...progress, bound, proved: bound <= progress.value + TINY };
    return ground;
  }
  /** What is left of the problem without what cannot be part of anything better. */
  const narrow = (ground: Priced): void => {
    if (progress.value > NEVER) part = partOf(part, fix(ground, progress.value + TINY));
  };
  const near = (): boolean =>
    progress.proved || (progress.selection !== undefined && progress.bound - progress.value <= enough);

  // The whole problem is priced but once; what is left of it, with care.
  let ground = yield* price(progress.selection ? 1 : 2, 0.3);
  if (progress.selection) {
    narrow(ground);
    ground = yield* price(1, 0.3);
  }
  for (const breadth of BREADTHS) {
    if (near()) break;
    if (breadth !== FIRST) {
      narrow(ground);
      ground = yield* price(16, breadth === BREADTHS[1] ? 0.2 : 0.08);
    }
    const pass = new Pass(ground, breadth, { ...progress, selection: undefined });
    yield* ticking(pass.run(), shown);
    const { incumbent, truncated } = pass;
    const bound = Math.min(progress.bound, Math.max(incumbent.value, truncated));
    progress = {
      selection: incumbent.selection ? unfixed(part, incumbent.selection) : progress.selection,
      value: incumbent.value,
      bound,
      proved: bound <= incumbent.value + TINY,
    };
    yield shown();
  }
  return shown();
}

/** Passes the pauses of a search on as progress. */
function* ticking<Result>(
  search: Generator<void, Result>,
  shown: () => Progress,
): Generator<Progress, Result> {
  for (;;) {
    const step = search.next();
    if (step.done) return step.value;
    yield shown();
  }
}

/** Runs the search to its end. */
export function solved(problem: Problem, enough = 0): Progress {
  const search = solve(problem, enough);
  for (;;) {
    const next = search.next();
    if (next.done) return next.value;
  }
}
