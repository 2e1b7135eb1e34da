import { prepare } from './bound';
import { fix, type Fixed } from './fix';
import { TINY, withPins } from './ground';
import { Pass, type Breadth, type Progress } from './pass';
import { findPrices, noPrices } from './prices';
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

/**
 * How many partial choices are kept at a place, and how many candidates are tried after each: first an
 * answer, then better ones, then proof.
 */
const BREADTHS: readonly Breadth[] = [
  { kept: 3, tried: 3, labels: 30_000 },
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
  const coarse = coarser(whole);
  let { prices } = yield* ticking(findPrices(coarse, prepare(coarse), noPrices(whole), 24, 0.5), shown);
  let fixed: Fixed = {
    problem: whole,
    candidates: whole.sections.map((section) => section.candidates.map((_, index) => index)),
    options: whole.sections.map((section) =>
      section.candidates.map(({ options }) => options.map((_, way) => way)),
    ),
  };
  for (const [index, breadth] of BREADTHS.entries()) {
    const { problem } = fixed;
    const prepared = prepare(problem);
    // The first time the whole problem is priced once; later, when little is left of it, with care.
    const ground = yield* ticking(findPrices(problem, prepared, prices, index === 0 ? 2 : 16, 0.3), shown);
    prices = ground.prices;
    progress = { ...progress, bound: Math.min(progress.bound, Math.max(ground.root, progress.value)) };
    const within = { ...progress, selection: undefined };
    const pass = new Pass(ground, breadth, within);
    yield* ticking(pass.run(), shown);
    const { incumbent, truncated } = pass;
    const bound = Math.min(progress.bound, Math.max(incumbent.value, truncated));
    progress = {
      selection: incumbent.selection ? unfixed(fixed, incumbent.selection) : progress.selection,
      value: incumbent.value,
      bound,
      proved: bound <= incumbent.value + TINY,
    };
    yield shown();
    if (progress.proved || (progress.selection && bound - incumbent.value <= enough)) break;
    if (progress.value > NEVER) {
      const smaller = fix(
        problem,
        prepared,
        ground.prices,
        ground.best,
        ground.constant,
        progress.value + TINY,
      );
      fixed = {
        problem: smaller.problem,
        candidates: smaller.candidates.map((list, at) =>
          list.map((place) => fixed.candidates[at]?.[place] ?? -1),
        ),
        options: smaller.options.map((list, at) =>
          list.map((ways, place) => {
            const before = smaller.candidates[at]?.[place] ?? -1;
            return ways.map((way) => fixed.options[at]?.[before]?.[way] ?? -1);
          }),
        ),
      };
    }
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
