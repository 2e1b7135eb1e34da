import { dot, type Side, type Skeleton } from '@/core/body';
import {
  channel,
  countedWays,
  isPointCode,
  placeCourse,
  placePoint,
  point,
  type ChannelId,
  type PointCode,
  type SkinPlace,
} from '@/core/channels';
import { organ, type PhaseId } from '@/core/phases';
import { at, n } from './outline';
import type { Camera } from './view';

/** What lies over the figure. */
export interface Overlay {
  readonly channels: readonly ChannelId[];
  readonly points: readonly PointCode[];
  readonly chosen?: PointCode | undefined;
  /** Picture units of what is one unit wide at the usual size: less when looked at closely. */
  readonly fine?: number;
}

const SIDES: readonly Side[] = ['left', 'right'];

/** The phase a channel is drawn in; the two vessels belong to none and are drawn in ink. */
export function phaseOfChannel(id: ChannelId | undefined): PhaseId | undefined {
  const owner = id && channel(id).organ;
  return owner && organ(owner).phase;
}

const inkOf = (id: ChannelId | undefined): string => {
  const phase = phaseOfChannel(id);
  return phase ? `var(--${phase})` : 'var(--ink)';
};

const faces = (place: SkinPlace, camera: Camera): boolean => dot(place.away, camera.viewer) > 0.02;

/** A line over the skin: solid where it faces the viewer, faint where it runs behind. */
function lineMarkup(line: readonly SkinPlace[], camera: Camera): string {
  const runs: { near: boolean; places: SkinPlace[] }[] = [];
  for (const place of line) {
    const near = faces(place, camera);
    const last = runs[runs.length - 1];
    if (last?.near === near) last.places.push(place);
    else {
      // A run begins where the one before ended, so that the line has no gap.
      const joint = last?.places[last.places.length - 1];
      runs.push({ near, places: joint ? [joint, place] : [place] });
    }
  }
  return runs
    .filter((run) => run.places.length > 1)
    .map(
      (run) =>
        `<path class="${run.near ? 'fig-channel' : 'fig-channel fig-far'}" d="M${run.places
          .map((place) => at(camera.spot(place.place)))
          .join('L')}"/>`,
    )
    .join('');
}

function courseMarkup(skeleton: Skeleton, camera: Camera, id: ChannelId, fine: number): string {
  const sides = channel(id).organ ? SIDES : SIDES.slice(0, 1);
  const lines = sides.flatMap((side) => placeCourse(skeleton, id, side));
  return `<g color="${inkOf(id)}" stroke-width="${(2.2 * fine).toFixed(2)}">${lines.map((line) => lineMarkup(line, camera)).join('')}</g>`;
}

function pointMarkup(
  skeleton: Skeleton,
  camera: Camera,
  code: PointCode,
  { chosen, fine }: { readonly chosen: boolean; readonly fine: number },
): string {
  const row = point(code);
  const sides = row.midline ? SIDES.slice(0, 1) : SIDES;
  const places = sides.flatMap((side) => placePoint(skeleton, code, side));
  const dots = places.map((place) => {
    const spot = camera.spot(place.place);
    const near = faces(place, camera);
    const [x, y] = [n(spot.x), n(spot.y)];
    const ring = chosen
      ? `<circle class="fig-ring" cx="${x}" cy="${y}" r="${(7 * fine).toFixed(2)}" stroke-width="${(1.6 * fine).toFixed(2)}"/>`
      : '';
    const size = `r="${((chosen ? 3.6 : 2.6) * fine).toFixed(2)}" stroke-width="${(0.8 * fine).toFixed(2)}"`;
    return `${ring}<circle class="${near ? 'fig-point' : 'fig-point fig-far'}" data-point="${code}" cx="${x}" cy="${y}" ${size}/>`;
  });
  return `<g color="${inkOf(row.channel)}">${dots.join('')}</g>`;
}

/** Half as long as a mark across a counted distance is, picture units. */
const MARK = 4;

