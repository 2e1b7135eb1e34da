import {
  paceOf,
  toldOf,
  whatNext,
  type GroupHistory,
  type History,
  type UsualTelling,
  type WhatNext,
} from '@/core/log';
import { REPERTOIRE, withOwn, type Form } from '@/core/forms';
import { FIRST_REPETITION } from '@/core/time';
import { presentId } from '@/core/forms';
import { listClasses, type LoggedClass } from './classes';
import { readOwn } from './forms';
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
export const readHistory = async (queries: Queries, openPracticeId?: string): Promise<History> =>
  historyIn(await listClasses(queries), openPracticeId);

function historyIn(classes: readonly LoggedClass[], openPracticeId?: string): History {
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

/** Of a form here: its usual talk, and how much longer its first repetition usually takes. */
const usualIn =
  (forms: readonly Form[]): UsualTelling =>
  (formId, familiarity) => {
    const form = forms.find(({ id }) => id === presentId(formId));
    return form && { talkSec: form.setupSec[familiarity], firstFactor: FIRST_REPETITION[familiarity] };
  };

/** What a class that is in the log changes in the next draft; nothing where it is not in it. */
export async function readWhatNext(queries: Queries, classId: string): Promise<WhatNext | undefined> {
  const classes = await listClasses(queries);
  const given = classes.find(({ id }) => id === classId);
  if (!given) return undefined;
  const before = historyIn(classes.filter(({ id }) => id !== classId));
  return whatNext(
    given.record,
    before,
    historyIn(classes),
    usualIn(withOwn(REPERTOIRE, await readOwn(queries))),
  );
}
