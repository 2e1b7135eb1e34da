import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import http from 'node:http';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, type Page } from '@playwright/test';
import { CERTIFICATE, KEY } from './ownCertificate';
import { killAll, startServer, untilUp } from './servers';
import { test } from './test';

const PORT = 3222;
/** This machine, and another of its names: it stands for a device elsewhere in the network. */
const HERE = `http://127.0.0.1:${PORT}`;
const ELSEWHERE = `http://127.0.0.2:${PORT}`;
const WORDS = 'wet slate under the bell';
const base = mkdtempSync(path.join(tmpdir(), 'navuren-door-'));
test.afterEach(killAll);
test.afterAll(() => rmSync(base, { recursive: true, force: true }));

const start = async (name: string, env: Readonly<Record<string, string>> = {}): Promise<void> => {
  const server = startServer(path.join(base, name), PORT, true, { NAVUREN_LISTEN: '127.0.0.2', ...env });
  await untilUp(server, PORT);
};

/** Open from its first start on, by a passphrase in a file, as where nobody sits at the machine; this page comes in. */
async function startOpen(page: Page, name: string): Promise<void> {
  const file = path.join(base, `${name}.txt`);
  writeFileSync(file, `${WORDS}\n`);
  await start(name, { NAVUREN_PASSPHRASE_FILE: file });
  await page.goto(`${HERE}/door`);
  await comeIn(page, WORDS);
  await expect(page.getByText(ELSEWHERE)).toBeVisible();
}

