export {
  add,
  addScaled,
  angleDeg,
  clamp,
  cross,
  distance,
  dot,
  ease,
  inFrame,
  length,
  mix,
  mixFrame,
  scale,
  sub,
  toFrame,
  unit,
} from './vector';
export type { Frame, Vec } from './vector';
export {
  cunOfStatureM,
  HEAD,
  LENGTHS,
  LEVELS,
  LIMB_RADII,
  MASSES,
  share,
  TRUNK_RINGS,
  USUAL_BUILD,
} from './skeleton';
export type { Build, Segment } from './skeleton';
export { overDeg, rangeOf, RANGES, shareOfRange } from './ranges';
export type { RangeId } from './ranges';
export { ANATOMICAL, mirror, otherSide } from './sides';
export { handSchema, HAND_SHAPES, LANDMARKS, postureSchema } from './posture';
export type { Hand, HandShape, Landmark, Posture } from './posture';
export type { Side } from './sides';
export { goalsOf } from './goals';
export type { FootGoal, Goals, HandGoal } from './goals';
export { forearmAt } from './arms';
export type { Arm } from './arms';
export { balanceMissM, pressureOf, solveGoals, solvePosture } from './solve';
export type { Leg, Skeleton } from './solve';
export { goalsAt, goalsBetween, middleOfFeet, movementThrough, placeAfter } from './motion';
export type { Movement } from './motion';
export { headSurface, ringAt, trunkAt, trunkSurface } from './trunk';
export type { Trunk } from './trunk';
export { findMisses, jointAngles } from './misses';
export type { JointAngles, Miss } from './misses';
export { dragTo, gripPlace, GRIPS } from './drag';
export type { Dragged, Grip } from './drag';
export { sayPosture } from './saying';
export type { SaidPosture } from './saying';
export { rangeUse } from './use';
export type { RangeUse } from './use';
export { massBySegments, momentAsks, movementAsks, stepsIn, supportMarginCm } from './asks';
export type { MomentAsks, MovementAsks, Stretch } from './asks';
