import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { PLAIN_BRIEF } from '../core/brief';
import { compose } from '../core/compose';
import { DEFAULT_CUSTOMS } from '../core/customs';
import { REPERTOIRE } from '../core/forms';
import { edit, type Practice } from '../core/practice';
import { listClasses, recordClass } from './classes';
import { readCustoms, saveCustoms } from './customs';
import { openDatabase } from './database';
import { binGroup, listGroups, saveGroup, type Group } from './groups';
import { FolderInUse, takeFolder } from './lock';
import {
  createPractice,
  listPractices,
  listVersions,
  readPractice,
  savePractice,
  setBinned,
} from './practices';
import { sql, type Database } from './sql';

const base = mkdtempSync(path.join(os.tmpdir(), 'navuren-test-'));
const migrations = path.resolve('db/migrations');
const NOW = Date.UTC(2026, 10, 25, 6, 20);
let open: Database;

beforeAll(async () => {
  open = await openDatabase({ folder: path.join(base, 'data'), migrations, demo: true });
}, 60_000);
afterAll(async () => {
  await open.close();
  rmSync(base, { recursive: true, force: true });
});

const practice = (): Practice => {
  const result = compose(
    { ...PLAIN_BRIEF, minutes: 8 },
    REPERTOIRE,
    DEFAULT_CUSTOMS,
    { conditions: [] },
    1,
    0.5,
  );
  if (!result.ok) throw new Error('expected a practice');
  return { ...result.practice, name: "O'Neil <b>drop table practice;--</b> 氣" };
};

describe('statements', () => {
  it('bind every value and splice none', () => {
    const evil = "'; drop table practice; --";
    expect(sql`select * from practice where name = ${evil} and version = ${3}`).toEqual({
      text: 'select * from practice where name = $1 and version = $2',
      values: [evil, 3],
    });
  });
});

describe('the lock of a data folder', () => {
  it('refuses a folder that a living process holds, naming it', () => {
    const folder = path.join(base, 'held');
    // The parent of this process is alive and is not this process.
    const stat = readFileSync(`/proc/${process.ppid}/stat`, 'utf8');
    const started = stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19];
    writeFileSync(`${folder}.lock`, `${process.ppid} ${started}\n`);
    expect(() => takeFolder(folder)).toThrow(FolderInUse);
    expect(() => takeFolder(folder)).toThrow(new RegExp(`process ${process.ppid}`));
  });

  it('replaces the lock of a process that is gone, of a reused number, and of garbage', () => {
    const gone = spawnSync('true').pid;
    for (const text of [`${gone} 1\n`, `${process.ppid} 1\n`, 'nonsense', '']) {
      const folder = path.join(base, 'stale');
      writeFileSync(`${folder}.lock`, text);
      const release = takeFolder(folder);
      expect(readFileSync(`${folder}.lock`, 'utf8')).toMatch(new RegExp(`^${process.pid} `));
      release();
      expect(existsSync(`${folder}.lock`)).toBe(false);
    }
  });
});

