import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { PLAIN_BRIEF } from '@/core/brief';
import { compose } from '@/core/compose';
import { DEFAULT_CUSTOMS } from '@/core/customs';
import { PRACTICE_EXPORTERS } from '@/core/formats/exporters';
import { REPERTOIRE } from '@/core/forms';
import { recordOf } from '@/core/lead';
import { newPerson } from '@/core/people/newPerson';
import { oneToOneId, oneToOneName } from '@/core/people/oneToOne';
import type { Person } from '@/core/people/person';
import type { Practice } from '@/core/practice';
import { findClasses, recordClass } from './classes';
import { isInFolder, isOnServer, openHere } from './open.test.data';
import { listBinnedGroups, listGroups, saveGroup } from './groups';
import { readLed, readMusts } from './led';
import { dayOfNextClass, groupsAsExpected, whoIsHere } from './minded';
import {
  classesOf,
  deletePerson,
  everythingOf,
  lastCame,
  listPeople,
  listPeopleWithUnreadable,
  readPerson,
  savePerson,
} from './people';
import { createPractice } from './practices';
import { openRegister, registersOf, tickAfter, tickBefore } from './registers';
import { sql, type OwnDatabase } from './sql';

const base = mkdtempSync(path.join(tmpdir(), 'navuren-people-'));
const folder = path.join(base, 'data');
const HOUR = 3_600_000;
/** A Thursday evening. */
const NOW = Date.UTC(2026, 10, 26, 18, 30);
const ZONE = 'Europe/London';
let open: OwnDatabase;
let practice: Practice;

const opened = () => openHere({ folder, migrations: path.resolve('db/migrations'), demo: false });

beforeAll(async () => {
  open = await opened();
  const made = compose({
    brief: { ...PLAIN_BRIEF, minutes: 6, groupId: 'menders' },
    repertoire: REPERTOIRE,
    customs: DEFAULT_CUSTOMS,
    people: { conditions: [] },
    seed: 1,
    enough: 0.5,
  });
  if (!made.ok) throw new Error('expected a practice');
  practice = { ...made.practice, name: 'Six minutes by the sea' };
  await createPractice(open, 'six', practice, NOW);
  await saveGroup(
    open,
    {
      id: 'menders',
      name: 'the kite menders',
      minutes: 10,
      posture: 'standing',
      familiarity: 'known',
      // Tuesdays and Thursdays at seven.
      times: [2, 4].map((weekday) => ({ weekday, hour: 19, minute: 0 })),
      conditions: ['neck'],
    },
    0,
  );
}, 120_000);
afterAll(async () => {
  await open.close();
  rmSync(base, { recursive: true, force: true });
});

const somebody = async (name: string, over: Partial<Person> = {}): Promise<Person> => {
  const person = {
    ...newPerson(randomUUID(), name),
    comesTo: [{ groupId: 'menders', weekdays: [] }],
    ...over,
  };
  expect(await savePerson(open, person, 0, NOW)).toEqual({ ok: true, version: 1 });
  return person;
};

const given = async (startedAtMs: number): Promise<string> => {
  const id = randomUUID();
  const record = recordOf(practice, [{ kind: 'start', atMs: startedAtMs }], startedAtMs + HOUR);
  expect(await recordClass(open, { id, practiceId: 'six', version: 1, groupId: 'menders', record })).toBe(
    'recorded',
  );
  return id;
};

