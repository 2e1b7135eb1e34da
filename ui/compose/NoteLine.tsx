'use client';

import { useState } from 'react';
import { sourceTitle } from '@/core/sources';
import type { NoteInWords } from '@/ui/words/margin';

const WEIGHT_CLASS = { must: 'must', should: 'should', consider: 'watch' } as const;
export const WEIGHT_WORD = { must: 'Must', should: 'Should', consider: 'Consider' } as const;

export interface NoteActions {
  readonly onMend: (note: NoteInWords) => void;
  readonly onWave: (note: NoteInWords, reason: string) => void;
  readonly onUnwave: (note: NoteInWords) => void;
}

/** A note in the margin: what it says; on a press why, from where, its mend, and how to wave it aside. */
export function NoteLine({ note, onMend, onWave, onUnwave }: NoteActions & { readonly note: NoteInWords }) {
  const [open, setOpen] = useState(false);
  const [reason, setReason] = useState('');
  const waved = note.wavedBecause !== undefined;
  return (
    <li className={`small my-1 ${WEIGHT_CLASS[note.weight]}`}>
      <button type="button" className="min-h-6 text-left" aria-expanded={open} onClick={() => setOpen(!open)}>
        <span className="caption mr-1.5">{WEIGHT_WORD[note.weight]}</span>
        <span className={waved ? 'text-faded line-through' : ''}>{note.text}</span>
      </button>
      {open && (
        <div className="mt-1 mb-2 space-y-1.5">
          <p className="reading italic">{note.why}</p>
          <p className="quiet">Source: {sourceTitle(note.source)}.</p>
          {waved ? (
            <p>
              Waved aside{note.wavedBecause ? `: “${note.wavedBecause}”` : ''}.{' '}
              <button type="button" className="press-plain" onClick={() => onUnwave(note)}>
                Bring it back
              </button>
            </p>
          ) : (
            <form
              className="flex flex-wrap items-center gap-2"
              onSubmit={(event) => {
                event.preventDefault();
                onWave(note, reason);
              }}
            >
              {note.mend && (
                <button type="button" className="press" onClick={() => onMend(note)}>
                  {note.mendText}
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
                Wave aside
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
      {loud.map((note) => (
        <NoteLine key={note.id} note={note} {...actions} />
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
      {wanted && quiet.map((note) => <NoteLine key={note.id} note={note} {...actions} />)}
    </ul>
  );
}
