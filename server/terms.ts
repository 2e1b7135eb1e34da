import { z } from 'zod';
import { TERM_DOCUMENT, written } from '@/core/documents';
import { presentId } from '@/core/forms';
import type { Term } from '@/core/term/document';
import { sql, type OwnQueries } from './sql';
import { partRows, readOrThrow, type UnreadableRow } from './unreadable';
import type { Versioned } from './versioned';

export interface StoredTerm {
  readonly term: Term;
  readonly version: number;
}

function storedTerm(row: unknown): StoredTerm {
  const { id, document, version } = z
    .object({ id: z.string(), document: z.unknown(), version: z.number() })
    .parse(row);
  const { data } = z.object({ name: z.string() }).safeParse(document);
  return {
    term: readOrThrow(TERM_DOCUMENT, document, { kind: 'term', id, name: data?.name ?? 'a term' }),
    version,
  };
}

/** The terms that are not in the bin, the latest to begin first, and those that cannot be read. */
export async function listTerms(
  queries: OwnQueries,
): Promise<{ readonly terms: readonly StoredTerm[]; readonly unreadable: readonly UnreadableRow[] }> {
  const rows = await queries.rows(
    sql`select id, document, version from term where teacher_id = ${queries.teacherId} and binned_at is null order by document ->> 'first' desc, id`,
  );
  const { readable, unreadable } = partRows(rows, storedTerm);
  return { terms: readable, unreadable };
}

/** Some terms by their ids, as far as they are there and can be read. */
export async function listedTerms(queries: OwnQueries, ids: readonly string[]): Promise<readonly Term[]> {
  const rows = await queries.rows(
    sql`select id, document, version from term where teacher_id = ${queries.teacherId} and id = any(${[...ids]})`,
  );
  return partRows(rows, storedTerm).readable.map(({ term }) => term);
}

/** One term; nothing where there is none, or it is in the bin. */
export async function readTerm(queries: OwnQueries, id: string): Promise<StoredTerm | undefined> {
  const [row] = await queries.rows(
    sql`select id, document, version from term where id = ${id} and teacher_id = ${queries.teacherId} and binned_at is null`,
  );
  return row && storedTerm(row);
}

/** Makes a term (`baseVersion` 0) or changes it on top of the version it was read at. */
export async function saveTerm(
  queries: OwnQueries,
  term: Term,
  baseVersion: number,
  atMs: number,
): Promise<Versioned | { readonly ok: false; readonly code: 'no-group'; readonly version: 0 }> {
  const [group] = await queries.rows(
    sql`select id from class_group where id = ${term.groupId} and teacher_id = ${queries.teacherId} and binned_at is null`,
  );
  if (!group) return { ok: false, code: 'no-group', version: 0 };
  const document = JSON.stringify(written(TERM_DOCUMENT, term));
  const at = new Date(atMs);
  const rows =
    baseVersion === 0
      ? await queries.rows(sql`
          insert into term (id, teacher_id, group_id, document, version, created_at, updated_at)
          values (${term.id}, ${queries.teacherId}, ${term.groupId}, ${document}::jsonb, 1, ${at}, ${at})
          on conflict (id) do nothing returning version`)
      : await queries.rows(sql`
          update term set document = ${document}::jsonb, group_id = ${term.groupId}, version = version + 1, updated_at = ${at}
          where id = ${term.id} and teacher_id = ${queries.teacherId} and version = ${baseVersion} and binned_at is null returning version`);
  if (rows[0]) return { ok: true, version: z.number().parse(rows[0].version) };
  const [there] = await queries.rows(
    sql`select version, binned_at from term where id = ${term.id} and teacher_id = ${queries.teacherId}`,
  );
  return {
    ok: false,
    code: there && there.binned_at !== null ? 'binned' : 'changed-elsewhere',
    version: there ? z.number().parse(there.version) : 0,
  };
}

/** Into the bin, or out of it again; false where there is none there. */
export async function setTermBinned(
  queries: OwnQueries,
  id: string,
  binned: boolean,
  atMs: number,
): Promise<boolean> {
  const at = binned ? new Date(atMs) : null;
  const rows = await queries.rows(
    sql`update term set binned_at = ${at}, version = version + 1 where id = ${id} and teacher_id = ${queries.teacherId} and (binned_at is null) = ${binned} returning id`,
  );
  return rows.length > 0;
}

/** When each form was really led for a group, ms, by its id. */
export async function ledFor(
  queries: OwnQueries,
  groupId: string,
): Promise<Readonly<Record<string, readonly number[]>>> {
  const rows = await queries.rows(sql`
    select distinct form_id, c.started_at
    from class_given c, unnest(c.forms_done) form_id
    where c.teacher_id = ${queries.teacherId} and c.group_id = ${groupId} and c.binned_at is null`);
  const led: Record<string, number[]> = {};
  for (const { form_id, started_at } of z
    .array(z.object({ form_id: z.string(), started_at: z.date() }))
    .parse(rows))
    (led[presentId(form_id)] ??= []).push(started_at.getTime());
  return led;
}
