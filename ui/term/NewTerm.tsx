'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Term } from '@/core/term/document';
import { readAnswer } from '@/ui/kit/answer';
import { newId } from '@/ui/kit/newId';
import { useReady } from '@/ui/kit/useReady';
import { TermFields } from './TermFields';
import { sendTerm } from './useTerm';

interface Props {
  readonly groups: readonly { readonly id: string; readonly name: string }[];
  readonly forms: readonly { readonly id: string; readonly name: string }[];
  /** Ten weeks from the coming Monday. */
  readonly first: string;
  readonly last: string;
}

/** A new term: when, for whom, for what; then it is planned. */
export function NewTerm({ groups, forms, first, last }: Props) {
  const [isOpen, setIsOpen] = useState(false);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const ready = useReady();
  const router = useRouter();
  const plan = async (term: Term): Promise<void> => {
    setProblem(undefined);
    const made = await sendTerm(term, 0);
    if (!made.ok) return setProblem(made.message);
    const planned = await readAnswer(() =>
      fetch(`/api/terms/${term.id}/plan`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ baseVersion: made.value.version }),
      }),
    );
    if (!planned.ok) return setProblem(planned.message);
    router.push(`/term/${term.id}`);
  };
  const blank = (): Term => ({
    id: newId(),
    groupId: groups[0]?.id ?? '',
    name: 'The coming ten weeks',
    first,
    last,
    aim: 'year',
    also: [],
    learn: [],
    out: [],
    weeks: {},
  });
  const [term] = useState(blank);
  return (
    <div className="my-4">
      <button
        type="button"
        className="press"
        disabled={!ready}
        aria-expanded={isOpen}
        onClick={() => setIsOpen((before) => !before)}
      >
        Plan a term
      </button>
      {isOpen && <TermFields term={term} groups={groups} forms={forms} onKeep={(next) => void plan(next)} />}
      {problem && (
        <p role="alert" className="must">
          {problem}
        </p>
      )}
    </div>
  );
}
