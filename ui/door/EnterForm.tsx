'use client';

import { useState, type SyntheticEvent } from 'react';
import { readAnswer } from '@/ui/kit/answer';
import { useReady } from '@/ui/kit/useReady';
import { Passphrase } from './Passphrase';

/** The passphrase, and in. */
export function EnterForm({ then }: { readonly then: string }) {
  const ready = useReady();
  const [passphrase, setPassphrase] = useState('');
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const [isBusy, setBusy] = useState(false);

  const enter = async (event: SyntheticEvent): Promise<void> => {
    event.preventDefault();
    setBusy(true);
    setProblem(undefined);
    const answer = await readAnswer(() =>
      fetch('/api/enter', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ passphrase }),
      }),
    );
    // The whole page anew: what it shows from here on is somebody’s own.
    if (answer.ok) return window.location.assign(then);
    setProblem(answer.message);
    setBusy(false);
  };

  return (
    <form className="mt-6" onSubmit={(event) => void enter(event)}>
      <Passphrase
        label="Passphrase"
        kind="current-password"
        value={passphrase}
        onChange={setPassphrase}
        problem={problem}
      />
      <p className="sr-only" role="alert">
        {problem}
      </p>
      <button
        type="submit"
        className="press press-main mt-4"
        disabled={!ready || isBusy || passphrase === ''}
      >
        {isBusy ? 'A moment …' : 'Come in'}
      </button>
    </form>
  );
}
