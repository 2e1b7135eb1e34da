import { isoWeekday, wallTime } from '../almanac/zone';
import { CONDITION_IDS, type ConditionId } from './conditions';
import { initialsOf } from './initials';
import type { Person } from './person';

type Spell = { readonly from?: string | undefined; readonly until?: string | undefined };

/** Whether a day, "2026-11-29", lies in a spell; both its ends belong to it, and an end that is not known is no end. */
const holdsOn = ({ from, until }: Spell, day: string): boolean =>
  (from === undefined || from <= day) && (until === undefined || day <= until);

/** The civil day of an instant in a zone, "2026-11-29". */
export function dayOf(atMs: number, zone: string): string {
  const { year, month, day } = wallTime(atMs, zone);
  return [String(year).padStart(4, '0'), String(month).padStart(2, '0'), String(day).padStart(2, '0')].join(
    '-',
  );
}

/** Monday = 1 … Sunday = 7 of a day, "2026-11-29". */
export function weekdayOf(day: string): number {
  const [year = 0, month = 1, of = 1] = day.split('-').map(Number);
  return isoWeekday({ year, month, day: of });
}

/** What a person has on a day, each condition once. */
export const conditionsOn = (
  { conditions }: Pick<Person, 'conditions'>,
  day: string,
): readonly ConditionId[] =>
  CONDITION_IDS.filter((id) => conditions.some((one) => one.id === id && holdsOn(one, day)));

/** Whether a person is of a group on a day, whatever the day of the week. */
export const belongsOn = ({ comesTo }: Pick<Person, 'comesTo'>, groupId: string, day: string): boolean =>
  comesTo.some((one) => one.groupId === groupId && holdsOn(one, day));

/** Whether a class of a group on a day is one this person comes to. */
export const comesOn = ({ comesTo }: Pick<Person, 'comesTo'>, groupId: string, day: string): boolean =>
  comesTo.some(
    (one) =>
      one.groupId === groupId &&
      holdsOn(one, day) &&
      (one.weekdays.length === 0 || one.weekdays.includes(weekdayOf(day))),
  );

/** Who is expected at a class. */
export const expectedAt = <Someone extends Pick<Person, 'comesTo'>>(
  people: readonly Someone[],
  groupId: string,
  day: string,
): readonly Someone[] => people.filter((person) => comesOn(person, groupId, day));

/** What a class is made and led for, from the people who are there: no names in it. */
export interface Minded {
  readonly conditions: readonly ConditionId[];
  /** Forms somebody there may not do. */
  readonly mayNot: readonly string[];
  /** Forms that at least a third of those there like. */
  readonly likes: readonly string[];
}

/** Of several, as many as are a third of them like a form: one alone says what one likes, in a class several have to. */
const LIKED_BY_SHARE = 1 / 3;

function likedBy(people: readonly Pick<Person, 'likes'>[]): readonly string[] {
  const least = Math.max(1, people.length * LIKED_BY_SHARE);
  const all = people.flatMap(({ likes }) => [...new Set(likes)]);
  return [...new Set(all)].filter((formId) => all.filter((one) => one === formId).length >= least).toSorted();
}

/** What those who are there have and may not do, with what is minded in the group whoever comes. */
export function mindedFor(
  people: readonly Pick<Person, 'conditions' | 'mayNot' | 'likes'>[],
  day: string,
  always: readonly ConditionId[] = [],
): Minded {
  const had = new Set([...always, ...people.flatMap((person) => conditionsOn(person, day))]);
  return {
    conditions: CONDITION_IDS.filter((id) => had.has(id)),
    mayNot: [...new Set(people.flatMap(({ mayNot }) => mayNot))].toSorted(),
    likes: likedBy(people),
  };
}

/** Whose a condition is, by initials: for the teacher alone. */
export function whoseConditions(
  people: readonly Pick<Person, 'name' | 'conditions'>[],
  day: string,
): Readonly<Partial<Record<ConditionId, string>>> {
  return Object.fromEntries(
    CONDITION_IDS.flatMap((id) => {
      const whose = people.filter((person) => conditionsOn(person, day).includes(id));
      return whose.length === 0 ? [] : [[id, whose.map(({ name }) => initialsOf(name)).join(', ')]];
    }),
  );
}
