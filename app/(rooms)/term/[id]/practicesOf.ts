import { readPractice } from '@/server/practices';
import type { OwnQueries } from '@/server/sql';
import { orUnreadable } from '@/server/unreadable';
import type { Term } from '@/core/term/document';
import type { PracticeOfWeek } from '@/ui/term/view';

/** The practices of a term’s weeks that are on the shelf and can be read, by id. */
export async function practicesOf(
  queries: OwnQueries,
  { weeks }: Term,
): Promise<ReadonlyMap<string, PracticeOfWeek>> {
  const found = new Map<string, PracticeOfWeek>();
  for (const id of new Set(Object.values(weeks).flatMap(({ practiceId }) => practiceId ?? []))) {
    const read = await orUnreadable(readPractice(queries, id));
    const stored = 'value' in read ? read.value : undefined;
    if (!stored || stored.binned) continue;
    const { practice, version } = stored;
    found.set(id, { id, name: practice.name, version, formIds: practice.items.map(({ formId }) => formId) });
  }
  return found;
}
