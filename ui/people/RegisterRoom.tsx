'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { readAnswer } from '@/ui/kit/answer';
import { plural } from '@/ui/kit/time';
import { useReady } from '@/ui/kit/useReady';
import { countOf, Others, Ticks, type TickedPerson } from './Ticks';

/** Somebody who may be here, with what this practice asks to be minded for them. */
export interface PersonHere extends TickedPerson {
  readonly isExpected: boolean;
  /** What they have today, in words. */
  readonly has: readonly string[];
  /** Forms of the practice to be minded, each with what is to be done. */
  readonly minded: readonly { readonly form: string; readonly says: readonly string[] }[];
  /** Forms of the practice that they may not do. */
  readonly mayNot: readonly string[];
}

interface Props {
  readonly practiceId: string;
  readonly practiceName: string;
  readonly people: readonly PersonHere[];
  /** Those ticked before, or expected. */
  readonly present: readonly string[];
  readonly others: number;
}

/** What to mind in a practice for those who are ticked, by form. */
function Minded({ people }: { people: readonly PersonHere[] }) {
  const rows = people.filter(({ minded, mayNot }) => minded.length > 0 || mayNot.length > 0);
  return (
    <section aria-labelledby="minded" aria-live="polite">
      <h2 id="minded">To be minded</h2>
      {rows.length === 0 && (
        <p className="quiet my-2">Nothing more than this practice does already, for those who are ticked.</p>
      )}
      <ul>
        {rows.map(({ id, name, minded, mayNot }) => (
          <li key={id} className="border-t border-hairline py-1.5">
            <h3 className="font-serif text-[1.1rem]">{name}</h3>
            {mayNot.map((form) => (
              <p key={form} className="must">
                may not do “{form}”
              </p>
            ))}
            {minded.length > 0 && (
              <details open={minded.length <= 8}>
                <summary className="quiet">{plural(minded.length, 'form')} to mind</summary>
                <ul>
                  {minded.map(({ form, says }) => (
                    <li key={form} className="py-0.5">
                      <em>{form}</em>: {says.join(' ')}
                    </li>
                  ))}
                </ul>
              </details>
            )}
          </li>
        ))}
      </ul>
      <p className="quiet small mt-2">Their own clinician decides what is right for each of them.</p>
    </section>
  );
}

/** Who is here, before a class: what it minds is theirs. Names stay on this page and never come to Lead. */
export function RegisterRoom({ practiceId, practiceName, people, ...before }: Props) {
  const [present, setPresent] = useState<ReadonlySet<string>>(new Set(before.present));
  const [others, setOthers] = useState(String(before.others));
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const ready = useReady();
  const router = useRouter();
  const expected = people.filter(({ isExpected }) => isExpected);
  const further = people.filter(({ isExpected }) => !isExpected);
  const keepAndGo = async (to: string): Promise<void> => {
    setProblem(undefined);
    const kept = await readAnswer(() =>
      fetch(`/api/registers/${practiceId}`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ present: [...present], others: countOf(others) }),
      }),
    );
    if (!kept.ok) return setProblem(kept.message);
    router.push(to);
  };
  const has = (id: string) => (
    <>
      <span className="quiet flex-1">{people.find((one) => one.id === id)?.has.join(', ')}</span>
      {present.has(id) && (
        <button
          type="button"
          className="press-plain small"
          // What is ticked so far is kept: one comes back to it.
          onClick={() => void keepAndGo(`/people/${id}?note=before`)}
        >
          How are they?<span className="sr-only"> {people.find((one) => one.id === id)?.name}</span>
        </button>
      )}
    </>
  );
  return (
    <div className="grid max-w-[78rem] gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
      <form
        className="space-y-4"
        onSubmit={(event) => {
          event.preventDefault();
          void keepAndGo(`/lead/${practiceId}`);
        }}
      >
        <h1>Who is here</h1>
        <p className="reading quiet">for “{practiceName}”</p>
        {people.length === 0 && (
          <p className="quiet">
            Nobody is written down yet; how many came can be counted all the same.{' '}
            <Link className="press-plain" href="/people">
              People
            </Link>
          </p>
        )}
        {expected.length > 0 && (
          <Ticks legend="Expected" people={expected} present={present} onPresent={setPresent} beside={has} />
        )}
        {further.length > 0 && (
          <details open={expected.length === 0 || further.some(({ id }) => present.has(id))}>
            <summary>Somebody else ({further.length})</summary>
            <Ticks
              legend="Not expected"
              people={further}
              present={present}
              onPresent={setPresent}
              beside={has}
            />
          </details>
        )}
        <p>
          <Others others={others} onOthers={setOthers} />
        </p>
        {problem && (
          <p role="alert" className="must">
            {problem}
          </p>
        )}
        <p className="flex flex-wrap items-baseline gap-3">
          <button type="submit" className="press press-main" disabled={!ready}>
            Keep it and lead
          </button>
          <span className="quiet figures" role="status">
            {plural(present.size + countOf(others), 'person', 'people')}
          </span>
        </p>
        <p className="quiet small">
          Lead then minds just these people, without naming them, and the class is kept with them in the log.
        </p>
      </form>
      <Minded people={people.filter(({ id }) => present.has(id))} />
    </div>
  );
}
