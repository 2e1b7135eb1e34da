import { z } from 'zod';
import { PART_IDS, withNeeded, type PartId, type PartPlan } from '@/core/archive/parts';
import type { OwnDatabase, OwnQueries } from '../sql';
import { NO_STEP, type Step } from '../steps';
import { ArchiveRefused, checkArchive, type ReadRow } from './read';
import { BOOKKEEPING, rowFile, TABLES, type SavedRow, type SavedTable } from './tables';
import { asSaved } from './write';

/** What would become of a row. */
type Fate = 'added' | 'changed' | 'kept' | 'silent';

export interface ArchivePlan {
  readonly writtenAt: string;
  readonly parts: readonly PartPlan[];
}

/** So many names are told of a part. */
const MOST_NAMES = 6;

/** The same whatever the order of its fields. */
function canonical(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map(canonical).join(',')}]`;
  if (typeof value !== 'object' || value === null) return JSON.stringify(value) ?? 'null';
  const fields = Object.entries(value).filter(([, inner]) => inner !== undefined);
  return `{${fields
    .toSorted(([a], [b]) => (a < b ? -1 : 1))
    .map(([name, inner]) => `${JSON.stringify(name)}:${canonical(inner)}`)
    .join(',')}}`;
}

const content = (row: SavedRow): string =>
  canonical(Object.fromEntries(Object.entries(row).filter(([name]) => !BOOKKEEPING.has(name))));

const quoted = (names: readonly string[]): string => names.map((name) => `"${name}"`).join(', ');

/** That a row is the one of this key, with what is bound to it, and of this teacher where it is anybody’s own. */
function isRow(
  { key, isShared }: SavedTable,
  row: SavedRow,
  teacherId: string | undefined,
  bound = 0,
): { readonly text: string; readonly values: readonly unknown[] } {
  const names = [...key, ...(isShared || teacherId === undefined ? [] : ['teacher_id'])];
  return {
    text: names.map((name, index) => `"${name}" = $${bound + index + 1}`).join(' and '),
    values: names.map((name) => (name === 'teacher_id' ? teacherId : row[name])),
  };
}

async function there(table: SavedTable, row: SavedRow, queries: OwnQueries): Promise<SavedRow | undefined> {
  const { text, values } = isRow(table, row, queries.teacherId);
  const [found] = await queries.rows({
    text: `select ${quoted(Object.keys(table.columns))} from ${table.table} where ${text}`,
    values,
  });
  return found;
}

/** Whether what a row would be is somebody else’s here: ids are the same only where a file of theirs is brought in. */
async function isAnothers(table: SavedTable, row: SavedRow, queries: OwnQueries): Promise<boolean> {
  // Of these each teacher has their own under the same key.
  if (table.isShared || ['customs', 'words', 'forgotten'].includes(table.folder)) return false;
  const { text, values } = isRow(table, row, undefined);
  const [found] = await queries.rows({
    text: `select 1 from ${table.table} where ${text} and teacher_id <> $${values.length + 1}`,
    values: [...values, queries.teacherId],
  });
  return found !== undefined;
}

const asValue = (table: SavedTable, name: string, value: unknown): unknown => {
  const column = table.columns[name];
  if (column === 'json') return JSON.stringify(value);
  return (column === 'time' || column === 'time?') && typeof value === 'string' ? new Date(value) : value;
};
const cast = (table: SavedTable, name: string): string => (table.columns[name] === 'json' ? '::jsonb' : '');

/** Puts a row in; false where something else already stands in its place. */
async function insert(table: SavedTable, row: SavedRow, queries: OwnQueries): Promise<void> {
  const names = [...Object.keys(table.columns), ...(table.isShared ? [] : ['teacher_id'])];
  await queries.rows({
    text: `insert into ${table.table} (${quoted(names)}) values (${names.map((name, index) => `$${index + 1}${cast(table, name)}`).join(', ')}) on conflict do nothing`,
    values: names.map((name) =>
      name === 'teacher_id' ? queries.teacherId : asValue(table, name, row[name]),
    ),
  });
}

/** Writes a row over the one that is here, as a later version of it where there are versions. */
async function update(table: SavedTable, row: SavedRow, here: SavedRow, queries: OwnQueries): Promise<void> {
  const names = Object.keys(table.columns).filter((name) => !table.key.includes(name));
  const later = (name: string): unknown =>
    name === 'version'
      ? Math.max(Number(here.version), Number(row.version)) + 1
      : asValue(table, name, row[name]);
  const which = isRow(table, row, queries.teacherId, names.length);
  await queries.rows({
    text: `update ${table.table} set ${names.map((name, index) => `"${name}" = $${index + 1}${cast(table, name)}`).join(', ')} where ${which.text}`,
    values: [...names.map(later), ...which.values],
  });
}

const versionedSchema = z.looseObject({
  name: z.string().optional(),
  forms: z.record(z.string(), z.string()),
});

/** Goes through a file, telling what becomes of each row; with `isDone` it becomes so. */
class Walk {
  private readonly seen = new Map<string, Set<string>>(
    TABLES.map(({ folder }) => [folder, new Set<string>()]),
  );
  /** The latest version of each practice in the file. */
  private readonly latest = new Map<string, number>();
  private readonly fresh = new Set<string>();
  private readonly counts = new Map<
    PartId,
    { added: number; changed: number; kept: number; names: string[] }
  >();

  constructor(
    private readonly queries: OwnQueries,
    private readonly parts: ReadonlySet<PartId>,
    private readonly isDone: boolean,
    private readonly nowMs: number,
  ) {}

  async take({ table, row }: ReadRow): Promise<void> {
    if (!this.parts.has(table.part)) return;
    await this.checkRefs(table, row);
    this.seen.get(table.folder)?.add(String(row[table.key[0] ?? '']));
    const fate =
      table.folder === 'practice-versions'
        ? await this.takeVersion(table, row)
        : await this.takeRow(table, row);
    if (fate !== 'silent') this.count(table, row, fate);
  }

  private count(table: SavedTable, row: SavedRow, fate: Exclude<Fate, 'silent'>): void {
    const counts = this.counts.get(table.part) ?? { added: 0, changed: 0, kept: 0, names: [] };
    this.counts.set(table.part, counts);
    counts[fate] += 1;
    const name = table.name?.(row) ?? '';
    if (fate !== 'kept' && name !== '' && counts.names.length < MOST_NAMES)
      counts.names.push(name.slice(0, 120));
  }

  private async isThere(folder: string, id: string): Promise<boolean> {
    if (this.seen.get(folder)?.has(id)) return true;
    const table = TABLES.find((one) => one.folder === folder);
    return (
      table !== undefined && (await there(table, { [table.key[0] ?? '']: id }, this.queries)) !== undefined
    );
  }

  private async checkRefs({ refs = {}, folder, key }: SavedTable, row: SavedRow): Promise<void> {
    for (const [column, target] of Object.entries(refs)) {
      const id = row[column];
      if (typeof id !== 'string' || (await this.isThere(target, id))) continue;
      throw new ArchiveRefused(
        `${folder}/${key.map((name) => String(row[name])).join('~')}`,
        `its ${column.replace('_id', '')} “${id.slice(0, 60)}” is neither in the file nor here`,
      );
    }
  }

  private async takeRow(table: SavedTable, row: SavedRow): Promise<Fate> {
    const here = await there(table, row, this.queries);
    if (!here && (await isAnothers(table, row, this.queries)))
      throw new ArchiveRefused(
        rowFile(table, row),
        'it is another teacher’s here: what is theirs is brought in by them, or shared by them',
      );
    if (table.folder === 'practices') {
      this.latest.set(String(row.id), Number(row.version));
      if (here) return 'silent';
      this.fresh.add(String(row.id));
    }
    if (!here) {
      if (this.isDone) await insert(table, row, this.queries);
      return table.folder === 'forms-as-they-were' ? 'silent' : 'added';
    }
    if (table.folder === 'forms-as-they-were') return 'silent';
    if (content(asSaved(table, here)) === content(row)) return 'kept';
    if (this.isDone) await update(table, row, here, this.queries);
    return 'changed';
  }

  /** A version of a practice: of one that is here, only the latest counts, and it becomes a version more. */
  private async takeVersion(table: SavedTable, row: SavedRow): Promise<Fate> {
    const id = String(row.practice_id);
    const document = versionedSchema.safeParse(row.document);
    if (!document.success) throw new ArchiveRefused(`practice-versions/${id}`, 'its document names no forms');
    for (const hash of Object.values(document.data.forms))
      if (!(await this.isThere('forms-as-they-were', hash)))
        throw new ArchiveRefused(
          `practice-versions/${id}`,
          `its form ${hash.slice(0, 12)}… is neither in the file nor here`,
        );
    if (this.fresh.has(id)) {
      if (this.isDone) await insert(table, row, this.queries);
      return 'silent';
    }
    if (Number(row.version) !== this.latest.get(id)) return 'silent';
    const [now] = await this.queries.rows({
      text: 'select p.version, v.document from practice p join practice_version v on v.practice_id = p.id and v.version = p.version where p.id = $1 and p.teacher_id = $2',
      values: [id, this.queries.teacherId],
    });
    if (now && canonical(now.document) === canonical(row.document)) return 'kept';
    const version = Number(now?.version ?? 0) + 1;
    if (this.isDone) {
      const at = new Date(this.nowMs);
      await insert(table, { ...row, version, saved_at: at.toISOString() }, this.queries);
      await this.queries.rows({
        text: 'update practice set name = coalesce($2, name), version = $3, updated_at = $4 where id = $1 and teacher_id = $5',
        values: [id, document.data.name ?? null, version, at, this.queries.teacherId],
      });
    }
    return 'changed';
  }

  plan(): readonly PartPlan[] {
    return PART_IDS.flatMap((part) => {
      const counts = this.counts.get(part);
      return counts ? [{ part, ...counts }] : [];
    });
  }
}

/** Reading a file through takes about this share of looking it over. */
const READ_THROUGH = 0.2;

/** Looks a file over, all of it, and tells what bringing it in would do. Changes nothing; throws ArchiveRefused. */
export async function planArchive(
  queries: OwnQueries,
  file: string,
  step: Step = NO_STEP,
): Promise<ArchivePlan> {
  // What is damaged is told at once: before anything is held against what is here.
  await checkArchive(
    file,
    () => undefined,
    (share) => step(share * READ_THROUGH),
  );
  const walk = new Walk(queries, new Set(PART_IDS), false, 0);
  const { writtenAt } = await checkArchive(
    file,
    (read) => walk.take(read),
    (share) => step(READ_THROUGH + share * (1 - READ_THROUGH)),
  );
  return { writtenAt, parts: walk.plan() };
}

/** Brings in the chosen parts of a file and what they need, whole or not at all. Throws ArchiveRefused. */
export const bringArchive = (
  database: OwnDatabase,
  file: string,
  chosen: readonly PartId[],
  nowMs: number,
  step: Step = NO_STEP,
): Promise<readonly PartPlan[]> =>
  database.transaction(async (queries) => {
    const walk = new Walk(queries, new Set(withNeeded(chosen)), true, nowMs);
    await checkArchive(file, (read) => walk.take(read), step);
    return walk.plan();
  });
