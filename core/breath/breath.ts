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
  /** Usual seconds of one whole breath where the pace is 12 s, 5 breaths a minute. */
  readonly usualSec: number;
  readonly leastSec: number;
  readonly mostSec: number;
  /** How near the pace its breath keeps. */
  readonly keeps: keyof typeof NEAR_PACE;
  readonly source: SourceId;
}

/**
 * One pace for the whole practice: how short and how long a breath may be against it. Slow forms take more breaths,
 * not longer ones; inner work and sounds may take their time; heels are dropped as they come (common practice).
 */
export const NEAR_PACE = {
  flowing: [0.7, 1.3],
  inner: [1, 1.6],
  free: [0.5, 2],
} as const;

/** Seconds per breath by kind of form. The ratio to `flowing` scales with the pace asked for. */
// prettier-ignore
export const PACE_KINDS = [
  { id: 'gathering', label: 'gathering or cleansing breath', usualSec: 12, leastSec: 8, mostSec: 24, keeps: 'flowing', source: 'common-practice' },
  { id: 'flowing', label: 'rise and sink, open and close', usualSec: 12, leastSec: 6, mostSec: 20, keeps: 'flowing', source: 'common-practice' },
  { id: 'turning', label: 'turn, twist, weight shift', usualSec: 10, leastSec: 5, mostSec: 12, keeps: 'flowing', source: 'common-practice' },
  { id: 'circling', label: 'large arm or waist circle', usualSec: 12, leastSec: 9, mostSec: 13, keeps: 'flowing', source: 'common-practice' },
  { id: 'wave', label: 'wave pushing', usualSec: 12, leastSec: 9, mostSec: 14, keeps: 'flowing', source: 'common-practice' },
  { id: 'neck', label: 'neck places, look-back, side bend (two a side)', usualSec: 10, leastSec: 7, mostSec: 11, keeps: 'flowing', source: 'common-practice' },
  { id: 'fold', label: 'fold, then twist', usualSec: 10, leastSec: 8, mostSec: 12, keeps: 'flowing', source: 'common-practice' },
  { id: 'one-leg', label: 'one-leg balance (two a side)', usualSec: 10, leastSec: 8, mostSec: 20, keeps: 'flowing', source: 'common-practice' },
  { id: 'animal', label: 'animal form (two to four)', usualSec: 12, leastSec: 9, mostSec: 19, keeps: 'flowing', source: 'common-practice' },
  { id: 'leg-tracing', label: 'leg channel tracing (two)', usualSec: 12, leastSec: 8, mostSec: 12, keeps: 'flowing', source: 'common-practice' },
  { id: 'arm-tracing', label: 'arm channel tracing', usualSec: 12, leastSec: 10, mostSec: 16, keeps: 'flowing', source: 'common-practice' },
  { id: 'inner', label: 'inner breathing', usualSec: 14, leastSec: 12, mostSec: 18, keeps: 'inner', source: 'common-practice' },
  { id: 'heel', label: 'heel rise and drop', usualSec: 8, leastSec: 7, mostSec: 20, keeps: 'free', source: 'common-practice' },
  { id: 'sound', label: 'healing sound', usualSec: 14, leastSec: 12, mostSec: 20, keeps: 'inner', source: 'common-practice' },
] as const satisfies readonly PaceRow[];

export type PaceKind = (typeof PACE_KINDS)[number]['id'];

/** The longest exhale asked of anyone, and of beginners and people with asthma, COPD or panic, s (common practice). */
export const LONGEST_EXHALE_SEC = { anyone: 9, short: 6 } as const;
/** No exhale can be asked to be shorter than this, s: what a limit may be set to. */
export const LEAST_EXHALE_LIMIT_SEC = 3;

/** The pace of a practice. */
export interface Pace {
  /** Breaths a minute of a flowing form, 3–9. */
  readonly breathsPerMin: number;
  /** How much longer the exhale is than the inhale: out ÷ in, 0.5–3. */
  readonly outToIn: number;
  /** No exhale is longer than this, s, 3–9; nine where nothing is said. */
  readonly longestExhaleSec?: number | undefined;
}

/** Seconds of the inhale and of the exhale of one breath. */
export interface BreathSplit {
  readonly inSec: number;
  readonly outSec: number;
}

const FLOWING_SEC = 12;

/** The row of a pace kind. */
export function paceKind(kind: PaceKind): PaceRow {
  const row = PACE_KINDS.find((candidate) => candidate.id === kind);
  if (!row) throw new RangeError(`unknown pace kind: got ${kind}`);
  return row;
}

/**
 * One breath of the given kind at a pace, `stretch` times as long as usual, as near the pace as its kind keeps. Where
 * the exhale would be longer than anybody is asked for, the ratio yields first, as far as even parts; then the breath
 * as a whole, as far as its kind lets it; what is left over goes to the inhale.
 */
export function breathOf(kind: PaceKind, pace: Pace, stretch = 1): BreathSplit {
  const row = paceKind(kind);
  const [least, most] = NEAR_PACE[row.keeps];
  const baseSec = 60 / pace.breathsPerMin;
  const wholeSec = baseSec * Math.min(most, Math.max(least, (row.usualSec / FLOWING_SEC) * stretch));
  const split = splitBreath(wholeSec, pace.outToIn);
  const longest = Math.min(pace.longestExhaleSec ?? LONGEST_EXHALE_SEC.anyone, LONGEST_EXHALE_SEC.anyone);
  if (split.outSec <= longest) return split;
  const evenSec = longest * (1 + Math.max(1, 1 / pace.outToIn));
  return { inSec: Math.min(wholeSec, Math.max(evenSec, least * baseSec)) - longest, outSec: longest };
}

/** Seconds of one whole breath of the given kind at a pace. */
export function breathSec(kind: PaceKind, pace: Pace): number {
  const { inSec, outSec } = breathOf(kind, pace);
  return inSec + outSec;
}

/** Seconds of the inhale and of the exhale of one breath. */
export function splitBreath(wholeSec: number, outToIn: number): BreathSplit {
  const inSec = wholeSec / (1 + outToIn);
  return { inSec, outSec: wholeSec - inSec };
}
