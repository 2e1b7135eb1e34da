import {
  addScaled,
  ringAt,
  scale,
  trunkAt,
  trunkSurface,
  type Frame,
  type Skeleton,
  type Vec,
} from '@/core/body';
import type { FigureSeatId } from '@/core/customs/looks';
import type { Detail } from '../detail';
import { hull, ringSpots, type Ring } from '../outline';
import type { Camera, Spot } from '../view';
import { brush, fillOf, inkUnder, traced, washOn, type Flat, type Traced } from './nib';

/** What every part of the figure is drawn with. */
export interface Easel {
  readonly camera: Camera;
  readonly skeleton: Skeleton;
  /** Stature in metres and in picture units. */
  readonly h: number;
  readonly u: number;
  readonly line: number;
  readonly detail: Detail;
  /** Girth of body and cloth against the usual. */
  readonly girth: number;
  readonly hair: 'hair' | 'grey';
  readonly seat: FigureSeatId;
}

export type Stuff = 'cloth' | 'skin' | 'shoe' | 'hair' | 'grey' | 'sash' | 'wood' | 'dark' | 'pin';

export const fill = (stuff: Stuff, path: string): string =>
  path === '' ? '' : `<path class="fig-${stuff}" d="${path}"/>`;

export const inked = (path: string): string => (path === '' ? '' : `<path class="fig-ink" d="${path}"/>`);

/** Strokes of the brush, as one element. */
export const strokes = (lines: readonly (readonly Flat[])[], width: number): string =>
  inked(lines.map((line) => brush(line, width)).join(''));

/** How deep the wash lies, as a share of stature. */
const WASH = 0.03;

/** The fill of an outline, with the wash where there is room to see it. */
export function washed(easel: Easel, stuff: Stuff, outline: Traced): string {
  const shaded = stuff === 'cloth' && easel.detail !== 'plain';
  return (
    fill(stuff, fillOf(outline)) +
    (shaded ? `<path class="fig-wash" d="${washOn(outline, WASH * easel.u)}"/>` : '')
  );
}

/** One shape: ink under it, its fill and its wash. `pressure` lifts the nib where a shape grows out of another. */
export function shape<S extends Flat>(
  easel: Easel,
  stuff: Stuff,
  outline: readonly S[],
  line = easel.line,
  pressure?: (spot: S) => number,
): string {
  const trace = traced(outline);
  return inked(inkUnder(trace, line, pressure)) + washed(easel, stuff, trace);
}

/** The outline of a solid swept through rings. */
export const swept = (camera: Camera, rings: readonly Ring[], extra: readonly Spot[] = []): readonly Spot[] =>
  hull([...rings.flatMap((ring) => ringSpots(camera, ring)), ...extra]);

/** The trunk's ring at a level, wider by a share of stature. */
export function bandRing({ skeleton, h, girth }: Easel, level: number, wider: number): Ring {
  const { centre, frame } = trunkAt(skeleton.trunk, level);
  const ring = ringAt(level);
  return {
    centre: addScaled(centre, frame.fwd, ring.ahead * h),
    a: scale(frame.left, (ring.breadth * girth + wider) * h),
    b: scale(frame.fwd, (ring.depth * girth + wider) * h),
  };
}

/** A place on the jacket: a level, degrees round from the front, and how far off the body. */
export function onCloth(
  { skeleton, h, girth }: Easel,
  level: number,
  angle: number,
  off: number,
): { readonly place: Vec; readonly away: Vec } {
  const { place, away } = trunkSurface(skeleton.trunk, h, level, angle);
  return { place: addScaled(place, away, (off + (girth - 1) * 0.07) * h), away };
}

export const ringRound = (frame: Frame, centre: Vec, wide: number, deep: number): Ring => ({
  centre,
  a: scale(frame.left, wide),
  b: scale(frame.fwd, deep),
});
