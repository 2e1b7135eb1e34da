import { createHash } from 'node:crypto';
import { z } from 'zod';
import { compile, practiceSchema, type Practice } from '@/core/practice';
import { sql, type Database, type Queries } from './sql';

export interface StoredPractice {
  readonly id: string;
  readonly version: number;
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
  queries: Queries,
  id: string,
  version: number,
  practice: Practice,
  atMs: number,
): Promise<void> {
  const hashes: Record<string, string> = {};
  for (const [formId, form] of Object.entries(practice.forms)) {
    const text = JSON.stringify(form);
    const hash = hashOf(text);
    hashes[formId] = hash;
    await queries.rows(
      sql`insert into form_snapshot (hash, form) values (${hash}, ${text}::jsonb) on conflict (hash) do nothing`,
    );
  }
  const document = JSON.stringify({ ...practice, forms: hashes, lengthMs: compile(practice).totalMs });
  await queries.rows(
    sql`insert into practice_version (practice_id, version, saved_at, document) values (${id}, ${version}, ${new Date(atMs)}, ${document}::jsonb)`,
  );
}

async function readDocument(queries: Queries, document: unknown): Promise<Practice> {
  const { lengthMs: _lengthMs, ...stored } = storedSchema.parse(document);
  const hashes = [...new Set(Object.values(stored.forms))];
  const rows = await queries.rows(sql`select hash, form from form_snapshot where hash = any(${hashes})`);
  const byHash = new Map(rows.map((row) => [row.hash, row.form]));
  const forms = Object.fromEntries(
    Object.entries(stored.forms).map(([formId, hash]) => [formId, byHash.get(hash)]),
  );
  return practiceSchema.parse({ ...stored, forms });
}

/** Puts a new practice on the shelf at version 1. */
export async function createPractice(
  database: Database,
  id: string,
  practice: Practice,
  atMs: number,
): Promise<void> {
  await database.transaction(async (queries) => {
    await queries.rows(
      sql`insert into practice (id, name, version, created_at, updated_at) values (${id}, ${practice.name}, 1, ${new Date(atMs)}, ${new Date(atMs)})`,
    );
    await writeVersion(queries, id, 1, practice, atMs);
  });
}

export type SaveResult =
  | { readonly ok: true; readonly version: number }
  | { readonly ok: false; readonly code: 'missing' }
  | { readonly ok: false; readonly code: 'changed-elsewhere'; readonly version: number };

/**
 * Saves a new version on top of `baseVersion`. When someone else has saved in between nothing is written and
 * the present version is told, so that no tab overwrites another unseen.
 */
export async function savePractice(
  database: Database,
  id: string,
  practice: Practice,
  baseVersion: number,
  atMs: number,
): Promise<SaveResult> {
  return database.transaction(async (queries) => {
    const [row] = await queries.rows(sql`select version from practice where id = ${id} for update`);
    if (!row) return { ok: false, code: 'missing' };
    const current = z.number().parse(row.version);
    if (current !== baseVersion) return { ok: false, code: 'changed-elsewhere', version: current };
    const version = current + 1;
    await writeVersion(queries, id, version, practice, atMs);
    await queries.rows(
      sql`update practice set name = ${practice.name}, version = ${version}, updated_at = ${new Date(atMs)} where id = ${id}`,
    );
    return { ok: true, version };
  });
}

/** A practice in its present version, or in an earlier one; undefined when there is none. */
export async function readPractice(
  queries: Queries,
  id: string,
  version?: number,
): Promise<StoredPractice | undefined> {
  const [row] = await queries.rows(
    sql`select id, name, version, updated_at, binned_at from practice where id = ${id}`,
  );
  if (!row) return undefined;
  const head = headSchema.parse(row);
  const wanted = version ?? head.version;
  const [stored] = await queries.rows(
    sql`select document from practice_version where practice_id = ${id} and version = ${wanted}`,
  );
  if (!stored) return undefined;
  return {
    id,
    version: wanted,
    practice: await readDocument(queries, stored.document),
    updatedAtMs: head.updated_at.getTime(),
    binned: head.binned_at !== null,
  };
}

const summaryBrief = practiceSchema.shape.brief;

/** The shelf, newest first: what is kept, or what is in the bin. */
export async function listPractices(
  queries: Queries,
  where: 'shelf' | 'bin',
): Promise<readonly PracticeSummary[]> {
  const rows = await queries.rows(sql`
    select p.id, p.name, p.version, p.updated_at, p.binned_at, v.document -> 'brief' as brief, v.document -> 'lengthMs' as length_ms
    from practice p join practice_version v on v.practice_id = p.id and v.version = p.version
    where (p.binned_at is not null) = ${where === 'bin'} order by p.updated_at desc`);
  return rows.map((row) => {
    const head = headSchema.parse(row);
    return {
      id: head.id,
      name: head.name,
      version: head.version,
      updatedAtMs: head.updated_at.getTime(),
      binnedAtMs: head.binned_at?.getTime(),
      lengthMs: z.number().parse(row.length_ms),
      brief: summaryBrief.parse(row.brief),
    };
  });
}

export async function listVersions(queries: Queries, id: string): Promise<readonly VersionSummary[]> {
  const rows = await queries.rows(sql`
    select version, saved_at, jsonb_array_length(document -> 'items') as items, document ->> 'name' as name
    from practice_version where practice_id = ${id} order by version desc`);
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
  queries: Queries,
  id: string,
  binned: boolean,
  atMs: number,
): Promise<boolean> {
  const at = binned ? new Date(atMs) : null;
  return (
    (await queries.rows(sql`update practice set binned_at = ${at} where id = ${id} returning id`)).length > 0
  );
}
