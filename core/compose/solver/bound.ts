import { lastOf } from '../../lists/lists';
import { float, int32, num, pick } from './access';
import { raise } from './rows';
import { gainOf, heldWorth, NEVER, pairCost, type Candidate, type Problem, type Section } from './problem';

/**
 * An upper bound on what can still come, by dynamic programming over the time used. Two things are
 * relaxed in it: falling returns are priced (a multiplier for every counter, subtracted again where the
 * count is known) and a form may stand twice (a price on every form that more than one section could
 * use). For any prices the bound holds; good prices make it tight.
 */
export interface Prices {
  /** Price of one more in each counter. */
  readonly counters: Float64Array;
  /** Price of using a form, by its `once` number; 0 for forms of one section. */
  readonly forms: Float64Array;
}

/** A section with everything that does not depend on prices. */
export interface Prepared {
  readonly section: Section;
  /** Class of each candidate as the one before another: end stance, arms, legs. */
  readonly classOf: Int32Array;
  readonly classStance: Int32Array;
  readonly classes: number;
  /** Cost of candidate `i` after class `c`, at `c * n + i`. */
  readonly pair: Float64Array;
}

/** With `freeEntry` what a section is entered from costs nothing: a rougher bound, several times sooner. */
export function prepare(problem: Problem, freeEntry = false): readonly Prepared[] {
  return problem.sections.map((section) => {
    const keys = new Map<string, number>();
    const first: Candidate[] = [];
    const classOf = Int32Array.from(section.candidates, (candidate) => {
      const key = `${candidate.endStance}/${candidate.armsUp}/${candidate.low}`;
      const known = keys.get(key);
      if (known !== undefined) return known;
      keys.set(key, first.length);
      first.push(candidate);
      return first.length - 1;
    });
    const count = section.candidates.length;
    const pair = new Float64Array(first.length * count);
    first.forEach((before, index) =>
      section.candidates.forEach((after, place) => {
        pair[index * count + place] = pairCost(problem, before, after);
      }),
    );
    return {
      section,
      classOf,
      classStance: Int32Array.from(first, ({ endStance }) => (freeEntry ? problem.stances : endStance)),
      classes: first.length,
      pair,
    };
  });
}

/** The value of each option of a candidate with prices in it. */
export const priced = (candidate: Candidate, prices: Prices): number =>
  candidate.counts.reduce((sum, counter) => sum + (prices.counters[counter] ?? 0), 0) -
  (prices.forms[candidate.once] ?? 0);

/**
 * `best[section][stance * width + unitsUsed]`: the most the sections from there on can still bring. The row
 * after the last stance stands for nothing before: the first form of a practice costs no change.
 */
export type Suffixes = readonly Float64Array[];

/** What coming into a section from a stance costs; nothing at the very beginning. */
export const entryCost = (problem: Problem, stance: number, candidate: Candidate): number =>
  stance === candidate.startStance || stance === problem.stances ? 0 : problem.stanceCost;

/** What a section brings by the stance it is entered from (only those that occur), exit stance and units. */
function sectionGains(
  problem: Problem,
  prepared: Prepared,
  prices: Prices,
  entries: readonly number[],
): readonly Float64Array[] {
  const { section, classOf, classStance, classes, pair } = prepared;
  const count = section.candidates.length;
  const width = section.mostUnits + 1;
  const exits = problem.stances + 1;
  // after[c]: what candidates from here on bring after class c, by exit stance and units used.
  const after = Array.from({ length: classes }, (_, index) => {
    const cells = new Float64Array(exits * width).fill(NEVER);
    cells[int32(classStance, index) * width] = 0;
    return cells;
  });
  const entered = entries.map(() => new Float64Array(exits * width).fill(NEVER));
  const taken = new Float64Array(exits * width);
  const present = [...new Set(classStance)];
  for (let index = count - 1; index >= 0; index -= 1) {
    const candidate = pick(section.candidates, index);
    const extra = priced(candidate, prices);
    const rest = pick(after, int32(classOf, index));
    taken.fill(NEVER);
    for (const option of candidate.options) {
      const gain = option.value + extra;
      for (const exit of present)
        raise(taken, exit * width + option.units, rest, exit * width, width - option.units, gain);
    }
    const put = (cells: Float64Array, cost: number): void => {
      // What is pinned is not passed over.
      if (candidate.pinned) cells.fill(NEVER);
      for (const exit of present) raise(cells, exit * width, taken, exit * width, width, -cost);
    };
    for (let before = 0; before < classes; before += 1)
      put(pick(after, before), float(pair, before * count + index));
    entered.forEach((cells, place) => put(cells, entryCost(problem, num(entries, place), candidate)));
  }
  return entered;
}