describe('the classes somebody was at', () => {
  it('tell what was really done, each form once, and how long it took', async () => {
    const person = await somebody('Ida Thrale');
    const done = (formId: string, actualMs: number) => ({
      itemId: `${formId} ${actualMs}`,
      formId,
      name: formId,
      role: 'main' as const,
      plannedRepetitions: 1,
      repetitions: 1,
      plannedMs: 60_000,
      actualMs,
      undisturbed: true,
    });
    const items = [done('shaking', 60_000), done('cloud-hands', 0), done('shaking', 30_000)];
    const record = {
      startedAtMs: NOW - HOUR,
      endedAtMs: NOW - HOUR + 90_000,
      plannedMs: 180_000,
      actualMs: 90_000,
      finished: false,
      items,
    };
    const id = randomUUID();
    await recordClass(open, { id, practiceId: 'six', version: 1, groupId: 'menders', record });
    expect(await tickAfter(open, id, { present: [person.id], others: 0 })).toBe(true);
    expect(await classesOf(open, person.id)).toEqual([
      {
        id,
        practiceId: 'six',
        practiceName: 'Six minutes by the sea',
        groupName: 'the kite menders',
        startedAtMs: NOW - HOUR,
        endedAtMs: NOW - HOUR + 90_000,
        formIds: ['shaking'],
      },
    ]);
    // A record put right says at once what was done after all.
    await open.rows(
      sql`update class_given set record = jsonb_set(record, '{items,1,actualMs}', '5000') where id = ${id}`,
    );
    expect((await classesOf(open, person.id))[0]?.formIds).toEqual(['cloud-hands', 'shaking']);
    await deletePerson(open, person.id);
  });

  it('are listed though a record of old is not what it should be', async () => {
    const person = await somebody('Noll Sedge');
    const id = await given(NOW - 30 * HOUR);
    expect(await tickAfter(open, id, { present: [person.id], others: 0 })).toBe(true);
    for (const record of [
      '{}',
      '{"items":"none","actualMs":"long"}',
      '{"items":[7,{"formId":7,"actualMs":1}]}',
    ]) {
      await open.rows(sql`update class_given set record = ${record}::jsonb where id = ${id}`);
      expect((await classesOf(open, person.id)).map(({ id, formIds }) => ({ id, formIds }))).toEqual([
        { id, formIds: [] },
      ]);
    }
    await deletePerson(open, person.id);
  });
});

