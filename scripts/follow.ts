// npm run follow [-- --followers N --presses P --every S]: what N phones that follow a class cost a server of this machine, as a share
// of one core, and how soon each hears what the leader did. A press in five seconds is more than a class has.
import { readFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { performance } from 'node:perf_hooks';
import { migrationsFolder, openDatabase } from '../server/database';
import { OWNER, ownedBy } from '../server/sql';
import { readPractice } from '../server/practices';
import { ensureBuilt, startServer, untilUp } from './lib.mjs';

const PORT = 3242;
const HERE = `http://127.0.0.1:${PORT}`;
const argument = (name: string, otherwise: number): number => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? otherwise : Number(process.argv[at + 1]);
};
const followers = argument('followers', 20);
const presses = argument('presses', 12);
const everyS = argument('every', 5);

/** What a process has taken of the processor, s (proc(5): ticks of a hundredth of a second). */
function taken(pid: number): number {
  const fields = readFileSync(`/proc/${pid}/stat`, 'utf8')
    .replace(/^.*\) /, '')
    .split(' ');
  return (Number(fields[11]) + Number(fields[12])) / 100;
}

const median = (values: readonly number[]): number =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] ?? Number.NaN;

const sent = async (
  method: string,
  at: string,
  body: object,
): Promise<{ shown?: { code: string }; revision?: number }> =>
  (await (
    await fetch(`${HERE}${at}`, {
      method,
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    })
  ).json()) as { shown?: { code: string }; revision?: number };

/** Listens as a phone does, and writes down when it heard of each revision. */
async function listen(code: string, heard: Map<number, number[]>, signal: AbortSignal): Promise<void> {
  const response = await fetch(`${HERE}/api/follow/${code}/stream`, { signal });
  const text = new TextDecoder();
  let rest = '';
  for await (const chunk of response.body ?? []) {
    rest += text.decode(chunk as Uint8Array, { stream: true });
    const events = rest.split('\n\n');
    rest = events.pop() ?? '';
    for (const event of events) {
      const revision = /"revision":(\d+)/.exec(event)?.[1];
      if (revision) heard.set(Number(revision), [...(heard.get(Number(revision)) ?? []), performance.now()]);
    }
  }
}

ensureBuilt();
const base = mkdtempSync(path.join(tmpdir(), 'navuren-follow-'));
const data = path.join(base, 'data');
const open = ownedBy(await openDatabase({ folder: data, migrations: migrationsFolder(), demo: true }), OWNER);
const stored = await readPractice(open, 'before-the-rounds');
await open.close();
if (!stored) throw new Error('the sample is not there');
const child = startServer({ port: PORT, data });
try {
  await untilUp(PORT, child);
  const told = {
    sessionId: '00000000-0000-4000-8000-000000000000',
    actions: [{ kind: 'start', atMs: Date.now() }],
    teaching: null,
    isOver: false,
  };
  const { practice, version } = stored;
  const { shown } = await sent('POST', '/api/follow', {
    practiceId: 'before-the-rounds',
    version,
    practice,
    told,
    by: 'load',
  });
  if (!shown) throw new Error('it is not shown');
  const heard = new Map<number, number[]>();
  const end = new AbortController();
  const all = Array.from({ length: followers }, () =>
    listen(shown.code, heard, end.signal).catch(() => undefined),
  );
  await new Promise((resolve) => setTimeout(resolve, 3000));
  const pid = child.pid ?? 0;
  const share = async (work: () => Promise<void>): Promise<string> => {
    const [fromS, fromMs] = [taken(pid), performance.now()];
    await work();
    return `${((100 * (taken(pid) - fromS)) / ((performance.now() - fromMs) / 1000)).toFixed(1)} % of a core`;
  };
  const rest = await share(() => new Promise((resolve) => setTimeout(resolve, 10_000)));
  console.log(`${followers} follow, nobody presses: ${rest}`);
  const asked = new Map<number, number>();
  let revision = 1;
  const pressed = await share(async () => {
    for (let press = 0; press < presses; press += 1) {
      const actions = [...told.actions, { kind: press % 2 ? 'resume' : 'pause', atMs: Date.now() }];
      asked.set(revision + 1, performance.now());
      const answer = await sent('PUT', `/api/follow/${shown.code}`, {
        told: { ...told, actions },
        base: revision,
        by: 'load',
      });
      revision = answer.revision ?? revision;
      await new Promise((resolve) => setTimeout(resolve, everyS * 1000));
    }
  });
  const lateMs = [...asked].flatMap(([revision, fromMs]) =>
    (heard.get(revision) ?? []).map((atMs) => atMs - fromMs),
  );
  end.abort();
  await Promise.all(all);
  console.log(
    `${followers} follow, a press in ${everyS} s: ${pressed}; heard by ${(lateMs.length / presses).toFixed(1)} of them, ` +
      `median ${median(lateMs).toFixed(0)} ms, the last after ${Math.max(...lateMs).toFixed(0)} ms`,
  );
} finally {
  child.kill('SIGTERM');
  rmSync(base, { recursive: true, force: true });
}
