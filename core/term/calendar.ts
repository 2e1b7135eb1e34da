import { occurrences, type ClassTime } from '../almanac/classes';
import { addDays, DAY_MS, instantOf, isoWeekday, type CivilDate } from '../almanac/zone';
import { dayOf } from '../people/presence';

/** A day, "2026-11-29", as its parts. */
export function civil(day: string): CivilDate {
  const [year = 0, month = 1, of = 1] = day.split('-').map(Number);
  return { year, month, day: of };
}

const text = ({ year, month, day }: CivilDate): string =>
  `${year}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;

/** The day so many days after another. */
export const dayAfter = (day: string, days: number): string => text(addDays(civil(day), days));

/** The Monday of the week a day is in. */
export const mondayOf = (day: string): string => dayAfter(day, 1 - isoWeekday(civil(day)));

/** Days without a class: a festival, holidays, one’s own journey; both ends belong to it. */
export interface DaysOut {
  readonly from: string;
  readonly until: string;
  readonly name: string;
}

export interface TermWeek {
  /** Its Monday. */
  readonly monday: string;
  /** The classes that are held, ms, in order; none where all of them fall out. */
  readonly classesMs: readonly number[];
  /** Why classes fall out, where they do. */
  readonly out: readonly string[];
}

export interface TermDays {
  /** The first and the last day, both within. */
  readonly first: string;
  readonly last: string;
  readonly times: readonly ClassTime[];
  readonly out: readonly DaysOut[];
}

/** The weeks of a term with their classes, by the wall clock of the zone whatever its changes; weeks run from Monday. */
export function weeksOf({ first, last, times, out }: TermDays, zone: string): readonly TermWeek[] {
  const fromMs = instantOf(civil(first), zone);
  const toMs = instantOf(civil(dayAfter(last, 1)), zone);
  const all = times.flatMap((time) => occurrences(time, fromMs, toMs, zone)).toSorted((a, b) => a - b);
  const outOn = (day: string): string | undefined =>
    out.find((one) => one.from <= day && day <= one.until)?.name;
  const weeks: TermWeek[] = [];
  for (let monday = mondayOf(first); monday <= last; monday = dayAfter(monday, 7)) {
    const within = all.filter((atMs) => mondayOf(dayOf(atMs, zone)) === monday);
    const fallen = within.flatMap((atMs) => outOn(dayOf(atMs, zone)) ?? []);
    weeks.push({
      monday,
      classesMs: within.filter((atMs) => outOn(dayOf(atMs, zone)) === undefined),
      out: [...new Set(fallen)],
    });
  }
  return weeks;
}

/** Two classes of one teacher that lie over each other. */
export interface Clash {
  readonly groups: readonly [string, string];
  readonly atMs: number;
}

interface Meeting {
  readonly groupId: string;
  readonly fromMs: number;
  readonly toMs: number;
}

/** Where classes of different groups lie over each other in a stretch of time, the first of each pair. */
export function clashesOf(
  groups: readonly { readonly id: string; readonly times: readonly ClassTime[]; readonly minutes: number }[],
  fromMs: number,
  toMs: number,
  zone: string,
): readonly Clash[] {
  const meetings = groups
    .flatMap(({ id, times, minutes }) =>
      times.flatMap((time) =>
        occurrences(time, fromMs - DAY_MS, toMs, zone).map((atMs): Meeting => ({
          groupId: id,
          fromMs: atMs,
          toMs: atMs + minutes * 60_000,
        })),
      ),
    )
    .toSorted((a, b) => a.fromMs - b.fromMs);
  const found = new Map<string, Clash>();
  meetings.forEach((one, index) => {
    for (let next = index + 1; next < meetings.length; next += 1) {
      const other = meetings[next];
      if (!other || other.fromMs >= one.toMs) break;
      if (other.groupId === one.groupId || other.fromMs < fromMs) continue;
      const pair = [one.groupId, other.groupId].toSorted() as [string, string];
      if (!found.has(pair.join())) found.set(pair.join(), { groups: pair, atMs: other.fromMs });
    }
  });
  return [...found.values()];
}
