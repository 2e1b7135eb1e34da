import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { strFromU8, strToU8, unzipSync, zipSync, type Zippable } from 'fflate';
import { PART_IDS } from '@/core/archive/parts';
import { DEFAULT_CUSTOMS } from '@/core/customs';
import { seededRandom } from '@/core/random';
import { openHere } from '../open.test.data';
import { seedDemo } from '../demo';
import { readPractice, savePractice } from '../practices';
import { readCustoms, saveCustoms } from '../customs';
import { OWNER, sql, type OwnDatabase } from '../sql';
import { Unwanted } from '../steps';
import { copiesOf, copyFile, copyOfDay, listCopies, saveArchive } from './copies';
import { forgetInCopies } from './forget';
import { fileOf } from './incoming';
import { ArchiveRefused } from './read';
import { bringArchive, planArchive } from './restore';
import { OF_THE_INSTALLATION, OF_WHOM, TABLES } from './tables';
import { MANIFEST, manifestSchema } from './write';

const NOW = Date.UTC(2026, 10, 30, 9);
const root = mkdtempSync(path.join(tmpdir(), 'navuren-archive-'));
const open = (name: string): Promise<OwnDatabase> =>
  openHere({ folder: path.join(root, name), migrations: 'db/migrations', demo: false });

let full: OwnDatabase;
let empty: OwnDatabase;
const file = path.join(root, 'everything.zip');

beforeAll(async () => {
  full = await open('full');
  await seedDemo(full);
  empty = await open('empty');
  await saveArchive(full, file, NOW);
}, 120_000);
afterAll(async () => {
  await full.close();
  await empty.close();
  rmSync(root, { recursive: true, force: true });
});

/** Every row of every table, as text; what only says when it was written is left out where `loosely`. */
async function everyRow(database: OwnDatabase): Promise<Readonly<Record<string, readonly string[]>>> {
  const all: Record<string, readonly string[]> = {};
  for (const { table, columns, key } of TABLES) {
    const rows = await database.rows({
      text: `select ${Object.keys(columns)
        .map((name) => `"${name}"`)
        .join(', ')} from ${table} order by ${key.map((name) => `"${name}"`).join(', ')}`,
      values: [],
    });
    all[table] = rows.map((row) => JSON.stringify(row));
  }
  return all;
}

/** A file like the saved one with some of its entries changed; its manifest is made to fit unless `manifest` is false. */
async function changed(change: (files: Record<string, Uint8Array>) => void, fits = true): Promise<string> {
  const files = unzipSync(readFileSync(file));
  change(files);
  if (fits) {
    const manifest = manifestSchema.parse(JSON.parse(strFromU8(files[MANIFEST] ?? new Uint8Array())));
    const { createHash } = await import('node:crypto');
    const told = Object.fromEntries(
      Object.entries(files)
        .filter(([name]) => name !== MANIFEST)
        .map(([name, bytes]) => [
          name,
          { bytes: bytes.length, sha256: createHash('sha256').update(bytes).digest('hex') },
        ]),
    );
    files[MANIFEST] = strToU8(JSON.stringify({ ...manifest, files: told }));
  }
  const at = path.join(root, 'changed.zip');
  writeFileSync(at, zipSync(files as Zippable, { level: 1 }));
  return at;
}

const refusal = async (at: string): Promise<string> => {
  try {
    await planArchive(empty, at);
    return 'taken';
  } catch (error) {
    if (error instanceof ArchiveRefused) return error.message;
    throw error;
  }
};
const edit = (
  files: Record<string, Uint8Array>,
  folder: string,
  change: (row: Record<string, unknown>) => void,
): void => {
  const name = Object.keys(files).find((one) => one.startsWith(`${folder}/`)) ?? '?';
  const row = JSON.parse(strFromU8(files[name] ?? new Uint8Array())) as Record<string, unknown>;
  change(row);
  files[name] = strToU8(JSON.stringify(row));
};

