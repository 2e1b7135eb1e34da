export { leadActionSchema, classRecordSchema, leadState, recordOf } from './session';
export type { LeadAction, LeadState, ClassRecord } from './session';
