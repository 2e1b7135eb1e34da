import { findLandmark, type OtherArm, type Standing } from './landmarks';
import { boneFrame, solveTwoBones } from './limbs';
import type { Hand, Way } from './posture';
import type { Side } from './sides';
import type { HandGoal } from './goals';
import { share } from './skeleton';
import { ringAt, trunkAt } from './trunk';
import {
  across,
  add,
  addScaled,
  angleDeg,
  clamp,
  cross,
  dot,
  ease,
  inFrame,
  length,
  mix,
  mixFrame,
  rotate,
  scale,
  sub,
  toFrame,
  unit,
  type Frame,
  type Vec,
} from './vector';

/** One arm, solved. World metres. */
export interface Arm {
  readonly shoulder: Vec;
  readonly elbow: Vec;
  readonly wrist: Vec;
  /** The middle of the palm (PC8). */
  readonly palm: Vec;
  readonly fingertip: Vec;
  /** Hand axes: up towards the wrist, forward the way the palm faces. */
  readonly hand: Frame;
  readonly upperArm: Frame;
  readonly forearm: Frame;
  readonly elbowBendDeg: number;
  readonly wristBendDeg: number;
  /** Turn of the forearm from the middle position (thumb up), palm down positive. */
  readonly forearmTurnDeg: number;
  /** How far the hand stayed from where it should be, metres, and its palm from where it should look. */
  readonly missM: number;
  readonly palmOffDeg: number;
}

const PALM = 0.054;
/** Half the thickness of a hand, as a share of stature: it rests on the skin, not in it. */
const HAND_HALF = 0.009;
const MOST_WRIST_DEG = 75;

const POLES: Record<NonNullable<Hand['elbow']>, Vec> = {
  low: [0.45, -0.85, -0.3],
  out: [1, -0.25, -0.12],
  high: [0.85, 0.5, 0.05],
  back: [0.35, -0.35, -0.87],
  in: [-0.15, -0.98, -0.1],
  front: [0.3, -0.4, 0.87],
};

function wayVector(way: Way, sign: number, heading: Frame, toBody: Vec): Vec {
  switch (way) {
    case 'up':
      return heading.up;
    case 'down':
      return scale(heading.up, -1);
    case 'forward':
      return heading.fwd;
    case 'back':
      return scale(heading.fwd, -1);
    case 'in':
      return scale(heading.left, -sign);
    case 'out':
      return scale(heading.left, sign);
    case 'body':
      return toBody;
    default:
      return way satisfies never;
  }
}

/** One place for a hand, before it is known whether the arm reaches. */
interface Aim {
  readonly target: Vec;
  readonly palm: Vec;
  readonly fingers: Vec | undefined;
  readonly pole: Vec;
}

interface Scene {
  readonly standing: Standing;
  readonly side: Side;
  readonly shoulder: Vec;
  readonly other: OtherArm | undefined;
}

/** Shoulder to palm, arm straight; a palm that looks along the arm stands across it and adds nothing. */
function armLengthM(statureM: number, palmAlong: number): number {
  const hand = PALM * Math.sqrt(Math.max(0, 1 - palmAlong * palmAlong));
  return (share('upperArm') + share('forearm') + hand) * statureM;
}

function aimOf(scene: Scene, hand: Hand): Aim {
  const { standing, side, shoulder } = scene;
  const { trunk, heading, statureM } = standing;
  const sign = side === 'left' ? 1 : -1;
  const cun = statureM / 75;
  const pole = inFrame(trunk.thorax, mirrorOut(POLES[hand.elbow ?? 'low'], sign));
  const off = hand.off ?? [0, 0, 0];
  const found = findLandmark(standing, hand, side, scene.other);
  if (found) {
    const ownSign = hand.of === 'other' ? -sign : sign;
    const touch = addScaled(found.place, found.away, HAND_HALF * statureM);
    const target = add(
      touch,
      add(inFrame(found.frame, [ownSign * off[0] * cun, off[1] * cun, 0]), scale(found.away, off[2] * cun)),
    );
    const toBody = scale(found.away, -1);
    return {
      target,
      palm: wayVector(hand.palm ?? 'body', sign, heading, toBody),
      fingers: hand.fingers === undefined ? undefined : wayVector(hand.fingers, sign, heading, toBody),
      pole,
    };
  }
  const hanging = hand.near !== 'reach';
  const frame = hanging ? heading : trunk.thorax;
  const toward = hanging ? ([0.12, -1, 0.08] as const) : (hand.toward ?? ([0, 0, 1] as const));
  const direction = unit(inFrame(frame, [sign * toward[0], toward[1], toward[2]]), heading.fwd);
  const facing = hand.palm ?? (hanging ? 'in' : 'down');
  const palmAlong = facing === 'body' ? 0 : dot(wayVector(facing, sign, heading, direction), direction);
  const reach = armLengthM(statureM, palmAlong) * (hand.share ?? (hanging ? 0.97 : 0.94));
  const target = add(
    addScaled(shoulder, direction, reach),
    inFrame(frame, [sign * off[0] * cun, off[1] * cun, off[2] * cun]),
  );
  const toBody = unit(sub(trunkAt(trunk, 0.7).centre, target));
  return {
    target,
    palm: wayVector(facing, sign, heading, toBody),
    fingers: hand.fingers === undefined ? undefined : wayVector(hand.fingers, sign, heading, toBody),
    pole,
  };
}

