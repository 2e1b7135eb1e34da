import { distance, otherSide, type Side, type Skeleton } from '../../../body';
import { does, first, last, type ClaimRow, type Evidence, type Measured } from './evidence';

/** Words that name a hand, a foot or a side as the one that does it: then it is that one, and not the other. */

/** So much more the other may move before the words are wrong, metres: a foot, a hand. */
const SLACK_M = 0.02;
const SWINGS_M = 0.12;
/** A hand is at home by its own hip or thigh, metres. */
const HOME_M = 0.24;
const GOES_HOME = /\b(?:sinks?|home|down|hangs?|behind|on the hip)\b/i;
const LIGHT = 0.42;
const HEAVY = 0.55;
const LEANS_DEG = 2;
const AHEAD_M = 0.03;

const named = (match: RegExpExecArray, { side }: Evidence): Side =>
  /other/i.test(match[1] ?? '') ? otherSide(side) : side;
const sign = (side: Side): number => (side === 'left' ? 1 : -1);
const wrong = (right: boolean, deed: Parameters<typeof does>[0]): Measured | undefined =>
  right ? undefined : does(deed);

/** The farthest a part comes from where it began, as the chest stands, metres. */
function moves({ bodies }: Pick<Evidence, 'bodies'>, of: (body: Skeleton) => Skeleton['mass']): number {
  const place = (body: Skeleton): Skeleton['mass'] => {
    const [x, y, z] = of(body);
    const [cx, cy, cz] = body.trunk.thoracic;
    return [x - cx, y - cy, z - cz];
  };
  const start = place(first({ bodies }));
  return Math.max(...bodies.map((body) => distance(place(body), start)));
}
const armMoves = (evidence: Evidence, side: Side): number =>
  Math.max(
    moves(evidence, ({ arms }) => arms[side].palm),
    moves(evidence, ({ arms }) => arms[side].shoulder),
  );
const isHome = (body: Skeleton, side: Side): boolean => {
  const { hip, knee } = body.legs[side];
  const [x, y, z] = hip;
  const thigh: Skeleton['mass'] = [(x + knee[0]) / 2, (y + knee[1]) / 2, (z + knee[2]) / 2];
  const { palm } = body.arms[side];
  return Math.min(distance(palm, hip), distance(palm, thigh)) < HOME_M;
};
/** What is said of the one that is named, up to the next comma. */
const clauseOf = ({ input, index }: RegExpExecArray): string =>
  input.slice(index + 2).split(/[;,.:]/)[0] ?? '';
const legMoves = ({ bodies }: Evidence, side: Side): number => {
  const { toe, heel, knee } = first({ bodies }).legs[side];
  return Math.max(
    ...bodies.map(({ legs }) =>
      Math.max(
        distance(legs[side].toe, toe),
        distance(legs[side].heel, heel),
        distance(legs[side].knee, knee),
      ),
    ),
  );
};
/** How far a palm is ahead of the chest, metres. */
const ahead = (body: Skeleton, side: Side): number => body.arms[side].palm[2] - body.trunk.thoracic[2];
const most = ({ bodies }: Evidence, of: (body: Skeleton) => number): number => Math.max(...bodies.map(of));

