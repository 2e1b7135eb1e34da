'use client';

import { useState } from 'react';
import { sourceTitle } from '@/core/sources';
import type { NoteActions, Notes } from './noteActions';

/** What else is said by the same rule for the same reason, each sentence once. */
const othersOf = ({ first, more }: Notes): readonly string[] => [
  ...new Set(more.map(({ text }) => text).filter((text) => text !== first.text)),
];

/** Behind a note: the others like it, why, from where, its mend, and how to wave it aside. */
export function NoteOpen({ notes, onMend, onWave, onUnwave }: NoteActions & { readonly notes: Notes }) {
  const { first: note, more } = notes;
  const all = more.length + 1;
  const waved = note.wavedBecause !== undefined;
  const [reason, setReason] = useState('');
  return (
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
  );
}
