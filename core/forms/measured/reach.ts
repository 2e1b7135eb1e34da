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
import { keptByWay } from '../model/keptByWay';
import { strokesOf } from '../model/variants';
import { type Form } from '../model/model';
import { type VariantId } from '../model/terms';
import { TOUCHED } from './touched';
import { UNTOUCHED } from './untouched';

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

/** The last point on the arm of the channels that begin or end there: beyond it they run over trunk and head (WHO 2008). */
const ON_ARM: Readonly<Record<string, readonly [from: number, to: number]>> = {
  LU: [3, 11],
  LI: [1, 15],
  HT: [2, 9],
  SI: [1, 9],
  PC: [2, 9],
  TE: [1, 14],
};
/** Whether a point lies on the arm: a hand does not come to its own. */
export function isOnArm(code: PointCode): boolean {
  const [, channel = '', number = '0'] = /^([A-Z]+)(\d+)$/.exec(code) ?? [];
  const span = ON_ARM[channel];
  return span !== undefined && Number(number) >= span[0] && Number(number) <= span[1];
}

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

/** The points a form's palms come to in its full way, as measured. */
export const touchedPoints = (form: Form): readonly PointCode[] => {
  const table: Readonly<Record<string, readonly PointCode[]>> = TOUCHED;
  return table[form.id] ?? [];
};

const untouchedKept = new Map<string, ReadonlySet<string>>();

/** The points a way of doing a form does not bring its hands to, though the form is known for them: see `handClaims.ts`. */
function untouchedIn({ id }: Form, variant: VariantId): ReadonlySet<string> {
  const kept = untouchedKept.get(`${id} ${variant}`);
  if (kept) return kept;
  const table: Readonly<Record<string, Partial<Record<VariantId, string>>>> = UNTOUCHED;
  const told = table[id]?.[variant] ?? '';
  // "SP5–9 KI3" is SP5, SP6 … SP9 and KI3.
  const codes = [...told.matchAll(/([A-Z-]*[A-Z])(\d+)(?:–(\d+))?/g)].flatMap(
    ([, channel = '', from = '', to = from]) =>
      Array.from({ length: Number(to) - Number(from) + 1 }, (_, step) => `${channel}${Number(from) + step}`),
  );
  const set = new Set(codes);
  untouchedKept.set(`${id} ${variant}`, set);
  return set;
}

/** The points named of a form, without those its hands do not come to in this way of doing it. */
export function pointsOf(form: Form, variant: VariantId): readonly PointCode[] {
  const missed = untouchedIn(form, variant);
  return missed.size === 0 ? form.points : form.points.filter((code) => !missed.has(code));
}

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

/** Every point a form's route passes, in flow order. */
export function pointsPassed(form: Form): readonly PointCode[] {
  const stretches = stretchesOf(form);
  return stretches.length === 0 ? [] : POINTS.flatMap(({ code }) => (passes(stretches, code) ? [code] : []));
}

function wayOf(form: Form, variant: VariantId, stretches: Stretches, code: PointCode): ReachWay | undefined {
  if (!untouchedIn(form, variant).has(code)) {
    if (form.points.includes(code)) return 'named';
    if (touchedPoints(form).includes(code)) return 'palm';
    if (passes(stretches, code)) return 'route';
  }
  const { channel } = point(code);
  return form.channels.some((reach) => reach.channel === channel) ? 'channel' : undefined;
}

/** How a way of doing a form reaches a point, strongest way first; undefined where it does not. */
export const reachOf = (form: Form, code: PointCode, variant: VariantId = 'full'): ReachWay | undefined =>
  wayOf(form, variant, stretchesOf(form), code);

/** A point a form reaches, and by what. */
export interface Reached {
  readonly code: PointCode;
  readonly way: ReachWay;
}

const reachedIn = keptByWay((form, variant): readonly Reached[] => {
  const stretches = stretchesOf(form);
  return POINTS.flatMap(({ code }) => {
    const way = wayOf(form, variant, stretches, code);
    return way === undefined || way === 'channel' ? [] : [{ code, way }];
  });
});

/** Every point a way of doing a form reaches by name, palm or route, in flow order. */
export const pointsReached = (form: Form, variant: VariantId = 'full'): readonly Reached[] =>
  reachedIn(form, variant);
