import { middleOfFeet, othersWith, placeOfOther, wallAheadOf, type Skeleton, type Vec } from '@/core/body';
import type { Camera, Spot } from './view';

/** Where others and walls stand round a body: what has to be in the picture, without the drawing of it. */

/** Half the breadth, the height and the thickness of what is seen of a wall, shares of stature. */
const WALL = { half: 0.34, tall: 1.08, thick: 0.02 } as const;
/** The upright middle line of everything that stands round the body, metres. */
function middleOn({ goals, build }: Skeleton): { readonly x: number; readonly z: number } {
  const { x, z } = middleOfFeet(goals);
  return { x: x * build.statureM, z: z * build.statureM };
}

/** The corners of the wall a body leans on or touches; none without one. */
export function wallCorners(skeleton: Skeleton): readonly Vec[] {
  const { goals, build } = skeleton;
  const ahead = goals.with && wallAheadOf(goals.with, goals.base);
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

/** The eyes with which somebody else is seen, who does the same: the same picture, from where they stand. */
export function othersSeen(
  skeleton: Skeleton,
  camera: Camera,
): readonly { readonly camera: Camera; readonly depth: number }[] {
  const { goals, build, trunk } = skeleton;
  if (!goals.with || goals.withShare === 0) return [];
  return othersWith(goals.with).map((other) => {
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
