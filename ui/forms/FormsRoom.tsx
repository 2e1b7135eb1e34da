'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useCallback, useDeferredValue, useMemo, useRef, useState } from 'react';
import { FAMILIES } from '@/core/forms/terms';
import { aim } from '@/core/brief/aims';
import { channel } from '@/core/channels/channels';
import { conditionLabel } from '@/core/seek/conditionWords';
import { readQuestion, type Known } from '@/core/seek/question';
import { seek, WITHOUT, type FormRow, type Wishes } from '@/core/seek/seek';
import { organ, phaseName } from '@/core/phases';
import { useSay } from '@/ui/kit/Said';
import { ROLE_NAMES } from '@/ui/words/names';
import { Facets } from './Facets';
import { FormLine } from './FormLine';
import { readAnswer } from './answer';

const LEVELS = { 1: 'for anyone', 2: 'level 2', 3: 'level 3' } as const;

const HOW_NAMES = {
  stretch: 'stretches',
  trace: 'traces',
  tap: 'taps along',
  press: 'presses along',
  hold: 'holds on',
  attend: 'leads the attention along',
} as const satisfies Record<NonNullable<Wishes['how']>, string>;

/** What was understood of a question, in words. */
function understood(wishes: Wishes, lost: readonly string[]): readonly string[] {
  const along = wishes.channel && `the ${channel(wishes.channel).name}`;
  return [
    wishes.aim && `for ${aim(wishes.aim).label}`,
    ...(wishes.conditions ?? []).map((id) => `with ${conditionLabel(id)}`),
    wishes.points && `reaches ${wishes.points.join(' or ')}`,
    wishes.joint && `loosens the ${wishes.joint}`,
    wishes.action,
    wishes.organ && organ(wishes.organ).name,
    wishes.phase && phaseName(wishes.phase).name,
    wishes.how ? `${HOW_NAMES[wishes.how]} ${along ?? 'a channel'}` : along,
    wishes.role && `to ${ROLE_NAMES[wishes.role].toLowerCase()}`,
    wishes.posture,
    wishes.family,
    wishes.level && LEVELS[wishes.level],
    wishes.minutes !== undefined && `within ${wishes.minutes} min`,
    ...WITHOUT.filter((row) => wishes.without.includes(row.id)).map((row) => row.label),
    ...wishes.words.filter((word) => !lost.includes(word)).map((word) => `“${word}”`),
  ].filter((part): part is string => typeof part === 'string' && part !== '');
}

interface Props {
  readonly rows: readonly FormRow[];
  /** What questions are read against. */
  readonly known: Known;
  readonly question: string;
  /** Own forms in the bin, which can be brought back. */
  readonly binned: readonly { readonly id: string; readonly name: string }[];
  /** A form that is already held beside another. */
  readonly hold: string | undefined;
}

