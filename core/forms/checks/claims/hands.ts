import { distance, otherSide, type Side, type Skeleton } from '../../../body';
import {
  alongRoute,
  does,
  first,
  last,
  outward,
  returns,
  SIDES,
  sits,
  type ClaimRow,
  type Deed,
  type Evidence,
  type Measured,
} from './evidence';

/** What the hands do: rise and sink, part and come together, go out and come home; which of them does it. */

/** Less than this is not moving, metres. */
const STILL_M = 0.03;
/** A ball between the hands, or a round of the arms, opens by no more than this at its least, metres. */
const BALL_M = 0.004;

const height = (body: Skeleton, side: Side): number => body.arms[side].palm[1];
const apart = (body: Skeleton): number => distance(body.arms.left.palm, body.arms.right.palm);
/** How far an elbow is behind its shoulder, as the chest faces. */
const behind = (body: Skeleton, side: Side): number => {
  const { elbow, shoulder } = body.arms[side];
  const ahead = body.trunk.thorax.fwd;
  return -(elbow[0] - shoulder[0]) * ahead[0] - (elbow[2] - shoulder[2]) * ahead[2];
};

type Measure = (body: Skeleton) => number;

/** How far a measure grows over the stroke; where the words come back within it, only the going counts. */
function grows(evidence: Evidence, of: Measure): number {
  const start = of(first(evidence));
  return returns(evidence) ? Math.max(...evidence.bodies.map(of)) - start : of(last(evidence)) - start;
}
const eitherGrows = (evidence: Evidence, of: (body: Skeleton, side: Side) => number): number =>
  Math.max(...SIDES.map((side) => grows(evidence, (body) => of(body, side))));
const eitherShrinks = (evidence: Evidence, of: (body: Skeleton, side: Side) => number): number =>
  eitherGrows(evidence, (body, side) => -of(body, side));
/** How far the travelling hand goes from the fingers of the held arm, metres; towards them is less than nothing. */
function alongArm(evidence: Evidence): number {
  const gap = (body: Skeleton | undefined): number =>
    body ? distance(body.arms[otherSide(evidence.side)].palm, body.arms[evidence.side].fingertip) : 0;
  const { bodies } = alongRoute(evidence);
  return gap(bodies.at(-1)) - gap(bodies[0]);
}

const HAND = String.raw`(?:hands?|palms?|arms?|wrists?|fists?|claws?|hooks?|wings?|bowl|paws?|fingers|they)`;
const words = (source: string): RegExp => new RegExp(source.replaceAll('HAND', HAND), 'i');
const atLeast = (gotM: number, wantedM: number, deed: Deed): Measured | undefined =>
  gotM >= wantedM ? undefined : does(deed, gotM * 100);

