import type { SourceId } from '../sources';

/** What the breath does during a stroke. `free` leaves it natural; such strokes last a time of their own. */
export const BREATH_STROKES = ['in', 'out', 'hold', 'free'] as const;
export type BreathStroke = (typeof BREATH_STROKES)[number];

export const BREATH_ROUTES = ['nose', 'mouth'] as const;
export type BreathRoute = (typeof BREATH_ROUTES)[number];

/**
 * How the breath is made. `nose` both ways is the rule; to clear, the exhale goes by the mouth
 * (common practice; a custom).
 */
export const BREATH_MANNERS = [
  { id: 'natural', label: 'natural' },
  { id: 'abdominal', label: 'abdominal' },
  { id: 'reverse-abdominal', label: 'reverse abdominal' },
  { id: 'back', label: 'into the back' },
  { id: 'sighing', label: 'sighing' },
  { id: 'sounded', label: 'sounded' },
] as const;

interface PaceRow {
  readonly id: string;
  readonly label: string;
  /** Usual seconds of one whole breath when flowing forms take 12 s, 5 breaths a minute. */
  readonly usualSec: number;
  readonly leastSec: number;
  readonly mostSec: number;
  readonly source: SourceId;
}

/** Seconds per breath by kind of form. The ratio to `flowing` scales with the pace asked for. */
// prettier-ignore
export const PACE_KINDS = [
  { id: 'gathering', label: 'gathering or cleansing breath', usualSec: 12, leastSec: 8, mostSec: 24, source: 'common-practice' },
  { id: 'flowing', label: 'rise and sink, open and close', usualSec: 12, leastSec: 6, mostSec: 24, source: 'common-practice' },
  { id: 'turning', label: 'turn, twist, weight shift', usualSec: 10, leastSec: 5, mostSec: 12, source: 'common-practice' },
  { id: 'circling', label: 'large arm or waist circle', usualSec: 12, leastSec: 9, mostSec: 13, source: 'common-practice' },
  { id: 'wave', label: 'wave pushing', usualSec: 12, leastSec: 9, mostSec: 14, source: 'common-practice' },
  { id: 'neck', label: 'neck places, side bend, lean', usualSec: 20, leastSec: 14, mostSec: 22, source: 'common-practice' },
  { id: 'fold', label: 'fold, then twist', usualSec: 10, leastSec: 8, mostSec: 12, source: 'common-practice' },
  { id: 'one-leg', label: 'one-leg balance', usualSec: 16, leastSec: 8, mostSec: 20, source: 'common-practice' },
  { id: 'animal', label: 'animal form', usualSec: 18, leastSec: 15, mostSec: 22, source: 'common-practice' },
  { id: 'leg-tracing', label: 'leg channel tracing', usualSec: 16, leastSec: 15, mostSec: 24, source: 'common-practice' },
  { id: 'arm-tracing', label: 'arm channel tracing', usualSec: 12, leastSec: 10, mostSec: 16, source: 'common-practice' },
  { id: 'inner', label: 'inner breathing', usualSec: 16, leastSec: 14, mostSec: 18, source: 'common-practice' },
  { id: 'heel', label: 'heel rise and drop', usualSec: 8, leastSec: 7, mostSec: 20, source: 'common-practice' },
  { id: 'sound', label: 'healing sound', usualSec: 14, leastSec: 10, mostSec: 20, source: 'common-practice' },
] as const satisfies readonly PaceRow[];

export type PaceKind = (typeof PACE_KINDS)[number]['id'];

/** The pace of a practice. */
export interface Pace {
  /** Breaths a minute of a flowing form, 3–9. */
  readonly breathsPerMin: number;
  /** How much longer the exhale is than the inhale: out ÷ in, 0.5–3. */
  readonly outToIn: number;
}

const FLOWING_SEC = 12;

/** The row of a pace kind. */
export function paceKind(kind: PaceKind): PaceRow {
  const row = PACE_KINDS.find((candidate) => candidate.id === kind);
  if (!row) throw new RangeError(`unknown pace kind: got ${kind}`);
  return row;
}

/** Seconds of one whole breath of the given kind at a pace: 60 ÷ breaths a minute × the kind's ratio. */
export function breathSec(kind: PaceKind, pace: Pace): number {
  return (60 / pace.breathsPerMin) * (paceKind(kind).usualSec / FLOWING_SEC);
}

/** Seconds of the inhale and of the exhale of one breath. */
export function splitBreath(
  wholeSec: number,
  outToIn: number,
): { readonly inSec: number; readonly outSec: number } {
  const inSec = wholeSec / (1 + outToIn);
  return { inSec, outSec: wholeSec - inSec };
}
