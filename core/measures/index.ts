export { arrivesStill, comesHome, gathersIn } from './ends';
export { askedForIn, isLearnt, isOfJoints } from './learnt';
export {
  isCounted,
  isLikedNumber,
  isMoved,
  leastRepetitionsOf,
  leastSecOf,
  likedNear,
  mostSecOf,
} from './doses';
export {
  measureDraft,
  mostFormsFor,
  mostFormsIn,
  PHASE_ROUNDS,
  roomBesideSets,
  SHORT_ROUND_BELOW_MINUTES,
} from './draft';
export type { DraftMeasures } from './draft';
