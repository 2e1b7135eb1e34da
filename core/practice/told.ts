/** How much is said with a repetition: all of it, its first words, the breath alone, or nothing. */
export type Told = 'full' | 'short' | 'breath' | 'quiet';

/** How many repetitions are told in full, shortly and by the breath, before it is quiet (common practice). */
const LADDERS = {
  known: ['full', 'short', 'breath'],
  taught: ['full', 'short', 'breath', 'breath'],
} as const satisfies Record<string, readonly Told[]>;
/** The other side has been seen already: it begins a step further on. */
const OTHER_SIDE = 1;

/**
 * How much is said with a repetition, counted from 1: the first in full, the next with fewer words, then the breath, then
 * nothing. What is outside the repetitions (0) is said in full. Steps of a lesson are told in full throughout.
 */
export function toldAt(
  repetition: number,
  pass: number,
  { familiarity, lesson, hinge }: { familiarity: 'known' | 'taught'; lesson?: unknown; hinge: boolean },
): Told {
  if (lesson !== undefined) return 'full';
  if (repetition === 0) return hinge ? 'short' : 'full';
  const ladder = LADDERS[familiarity];
  return ladder[repetition - 1 + (pass > 0 || hinge ? OTHER_SIDE : 0)] ?? 'quiet';
}
