import { nextOccurrence } from '@/core/almanac/classes';
import type { ConditionId } from '@/core/people';
import type { Person } from '@/core/people/person';
import { dayOf, expectedAt, mindedFor, whoseConditions, type Minded } from '@/core/people/presence';
import { conditionsOf, initialsOf, listGroups, type StoredGroup } from './groups';
import { listPeople } from './people';
import { openRegister } from './registers';
import type { OwnQueries } from './sql';

/** The civil day of a group’s next class; today where it has no usual times. */
export function dayOfNextClass(times: StoredGroup['times'], atMs: number, zone: string): string {
  const next = times.map((time) => nextOccurrence(time, atMs, zone));
  return dayOf(next.length === 0 ? atMs : Math.min(...next), zone);
}

/** The groups, each with what is to be minded at its next class: for all of it, and for those expected there. */
export async function groupsAsExpected(
  queries: OwnQueries,
  zone: string,
  atMs: number,
): Promise<readonly (Omit<StoredGroup, 'conditions'> & Minded)[]> {
  const [groups, people] = [await listGroups(queries), await listPeople(queries)];
  return groups.map((group) => {
    const day = dayOfNextClass(group.times, atMs, zone);
    return { ...group, ...mindedFor(expectedAt(people, group.id, day), day, group.conditions) };
  });
}

/** Those a practice is led for now. */
export interface WhoIsHere extends Minded {
  readonly day: string;
  /** Ticked for this class, or as they are expected today. */
  readonly isTicked: boolean;
  readonly people: readonly Person[];
  /** How many more came, of whom nothing is known. */
  readonly others: number;
  /** What is minded in this group whoever comes, or in oneself. */
  readonly always: readonly ConditionId[];
  /** Whose a condition is, by initials. */
  readonly whose: Readonly<Partial<Record<ConditionId, string>>>;
}

/** Who a class with a practice is for: as ticked, or else those expected today; nobody where it is for oneself. */
export async function whoIsHere(
  queries: OwnQueries,
  { practiceId, groupId }: { readonly practiceId: string; readonly groupId: string | null },
  alone: readonly ConditionId[],
  zone: string,
  atMs: number,
): Promise<WhoIsHere> {
  const [groups, everyone] = [await listGroups(queries), await listPeople(queries)];
  const register = await openRegister(queries, practiceId, atMs);
  const day = dayOf(atMs, zone);
  const people = register
    ? everyone.filter(({ id }) => register.present.includes(id))
    : groupId === null
      ? []
      : expectedAt(everyone, groupId, day);
  const always = conditionsOf(groups, groupId, alone);
  const [named, ofPeople] = [initialsOf(groups, groupId), whoseConditions(people, day)];
  const { conditions, mayNot, likes } = mindedFor(people, day, always);
  return {
    day,
    isTicked: register !== undefined,
    people,
    others: register?.others ?? 0,
    always,
    conditions,
    mayNot,
    likes,
    whose: Object.fromEntries(
      conditions.flatMap((id) => {
        const whose = [ofPeople[id], named[id]].filter((one) => one !== undefined && one.trim() !== '');
        return whose.length === 0 ? [] : [[id, whose.join(', ')]];
      }),
    ),
  };
}