/** The suffix bounds of a problem at given prices, without counters and form prices added back; from a section on. */
export function suffixes(
  problem: Problem,
  prepared: readonly Prepared[],
  prices: Prices,
  from = 0,
): Suffixes {
  const width = problem.totalUnits + problem.slackUnits + 1;
  const rows = problem.stances + 1;
  const end = new Float64Array(rows * width).fill(NEVER);
  for (let row = 0; row < rows; row += 1)
    for (let units = Math.max(0, problem.totalUnits - problem.slackUnits); units < width; units += 1)
      end[row * width + units] = -problem.offCost * Math.abs(units - problem.totalUnits);
  const all: Float64Array[] = [end];
  // Only moments that the sections before can lead to are looked at.
  const soonest = [0];
  const latest = [0];
  for (const { section } of prepared) {
    soonest.push(lastOf(soonest) + section.leastUnits);
    latest.push(lastOf(latest) + section.mostUnits);
  }
  for (let index = prepared.length - 1; index >= from; index -= 1) {
    const { section, classStance } = pick(prepared, index);
    const next = pick(all, 0);
    const cells = new Float64Array(rows * width).fill(NEVER);
    const own = section.mostUnits + 1;
    const entries = index === 0 ? [problem.stances] : [...new Set(prepared[index - 1]?.classStance)];
    const gains = sectionGains(problem, pick(prepared, index), prices, entries);
    const exits = [...new Set(classStance)];
    gains.forEach((gain, place) => {
      const stance = num(entries, place);
      for (const exit of exits)
        for (let units = 0; units < own; units += 1) {
          const time = units + section.extraUnits;
          const got = float(gain, exit * own + units);
          if (got === NEVER || time < section.leastUnits || time > section.mostUnits) continue;
          const value = got + heldWorth(section, time);
          const from = num(soonest, index);
          const until = Math.min(num(latest, index), width - 1 - time);
          raise(cells, stance * width + from, next, exit * width + from + time, until - from + 1, value);
        }
    });
    all.unshift(cells);
  }
  for (let index = 0; index < from; index += 1) all.unshift(new Float64Array(0));
  return all;
}

/** `table[(i * classes + c) * width + t]`: the most from candidate `i` on after class `c`, `t` units into the section. */
export interface SectionTable {
  readonly cells: Float64Array;
  readonly width: number;
  readonly usedBefore: number;
}

/** Everything still to come, from within a section that was entered with `usedBefore` units gone. */
export function sectionTable(
  problem: Problem,
  { section, classOf, classStance, classes, pair }: Prepared,
  next: Float64Array,
  prices: Prices,
  usedBefore: number,
): SectionTable {
  const count = section.candidates.length;
  const total = problem.totalUnits + problem.slackUnits + 1;
  const width = Math.min(section.mostUnits, total - 1 - usedBefore) + 1;
  if (width <= 0) return { cells: new Float64Array(0), width: 0, usedBefore };
  const cells = new Float64Array((count + 1) * classes * width);
  cells.fill(NEVER, count * classes * width);
  for (let before = 0; before < classes; before += 1) {
    const base = (count * classes + before) * width;
    for (let time = section.leastUnits; time < width; time += 1)
      cells[base + time] =
        float(next, int32(classStance, before) * total + usedBefore + time) + heldWorth(section, time);
  }
  const taken = new Float64Array(width);
  for (let index = count - 1; index >= 0; index -= 1) {
    const candidate = pick(section.candidates, index);
    const extra = priced(candidate, prices);
    const rest = ((index + 1) * classes + int32(classOf, index)) * width;
    taken.fill(NEVER);
    for (const option of candidate.options) {
      raise(taken, 0, cells, rest + option.units, width - option.units, option.value + extra);
    }
    for (let before = 0; before < classes; before += 1) {
      const from = ((index + 1) * classes + before) * width;
      const to = (index * classes + before) * width;
      if (candidate.pinned) cells.fill(NEVER, to, to + width);
      else cells.copyWithin(to, from, from + width);
      raise(cells, to, taken, 0, width, -float(pair, before * count + index));
    }
  }
  return { cells, width, usedBefore };
}

/** `slack[n]`: the most a counter that stands at `n`, and can come to `most`, can still add, net of the price paid for it. */
export function counterSlack(problem: Problem, counter: number, price: number, most: number): Float64Array {
  const row = problem.counters[counter];
  if (!row) throw new RangeError(`no counter ${counter}`);
  const slack = new Float64Array(most + 1);
  for (let count = 1; count <= most; count += 1) slack[count] = float(slack, count - 1) + gainOf(row, count);
  // Gains never rise, so what may still be added is added as long as each one is worth its price.
  let more = 0;
  for (let now = most - 1; now >= 0; now -= 1) {
    more = Math.max(0, more + gainOf(row, now + 1) - price);
    slack[now] = float(slack, now) + more;
  }
  return slack;
}
