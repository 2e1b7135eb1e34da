import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, type Browser, type BrowserContext, type Page } from '@playwright/test';
import { killAll, killed, startServer, untilUp, type Server } from './servers';
import { test } from './test';

const PORT = 3227;
const HERE = `http://127.0.0.1:${PORT}`;
const base = mkdtempSync(path.join(tmpdir(), 'navuren-offline-'));
test.afterEach(killAll);
test.afterAll(() => rmSync(base, { recursive: true, force: true }));

async function start(name: string, env: Readonly<Record<string, string>> = {}): Promise<Server> {
  const server = startServer(path.join(base, name), PORT, true, env);
  await untilUp(server, PORT);
  return server;
}

const device = (browser: Browser): Promise<BrowserContext> =>
  browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'allow' });

/** What the device keeps: for each build, the pages and how many parts. */
const keptHere = (page: Page): Promise<Readonly<Record<string, { pages: string[]; parts: number }>>> =>
  page.evaluate(async () => {
    const all: Record<string, { pages: string[]; parts: number }> = {};
    for (const name of await caches.keys()) {
      const paths = (await (await caches.open(name)).keys()).map(({ url }) => new URL(url).pathname);
      const pages = paths.filter((one) => !one.startsWith('/_next/'));
      all[name] = { pages, parts: paths.length - pages.length };
    }
    return all;
  });

/** Waits until everything the build is made of, and these pages, are on the device. */
const untilKept = (page: Page, ...pages: readonly string[]): Promise<void> =>
  expect
    .poll(
      async () => {
        const [one] = Object.values(await keptHere(page));
        return one !== undefined && one.parts > 100 && pages.every((each) => one.pages.includes(each));
      },
      { timeout: 60_000 },
    )
    .toBe(true);

test('what was opened once goes on without the server: almanac, shelf, a class under way; a change comes home', async ({
  browser,
}) => {
  test.setTimeout(480_000);
  const server = await start('gone');
  const context = await device(browser);
  const page = await context.newPage();
  await page.goto(`${HERE}/`);
  await untilKept(page, '/');
  // By a link, as a hand goes: less than a page comes then.
  await page.getByRole('link', { name: 'Shelf', exact: true }).first().click();
  await expect(page.getByRole('heading', { name: 'Shelf', exact: true })).toBeVisible();
  await untilKept(page, '/', '/shelf');
  await page.goto(`${HERE}/compose/before-the-rounds`);
  await expect(page.getByLabel('Name of the practice')).toHaveValue('Before the rounds');
  await page.goto(`${HERE}/lead/before-the-rounds`);
  await page.getByRole('button', { name: 'Start' }).click();
  await expect(page.getByRole('button', { name: 'Pause', exact: true })).toBeVisible();
  await untilKept(page, '/', '/shelf', '/compose/before-the-rounds', '/lead/before-the-rounds');
  // Nothing that says who comes is among it.
  await page.goto(`${HERE}/people`);
  await expect(page.getByRole('heading', { name: 'People', exact: true })).toBeVisible();

  await killed(server.process);
  await page.goto(`${HERE}/lead/before-the-rounds`);
  await expect(page.getByRole('button', { name: 'Pause', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Pause', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Go on' })).toBeVisible();
  const shelf = await page.goto(`${HERE}/shelf`);
  expect(shelf?.fromServiceWorker()).toBe(true);
  // The policy it came with, and its nonce.
  expect(shelf?.headers()['content-security-policy']).toMatch(
    /script-src 'self' 'nonce-[\w+/=]+' 'strict-dynamic'/,
  );
  await expect(page.getByText('Before the rounds').first()).toBeVisible();
  await page.goto(`${HERE}/people`);
  await expect(page.getByRole('heading', { name: 'The server is away' })).toBeVisible();
  await page.goto(`${HERE}/forms/shaking`);
  await expect(page.getByRole('heading', { name: 'The server is away' })).toBeVisible();
  await page.getByRole('link', { name: 'Before the rounds · Compose' }).click();

  const name = page.getByLabel('Name of the practice');
  await expect(name).toHaveValue('Before the rounds');
  await name.fill('Before the late rounds');
  await expect(page.getByRole('status', { name: 'Saving' })).toContainText('This browser keeps it');
  await start('gone');
  await expect(page.getByRole('status', { name: 'Saving' })).toHaveText(/Saved, version/, {
    timeout: 60_000,
  });
  const elsewhere = await browser.newPage();
  await elsewhere.goto(`${HERE}/compose/before-the-rounds`);
  await expect(elsewhere.getByLabel('Name of the practice')).toHaveValue('Before the late rounds');
  // And what the device keeps of it is what was saved.
  await expect
    .poll(
      () =>
        page.evaluate(async () =>
          (await (await caches.match('/compose/before-the-rounds'))?.text())?.includes('late rounds'),
        ),
      { timeout: 30_000 },
    )
    .toBe(true);
  await elsewhere.close();
  await context.close();
});

