import { z } from 'zod';
import { PERSON_DOCUMENT, written } from '@/core/documents';
import { isOneToOne } from '@/core/people/oneToOne';
import type { Person } from '@/core/people/person';
import { feltOf } from './felt';
import { homeworkOf } from './homework';
import { sql, type OwnDatabase, type OwnQueries } from './sql';
import { partRows, readOrThrow, type UnreadableRow } from './unreadable';
import type { Versioned } from './versioned';

/** A person with the version they were read at. */
export interface StoredPerson {
  readonly person: Person;
  readonly version: number;
}

const rowSchema = z.object({ id: z.string(), document: z.unknown(), version: z.number() });

function storedPerson(row: unknown): StoredPerson {
  const { id, document, version } = rowSchema.parse(row);
  const { data } = z.object({ name: z.string() }).safeParse(document);
  return {
    person: readOrThrow(PERSON_DOCUMENT, document, { kind: 'person', id, name: data?.name ?? 'somebody' }),
    version,
  };
}

/** Everyone, by name, and those who cannot be read. */
export async function listPeopleWithUnreadable(
  queries: OwnQueries,
): Promise<{ readonly people: readonly StoredPerson[]; readonly unreadable: readonly UnreadableRow[] }> {
  const rows = await queries.rows(
    sql`select id, document, version from private.person where teacher_id = ${queries.teacherId} order by lower(document ->> 'name'), id`,
  );
  const { readable, unreadable } = partRows(rows, storedPerson);
  return { people: readable, unreadable };
}

/** Everyone, by name, as far as they can be read. */
export const listPeople = async (queries: OwnQueries): Promise<readonly Person[]> =>
  (await listPeopleWithUnreadable(queries)).people.map(({ person }) => person);

/** One person; nothing where there is none of this id. */
export async function readPerson(queries: OwnQueries, id: string): Promise<StoredPerson | undefined> {
  const [row] = await queries.rows(
    sql`select id, document, version from private.person where id = ${id} and teacher_id = ${queries.teacherId}`,
  );
  return row && storedPerson(row);
}

/** Whether there is a person of this id, be it one that cannot be read. */
export const isSomebody = async (queries: OwnQueries, id: string): Promise<boolean> =>
  (
    await queries.rows(
      sql`select 1 from private.person where id = ${id} and teacher_id = ${queries.teacherId}`,
    )
  ).length > 0;

/** Makes a person (`baseVersion` 0) or changes them on top of the version they were read at. */
export async function savePerson(
  queries: OwnQueries,
  person: Person,
  baseVersion: number,
  atMs: number,
): Promise<Versioned> {
  const document = JSON.stringify(written(PERSON_DOCUMENT, person));
  const at = new Date(atMs);
  const rows =
    baseVersion === 0
      ? await queries.rows(sql`
          insert into private.person (id, teacher_id, document, version, created_at, updated_at)
          values (${person.id}, ${queries.teacherId}, ${document}::jsonb, 1, ${at}, ${at})
          on conflict (id) do nothing returning version`)
      : await queries.rows(sql`
          update private.person set document = ${document}::jsonb, version = version + 1, updated_at = ${at}
          where id = ${person.id} and teacher_id = ${queries.teacherId} and version = ${baseVersion} returning version`);
  if (rows[0]) return { ok: true, version: z.number().parse(rows[0].version) };
  const [there] = await queries.rows(
    sql`select version from private.person where id = ${person.id} and teacher_id = ${queries.teacherId}`,
  );
  return { ok: false, code: 'changed-elsewhere', version: there ? z.number().parse(there.version) : 0 };
}

/**
 * Deletes a person and all that is kept of them, for good: their rows in every class go too, and only that somebody
 * came stays counted. The space they stood in is given up and written over, so that nothing of them is left in the
 * folder’s tables. False where there is no such person.
 */
