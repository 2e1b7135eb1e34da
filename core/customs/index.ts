export { customsSchema, DEFAULT_CUSTOMS } from './customs';
export type { Customs } from './customs';
export { ALWAYS_THERE, SHAPE_IDS } from './shapes';
export type { OwnShapes, ShapeId } from './shapes';
export { STRENGTH_IDS, STRENGTH_LEVELS, STRENGTHS } from './strengths';
export type { StrengthId } from './strengths';
