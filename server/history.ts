import { paceOf, toldOf, type GroupHistory, type History } from '@/core/log';
import { presentId } from '@/core/forms';
import { listClasses } from './classes';
import type { Queries } from './sql';

const RECENT_CLASSES = 3;

/** In how many classes each form was done. */
function timesOf(classes: readonly (readonly string[])[]): Readonly<Record<string, number>> {
  const times = new Map<string, number>();
  for (const forms of classes) for (const id of new Set(forms)) times.set(id, (times.get(id) ?? 0) + 1);
  return Object.fromEntries(times);
}

/**
 * Reads the log once: by group for the choice of forms, and all of it for the pace. A practice that is open is not
 * held against the classes it gave itself: they count for its pace, not as what the last class did.
 */
export async function readHistory(queries: Queries, openPracticeId?: string): Promise<History> {
  const classes = await listClasses(queries);
  const byGroup = new Map<string, string[][]>();
  for (const { groupId, record, practiceId } of classes) {
    if (practiceId === openPracticeId) continue;
    const forms = record.items.filter((item) => item.actualMs > 0).map(({ formId }) => presentId(formId));
    byGroup.set(groupId ?? '', [...(byGroup.get(groupId ?? '') ?? []), forms]);
  }
  const history = (lists: readonly (readonly string[])[]): GroupHistory => ({
    recent: lists.slice(0, RECENT_CLASSES),
    known: [...new Set(lists.flat())],
    times: timesOf(lists),
    given: lists.length,
  });
  const led = classes
    .flatMap(({ record }) => record.items)
    .map((item) => ({ ...item, formId: presentId(item.formId) }));
  return {
    groups: Object.fromEntries(
      [...byGroup].filter(([id]) => id !== '').map(([id, lists]) => [id, history(lists)]),
    ),
    myself: history(byGroup.get('') ?? []),
    pace: paceOf(led),
    told: toldOf(led),
  };
}
