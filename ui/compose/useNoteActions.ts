import { useMemo } from 'react';
import type { Edit, Practice } from '@/core/practice';
import { useStable } from '@/ui/kit/useStable';
import type { NoteActions } from './noteActions';

/**
 * What can be done about notes in the margin: mended, waved aside with a reason, brought back; all of a kind at once. The
 * same for as long as the room is there: a press must not draw every row anew for what its notes would do.
 */
export function useNoteActions(
  practice: Practice,
  onEdit: (edit: Edit, said: string) => void,
  fit: () => void,
): NoteActions {
  const onMend = useStable<Parameters<NoteActions['onMend']>, void>(({ mend, first, more }) => {
    if (mend?.kind === 'make-it-fit') return fit();
    const isThere = (itemId: string | undefined): boolean =>
      itemId === undefined || practice.items.some((item) => item.id === itemId);
    // A note may be a moment older than the practice: what it would mend can be gone.
    if (mend && [first, ...more].every(({ itemId }) => isThere(itemId)))
      onEdit({ kind: 'together', edits: mend.edits }, first.mendText ?? 'Mended');
  });
  return useMemo(
    () => ({
      onMend,
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
    }),
    [onEdit, onMend],
  );
}
