// npm run hostile [-- --requests N]: N requests that no honest page sends, as nobody, as a guest who has the code of a class, as a
// teacher and as the owner; how each was answered, the slowest, and what the memory did.
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { ENTRANCE, hostile } from '../e2e/hostile';
import { migrationsFolder, openDatabase } from '../server/database';
import { OWNER, ownedBy } from '../server/sql';
import { showClass } from '../server/follow/following';
import { readPractice } from '../server/practices';
import { ensureBuilt, startServer, untilUp } from './lib.mjs';

const PORT = 3243;
const HERE = `http://127.0.0.1:${PORT}`;
/** Another name of this machine: it stands for a device elsewhere in the network. */
const ELSEWHERE = `http://127.0.0.2:${PORT}`;
const WORDS = 'wet slate under the bell';
const at = process.argv.indexOf('--requests');
const requests = at < 0 ? 10_000 : Number(process.argv[at + 1]);

/** What a process holds in memory, MB (proc(5)). */
const memory = (pid: number): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1]) / 1024;

ensureBuilt();
const base = mkdtempSync(path.join(tmpdir(), 'navuren-hostile-'));
const data = path.join(base, 'data');
const open = ownedBy(await openDatabase({ folder: data, migrations: migrationsFolder(), demo: true }), OWNER);
const stored = await readPractice(open, 'before-the-rounds');
if (!stored) throw new Error('the sample is not there');
const told = {
  sessionId: '00000000-0000-4000-8000-000000000000',
  actions: [],
  teaching: null,
  isOver: false,
};
const { practice, version } = stored;
const followed = await showClass(
  open,
  { practiceId: 'before-the-rounds', version, practice, told, by: 'hostile' },
  Date.now(),
);
await open.close();
writeFileSync(path.join(base, 'words'), `${WORDS}\n`);
const child = startServer({
  port: PORT,
  data,
  env: { NAVUREN_LISTEN: '127.0.0.2', NAVUREN_PASSPHRASE_FILE: path.join(base, 'words') },
});
try {
  await untilUp(PORT, child);
  const post = (at: string, body: object, headers: Readonly<Record<string, string>> = {}) =>
    fetch(`${HERE}${at}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', origin: HERE, ...headers },
      body: JSON.stringify(body),
    });
  const comesIn = async (body: object): Promise<string> => {
    const cookie = (await post('/api/enter', body)).headers.get('set-cookie')?.split(';')[0];
    if (!cookie) throw new Error('nobody came in');
    return cookie;
  };
  const cookie = await comesIn({ passphrase: WORDS });
  const teacher = { name: 'Osbert Lamb', passphrase: `${WORDS} too` };
  await post('/api/teachers', teacher, { cookie });
  const teachers = await comesIn({ ...teacher, own: `${WORDS} again` });
  const code = followed?.code ?? '';
  const roles = [
    { role: 'nobody', origin: ELSEWHERE, paths: ENTRANCE },
    {
      role: 'a guest',
      origin: ELSEWHERE,
      paths: [...ENTRANCE, `/follow/${code}`, `/api/follow/${code}`, `/api/follow/${code}/clock`],
    },
    { role: 'a teacher', origin: HERE, headers: { cookie: teachers } },
    { role: 'the owner', origin: HERE, headers: { cookie } },
  ];
  // A page asked for the first time is read from the disk: that is said of no request.
  await hostile({ origin: HERE, headers: { cookie }, requests: 2500, seed: 1 });
  for (const { role, ...asked } of roles) {
    const from = memory(child.pid ?? 0);
    const { wrong, slowest, statuses } = await hostile({ ...asked, requests, seed: 20261130 });
    const counts = [...statuses]
      .toSorted(([a], [b]) => a - b)
      .map(([status, count]) => `${status}: ${count}`);
    console.log(
      `${role}: ${requests} requests, ${wrong.length} answered wrongly; the slowest ${slowest.ms.toFixed(0)} ms (${slowest.what}); ` +
        `memory ${from.toFixed(0)} MB before, ${memory(child.pid ?? 0).toFixed(0)} after; ${counts.join(', ')}`,
    );
    for (const one of wrong.slice(0, 20)) console.log(`  ${one}`);
  }
} finally {
  child.kill('SIGTERM');
  rmSync(base, { recursive: true, force: true });
}
