import { z } from 'zod';
import { CLASS_DOCUMENT, written } from '@/core/documents';
import { classRecordSchema, type ClassRecord } from '@/core/lead';
import { sql, type Queries } from './sql';
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
  queries: Queries,
  id: string,
  { note, ledBy }: z.infer<typeof classWordsSchema>,
): Promise<boolean> {
  const rows = await queries.rows(
    sql`update class_given set note = ${note}, led_by = ${ledBy} where id = ${id} returning id`,
  );
  return rows.length > 0;
}

/** Records a class; true when it is new, false when it was recorded before or the practice is unknown. */
export async function recordClass(
  queries: Queries,
  given: GivenClass,
): Promise<'recorded' | 'known' | 'no-practice'> {
  const [practice] = await queries.rows(
    sql`select p.name from practice p join practice_version v on v.practice_id = p.id and v.version = ${given.version} where p.id = ${given.practiceId}`,
  );
  if (!practice) return 'no-practice';
  const rows = await queries.rows(sql`
    insert into class_given (id, practice_id, practice_name, version, group_id, started_at, record)
    values (${given.id}, ${given.practiceId}, ${practice.name}, ${given.version},
            (select id from class_group where id = ${given.groupId}), ${new Date(given.record.startedAtMs)}, ${JSON.stringify(written(CLASS_DOCUMENT, given.record))}::jsonb)
    on conflict (id) do nothing returning id`);
  return rows.length > 0 ? 'recorded' : 'known';
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

/** Classes given, newest first, and those whose record cannot be read. */
export async function listClassesWithUnreadable(
  queries: Queries,
  most = 200,
): Promise<{ readonly classes: readonly LoggedClass[]; readonly unreadable: readonly UnreadableRow[] }> {
  const rows = await queries.rows(sql`
    select c.id, c.practice_id, c.practice_name, c.started_at, c.record, c.note, c.led_by, c.group_id, g.name as group_name
    from class_given c left join class_group g on g.id = c.group_id order by c.started_at desc limit ${most}`);
  const { readable, unreadable } = partRows(rows, loggedClass);
  return { classes: readable, unreadable };
}

/** Classes given, newest first, as far as their records can be read. */
export const listClasses = async (queries: Queries, most = 200): Promise<readonly LoggedClass[]> =>
  (await listClassesWithUnreadable(queries, most)).classes;
