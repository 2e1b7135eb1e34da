import { median } from './median';

/**
 * What the log tells of pace: how long forms really took against the plan. Few samples are trusted little
 * (weight n/(n + 4), common practice), and no estimate leaves the range in which breath is still breath.
 */

/** A form as it was led once: times in ms, repetitions as planned and as done. */
export interface LedForm {
  readonly formId: string;
  readonly plannedMs: number;
  readonly actualMs: number;
  readonly plannedRepetitions: number;
  readonly repetitions: number;
  /** How much of the plan was the pace of the log already; nothing where it was not. */
  readonly logPace?: number | undefined;
  /** Whether nothing came between; what was paused, cut or jumped says nothing of a pace. */
  readonly undisturbed?: boolean;
}

const TRUST = 4;
const LEAST = 0.75;
const MOST = 1.35;

/**
 * Factor on the time a form takes by its defaults, by form id; forms never led are not in it. Where the plan
 * already went at the pace of the log, what was planned is taken back to the defaults first: else the better
 * the estimate, the sooner it would be unlearnt.
 */
export function paceOf(led: readonly LedForm[]): Readonly<Record<string, number>> {
  const ratios = new Map<string, number[]>();
  for (const {
    formId,
    plannedMs,
    actualMs,
    plannedRepetitions,
    repetitions,
    logPace = 1,
    undisturbed = true,
  } of led) {
    // What was skipped, cut off or done another number of times says nothing of its pace.
    if (!undisturbed || plannedMs <= 0 || plannedRepetitions !== repetitions || actualMs < plannedMs * 0.5)
      continue;
    ratios.set(formId, [...(ratios.get(formId) ?? []), (logPace * actualMs) / plannedMs]);
  }
  return Object.fromEntries(
    [...ratios].map(([formId, list]) => {
      const trusted = 1 + (list.length / (list.length + TRUST)) * (median(list) - 1);
      return [formId, Math.round(Math.min(MOST, Math.max(LEAST, trusted)) * 1000) / 1000];
    }),
  );
}
