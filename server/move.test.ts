import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { openDatabase } from './database';
import { seedDemo } from './demo';
import { moveDatabase, NotMoved } from './move';
import { addressFor } from './open.test.data';
import { OWNER, ownedBy, sql, type OwnDatabase } from './sql';

const base = mkdtempSync(path.join(os.tmpdir(), 'navuren-move-'));
const migrations = path.resolve('db/migrations');
const inFolder = async (name: string) =>
  ownedBy(await openDatabase({ folder: path.join(base, name), migrations, demo: false }), OWNER);
const onServer = async (name: string) =>
  ownedBy(
    await openDatabase({
      folder: '',
      address: await addressFor(path.join(base, name)),
      migrations,
      demo: false,
    }),
    OWNER,
  );

let folder: OwnDatabase;
let server: OwnDatabase;
beforeAll(async () => {
  folder = await inFolder('from');
  await seedDemo(folder);
  // What only a table of its own knows, and what a number or a moment could lose on the way.
  await folder.rows(
    sql`update practice set updated_at = '2026-03-29 00:59:59.123456+00' where id = 'before-the-rounds'`,
  );
  await folder.rows(
    sql`update practice_version set save_id = 'save-of-its-own' where practice_id = 'before-the-rounds' and version = 1`,
  );
  await folder.rows(
    sql`update own_words set document = '{"formId": "x", "odd": [1.10, 12345678901234567890, 1e-7, "\\u6c23 \\ud83c\\udf3e"]}'::jsonb where form_id = (select min(form_id) from own_words)`,
  );
  server = await onServer('to');
}, 120_000);
afterAll(async () => {
  await folder.close();
  await server.close();
  rmSync(base, { recursive: true, force: true });
});

/** Every row as this side reads it: a second way of comparing, apart from what the databases reckon. */
const everyRow = async (open: OwnDatabase, table: string): Promise<readonly string[]> =>
  (await open.rows({ text: `select * from ${table}`, values: [] }))
    .map((row) => JSON.stringify(row))
    .toSorted();

describe('moving a database', () => {
  it('carries every table from a folder to a server and back, the same by count, hash and row', async () => {
    const moved = await moveDatabase(folder, server);
    const tables = moved.map(({ table }) => table);
    // Not by a list of ours: what there is says the folder itself.
    const there = await folder.rows(
      sql`select schemaname || '.' || tablename as name from pg_tables where schemaname in ('public', 'private') and tablename <> 'migration'`,
    );
    expect(tables.toSorted()).toEqual(there.map(({ name }) => name).toSorted());
    expect(moved.find(({ table }) => table === 'private.person')?.rows).toBeGreaterThan(5);
    const back = await inFolder('back');
    expect(await moveDatabase(server, back)).toEqual(moved);
    for (const table of tables) {
      const rows = await everyRow(folder, table);
      expect(await everyRow(server, table)).toEqual(rows);
      expect(await everyRow(back, table)).toEqual(rows);
    }
    const odd = sql`select document ->> 'odd' as odd from own_words where document ? 'odd'`;
    expect(await back.rows(odd)).toEqual(await folder.rows(odd));
    expect((await folder.rows(odd))[0]?.odd).toContain('1.10, 12345678901234567890');
    await back.close();
  }, 120_000);

  it('changes nothing where the other holds something, or is at work', async () => {
    const before = await everyRow(server, 'practice');
    await expect(moveDatabase(folder, server)).rejects.toThrow(/already holds something/);
    expect(await everyRow(server, 'practice')).toEqual(before);
    const address = await addressFor(path.join(base, 'to'));
    const atWork = await openDatabase({ folder: '', address, migrations, demo: false });
    const target = await onServer('target');
    await expect(moveDatabase(server, target)).rejects.toThrow(/still at work on it/);
    expect(await everyRow(target, 'practice')).toEqual([]);
    await atWork.close();
    await target.close();
  }, 60_000);

  it('keeps nothing where a table did not arrive as it was', async () => {
    const target = await onServer('changed');
    // A server that changes what it is given, as a trigger of somebody’s might.
    await target.rows(sql`
      create function louder() returns trigger language plpgsql as 'begin new.name := upper(new.name); return new; end'`);
    await target.rows(
      sql`create trigger louder before insert on practice for each row execute function louder()`,
    );
    await expect(moveDatabase(folder, target)).rejects.toThrow(NotMoved);
    expect(await everyRow(target, 'practice')).toEqual([]);
    expect(await everyRow(target, 'private.person')).toEqual([]);
    await target.close();
  }, 60_000);
});
