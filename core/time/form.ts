import type { Pace } from '../breath';
import type { Form } from '../forms/model/model';
import type { VariantId } from '../forms/model/terms';
import { atPace, layOut, repetitionsOf, secondsOf } from './layout';

/** First repetition against a later one (common practice: 1.4–2.7 for a taught form). */
export const FIRST_REPETITION = { known: 1.1, taught: 1.8 } as const;
/** A change of stance costs 3–6 s (common practice). */
export const STANCE_CHANGE_SEC = { known: 4, taught: 6 } as const;

/** Seconds of one whole repetition, both sides and both ways where there are two, none slower than another. */
export const repetitionSec = (form: Form, variant: VariantId, pace: Pace): number =>
  secondsOf(repetitionsOf(form, variant, 1, atPace(pace)));

/**
 * Seconds of a known form from its announcement to its settling, done so many times a side: just what it takes in a
 * practice, where no change of stance comes before it.
 */
export function formSec(form: Form, variant: VariantId, repetitions: number, pace: Pace): number {
  const doing = { ...atPace(pace), firstFactor: FIRST_REPETITION.known };
  return form.setupSec.known + secondsOf(layOut(form, variant, repetitions, doing)) + form.settleSec;
}
