import { comesBack, dueMs, isKnown, ledOnce, recallOf, type Recall } from './learning';

/** A form that is learnt over a term: when it is new, when it comes back, and from when on it is known. */
export interface Thread {
  readonly formId: string;
  /** The week it is new in; nothing where it was met before the term, or there is no room for it. */
  readonly newIn: number | undefined;
  /** The weeks it comes back in. */
  readonly again: readonly number[];
  /** The first week at whose end it is known. */
  readonly knownFrom: number | undefined;
}

/** After the last new form so many weeks are left for it to come back, where there are as many. */
const WEEKS_AFTER = 3;

/**
 * In which weeks new forms begin: in order, at most so many a week, as evenly as can be, with weeks left at the end for
 * the last of them to come back. Exact, by dynamic programming over forms and weeks; a form for which there is no room
 * begins in no week.
 */
export function beginnings(forms: number, weeks: number, mostAWeek: number): readonly (number | undefined)[] {
  if (forms === 0 || weeks === 0 || mostAWeek === 0) return Array.from({ length: forms }, () => undefined);
  const fit = Math.min(forms, weeks * mostAWeek);
  const lastBegin = Math.max(Math.ceil(fit / mostAWeek) - 1, weeks - 1 - WEEKS_AFTER);
  const ideal = (form: number): number =>
    fit === 1 ? 0 : (form * Math.min(lastBegin, weeks - 1)) / (fit - 1);
  // best[form][week]: the least strain with the form in the week, and where the one before it was.
  const best: { strain: number; before: number; inWeek: number }[][] = [];
  for (let form = 0; form < fit; form += 1) {
    best.push(
      Array.from({ length: weeks }, (_, week) => {
        const own = (week - ideal(form)) ** 2;
        if (form === 0) return { strain: own, before: -1, inWeek: 1 };
        let found = { strain: Number.POSITIVE_INFINITY, before: -1, inWeek: 1 };
        for (let before = 0; before <= week; before += 1) {
          const from = best[form - 1]?.[before];
          if (!from || (before === week && from.inWeek >= mostAWeek)) continue;
          const strain = from.strain + own;
          if (strain < found.strain)
            found = { strain, before, inWeek: before === week ? from.inWeek + 1 : 1 };
        }
        return found;
      }),
    );
  }
  const last = best[fit - 1] ?? [];
  let week = last.reduce((at, one, index) => (one.strain < (last[at]?.strain ?? Infinity) ? index : at), 0);
  const found: (number | undefined)[] = Array.from({ length: forms }, () => undefined);
  for (let form = fit - 1; form >= 0; form -= 1) {
    found[form] = week;
    week = best[form]?.[week]?.before ?? 0;
  }
  return found;
}

/** So many forms at most come back in one class, those that are due longest first. */
const MOST_AGAIN = 6;

/** A class belongs to the week whose first class is so near, ms. */
const SAME_WEEK_MS = 3.5 * 24 * 3_600_000;

/** The weeks of a term in which a form was really led, of those that are over. */
const weeksLed = (
  ledMs: readonly number[],
  classesMs: readonly number[],
  fromWeek: number,
): readonly number[] =>
  classesMs
    .slice(0, fromWeek)
    .flatMap((atMs, week) =>
      ledMs.some(
        (led) => Math.abs(led - atMs) < SAME_WEEK_MS || (led > atMs && led < (classesMs[week + 1] ?? 0)),
      )
        ? [week]
        : [],
    );

/** What is asked of the forms to be learnt. */
export interface ThreadsAsked {
  /** In the order they are learnt. */
  readonly formIds: readonly string[];
  /** The first class of each week in which one is held, ms. */
  readonly classesMs: readonly number[];
  /** When each form was led, ms, by its id. */
  readonly ledMs: Readonly<Record<string, readonly number[]>>;
  readonly mostNewAWeek: number;
  /** The first week that is still to come: before it stands what was really led. */
  readonly fromWeek: number;
}

/** The threads of the forms to be learnt through the weeks of a term. */
export function threadsOf({
  formIds,
  classesMs,
  ledMs,
  mostNewAWeek,
  fromWeek,
}: ThreadsAsked): readonly Thread[] {
  const recalls = new Map<string, Recall>(formIds.map((id) => [id, recallOf(ledMs[id] ?? [])]));
  const fresh = formIds.filter((id) => (ledMs[id] ?? []).length === 0);
  const begin = new Map(
    beginnings(fresh.length, classesMs.length - fromWeek, mostNewAWeek).map((week, at) => [
      fresh[at],
      week === undefined ? undefined : week + fromWeek,
    ]),
  );
  const again = new Map<string, number[]>();
  const knownFrom = new Map<string, number>();
  const beforeMs = (classesMs[0] ?? 0) - SAME_WEEK_MS;
  for (const id of formIds) {
    const led = weeksLed(ledMs[id] ?? [], classesMs, fromWeek);
    const [first, ...rest] = led;
    // New in the term where it was never led before it.
    const isOld = (ledMs[id] ?? []).some((atMs) => atMs < beforeMs);
    if (!isOld && first !== undefined) begin.set(id, first);
    again.set(id, isOld ? [...led] : rest);
    const known = led.find((week) => {
      const atMs = classesMs[week] ?? 0;
      return isKnown(recallOf((ledMs[id] ?? []).filter((one) => one <= atMs + SAME_WEEK_MS)), atMs);
    });
    if (known !== undefined) knownFrom.set(id, known);
  }
  for (let week = fromWeek; week < classesMs.length; week += 1) {
    const atMs = classesMs[week] ?? 0;
    const isNew = fresh.filter((id) => begin.get(id) === week);
    const back = formIds
      .filter((id) => !isNew.includes(id) && comesBack(recalls.get(id) ?? recallOf([]), atMs))
      .toSorted(
        (a, b) => (dueMs(recalls.get(a) ?? recallOf([])) ?? 0) - (dueMs(recalls.get(b) ?? recallOf([])) ?? 0),
      )
      .slice(0, MOST_AGAIN);
    for (const id of back) again.get(id)?.push(week);
    for (const id of [...isNew, ...back]) {
      const next = ledOnce(recalls.get(id) ?? recallOf([]), atMs);
      recalls.set(id, next);
      if (!knownFrom.has(id) && isKnown(next, atMs)) knownFrom.set(id, week);
    }
  }
  return formIds.map((formId) => ({
    formId,
    newIn: begin.get(formId),
    again: again.get(formId) ?? [],
    knownFrom: knownFrom.get(formId),
  }));
}
