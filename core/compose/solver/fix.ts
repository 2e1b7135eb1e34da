import { priced, type Prepared, type Prices, type Suffixes } from './bound';
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
  inside: readonly InSection[],
): readonly Float64Array[] {
  const width = problem.totalUnits + problem.slackUnits + 1;
  const first = new Float64Array(width).fill(NEVER);
  first[0] = 0;
  const all = [first];
  for (const [at, { section }] of prepared.entries()) {
    const before = all.at(-1) as Float64Array;
    const here = new Float64Array(width).fill(NEVER);
    inside[at]?.gains.forEach((gain, units) => {
      const time = units + section.extraUnits;
      if (gain === NEVER || time < section.leastUnits || time > section.mostUnits) return;
      const value = gain - section.awayCost * Math.abs(time - section.targetUnits);
      for (let used = 0; used + time < width; used += 1) {
        const sum = value + (before[used] as number);
        if (sum > (here[used + time] as number)) here[used + time] = sum;
      }
    });
    all.push(here);
  }
  return all;
}

interface InSection {
  /** The most the whole section brings in so many units. */
  readonly gains: Float64Array;
  /** What can have come before a candidate, and what can come after it, by units. */
  readonly before: readonly Float64Array[];
  readonly after: readonly Float64Array[];
}

/** A section by itself, forwards and backwards, without regard to stances outside it. */
function inSection({ section, classOf, classes, pair }: Prepared, prices: Prices): InSection {
  const count = section.candidates.length;
  const width = section.mostUnits + 1;
  const extras = section.candidates.map((candidate) => priced(candidate, prices));
  const empty = (): Float64Array => new Float64Array(width).fill(NEVER);
  const forward = Array.from({ length: classes }, empty);
  const before: Float64Array[] = [];
  const gains = empty();
  section.candidates.forEach((candidate, index) => {
    const reach = empty();
    reach[0] = 0;
    for (let from = 0; from < classes; from += 1) {
      const cells = forward[from] as Float64Array;
      const cost = pair[from * count + index] as number;
      for (let units = 0; units < width; units += 1)
        if ((cells[units] as number) - cost > (reach[units] as number))
          reach[units] = (cells[units] as number) - cost;
    }
    before.push(reach);
    // What is pinned is not passed over: only what has it goes on.
    if (candidate.pinned) for (const cells of [...forward, gains]) cells.fill(NEVER);
    const own = forward[classOf[index] as number] as Float64Array;
    for (const option of candidate.options) {
      const gain = option.value + (extras[index] as number);
      for (let units = width - 1; units >= option.units; units -= 1) {
        const value = gain + (reach[units - option.units] as number);
        if (value > (own[units] as number)) own[units] = value;
        if (value > (gains[units] as number)) gains[units] = value;
      }
    }
  });
  const backward = Array.from({ length: classes }, () => {
    const cells = empty();
    cells[0] = 0;
    return cells;
  });
  const after: Float64Array[] = [];
  for (let index = count - 1; index >= 0; index -= 1) {
    const candidate = section.candidates[index] as Candidate;
    const rest = (backward[classOf[index] as number] as Float64Array).slice();
    after.unshift(rest);
    const taken = empty();
    for (const option of candidate.options) {
      const gain = option.value + (extras[index] as number);
      for (let units = option.units; units < width; units += 1) {
        const value = gain + (rest[units - option.units] as number);
        if (value > (taken[units] as number)) taken[units] = value;
      }
    }
    for (let from = 0; from < classes; from += 1) {
      const cells = backward[from] as Float64Array;
      const cost = pair[from * count + index] as number;
      for (let units = 0; units < width; units += 1) {
        const value = (taken[units] as number) - cost;
        const passed = candidate.pinned ? NEVER : (cells[units] as number);
        cells[units] = value > passed ? value : passed;
      }
    }
  }
  return { gains, before, after };
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
      const value = suffix[stance * total + used] as number;
      if (value > (freest[used] as number)) freest[used] = value;
    }
  const around = new Float64Array(section.mostUnits + 1).fill(NEVER);
  for (let time = section.leastUnits; time <= section.mostUnits; time += 1) {
    let best = NEVER;
    for (let used = 0; used + time < total; used += 1) {
      const value = (prefix[used] as number) + (freest[used + time] as number);
      if (value > best) best = value;
    }
    around[time] = best - section.awayCost * Math.abs(time - section.targetUnits);
  }
  return around;
}

/** The times a section can take in a practice worth more than `threshold`; all of them where there is none. */
function timesWorth(
  section: Section,
  gains: Float64Array,
  around: Float64Array,
  threshold: number,
): Pick<Section, 'leastUnits' | 'mostUnits'> {
  let [least, most] = [section.mostUnits, section.leastUnits];
  for (let time = section.leastUnits; time <= section.mostUnits; time += 1) {
    const gain = gains[time - section.extraUnits] ?? NEVER;
    if (gain + (around[time] as number) <= threshold) continue;
    if (time < least) least = time;
    most = time;
  }
  return least <= most ? { leastUnits: least, mostUnits: most } : section;
}

/** A smaller problem, and where each of its candidates and ways stood in the larger. */
export interface Fixed {
  readonly problem: Problem;
  readonly candidates: readonly (readonly number[])[];
  readonly options: readonly (readonly (readonly number[])[])[];
}

/** Leaves out every way of a candidate that cannot be worth more than `threshold`; `constant` is added to each bound. */
export function fix(
  problem: Problem,
  prepared: readonly Prepared[],
  prices: Prices,
  best: Suffixes,
  constant: number,
  threshold: number,
): Fixed {
  const inside = prepared.map((one) => inSection(one, prices));
  const prefix = prefixes(problem, prepared, inside);
  const candidates: number[][] = [];
  const options: number[][][] = [];
  const sections = prepared.map((one, at) => {
    const { section } = one;
    const { gains, before, after } = inside[at] as InSection;
    const around = aroundSection(problem, prefix[at] as Float64Array, best[at + 1] as Float64Array, one);
    const width = section.mostUnits + 1;
    const keptCandidates: number[] = [];
    const keptOptions: number[][] = [];
    const kept = section.candidates.flatMap((candidate, index): readonly Candidate[] => {
      const rest = after[index] as Float64Array;
      const reach = before[index] as Float64Array;
      const extra = priced(candidate, prices) + constant;
      // onward[t]: the most from a time in the section on, this candidate done.
      const onward = new Float64Array(width).fill(NEVER);
      for (let time = 0; time < width; time += 1) {
        let most = NEVER;
        for (let units = 0; time + units < width; units += 1) {
          const value = (rest[units] as number) + (around[time + units] as number);
          if (value > most) most = value;
        }
        onward[time] = most;
      }
      const ways = candidate.options.flatMap((option, way) => {
        let most = NEVER;
        const later = option.units + section.extraUnits;
        for (let time = 0; time + later < width; time += 1) {
          const value = (reach[time] as number) + (onward[time + later] as number);
          if (value > most) most = value;
        }
        return most + option.value + extra > threshold ? [way] : [];
      });
      if (ways.length === 0 && !candidate.pinned) return [];
      keptCandidates.push(index);
      keptOptions.push(ways);
      return [
        { ...candidate, options: ways.map((way) => candidate.options[way] as Candidate['options'][number]) },
      ];
    });
    candidates.push(keptCandidates);
    options.push(keptOptions);
    return { ...section, ...timesWorth(section, gains, around, threshold - constant), candidates: kept };
  });
  return { problem: { ...problem, sections }, candidates, options };
}
