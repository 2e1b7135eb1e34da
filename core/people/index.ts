export { CONDITIONS, CONDITION_IDS, FOR_EVERYONE, cautionsOf, openCautions } from './conditions';
export type { ConditionId, Caution, CautionWeight } from './conditions';
export { CAUTION_CODES } from './cautionCodes';
export type { CautionCode } from './cautionCodes';
