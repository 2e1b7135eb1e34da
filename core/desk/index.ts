export type { Desk, Step } from './desk';
export {
  AGAIN_MS,
  isSettled,
  isUnsaved,
  keptDocument,
  PAUSE_MS,
  saving,
  savingLine,
  startSaving,
} from './saving';
export { unsavedDocument } from './saving';
export type { Heard, KeptAt, Saving, SavingEffect, SavingEvent, SavingLine, Unsaved } from './saving';
export { canUndo, composing, startComposing } from './composing';
export type { Composing, ComposingEffect, ComposingEvent, Told } from './composing';
