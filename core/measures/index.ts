export { arrivesStill, comesHome, gathersIn } from './ends';
export { askedForIn, isLearnt, isOfJoints } from './learnt';
export { isMoved, leastRepetitionsOf, leastSecOf, mostSecOf } from './doses';
export { measureDraft, mostFormsFor, mostFormsIn, PHASE_ROUNDS, SHORT_ROUND_BELOW_MINUTES } from './draft';
export type { DraftMeasures } from './draft';
