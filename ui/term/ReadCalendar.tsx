'use client';

import { useState } from 'react';
import type { Term } from '@/core/term/document';
import { readAnswer } from '@/ui/kit/answer';
import { FilePick } from '@/ui/kit/FilePick';
import { plural } from '@/ui/kit/time';

interface Busy {
  readonly from: string;
  readonly until: string;
  readonly name: string;
  readonly when: string;
  readonly isMet: boolean;
}

/** Days off and bookings of the hall from a calendar file: what meets a class is chosen to be left out. */
export function ReadCalendar({
  term,
  onOut,
}: {
  readonly term: Term;
  readonly onOut: (out: Term['out']) => void;
}) {
  const [busy, setBusy] = useState<readonly Busy[] | undefined>(undefined);
  const [chosen, setChosen] = useState<ReadonlySet<number>>(new Set());
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const isThere = ({ from, until }: Busy): boolean =>
    term.out.some((one) => one.from <= from && until <= one.until);
  const read = async (picked: File): Promise<void> => {
    setProblem(undefined);
    const answer = await readAnswer<{ busy: readonly Busy[] }>(() =>
      fetch(`/api/terms/${term.id}/busy`, { method: 'POST', body: picked }),
    );
    if (!answer.ok) return setProblem(answer.message);
    const fresh = answer.value.busy.filter((one) => !isThere(one));
    setBusy(fresh);
    setChosen(new Set(fresh.flatMap(({ isMet }, index) => (isMet ? [index] : []))));
  };
  const take = (): void => {
    const added = (busy ?? []).flatMap(({ from, until, name }, index) =>
      chosen.has(index) ? [{ from, until, name }] : [],
    );
    onOut([...term.out, ...added].slice(0, 60));
    setBusy(undefined);
  };
  return (
    <div className="mt-1">
      <FilePick
        label="Read a calendar file"
        className="press-plain"
        picks="A calendar file"
        accept=".ics,text/calendar"
        onPick={(picked) => void read(picked)}
      />
      {problem && (
        <p role="alert" className="must">
          {problem}
        </p>
      )}
      {busy && (
        <fieldset className="mt-2 border-l-[3px] border-ink pl-3">
          <legend className="small">
            {busy.length === 0
              ? 'Nothing in it falls into this term.'
              : `${plural(busy.length, 'entry', 'entries')} in this term; what meets a class is chosen.`}
          </legend>
          {busy.map((one, index) => (
            <label key={index} className="flex flex-wrap items-baseline gap-x-2 py-0.5">
              <input
                type="checkbox"
                className="accent-ink"
                checked={chosen.has(index)}
                onChange={(event) => {
                  const next = new Set(chosen);
                  if (event.target.checked) next.add(index);
                  else next.delete(index);
                  setChosen(next);
                }}
              />
              <span>{one.name || 'without a name'}</span>
              <span className="quiet small">
                {one.when}
                {one.isMet ? '' : ', meets no class'}
              </span>
            </label>
          ))}
          <p className="mt-1 flex gap-3">
            {busy.length > 0 && (
              <button type="button" className="press" disabled={chosen.size === 0} onClick={take}>
                Leave these days out
              </button>
            )}
            <button type="button" className="press-plain" onClick={() => setBusy(undefined)}>
              Leave it
            </button>
          </p>
        </fieldset>
      )}
    </div>
  );
}
