import { once } from 'node:events';
import { cpSync, existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { networkInterfaces, tmpdir } from 'node:os';
import path from 'node:path';
import { expect } from '@playwright/test';
import { hostile } from './hostile';
import { killAll, killed, startServer, untilUp as untilServerUp, type Server } from './servers';
import { test } from './test';

const PORT = 3220;
const base = mkdtempSync(path.join(tmpdir(), 'navuren-e2e-'));
test.afterEach(killAll);
test.afterAll(() => rmSync(base, { recursive: true, force: true }));

const start = (folder: string, port = PORT): Server => startServer(folder, port);
const untilUp = (server: Server, port = PORT): Promise<void> => untilServerUp(server, port);
const kill = (server: Server): Promise<void> => killed(server.process);

interface Exported {
  readonly practice: { name: string };
}

test('every acknowledged write survives kill -9, several times over', async () => {
  test.setTimeout(360_000);
  const folder = path.join(base, 'killed');
  const url = `http://127.0.0.1:${PORT}`;
  let server = start(folder);
  await untilUp(server);
  const practice = ((await (await fetch(`${url}/api/practices/before-the-rounds/export`)).json()) as Exported)
    .practice;
  let version = 1;
  const kept: string[] = [];
  for (let round = 0; round < 4; round += 1) {
    // Writes one after another until the process is gone in the middle of them: told after so many
    // acknowledged writes, not after a time, for a slow machine makes few writes in any time.
    const killAfterWrites = 2 + round;
    let killing: Promise<void> | undefined;
    for (let written = 0; ; written += 1) {
      // The kill comes a little later in each round, so that it meets the next write at another step.
      if (written === killAfterWrites)
        killing = new Promise((resolve) => setTimeout(() => void kill(server).then(resolve), round * 5));
      const name = `round ${round}, write ${version}`;
      let answer: Response;
      let text: string;
      try {
        answer = await fetch(`${url}/api/practices/before-the-rounds`, {
          method: 'PUT',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ practice: { ...practice, name }, baseVersion: version }),
        });
        text = await answer.text();
      } catch {
        break;
      }
      expect(answer.status, text).toBe(200);
      version = (JSON.parse(text) as { version: number }).version;
      kept.push(name);
    }
    await killing;
    server = start(folder);
    await untilUp(server);
    const listed = (
      (await (await fetch(`${url}/api/practices/before-the-rounds/versions`)).json()) as {
        versions: { version: number; name: string }[];
      }
    ).versions;
    for (const name of kept) expect(listed.map((entry) => entry.name)).toContain(name);
    // One write may have been made and not yet acknowledged; go on from what is there.
    version = Math.max(...listed.map((entry) => entry.version));
  }
  expect(kept.length).toBeGreaterThanOrEqual(2 + 3 + 4 + 5);
  await kill(server);
});

test('a second process on the same folder is refused with the reason, and a clean stop frees it', async () => {
  test.setTimeout(240_000);
  const folder = path.join(base, 'shared');
  const first = start(folder);
  await untilUp(first);
  const second = start(folder, PORT + 1);
  const [code] = (await once(second.process, 'exit')) as [number];
  expect(code).toBe(1);
  expect(second.output()).toContain(`is in use by another Navuren (process ${first.process.pid})`);
  const gone = once(first.process, 'exit');
  first.process.kill('SIGTERM');
  await gone;
  expect(existsSync(`${folder}.lock`)).toBe(false);
  // What a clean stop left can be copied as a folder and opened.
  cpSync(folder, path.join(base, 'copy'), { recursive: true });
  const third = start(path.join(base, 'copy'));
  await untilUp(third);
  await kill(third);
});

test('the server listens on this machine only', async ({ baseURL }) => {
  const port = new URL(baseURL ?? '').port;
  const outside = Object.values(networkInterfaces())
    .flatMap((list) => list ?? [])
    .filter((entry) => entry.family === 'IPv4' && !entry.internal)
    .map((entry) => entry.address);
  // A server bound to every address would answer on 127.0.0.2 as well.
  for (const address of ['127.0.0.2', ...outside])
    await expect(fetch(`http://${address}:${port}/api/health`)).rejects.toThrow();
});

test('writes from other origins and requests under other names are refused', async ({ request, baseURL }) => {
  const write = (headers: Record<string, string>) =>
    request.post('/api/practices/before-the-rounds/bin', { headers });
  for (const origin of ['http://evil.example', 'null', 'http://127.0.0.1:1'])
    expect((await write({ origin })).status()).toBe(403);
  expect((await write({ 'sec-fetch-site': 'cross-site' })).status()).toBe(403);
  expect((await request.get('/shelf', { headers: { host: 'evil.example' } })).status()).toBe(403);
  expect((await write({ origin: baseURL ?? '' })).status()).toBe(200);
  expect(
    (
      await request.post('/api/practices/before-the-rounds/restore', { headers: { origin: baseURL ?? '' } })
    ).status(),
  ).toBe(200);
});