const mirrorOut = (v: Vec, sign: number): Vec => [sign * v[0], v[1], v[2]];

/** The shoulder joint rides up with a raised arm and forward with a reaching one. */
function shoulderFor(standing: Standing, side: Side, target: Vec): Vec {
  const { trunk, statureM } = standing;
  const sign = side === 'left' ? 1 : -1;
  const down = share('cervicothoracic') - share('shoulderHeight');
  const rest: Vec = [sign * share('shoulderCentre'), -down, 0.002];
  const at = add(trunk.neck, inFrame(trunk.thorax, scale(rest, statureM)));
  const way = toFrame(trunk.thorax, unit(sub(target, at)));
  const raised = ease((way[1] + 0.1) / 1.1);
  const forward = ease((way[2] - 0.2) / 0.8) * (1 - raised * 0.6);
  const inward = ease((-sign * way[0] - 0.1) / 0.9);
  const girdle = standing.girdle[side];
  const shift: Vec = [
    sign * (-0.012 * raised - 0.008 * inward),
    0.026 * raised + 0.024 * girdle.raise,
    0.014 * forward + 0.008 * inward + 0.022 * girdle.forward,
  ];
  return add(at, inFrame(trunk.thorax, scale(shift, statureM)));
}

/** Between two aims, round the trunk rather than through it. */
function mixAims(a: Aim, b: Aim, t: number, standing: Standing): Aim {
  if (t <= 0) return a;
  if (t >= 1) return b;
  const { centre, frame } = trunkAt(standing.trunk, 0.7);
  const from = toFrame(frame, sub(a.target, centre));
  const to = toFrame(frame, sub(b.target, centre));
  const straight = mix(from, to, t);
  // Keep the distance from the spine at least what a straight line would lose.
  const wanted = Math.hypot(from[0], from[2]) * (1 - t) + Math.hypot(to[0], to[2]) * t;
  const got = Math.hypot(straight[0], straight[2]);
  const round = got > 1e-6 ? 1 + 0.65 * (wanted / got - 1) : 1;
  const factor = clamp(round, 1, 2.5);
  const target = add(centre, inFrame(frame, [straight[0] * factor, straight[1], straight[2] * factor]));
  return {
    target,
    palm: turnBetween(a.palm, b.palm, t, frame.fwd),
    fingers:
      a.fingers && b.fingers
        ? turnBetween(a.fingers, b.fingers, t, frame.fwd)
        : t < 0.5
          ? a.fingers
          : b.fingers,
    pole: unit(mix(a.pole, b.pole, t), a.pole),
  };
}

/** Turns one unit vector into another the short way; opposite ones by way of `through`. */
function turnBetween(a: Vec, b: Vec, t: number, through: Vec): Vec {
  const between = angleDeg(a, b);
  if (between < 1e-3) return b;
  const axis = cross(a, b);
  const sure =
    length(axis) > 1e-3 ? unit(axis) : unit(cross(a, through), unit(cross(a, [1, 0, 0]), [0, 1, 0]));
  return rotate(a, sure, between * t);
}

/** Moves a target that would lie inside the trunk out to its skin. */
function outsideTrunk(target: Vec, standing: Standing): Vec {
  const { trunk, statureM } = standing;
  const chest = toFrame(trunk.thorax, sub(target, trunk.thoracic));
  const belly = toFrame(trunk.pelvis, sub(target, trunk.midHip));
  const level =
    chest[1] > 0
      ? share('thoracolumbar') + chest[1] / statureM
      : share('hipHeight') + clamp(belly[1] / statureM, -0.02, 0.13);
  if (level > 0.83 || belly[1] < -0.02 * statureM) return target;
  const { centre, frame } = trunkAt(trunk, level);
  const ring = ringAt(level);
  const local = toFrame(frame, sub(target, centre));
  const a = (ring.breadth + HAND_HALF) * statureM;
  const b = (ring.depth + HAND_HALF) * statureM;
  const inside = Math.hypot(local[0] / a, (local[2] - ring.ahead * statureM) / b);
  if (inside >= 1 || inside < 1e-6) return target;
  const k = 1 / inside;
  return add(
    centre,
    inFrame(frame, [local[0] * k, local[1], (local[2] - ring.ahead * statureM) * k + ring.ahead * statureM]),
  );
}

