import { readAlmanac, seasonsBySchool } from '@/core/almanac';
import { seedOfDay } from '@/core/compose';
import { changedSince, REPERTOIRE, withOwn } from '@/core/forms';
import type { Practice } from '@/core/practice';
import { customsOfTerm, type Term } from '@/core/term/document';
import { readCustoms } from './customs';
import { readOwn } from './forms';
import { readHistory } from './history';
import { readOwnLayers } from './layers';
import type { OwnQueries } from './sql';
import { calendarOf } from './groups';
import { groupsAsExpected } from './minded';

/** The day's seed, or the one that is set: then every day begins with the same draft, as the interface tests want it. */
const firstSeed = (now: number): number => Number(process.env.NAVUREN_FIRST_SEED) || seedOfDay(new Date(now));

/**
 * What the Compose room needs besides the practice itself; `practice` is the one that is opened, if any, and `term` whose
 * teacher may do things otherwise.
 */
export async function composeRoomData(
  queries: OwnQueries,
  practice?: Practice,
  practiceId?: string,
  term: Pick<Term, 'calendar' | 'ways'> = {},
) {
  const now = Date.now();
  const customs = customsOfTerm(await readCustoms(queries), term);
  const [groups, own, layers, history] = [
    await groupsAsExpected(queries, customs.place.zone, now),
    await readOwn(queries),
    await readOwnLayers(queries),
    await readHistory(queries, practiceId),
  ];
  const repertoire = withOwn(REPERTOIRE, own);
  const calendars = calendarOf(groups);
  return {
    customs,
    own,
    layers,
    history,
    /** Forms that are different now from how the practice was written with them. */
    changedForms: practice ? changedSince(practice.forms, repertoire) : [],
    formNames: Object.fromEntries(repertoire.map((form) => [form.id, form.name])),
    reading: readAlmanac(now, customs.place, customs),
    firstSeed: firstSeed(now),
    today: seasonsBySchool(now, customs.place, customs),
    groups: calendars.map((calendar) => ({
      ...calendar,
      conditions: groups.find((group) => group.id === calendar.id)?.conditions ?? [],
      mayNot: groups.find((group) => group.id === calendar.id)?.mayNot ?? [],
      likes: groups.find((group) => group.id === calendar.id)?.likes ?? [],
    })),
  };
}
