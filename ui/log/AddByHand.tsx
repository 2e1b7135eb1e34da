'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';

interface Named {
  readonly id: string;
  readonly name: string;
}
interface Props {
  readonly practices: readonly (Named & { readonly minutes: number })[];
  readonly groups: readonly Named[];
}

/** A class that was led without the screen, put into the log afterwards. */
export function AddByHand({ practices, groups }: Props) {
  const router = useRouter();
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const [practiceId, setPracticeId] = useState(practices[0]?.id ?? '');
  const [minutes, setMinutes] = useState(String(practices[0]?.minutes ?? 20));
  const [isAdded, setIsAdded] = useState(false);
  const add = async (form: FormData): Promise<void> => {
    const text = (name: string): string => {
      const value = form.get(name);
      return typeof value === 'string' ? value : '';
    };
    const startedAtMs = new Date(text('begun')).getTime();
    if (Number.isNaN(startedAtMs)) return setProblem('Say on which day, and at what time, it began.');
    try {
      const answer = await fetch('/api/classes/by-hand', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({
          practiceId,
          groupId: text('group') === '' ? null : text('group'),
          startedAtMs,
          minutes: Number(minutes),
          note: text('note'),
          ledBy: text('led'),
        }),
      });
      const said = (await answer.json()) as { problem?: { message?: string } };
      setProblem(answer.ok ? undefined : (said.problem?.message ?? 'Nothing was changed.'));
      setIsAdded(answer.ok);
      if (answer.ok) router.refresh();
    } catch {
      setProblem('The log could not be reached; nothing was changed.');
    }
  };
  if (practices.length === 0) return null;
  return (
    <details className="my-3">
      <summary>Add a class that was led without this screen</summary>
      <form
        className="my-2 flex flex-wrap items-end gap-x-4 gap-y-2"
        onSubmit={(event) => {
          event.preventDefault();
          setIsAdded(false);
          void add(new FormData(event.currentTarget));
        }}
      >
        <label className="basis-64">
          <span className="quiet small block">practice</span>
          <select
            className="field"
            aria-label="practice that was led"
            value={practiceId}
            onChange={(event) => {
              setPracticeId(event.target.value);
              const chosen = practices.find(({ id }) => id === event.target.value);
              if (chosen) setMinutes(String(chosen.minutes));
            }}
          >
            {practices.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <label>
          <span className="quiet small block">led for</span>
          <select className="field" name="group" aria-label="led for whom">
            <option value="">myself</option>
            {groups.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <label>
          <span className="quiet small block">begun</span>
          <input className="field" type="datetime-local" name="begun" required />
        </label>
        <label className="basis-20">
          <span className="quiet small block">minutes</span>
          <input
            className="field figures"
            type="number"
            min={1}
            max={600}
            required
            value={minutes}
            onChange={(event) => setMinutes(event.target.value)}
          />
        </label>
        <label className="min-w-0 flex-1 basis-56">
          <span className="quiet small block">what to remember</span>
          <input className="field" name="note" maxLength={2000} />
        </label>
        <label className="basis-32">
          <span className="quiet small block">teacher</span>
          <input className="field" name="led" maxLength={80} />
        </label>
        <button type="submit" className="press">
          Add it
        </button>
        <span role="status" className="small">
          {isAdded && 'It is in the log.'}
        </span>
        {problem !== undefined && (
          <p role="alert" className="must">
            {problem}
          </p>
        )}
      </form>
    </details>
  );
}
