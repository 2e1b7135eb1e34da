// npm run load [-- --teachers N --seconds S]: what a school of N teachers weighs on a PostgreSQL server of this machine, and
// how many requests one Navuren, and two, answer beside it. The rows are those of the sample, many times over; the figures
// of docs/school.md come from here.
import { mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { performance } from 'node:perf_hooks';
import autocannon from 'autocannon';
import pg from 'pg';
import { saveArchive } from '../server/archive/copies';
import { findClasses } from '../server/classes';
import { migrationsFolder, openDatabase } from '../server/database';
import { listPractices, readPractice, savePractice } from '../server/practices';
import { OWNER, ownedBy, sql, type Database } from '../server/sql';
import { ensureBuilt, startServer, untilUp } from './lib.mjs';
import { makePostgres } from './postgres.mjs';

const PORTS = [3240, 3241] as const;
const argument = (name: string, otherwise: number): number => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? otherwise : Number(process.argv[at + 1]);
};
const teachers = argument('teachers', 50);
const seconds = argument('seconds', 8);

/** What one teacher has after two years: an estimate of ours, said with the figures. */
const EACH = { practices: 40, versions: 3, groups: 6, people: 60, classes: 300, felt: 200 } as const;

/** Fills the database with the sample’s own rows, many times over, each under another id. */
async function fill(address: string): Promise<void> {
  const many = (each: number): number => teachers * each;
  // The n-th of anything is the (n mod teachers)-th teacher’s, and the first of these is the owner, who is asked as below.
  const whose = (n: string): string =>
    `case (${n}) % ${teachers} when 0 then 'owner' else 't' || (${n}) % ${teachers} end`;
  const client = new pg.Client({ connectionString: address });
  await client.connect();
  const filled = (text: string, ...values: readonly unknown[]) => ({ text, values });
  for (const statement of [
    filled(
      `insert into class_group (id, teacher_id, name, minutes, posture, familiarity, times, conditions, initials, version, document_version)
        select 'g' || n, ${whose('n')}, 'group ' || n, minutes, posture, familiarity, times, conditions, initials, 1, document_version
        from generate_series(1, $1::int) n, (select * from class_group order by id limit 1) one`,
      many(EACH.groups),
    ),
    filled(
      `insert into practice (id, teacher_id, name, version, created_at, updated_at)
        select 'p' || n, ${whose('n')}, 'practice ' || n, $2::int, now() - n * interval '1 minute', now() - n * interval '1 minute'
        from generate_series(1, $1::int) n`,
      many(EACH.practices),
      EACH.versions,
    ),
    filled(
      `insert into practice_version (practice_id, teacher_id, version, saved_at, document)
        select 'p' || n, ${whose('n')}, v, now(), document || jsonb_build_object('name', 'practice ' || n)
        from generate_series(1, $1::int) n, generate_series(1, $2::int) v,
          (select document from practice_version where practice_id = 'before-the-rounds' and version = 1) one`,
      many(EACH.practices),
      EACH.versions,
    ),
    filled(
      `insert into class_given (id, teacher_id, practice_id, practice_name, version, group_id, started_at, record, note)
        select 'c' || n, ${whose('n + 1')}, 'p' || (1 + n % $2::int), 'practice', 1, 'g' || (1 + n % $3::int),
          now() - n * interval '37 seconds', record, note
        from generate_series(1, $1::int) n, (select record, note from class_given order by id limit 1) one`,
      many(EACH.classes),
      many(EACH.practices),
      many(EACH.groups),
    ),
    filled(
      `insert into private.person (id, teacher_id, document, version, created_at, updated_at)
        select md5('person ' || n)::uuid::text, ${whose('n')},
          document || jsonb_build_object('id', md5('person ' || n)::uuid::text), 1, now(), now()
        from generate_series(1, $1::int) n, (select document from private.person order by id limit 1) one`,
      many(EACH.people),
    ),
    filled(
      `insert into private.felt (id, teacher_id, person_id, at, document)
        select md5('felt ' || n)::uuid::text, ${whose('n + 1')}, md5('person ' || (1 + n % $2::int))::uuid::text,
          now() - n * interval '1 minute', document
        from generate_series(1, $1::int) n, (select document from private.felt order by id limit 1) one`,
      many(EACH.felt),
      many(EACH.people),
    ),
    sql`analyze`,
  ])
    // On a connection of its own: a school of thousands takes longer to write than any request may.
    await client.query(statement.text, [...statement.values]);
  await client.end();
}

async function sizes(open: Database): Promise<void> {
  const rows = await open.rows(sql`
    select n.nspname || '.' || c.relname as table, c.reltuples::float8 as rows,
      pg_table_size(c.oid)::float8 as data, pg_indexes_size(c.oid)::float8 as indexes
    from pg_class c join pg_namespace n on n.oid = c.relnamespace
    where c.relkind = 'r' and n.nspname in ('public', 'private') and c.reltuples > 100 order by 3 desc`);
  console.log('table                        rows   bytes a row   index bytes a row   MB in all');
  let all = 0;
  for (const row of rows) {
    const [count, data, indexes] = [Number(row.rows), Number(row.data), Number(row.indexes)];
    all += data + indexes;
    console.log(
      `${String(row.table).padEnd(24)} ${count.toFixed(0).padStart(8)} ${(data / count).toFixed(0).padStart(13)} ${(indexes / count).toFixed(0).padStart(19)} ${((data + indexes) / 1e6).toFixed(1).padStart(11)}`,
    );
  }
  console.log(`in all ${(all / 1e6).toFixed(0)} MB, ${(all / 1e6 / teachers).toFixed(2)} MB a teacher`);
}

