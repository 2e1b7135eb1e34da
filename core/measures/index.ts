export { arrivesStill, comesHome, gathersIn, isLearnt } from './ends';
export { leastRepetitionsOf, leastSecOf } from './doses';
export { measureDraft, mostFormsFor } from './draft';
export type { DraftMeasures } from './draft';
