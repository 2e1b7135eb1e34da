import {
  addScaled,
  BALL_RADIUS,
  distance,
  mix,
  scale,
  STAFF_HALF,
  sub,
  unit,
  type Skeleton,
  type Vec,
} from '@/core/body';
import { wallCorners } from '../company';
import { discSpots, hull, n } from '../outline';
import { shape, type Easel } from './easel';
import type { Part } from './order';

/** How thick a staff is; it lies in the hollow of the palm. */
const STAFF = { radius: 0.0085, inPalm: 0.012, stations: 13 } as const;
/** How far from the palms' middle a ball begins. */
const PALM_THICK = 0.012;

/** A wall as a pale leaf, and whether it stands nearer than the body. */
export function drawWall(easel: Easel): { readonly markup: string; readonly isNear: boolean } {
  const { camera, skeleton } = easel;
  const corners = wallCorners(skeleton).map((corner) => camera.spot(corner));
  if (corners.length === 0) return { markup: '', isNear: false };
  const outline = hull(corners);
  const path = `M${outline.map(({ x, y }) => `${n(x)} ${n(y)}`).join('L')}Z`;
  const depth = corners.reduce((sum, corner) => sum + corner.depth, 0) / corners.length;
  const isNear = depth > camera.spot(skeleton.trunk.midHip).depth;
  return { markup: faded(`<path class="fig-wall" d="${path}"/>`, skeleton.goals.withShare), isNear };
}

const faded = (markup: string, share: number): string =>
  share >= 1 ? markup : `<g opacity="${share.toFixed(2)}">${markup}</g>`;

/** What both hands hold, as a part among the others; none where nothing is held. */
export function heldPart({ camera, skeleton, u, h }: Easel): Part<'held'> | undefined {
  const { goals, arms } = skeleton;
  if (goals.withShare < 0.5) return undefined;
  if (goals.with === 'ball') {
    const { middle, radius, isTouched } = ballOf(skeleton);
    // Between a form and the next the hands are empty.
    if (!isTouched) return undefined;
    return { name: 'held', balls: [{ ...camera.spot(middle), r: (radius / h) * u }] };
  }
  if (goals.with !== 'staff') return undefined;
  const [from, to] = staffOf(skeleton);
  if (distance(arms.left.palm, arms.right.palm) < 0.02) return undefined;
  return {
    name: 'held',
    balls: Array.from({ length: STAFF.stations }, (_, index) => ({
      ...camera.spot(mix(from, to, index / (STAFF.stations - 1))),
      r: STAFF.radius * u,
    })),
  };
}

/** The ball between the palms: as large as they are apart, within what a ball is. */
function ballOf({ arms, build }: Skeleton): {
  readonly middle: Vec;
  readonly radius: number;
  readonly isTouched: boolean;
} {
  const h = build.statureM;
  const { left, right } = arms;
  const [a, b] = [left, right].map(({ palm, hand }) => addScaled(palm, hand.fwd, PALM_THICK * h));
  const [one, other] = [a ?? left.palm, b ?? right.palm];
  const half = distance(one, other) / 2;
  const radius = Math.min(BALL_RADIUS.most * h, Math.max(BALL_RADIUS.least * h, half));
  return { middle: mix(one, other, 0.5), radius, isTouched: half <= BALL_RADIUS.most * h * 1.2 };
}

/** Both ends of the staff that lies in the palms. */
function staffOf({ arms, build }: Skeleton): readonly [Vec, Vec] {
  const h = build.statureM;
  const [a, b] = ([arms.left, arms.right] as const).map(({ palm, hand }) =>
    addScaled(palm, hand.fwd, STAFF.inPalm * h),
  ) as [Vec, Vec];
  const along = unit(sub(b, a));
  const middle = mix(a, b, 0.5);
  return [addScaled(middle, scale(along, -1), STAFF_HALF * h), addScaled(middle, along, STAFF_HALF * h)];
}

/** The ball or the staff itself. */
export function drawHeld(easel: Easel): string {
  const { skeleton, line, u, h, camera } = easel;
  if (skeleton.goals.with === 'ball') {
    const { middle, radius } = ballOf(skeleton);
    return shape(easel, 'cloth', discSpots(camera.spot(middle), (radius / h) * u), line * 0.7);
  }
  const ends = staffOf(skeleton).map((end) => camera.spot(end));
  return shape(easel, 'wood', hull(ends.flatMap((end) => discSpots(end, STAFF.radius * u))), line * 0.6);
}
