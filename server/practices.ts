import { createHash } from 'node:crypto';
import { z } from 'zod';
import { PRACTICE_DOCUMENT, written } from '@/core/documents';
import { compile, practiceSchema, type Practice } from '@/core/practice';
import { sql, type OwnDatabase, type OwnQueries } from './sql';
import { partRows, readOrThrow, UnreadableDocument, type UnreadableRow } from './unreadable';

export interface StoredPractice {
  readonly id: string;
  readonly version: number;
  /** The id of the save that made this version; nothing for what was made without one. */
  readonly saveId: string | undefined;
  readonly practice: Practice;
  readonly updatedAtMs: number;
  readonly binned: boolean;
}

/** A line of the shelf. */
export interface PracticeSummary {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly updatedAtMs: number;
  readonly binnedAtMs: number | undefined;
  readonly lengthMs: number;
  readonly brief: Practice['brief'];
}

export interface VersionSummary {
  readonly version: number;
  readonly savedAtMs: number;
  readonly items: number;
  readonly name: string;
}

/** The document as it is stored: forms by the hash of their content. */
const storedSchema = z.looseObject({ forms: z.record(z.string(), z.string()), lengthMs: z.number() });
const headSchema = z.object({
  id: z.string(),
  name: z.string(),
  version: z.number(),
  updated_at: z.date(),
  binned_at: z.date().nullable(),
});

const hashOf = (text: string): string => createHash('sha256').update(text).digest('hex');

async function writeVersion(
  queries: OwnQueries,
  id: string,
  version: number,
  practice: Practice,
  atMs: number,
  saveId: string | undefined,
): Promise<void> {
  const hashes: Record<string, string> = {};
  const snapshots = new Map<string, string>();
  for (const [formId, form] of Object.entries(practice.forms)) {
    const text = JSON.stringify(form);
    const hash = hashOf(text);
    hashes[formId] = hash;
    snapshots.set(hash, text);
  }
  // Always in the same order: two saves at once on a real server would otherwise wait for each other for ever.
  for (const [hash, text] of [...snapshots].sort(([a], [b]) => (a < b ? -1 : 1)))
    await queries.rows(
      sql`insert into form_snapshot (hash, form) values (${hash}, ${text}::jsonb) on conflict (hash) do nothing`,
    );
  const document = JSON.stringify({
    ...written(PRACTICE_DOCUMENT, practice),
    forms: hashes,
    lengthMs: compile(practice).totalMs,
  });
  await queries.rows(
    sql`insert into practice_version (practice_id, teacher_id, version, saved_at, document, save_id) values (${id}, ${queries.teacherId}, ${version}, ${new Date(atMs)}, ${document}::jsonb, ${saveId ?? null})`,
  );
}

async function readPracticeDocument(
  queries: OwnQueries,
  row: Omit<UnreadableRow, 'problem'>,
  document: unknown,
): Promise<Practice> {
  const stored = storedSchema.safeParse(document);
  if (!stored.success) throw new UnreadableDocument({ ...row, problem: { code: 'no-document' } });
  const { lengthMs: _lengthMs, ...practice } = stored.data;
  const hashes = [...new Set(Object.values(practice.forms))];
  const rows = await queries.rows(sql`select hash, form from form_snapshot where hash = any(${hashes})`);
  const byHash = new Map(rows.map((one) => [one.hash, one.form]));
  const forms = Object.fromEntries(
    Object.entries(practice.forms).map(([formId, hash]) => [formId, byHash.get(hash)]),
  );
  return readOrThrow(PRACTICE_DOCUMENT, { ...practice, forms }, row);
}

/** The version a save made, if it was stored before. */
async function savedBefore(
  queries: OwnQueries,
  saveId: string | undefined,
): Promise<{ readonly id: string; readonly version: number } | undefined> {
  if (saveId === undefined) return undefined;
  const [row] = await queries.rows(
    sql`select practice_id, version from practice_version where save_id = ${saveId} and teacher_id = ${queries.teacherId}`,
  );
  if (!row) return undefined;
  const { practice_id, version } = z.object({ practice_id: z.string(), version: z.number() }).parse(row);
  return { id: practice_id, version };
}

/**
 * Puts a new practice on the shelf at version 1 and tells its id: `id`, or that of the practice the same save made
 * before, when its answer was lost and it is sent again.
 */
export async function createPractice(
  database: OwnDatabase,
  id: string,
  practice: Practice,
  atMs: number,
  saveId?: string,
): Promise<string> {
  return database.transaction((queries) => createPracticeIn(queries, id, practice, atMs, saveId));
}

/** The same within a transaction that is already open. */
export async function createPracticeIn(
  queries: OwnQueries,
  id: string,
  practice: Practice,
  atMs: number,
  saveId?: string,
): Promise<string> {
  const before = await savedBefore(queries, saveId);
  if (before) return before.id;
  await queries.rows(
    sql`insert into practice (id, teacher_id, name, version, created_at, updated_at) values (${id}, ${queries.teacherId}, ${practice.name}, 1, ${new Date(atMs)}, ${new Date(atMs)})`,
  );
  await writeVersion(queries, id, 1, practice, atMs, saveId);
  return id;
}

export type SaveResult =
  | { readonly ok: true; readonly version: number }
  | { readonly ok: false; readonly code: 'missing' }
  | { readonly ok: false; readonly code: 'changed-elsewhere'; readonly version: number };

/**
 * Saves a new version on top of `baseVersion`. When someone else has saved in between nothing is written and
 * the present version is told, so that no tab overwrites another unseen. A save that was stored but not heard of is
 * known by its id when it comes again, and answered as it would have been.
 */
