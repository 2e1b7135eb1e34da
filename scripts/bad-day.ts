// npm run bad-day [-- --rounds N]: what a bad day does to what was acknowledged, in figures. Every kind of write goes on
// while the server is killed, its folder is copied as a power cut would leave it, the database is cut off and started anew,
// the disk fills up or can only be read, and the clock goes back.
import { spawnSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { once } from 'node:events';
import { cpSync, existsSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { performance } from 'node:perf_hooks';
import { REPERTOIRE } from '../core/forms';
import { newPerson } from '../core/people/newPerson';
import type { Practice } from '../core/practice';
import { seededRandom } from '../core/random';
import { readStoredCustoms } from '../server/customs';
import { migrationsFolder, openDatabase, type DatabasePlace } from '../server/database';
import { readWords } from '../server/forms';
import { listGroups } from '../server/groups';
import { readPractice } from '../server/practices';
import { OWNER, ownedBy, sql, type Database, type OwnDatabase } from '../server/sql';
import { listTerms } from '../server/terms';
import { ensureBuilt, portTaken, startServer, untilUp } from './lib.mjs';
import { makePostgres, postgresPrograms } from './postgres.mjs';

const PORT = 3230;
const URL_OF = `http://127.0.0.1:${PORT}`;
const base = mkdtempSync(path.join(tmpdir(), 'navuren-bad-day-'));
const told = process.argv.indexOf('--rounds');
const rounds = told < 0 ? 10 : Number(process.argv[told + 1]);
const random = seededRandom(20_261_130);
const sleep = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

let isGood = true;
const report = (what: string, ok: boolean, figures: string): void => {
  isGood &&= ok;
  console.log(`${ok ? 'as it should be' : 'NOT AS IT SHOULD BE'}  ${what.padEnd(52)} ${figures}`);
};

const open = async (place: DatabasePlace): Promise<OwnDatabase> =>
  ownedBy(await openDatabase({ ...place, migrations: migrationsFolder(), demo: false }), OWNER);

/** What was answered with success, by the words it was written with, and when. */
interface Kept {
  readonly kind: string;
  readonly marker: string;
  readonly atMs: number;
  /** A later write of the same kind stands in its place. */
  readonly isReplaced: boolean;
}

/** A request that writes; `slot` where each write of its kind takes the place of the one before. */
interface Write {
  readonly kind: string;
  readonly isSlot: boolean;
  make(marker: string): { readonly method: string; readonly path: string; readonly body: object };
  /** What the answer says of the version, for the next write. */
  heard?(answer: { readonly version?: number; readonly problem?: { readonly version?: number } }): void;
}

/** What the sample holds, to write over. */
async function writesOf(database: OwnDatabase): Promise<readonly Write[]> {
  const stored = await readPractice(database, 'before-the-rounds');
  const [group] = await listGroups(database);
  const [person] = await database.rows(sql`select id from private.person order by id limit 1`);
  const [given] = await database.rows(
    sql`select id, practice_id, version from class_given order by id limit 1`,
  );
  const customs = await readStoredCustoms(database);
  const [term] = (await listTerms(database)).terms;
  const form = REPERTOIRE.find(({ id }) => id === 'cloud-hands');
  if (!stored || !group || !person || !given || !term || !form) throw new Error('the sample is not there');
  const practice: Practice = stored.practice;
  const { version: _version, ...plainGroup } = group;
  const words = await readWords(database, 'cloud-hands');
  const versions = {
    practice: stored.version,
    customs: customs.version,
    term: term.version,
    words: words.version,
  };
  const follows =
    (slot: keyof typeof versions): NonNullable<Write['heard']> =>
    (answer) => {
      versions[slot] = answer.version ?? answer.problem?.version ?? versions[slot];
    };
  const at = Date.UTC(2026, 10, 30, 9);
  const record = {
    startedAtMs: at,
    endedAtMs: at + 1000,
    plannedMs: 900,
    actualMs: 1000,
    finished: true,
    items: [],
  };
  return [
    {
      kind: 'practice',
      // Every version of it is kept.
      isSlot: false,
      make: (name) => ({
        method: 'PUT',
        path: '/api/practices/before-the-rounds',
        body: { practice: { ...practice, name }, baseVersion: versions.practice, saveId: randomUUID() },
      }),
      heard: follows('practice'),
    },
    {
      kind: 'new practice',
      isSlot: false,
      make: (name) => ({
        method: 'POST',
        path: '/api/practices',
        body: { practice: { ...practice, name }, saveId: randomUUID() },
      }),
    },
    {
      kind: 'customs',
      isSlot: true,
      make: (name) => ({
        method: 'PUT',
        path: '/api/customs',
        body: {
          customs: { ...customs.customs, place: { ...customs.customs.place, name } },
          baseVersion: versions.customs,
        },
      }),
      heard: follows('customs'),
    },
    {
      kind: 'group',
      isSlot: false,
      make: (name) => ({
        method: 'PUT',
        path: `/api/groups/${name}`,
        body: { group: { ...plainGroup, id: name, name }, baseVersion: 0 },
      }),
    },
    {
      kind: 'person',
      isSlot: false,
      make: (name) => {
        const id = randomUUID();
        return {
          method: 'PUT',
          path: `/api/people/${id}`,
          body: { person: newPerson(id, name), baseVersion: 0 },
        };
      },
    },
    {
      kind: 'how somebody was',
      isSlot: false,
      make: (line) => ({
        method: 'POST',
        path: `/api/people/${String(person.id)}/felt`,
        body: { id: randomUUID(), atMs: at, felt: { when: 'before', line } },
      }),
    },
    {
      kind: 'class',
      isSlot: false,
      make: (itemId) => ({
        method: 'POST',
        path: '/api/classes',
        body: {
          id: randomUUID(),
          practiceId: given.practice_id,
          version: given.version,
          groupId: null,
          record: {
            ...record,
            items: [
              {
                itemId,
                formId: 'cloud-hands',
                name: itemId,
                role: 'main',
                plannedRepetitions: 1,
                repetitions: 1,
                plannedMs: 1,
                actualMs: 1,
              },
            ],
          },
        },
      }),
    },
    {
      kind: 'note of a class',
      isSlot: true,
      make: (note) => ({
        method: 'PUT',
        path: `/api/classes/${String(given.id)}`,
        body: { note, ledBy: '' },
      }),
    },
    {
      kind: 'own words',
      isSlot: true,
      make: (note) => ({
        method: 'PUT',
        path: '/api/forms/cloud-hands/words',
        body: { words: { formId: 'cloud-hands', cues: {}, note }, baseVersion: versions.words },
      }),
      heard: follows('words'),
    },
    {
      kind: 'own form',
      isSlot: false,
      make: (name) => ({
        method: 'POST',
        path: '/api/forms',
        body: { form: { ...form, id: `own-${name}`, name } },
      }),
    },
    {
      kind: 'term',
      isSlot: true,
      make: (name) => ({
        method: 'PUT',
        path: `/api/terms/${term.term.id}`,
        body: { term: { ...term.term, name }, baseVersion: versions.term },
      }),
      heard: follows('term'),
    },
  ];
}

/** Writes of every kind in turn until it is told to stop or nobody answers. */
class Writer {
  readonly kept: Kept[] = [];
  readonly refused = new Map<string, number>();
  slowestMs = 0;
  isOver = false;

  constructor(
    private readonly writes: readonly Write[],
    private readonly name: string,
    private readonly stopsWhenSilent = true,
  ) {}

  async run(): Promise<void> {
    for (let turn = 0; !this.isOver; turn += 1) {
      const write = this.writes[turn % this.writes.length];
      if (!write) return;
      const marker = `${this.name}-${turn}-end`;
      const { method, path: at, body } = write.make(marker);
      const from = performance.now();
      try {
        const answer = await fetch(`${URL_OF}${at}`, {
          method,
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify(body),
        });
        const text = (await answer.json()) as {
          version?: number;
          problem?: { message?: string; version?: number };
        };
        this.slowestMs = Math.max(this.slowestMs, performance.now() - from);
        write.heard?.(text);
        if (answer.ok) this.keep(write, marker);
        else {
          const why = `${answer.status} ${write.kind}: ${text.problem?.message ?? 'no reason'}`;
          this.refused.set(why, (this.refused.get(why) ?? 0) + 1);
        }
      } catch {
        if (this.stopsWhenSilent) return;
        await sleep(20);
      }
    }
  }

  private keep({ kind, isSlot }: Write, marker: string): void {
    if (isSlot)
      this.kept.forEach((one, index) => {
        if (one.kind === kind && !one.isReplaced) this.kept[index] = { ...one, isReplaced: true };
      });
    this.kept.push({ kind, marker, atMs: Date.now(), isReplaced: false });
  }
}

/** What was acknowledged and is not there: looked for in the text of every row. */
async function missing(database: Database, kept: readonly Kept[]): Promise<readonly Kept[]> {
  const tables = await database.rows(
    sql`select schemaname || '.' || tablename as name from pg_tables where schemaname in ('public', 'private')`,
  );
  const texts: string[] = [];
  for (const { name } of tables)
    for (const row of await database.rows({
      text: `select t::text as text from ${String(name)} t`,
      values: [],
    }))
      texts.push(String(row.text));
  const all = texts.join('\n');
  // Where a later write of the same kind took its place without being heard of, the marker of that one is there instead.
  return kept.filter(({ marker, isReplaced, kind }) => {
    if (isReplaced || all.includes(marker)) return false;
    const turn = Number(/-(\d+)-end$/.exec(marker)?.[1]);
    const next = marker.replace(`-${turn}-end`, `-${turn + KINDS}-end`);
    return !(SLOTS.has(kind) && all.includes(next));
  });
}
let KINDS = 0;
let SLOTS = new Set<string>();

/** None is left behind, whatever becomes of this script. */
const running = new Set<ReturnType<typeof startServer>>();
process.once('exit', () => running.forEach((child) => child.kill('SIGKILL')));

interface Run {
  readonly child: ReturnType<typeof startServer>;
  readonly lines: string[];
}
function start(place: DatabasePlace, env: Readonly<Record<string, string>> = {}): Run {
  const lines: string[] = [];
  const child = startServer({
    port: PORT,
    data: place.folder,
    demo: true,
    env: { ...(place.address === undefined ? {} : { NAVUREN_DATABASE: place.address }), ...env },
    onLine: (line) => lines.push(line),
  });
  running.add(child);
  child.once('exit', () => running.delete(child));
  return { child, lines };
}
async function ended({ child }: Run, signal: NodeJS.Signals): Promise<void> {
  if (child.exitCode !== null || child.signalCode !== null) return;
  const gone = once(child, 'exit');
  child.kill(signal);
  await gone;
}

/** The sample, made once in a place. */
async function prepared(place: DatabasePlace): Promise<void> {
  const run = start(place);
  await untilUp(PORT, run.child);
  await ended(run, 'SIGTERM');
}
async function writesAt(place: DatabasePlace): Promise<readonly Write[]> {
  const database = await open(place);
  const writes = await writesOf(database);
  await database.close();
  KINDS = writes.length;
  SLOTS = new Set(writes.filter(({ isSlot }) => isSlot).map(({ kind }) => kind));
  return writes;
}
async function lost(place: DatabasePlace, kept: readonly Kept[]): Promise<readonly Kept[]> {
  const database = await open(place);
  const gone = await missing(database, kept);
  await database.close();
  return gone;
}
const said = (writer: Writer): string =>
  [...writer.refused]
    .map(([why, times]) => `${times} × ${why}`)
    .slice(0, 3)
    .join('; ');

/** Kills the server again and again in the middle of writes of every kind. */
async function kills(what: string, place: DatabasePlace): Promise<void> {
  const kept: Kept[] = [];
  let refused = '';
  for (let round = 0; round < rounds; round += 1) {
    const writes = await writesAt(place);
    const run = start(place);
    await untilUp(PORT, run.child);
    const writer = new Writer(writes, `k${round}`);
    const work = writer.run();
    // Not before it is at work.
    for (let tries = 0; writer.kept.length < 2 && tries < 200; tries += 1) await sleep(50);
    await sleep(random.next() * 1500);
    await ended(run, 'SIGKILL');
    await work;
    // What a later round writes over is looked for here, at once.
    const gone = await lost(place, writer.kept);
    for (const one of gone) console.log(`  lost: ${one.kind} ${one.marker}`);
    if (gone.length > 0) isGood = false;
    kept.push(...writer.kept);
    refused ||= said(writer);
  }
  const kinds = new Set(kept.map(({ kind }) => kind)).size;
  const still = await lost(
    place,
    kept.filter(({ kind }) => !SLOTS.has(kind)),
  );
  report(
    what,
    still.length === 0 && kinds === KINDS,
    `${rounds} kills, ${kept.length} writes of ${kinds} kinds acknowledged, ${still.length} lost ${refused}`,
  );
}

/** Stops the server for the moment of a copy of its folder, as if the power failed just then, and opens the copy. */
async function powerCuts(place: DatabasePlace): Promise<void> {
  let [copies, all, worstMs] = [0, 0, 0];
  const writes = await writesAt(place);
  const run = start(place);
  await untilUp(PORT, run.child);
  const writer = new Writer(writes, 'p');
  const work = writer.run();
  for (let round = 0; round < Math.max(3, Math.floor(rounds / 2)); round += 1) {
    await sleep(300 + random.next() * 1200);
    run.child.kill('SIGSTOP');
    const [cutMs, kept] = [Date.now(), [...writer.kept]];
    const copy = path.join(base, `cut-${round}`);
    cpSync(place.folder, copy, { recursive: true });
    run.child.kill('SIGCONT');
    const gone = await lost({ folder: copy }, kept);
    for (const { atMs } of gone) worstMs = Math.max(worstMs, cutMs - atMs);
    copies += 1;
    all += gone.length;
    rmSync(copy, { recursive: true, force: true });
  }
  writer.isOver = true;
  await work;
  await ended(run, 'SIGTERM');
  report(
    'the power cut, the folder as it stood',
    worstMs < 1000,
    `${copies} copies opened, ${all} acknowledged writes not in them, the oldest ${worstMs} ms before the cut`,
  );
}

/** Two servers on one folder: the second says so and ends. */
async function twoOnOne(place: DatabasePlace): Promise<void> {
  const first = start(place);
  await untilUp(PORT, first.child);
  const second = start(place, { NAVUREN_PORT: String(PORT + 1) });
  const [code] = (await once(second.child, 'exit')) as [number | null];
  const reason = second.lines.find((line) => line.includes('is in use by another Navuren'));
  await ended(first, 'SIGTERM');
  report(
    'two servers on one folder',
    code === 1 && reason !== undefined,
    `the second ended with ${code} and its reason`,
  );
}

/** The clock goes back by a day, an hour on. */
async function clockBack(place: DatabasePlace): Promise<void> {
  const writes = await writesAt(place);
  const script = path.join(base, 'clock.mjs');
  writeFileSync(
    script,
    'const now = Date.now.bind(Date); const from = now(); Date.now = () => now() - (now() - from > 8000 ? 86_400_000 : 0);\n',
  );
  const run = start(place, { NODE_OPTIONS: `--import ${script}` });
  await untilUp(PORT, run.child);
  const writer = new Writer(writes, 'c');
  const work = writer.run();
  await sleep(12_000);
  writer.isOver = true;
  await work;
  await ended(run, 'SIGTERM');
  const gone = await lost(place, writer.kept);
  report(
    'the clock goes back by a day',
    gone.length === 0 && writer.refused.size === 0,
    `${writer.kept.length} writes, ${writer.refused.size} refusals, ${gone.length} lost ${said(writer)}`,
  );
}

/** A small disk of its own that fills up, and that can only be read. Needs the right to mount. */
async function disks(): Promise<void> {
  const disk = path.join(base, 'disk');
  mkdirSync(disk);
  const mounted = spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=160m', 'tmpfs', disk]);
  if (mounted.status !== 0)
    return console.log('not tried: a full disk and one that can only be read (no right to mount)');
  try {
    const place = { folder: path.join(disk, 'data') };
    const ballast = path.join(disk, 'ballast');
    await prepared(place);
    const writes = await writesAt(place);
    const run = start(place);
    await untilUp(PORT, run.child);
    const writer = new Writer(writes, 'd', false);
    const work = writer.run();
    await sleep(1500);
    spawnSync('sh', ['-c', `cat /dev/zero > ${ballast} 2>/dev/null`]);
    const before = writer.kept.length;
    await sleep(8000);
    writer.isOver = true;
    await Promise.race([work, sleep(5000)]);
    const exit = run.child.exitCode;
    const shown = `${before} writes, then the disk filled; ${writer.kept.length - before} more acknowledged; ${said(writer) || 'no answer'}; the server ${exit === null ? 'went on' : `ended (${exit})`}`;
    rmSync(ballast);
    await ended(run, 'SIGKILL');
    const again = start(place);
    await untilUp(PORT, again.child);
    await ended(again, 'SIGTERM');
    const gone = await lost(place, writer.kept);
    report('the disk is full, and has room again', gone.length === 0, `${shown}; ${gone.length} lost`);

    spawnSync('mount', ['-o', 'remount,ro', disk]);
    const refusing = start(place);
    const [code] = (await once(refusing.child, 'exit')) as [number | null];
    const reason = refusing.lines.find((line) => line.startsWith('Navuren did not start. '));
    spawnSync('mount', ['-o', 'remount,rw', disk]);
    report('the disk can only be read', code === 1 && reason !== undefined, reason ?? 'no reason given');
  } finally {
    spawnSync('umount', ['-l', disk]);
  }
}

/** The database is cut off from the server, and started anew, under work. */
async function databaseTrouble(): Promise<void> {
  const postgres = await makePostgres({ isSafe: true });
  const place = { folder: path.join(base, 'beside'), address: postgres.address() };
  try {
    await prepared(place);
    await kills('killed, the data on a server', place);
    const writes = await writesAt(place);
    const run = start(place);
    await untilUp(PORT, run.child);
    const writer = new Writer(writes, 'x', false);
    const work = writer.run();
    for (let cut = 0; cut < rounds; cut += 1) {
      await sleep(100 + random.next() * 300);
      spawnSync(path.join(postgres.programs, 'psql'), [
        '-q',
        '-d',
        postgres.address(),
        '-c',
        `select pg_terminate_backend(pid) from pg_stat_activity where application_name = 'navuren'`,
      ]);
    }
    const afterCuts = writer.kept.length;
    for (const end of ['stop', 'kill'] as const) {
      await sleep(500);
      await postgres[end]();
      await postgres.start();
      await sleep(1500);
    }
    writer.isOver = true;
    await work;
    const gone = await lost(place, writer.kept);
    const bad = [...writer.refused.keys()].filter((why) => !/^(503|409)/.test(why));
    report(
      'the connection cut in the middle, the database anew',
      gone.length === 0 && bad.length === 0,
      `${rounds} cuts, 2 starts; ${afterCuts} and ${writer.kept.length - afterCuts} writes acknowledged, ${gone.length} lost; slowest ${writer.slowestMs.toFixed(0)} ms; ${said(writer)}`,
    );
    await ended(run, 'SIGTERM');
  } finally {
    await postgres.remove();
  }
}

if (await portTaken(PORT)) throw new Error(`port ${PORT} is taken by something else`);
ensureBuilt();
const place = { folder: path.join(base, 'data') };
try {
  await prepared(place);
  await kills('killed, the data in a folder', place);
  await powerCuts(place);
  await twoOnOne(place);
  await clockBack(place);
  await disks();
  if (postgresPrograms()) await databaseTrouble();
  else console.log('not tried: a database on a server (node scripts/setup.mjs --for-tests installs one)');
} finally {
  if (existsSync(base)) rmSync(base, { recursive: true, force: true });
}
console.log(isGood ? 'Nothing that was acknowledged was lost.' : 'SOMETHING WAS NOT AS IT SHOULD BE.');
process.exit(isGood ? 0 : 1);
