import type { Hand, Landmark } from './posture';
import type { Side } from './sides';
import { NEIGHBOUR_ASIDE, NEIGHBOUR_DOWN } from './props';
import { otherSide } from './sides';
import { headSurface, trunkSurface, type Trunk } from './trunk';
import { LIMB_RADII, share } from './skeleton';
import {
  across,
  add,
  addScaled,
  dot,
  inFrame,
  mix,
  scale,
  unit,
  WORLD,
  type Frame,
  type Vec,
} from './vector';

/** A place on the body with the way the skin faces there, and axes to count offsets in. */
export interface Place {
  readonly place: Vec;
  readonly away: Vec;
  readonly frame: Frame;
}

/** What of the body must stand before a landmark can be found. */
export interface Standing {
  readonly statureM: number;
  readonly trunk: Trunk;
  readonly heading: Frame;
  /** The middle of the feet on the floor, how high the shoulders are upright, and how far ahead what is opposite stands; shares of stature. */
  readonly middle: {
    readonly x: number;
    readonly z: number;
    readonly shoulders: number;
    readonly opposite: number;
  };
  /** Shoulder girdle of each side: raised 0–1, forward −1–1. */
  readonly girdle: Readonly<Record<Side, { readonly raise: number; readonly forward: number }>>;
  readonly legs: Readonly<
    Record<
      Side,
      {
        readonly hip: Vec;
        readonly knee: Vec;
        readonly ankle: Vec;
        readonly toe: Vec;
        readonly thigh: Frame;
        readonly shank: Frame;
      }
    >
  >;
}

/** The other arm, where it stands already. */
export interface OtherArm {
  readonly shoulder: Vec;
  readonly elbow: Vec;
  readonly wrist: Vec;
  readonly palm: Vec;
  readonly palmFacing: Vec;
}

/** Level and angle (to the hand's own side) on the trunk. */
const ON_TRUNK: Partial<Record<Landmark, readonly [level: number, angleDeg: number]>> = {
  'lower dantian': [0.583, 0],
  navel: [0.603, 0],
  'solar plexus': [0.675, 0],
  'middle dantian': [0.73, 0],
  groin: [0.525, 38],
  hip: [0.565, 78],
  'belly side': [0.6, 42],
  ribs: [0.69, 48],
  flank: [0.65, 85],
  armpit: [0.745, 82],
  collarbone: [0.79, 48],
  kidneys: [0.62, 148],
  sacrum: [0.55, 168],
  buttock: [0.525, 145],
};

/** Azimuth (to the hand's own side) and elevation on the head. */
const ON_HEAD: Partial<Record<Landmark, readonly [azimuthDeg: number, elevationDeg: number]>> = {
  'upper dantian': [0, 12],
  face: [0, -8],
  mouth: [0, -38],
  cheek: [45, -20],
  temple: [68, 12],
  ear: [95, -6],
  crown: [0, 90],
  occiput: [165, -5],
  nape: [165, -48],
  throat: [0, -75],
};

/** Bone, share of the way down it, and angle from its front outwards. */
const ON_LEG: Partial<Record<Landmark, readonly [bone: 'thigh' | 'shank', along: number, angleDeg: number]>> =
  {
    thigh: ['thigh', 0.62, 0],
    'outer thigh': ['thigh', 0.4, 95],
    'back thigh': ['thigh', 0.5, 180],
    'inner thigh': ['thigh', 0.5, -90],
    knee: ['thigh', 1, 0],
    shin: ['shank', 0.35, 20],
    calf: ['shank', 0.35, 180],
    'outer calf': ['shank', 0.4, 95],
    'inner calf': ['shank', 0.45, -95],
    ankle: ['shank', 1, 30],
  };

const ON_ARM: Partial<Record<Landmark, number>> = { 'upper arm': 0.5, elbow: 1, forearm: 1.5, wrist: 2 };

function onLeg(standing: Standing, side: Side, landmark: Landmark): Place | undefined {
  const leg = standing.legs[side];
  if (landmark === 'toes') return { place: leg.toe, away: [0, 1, 0], frame: standing.heading };
  const row = ON_LEG[landmark];
  if (!row) return undefined;
  const [bone, along, angleDeg] = row;
  const sign = side === 'left' ? 1 : -1;
  const frame = bone === 'thigh' ? leg.thigh : leg.shank;
  const axis = bone === 'thigh' ? mix(leg.hip, leg.knee, along) : mix(leg.knee, leg.ankle, along);
  const radii = LIMB_RADII[bone];
  const radius = radii[0] + (radii[1] - radii[0]) * along;
  const turn = (angleDeg * Math.PI) / 180;
  const away = inFrame(frame, [sign * Math.sin(turn), 0, Math.cos(turn)]);
  return { place: addScaled(axis, away, radius * standing.statureM), away, frame };
}

