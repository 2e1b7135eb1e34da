import { DAY_MS } from '../almanac/zone';

/** Copies of so many last days are kept, then one a week, then one a month. */
const [DAYS, WEEKS, MONTHS] = [7, 5, 12] as const;

const dayNumber = (day: string): number => Math.round(Date.parse(`${day}T00:00:00Z`) / DAY_MS);
/** Weeks begin on Monday; 1970-01-01 was a Thursday. */
const weekOf = (day: string): number => Math.floor((dayNumber(day) + 3) / 7);

/**
 * Which daily copies are kept on a day: those of the last seven days, the latest of each of five weeks and of each of
 * twelve months before. Days as "2026-11-30"; the latest there is is always kept.
 */
export function keptCopies(days: readonly string[], today: string): ReadonlySet<string> {
  const latestFirst = [...new Set(days)].toSorted().reverse();
  const kept = new Set(latestFirst.slice(0, 1));
  const [weeks, months] = [new Set<number>(), new Set<string>()];
  for (const day of latestFirst) {
    const [week, month] = [weekOf(day), day.slice(0, 7)];
    if (dayNumber(today) - dayNumber(day) < DAYS) kept.add(day);
    if (!weeks.has(week) && weeks.size < WEEKS) kept.add(day);
    if (!months.has(month) && months.size < MONTHS) kept.add(day);
    weeks.add(week);
    months.add(month);
  }
  return kept;
}
