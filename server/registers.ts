import { randomUUID } from 'node:crypto';
import { z } from 'zod';
import { HOUR_MS } from '@/core/almanac/zone';
import { sql, type OwnDatabase, type OwnQueries } from './sql';

/** Who is at a class, as it is ticked: those with a name here, and how many more came. */
export const registerSchema = z.strictObject({
  present: z
    .array(z.uuid())
    .max(300, 'at most 300 people')
    .refine((ids) => new Set(ids).size === ids.length, 'each person once'),
  others: z.int('a whole number of people').min(0, 'no fewer than none').max(500, 'at most 500'),
});
export type Register = z.infer<typeof registerSchema>;

/** A register that is ticked before a class waits so long for it to be led. */
export const REGISTER_WAITS_MS = 12 * HOUR_MS;

const rowsSchema = z.array(
  z.object({
    id: z.string(),
    others: z.number(),
    class_id: z.string().nullable(),
    present: z.array(z.string()).nullable(),
  }),
);

/** The register ticked for the next class with a practice; nothing where none was, or too long ago. */
export async function openRegister(
  queries: OwnQueries,
  practiceId: string,
  atMs: number,
): Promise<(Register & { readonly id: string }) | undefined> {
  const rows = await queries.rows(sql`
    select r.id, r.others, r.class_id,
      (select array_agg(p.person_id) from private.present p where p.register_id = r.id) as present
    from private.register r
    where r.practice_id = ${practiceId} and r.teacher_id = ${queries.teacherId} and r.class_id is null
      and r.opened_at between ${new Date(atMs - REGISTER_WAITS_MS)} and ${new Date(atMs + 2 * HOUR_MS)}
    order by r.opened_at desc limit 1`);
  const [row] = rowsSchema.parse(rows);
  return row && { id: row.id, others: row.others, present: row.present ?? [] };
}

/** The registers of classes, by class. */
export async function registersOf(
  queries: OwnQueries,
  classIds: readonly string[],
): Promise<ReadonlyMap<string, Register>> {
  const rows = await queries.rows(sql`
    select r.id, r.others, r.class_id,
      (select array_agg(p.person_id) from private.present p where p.register_id = r.id) as present
    from private.register r where r.teacher_id = ${queries.teacherId} and r.class_id = any(${[...classIds]})`);
  return new Map(
    rowsSchema
      .parse(rows)
      .map(({ class_id, others, present }) => [class_id ?? '', { others, present: present ?? [] }]),
  );
}

/** Writes who is there; those who are not people here any more are passed over. */
async function write(queries: OwnQueries, id: string, { present }: Register): Promise<void> {
  await queries.rows(
    sql`delete from private.present where register_id = ${id} and teacher_id = ${queries.teacherId}`,
  );
  await queries.rows(sql`
    insert into private.present (register_id, teacher_id, person_id)
    select ${id}, p.teacher_id, p.id from private.person p where p.teacher_id = ${queries.teacherId} and p.id = any(${[...present]})`);
}

/** Ticks who is here for the class that is about to be led with a practice. */
export const tickBefore = (
  database: OwnDatabase,
  practiceId: string,
  register: Register,
  atMs: number,
): Promise<void> =>
  database.transaction(async (queries) => {
    const open = await openRegister(queries, practiceId, atMs);
    const id = open?.id ?? randomUUID();
    await queries.rows(sql`
      insert into private.register (id, teacher_id, practice_id, opened_at, others)
      values (${id}, ${queries.teacherId}, ${practiceId}, ${new Date(atMs)}, ${register.others})
      on conflict (id) do update set others = excluded.others, opened_at = excluded.opened_at`);
    await write(queries, id, register);
  });

/** Says who came to a class that is in the log, within what else is written; false where it is not in it. */
export async function tickAfterIn(
  queries: OwnQueries,
  classId: string,
  register: Register,
): Promise<boolean> {
  const [given] = await queries.rows(
    sql`select practice_id, started_at from class_given where id = ${classId} and teacher_id = ${queries.teacherId}`,
  );
  if (!given) return false;
  const { practice_id, started_at } = z
    .object({ practice_id: z.string(), started_at: z.date() })
    .parse(given);
  const [row] = await queries.rows(sql`
    insert into private.register (id, teacher_id, practice_id, opened_at, class_id, others)
    values (${randomUUID()}, ${queries.teacherId}, ${practice_id}, ${started_at}, ${classId}, ${register.others})
    on conflict (class_id) do update set others = excluded.others returning id`);
  await write(queries, z.object({ id: z.string() }).parse(row).id, register);
  return true;
}

/** Says who came to a class that is in the log; false where it is not in it. */
export const tickAfter = (database: OwnDatabase, classId: string, register: Register): Promise<boolean> =>
  database.transaction((queries) => tickAfterIn(queries, classId, register));

/** Gives a class that has just come into the log the register that was ticked for it, if one was. */
export async function bindRegister(
  queries: OwnQueries,
  classId: string,
  practiceId: string,
  startedAtMs: number,
): Promise<void> {
  const open = await openRegister(queries, practiceId, startedAtMs);
  if (open)
    await queries.rows(
      sql`update private.register set class_id = ${classId} where id = ${open.id} and teacher_id = ${queries.teacherId}`,
    );
}
