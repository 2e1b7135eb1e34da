export type { Desk } from './desk';
export { isSettled, isUnsaved, keptDocument, saving, savingLine, startSaving } from './saving';
export type { Heard, KeptAt, Saving, SavingEffect, SavingEvent, SavingLine, Unsaved } from './saving';
export { canUndo, composing, startComposing } from './composing';
export type { ComposingEffect, ComposingEvent, Told } from './composing';
