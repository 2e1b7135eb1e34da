import { dayAfter } from '../term/calendar';

/** A step of homework that grows: from which week on, and how long a day. */
export interface GrowthStep {
  readonly fromWeek: number;
  readonly minutes: number;
}

/** It grows in so many steps at most. */
const MOST_STEPS = 3;
/** The first step is so much of the whole, and no shorter than so many minutes (a teacher’s guess: what is short is begun). */
const FIRST_SHARE = 0.5;
const LEAST_MINUTES = 2;
/** A step lasts so many weeks at least: what changes every week is not learnt. */
const LEAST_WEEKS = 2;

/** How homework grows to its minutes: evenly, in as many steps as its weeks have room for; each longer than the one before. */
export function growthOf(minutes: number, weeks: number): readonly GrowthStep[] {
  const steps = Math.max(1, Math.min(MOST_STEPS, Math.floor(weeks / LEAST_WEEKS)));
  if (steps === 1) return [{ fromWeek: 0, minutes }];
  const first = Math.max(LEAST_MINUTES, Math.round(minutes * FIRST_SHARE));
  const all = Array.from({ length: steps }, (_, step) => ({
    fromWeek: Math.floor((step * weeks) / steps),
    minutes: Math.round(first + ((minutes - first) * step) / (steps - 1)),
  }));
  return all.filter(({ minutes: long }, step) => step === 0 || long > (all[step - 1]?.minutes ?? 0));
}

/** How often it was done in each week against how often it was asked for. */
export function weeksDone({
  first,
  weeks,
  done,
}: {
  readonly first: string;
  readonly weeks: number;
  readonly done: readonly string[];
}): readonly number[] {
  return Array.from({ length: weeks }, (_, week) => {
    const [from, until] = [dayAfter(first, 7 * week), dayAfter(first, 7 * week + 6)];
    return new Set(done.filter((day) => from <= day && day <= until)).size;
  });
}

/** The week of homework a day is in, from 0; undefined before and after it. */
export function weekAt(
  { first, weeks }: { readonly first: string; readonly weeks: number },
  day: string,
): number | undefined {
  for (let week = 0; week < weeks; week += 1)
    if (dayAfter(first, 7 * week) <= day && day <= dayAfter(first, 7 * week + 6)) return week;
  return undefined;
}

/** The step that holds in a week. */
export const stepIn = <Step extends { readonly fromWeek: number }>(
  steps: readonly Step[],
  week: number,
): Step | undefined => steps.findLast(({ fromWeek }) => fromWeek <= week);
