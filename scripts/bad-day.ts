// npm run bad-day [-- --rounds N]: what a bad day does to what was acknowledged, in figures. Every kind of write goes on
// while the server is killed, its folder is copied as a power cut would leave it, the database is cut off and started anew,
// the disk fills up, can only be read or is slow, and the clock goes back.
import { spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { cpSync, existsSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { seededRandom } from '../core/random';
import { migrationsFolder, openDatabase, type DatabasePlace } from '../server/database';
import { OWNER, ownedBy, type OwnDatabase } from '../server/sql';
import { missing, Writer, type Kept } from './bad-day/writer';
import { writesOf, type Write } from './bad-day/writes';
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
  let [refused, kindsInAll] = ['', 0];
  for (let round = 0; round < rounds; round += 1) {
    const writes = await writesAt(place);
    kindsInAll = writes.length;
    const run = start(place);
    await untilUp(PORT, run.child);
    const writer = new Writer(URL_OF, writes, `k${round}`);
    const work = writer.run(round);
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
    kept.filter(({ next }) => next === undefined),
  );
  report(
    what,
    still.length === 0 && kinds === kindsInAll,
    `${rounds} kills, ${kept.length} writes of ${kinds} kinds acknowledged, ${still.length} lost ${refused}`,
  );
}

/** Stops the server for the moment of a copy of its folder, as if the power failed just then, and opens the copy. */
async function powerCuts(place: DatabasePlace): Promise<void> {
  let [copies, all, worstMs] = [0, 0, 0];
  const writes = await writesAt(place);
  const run = start(place);
  await untilUp(PORT, run.child);
  const writer = new Writer(URL_OF, writes, 'p');
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
  const writer = new Writer(URL_OF, writes, 'c');
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

/** How long a disk is made to take for each piece written or made sure of, ms. */
const SLOW_MS = 25;

/** Writes while the disk is slow: all of it is answered, late, and kept. */
async function slowly(
  what: string,
  place: DatabasePlace,
  env: Readonly<Record<string, string>>,
): Promise<void> {
  const writes = await writesAt(place);
  const run = start(place, env);
  await untilUp(PORT, run.child);
  const writer = new Writer(URL_OF, writes, 's');
  const work = writer.run();
  await sleep(20_000);
  writer.isOver = true;
  await work;
  await ended(run, 'SIGKILL');
  const gone = await lost(place, writer.kept);
  const kinds = new Set(writer.kept.map(({ kind }) => kind)).size;
  report(
    what,
    gone.length === 0 && writer.refused.size === 0 && kinds === writes.length,
    `${writer.kept.length} writes of ${kinds} kinds in 20 s, the slowest ${writer.slowestMs.toFixed(0)} ms, ${gone.length} lost ${said(writer)}`,
  );
}

/** The folder on a slow disk: each write and each flush of the server's process waits. */
async function slowFolder(place: DatabasePlace): Promise<void> {
  const script = path.join(base, 'slow.mjs');
  writeFileSync(
    script,
    `import fs from 'node:fs';
import { syncBuiltinESMExports } from 'node:module';
const cell = new Int32Array(new SharedArrayBuffer(4));
for (const name of ['writeSync', 'fsyncSync', 'fdatasyncSync']) {
  const plain = fs[name];
  fs[name] = (...given) => {
    // What is said on the console is not written to the disk.
    if (given[0] > 2) Atomics.wait(cell, 0, 0, ${SLOW_MS});
    return plain(...given);
  };
}
syncBuiltinESMExports();
`,
  );
  await slowly(`a slow disk, the data in a folder`, place, { NODE_OPTIONS: `--import ${script}` });
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
    const writer = new Writer(URL_OF, writes, 'd', false);
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
  const psql = (text: string) =>
    spawnSync(path.join(postgres.programs, 'psql'), ['-q', '-d', postgres.address(), '-c', text]);
  try {
    await prepared(place);
    await kills('killed, the data on a server', place);
    // PostgreSQL waits before each flush of its journal as long as a slow disk would take for it.
    for (const setting of [`commit_delay = ${SLOW_MS * 1000}`, 'commit_siblings = 0'])
      psql(`alter system set ${setting}`);
    psql('select pg_reload_conf()');
    await slowly('a slow disk, the data on a server', place, {});
    psql('alter system reset all');
    psql('select pg_reload_conf()');
    const writes = await writesAt(place);
    const run = start(place);
    await untilUp(PORT, run.child);
    const writer = new Writer(URL_OF, writes, 'x', false);
    const work = writer.run();
    for (let cut = 0; cut < rounds; cut += 1) {
      await sleep(100 + random.next() * 300);
      psql(`select pg_terminate_backend(pid) from pg_stat_activity where application_name = 'navuren'`);
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
  await slowFolder(place);
  await disks();
  if (postgresPrograms()) await databaseTrouble();
  else console.log('not tried: a database on a server (node scripts/setup.mjs --for-tests installs one)');
} finally {
  if (existsSync(base)) rmSync(base, { recursive: true, force: true });
}
console.log(isGood ? 'Nothing that was acknowledged was lost.' : 'SOMETHING WAS NOT AS IT SHOULD BE.');
process.exit(isGood ? 0 : 1);
