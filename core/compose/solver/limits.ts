import type { Problem } from './problem';

/** What the solver's own bookkeeping holds; beyond it nothing would be proved, and so it throws. */
export const LIMITS = {
  /** Units of time, the slack among them: tables are told apart by section × 4096 + units. */
  units: 4095,
  /** Joints are bits of one number. */
  joints: 31,
  /** How many of what is chosen can add to one counter: counts are bytes. */
  count: 255,
} as const;

const known = new WeakMap<Problem, readonly number[]>();

/** How many of what can be chosen at once may add to each counter: the shortest of them until the time is full. */
export function mostCounts(problem: Problem): readonly number[] {
  const before = known.get(problem);
  if (before) return before;
  const shortest = problem.counters.map(() => new Map<number, number>());
  for (const { candidates } of problem.sections)
    for (const { once, counts, options } of candidates) {
      const least = options.reduce((units, option) => Math.min(units, option.units), Infinity);
      for (const counter of counts) {
        const forms = shortest[counter];
        if (forms && least < Infinity) forms.set(once, Math.min(least, forms.get(once) ?? Infinity));
      }
    }
  const room = problem.totalUnits + problem.slackUnits;
  const most = shortest.map((forms) => {
    let left = room;
    let count = 0;
    for (const units of [...forms.values()].toSorted((a, b) => a - b)) {
      left -= units;
      if (left < 0) break;
      count += 1;
    }
    return count;
  });
  known.set(problem, most);
  return most;
}

/** Throws RangeError where a problem is beyond what the solver can prove, with what was expected and what was got. */
export function checkLimits(problem: Problem): void {
  const units = problem.totalUnits + problem.slackUnits;
  if (units > LIMITS.units)
    throw new RangeError(`expected at most ${LIMITS.units} units of time, got ${units}`);
  const tooMany = mostCounts(problem).find((count) => count > LIMITS.count);
  if (tooMany !== undefined)
    throw new RangeError(`expected at most ${LIMITS.count} chosen in one counter, got up to ${tooMany}`);
  for (const { candidates } of problem.sections)
    for (const { needs, loosens, options } of candidates) {
      if (needs < 0 || loosens < 0)
        throw new RangeError(`expected joints as at most ${LIMITS.joints} bits, got ${needs} and ${loosens}`);
      const odd = options.find((option) => !Number.isInteger(option.units) || option.units < 1);
      if (odd) throw new RangeError(`expected whole units of at least 1, got ${odd.units}`);
    }
}
