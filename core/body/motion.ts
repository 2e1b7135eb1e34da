import { goalsOf, type FootGoal, type GirdleGoal, type Goals, type HandGoal } from './goals';
import { type Side } from './sides';
import { type Base, type Hand, type Posture } from './posture';
import { isOnSoles, restFrame, restingOn } from './resting';
import { share } from './skeleton';
import { clamp, ease } from './vector';

/**
 * Movement between postures. Everything here is a pure function of two goals and a share of the way.
 */

/** Feet nearer than this (share of stature) stand in the same place. */
const SAME_PLACE = 0.004;

const part = (t: number, from: number, to: number): number => ease((t - from) / (to - from));
const between = (a: number, b: number, t: number): number => a + (b - a) * t;

const moved = (a: FootGoal, b: FootGoal): boolean => Math.hypot(a.x - b.x, a.z - b.z) > SAME_PLACE;

function footBetween(a: FootGoal, b: FootGoal, t: number): FootGoal {
  const whole = ease(t);
  // A foot that goes elsewhere is freed of weight first, then travels, then is loaded.
  const steps = moved(a, b) && a.air === 0 && b.air === 0;
  const travel = steps ? part(t, 0.34, 0.72) : whole;
  const air =
    b.air > a.air ? between(a.air, b.air, part(t, 0.34, 1)) : between(a.air, b.air, part(t, 0, 0.66));
  const lerp = (pick: (foot: FootGoal) => number, s: number = whole): number => between(pick(a), pick(b), s);
  const hangs = b.air > 0 && a.air === 0 ? b : a.air > 0 && b.air === 0 ? a : undefined;
  return {
    x: lerp((foot) => foot.x, travel),
    z: lerp((foot) => foot.z, travel),
    yawDeg: lerp((foot) => foot.yawDeg, travel),
    heelDeg: lerp((foot) => foot.heelDeg),
    toeDeg: lerp((foot) => foot.toeDeg),
    air,
    thighDeg: hangs ? hangs.thighDeg : lerp((foot) => foot.thighDeg),
    outDeg: hangs ? hangs.outDeg : lerp((foot) => foot.outDeg),
    kneeDeg: hangs ? hangs.kneeDeg : lerp((foot) => foot.kneeDeg),
    pointDeg: hangs ? hangs.pointDeg : lerp((foot) => foot.pointDeg),
    free: steps ? part(t, 0.06, 0.34) * (1 - part(t, 0.56, 0.9)) : 0,
    clear: steps ? 0.03 * Math.sin(Math.PI * clamp((t - 0.34) / 0.38, 0, 1)) ** 2 : 0,
  };
}

function weightBetween(a: Goals, b: Goals, t: number): number {
  const lifts = (side: Side): boolean => b[side].air > a[side].air;
  const lands = (side: Side): boolean => b[side].air < a[side].air;
  if (lifts('left') || lifts('right')) return between(a.weight, b.weight, part(t, 0, 0.4));
  if (lands('left') || lands('right')) return between(a.weight, b.weight, part(t, 0.6, 1));
  const leftSteps = moved(a.left, b.left);
  const rightSteps = moved(a.right, b.right);
  if (!leftSteps && !rightSteps) return between(a.weight, b.weight, ease(t));
  const free = leftSteps ? 0 : 1;
  return t < 0.53 ? between(a.weight, free, part(t, 0, 0.26)) : between(free, b.weight, part(t, 0.7, 1));
}

const sameHand = (a: Hand, b: Hand): boolean => a === b || JSON.stringify(a) === JSON.stringify(b);

function handBetween(a: HandGoal, b: HandGoal, t: number): HandGoal {
  const from = a.t < 0.5 ? a.from : a.to;
  const to = b.t < 0.5 ? b.from : b.to;
  return sameHand(from, to) ? { from: to, to, t: 1 } : { from, to, t: ease(t) };
}

const girdleBetween = (a: GirdleGoal, b: GirdleGoal, t: number): GirdleGoal => ({
  raise: between(a.raise, b.raise, t),
  forward: between(a.forward, b.forward, t),
});

/**
 * The goals a share `t` (0–1) of the way from one posture to another: slow in, slow out; planted feet do
 * not slide; a foot is freed before it steps or lifts. At 0 and 1 exactly the ends.
 */
