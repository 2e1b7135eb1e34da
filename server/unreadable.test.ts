import { randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { blankForm } from '../core/forms/own/drafting';
import { practiceSchema } from '../core/practice';
import { listClasses, listClassesWithUnreadable, recordClass } from './classes';
import { composeRoomData } from './composeRoom';
import { openHere } from './open.test.data';
import { addOwnForms, readOwnForm, readOwnWithUnreadable, saveWords } from './forms';
import { listGroups, listGroupsWithUnreadable, saveGroup } from './groups';
import { createPractice, listPractices, readPractice } from './practices';
import { readHistory } from './history';
import { sql, type OwnDatabase } from './sql';
import { orUnreadable, partRows, rawOf, UnreadableDocument } from './unreadable';

const golden = (kind: string, file: string): Readonly<Record<string, unknown>> =>
  JSON.parse(readFileSync(`core/documents/${kind}/golden/${file}.json`, 'utf8'));
const { documentVersion: _version, ...practiceData } = golden('practice', 'v3-stays');
const practice = practiceSchema.parse(practiceData);
const AT = Date.UTC(2026, 10, 28);

describe('a row that cannot be read', () => {
  let open: OwnDatabase;
  const base = mkdtempSync(path.join(os.tmpdir(), 'navuren-unreadable-'));
  beforeAll(async () => {
    open = await openHere({
      folder: path.join(base, 'data'),
      migrations: path.resolve('db/migrations'),
      demo: false,
    });
    await createPractice(open, 'good', practice, AT);
    await createPractice(open, 'bad', { ...practice, name: 'The bad one' }, AT);
    await createPractice(open, 'bad-items', { ...practice, name: 'Bad inside' }, AT);
    await addOwnForms(
      open,
      [
        { ...blankForm('own-good-1', 'Good'), id: 'own-good-1' },
        { ...blankForm('own-bad-1', 'Bad form'), id: 'own-bad-1' },
      ],
      AT,
    );
    await saveWords(open, { formId: 'rise-and-sink', cues: {}, note: 'mine' }, 0, AT);
    await saveWords(open, { formId: 'cloud-hands', cues: {}, note: 'mine too' }, 0, AT);
    const group = {
      minutes: 20,
      posture: 'seated',
      familiarity: 'known',
      times: [],
      conditions: [],
    } as const;
    await saveGroup(open, { ...group, id: 'good', name: 'Good', times: [], conditions: [] }, 0);
    await saveGroup(open, { ...group, id: 'bad', name: 'Bad group', times: [], conditions: [] }, 0);
    const { documentVersion: _v, ...record } = golden('class', 'v1-desks');
    for (const id of [randomUUID(), randomUUID()])
      await recordClass(open, {
        id,
        practiceId: 'good',
        version: 1,
        groupId: null,
        record: record as never,
      });
    // As a hand, a later Navuren or a broken disk would leave them.
    const spoil = async (text: TemplateStringsArray, ...values: readonly string[]) =>
      open.rows(sql(text, ...values));
    await spoil`update practice_version set document = jsonb_set(document, '{brief,minutes}', '"long"') where practice_id = 'bad'`;
    await spoil`update practice_version set document = jsonb_set(document, '{items,0,repetitions}', '-1') where practice_id = 'bad-items'`;
    await spoil`update own_form set form = form || '{"strange": 1}'::jsonb where id = 'own-bad-1'`;
    await spoil`update own_words set document = document || '{"documentVersion": 99}'::jsonb where form_id = 'cloud-hands'`;
    await spoil`update class_group set times = '[{"weekday": 9}]'::jsonb where id = 'bad'`;
    await spoil`update class_given set record = '3'::jsonb where id = (select min(id) from class_given)`;
  }, 60_000);
  afterAll(async () => {
    await open.close();
    rmSync(base, { recursive: true, force: true });
  });

  it('stands apart on the shelf, and the rest is there', async () => {
    const { practices, unreadable } = await listPractices(open, 'shelf');
    expect(practices.map(({ id }) => id).toSorted()).toEqual(['bad-items', 'good']);
    expect(unreadable).toMatchObject([{ kind: 'practice', id: 'bad', name: 'The bad one' }]);
    expect(await orUnreadable(readPractice(open, 'bad-items'))).toMatchObject({
      unreadable: { id: 'bad-items', problem: { code: 'field', path: ['items', 0, 'repetitions'] } },
    });
    expect(await orUnreadable(readPractice(open, 'good'))).toMatchObject({ value: { id: 'good' } });
  });

  it('closes neither Compose nor Forms nor Atlas: own forms and words', async () => {
    const { own, unreadable } = await readOwnWithUnreadable(open);
    expect(own.forms.map(({ id }) => id)).toEqual(['own-good-1']);
    expect(own.words.map(({ formId }) => formId)).toEqual(['rise-and-sink']);
    expect(unreadable.map(({ kind, id }) => `${kind} ${id}`)).toEqual([
      'form own-bad-1',
      'words cloud-hands',
    ]);
    await expect(readOwnForm(open, 'own-bad-1')).rejects.toBeInstanceOf(UnreadableDocument);
    const data = await composeRoomData(open);
    expect(Object.keys(data.formNames)).toContain('own-good-1');
  });

  it('is left out of groups, log and history, and told', async () => {
    expect((await listGroups(open)).map(({ id }) => id)).toEqual(['good']);
    expect((await listGroupsWithUnreadable(open)).unreadable).toMatchObject([
      { kind: 'group', name: 'Bad group' },
    ]);
    expect(await listClasses(open)).toHaveLength(1);
    expect((await listClassesWithUnreadable(open)).unreadable).toMatchObject([
      { kind: 'class', problem: { code: 'no-document' } },
    ]);
    expect((await readHistory(open)).myself.known.length).toBeGreaterThan(0);
  });

  it('can be taken along raw, just as it is stored', async () => {
    const raw = await rawOf(open, 'practice', 'bad');
    expect(JSON.stringify(raw)).toContain('"minutes":"long"');
    expect(JSON.stringify(raw)).toContain(Object.values(practice.forms)[0]?.name ?? '');
    expect(await rawOf(open, 'form', 'own-bad-1')).toMatchObject({ form: { strange: 1 } });
    expect(await rawOf(open, 'words', 'cloud-hands')).toMatchObject({ document: { note: 'mine too' } });
    expect(await rawOf(open, 'group', 'bad')).toMatchObject({ name: 'Bad group' });
    expect(await rawOf(open, 'class', randomUUID())).toBeUndefined();
  });

  it('hides no other trouble', () => {
    expect(() =>
      partRows([1], () => {
        throw new TypeError('a mistake of ours');
      }),
    ).toThrow('a mistake of ours');
  });
});
