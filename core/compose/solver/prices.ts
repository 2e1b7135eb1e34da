import { float, int32, num, pick } from './access';
import { mostCounts } from './limits';
import { entryCost, suffixes, type Prepared, type Prices } from './bound';
import { groundOf, sumSlack, tableOf, TINY, type Ground } from './ground';
import { gainOf, NEVER, type Problem } from './problem';

/** The best path of the relaxed problem: the candidates of each section on it, their counts and forms. */
export interface Path {
  readonly counts: Float64Array;
  readonly uses: Float64Array;
  readonly picks: readonly (readonly number[])[];
}

/** The best path of the relaxed problem, followed table by table. */
export function relaxedPath(ground: Ground): Path | undefined {
  const { problem, prepared } = ground;
  const counts = new Float64Array(problem.counters.length);
  const uses = new Float64Array(ground.prices.forms.length);
  const picks: number[][] = prepared.map(() => []);
  let usedBefore = 0;
  let stance = problem.stances;
  for (let section = 0; section < prepared.length; section += 1) {
    const here = pick(prepared, section);
    const table = tableOf(ground, section, usedBefore);
    const { candidates, extraUnits } = here.section;
    let time = extraUnits;
    let from = 0;
    let before = -1;
    for (;;) {
      // Nothing is gone on to past a pinned form.
      const pinned = candidates.findIndex((candidate, index) => index >= from && candidate.pinned);
      const stop =
        before < 0 || pinned >= 0
          ? NEVER
          : (table.cells[(candidates.length * here.classes + before) * table.width + time] ?? NEVER);
      let best = stop;
      let chosen: { index: number; units: number } | undefined;
      for (let index = from; index < (pinned < 0 ? candidates.length : pinned + 1); index += 1) {
        const candidate = pick(candidates, index);
        const cost =
          before < 0
            ? entryCost(problem, stance, candidate)
            : float(here.pair, before * candidates.length + index);
        const extra =
          candidate.counts.reduce((sum, counter) => sum + float(ground.prices.counters, counter), 0) -
          float(ground.prices.forms, candidate.once);
        const row = ((index + 1) * here.classes + int32(here.classOf, index)) * table.width;
        for (const option of candidate.options) {
          if (time + option.units >= table.width) continue;
          const value = option.value + extra - cost + float(table.cells, row + time + option.units);
          if (value > best + TINY) {
            best = value;
            chosen = { index, units: option.units };
          }
        }
      }
      if (!chosen) {
        if (before < 0 || stop === NEVER) return undefined;
        break;
      }
      const candidate = pick(candidates, chosen.index);
      for (const counter of candidate.counts) counts[counter] = float(counts, counter) + 1;
      uses[candidate.once] = float(uses, candidate.once) + 1;
      picks[section]?.push(chosen.index);
      time += chosen.units;
      from = chosen.index + 1;
      before = int32(here.classOf, chosen.index);
      stance = int32(here.classStance, before);
    }
    usedBefore += time;
  }
  return { counts, uses, picks };
}

/** The count at which a counter is worth most at a price, the one nearest to what the path did. */
export function bestCount(problem: Problem, counter: number, price: number, near: number): number {
  const row = pick(problem.counters, counter);
  const limit = num(mostCounts(problem), counter);
  let least = 0;
  while (least < limit && gainOf(row, least + 1) > price + TINY) least += 1;
  let most = least;
  while (most < limit && gainOf(row, most + 1) >= price - TINY) most += 1;
  return Math.min(most, Math.max(least, near));
}

/** Prices stay between the greatest and the least gain of their counter. */
export function clampPrice(problem: Problem, counter: number, price: number): number {
  const gains = pick(problem.counters, counter).gains;
  const last = gains.at(-1) ?? 0;
  const least = last === NEVER ? Math.min(-8, ...gains.filter(Number.isFinite)) : last;
  const first = gains[0] ?? 0;
  // Where not even one is allowed there is no greatest gain to speak of.
  return Math.min(first === NEVER ? least : first, Math.max(least, price));
}

