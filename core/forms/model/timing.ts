import type { Pace, PaceKind } from '../../breath';
import { atPace, repetitionsOf, secondsOf } from '../../time/layout';
import { cycleOf } from './variants';
import { type Form } from './model';
import { type VariantId } from './terms';

/** The ordinary teaching pace (common practice): five breaths a minute. */
const ORDINARY: Pace = { breathsPerMin: 5, outToIn: 1 };

/** Seconds of what is counted as one: both sides where they take turns, else one side or one way. */
function countedSec(form: Form, variant: VariantId): number {
  const laid = repetitionsOf(form, variant, 1, atPace(ORDINARY));
  return secondsOf(form.sides === 'alternating' ? laid : laid.filter(({ pass }) => pass === 0));
}

/** Seconds a repetition takes, by kind of form, for one breath to several (common practice). */
const REPETITION_RANGES: Readonly<Partial<Record<PaceKind, readonly [least: number, most: number]>>> = {
  gathering: [8, 45],
  flowing: [6, 46],
  turning: [5, 24],
  circling: [9, 26],
  wave: [9, 28],
  neck: [14, 42],
  fold: [8, 50],
  'one-leg': [8, 40],
  // Two breaths to four; a gentler way may do with one.
  animal: [10, 77],
  'leg-tracing': [15, 46],
  'arm-tracing': [10, 37],
  inner: [14, 32],
  heel: [7, 21],
};
/** Free strokes: from one swing to a round of the whole body (common practice). */
const FREE_RANGE = [2, 60] as const;

/** How a repetition's time stands to the range of its kind; undefined where it lies within. */
export function outOfTime(
  form: Form,
  variant: VariantId,
): { readonly sec: number; readonly range: readonly [number, number] } | undefined {
  const sec = countedSec(form, variant);
  const free = cycleOf(form, variant).every(({ breath }) => breath === 'free' || breath === 'hold');
  const range = free ? FREE_RANGE : REPETITION_RANGES[form.pace];
  return range && (sec < range[0] - 0.5 || sec > range[1] + 0.5) ? { sec, range } : undefined;
}
