'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { TaughtRow } from '@/core/log';
import { plural } from '@/ui/kit/time';

interface Props {
  readonly rows: readonly TaughtRow[];
  readonly forgotten: readonly { readonly formId: string; readonly name: string }[];
}

/** What was learnt of a form, in words: each only where it is another than usual. */
export function taughtText({ pace, talkSec, firstFactor, leftOut, planned }: TaughtRow): readonly string[] {
  const both = (
    one: { readonly taught?: number; readonly known?: number } | undefined,
    say: (value: number) => string,
  ): readonly string[] => [
    ...(one?.taught === undefined ? [] : [`${say(one.taught)} where it is new`]),
    ...(one?.known === undefined ? [] : [`${say(one.known)} where it is known`]),
  ];
  const share = Math.round(Math.abs((pace ?? 1) - 1) * 100);
  return [
    ...(pace === undefined ? [] : [`planned ${Math.max(1, share)} % ${pace > 1 ? 'longer' : 'shorter'}`]),
    ...both(talkSec, (sec) => `${plural(Math.round(sec), 'second')} of talk before it`),
    ...both(firstFactor, (factor) => `its first repetition ${factor.toFixed(1)} times as long`),
    ...(leftOut === undefined ? [] : [`left out ${leftOut} of ${planned} times it was planned`]),
  ];
}

/** What the numbers of the log have taught, to be read and, form by form, forgotten. */
export function TaughtRoom({ rows, forgotten }: Props) {
  const router = useRouter();
  const [problem, setProblem] = useState(false);
  const send = async (formId: string, method: 'DELETE' | 'POST'): Promise<void> => {
    try {
      const answer = await fetch(`/api/taught/${formId}`, { method });
      setProblem(!answer.ok);
      router.refresh();
    } catch {
      setProblem(true);
    }
  };
  return (
    <div className="max-w-4xl">
      <h1>What the log has taught</h1>
      <p className="reading quiet my-3">
        From classes as they were led: the middle of all of them, believed the more the more there are, a half
        after four. The next draft plans with it. What always falls out is told to you only.
      </p>
      {rows.length === 0 ? (
        <p className="reading my-4">
          Nothing yet that differs from the usual.{' '}
          <Link className="press-plain" href="/log">
            To the log
          </Link>
        </p>
      ) : (
        <table className="w-full">
          <thead>
            <tr className="caption text-left">
              <th scope="col" className="font-medium">
                form
              </th>
              <th scope="col" className="font-medium">
                learnt
              </th>
              <th scope="col">
                <span className="sr-only">forget it</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row.formId} className="border-t border-hairline align-baseline">
                <th scope="row" className="pr-4 text-left font-medium">
                  {row.name}
                </th>
                <td className="py-1">{taughtText(row).join('; ')}</td>
                <td className="text-right">
                  <button
                    type="button"
                    className="press-plain"
                    aria-label={`Forget what was learnt of ${row.name}`}
                    onClick={() => void send(row.formId, 'DELETE')}
                  >
                    Forget it
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {problem && (
        <p role="alert" className="must my-3">
          The log could not be reached; nothing was changed.
        </p>
      )}
      {forgotten.length > 0 && (
        <section className="my-6" aria-label="Forgotten">
          <h2>Forgotten</h2>
          <ul>
            {forgotten.map(({ formId, name }) => (
              <li key={formId}>
                {name}{' '}
                <button
                  type="button"
                  className="press-plain small"
                  aria-label={`Learn again of ${name}`}
                  onClick={() => void send(formId, 'POST')}
                >
                  Learn from all classes again
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}
