import { dot, type Side, type Skeleton } from '@/core/body';
import {
  channel,
  countedWays,
  faceOf,
  isPointCode,
  placeCourse,
  placePoint,
  point,
  type ChannelId,
  type PointCode,
  type SkinPlace,
} from '@/core/channels';
import { organ, type PhaseId } from '@/core/phases';
import { at, n, through } from './outline';
import { veilFor } from './veil';
import type { Camera } from './view';

/** What lies over the figure. */
export interface Overlay {
  readonly channels: readonly ChannelId[];
  readonly points: readonly PointCode[];
  readonly chosen?: PointCode | undefined;
  /** On which of the body's sides; both where nothing is said. What lies on its middle is always shown. */
  readonly sides?: readonly Side[];
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

/** What is seen of the skin: it faces the viewer, and nothing stands before it. */
type Seen = (place: SkinPlace) => boolean;

function seenBy(skeleton: Skeleton, camera: Camera): Seen {
  const isVeiled = veilFor(skeleton, camera);
  return (place) => dot(place.away, camera.viewer) > 0.02 && !isVeiled(place);
}

interface Run {
  readonly near: boolean;
  readonly places: SkinPlace[];
}

/** The stretches of a line that are seen, and those that are not. */
function runsOf(line: readonly SkinPlace[], isSeen: Seen): readonly Run[] {
  const runs: Run[] = [];
  for (const place of line) {
    const near = isSeen(place);
    const last = runs[runs.length - 1];
    if (last?.near === near) last.places.push(place);
    else {
      // A run begins where the one before ended, so that the line has no gap.
      const joint = last?.places[last.places.length - 1];
      runs.push({ near, places: joint ? [joint, place] : [place] });
    }
  }
  return runs.filter((run) => run.places.length > 1);
}

/** A line over the skin: solid where it is seen, faint where it runs behind. */
const lineMarkup = (runs: readonly Run[], camera: Camera): string =>
  runs
    .map(
      (run) =>
        `<path class="${run.near ? 'fig-channel' : 'fig-channel fig-far'}" d="${through(
          run.places.map(({ place }) => camera.spot(place)),
        )}"/>`,
    )
    .join('');

/** Where on a stretch a name may stand, its middle first. */
const NAMED_AT = [0.5, 0.35, 0.65, 0.2, 0.8, 0.05, 0.95];

/** Where a name begins, on its line, picture units. */
interface NameSpot {
  readonly x: number;
  readonly y: number;
}

/** Whether two names of two letters lie over each other: they are set in letters of 9 units, seven tenths as wide. */
const meets = (a: NameSpot, b: NameSpot, fine: number): boolean =>
  Math.abs(a.x - b.x) < 14 * fine && Math.abs(a.y - b.y) < 9 * fine;

/**
 * The name of a channel beside a stretch of it that is seen, the longest first, and over no name that stands already; none
 * where nothing is seen or everything is taken.
 */
function nameMarkup(runs: readonly Run[], { camera, fine, names }: Sight, id: ChannelId): string {
  const spot = runs
    .filter(({ near }) => near)
    .toSorted((a, b) => b.places.length - a.places.length)
    .flatMap(({ places }) => NAMED_AT.flatMap((share) => places[Math.floor(share * places.length)] ?? []))
    .map(({ place }): NameSpot => {
      const { x, y } = camera.spot(place);
      return { x: x + 7 * fine, y: y + 4 * fine };
    })
    .find((one) => !names.some((other) => meets(one, other, fine)));
  if (!spot) return '';
  names.push(spot);
  return `<text class="fig-cun" x="${n(spot.x)}" y="${n(spot.y)}" font-size="${(9 * fine).toFixed(2)}">${id}</text>`;
}

/** Yang channels, over the outer side of a limb, are broken lines, so that a pair of one colour is told apart. */
const BROKEN = 'stroke-dasharray="5 3"';

interface Sight {
  readonly skeleton: Skeleton;
  readonly camera: Camera;
  readonly isSeen: Seen;
  readonly sides: readonly Side[];
  readonly fine: number;
  /** Where names stand already. */
  readonly names: NameSpot[];
}

function courseMarkup(sight: Sight, id: ChannelId, isNamed: boolean): string {
  const { skeleton, camera, isSeen, sides, fine } = sight;
  const isPaired = channel(id).organ !== undefined;
  const drawn = (isPaired ? sides : SIDES.slice(0, 1)).map((side) =>
    placeCourse(skeleton, id, side).map((line) => runsOf(line, isSeen)),
  );
  const broken = isNamed && isPaired && faceOf(id) === 'outer' ? BROKEN : '';
  const lines = drawn.flat().map((runs) => lineMarkup(runs, camera));
  const name = isNamed ? nameMarkup(drawn.flat(2), sight, id) : '';
  return `<g color="${inkOf(id)}" stroke-width="${(2.2 * fine).toFixed(2)}" ${broken}>${lines.join('')}</g>${name}`;
}

function pointMarkup(
  { skeleton, camera, isSeen, sides, fine }: Sight,
  code: PointCode,
  chosen: boolean,
): string {
  const row = point(code);
  const places = (row.midline ? SIDES.slice(0, 1) : sides).flatMap((side) =>
    placePoint(skeleton, code, side),
  );
  const dots = places.map((place) => {
    const spot = camera.spot(place.place);
    const near = isSeen(place);
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
function measuredMarkup({ skeleton, camera, sides, fine }: Sight, code: PointCode): string {
  const seen = (point(code).midline ? SIDES.slice(0, 1) : sides)
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
  const { chosen, fine = 1, sides = SIDES } = overlay;
  const sight: Sight = { skeleton, camera, isSeen: seenBy(skeleton, camera), sides, fine, names: [] };
  const rest = overlay.points.filter((code) => code !== chosen);
  // One channel alone needs no name: the page says whose it is.
  const isNamed = overlay.channels.length > 1;
  return (
    overlay.channels.map((id) => courseMarkup(sight, id, isNamed)).join('') +
    rest.map((code) => pointMarkup(sight, code, false)).join('') +
    (chosen ? measuredMarkup(sight, chosen) : '') +
    (chosen ? pointMarkup(sight, chosen, true) : '')
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