describe('people', () => {
  it('are saved on top of the version they were read at, and never over another window’s', async () => {
    const person = await somebody('Tam Fallow');
    expect(await savePerson(open, { ...person, can: 'rows' }, 1, NOW)).toEqual({ ok: true, version: 2 });
    expect(await savePerson(open, { ...person, can: 'swims' }, 1, NOW)).toEqual({
      ok: false,
      code: 'changed-elsewhere',
      version: 2,
    });
    expect(await readPerson(open, person.id)).toEqual({ person: { ...person, can: 'rows' }, version: 2 });
    expect(await savePerson(open, person, 0, NOW)).toMatchObject({ ok: false });
    await deletePerson(open, person.id);
  });

  it('who cannot be read stand apart and close nothing', async () => {
    const person = await somebody('Unread Able');
    await open.rows(
      sql`update private.person set document = document || '{"documentVersion": 99}'::jsonb where id = ${person.id}`,
    );
    const { unreadable } = await listPeopleWithUnreadable(open);
    expect(unreadable).toMatchObject([{ kind: 'person', id: person.id, name: 'Unread Able' }]);
    expect(await listPeople(open)).toEqual([]);
    await deletePerson(open, person.id);
  });

  it('decide what their next class minds: those who come on that day, with what they have on it', async () => {
    const anna = await somebody('Anna Reed', {
      comesTo: [{ groupId: 'menders', weekdays: [4] }],
      conditions: [{ id: 'glaucoma', until: '2026-11-30', note: '' }],
      mayNot: ['shaking'],
    });
    const bo = await somebody('Bo Lark', {
      comesTo: [{ groupId: 'menders', weekdays: [2] }],
      conditions: [{ id: 'knee', note: '' }],
    });
    const minds = async (atMs: number) => {
      const [group] = await groupsAsExpected(open, ZONE, atMs);
      return { conditions: group?.conditions, mayNot: group?.mayNot };
    };
    // Before seven on Thursday that class is the next; after it, Tuesday’s.
    expect(await minds(NOW)).toEqual({ conditions: ['glaucoma', 'neck'], mayNot: ['shaking'] });
    expect(await minds(NOW + HOUR)).toEqual({ conditions: ['knee', 'neck'], mayNot: [] });
    // A week later Anna is well again.
    expect(await minds(NOW + 7 * 24 * HOUR)).toEqual({ conditions: ['neck'], mayNot: ['shaking'] });
    expect(dayOfNextClass([], NOW, ZONE)).toBe('2026-11-26');
    await deletePerson(open, anna.id);
    await deletePerson(open, bo.id);
  });

  it('who are ticked are those a class is led for, named to nobody', async () => {
    const anna = await somebody('Anna Reed', { conditions: [{ id: 'glaucoma', note: 'left eye' }] });
    const formId = practice.items[0]?.formId ?? '';
    const guest = await somebody('Guest Ling', { comesTo: [], mayNot: [formId] });
    const here = () => whoIsHere(open, { practiceId: 'six', groupId: 'menders' }, [], ZONE, Date.now());
    expect(await here()).toMatchObject({ isTicked: false, conditions: ['glaucoma', 'neck'], others: 0 });
    await tickBefore(open, 'six', { present: [guest.id], others: 2 }, Date.now());
    expect(await here()).toMatchObject({ isTicked: true, conditions: ['neck'], mayNot: [formId], others: 2 });
    const guestOnly = await readLed(open, 'six');
    expect(guestOnly?.here).toEqual({ count: 3, isTicked: true });
    if (!guestOnly) throw new Error('expected a practice');
    expect((await readMusts(open, guestOnly)).map(({ rule }) => rule)).toContain('may-not');
    await tickBefore(open, 'six', { present: [guest.id, anna.id], others: 0 }, Date.now());
    const led = await readLed(open, 'six');
    expect(led?.conditions).toEqual(['glaucoma', 'neck']);
    // Paper says every usual caution rather than what this person has beyond the group.
    expect(led?.conditionsOnPaper).toBeUndefined();
    for (const name of ['Anna', 'Reed', 'Guest', 'Ling', 'left eye'])
      expect(JSON.stringify(led)).not.toContain(name);
    // Leading it takes the register along; the next class is ticked anew.
    const id = await given(Date.now());
    expect(await openRegister(open, 'six', Date.now())).toBeUndefined();
    const register = (await registersOf(open, [id])).get(id);
    expect(new Set(register?.present)).toEqual(new Set([guest.id, anna.id]));
    expect((await findClasses(open, { personId: anna.id })).classes.map((one) => one.id)).toEqual([id]);
    expect((await lastCame(open)).get(anna.id)).toBeGreaterThan(NOW - 1);
    await deletePerson(open, anna.id);
    await deletePerson(open, guest.id);
  });

  it('are deleted for good: no file of the tables holds them, and the count of a class stays', async () => {
    const sentinel = 'Zephyrine Quollwick';
    const own = oneToOneId('0a1b2c3d');
    await saveGroup(
      open,
      {
        id: own,
        name: oneToOneName(own),
        minutes: 30,
        posture: 'standing',
        familiarity: 'taught',
        times: [],
        conditions: ['panic'],
      },
      0,
    );
    const person = await somebody(sentinel, {
      comesTo: [
        { groupId: 'menders', weekdays: [] },
        { groupId: own, weekdays: [] },
      ],
      note: 'keeps quollwickian hours',
    });
    const id = await given(NOW - 48 * HOUR);
    expect(await tickAfter(open, id, { present: [person.id], others: 4 })).toBe(true);
    expect(await tickAfter(open, randomUUID(), { present: [], others: 0 })).toBe(false);
    expect(await everythingOf(open, person.id)).toMatchObject({
      person: { name: sentinel },
      classes: [{ practice: 'Six minutes by the sea', group: 'the kite menders' }],
    });
    expect((await classesOf(open, person.id)).map((one) => one.id)).toEqual([id]);
    // On a server somebody may still look at what was there: it is waited for them, or the bytes would stay.
    let begun = (): void => undefined;
    const isBegun = new Promise<void>((resolve) => (begun = resolve));
    const looks = isOnServer
      ? open.reading(async (queries) => {
          await queries.rows(sql`select count(*) from migration`);
          begun();
          await new Promise((resolve) => setTimeout(resolve, 700));
        })
      : begun();
    await isBegun;
    expect(await deletePerson(open, person.id)).toBe(true);
    await looks;
    expect(await deletePerson(open, person.id)).toBe(false);
    expect((await registersOf(open, [id])).get(id)).toEqual({ present: [], others: 5 });
    expect(await everythingOf(open, person.id)).toBeUndefined();
    expect(JSON.stringify(await listGroups(open))).not.toContain(own);
    expect(await listBinnedGroups(open)).toEqual([{ id: own, name: 'one to one' }]);
    // Looked for in the bytes of the tables themselves; the journal of writes is let go as it is used again.
    await open.close();
    const data = isOnServer ? (process.env.NAVUREN_TEST_POSTGRES_DATA ?? '') : folder;
    const tables = path.join(data, 'base');
    expect([isInFolder(sentinel, tables), isInFolder('quollwickian', tables)]).toEqual([false, false]);
    open = await opened();
  });

  it('are in nothing that is taken along', async () => {
    const person = await somebody('Zenobia Hush', { note: 'hushhush' });
    await tickBefore(open, 'six', { present: [person.id], others: 0 }, Date.now());
    const led = await readLed(open, 'six');
    if (!led) throw new Error('expected a practice');
    const files = Object.values(PRACTICE_EXPORTERS).map(({ write }) => write(practice));
    for (const file of [JSON.stringify(led), ...files]) expect(file).not.toMatch(/Zenobia|hushhush/);
  });
});
