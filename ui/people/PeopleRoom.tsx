import Link from 'next/link';
import type { ConditionId } from '@/core/people';
import { isOneToOne } from '@/core/people/oneToOne';
import { conditionLabel } from '@/core/seek/conditionWords';
import { dateText, plural } from '@/ui/kit/time';
import { WEEKDAYS } from '@/ui/words/weekdays';
import { AddPerson } from './AddPerson';

/** Somebody as a list shows them. */
export interface ListedPerson {
  readonly id: string;
  readonly name: string;
  /** Monday = 1 … Sunday = 7; every class where none is named. */
  readonly weekdays: readonly number[];
  /** What is minded for them at the next class. */
  readonly conditions: readonly ConditionId[];
  readonly isExpected: boolean;
  readonly lastCameMs: number | undefined;
  /** Whether they agreed to being kept here. */
  readonly hasAgreed: boolean;
}

export interface ListedGroup {
  readonly id: string;
  readonly name: string;
  readonly nextMs: number | undefined;
  readonly people: readonly ListedPerson[];
}

const capital = (text: string): string => text.charAt(0).toLocaleUpperCase() + text.slice(1);

function Row({ person, zone }: { person: ListedPerson; zone: string }) {
  const { conditions, weekdays, lastCameMs } = person;
  return (
    <tr className="border-t border-hairline align-baseline">
      <th scope="row" className="py-1 pr-4 text-left font-medium">
        <Link className="press-plain" href={`/people/${person.id}`}>
          {person.name}
        </Link>
      </th>
      <td className="pr-4">
        {weekdays.length === 0
          ? 'every class'
          : `only ${weekdays.map((day) => WEEKDAYS[day - 1]).join(', ')}`}
        {!person.isExpected && <span className="quiet">; not at the next</span>}
      </td>
      <td className="pr-4">
        {conditions.length === 0 ? (
          <span className="quiet">nothing known</span>
        ) : (
          conditions.map(conditionLabel).join(', ')
        )}
        {!person.hasAgreed && <span className="quiet"> · has not agreed yet to being kept here</span>}
      </td>
      <td className="figures text-right">
        {lastCameMs === undefined ? (
          <span className="quiet">not yet</span>
        ) : (
          dateText(lastCameMs, zone, 'dayMonth')
        )}
      </td>
    </tr>
  );
}

function Group({ group, zone }: { group: ListedGroup; zone: string }) {
  const expected = group.people.filter(({ isExpected }) => isExpected).length;
  return (
    <section aria-labelledby={`group-${group.id}`} className="mt-8">
      <div className="flex flex-wrap items-baseline gap-x-4 border-b border-ink">
        <h2 id={`group-${group.id}`}>{capital(group.name)}</h2>
        {group.nextMs !== undefined && (
          <p className="quiet">
            next {dateText(group.nextMs, zone, 'dayTime')}, {plural(expected, 'person', 'people')} expected
          </p>
        )}
      </div>
      {group.people.length === 0 ? (
        <p className="quiet my-2">Nobody is written down here yet.</p>
      ) : (
        <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={`People of ${group.name}`}>
          <table className="w-full">
            <thead>
              <tr className="caption text-left">
                <th scope="col" className="w-52 font-medium">
                  who
                </th>
                <th scope="col" className="w-56 font-medium">
                  comes to
                </th>
                <th scope="col" className="font-medium">
                  to be minded
                </th>
                <th scope="col" className="w-28 text-right font-medium">
                  last came
                </th>
              </tr>
            </thead>
            <tbody>
              {group.people.map((person) => (
                <Row key={person.id} person={person} zone={zone} />
              ))}
            </tbody>
          </table>
        </div>
      )}
    </section>
  );
}

interface Props {
  readonly groups: readonly ListedGroup[];
  /** Those who come to no group now. */
  readonly alone: readonly ListedPerson[];
  readonly zone: string;
}

/** Everyone who is taught, group by group. */
export function PeopleRoom({ groups, alone, zone }: Props) {
  const isEmpty = alone.length === 0 && groups.every(({ people }) => people.length === 0);
  return (
    <div className="max-w-5xl">
      <h1>People</h1>
      <p className="reading quiet my-3 max-w-[65ch]">
        For you alone. What is written here decides what a class minds; it is on no sheet, in no file for
        others, not on the hall’s screen and not in an address.
      </p>
      <AddPerson
        groups={groups.filter(({ id }) => !isOneToOne(id)).map(({ id, name }) => ({ id, name }))}
        isFirst={isEmpty}
      />
      {groups.map((group) => (
        <Group key={group.id} group={group} zone={zone} />
      ))}
      {alone.length > 0 && (
        <Group group={{ id: 'none', name: 'in no group', nextMs: undefined, people: alone }} zone={zone} />
      )}
      {groups.length === 0 && (
        <p className="my-4">
          <Link className="press-plain" href="/customs#groups">
            Name the groups you teach
          </Link>{' '}
          and who comes can be said of each.
        </p>
      )}
    </div>
  );
}
