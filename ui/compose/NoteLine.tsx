'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import { joinNotes } from '@/core/review/joined';
import type { NoteInWords } from '@/ui/words/margin';
import type { NoteActions, Notes } from './noteActions';

const timesMore = (count: number): string => (count === 1 ? 'once more' : `${count} times more`);

const WEIGHT_CLASS = { must: 'must', should: 'should', consider: 'watch' } as const;
export const WEIGHT_WORD = { must: 'Must', should: 'Should', consider: 'Consider' } as const;

/** What stands behind a note is fetched when somebody asks. */
const NoteOpen = dynamic(() => import('./marginOpen').then((one) => one.NoteOpen));

/**
 * A note in the margin: what it says, and of how many places more; on a press the others, why, from where, its mend, and
 * how to wave it aside. What is done about it is done about all of them.
 */
export function NoteLine({ notes, onMend, onWave, onUnwave }: NoteActions & { readonly notes: Notes }) {
  const { first: note, more } = notes;
  const [open, setOpen] = useState(false);
  const waved = note.wavedBecause !== undefined;
  return (
    <li className={`small my-1 ${WEIGHT_CLASS[note.weight]}`}>
      <button type="button" className="min-h-6 text-left" aria-expanded={open} onClick={() => setOpen(!open)}>
        <span className="caption mr-1.5">{WEIGHT_WORD[note.weight]}</span>
        <span className={waved ? 'text-faded line-through' : ''}>{note.text}</span>
        {more.length > 0 && <span className="quiet"> The same {timesMore(more.length)}.</span>}
      </button>
      {open && <NoteOpen notes={notes} onMend={onMend} onWave={onWave} onUnwave={onUnwave} />}
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
