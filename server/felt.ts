import { z } from 'zod';
import { FELT_DOCUMENT, written } from '@/core/documents';
import { feltSchema, type Felt } from '@/core/felt/felt';
import { sql, type OwnQueries } from './sql';
import { partRows, readOrThrow, type UnreadableRow } from './unreadable';

/** A moment somebody was asked, as it is sent. */
export const feltSentSchema = z.strictObject({
  /** Made where it is written, so that sending twice writes once. */
  id: z.uuid(),
  atMs: z
    .number()
    .min(Date.UTC(2000, 0, 1))
    .max(Date.UTC(2200, 0, 1)),
  felt: feltSchema,
});

export interface StoredFelt {
  readonly id: string;
  readonly atMs: number;
  readonly felt: Felt;
}

/** Writes how somebody was; false where there is no such person. */
export async function writeFelt(
  queries: OwnQueries,
  personId: string,
  { id, atMs, felt }: z.infer<typeof feltSentSchema>,
): Promise<boolean> {
  const [person] = await queries.rows(
    sql`select id from private.person where id = ${personId} and teacher_id = ${queries.teacherId}`,
  );
  if (!person) return false;
  await queries.rows(sql`
    insert into private.felt (id, teacher_id, person_id, at, document)
    values (${id}, ${queries.teacherId}, ${personId}, ${new Date(atMs)}, ${JSON.stringify(written(FELT_DOCUMENT, felt))}::jsonb)
    on conflict (id) do nothing`);
  return true;
}

/** Takes back what was written of a moment; false where it is not there. */
export async function takeBackFelt(queries: OwnQueries, personId: string, id: string): Promise<boolean> {
  const rows = await queries.rows(
    sql`delete from private.felt where id = ${id} and person_id = ${personId} and teacher_id = ${queries.teacherId} returning id`,
  );
  return rows.length > 0;
}

function storedFelt(row: unknown): StoredFelt {
  const { id, at, document } = z.object({ id: z.string(), at: z.date(), document: z.unknown() }).parse(row);
  return {
    id,
    atMs: at.getTime(),
    felt: readOrThrow(FELT_DOCUMENT, document, { kind: 'felt', id, name: 'how somebody was' }),
  };
}

/** How a person was, newest first, and what of it cannot be read. */
export async function feltOf(
  queries: OwnQueries,
  personId: string,
  most = 500,
): Promise<{ readonly felt: readonly StoredFelt[]; readonly unreadable: readonly UnreadableRow[] }> {
  const rows = await queries.rows(sql`
    select id, at, document from private.felt where person_id = ${personId} and teacher_id = ${queries.teacherId}
    order by at desc, id limit ${most}`);
  const { readable, unreadable } = partRows(rows, storedFelt);
  return { felt: readable, unreadable };
}
