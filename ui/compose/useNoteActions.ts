import { useMemo } from 'react';
import type { Edit, Practice } from '@/core/practice';
import type { NoteActions } from './NoteLine';

/** What can be done about a note in the margin: mended, waved aside with a reason, brought back. */
export function useNoteActions(
  practice: Practice,
  onEdit: (edit: Edit, said: string) => void,
  fit: () => void,
): NoteActions {
  return useMemo(
    () => ({
      onMend: (note) => {
        if (note.mend?.kind === 'make-it-fit') return fit();
        // A note may be a moment older than the practice: what it would mend can be gone.
        const isThere = note.itemId === undefined || practice.items.some((item) => item.id === note.itemId);
        if (note.mend && isThere) for (const edit of note.mend.edits) onEdit(edit, note.mendText ?? 'Mended');
      },
      onWave: (note, reason) =>
        onEdit({ kind: 'wave', note: note.id, reason }, 'Waved aside; it stays with the practice.'),
      onUnwave: (note) => onEdit({ kind: 'unwave', note: note.id }, 'Back in the margin'),
    }),
    [fit, onEdit, practice],
  );
}
