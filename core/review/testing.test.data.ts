import { sourceIds } from '../sources';
import type { Note } from '.';

export { compile, edit } from '../practice';
export type { Item, Practice } from '../practice';

/** A note a practitioner can use: a sentence, a reason, a source, a place that is told apart. */
export const makesSense = (note: Note): boolean =>
  /^[A-Z“0-9].*[.!?]$/s.test(note.say) &&
  note.why.length > 20 &&
  sourceIds.includes(note.source) &&
  note.id.startsWith(note.rule) &&
  !/undefined|NaN|\[object/.test(note.say) &&
  (note.mend === undefined || note.mend.label.length > 3);
