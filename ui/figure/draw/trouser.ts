import { mix, type Leg } from '@/core/body';
import { shape, strokes, type Easel } from './easel';
import { limbOf, stationsOf, type Measure, type Station } from './limb';
import { between, bow, inside, type Flat } from './nib';
import type { Spot } from '../view';

/** Trousers: full at the thigh and the calf, gathered at the ankle. Shares of stature. */
const TROUSER: readonly Measure[] = [
  { along: 0.02, r: 0.058 },
  { along: 0.3, r: 0.058, sag: 0.008 },
  { along: 0.62, r: 0.053, sag: 0.014 },
  { along: 0.84, r: 0.049, sag: 0.012 },
  { along: 1, r: 0.047, sag: 0.008 },
  { along: 1.16, r: 0.047, sag: 0.01 },
  { along: 1.4, r: 0.05, sag: 0.018 },
  { along: 1.64, r: 0.05, sag: 0.022 },
  { along: 1.8, r: 0.045, sag: 0.016 },
  { along: 1.9, r: 0.034, sag: 0.006 },
];
const PLAIN = new Set([0.02, 0.3, 0.84, 1, 1.16, 1.64, 1.9]);

/** Joints of a leg as they are seen. */
export const legJoints = ({ camera }: Easel, leg: Leg): readonly [Spot, Spot, Spot] => [
  camera.spot(leg.hip),
  camera.spot(leg.knee),
  camera.spot(leg.ankle),
];

/** How far a bone lies across, so that cloth hangs from it: 0 upright, 1 level. */
export const lying = (way: readonly [number, number, number]): number =>
  Math.sqrt(Math.max(0, 1 - way[1] ** 2));

export function trouserStations(easel: Easel, leg: Leg): readonly Station[] {
  const measures = easel.detail === 'plain' ? TROUSER.filter(({ along }) => PLAIN.has(along)) : TROUSER;
  return stationsOf(legJoints(easel, leg), measures, easel.u * easel.girth, [
    lying(leg.thigh.up),
    lying(leg.shank.up),
  ]);
}

/**
 * One leg of the trousers. `under` is the jacket the leg comes out of: where it lies over the jacket, the
 * line of its root is lifted, so that thigh and hip are one.
 */
export function drawTrouser(easel: Easel, leg: Leg, under?: readonly Flat[]): string {
  const { line, u } = easel;
  const limb = limbOf(trouserStations(easel, leg), 0.35);
  const cloth = shape(easel, 'cloth', limb.outline, line, (spot) =>
    under && spot.along < 0.4 && inside(spot, under) ? 0 : 1,
  );
  if (easel.detail === 'plain') return cloth;
  const [, knee] = legJoints(easel, leg);
  const gather = easel.camera.spot(mix(leg.knee, leg.ankle, 0.9));
  const above = between(gather, knee, 0.24);
  const folds = limb.creases.map((crease) => crease.slice(0, 5));
  const cuffs = [-0.018, 0.014].map((aside) =>
    bow(
      { x: gather.x + aside * u, y: gather.y },
      { x: above.x + aside * 1.5 * u, y: above.y + Math.abs(aside) * 0.4 * u },
      aside < 0 ? 0.12 : -0.12,
    ),
  );
  return cloth + strokes([...folds, ...cuffs], line * 0.85);
}
