import type { Form, Role } from '../forms';

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
]);

/** Seconds a form of the heart lasts at least, by the minutes of the practice. */
const HEART_SEC = [
  { upTo: 5, sec: 30 },
  { upTo: 15, sec: 45 },
  { upTo: Infinity, sec: 60 },
] as const;

/** What is loosened, tapped, traced or swung is done at least this long, s. */
const SHORT_SEC = 20;
const SHORT: ReadonlySet<Form['family']> = new Set([
  'joint loosening',
  'percussion route',
  'channel tracing',
  'arm swing',
  'shaking',
]);

const isOfHeart = (form: Form, role: Role): boolean =>
  MOVED.has(form.family) && (role === 'nourish' || role === 'clear');

/** Seconds a form lasts at least in a section of a practice of so many minutes; 0 where it may be as short as it likes. */
export function leastSecOf(form: Form, role: Role, minutes: number): number {
  if (isOfHeart(form, role)) return HEART_SEC.find(({ upTo }) => minutes <= upTo)?.sec ?? 0;
  return SHORT.has(form.family) ? SHORT_SEC : 0;
}

/** Repetitions on both sides together longer than this are long: two of them are enough, s. */
const LONG_REPETITION_SEC = 18;

/** How often a form is done at least in a section, one repetition taking so long; a sound at least three times. */
export function leastRepetitionsOf(form: Form, role: Role, repetitionSec: number): number {
  if (form.soundOrgan !== undefined) return 3;
  if (!isOfHeart(form, role)) return 1;
  return form.sides !== 'symmetric' && repetitionSec >= LONG_REPETITION_SEC ? 2 : 3;
}
