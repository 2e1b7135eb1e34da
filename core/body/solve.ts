import { solveArm, type Arm } from './arms';
import { goalsOf, type FootGoal, type Goals } from './goals';
import { isApart, type OtherArm, type Standing } from './landmarks';
import {
  blendFeet,
  boneFrame,
  footFrom,
  hangingFoot,
  plantedFoot,
  solveTwoBones,
  spanFor,
  type FootPlace,
} from './limbs';
import { massOf } from './skeleton';
import { LEVELS, share, USUAL_BUILD, type Build } from './skeleton';
import { middleOfFeet } from './motion';
import type { Posture } from './posture';
import { oppositeAhead } from './props';
import { isOnSoles, restFrame, restingOn, type RestingLeg } from './resting';
import type { Side } from './sides';
import { isOnArm } from './landmarks';
import { placeTrunk, solveTrunk, type Trunk } from './trunk';
import {
  across,
  add,
  addScaled,
  clamp,
  cross,
  distance,
  ease,
  length,
  mix,
  scale,
  sub,
  turned,
  unit,
  WORLD,
  type Frame,
  type Vec,
} from './vector';

/** One leg, solved. World metres. */
export interface Leg {
  readonly hip: Vec;
  readonly knee: Vec;
  readonly ankle: Vec;
  readonly heel: Vec;
  readonly ball: Vec;
  readonly toe: Vec;
  readonly thigh: Frame;
  readonly shank: Frame;
  readonly foot: Frame;
  readonly kneeBendDeg: number;
  /** Where this foot's pressure rests on the floor. */
  readonly pressure: Vec;
  /** Share of the weight, 0–1. */
  readonly weight: number;
  readonly air: number;
  readonly heelDeg: number;
  readonly toeDeg: number;
  /** How far a foot could not come to where it should stand, metres. */
  readonly missM: number;
}

/** A solved posture: every joint in world metres (x left, y up, z forward), the axes of every segment. */
export interface Skeleton {
  readonly build: Build;
  readonly goals: Goals;
  readonly trunk: Trunk;
  readonly legs: Readonly<Record<Side, Leg>>;
  readonly arms: Readonly<Record<Side, Arm>>;
  /** Centre of mass, and where on the floor it should lie. */
  readonly mass: Vec;
  readonly massAim: Vec;
}

const KNEE = { leastDeg: 4, mostDeg: 135 } as const;
/** Height of the hip joints over the seat: the flesh between. */
const OVER_SEAT = 0.045;
/** Shoulder joints over hip joints, upright; share of stature. */
const SHOULDERS_OVER_HIPS = 0.285;
/** Height of the hip joints before anything bends; share of stature. */
const hipsAtRest = ({ base }: Goals): number =>
  isOnSoles(base) ? LEVELS.coccyx + 0.012 : (restingOn(base)?.hips ?? share('seat') + OVER_SEAT);

type LegPair = Readonly<Record<Side, Leg>>;

interface LegScene {
  readonly goals: Goals;
  readonly statureM: number;
  readonly pelvis: Frame;
  readonly pelvisYaw: Frame;
  readonly planted: Readonly<Record<Side, FootPlace>>;
}

function hipAt(scene: LegScene, midHip: Vec, side: Side): Vec {
  const sign = side === 'left' ? 1 : -1;
  return addScaled(midHip, scene.pelvis.left, sign * share('hipCentre') * scene.statureM);
}

/** The height of the hips at which the legs bend as asked and both feet reach the floor. */
function hipHeight(scene: LegScene, x: number, z: number): number {
  const { goals, statureM } = scene;
  const thigh = share('thigh') * statureM;
  const shank = share('shank') * statureM;
  const bent = spanFor(thigh, shank, goals.sinkDeg);
  const straight = spanFor(thigh, shank, KNEE.leastDeg);
  const level = (side: Side, span: number): number => {
    const ankle = scene.planted[side].ankle;
    const hip = hipAt(scene, [x, 0, z], side);
    const flat = Math.hypot(hip[0] - ankle[0], hip[2] - ankle[2]);
    return ankle[1] - hip[1] + Math.sqrt(Math.max(0.01 * statureM * statureM, span * span - flat * flat));
  };
  // The leg that carries more says how deep; the other must still reach the floor.
  const left = ease((goals.weight - 0.3) / 0.4);
  const wanted = level('left', bent) * left + level('right', bent) * (1 - left);
  const most = (side: Side): number =>
    level(side, straight) + (goals[side].air * 2 + goals[side].free * 0.25) * statureM;
  return Math.min(wanted, most('left'), most('right'));
}

