'use client';

import { useId, useState, type SyntheticEvent } from 'react';
import { readAnswer } from '@/ui/kit/answer';
import { useReady } from '@/ui/kit/useReady';
import { send } from './send';

interface OwnNameProps {
  readonly name: string;
  /** The owner may have none. */
  readonly mayBeNone: boolean;
  readonly onDone: (text: string) => void;
}

/** What one is called here: one comes in by it, and it stands by what one shares. */
export function OwnName({ name, mayBeNone, onDone }: OwnNameProps) {
  const ready = useReady();
  const id = useId();
  const [typed, setTyped] = useState(name);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const save = async (event: SyntheticEvent): Promise<void> => {
    event.preventDefault();
    const called = typed.trim();
    const answer = await readAnswer(send('PUT', '/api/called', { name: called }));
    setProblem(answer.ok ? undefined : answer.message);
    if (!answer.ok) return;
    setTyped(called);
    onDone(called === '' ? 'You come in without a name.' : `You are called ${called} here.`);
  };
  return (
    <section aria-labelledby={`${id}-own`} className="mt-9">
      <h2 id={`${id}-own`}>Your name here</h2>
      <form className="mt-2 max-w-md" onSubmit={(event) => void save(event)}>
        <label htmlFor={id}>You come in by it, and it stands by what you share</label>
        <div className="flex items-baseline gap-3">
          <input
            id={id}
            className="field"
            autoComplete="username"
            spellCheck={false}
            maxLength={80}
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
            aria-invalid={problem !== undefined}
            aria-describedby={`${id}-says`}
          />
          <button
            type="submit"
            className="press"
            disabled={!ready || typed.trim() === name || (!mayBeNone && typed.trim() === '')}
          >
            Keep
          </button>
        </div>
        <p
          id={`${id}-says`}
          className={`small mt-1 ${problem === undefined ? 'quiet' : 'must'}`}
          role={problem === undefined ? undefined : 'alert'}
        >
          {problem ??
            (mayBeNone
              ? 'Without one the others read “the owner”. Even with one, you may come in without typing it.'
              : undefined)}
        </p>
      </form>
    </section>
  );
}