/** How a point is measured, on the side that is seen better: the way from its landmark, marked at each whole cùn. */
function measuredMarkup(skeleton: Skeleton, camera: Camera, code: PointCode, fine: number): string {
  const sides = point(code).midline ? SIDES.slice(0, 1) : SIDES;
  const seen = sides
    .map((side) => ({
      side,
      toViewer: dot(placePoint(skeleton, code, side)[0]?.away ?? [0, 0, 0], camera.viewer),
    }))
    .sort((a, b) => b.toViewer - a.toViewer)[0];
  if (!seen) return '';
  const size = (units: number): string => (units * fine).toFixed(2);
  return countedWays(skeleton, code, seen.side)
    .map(({ count, way, marks }) => {
      const spots = way.map(({ place }) => camera.spot(place));
      const across = marks.map(({ place }, index) => {
        const spot = camera.spot(place);
        // Across the way as it goes there: from a little before to a little after.
        const about = Math.round((index / Math.max(1, marks.length - 1)) * (spots.length - 1));
        const [from, to] = [
          spots[Math.max(0, about - 1)] ?? spot,
          spots[Math.min(spots.length - 1, about + 1)] ?? spot,
        ];
        const long = Math.hypot(to.x - from.x, to.y - from.y) || 1;
        const [dx, dy] = [(-(to.y - from.y) / long) * MARK * fine, ((to.x - from.x) / long) * MARK * fine];
        return `M${n(spot.x - dx)} ${n(spot.y - dy)}L${n(spot.x + dx)} ${n(spot.y + dy)}`;
      });
      const middle = spots[Math.floor(spots.length / 2)];
      const label = middle
        ? `<text class="fig-cun" x="${n(middle.x + 9 * fine)}" y="${n(middle.y + 4 * fine)}" font-size="${size(13)}">${count.cun} cùn</text>`
        : '';
      return `<path class="fig-measure" stroke-width="${size(1.4)}" d="M${spots.map(at).join('L')}"/><path class="fig-measure" stroke-width="${size(1.4)}" d="${across.join('')}"/>${label}`;
    })
    .join('');
}

/** Channels and points over a figure, as markup for the same `svg`. */
export function overlayMarkup(skeleton: Skeleton, camera: Camera, overlay: Overlay): string {
  const { chosen, fine = 1 } = overlay;
  const rest = overlay.points.filter((code) => code !== chosen);
  return (
    overlay.channels.map((id) => courseMarkup(skeleton, camera, id, fine)).join('') +
    rest.map((code) => pointMarkup(skeleton, camera, code, { chosen: false, fine })).join('') +
    (chosen ? measuredMarkup(skeleton, camera, chosen, fine) : '') +
    (chosen ? pointMarkup(skeleton, camera, chosen, { chosen: true, fine }) : '')
  );
}

/** A press farther than this from every point means none, picture units at the usual size. */
const NEAR = 12;

/** The point of a drawn overlay nearest to a press: those facing the viewer before those behind. */
export function pointAt(
  figure: SVGSVGElement,
  press: { readonly clientX: number; readonly clientY: number },
  fine = 1,
): PointCode | undefined {
  const matrix = figure.getScreenCTM();
  if (!matrix) return undefined;
  const spot = new DOMPoint(press.clientX, press.clientY).matrixTransform(matrix.inverse());
  const found = [...figure.querySelectorAll<SVGCircleElement>('circle[data-point]')]
    .map((circle) => ({
      code: circle.dataset['point'],
      far: circle.classList.contains('fig-far'),
      gap: Math.hypot(circle.cx.baseVal.value - spot.x, circle.cy.baseVal.value - spot.y),
    }))
    .filter(({ gap }) => gap <= NEAR * fine)
    .sort((a, b) => Number(a.far) - Number(b.far) || a.gap - b.gap)[0];
  return found?.code === undefined || !isPointCode(found.code) ? undefined : found.code;
}
