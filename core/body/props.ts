import type { Base, Prop } from './posture';
import { isOnSoles } from './resting';
import type { Vec } from './vector';

/**
 * What a posture is done with besides one's own body: something held, something leaned on, or other people. What stands
 * round the body stands about the middle of its feet; lengths are shares of stature.
 */

/** How far ahead of the middle of the feet stands what one's palms meet: a wall, or the palms of somebody opposite. */
export const oppositeAhead = (base: Base): number => (isOnSoles(base) ? 0.33 : 0.27);
/** How far behind it stands a wall one's back leans on. */
export const WALL_BEHIND = 0.082;
/** People stand in a ring as if there were nine of them. */
const RING_OF = 9;
/** How far aside the palm is that a neighbour's palm meets. */
export const NEIGHBOUR_ASIDE = 0.31;
/** How far below the shoulders. */
export const NEIGHBOUR_DOWN = 0.27;
/** Half the length of a staff: held before one it reaches from the hip to over the head. */
export const STAFF_HALF = 0.36;
/** The thickest and the thinnest ball two palms hold. */
export const BALL_RADIUS = { least: 0.03, most: 0.085 } as const;

/** Somebody else, who does the same: turned about an upright line so far ahead. */
interface Other {
  readonly turnDeg: number;
  readonly axisAhead: (base: Base) => number;
}

const RING_TURN = 360 / RING_OF;
/** The neighbours' palms meet halfway round between two people. */
const RING_RADIUS = NEIGHBOUR_ASIDE / Math.tan((RING_TURN * Math.PI) / 360);

/** Who does the same with one, by what a posture is done with. */
export function othersWith(prop: Prop): readonly Other[] {
  if (prop === 'partner') return [{ turnDeg: 180, axisAhead: oppositeAhead }];
  if (prop !== 'ring') return [];
  return [RING_TURN, -RING_TURN].map((turnDeg) => ({ turnDeg, axisAhead: () => RING_RADIUS }));
}

/** Where a wall stands, ahead (+) or behind (−); none without one. */
export function wallAheadOf(prop: Prop, base: Base): number | undefined {
  if (prop === 'wall') return oppositeAhead(base);
  return prop === 'wall behind' ? -WALL_BEHIND : undefined;
}

/** Where a place of one's own body is on somebody else's, who does the same; metres about the middle of one's feet. */
export function placeOfOther(
  { turnDeg, axisAhead }: Other,
  base: Base,
  middle: { readonly x: number; readonly z: number },
  statureM: number,
): (place: Vec) => Vec {
  const turn = (turnDeg * Math.PI) / 180;
  const [sin, cos] = [Math.sin(turn), Math.cos(turn)];
  const [ax, az] = [middle.x, middle.z + axisAhead(base) * statureM];
  return ([x, y, z]) => {
    const [dx, dz] = [x - ax, z - az];
    return [ax + dx * cos - dz * sin, y, az + dx * sin + dz * cos];
  };
}