/** Sets the passphrase and opens the door, as its owner does at this machine. */
async function openDoor(page: Page): Promise<void> {
  await page.goto(`${HERE}/customs`);
  await page.getByRole('link', { name: 'Who may come in' }).click();
  await expect(page.getByText('Shut: only this machine is answered')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Open to the local network' })).toHaveCount(0);
  await page.getByLabel('New passphrase', { exact: true }).fill('too short');
  await page.getByLabel('The same again', { exact: true }).fill('too short');
  await page.getByRole('button', { name: 'Set the passphrase' }).click();
  await expect(page.getByText(/at least 12 signs; four or five words are good/).first()).toBeVisible();
  await page.getByLabel('New passphrase', { exact: true }).fill(WORDS);
  await page.getByRole('button', { name: 'Set the passphrase' }).click();
  await expect(page.getByText('The two are not the same.').first()).toBeVisible();
  await page.getByLabel('The same again', { exact: true }).fill(WORDS);
  await page.getByRole('button', { name: 'Set the passphrase' }).click();
  await expect(page.getByRole('button', { name: 'Open to the local network' })).toBeVisible();
  // Still shut: nobody else is answered.
  await expect(fetch(`${ELSEWHERE}/api/health`)).rejects.toThrow();
  await page.getByLabel('The passphrase', { exact: true }).fill(WORDS);
  await page.getByRole('button', { name: 'Open to the local network' }).click();
  await expect(page.getByText(ELSEWHERE)).toBeVisible();
}

/** A request for a path as it is written: fetch would straighten it. */
const asWritten = (at: string): Promise<{ readonly status: number; readonly text: string }> =>
  new Promise((resolve, reject) =>
    http
      .get({ host: '127.0.0.2', port: PORT, path: at, headers: { accept: 'text/html' } }, (answer) => {
        let text = '';
        answer.on('data', (chunk: Buffer) => (text += chunk.toString()));
        answer.on('end', () => resolve({ status: answer.statusCode ?? 0, text }));
      })
      .on('error', reject),
  );

async function comeIn(page: Page, passphrase: string): Promise<void> {
  await page.getByLabel('Passphrase', { exact: true }).fill(passphrase);
  await page.getByRole('button', { name: 'Come in' }).click();
}

test('the door is opened with a passphrase, a phone comes in by it, is sent away, and it is shut again', async ({
  page,
  browser,
}) => {
  test.setTimeout(360_000);
  await start('opened');
  await openDoor(page);
  // Who opened it is in, at this machine too.
  await page.goto(`${HERE}/shelf`);
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible();

  const context = await browser.newContext({ viewport: { width: 390, height: 780 } });
  const phone = await context.newPage();
  await phone.goto(`${ELSEWHERE}/shelf?sort=name`);
  await expect(phone).toHaveURL(`${ELSEWHERE}/enter?then=${encodeURIComponent('/shelf?sort=name')}`);
  await expect(phone.getByRole('navigation')).toHaveCount(0);
  await comeIn(phone, 'dry slate under the bell');
  await expect(phone.getByText('That is not the passphrase.').first()).toBeVisible();
  await comeIn(phone, WORDS);
  await expect(phone).toHaveURL(`${ELSEWHERE}/shelf?sort=name`);
  await expect(phone.getByText('Before the rounds').first()).toBeVisible();
  const [cookie] = await context.cookies();
  expect(cookie).toMatchObject({ httpOnly: true, sameSite: 'Strict', name: `navuren-${PORT}` });
  // It may write, as a page of ours from there; a page from anywhere else may not.
  const write = (origin: string) =>
    phone.request.post(`${ELSEWHERE}/api/practices/before-the-rounds/bin`, { headers: { origin } });
  expect((await write('http://evil.example')).status()).toBe(403);
  expect((await write(HERE)).status()).toBe(403);
  expect((await write(ELSEWHERE)).status()).toBe(200);

  await page.goto(`${HERE}/door`);
  const list = page.getByRole('region', { name: 'Devices that are in' });
  await expect(list.getByRole('listitem')).toHaveCount(2);
  await expect(page.getByRole('row', { name: /127\.0\.0\.1 .*refused/ })).toHaveCount(1);
  await list.getByRole('listitem').filter({ hasNotText: '(this one)' }).getByRole('button').click();
  await expect(list.getByRole('listitem')).toHaveCount(1);
  await phone.goto(`${ELSEWHERE}/shelf`);
  await expect(phone).toHaveURL(/\/enter\?then=%2Fshelf$/);

  // Going out by oneself: this machine is asked too while it is open.
  await list.getByRole('button', { name: /^Go out/ }).click();
  await expect(page).toHaveURL(/\/enter\?then=%2Fdoor$/);
  await comeIn(page, WORDS);
  await expect(page).toHaveURL(`${HERE}/door`);
  await page.getByRole('button', { name: 'Shut it: this machine only' }).click();
  await expect(page.getByText('Shut: only this machine is answered')).toBeVisible();
  await expect(fetch(`${ELSEWHERE}/api/health`)).rejects.toThrow();
  await context.close();
});

test('nobody gets anything but the page to come in by, from any page or route there is', async ({ page }) => {
  test.setTimeout(360_000);
  await startOpen(page, 'walked');
  const addresses = (at: string, address: string): readonly string[] =>
    readdirSync(at, { withFileTypes: true }).flatMap((entry) => {
      if (entry.isDirectory())
        return addresses(
          path.join(at, entry.name),
          entry.name.startsWith('(')
            ? address
            : `${address}/${entry.name.replace(/^\[\w+\]$/, 'before-the-rounds')}`,
        );
      return /^(page\.tsx|route\.ts)$/.test(entry.name) ? [address === '' ? '/' : address] : [];
    });
  const all = addresses('app', '');
  expect(all.length).toBeGreaterThan(75);
  const own = (await page.context().cookies()).map(({ name, value }) => `${name}=${value}`).join('; ');
  const wrong = `navuren-${PORT}=${'A'.repeat(43)}`;
  const answer = (origin: string, address: string, method: string, cookie: string) =>
    fetch(`${origin}${address}`, { method, redirect: 'manual', headers: { cookie, origin } });
  const open: string[] = [];
  for (const address of all)
    for (const method of ['GET', 'POST', 'PUT', 'DELETE'])
      for (const [origin, cookie] of [
        [ELSEWHERE, ''],
        [ELSEWHERE, wrong],
        [HERE, ''],
      ] as const) {
        const { status } = await answer(origin, address, method, cookie);
        expect(status, `${method} ${address}`).toBeLessThan(500);
        if (status !== 401 && status !== 303) open.push(`${method} ${address}`);
      }
  // A guest’s routes look at the code that is asked for; here there is none of that name.
  expect([...new Set(open)].toSorted()).toEqual([
    'GET /api/follow/before-the-rounds',
    'GET /api/follow/before-the-rounds/clock',
    'GET /api/follow/before-the-rounds/stream',
    'GET /api/health',
    'GET /enter',
    'GET /follow',
    'GET /follow/before-the-rounds',
    'POST /api/enter',
  ]);
  // Nor by a way that leads out of what anyone may have.
  for (const twisted of [
    '/_next/static/../../api/practices',
    '/_next/static/../../shelf',
    '/_next/static/%2e%2e/%2e%2e/shelf',
    '/_next/static/..%2f..%2fshelf',
    '/enter/../shelf',
    '/enter/%2e%2e/shelf',
    '/icon.svg/../shelf',
    '/./shelf',
    '/%73helf',
  ]) {
    const { status, text } = await asWritten(twisted);
    expect([303, 400, 401, 404], twisted).toContain(status);
    expect(text, twisted).not.toContain('Before the rounds');
  }
  // The same from who is in: no page is refused to them.
  for (const address of all.filter((one) => !one.startsWith('/api'))) {
    const { status } = await answer(HERE, address, 'GET', own);
    expect([200, 307, 404], address).toContain(status);
  }
  // Names that are not this machine’s are refused, in or not.
  const elsewhere = await page.request.get(`${HERE}/shelf`, { headers: { host: 'evil.example' } });
  expect(elsewhere.status()).toBe(403);
});

test('with its owner’s certificate it comes by https to others, its cookie never by plain http', async ({
  browser,
}) => {
  const own = ['cert', 'key'].map((name) => path.join(base, `own.${name}`));
  [CERTIFICATE, KEY].forEach((text, index) => writeFileSync(own[index] ?? '', text));
  const file = path.join(base, 'secure.txt');
  writeFileSync(file, `${WORDS}\n`);
  const [cert = '', key = ''] = own;
  await start('secure', {
    NAVUREN_PASSPHRASE_FILE: file,
    NAVUREN_TLS_CERT: cert,
    NAVUREN_TLS_KEY: key,
  });
  const secure = ELSEWHERE.replace('http:', 'https:');
  const context = await browser.newContext({ ignoreHTTPSErrors: true });
  const phone = await context.newPage();
  await phone.goto(`${secure}/shelf`);
  await comeIn(phone, WORDS);
  await expect(phone.getByText('Before the rounds').first()).toBeVisible();
  const [cookie] = await context.cookies();
  expect(cookie).toMatchObject({ httpOnly: true, sameSite: 'Strict', secure: true });
  // What plain http cannot do is done here: a screen can be told to stay on.
  expect(await phone.evaluate(() => 'wakeLock' in navigator && window.isSecureContext)).toBe(true);
  const write = (origin: string) =>
    phone.request.post(`${secure}/api/practices/before-the-rounds/bin`, { headers: { origin } });
  expect((await write(ELSEWHERE)).status()).toBe(403);
  expect((await write(secure)).status()).toBe(200);
  // Nobody is answered by plain http but this machine.
  await expect(fetch(`${ELSEWHERE}/api/health`)).rejects.toThrow();
  await phone.goto(`${secure}/door`);
  await expect(phone.getByText(secure, { exact: true })).toBeVisible();
  await expect(phone.getByText('By plain http')).toHaveCount(0);
  await context.close();
});

test('who guesses has to wait, and a hundred guesses at once are no way round', async ({ page }) => {
  test.setTimeout(360_000);
  await startOpen(page, 'guessed');
  const guess = (passphrase: string) =>
    fetch(`${ELSEWHERE}/api/enter`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ passphrase }),
    });
  const fromMs = Date.now();
  const answers = await Promise.all(Array.from({ length: 100 }, (_, index) => guess(`guess ${index}`)));
  const tookS = (Date.now() - fromMs) / 1000;
  const statuses = answers.map(({ status }) => status);
  // Three for nothing; then one more after 1 s, after 2 s more, after 4 s more: what a slow machine gives time for.
  const most = 3 + Math.floor(Math.log2(tookS + 1)) + 1;
  expect(most).toBeLessThan(12);
  expect(statuses.filter((status) => status === 401).length).toBeLessThanOrEqual(most);
  expect(statuses.filter((status) => status === 429).length).toBeGreaterThanOrEqual(100 - most);
  // On a slow machine the wait may be over by now: one guess after the other makes it longer, until it is to be seen.
  let seconds = 0;
  while (seconds < 4) {
    const refused = await guess('and again');
    expect([401, 429]).toContain(refused.status);
    seconds = Number(refused.headers.get('retry-after') ?? 0);
  }
  // Even the right one waits now, and is told how long.
  const waits = await guess(WORDS);
  expect(waits.status).toBe(429);
  seconds = Number(waits.headers.get('retry-after'));
  expect(seconds).toBeGreaterThanOrEqual(1);
  await new Promise((resolve) => setTimeout(resolve, seconds * 1000));
  expect((await guess(WORDS)).status).toBe(200);
  // This machine’s own device was in all the while.
  await page.goto(`${HERE}/shelf`);
  await expect(page.getByText('Before the rounds').first()).toBeVisible();
});
