import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import pg from 'pg';
import { openDatabase, type OpenOptions } from './database';
import { OWNER, ownedBy, type OwnDatabase } from './sql';

/** Whether the databases of this test file are made on a server (jest.config.mjs runs each file on both). */
export const isOnServer = process.env.NAVUREN_TEST_ON === 'server';

/** The address of the database that stands for a folder, made where it is not there yet. */
export async function addressFor(folder: string): Promise<string> {
  const server = process.env.NAVUREN_TEST_POSTGRES;
  if (server === undefined) throw new Error('no PostgreSQL server was started for this test');
  const name = `n${createHash('sha256').update(folder).digest('hex').slice(0, 16)}`;
  const client = new pg.Client({ connectionString: server });
  await client.connect();
  try {
    const { rowCount } = await client.query('select 1 from pg_database where datname = $1', [name]);
    if (rowCount === 0) await client.query(`create database ${name}`);
  } finally {
    await client.end();
  }
  const address = new URL(server);
  address.pathname = `/${name}`;
  return address.href;
}

/** Opens a database for a test, as its owner has it: in a folder, or where the file is run on a server in the database that stands for it. */
export const openHere = async (options: OpenOptions): Promise<OwnDatabase> =>
  ownedBy(
    await openDatabase(isOnServer ? { ...options, address: await addressFor(options.folder) } : options),
    OWNER,
  );

/** Whether any file of the folder holds these letters. */
export const isInFolder = (letters: string, folder: string): boolean =>
  readdirSync(folder, { withFileTypes: true }).some((entry) => {
    const where = path.join(folder, entry.name);
    if (entry.isDirectory()) return isInFolder(letters, where);
    return entry.isFile() && readFileSync(where).includes(letters);
  });
