import { checkLimits } from './limits';
import { prepare, type Prices } from './bound';
import { fix } from './fix';
import { TINY, withPins } from './ground';
import { contested, only, parted, partOf, unfixed, type Fixed } from './parts';
import { Pass, type Breadth, type Progress } from './pass';
import { findPrices, noPrices, pricedAt, relaxedPath, type Priced } from './prices';
import { distinct, NEVER, valueOf, type Problem } from './problem';

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

/** How many partial choices are kept at a place, and how many candidates are tried after each: at first … */
const GREEDY: Breadth = { kept: 1, tried: 1, labels: 30_000 };
const FIRST: Breadth = { kept: 3, tried: 3, labels: 30_000 };
const BETTER: Breadth = { kept: 16, tried: 6, labels: 60_000 };
/** … and for proof: widely at each part of what is left, without limit where a part cannot be parted again. */
const WIDE: Breadth = { kept: 60, tried: 12, labels: 6_000 };
const WHOLE: Breadth = { kept: Infinity, tried: Infinity, labels: 150_000 };
/** Partial choices and parts looked at before proof is given up. */
const MOST_LABELS = 300_000;
const MOST_PARTS = 150;

/** A part of the problem in which something better may still be. */
interface Open {
  readonly part: Fixed;
  readonly prices: Prices;
  /** Nothing in it is worth more. */
  readonly bound: number;
}

/**
 * Finds the best selection and proves it. Yields whenever there is something better to show or simply time
 * to look up; stop asking and it stops. Deterministic. The last progress is either proved (its bound is its
 * value, or nothing fits at all: no selection and a bound of −Infinity), or says by its bound how far from
 * the best it can be at most. Within `enough` points of the best it stops.
 */
export function* solve(given: Problem, enough = 0): Generator<Progress, Progress> {
  checkLimits(given);
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

  /** Nothing better than this is left, beside what has been found. */
  const closeTo = (most: number): void => {
    const bound = Math.min(progress.bound, Math.max(most, progress.value));
    progress = { ...progress, bound, proved: bound <= progress.value + TINY };
  };
  const take = ({ selection: found, value: worth }: Progress, of: Fixed): void => {
    if (found) progress = { ...progress, selection: unfixed(of, found), value: worth };
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
  take(first.incumbent, few);
  yield shown();

  let part = only(whole, () => true);
  function* price(rounds: number, step: number): Generator<Progress, Priced> {
    const ground = yield* ticking(
      findPrices(part.problem, prepare(part.problem), prices, rounds, step),
      shown,
    );
    prices = ground.prices;
    closeTo(ground.root);
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
  for (const breadth of [FIRST, BETTER]) {
    if (near()) break;
    if (breadth === BETTER) {
      narrow(ground);
      ground = yield* price(16, 0.2);
    }
    const pass = new Pass(ground, breadth, { ...progress, selection: undefined });
    yield* ticking(pass.run(), shown);
    const { incumbent, truncated } = pass;
    take(incumbent, part);
    closeTo(Math.max(incumbent.value, truncated));
    yield shown();
  }

  // What is left is gone through part by part, where most may be first; a part too large is parted by a form.
  if (!near()) narrow(ground);
  let open: readonly Open[] = [{ part, prices, bound: progress.bound }];
  let [labels, parts] = [0, 0];
  /** What parts that could not be finished may still hold. */
  let unfinished = NEVER;
  while (!near() && open.length > 0 && labels < MOST_LABELS && parts < MOST_PARTS) {
    const [now, ...others] = open.toSorted((a, b) => b.bound - a.bound) as [Open, ...Open[]];
    open = others;
    parts += 1;
    closeTo(Math.max(now.bound, unfinished));
    if (now.bound <= progress.value + TINY) break;
    const priced = yield* ticking(
      findPrices(now.part.problem, prepare(now.part.problem), now.prices, 16, 0.08),
      shown,
    );
    if (priced.root <= progress.value + TINY) continue;
    const left = partOf(now.part, fix(priced, progress.value + TINY));
    const here = pricedAt(left.problem, prepare(left.problem), priced.prices);
    const form = contested(here, relaxedPath(here)?.uses ?? new Float64Array(0));
    const pass = new Pass(here, form === undefined ? WHOLE : WIDE, { ...progress, selection: undefined });
    yield* ticking(pass.run(), shown);
    labels += pass.labels;
    take(pass.incumbent, left);
    yield shown();
    const bound = Math.min(now.bound, here.root, pass.truncated);
    if (bound <= progress.value + TINY) continue;
    if (form === undefined) unfinished = Math.max(unfinished, bound);
    else
      open = [
        ...open,
        ...parted(left.problem, form).map((smaller) => ({
          part: partOf(left, smaller),
          prices: here.prices,
          bound,
        })),
      ];
  }
  closeTo(Math.max(unfinished, ...open.map(({ bound }) => bound)));
  yield shown();
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