// prettier-ignore
const MOVING = [
  { id: 'hands-rise', words: words(String.raw`\bHAND\b(?:(?!\bsinks?\b|\bdown\b|\bpress|\bwide|\bturn|\bcrown\b)[^.;:,])*?\b(?:rises?|lifts?|climbs?|floats? up|glides? up|grows? up|draws? up|circle up|and rise|and up)\b|^(?:float|lift) (?:them |the \w+ )?(?:out and )?up\b|\bhold up the sky\b`), test: (evidence) =>
    atLeast(Math.max(eitherGrows(evidence, height), eitherGrows(alongRoute(evidence), height)), STILL_M, 'hands-rise') },
  { id: 'hands-sink', words: words(String.raw`\bHAND\b(?:(?!\brises?\b|\blifts?\b|\bup\b)[^.;:,])*?\b(?:sinks?|drops?|fall(?! back)|descend|comes? down|wash down|comb down|draw down|slide down|press(?:es)? down|brush past|poured down|swim down|smooth down)\b|\bpalms press\b`), test: (evidence) =>
    atLeast(eitherShrinks(evidence, height), STILL_M, 'hands-sink') },
  { id: 'down-the-legs', words: /^(?:smooth|slide|pat|wash)\b[^.]*\bdown\b(?![^.]*\b(?:arm|thumb|finger)s?\b)/i, test: (evidence) =>
    sits(last(evidence)) ? undefined : atLeast(eitherShrinks(alongRoute(evidence), height), 0, 'hands-go-down') },
  { id: 'up-the-legs', words: /^(?:draw|pat) up (?:the inner|the inside|the insides|along|from)\b/i, test: (evidence) =>
    sits(last(evidence)) ? undefined : atLeast(eitherGrows(alongRoute(evidence), height), STILL_M, 'hands-go-up') },
  { id: 'down-the-arm', words: /\b(?:smooth|stroke|pat|floats)\b[^.]*\bdown\b[^.]*\b(?:arm|thumb|little finger)\b/i, test: (evidence) =>
    alongArm(evidence) < 0 ? undefined : does('hand-goes-up-the-arm') },
  { id: 'up-the-arm', words: /\b(?:palm|stroke|pat|floats) up\b[^.]*\b(?:arm|outside)\b/i, test: (evidence) =>
    alongArm(evidence) > 0 ? undefined : does('hand-goes-down-the-arm') },
  { id: 'hands-spread', words: words(String.raw`\bHAND\b[^.;:]*\b(?:spread|apart|open wide|arms open|part the)\b|\bpart the branches\b|\bwipe outward\b`), test: (evidence) =>
    atLeast(Math.max(grows(evidence, apart), grows(alongRoute(evidence), apart)), STILL_M, 'hands-spread') },
  { id: 'hands-open', words: words(String.raw`\bHAND\b[^.;:]*\b(?:open (?:out|outward)|go out|unfurls?|unwinds?|glide out)\b`), test: (evidence) =>
    atLeast(eitherGrows(evidence, outward), STILL_M, 'hands-open') },
  { id: 'hands-together', words: words(String.raw`\b(?:palms?|hands?|wrists?|arms|backs of the hands)\b[^.;:]*\b(?:meet|together|cross|stack)\b|\bjoined palms\b|\bthey come together\b`), test: (evidence) => {
    const end = evidence.bodies.slice(2);
    const near = returns(evidence) ? Math.min(...end.map(apart)) : Math.min(...end.slice(-2).map(apart));
    return near <= 0.22 || grows(evidence, (body) => -apart(body)) >= 0.1 ? undefined : does('palms-stay-apart', near * 100);
  } },
  { id: 'hands-go-out', words: words(String.raw`\bHAND\b[^.;:]*\b(?:push(?:es)?(?: forward| away)?|grows forward|slides? forward|drifts? (?:half way )?out)\b|\breach (?:out|up)\b|\bpush the wave\b`), test: (evidence) =>
    atLeast(eitherGrows(evidence, (body, side) => Math.max(outward(body, side), distance(body.arms[side].palm, body.arms[side].shoulder))), STILL_M, 'hands-go-out') },
  { id: 'hands-come-home', words: words(String.raw`\bhands draw in\b|\b(?:bring it|draw it|hands circle|bring the fruit) (?:home|to the belly|into the belly)\b|\bhome (?:across|to) the belly\b|\bfolds? (?:back )?to the\b`), test: (evidence) =>
    atLeast(eitherShrinks(evidence, outward), STILL_M, 'hands-come-home') },
  { id: 'bow-is-drawn', words: /\bdraw the bow\b/i, test: (evidence) =>
    atLeast(grows(evidence, apart), 0.1, 'hands-part') },
  { id: 'elbows-back', words: /\belbows draw back\b/i, test: (evidence) =>
    atLeast(eitherGrows(evidence, behind), 0.01, 'elbows-draw-back') },
  { id: 'ball-grows', words: /\b(?:ball|rounds?)\b[^.;:]*\b(?:grows(?! small)|opens|fills?)\b/i, test: (evidence) =>
    atLeast(Math.max(grows(evidence, apart), eitherGrows(evidence, outward), eitherGrows(evidence, height)), BALL_M, 'hands-open') },
  { id: 'ball-closes', words: /\bit grows small\b|\bfruit home\b/i, test: (evidence) =>
    atLeast(Math.max(grows(evidence, (body) => -apart(body)), eitherShrinks(evidence, outward)), BALL_M, 'hands-close') },
  { id: 'hand-moves', words: /\b(?:flick|shake) the \{side\} hand\b/i, test: (evidence) => {
    const moved = Math.max(...evidence.bodies.map((body) => distance(body.arms[evidence.side].palm, first(evidence).arms[evidence.side].palm)));
    return atLeast(moved, STILL_M, 'hand-moves');
  } },
] as const satisfies readonly ClaimRow[];

/** The hand a cue names, and whether it does more of what is said than the other. */
const WHICH = {
  id: 'which-hand',
  words:
    /\{(side|other)\} (?:palm|hand|arm|fist)\b(?:(?!\{)[^.;:])*\b(?:rises?|floats? up|grows? up|on top|before the heart|grows forward|slides forward|drifts)\b/i,
  test: (evidence, match) => {
    const named = (match[1] ?? '').toLowerCase() === 'side' ? evidence.side : otherSide(evidence.side);
    const went = (side: Side): number =>
      /forward|drift/.test(match[0])
        ? Math.max(...evidence.bodies.map((body) => outward(body, side)))
        : height(last(evidence), side);
    return went(named) > went(otherSide(named)) ? undefined : does('other-hand');
  },
} as const satisfies ClaimRow;

export const HAND_CLAIMS = [...MOVING, WHICH] as const;
