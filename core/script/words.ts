import type { Asks } from '../forms';

type BodyRegion = Asks['percussion'][number];

/** What is said between the forms and about them, in a teacher’s plain words (common practice). */

/** After tapping one feels: what is asked, by the part that was tapped. */
export const FEEL: Readonly<Partial<Record<BodyRegion, string>>> = {
  arms: 'What do the fingertips notice?',
  shoulders: 'How do the shoulders hang now?',
  chest: 'What does the chest notice?',
  flanks: 'How wide are the sides?',
  belly: 'How warm is the belly?',
  'low back': 'What does the low back notice?',
  legs: 'What do the soles notice?',
  head: 'What does the skin of the head notice?',
};
export const FEEL_ANYWHERE = 'What do you notice?';

/** Said once, before anything stirs. */
export const WITH_CARE = 'If the head swims or anything hurts, stop, and rest.';

export const LAST_ONE = 'Last one.';
export const OTHER_WAY = 'And the other way round.';
export const OTHER_SIDE = 'And the other side.';
export const ARMS_DOWN = 'Let the arms hang.';

/** How a practice is left: by day the eyes open and look far; for sleep they stay closed. */
export const LEAVING = {
  day: 'Let the eyes open and look far. Thank you.',
  evening: 'Let the eyes open, softly. Thank you.',
  sleep: 'Stay as you are; the eyes may stay closed.',
} as const;

/** On paper, after the last word. */
export const AFTERWARDS =
  'Afterwards: keep warm, out of the wind; no cold shower and no heavy meal at once. Move for a minute before you drive.';
