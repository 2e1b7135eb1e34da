import { nextOccurrence } from '@/core/almanac/classes';
import type { Person } from '@/core/people/person';
import { belongsOn, comesOn, conditionsOn, dayOf } from '@/core/people/presence';
import { readCustoms } from '@/server/customs';
import { mine } from '@/server/access/asking';
import { listGroups } from '@/server/groups';
import { dayOfNextClass } from '@/server/minded';
import { lastCame, listPeopleWithUnreadable } from '@/server/people';
import { unreadableRow } from '@/server/unreadable';
import { isVeiled } from '@/server/veil';
import { chosenHere } from '@/ui/kit/chosenHere';
import { now } from '@/ui/kit/now';
import { UnreadableRows } from '@/ui/kit/Unreadable';
import { Veiled } from '@/ui/kit/Veiled';
import { PeopleRoom, type ListedPerson } from '@/ui/people/PeopleRoom';

export const metadata = { title: 'People' };

export default async function PeoplePage() {
  if (await isVeiled()) return <Veiled title="People" />;
  const open = await mine();
  const customs = await readCustoms(open);
  chosenHere(customs);
  const { zone } = customs.place;
  const [groups, { people, unreadable }, last] = [
    await listGroups(open),
    await listPeopleWithUnreadable(open),
    await lastCame(open),
  ];
  const nowMs = now();
  const today = dayOf(nowMs, zone);
  const listed = (person: Person, groupId: string | undefined, day: string): ListedPerson => ({
    id: person.id,
    name: person.name,
    weekdays: person.comesTo.find((one) => one.groupId === groupId)?.weekdays ?? [],
    conditions: conditionsOn(person, day),
    isExpected: groupId !== undefined && comesOn(person, groupId, day),
    lastCameMs: last.get(person.id),
    hasAgreed: person.consent.given,
  });
  const everyone = people.map(({ person }) => person);
  const rows = groups.map(({ id, name, times }) => {
    const day = dayOfNextClass(times, nowMs, zone);
    const next = times.map((time) => nextOccurrence(time, nowMs, zone));
    return {
      id,
      name,
      nextMs: next.length === 0 ? undefined : Math.min(...next),
      people: everyone.filter((person) => belongsOn(person, id, day)).map((one) => listed(one, id, day)),
    };
  });
  const inAGroup = new Set(rows.flatMap((row) => row.people.map(({ id }) => id)));
  return (
    <>
      <UnreadableRows rows={unreadable.map(unreadableRow)} />
      <PeopleRoom
        groups={rows}
        alone={everyone.filter(({ id }) => !inAGroup.has(id)).map((one) => listed(one, undefined, today))}
        zone={zone}
      />
    </>
  );
}
