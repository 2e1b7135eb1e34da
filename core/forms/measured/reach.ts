import { distance, dot, mirror, solvePosture, type Posture, type Side } from '../../body';
import {
  flowOrder,
  placePoint,
  point,
  POINTS,
  readRoute,
  type PointCode,
  type RouteLeg,
} from '../../channels';
import { strokePostures } from '../writing/embody';
import { strokesOf } from '../model/variants';
import { type Form } from '../model/model';
import { type VariantId } from '../model/terms';
import { TOUCHED } from './touched';

/** A palm covers what lies within this of its middle, centimetres (from memory: half a hand's breadth). */
export const PALM_COVERS_CM = 3.5;
/** A hand that covers more points than this is told by the nearest. */
const NEAREST = 3;

/** Both ways round, where a form has sides: the bodies are written for the left. */
function endsOf(form: Form, variant: VariantId): readonly Posture[] {
  const strokes = strokesOf(form, variant);
  const ends = strokes.flatMap((stroke) => strokePostures(stroke, variant).slice(-1));
  return form.sides === 'symmetric' ? ends : [...ends, ...ends.map(mirror)];
}

/** Points of the rest of the body: a hand does not come to its own arm. */
const isOnArm = (code: PointCode): boolean =>
  ['LU', 'LI', 'HT', 'SI', 'PC', 'TE'].includes(point(code).channel ?? '');

/** The points a palm rests on in one posture, nearest first, at most three for each hand. */
export function pointsUnderPalms(posture: Posture): readonly PointCode[] {
  const body = solvePosture(posture);
  const found: PointCode[] = [];
  for (const side of ['left', 'right'] as const satisfies readonly Side[]) {
    const { palm, hand } = body.arms[side];
    const near = POINTS.filter((row) => row.channel !== undefined).flatMap((row) => {
      const places = (['left', 'right'] as const).flatMap((owner) =>
        owner === side && isOnArm(row.code) ? [] : placePoint(body, row.code, owner),
      );
      const gaps = places
        .filter((place) => dot(place.away, hand.fwd) < -0.4)
        .map((place) => distance(place.place, palm) * 100);
      const gap = Math.min(...gaps, Infinity);
      return gap <= PALM_COVERS_CM ? [{ code: row.code, gap }] : [];
    });
    near.sort((a, b) => a.gap - b.gap);
    for (const { code } of near.slice(0, NEAREST)) if (!found.includes(code)) found.push(code);
  }
  return found;
}

/** The points the palms of a form come to at the ends of its strokes, measured on its solved postures. */
export function measureTouched(form: Form, variant: VariantId): readonly PointCode[] {
  return [...new Set(endsOf(form, variant).flatMap(pointsUnderPalms))];
}

export const REACH_WAYS = ['named', 'palm', 'route', 'channel'] as const;
export type ReachWay = (typeof REACH_WAYS)[number];

const touchedBy = (form: Form): readonly PointCode[] => {
  const table: Readonly<Record<string, readonly PointCode[]>> = TOUCHED;
  return table[form.id] ?? [];
};

type Stretches = readonly RouteLeg['along'][number][];

/** The stretches of channels a form's route follows. */
const stretchesOf = (form: Form): Stretches => readRoute(form.route ?? []).flatMap((leg) => leg.along);

/** Whether a route passes a point: its place in the flow lies between the ends of a stretch. */
function passes(stretches: Stretches, code: PointCode): boolean {
  const { channel } = point(code);
  const place = flowOrder(code);
  return stretches.some(
    (one) =>
      one.channel === channel &&
      place >= Math.min(one.fromPlace, one.toPlace) &&
      place <= Math.max(one.fromPlace, one.toPlace),
  );
}

function wayOf(form: Form, stretches: Stretches, code: PointCode): ReachWay | undefined {
  if (form.points.includes(code)) return 'named';
  if (touchedBy(form).includes(code)) return 'palm';
  if (passes(stretches, code)) return 'route';
  const { channel } = point(code);
  return form.channels.some((reach) => reach.channel === channel) ? 'channel' : undefined;
}

/** How a form reaches a point, strongest way first; undefined where it does not. */
export const reachOf = (form: Form, code: PointCode): ReachWay | undefined =>
  wayOf(form, stretchesOf(form), code);

/** A point a form reaches, and by what. */
export interface Reached {
  readonly code: PointCode;
  readonly way: ReachWay;
}

/** Every point a form reaches by name, palm or route, in flow order. */
export function pointsReached(form: Form): readonly Reached[] {
  const stretches = stretchesOf(form);
  return POINTS.flatMap(({ code }) => {
    const way = wayOf(form, stretches, code);
    return way === undefined || way === 'channel' ? [] : [{ code, way }];
  });
}
