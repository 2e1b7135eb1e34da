import type { Pace } from '../breath';
import type { Form } from '../forms/model/model';
import type { VariantId } from '../forms/model/terms';
import { cycleOf } from '../forms/model/variants';
import { atPace, layOut, repetitionsOf, secondsOf } from './layout';

/** First repetition against a later one (common practice: 1.4–2.7 for a taught form). */
export const FIRST_REPETITION = { known: 1.1, taught: 1.8 } as const;
/** To take up a ball or a staff, to go to a wall, to find one another, or to leave them again, s (common practice). */
export const PROP_CHANGE_SEC = 8;
/** A change of stance costs 3–6 s (common practice). */
export const STANCE_CHANGE_SEC = { known: 4, taught: 6 } as const;

/** A word is enough before what needs no explaining: a gesture made once, a station of a round; s (common practice). */
export const WORD_SEC = 2;
/** A gesture is one breath, or two. */
const GESTURE_BREATHS = 2;

/** Whether a form done so often is a single gesture: it costs its breath and a word, not a lesson (common practice). */
export function isGestureOnce(form: Form, variant: VariantId, repetitions: number): boolean {
  const breaths = cycleOf(form, variant).filter(({ breath }) => breath === 'out').length;
  return repetitions === 1 && breaths > 0 && breaths <= GESTURE_BREATHS && form.sides === 'symmetric';
}

/** Seconds of one whole repetition, both sides and both ways where there are two, none slower than another. */
export const repetitionSec = (form: Form, variant: VariantId, pace: Pace): number =>
  secondsOf(repetitionsOf(form, variant, 1, atPace(pace)));

/**
 * Seconds of a known form from its announcement to its settling, done so many times a side: just what it takes in a
 * practice, where no change of stance comes before it.
 */
export function formSec(form: Form, variant: VariantId, repetitions: number, pace: Pace): number {
  const once = isGestureOnce(form, variant, repetitions);
  const doing = { ...atPace(pace), firstFactor: once ? 1 : FIRST_REPETITION.known };
  const talkSec = once ? Math.min(WORD_SEC, form.setupSec.known) : form.setupSec.known;
  return talkSec + secondsOf(layOut(form, variant, repetitions, doing)) + form.settleSec;
}
