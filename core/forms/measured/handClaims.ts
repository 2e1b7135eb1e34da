import { distance, goalsAt, mix, solveGoals, type Build, type Side, type Vec } from '../../body';
import { placePoint, point, type PointCode } from '../../channels';
import { type Form } from '../model/model';
import { type VariantId } from '../model/terms';
import { movingForm } from './measure';
import { isOnArm, pointsPassed, touchedPoints } from './reach';

/**
 * What a form says its hands come to, held against where they come: a hand that taps, rubs, traces, presses or holds a
 * point is within a hand's breadth of it on every body, or it does not say so of that way of doing it.
 */

/** A hand within this of a point is on it, centimetres (from memory: a point is covered by a thumb's breadth or two). */
export const ON_POINT_CM = 6;
/** Small, usual and large (the 5th, 50th and 95th in a hundred, roughly; from memory). */
export const THREE_BUILDS: readonly Build[] = [
  { statureM: 1.52, girth: 0.9, massKg: 50 },
  { statureM: 1.7, girth: 1, massKg: 65 },
  { statureM: 1.88, girth: 1.14, massKg: 92 },
];
const SIDES: readonly Side[] = ['left', 'right'];
const BY_HAND: readonly Form['channels'][number]['how'][] = ['tap', 'press', 'hold', 'trace'];
/** Families that are done by the hands, whatever is said of their channels. */
const OF_HANDS: readonly Form['family'][] = ['percussion route', 'self-massage', 'channel tracing'];
/** Looked at so many times in a stroke. */
const LOOKS = 24;

/** The points a form says its hands are on. */
export function pointsByHand(form: Form): readonly PointCode[] {
  const how = (code: PointCode): Form['channels'][number]['how'] | undefined =>
    form.channels.find(({ channel }) => channel === point(code).channel)?.how;
  return form.points.filter((code) => {
    const way = how(code);
    return way === undefined ? OF_HANDS.includes(form.family) : BY_HAND.includes(way);
  });
}

/** How near any part of a hand comes to a place, cm. */
function gapCm({ wrist, palm, fingertip }: { wrist: Vec; palm: Vec; fingertip: Vec }, place: Vec): number {
  const places = [palm, ...[0, 0.25, 0.5, 0.75, 1].map((t) => mix(wrist, fingertip, t))];
  return Math.min(...places.map((one) => distance(one, place))) * 100;
}

/** How near a form brings a hand, or the floor under a sole, to its points on one body, cm, by point. */
function nearestOn(form: Form, variant: VariantId, codes: readonly PointCode[], build: Build) {
  const nearest = new Map<PointCode, number>();
  for (const { movement, rounds, part } of movingForm(form, variant)) {
    if (part !== 'cycle') continue;
    for (let look = 0; look <= LOOKS; look += 1) {
      // Of a stroke that pulses two rounds tell all.
      const body = solveGoals(goalsAt(movement, (look / LOOKS) * Math.min(1, 2 / rounds)), build);
      for (const code of codes)
        for (const owner of SIDES)
          for (const { place, away } of placePoint(body, code, owner)) {
            const hands = SIDES.filter((side) => side !== owner || !isOnArm(code));
            const onFloor = away[1] < -0.6 ? place[1] * 100 : Infinity;
            const gap = Math.min(onFloor, ...hands.map((side) => gapCm(body.arms[side], place)));
            if (gap < (nearest.get(code) ?? Infinity)) nearest.set(code, gap);
          }
    }
  }
  return nearest;
}

/** The widest of the three bodies' gaps between hands and points in a way of doing a form, cm. */
export function nearestGaps(
  form: Form,
  variant: VariantId,
  codes: readonly PointCode[],
): ReadonlyMap<PointCode, number> {
  const gaps = THREE_BUILDS.map((build) => nearestOn(form, variant, codes, build));
  return new Map(
    codes.map((code) => [code, Math.max(...gaps.map((nearest) => nearest.get(code) ?? Infinity))]),
  );
}

/** Every point the hands of a form are said to come to: named, passed by a route they go, or measured under a palm. */
export function saidTouched(form: Form): readonly PointCode[] {
  const byHand = form.channels.some(({ how }) => BY_HAND.includes(how)) || OF_HANDS.includes(form.family);
  const route = byHand ? pointsPassed(form) : [];
  return [...new Set([...pointsByHand(form), ...route, ...touchedPoints(form)])];
}

/** The points a way of doing a form is said to bring its hands to, and does not on every body, with the widest gap in cm. */
export function measureUntouched(form: Form, variant: VariantId): readonly { code: PointCode; cm: number }[] {
  const codes = saidTouched(form);
  if (codes.length === 0) return [];
  const gaps = nearestGaps(form, variant, codes);
  return codes.flatMap((code) => {
    const cm = gaps.get(code) ?? Infinity;
    return cm > ON_POINT_CM ? [{ code, cm }] : [];
  });
}