/** The repertoire, asked as a practitioner asks: a question in words, live facets, and rows whose figures move. */
export function FormsRoom({ rows, known, question: asked, binned, hold }: Props) {
  const [question, setQuestion] = useState(asked);
  const [picked, setPicked] = useState<Partial<Wishes>>({});
  const [held, setHeld] = useState<readonly string[]>(hold === undefined ? [] : [hold]);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const file = useRef<HTMLInputElement>(null);
  const router = useRouter();
  const say = useSay();
  const said = useDeferredValue(question);
  const wishes = useMemo((): Wishes => {
    const read = readQuestion(said, known);
    return {
      ...read,
      ...Object.fromEntries(Object.entries(picked).filter(([, value]) => value !== undefined)),
      without: [...new Set([...read.without, ...(picked.without ?? [])])],
      words: read.words,
    };
  }, [known, picked, said]);
  const found = useMemo(() => seek(rows, wishes), [rows, wishes]);
  const told = understood(wishes, found.notUnderstood);
  const onHold = useCallback(
    (id: string) =>
      setHeld((now) => (now.includes(id) ? now.filter((other) => other !== id) : [...now.slice(-1), id])),
    [],
  );
  const onWish = (change: Partial<Wishes>): void => {
    // A press turns what the question says into choices, so that the choice can be changed; loose words stay.
    const { words, without, ...read } = readQuestion(question, known);
    setPicked((now) => ({
      ...read,
      ...now,
      without: [...new Set([...without, ...(now.without ?? [])])],
      ...change,
    }));
    setQuestion(words.join(' '));
  };
  const clear = (): void => {
    setQuestion('');
    setPicked({});
  };
  const bring = async (chosen: File): Promise<void> => {
    setProblem(undefined);
    const answer = await readAnswer<{ forms: readonly { id: string; name: string }[] }>(() =>
      chosen.text().then((body) => fetch('/api/forms/import', { method: 'POST', body })),
    );
    if (!answer.ok) {
      setProblem(`${chosen.name}: ${answer.message}`);
      return;
    }
    say(`Brought in: ${answer.value.forms.map((form) => form.name).join(', ')}.`);
    router.refresh();
  };
  const bringBack = async (id: string, called: string): Promise<void> => {
    setProblem(undefined);
    const answer = await readAnswer(() => fetch(`/api/forms/${id}/bin`, { method: 'DELETE' }));
    if (!answer.ok) {
      setProblem(answer.message);
      return;
    }
    say(`${called} is back.`);
    router.refresh();
  };
  const byFamily = told.length === 0;
  const line = (row: FormRow) => (
    <FormLine key={row.id} row={row} wishes={wishes} held={held.includes(row.id)} onHold={onHold} />
  );
  const name = (id: string): string => rows.find((row) => row.id === id)?.name ?? id;
  return (
    <div>
      <div className="flex flex-wrap items-baseline justify-between gap-x-8 gap-y-1">
        <h1>Forms</h1>
        <p className="small flex flex-wrap gap-x-4">
          <Link className="press-plain" href="/forms/own/new">
            Write a form
          </Link>
          <button type="button" className="press-plain" onClick={() => file.current?.click()}>
            Bring in a file
          </button>
          {rows.some((row) => row.own) && (
            <a className="press-plain" href="/api/forms/export" download>
              Take my forms along
            </a>
          )}
        </p>
        <input
          ref={file}
          type="file"
          accept="application/json,.json"
          className="sr-only"
          tabIndex={-1}
          aria-label="A file of forms"
          onChange={(event) => {
            const chosen = event.target.files?.[0];
            event.target.value = '';
            if (chosen) void bring(chosen);
          }}
        />
      </div>
      {problem && (
        <p role="alert" className="must my-2">
          {problem}
        </p>
      )}
      <label className="sr-only" htmlFor="seek">
        Ask for a form
      </label>
      <input
        id="seek"
        className="field mt-1 font-serif text-[1.2rem]"
        placeholder="what nourishes the Kidney, seated, without raising the arms, in four minutes?"
        value={question}
        autoComplete="off"
        onChange={(event) => setQuestion(event.target.value)}
      />
      <div className="mt-1 flex min-h-[1.9rem] flex-wrap items-baseline gap-x-4" aria-live="polite">
        <p className="quiet small" role="status">
          {found.rows.length} of {rows.length} forms
          {found.smaller.length > 0 && `, ${found.smaller.length} more in a smaller way`}
        </p>
        {found.notUnderstood.length > 0 && (
          <p className="small" role="status">
            Not understood, and left aside: {found.notUnderstood.map((word) => `“${word}”`).join(', ')}
          </p>
        )}
        {told.length > 0 && (
          <p className="small">
            {told.join(' · ')}{' '}
            <button type="button" className="press-plain ml-2" onClick={clear}>
              Ask anew
            </button>
          </p>
        )}
      </div>
      <div className="mt-2 grid gap-x-9 gap-y-4 lg:grid-cols-[19rem_minmax(0,1fr)]">
        <details className="lg:hidden">
          <summary className="press">Choose by what they do and ask</summary>
          <div className="mt-3">
            <Facets found={found} wishes={wishes} onWish={onWish} />
          </div>
        </details>
        <aside aria-label="Choose by what they do and ask" className="hidden lg:block">
          <Facets found={found} wishes={wishes} onWish={onWish} />
        </aside>
        <div>
          {found.rows.length === 0 && (
            <p className="reading quiet my-6">
              {found.smaller.length === 0
                ? 'No form answers to all of this. Take one wish away.'
                : 'No form answers to all of this as it is; these do in a smaller way.'}
            </p>
          )}
          {byFamily ? (
            <div className="gap-x-10 xl:columns-2">
              {FAMILIES.map((family) => {
                const members = found.rows.filter((row) => row.family === family);
                if (members.length === 0) return null;
                return (
                  <section key={family} className="mb-5" aria-label={family}>
                    <h2 className="caption border-b border-ink">{family}</h2>
                    <ul>{members.map(line)}</ul>
                  </section>
                );
              })}
            </div>
          ) : (
            <>
              {found.rows.length > 0 && (
                <ul className="gap-x-10 border-t border-ink xl:columns-2" aria-label="Forms found">
                  {found.rows.map(line)}
                </ul>
              )}
              {found.smaller.length > 0 && (
                <section className="mt-5" aria-label="In a smaller way">
                  <h2 className="caption border-b border-ink">In a smaller way</h2>
                  <ul className="gap-x-10 xl:columns-2">{found.smaller.map(line)}</ul>
                </section>
              )}
            </>
          )}
        </div>
      </div>
      {binned.length > 0 && (
        <section className="small mt-6 border-t border-hairline pt-2" aria-label="In the bin">
          <h2 className="caption">In the bin</h2>
          <p className="flex flex-wrap gap-x-5">
            {binned.map((form) => (
              <span key={form.id}>
                {form.name}{' '}
                <button
                  type="button"
                  className="press-plain"
                  aria-label={`Bring back ${form.name}`}
                  onClick={() => void bringBack(form.id, form.name)}
                >
                  bring back
                </button>
              </span>
            ))}
          </p>
        </section>
      )}
      {held.length > 0 && (
        <p
          role="status"
          className="sticky bottom-0 mt-4 flex flex-wrap items-center gap-x-4 border-t border-ink bg-paper py-2"
        >
          {held.length === 2 ? (
            <Link className="press press-main" href={`/forms/beside?a=${held[0]}&b=${held[1]}`}>
              {name(held[0] ?? '')} beside {name(held[1] ?? '')}
            </Link>
          ) : (
            <span>
              Holding <strong className="font-medium">{name(held[0] ?? '')}</strong>; hold another beside it.
            </span>
          )}
          <button type="button" className="press-plain" onClick={() => setHeld([])}>
            Let go
          </button>
        </p>
      )}
    </div>
  );
}