export interface Priced extends Ground {
  /** No selection is worth more than this. */
  readonly root: number;
  /** What is added to a relaxed value to make it a bound. */
  readonly constant: number;
  /** The candidates of each section that relaxed paths went through while prices were sought. */
  readonly met: readonly ReadonlySet<number>[];
}

/** What the second best form of each counter brings by itself, where that is worth anything. */
function secondBest(problem: Problem): Float64Array {
  const best = problem.counters.map(() => new Map<number, number>());
  for (const { candidates } of problem.sections)
    for (const { once, counts, options } of candidates) {
      const value = options.reduce((most, option) => Math.max(most, option.value), 0);
      for (const counter of counts) {
        const forms = pick(best, counter);
        forms.set(once, Math.max(value, forms.get(once) ?? 0));
      }
    }
  return Float64Array.from(best, (forms) => [...forms.values()].toSorted((a, b) => b - a)[1] ?? 0);
}

export function noPrices(problem: Problem): Prices {
  const second = secondBest(problem);
  return {
    // Where returns fall, what a fourth form would bring; where only a second one costs or is forbidden, what keeps it out.
    counters: Float64Array.from(problem.counters, (counter, index) => {
      const falls = gainOf(counter, 1) > 0 && counter.gains.at(-1) !== NEVER;
      return clampPrice(problem, index, falls ? gainOf(counter, 4) : -float(second, index));
    }),
    forms: new Float64Array(
      1 +
        Math.max(
          -1,
          ...problem.sections.flatMap((section) => section.candidates.map((candidate) => candidate.once)),
        ),
    ),
  };
}

export function pricedAt(problem: Problem, prepared: readonly Prepared[], prices: Prices): Priced {
  const best = suffixes(problem, prepared, prices);
  const ground = groundOf(problem, prepared, prices, best);
  const total = problem.totalUnits + problem.slackUnits + 1;
  const constant =
    sumSlack(ground, new Uint8Array(problem.counters.length)) +
    prices.forms.reduce((sum, price) => sum + price, 0);
  return {
    ...ground,
    met: [],
    constant,
    root: float(pick(best, 0), problem.stances * total) + constant,
  };
}

/** Prices that make the bound tight: steps down the slope of the bound, the best kept. */
export function* findPrices(
  problem: Problem,
  prepared: readonly Prepared[],
  from: Prices,
  rounds: number,
  firstStep: number,
): Generator<void, Priced> {
  let prices = from;
  let kept = pricedAt(problem, prepared, prices);
  let now = kept;
  let step = firstStep;
  const met = problem.sections.map(() => new Set<number>());
  for (let round = 1; round < rounds && now.root > NEVER; round += 1) {
    const path = relaxedPath(now);
    yield;
    if (!path) break;
    path.picks.forEach((picks, section) => picks.forEach((pick) => met[section]?.add(pick)));
    const slopes = Float64Array.from(problem.counters, (_, counter) => {
      const count = float(path.counts, counter);
      return count - bestCount(problem, counter, float(prices.counters, counter), count);
    });
    const twice = path.uses.map((uses, once) => (uses > 1 || float(prices.forms, once) > 0 ? uses - 1 : 0));
    if (slopes.every((slope) => slope === 0) && twice.every((slope) => slope === 0)) break;
    prices = {
      counters: prices.counters.map((price, counter) =>
        clampPrice(problem, counter, price + step * float(slopes, counter) * -1),
      ),
      forms: prices.forms.map((price, once) => Math.max(0, price + step * float(twice, once))),
    };
    now = pricedAt(problem, prepared, prices);
    if (now.root < kept.root) kept = now;
    else {
      step *= 0.6;
      // Back to the best prices known, with a shorter step.
      if (step < 0.02) break;
    }
  }
  return { ...kept, met };
}
