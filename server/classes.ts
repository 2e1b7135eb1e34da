import { z } from 'zod';
import { CLASS_DOCUMENT, written } from '@/core/documents';
import { themePhases, type Brief } from '@/core/brief';
import { classRecordSchema, type ClassRecord } from '@/core/lead';
import type { PhaseId } from '@/core/phases';
import { practiceSchema } from '@/core/practice';
import { bindRegister } from './registers';
import { sql, type OwnQueries } from './sql';
import { partRows, readOrThrow, type UnreadableRow } from './unreadable';

export const givenClassSchema = z.strictObject({
  /** Made by the leading screen, so that sending twice records once. */
  id: z.uuid(),
  practiceId: z.string().max(64),
  version: z.number().int().min(1),
  groupId: z.string().max(64).nullable(),
  record: classRecordSchema,
});
export type GivenClass = z.infer<typeof givenClassSchema>;

export interface LoggedClass {
  readonly id: string;
  readonly practiceId: string;
  readonly practiceName: string;
  readonly groupId: string | undefined;
  readonly groupName: string | undefined;
  readonly startedAtMs: number;
  readonly record: ClassRecord;
  /** What the teacher wrote of it, and who led it; empty where nothing was written. */
  readonly note: string;
  readonly ledBy: string;
}

/** What may be written of a class that is in the log. */
export const classWordsSchema = z.strictObject({
  note: z.string().trim().max(2000, 'at most 2,000 characters'),
  ledBy: z.string().trim().max(80, 'at most 80 characters'),
});

/** Writes of a class; false where it is not in the log. */
export async function writeOfClass(
  queries: OwnQueries,
  id: string,
  { note, ledBy }: z.infer<typeof classWordsSchema>,
): Promise<boolean> {
  const rows = await queries.rows(
    sql`update class_given set note = ${note}, led_by = ${ledBy} where id = ${id} and teacher_id = ${queries.teacherId} returning id`,
  );
  return rows.length > 0;
}

/** Records a class; true when it is new, false when it was recorded before or the practice is unknown. */
export async function recordClass(
  queries: OwnQueries,
  given: GivenClass,
): Promise<'recorded' | 'known' | 'no-practice'> {
  const [practice] = await queries.rows(
    sql`select p.name from practice p join practice_version v on v.practice_id = p.id and v.version = ${given.version} where p.id = ${given.practiceId} and p.teacher_id = ${queries.teacherId}`,
  );
  if (!practice) return 'no-practice';
  const rows = await queries.rows(sql`
    insert into class_given (id, teacher_id, practice_id, practice_name, version, group_id, started_at, record)
    values (${given.id}, ${queries.teacherId}, ${given.practiceId}, ${practice.name}, ${given.version},
            (select id from class_group where id = ${given.groupId} and teacher_id = ${queries.teacherId}), ${new Date(given.record.startedAtMs)}, ${JSON.stringify(written(CLASS_DOCUMENT, given.record))}::jsonb)
    on conflict (id) do nothing returning id`);
  if (rows.length === 0) return 'known';
  await bindRegister(queries, given.id, given.practiceId, given.record.startedAtMs);
  return 'recorded';
}

const rowSchema = z.object({
  id: z.string(),
  practice_id: z.string(),
  practice_name: z.string(),
  started_at: z.date(),
  record: z.unknown(),
  group_id: z.string().nullable(),
  group_name: z.string().nullable(),
  note: z.string(),
  led_by: z.string(),
});

function loggedClass(row: unknown): LoggedClass {
  const parsed = rowSchema.parse(row);
  return {
    id: parsed.id,
    practiceId: parsed.practice_id,
    practiceName: parsed.practice_name,
    groupId: parsed.group_id ?? undefined,
    groupName: parsed.group_name ?? undefined,
    startedAtMs: parsed.started_at.getTime(),
    note: parsed.note,
    ledBy: parsed.led_by,
    record: readOrThrow(CLASS_DOCUMENT, parsed.record, {
      kind: 'class',
      id: parsed.id,
      name: parsed.practice_name,
    }),
  };
}