/** Where the foot of a body at rest on the floor comes to, and which way its knee looks. */
function restingFoot(scene: LegScene, leg: RestingLeg, hip: Vec, side: Side): { foot: FootPlace; pole: Vec } {
  const { goals, statureM } = scene;
  const goal = goals[side];
  const isLifted = goal.air > 0.5;
  if (isLifted || !('ankle' in leg)) {
    const fold: FootGoal = isLifted || 'ankle' in leg ? goal : { ...goal, ...leg };
    const lengths = { thigh: share('thigh') * statureM, shank: share('shank') * statureM };
    const { ankle, frame, pole } = hangingFoot(fold, side, hip, restFrame(goals.base), lengths);
    return { foot: footFrom(ankle, frame, ankle, statureM), pole };
  }
  const own = ([out, up, ahead]: Vec): Vec => [side === 'left' ? out : -out, up, ahead];
  const [out, up, ahead] = scale(own(leg.ankle), statureM);
  const fwd = unit(own(leg.toes));
  const upward = unit(across(scale(own(leg.sole), -1), fwd));
  const ankle: Vec = [hip[0] + out, up, hip[2] + ahead];
  return {
    foot: footFrom(ankle, { left: cross(upward, fwd), up: upward, fwd }, ankle, statureM),
    pole: own(leg.knee),
  };
}

function solveLeg(scene: LegScene, midHip: Vec, side: Side): Leg {
  const { goals, statureM, planted } = scene;
  const goal: FootGoal = goals[side];
  const hip = hipAt(scene, midHip, side);
  const lengths = { thigh: share('thigh') * statureM, shank: share('shank') * statureM };
  let foot = planted[side];
  // The knee follows the toes.
  let pole: Vec = turned(WORLD, goal.yawDeg, 0, 0).fwd;
  const resting = restingOn(goals.base);
  if (resting) {
    const laid = restingFoot(scene, resting.leg(side, goals.sinkDeg), hip, side);
    foot = laid.foot;
    pole = laid.pole;
  } else if (goal.air > 0) {
    const hanging = hangingFoot(goal, side, hip, scene.pelvisYaw, lengths);
    foot = blendFeet(foot, hanging, goal.air, statureM);
    pole = mix(pole, hanging.pole, goal.air);
  }
  const bones = solveTwoBones(hip, foot.ankle, lengths.thigh, lengths.shank, pole, KNEE);
  const shift = sub(bones.end, foot.ankle);
  return {
    hip,
    knee: bones.joint,
    ankle: bones.end,
    heel: add(foot.heel, shift),
    ball: add(foot.ball, shift),
    toe: add(foot.toe, shift),
    // A knee only bends back: the front of each bone is the side away from the other.
    thigh: boneFrame(hip, bones.joint, sub(bones.joint, bones.end)),
    shank: boneFrame(bones.joint, bones.end, sub(bones.joint, hip)),
    foot: foot.frame,
    kneeBendDeg: bones.bendDeg,
    pressure: foot.pressure,
    weight: side === 'left' ? goals.weight : 1 - goals.weight,
    air: goal.air,
    heelDeg: goal.heelDeg,
    toeDeg: goal.toeDeg,
    missM: bones.missM,
  };
}

const along = (from: Vec, to: Vec, part: number): Vec => mix(from, to, part);
const TRUNK_MASS =
  massOf('pelvis').mass + massOf('abdomen').mass + massOf('thorax').mass + massOf('head and neck').mass;
const ARM_MASS = massOf('hand').mass + massOf('forearm').mass + massOf('upper arm').mass;
const LEG_MASS = massOf('foot').mass + massOf('shank').mass + massOf('thigh').mass;