test('homework goes on without the server: what is handed out of it once is there, the rooms of people are not', async ({
  browser,
}) => {
  test.setTimeout(480_000);
  const server = await start('homework');
  const context = await device(browser);
  const page = await context.newPage();
  await page.goto(`${HERE}/`);
  await untilKept(page, '/');
  const person = '00000000-0000-4000-9000-000000000003';
  const given = await page.request.post(`${HERE}/api/people/${person}/homework`, {
    headers: { origin: HERE },
    data: {
      theme: { kind: 'aim', aim: 'back' },
      minutes: 8,
      daysAWeek: 5,
      weeks: 2,
      first: '2026-12-07',
      posture: 'standing',
    },
  });
  expect(given.status()).toBe(201);
  const { id } = (await given.json()) as { id: string };
  const at = `${HERE}/handout/homework/${id}?step=0`;
  await page.goto(at);
  const moves = page.getByRole('radio', { name: /^Page that moves/ });
  await moves.check();
  const shown = page.frameLocator('iframe');
  await expect(shown.getByRole('heading', { level: 1 })).toBeVisible();
  const name = (await shown.getByRole('heading', { level: 1 }).textContent()) ?? '?';
  await untilKept(page, `/handout/homework/${id}`, `/api/handout/homework/${id}`);

  await killed(server.process);
  const again = await page.goto(at);
  expect(again?.fromServiceWorker()).toBe(true);
  await moves.check();
  await expect(shown.getByRole('heading', { level: 1 })).toHaveText(name);
  // It is done from there: the figure moves.
  await expect(shown.getByRole('button').first()).toBeVisible();
  await page.goto(`${HERE}/people/${person}`);
  await expect(page.getByRole('heading', { name: 'The server is away' })).toBeVisible();
  await context.close();
});

test('two builds never mix: the next takes over, with its pages, when the last page of the one before is closed', async ({
  browser,
}) => {
  test.setTimeout(360_000);
  const server = await start('updated');
  const context = await device(browser);
  const page = await context.newPage();
  await page.goto(`${HERE}/shelf`);
  await untilKept(page, '/shelf');
  const [former = ''] = Object.keys(await keptHere(page));
  await killed(server.process);
  await start('updated', { NAVUREN_BUILD: 'the-next-one' });
  await page.goto(`${HERE}/shelf`);
  await page.goto(`${HERE}/forms`);
  await expect
    .poll(
      () => page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.waiting !== null),
      {
        timeout: 60_000,
      },
    )
    .toBe(true);
  // The pages of the next build are not put among those of the former.
  expect((await keptHere(page))[former]?.pages).toEqual(['/shelf']);
  expect(
    await page.evaluate(async () => (await (await caches.match('/shelf'))?.text())?.includes('the-next-one')),
  ).toBe(false);
  await page.close();
  // On a busy machine the next page may open while the browser still reckons with the one that was closed: then the former
  // worker has it, and the next takes over once it is closed as well.
  await expect
    .poll(
      async () => {
        const next = await context.newPage();
        // A page that is not there in time is opened anew, as a hand would do it.
        const isThere = await next.goto(`${HERE}/forms`, { timeout: 20_000 }).catch(() => null);
        const names = isThere ? Object.keys(await keptHere(next)) : [];
        await next.close();
        return names;
      },
      { timeout: 90_000, intervals: [3000] },
    )
    .toEqual(['navuren-the-next-one']);
  const again = await context.newPage();
  await again.goto(`${HERE}/forms`);
  expect((await keptHere(again))['navuren-the-next-one']?.pages).toContain('/shelf');
  await context.close();
});

test('it can be installed: a manifest with its icons, for anyone; and pages are forgotten where somebody looks on', async ({
  browser,
  request,
}) => {
  test.setTimeout(240_000);
  await start('installed');
  const manifest = (await (await request.get(`${HERE}/manifest.webmanifest`)).json()) as {
    readonly display: string;
    readonly icons: readonly { readonly src: string; readonly sizes: string }[];
  };
  expect(manifest.display).toBe('standalone');
  expect(manifest.icons.map(({ sizes }) => sizes)).toEqual(['any', '192x192', '512x512']);
  for (const { src } of manifest.icons) expect((await request.get(`${HERE}${src}`)).status()).toBe(200);

  const context = await device(browser);
  const page = await context.newPage();
  await page.goto(`${HERE}/shelf`);
  await untilKept(page, '/shelf');
  // Chromium’s own opinion on whether it may be installed.
  const session = await context.newCDPSession(page);
  const { installabilityErrors } = await session.send('Page.getInstallabilityErrors');
  expect(installabilityErrors.map(({ errorId }) => errorId).filter((id) => id !== 'in-incognito')).toEqual(
    [],
  );
  await context.addCookies([{ name: 'navuren-veil', value: 'on', url: HERE }]);
  await page.goto(`${HERE}/atlas`);
  await expect
    .poll(async () =>
      Object.values(await keptHere(page))
        .flatMap(({ pages }) => pages)
        .includes('/shelf'),
    )
    .toBe(false);
  await context.close();
});
