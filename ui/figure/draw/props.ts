import {
  addScaled,
  BALL_RADIUS,
  distance,
  middleOfFeet,
  mix,
  placeOfOther,
  propRow,
  scale,
  STAFF_HALF,
  sub,
  unit,
  type Skeleton,
  type Vec,
} from '@/core/body';
import { discSpots, hull, n } from '../outline';
import type { Camera, Spot } from '../view';
import { shape, type Easel } from './easel';
import type { Part } from './order';

/** Half the breadth, the height and the thickness of what is seen of a wall, shares of stature. */
const WALL = { half: 0.34, tall: 1.08, thick: 0.02 } as const;
/** How thick a staff is; it lies in the hollow of the palm. */
const STAFF = { radius: 0.0085, inPalm: 0.012, stations: 13 } as const;
/** How far from the palms' middle a ball begins. */
const PALM_THICK = 0.012;

/** The upright middle line of everything that stands round the body, metres. */
function middleOn({ goals, build }: Skeleton): { readonly x: number; readonly z: number } {
  const { x, z } = middleOfFeet(goals);
  return { x: x * build.statureM, z: z * build.statureM };
}

/** The corners of the wall a body leans on or touches; none without one. */
export function wallCorners(skeleton: Skeleton): readonly Vec[] {
  const { goals, build } = skeleton;
  const ahead = goals.with && propRow(goals.with).wallAhead?.(goals.base);
  if (ahead === undefined || goals.withShare === 0) return [];
  const middle = middleOn(skeleton);
  const h = build.statureM;
  const away = ahead + Math.sign(ahead) * WALL.thick;
  return [ahead, away].flatMap((z) =>
    [-WALL.half, WALL.half].flatMap((x) =>
      [-0.006, WALL.tall].map((y): Vec => [middle.x + x * h, y * h, middle.z + z * h]),
    ),
  );
}

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

/** The eyes with which somebody else is seen, who does the same: the same picture, from where they stand. */
export function othersSeen(
  skeleton: Skeleton,
  camera: Camera,
): readonly { readonly camera: Camera; readonly depth: number }[] {
  const { goals, build, trunk } = skeleton;
  if (!goals.with || goals.withShare === 0) return [];
  return propRow(goals.with).others.map((other) => {
    const place = placeOfOther(other, goals.base, middleOn(skeleton), build.statureM);
    const turn = (other.turnDeg * Math.PI) / 180;
    const [sin, cos] = [Math.sin(turn), Math.cos(turn)];
    const [vx, vy, vz] = camera.viewer;
    const seen: Camera = {
      ...camera,
      spot: (one: Vec): Spot => camera.spot(place(one)),
      viewer: [vx * cos + vz * sin, vy, vz * cos - vx * sin],
    };
    return { camera: seen, depth: seen.spot(trunk.midHip).depth };
  });
}
