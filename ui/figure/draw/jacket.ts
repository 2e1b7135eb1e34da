import { addScaled, dot, mix, type Vec } from '@/core/body';
import { discSpots, ringSpots } from '../outline';
import type { Spot } from '../view';
import { bandRing, inked, onCloth, ringRound, shape, strokes, swept, washed, type Easel } from './easel';
import { bow, crisp, inkUnder, traced, type Flat } from './nib';
import { drawSash } from './sash';

/** The jacket above the sash: waist, chest, shoulders, the collar's foot. */
export function chestOf(easel: Easel): readonly Spot[] {
  const { camera, skeleton, u, h } = easel;
  const { trunk, arms } = skeleton;
  const shoulders = (['left', 'right'] as const).flatMap((side) =>
    discSpots(camera.spot(addScaled(arms[side].shoulder, trunk.thorax.up, -0.008 * h)), 0.032 * u),
  );
  const collar = ringRound(
    trunk.thorax,
    addScaled(trunk.neck, trunk.thorax.up, 0.01 * h),
    0.037 * h,
    0.035 * h,
  );
  return swept(
    camera,
    [bandRing(easel, 0.6, 0.011), bandRing(easel, 0.66, 0.008), bandRing(easel, 0.74, 0.009), collar],
    shoulders,
  );
}

/** The jacket below the sash: it hangs to the middle of the thighs and over them where they lie across. */
export function skirtOf(easel: Easel): readonly Flat[] {
  const { camera, skeleton, u, h, girth } = easel;
  const { trunk, legs } = skeleton;
  const wide = 0.064 * h * girth;
  const hem = ringRound(
    trunk.pelvis,
    addScaled(trunk.midHip, trunk.pelvis.up, -0.048 * h),
    0.116 * h * girth,
    0.088 * h * girth,
  );
  const thighs = (['left', 'right'] as const).flatMap((side) =>
    ringSpots(camera, ringRound(legs[side].thigh, mix(legs[side].hip, legs[side].knee, 0.27), wide, wide)),
  );
  return crisp(
    swept(camera, [bandRing(easel, 0.606, 0.012), bandRing(easel, 0.56, 0.02), hem], thighs),
    0.012 * u,
  );
}

/** A line over the cloth through levels and angles, where it faces the viewer. */
function overCloth(
  easel: Easel,
  places: readonly (readonly [number, number])[],
  off = 0.0095,
): readonly Flat[] {
  return places
    .map(([level, angle]) => onCloth(easel, level, angle, off))
    .filter(({ away }) => dot(away, easel.camera.viewer) > 0.02)
    .map(({ place }) => easel.camera.spot(place));
}

/** The collar: one edge crosses over the other, left over right. */
const COLLAR = [
  [0.845, -58],
  [0.82, -40],
  [0.79, -24],
  [0.75, -8],
  [0.71, 4],
  [0.66, 15],
  [0.622, 24],
] as const;
const COLLAR_UNDER = [
  [0.845, 58],
  [0.82, 42],
  [0.795, 26],
  [0.77, 12],
] as const;

function drawCollar(easel: Easel): string {
  const { line, u, detail } = easel;
  const over = overCloth(easel, COLLAR);
  const under = overCloth(easel, COLLAR_UNDER);
  if (detail === 'plain') return over.length > 2 ? strokes([over], line * 0.8) : '';
  const wide = 0.016 * u;
  const band = (spots: readonly Flat[]): readonly Flat[] => [
    ...spots,
    ...spots.map((spot) => ({ x: spot.x + wide * 0.85, y: spot.y - wide * 0.35 })).reverse(),
  ];
  return (
    (under.length > 2 ? strokes([under], line * 0.8) : '') +
    (over.length > 3 ? shape(easel, 'skin', band(over), line * 0.55) : '')
  );
}

/** Folds of the jacket: at the waist towards the sash, below the armpits, in the skirt. */
const CHEST_FOLDS = [
  [0.625, 36, 0.69, 48, 0.1],
  [0.625, -34, 0.68, -48, -0.1],
  [0.625, 150, 0.7, 138, 0.1],
  [0.625, -150, 0.69, -138, -0.1],
] as const;
const SKIRT_FOLDS = [-52, 44, 66, 140, 205, 250] as const;

function chestFolds(easel: Easel): string {
  if (easel.detail === 'plain') return '';
  const lines = CHEST_FOLDS.flatMap(([level, angle, toLevel, toAngle, bend]) => {
    const [a, b] = overCloth(easel, [
      [level, angle],
      [toLevel, toAngle],
    ]);
    return a && b ? [bow(a, b, bend)] : [];
  });
  return strokes(lines, easel.line * 0.75);
}

function skirtFolds(easel: Easel): string {
  if (easel.detail === 'plain') return '';
  const { camera, skeleton, h } = easel;
  const lines = SKIRT_FOLDS.flatMap((angle) => {
    const top = onCloth(easel, 0.578, angle, 0.018);
    const low = onCloth(easel, 0.545, angle, 0.026);
    if (dot(low.away, camera.viewer) < 0.08) return [];
    const hem: Vec = addScaled(low.place, skeleton.trunk.pelvis.up, -0.03 * h);
    return [bow(camera.spot(hem), camera.spot(top.place), 0.05)];
  });
  return strokes(lines, easel.line * 0.75);
}

export interface Jacket {
  /** All of it, in the order its parts lie over each other. */
  readonly drawn: string;
  readonly chest: readonly Flat[];
  readonly skirt: readonly Flat[];
}

/** The jacket with its sash. */
export function drawJacket(easel: Easel): Jacket {
  const { camera, skeleton, line } = easel;
  const [chest, skirt] = [chestOf(easel), skirtOf(easel)];
  const [above, below] = [traced(chest), traced(skirt)];
  const [inkAbove, inkBelow] = [inkUnder(above, line), inkUnder(below, line)];
  const upper = washed(easel, 'cloth', above) + chestFolds(easel) + drawCollar(easel);
  const lower = washed(easel, 'cloth', below) + skirtFolds(easel);
  const sash = drawSash(easel);
  // Seen from below, as in a fold from behind, the skirt hides the sash; seen from above the chest does.
  const along = dot(skeleton.trunk.abdomen.up, camera.viewer);
  const drawn =
    along < -0.45
      ? inked(inkAbove) + upper + sash + inked(inkBelow) + lower
      : along > 0.6
        ? inked(inkBelow) + lower + sash + inked(inkAbove) + upper
        : inked(inkAbove + inkBelow) + lower + upper + sash;
  return { chest, skirt, drawn };
}
