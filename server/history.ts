import { z } from 'zod';
import {
  paceOf,
  taughtBy,
  toldOf,
  whatNext,
  type GroupHistory,
  type History,
  type TaughtItem,
  type TaughtRow,
  type UsualTelling,
  type WhatNext,
} from '@/core/log';
import { REPERTOIRE, withOwn, type Form } from '@/core/forms';
import { FIRST_REPETITION } from '@/core/time';
import { presentId } from '@/core/forms';
import { listClasses, type LoggedClass } from './classes';
import { readOwn } from './forms';
import { sql, type OwnQueries } from './sql';

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
export const readHistory = async (queries: OwnQueries, openPracticeId?: string): Promise<History> =>
  historyIn(await listClasses(queries), await readForgotten(queries), openPracticeId);

/** Till when what was learnt of a form is forgotten, ms, by form. */
type Forgotten = Readonly<Record<string, number>>;

async function readForgotten(queries: OwnQueries): Promise<Forgotten> {
  const rows = await queries.rows(
    sql`select form_id, before from learnt_forgotten where teacher_id = ${queries.teacherId}`,
  );
  const parsed = z.array(z.object({ form_id: z.string(), before: z.date() })).parse(rows);
  return Object.fromEntries(parsed.map(({ form_id: formId, before }) => [formId, before.getTime()]));
}

/** Forgets what classes before a moment have taught of a form; or, with no moment, learns from all of them again. */
export async function forgetLearnt(
  queries: OwnQueries,
  formId: string,
  beforeMs: number | undefined,
): Promise<void> {
  await queries.rows(
    beforeMs === undefined
      ? sql`delete from learnt_forgotten where teacher_id = ${queries.teacherId} and form_id = ${formId}`
      : sql`insert into learnt_forgotten (teacher_id, form_id, before) values (${queries.teacherId}, ${formId}, ${new Date(beforeMs)})
            on conflict (teacher_id, form_id) do update set before = excluded.before`,
  );
}

/** What was led, of which something may be learnt. */
const ledIn = (classes: readonly LoggedClass[], forgotten: Forgotten): readonly TaughtItem[] =>
  classes.flatMap(({ record, startedAtMs }) =>
    record.items
      .map((item) => ({ ...item, formId: presentId(item.formId) }))
      .filter(({ formId }) => startedAtMs >= (forgotten[formId] ?? 0)),
  );

/** What the log has taught, form by form, and of which forms something was forgotten. */
export async function readTaught(queries: OwnQueries): Promise<{
  readonly rows: readonly TaughtRow[];
  readonly forgotten: readonly { readonly formId: string; readonly name: string }[];
}> {
  const [classes, forgotten] = [await listClasses(queries), await readForgotten(queries)];
  const forms = withOwn(REPERTOIRE, await readOwn(queries));
  return {
    rows: taughtBy(ledIn(classes, forgotten), usualIn(forms)),
    forgotten: Object.keys(forgotten).map((formId) => ({
      formId,
      name: forms.find(({ id }) => id === formId)?.name ?? formId,
    })),
  };
}

function historyIn(classes: readonly LoggedClass[], forgotten: Forgotten, openPracticeId?: string): History {
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
  const led = ledIn(classes, forgotten);
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
export async function readWhatNext(queries: OwnQueries, classId: string): Promise<WhatNext | undefined> {
  const classes = await listClasses(queries);
  const given = classes.find(({ id }) => id === classId);
  if (!given) return undefined;
  const forgotten = await readForgotten(queries);
  const before = historyIn(
    classes.filter(({ id }) => id !== classId),
    forgotten,
  );
  return whatNext(
    given.record,
    before,
    historyIn(classes, forgotten),
    usualIn(withOwn(REPERTOIRE, await readOwn(queries))),
  );
}
