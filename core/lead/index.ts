export { leadActionSchema, leadState } from './session';
export type { LeadAction, LeadState } from './session';
export { classRecordSchema, recordOf } from './record';
export type { ClassRecord } from './record';
export type { Retimed } from './retime';
export { leftFor, wordOf } from './standing';
export type { Word } from './standing';
export { recordByHand } from './byHand';
