'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { type ConditionId } from '@/core/people';
import { newId } from '@/ui/kit/newId';
import { useSay } from '@/ui/kit/Said';
import { ConditionTicks } from './ConditionTicks';

export interface EditableGroup {
  readonly id: string;
  readonly name: string;
  readonly minutes: number;
  readonly posture: 'standing' | 'seated';
  readonly familiarity: 'known' | 'taught';
  readonly times: readonly { readonly weekday: number; readonly hour: number; readonly minute: number }[];
  readonly conditions: readonly ConditionId[];
  /** The version it was read at; 0 while it is new. */
  readonly version: number;
}

const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;
const two = (value: number): string => String(value).padStart(2, '0');

function newGroup(): EditableGroup {
  return {
    id: `group-${newId().slice(0, 8)}`,
    name: '',
    minutes: 20,
    posture: 'standing',
    familiarity: 'known',
    times: [],
    conditions: [],
    version: 0,
  };
}

/** One group: its usual hours, and what to be careful of there, without saying who. */
function GroupFields({ group, isNew, onDone }: { group: EditableGroup; isNew: boolean; onDone: () => void }) {
  const [draft, setDraft] = useState(group);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const say = useSay();
  const router = useRouter();
  const time = draft.times[0];
  const clock = time ? `${two(time.hour)}:${two(time.minute)}` : '18:00';
  const days = draft.times.map((entry) => entry.weekday);

  const setTimes = (weekdays: readonly number[], at: string): void => {
    const [hour = 0, minute = 0] = at.split(':').map(Number);
    setDraft({
      ...draft,
      times: weekdays.toSorted((a, b) => a - b).map((weekday) => ({ weekday, hour, minute })),
    });
  };
  const send = async (method: 'PUT' | 'DELETE', said: string): Promise<boolean> => {
    setProblem(undefined);
    try {
      const { version: baseVersion, ...group } = draft;
      const response = await fetch(
        `/api/groups/${draft.id}`,
        method === 'PUT'
          ? {
              method,
              headers: { 'content-type': 'application/json' },
              body: JSON.stringify({ group, baseVersion }),
            }
          : { method },
      );
      const answer = (await response.json()) as { problem?: { message?: string } };
      if (!response.ok) {
        setProblem(answer.problem?.message ?? 'The server did not answer as expected; nothing was changed.');
        return false;
      }
      say(said);
      router.refresh();
      onDone();
      return true;
    } catch {
      setProblem('The server cannot be reached; nothing was changed.');
      return false;
    }
  };

  return (
    <form
      className="space-y-3 border-l border-hairline py-2 pl-4"
      onSubmit={(event) => {
        event.preventDefault();
        void send('PUT', `“${draft.name}” is saved.`);
      }}
    >
      <div className="grid gap-4 sm:grid-cols-[1fr_6rem_9rem_12rem]">
        <label>
          Name
          <input
            className="field"
            value={draft.name}
            maxLength={80}
            required
            onChange={(event) => setDraft({ ...draft, name: event.target.value })}
          />
        </label>
        <label>
          Length <span className="unit">min</span>
          <input
            className="field figures"
            type="number"
            min={5}
            max={90}
            required
            value={draft.minutes}
            onChange={(event) => setDraft({ ...draft, minutes: Number(event.target.value) })}
          />
        </label>
        <label>
          Posture
          <select
            className="field"
            value={draft.posture}
            onChange={(event) =>
              setDraft({ ...draft, posture: event.target.value === 'seated' ? 'seated' : 'standing' })
            }
          >
            <option value="standing">standing</option>
            <option value="seated">seated</option>
          </select>
        </label>
        <label>
          Forms
          <select
            className="field"
            value={draft.familiarity}
            onChange={(event) =>
              setDraft({ ...draft, familiarity: event.target.value === 'taught' ? 'taught' : 'known' })
            }
          >
            <option value="known">they know them</option>
            <option value="taught">taught as we go</option>
          </select>
        </label>
      </div>
      <fieldset className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <legend className="caption">Meets</legend>
        {WEEKDAYS.map((name, index) => (
          <label key={name} className="inline-flex items-baseline gap-1">
            <input
              type="checkbox"
              className="accent-ink"
              checked={days.includes(index + 1)}
              onChange={(event) =>
                setTimes(
                  event.target.checked ? [...days, index + 1] : days.filter((day) => day !== index + 1),
                  clock,
                )
              }
            />
            {name}
          </label>
        ))}
        <label className="inline-flex items-baseline gap-2">
          at{' '}
          <input
            type="time"
            className="field figures max-w-32"
            value={clock}
            disabled={days.length === 0}
            onChange={(event) => event.target.value !== '' && setTimes(days, event.target.value)}
          />
        </label>
      </fieldset>
      <ConditionTicks
        legend="Someone in this group has"
        note="Kept here. On the sheet and in Lead a caution names the condition, never a person; a file for others says nothing of it. A person’s own clinician decides what is right for them."
        chosen={draft.conditions}
        onChosen={(conditions) => setDraft({ ...draft, conditions })}
      />
      {problem && (
        <p role="alert" className="must">
          {problem}
        </p>
      )}
      <p className="flex gap-2">
        <button type="submit" className="press press-main">
          Save the group
        </button>
        <button type="button" className="press" onClick={onDone}>
          Close
        </button>
        {!isNew && (
          <button
            type="button"
            className="press"
            onClick={() => {
              if (window.confirm(`Put “${draft.name}” into the bin? Its classes stay in the log.`))
                void send('DELETE', `“${draft.name}” is in the bin.`);
            }}
          >
            Bin
          </button>
        )}
      </p>
    </form>
  );
}