describe('everything in one file', () => {
  it('is open files that another reader unpacks, each as the manifest tells it, with schemas', () => {
    const files = unzipSync(readFileSync(file));
    const manifest = manifestSchema.parse(JSON.parse(strFromU8(files[MANIFEST] ?? new Uint8Array())));
    expect(Object.keys(manifest.files).toSorted()).toEqual(
      Object.keys(files)
        .filter((name) => name !== MANIFEST)
        .toSorted(),
    );
    for (const { folder } of TABLES) {
      const schema: unknown = JSON.parse(
        strFromU8(files[`schemas/${folder}.schema.json`] ?? new Uint8Array()),
      );
      expect(schema).toMatchObject({ type: 'object' });
    }
    const practice = JSON.parse(
      strFromU8(files['practices/before-the-rounds.json'] ?? new Uint8Array()),
    ) as object;
    expect(practice).toMatchObject({ name: 'Before the rounds' });
  });

  it('leaves out no table there is: what is made later must be saved too', async () => {
    const rows = await full.rows(sql`
      select case when schemaname = 'public' then tablename else schemaname || '.' || tablename end as name
      from pg_tables where schemaname in ('public', 'private') and tablename <> 'migration'`);
    expect(rows.map(({ name }) => name).toSorted()).toEqual(
      [...TABLES.map(({ table }) => table), ...OF_THE_INSTALLATION].toSorted(),
    );
    // And no column, but one that is made of others, which save made a version, and whose it is here.
    for (const { table, columns } of TABLES) {
      const [schema, name] = table.includes('.') ? table.split('.') : ['public', table];
      const there = await full.rows(
        sql`select column_name from information_schema.columns where table_schema = ${schema} and table_name = ${name} and is_generated = 'NEVER'`,
      );
      const named = there
        .map(({ column_name: column }) => String(column))
        .filter((column) => column !== 'save_id' && !OF_WHOM.has(column));
      expect({ table, columns: named.toSorted() }).toEqual({
        table,
        columns: Object.keys(columns).toSorted(),
      });
    }
  });

  it('brought into an empty house is all of it again, row by row', async () => {
    const before = await planArchive(empty, file);
    expect(before.parts.every(({ changed: one, kept }) => one === 0 && kept === 0)).toBe(true);
    expect(before.parts.find(({ part }) => part === 'people')?.added).toBeGreaterThan(10);
    await bringArchive(empty, file, PART_IDS, NOW);
    expect(await everyRow(empty)).toEqual(await everyRow(full));
    // And again changes nothing.
    const after = await planArchive(empty, file);
    expect(after.parts.map(({ part, added, changed: one }) => [part, added, one])).toEqual(
      after.parts.map(({ part }) => [part, 0, 0]),
    );
    expect((await readPractice(empty, 'before-the-rounds'))?.practice.name).toBe('Before the rounds');
  });

  it('tells what would be otherwise, loses no version of a practice, and brings in a part alone', async () => {
    const stored = await readPractice(empty, 'before-the-rounds');
    if (!stored) throw new Error('expected a practice');
    await savePractice(
      empty,
      'before-the-rounds',
      { ...stored.practice, name: 'Changed here' },
      stored.version,
      NOW,
    );
    await empty.rows(sql`update customs set document = jsonb_set(document, '{place,name}', '"Elsewhere"')`);
    const plan = await planArchive(empty, file);
    const of = (part: string) => plan.parts.find((one) => one.part === part);
    expect(of('practices')).toMatchObject({ added: 0, changed: 1, names: [] });
    expect(of('customs')).toMatchObject({ changed: 1, names: ['customs'] });
    await bringArchive(empty, file, ['practices'], NOW);
    const now = await readPractice(empty, 'before-the-rounds');
    expect([now?.version, now?.practice.name]).toEqual([stored.version + 2, 'Before the rounds']);
    const versions = await empty.rows(
      sql`select version from practice_version where practice_id = 'before-the-rounds' order by version`,
    );
    expect(versions).toHaveLength(stored.version + 2);
    expect((await readCustoms(empty)).place.name).toBe('Elsewhere');
  });
});