/** Mass-weighted sum of trunk and head (masses are shares of the body). */
function trunkMoment(trunk: Trunk): Vec {
  let sum: Vec = [0, 0, 0];
  sum = addScaled(sum, along(trunk.lumbar, trunk.midHip, massOf('pelvis').centre), massOf('pelvis').mass);
  sum = addScaled(sum, along(trunk.thoracic, trunk.lumbar, massOf('abdomen').centre), massOf('abdomen').mass);
  sum = addScaled(sum, along(trunk.neck, trunk.thoracic, massOf('thorax').centre), massOf('thorax').mass);
  // Winter counts head and neck from C7 to the ear canal and puts their centre at its end.
  return addScaled(sum, trunk.head, massOf('head and neck').mass);
}

function armMoment(arm: Arm): Vec {
  let sum: Vec = [0, 0, 0];
  sum = addScaled(sum, along(arm.shoulder, arm.elbow, massOf('upper arm').centre), massOf('upper arm').mass);
  sum = addScaled(sum, along(arm.elbow, arm.wrist, massOf('forearm').centre), massOf('forearm').mass);
  return addScaled(sum, along(arm.wrist, arm.fingertip, massOf('hand').centre), massOf('hand').mass);
}

function legMoment(leg: Leg): Vec {
  let sum: Vec = [0, 0, 0];
  sum = addScaled(sum, along(leg.hip, leg.knee, massOf('thigh').centre), massOf('thigh').mass);
  sum = addScaled(sum, along(leg.knee, leg.ankle, massOf('shank').centre), massOf('shank').mass);
  return addScaled(sum, along(leg.heel, leg.toe, massOf('foot').centre), massOf('foot').mass);
}

function solveArms(standing: Standing, goals: Goals): Readonly<Record<Side, Arm>> {
  const wants = (side: Side): boolean => {
    const goal = side === 'left' ? goals.leftHand : goals.rightHand;
    return isOnArm(goal.from.near) || isOnArm(goal.to.near);
  };
  const asOther = (arm: Arm): OtherArm => ({ ...arm, palmFacing: arm.hand.fwd });
  // A hand that goes to the other arm waits until that arm stands.
  if (wants('left')) {
    const right = solveArm(standing, 'right', goals.rightHand, undefined);
    return { left: solveArm(standing, 'left', goals.leftHand, asOther(right)), right };
  }
  const left = solveArm(standing, 'left', goals.leftHand, undefined);
  return { left, right: solveArm(standing, 'right', goals.rightHand, asOther(left)) };
}

function movedArm(arm: Arm, by: Vec): Arm {
  return {
    ...arm,
    shoulder: add(arm.shoulder, by),
    elbow: add(arm.elbow, by),
    wrist: add(arm.wrist, by),
    palm: add(arm.palm, by),
    fingertip: add(arm.fingertip, by),
  };
}

/** What landmarks are found on. */
export function standingOf(
  trunk: Trunk,
  legs: LegPair,
  heading: Frame,
  statureM: number,
  goals: Goals,
): Standing {
  const girdle = { left: goals.leftShoulder, right: goals.rightShoulder };
  const middle = {
    ...middleOfFeet(goals),
    shoulders: hipsAtRest(goals) + SHOULDERS_OVER_HIPS,
    opposite: oppositeAhead(goals.base),
  };
  return { statureM, trunk, heading, legs, girdle, middle };
}

/** Where the feet stand, over which place the mass is to lie, and where hips and legs come to for a choice of it. */
function groundOf(goals: Goals, bent: ReturnType<typeof solveTrunk>, statureM: number) {
  const planted = {
    left: plantedFoot(goals.left, goals.along, statureM),
    right: plantedFoot(goals.right, goals.along, statureM),
  };
  const scene: LegScene = {
    goals,
    statureM,
    pelvis: bent.pelvis,
    pelvisYaw: turned(WORLD, goals.hipsTurnDeg, 0, 0),
    planted,
  };
  const aim = mix(planted.right.pressure, planted.left.pressure, goals.weight);
  const massAim: Vec = [aim[0], 0, aim[2]];
  const place = (x: number, z: number): Vec =>
    isOnSoles(goals.base)
      ? [x, hipHeight(scene, x, z), z]
      : [(goals.weight - 0.5) * 0.06 * statureM, hipsAtRest(goals) * statureM, 0];
  const legsAt = (midHip: Vec): LegPair => ({
    left: solveLeg(scene, midHip, 'left'),
    right: solveLeg(scene, midHip, 'right'),
  });
  return { massAim, place, legsAt };
}

