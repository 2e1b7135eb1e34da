import { lastOf } from '../../lists/lists';
import { float, int32, num, pick } from './access';
import { priced, type Prepared, type Prices } from './bound';
import type { Priced } from './prices';
import { only, type Fixed } from './parts';
import { NEVER, type Candidate, type Problem, type Section } from './problem';

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
      const value = gain - section.awayCost * Math.abs(time - section.targetUnits);
      for (let used = 0; used + time < width; used += 1) {
        const sum = value + float(before, used);
        if (sum > float(here, used + time)) here[used + time] = sum;
      }
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
      const cells = pick(after, from);
      const cost = float(pair, from * count + index);
      for (let units = 0; units < width; units += 1) {
        const value = float(cells, units) - cost;
        if (value > float(reach, units)) reach[units] = value;
      }
    }
    before.push(reach);
    // What is pinned is not passed over: only what has it goes on.
    if (candidate.pinned) for (const cells of [...after, gains]) cells.fill(NEVER);
    const own = pick(after, int32(classOf, index));
    const extra = priced(candidate, prices);
    for (const option of candidate.options) {
      const gain = option.value + extra;
      for (let units = width - 1; units >= option.units; units -= 1) {
        const value = gain + float(reach, units - option.units);
        if (value > float(own, units)) own[units] = value;
        if (value > float(gains, units)) gains[units] = value;
      }
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
      const gain = option.value + extra;
      for (let units = option.units; units < width; units += 1) {
        const value = gain + float(rest, units - option.units);
        if (value > float(taken, units)) taken[units] = value;
      }
    }
    for (let from = 0; from < classes; from += 1) {
      const cells = pick(before, from);
      const cost = float(pair, from * count + index);
      for (let units = 0; units < width; units += 1) {
        const value = float(taken, units) - cost;
        const passed = candidate.pinned ? NEVER : float(cells, units);
        cells[units] = value > passed ? value : passed;
      }
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
    for (let used = 0; used < total; used += 1) {
      const value = float(suffix, stance * total + used);
      if (value > float(freest, used)) freest[used] = value;
    }
  const around = new Float64Array(section.mostUnits + 1).fill(NEVER);
  for (let time = section.leastUnits; time <= section.mostUnits; time += 1) {
    let best = NEVER;
    for (let used = 0; used + time < total; used += 1) {
      const value = float(prefix, used) + float(freest, used + time);
      if (value > best) best = value;
    }
    around[time] = best - section.awayCost * Math.abs(time - section.targetUnits);
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
    let best = NEVER;
    for (let end = least > time ? least : time; end <= most; end += 1) {
      const value = float(rest, end - time) + float(around, end);
      if (value > best) best = value;
    }
    onward[time] = best;
  }
  return options.map(({ units, value }) => {
    let best = NEVER;
    const later = units + extraUnits;
    for (let time = 0; time + later <= most; time += 1) {
      const sum = float(reach, time) + float(onward, time + later);
      if (sum > best) best = sum;
    }
    return best + value;
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
