'use client';

import { useId, useState, type SyntheticEvent } from 'react';
import { readAnswer } from '@/ui/kit/answer';
import { useReady } from '@/ui/kit/useReady';
import { Passphrase } from './Passphrase';
import { send } from './send';

export interface TeacherLine {
  readonly id: string;
  readonly name: string;
  readonly state: 'in' | 'given' | 'shut';
  /** When a device of theirs was last seen; nothing where none is in. */
  readonly seen: string | undefined;
}

const STATES: Readonly<Record<TeacherLine['state'], string>> = {
  in: 'comes in',
  given: 'has not chosen a passphrase yet',
  shut: 'shut out; what is theirs is kept',
};

interface FirstPassphraseProps {
  readonly doing: string;
  readonly asksName: boolean;
  readonly shortest: number;
  readonly ask: (typed: { readonly name: string; readonly passphrase: string }) => Promise<Response>;
  readonly onDone: (name: string) => void;
}

/** A first passphrase for somebody, and their name where they are new. */
function FirstPassphrase({ doing, asksName, shortest, ask, onDone }: FirstPassphraseProps) {
  const ready = useReady();
  const id = useId();
  const [typed, setTyped] = useState({ name: '', passphrase: '' });
  const [problem, setProblem] = useState<{ readonly isName: boolean; readonly text: string } | undefined>();
  const [isBusy, setBusy] = useState(false);
  const submit = async (event: SyntheticEvent): Promise<void> => {
    event.preventDefault();
    setBusy(true);
    const answer = await readAnswer(() => ask(typed));
    setBusy(false);
    if (!answer.ok) return setProblem({ isName: answer.field === 'name', text: answer.message });
    setProblem(undefined);
    setTyped({ name: '', passphrase: '' });
    onDone(typed.name.trim());
  };
  return (
    <form className="mt-2 grid gap-3" onSubmit={(event) => void submit(event)}>
      {asksName && (
        <div className="max-w-md">
          <label htmlFor={id}>Name they come in by</label>
          <input
            id={id}
            className="field"
            autoComplete="off"
            value={typed.name}
            onChange={(event) => setTyped({ ...typed, name: event.target.value })}
            aria-invalid={problem?.isName === true}
          />
          {problem?.isName && <p className="must small mt-1">{problem.text}</p>}
        </div>
      )}
      <Passphrase
        label="First passphrase for them"
        kind="new-password"
        value={typed.passphrase}
        hint={`At least ${shortest} signs. Tell it to them yourself: coming in the first time, they choose one you do not know.`}
        onChange={(passphrase) => setTyped({ ...typed, passphrase })}
        problem={problem?.isName === false ? problem.text : undefined}
      />
      <p className="sr-only" role="alert">
        {problem?.text}
      </p>
      <div>
        <button
          type="submit"
          className="press"
          disabled={!ready || isBusy || typed.passphrase === '' || (asksName && typed.name.trim() === '')}
        >
          {doing}
        </button>
      </div>
    </form>
  );
}

interface TeachersProps {
  readonly teachers: readonly TeacherLine[];
  readonly hasPassphrase: boolean;
  readonly shortest: number;
  readonly onDone: (text: string) => void;
}

/** The others who teach here: each with customs, groups, people, log and shelf of their own, which the owner does not see. */
export function Teachers({ teachers, hasPassphrase, shortest, onDone }: TeachersProps) {
  const ready = useReady();
  const [givingTo, setGivingTo] = useState<string | undefined>(undefined);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const shutOut = async ({ id, name }: TeacherLine): Promise<void> => {
    const answer = await readAnswer(send('PUT', `/api/teachers/${id}`, { do: 'shut-out' }));
    setProblem(answer.ok ? undefined : answer.message);
    if (answer.ok) onDone(`${name} is shut out; what is theirs is kept.`);
  };
  const deleteForGood = async ({ id, name }: TeacherLine): Promise<void> => {
    const isMeant = window.confirm(
      `Delete ${name} and everything that is theirs, for good: people, groups, log, shelf, and its copies? Nothing brings it back.`,
    );
    if (!isMeant) return;
    const answer = await readAnswer(() => fetch(`/api/teachers/${id}`, { method: 'DELETE' }));
    setProblem(answer.ok ? undefined : answer.message);
    if (answer.ok) onDone(`${name} and everything that was theirs is deleted.`);
  };
  return (
    <section aria-labelledby="teachers" className="mt-9">
      <h2 id="teachers">Others who teach here</h2>
      <p className="reading mt-1">
        Each has customs, groups, people, a log and a shelf of their own: what they know of a person nobody
        else sees here, the owner neither. Forms, breaths and sounds of your own are the school’s. Practices
        and terms are shown to the others where their teacher shares them. While others teach here, everybody
        is asked who they are, at this machine too.
      </p>
      {teachers.length > 0 && (
        <ul className="mt-2 max-w-3xl">
          {teachers.map((one) => (
            <li key={one.id} className="border-t border-hairline py-1.5">
              <div className="flex flex-wrap items-baseline gap-x-4">
                <span className="w-48">{one.name}</span>
                <span className="quiet small grow">
                  {STATES[one.state]}
                  {one.seen !== undefined && `, last seen ${one.seen}`}
                </span>
                <button
                  type="button"
                  className="press-plain"
                  disabled={!ready}
                  aria-expanded={givingTo === one.id}
                  onClick={() => setGivingTo(givingTo === one.id ? undefined : one.id)}
                >
                  {one.state === 'shut' ? 'Let in again' : 'New first passphrase'}
                  <span className="sr-only">, {one.name}</span>
                </button>
                <button
                  type="button"
                  className="press-plain"
                  disabled={!ready}
                  onClick={() => void (one.state === 'shut' ? deleteForGood(one) : shutOut(one))}
                >
                  {one.state === 'shut' ? 'Delete for good' : 'Shut out'}
                  <span className="sr-only">, {one.name}</span>
                </button>
              </div>
              {givingTo === one.id && (
                <FirstPassphrase
                  doing={`Give it to ${one.name}`}
                  asksName={false}
                  shortest={shortest}
                  ask={({ passphrase }) =>
                    send('PUT', `/api/teachers/${one.id}`, { do: 'give-anew', passphrase })()
                  }
                  onDone={() => {
                    setGivingTo(undefined);
                    onDone(`${one.name} comes in with it, and chooses another.`);
                  }}
                />
              )}
            </li>
          ))}
        </ul>
      )}
      {problem !== undefined && (
        <p role="alert" className="must small mt-1">
          {problem}
        </p>
      )}
      {hasPassphrase ? (
        <details className="mt-3">
          <summary>Another teacher</summary>
          <FirstPassphrase
            doing="Make an account"
            asksName
            shortest={shortest}
            ask={(typed) => send('POST', '/api/teachers', typed)()}
            onDone={(name) => onDone(`${name} can come in now.`)}
          />
        </details>
      ) : (
        <p className="quiet small mt-2">Set a passphrase of your own first.</p>
      )}
    </section>
  );
}
