export { customsSchema, DEFAULT_CUSTOMS } from './customs';
export type { Customs } from './customs';
export { STRENGTH_IDS, STRENGTH_LEVELS, STRENGTHS } from './strengths';
export type { StrengthId } from './strengths';
