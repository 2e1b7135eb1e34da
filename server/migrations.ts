import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { sql, type Queries } from './sql';

/** Raised when a database was written by a later Navuren: this one would not know what its columns mean. */
export class DatabaseNewer extends Error {
  constructor(readonly unknown: string) {
    super(
      `it was made by a newer Navuren than this one (it has “${unknown}”); start that one, or bring this one up to date. ` +
        'Nothing was changed',
    );
    this.name = 'DatabaseNewer';
  }
}

/** What migrating needs besides statements: a text of several, without values. */
export interface Migrating extends Queries {
  run(text: string): Promise<void>;
}

/**
 * Applies the numbered migrations that have not run yet, within a transaction that is open: all of them or none. Throws
 * DatabaseNewer when one has run that is not known here.
 */
export async function migrateIn(open: Migrating, folder: string): Promise<void> {
  await open.run(
    'create table if not exists migration (name text primary key, applied_at timestamptz not null default now())',
  );
  const done = new Set(
    (await open.rows(sql`select name from migration order by name`)).map((row) => String(row.name)),
  );
  const files = readdirSync(folder)
    .filter((name) => /^\d{3}_.*\.sql$/.test(name))
    .sort();
  const known = new Set(files);
  for (const name of done) if (!known.has(name)) throw new DatabaseNewer(name);
  for (const name of files) {
    if (done.has(name)) continue;
    await open.run(readFileSync(path.join(folder, name), 'utf8'));
    await open.rows(sql`insert into migration (name) values (${name})`);
  }
}