async function timed(what: string, work: () => Promise<unknown>): Promise<void> {
  const times: number[] = [];
  for (let run = 0; run < 7; run += 1) {
    const from = performance.now();
    await work();
    times.push(performance.now() - from);
  }
  console.log(
    `${what.padEnd(56)} ${(times.sort((a, b) => a - b)[3] ?? Number.NaN).toFixed(1).padStart(9)} ms (median of 7)`,
  );
}

async function pressed(what: string, port: number, at: string): Promise<void> {
  const { requests, latency, non2xx, errors } = await autocannon({
    url: `http://127.0.0.1:${port}${at}`,
    connections: 10,
    duration: seconds,
  });
  console.log(
    `${what.padEnd(56)} ${requests.average.toFixed(1).padStart(9)} a second, median ${latency.p50.toFixed(0)} ms, 99 % within ${latency.p99.toFixed(0)} ms, ${non2xx + errors} failed`,
  );
}

/** What each practice was last told to be at. */
const versions = new Map<string, number>();

/** Saves on ten practices at once, over the ports in turn. */
async function saved(what: string, ports: readonly number[], practice: object): Promise<void> {
  const until = performance.now() + seconds * 1000;
  let [count, failed] = [0, 0];
  await Promise.all(
    Array.from({ length: 10 }, async (_, index) => {
      // Ten of the owner’s, who is asked where nobody else is named.
      const id = `p${(index + 1) * teachers}`;
      const port = ports[index % ports.length];
      while (performance.now() < until) {
        const answer = await fetch(`http://127.0.0.1:${String(port)}/api/practices/${id}`, {
          method: 'PUT',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ practice, baseVersion: versions.get(id) ?? EACH.versions }),
        });
        const told = (await answer.json()) as { version?: number; problem?: { version?: number } };
        versions.set(id, told.version ?? told.problem?.version ?? EACH.versions);
        if (answer.ok) count += 1;
        else failed += 1;
      }
    }),
  );
  console.log(`${what.padEnd(56)} ${(count / seconds).toFixed(1).padStart(9)} a second, ${failed} refused`);
}

ensureBuilt();
const base = mkdtempSync(path.join(tmpdir(), 'navuren-load-'));
const postgres = await makePostgres({ isSafe: true });
const running: ReturnType<typeof startServer>[] = [];
try {
  const address = postgres.address();
  const open = ownedBy(
    await openDatabase({ folder: base, address, migrations: migrationsFolder(), demo: true }),
    OWNER,
  );
  const stored = await readPractice(open, 'before-the-rounds');
  if (!stored) throw new Error('the sample is not there');
  const from = performance.now();
  await fill(address);
  console.log(
    `${teachers} teachers, each with ${JSON.stringify(EACH)}; written in ${((performance.now() - from) / 1000).toFixed(0)} s`,
  );
  await sizes(open);
  await timed('the database alone: the whole shelf', () => listPractices(open, 'shelf'));
  await timed('the database alone: a practice', () => readPractice(open, `p${teachers}`));
  await timed('the database alone: a page of the log', () => findClasses(open, {}));
  await timed('the database alone: a page of the log of a group', () =>
    findClasses(open, { groupId: `g${teachers}` }),
  );
  let version = EACH.versions as number;
  await timed('the database alone: a save', async () => {
    const result = await savePractice(open, `p${2 * teachers}`, stored.practice, version, Date.now());
    if (result.ok) version = result.version;
  });
  const copy = path.join(base, 'copy.zip');
  await timed('one copy of what a teacher has', () => saveArchive(open, copy, Date.now()));
  console.log(`${'  that copy'.padEnd(56)} ${(statSync(copy).size / 1000).toFixed(0).padStart(9)} kB`);
  await open.close();
  for (const port of PORTS) {
    const child = startServer({
      port,
      data: path.join(base, String(port)),
      env: { NAVUREN_DATABASE: address },
    });
    running.push(child);
    await untilUp(port, child);
    if (port === PORTS[0]) {
      await pressed('one server, ten at once: a practice', port, `/api/practices/p${teachers}/export`);
      // These read all that the teacher who asks has.
      for (const page of ['/log', '/shelf', '/'])
        await timed(`one server, nobody else: the page ${page}`, async () => {
          await (await fetch(`http://127.0.0.1:${port}${page}`)).text();
        });
      await saved('one server, ten at once: saves', [port], stored.practice);
    }
  }
  await saved('two servers, ten at once: saves', PORTS, stored.practice);
} finally {
  for (const child of running) child.kill('SIGTERM');
  await postgres.remove();
  rmSync(base, { recursive: true, force: true });
}
