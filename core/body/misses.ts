import { overDeg, type RangeId } from './ranges';
import { balanceMissM, type Skeleton } from './solve';
import { isOnSoles, restingOn } from './resting';
import type { Side } from './sides';
import { across, clamp, cross, dot, RAD, sub, toFrame, unit } from './vector';

/** What a posture asks that the body does not do. A closed union: the words for it live in the interface. */
export type Miss =
  | { readonly code: 'range'; readonly range: RangeId; readonly side?: Side; readonly overDeg: number }
  | { readonly code: 'hand-reach'; readonly side: Side; readonly overCm: number }
  | { readonly code: 'palm'; readonly side: Side; readonly offDeg: number }
  | { readonly code: 'foot-reach'; readonly side: Side; readonly overCm: number }
  | { readonly code: 'balance'; readonly offCm: number }
  | { readonly code: 'weight-in-air'; readonly side: Side; readonly share: number };

/** The angles of every joint, in the terms of the range table, degrees. */
export interface JointAngles {
  readonly spine: Readonly<Record<'flexion' | 'side' | 'turn', number>>;
  readonly neck: Readonly<Record<'flexion' | 'side' | 'turn', number>>;
  readonly legs: Readonly<
    Record<Side, Readonly<Record<'hipFlexion' | 'hipAbduction' | 'hipRotation' | 'knee' | 'ankle', number>>>
  >;
  readonly arms: Readonly<
    Record<Side, Readonly<Record<'back' | 'across' | 'elbow' | 'forearm' | 'wrist', number>>>
  >;
}

const arcsine = (value: number): number => Math.asin(clamp(value, -1, 1)) / RAD;

function legAngles(skeleton: Skeleton, side: Side): JointAngles['legs'][Side] {
  const leg = skeleton.legs[side];
  const sign = side === 'left' ? 1 : -1;
  const pelvis = skeleton.trunk.pelvis;
  const thigh = toFrame(pelvis, unit(sub(leg.knee, leg.hip)));
  const flexion = Math.atan2(thigh[2], -thigh[1]);
  // Without turning, the front of the thigh stays in the plane the leg swings in.
  const plain = unit(across([0, Math.sin(flexion), Math.cos(flexion)], thigh));
  const front = toFrame(pelvis, leg.thigh.fwd);
  const turn = Math.atan2(dot(cross(plain, front), thigh), dot(plain, front)) / RAD;
  return {
    hipFlexion: flexion / RAD,
    hipAbduction: arcsine(sign * thigh[0]),
    // Seen along the thigh from the hip, turning out is anticlockwise on the left.
    hipRotation: leg.kneeBendDeg < 12 ? 0 : -sign * turn,
    knee: leg.kneeBendDeg,
    ankle: arcsine(dot(leg.foot.fwd, leg.shank.up)),
  };
}

function armAngles(skeleton: Skeleton, side: Side): JointAngles['arms'][Side] {
  const arm = skeleton.arms[side];
  const sign = side === 'left' ? 1 : -1;
  const upper = toFrame(skeleton.trunk.thorax, unit(sub(arm.elbow, arm.shoulder)));
  return {
    back: upper[1] < 0.3 ? Math.max(0, arcsine(-upper[2])) : 0,
    across: Math.max(0, arcsine(-sign * upper[0])),
    elbow: arm.elbowBendDeg,
    // A nearly straight arm turns as a whole, from the shoulder.
    forearm: arm.elbowBendDeg < 25 ? clamp(arm.forearmTurnDeg, -80, 80) : arm.forearmTurnDeg,
    wrist: arm.wristBendDeg,
  };
}

/** Reads every joint's angle off a skeleton. */
export function jointAngles(skeleton: Skeleton): JointAngles {
  const { goals } = skeleton;
  return {
    spine: { flexion: goals.roundDeg, side: goals.bendDeg, turn: goals.turnDeg - goals.hipsTurnDeg },
    neck: { flexion: goals.nodDeg, side: goals.headTiltDeg, turn: goals.headTurnDeg },
    legs: { left: legAngles(skeleton, 'left'), right: legAngles(skeleton, 'right') },
    arms: { left: armAngles(skeleton, 'left'), right: armAngles(skeleton, 'right') },
  };
}

/** Angles may leave their range by this much before it is called a miss: the table is rounded to 5°. */
const ANGLE_SLACK_DEG = 2;
const LENGTH_SLACK_M = 0.004;
/** A hand is brought to a landmark to about a finger's width. */
const HAND_SLACK_M = 0.015;
const PALM_SLACK_DEG = 50;

/** Everything a solved posture could not do, each with by how much; empty where all is well. */
export function findMisses(skeleton: Skeleton): readonly Miss[] {
  const misses: Miss[] = [];
  const angles = jointAngles(skeleton);
  const check = (range: RangeId, angle: number, side?: Side): void => {
    const over = overDeg(range, angle);
    if (over > ANGLE_SLACK_DEG)
      misses.push({ code: 'range', range, overDeg: over, ...(side ? { side } : {}) });
  };
  check('spine-flexion', angles.spine.flexion);
  check('spine-side', angles.spine.side);
  check('spine-turn', angles.spine.turn);
  check('neck-flexion', angles.neck.flexion);
  check('neck-side', angles.neck.side);
  check('neck-turn', angles.neck.turn);
  for (const side of ['left', 'right'] as const) {
    const [leg, arm] = [angles.legs[side], angles.arms[side]];
    // How the legs are folded on the floor is the table's own, not the posture's.
    if (!restingOn(skeleton.goals.base)) {
      check('hip-flexion', leg.hipFlexion, side);
      check('hip-abduction', leg.hipAbduction, side);
      check('hip-rotation', leg.hipRotation, side);
      check('knee-flexion', leg.knee, side);
      check('ankle-flexion', leg.ankle, side);
    }
    check('shoulder-back', arm.back, side);
    check('shoulder-across', arm.across, side);
    check('elbow-flexion', arm.elbow, side);
    check('forearm-turn', arm.forearm, side);
    check('wrist-bend', arm.wrist, side);
    const solved = skeleton.arms[side];
    if (solved.missM > HAND_SLACK_M) misses.push({ code: 'hand-reach', side, overCm: solved.missM * 100 });
    if (solved.palmOffDeg > PALM_SLACK_DEG) misses.push({ code: 'palm', side, offDeg: solved.palmOffDeg });
    const foot = skeleton.legs[side];
    if (foot.missM > LENGTH_SLACK_M && !restingOn(skeleton.goals.base))
      misses.push({ code: 'foot-reach', side, overCm: foot.missM * 100 });
    if (foot.air > 0.99 && foot.weight > 0.03)
      misses.push({ code: 'weight-in-air', side, share: foot.weight });
  }
  const off = balanceMissM(skeleton);
  if (off > LENGTH_SLACK_M && isOnSoles(skeleton.goals.base))
    misses.push({ code: 'balance', offCm: off * 100 });
  return misses;
}
