import { readAlmanac } from '@/core/almanac';
import { REPERTOIRE } from '@/core/forms';
import { readCustoms } from './customs';
import type { Queries } from './sql';
import { calendarOf, listGroups } from './groups';

/** What the Compose room needs besides the practice itself. */
export async function composeRoomData(queries: Queries) {
  const [customs, groups] = [await readCustoms(queries), await listGroups(queries)];
  const calendars = calendarOf(groups);
  return {
    customs,
    formNames: Object.fromEntries(REPERTOIRE.map((form) => [form.id, form.name])),
    reading: readAlmanac(Date.now(), customs.place, customs),
    groups: calendars.map((calendar) => ({
      ...calendar,
      conditions: groups.find((group) => group.id === calendar.id)?.conditions ?? [],
    })),
  };
}
