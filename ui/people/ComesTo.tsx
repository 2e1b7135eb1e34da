import type { Person } from '@/core/people/person';
import { WEEKDAYS } from '@/ui/words/weekdays';
import { Spell } from './Spell';

export interface GroupOfPerson {
  readonly id: string;
  readonly name: string;
  /** The days it meets, Monday = 1. */
  readonly weekdays: readonly number[];
}

interface Props {
  readonly groups: readonly GroupOfPerson[];
  readonly comesTo: Person['comesTo'];
  readonly onComesTo: (comesTo: Person['comesTo']) => void;
}

/** The groups somebody comes to, on which of their days, from and until when. */
export function ComesTo({ groups, comesTo, onComesTo }: Props) {
  return (
    <fieldset className="space-y-1">
      <legend className="caption">Comes to</legend>
      {groups.length === 0 && <p className="quiet">There is no group yet; Customs name them.</p>}
      {groups.map((group) => {
        const at = comesTo.find(({ groupId }) => groupId === group.id);
        const change = (next: Partial<Person['comesTo'][number]>): void =>
          onComesTo(comesTo.map((one) => (one.groupId === group.id ? { ...one, ...next } : one)));
        const days = [...new Set([...group.weekdays, ...(at?.weekdays ?? [])])].toSorted((a, b) => a - b);
        return (
          <div key={group.id} className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
            <label className="inline-flex min-w-48 items-baseline gap-2">
              <input
                type="checkbox"
                className="accent-ink"
                checked={at !== undefined}
                onChange={(event) =>
                  onComesTo(
                    event.target.checked
                      ? [...comesTo, { groupId: group.id, weekdays: [] }]
                      : comesTo.filter(({ groupId }) => groupId !== group.id),
                  )
                }
              />
              {group.name}
            </label>
            {at && days.length > 1 && (
              <span
                className="inline-flex flex-wrap items-baseline gap-x-3"
                role="group"
                aria-label={`days, ${group.name}`}
              >
                {days.map((day) => (
                  <label key={day} className="inline-flex items-baseline gap-1">
                    <input
                      type="checkbox"
                      className="accent-ink"
                      checked={at.weekdays.length === 0 || at.weekdays.includes(day)}
                      onChange={(event) => {
                        const chosen = at.weekdays.length === 0 ? days : at.weekdays;
                        const next = event.target.checked
                          ? [...chosen, day].toSorted((a, b) => a - b)
                          : chosen.filter((one) => one !== day);
                        // All days are every class; to no class at all nobody comes.
                        if (next.length > 0) change({ weekdays: next.length === days.length ? [] : next });
                      }}
                    />
                    {WEEKDAYS[day - 1]}
                  </label>
                ))}
              </span>
            )}
            {at && <Spell of={group.name} spell={at} onSpell={change} />}
          </div>
        );
      })}
    </fieldset>
  );
}
