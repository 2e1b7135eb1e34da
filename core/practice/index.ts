export { practiceSchema, itemSchema, reasonSchema, formOf } from './model';
export type { Practice, Item, Reason } from './model';
export { compile, eventAt, fillCue, FIRST_REPETITION, STANCE_CHANGE_SEC } from './compile';
export type { Timeline, TimelineEvent, ItemSpan, SectionSpan, Side, EventKind } from './compile';
export { breathLine, breathLevelAt, startLevels } from './breathLine';
export type { BreathPoint } from './breathLine';
export { cueFill } from './words';
export { edit, BREATH_STEP } from './edit';
export type { Edit, NewItem } from './edit';