/** What lies in the bin, each a press away from coming back. */
function Binned({ groups }: { groups: readonly { readonly id: string; readonly name: string }[] }) {
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const say = useSay();
  const router = useRouter();
  const bringBack = async (id: string, name: string): Promise<void> => {
    setProblem(undefined);
    try {
      const response = await fetch(`/api/groups/${id}`, { method: 'POST' });
      if (!response.ok) return setProblem('It could not be brought back; nothing was changed.');
      say(`“${name}” is back.`);
      router.refresh();
    } catch {
      setProblem('The server cannot be reached; nothing was changed.');
    }
  };
  if (groups.length === 0) return null;
  return (
    <section aria-label="Groups in the bin" className="mt-4">
      <h3 className="caption">In the bin</h3>
      <ul>
        {groups.map(({ id, name }) => (
          <li key={id} className="flex items-baseline gap-3 py-1">
            <span className="quiet">{name}</span>
            <button type="button" className="press-plain" onClick={() => void bringBack(id, name)}>
              Bring it back
            </button>
          </li>
        ))}
      </ul>
      {problem && (
        <p role="alert" className="must">
          {problem}
        </p>
      )}
    </section>
  );
}

/** The groups taught here. */
export function GroupsEditor({
  groups,
  binned,
}: {
  groups: readonly EditableGroup[];
  binned: readonly { readonly id: string; readonly name: string }[];
}) {
  const [open, setOpen] = useState<string | undefined>(undefined);
  const [fresh, setFresh] = useState<EditableGroup | undefined>(undefined);
  return (
    <section aria-labelledby="groups" className="mt-10">
      <h2 id="groups">Groups</h2>
      {groups.length === 0 && !fresh && (
        <p className="reading quiet my-2">
          Name the groups you teach and when they meet; the almanac then prepares their next class.
        </p>
      )}
      <ul className="mt-2 border-t border-ink">
        {groups.map((group) => (
          <li key={group.id} className="border-b border-hairline py-2">
            <button
              type="button"
              className="flex w-full flex-wrap items-baseline gap-x-4 text-left"
              aria-expanded={open === group.id}
              onClick={() => setOpen(open === group.id ? undefined : group.id)}
            >
              <span className="font-serif text-[1.2rem]">{group.name}</span>
              <span className="quiet">
                {group.minutes} min, {group.posture}
                {group.times[0] && (
                  <span className="figures">
                    ; {group.times.map((time) => WEEKDAYS[time.weekday - 1]).join(', ')}{' '}
                    {two(group.times[0].hour)}:{two(group.times[0].minute)}
                  </span>
                )}
              </span>
            </button>
            {open === group.id && (
              <GroupFields
                key={JSON.stringify(group)}
                group={group}
                isNew={false}
                onDone={() => setOpen(undefined)}
              />
            )}
          </li>
        ))}
      </ul>
      {fresh ? (
        <GroupFields group={fresh} isNew onDone={() => setFresh(undefined)} />
      ) : (
        <button type="button" className="press mt-3" onClick={() => setFresh(newGroup())}>
          Add a group
        </button>
      )}
      <Binned groups={binned} />
    </section>
  );
}