/**
 * Solves goals to a skeleton: feet planted where they stand, knees over the toes, the hips moved until
 * the centre of mass lies over the place the weight asks for, hands brought to their landmarks. What
 * cannot be reached is left at the limit and can be asked for with `findMisses`.
 */
export function solveGoals(goals: Goals, build: Build = USUAL_BUILD): Skeleton {
  const statureM = build.statureM;
  const bent = solveTrunk(goals);
  const heading = turned(restFrame(goals.base), goals.turnDeg, 0, 0);
  const { massAim, place, legsAt } = groundOf(goals, bent, statureM);

  let midHip = place(massAim[0], massAim[2] - 0.03 * statureM);
  let legs = legsAt(midHip);
  let trunk = placeTrunk(bent, midHip, statureM);
  let arms = solveArms(standingOf(trunk, legs, heading, statureM, goals), goals);
  const solvedAt = midHip;
  const mobile = [goals.leftHand, goals.rightHand].some(
    (hand) => isApart(hand.from.near) || isApart(hand.to.near),
  );
  const trunkSum = trunkMoment(trunk);
  const trunkOffset = sub(trunkSum, addScaled([0, 0, 0], midHip, TRUNK_MASS));
  const massNow = (armSum: Vec): Vec =>
    add(
      add(addScaled(trunkOffset, midHip, TRUNK_MASS), armSum),
      add(legMoment(legs.left), legMoment(legs.right)),
    );

  for (let round = 0; round < (mobile ? 6 : 1); round += 1) {
    const armSum = add(armMoment(arms.left), armMoment(arms.right));
    const before = midHip;
    const armOffset = addScaled(armSum, midHip, -2 * ARM_MASS);
    if (isOnSoles(goals.base))
      for (let step = 0; step < 6; step += 1) {
        const mass = massNow(addScaled(armOffset, midHip, 2 * ARM_MASS));
        const [ex, ez] = [massAim[0] - mass[0], massAim[2] - mass[2]];
        if (Math.abs(ex) + Math.abs(ez) < 1e-4) break;
        // Moving the hips moves all but a little over half of the legs.
        const gain = 1 / (1 - LEG_MASS);
        midHip = place(midHip[0] + ex * gain, midHip[2] + ez * gain);
        legs = legsAt(midHip);
      }
    trunk = placeTrunk(bent, midHip, statureM);
    // Hands that keep to the trunk went along with it; hands on the legs have to find their place again.
    arms = mobile
      ? solveArms(standingOf(trunk, legs, heading, statureM, goals), goals)
      : {
          left: movedArm(arms.left, sub(midHip, solvedAt)),
          right: movedArm(arms.right, sub(midHip, solvedAt)),
        };
    if (distance(before, midHip) < 2e-4) break;
  }
  const mass = massNow(add(armMoment(arms.left), armMoment(arms.right)));
  return { build, goals, trunk, legs, arms, mass, massAim };
}

/** Solves a posture (see `solveGoals`). */
export const solvePosture = (posture: Posture, build: Build = USUAL_BUILD): Skeleton =>
  solveGoals(goalsOf(posture), build);

/** Distance of the centre of mass from where it should lie over the floor, metres. */
export const balanceMissM = (skeleton: Skeleton): number =>
  length([skeleton.mass[0] - skeleton.massAim[0], 0, skeleton.mass[2] - skeleton.massAim[2]]);

/** How hard a foot presses, 0–1, for drawing: nothing in the air. */
export const pressureOf = (leg: Leg): number => clamp(leg.weight, 0, 1) * (1 - clamp(leg.air, 0, 1));
