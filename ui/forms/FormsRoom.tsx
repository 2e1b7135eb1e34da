'use client';

import { useCallback, useDeferredValue, useMemo, useState } from 'react';
import { readQuestion, type Known } from '@/core/seek/question';
import type { VariantId } from '@/core/forms';
import {
  NO_WISHES,
  seek,
  variantFor,
  type Found,
  type FormRow,
  type WishChange,
  type Wishes,
} from '@/core/seek/seek';
import { defined } from '@/core/text/defined';
import { understood } from '@/ui/words/wishes';
import { Facets } from './Facets';
import { FormLine } from './FormLine';
import { BinnedForms, HeldForms } from './FormsFoot';
import { FormPlate } from './FormPlate';
import { FormsFound } from './FormsFound';
import { FormsHead } from './FormsHead';
import { useFormFiles } from './useFormFiles';

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

/** The way of a form that answers the wishes, and how long it takes, s; no time where none is known. */
function wayOf(
  row: FormRow,
  wishes: Wishes,
): { readonly variant: VariantId; readonly seconds: number | undefined } {
  const way = variantFor(row, wishes) ?? row.variants[0];
  if (!way) return { variant: 'full', seconds: undefined };
  const { minutes } = wishes;
  return {
    variant: way.variant,
    seconds: minutes === undefined ? way.usualSec : Math.min(way.usualSec, minutes * 60),
  };
}

/** The repertoire, asked as a practitioner asks: a question in words, live facets, and rows whose figures move. */
export function FormsRoom({ rows, known, question: asked, binned, hold }: Props) {
  const [question, setQuestion] = useState(asked);
  const [picked, setPicked] = useState<WishChange>({});
  const [isPlate, setPlate] = useState(false);
  const [held, setHeld] = useState<readonly string[]>(hold === undefined ? [] : [hold]);
  const { problem, bring, bringBack } = useFormFiles();
  const said = useDeferredValue(question);
  const wishes = useMemo((): Wishes => {
    const read = readQuestion(said, known);
    return {
      ...read,
      ...defined(picked),
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
  const onWish = useCallback(
    (change: WishChange): void => {
      // A press turns what the question says into choices, so that the choice can be changed; loose words stay.
      const { words, without, ...read } = readQuestion(said, known);
      setPicked((now) => ({
        ...read,
        ...now,
        without: [...new Set([...without, ...(now.without ?? [])])],
        ...change,
      }));
      setQuestion(words.join(' '));
    },
    [known, said],
  );
  const clear = (): void => {
    setQuestion('');
    setPicked({});
  };
  const byFamily = told.length === 0;
  // A letter typed is shown at once, and what stands below is not gone through again for it; rows are given what they show
  // and no more, so that an answer draws only those it changes.
  const drawn = useCallback(
    (answer: Found, of: Wishes, inFamilies: boolean) => (
      <FormsFound
        found={answer}
        byFamily={inFamilies}
        line={(row) => (
          <FormLine key={row.id} row={row} {...wayOf(row, of)} held={held.includes(row.id)} onHold={onHold} />
        )}
        plate={
          isPlate
            ? (row, number) => (
                <FormPlate key={row.id} row={row} variant={wayOf(row, of).variant} number={number} />
              )
            : undefined
        }
      />
    ),
    [held, isPlate, onHold],
  );
  // The whole repertoire stays where it is while something is asked: taking it away and putting it back is what takes long.
  const [isWholeWanted, setWholeWanted] = useState(byFamily);
  if (byFamily && !isWholeWanted) setWholeWanted(true);
  const whole = useMemo(
    () => isWholeWanted && drawn(seek(rows, NO_WISHES), NO_WISHES, true),
    [drawn, isWholeWanted, rows],
  );
  const answer = useMemo(() => !byFamily && drawn(found, wishes, false), [byFamily, drawn, found, wishes]);
  const choices = useMemo(
    () => <Facets found={found} wishes={wishes} onWish={onWish} />,
    [found, onWish, wishes],
  );
  const name = (id: string): string => rows.find((row) => row.id === id)?.name ?? id;
  return (
    <div>
      <FormsHead hasOwn={rows.some((row) => row.own)} bring={bring} />
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
          {found.smaller.length > 0 && `, ${found.smaller.length} more in a smaller variant`}
        </p>
        <button
          type="button"
          className="press-plain small"
          aria-pressed={isPlate}
          onClick={() => setPlate(!isPlate)}
        >
          As a sheet of postures
        </button>
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
      <div className="drawn-apart mt-2 grid gap-x-9 gap-y-4 lg:grid-cols-[19rem_minmax(0,1fr)]">
        <details className="lg:hidden">
          <summary className="press">Choose by what they do and ask</summary>
          <div className="mt-3">{choices}</div>
        </details>
        <aside aria-label="Choose by what they do and ask" className="hidden lg:block">
          {choices}
        </aside>
        <div>
          <div className={byFamily ? undefined : 'set-aside'}>{whole}</div>
          {answer}
        </div>
      </div>
      <BinnedForms binned={binned} bringBack={bringBack} />
      <HeldForms held={held} name={name} onLetGo={() => setHeld([])} />
    </div>
  );
}
