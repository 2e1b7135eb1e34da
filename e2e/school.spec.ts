import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect } from '@playwright/test';
import { makePostgres, type OwnPostgres } from '../scripts/postgres.mjs';
import { killAll, killed, startServer, untilUp, type Server } from './servers';
import { test } from './test';

const [A, B] = [3223, 3224];
const base = mkdtempSync(path.join(tmpdir(), 'navuren-school-'));
let postgres: OwnPostgres;

test.beforeAll(async () => {
  postgres = await makePostgres({ isSafe: true });
});
test.afterEach(killAll);
test.afterAll(async () => {
  await postgres.remove();
  rmSync(base, { recursive: true, force: true });
});

const url = (port: number): string => `http://127.0.0.1:${port}`;
const start = (port: number): Server =>
  startServer(path.join(base, `copies-${port}`), port, true, { NAVUREN_DATABASE: postgres.address() });

interface Told {
  readonly version: number;
  readonly problem?: { readonly message: string; readonly version?: number };
}

/** Saves a practice under a name on a version; what was answered, or nothing where nobody did. */
async function save(
  port: number,
  practice: object,
  name: string,
  baseVersion: number,
): Promise<{ readonly status: number; readonly told: Told } | undefined> {
  try {
    const answer = await fetch(`${url(port)}/api/practices/before-the-rounds`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ practice: { ...practice, name }, baseVersion }),
    });
    return { status: answer.status, told: (await answer.json()) as Told };
  } catch {
    return undefined;
  }
}

const practiceAt = async (port: number): Promise<object> =>
  (
    (await (await fetch(`${url(port)}/api/practices/before-the-rounds/export`)).json()) as {
      practice: object;
    }
  ).practice;

const versionsAt = async (port: number): Promise<readonly { version: number; name: string }[]> =>
  (
    (await (await fetch(`${url(port)}/api/practices/before-the-rounds/versions`)).json()) as {
      versions: { version: number; name: string }[];
    }
  ).versions;

test('two servers on one database started at once see each other’s saves, and overwrite nothing', async ({
  page,
}) => {
  test.setTimeout(180_000);
  const [first, second] = [start(A), start(B)];
  await Promise.all([untilUp(first, A), untilUp(second, B)]);
  expect(await (await fetch(`${url(A)}/api/health`)).json()).toEqual({ ok: true, database: 'server' });
  // The sample is there once, though both found it empty.
  await page.goto(`${url(B)}/shelf`);
  await expect(page.getByRole('listitem').filter({ hasText: 'Before the rounds' })).toHaveCount(1);
  const practice = await practiceAt(A);
  const from = (await versionsAt(A))[0]?.version ?? 0;
  expect((await save(A, practice, 'Saved at the first', from))?.status).toBe(200);
  const told = await save(B, practice, 'Saved at the second', from);
  expect(told?.status).toBe(409);
  expect(told?.told.problem).toMatchObject({ version: from + 1 });
  expect(told?.told.problem?.message).toMatch(/Nothing was overwritten|nothing was overwritten/);
  await page.goto(`${url(B)}/shelf`);
  await expect(page.getByText('Saved at the first').first()).toBeVisible();
});

test('one of two is killed in the middle of saves: what it acknowledged is at the other, which goes on', async () => {
  test.setTimeout(180_000);
  const [first, second] = [start(A), start(B)];
  await Promise.all([untilUp(first, A), untilUp(second, B)]);
  const practice = await practiceAt(A);
  let version = (await versionsAt(A))[0]?.version ?? 0;
  const kept: string[] = [];
  setTimeout(() => void killed(first.process), 700);
  for (;;) {
    const name = `before the end ${version}`;
    const answer = await save(A, practice, name, version);
    if (answer?.status !== 200) break;
    kept.push(name);
    version = answer.told.version;
  }
  expect(kept.length).toBeGreaterThan(2);
  const there = await versionsAt(B);
  for (const name of kept) expect(there.map((one) => one.name)).toContain(name);
  // One may have been kept and not acknowledged any more.
  const latest = there[0]?.version ?? 0;
  expect(latest - version).toBeLessThanOrEqual(1);
  expect((await save(B, practice, 'after the end', latest))?.status).toBe(200);
});

test('a database that starts anew is waited for, its end is told in words, and nothing acknowledged is lost', async () => {
  test.setTimeout(240_000);
  const server = start(A);
  await untilUp(server, A);
  const practice = await practiceAt(A);
  let version = (await versionsAt(A))[0]?.version ?? 0;
  const kept: string[] = [];
  const others: (string | number)[] = [];
  let isOver = false;
  const work = (async () => {
    for (let turn = 0; !isOver; turn += 1) {
      const name = `turn ${turn}`;
      const answer = await save(A, practice, name, version);
      if (answer?.status === 200) {
        kept.push(name);
        version = answer.told.version;
      } else {
        others.push(answer?.status ?? 'no answer');
        // Told that it is elsewhere already: a save whose end nobody heard was kept after all.
        version = answer?.told.problem?.version ?? version;
      }
    }
  })();
  for (const end of ['stop', 'kill'] as const) {
    const before = kept.length;
    await new Promise((resolve) => setTimeout(resolve, 500));
    await postgres[end]();
    await postgres.start();
    for (let tries = 0; kept.length < before + 5 && tries < 300; tries += 1)
      await new Promise((resolve) => setTimeout(resolve, 100));
    expect(kept.length).toBeGreaterThanOrEqual(before + 5);
  }
  isOver = true;
  await work;
  expect(others.filter((status) => status !== 503 && status !== 409)).toEqual([]);
  const there = (await versionsAt(A)).map((one) => one.name);
  for (const name of kept) expect(there).toContain(name);

  // Gone for good: the page says so, and nothing pretends to be kept.
  await postgres.stop();
  const health = await fetch(`${url(A)}/api/health`);
  expect(health.status).toBe(503);
  const answer = await save(A, practice, 'into nothing', version);
  expect(answer?.status).toBe(503);
  expect(answer?.told.problem?.message).toMatch(
    /The database does not answer just now\. What you wrote is still here/,
  );
  await postgres.start();
  expect((await fetch(`${url(A)}/api/health`)).status).toBe(200);
});
