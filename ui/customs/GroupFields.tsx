import { LEAST_MINUTES, MOST_MINUTES } from '@/core/brief/limits';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { CONDITIONS, type ConditionId } from '@/core/people';
import { useSay } from '@/ui/kit/Said';
import { WEEKDAYS } from '@/ui/words/weekdays';
import { ConditionTicks } from './ConditionTicks';

export interface EditableGroup {
  readonly id: string;
  readonly name: string;
  readonly minutes: number;
  readonly posture: 'standing' | 'seated';
  readonly familiarity: 'known' | 'taught';
  readonly times: readonly { readonly weekday: number; readonly hour: number; readonly minute: number }[];
  readonly conditions: readonly ConditionId[];
  readonly initials?: Readonly<Partial<Record<ConditionId, string>>> | undefined;
  /** The version it was read at; 0 while it is new. */
  readonly version: number;
}

const two = (value: number): string => String(value).padStart(2, '0');

interface PartProps {
  readonly draft: EditableGroup;
  readonly onDraft: (draft: EditableGroup) => void;
}

/** Its name, and how its classes usually are. */
function Usual({ draft, onDraft }: PartProps) {
  return (
    <div className="grid gap-4 sm:grid-cols-[1fr_6rem_9rem_12rem]">
      <label>
        Name
        <input
          className="field"
          value={draft.name}
          maxLength={80}
          required
          onChange={(event) => onDraft({ ...draft, name: event.target.value })}
        />
      </label>
      <label>
        Length <span className="unit">min</span>
        <input
          className="field figures"
          type="number"
          min={LEAST_MINUTES}
          max={MOST_MINUTES}
          required
          value={draft.minutes}
          onChange={(event) => onDraft({ ...draft, minutes: Number(event.target.value) })}
        />
      </label>
      <label>
        Posture
        <select
          className="field"
          value={draft.posture}
          onChange={(event) =>
            onDraft({ ...draft, posture: event.target.value === 'seated' ? 'seated' : 'standing' })
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
            onDraft({ ...draft, familiarity: event.target.value === 'taught' ? 'taught' : 'known' })
          }
        >
          <option value="known">they know them</option>
          <option value="taught">taught as we go</option>
        </select>
      </label>
    </div>
  );
}

/** The days and the hour it meets. */
function Meets({ draft, onDraft }: PartProps) {
  const time = draft.times[0];
  const clock = time ? `${two(time.hour)}:${two(time.minute)}` : '18:00';
  const days = draft.times.map((entry) => entry.weekday);

  const setTimes = (weekdays: readonly number[], at: string): void => {
    const [hour = 0, minute = 0] = at.split(':').map(Number);
    onDraft({
      ...draft,
      times: weekdays.toSorted((a, b) => a - b).map((weekday) => ({ weekday, hour, minute })),
    });
  };
  return (
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
  );
}

/** Whose each condition is, where the teacher wants to see that while leading. */
function Whose({ draft, onDraft }: PartProps) {
  const rows = CONDITIONS.filter(({ id }) => draft.conditions.includes(id));
  if (rows.length === 0) return null;
  return (
    <details>
      <summary className="caption">whose, by initials</summary>
      <div className="columns-1 gap-x-6 sm:columns-2">
        {rows.map(({ id, label }) => (
          <label key={id} className="flex items-baseline gap-2">
            <span className="flex-1">{label}</span>
            <input
              className="field w-28"
              maxLength={40}
              value={draft.initials?.[id] ?? ''}
              onChange={(event) =>
                onDraft({ ...draft, initials: { ...draft.initials, [id]: event.target.value } })
              }
            />
          </label>
        ))}
      </div>
      <p className="quiet small mt-1">
        For you alone: shown while you lead only where you ask for it there, and in no file, on no sheet and
        not on the hall’s screen.
      </p>
    </details>
  );
}

/** Saves a group or puts it into the bin; what went wrong is told. */
function useGroupSending(draft: EditableGroup, onDone: () => void) {
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const say = useSay();
  const router = useRouter();
  const send = async (method: 'PUT' | 'DELETE', said: string): Promise<boolean> => {
    setProblem(undefined);
    try {
      const { version: baseVersion, initials = {}, ...rest } = draft;
      // Of a condition nobody has any more nobody is kept.
      const kept = Object.entries(initials).filter(
        ([id, who]) => who.trim() !== '' && draft.conditions.some((one) => one === id),
      );
      const group = { ...rest, initials: Object.fromEntries(kept) };
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

  return { problem, send };
}

/** One group: its usual hours, and what to be careful of there, without saying who. */
export function GroupFields({
  group,
  isNew,
  onDone,
}: {
  group: EditableGroup;
  isNew: boolean;
  onDone: () => void;
}) {
  const [draft, setDraft] = useState(group);
  const { problem, send } = useGroupSending(draft, onDone);
  return (
    <form
      className="space-y-3 border-l border-hairline py-2 pl-4"
      onSubmit={(event) => {
        event.preventDefault();
        void send('PUT', `“${draft.name}” is saved.`);
      }}
    >
      <Usual draft={draft} onDraft={setDraft} />
      <Meets draft={draft} onDraft={setDraft} />
      <ConditionTicks
        legend="Someone in this group has"
        note="Kept here. On the sheet and in Lead a caution names the condition, never a person; a file for others says nothing of it. A person’s own clinician decides what is right for them."
        chosen={draft.conditions}
        onChosen={(conditions) => setDraft({ ...draft, conditions })}
      />
      <Whose draft={draft} onDraft={setDraft} />
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
