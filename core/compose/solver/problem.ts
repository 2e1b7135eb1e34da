import { pick } from './access';

/**
 * The composer's model as numbers only. What the numbers mean (forms, organs, minutes) lives in
 * `../model.ts`; here an ordered choice is made from lists, with a time for each and a value for each.
 * Times are whole units (a unit is a small share of the practice), values are points: more is better.
 */

/** What cannot be. A name of the module's own: where globals are watched, as in tests, they are slow to read. */
export const NEVER = -Infinity;

/** One way of doing a candidate: so many repetitions at such a breath. */
export interface Option {
  /** Time, whole units, at least 1. */
  readonly units: number;
  readonly value: number;
}

/** A form that may stand in a section. */
export interface Candidate {
  /** The same number wherever the same form is a candidate, in whatever way: it may stand once in the whole practice. */
  readonly once: number;
  readonly options: readonly Option[];
  readonly startStance: number;
  readonly endStance: number;
  /** Done with the arms up, or with the legs low: two such in a row within a section cost. */
  readonly armsUp: boolean;
  readonly low: boolean;
  /** Which counters it adds one to, by index, none twice. */
  readonly counts: readonly number[];
  /** Joints that must have been loosened before, and joints it loosens, as bits. */
  readonly needs: number;
  readonly loosens: number;
  /** Must be in. A pinned form is a candidate of one section only. */
  readonly pinned: boolean;
  /** Its fixed place among what is chosen in its section: a number from 1, or the last. Only for the pinned. */
  readonly place?: number | 'last';
  /** Within the search: the counter of those that stand before it. */
  readonly heldBy?: number;
}

/** A stretch of the practice. It holds at least one candidate, in the order of its list. */
export interface Section {
  readonly candidates: readonly Candidate[];
  /** Time taken whatever is chosen (a hinge), whole units. */
  readonly extraUnits: number;
  /** What it is worth that the section is held at all: the same whatever is chosen. */
  readonly heldValue: number;
  /** From so many units to so many is as long as it should be … */
  readonly easyFromUnits: number;
  readonly easyToUnits: number;
  /** … and for every unit shorter or longer so many points are lost. */
  readonly awayCost: number;
  readonly leastUnits: number;
  readonly mostUnits: number;
}

/**
 * How many forms reach something is worth, told as the gain of the first, the second, the third … Gains
 * never rise; after the last row the gain is that of the row. A gain of −Infinity forbids one more.
 */
export interface Counter {
  readonly gains: readonly number[];
}

export interface Problem {
  readonly totalUnits: number;
  /** The whole may be this much longer or shorter. */
  readonly slackUnits: number;
  readonly offCost: number;
  readonly stances: number;
  readonly stanceCost: number;
  readonly armsCost: number;
  readonly lowCost: number;
  readonly sections: readonly Section[];
  readonly counters: readonly Counter[];
}

export interface Pick {
  readonly candidate: number;
  readonly option: number;
}

/** The choice for every section, in order. */
export type Selection = readonly (readonly Pick[])[];

/** Why a selection breaks a hard rule. */
export type Breach =
  | 'empty-section'
  | 'twice'
  | 'order'
  | 'not-loosened'
  | 'section-range'
  | 'length'
  | 'too-many'
  | 'pin-left-out'
  | 'pin-out-of-place';

/** The options without those that take as long as one worth more (or as much, and before them). */
export function distinct<Way extends Option>(options: readonly Way[]): readonly Way[] {
  const best = new Map<number, Way>();
  for (const option of options) {
    const known = best.get(option.units);
    if (!known || option.value > known.value) best.set(option.units, option);
  }
  return options.length === best.size ? options : [...best.values()];
}

/** What a section is worth for being held, in so many units. */
export const heldWorth = (
  { heldValue, easyFromUnits, easyToUnits, awayCost }: Section,
  units: number,
): number =>
  units < easyFromUnits
    ? heldValue - awayCost * (easyFromUnits - units)
    : units > easyToUnits
      ? heldValue - awayCost * (units - easyToUnits)
      : heldValue;

export const gainOf = ({ gains }: Counter, nth: number): number =>
  gains[(nth < gains.length ? nth : gains.length) - 1] ?? 0;

/** The worth of a count: the sum of its gains. */
export function worthOf(counter: Counter, count: number): number {
  let sum = 0;
  for (let nth = 1; nth <= count; nth += 1) sum += gainOf(counter, nth);
  return sum;
}

/** What two forms following each other within a section cost. */
export function pairCost(problem: Problem, before: Candidate, after: Candidate): number {
  return (
    (before.endStance === after.startStance ? 0 : problem.stanceCost) +
    (before.armsUp && after.armsUp ? problem.armsCost : 0) +
    (before.low && after.low ? problem.lowCost : 0)
  );
}

/**
 * The value of a selection by the model's definition, or the hard rule it breaks. Written straight from the
 * definition and sharing nothing with the search, which is held against it.
 */
export function valueOf(problem: Problem, selection: Selection): number | Breach {
  const used = new Set<number>();
  const counts = problem.counters.map(() => 0);
  let loosened = 0;
  let total = 0;
  let value = 0;
  let stance: number | undefined;
  for (const [index, section] of problem.sections.entries()) {
    const picks = selection[index] ?? [];
    if (picks.length === 0) return 'empty-section';
    let units = section.extraUnits;
    let before: Candidate | undefined;
    let last = -1;
    for (const pick of picks) {
      const candidate = section.candidates[pick.candidate];
      const option = candidate?.options[pick.option];
      if (!candidate || !option) throw new RangeError(`no such choice: ${JSON.stringify(pick)}`);
      if (pick.candidate <= last) return 'order';
      if (used.has(candidate.once)) return 'twice';
      if ((candidate.needs & ~loosened) !== 0) return 'not-loosened';
      if (before) value -= pairCost(problem, before, candidate);
      else if (stance !== undefined && stance !== candidate.startStance) value -= problem.stanceCost;
      value += option.value;
      units += option.units;
      used.add(candidate.once);
      loosened |= candidate.loosens;
      for (const counter of candidate.counts) counts[counter] = (counts[counter] ?? 0) + 1;
      last = pick.candidate;
      before = candidate;
    }
    if (units < section.leastUnits || units > section.mostUnits) return 'section-range';
    const tooShort = Math.max(0, section.easyFromUnits - units);
    const tooLong = Math.max(0, units - section.easyToUnits);
    value += section.heldValue - section.awayCost * (tooShort + tooLong);
    total += units;
    stance = before?.endStance;
    if (
      section.candidates.some(
        (candidate, place) => candidate.pinned && !picks.some((pick) => pick.candidate === place),
      )
    )
      return 'pin-left-out';
    const outOfPlace = picks.some(({ candidate }, index) => {
      const { place } = pick(section.candidates, candidate);
      return place !== undefined && index + 1 !== (place === 'last' ? picks.length : place);
    });
    if (outOfPlace) return 'pin-out-of-place';
  }
  if (Math.abs(total - problem.totalUnits) > problem.slackUnits) return 'length';
  value -= problem.offCost * Math.abs(total - problem.totalUnits);
  for (const [index, counter] of problem.counters.entries()) value += worthOf(counter, counts[index] ?? 0);
  return value === NEVER ? 'too-many' : value;
}
