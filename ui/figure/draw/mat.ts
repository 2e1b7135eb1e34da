import { restingOn, type Vec } from '@/core/body';
import { n } from '../outline';
import { shape, type Easel } from './easel';

/** Half the breadth of a mat, and how far it lies before and behind the hips, as shares of stature. */
const LONG = { across: 0.2, ahead: 0.56, behind: 0.56 } as const;
const SHORT = { across: 0.27, ahead: 0.24, behind: 0.2 } as const;
const FOURS = { across: 0.2, ahead: 0.44, behind: 0.36 } as const;

/** What a body at rest on the floor rests on: a mat with the soft shadow of the body; nothing for one that stands or sits. */
export function drawMat(easel: Easel): string {
  const { camera, h, skeleton, line } = easel;
  const { base } = skeleton.goals;
  const row = restingOn(base);
  if (!row) return '';
  const { across, ahead, behind } = row.isLying ? LONG : base === 'fours' ? FOURS : SHORT;
  const corner = (x: number, z: number): Vec => [x * h, -0.006 * h, z * h];
  const corners = [
    corner(across, ahead),
    corner(-across, ahead),
    corner(-across, -behind),
    corner(across, -behind),
  ].map((place) => camera.spot(place));
  const [a, b] = [corner(0, ahead * 0.86), corner(0, -behind * 0.86)].map((place) => camera.spot(place));
  const shadow =
    a && b
      ? `<ellipse class="fig-shadow" cx="${n((a.x + b.x) / 2)}" cy="${n((a.y + b.y) / 2)}" rx="${n(
          Math.max(Math.abs(a.x - b.x) / 2, across * 0.7 * easel.u),
        )}" ry="${n(Math.max(Math.abs(a.y - b.y) / 2, 0.03 * easel.u))}" fill-opacity="0.22"/>`
      : '';
  return shape(easel, 'wood', corners, line * 0.6) + shadow;
}
