export { leadActionSchema, leadState } from './session';
export type { LeadAction, LeadState } from './session';
export { classRecordSchema, recordOf } from './record';
export type { ClassRecord } from './record';
export type { LeadChange } from './changes';
