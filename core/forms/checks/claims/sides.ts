import { distance, otherSide, type Side, type Skeleton } from '../../../body';
import {
  alongRoute,
  does,
  first,
  heelCm,
  type Deed,
  type Measured,
  last,
  type ClaimRow,
  type Evidence,
} from './evidence';

/** Which side does what the words say: the hand that moves, the foot that is in front, the way it all goes. */

/** The farthest a palm goes along its route, as the chest stands, metres. */
function handMoves(evidence: Evidence, side: Side): number {
  const { bodies } = alongRoute(evidence);
  const place = (body: Skeleton): Skeleton['mass'] => {
    const { palm } = body.arms[side];
    const { thoracic } = body.trunk;
    return [palm[0] - thoracic[0], palm[1] - thoracic[1], palm[2] - thoracic[2]];
  };
  const start = place(first({ bodies }));
  return Math.max(...bodies.map((body) => distance(place(body), start)));
}
/** The farthest a toe or a heel comes from where it began, metres. */
function footMoves({ bodies }: Evidence, side: Side): number {
  const { toe, heel } = first({ bodies }).legs[side];
  return Math.max(
    ...bodies.map(({ legs }) => Math.max(distance(legs[side].toe, toe), distance(legs[side].heel, heel))),
  );
}
const named = (match: RegExpExecArray, { side }: Evidence): Side =>
  /other/i.test(match[1] ?? '') ? otherSide(side) : side;
const sign = (side: Side): number => (side === 'left' ? 1 : -1);
/** Metres the hands are to a side of the hips, both together. */
const handsAside = (body: Skeleton, side: Side): number =>
  sign(side) * ((body.arms.left.palm[0] + body.arms.right.palm[0]) / 2 - body.trunk.midHip[0]);
const wrong = (right: boolean, deed: Deed): Measured | undefined => (right ? undefined : does(deed));

// prettier-ignore
export const SIDE_CLAIMS = [
  { id: 'foot-in-front', words: /\{(side|other)\} foot (?:is )?in front/i, test: (evidence, match) => {
    const side = named(match, evidence);
    return wrong(last(evidence).legs[side].ankle[2] > last(evidence).legs[otherSide(side)].ankle[2], 'other-foot-in-front');
  } },
  { id: 'foot-that-moves', words: /\{(side|other)\} (?:leg swing|sole on the floor|foot peels)/i, test: (evidence, match) => {
    const side = named(match, evidence);
    return wrong(footMoves(evidence, side) > footMoves(evidence, otherSide(side)), 'other-foot');
  } },
  { id: 'hand-at-the-nape', words: /\{(side|other)\} palm to the back of the neck/i, test: (evidence, match) => {
    const { arms } = last(evidence);
    const side = named(match, evidence);
    return wrong(arms[side].palm[1] > arms[otherSide(side)].palm[1], 'other-hand-there');
  } },
  { id: 'hand-that-is-worked-on', words: /(?:inside of the|outer|inner|edge of the|centre of the|each|thumb side to the|little) \{(side)\} (?:arm|palm|finger|thumb)|down to the \{(side)\} little finger/i, test: (evidence) =>
    wrong(handMoves(evidence, otherSide(evidence.side)) >= handMoves(evidence, evidence.side), 'held-arm-moves') },
  { id: 'hand-that-draws-the-bow', words: /\bdraw the bow to the \{(side)\}/i, test: (evidence) => {
    const reach = (side: Side): number => distance(last(evidence).arms[side].palm, last(evidence).arms[side].shoulder);
    return wrong(reach(evidence.side) > reach(otherSide(evidence.side)), 'other-arm-long');
  } },
  { id: 'hands-to-a-side', words: /\b(?:up (?:to|towards) the|up on the|across and down to the) \{(side|other)\}/i, test: (evidence, match) => {
    const most = Math.max(...evidence.bodies.slice(-3).map((body) => handsAside(body, named(match, evidence))));
    return wrong(most > 0.03, 'hands-on-other-side');
  } },
  { id: 'palms-on-a-side', words: /\bto the \{(side)\} collarbone\b/i, test: (evidence) => {
    const { side } = evidence;
    const aside = alongRoute(evidence).bodies.map(({ arms, trunk }) => Math.max(...(['left', 'right'] as const).filter((one) => arms[one].palm[1] > trunk.thoracic[1] + 0.1).map((one) => sign(side) * (arms[one].palm[0] - trunk.neck[0])), -Infinity));
    return wrong(Math.max(...aside) > 0.04, 'hand-on-other-side');
  } },
  { id: 'sways-to-a-side', words: /\bsway to the \{(side)\}/i, test: ({ bodies, side }) => {
    const gone = Math.max(...bodies.map((body) => sign(side) * (body.mass[0] - first({ bodies }).mass[0])));
    return wrong(gone > 0.01, 'sways-other-way');
  } },
  { id: 'heel-presses-forward', words: /\bheel (?:presses|slides) (?:slowly )?forward\b/i, test: (evidence) => {
    const ahead = (body: Skeleton): number => body.legs[evidence.side].heel[2];
    const forwardCm = 100 * (ahead(last(evidence)) - ahead(first(evidence)));
    return forwardCm > 5 ? undefined : does('heel-stays', forwardCm);
  } },
  { id: 'heel-that-rises', words: /\{(side|other)\} heel (?:rises|peels up)/i, test: (evidence, match) => {
    const side = named(match, evidence);
    const up = (one: Side): number => Math.max(...evidence.bodies.map((body) => heelCm(body, one)));
    return wrong(up(side) > up(otherSide(side)), 'other-heel');
  } },
] as const satisfies readonly ClaimRow[];
