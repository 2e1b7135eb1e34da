import type { JoinedNotes } from '@/core/review/joined';
import type { NoteInWords } from '@/ui/words/margin';

/** Notes of one kind for one reason, in words. */
export type Notes = JoinedNotes<NoteInWords>;

/** What can be done about notes. */
export interface NoteActions {
  readonly onMend: (notes: Notes) => void;
  readonly onWave: (notes: Notes, reason: string) => void;
  readonly onUnwave: (notes: Notes) => void;
}