/** The way the fingers lie: as asked or along the forearm, square to the palm, as far as the wrist bends. */
function handFrame(forearm: Vec, aim: Aim, sign: number, heading: Frame): { frame: Frame; bendDeg: number } {
  const palm = aim.palm;
  const flat = across(aim.fingers ?? forearm, palm);
  // The more the palm looks along the forearm, the more the fingers rise, as in a push (or hang where
  // it looks back); gradually, so that nothing jumps on the way.
  const rise = 1.5 * Math.max(0, 1 - length(flat) / 0.6);
  const upright = across(add(heading.up, scale(heading.left, -sign * 0.15)), palm);
  const fingers = addScaled(flat, upright, dot(palm, forearm) >= 0 ? rise : -rise);
  let along = unit(fingers, forearm);
  const bend = angleDeg(forearm, along);
  if (bend > MOST_WRIST_DEG) {
    const axis = unit(cross(forearm, along), palm);
    along = rotate(forearm, axis, MOST_WRIST_DEG);
  }
  const facing = unit(across(palm, along), unit(across(heading.fwd, along), heading.up));
  const up = scale(along, -1);
  return { frame: { left: cross(up, facing), up, fwd: facing }, bendDeg: Math.min(bend, MOST_WRIST_DEG) };
}

const ELBOW = { leastDeg: 3, mostDeg: 150 } as const;
/** How far a forearm turns each way, and how far an elbow swings about the arm to help it. */
const MOST_TURN_DEG = 80;
const EASY_TURN_DEG = 70;
const MOST_SWING_DEG = 65;

interface Bones {
  readonly joint: Vec;
  readonly end: Vec;
  readonly bendDeg: number;
}

/** The axes of the forearm: its front is the side that meets the upper arm when the elbow bends. */
function forearmFrame(shoulder: Vec, bones: Bones): Frame {
  return boneFrame(bones.joint, bones.end, sub(shoulder, bones.joint));
}

/** The arm swung about the line from shoulder to wrist. */
function swung(shoulder: Vec, bones: Bones, deg: number): Bones {
  const axis = unit(sub(bones.end, shoulder));
  return { ...bones, joint: add(shoulder, rotate(sub(bones.joint, shoulder), axis, deg)) };
}

const wrap = (deg: number): number => ((((deg + 180) % 360) + 360) % 360) - 180;
const beyond = (deg: number, most: number): number =>
  deg > most ? deg - most : deg < -most ? deg + most : 0;

/** Swings the elbow so far as the palm needs and the shoulder allows. */
function swingForPalm(shoulder: Vec, bones: Bones, aim: Aim, sign: number, heading: Frame): number {
  const turnAt = (deg: number): number => {
    const arm = swung(shoulder, bones, deg);
    const hand = handFrame(unit(sub(arm.end, arm.joint)), aim, sign, heading);
    return forearmTurn(forearmFrame(shoulder, arm), hand.frame, sign);
  };
  const now = turnAt(0);
  const excess = beyond(now, EASY_TURN_DEG);
  if (excess === 0) return 0;
  // Mirrored for the right arm, so that both sides come out alike.
  const probe = sign * 12;
  const slope = wrap(turnAt(probe) - now) / probe;
  if (Math.abs(slope) < 0.2) return 0;
  return clamp(-excess / slope, -MOST_SWING_DEG, MOST_SWING_DEG);
}

/** Solves one arm for a hand on its way between two places. */
export function solveArm(standing: Standing, side: Side, goal: HandGoal, other: OtherArm | undefined): Arm {
  const { trunk } = standing;
  const rest = shoulderFor(standing, side, addScaled(trunk.thoracic, trunk.thorax.fwd, 0.3));
  const rough: Scene = { standing, side, shoulder: rest, other };
  const shoulder = shoulderFor(standing, side, between(rough, goal).target);
  const mixed = between({ ...rough, shoulder }, goal);
  const aim: Aim = { ...mixed, target: outsideTrunk(mixed.target, standing) };
  const arm = solveTo(aim, standing, side, shoulder);
  // Where wrist and forearm leave the palm short of its place, it must not sink into the body.
  const out = sub(outsideTrunk(arm.palm, standing), arm.palm);
  if (length(out) < SINKS_M) return arm;
  const again = solveTo({ ...aim, target: addScaled(aim.target, out, 1.4) }, standing, side, shoulder);
  return { ...again, missM: length(sub(again.palm, aim.target)) };
}