export function goalsBetween(a: Goals, b: Goals, t: number): Goals {
  if (t <= 0) return a;
  if (t >= 1) return b;
  const whole = ease(t);
  const lerp = (pick: (goals: Goals) => number): number => between(pick(a), pick(b), whole);
  return {
    base: t < 0.5 ? a.base : b.base,
    with: (t < 0.5 ? a.with : b.with) ?? a.with ?? b.with,
    withShare: lerp((goals) => goals.withShare),
    left: footBetween(a.left, b.left, t),
    right: footBetween(a.right, b.right, t),
    sinkDeg: lerp((goals) => goals.sinkDeg),
    weight: weightBetween(a, b, t),
    along: lerp((goals) => goals.along),
    hipsTurnDeg: lerp((goals) => goals.hipsTurnDeg),
    tuckDeg: lerp((goals) => goals.tuckDeg),
    turnDeg: lerp((goals) => goals.turnDeg),
    leanDeg: lerp((goals) => goals.leanDeg),
    bendDeg: lerp((goals) => goals.bendDeg),
    roundDeg: lerp((goals) => goals.roundDeg),
    headTurnDeg: lerp((goals) => goals.headTurnDeg),
    nodDeg: lerp((goals) => goals.nodDeg),
    headTiltDeg: lerp((goals) => goals.headTiltDeg),
    leftShoulder: girdleBetween(a.leftShoulder, b.leftShoulder, whole),
    rightShoulder: girdleBetween(a.rightShoulder, b.rightShoulder, whole),
    leftHand: handBetween(a.leftHand, b.leftHand, t),
    rightHand: handBetween(a.rightHand, b.rightHand, t),
  };
}

function shifted(goals: Goals, dx: number, dz: number): Goals {
  if (dx === 0 && dz === 0) return goals;
  return {
    ...goals,
    left: { ...goals.left, x: goals.left.x + dx, z: goals.left.z + dz },
    right: { ...goals.right, x: goals.right.x + dx, z: goals.right.z + dz },
  };
}

/** Places `next` so that from `last` on only one foot has to move: the one that carries less. */
export function placeAfter(last: Goals, next: Goals): Goals {
  if (!isOnSoles(next.base) || !isOnSoles(last.base)) return next;
  const airborne = (side: Side): boolean => last[side].air > 0 || next[side].air > 0;
  // Where both carry alike the left foot is the one to step, as is customary.
  const stays: Side = airborne('left')
    ? 'right'
    : airborne('right')
      ? 'left'
      : last.weight + next.weight > 1
        ? 'left'
        : 'right';
  return shifted(next, last[stays].x - next[stays].x, last[stays].z - next[stays].z);
}

/** A movement: postures reached one after another, each at a share of its whole length. */
export interface Movement {
  readonly keys: readonly Goals[];
  /** Rising from 0 to 1, as many as keys. */
  readonly at: readonly number[];
}

/** A movement through postures in equal shares of time, feet carried over from each to the next. */
export function movementThrough(postures: readonly Posture[], start?: Goals): Movement {
  const keys: Goals[] = [];
  for (const posture of postures) {
    const last = keys.at(-1) ?? start;
    const goals = goalsOf(posture);
    keys.push(last ? placeAfter(last, goals) : goals);
  }
  return { keys, at: keys.map((_, index) => (keys.length === 1 ? 0 : index / (keys.length - 1))) };
}

/** The goals of a movement at a share of its length, 0–1. */
export function goalsAt(movement: Movement, t: number): Goals {
  const { keys, at } = movement;
  const first = keys[0];
  if (!first) throw new RangeError('a movement needs at least one posture, got none');
  for (let index = 1; index < keys.length; index += 1) {
    const [a, b] = [keys[index - 1], keys[index]];
    const [start, end] = [at[index - 1] ?? 0, at[index] ?? 1];
    if (a && b && t <= end) return goalsBetween(a, b, end === start ? 1 : (t - start) / (end - start));
  }
  return keys.at(-1) ?? first;
}

/** What a view follows of somebody at rest: the middle of the body along the floor. */
function middleAtRest(base: Base): { readonly x: number; readonly z: number } {
  const { up } = restFrame(base);
  // Head and feet lie about as far from the hips.
  return restingOn(base)?.isLying
    ? { x: 0, z: 0 }
    : { x: 0, z: base === 'fours' ? up[2] * 0.08 : share('foot') * 0.5 };
}

/** Middle of the two feet, in shares of stature: what a view should follow. */
export const middleOfFeet = (goals: Goals): { readonly x: number; readonly z: number } =>
  !isOnSoles(goals.base)
    ? middleAtRest(goals.base)
    : { x: (goals.left.x + goals.right.x) / 2, z: (goals.left.z + goals.right.z) / 2 };
