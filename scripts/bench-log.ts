import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { performance } from 'node:perf_hooks';
import { PLAIN_BRIEF } from '../core/brief';
import { compose } from '../core/compose';
import { DEFAULT_CUSTOMS } from '../core/customs';
import { REPERTOIRE } from '../core/forms';
import { recordOf } from '../core/lead';
import { findClasses, monthsOfLog, recordClass, type LogAsked } from '../server/classes';
import { openDatabase } from '../server/database';
import { classesOf } from '../server/people';
import { createPractice } from '../server/practices';
import { OWNER, ownedBy, sql } from '../server/sql';

/** How long a log of ten thousand classes takes to answer; in a folder of its own, which is gone afterwards. */
const CLASSES = 10_000;
const BUDGET_MS = 100;
const folder = mkdtempSync(path.join(os.tmpdir(), 'navuren-bench-log-'));
const open = ownedBy(
  await openDatabase({
    folder: path.join(folder, 'data'),
    migrations: path.resolve('db/migrations'),
    demo: true,
  }),
  OWNER,
);
const made = compose({
  brief: { ...PLAIN_BRIEF, minutes: 20 },
  repertoire: REPERTOIRE,
  customs: DEFAULT_CUSTOMS,
  people: { conditions: [] },
  seed: 1,
  enough: 0.5,
});
if (!made.ok) throw new Error('the practice of the log could not be composed');
const NOW = Date.UTC(2026, 10, 28);
await createPractice(open, 'bench', made.practice, NOW);
const record = recordOf(made.practice, [{ kind: 'start', atMs: NOW }], NOW + 7_200_000);
const id = randomUUID();
await recordClass(open, { id, practiceId: 'bench', version: 1, groupId: null, record });
await open.rows(sql`
  insert into class_given (id, teacher_id, practice_id, practice_name, version, group_id, started_at, record, note)
  select gen_random_uuid()::text, teacher_id, practice_id, practice_name, version,
         case when n % 3 = 0 then 'letter-carriers' end, started_at - n * interval '9 hours', record,
         case when n % 500 = 0 then 'fog on the quay' else '' end
  from class_given, generate_series(1, ${CLASSES}) n where id = ${id}`);
// Maud of the sample was at every third of them, the others at most.
const MAUD = '00000000-0000-4000-9000-000000000001';
await open.rows(sql`
  insert into private.register (id, teacher_id, practice_id, opened_at, class_id)
  select 'bench ' || id, teacher_id, practice_id, started_at, id from class_given where practice_id = 'bench'
  on conflict do nothing`);
await open.rows(sql`
  insert into private.present (register_id, teacher_id, person_id)
  select r.id, r.teacher_id, p.id from private.register r, private.person p
  where r.practice_id = 'bench' and (p.id <> ${MAUD} or hashtext(r.id) % 3 = 0)
  on conflict do nothing`);
for (const statement of [
  sql`analyze class_given`,
  sql`analyze private.register`,
  sql`analyze private.present`,
])
  await open.rows(statement);

async function report(what: string, work: () => Promise<unknown>): Promise<void> {
  for (let warm = 0; warm < 2; warm += 1) await work();
  const times: number[] = [];
  for (let run = 0; run < 9; run += 1) {
    const from = performance.now();
    await work();
    times.push(performance.now() - from);
  }
  const middle = times.sort((a, b) => a - b)[4] ?? Number.NaN;
  console.log(`${what.padEnd(62)} ${middle.toFixed(2).padStart(7)} ms   budget ${BUDGET_MS} ms`);
}
const asked: readonly (readonly [string, LogAsked])[] = [
  ['the first page', {}],
  ['a page in the middle', { after: { startedAtMs: NOW - 2000 * 86_400_000, id: 'z' } }],
  ['of a group', { groupId: 'letter-carriers' }],
  ['of a month', { fromMs: NOW - 400 * 86_400_000, toMs: NOW - 370 * 86_400_000 }],
  ['of a phase', { phase: 'water' }],
  ['of a person', { personId: MAUD }],
  ['by words of a note', { words: 'fog on the quay' }],
  ['by words that are nowhere', { words: 'nowhere at all' }],
  ['by a form', { words: 'cloud hands', formIds: ['cloud-hands'] }],
];
for (const [what, one] of asked) await report(`log of 10,000 classes: ${what}`, () => findClasses(open, one));
await report('log of 10,000 classes: what a person was given', () => classesOf(open, MAUD));
await report('log of 10,000 classes: its months', () => monthsOfLog(open, 'Europe/London'));
await open.close();
rmSync(folder, { recursive: true, force: true });