/** Classes given, newest first, and those whose record cannot be read; without those taken out of the log. */
export async function listClassesWithUnreadable(
  queries: OwnQueries,
  most = 200,
): Promise<{ readonly classes: readonly LoggedClass[]; readonly unreadable: readonly UnreadableRow[] }> {
  const rows = await queries.rows(sql`
    select c.id, c.practice_id, c.practice_name, c.started_at, c.record, c.note, c.led_by, c.group_id, g.name as group_name
    from class_given c left join class_group g on g.id = c.group_id
    where c.teacher_id = ${queries.teacherId} and c.binned_at is null order by c.started_at desc, c.id desc limit ${most}`);
  const { readable, unreadable } = partRows(rows, loggedClass);
  return { classes: readable, unreadable };
}

/** Takes a class out of the log, or puts it back; false where there is none. */
export async function setClassBinned(
  queries: OwnQueries,
  id: string,
  binned: boolean,
  atMs: number,
): Promise<boolean> {
  const at = binned ? new Date(atMs) : null;
  const rows = await queries.rows(
    sql`update class_given set binned_at = ${at} where id = ${id} and teacher_id = ${queries.teacherId} and (binned_at is null) = ${binned} returning id`,
  );
  return rows.length > 0;
}

/** Where a page of the log goes on: after this class, newest first. */
export interface LogKey {
  readonly startedAtMs: number;
  readonly id: string;
}

/** What of the log is asked for; all of it where nothing is said. */
export interface LogAsked {
  /** A group by its id; `null` is oneself. */
  readonly groupId?: string | null | undefined;
  /** Between these instants, ms, the first within, the second not. */
  readonly fromMs?: number | undefined;
  readonly toMs?: number | undefined;
  /** Words of the practice, the group, the note, or who led. */
  readonly words?: string | undefined;
  /** The practice was about this phase, by itself or by what belongs to it. */
  readonly phase?: PhaseId | undefined;
  /** Somebody who was there. */
  readonly personId?: string | undefined;
  /** Any of these forms was in it; a class is found by its words or by its forms. */
  readonly formIds?: readonly string[] | undefined;
  readonly after?: LogKey | undefined;
}

const PAGE = 40;
/** So many forms of one word are looked for. */
const MOST_FORMS = 12;

/** A text as a pattern that means only itself. */
const literally = (text: string): string => `%${text.replace(/[\\%_]/g, (mark) => `\\${mark}`)}%`;

const themeShape = practiceSchema.shape.brief.shape.theme;

/** The themes led so far that speak of a phase, as they are stored. */
async function themesOfPhase(queries: OwnQueries, phase: PhaseId): Promise<readonly unknown[]> {
  const rows = await queries.rows(sql`
    select distinct v.theme
    from (select distinct practice_id, version from class_given where teacher_id = ${queries.teacherId} and binned_at is null) given
      join practice_version v on v.practice_id = given.practice_id and v.version = given.version
    where v.theme is not null`);
  return z
    .array(z.object({ theme: z.unknown() }))
    .parse(rows)
    .flatMap(({ theme }) => {
      const { data } = themeShape.safeParse(theme);
      return data && themePhases(data).includes(phase) ? [theme] : [];
    });
}

