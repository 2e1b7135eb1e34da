import { mkdirSync, mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { PART_IDS } from '@/core/archive/parts';
import { DEFAULT_CUSTOMS } from '@/core/customs';
import { privateIn } from '@/core/practice';
import { addTeacher, setPassphrase, shutOut } from './access/accounts';
import { deleteTeacher } from './access/departed';
import { copyOfDay, copiesOf, listCopies, saveArchive } from './archive/copies';
import { copiesOfToday } from './archive/eachDay';
import { ArchiveRefused } from './archive/read';
import { bringArchive, planArchive } from './archive/restore';
import { OF_THE_INSTALLATION, TABLES } from './archive/tables';
import { addByHand } from './byHand';
import {
  classesOnLine,
  findClasses,
  listClasses,
  monthsOfLog,
  recordClass,
  setClassBinned,
  writeOfClass,
} from './classes';
import { readStoredCustoms, saveCustoms } from './customs';
import { seedDemo } from './demo';
import { feltOf, takeBackFelt, writeFelt } from './felt';
import { followedOf, showClass } from './follow/following';
import { practicesUsing, readOwn, readWords, saveWords } from './forms';
import { binGroup, listBinnedGroups, listGroups, restoreGroup, saveGroup } from './groups';
import { forgetLearnt, readHistory, readTaught, readWhatNext } from './history';
import { giveHomework, homeworkOf, readHomework, takeHomework } from './homework';
import { readLed } from './led';
import { whoIsHere } from './minded';
import { nextClass, termOfPractice } from './nextClass';
import { openHere } from './open.test.data';
import {
  classesOf,
  deletePerson,
  everythingOf,
  isSomebody,
  lastCame,
  listPeople,
  readPerson,
  savePerson,
} from './people';
import { readPlanning } from './planning';
import {
  createPractice,
  listPractices,
  listVersions,
  nameOfPractice,
  readPractice,
  savePractice,
  setBinned,
} from './practices';
import { openRegister, registersOf, tickAfter, tickBefore } from './registers';
import {
  copyPractice,
  copyTerm,
  practicesOfOthers,
  setShared,
  sharedOfMine,
  sharedPractice,
  termsOfOthers,
} from './shared';
import { OWNER, ownedBy, sql, type OwnDatabase } from './sql';
import { attendanceTable, logTable } from './tables';
import { ledFor, listTerms, readTerm, saveTerm, setTermBinned } from './terms';
import { RAW_KINDS, rawOf } from './unreadable';

const base = mkdtempSync(path.join(os.tmpdir(), 'navuren-teachers-'));
const NOW = Date.UTC(2026, 10, 30, 9);
const ZONE = 'Europe/London';
const WORDS = 'wet slate under the bell';
/** The owner, with the whole sample; and somebody who has come to teach beside them. */
let owner: OwnDatabase;
let other: OwnDatabase;

beforeAll(async () => {
  owner = await openHere({ folder: path.join(base, 'data'), migrations: 'db/migrations', demo: false });
  await seedDemo(owner);
  await setPassphrase(owner, WORDS, NOW);
  const id = await addTeacher(owner, 'Osbert Lamb', WORDS, NOW);
  other = ownedBy(owner, id ?? '?');
}, 120_000);
afterAll(async () => {
  await owner.close();
  rmSync(base, { recursive: true, force: true });
});

/** Every row there is that is somebody’s own, as text: what must not change when another writes. */
async function everyOwnRow(): Promise<string> {
  const all: string[] = [];
  for (const { table, isShared } of TABLES)
    if (!isShared) {
      const rows = await owner.rows({
        text: `select t::text as row from ${table} t where teacher_id = $1 order by 1`,
        values: [OWNER],
      });
      all.push(...rows.map(({ row }) => `${table} ${String(row)}`));
    }
  return all.join('\n');
}

const PRACTICE = 'before-the-rounds';
/** What the owner has of each kind, by its id. */
async function ofOwner() {
  const [person] = await listPeople(owner);
  const [given] = await listClasses(owner);
  const [group] = await listGroups(owner);
  const [term] = (await listTerms(owner)).terms;
  const felt = (await Promise.all((await listPeople(owner)).map(({ id }) => feltOf(owner, id)))).flatMap(
    (one) => one.felt,
  );
  if (!person || !given || !group || !term || !felt[0]) throw new Error('the sample has one of each');
  return { person, given, group, term: term.term, felt: felt[0] };
}

describe('what one teacher has', () => {
  it('is not there for another, whatever they ask', async () => {
    const { person, given, group, term, felt } = await ofOwner();
    expect((await readStoredCustoms(other)).customs).toEqual(DEFAULT_CUSTOMS);
    expect((await readStoredCustoms(owner)).customs).not.toEqual(DEFAULT_CUSTOMS);
    const nothing: Readonly<Record<string, unknown>> = {
      groups: await listGroups(other),
      binnedGroups: await listBinnedGroups(other),
      classes: await listClasses(other),
      found: (
        await findClasses(other, { words: 'the', formIds: given.record.items.map(({ formId }) => formId) })
      ).classes,
      ofPerson: (await findClasses(other, { personId: person.id })).classes,
      line: await classesOnLine(other, 0, NOW * 2),
      months: await monthsOfLog(other, ZONE),
      shelf: (await listPractices(other, 'shelf')).practices,
      bin: (await listPractices(other, 'bin')).practices,
      versions: await listVersions(other, PRACTICE),
      using: await practicesUsing(other, given.record.items[0]?.formId ?? ''),
      words: (await readOwn(other)).words,
      taught: (await readTaught(other)).rows,
      people: await listPeople(other),
      came: [...(await lastCame(other))],
      ofClasses: await classesOf(other, person.id),
      registers: [...(await registersOf(other, [given.id]))],
      felt: (await feltOf(other, person.id)).felt,
      homework: (await homeworkOf(other, person.id)).homework,
      terms: (await listTerms(other)).terms,
      led: Object.keys(await ledFor(other, group.id)),
      here: (await whoIsHere(other, { practiceId: PRACTICE, groupId: group.id }, [], ZONE, NOW)).people,
      log: (await logTable(other, ZONE, 'me')).rows,
      attendance: (await attendanceTable(other, ZONE)).rows,
      myself: (await readHistory(other)).myself.recent,
    };
    for (const [what, found] of Object.entries(nothing)) expect({ what, found }).toEqual({ what, found: [] });
    const none: Readonly<Record<string, unknown>> = {
      practice: await readPractice(other, PRACTICE),
      name: await nameOfPractice(other, PRACTICE),
      led: await readLed(other, PRACTICE),
      person: await readPerson(other, person.id),
      everything: await everythingOf(other, person.id),
      homework: await readHomework(other, 'any'),
      term: await readTerm(other, term.id),
      planning: await readPlanning(other, term.id, NOW),
      next: await nextClass(other, ZONE, NOW),
      ofTerm: await termOfPractice(other, PRACTICE),
      whatNext: await readWhatNext(other, given.id),
      register: await openRegister(other, given.practiceId, given.startedAtMs),
      followed: await followedOf(other, PRACTICE, NOW),
      shared: await sharedPractice(other, PRACTICE),
      words: (await readWords(other, 'brocade-hold-up-the-sky')).words,
    };
    for (const [what, found] of Object.entries(none))
      expect({ what, found }).toEqual({ what, found: undefined });
    expect(await isSomebody(other, person.id)).toBe(false);
    const ids = {
      practice: PRACTICE,
      group: group.id,
      class: given.id,
      person: person.id,
      felt: felt.id,
      term: term.id,
      words: 'brocade-hold-up-the-sky',
    };
    for (const [kind, id] of Object.entries(ids)) {
      const raw = RAW_KINDS.find((one) => one === kind) ?? 'practice';
      expect([kind, await rawOf(owner, raw, id)]).not.toEqual([kind, undefined]);
      expect([kind, await rawOf(other, raw, id)]).toEqual([kind, undefined]);
    }
  });

  it('is not changed by another, whatever they write', async () => {
    const { person, given, group, term, felt } = await ofOwner();
    const before = await everyOwnRow();
    const stored = await readPractice(owner, PRACTICE);
    if (!stored) throw new Error('expected a practice');
    const { practice, version } = stored;
    expect(await savePractice(other, PRACTICE, practice, version, NOW)).toEqual({
      ok: false,
      code: 'missing',
    });
    expect(await setBinned(other, PRACTICE, true, NOW)).toBe(false);
    await expect(createPractice(other, PRACTICE, practice, NOW)).rejects.toThrow();
    const ledClass = {
      id: crypto.randomUUID(),
      practiceId: PRACTICE,
      version,
      groupId: group.id,
      record: given.record,
    };
    expect(await recordClass(other, ledClass)).toBe('no-practice');
    expect(
      await addByHand(other, {
        practiceId: PRACTICE,
        groupId: null,
        startedAtMs: NOW,
        minutes: 5,
        note: '',
        ledBy: '',
      }),
    ).toBeUndefined();
    expect(await writeOfClass(other, given.id, { note: 'mine', ledBy: 'me' })).toBe(false);
    expect(await setClassBinned(other, given.id, true, NOW)).toBe(false);
    expect((await saveGroup(other, { ...group, name: 'mine' }, 0)).ok).toBe(false);
    expect((await saveGroup(other, { ...group, name: 'mine' }, group.version)).ok).toBe(false);
    expect([await binGroup(other, group.id, NOW), await restoreGroup(other, group.id)]).toEqual([
      false,
      false,
    ]);
    for (const at of [0, 1]) {
      expect((await savePerson(other, { ...person, name: 'mine' }, at, NOW)).ok).toBe(false);
      expect((await saveTerm(other, { ...term, name: 'mine' }, at, NOW)).ok).toBe(false);
    }
    expect(await deletePerson(other, person.id)).toBe(false);
    expect(await writeFelt(other, person.id, { id: crypto.randomUUID(), atMs: NOW, felt: felt.felt })).toBe(
      false,
    );
    expect(await takeBackFelt(other, person.id, felt.id)).toBe(false);
    expect(await takeHomework(other, person.id, 'any')).toBe(false);
    expect(await tickAfter(other, given.id, { present: [person.id], others: 1 })).toBe(false);
    expect(await setTermBinned(other, term.id, true, NOW)).toBe(false);
    const whole = {
      practiceId: PRACTICE,
      version,
      practice,
      told: { sessionId: 's', actions: [], teaching: null, isOver: false },
      by: 'w',
    };
    expect(await showClass(other, whole, NOW)).toBeUndefined();
    expect([
      await setShared(other, 'practice', PRACTICE, true),
      await setShared(other, 'term', term.id, true),
    ]).toEqual([false, false]);
    // Of these each has their own under the same key.
    expect((await saveCustoms(other, { ...DEFAULT_CUSTOMS, ownConditions: ['knee'] }, 0, NOW)).ok).toBe(true);
    expect(
      (await saveWords(other, { formId: 'brocade-hold-up-the-sky', cues: {}, note: 'mine' }, 0, NOW)).ok,
    ).toBe(true);
    await forgetLearnt(other, 'cloud-hands', NOW);
    await tickBefore(other, PRACTICE, { present: [person.id], others: 2 }, NOW);
    expect(await openRegister(other, PRACTICE, NOW)).toMatchObject({ present: [], others: 2 });
    expect(await everyOwnRow()).toBe(before);
  });

  it('cannot be tied to another’s even by a statement that is wrong', async () => {
    const { person, group } = await ofOwner();
    const id = other.teacherId;
    const at = new Date(NOW);
    for (const wrong of [
      sql`insert into practice_version (practice_id, teacher_id, version, saved_at, document) values (${PRACTICE}, ${id}, 99, ${at}, '{}')`,
      sql`insert into term (id, teacher_id, group_id, document, version, created_at, updated_at) values ('t', ${id}, ${group.id}, '{}', 1, ${at}, ${at})`,
      sql`insert into private.felt (id, teacher_id, person_id, at, document) values ('f', ${id}, ${person.id}, ${at}, '{}')`,
      sql`insert into private.homework (id, teacher_id, person_id, document, version, created_at) values ('h', ${id}, ${person.id}, '{}', 1, ${at})`,
      sql`insert into private.present (register_id, teacher_id, person_id)
          select r.id, ${id}, ${person.id} from private.register r where r.class_id is not null limit 1`,
    ])
      await expect(owner.rows(wrong)).rejects.toThrow(/foreign key/);
    await expect(
      owner.rows(
        sql`insert into own_words (form_id, document, updated_at, version) values ('x', '{}', ${at}, 1)`,
      ),
    ).rejects.toThrow(/teacher_id/);
  });

  it('is asked for with whose it is in every statement there is', () => {
    const own = [
      ...TABLES.filter(({ isShared }) => !isShared).map(({ table }) => table),
      'private.following',
    ];
    const named = new RegExp(
      `\\b(from|join|into|update)\\s+(${own.map((table) => table.replace('.', '\\.')).join('|')})\\b`,
    );
    const files = readdirSync('server', { recursive: true, encoding: 'utf8' }).filter(
      (name) => /\.ts$/.test(name) && !/\.test\./.test(name),
    );
    const statements = files.flatMap((name) =>
      [...readFileSync(path.join('server', name), 'utf8').matchAll(/(?:sql|text: )`([^`]*)`/g)].map(
        ([, text = '']) => ({ name, text }),
      ),
    );
    const asking = statements.filter(({ text }) => named.test(text));
    expect(asking.length).toBeGreaterThan(80);
    const without = asking.filter(({ text }) => !text.includes('teacher_id'));
    // Whether there is anything at all; a code, which is all that who follows has; what nobody follows any more.
    expect(without.map(({ name }) => name).toSorted()).toEqual([
      'demo.ts',
      'follow/following.ts',
      'follow/following.ts',
      'follow/following.ts',
    ]);
  });
});

describe('what is shared by choice', () => {
  it('is a practice to be looked at and copied, without whose it is for; and nothing else of its teacher', async () => {
    expect(await setShared(owner, 'practice', PRACTICE, true)).toBe(true);
    expect([...(await sharedOfMine(owner, 'practice'))]).toEqual([PRACTICE]);
    const [shared, ...more] = await practicesOfOthers(other);
    expect([shared?.what.id, shared?.what.brief.groupId, shared?.teacherName, more.length]).toEqual([
      PRACTICE,
      null,
      '',
      0,
    ]);
    const seen = await sharedPractice(other, PRACTICE);
    expect(seen && privateIn(seen.what)).toEqual([]);
    const copy = await copyPractice(other, PRACTICE, NOW);
    const copied = await readPractice(other, copy ?? '?');
    expect(copied?.practice.items.map(({ formId }) => formId)).toEqual(
      (await readPractice(owner, PRACTICE))?.practice.items.map(({ formId }) => formId),
    );
    // Still the owner’s alone: to lead, to change, to put away.
    expect(await readPractice(other, PRACTICE)).toBeUndefined();
    expect(await setBinned(other, PRACTICE, true, NOW)).toBe(false);
    expect(await practicesOfOthers(owner)).toEqual([]);
    expect(await setBinned(owner, PRACTICE, true, NOW)).toBe(true);
    expect([await practicesOfOthers(other), await copyPractice(other, PRACTICE, NOW)]).toEqual([
      [],
      undefined,
    ]);
    await setBinned(owner, PRACTICE, false, NOW);
    await setShared(owner, 'practice', PRACTICE, false);
    expect([await practicesOfOthers(other), await copyPractice(other, PRACTICE, NOW)]).toEqual([
      [],
      undefined,
    ]);
    expect((await listPractices(other, 'shelf')).practices.map(({ id }) => id)).toEqual([copy]);
  });

  it('is a term, taken over for a group of one’s own without its practices', async () => {
    const { term, group } = await ofOwner();
    const theirs = { ...term, teacher: 'A. N. Other', ways: { breathsPerMin: 5 } };
    const { version = 0 } = (await readTerm(owner, term.id)) ?? {};
    expect(await saveTerm(owner, theirs, version, NOW)).toMatchObject({ ok: true });
    await setShared(owner, 'term', term.id, true);
    expect((await termsOfOthers(other)).map(({ what }) => what.name)).toEqual([term.name]);
    expect(await copyTerm(other, term.id, group.id, NOW)).toBeUndefined();
    const own = {
      id: crypto.randomUUID(),
      name: 'the oar menders',
      minutes: 20,
      posture: 'standing',
      familiarity: 'taught',
      times: [],
      conditions: [],
    } as const;
    await saveGroup(other, { ...own, times: [], conditions: [] }, 0);
    const copy = await readTerm(other, (await copyTerm(other, term.id, own.id, NOW)) ?? '?');
    expect(copy?.term).toMatchObject({ groupId: own.id, name: term.name, first: term.first });
    expect([copy?.term.teacher, copy?.term.ways]).toEqual([undefined, undefined]);
    const themes = (of: typeof term | undefined) =>
      Object.entries(of?.weeks ?? {}).map(([monday, { theme }]) => [monday, theme]);
    expect(themes(copy?.term)).toEqual(themes(term));
    expect(Object.values(copy?.term.weeks ?? {}).some(({ practiceId }) => practiceId !== undefined)).toBe(
      false,
    );
    expect(Object.values(term.weeks).some(({ practiceId }) => practiceId !== undefined)).toBe(true);
  });
});

describe('a file of everything', () => {
  it('holds what is one’s own, and is brought in by nobody else', async () => {
    const [mine, theirs] = [path.join(base, 'mine.zip'), path.join(base, 'theirs.zip')];
    await saveArchive(owner, mine, NOW);
    await saveArchive(other, theirs, NOW);
    const { person } = await ofOwner();
    const told = await planArchive(other, theirs);
    expect(told.parts.every(({ added, changed }) => added + changed === 0)).toBe(true);
    expect(told.parts.find(({ part }) => part === 'people')).toBeUndefined();
    const before = await everyOwnRow();
    await expect(bringArchive(other, mine, PART_IDS, NOW)).rejects.toThrow(ArchiveRefused);
    await expect(bringArchive(other, mine, PART_IDS, NOW)).rejects.toThrow(/another teacher’s here/);
    expect(await everyOwnRow()).toBe(before);
    expect(await listPeople(other)).toEqual([]);
    // Brought in where nobody has it, it is whoever’s who brings it in.
    const house = await openHere({
      folder: path.join(base, 'house'),
      migrations: 'db/migrations',
      demo: false,
    });
    const third = ownedBy(house, 'third');
    await bringArchive(third, mine, PART_IDS, NOW);
    expect((await listPeople(third)).map(({ name }) => name)).toContain(person.name);
    expect([await listPeople(house), (await listPractices(house, 'shelf')).practices]).toEqual([[], []]);
    await house.close();
  }, 60_000);

  it('of each day is kept for each teacher apart', async () => {
    const folder = path.join(base, 'copies-of-days');
    await copyOfDay(owner, copiesOf(folder, OWNER), '2026-11-30', NOW);
    await copyOfDay(other, copiesOf(folder, other.teacherId), '2026-11-29', NOW);
    expect(listCopies(copiesOf(folder, OWNER)).map(({ day }) => day)).toEqual(['2026-11-30']);
    expect(listCopies(copiesOf(folder, other.teacherId)).map(({ day }) => day)).toEqual(['2026-11-29']);
  });

  it('of today is made for everyone by the day of their place, though one of them cannot have theirs', async () => {
    const folder = path.join(base, 'copies-of-today');
    // A file stands where the first teacher’s folder would have to be.
    const hindered = copiesOf(folder, other.teacherId);
    mkdirSync(path.dirname(hindered), { recursive: true });
    writeFileSync(hindered, 'in the way');
    const far = ownedBy(owner, (await addTeacher(owner, 'Zillah Farrow', WORDS, NOW)) ?? '?');
    const place = { ...DEFAULT_CUSTOMS.place, zone: 'Pacific/Kiritimati' };
    await saveCustoms(far, { ...DEFAULT_CUSTOMS, place }, 0, NOW);
    // Half past eleven in the evening in Greenwich: on Kiritimati (UTC+14) it is the next day long since.
    const notMade = await copiesOfToday(owner, folder, Date.UTC(2026, 10, 30, 23, 30));
    expect(notMade.map(({ teacherId }) => teacherId)).toEqual([other.teacherId]);
    expect(listCopies(copiesOf(folder, OWNER)).map(({ day }) => day)).toEqual(['2026-11-30']);
    expect(listCopies(copiesOf(folder, far.teacherId)).map(({ day }) => day)).toEqual(['2026-12-01']);
    rmSync(hindered);
    expect(await copiesOfToday(owner, folder, Date.UTC(2026, 10, 30, 23, 40))).toEqual([]);
    expect(listCopies(hindered)).toHaveLength(1);
  });
});

describe('a teacher who has left', () => {
  it('is deleted with everything that is theirs, once they are shut out, and nobody else loses anything', async () => {
    const id = (await addTeacher(owner, 'Perrin Ashlock', WORDS, NOW)) ?? '?';
    const leaving = ownedBy(owner, id);
    const { group, given, person: somebody, felt, term } = await ofOwner();
    const practice = (await readPractice(owner, PRACTICE))?.practice;
    if (!practice) throw new Error('the sample has a practice');
    // One of everything, each under an id of its own.
    await saveGroup(leaving, { ...group, id: 'leaving', name: 'the net menders' }, 0);
    const practiceId = await createPractice(leaving, crypto.randomUUID(), practice, NOW);
    const person = { ...somebody, id: crypto.randomUUID(), name: 'Lettice Oar' };
    await savePerson(leaving, person, 0, NOW);
    await writeFelt(leaving, person.id, { id: crypto.randomUUID(), atMs: NOW, felt: felt.felt });
    const asked = {
      theme: { kind: 'organ', organ: 'kidney' },
      minutes: 8,
      daysAWeek: 5,
      weeks: 1,
      first: '2026-12-01',
      posture: 'standing',
    } as const;
    expect((await giveHomework(leaving, person, asked, NOW)).ok).toBe(true);
    await saveTerm(leaving, { ...term, id: crypto.randomUUID(), groupId: 'leaving' }, 0, NOW);
    await forgetLearnt(leaving, 'cloud-hands', NOW);
    await saveWords(leaving, { formId: 'cloud-hands', cues: {}, note: 'of Lettice' }, 0, NOW);
    await saveCustoms(leaving, DEFAULT_CUSTOMS, 0, NOW);
    const classId = crypto.randomUUID();
    const led = { id: classId, practiceId, version: 1, groupId: 'leaving', record: given.record };
    expect(await recordClass(leaving, led)).toBe('recorded');
    await tickAfter(leaving, classId, { present: [person.id], others: 0 });
    const rowsOf = async (): Promise<readonly (readonly [string, number])[]> =>
      Promise.all(
        TABLES.filter(({ isShared }) => !isShared).map(async ({ table }) => [
          table,
          (await owner.rows({ text: `select 1 from ${table} where teacher_id = $1`, values: [id] })).length,
        ]),
      );
    expect((await rowsOf()).filter(([, rows]) => rows === 0).map(([table]) => table)).toEqual([]);
    const [ofOwners, ofOthers] = [await everyOwnRow(), await listPractices(other, 'shelf')];
    expect([await deleteTeacher(owner, id), await deleteTeacher(owner, OWNER)]).toEqual([false, false]);
    await shutOut(owner, id, NOW);
    expect(await deleteTeacher(owner, id)).toBe(true);
    expect((await rowsOf()).filter(([, rows]) => rows > 0)).toEqual([]);
    expect(await everyOwnRow()).toBe(ofOwners);
    expect(await listPractices(other, 'shelf')).toEqual(ofOthers);
  }, 120_000);
});

it('every table is either a teacher’s, the school’s, or of the installation', async () => {
  const rows = await owner.rows(sql`
    select case when table_schema = 'public' then table_name else table_schema || '.' || table_name end as name
    from information_schema.columns where column_name = 'teacher_id' and table_schema in ('public', 'private') order by 1`);
  const own = TABLES.filter(({ isShared }) => !isShared).map(({ table }) => table);
  expect(OF_THE_INSTALLATION).toContain('private.following');
  expect(rows.map(({ name }) => name)).toEqual([...own, 'private.following'].toSorted());
});
