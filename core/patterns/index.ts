export { BREATH_ASKS, isLaidOn, layerSpanSchema, patternSchema } from './model';
export type { BreathAsk, BreathPattern, BreathPlace, LayerSpan, OutManner } from './model';
export { PATTERNS, patternOf } from './patterns';
export { PATTERN_REFUSALS, patternRefusal } from './fits';
export type { PatternRefusal } from './fits';
export { breathShape } from './shape';
export { askPatterns } from './asking';