export async function deletePerson(database: OwnDatabase, id: string): Promise<boolean> {
  const isGone = await database.transaction(async (queries) => {
    await queries.rows(sql`
      update private.register set others = least(others + 1, 500)
      where teacher_id = ${queries.teacherId}
          and id in (select register_id from private.present where person_id = ${id} and teacher_id = ${queries.teacherId})`);
    const [row] = await queries.rows(
      sql`delete from private.person where id = ${id} and teacher_id = ${queries.teacherId} returning document -> 'comesTo' as comes_to`,
    );
    const { data: comesTo = [] } = z.array(z.object({ groupId: z.string() })).safeParse(row?.comes_to);
    // The group of one that was made for them is put away, and neither its name nor what it minds says anything of them.
    const own = comesTo.map(({ groupId }) => groupId).filter(isOneToOne);
    await queries.rows(sql`
      update class_group set name = 'one to one', conditions = '[]'::jsonb, initials = '{}'::jsonb,
        binned_at = now(), version = version + 1
        where teacher_id = ${queries.teacherId} and id = any(${own})`);
    return row !== undefined;
  });
  if (isGone)
    await database.giveUpSpace([
      'private.person',
      'private.present',
      'private.felt',
      'private.homework',
      'private.register',
      'class_group',
    ]);
  return isGone;
}

/** Everything that is kept of one person, as it is given to them. */
export async function everythingOf(queries: OwnQueries, id: string): Promise<object | undefined> {
  const stored = await readPerson(queries, id);
  if (!stored) return undefined;
  const classes = await classesOf(queries, id);
  return {
    kind: 'navuren-person',
    version: 1,
    person: stored.person,
    felt: (await feltOf(queries, id)).felt.map(({ atMs, felt }) => ({
      at: new Date(atMs).toISOString(),
      ...felt,
    })),
    homework: (await homeworkOf(queries, id)).homework.map((one) => one.homework),
    classes: classes.map(({ practiceName, groupName, startedAtMs, formIds }) => ({
      practice: practiceName,
      ...(groupName === undefined ? {} : { group: groupName }),
      begun: new Date(startedAtMs).toISOString(),
      forms: formIds,
    })),
  };
}

/** A class somebody was at. */
export interface ClassOfPerson {
  readonly id: string;
  readonly practiceId: string;
  readonly practiceName: string;
  readonly groupName: string | undefined;
  readonly startedAtMs: number;
  readonly endedAtMs: number;
  readonly formIds: readonly string[];
}

const classRows = z.array(
  z.object({
    id: z.string(),
    practice_id: z.string(),
    practice_name: z.string(),
    group_name: z.string().nullable(),
    started_at: z.date(),
    actual_ms: z.number(),
    forms_done: z.array(z.string()),
  }),
);

/** The classes a person was at, newest first, with the forms that were really done in them. */
export async function classesOf(
  queries: OwnQueries,
  personId: string,
  most = 400,
): Promise<readonly ClassOfPerson[]> {
  const rows = await queries.rows(sql`
    select c.id, c.practice_id, c.practice_name, g.name as group_name, c.started_at,
      c.actual_ms, c.forms_done
    from private.present p
      join private.register r on r.id = p.register_id
      join class_given c on c.id = r.class_id
      left join class_group g on g.id = c.group_id
    where p.person_id = ${personId} and p.teacher_id = ${queries.teacherId} and c.binned_at is null
    order by c.started_at desc, c.id desc limit ${most}`);
  return classRows.parse(rows).map((row) => ({
    id: row.id,
    practiceId: row.practice_id,
    practiceName: row.practice_name,
    groupName: row.group_name ?? undefined,
    startedAtMs: row.started_at.getTime(),
    endedAtMs: row.started_at.getTime() + row.actual_ms,
    formIds: row.forms_done,
  }));
}

/** When each person was last at a class, by id, ms. */
export async function lastCame(queries: OwnQueries): Promise<ReadonlyMap<string, number>> {
  const rows = await queries.rows(sql`
    select p.person_id, max(c.started_at) as last
    from private.present p
      join private.register r on r.id = p.register_id
      join class_given c on c.id = r.class_id
    where c.teacher_id = ${queries.teacherId} and c.binned_at is null group by p.person_id`);
  return new Map(
    z
      .array(z.object({ person_id: z.string(), last: z.date() }))
      .parse(rows)
      .map(({ person_id, last }) => [person_id, last.getTime()]),
  );
}
