import { useMemo } from 'react';
import type { Edit, Practice } from '@/core/practice';
import type { NoteActions } from './noteActions';

/** What can be done about notes in the margin: mended, waved aside with a reason, brought back; all of a kind at once. */
export function useNoteActions(
  practice: Practice,
  onEdit: (edit: Edit, said: string) => void,
  fit: () => void,
): NoteActions {
  return useMemo(() => {
    const isThere = (itemId: string | undefined): boolean =>
      itemId === undefined || practice.items.some((item) => item.id === itemId);
    return {
      onMend: ({ mend, first, more }) => {
        if (mend?.kind === 'make-it-fit') return fit();
        // A note may be a moment older than the practice: what it would mend can be gone.
        if (mend && [first, ...more].every(({ itemId }) => isThere(itemId)))
          onEdit({ kind: 'together', edits: mend.edits }, first.mendText ?? 'Mended');
      },
      onWave: ({ first, more }, reason) =>
        onEdit(
          {
            kind: 'together',
            edits: [first, ...more].map(({ id }) => ({ kind: 'wave', note: id, reason })),
          },
          'Waved aside; it stays with the practice.',
        ),
      onUnwave: ({ first, more }) =>
        onEdit(
          { kind: 'together', edits: [first, ...more].map(({ id }) => ({ kind: 'unwave', note: id })) },
          'Back in the margin',
        ),
    };
  }, [fit, onEdit, practice]);
}
