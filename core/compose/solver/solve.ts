import { some } from '../../lists/lists';
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
      easyFromUnits: Math.floor(section.easyFromUnits / COARSE),
      easyToUnits: Math.ceil(section.easyToUnits / COARSE),
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

/** What is known when one problem more of a kind is looked at: only what beats `above` is asked for. */
export interface Before {
  readonly above: number;
  /** The prices at which a problem with the same counters and forms was last bounded. */
  readonly prices: Prices;
}

/** A part of the problem in which something better may still be. */
interface Open {
  readonly part: Fixed;
  readonly prices: Prices;
  /** Nothing in it is worth more. */
  readonly bound: number;
}

/** A search under way: what has been found, what is left of the problem, and at which prices it was last bounded. */
class Search {
  private readonly whole: Problem;
  /** Points pinned forms are given so that the search goes to them; none of anyone's. */
  private readonly pinned: number;
  private progress: Progress = { selection: undefined, value: NEVER, bound: Infinity, proved: false };
  private part: Fixed;
  private prices: Prices;

  constructor(
    private readonly given: Problem,
    private readonly enough: number,
    before: Before | undefined,
  ) {
    const { problem, points } = withPins(given);
    this.whole = problem;
    this.pinned = points;
    this.part = only(problem, () => true);
    this.prices = before?.prices ?? noPrices(problem);
    if (before) this.progress = { ...this.progress, value: before.above + points };
  }

  /** The prices at which what is left was last bounded. */
  get lastPrices(): Prices {
    return this.prices;
  }

  /** Progress in the points of the problem as it was given. */
  shown(): Progress {
    const { selection, value, bound, proved } = this.progress;
    // A selection that leaves a pin out is none.
    const fits = selection !== undefined && typeof valueOf(this.given, selection) === 'number';
    return {
      selection: fits ? selection : undefined,
      value: fits ? value - this.pinned : NEVER,
      bound: proved && !fits ? NEVER : bound - this.pinned,
      proved,
    };
  }

  private get isNear(): boolean {
    const { proved, selection, bound, value } = this.progress;
    return proved || (selection !== undefined && bound - value <= this.enough);
  }

  /** What must be exceeded to be better. */
  private get toBeat(): number {
    return this.progress.value + TINY;
  }

  /** Nothing better than this is left, beside what has been found. */
  private closeTo(most: number): void {
    const bound = Math.min(this.progress.bound, Math.max(most, this.progress.value));
    this.progress = { ...this.progress, bound, proved: bound <= this.toBeat };
  }

  private take({ selection, value }: Progress, of: Fixed): void {
    if (selection) this.progress = { ...this.progress, selection: unfixed(of, selection), value };
  }

  /** Passes the pauses of a step on as progress. */
  private *ticking<Result>(step: Generator<void, Result>): Generator<Progress, Result> {
    for (;;) {
      const next = step.next();
      if (next.done) return next.value;
      yield this.shown();
    }
  }

  /** Goes through the ground as broadly as told, and shows what was found. */
  private *pass(ground: Priced, breadth: Breadth, of: Fixed): Generator<Progress, Pass> {
    const pass = new Pass(ground, breadth, { ...this.progress, selection: undefined });
    yield* this.ticking(pass.run());
    this.take(pass.incumbent, of);
    return pass;
  }

  /**
   * Prices by the coarser clock; the candidates met on the way to them, with those a greedy choice adds (the paths
   * there know nothing of joints), make a first answer.
   */
  *first(): Generator<Progress, void> {
    const coarse = coarser(this.whole);
    const rough = yield* this.ticking(
      findPrices(coarse, prepare(coarse, true), noPrices(this.whole), 16, 0.5),
    );
    this.prices = rough.prices;
    const greedy = new Pass(pricedAt(coarse, prepare(coarse), this.prices), GREEDY, this.progress);
    yield* this.ticking(greedy.run());
    const likely = [rough.met, greedy.used()];
    const few = only(this.whole, (at, place) => likely.some((sets) => sets[at]?.has(place)));
    const within = yield* this.ticking(findPrices(few.problem, prepare(few.problem), this.prices, 2, 0.3));
    const first = new Pass(within, FIRST, this.progress);
    yield* this.ticking(first.run());
    this.take(first.incumbent, few);
    yield this.shown();
  }

  /** Prices what is left, and knows from them that nothing is worth more. */
  private *priced(rounds: number, step: number, freeEntry = false): Generator<Progress, Priced> {
    const { problem } = this.part;
    const ground = yield* this.ticking(
      findPrices(problem, prepare(problem, freeEntry), this.prices, rounds, step),
    );
    this.prices = ground.prices;
    this.closeTo(ground.root);
    return ground;
  }

