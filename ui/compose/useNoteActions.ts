import { useMemo } from 'react';
import type { Edit } from '@/core/practice';
import type { NoteActions } from './NoteLine';
import type { ComposeStore } from './store';

/** What can be done about a note in the margin: mended, waved aside with a reason, brought back. */
export function useNoteActions(
  store: ComposeStore,
  onEdit: (edit: Edit, said: string) => void,
  fit: () => void,
): NoteActions {
  return useMemo(
    () => ({
      onMend: (note) => {
        if (note.mend?.kind === 'make-it-fit') return fit();
        const now = store.getState().practice;
        // A note may be a moment older than the practice: what it would mend can be gone.
        const stillThere = note.itemId === undefined || now?.items.some((item) => item.id === note.itemId);
        if (note.mend && stillThere) for (const edit of note.mend.edits) onEdit(edit, note.mend.label);
      },
      onWave: (note, reason) =>
        onEdit({ kind: 'wave', note: note.id, reason }, 'Waved aside; it stays with the practice.'),
      onUnwave: (note) => onEdit({ kind: 'unwave', note: note.id }, 'Back in the margin'),
    }),
    [fit, onEdit, store],
  );
}
