'use client';

import { useState } from 'react';
import { readAnswer } from '@/ui/kit/answer';
import { plural } from '@/ui/kit/time';
import { useReady } from '@/ui/kit/useReady';

export interface DeviceLine {
  readonly id: string;
  readonly name: string;
  /** Whose it is, where several teach here. */
  readonly whose: string | undefined;
  readonly since: string;
  readonly seen: string;
  readonly isThis: boolean;
}

/** The devices that are in, each to be sent away. */
export function Devices({
  devices,
  onGone,
}: {
  readonly devices: readonly DeviceLine[];
  readonly onGone: (text: string) => void;
}) {
  const ready = useReady();
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const remove = async (path: string, text: string): Promise<void> => {
    const answer = await readAnswer(() => fetch(path, { method: 'DELETE' }));
    setProblem(answer.ok ? undefined : answer.message);
    if (answer.ok) onGone(text);
  };
  /** Out with this one: what it shows next is what anybody would be shown. */
  const leave = async (): Promise<void> => {
    const answer = await readAnswer(() => fetch('/api/enter', { method: 'DELETE' }));
    if (answer.ok) window.location.reload();
    else setProblem(answer.message);
  };
  const others = devices.filter(({ isThis }) => !isThis).length;
  return (
    <section aria-labelledby="devices" className="mt-9">
      <h2 id="devices">Devices that are in</h2>
      {devices.length === 0 && (
        <p className="quiet mt-1">
          None: this machine needs no passphrase while it is shut and one person teaches here.
        </p>
      )}
      <ul className="mt-1 max-w-3xl">
        {devices.map(({ id, name, whose, since, seen, isThis }) => (
          <li key={id} className="flex flex-wrap items-baseline gap-x-4 border-t border-hairline py-1.5">
            <span className="w-48">
              {name}
              {isThis && <span className="quiet"> (this one)</span>}
            </span>
            <span className="quiet small grow">
              {whose !== undefined && `${whose}, `}in since {since}, last seen {seen}
            </span>
            <button
              type="button"
              className="press-plain"
              disabled={!ready}
              onClick={() => void (isThis ? leave() : remove(`/api/devices/${id}`, `${name} is sent away.`))}
            >
              {isThis ? 'Go out' : 'Send away'}
              <span className="sr-only">, {name}</span>
            </button>
          </li>
        ))}
      </ul>
      {others > 1 && (
        <button
          type="button"
          className="press mt-2"
          disabled={!ready}
          onClick={() => void remove('/api/devices', `${plural(others, 'device')} sent away.`)}
        >
          Send all others away
        </button>
      )}
      {problem !== undefined && (
        <p role="alert" className="must small mt-1">
          {problem}
        </p>
      )}
    </section>
  );
}