  /** What is left of the problem without what cannot be part of anything better. */
  private narrow(ground: Priced): void {
    if (this.progress.value > NEVER) this.part = partOf(this.part, fix(ground, this.toBeat));
  }

  /**
   * The whole problem is priced but once, and roughly; what is left of it, with care, and then gone through more
   * broadly.
   */
  *narrowed(): Generator<Progress, void> {
    const hasFound = this.progress.value > NEVER;
    let ground = yield* this.priced(hasFound ? 1 : 2, 0.3, hasFound);
    if (hasFound) {
      this.narrow(ground);
      ground = yield* this.priced(1, 0.3);
    }
    for (const breadth of [FIRST, BETTER]) {
      if (this.isNear) break;
      if (breadth === BETTER) {
        this.narrow(ground);
        ground = yield* this.priced(16, 0.2);
      }
      const { incumbent, truncated } = yield* this.pass(ground, breadth, this.part);
      this.closeTo(Math.max(incumbent.value, truncated));
      yield this.shown();
    }
    if (!this.isNear) this.narrow(ground);
  }

  /** Goes through one part: the smaller parts in which something better may still be, and what it could not finish. */
  private *within(
    now: Open,
  ): Generator<Progress, { open: readonly Open[]; unfinished: number; labels: number }> {
    const priced = yield* this.ticking(
      findPrices(now.part.problem, prepare(now.part.problem), now.prices, 16, 0.08),
    );
    if (priced.root <= this.toBeat) return { open: [], unfinished: NEVER, labels: 0 };
    const left = partOf(now.part, fix(priced, this.toBeat));
    const here = pricedAt(left.problem, prepare(left.problem), priced.prices);
    const form = contested(here, relaxedPath(here)?.uses ?? new Float64Array(0));
    const { truncated, labels } = yield* this.pass(here, form === undefined ? WHOLE : WIDE, left);
    yield this.shown();
    const bound = Math.min(now.bound, here.root, truncated);
    if (bound <= this.toBeat) return { open: [], unfinished: NEVER, labels };
    if (form === undefined) return { open: [], unfinished: bound, labels };
    const open = parted(left.problem, form).map((smaller) => ({
      part: partOf(left, smaller),
      prices: here.prices,
      bound,
    }));
    return { open, unfinished: NEVER, labels };
  }

  /** What is left is gone through part by part, where most may be first; a part too large is parted by a form. */
  *byParts(): Generator<Progress, void> {
    let open: readonly Open[] = [{ part: this.part, prices: this.prices, bound: this.progress.bound }];
    let [labels, parts] = [0, 0];
    /** What parts that could not be finished may still hold. */
    let unfinished = NEVER;
    while (!this.isNear && open.length > 0 && labels < MOST_LABELS && parts < MOST_PARTS) {
      const [now, ...others] = some(open.toSorted((a, b) => b.bound - a.bound));
      open = others;
      parts += 1;
      this.closeTo(Math.max(now.bound, unfinished));
      if (now.bound <= this.toBeat) break;
      const left = yield* this.within(now);
      labels += left.labels;
      unfinished = Math.max(unfinished, left.unfinished);
      open = [...open, ...left.open];
    }
    this.closeTo(Math.max(unfinished, ...open.map(({ bound }) => bound)));
  }
}

/**
 * Finds the best selection and proves it. Yields whenever there is something better to show or simply time
 * to look up; stop asking and it stops. Deterministic. The last progress is either proved (its bound is its
 * value, or nothing fits at all: no selection and a bound of −Infinity), or says by its bound how far from
 * the best it can be at most. Within `enough` points of the best it stops. Where something is known from `before`,
 * nothing that does not beat it is looked for: no selection and a bound of −Infinity then say that there is none.
 * Throws RangeError beyond its limits.
 */
export function* solve(
  given: Problem,
  enough = 0,
  before?: Before,
): Generator<Progress, Progress & { readonly prices: Prices }> {
  checkLimits(given);
  const search = new Search(given, enough, before);
  if (!before) yield* search.first();
  yield* search.narrowed();
  yield* search.byParts();
  yield search.shown();
  return { ...search.shown(), prices: search.lastPrices };
}

/** Runs the search to its end. */
export function solved(problem: Problem, enough = 0): Progress {
  const search = solve(problem, enough);
  for (;;) {
    const next = search.next();
    if (next.done) return next.value;
  }
}