test('pages carry a strict content policy and every inline script its nonce', async ({ request }) => {
  const answer = await request.get('/shelf');
  const policy = answer.headers()['content-security-policy'] ?? '';
  const nonce = /'nonce-([^']+)'/.exec(policy)?.[1];
  expect(nonce).toBeTruthy();
  const scripts = policy.split('; ').find((part) => part.startsWith('script-src'));
  expect(scripts).not.toContain('unsafe');
  const html = await answer.text();
  const inline = [...html.matchAll(/<script(?![^>]*\bsrc=)([^>]*)>/g)].map((match) => match[1] ?? '');
  expect(inline.length).toBeGreaterThan(0);
  for (const attributes of inline) expect(attributes).toContain(`nonce="${nonce}"`);
  const other = /'nonce-([^']+)'/.exec(
    (await request.get('/shelf')).headers()['content-security-policy'] ?? '',
  )?.[1];
  expect(other).not.toBe(nonce);
});

test('the faces a page begins with are asked for at once, and are there; the others come when it rests', async ({
  page,
  request,
}) => {
  const links = (await request.get('/')).headers()['link'] ?? '';
  const faces = [...links.matchAll(/<([^>]+woff2)>; rel=preload; as="font"/g)].map((match) => match[1] ?? '');
  expect(faces.filter((face) => face.includes('alegreya')).length).toBeGreaterThanOrEqual(6);
  for (const face of faces) expect((await request.get(face)).status()).toBe(200);
  await page.goto('/shelf');
  // Characters: there are none on the shelf.
  await expect
    .poll(() =>
      page.evaluate(
        () =>
          [...document.fonts].filter((face) => face.family.includes('Hanzi') && face.status === 'loaded')
            .length,
      ),
    )
    .toBeGreaterThan(5);
});

test('bad requests are answered in words with the field named, never with a stack', async ({
  request,
  baseURL,
}) => {
  const headers = { origin: baseURL ?? '', 'content-type': 'application/json' };
  const cases: readonly [string, string, string, number, RegExp][] = [
    ['POST', '/api/practices', '{', 400, /not readable as JSON/],
    ['POST', '/api/practices', '{"practice":{}}', 422, /practice\.name/],
    ['PUT', '/api/practices/before-the-rounds', '{"baseVersion":1}', 422, /practice/],
    [
      'PUT',
      '/api/customs',
      '{"customs":{"place":{"name":"x","latitudeDeg":200,"longitudeDeg":0,"zone":"UTC"}},"baseVersion":1}',
      422,
      /customs\.place\.latitudeDeg: latitude runs to 90/,
    ],
    ['POST', '/api/classes', '{"id":"x"}', 422, /id/],
    ['POST', '/api/practices/nobody/bin', '', 404, /no such practice/],
    [
      'PUT',
      '/api/groups/other',
      '{"group":{"id":"one","name":"n","minutes":10,"posture":"seated","familiarity":"known","times":[],"conditions":[]},"baseVersion":0}',
      422,
      /id: is not the one/,
    ],
    ['POST', '/api/practices/import', ' '.repeat(2_500_000), 413, /more than 2 MB/],
  ];
  for (const [method, address, data, status, message] of cases) {
    const answer = await request.fetch(address, { method, data: Buffer.from(data), headers });
    const text = await answer.text();
    expect({ address, status: answer.status() }).toEqual({ address, status });
    expect(text).toMatch(message);
    expect(text).not.toMatch(/at .*\.(ts|js):\d+/);
  }
});

test('the JSON Schema of a file of forms is published, and ids are asked for within bounds', async ({
  request,
}) => {
  const schema = (await (await request.get('/schema/navuren.forms.v1.json')).json()) as { title?: string };
  expect(schema.title).toBe('Navuren forms, version 1');
  const refused = await request.get('/api/forms');
  expect(refused.status()).toBe(422);
  expect(await refused.json()).toMatchObject({ problem: { field: 'ids' } });
  const many = Array.from({ length: 61 }, (_, index) => `f${index}`).join(',');
  expect((await request.get(`/api/forms?ids=${many}`)).status()).toBe(422);
  expect(await (await request.get('/api/forms?ids=gone,cloud-hands')).json()).toMatchObject({
    forms: [{ id: 'cloud-hands' }],
  });
});

test('the practice file’s JSON Schema is published', async ({ request }) => {
  const schema = (await (await request.get('/schema/navuren.practice.v1.json')).json()) as {
    title: string;
    properties: Record<string, unknown>;
  };
  expect(schema.title).toBe('A Navuren practice, version 1');
  expect(Object.keys(schema.properties)).toEqual(['format', 'version', 'practice']);
});

test('no request, however hostile, is answered with an error of the server’s own (seeded)', async ({
  baseURL,
}) => {
  test.setTimeout(360_000);
  const { wrong } = await hostile({ origin: new URL(baseURL ?? '').origin, requests: 500, seed: 20261128 });
  expect(wrong).toEqual([]);
});

