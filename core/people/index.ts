export { CONDITIONS, CONDITION_IDS, FOR_EVERYONE, cautionsOf } from './conditions';
export type { ConditionId, Caution, CautionWeight, Remedy } from './conditions';
