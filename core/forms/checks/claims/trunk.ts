import type { Skeleton } from '../../../body';
import {
  does,
  first,
  last,
  type Deed,
  type Measured,
  returns,
  sits,
  type ClaimRow,
  type Evidence,
} from './evidence';

/** What the trunk and the head do: turn, lean and bow, rise tall and sink. */

const DEG = 180 / Math.PI;
/** Towards the side spoken of, degrees: of the chest, and of the face. */
const turnDeg = (body: Skeleton, side: Evidence['side']): number => {
  const sign = side === 'left' ? 1 : -1;
  const yaw = ([x, , z]: Skeleton['mass']): number => sign * Math.atan2(x, z) * DEG;
  return Math.max(yaw(body.trunk.thorax.fwd), yaw(body.trunk.headFrame.fwd));
};
const leanDeg = (body: Skeleton): number =>
  Math.atan2(body.trunk.thorax.up[2], body.trunk.thorax.up[1]) * DEG;
/** Towards the side spoken of, degrees from upright. */
const sideDeg = (body: Skeleton, side: Evidence['side']): number => {
  const sign = side === 'left' ? 1 : -1;
  const tilt = ([x, y]: Skeleton['mass']): number => sign * Math.atan2(x, y) * DEG;
  return Math.max(tilt(body.trunk.thorax.up), tilt(body.trunk.headFrame.up));
};
const head = (body: Skeleton): number => body.trunk.head[1];
/** How far a measure grows after the stroke has begun: it ends there, or comes back within the stroke. */
const grows = (evidence: Evidence, of: (body: Skeleton) => number): number =>
  Math.max(...evidence.bodies.map(of)) - of(first(evidence));
/** The head rises, cm; where the words come back within the stroke, at its highest. */
const risesCm = (evidence: Evidence): number =>
  100 * (returns(evidence) ? grows(evidence, head) : head(last(evidence)) - head(first(evidence)));
/** How far it grows, and to where: a turn back from the other side is no turn to this one. */
const comesTo = (evidence: Evidence, of: (body: Skeleton) => number): number =>
  Math.min(grows(evidence, of), Math.max(...evidence.bodies.map(of)));
/** How far chest, face and head are from facing the front upright, degrees. */
const asideDeg = (body: Skeleton): number =>
  Math.max(...(['left', 'right'] as const).flatMap((side) => [turnDeg(body, side), sideDeg(body, side)]));
const degrees = (gotDeg: number, wantedDeg: number, deed: Deed): Measured | undefined =>
  gotDeg >= wantedDeg ? undefined : does(deed, gotDeg);

// prettier-ignore
export const TRUNK_CLAIMS = [
  { id: 'turns-to-side', words: /\b(?:turn|look|twine|twist|drift|wheel)\b[^.;:]*\b(?:to|over|past|towards) the \{side\}/i, test: (evidence) =>
    degrees(comesTo(evidence, (body) => turnDeg(body, evidence.side)), 5, 'turns-that-way') },
  { id: 'bends-to-side', words: /(?:\blean\b|\bbend\b|\{side\} ear sinks)[^.;:]*?to(?:wards)? the (?:\{side\}|shoulder)/i, test: (evidence) =>
    degrees(comesTo(evidence, (body) => sideDeg(body, evidence.side)), 4, 'bends-that-way') },
  { id: 'looks-about', words: /\blook about you\b/i, test: (evidence) =>
    degrees(Math.max(grows(evidence, (body) => turnDeg(body, 'left')), grows(evidence, (body) => turnDeg(body, 'right'))), 8, 'looks-round') },
  { id: 'looks-to-a-side', words: /\blook(?: a little)? to (?:one|the other) side\b/i, test: ({ bodies }) =>
    degrees(asideDeg(last({ bodies })), 6, 'looks-round') },
  { id: 'comes-to-the-middle', words: /\b(?:(?:come|look) (?:back|home)|unwind)\b(?! down)[^.:]*(?:to the (?:front|middle)|waist)|\brest the eyes in the middle\b/i, test: ({ bodies }) => {
    const aside = asideDeg(last({ bodies }));
    return aside <= 9 ? undefined : does('stays-aside', aside);
  } },
  { id: 'bows', words: /\b(?:bow from the hips|small bow|roll down|slide down the backs|reach out long)\b/i, test: (evidence) =>
    degrees(grows(evidence, leanDeg), 4, 'leans') },
  { id: 'back-rounds', words: /\b(?:the back rounds|round the back(?! of))\b/i, test: (evidence) =>
    degrees(grows(evidence, (body) => body.goals.roundDeg), 4, 'back-rounds') },
  { id: 'stands-tall', words: /\b(?:grow tall|crown (?:lifts|floats up|is hung)|stand and let|the back grows long)\b/i, test: (evidence) => {
    const rise = risesCm(evidence);
    return rise >= -0.2 ? undefined : does('head-sinks', -rise);
  } },
  { id: 'body-sinks', words: /\bknees (?:sink|soften|give|go)\b|^sink\b|\b(?:everything sink|sit back and sink|sink and gather|hang a little heavier|soles spread and sink in|sit a little deeper)\b/i, test: (evidence) => {
    const sunk = 100 * Math.max(...evidence.bodies.map((body) => head(first(evidence)) - head(body)));
    // A pulse sinks between the samples, and in a chair the knees say nothing.
    if (evidence.strokes.some(({ rounds }) => rounds > 1) || sits(last(evidence))) return undefined;
    return sunk >= 0.15 ? undefined : does('head-sinks', sunk);
  } },
] as const satisfies readonly ClaimRow[];
