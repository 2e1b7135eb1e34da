import type { Goals } from './goals';
import { goalsAt, type Movement } from './motion';
import { shareOfRange } from './ranges';
import { isOnSoles, restFrame } from './resting';
import { LENGTHS, massOf, USUAL_BUILD, type Build } from './skeleton';
import { solveGoals, type Leg, type Skeleton } from './solve';
import { across, add, addScaled, clamp, dot, mix, RAD, scale, sub, unit, type Vec } from './vector';

/** One stretch of a movement as it is done: how long it takes and how often it is gone through. */
export interface Stretch {
  readonly movement: Movement;
  readonly seconds: number;
  readonly rounds: number;
}

/** What a moment asks of the body. Angles degrees, lengths cm, moments newton metres. */
export interface MomentAsks {
  /** Of the more bent knee that carries at least a fifth of the weight. */
  readonly kneeBendDeg: number;
  /** Static moment about that knee: its share of the weight times its distance from the line of force. */
  readonly kneeMomentNm: number;
  /** Distance of the centre of mass, on the floor, from the edge of what the feet cover; below 0 outside. */
  readonly marginCm: number;
  /** The greater share of the weight, on either foot, 0.5–1; one half for a person on a chair or the floor. */
  readonly heaviestShare: number;
  readonly oneLeg: boolean;
  readonly handsAbove: boolean;
  readonly headBelowHeart: boolean;
  /** Forward tilt of the upper trunk from upright. */
  readonly foldDeg: number;
  readonly archDeg: number;
  readonly roundShare: number;
  readonly turnShare: number;
  readonly sideShare: number;
  readonly neckTurnDeg: number;
  readonly neckBackDeg: number;
  /** Tilt of the head to a side. */
  readonly neckSideDeg: number;
  readonly heelUpCm: number;
  readonly anklesCross: boolean;
}

/** The corners of the sole on the floor: whole foot, ball, or heel, as it stands. */
function soleCorners(leg: Leg, statureM: number): readonly Vec[] {
  if (leg.air > 0.5) return [];
  const half = (LENGTHS.footBreadth.share / 2) * statureM;
  // As the heel lifts, the sole rolls off the floor from behind; the pressure goes with it.
  const back = mix(leg.heel, leg.ball, clamp(leg.heelDeg / 12, 0, 1));
  const front = leg.toeDeg > 3 ? mix(leg.heel, leg.ball, 0.3) : leg.toe;
  return [back, front].flatMap((place) => [
    addScaled(place, leg.foot.left, half),
    addScaled(place, leg.foot.left, -half),
  ]);
}

/** Convex outline on the floor (x, z), anticlockwise. */
function floorHull(points: readonly Vec[]): readonly Vec[] {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[2] - b[2]);
  const turn = (o: Vec, a: Vec, b: Vec): number =>
    (a[0] - o[0]) * (b[2] - o[2]) - (a[2] - o[2]) * (b[0] - o[0]);
  const half = (list: readonly Vec[]): Vec[] => {
    const chain: Vec[] = [];
    for (const point of list) {
      for (;;) {
        const [o, a] = [chain.at(-2), chain.at(-1)];
        if (!o || !a || turn(o, a, point) > 0) break;
        chain.pop();
      }
      chain.push(point);
    }
    chain.pop();
    return chain;
  };
  return [...half(sorted), ...half(sorted.reverse())];
}

/**
 * Distance in cm of the centre of mass from the nearest edge of the base of support; negative outside it,
 * `undefined` on a chair or the floor, which carries.
 */
export function supportMarginCm(skeleton: Skeleton): number | undefined {
  if (!isOnSoles(skeleton.goals.base)) return undefined;
  const statureM = skeleton.build.statureM;
  const hull = floorHull([
    ...soleCorners(skeleton.legs.left, statureM),
    ...soleCorners(skeleton.legs.right, statureM),
  ]);
  let least = Infinity;
  hull.forEach((from, index) => {
    const to = hull[(index + 1) % hull.length] ?? from;
    const along = unit(sub([to[0], 0, to[2]], [from[0], 0, from[2]]));
    const out = sub(skeleton.mass, from);
    // Anticlockwise in (x, z): the inside lies on the left of each edge.
    least = Math.min(least, along[0] * out[2] - along[2] * out[0]);
  });
  return least * 100;
}

const GRAVITY = 9.81;

