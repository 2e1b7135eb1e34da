import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { writeFormFile, writePracticeFile } from '../core/formats';
import { REPERTOIRE } from '../core/forms';
import { openHere } from './open.test.data';
import { listClasses } from './classes';
import { seedDemo } from './demo';
import { readWords } from './forms';
import { listGroups } from './groups';
import { readLed } from './led';
import { listPractices, readPractice } from './practices';
import { listPeople } from './people';
import { registersOf } from './registers';
import { sql, type OwnDatabase } from './sql';
import { listTerms } from './terms';

const base = mkdtempSync(path.join(os.tmpdir(), 'navuren-demo-'));
let open: OwnDatabase;

beforeAll(async () => {
  open = await openHere({
    folder: path.join(base, 'data'),
    migrations: path.resolve('db/migrations'),
    demo: true,
  });
}, 120_000);
afterAll(async () => {
  await open.close();
  rmSync(base, { recursive: true, force: true });
});

/** Those the sample names; all are invented. */
const NOTED = ['Maud Tarrow', 'Pettifer', 'Isla Quent'];

describe('the Quillhaven sample', () => {
  it('has groups, practices, a season’s log and notes on people', async () => {
    expect(await listGroups(open)).toHaveLength(3);
    expect((await listPractices(open, 'shelf')).practices.length).toBe(6);
    const classes = await listClasses(open);
    expect(classes.length).toBeGreaterThan(40);
    // Every group has a season behind it, and what one practises alone is there too.
    expect(new Set(classes.map((one) => one.groupId)).size).toBe(4);
    const noted = await open.rows(sql`select form_id from own_words order by form_id`);
    expect(noted).toHaveLength(3);
    for (const row of noted) {
      const form = REPERTOIRE.find((one) => one.id === row.form_id);
      expect(form).toBeDefined();
      const { words } = await readWords(open, String(row.form_id));
      expect(NOTED.some((name) => words?.note?.includes(name))).toBe(true);
      expect(writeFormFile(form ? [form] : [])).not.toContain(words?.note);
    }
  });

  it('has a dozen people, and who came to each class of a group', async () => {
    const people = await listPeople(open);
    expect(people).toHaveLength(12);
    const classes = (await listClasses(open)).filter(({ groupId }) => groupId !== undefined);
    const registers = await registersOf(
      open,
      classes.map(({ id }) => id),
    );
    expect(registers.size).toBe(classes.length);
    const came = [...registers.values()].map(({ present, others }) => present.length + others);
    // Not always everybody, and hardly ever nobody.
    expect(new Set(came).size).toBeGreaterThan(2);
    expect(came.filter((count) => count === 0).length).toBeLessThan(classes.length / 10);
  });

  it('has a term planned for the choir, its weeks that are over with what was led in them', async () => {
    const { terms } = await listTerms(open);
    expect(terms).toHaveLength(1);
    const weeks = Object.entries(terms[0]?.term.weeks ?? {});
    expect(weeks.length).toBeGreaterThan(12);
    for (const [monday, { practiceId }] of weeks)
      expect([monday, practiceId === undefined]).toEqual([monday, monday >= '2026-11-23']);
  });

  it('names nobody in what is led, printed or handed on', async () => {
    for (const { id } of (await listPractices(open, 'shelf')).practices) {
      const led = JSON.stringify(await readLed(open, id));
      const kept = await readPractice(open, id);
      const file = kept ? writePracticeFile(kept.practice) : '';
      expect(file.length).toBeGreaterThan(1000);
      for (const name of [...NOTED, ...(await listPeople(open)).map((person) => person.name)]) {
        expect(led).not.toContain(name);
        expect(file).not.toContain(name);
      }
    }
  });

  it('leaves a folder that holds anything as it is', async () => {
    const before = await listClasses(open);
    await seedDemo(open);
    expect(await listClasses(open)).toEqual(before);
    expect((await listPractices(open, 'shelf')).practices.length).toBe(6);
  });
});