export async function savePractice(
  database: OwnDatabase,
  id: string,
  practice: Practice,
  baseVersion: number,
  atMs: number,
  saveId?: string,
): Promise<SaveResult> {
  return database.transaction(async (queries) => {
    const [row] = await queries.rows(
      sql`select version from practice where id = ${id} and teacher_id = ${queries.teacherId} for update`,
    );
    if (!row) return { ok: false, code: 'missing' };
    const current = z.number().parse(row.version);
    const before = await savedBefore(queries, saveId);
    if (before?.id === id && before.version === current) return { ok: true, version: current };
    if (current !== baseVersion) return { ok: false, code: 'changed-elsewhere', version: current };
    const version = current + 1;
    await writeVersion(queries, id, version, practice, atMs, before ? undefined : saveId);
    await queries.rows(
      sql`update practice set name = ${practice.name}, version = ${version}, updated_at = ${new Date(atMs)} where id = ${id} and teacher_id = ${queries.teacherId}`,
    );
    return { ok: true, version };
  });
}

/** What a practice is called; undefined when there is none. */
export async function nameOfPractice(queries: OwnQueries, id: string): Promise<string | undefined> {
  const [row] = await queries.rows(
    sql`select name from practice where id = ${id} and teacher_id = ${queries.teacherId}`,
  );
  return row && z.string().parse(row.name);
}

/** A practice in its present version, or in an earlier one; undefined when there is none. */
export async function readPractice(
  queries: OwnQueries,
  id: string,
  version?: number,
): Promise<StoredPractice | undefined> {
  const [row] = await queries.rows(
    sql`select id, name, version, updated_at, binned_at from practice where id = ${id} and teacher_id = ${queries.teacherId}`,
  );
  if (!row) return undefined;
  const head = headSchema.parse(row);
  const wanted = version ?? head.version;
  const [stored] = await queries.rows(
    sql`select document, save_id from practice_version where practice_id = ${id} and teacher_id = ${queries.teacherId} and version = ${wanted}`,
  );
  if (!stored) return undefined;
  return {
    id,
    version: wanted,
    saveId: z.string().nullable().parse(stored.save_id) ?? undefined,
    practice: await readPracticeDocument(queries, { kind: 'practice', id, name: head.name }, stored.document),
    updatedAtMs: head.updated_at.getTime(),
    binned: head.binned_at !== null,
  };
}

const summaryBrief = practiceSchema.shape.brief;
const summarySchema = z.object({ length_ms: z.number(), brief: summaryBrief });

/** What stands on the shelf or in the bin, the newest first; what cannot be read apart. */
export interface Shelf {
  readonly practices: readonly PracticeSummary[];
  readonly unreadable: readonly UnreadableRow[];
}

function summaryOf(row: Readonly<Record<string, unknown>>): PracticeSummary {
  const head = headSchema.parse(row);
  const read = summarySchema.safeParse(row);
  if (!read.success) {
    const issue = read.error.issues[0];
    throw new UnreadableDocument({
      kind: 'practice',
      id: head.id,
      name: head.name,
      problem: { code: 'field', path: issue?.path ?? [], message: issue?.message ?? 'not as expected' },
    });
  }
  return {
    id: head.id,
    name: head.name,
    version: head.version,
    updatedAtMs: head.updated_at.getTime(),
    binnedAtMs: head.binned_at?.getTime(),
    lengthMs: read.data.length_ms,
    brief: read.data.brief,
  };
}

/** The shelf, newest first: what is kept, or what is in the bin. */
export async function listPractices(queries: OwnQueries, where: 'shelf' | 'bin'): Promise<Shelf> {
  const rows = await queries.rows(sql`
    select p.id, p.name, p.version, p.updated_at, p.binned_at, v.document -> 'brief' as brief, v.document -> 'lengthMs' as length_ms
    from practice p join practice_version v on v.practice_id = p.id and v.version = p.version
    where p.teacher_id = ${queries.teacherId} and (p.binned_at is not null) = ${where === 'bin'} order by p.updated_at desc`);
  const { readable, unreadable } = partRows(rows, summaryOf);
  return { practices: readable, unreadable };
}

/** Some practices by their ids, as far as they are there and can be read. */
export async function listedPractices(
  queries: OwnQueries,
  ids: readonly string[],
): Promise<readonly PracticeSummary[]> {
  const rows = await queries.rows(sql`
    select p.id, p.name, p.version, p.updated_at, p.binned_at, v.document -> 'brief' as brief, v.document -> 'lengthMs' as length_ms
    from practice p join practice_version v on v.practice_id = p.id and v.version = p.version
    where p.teacher_id = ${queries.teacherId} and p.id = any(${[...ids]})`);
  return partRows(rows, summaryOf).readable;
}

export async function listVersions(queries: OwnQueries, id: string): Promise<readonly VersionSummary[]> {
  const rows = await queries.rows(sql`
    select version, saved_at, jsonb_array_length(document -> 'items') as items, document ->> 'name' as name
    from practice_version where practice_id = ${id} and teacher_id = ${queries.teacherId} order by version desc`);
  return rows.map((row) => {
    const parsed = z
      .object({ version: z.number(), saved_at: z.date(), items: z.number(), name: z.string() })
      .parse(row);
    return {
      version: parsed.version,
      savedAtMs: parsed.saved_at.getTime(),
      items: parsed.items,
      name: parsed.name,
    };
  });
}

/** Moves a practice into the bin or out of it; false when there is no such practice. */
export async function setBinned(
  queries: OwnQueries,
  id: string,
  binned: boolean,
  atMs: number,
): Promise<boolean> {
  const at = binned ? new Date(atMs) : null;
  return (
    (
      await queries.rows(
        sql`update practice set binned_at = ${at} where id = ${id} and teacher_id = ${queries.teacherId} returning id`,
      )
    ).length > 0
  );
}