/** Static moment about a knee, N·m: the leg's share of the weight above it times its lever. */
function kneeMoment(leg: Leg, massKg: number): number {
  const lower = massOf('shank').mass + massOf('foot').mass;
  const force = Math.max(0, leg.weight - lower) * massKg * GRAVITY;
  const lever = dot(sub(leg.pressure, leg.knee), unit([leg.shank.fwd[0], 0, leg.shank.fwd[2]], [0, 0, 1]));
  return Math.abs(force * lever);
}

/** What one solved posture asks. */
export function momentAsks(skeleton: Skeleton): MomentAsks {
  const { goals, legs, arms, trunk, build } = skeleton;
  const sides = ['left', 'right'] as const;
  const loaded = sides.filter((side) => legs[side].weight >= 0.2 && legs[side].air < 0.5);
  const seated = !isOnSoles(goals.base);
  const rest = restFrame(goals.base);
  const knees = loaded.map((side) => legs[side].kneeBendDeg);
  const heart = mix(trunk.thoracic, trunk.neck, 0.35);
  // A hand washing the face hangs from its elbow: only a raised arm counts.
  const handsAbove = sides.some(
    (side) =>
      dot(sub(arms[side].palm, arms[side].shoulder), rest.up) > 0.02 * build.statureM &&
      dot(sub(arms[side].elbow, arms[side].shoulder), rest.up) > -0.06 * build.statureM,
  );
  // From how it rests: somebody who lies is not folded.
  const tilt = Math.acos(clamp(dot(trunk.thorax.up, rest.up), -1, 1)) / RAD;
  const forward = dot(trunk.thorax.up, unit(across(trunk.pelvis.fwd, rest.up), rest.fwd)) > 0;
  const heel = Math.max(...sides.map((side) => (seated || legs[side].air > 0.5 ? 0 : legs[side].heel[1])));
  return {
    kneeBendDeg: seated || knees.length === 0 ? 0 : Math.max(...knees),
    kneeMomentNm: seated ? 0 : Math.max(0, ...loaded.map((side) => kneeMoment(legs[side], build.massKg))),
    marginCm: supportMarginCm(skeleton) ?? Infinity,
    heaviestShare: seated ? 0.5 : Math.max(goals.weight, 1 - goals.weight),
    oneLeg: !seated && sides.some((side) => legs[side].air > 0.5),
    handsAbove,
    headBelowHeart: trunk.head[1] < heart[1],
    foldDeg: forward ? tilt : 0,
    archDeg: Math.max(0, -goals.roundDeg, -(goals.roundDeg + goals.leanDeg)),
    roundShare: shareOfRange('spine-flexion', Math.max(0, goals.roundDeg)),
    turnShare: shareOfRange('spine-turn', goals.turnDeg - goals.hipsTurnDeg),
    sideShare: shareOfRange('spine-side', goals.bendDeg),
    neckTurnDeg: Math.abs(goals.headTurnDeg),
    neckSideDeg: Math.abs(goals.headTiltDeg),
    neckBackDeg: Math.max(0, -goals.nodDeg - Math.max(0, goals.leanDeg + goals.roundDeg) * 0.5),
    heelUpCm: heel * 100,
    anklesCross: isOnSoles(goals.base) && legs.left.ankle[0] < legs.right.ankle[0],
  };
}

/** What a whole movement asks: the most of each over its length, and times in seconds. */
export interface MovementAsks extends Omit<
  MomentAsks,
  'oneLeg' | 'handsAbove' | 'headBelowHeart' | 'anklesCross'
> {
  /** Longest time on one leg at a stretch. */
  readonly oneLegSec: number;
  readonly handsAboveSec: number;
  readonly headBelowHeart: boolean;
  readonly anklesCross: boolean;
  /** A foot is put elsewhere. */
  readonly steps: boolean;
  /** Most of the range of turn or side bend while the trunk tilts forward by 30° or more. */
  readonly turnInFoldShare: number;
  readonly seconds: number;
}

const feetMoved = (a: Goals, b: Goals): boolean =>
  (['left', 'right'] as const).some(
    (side) => Math.hypot(a[side].x - b[side].x, a[side].z - b[side].z) > 0.02,
  );

/** Whether a foot is put elsewhere on the way. */
export function stepsIn(movement: Movement): boolean {
  const first = movement.keys[0];
  return first !== undefined && movement.keys.some((key) => feetMoved(first, key));
}

/** From here on a trunk tilted forward is a fold (common practice). */
const FOLDED_DEG = 30;

