import type { SourceId } from '../sources';
import type { Base } from './posture';
import type { Side } from './sides';
import type { Frame, Vec } from './vector';
import { WORLD } from './vector';

/**
 * What a body rests on other than its soles: where its hips lie and how its legs are folded there. Lengths are shares of
 * stature; the axes are those of the body at rest on it, before it leans or turns.
 */

/** A leg folded at rest, in degrees from hanging straight down the body's own length. */
interface LegFold {
  /** Thigh raised to the front, and opened to its own side. */
  readonly thighDeg: number;
  readonly outDeg: number;
  readonly kneeDeg: number;
  /** Toes pointed (+) or drawn up (−). */
  readonly pointDeg: number;
}

/** A leg laid on the floor: where the ankle comes to from its hip, over the floor (outwards, up, forward), which way knee and toes look, and the sole. */
interface LegLaid {
  readonly ankle: Vec;
  readonly knee: Vec;
  readonly toes: Vec;
  readonly sole: Vec;
}

export type RestingLeg = LegFold | LegLaid;

interface RestingRow {
  /** As it is said: "sitting cross-legged". */
  readonly label: string;
  readonly frame: Frame;
  /** Height of the hip joints over the floor. */
  readonly hips: number;
  readonly leg: (side: Side, kneeDeg: number) => RestingLeg;
  /** Whether the trunk lies along the floor. */
  readonly isLying: boolean;
  readonly source: SourceId;
}

const isLeft = (side: Side): boolean => side === 'left';

/** On the back: the feet stand where the knees are drawn up, else the legs lie long with the toes up. */
const onBack = (_: Side, kneeDeg: number): LegFold => ({
  thighDeg: kneeDeg < 25 ? 2 : kneeDeg / 2 + 1,
  outDeg: 6,
  kneeDeg: kneeDeg < 25 ? 6 : kneeDeg,
  pointDeg: kneeDeg < 25 ? 10 : kneeDeg / 2 - 8,
});

/** On a side: the lower leg long, the upper drawn up before it. */
const onSide =
  (under: Side) =>
  (side: Side): LegFold =>
    side === under
      ? { thighDeg: 8, outDeg: -4, kneeDeg: 14, pointDeg: 20 }
      : { thighDeg: 46, outDeg: -12, kneeDeg: 74, pointDeg: 20 };

const HEAD_BACK: Frame = { left: [1, 0, 0], up: [0, 0, -1], fwd: [0, 1, 0] };

/** Breadths, heights and folds are from memory of ordinary bodies at rest on a folded blanket. */
const RESTING: Readonly<Partial<Record<Base, RestingRow>>> = {
  crossed: {
    label: 'sitting cross-legged',
    frame: WORLD,
    hips: 0.098,
    leg: (side) => ({
      // One shin lies before the other.
      ankle: isLeft(side) ? [-0.09, 0.03, 0.16] : [-0.13, 0.03, 0.125],
      knee: [1, 0.1, 0.62],
      toes: [-0.86, -0.1, -0.35],
      sole: [0.1, -0.5, -0.8],
    }),
    isLying: false,
    source: 'body-from-memory',
  },
  kneeling: {
    label: 'kneeling, sitting on the heels or a cushion',
    frame: WORLD,
    hips: 0.225,
    leg: () => ({
      ankle: [0.008, 0.045, -0.085],
      knee: [0.05, 0.4, 1],
      toes: [0, -0.5, -1],
      sole: [0, 1, -0.5],
    }),
    isLying: false,
    source: 'body-from-memory',
  },
  fours: {
    label: 'on hands and knees',
    frame: { left: [1, 0, 0], up: [0, 0.13, 0.9915], fwd: [0, -0.9915, 0.13] },
    hips: 0.285,
    leg: () => ({
      ankle: [0.004, 0.075, -0.25],
      knee: [0.02, 0, 1],
      toes: [0, -0.7, -0.72],
      sole: [0, 0.72, -0.7],
    }),
    isLying: false,
    source: 'body-from-memory',
  },
  back: {
    label: 'lying on the back',
    frame: HEAD_BACK,
    hips: 0.066,
    leg: onBack,
    isLying: true,
    source: 'body-from-memory',
  },
  'legs up': {
    label: 'lying on the back, the legs up',
    frame: HEAD_BACK,
    hips: 0.066,
    leg: () => ({ thighDeg: 86, outDeg: 5, kneeDeg: 8, pointDeg: -4 }),
    isLying: true,
    source: 'body-from-memory',
  },
  'left side': {
    label: 'lying on the left side',
    frame: { left: [0, -1, 0], up: [0, 0, -1], fwd: [1, 0, 0] },
    hips: 0.1,
    leg: onSide('left'),
    isLying: true,
    source: 'body-from-memory',
  },
  'right side': {
    label: 'lying on the right side',
    frame: { left: [0, 1, 0], up: [0, 0, 1], fwd: [1, 0, 0] },
    hips: 0.1,
    leg: onSide('right'),
    isLying: true,
    source: 'body-from-memory',
  },
};

/** How the body rests on the floor; none for one that stands or sits on a chair. */
export const restingOn = (base: Base): RestingRow | undefined => RESTING[base];

/** Whether the soles carry the weight: else a seat or the floor does, and nothing has to be balanced. */
export const isOnSoles = (base: Base): boolean => base === 'feet';

/** The axes of the body as it rests, before it leans or turns. */
export const restFrame = (base: Base): Frame => RESTING[base]?.frame ?? WORLD;
