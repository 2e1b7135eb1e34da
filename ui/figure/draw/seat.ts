import { share } from '@/core/body';
import { tube, type Ring } from '../outline';
import { fill, inked, shape, swept, type Easel } from './easel';

/** Half width and depth of the stool's seat, and where its legs stand, as shares of stature. */
const STOOL = { wide: 0.148, deep: 0.098, legAcross: 0.128, legDeep: 0.07, splay: 0.018 } as const;

/** The stool somebody sits on. */
export function drawStool(easel: Easel): string {
  const { camera, h, line } = easel;
  const seat = share('seat') * h;
  const ring = (y: number): Ring => ({
    centre: [0, y, -0.01 * h],
    a: [STOOL.wide * h, 0, 0],
    b: [0, 0, STOOL.deep * h],
  });
  const leg = (across: number, deep: number, thick: number): string =>
    tube(
      camera.spot([across * STOOL.legAcross * h, seat - 0.02 * h, (deep * STOOL.legDeep - 0.01) * h]),
      2.2 + thick,
      camera.spot([across * (STOOL.legAcross + STOOL.splay) * h, 0, (deep * STOOL.legDeep - 0.01) * h]),
      1.8 + thick,
    );
  const legs = (thick: number): string =>
    [leg(1, 1, thick), leg(1, -1, thick), leg(-1, 1, thick), leg(-1, -1, thick)].join('');
  const board = swept(camera, [ring(seat - 0.004 * h), ring(seat - 0.024 * h)]);
  return inked(legs(line * 0.6)) + fill('wood', legs(0)) + shape(easel, 'wood', board, line * 0.8);
}