/** A palm may press so far into cloth, metres. */
const SINKS_M = 0.003;

/** Solves one arm to an aim from where its shoulder lies. */
function solveTo(aim: Aim, standing: Standing, side: Side, shoulder: Vec): Arm {
  const { statureM, heading } = standing;
  const sign = side === 'left' ? 1 : -1;
  const upper = share('upperArm') * statureM;
  const fore = share('forearm') * statureM;
  const reach = (hand: Frame): Bones =>
    solveTwoBones(shoulder, addScaled(aim.target, hand.up, PALM * statureM), upper, fore, aim.pole, ELBOW);
  let hand = handFrame(unit(sub(aim.target, shoulder), [0, -1, 0]), aim, sign, heading).frame;
  let bones = reach(hand);
  let swing = 0;
  for (let pass = 0; pass < 3; pass += 1) {
    if (pass === 1) swing = swingForPalm(shoulder, bones, aim, sign, heading);
    const arm = swung(shoulder, bones, swing);
    hand = withinTurn(
      shoulder,
      arm,
      handFrame(unit(sub(arm.end, arm.joint)), aim, sign, heading).frame,
      sign,
    );
    bones = reach(hand);
  }
  const { joint: elbow, end: wrist } = swung(shoulder, bones, swing);
  // The wrist stays where it came to; the hand keeps within what wrist and forearm allow.
  hand = withinTurn(
    shoulder,
    { ...bones, joint: elbow },
    handFrame(unit(sub(wrist, elbow)), aim, sign, heading).frame,
    sign,
  );
  const palm = addScaled(wrist, hand.up, -PALM * statureM);
  const forearm = forearmFrame(shoulder, { ...bones, joint: elbow });
  return {
    shoulder,
    elbow,
    wrist,
    palm,
    fingertip: addScaled(wrist, hand.up, -share('hand') * statureM),
    hand,
    upperArm: boneFrame(shoulder, elbow, sub(wrist, elbow)),
    forearm,
    elbowBendDeg: bones.bendDeg,
    wristBendDeg: angleDeg(unit(sub(wrist, elbow)), scale(hand.up, -1)),
    forearmTurnDeg: forearmTurn(forearm, hand, sign),
    missM: length(sub(palm, aim.target)),
    palmOffDeg: angleDeg(hand.fwd, aim.palm),
  };
}

const between = (scene: Scene, goal: HandGoal): Aim =>
  goal.t >= 1
    ? aimOf(scene, goal.to)
    : mixAims(aimOf(scene, goal.from), aimOf(scene, goal.to), goal.t, scene.standing);

/** Turns the hand back about the forearm to where the forearm can bring it; the palm gives way. */
function withinTurn(shoulder: Vec, bones: Bones, hand: Frame, sign: number): Frame {
  const forearm = forearmFrame(shoulder, bones);
  const excess = beyond(forearmTurn(forearm, hand, sign), MOST_TURN_DEG);
  if (excess === 0) return hand;
  // Pronation is a right-hand turn about the forearm's upward axis on the left arm.
  const back = rotateFrame(hand, forearm.up, sign * excess);
  const tried = Math.abs(beyond(forearmTurn(forearm, back, sign), MOST_TURN_DEG));
  return tried < Math.abs(excess) ? back : rotateFrame(hand, forearm.up, -sign * excess);
}

const rotateFrame = (frame: Frame, axis: Vec, deg: number): Frame => ({
  left: rotate(frame.left, axis, deg),
  up: rotate(frame.up, axis, deg),
  fwd: rotate(frame.fwd, axis, deg),
});

/**
 * Turn of the forearm about its own length, from thumb-up (the thumb towards the upper arm); palm down
 * positive (pronation).
 */
function forearmTurn(forearm: Frame, hand: Frame, sign: number): number {
  const thumb = unit(across(scale(hand.left, sign), forearm.up), forearm.fwd);
  const deg = angleDeg(forearm.fwd, thumb);
  // Pronation turns the thumb inwards from the front of the forearm.
  const inwards = dot(thumb, scale(forearm.left, -sign));
  return inwards >= 0 ? deg : -deg;
}

/** The axes of a forearm at a share of its length: it twists from elbow to hand. */
export function forearmAt(arm: Arm, t: number): Frame {
  const wristEnd: Frame = (() => {
    const fwd = unit(across(arm.hand.fwd, arm.forearm.up), arm.forearm.fwd);
    return { left: cross(arm.forearm.up, fwd), up: arm.forearm.up, fwd };
  })();
  return mixFrame(arm.forearm, wristEnd, t);
}
