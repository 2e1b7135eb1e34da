import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';

/** A server of a test's own, with what it has written so far. */
export interface Server {
  readonly process: ChildProcess;
  readonly output: () => string;
}

/** Starts a server on a port and a folder of its own, with the sample data or, where not, empty. */
export function spawnServer(
  folder: string,
  port: number,
  demo = true,
  env: Readonly<Record<string, string>> = {},
): Server {
  const child = spawn(process.execPath, ['scripts/server.mjs'], {
    env: {
      ...process.env,
      NAVUREN_PORT: String(port),
      NAVUREN_DATA: folder,
      NAVUREN_DEMO: demo ? '1' : '0',
      ...env,
    },
  });
  let text = '';
  for (const stream of [child.stdout, child.stderr])
    stream.on('data', (chunk: Buffer) => (text += chunk.toString()));
  return { process: child, output: () => text };
}

/** What a test started; none is left on its port for the next one, whatever became of the test. */
const running = new Set<ChildProcess>();

/** Starts a server (see spawnServer) that does not outlive the test, which ends with `killAll`. */
export function startServer(...asked: Parameters<typeof spawnServer>): Server {
  const server = spawnServer(...asked);
  running.add(server.process);
  server.process.once('exit', () => running.delete(server.process));
  return server;
}

const answers = async (port: number): Promise<boolean> => {
  try {
    return (await fetch(`http://127.0.0.1:${port}/api/health`)).ok;
  } catch {
    return false;
  }
};

export async function untilUp(server: Server, port: number): Promise<void> {
  for (let tries = 0; tries < 600; tries += 1) {
    if (server.process.exitCode !== null) throw new Error(server.output());
    if (await answers(port)) return;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error('the server did not come up');
}

/** Kills what is still running, at once. */
export async function killed(child: ChildProcess): Promise<void> {
  if (child.exitCode !== null || child.signalCode !== null) return;
  const gone = once(child, 'exit');
  child.kill('SIGKILL');
  await gone;
}

export const killAll = async (): Promise<void> => {
  await Promise.all([...running].map(killed));
};
