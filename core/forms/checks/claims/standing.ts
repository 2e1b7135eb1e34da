import { otherSide } from '../../../body/sides';
import type { Side, Skeleton } from '../../../body';
import {
  anklesApart,
  does,
  first,
  heelCm,
  last,
  meanKneeDeg,
  SIDES,
  type ClaimRow,
  type Evidence,
} from './evidence';

/** Where the weight is, what the feet do and how deep the knees go. */

const WEIGHT_SLACK = 0.07;
const weights = ({ bodies }: Evidence): readonly number[] => bodies.map((body) => body.legs.left.weight);

const PARTS: Readonly<Record<string, number>> = {
  'a tenth': 0.1,
  'a third': 1 / 3,
  half: 0.5,
  'two thirds': 2 / 3,
  'seven tenths': 0.7,
  'eight tenths': 0.8,
  'nine tenths': 0.9,
};

/** How far ahead of the ankles the weight stands, metres. */
const ahead = (body: Skeleton): number =>
  body.mass[2] - (body.legs.left.ankle[2] + body.legs.right.ankle[2]) / 2;

/** The heaviest share either named foot comes to carry. */
function heaviest(evidence: Evidence, where: string): number {
  const carried = evidence.bodies.flatMap((body) => {
    const ahead = body.legs.left.ankle[2] - body.legs.right.ankle[2];
    const front: Side = ahead >= 0 ? 'left' : 'right';
    const named: readonly Side[] =
      where === 'front' ? [front] : where === 'back' ? [otherSide(front)] : SIDES;
    return named.map((side) => body.legs[side].weight);
  });
  return Math.max(...carried);
}