test('a small file that would lay out for hours is refused at once, and no map or cached answer is handed out', async ({
  request,
  baseURL,
}) => {
  const { practice } = (await (await request.get('/api/practices/before-the-rounds/export')).json()) as {
    practice: { items: { formId: string }[]; forms: Record<string, { cycle: unknown }> };
  };
  const [first] = practice.items;
  const form = practice.forms[first?.formId ?? ''];
  if (!first || !form) throw new Error('expected a form');
  const stroke = { breath: 'free', cue: 'x', seconds: 300 };
  const file = {
    format: 'navuren.practice',
    version: 1,
    practice: {
      ...practice,
      forms: {
        [first.formId]: {
          ...form,
          cycle: Array.from({ length: 24 }, () => stroke),
          smaller: undefined,
          seated: undefined,
        },
      },
      items: Array.from({ length: 120 }, (_, index) => ({
        ...first,
        id: `i${index}`,
        variant: 'full',
        repetitions: 99,
      })),
    },
  };
  const from = Date.now();
  const answer = await request.post('/api/practices/import', {
    data: file,
    headers: { origin: baseURL ?? '' },
  });
  expect(answer.status()).toBe(422);
  expect(await answer.text()).toMatch(/strokes long; a practice has at most 6000/);
  // A second is the promise; a busy machine is given a few.
  expect(Date.now() - from).toBeLessThan(5000);
  for (const path of ['/shelf', '/api/health', '/api/forms?ids=shaking'])
    expect((await request.get(path)).headers()['cache-control']).toContain('no-store');
  const shipped = readdirSync('.next/static', { recursive: true, encoding: 'utf8' });
  expect(shipped.filter((name) => name.endsWith('.map'))).toEqual([]);
});

test('a damaged folder stops the start with one sentence, and nothing says that it is ready', async () => {
  const folder = path.join(base, 'damaged');
  const first = start(folder);
  await untilUp(first);
  await kill(first);
  rmSync(path.join(folder, 'PG_VERSION'));
  const second = start(folder);
  const [code] = (await once(second.process, 'exit')) as [number];
  expect(code).toBe(1);
  expect(second.output()).toMatch(
    /Navuren did not start\. The data folder .* is damaged: PG_VERSION is missing\./,
  );
  expect(second.output()).not.toMatch(/listens|ready/i);
  expect(second.output()).not.toMatch(/\bat .*:\d+:\d+/);
});

test('a server killed in the middle of a class is not missed: the class goes on, ends, and is in the log once it is back', async ({
  page,
}) => {
  test.setTimeout(360_000);
  const folder = path.join(base, 'mid-class');
  const url = `http://127.0.0.1:${PORT}`;
  let server = start(folder);
  await untilUp(server);
  await page.clock.install({ time: new Date('2026-11-30T18:00:00Z') });
  await page.goto(`${url}/lead/before-the-rounds`);
  const pass = async (ms: number): Promise<void> => {
    await page.clock.fastForward(ms);
    await page.clock.runFor(100);
    await page.waitForTimeout(50);
    await page.clock.runFor(100);
  };
  await pass(300);
  await page.getByRole('button', { name: 'Start' }).click();
  await pass(60_000);
  await kill(server);
  // What is pressed works, what is proposed comes, a form is put in: nothing of it needs the server.
  await page.keyboard.press(' ');
  await pass(50_000);
  await page.keyboard.press(' ');
  await pass(300);
  await expect(page.getByRole('region', { name: 'To end on time' })).toBeVisible();
  await page.keyboard.press('x');
  await page.getByRole('button', { name: 'A quiet minute' }).click();
  await page.keyboard.press('x');
  const left = (): Promise<string | null> => page.getByRole('timer', { name: 'Time left' }).textContent();
  // What is proposed comes by itself after a while: the time flows on while a server starts, however long that takes.
  await expect
    .poll(
      async () => {
        await pass(3000);
        return left();
      },
      { timeout: 30_000 },
    )
    .toContain('on time');
  // It comes back, and the page is loaded anew: the class is where it is.
  server = start(folder);
  await untilUp(server);
  const before = await left();
  await page.reload();
  const minutes = (text: string | null): number => Number(/(\d+):/.exec(text ?? '')?.[1]);
  // Until the page has woken it shows the practice as it begins.
  await expect
    .poll(
      async () => {
        await pass(300);
        return Math.abs(minutes(before) - minutes(await left()));
      },
      { timeout: 20_000 },
    )
    .toBeLessThanOrEqual(1);
  await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible();
  await kill(server);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'End it' }).click();
  await expect(page.getByText('this browser keeps it, and sends it by itself when it can')).toBeVisible();
  server = start(folder);
  await untilUp(server);
  for (let tries = 0; tries < 10; tries += 1) await pass(3000);
  await expect(page.getByText('The class is in the log.')).toBeVisible();
  await page.goto(`${url}/log`);
  const entry = page.getByRole('listitem').filter({ hasText: 'min of' }).first();
  await entry.locator('summary').click();
  await expect(entry.getByRole('region', { name: 'What happened' })).toContainText(
    'put in: Standing in stillness',
  );
});
