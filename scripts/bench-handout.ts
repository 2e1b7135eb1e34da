// Part of npm run bench: what handing out and keeping everything cost. Figures to read, not tests.
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { PART_IDS } from '../core/archive/parts';
import { PLAIN_BRIEF } from '../core/brief';
import { compose } from '../core/compose';
import { DEFAULT_CUSTOMS } from '../core/customs';
import { breathTrack } from '../core/formats/breathTrack';
import { REPERTOIRE } from '../core/forms';
import { cueSheetPdf, DENSITIES } from '../handout/pdf/cueSheetPdf';
import { homeworkPdf } from '../handout/pdf/homeworkPdf';
import { POSTERS, posterPdf } from '../handout/pdf/posterPdf';
import { movingPage } from '../handout/moving/movingPage';
import { saveArchive } from '../server/archive/copies';
import { bringArchive, planArchive } from '../server/archive/restore';
import { openDatabase } from '../server/database';
import { OWNER, ownedBy } from '../server/sql';
import { createPractice } from '../server/practices';
import { homeworkSheetOf } from '../ui/homework/homeworkSheetOf';
import { stripOf } from '../ui/scroll/strip';
import { sheetOf } from '../ui/sheet/sheetOf';

async function measure(
  what: string,
  budgetMs: number | undefined,
  work: () => Promise<unknown>,
): Promise<void> {
  const from = performance.now();
  await work();
  const ms = performance.now() - from;
  const budget = budgetMs === undefined ? '' : `   budget ${budgetMs} ms`;
  console.log(`${what.padEnd(62)} ${ms.toFixed(0).padStart(7)} ms${budget}`);
}

const made = compose({
  brief: { ...PLAIN_BRIEF, minutes: 30 },
  repertoire: REPERTOIRE,
  customs: DEFAULT_CUSTOMS,
  people: { conditions: [] },
  seed: 1,
  enough: 0.05,
});
if (!made.ok) throw new Error('no draft to measure with');
const { practice, timeline } = made;
const sheet = sheetOf(practice, { conditions: undefined, timeline });
const short = compose({
  brief: { ...PLAIN_BRIEF, minutes: 8 },
  repertoire: REPERTOIRE,
  customs: DEFAULT_CUSTOMS,
  people: { conditions: [] },
  seed: 1,
  enough: 0.05,
});
if (!short.ok) throw new Error('no homework to measure with');
const homework = homeworkSheetOf(short.practice, {
  audience: 'people',
  conditions: ['knee'],
  isForOne: true,
  prescribed: { daysAWeek: 5, first: '2026-12-01', weeks: 6 },
  chosen: undefined,
});

await measure('cue sheet PDF, the first (fonts are read)', undefined, () => cueSheetPdf(sheet, 'full', 'a4'));
for (const density of DENSITIES)
  await measure(`cue sheet PDF of 30 minutes, ${density}`, 1000, () => cueSheetPdf(sheet, density, 'a4'));
await measure('homework PDF of 8 minutes', 500, () => homeworkPdf(homework, 'a4'));
for (const paper of POSTERS)
  await measure(`poster PDF of 30 minutes, ${paper}`, 2000, () =>
    posterPdf(sheet, stripOf(practice, timeline), (id) => practice.forms[id], paper),
  );
await measure('page that moves, 8 minutes', 500, () =>
  movingPage(homework, short.practice, short.timeline, 'mirror'),
);
await measure('breath track of 30 minutes', undefined, () => {
  for (const piece of breathTrack(timeline)) void piece;
  return Promise.resolve();
});

const folder = mkdtempSync(path.join(os.tmpdir(), 'navuren-bench-'));
const open = async (name: string) =>
  ownedBy(
    await openDatabase({ folder: path.join(folder, name), migrations: 'db/migrations', demo: false }),
    OWNER,
  );
const full = await open('full');
for (let count = 0; count < 1000; count += 1)
  await createPractice(full, `practice-${count}`, { ...practice, name: `Practice ${count}` }, Date.now());
const file = path.join(folder, 'everything.zip');
const before = process.memoryUsage().rss;
await measure('everything of 1,000 practices as ZIP', 5000, () => saveArchive(full, file, Date.now()));
await measure('looked over, all of it here already', undefined, () => planArchive(full, file));
const empty = await open('empty');
await measure('brought into an empty house', 10_000, () => bringArchive(empty, file, PART_IDS, Date.now()));
const bytes = readFileSync(file);
// In the last tenth: nearly all of it must be read before it shows.
for (let at = 0; at < 40; at += 1) bytes[Math.floor(bytes.length * 0.9) + at] = 0;
const damaged = path.join(folder, 'damaged.zip');
writeFileSync(damaged, bytes);
let told = 'taken, though it is damaged';
await measure('a damaged one refused', 1000, () =>
  planArchive(full, damaged).catch((error: unknown) => {
    told = error instanceof Error ? error.message : told;
  }),
);
console.log(`  ${told}`);
console.log(
  `the file ${(bytes.length / 1e6).toFixed(1)} MB; memory grew by ${((process.memoryUsage().rss - before) / 1e6).toFixed(0)} MB`,
);
await full.close();
await empty.close();
rmSync(folder, { recursive: true, force: true });
