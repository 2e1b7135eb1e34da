import type { Item } from './model';
import { layerStarts, type LessonStep } from './parts';

/** How much is said with a repetition: all of it, its first words, the breath alone, or nothing. */
export type Told = 'full' | 'short' | 'breath' | 'quiet';

/** How many repetitions are told in full, shortly and by the breath, before it is quiet (common practice). */
const LADDERS = {
  known: ['full', 'short', 'breath'],
  taught: ['full', 'short', 'breath', 'breath'],
} as const satisfies Record<string, readonly Told[]>;
/** The other side has been seen already: it begins a step further on. */
const OTHER_SIDE = 1;

/** A lesson takes its time: what is drilled is told until it is known, and the whole is done with few words. */
const LESSON_LADDERS = {
  drill: ['full', 'full', 'short', 'short', 'breath', 'breath'],
  whole: ['short', 'breath'],
} as const satisfies Partial<Record<LessonStep, readonly Told[]>>;

/**
 * How much is said with a repetition, counted from 1: the first in full, the next with fewer words, then the breath, then
 * nothing. What is outside the repetitions (0) is said in full, and so are the steps of a lesson that are done but once;
 * in a drill it begins anew with every layer that is added.
 */
export function toldAt(
  repetition: number,
  pass: number,
  item: Pick<Item, 'familiarity' | 'lesson' | 'hinge' | 'layers' | 'repetitions'>,
): Told {
  const { familiarity, lesson, hinge } = item;
  if (repetition === 0) return hinge ? 'short' : 'full';
  if (lesson === undefined) {
    const ladder = LADDERS[familiarity];
    return ladder[repetition - 1 + (pass > 0 || hinge ? OTHER_SIDE : 0)] ?? 'quiet';
  }
  if (lesson !== 'drill' && lesson !== 'whole') return 'full';
  const from =
    lesson === 'drill' ? (layerStarts(item).findLast((one) => one.from <= repetition)?.from ?? 1) : 1;
  return LESSON_LADDERS[lesson][repetition - from] ?? 'quiet';
}