describe('a file that is not as it should be', () => {
  it('tells how far it is, and stopped on the way leaves everything as it was', async () => {
    const house = await open('stopped');
    const before = JSON.stringify(await everyRow(house));
    const shares: number[] = [];
    await planArchive(house, file, (share) => shares.push(share));
    expect(shares.every((share, index) => share >= (shares[index - 1] ?? 0) && share <= 1)).toBe(true);
    expect(shares.at(-1)).toBeGreaterThan(0.2);
    const stops = (share: number): void => {
      if (share > 0.5) throw new Unwanted();
    };
    await expect(bringArchive(house, file, PART_IDS, NOW, stops)).rejects.toThrow(Unwanted);
    expect(JSON.stringify(await everyRow(house))).toBe(before);
    await bringArchive(house, file, PART_IDS, NOW);
    expect(JSON.stringify(await everyRow(house))).not.toBe(before);
    await house.close();
  });

  it('is refused with the place named: foreign, cut off, damaged, doubled, unknown, later', async () => {
    const at = path.join(root, 'bad.zip');
    writeFileSync(at, 'no zip at all');
    expect(await refusal(at)).toMatch(/no ZIP file|nothing is in it/);
    writeFileSync(at, zipSync({ 'a.txt': strToU8('a') }));
    expect(await refusal(at)).toMatch(/a\.txt: there is no such file/);
    const whole = readFileSync(file);
    writeFileSync(at, whole.subarray(0, Math.floor(whole.length / 2)));
    expect(await refusal(at)).toMatch(/missing|manifest/);
    expect(
      await refusal(await changed((files) => edit(files, 'people', (row) => (row.version = 'two')))),
    ).toMatch(/^people\/.*version: /);
    expect(
      await refusal(await changed((files) => edit(files, 'practices', (row) => (row.name = 'x')), false)),
    ).toMatch(/practices\/.*its hash is another/);
    expect(
      await refusal(
        await changed((files) => edit(files, 'terms', (row) => (row.document = { documentVersion: 99 }))),
      ),
    ).toMatch(/terms\/.*later Navuren/);
    expect(await refusal(await changed((files) => (files['people/x.json'] = strToU8('{}'))))).toMatch(
      /people\/x\.json/,
    );
    expect(
      await refusal(
        await changed((files) =>
          Object.keys(files)
            .filter((name) => name.startsWith('groups/'))
            .forEach((name) => delete files[name]),
        ),
      ),
    ).toMatch(/neither in the file nor here|taken/);
    expect(
      await refusal(
        await changed((files) => {
          files[MANIFEST] = strToU8(
            strFromU8(files[MANIFEST] ?? new Uint8Array()).replace('"version": 1', '"version": 2'),
          );
        }, false),
      ),
    ).toMatch(/later Navuren/);
  });

  it('that unpacks to more than anything of ours is stopped on the way', async () => {
    const at = path.join(root, 'bomb.zip');
    writeFileSync(at, zipSync({ 'people/a.json': new Uint8Array(9_000_000) }, { level: 9 }));
    expect(await refusal(at)).toMatch(/larger than anything of ours/);
  });

  it('mutated two thousand times never crashes and never changes anything', async () => {
    const random = seededRandom(7);
    // A small house: a file of it is quickly gone through.
    const small = await open('small');
    await saveCustoms(small, DEFAULT_CUSTOMS, 0, NOW);
    await small.rows(
      sql`insert into learnt_forgotten (teacher_id, form_id, before) values ('owner', 'cloud-hands', now())`,
    );
    const smallFile = path.join(root, 'small.zip');
    await saveArchive(small, smallFile, NOW);
    const whole = readFileSync(smallFile);
    const before = JSON.stringify(await everyRow(small));
    const at = path.join(root, 'mutated.zip');
    let refused = 0;
    for (let round = 0; round < 2000; round += 1) {
      const bytes = Buffer.from(whole);
      const changes = 1 + Math.floor(random.next() * 6);
      for (let change = 0; change < changes; change += 1)
        bytes[Math.floor(random.next() * bytes.length)] = Math.floor(random.next() * 256);
      writeFileSync(
        at,
        random.next() < 0.2 ? bytes.subarray(0, Math.floor(random.next() * bytes.length)) : bytes,
      );
      try {
        await bringArchive(small, at, PART_IDS, NOW);
      } catch (error) {
        if (!(error instanceof ArchiveRefused)) throw error;
        refused += 1;
      }
    }
    expect(JSON.stringify(await everyRow(small))).toBe(before);
    expect(refused).toBeGreaterThan(1000);
    await small.close();
  }, 240_000);
});

