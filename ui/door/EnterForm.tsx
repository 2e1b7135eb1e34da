'use client';

import { useEffect, useId, useRef, useState, type SyntheticEvent } from 'react';
import { readAnswer } from '@/ui/kit/answer';
import { useReady } from '@/ui/kit/useReady';
import { Passphrase } from './Passphrase';
import { send } from './send';

interface EnterFormProps {
  readonly then: string;
  /** Several teach here: who comes in says who they are. */
  readonly isSchool: boolean;
  readonly shortest: number;
}

interface Refused {
  readonly field: string | undefined;
  readonly text: string;
}

/** The name where several teach here, the passphrase, and in; one of their own first, for whom it was given to. */
export function EnterForm({ then, isSchool, shortest }: EnterFormProps) {
  const ready = useReady();
  const id = useId();
  const [typed, setTyped] = useState({ name: '', passphrase: '', own: '', again: '' });
  const [mustChoose, setMustChoose] = useState(false);
  const [refused, setRefused] = useState<Refused | undefined>(undefined);
  const [isBusy, setBusy] = useState(false);
  const form = useRef<HTMLFormElement>(null);
  // What is asked for next is where one goes on typing.
  useEffect(() => {
    if (mustChoose)
      form.current?.querySelector<HTMLInputElement>('input[autocomplete=new-password]')?.focus();
  }, [mustChoose]);
  const write = (field: keyof typeof typed) => (value: string) => setTyped({ ...typed, [field]: value });
  const submit = async (event: SyntheticEvent): Promise<void> => {
    event.preventDefault();
    const { name, passphrase, own, again } = typed;
    if (mustChoose && own !== again) return setRefused({ field: 'again', text: 'The two are not the same.' });
    setBusy(true);
    setRefused(undefined);
    const answer = await readAnswer(
      send('POST', '/api/enter', { name, passphrase, ...(mustChoose ? { own } : {}) }),
    );
    // The whole page anew: what it shows from here on is somebody’s own.
    if (answer.ok) return window.location.assign(then);
    setMustChoose(mustChoose || answer.field === 'own');
    setRefused({ field: answer.field, text: answer.message });
    setBusy(false);
  };
  const at = (...fields: readonly (string | undefined)[]): string | undefined =>
    refused && fields.includes(refused.field) ? refused.text : undefined;
  return (
    <form ref={form} className="mt-6 grid gap-3" onSubmit={(event) => void submit(event)}>
      {isSchool && (
        <div className="max-w-md">
          <label htmlFor={id}>Your name here</label>
          <input
            id={id}
            className="field"
            autoComplete="username"
            spellCheck={false}
            value={typed.name}
            onChange={(event) => write('name')(event.target.value)}
            aria-describedby={`${id}-says`}
          />
          <p id={`${id}-says`} className={`small mt-1 ${at('name') === undefined ? 'quiet' : 'must'}`}>
            {at('name') ?? 'As the owner gave it to you, or as you changed it; the owner may leave it empty.'}
          </p>
        </div>
      )}
      <Passphrase
        label="Passphrase"
        kind="current-password"
        value={typed.passphrase}
        onChange={write('passphrase')}
        // Whatever is said of no other field is said of this one.
        problem={mustChoose ? at('passphrase') : at('passphrase', undefined, '')}
      />
      {mustChoose && (
        <>
          <Passphrase
            label="One of your own"
            kind="new-password"
            value={typed.own}
            hint={`At least ${shortest} signs: four or five words that nobody else would put together.`}
            onChange={write('own')}
            problem={at('own', undefined, '')}
          />
          <Passphrase
            label="The same again"
            kind="new-password"
            value={typed.again}
            onChange={write('again')}
            problem={at('again')}
          />
        </>
      )}
      <p className="sr-only" role="alert">
        {refused?.text}
      </p>
      <div>
        <button
          type="submit"
          className="press press-main mt-1"
          disabled={!ready || isBusy || typed.passphrase === '' || (mustChoose && typed.own === '')}
        >
          {isBusy ? 'A moment …' : mustChoose ? 'Keep it and come in' : 'Come in'}
        </button>
      </div>
    </form>
  );
}
