import { goalsAt, solveGoals, type Movement } from '@/core/body';
import { at } from './outline';
import { cameraOn, type Spot, type View } from './view';

/** Length of the two strokes of the head at the end of a way, picture units, and how far they open, radians. */
const HEAD = { long: 11, open: 0.5 } as const;
/** A way shorter than this is no way, picture units. */
const LEAST = 14;

function headAt(end: Spot, before: Spot): string {
  const from = Math.atan2(before.y - end.y, before.x - end.x);
  const side = (turn: number): string =>
    at({ x: end.x + HEAD.long * Math.cos(from + turn), y: end.y + HEAD.long * Math.sin(from + turn) });
  return `M${side(HEAD.open)}L${at(end)}L${side(-HEAD.open)}`;
}

/** Where both hands go during a movement, as dry brush dots; with a small head at the end where `heads`. */
export function pathsMarkup(movement: Movement, view: View, statureM: number, heads = false): string {
  const start = movement.keys[0];
  if (!start) return '';
  const camera = cameraOn(view, start, statureM);
  return (['left', 'right'] as const)
    .map((side) => {
      const spots = Array.from({ length: 13 }, (_, index) =>
        camera.spot(solveGoals(goalsAt(movement, index / 12)).arms[side].palm),
      );
      const [end, before] = [spots[12], spots[11]];
      const long = spots.reduce(
        (sum, { x, y }, index) =>
          sum + Math.hypot(x - (spots[index - 1]?.x ?? x), y - (spots[index - 1]?.y ?? y)),
        0,
      );
      if (long < LEAST) return '';
      const head =
        heads && end && before
          ? `<path class="fig-path fig-path-head" stroke-width="3" d="${headAt(end, before)}"/>`
          : '';
      return `<path class="fig-path" stroke-width="3" d="M${spots.map(at).join('L')}"/>${head}`;
    })
    .join('');
}
