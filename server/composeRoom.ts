import { readAlmanac } from '@/core/almanac';
import { readCustoms } from './customs';
import type { Queries } from './sql';
import { calendarOf, listGroups } from './groups';

/** What the Compose room needs besides the practice itself. */
export async function composeRoomData(queries: Queries) {
  const [customs, groups] = [await readCustoms(queries), await listGroups(queries)];
  const calendars = calendarOf(groups);
  return {
    customs,
    reading: readAlmanac(Date.now(), customs.place, customs),
    groups: calendars.map((calendar) => ({
      ...calendar,
      conditions: groups.find((group) => group.id === calendar.id)?.conditions ?? [],
    })),
  };
}
