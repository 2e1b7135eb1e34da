export { arrivesStill, comesHome, gathersIn } from './ends';
export { askedForIn, isLearnt, isOfJoints } from './learnt';
export { leastRepetitionsOf, leastSecOf } from './doses';
export { measureDraft, mostFormsFor } from './draft';
export type { DraftMeasures } from './draft';