// prettier-ignore
export const NAMED_CLAIMS = [
  { id: 'named-arm-moves', words: /(?:^|[;:,] |\btimes )(?:the )?\{(side|other)\} (?:hollow |little )?(?:hand|palm|arm|fist|claw|wing|thumb)\b(?! (?:rises to the shoulder|floats up to the|glides|out, the|turns up before))(?! (?:turns up and (?:in|spirals)|goes along|a little ahead|ahead|lies|on|as a|open|rests? in the valley|and hip))/i, test: (evidence, match) => {
    const side = named(match, evidence);
    const other = otherSide(side);
    // The other may be on its way home from its own turn; the one that is named has come away from there.
    if (isHome(last(evidence), side) !== isHome(last(evidence), other)) return wrong(isHome(last(evidence), other) || GOES_HOME.test(clauseOf(match)), 'other-hand');
    return wrong(armMoves(evidence, side) >= armMoves(evidence, other) - SWINGS_M, 'other-hand');
  } },
  { id: 'named-leg-moves', words: /(?:^|[;:,] |\b(?:and|empty) )(?:the )?\{(side|other)\} (?:foot|heel|leg|knee|toes)\b(?! (?:just touch|grows? light|carries|carry|in front|is|presses))/i, test: (evidence, match) => {
    const side = named(match, evidence);
    const carries = last(evidence).legs[otherSide(side)].weight >= 0.5;
    return wrong(carries || legMoves(evidence, side) >= legMoves(evidence, otherSide(side)) - SLACK_M, 'other-foot');
  } },
  { id: 'named-hand-ahead', words: /\{(side|other)\} (?:hand|palm|arm|one)[^.;]*\bahead\b/i, test: (evidence, match) => {
    const side = named(match, evidence);
    return wrong(ahead(last(evidence), side) > ahead(last(evidence), otherSide(side)) - AHEAD_M, 'other-hand');
  } },
  { id: 'hand-comes-to-the-other', words: /\{(side|other)\} (?:hollow )?(?:palm|thumb) (?:pats|rubs|kneads)/i, test: (evidence, match) => {
    // The one that is worked on keeps still, and the other comes over to it.
    const side = named(match, evidence);
    const across = (one: Side): number => most(evidence, ({ arms, trunk }) => -sign(one) * (arms[one].palm[0] - trunk.thoracic[0]));
    const low = (one: Side): number => most(evidence, ({ arms }) => -arms[one].palm[1]);
    return wrong(across(side) >= across(otherSide(side)) - AHEAD_M || low(side) > low(otherSide(side)) + AHEAD_M, 'other-hand');
  } },
  { id: 'draws-to-side', words: /\b(?:draw|draws)(?: a bow)? to the \{(side)\}|turn to the \{(side)\}, and draw/i, test: (evidence) => {
    const reach = (one: Side): number => distance(last(evidence).arms[one].palm, last(evidence).arms[one].shoulder);
    const long = reach(evidence.side) > reach(otherSide(evidence.side));
    const turned = sign(evidence.side) * last(evidence).goals.headTurnDeg > LEANS_DEG;
    return wrong(long || turned, 'other-arm-long');
  } },
  { id: 'weight-on-named', words: /\b(?:weight (?:on|over|into|to)|(?:sit|sit back|rest) on|on) the \{(side|other)\} (?:foot|leg|knee)\b/i, test: (evidence, match) => {
    const carried = last(evidence).legs[named(match, evidence)].weight;
    return carried >= (/little/i.test(match.input) ? 0.52 : HEAVY) ? undefined : does('weight-on-that-foot', carried * 100);
  } },
  { id: 'named-foot-light', words: /\{(side|other)\} (?:toes just touch|foot grows light)/i, test: (evidence, match) => {
    const carried = last(evidence).legs[named(match, evidence)].weight;
    return carried <= LIGHT ? undefined : does('weight-on-that-foot', carried * 100);
  } },
  { id: 'ear-to-side', words: /\bear (?:sinks|over)\b[^.;]*\{(side|other)\}|rolls to the \{(side|other)\}/i, test: (evidence, match) => {
    const side = /other/i.test(match[1] ?? match[2] ?? '') ? otherSide(evidence.side) : evidence.side;
    return wrong(sign(side) * last(evidence).goals.headTiltDeg > LEANS_DEG, 'bends-that-way');
  } },
  { id: 'leans-on-side', words: /\b(?:to meet|lean)\b[^.;]* on the \{(side)\}|\{(side)\} shoulder and hip/i, test: (evidence) =>
    wrong(sign(evidence.side) * last(evidence).goals.bendDeg > LEANS_DEG, 'bends-that-way') },
  { id: 'leans-from-side', words: /\blean away from the \{(side)\}/i, test: (evidence) =>
    wrong(-sign(evidence.side) * last(evidence).goals.bendDeg > LEANS_DEG, 'bends-that-way') },
  { id: 'hip-to-side', words: /\{(side)\} hip (?:slides|drifts)|hip drifts out, \{(side)\}/i, test: ({ bodies, side }) => {
    const gone = Math.max(...bodies.map((body) => sign(side) * (body.mass[0] - first({ bodies }).mass[0])));
    return wrong(gone > 0.01 || sign(side) * last({ bodies }).goals.bendDeg < -LEANS_DEG, 'sways-other-way');
  } },
  { id: 'ribs-or-pelvis-to-side', words: /\b(?:ribs|pelvis)\b[^.;]*\bto the \{(side)\}/i, test: (evidence) =>
    wrong(sign(evidence.side) * (last(evidence).goals.turnDeg + last(evidence).goals.bendDeg) > LEANS_DEG, 'turns-that-way') },
  { id: 'towards-named-knee', words: /\btowards the \{(side)\} knee\b/i, test: (evidence) =>
    wrong(sign(evidence.side) * last(evidence).goals.turnDeg > LEANS_DEG, 'turns-that-way') },
  { id: 'head-to-side', words: /\bhead\b[^.;]*\bto the \{(side)\}/i, test: (evidence) =>
    wrong(sign(evidence.side) * (last(evidence).goals.headTurnDeg + last(evidence).goals.headTiltDeg) > LEANS_DEG, 'turns-that-way') },
  { id: 'named-shoulder', words: /\{(side)\} (?:shoulder|elbow) (?:rolls|winds|lifts|floats)/i, test: (evidence) => {
    const up = (one: Side): number => most(evidence, ({ arms }) => arms[one].shoulder[1] + arms[one].elbow[1]);
    return wrong(up(evidence.side) > up(otherSide(evidence.side)), 'other-hand');
  } },
  { id: 'named-hand-higher', words: /\{(side|other)\} hand (?:behind the head|rises over the brow|by the ear)/i, test: (evidence, match) => {
    const side = named(match, evidence);
    const { arms } = last(evidence);
    return wrong(arms[side].palm[1] > arms[otherSide(side)].palm[1], 'other-hand-there');
  } },
  { id: 'named-wing-lower', words: /\{(side)\} wing sinks/i, test: (evidence) => {
    const { arms } = last(evidence);
    return wrong(arms[evidence.side].palm[1] < arms[otherSide(evidence.side)].palm[1], 'other-hand-there');
  } },
  { id: 'looks-along-side', words: /\blook along the \{(side)\}/i, test: (evidence) =>
    wrong(sign(evidence.side) * last(evidence).goals.headTurnDeg > LEANS_DEG, 'turns-that-way') },
] as const satisfies readonly ClaimRow[];
