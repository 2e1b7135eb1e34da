import { distance, restingOn, type Skeleton } from '../../../body';
import { does, first, last, outward, returns, SIDES, type ClaimRow, type Evidence } from './evidence';

/**
 * Where the hands keep still, the body itself breathes: it grows a little on the inhale and settles on the exhale
 * (common practice). What moves more is judged by `againstBreath` and by its own words.
 */

const QUIET_HANDS_M = 0.16;
const STILL_FOOT_M = 0.03;
const SLACK_CM = 0.1;

/** Hands that rise on the exhale, or sink on the inhale, by more than this go against it, metres. */
const FAR_M = 0.15;
const STILL_DEG = 4;
const STILL_WEIGHT = 0.06;

/** Whether hands, weight and feet keep still, and the trunk neither turns nor leans nor bends. */
function isQuiet({ bodies }: Evidence): boolean {
  const start = first({ bodies });
  const spread = (of: (body: Skeleton) => number): number =>
    Math.max(...bodies.map((body) => Math.abs(of(body) - of(start))));
  return (
    SIDES.every(
      (side) => spread((body) => distance(body.arms[side].palm, start.arms[side].palm)) < QUIET_HANDS_M,
    ) &&
    SIDES.every(
      (side) => spread((body) => distance(body.legs[side].ankle, start.legs[side].ankle)) < STILL_FOOT_M,
    ) &&
    spread((body) => body.legs.left.weight) < STILL_WEIGHT &&
    [turn, lean, bend].every((of) => spread(of) < STILL_DEG)
  );
}
const turn = ({ goals }: Skeleton): number => goals.turnDeg;
const lean = ({ goals }: Skeleton): number => goals.leanDeg;
const bend = ({ goals }: Skeleton): number => goals.bendDeg;

// prettier-ignore
export const BREATH_CLAIMS = [
  { id: 'quiet-body-breathes', words: /^/, test: (evidence) => {
    const breath = evidence.strokes[0]?.stroke.breath;
    // Somebody who lies does not grow and settle.
    if (restingOn(last(evidence).goals.base)?.isLying) return undefined;
    if ((breath !== 'in' && breath !== 'out') || !isQuiet(evidence)) return undefined;
    const rise = (last(evidence).trunk.head[1] - first(evidence).trunk.head[1]) * 100;
    const against = breath === 'in' ? -rise : rise;
    return against <= SLACK_CM ? undefined : does('head-against-breath', against);
  } },
  { id: 'hands-go-with-the-breath', words: /^/, test: (evidence) => {
    const breath = evidence.strokes[0]?.stroke.breath;
    if ((breath !== 'in' && breath !== 'out') || returns(evidence)) return undefined;
    const rise = Math.max(...SIDES.map((side) => last(evidence).arms[side].palm[1] - first(evidence).arms[side].palm[1]));
    const sink = Math.max(...SIDES.map((side) => first(evidence).arms[side].palm[1] - last(evidence).arms[side].palm[1]));
    // A fist that grows forward, a hand drawn home: out on the exhale, in on the inhale is with the breath.
    const gone = Math.max(...SIDES.map((side) => (breath === 'in' ? -1 : 1) * (outward(last(evidence), side) - outward(first(evidence), side))));
    if (gone >= 0.1) return undefined;
    const against = breath === 'in' ? sink - Math.max(0, rise) : rise - Math.max(0, sink);
    return against <= FAR_M ? undefined : does('hands-against-breath', against * 100);
  } },
] as const satisfies readonly ClaimRow[];
