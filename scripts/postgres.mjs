// A PostgreSQL server of a test's own: Debian's, in a folder of its own, as an unprivileged user, on a free port of this
// machine. It needs what scripts/setup.mjs --for-tests installs.
import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { chownSync, existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import net from 'node:net';
import os from 'node:os';
import path from 'node:path';

const DEBIAN = '/usr/lib/postgresql';

/** The folder of the programs of the newest PostgreSQL there is; nothing where there is none. */
export function postgresPrograms() {
  if (process.env.NAVUREN_POSTGRES) return process.env.NAVUREN_POSTGRES;
  if (!existsSync(DEBIAN)) return undefined;
  return readdirSync(DEBIAN)
    .sort((a, b) => Number(b) - Number(a))
    .map((version) => path.join(DEBIAN, version, 'bin'))
    .find((folder) => existsSync(path.join(folder, 'initdb')));
}

/** Who runs it: PostgreSQL refuses to be run by root, and Debian's package makes a user for it. */
function runner() {
  if (process.getuid?.() !== 0) return {};
  const id = (kind) => Number(spawnSync('id', [kind, 'postgres'], { encoding: 'utf8' }).stdout);
  const [uid, gid] = [id('-u'), id('-g')];
  if (!uid) throw new Error('there is no user postgres to run PostgreSQL as; PostgreSQL refuses root');
  return { uid, gid };
}

const freePort = () =>
  new Promise((resolve, reject) => {
    const probe = net.createServer();
    probe.once('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });

/**
 * Makes and starts one. `isSafe` writes to the disk before it answers, as a real one does; without it tests are quicker.
 * Gives its port, the address of a database on it, and how to stop it, kill it and start it again.
 */
export async function makePostgres({ isSafe = false } = {}) {
  const programs = postgresPrograms();
  if (!programs) throw new Error('PostgreSQL is not installed: node scripts/setup.mjs --for-tests');
  const as = runner();
  const folder = mkdtempSync(path.join(os.tmpdir(), 'navuren-postgres-'));
  if (as.uid) chownSync(folder, as.uid, as.gid);
  const data = path.join(folder, 'data');
  const made = spawnSync(
    path.join(programs, 'initdb'),
    [
      '-D',
      data,
      '-U',
      'navuren',
      '--auth=trust',
      '--encoding=UTF8',
      '--locale=C.UTF-8',
      ...(isSafe ? [] : ['--no-sync']),
    ],
    { ...as, cwd: folder, encoding: 'utf8' },
  );
  if (made.status !== 0) throw new Error(`initdb: ${made.error?.message ?? made.stderr}`);
  const port = await freePort();
  let child;
  const start = async () => {
    child = spawn(
      path.join(programs, 'postgres'),
      [
        ['-D', data, '-p', String(port), '-k', folder, '-h', '127.0.0.1'],
        ...[`max_connections=200`, ...(isSafe ? [] : ['fsync=off', 'full_page_writes=off'])].map((one) => [
          '-c',
          one,
        ]),
      ].flat(),
      { ...as, cwd: folder, stdio: ['ignore', 'ignore', 'pipe'] },
    );
    let said = '';
    child.stderr.on('data', (text) => (said = `${said}${text}`.slice(-4000)));
    const own = child;
    for (let tries = 0; tries < 600; tries += 1) {
      if (own.exitCode !== null) throw new Error(`PostgreSQL did not start:\n${said}`);
      const up = spawnSync(path.join(programs, 'pg_isready'), ['-q', '-h', '127.0.0.1', '-p', String(port)]);
      if (up.status === 0) return;
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
    throw new Error('PostgreSQL did not answer within 30 s');
  };
  const end = async (signal) => {
    if (!child || child.exitCode !== null || child.signalCode !== null) return;
    const gone = once(child, 'exit');
    child.kill(signal);
    await gone;
  };
  await start();
  return {
    port,
    data,
    programs,
    /** The address of a database on it; it has to be made first. */
    address: (name = 'postgres') => `postgres://navuren@127.0.0.1:${port}/${name}`,
    start,
    /** Ends connections and stops cleanly (SIGINT is “fast”, see pg_ctl). */
    stop: () => end('SIGINT'),
    /** As if the power failed, for the server. */
    kill: async () => {
      await end('SIGKILL');
      // What it had started ends by itself once it sees that it is gone; its lock is judged by the next start.
      await new Promise((resolve) => setTimeout(resolve, 300));
    },
    remove: async () => {
      await end('SIGINT');
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