// prettier-ignore
export const STANDING_CLAIMS = [
  { id: 'weight-even', words: /weight even/i, test: (evidence) => {
    const off = Math.max(...weights(evidence).map((weight) => Math.abs(weight - 0.5)));
    return off <= WEIGHT_SLACK ? undefined : does('weight-on-one-foot', 50 + off * 100);
  } },
  { id: 'weight-share', words: /(a tenth|a third|half|two thirds|seven tenths|eight tenths|nine tenths)(?: of the weight)? (?:on|in|to) the (front|back|standing|other|one) (?:leg|foot)/i, test: (evidence, match) => {
    const wanted = PARTS[(match[1] ?? '').toLowerCase()] ?? 0.5;
    const got = heaviest(evidence, match[2] ?? '');
    return Math.abs(got - wanted) <= WEIGHT_SLACK ? undefined : does('weight-at-most', got * 100);
  } },
  { id: 'feet-planted', words: /feet (?:stay )?planted/i, test: ({ bodies }) => {
    const lifted = bodies.some((body) => SIDES.some((side) => body.legs[side].air > 0.05 || body.legs[side].toe[1] > 0.02));
    return lifted ? does('foot-leaves-floor') : undefined;
  } },
  { id: 'weight-moves', words: /weight (?:shifts|moves|flows|rolls)/i, test: (evidence) => {
    const all = evidence.bodies.map((body) => body.mass);
    const spread = Math.max(...all.map((a) => Math.max(...all.map((b) => Math.hypot(a[0] - b[0], a[2] - b[2])))));
    return spread > 0.05 ? undefined : does('weight-moves', spread * 100);
  } },
  { id: 'weight-to-side', words: /weight to the \{side\}/i, test: (evidence) => {
    const carried = last(evidence).legs[evidence.side].weight;
    return carried >= 0.6 ? undefined : does('weight-on-that-foot', carried * 100);
  } },
  { id: 'weight-off-side', words: /weight off the \{side\} foot/i, test: (evidence) => {
    const carried = last(evidence).legs[evidence.side].weight;
    return carried <= 0.2 ? undefined : does('weight-on-that-foot', carried * 100);
  } },
  { id: 'heels-rise', words: /heels rise|lift the heels/i, test: (evidence) => {
    const up = Math.max(...evidence.bodies.map((body) => Math.min(heelCm(body, 'left'), heelCm(body, 'right'))));
    return up > 1.5 ? undefined : does('heels-come-up', up);
  } },
  { id: 'heels-down', words: /heels? (?:stays? )?(?:down|drop|fall)/i, test: (evidence) => {
    const up = Math.max(heelCm(last(evidence), 'left'), heelCm(last(evidence), 'right'));
    return up < 1 ? undefined : does('heel-ends-up', up);
  } },
  { id: 'foot-forward', words: /(?:one foot|\{side\} foot) (?:steps )?(?:forward|in front)|short step forward/i, test: ({ bodies }) => {
    const ahead = Math.max(...bodies.map((body) => Math.abs(body.legs.left.ankle[2] - body.legs.right.ankle[2])));
    return ahead > 0.12 ? undefined : does('feet-front-to-back', ahead * 100);
  } },
  { id: 'wide-stance', words: /wide stance|horse stance/i, test: (evidence) => {
    const apart = Math.max(...evidence.bodies.map(anklesApart));
    return apart >= 1.4 ? undefined : does('shoulder-widths', apart);
  } },
  { id: 'knees-inside-feet', words: /knees inside the feet/i, test: ({ bodies }) => {
    const over = bodies.flatMap((body) => SIDES.map((side) => {
      const sign = side === 'left' ? 1 : -1;
      return sign * (body.legs[side].knee[0] - Math.max(sign * body.legs[side].ankle[0], sign * body.legs[side].toe[0]) * sign);
    }));
    const most = Math.max(...over);
    return most < 0.02 ? undefined : does('knee-outside-foot', most * 100);
  } },
  { id: 'one-foot-free', words: /leg floats|foot (?:floats|lifts|rises)|other is freed/i, test: ({ bodies }) =>
    bodies.some((body) => SIDES.some((side) => body.legs[side].air > 0.5)) ? undefined : does('feet-stay-down') },
  { id: 'knees-sink', words: /knees sink|sit low|sit back/i, test: (evidence) => {
    const bent = Math.max(...evidence.bodies.map((body) => Math.max(body.legs.left.kneeBendDeg, body.legs.right.kneeBendDeg)));
    return bent >= 20 ? undefined : does('knees-bend', bent);
  } },
  { id: 'hands-at-feet', words: /(?:pat|smooth|slide|draw)[^.]*\b(?:to|from) (?:the|both) (?:\w+ )?(?:toes|ankles|soles)\b/i, test: ({ bodies }) => {
    const low = Math.min(...bodies.map((body) => Math.min(body.arms.left.palm[1], body.arms.right.palm[1]))) * 100;
    return low <= 15 ? undefined : does('hands-over-floor', low);
  } },
  { id: 'hands-at-shins', words: /(?:pat|smooth|slide|draw)[^.]*\b(?:to the shins|from below the knees)\b/i, test: ({ bodies }) => {
    const gap = Math.min(...bodies.map((body) => Math.min(...SIDES.map((side) => body.arms[side].palm[1] - body.legs[side].knee[1])))) * 100;
    return gap <= 0 ? undefined : does('hands-over-knees', gap);
  } },
  { id: 'weight-goes-forward', words: /\b(?:roll|rock) (?:forward(?! and up)|to the balls)|weight forward/i, test: (evidence) => {
    const moved = ahead(last(evidence)) - ahead(first(evidence));
    return moved >= 0.01 ? undefined : does('weight-goes-forward', moved * 100);
  } },
  { id: 'weight-goes-back', words: /\b(?:roll|rock) back\b|\bsit back\b|weight back/i, test: (evidence) => {
    const moved = ahead(first(evidence)) - ahead(last(evidence));
    return moved >= 0.01 ? undefined : does('weight-goes-back', moved * 100);
  } },
  { id: 'foot-comes-up', words: /\{side\} (?:foot|knee|heel|leg) (?:peels up|rises|floats|lifts)|shake the \{side\} foot/i, test: ({ bodies, side }) => {
    const up = Math.max(...bodies.slice(1).map((body) => Math.max(heelCm(body, side), body.legs[side].toe[1] * 100)));
    const most = Math.max(heelCm(bodies[0] ?? last({ bodies }), side), 0);
    return up > 1.5 && up > most ? undefined : does('foot-comes-up', up);
  } },
  { id: 'foot-is-set-down', words: /set it down|foot and wings (?:sink|come down)|wings and (?:foot|heel) (?:sink|come down)/i, test: (evidence) => {
    const up = Math.max(heelCm(last(evidence), evidence.side), last(evidence).legs[evidence.side].toe[1] * 100);
    return up < 2 ? undefined : does('foot-ends-up', up);
  } },
  { id: 'shifts-to-side', words: /\bshift to the \{side\} foot/i, test: ({ bodies, side }) => {
    const carried = Math.max(...bodies.slice(1).map((body) => body.legs[side].weight));
    return carried >= 0.55 ? undefined : does('weight-on-that-foot', carried * 100);
  } },
  { id: 'rises', words: /roll up|stand tall|come up/i, test: (evidence) => {
    const rise = last(evidence).trunk.head[1] - first(evidence).trunk.head[1];
    return rise > 0.1 || meanKneeDeg(last(evidence)) < 12 ? undefined : does('head-rises', rise * 100);
  } },
] as const satisfies readonly ClaimRow[];