function onArm(arm: OtherArm, landmark: Landmark, heading: Frame, statureM: number): Place | undefined {
  if (landmark === 'hand') {
    // On whichever face of the hand looks up or forward: the palm held out, the back of a hand at rest.
    const open = dot(arm.palmFacing, heading.up) + 0.6 * dot(arm.palmFacing, heading.fwd) > 0;
    const away = scale(arm.palmFacing, open ? 1 : -1);
    return { place: addScaled(arm.palm, away, 0.009 * statureM), away, frame: heading };
  }
  const along = ON_ARM[landmark];
  if (along === undefined) return undefined;
  const lower = along > 1;
  const [from, to] = lower ? [arm.elbow, arm.wrist] : [arm.shoulder, arm.elbow];
  const radii = lower ? LIMB_RADII.forearm : LIMB_RADII.upperArm;
  const t = lower ? along - 1 : along;
  const bone = unit(add(to, scale(from, -1)));
  // The hand comes on from above and in front, whichever way the arm lies.
  const away = unit(across(add(scale(heading.up, 1), scale(heading.fwd, 0.6)), bone), heading.fwd);
  return {
    place: addScaled(mix(from, to, t), away, (radii[0] + (radii[1] - radii[0]) * t) * statureM),
    away,
    frame: heading,
  };
}

/** The floor under the shoulder of a side, as it hangs at rest. */
function onFloor({ trunk, statureM }: Standing, sign: number): Place {
  const [x, , z] = add(trunk.neck, inFrame(trunk.thorax, [sign * share('shoulderCentre') * statureM, 0, 0]));
  return { place: [x, 0, z], away: WORLD.up, frame: WORLD };
}

/** Places that stand still whatever the body does: what is opposite, at the height the shoulders have at rest, and a neighbour's palm. */
function aroundOne({ middle, statureM }: Standing, landmark: Landmark, sign: number): Place | undefined {
  const at = (aside: number, down: number, ahead: number): Vec => [
    (middle.x + sign * aside) * statureM,
    (middle.shoulders - down) * statureM,
    (middle.z + ahead) * statureM,
  ];
  if (landmark === 'opposite')
    return { place: at(share('shoulderCentre'), 0, middle.opposite), away: [0, 0, -1], frame: WORLD };
  if (landmark === 'neighbour')
    return { place: at(NEIGHBOUR_ASIDE, NEIGHBOUR_DOWN, 0), away: [0, 0, 1], frame: WORLD };
  return undefined;
}

/** Whether a landmark lies on the legs, which move with the balance. */
export const isOnLeg = (landmark: Landmark): boolean => landmark === 'toes' || ON_LEG[landmark] !== undefined;
/** Whether a landmark stays where it is when the hips move: on the legs, or round the body. */
export const isApart = (landmark: Landmark): boolean =>
  isOnLeg(landmark) || landmark === 'opposite' || landmark === 'neighbour';
export const isOnArm = (landmark: Landmark): boolean => landmark === 'hand' || ON_ARM[landmark] !== undefined;

/** Finds a landmark for one hand; undefined for the two that are counted from the shoulder. */
export function findLandmark(
  standing: Standing,
  hand: Hand,
  side: Side,
  arm: OtherArm | undefined,
): Place | undefined {
  const own = hand.of === 'other' ? otherSide(side) : side;
  const sign = own === 'left' ? 1 : -1;
  const { trunk, statureM } = standing;
  const onTrunk = ON_TRUNK[hand.near];
  if (onTrunk) return trunkSurface(trunk, statureM, onTrunk[0], sign * onTrunk[1]);
  if (hand.near === 'floor') return onFloor(standing, sign);
  const around = aroundOne(standing, hand.near, sign);
  if (around) return around;
  if (hand.near === 'shoulder') {
    const place = add(
      trunk.neck,
      inFrame(trunk.thorax, [sign * 0.085 * statureM, -0.012 * statureM, 0.004 * statureM]),
    );
    return { place, away: trunk.thorax.up, frame: trunk.thorax };
  }
  const onHead = ON_HEAD[hand.near];
  if (onHead) return headSurface(trunk, statureM, sign * onHead[0], onHead[1]);
  const leg = onLeg(standing, own, hand.near);
  if (leg) return leg;
  return arm ? onArm(arm, hand.near, standing.heading, statureM) : undefined;
}
