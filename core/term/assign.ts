/**
 * An assignment along a line of weeks: each week takes one option; options have their own worth, follow each other at a
 * worth of their own, and count towards what is to be covered, each time less. Nothing here knows of qigong.
 *
 * Solved by Lagrangian relaxation: what is covered is given prices, which parts the weeks from each other but for their
 * neighbours, so that the best line at any prices is a walk through the weeks (dynamic programming). Every such walk is
 * an assignment, every set of prices an upper bound; the least bound and the best assignment tell the gap. (Held and
 * Karp 1971; Fisher 1981, from memory.)
 */
export interface Option {
  /** Worth by itself, points. */
  readonly points: number;
  /** The counters it counts towards, each once. */
  readonly covers: readonly number[];
}

export interface Assignment {
  /** The options of each week; at least one. */
  readonly weeks: readonly (readonly Option[])[];
  /** What the first, second … time of each counter is worth: never more than the time before (concave), never less than 0. */
  readonly gains: readonly (readonly number[])[];
  /** Worth of option `to` of a week straight after option `from` of the week before. */
  readonly follows: (week: number, from: number, to: number) => number;
}

export interface Assigned {
  /** The option of each week. */
  readonly chosen: readonly number[];
  readonly value: number;
  /** No assignment is worth more. */
  readonly bound: number;
}

/** Worth of a counter that is counted so often. */
export const gainAt = (gains: readonly number[], count: number): number =>
  gains.slice(0, count).reduce((sum, gain) => sum + gain, 0);

/** How often each counter is counted. */
export function countsOf({ weeks, gains }: Assignment, chosen: readonly number[]): readonly number[] {
  const counts = gains.map(() => 0);
  chosen.forEach((option, week) => {
    for (const counter of weeks[week]?.[option]?.covers ?? []) counts[counter] = (counts[counter] ?? 0) + 1;
  });
  return counts;
}

/** What an assignment is worth. */
export function valueOf(problem: Assignment, chosen: readonly number[]): number {
  const { weeks, gains, follows } = problem;
  let value = 0;
  chosen.forEach((option, week) => {
    value += weeks[week]?.[option]?.points ?? Number.NaN;
    if (week > 0) value += follows(week, chosen[week - 1] ?? 0, option);
  });
  const counts = countsOf(problem, chosen);
  return value + gains.reduce((sum, gain, counter) => sum + gainAt(gain, counts[counter] ?? 0), 0);
}

/** The best walk through the weeks where each option is worth `worth[week][option]`, and what it is worth. */
function bestWalk(
  { weeks, follows }: Assignment,
  worth: readonly (readonly number[])[],
): { readonly chosen: readonly number[]; readonly value: number } {
  const from: number[][] = [];
  let best: readonly number[] = worth[0] ?? [];
  for (let week = 1; week < weeks.length; week += 1) {
    const before = best;
    const came: number[] = [];
    best = (worth[week] ?? []).map((points, to) => {
      let [top, at] = [Number.NEGATIVE_INFINITY, 0];
      before.forEach((value, option) => {
        const through = value + follows(week, option, to);
        if (through > top) [top, at] = [through, option];
      });
      came.push(at);
      return top + points;
    });
    from.push(came);
  }
  const value = Math.max(...best);
  const chosen = [best.indexOf(value)];
  for (let week = weeks.length - 1; week > 0; week -= 1)
    chosen.unshift(from[week - 1]?.[chosen[0] ?? 0] ?? 0);
  return { chosen, value };
}

/** The most a counter can be worth at a price, and how often it is then counted. */
function atPrice(
  gains: readonly number[],
  price: number,
): { readonly value: number; readonly count: number } {
  const count = gains.filter((gain) => gain > price).length;
  return { value: gainAt(gains, count) - price * count, count };
}

/** Betters an assignment one week, and two weeks, at a time until nothing is gained; deterministic. */
function bettered(
  problem: Assignment,
  start: readonly number[],
): { readonly chosen: readonly number[]; readonly value: number } {
  let chosen = [...start];
  let value = valueOf(problem, chosen);
  for (let isBetter = true; isBetter;) {
    isBetter = false;
    const tryOut = (next: number[]): void => {
      const worth = valueOf(problem, next);
      if (worth > value + 1e-9) [chosen, value, isBetter] = [next, worth, true];
    };
    problem.weeks.forEach((options, week) => {
      options.forEach((_, option) => tryOut(chosen.with(week, option)));
    });
    for (let week = 0; week < problem.weeks.length; week += 1)
      for (let other = week + 1; other < problem.weeks.length; other += 1) {
        const [a = 0, b = 0] = [chosen[week], chosen[other]];
        // Weeks change places where both have the same choice of options there.
        if (b < (problem.weeks[week]?.length ?? 0) && a < (problem.weeks[other]?.length ?? 0))
          tryOut(chosen.with(week, b).with(other, a));
      }
  }
  return { chosen, value };
}

/** Week after week whatever is worth most there and then: what a plan must never be worse than. */
export function greedy(problem: Assignment): readonly number[] {
  const chosen: number[] = [];
  for (const options of problem.weeks) {
    const worth = options.map((_, option) => valueOf(problem, [...chosen, option]));
    chosen.push(worth.indexOf(Math.max(...worth)));
  }
  return chosen;
}

const ROUNDS = 240;
/** Near enough where bound and value differ by no more than a thousandth; the gap is told. */
const NEAR = 1e-3;
/** Below this nothing is told apart. */
const NOTHING = 1e-6;

/** The best assignment that was found, and a bound nothing is above. An empty line of weeks is worth nothing. */
export function assign(problem: Assignment): Assigned {
  const { weeks, gains } = problem;
  if (weeks.length === 0) return { chosen: [], value: 0, bound: 0 };
  let best = bettered(problem, greedy(problem));
  let prices = gains.map((gain) => gain[0] ?? 0);
  let bound = Number.POSITIVE_INFINITY;
  let step = 1;
  let since = 0;
  for (
    let round = 0;
    round < ROUNDS && bound - best.value > Math.max(NOTHING, NEAR * Math.abs(best.value));
    round += 1
  ) {
    const worth = weeks.map((options) =>
      options.map(({ points, covers }) =>
        covers.reduce((sum, counter) => sum + (prices[counter] ?? 0), points),
      ),
    );
    const walk = bestWalk(problem, worth);
    const priced = gains.map((gain, counter) => atPrice(gain, prices[counter] ?? 0));
    const above = walk.value + priced.reduce((sum, one) => sum + one.value, 0);
    if (above < bound - 1e-9) [bound, since] = [above, 0];
    else since += 1;
    // Each walk is an assignment too; the first, and now and then a later one, is bettered.
    if (round % 8 === 0 || valueOf(problem, walk.chosen) > best.value) {
      const found = bettered(problem, walk.chosen);
      if (found.value > best.value) best = found;
    }
    if (since > 8) [step, since] = [step / 2, 0];
    const counts = countsOf(problem, walk.chosen);
    const slope = priced.map(({ count }, counter) => count - (counts[counter] ?? 0));
    const steep = slope.reduce((sum, one) => sum + one * one, 0);
    if (steep === 0) break;
    const by = (step * (above - best.value)) / steep;
    // What is demanded more than it is counted grows dearer.
    prices = prices.map((price, counter) => Math.max(0, price + by * (slope[counter] ?? 0)));
  }
  return { ...best, bound: Math.max(bound, best.value) };
}