/** A page of the log, newest first, and where the next one begins; nothing where it is the last. */
export async function findClasses(
  queries: OwnQueries,
  { groupId, fromMs, toMs, words, phase, personId, formIds = [], after }: LogAsked,
): Promise<{
  readonly classes: readonly LoggedClass[];
  readonly unreadable: readonly UnreadableRow[];
  readonly older: LogKey | undefined;
}> {
  const [isGroup, group] = [groupId !== undefined, groupId ?? null];
  const [from, to] = [fromMs, toMs].map((ms) => (ms === undefined ? null : new Date(ms)));
  const pattern = words === undefined || words.trim() === '' ? null : literally(words.trim());
  const forms = formIds.slice(0, MOST_FORMS).map((formId) => JSON.stringify({ items: [{ formId }] }));
  const themes = phase === undefined ? null : JSON.stringify(await themesOfPhase(queries, phase));
  const [afterAt, afterId] = after ? [new Date(after.startedAtMs), after.id] : [null, null];
  const rows = await queries.rows(sql`
    select c.id, c.practice_id, c.practice_name, c.started_at, c.record, c.note, c.led_by, c.group_id, g.name as group_name
    from class_given c left join class_group g on g.id = c.group_id
    where c.teacher_id = ${queries.teacherId} and c.binned_at is null
      and (not ${isGroup}::boolean or c.group_id is not distinct from ${group}::text)
      and (${from}::timestamptz is null or c.started_at >= ${from}::timestamptz)
      and (${to}::timestamptz is null or c.started_at < ${to}::timestamptz)
      and (${afterAt}::timestamptz is null or (c.started_at, c.id) < (${afterAt}::timestamptz, ${afterId}::text))
      and (${pattern}::text is null or c.practice_name ilike ${pattern} or g.name ilike ${pattern}
           or c.note ilike ${pattern} or c.led_by ilike ${pattern}
           or c.id in (select f.id from jsonb_array_elements(${`[${forms.join(',')}]`}::jsonb) wanted(form)
                       join class_given f on f.record @> wanted.form and f.teacher_id = ${queries.teacherId}))
      and (${themes}::jsonb is null or (c.practice_id, c.version) in (
             select v.practice_id, v.version from practice_version v
             where v.theme in (select jsonb_array_elements(${themes}::jsonb))))
      and (${personId ?? null}::text is null or c.id in (
             select r.class_id from private.present p join private.register r on r.id = p.register_id
             where p.person_id = ${personId ?? null}::text))
    order by c.started_at desc, c.id desc limit ${PAGE + 1}`);
  const { readable, unreadable } = partRows(rows.slice(0, PAGE), loggedClass);
  const last = rows.length > PAGE ? rows[PAGE - 1] : undefined;
  const key = z.object({ started_at: z.date(), id: z.string() }).safeParse(last);
  return {
    classes: readable,
    unreadable,
    older: key.success ? { startedAtMs: key.data.started_at.getTime(), id: key.data.id } : undefined,
  };
}

const yearSchema = z.array(
  z.object({
    id: z.string(),
    practice_name: z.string(),
    started_at: z.date(),
    actual_ms: z.number(),
    theme: z.unknown(),
  }),
);

/** One class on the line of a year. */
export interface ClassOnLine {
  readonly id: string;
  readonly practiceName: string;
  readonly startedAtMs: number;
  readonly lengthMs: number;
  /** What it was for; nothing where that cannot be read any more. */
  readonly theme: Brief['theme'] | undefined;
}

/** So many classes at most stand on one line. */
const MOST_ON_LINE = 2000;

/** The classes between two instants, oldest first, as the line of a year shows them. */
export async function classesOnLine(
  queries: OwnQueries,
  fromMs: number,
  toMs: number,
): Promise<readonly ClassOnLine[]> {
  // The theme of each practice is read once, however often it was led.
  const rows = await queries.rows(sql`
    with given as (
      select id, practice_id, version, practice_name, started_at, actual_ms
      from class_given
      where teacher_id = ${queries.teacherId} and binned_at is null and started_at >= ${new Date(fromMs)} and started_at < ${new Date(toMs)}
      order by started_at, id limit ${MOST_ON_LINE}),
    led as (
      select one.practice_id, one.version, v.theme
      from (select distinct practice_id, version from given) one
      join practice_version v on v.practice_id = one.practice_id and v.version = one.version)
    select given.id, given.practice_name, given.started_at, given.actual_ms, led.theme
    from given left join led on led.practice_id = given.practice_id and led.version = given.version
    order by given.started_at, given.id`);
  return yearSchema.parse(rows).map(({ id, practice_name, started_at, actual_ms, theme }) => ({
    id,
    practiceName: practice_name,
    startedAtMs: started_at.getTime(),
    lengthMs: actual_ms,
    theme: themeShape.safeParse(theme).data,
  }));
}

/** The months in which classes were given, newest first, each "2026-11" in a zone, with how many. */
export async function monthsOfLog(
  queries: OwnQueries,
  zone: string,
): Promise<readonly { readonly month: string; readonly classes: number }[]> {
  const rows = await queries.rows(sql`
    select to_char(started_at at time zone ${zone}, 'YYYY-MM') as month, count(*)::int as classes
    from class_given where teacher_id = ${queries.teacherId} and binned_at is null group by 1 order by 1 desc`);
  return z.array(z.object({ month: z.string(), classes: z.number() })).parse(rows);
}

/** Classes given, newest first, as far as their records can be read. */
export const listClasses = async (queries: OwnQueries, most = 200): Promise<readonly LoggedClass[]> =>
  (await listClassesWithUnreadable(queries, most)).classes;
