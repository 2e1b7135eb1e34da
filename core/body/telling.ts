import type { Goals } from './goals';
import { goalsAt, type Movement } from './motion';
import { solveGoals, type Skeleton } from './solve';
import type { Vec } from './vector';

/**
 * What of a movement is seen from a side: the way its joints go across the picture, as far as the body does not hide it.
 */

/** Moments at which a movement is looked at. */
const LOOKS = [0, 0.2, 0.4, 0.6, 0.8, 1] as const;
/** What goes on behind the trunk counts as so much of what is in front of it. */
const HIDDEN = 0.35;
/** Half the breadth of what the trunk hides, and how far behind it something must be, m. */
const TRUNK = { half: 0.2, behind: 0.08 } as const;

const jointsOf = ({ arms, legs, trunk }: Skeleton): readonly Vec[] => [
  trunk.head,
  trunk.midHip,
  ...(['left', 'right'] as const).flatMap((side) => [
    arms[side].palm,
    arms[side].palm,
    arms[side].elbow,
    legs[side].knee,
    legs[side].heel,
  ]),
];

/**
 * How far the joints of a movement are seen to go, m, from `yawDeg` round the body from the front towards its left; both
 * hands count twice. 0 where nothing moves across the picture.
 */
export function tellingOf(movement: Movement, yawDeg: number): number {
  const yaw = (yawDeg * Math.PI) / 180;
  const [sin, cos] = [Math.sin(yaw), Math.cos(yaw)];
  const bodies = LOOKS.map((share) => solveGoals(goalsAt(movement, share)));
  return bodies.slice(1).reduce((sum, body, look) => {
    const before = jointsOf(bodies[look] ?? body);
    const [hx, , hz] = body.trunk.midHip;
    return (
      sum +
      jointsOf(body).reduce((way, [x, y, z], index) => {
        const [px, py, pz] = before[index] ?? [x, y, z];
        const across = (x - px) * cos - (z - pz) * sin;
        const nearer = (x - hx) * sin + (z - hz) * cos;
        const beside = Math.abs((x - hx) * cos - (z - hz) * sin);
        const isHidden = nearer < -TRUNK.behind && beside < TRUNK.half;
        return way + Math.hypot(across, y - py) * (isHidden ? HIDDEN : 1);
      }, 0)
    );
  }, 0);
}

/** Only one part of what a body does, the rest as it stands before. */
export type Limbs = 'feet' | 'hands';

/** The goals of a body that does only what the feet do, or only what the hands do; the rest is as in `rest`. */
export function onlyOf(limbs: Limbs, goals: Goals, rest: Goals): Goals {
  const { left, right, sinkDeg, weight, along, hipsTurnDeg, tuckDeg, base } = limbs === 'feet' ? goals : rest;
  return {
    ...(limbs === 'feet' ? rest : goals),
    left,
    right,
    sinkDeg,
    weight,
    along,
    hipsTurnDeg,
    tuckDeg,
    base,
  };
}
