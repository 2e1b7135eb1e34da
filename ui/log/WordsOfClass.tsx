'use client';

import { useId, useState } from 'react';
import { keep, kept } from '@/ui/kit/keep';

/** Who leads on this machine is asked once. */
const LED_BY = 'navuren-led-by';

interface Props {
  readonly classId: string;
  readonly note?: string;
  readonly ledBy?: string;
  /** Right after a class, who led it is taken from the last one. */
  readonly isNew?: boolean;
}

/** A line to write of a class, and who led it. */
export function WordsOfClass({ classId, note: written = '', ledBy: led = '', isNew = false }: Props) {
  const id = useId();
  const [note, setNote] = useState(written);
  const [ledBy, setLedBy] = useState(() => (led === '' && isNew ? (kept(LED_BY) ?? '') : led));
  const [state, setState] = useState<'as-it-is' | 'writing' | 'written' | 'failed'>('as-it-is');
  const write = async (): Promise<void> => {
    setState('writing');
    try {
      const answer = await fetch(`/api/classes/${classId}`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ note, ledBy }),
      });
      if (answer.ok) keep(LED_BY, ledBy.trim());
      setState(answer.ok ? 'written' : 'failed');
    } catch {
      setState('failed');
    }
  };
  return (
    <form
      className="my-3 flex flex-wrap items-end gap-x-4 gap-y-2"
      onSubmit={(event) => {
        event.preventDefault();
        void write();
      }}
    >
      <label className="min-w-0 flex-1 basis-72" htmlFor={`${id}-note`}>
        <span className="quiet small block">a line to remember it by</span>
        <input
          id={`${id}-note`}
          className="field"
          maxLength={2000}
          value={note}
          onChange={(event) => {
            setNote(event.target.value);
            setState('as-it-is');
          }}
        />
      </label>
      <label className="basis-40" htmlFor={`${id}-led`}>
        <span className="quiet small block">led by</span>
        <input
          id={`${id}-led`}
          className="field"
          maxLength={80}
          value={ledBy}
          onChange={(event) => {
            setLedBy(event.target.value);
            setState('as-it-is');
          }}
        />
      </label>
      <button type="submit" className="press" disabled={state === 'writing'}>
        Write it down
      </button>
      <span role="status" className="small">
        {state === 'written' && 'It is in the log.'}
        {state === 'failed' && 'It could not be written down; what you wrote stands here still. Try again.'}
      </span>
    </form>
  );
}
