import { PGlite, types, type Transaction } from '@electric-sql/pglite';
import { folderIsMade, FolderProblem, prepareFolder, realFolder } from './folder';
import { takeFolder } from './lock';
import { migrateIn } from './migrations';
import type { Database, Queries, Row } from './sql';

const queriesOn = (target: Pick<PGlite, 'query'> | Transaction): Queries => ({
  rows: async (statement) => (await target.query<Row>(statement.text, [...statement.values])).rows,
});

/** Whether a whole database that was there before is one of ours: ours have their list of migrations. */
async function isOurs(engine: PGlite): Promise<boolean> {
  const { rows } = await engine.query<{ there: boolean }>(
    "select to_regclass('public.migration') is not null as there",
  );
  return rows[0]?.there === true;
}

/** A day is read as it is written, like on a server (see server/postgres.ts). */
const PARSERS = { [types.DATE]: (day: string) => day };

/**
 * Opens (or makes) the database in a folder. Throws FolderInUse when another process has it, FolderProblem for anything
 * but an empty folder or a whole database of ours, DatabaseNewer for one of a later Navuren; nothing is changed then.
 */
export async function openFolder(named: string, migrations: string): Promise<Database> {
  const folder = realFolder(named);
  const release = takeFolder(folder);
  let engine: PGlite | undefined;
  try {
    const state = prepareFolder(folder);
    const opened = await PGlite.create(folder, { parsers: PARSERS });
    engine = opened;
    if (state === 'whole' && !(await isOurs(opened)))
      throw new FolderProblem(
        `The data folder ${folder} holds a database without Navuren’s tables. Nothing was changed. ` +
          'Put back your last copy of the whole folder, or name another with NAVUREN_DATA.',
      );
    await opened.transaction((transaction) =>
      migrateIn(
        { ...queriesOn(transaction), run: async (text) => void (await transaction.exec(text)) },
        migrations,
      ),
    );
    folderIsMade(folder);
    const queries = queriesOn(opened);
    return {
      kind: 'embedded',
      ...queries,
      transaction: (work) => opened.transaction((transaction) => work(queriesOn(transaction))),
      reading: (work) => work(queries),
      giveUpSpace: async (tables) => {
        for (const table of tables) await opened.query(`vacuum full ${table}`);
        await opened.query('checkpoint');
      },
      answers: async () => void (await opened.query('select 1')),
      close: async () => {
        await opened.close();
        release();
      },
    };
  } catch (error) {
    await engine?.close();
    release();
    throw error;
  }
}
