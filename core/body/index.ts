export {
  add,
  addScaled,
  cross,
  distance,
  dot,
  inFrame,
  length,
  mix,
  scale,
  sub,
  toFrame,
  unit,
} from './vector';
export type { Frame, Vec } from './vector';
export { HEAD, LENGTHS, LEVELS, LIMB_RADII, MASSES, share, USUAL_BUILD } from './skeleton';
export { overDeg } from './ranges';
export { ANATOMICAL, mirror, otherSide } from './sides';
export { BASES, HAND_SHAPES, LANDMARKS, postureSchema, PROP_IDS } from './posture';
export { isOnSoles, restFrame, restingOn } from './resting';
export type { Base, Hand, HandShape, Landmark, Posture, Prop } from './posture';
export type { Side } from './sides';
export { PROP_WORDS } from './propWords';
export { BALL_RADIUS, oppositeAhead, othersWith, placeOfOther, STAFF_HALF, wallAheadOf } from './props';
export type { Build } from './skeleton';
export { goalsOf } from './goals';
export type { Goals } from './goals';
export { forearmAt } from './arms';
export type { Arm } from './arms';
export { balanceMissM, pressureOf, solveGoals, solvePosture } from './solve';
export type { Leg, Skeleton } from './solve';
export { goalsAt, goalsBetween, middleOfFeet, movementThrough, placeAfter } from './motion';
export type { Movement } from './motion';
export { headSurface, ringAt, trunkAt, trunkSurface } from './trunk';
export { findMisses, jointAngles } from './misses';
export type { Miss } from './misses';
export { dragTo, gripPlace, GRIPS } from './drag';
export type { Grip } from './drag';
export { sayPosture } from './saying';
export { onlyOf, tellingOf } from './telling';
export { rangeUse } from './use';
export type { RangeUse } from './use';
export { massBySegments, momentAsks, movementAsks, stepsIn, supportMarginCm } from './asks';
export type { MovementAsks, Stretch } from './asks';
