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

interface PropRow {
  readonly id: Prop;
  /** As it is said after a form's name: "with a ball". */
  readonly label: string;
  /** What somebody needs who wants to do it. */
  readonly needs: string;
  readonly others: readonly Other[];
  /** Where a wall stands, ahead (+) or behind (−). */
  readonly wallAhead?: (base: Base) => number;
}

const RING_TURN = 360 / RING_OF;
/** The neighbours' palms meet halfway round between two people. */
const RING_RADIUS = NEIGHBOUR_ASIDE / Math.tan((RING_TURN * Math.PI) / 360);

/** Everything a posture can be done with (common practice). */
const PROPS = [
  { id: 'ball', label: 'with a ball', needs: 'a light ball', others: [] },
  { id: 'staff', label: 'with a staff', needs: 'a staff as long as from the floor to the ribs', others: [] },
  { id: 'wall', label: 'at a wall', needs: 'a wall', others: [], wallAhead: oppositeAhead },
  {
    id: 'wall behind',
    label: 'with the back to a wall',
    needs: 'a wall',
    others: [],
    wallAhead: () => -WALL_BEHIND,
  },
  {
    id: 'partner',
    label: 'with a partner',
    needs: 'a partner',
    others: [{ turnDeg: 180, axisAhead: oppositeAhead }],
  },
  {
    id: 'ring',
    label: 'in a ring',
    needs: 'a ring of people',
    others: [
      { turnDeg: RING_TURN, axisAhead: () => RING_RADIUS },
      { turnDeg: -RING_TURN, axisAhead: () => RING_RADIUS },
    ],
  },
] as const satisfies readonly PropRow[];

export const propRow = (prop: Prop): PropRow => PROPS.find(({ id }) => id === prop) ?? PROPS[0];

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
