import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { PGlite, type Transaction } from '@electric-sql/pglite';
import { seedDemo } from './demo';
import { folderIsMade, FolderProblem, prepareFolder, realFolder } from './folder';
import { takeFolder } from './lock';
import type { Database, Queries, Row } from './sql';

const queriesOn = (target: Pick<PGlite, 'query'> | Transaction): Queries => ({
  rows: async (statement) => (await target.query<Row>(statement.text, [...statement.values])).rows,
});

/** Applies the numbered migrations that have not run yet, each in a transaction of its own. */
async function migrate(engine: PGlite, folder: string): Promise<void> {
  await engine.exec(
    'create table if not exists migration (name text primary key, applied_at timestamptz not null default now())',
  );
  const done = new Set(
    (await engine.query<{ name: string }>('select name from migration')).rows.map((row) => row.name),
  );
  const files = readdirSync(folder)
    .filter((name) => /^\d{3}_.*\.sql$/.test(name))
    .sort();
  for (const name of files) {
    if (done.has(name)) continue;
    const text = readFileSync(path.join(folder, name), 'utf8');
    await engine.transaction(async (transaction) => {
      await transaction.exec(text);
      await transaction.query('insert into migration (name) values ($1)', [name]);
    });
  }
}

export interface OpenOptions {
  readonly folder: string;
  readonly migrations: string;
  /** Fill an empty database with the Quillhaven sample. */
  readonly demo: boolean;
}

/** Whether a whole database that was there before is one of ours: ours have their list of migrations. */
async function isOurs(engine: PGlite): Promise<boolean> {
  const { rows } = await engine.query<{ there: boolean }>(
    "select to_regclass('public.migration') is not null as there",
  );
  return rows[0]?.there === true;
}

/**
 * Opens (or makes) the database in a folder. Throws FolderInUse when another process has it, FolderProblem for anything
 * but an empty folder or a whole database of ours; nothing is changed then.
 */
export async function openDatabase(options: OpenOptions): Promise<Database> {
  const folder = realFolder(options.folder);
  const release = takeFolder(folder);
  try {
    const state = prepareFolder(folder);
    const engine = await PGlite.create(folder);
    if (state === 'whole' && !(await isOurs(engine))) {
      await engine.close();
      throw new FolderProblem(
        `The data folder ${folder} holds a database without Navuren’s tables. Nothing was changed. ` +
          'Put back your last copy of the whole folder, or name another with NAVUREN_DATA.',
      );
    }
    await migrate(engine, options.migrations);
    folderIsMade(folder);
    const database: Database = {
      ...queriesOn(engine),
      transaction: (work) => engine.transaction((transaction) => work(queriesOn(transaction))),
      close: async () => {
        await engine.close();
        release();
      },
    };
    if (options.demo) await seedDemo(database);
    return database;
  } catch (error) {
    release();
    throw error;
  }
}

const holder = globalThis as typeof globalThis & { navurenDatabase?: Promise<Database> | undefined };

/** Where the data lie, as the user named it. */
export const dataFolder = (): string =>
  path.resolve(/* turbopackIgnore: true */ process.env.NAVUREN_DATA ?? './data');

/** The one database handle of this process; it survives hot reload and is tried again after a failure. */
export function database(): Promise<Database> {
  holder.navurenDatabase ??= openDatabase({
    folder: dataFolder(),
    migrations: path.resolve(/* turbopackIgnore: true */ process.cwd(), 'db/migrations'),
    demo: process.env.NAVUREN_DEMO === '1',
  }).catch((error: unknown) => {
    holder.navurenDatabase = undefined;
    throw error;
  });
  return holder.navurenDatabase;
}

/** Closes the handle if it is open; for a clean stop. */
export async function closeDatabase(): Promise<void> {
  const open = holder.navurenDatabase;
  holder.navurenDatabase = undefined;
  if (open) await (await open).close();
}
