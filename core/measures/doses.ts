import type { Asks, Form, Role } from '../forms';

/**
 * How long a form is done at least, so that it is felt, and how often. Common practice; members of a set, massage, holds
 * and inner work have a measure of their own.
 */

/** What carries a theme by being moved through. */
const MOVED: ReadonlySet<Form['family']> = new Set([
  'flowing pair',
  'brocade',
  'animal',
  'twist and bend',
  'spinal wave',
  'balance',
  'spiral',
  'walking',
]);

/** Seconds a form of the heart lasts at least, by the minutes of the practice. */
const HEART_SEC = [
  { upTo: 5, sec: 30 },
  { upTo: 15, sec: 45 },
  { upTo: Infinity, sec: 60 },
] as const;

/** What loosens, whatever else it is for, and what is tapped, traced or swung is done at least this long, s. */
const SHORT_SEC = 20;
const SHORT: ReadonlySet<Form['family']> = new Set([
  'joint loosening',
  'percussion route',
  'channel tracing',
  'arm swing',
  'shaking',
]);

/** A piece of a set is moved through as well, where it is not done within. */
export const isMoved = ({ family, asks }: Form): boolean =>
  MOVED.has(family) || (family === 'set piece' && !asks.inwardImagery);

/** A standing post is stood in for about a minute at least, in whole breaths, s; one that tires, with the arms up, the legs low or on one leg, as a short hold. */
const POST_SEC = { easy: 55, tiring: 20 } as const;
const tires = ({
  armsAboveShoulders,
  kneeBend,
  oneLegSec,
}: Pick<Asks, 'armsAboveShoulders' | 'kneeBend' | 'oneLegSec'>): boolean =>
  armsAboveShoulders || kneeBend === 'deep' || oneLegSec > 0;
/** Arriving, one stands as long as one needs to. */
const isPost = ({ family }: Form, role: Role): boolean => family === 'standing posture' && role !== 'arrive';

/** What gathers is done as long as what is moved through, where it is to feed. */
const isOfHeart = (form: Form, role: Role): boolean =>
  (isMoved(form) || form.family === 'gathering') && (role === 'nourish' || role === 'clear');

/** One arrives and closes in a few breaths, not in one: seconds of either at least, by the minutes of the practice. */
const ENDS_SEC = [
  { upTo: 5, sec: 0 },
  { upTo: Infinity, sec: 28 },
] as const;

const by = (rows: readonly { readonly upTo: number; readonly sec: number }[], minutes: number): number =>
  rows.find(({ upTo }) => minutes <= upTo)?.sec ?? 0;

/** Seconds a form lasts at least in a section of a practice of so many minutes; 0 where it may be as short as it likes. */
export function leastSecOf(form: Form, role: Role, minutes: number): number {
  if (isOfHeart(form, role)) return by(HEART_SEC, minutes);
  if (role === 'arrive' || role === 'close') return by(ENDS_SEC, minutes);
  if (isPost(form, role)) return POST_SEC[tires(form.asks) ? 'tiring' : 'easy'];
  return role === 'loosen' || SHORT.has(form.family) ? SHORT_SEC : 0;
}

/** Up to so many minutes nothing is gone on with for long; in an hour so much longer. */
const SHORT_CLASS_MINUTES = 20;
const LONG_CLASS_MINUTES = 60;
/** A single joint, and a hold with the arms up or the legs low, goes on so long at most, s, in a short class and in an hour. */
const MOST_SEC = { joint: [75, 180], hold: [60, 120] } as const;

/** What is not simply still is gone on with for so long at most, s, in a class of up to an hour (common practice). */
const FORM_SEC = 240;

/** Seconds a form lasts at most in a section of a practice of so many minutes; Infinity where it may go on. */
export function mostSecOf(form: Form, asks: Asks, role: Role, minutes: number): number {
  const kind = role === 'loosen' ? 'joint' : asks.staticHold && tires(asks) ? 'hold' : undefined;
  if (!kind || form.family === 'shaking')
    return role === 'still' ? Infinity : FORM_SEC * Math.max(1, minutes / LONG_CLASS_MINUTES);
  const [short, long] = MOST_SEC[kind];
  const share = (minutes - SHORT_CLASS_MINUTES) / (LONG_CLASS_MINUTES - SHORT_CLASS_MINUTES);
  return short + (long - short) * Math.min(1, Math.max(0, share));
}

/** Repetitions on both sides together longer than this are long: two of them are enough, s. */
const LONG_REPETITION_SEC = 18;

/** How often a form is done at least in a section, one repetition taking so long; a sound at least three times. */
export function leastRepetitionsOf(form: Form, role: Role, repetitionSec: number): number {
  if (form.soundOrgan !== undefined) return 3;
  if (!isOfHeart(form, role)) return 1;
  return form.sides !== 'symmetric' && repetitionSec >= LONG_REPETITION_SEC ? 2 : 3;
}

/** Beyond nine one counts in the numbers people like to count in, and in tens from twenty on (common practice). */
const COUNTED_TO = 9;
const BEYOND: ReadonlySet<number> = new Set([12, 18, 20, 24, 30, 36, 48, 60, 72, 81]);

export const isLikedNumber = (times: number): boolean => times <= COUNTED_TO || BEYOND.has(times);

/** What is stood, breathed within, shaken or rested goes on for a while, and nobody counts it. */
const UNCOUNTED: ReadonlySet<Form['family']> = new Set([
  'standing posture',
  'settling breath',
  'inner breathing',
  'shaking',
  'closing',
  'rest',
]);

export const isCounted = ({ family }: Form): boolean => !UNCOUNTED.has(family);

/** The liked numbers near one, a little fewer or more. */
export const likedNear = (times: number): readonly number[] =>
  [...BEYOND].filter((number) => number >= times * 0.6 && number <= times * 1.7);
