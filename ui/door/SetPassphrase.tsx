'use client';

import { useState, type SyntheticEvent } from 'react';
import { readAnswer } from '@/ui/kit/answer';
import { useReady } from '@/ui/kit/useReady';
import { Passphrase } from './Passphrase';
import { send } from './send';

/** Sets the passphrase, or changes it. */
export function SetPassphrase({
  hasPassphrase,
  shortest,
  onDone,
}: {
  readonly hasPassphrase: boolean;
  readonly shortest: number;
  readonly onDone: () => void;
}) {
  const ready = useReady();
  const [[former, first, again], setTyped] = useState(['', '', '']);
  const [problem, setProblem] = useState<{ readonly field?: string; readonly text: string } | undefined>(
    undefined,
  );
  const [isBusy, setBusy] = useState(false);
  const save = async (event: SyntheticEvent): Promise<void> => {
    event.preventDefault();
    if (first !== again) return setProblem({ field: 'again', text: 'The two are not the same.' });
    setBusy(true);
    const answer = await readAnswer(send('PUT', '/api/passphrase', { former, passphrase: first }));
    setBusy(false);
    if (!answer.ok)
      return setProblem({
        text: answer.message,
        ...(answer.message.startsWith('passphrase:')
          ? { field: 'first' }
          : { field: hasPassphrase ? 'former' : 'first' }),
      });
    setProblem(undefined);
    setTyped(['', '', '']);
    onDone();
  };
  const at = (field: string) => (problem?.field === field ? problem.text : undefined);
  return (
    <form className="mt-3 grid gap-3" onSubmit={(event) => void save(event)}>
      {hasPassphrase && (
        <Passphrase
          label="The passphrase until now"
          kind="current-password"
          value={former ?? ''}
          onChange={(value) => setTyped([value, first ?? '', again ?? ''])}
          problem={at('former')}
        />
      )}
      <Passphrase
        label="New passphrase"
        kind="new-password"
        value={first ?? ''}
        hint={`At least ${shortest} signs: four or five words that nobody else would put together.`}
        onChange={(value) => setTyped([former ?? '', value, again ?? ''])}
        problem={at('first')}
      />
      <Passphrase
        label="The same again"
        kind="new-password"
        value={again ?? ''}
        onChange={(value) => setTyped([former ?? '', first ?? '', value])}
        problem={at('again')}
      />
      <p className="sr-only" role="alert">
        {problem?.text}
      </p>
      <div>
        <button type="submit" className="press" disabled={!ready || isBusy || first === ''}>
          {hasPassphrase ? 'Change the passphrase' : 'Set the passphrase'}
        </button>
      </div>
    </form>
  );
}