describe('practices', () => {
  it('come back exactly as they were saved, whatever their name holds', async () => {
    const saved = practice();
    await createPractice(open, 'p1', saved, NOW);
    expect((await readPractice(open, 'p1'))?.practice).toEqual(saved);
  });

  it('keep every version, and refuse to overwrite one they have not seen', async () => {
    const first = practice();
    await createPractice(open, 'p2', first, NOW);
    const second = edit(first, { kind: 'rename', name: 'second' });
    expect(await savePractice(open, 'p2', second, 1, NOW + 1000)).toEqual({ ok: true, version: 2 });
    expect(await savePractice(open, 'p2', first, 1, NOW + 2000)).toEqual({
      ok: false,
      code: 'changed-elsewhere',
      version: 2,
    });
    expect(await savePractice(open, 'nobody', first, 1, NOW)).toEqual({ ok: false, code: 'missing' });
    expect((await readPractice(open, 'p2'))?.practice.name).toBe('second');
    expect((await readPractice(open, 'p2', 1))?.practice).toEqual(first);
    expect(await readPractice(open, 'p2', 9)).toBeUndefined();
    expect((await listVersions(open, 'p2')).map((version) => version.version)).toEqual([2, 1]);
  });

  it('store a form once however many versions use it', async () => {
    const count = async () => Number((await open.rows(sql`select count(*) as n from form_snapshot`))[0]?.n);
    const before = await count();
    for (let version = 2; version < 6; version += 1)
      await savePractice(open, 'p1', practice(), version - 1, NOW + version);
    expect(await count()).toBe(before);
  });

  it('go into the bin and come out again', async () => {
    await createPractice(open, 'p3', practice(), NOW);
    expect(await setBinned(open, 'p3', true, NOW)).toBe(true);
    expect((await listPractices(open, 'shelf')).map((entry) => entry.id)).not.toContain('p3');
    expect((await listPractices(open, 'bin')).map((entry) => entry.id)).toContain('p3');
    await setBinned(open, 'p3', false, NOW);
    expect((await listPractices(open, 'shelf')).map((entry) => entry.id)).toContain('p3');
    expect(await setBinned(open, 'nobody', true, NOW)).toBe(false);
  });

  it('leave nothing behind when a save fails half way', async () => {
    await expect(
      open.transaction(async (queries) => {
        await queries.rows(sql`update practice set name = 'half' where id = 'p1'`);
        throw new Error('stop');
      }),
    ).rejects.toThrow('stop');
    expect((await readPractice(open, 'p1'))?.practice.name).not.toBe('half');
  });
});

describe('customs, groups and classes', () => {
  it('begin with the Quillhaven sample and are kept as saved', async () => {
    expect((await readCustoms(open)).place.name).toBe('Quillhaven');
    await saveCustoms(open, { ...DEFAULT_CUSTOMS, hours: 'clock' }, NOW);
    expect((await readCustoms(open)).hours).toBe('clock');
  });

  it('let a binned group come back by saving it', async () => {
    const group: Group = {
      id: 'tests',
      name: 'tests',
      minutes: 10,
      posture: 'seated',
      familiarity: 'known',
      times: [{ weekday: 1, hour: 6, minute: 20 }],
      conditions: ['knee'],
    };
    await saveGroup(open, group);
    expect(await listGroups(open)).toContainEqual(group);
    expect(await binGroup(open, 'tests', NOW)).toBe(true);
    expect((await listGroups(open)).map((entry) => entry.id)).not.toContain('tests');
    await saveGroup(open, group);
    expect(await listGroups(open)).toContainEqual(group);
  });

  it('record a class once, however often it is sent', async () => {
    const given = {
      id: '11111111-1111-4111-8111-111111111111',
      practiceId: 'p1',
      version: 1,
      groupId: 'no-such-group',
      record: {
        startedAtMs: NOW,
        endedAtMs: NOW + 1000,
        plannedMs: 900,
        actualMs: 1000,
        finished: true,
        items: [],
      },
    };
    expect(await recordClass(open, given)).toBe('recorded');
    expect(await recordClass(open, given)).toBe('known');
    expect(await recordClass(open, { ...given, practiceId: 'nobody' })).toBe('no-practice');
    const logged = (await listClasses(open)).filter((entry) => entry.id === given.id);
    expect(logged).toHaveLength(1);
    expect(logged[0]).toMatchObject({ practiceId: 'p1', groupName: undefined });
  });

  it('fill an empty database only: a second opening adds nothing', async () => {
    const folder = path.join(base, 'again');
    const first = await openDatabase({ folder, migrations, demo: true });
    const shelf = (await listPractices(first, 'shelf')).length;
    await setBinned(first, 'before-the-rounds', true, NOW);
    await first.close();
    const second = await openDatabase({ folder, migrations, demo: true });
    expect((await listPractices(second, 'shelf')).length).toBe(shelf - 1);
    await second.close();
  }, 60_000);
});
