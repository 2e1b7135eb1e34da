import { LENGTHS } from './skeleton';
import {
  across,
  add,
  addScaled,
  clamp,
  cross,
  inFrame,
  length,
  mix,
  RAD,
  scale,
  sub,
  turned,
  unit,
  WORLD,
  type Frame,
  type Vec,
} from './vector';
import type { FootGoal } from './goals';
import type { Side } from './sides';

const { abs, acos, cos, max, sin, sqrt } = Math;

/** Two bones between a root and a target, the joint between them on the side of the pole. */
export interface TwoBones {
  readonly joint: Vec;
  readonly end: Vec;
  /** Bend of the joint, degrees; 0 straight. */
  readonly bendDeg: number;
  /** How far the target lay beyond what the bones reach (or inside what they fold to), metres. */
  readonly missM: number;
}

/** Law of cosines: the bend of the joint for a distance between the ends, degrees. */
function bendFor(a: number, b: number, d: number): number {
  return 180 - acos(clamp((a * a + b * b - d * d) / (2 * a * b), -1, 1)) / RAD;
}

/** The distance between the ends for a bend of the joint. */
export function spanFor(a: number, b: number, bendDeg: number): number {
  return sqrt(a * a + b * b + 2 * a * b * cos(bendDeg * RAD));
}

/** Places the joint between `root` and `target`; bone lengths `a`, `b` are kept whatever is asked. */
export function solveTwoBones(
  root: Vec,
  target: Vec,
  a: number,
  b: number,
  pole: Vec,
  bend: { readonly leastDeg: number; readonly mostDeg: number },
): TwoBones {
  const line = sub(target, root);
  const asked = length(line);
  const along = unit(line, [0, -1, 0]);
  const longest = spanFor(a, b, bend.leastDeg);
  const shortest = spanFor(a, b, bend.mostDeg);
  const d = clamp(asked, shortest, longest);
  const side = unit(across(pole, along), unit(across([0, 0, 1], along), [1, 0, 0]));
  const alongA = (a * a - b * b + d * d) / (2 * d);
  const sideA = sqrt(max(0, a * a - alongA * alongA));
  const joint = addScaled(addScaled(root, along, alongA), side, sideA);
  return {
    joint,
    end: addScaled(root, along, d),
    bendDeg: bendFor(a, b, d),
    missM: abs(asked - d),
  };
}

/** A foot: its axes, its joints, and where its pressure would rest if it carried weight. */
export interface FootPlace {
  readonly frame: Frame;
  readonly ankle: Vec;
  readonly heel: Vec;
  readonly ball: Vec;
  readonly toe: Vec;
  readonly pressure: Vec;
}

const HEEL = LENGTHS.heelBehind.share;
const BALL = LENGTHS.ballAhead.share;
const FOOT = LENGTHS.foot.share;
const ANKLE = LENGTHS.ankleHeight.share;

/** Places heel, ball and toe from the ankle and the foot's axes. */
export function footFrom(ankle: Vec, frame: Frame, pressure: Vec, statureM: number): FootPlace {
  const at = (forward: number): Vec => add(ankle, inFrame(frame, [0, -ANKLE * statureM, forward * statureM]));
  return { frame, ankle, heel: at(-HEEL), ball: at(BALL), toe: at(FOOT - HEEL), pressure };
}

function footFrame(yawDeg: number, pitchDownDeg: number): Frame {
  return turned(WORLD, yawDeg, pitchDownDeg, 0);
}

/** The foot on the floor, heel or toes lifted as asked; pressure moves to what still touches. */
export function plantedFoot(goal: FootGoal, along: number, statureM: number): FootPlace {
  const level = footFrame(goal.yawDeg, 0);
  const floor: Vec = [goal.x * statureM, goal.clear * statureM, goal.z * statureM];
  const frame = footFrame(goal.yawDeg, goal.heelDeg - goal.toeDeg);
  // Turns about the ball where the heel is up, about the heel where the toes are.
  const pivot = goal.heelDeg >= goal.toeDeg ? BALL : -HEEL;
  const pivotAt = addScaled(floor, level.fwd, pivot * statureM);
  const ankle = add(pivotAt, inFrame(frame, [0, ANKLE * statureM, -pivot * statureM]));
  const ballShare = (BALL + HEEL) / FOOT + 0.05;
  const onBall = clamp(goal.heelDeg / 12, 0, 1);
  const onHeel = clamp(goal.toeDeg / 12, 0, 1);
  const share = along + (ballShare - along) * onBall + (0.06 - along) * onHeel;
  const pressure = addScaled(floor, level.fwd, (share * FOOT - HEEL) * statureM);
  return footFrom(ankle, frame, pressure, statureM);
}

/** The foot in the air, hanging from the hip as its goal says; also where its knee points. */
export function hangingFoot(
  goal: FootGoal,
  side: Side,
  hip: Vec,
  pelvisYaw: Frame,
  lengths: { readonly thigh: number; readonly shank: number },
): { readonly ankle: Vec; readonly pole: Vec; readonly frame: Frame } {
  const sign = side === 'left' ? 1 : -1;
  const [st, ct] = [sin(goal.thighDeg * RAD), cos(goal.thighDeg * RAD)];
  const [so, co] = [sin(goal.outDeg * RAD), cos(goal.outDeg * RAD)];
  const thigh = inFrame(pelvisYaw, [sign * so, -ct * co, st * co]);
  // The front of the thigh: perpendicular to it, in the plane it swings in.
  const front = unit(across(inFrame(pelvisYaw, [0, st, ct]), thigh));
  const shank = add(scale(thigh, cos(goal.kneeDeg * RAD)), scale(front, -sin(goal.kneeDeg * RAD)));
  const ankle = addScaled(addScaled(hip, thigh, lengths.thigh), shank, lengths.shank);
  // The shin's own front: at a right angle to it in the plane of the bend, however far it is bent.
  const bent = goal.kneeDeg * RAD;
  const shankFront = add(scale(front, cos(bent)), scale(thigh, sin(bent)));
  const point = goal.pointDeg * RAD;
  const fwd = add(scale(shankFront, cos(point)), scale(shank, sin(point)));
  const left = unit(cross(scale(shank, -1), fwd));
  return { ankle, pole: front, frame: { left, up: cross(fwd, left), fwd } };
}

/** Between the planted and the hanging foot. */
export function blendFeet(
  planted: FootPlace,
  hanging: { ankle: Vec; frame: Frame },
  air: number,
  statureM: number,
): FootPlace {
  if (air <= 0) return planted;
  const fwd = unit(mix(planted.frame.fwd, hanging.frame.fwd, air));
  const left = unit(across(mix(planted.frame.left, hanging.frame.left, air), fwd));
  const frame: Frame = { left, up: cross(fwd, left), fwd };
  return footFrom(mix(planted.ankle, hanging.ankle, air), frame, planted.pressure, statureM);
}

/** The axes of a bone: up towards its root, forward the side its joint does not bend to. */
export function boneFrame(root: Vec, end: Vec, front: Vec): Frame {
  const up = unit(sub(root, end));
  const fwd = unit(across(front, up), unit(across([0, 0, 1], up), [1, 0, 0]));
  return { left: cross(up, fwd), up, fwd };
}
