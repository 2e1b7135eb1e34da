import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { handoutAskedSchema, type HandoutAsked } from '@/core/handout/asked';
import { HANDED, kindsOf, type Handed, type HandoutId, type HandoutKind } from '@/core/handout/kinds';
import { openDatabase } from '@/server/database';
import { seedDemo } from '@/server/demo';
import { giveHomework } from '@/server/homework';
import { readPerson } from '@/server/people';
import { OWNER, ownedBy, sql, type OwnDatabase } from '@/server/sql';
import { HANDERS } from './handed';
import { homeworkContent, practiceContent } from './practice';

/** A word nobody else writes. */
const SENTINEL = 'Fettlewhitty';
const NOW = Date.UTC(2026, 10, 30, 9);
const root = mkdtempSync(path.join(tmpdir(), 'navuren-private-'));
const PERSON = '00000000-0000-4000-9000-000000000005';
const PRACTICE = 'before-the-rounds';
const TERM = '00000000-0000-4000-a000-000000000001';
let open: OwnDatabase;
let homeworkId = '';

beforeAll(async () => {
  expect(spawnSync(process.execPath, ['scripts/player.mjs']).status).toBe(0);
  open = ownedBy(
    await openDatabase({ folder: path.join(root, 'data'), migrations: 'db/migrations', demo: false }),
    OWNER,
  );
  await seedDemo(open);
  const person = (await readPerson(open, PERSON))?.person;
  if (!person) throw new Error('expected a person');
  const given = await giveHomework(
    open,
    person,
    {
      theme: { kind: 'organ', organ: 'kidney' },
      minutes: 8,
      daysAWeek: 5,
      weeks: 4,
      first: '2026-12-01',
      posture: 'standing',
    },
    NOW,
  );
  if (!given.ok) throw new Error('expected homework');
  homeworkId = given.id;
  await putEverywhere();
}, 120_000);
afterAll(async () => {
  await open.close();
  rmSync(root, { recursive: true, force: true });
});

/** The word in every field of every table that is somebody's own affair. */
async function putEverywhere(): Promise<void> {
  const word = JSON.stringify(SENTINEL);
  const set = (table: string, column: string, at: string): Promise<unknown> =>
    open.rows({
      text: `update ${table} set ${column} = jsonb_set(${column}, $1::text[], $2::jsonb, true)`,
      values: [at.split('.'), word],
    });
  for (const field of ['name', 'note', 'can', 'consent.words'])
    await set('private.person', 'document', field);
  await open.rows({
    text: `update private.person set document = jsonb_set(document, '{conditions}', (
      select coalesce(jsonb_agg(one || jsonb_build_object('note', $1::text)), '[]'::jsonb) from jsonb_array_elements(document -> 'conditions') one))`,
    values: [SENTINEL],
  });
  await set('private.homework', 'document', 'note');
  await set('own_words', 'document', 'note');
  await set('term', 'document', 'teacher');
  await open.rows(
    sql`update class_group set name = ${SENTINEL}, initials = ${JSON.stringify({ knee: SENTINEL.slice(0, 6) })}::jsonb`,
  );
  await open.rows(sql`update class_given set note = ${SENTINEL}, led_by = ${SENTINEL}`);
  await open.rows(sql`
    update practice_version set document = jsonb_set(document, '{waved}', ${JSON.stringify([{ note: 'a/b', reason: SENTINEL }])}::jsonb, true)`);
  await open.rows(sql`
    update term set document = jsonb_set(document, '{out}', ${JSON.stringify([{ from: '2026-10-26', until: '2026-10-30', name: SENTINEL }])}::jsonb)`);
}

const IDS: Readonly<Record<Handed, string>> = {
  practice: PRACTICE,
  homework: '',
  term: TERM,
  form: 'cloud-hands',
  channel: 'LU',
  year: 'now',
  log: 'all',
  forms: 'all',
};
const idOf = (of: Handed): string => (of === 'homework' ? homeworkId : IDS[of]);

async function textOf(bytes: Uint8Array): Promise<string> {
  const document = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
  const pages: string[] = [JSON.stringify((await document.getMetadata()).info)];
  for (let page = 1; page <= document.numPages; page += 1) {
    const at = await document.getPage(page);
    const { items } = await at.getTextContent();
    pages.push(
      items.map((item) => ('str' in item ? item.str : '')).join(''),
      JSON.stringify(await at.getStructTree()),
    );
  }
  return pages.join('\n');
}

/** Everything that can be read of what is made. */
async function said(of: Handed, kind: HandoutKind, over: Partial<HandoutAsked>): Promise<string | undefined> {
  const asked = { ...handoutAskedSchema.parse({}), ...over };
  if (kind.inBrowser) {
    const make = of === 'homework' ? homeworkContent : practiceContent;
    const handed = await make(open, idOf(of), asked, NOW);
    return handed && JSON.stringify([handed.content.practice, handed.content.sheet]);
  }
  const handed = await HANDERS[of](open, { id: idOf(of), as: kind.id as HandoutId, asked, nowMs: NOW });
  if (!handed) return undefined;
  const made = await handed.make();
  const text = typeof made === 'string' ? made : await textOf(made);
  return `${handed.name}\n${text}`;
}

const ALL = HANDED.flatMap((of) => kindsOf(of).map((kind) => ({ of, kind, title: `${of}: ${kind.id}` })));

describe('nothing private is in what is made for people', () => {
  it.each(ALL.filter(({ kind }) => !kind.onlyMe))(
    '$title',
    async ({ of, kind }) => {
      const text = await said(of, kind, { for: 'people' });
      expect(text?.length).toBeGreaterThan(20);
      expect(text?.includes(SENTINEL)).toBe(false);
      expect(text?.toLowerCase().includes(SENTINEL.toLowerCase().slice(0, 6))).toBe(false);
    },
    60_000,
  );

  it('what is for oneself alone is not made for people at all', async () => {
    for (const { of, kind } of ALL.filter((one) => one.kind.onlyMe))
      expect(await said(of, kind, { for: 'people' })).toBeUndefined();
  });
});

describe('the check can fail', () => {
  const find = (of: Handed, id: string) => {
    const found = ALL.find((one) => one.of === of && one.kind.id === id);
    if (!found) throw new Error(`no ${of} ${id}`);
    return found.kind;
  };

  it.each([
    ['practice', 'text', { names: true }],
    ['practice', 'sheet', { names: true }],
    ['practice', 'file', { for: 'me' }],
    ['homework', 'homework-sheet', { names: true }],
    ['homework', 'moving', { names: true }],
    ['term', 'term-sheet', { names: true }],
    ['term', 'calendar', { names: true }],
    ['log', 'log-table', { for: 'me' }],
    ['log', 'attendance', { for: 'me' }],
  ] as const)(
    '%s as %s says it where that is wished: %j',
    async (of, id, over) => {
      expect(await said(of, find(of, id), over)).toContain(SENTINEL);
    },
    60_000,
  );
});
