export {
  asksAnotherWay,
  CONDITIONS,
  CONDITION_IDS,
  cautionsOf,
  longestExhaleFor,
  openCautions,
} from './conditions';
export type { ConditionId, Caution, CautionWeight } from './conditions';
export { CAUTION_CODES } from './cautionCodes';
export type { CautionCode } from './cautionCodes';