describe('the copies of each day', () => {
  it('are made once a day, whole, and let go by the rule', async () => {
    const folder = copiesOf(path.join(root, 'full'), OWNER);
    for (const day of ['2026-11-27', '2026-11-28', '2026-11-29', '2026-11-30'])
      await copyOfDay(full, folder, day, NOW);
    expect(listCopies(folder).map(({ day }) => day)).toEqual([
      '2026-11-30',
      '2026-11-29',
      '2026-11-28',
      '2026-11-27',
    ]);
    await copyOfDay(full, folder, '2027-01-20', NOW);
    expect(listCopies(folder).map(({ day }) => day)).toEqual(['2027-01-20', '2026-11-30', '2026-11-29']);
    const copy = copyFile(folder, '2027-01-20');
    expect(
      (await planArchive(full, copy ?? '')).parts.every(({ added, changed: one }) => added + one === 0),
    ).toBe(true);
    expect(copyFile(folder, '../../etc')).toBeUndefined();
    const outside = `x/../../incoming-${'0'.repeat(8)}-0000-4000-8000-${'0'.repeat(12)}`;
    writeFileSync(path.join(folder, `${path.basename(outside)}.zip`), '');
    expect(fileOf(folder, outside)).toBeUndefined();
    rmSync(path.join(folder, `${path.basename(outside)}.zip`));
  });

  it('do not keep a lost database from being made anew beside them', async () => {
    const folder = path.join(root, 'lost');
    const there = await open('lost');
    await copyOfDay(there, copiesOf(folder, OWNER), '2026-11-30', NOW);
    await there.close();
    const { readdirSync } = await import('node:fs');
    for (const name of readdirSync(folder))
      if (name !== 'copies') rmSync(path.join(folder, name), { recursive: true });
    const anew = await open('lost');
    expect(listCopies(copiesOf(folder, OWNER))).toHaveLength(1);
    await anew.close();
  });
});

describe('a person who is deleted', () => {
  it('is in no copy any more, and the rest of each copy is as it was', async () => {
    const folder = copiesOf(path.join(root, 'full'), OWNER);
    const day = listCopies(folder)[0]?.day ?? '?';
    const copy = copyFile(folder, day) ?? '?';
    const before = unzipSync(readFileSync(copy));
    const came = Object.entries(before).find(([name]) => name.startsWith('came/'));
    const { person_id: id } = JSON.parse(strFromU8(came?.[1] ?? new Uint8Array())) as { person_id: string };
    writeFileSync(path.join(folder, 'navuren-2020-01-01.zip'), 'damaged');
    writeFileSync(path.join(folder, 'incoming-x.zip'), 'looked at');
    await forgetInCopies(folder, id);
    const after = unzipSync(readFileSync(copy));
    const all = Object.values(after)
      .map((bytes) => strFromU8(bytes))
      .join('\n');
    expect(all.includes(id)).toBe(false);
    const gone = Object.keys(before).filter((name) => !(name in after));
    expect(gone.length).toBeGreaterThan(2);
    for (const name of gone) expect(name).toMatch(/^(people|felt|homework|came)\//);
    // Everybody else came as before, and how many there were is still told.
    const count = (files: Readonly<Record<string, Uint8Array>>): number =>
      Object.entries(files)
        .filter(([name]) => name.startsWith('registers/'))
        .reduce((sum, [, bytes]) => sum + (JSON.parse(strFromU8(bytes)) as { others: number }).others, 0) +
      Object.keys(files).filter((name) => name.startsWith('came/')).length;
    expect(count(after)).toBe(count(before));
    await expect(planArchive(full, copy)).resolves.toBeDefined();
    expect(listCopies(folder).some((one) => one.day === '2020-01-01')).toBe(false);
  });
});

describe('files of every version', () => {
  it('are read still', async () => {
    for (const name of ['v1.zip']) {
      const golden = await open(`golden-${name}`);
      await bringArchive(golden, path.join('server/archive/golden', name), PART_IDS, NOW);
      const [row] = await golden.rows(sql`select count(*)::int as n from practice`);
      expect({ name, practices: row?.n }).toEqual({ name, practices: 6 });
      await golden.close();
    }
  });
});
