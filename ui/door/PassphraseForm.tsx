'use client';

import { useState, type SyntheticEvent } from 'react';
import { readAnswer } from '@/ui/kit/answer';
import { useReady } from '@/ui/kit/useReady';
import { Passphrase } from './Passphrase';

interface PassphraseFormProps {
  readonly label: string;
  /** What is done with it, as it is pressed. */
  readonly doing: string;
  readonly ask: (passphrase: string) => Promise<Response>;
  readonly onDone: () => void;
}

/** The passphrase, and what it is typed for. */
export function PassphraseForm({ label, doing, ask, onDone }: PassphraseFormProps) {
  const ready = useReady();
  const [passphrase, setPassphrase] = useState('');
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const [isBusy, setBusy] = useState(false);
  const submit = async (event: SyntheticEvent): Promise<void> => {
    event.preventDefault();
    setBusy(true);
    setProblem(undefined);
    const answer = await readAnswer(() => ask(passphrase));
    if (answer.ok) return onDone();
    setProblem(answer.message);
    setBusy(false);
  };
  return (
    <form onSubmit={(event) => void submit(event)}>
      <Passphrase
        label={label}
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
        {isBusy ? 'A moment …' : doing}
      </button>
    </form>
  );
}
