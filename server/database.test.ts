import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { PLAIN_BRIEF } from '../core/brief';
import { compose } from '../core/compose';
import { DEFAULT_CUSTOMS } from '../core/customs';
import { REPERTOIRE } from '../core/forms';
import { edit, type Practice } from '../core/practice';
import { classWordsSchema, listClasses, recordClass, writeOfClass } from './classes';
import { readCustoms, readStoredCustoms, saveCustoms } from './customs';
import { openHere } from './open.test.data';
import {
  binGroup,
  calendarOf,
  listBinnedGroups,
  listGroups,
  restoreGroup,
  saveGroup,
  type Group,
} from './groups';
import {
  createPractice,
  listPractices,
  listVersions,
  readPractice,
  savePractice,
  setBinned,
} from './practices';
import { sql, type OwnDatabase } from './sql';

const base = mkdtempSync(path.join(os.tmpdir(), 'navuren-test-'));
const migrations = path.resolve('db/migrations');
const NOW = Date.UTC(2026, 10, 25, 6, 20);
let open: OwnDatabase;

beforeAll(async () => {
  open = await openHere({ folder: path.join(base, 'data'), migrations, demo: true });
}, 60_000);
afterAll(async () => {
  await open.close();
  rmSync(base, { recursive: true, force: true });
});

const practice = (): Practice => {
  const result = compose({
    brief: { ...PLAIN_BRIEF, minutes: 8 },
    repertoire: REPERTOIRE,
    customs: DEFAULT_CUSTOMS,
    people: { conditions: [] },
    seed: 1,
    enough: 0.5,
  });
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

  it('know a save again whose answer was lost, and never take it for another window’s', async () => {
    const [created, changed] = [crypto.randomUUID(), crypto.randomUUID()];
    const first = practice();
    const id = await createPractice(open, 'lost-1', first, NOW, created);
    expect(await createPractice(open, 'lost-2', first, NOW, created)).toBe(id);
    expect(await readPractice(open, 'lost-2')).toBeUndefined();
    const second = edit(first, { kind: 'rename', name: 'heard or not' });
    expect(await savePractice(open, id, second, 1, NOW, changed)).toEqual({ ok: true, version: 2 });
    expect(await savePractice(open, id, second, 1, NOW, changed)).toEqual({ ok: true, version: 2 });
    expect((await readPractice(open, id))?.saveId).toBe(changed);
    expect(await listVersions(open, id)).toHaveLength(2);
    // Another window’s save on the same version is still told.
    expect(await savePractice(open, id, first, 1, NOW, crypto.randomUUID())).toEqual({
      ok: false,
      code: 'changed-elsewhere',
      version: 2,
    });
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
    expect((await listPractices(open, 'shelf')).practices.map((entry) => entry.id)).not.toContain('p3');
    expect((await listPractices(open, 'bin')).practices.map((entry) => entry.id)).toContain('p3');
    await setBinned(open, 'p3', false, NOW);
    expect((await listPractices(open, 'shelf')).practices.map((entry) => entry.id)).toContain('p3');
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
    const { version } = await readStoredCustoms(open);
    expect(await saveCustoms(open, { ...DEFAULT_CUSTOMS, hours: 'clock' }, version, NOW)).toEqual({
      ok: true,
      version: version + 1,
    });
    expect((await readCustoms(open)).hours).toBe('clock');
    // A second window that has not seen this does not undo it.
    expect(await saveCustoms(open, DEFAULT_CUSTOMS, version, NOW)).toEqual({
      ok: false,
      code: 'changed-elsewhere',
      version: version + 1,
    });
    expect((await readCustoms(open)).hours).toBe('clock');
  });

  it('fall back alone, with a notice: one bad value closes no room', async () => {
    const { customs, version } = await readStoredCustoms(open);
    for (const zone of ['UTC+01:00', '+01:00', 'constructor', 'BST', 7]) {
      const place = { ...customs.place, zone };
      await open.rows(
        sql`update customs set document = ${JSON.stringify({ ...customs, place })}::jsonb where id = 1`,
      );
      const read = await readStoredCustoms(open);
      expect(read.fallenBack).toEqual(['place']);
      expect(read.customs.place.zone).toBe('Europe/London');
      expect(read.customs.hours).toBe(customs.hours);
    }
    await open.rows(sql`update customs set document = '"nonsense"'::jsonb where id = 1`);
    expect((await readStoredCustoms(open)).customs).toEqual(DEFAULT_CUSTOMS);
    await saveCustoms(open, customs, version, NOW);
  });

  it('leave a group in the bin there until it is brought back', async () => {
    const group: Group = {
      id: 'tests',
      name: 'tests',
      minutes: 10,
      posture: 'seated',
      familiarity: 'known',
      times: [{ weekday: 1, hour: 6, minute: 20 }],
      conditions: ['knee'],
    };
    expect(await saveGroup(open, group, 0)).toEqual({ ok: true, version: 1 });
    expect(await listGroups(open)).toContainEqual({ ...group, version: 1 });
    expect(await saveGroup(open, group, 0)).toMatchObject({ ok: false, code: 'changed-elsewhere' });
    expect(await saveGroup(open, { ...group, minutes: 12, initials: { knee: 'A. B.' } }, 1)).toEqual({
      ok: true,
      version: 2,
    });
    // Whose it is, is for the teacher alone: it goes with the group, and into nothing else.
    expect((await listGroups(open)).find(({ id }) => id === 'tests')?.initials).toEqual({ knee: 'A. B.' });
    expect(JSON.stringify(calendarOf(await listGroups(open)))).not.toContain('A. B.');
    expect(await saveGroup(open, group, 1)).toEqual({ ok: false, code: 'changed-elsewhere', version: 2 });
    expect(await binGroup(open, 'tests', NOW)).toBe(true);
    expect((await listGroups(open)).map((entry) => entry.id)).not.toContain('tests');
    expect(await listBinnedGroups(open)).toEqual([{ id: 'tests', name: 'tests' }]);
    // A window that still shows it does not bring it back by saving.
    expect(await saveGroup(open, group, 2)).toMatchObject({ ok: false, code: 'binned' });
    expect(await saveGroup(open, group, 0)).toMatchObject({ ok: false, code: 'binned' });
    expect(await restoreGroup(open, 'tests')).toBe(true);
    expect((await listGroups(open)).find((one) => one.id === 'tests')?.minutes).toBe(12);
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
    expect(logged[0]).toMatchObject({ practiceId: 'p1', groupName: undefined, note: '', ledBy: '' });
    // What is written of it afterwards is kept; of a class that is not there nothing is.
    const words = { note: "Wind in the elms; 'Wheel' too long", ledBy: 'M. Q.' };
    expect(await writeOfClass(open, given.id, words)).toBe(true);
    expect((await listClasses(open)).find(({ id }) => id === given.id)).toMatchObject(words);
    expect(await writeOfClass(open, 'nobody', words)).toBe(false);
    expect(classWordsSchema.safeParse({ note: 'x'.repeat(2001), ledBy: '' }).success).toBe(false);
  });

  it('fill an empty database only: a second opening adds nothing', async () => {
    const folder = path.join(base, 'again');
    const first = await openHere({ folder, migrations, demo: true });
    const shelf = (await listPractices(first, 'shelf')).practices.length;
    await setBinned(first, 'before-the-rounds', true, NOW);
    await first.close();
    const second = await openHere({ folder, migrations, demo: true });
    expect((await listPractices(second, 'shelf')).practices.length).toBe(shelf - 1);
    await second.close();
  }, 60_000);
});