const NOTHING_ASKED: MovementAsks = {
  kneeBendDeg: 0,
  kneeMomentNm: 0,
  marginCm: Infinity,
  heaviestShare: 0.5,
  foldDeg: 0,
  archDeg: 0,
  roundShare: 0,
  turnShare: 0,
  sideShare: 0,
  neckTurnDeg: 0,
  neckBackDeg: 0,
  neckSideDeg: 0,
  heelUpCm: 0,
  oneLegSec: 0,
  handsAboveSec: 0,
  headBelowHeart: false,
  anklesCross: false,
  steps: false,
  turnInFoldShare: 0,
  seconds: 0,
};

/** The most of what was asked so far and what a moment of `share` s asks, on one leg for `balancing` s. */
function mostOf(
  most: MovementAsks,
  now: ReturnType<typeof momentAsks>,
  {
    balancing,
    share,
    steps,
  }: { readonly balancing: number; readonly share: number; readonly steps: boolean },
): MovementAsks {
  return {
    kneeBendDeg: Math.max(most.kneeBendDeg, now.kneeBendDeg),
    kneeMomentNm: Math.max(most.kneeMomentNm, now.kneeMomentNm),
    marginCm: Math.min(most.marginCm, now.marginCm),
    heaviestShare: Math.max(most.heaviestShare, now.heaviestShare),
    foldDeg: Math.max(most.foldDeg, now.foldDeg),
    archDeg: Math.max(most.archDeg, now.archDeg),
    roundShare: Math.max(most.roundShare, now.roundShare),
    turnShare: Math.max(most.turnShare, now.turnShare),
    sideShare: Math.max(most.sideShare, now.sideShare),
    neckTurnDeg: Math.max(most.neckTurnDeg, now.neckTurnDeg),
    neckBackDeg: Math.max(most.neckBackDeg, now.neckBackDeg),
    neckSideDeg: Math.max(most.neckSideDeg, now.neckSideDeg),
    heelUpCm: Math.max(most.heelUpCm, now.heelUpCm),
    oneLegSec: Math.max(most.oneLegSec, balancing),
    handsAboveSec: most.handsAboveSec + (now.handsAbove ? share : 0),
    headBelowHeart: most.headBelowHeart || now.headBelowHeart,
    anklesCross: most.anklesCross || now.anklesCross,
    steps: most.steps || steps,
    turnInFoldShare: Math.max(
      most.turnInFoldShare,
      now.foldDeg >= FOLDED_DEG ? Math.max(now.turnShare, now.sideShare) : 0,
    ),
    seconds: most.seconds + share,
  };
}

/** Goes through the stretches one after another in steps of at most `stepSec` and takes the most of everything. */
export function movementAsks(
  stretches: readonly Stretch[],
  stepSec = 0.5,
  build: Build = USUAL_BUILD,
): MovementAsks {
  let most = NOTHING_ASKED;
  let balancing = 0;
  for (const { movement, seconds, rounds } of stretches) {
    // One round tells of all: a pulse goes through the same postures again.
    const count = Math.max(movement.keys.length, Math.ceil(seconds / rounds / stepSec));
    const share = seconds / count;
    const steps = stepsIn(movement);
    for (let index = 1; index <= count; index += 1) {
      const now = momentAsks(solveGoals(goalsAt(movement, index / count), build));
      balancing = now.oneLeg ? balancing + share : 0;
      most = mostOf(most, now, { balancing, share, steps });
    }
  }
  return most;
}

/** Centre of mass by segment, the long way round: for checking the solver's own sum. */
export function massBySegments(skeleton: Skeleton): Vec {
  const { trunk, legs, arms } = skeleton;
  let sum: Vec = [0, 0, 0];
  let total = 0;
  const put = (name: Parameters<typeof massOf>[0], from: Vec, to: Vec): void => {
    const row = massOf(name);
    sum = add(sum, scale(add(scale(from, 1 - row.centre), scale(to, row.centre)), row.mass));
    total += row.mass;
  };
  put('head and neck', trunk.neck, trunk.head);
  put('thorax', trunk.neck, trunk.thoracic);
  put('abdomen', trunk.thoracic, trunk.lumbar);
  put('pelvis', trunk.lumbar, trunk.midHip);
  for (const side of ['left', 'right'] as const) {
    put('upper arm', arms[side].shoulder, arms[side].elbow);
    put('forearm', arms[side].elbow, arms[side].wrist);
    put('hand', arms[side].wrist, arms[side].fingertip);
    put('thigh', legs[side].hip, legs[side].knee);
    put('shank', legs[side].knee, legs[side].ankle);
    put('foot', legs[side].heel, legs[side].toe);
  }
  return scale(sum, 1 / total);
}
