// Shared by the scripts: plain Node, no packages, so that they run before anything is installed.
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readdirSync, rmSync, statSync } from 'node:fs';
import net from 'node:net';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..');
export const nextBin = path.join(root, 'node_modules/next/dist/bin/next');
export const quietEnv = { ...process.env, NEXT_TELEMETRY_DISABLED: '1' };
// Whatever starts from here sends nothing about itself anywhere.
process.env.NEXT_TELEMETRY_DISABLED = '1';

/** Runs a command to its end; its output is shown, or kept back until it fails. Returns whether it succeeded. */
export function run(command, args, { quiet = false, env = quietEnv } = {}) {
  const result = spawnSync(command, args, {
    cwd: root,
    env,
    stdio: quiet ? 'pipe' : 'inherit',
    encoding: 'utf8',
  });
  if (result.status !== 0 && quiet) process.stderr.write(`${result.stdout ?? ''}${result.stderr ?? ''}`);
  if (result.error) process.stderr.write(`${command}: ${result.error.message}\n`);
  return result.status === 0;
}

const SOURCES = [
  'app',
  'ui',
  'core',
  'handout',
  'server',
  'workers',
  'db',
  'proxy.ts',
  'instrumentation.ts',
  'next.config.ts',
  'package-lock.json',
  'postcss.config.mjs',
];

function newest(entry) {
  const full = path.join(root, entry);
  if (!existsSync(full)) return 0;
  const stat = statSync(full);
  if (!stat.isDirectory()) return stat.mtimeMs;
  return Math.max(stat.mtimeMs, ...readdirSync(full).map((name) => newest(path.join(entry, name))));
}

/** Bundles the script of the page that moves: handed out, the page carries it. Returns whether it succeeded. */
export const bundlePlayer = ({ quiet = false } = {}) =>
  run(process.execPath, [path.join(root, 'scripts/player.mjs')], { quiet });

/** Builds the production application; what browsers load carries no source maps. Returns whether it succeeded. */
export function build({ quiet = false } = {}) {
  if (!bundlePlayer({ quiet })) return false;
  if (!run(process.execPath, [nextBin, 'build'], { quiet })) return false;
  const shipped = path.join(root, '.next/static');
  for (const name of readdirSync(shipped, { recursive: true, encoding: 'utf8' }))
    if (name.endsWith('.map')) rmSync(path.join(shipped, name));
  return true;
}

/** Builds the production application unless the last build is newer than every source. */
export function ensureBuilt({ quiet = true } = {}) {
  const stamp = path.join(root, '.next/BUILD_ID');
  if (existsSync(stamp) && statSync(stamp).mtimeMs > Math.max(...SOURCES.map(newest))) return;
  if (!build({ quiet })) {
    console.error('The build failed; the lines above say where.');
    process.exit(1);
  }
}

/** Whether something already listens on a port of this machine. */
export function portTaken(port) {
  return new Promise((resolve) => {
    const probe = net.connect({ port, host: '127.0.0.1' });
    probe.once('connect', () => {
      probe.destroy();
      resolve(true);
    });
    probe.once('error', () => resolve(false));
  });
}

/**
 * Starts the production server on this machine only. `onLine` sees each line it prints; `firstSeed` makes the first draft
 * of every day the same.
 */
export function startServer({ port, data, demo = false, firstSeed = '', env = {}, onLine = () => {} }) {
  const child = spawn(process.execPath, [path.join(root, 'scripts/server.mjs')], {
    cwd: root,
    env: {
      ...quietEnv,
      NODE_ENV: 'production',
      NAVUREN_PORT: String(port),
      NAVUREN_DATA: data,
      NAVUREN_DEMO: demo ? '1' : '0',
      NAVUREN_FIRST_SEED: String(firstSeed),
      ...env,
    },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  for (const stream of [child.stdout, child.stderr]) {
    stream.setEncoding('utf8');
    let rest = '';
    stream.on('data', (text) => {
      const lines = (rest + text).split('\n');
      rest = lines.pop() ?? '';
      lines.forEach(onLine);
    });
  }
  return child;
}

/** Waits until the server answers, or says why it stopped. */
export async function untilUp(port, child, seconds = 60) {
  const until = Date.now() + seconds * 1000;
  while (Date.now() < until) {
    if (child.exitCode !== null) throw new Error(`the server stopped with code ${child.exitCode}`);
    try {
      const answer = await fetch(`http://127.0.0.1:${port}/api/health`);
      if (answer.ok) return;
    } catch {
      // Not listening yet.
    }
    await new Promise((resolve) => setTimeout(resolve, 150));
  }
  throw new Error(`the server did not answer within ${seconds} s`);
}

/** How the one line begins that says why a server does not start (see server/startup.ts). */
const GIVES_UP = 'Navuren did not start. ';

/** How the lines begin that say where else it listens (see scripts/server.mjs). */
const ALSO = 'Also in the local network:';

/** Runs a server in the foreground until Ctrl-C, then stops it cleanly. */
export async function serve({ port, data, demo, says }) {
  if (await portTaken(port)) {
    console.error(
      `Port ${port} is already in use on this machine. Stop what listens there, or set NAVUREN_PORT.`,
    );
    process.exit(1);
  }
  const lines = [];
  const onLine = (line) => {
    lines.push(line);
    if (line.startsWith(ALSO)) console.log(line);
  };
  const child = startServer({ port, data, demo, onLine });
  let stopping = false;
  let told = false;
  /** Once: the server’s own reason where it gave one, else the end of what it printed. */
  const tell = (otherwise) => {
    if (told || stopping) return;
    told = true;
    const reason = lines.find((line) => line.startsWith(GIVES_UP));
    console.error(reason ?? [...lines.slice(-12), `${GIVES_UP}${otherwise}.`].join('\n'));
  };
  const stop = () => {
    if (stopping) return;
    stopping = true;
    child.kill('SIGTERM');
  };
  process.on('SIGINT', stop);
  process.on('SIGTERM', stop);
  child.on('exit', (code) => {
    tell(`The server stopped with code ${code}`);
    process.exit(stopping ? 0 : (code ?? 1));
  });
  try {
    await untilUp(port, child);
    console.log(says);
  } catch (error) {
    tell(error.message);
    child.kill('SIGTERM');
    process.exit(1);
  }
}
