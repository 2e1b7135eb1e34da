'use client';

import { useMemo, useRef, useState } from 'react';
import type { Composed, People, WhyNot as Answer } from '@/core/compose';
import { alternatives } from '@/core/compose/alternatives';
import type { Customs } from '@/core/customs';
import { plainText, REPERTOIRE, searchText, withOwn, type OwnForms } from '@/core/forms';
import type { Practice } from '@/core/practice';
import { Thumbnail } from '@/ui/figure/Thumbnail';
import { Sheet } from '@/ui/kit/Sheet';
import { WhyNotAnswer } from './WhyNotAnswer';

interface Props {
  readonly practice: Practice;
  readonly own: OwnForms;
  readonly customs: Customs;
  readonly people: People;
  readonly ask: (formId: string) => Promise<Answer | undefined>;
  readonly onTake: (draft: Composed, name: string) => void;
  readonly onClose: () => void;
}

const MOST_FOUND = 8;
const MOST_NEAR = 6;

/** Why not this form? It is put in at best; what that costs, what comes and what leaves is laid open. */
export function WhyNot({ practice, own, customs, people, ask, onTake, onClose }: Props) {
  const forms = useMemo(() => withOwn(REPERTOIRE, own), [own]);
  const [sought, setSought] = useState('');
  const [stopped, setStopped] = useState(false);
  const [asked, setAsked] = useState<string | undefined>(undefined);
  const [answer, setAnswer] = useState<{ readonly id: string; readonly answer: Answer } | undefined>(
    undefined,
  );
  const latest = useRef('');
  const field = useRef<HTMLInputElement>(null);
  const present = useMemo(() => new Set(practice.items.map((item) => item.formId)), [practice]);
  const found = useMemo(() => {
    const words = plainText(sought)
      .split(/\s+/)
      .filter((word) => word !== '');
    // Before anything is sought: the forms that would serve the theme best and are not here.
    if (words.length === 0)
      return alternatives(practice, 'nourish', forms, customs, people)
        .slice(0, MOST_NEAR)
        .map(({ form }) => form);
    return forms
      .filter((form) => !present.has(form.id) && words.every((word) => searchText(form).includes(word)))
      .slice(0, MOST_FOUND);
  }, [forms, present, sought, practice, customs, people]);
  const nameOf = (id: string): string =>
    forms.find((form) => form.id === id)?.name ?? practice.forms[id]?.name ?? id;
  const question = (id: string): void => {
    latest.current = id;
    setAsked(id);
    // The line that was pressed goes away: one goes on from the field.
    field.current?.focus();
    setStopped(false);
    void ask(id).then((result) => {
      if (latest.current !== id) return;
      if (result) setAnswer({ id, answer: result });
      else setStopped(true);
    });
  };
  const another = (): void => {
    setStopped(false);
    setAsked(undefined);
    setSought('');
    field.current?.focus();
  };
  const shown = answer && answer.id === asked ? answer.answer : undefined;
  const form = forms.find((one) => one.id === asked);
  return (
    <Sheet title="Why not …?" onClose={onClose}>
      <label className="sr-only" htmlFor="why-not-form">
        Which form
      </label>
      <input
        id="why-not-form"
        ref={field}
        data-first
        className="field"
        placeholder="a form that is not here: its name, its organ …"
        autoComplete="off"
        value={sought}
        onChange={(event) => {
          setSought(event.target.value);
          setAsked(undefined);
        }}
      />
      {!asked && (
        <>
          {plainText(sought).trim() === '' && found.length > 0 && (
            <h3 className="caption mt-3">would serve the theme, and are not here</h3>
          )}
          <ul className="mt-1" aria-label="Forms found">
            {found.map((one) => (
              <li key={one.id} className="border-b border-hairline">
                <button type="button" className="slip-line" onClick={() => question(one.id)}>
                  <span className="font-serif text-[1.1rem]">{one.name}</span>
                  <span className="quiet small ml-auto">{one.family}</span>
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
      {asked && form && (
        <div className="mt-3 flex gap-4" aria-live="polite">
          <Thumbnail form={form} height={150} />
          <div className="min-w-0 flex-1">
            <div className="flex items-baseline justify-between gap-4">
              <h3>{form.name}</h3>
              <button type="button" className="press-plain small" onClick={another}>
                Another form
              </button>
            </div>
            {!shown && !stopped && <p className="quiet">Putting it in at best …</p>}
            {!shown && stopped && (
              <p role="alert" className="must">
                The composer stopped before it had an answer.{' '}
                <button type="button" className="press" onClick={() => question(form.id)}>
                  Ask again
                </button>
              </p>
            )}
            {shown && <WhyNotAnswer form={form} shown={shown} nameOf={nameOf} onTake={onTake} />}
          </div>
        </div>
      )}
    </Sheet>
  );
}
