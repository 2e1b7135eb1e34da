'use client';

import { Fragment, useState } from 'react';
import type { Practice } from '@/core/practice';
import { joinNotes } from '@/core/review/joined';
import type { NoteInWords } from '@/ui/words/margin';
import type { Beside } from '@/ui/score/useLanes';
import { NoteLine } from './NoteLine';
import type { NoteActions } from './noteActions';

interface Props extends NoteActions {
  readonly practice: Practice;
  readonly beside: Beside;
  readonly onSelect: (itemId: string) => void;
}

const count = (notes: readonly NoteInWords[], weight: NoteInWords['weight']): number =>
  notes.filter((note) => note.weight === weight && note.wavedBecause === undefined).length;

/** The margin's head: how much there is to say, what speaks of the whole, and everything in one list when wanted. */
export function ReadOver({ practice, beside, onSelect, ...actions }: Props) {
  const { notes, hasFailed, again } = beside;
  const reading = beside.readOver !== practice;
  const [all, setAll] = useState(false);
  const whole = notes.filter((note) => note.itemId === undefined);
  const words = [
    [count(notes, 'must'), 'must change'],
    [count(notes, 'should'), 'would be better changed'],
    [count(notes, 'consider'), 'to consider'],
    [notes.filter((note) => note.wavedBecause !== undefined).length, 'waved aside'],
  ]
    .filter(([number]) => number !== 0)
    .map(([number, word]) => `${number} ${word}`);
  return (
    <section aria-labelledby="read-over" className="border-b border-hairline pb-3">
      <div className="flex items-baseline justify-between gap-3">
        <h2 id="read-over">Read over</h2>
        {notes.length > 0 && (
          <button type="button" className="press-plain" aria-pressed={all} onClick={() => setAll(!all)}>
            All notes
          </button>
        )}
      </div>
      <p role="status" className="quiet">
        {words.length > 0
          ? `${words.join(', ')}.`
          : reading && !hasFailed
            ? 'Reading …'
            : !hasFailed && 'Nothing to say against it.'}
      </p>
      {hasFailed && (
        <p role="alert" className="must my-2">
          The reading over stopped; the notes are not of this practice as it stands.{' '}
          <button type="button" className="press" onClick={again}>
            Read again
          </button>
        </p>
      )}
      {all ? (
        <ul aria-label="All notes">
          {joinNotes(notes).map((joined) => {
            const ids = new Set([joined.first, ...joined.more].map(({ itemId }) => itemId));
            const places = practice.items.filter((item) => ids.has(item.id));
            return (
              <Fragment key={joined.first.id}>
                <NoteLine notes={joined} {...actions} />
                {places.length > 0 && (
                  <li className="-mt-1 mb-1 flex flex-wrap gap-x-3 pl-3">
                    {places.map(({ id, formId }) => (
                      <button
                        key={id}
                        type="button"
                        className="press-plain small text-faded"
                        onClick={() => onSelect(id)}
                      >
                        go to {practice.forms[formId]?.name ?? formId}
                      </button>
                    ))}
                  </li>
                )}
              </Fragment>
            );
          })}
        </ul>
      ) : (
        whole.length > 0 && (
          <ul aria-label="Notes on the whole">
            {joinNotes(whole).map((joined) => (
              <NoteLine key={joined.first.id} notes={joined} {...actions} />
            ))}
          </ul>
        )
      )}
    </section>
  );
}
