import { lastOf } from '../../lists/lists';
import { float, int32, num, pick } from './access';
import { bestSum, raise } from './rows';
import { priced, type Prepared, type Prices } from './bound';
import type { Priced } from './prices';
import { only, type Fixed } from './parts';
import { heldWorth, NEVER, type Candidate, type Problem, type Section } from './problem';

/**
 * Takes out what cannot be part of a better selection: for every way of every candidate, the most any
 * practice with it could be worth (stances between sections free, prices as given) is held against what
 * has been found. Most candidates go at once, and the search has little left to look through.
 */

/** `prefix[section][unitsUsed]`: the most the sections before it can bring, whatever the stance. */
function prefixes(
  problem: Problem,
  prepared: readonly Prepared[],
  forwards: readonly Forward[],
): readonly Float64Array[] {
  const width = problem.totalUnits + problem.slackUnits + 1;
  const first = new Float64Array(width).fill(NEVER);
  first[0] = 0;
  const all = [first];
  for (const [at, { section }] of prepared.entries()) {
    const before = lastOf(all);
    const here = new Float64Array(width).fill(NEVER);
    forwards[at]?.gains.forEach((gain, units) => {
      const time = units + section.extraUnits;
      if (gain === NEVER || time < section.leastUnits || time > section.mostUnits) return;
      const value = gain + heldWorth(section, time);
      raise(here, time, before, 0, width - time, value);
    });
    all.push(here);
  }
  return all;
}

interface Forward {
  /** The most the whole section brings in so many units. */
  readonly gains: Float64Array;
  /** What can have come before a candidate, by units. */
  readonly before: readonly Float64Array[];
}

/** A section by itself, without regard to stances outside it. */
function forward({ section, classOf, classes, pair }: Prepared, prices: Prices): Forward {
  const count = section.candidates.length;
  const width = section.mostUnits + 1;
  const empty = (): Float64Array => new Float64Array(width).fill(NEVER);
  const after = Array.from({ length: classes }, empty);
  const before: Float64Array[] = [];
  const gains = empty();
  section.candidates.forEach((candidate, index) => {
    const reach = empty();
    reach[0] = 0;
    for (let from = 0; from < classes; from += 1) {
      raise(reach, 0, pick(after, from), 0, width, -float(pair, from * count + index));
    }
    before.push(reach);
    // What is pinned is not passed over: only what has it goes on.
    if (candidate.pinned) for (const cells of [...after, gains]) cells.fill(NEVER);
    const own = pick(after, int32(classOf, index));
    const extra = priced(candidate, prices);
    for (const option of candidate.options) {
      const gain = option.value + extra;
      for (const cells of [own, gains]) raise(cells, option.units, reach, 0, width - option.units, gain);
    }
  });
  return { gains, before };
}

/** What can come after each candidate within its section, by units, as far as `mostUnits`. */
function backward(
  { section, classOf, classes, pair }: Prepared,
  prices: Prices,
  mostUnits: number,
): readonly Float64Array[] {
  const count = section.candidates.length;
  const width = mostUnits + 1;
  const before = Array.from({ length: classes }, () => {
    const cells = new Float64Array(width).fill(NEVER);
    cells[0] = 0;
    return cells;
  });
  const after: Float64Array[] = [];
  const taken = new Float64Array(width);
  for (let index = count - 1; index >= 0; index -= 1) {
    const candidate = pick(section.candidates, index);
    const rest = pick(before, int32(classOf, index)).slice();
    after.push(rest);
    taken.fill(NEVER);
    const extra = priced(candidate, prices);
    for (const option of candidate.options) {
      raise(taken, option.units, rest, 0, width - option.units, option.value + extra);
    }
    for (let from = 0; from < classes; from += 1) {
      const cells = pick(before, from);
      if (candidate.pinned) cells.fill(NEVER);
      raise(cells, 0, taken, 0, width, -float(pair, from * count + index));
    }
  }
  return after.reverse();
}

/** What the rest of the practice can bring when the section takes so many units, with its own share cost. */
function aroundSection(
  problem: Problem,
  prefix: Float64Array,
  suffix: Float64Array,
  { section }: Prepared,
): Float64Array {
  const total = problem.totalUnits + problem.slackUnits + 1;
  const freest = new Float64Array(total).fill(NEVER);
  for (let stance = 0; stance <= problem.stances; stance += 1)
    raise(freest, 0, suffix, stance * total, total, 0);
  const around = new Float64Array(section.mostUnits + 1).fill(NEVER);
  for (let time = section.leastUnits; time <= section.mostUnits; time += 1) {
    const best = bestSum(prefix, 0, freest, time, total - time);
    around[time] = best + heldWorth(section, time);
  }
  return around;
}

/** The times of a section, from and to, in which a practice could be worth more than `threshold`. */
function timesWorth(
  { leastUnits, mostUnits, extraUnits }: Section,
  gains: Float64Array,
  around: Float64Array,
  threshold: number,
): { readonly least: number; readonly most: number } {
  let [least, most] = [mostUnits + 1, -1];
  for (let time = leastUnits; time <= mostUnits; time += 1) {
    if (float(around, time) + (gains[time - extraUnits] ?? NEVER) <= threshold) continue;
    if (time < least) least = time;
    most = time;
  }
  return { least, most };
}

/** The most there can be with each way of a candidate in it, where that may be more than what is asked for. */
function mostWith(
  { options }: Candidate,
  extraUnits: number,
  { least, most }: { readonly least: number; readonly most: number },
  reach: Float64Array,
  rest: Float64Array,
  around: Float64Array,
): readonly number[] {
  // onward[t]: the most from a time in the section on, the candidate done.
  const onward = new Float64Array(most + 1);
  for (let time = 0; time <= most; time += 1) {
    const end = Math.max(least, time);
    onward[time] = bestSum(rest, end - time, around, end, most - end + 1);
  }
  return options.map(({ units, value }) => {
    const later = units + extraUnits;
    return bestSum(reach, 0, onward, later, most - later + 1) + value;
  });
}

/** Leaves out every way of a candidate that no practice worth more than `threshold` can have, and section times likewise. */
export function fix({ problem, prepared, prices, best, constant }: Priced, threshold: number): Fixed {
  const forwards = prepared.map((one) => forward(one, prices));
  const prefix = prefixes(problem, prepared, forwards);
  const needed = threshold - constant;
  const found = prepared.map((one, at) => {
    const { section } = one;
    const { gains, before } = pick(forwards, at);
    const around = aroundSection(problem, pick(prefix, at), pick(best, at + 1), one);
    const times = timesWorth(section, gains, around, needed);
    const after = times.most < 0 ? [] : backward(one, prices, times.most);
    const bounds = after.map((rest, index) =>
      mostWith(pick(section.candidates, index), section.extraUnits, times, pick(before, index), rest, around),
    );
    const extras = section.candidates.map((candidate) => priced(candidate, prices));
    return {
      times,
      worth: bounds.map((ways, index) => ways.map((way) => way + num(extras, index) > needed)),
    };
  });
  const part = only(problem, (at, candidate, way) => found[at]?.worth[candidate]?.[way] === true);
  const sections = part.problem.sections.map((section, at) => {
    const { least, most } = found[at]?.times ?? { least: 0, most: -1 };
    return most < 0 ? section : { ...section, leastUnits: least, mostUnits: most };
  });
  return { ...part, problem: { ...part.problem, sections } };
}
