import { addScaled, dot, mix, scale, sub, unit, type Arm, type Hand, type Side, type Vec } from '@/core/body';
import { ringSpots, type Ring } from '../outline';
import type { Spot } from '../view';
import { fill, inked, shape, strokes, type Easel } from './easel';
import { drawHand } from './hand';
import { limbOf, stationsOf, type LimbSpot, type Measure, type Station } from './limb';
import { bow, between, fillOf, inkUnder, inside, softened, traced, type Flat } from './nib';
import { lying } from './trouser';

/** The sleeve: narrow at the shoulder, wide at the cuff. Shares of stature. */
const SLEEVE: readonly Measure[] = [
  { along: 0.02, r: 0.037 },
  { along: 0.3, r: 0.037, sag: 0.004 },
  { along: 0.65, r: 0.036, sag: 0.012 },
  { along: 0.84, r: 0.035, sag: 0.018 },
  { along: 1, r: 0.034, sag: 0.02 },
  { along: 1.16, r: 0.035, sag: 0.026 },
  { along: 1.45, r: 0.038, sag: 0.034 },
  { along: 1.7, r: 0.041, sag: 0.042 },
];
const CUFF: Measure = { along: 1.86, r: 0.043, sag: 0.044 };
/** How far up a raised forearm the cuff slips, as a share of the forearm. */
const SLIP = 0.3;

const armJoints = ({ camera }: Easel, arm: Arm): readonly [Spot, Spot, Spot] => [
  camera.spot(arm.shoulder),
  camera.spot(arm.elbow),
  camera.spot(arm.wrist),
];

/** Where along the arm the cuff lies, 1–2: it slips down a forearm that is raised. */
function cuffAlong(arm: Arm): number {
  const raised = Math.max(0, unit(sub(arm.wrist, arm.elbow))[1]);
  return CUFF.along - SLIP * raised ** 1.5;
}

export function sleeveStations(easel: Easel, arm: Arm): readonly Station[] {
  const end = cuffAlong(arm);
  const shrink = (end - 1) / (CUFF.along - 1);
  const placed = [...SLEEVE, CUFF].map((measure) =>
    measure.along <= 1.16 ? measure : { ...measure, along: 1 + (measure.along - 1) * shrink },
  );
  const measures = easel.detail === 'plain' ? placed.filter((_, index) => index % 2 === 0) : placed;
  return stationsOf(armJoints(easel, arm), measures, easel.u * (0.4 + 0.6 * easel.girth), [
    lying(arm.upperArm.up),
    lying(arm.forearm.up),
  ]);
}

/** The opening of the cuff: a ring across the forearm, hanging where the forearm lies across. */
function cuffRing(easel: Easel, arm: Arm): { readonly ring: Ring; readonly axis: Vec } {
  const { h } = easel;
  const axis = unit(sub(arm.wrist, arm.elbow));
  const centre = mix(arm.elbow, arm.wrist, cuffAlong(arm) - 1);
  const level = lying(axis);
  const down = unit(addScaled([0, -1, 0], axis, axis[1]), arm.forearm.left);
  const side: Vec = [
    axis[1] * down[2] - axis[2] * down[1],
    axis[2] * down[0] - axis[0] * down[2],
    axis[0] * down[1] - axis[1] * down[0],
  ];
  const hang = (CUFF.sag ?? 0) * level;
  return {
    axis,
    ring: {
      centre: addScaled(centre, down, (hang / 2) * h),
      a: scale(side, CUFF.r * 0.97 * h),
      b: scale(down, (CUFF.r + hang / 2) * 0.97 * h),
    },
  };
}

/** The bare forearm from inside the cuff to the wrist. */
function forearmOf(easel: Easel, arm: Arm): readonly Flat[] {
  const from = Math.min(cuffAlong(arm) - 0.12, 1.78);
  const bare: readonly Measure[] = [
    { along: from, r: 0.024 - 0.008 * (from - 1) },
    { along: (from + 2) / 2, r: 0.018 },
    { along: 2, r: 0.0145 },
  ];
  return limbOf(stationsOf(armJoints(easel, arm), bare, easel.u), 0.6).outline;
}

/** Whether one looks into the sleeve: then the hand lies over it, else it lies over the hand. */
export function handOverSleeve({ camera, h }: Easel, arm: Arm): boolean {
  const towards = dot(unit(sub(arm.wrist, arm.elbow)), camera.viewer);
  return towards >= -0.12 || camera.spot(arm.fingertip).depth >= camera.spot(arm.wrist).depth + 0.04 * h;
}

/** The bare forearm and the hand. */
export function drawForearm(easel: Easel, arm: Arm, side: Side): string {
  const { goals } = easel.skeleton;
  const goal = side === 'left' ? goals.leftHand : goals.rightHand;
  const hand: Hand = goal.t < 0.5 ? goal.from : goal.to;
  const bare = traced(forearmOf(easel, arm));
  return (
    inked(inkUnder(bare, easel.line * 0.75)) +
    drawHand(easel, arm, side, hand.shape ?? 'open', fill('skin', fillOf(bare)))
  );
}

/**
 * One sleeve with the opening of its cuff. `body` is the jacket the sleeve comes out of: inside it the line
 * of the shoulder is lifted, so that sleeve and jacket are one cloth.
 */
export function drawSleeve(easel: Easel, arm: Arm, body?: readonly Flat[]): string {
  const { camera, line } = easel;
  const limb = limbOf(sleeveStations(easel, arm), 0.12);
  const pressure = (spot: LimbSpot): number =>
    !body || spot.along > 0.75 || !inside(spot, body) ? 1 : Math.max(0, (spot.along - 0.3) / 0.45);
  const { ring, axis } = cuffRing(easel, arm);
  const intoIt = dot(axis, camera.viewer);
  const open = intoIt < (easel.detail === 'plain' ? 0.2 : -0.12) ? '' : softened(ringSpots(camera, ring));
  return (
    shape(easel, 'cloth', limb.outline, line, pressure) +
    foldsOf(easel, arm, limb.creases) +
    fill('dark', open)
  );
}

/** Folds where the arm is bent, at the shoulder and above the cuff. */
function foldsOf(easel: Easel, arm: Arm, creases: readonly (readonly Flat[])[]): string {
  if (easel.detail === 'plain') return '';
  const [, elbow, wrist] = armJoints(easel, arm);
  const { u } = easel;
  const cuff = between(elbow, wrist, cuffAlong(arm) - 1);
  const low = (spot: Flat, down: number): Flat => ({ x: spot.x, y: spot.y + down * u });
  return strokes(
    [
      ...creases.map((crease) => crease.slice(0, 6)),
      bow(
        low(between(elbow, cuff, 0.62), 0.02 * lying(arm.forearm.up)),
        low(between(elbow, cuff, 0.92), 0.014),
        -0.1,
      ),
    ],
    easel.line * 0.8,
  );
}
