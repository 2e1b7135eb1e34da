import { footValue, type Side } from './sides';
import { type Base, type Hand, type Posture, type Prop } from './posture';
import { share } from './skeleton';

/**
 * A posture as numbers a solver can aim at and a movement can run between. Lengths are shares of
 * stature, angles degrees, left and forward positive.
 */
export interface FootGoal {
  /** Where the ankle stands over the floor with the foot flat. */
  readonly x: number;
  readonly z: number;
  readonly yawDeg: number;
  readonly heelDeg: number;
  readonly toeDeg: number;
  /** 0 planted, 1 in the air as the next four say. */
  readonly air: number;
  readonly thighDeg: number;
  readonly outDeg: number;
  readonly kneeDeg: number;
  readonly pointDeg: number;
  /** Extra height while it travels to another place, and how free of the floor it is for that, 0–1. */
  readonly clear: number;
  readonly free: number;
}

/** A hand on its way from one place to another. */
export interface HandGoal {
  readonly from: Hand;
  readonly to: Hand;
  readonly t: number;
}

/** The shoulder girdle of one side: raised 0–1, forward (+) or back (−) −1–1. */
export interface GirdleGoal {
  readonly raise: number;
  readonly forward: number;
}

export interface Goals {
  readonly base: Base;
  readonly with: Prop | undefined;
  /** How far that is there: 1 in a posture with it, 0 without, between while it comes or goes. */
  readonly withShare: number;
  readonly left: FootGoal;
  readonly right: FootGoal;
  readonly sinkDeg: number;
  readonly weight: number;
  readonly along: number;
  readonly hipsTurnDeg: number;
  readonly tuckDeg: number;
  readonly turnDeg: number;
  readonly leanDeg: number;
  readonly bendDeg: number;
  readonly roundDeg: number;
  readonly headTurnDeg: number;
  readonly nodDeg: number;
  readonly headTiltDeg: number;
  readonly leftShoulder: GirdleGoal;
  readonly rightShoulder: GirdleGoal;
  readonly leftHand: HandGoal;
  readonly rightHand: HandGoal;
}

/** Distance between the ankles one shoulder width apart: under the shoulder joints. */
const SHOULDER_WIDTH = 2 * share('shoulderCentre');
/** On a stool the ankles stand under the knees. */
const SEATED_ANKLES_AHEAD = 0.235;

/** Standing at ease: the soles carry a little behind their middle, the knees are not locked. */
const AT_EASE = { sink: 8, weight: 0.5, along: 0.45, turnOut: 4 } as const;
const HANGING: Hand = { near: 'hanging' };

function footGoal(posture: Posture, side: Side): FootGoal {
  const feet = posture.feet ?? {};
  const sign = side === 'left' ? 1 : -1;
  const ahead = feet.ahead?.by ?? 0;
  const forward = ahead === 0 ? 0 : (feet.ahead?.foot === side ? 0.5 : -0.5) * ahead * share('foot');
  const lifted = feet.lifted?.foot === side ? feet.lifted : undefined;
  const chair = posture.base === 'chair';
  return {
    x: (sign * (feet.apart ?? (chair ? 0.7 : 1)) * SHOULDER_WIDTH) / 2,
    z: forward + (chair ? SEATED_ANKLES_AHEAD : 0),
    yawDeg: sign * footValue(feet.turnOut, side, AT_EASE.turnOut),
    heelDeg: footValue(feet.heels, side, 0),
    toeDeg: footValue(feet.toes, side, 0),
    air: lifted ? 1 : 0,
    thighDeg: lifted?.thigh ?? 20,
    outDeg: lifted?.out ?? 4,
    kneeDeg: lifted?.knee ?? 40,
    pointDeg: lifted?.point ?? 15,
    clear: 0,
    free: 0,
  };
}

function girdleGoal({ shoulders = {} }: Posture, side: Side): GirdleGoal {
  const isMeant = shoulders.of === undefined || shoulders.of === side;
  return { raise: isMeant ? (shoulders.raise ?? 0) : 0, forward: isMeant ? (shoulders.forward ?? 0) : 0 };
}

/** The numbers of one posture. A lifted foot carries nothing unless the posture says otherwise. */
export function goalsOf(posture: Posture): Goals {
  const { trunk = {}, head = {}, pelvis = {}, hands = {} } = posture;
  const lifted = posture.feet?.lifted?.foot;
  const left = hands.left ?? hands.both ?? HANGING;
  const right = hands.right ?? hands.both ?? HANGING;
  const turnDeg = trunk.turn ?? 0;
  return {
    base: posture.base ?? 'feet',
    with: posture.with,
    withShare: posture.with === undefined ? 0 : 1,
    left: footGoal(posture, 'left'),
    right: footGoal(posture, 'right'),
    sinkDeg: posture.sink ?? AT_EASE.sink,
    weight: posture.weight ?? (lifted === 'left' ? 0 : lifted === 'right' ? 1 : AT_EASE.weight),
    along: posture.along ?? AT_EASE.along,
    // The hips go along with the waist for a quarter of the turn.
    hipsTurnDeg: pelvis.turn ?? turnDeg * 0.25,
    tuckDeg: pelvis.tuck ?? 0,
    turnDeg,
    leanDeg: trunk.lean ?? 0,
    bendDeg: trunk.bend ?? 0,
    roundDeg: trunk.round ?? 0,
    headTurnDeg: head.turn ?? 0,
    nodDeg: head.nod ?? 0,
    headTiltDeg: head.tilt ?? 0,
    leftShoulder: girdleGoal(posture, 'left'),
    rightShoulder: girdleGoal(posture, 'right'),
    leftHand: { from: left, to: left, t: 1 },
    rightHand: { from: right, to: right, t: 1 },
  };
}
