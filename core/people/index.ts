export { CONDITIONS, CONDITION_IDS, FOR_EVERYONE, cautionsOf, openCautions } from './conditions';
export type { ConditionId, Caution, CautionWeight } from './conditions';
