'use client';

import { useState } from 'react';
import { joinNotes, type JoinedNotes } from '@/core/review/joined';
import { sourceTitle } from '@/core/sources';
import type { NoteInWords } from '@/ui/words/margin';

const timesMore = (count: number): string => (count === 1 ? 'once more' : `${count} times more`);

const WEIGHT_CLASS = { must: 'must', should: 'should', consider: 'watch' } as const;
export const WEIGHT_WORD = { must: 'Must', should: 'Should', consider: 'Consider' } as const;

type Notes = JoinedNotes<NoteInWords>;

export interface NoteActions {
  readonly onMend: (notes: Notes) => void;
  readonly onWave: (notes: Notes, reason: string) => void;
  readonly onUnwave: (notes: Notes) => void;
}

/** What else is said by the same rule for the same reason, each sentence once. */
const othersOf = ({ first, more }: Notes): readonly string[] => [
  ...new Set(more.map(({ text }) => text).filter((text) => text !== first.text)),
];

/**
 * A note in the margin: what it says, and of how many places more; on a press the others, why, from where, its mend, and
 * how to wave it aside. What is done about it is done about all of them.
 */
export function NoteLine({ notes, onMend, onWave, onUnwave }: NoteActions & { readonly notes: Notes }) {
  const { first: note, more } = notes;
  const all = more.length + 1;
  const [open, setOpen] = useState(false);
  const [reason, setReason] = useState('');
  const waved = note.wavedBecause !== undefined;
  return (
    <li className={`small my-1 ${WEIGHT_CLASS[note.weight]}`}>
      <button type="button" className="min-h-6 text-left" aria-expanded={open} onClick={() => setOpen(!open)}>
        <span className="caption mr-1.5">{WEIGHT_WORD[note.weight]}</span>
        <span className={waved ? 'text-faded line-through' : ''}>{note.text}</span>
        {more.length > 0 && <span className="quiet"> The same {timesMore(more.length)}.</span>}
      </button>
      {open && (
        <div className="mt-1 mb-2 space-y-1.5">
          {othersOf(notes).length > 0 && (
            <ul className="list-none space-y-0.5 border-l border-hairline pl-2">
              {othersOf(notes).map((text) => (
                <li key={text}>{text}</li>
              ))}
            </ul>
          )}
          <p className="reading italic">{note.why}</p>
          <p className="quiet">Source: {sourceTitle(note.source)}.</p>
          {waved ? (
            <p>
              Waved aside{note.wavedBecause ? `: “${note.wavedBecause}”` : ''}.{' '}
              <button type="button" className="press-plain" onClick={() => onUnwave(notes)}>
                {more.length > 0 ? `Bring all ${all} back` : 'Bring it back'}
              </button>
            </p>
          ) : (
            <form
              className="flex flex-wrap items-center gap-2"
              onSubmit={(event) => {
                event.preventDefault();
                onWave(notes, reason);
              }}
            >
              {notes.mend && (
                <button type="button" className="press" onClick={() => onMend(notes)}>
                  {note.mendText}
                  {more.length > 0 && ` (all ${all})`}
                </button>
              )}
              <label className="min-w-36 flex-1">
                <span className="sr-only">Why it may stand</span>
                <input
                  className="field"
                  value={reason}
                  maxLength={240}
                  placeholder="why it may stand"
                  onChange={(event) => setReason(event.target.value)}
                />
              </label>
              <button type="submit" className="press-plain">
                {more.length > 0 ? `Wave all ${all} aside` : 'Wave aside'}
              </button>
            </form>
          )}
        </div>
      )}
    </li>
  );
}

/** Notes of one place: the heavy ones open, those to consider behind one word until wanted. */
export function NotesHere({ notes, ...actions }: NoteActions & { readonly notes: readonly NoteInWords[] }) {
  const [wanted, setWanted] = useState(false);
  const loud = notes.filter((note) => note.weight !== 'consider' && note.wavedBecause === undefined);
  const quiet = notes.filter((note) => !loud.includes(note));
  const waved = quiet.filter((note) => note.wavedBecause !== undefined).length;
  if (notes.length === 0) return null;
  const label = [
    quiet.length > waved ? `${quiet.length - waved} to consider` : '',
    waved > 0 ? `${waved} waved aside` : '',
  ]
    .filter((word) => word !== '')
    .join(', ');
  return (
    <ul aria-label="Notes">
      {joinNotes(loud).map((joined) => (
        <NoteLine key={joined.first.id} notes={joined} {...actions} />
      ))}
      {quiet.length > 0 && (
        <li>
          <button
            type="button"
            className="press-plain small text-faded"
            aria-expanded={wanted}
            onClick={() => setWanted(!wanted)}
          >
            {label}
          </button>
        </li>
      )}
      {wanted &&
        joinNotes(quiet).map((joined) => <NoteLine key={joined.first.id} notes={joined} {...actions} />)}
    </ul>
  );
}
