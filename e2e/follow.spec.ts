import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, type Browser, type Page } from '@playwright/test';
import { expectAccessible } from './helpers';
import { killAll, killed, startServer, untilUp, type Server } from './servers';
import { test } from './test';

const PORT = 3225;
/** This machine, and another of its names: it stands for a device elsewhere in the network. */
const HERE = `http://127.0.0.1:${PORT}`;
const ELSEWHERE = `http://127.0.0.2:${PORT}`;
const WORDS = 'wet slate under the bell';
const base = mkdtempSync(path.join(tmpdir(), 'navuren-follow-'));
test.afterEach(killAll);
test.afterAll(() => rmSync(base, { recursive: true, force: true }));

async function start(name: string): Promise<Server> {
  const file = path.join(base, `${name}.txt`);
  writeFileSync(file, `${WORDS}\n`);
  const server = startServer(path.join(base, name), PORT, true, {
    NAVUREN_LISTEN: '127.0.0.2',
    NAVUREN_PASSPHRASE_FILE: file,
  });
  await untilUp(server, PORT);
  return server;
}

async function comeIn(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await page.getByLabel('Passphrase', { exact: true }).fill(WORDS);
  await page.getByRole('button', { name: 'Come in' }).click();
}

/** The teacher’s own screen, and the code under which its class is shown. */
async function lead(page: Page): Promise<string> {
  await page.goto(`${HERE}/lead/before-the-rounds`);
  if (page.url().includes('/enter')) await comeIn(page, page.url());
  await expect(page.getByRole('button', { name: 'Start' })).toBeVisible();
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('button', { name: 'Let phones follow' }).click();
  await expect(page.getByText(`127.0.0.2:${PORT}/follow`)).toBeVisible();
  await expect(page.getByText('0 screens follow')).toBeVisible();
  return (await page.getByTestId('code').textContent()) ?? '';
}

/** A phone whose clock is seven minutes ahead: no two in a hall agree. */
async function phone(browser: Browser): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: 390, height: 780 } });
  const page = await context.newPage();
  await page.addInitScript(() => {
    const now = Date.now.bind(Date);
    Date.now = () => now() + 420_000;
  });
  return page;
}

interface Change {
  readonly text: string;
  readonly atMs: number;
}
declare global {
  interface Window {
    changes?: Change[];
  }
}

/** Writes down, by the one clock of this machine, when what a screen says changes. */
const watch = (page: Page): Promise<void> =>
  page.evaluate(() => {
    const changes: Change[] = [];
    window.changes = changes;
    new MutationObserver(() => {
      const text = document.querySelector('[data-testid=hall-now]')?.textContent ?? '';
      if (text !== changes.at(-1)?.text)
        changes.push({ text, atMs: performance.timeOrigin + performance.now() });
    }).observe(document.body, { subtree: true, childList: true, characterData: true });
  });
const changesOf = async (page: Page): Promise<readonly Change[]> =>
  (await page.evaluate(() => window.changes)) ?? [];

test('a phone follows by a code, in step whatever its clock says, goes on without the server, and sees nothing else', async ({
  page,
  browser,
}) => {
  test.setTimeout(480_000);
  const server = await start('followed');
  const code = await lead(page);
  const hall = await page.context().newPage();
  await hall.goto(`${HERE}/lead/before-the-rounds/hall`);
  await expect(hall.getByTestId('code')).toHaveText(code);

  const guest = await phone(browser);
  await guest.goto(`${ELSEWHERE}/follow`);
  await expectAccessible(guest);
  await guest.getByLabel('The code').fill('zzz zzz');
  await guest.getByRole('button', { name: 'Follow' }).click();
  await expect(guest.getByRole('heading', { name: 'Nothing is shown under this code' })).toBeVisible();
  await guest.getByLabel('The code').fill(code);
  await guest.getByRole('button', { name: 'Follow' }).click();
  await expect(guest.getByTestId('hall-now')).toHaveText('We begin soon.');
  await expect(guest.getByRole('link', { name: 'Lead it from here' })).toHaveCount(0);
  await expectAccessible(guest);
  await expect(page.getByText('1 screen follows')).toBeVisible();

  await Promise.all([watch(hall), watch(guest)]);
  await page.getByRole('button', { name: 'Start' }).click();
  await page.getByRole('button', { name: 'Begin now' }).click();
  // Long enough for several changes: of three the middle one may be late by chance.
  await page.waitForTimeout(27_000);
  const there = await changesOf(guest);
  const apartMs = (await changesOf(hall))
    .flatMap(({ text, atMs }) =>
      there.filter((one) => one.text === text).map((one) => Math.abs(one.atMs - atMs)),
    )
    .toSorted((a, b) => a - b);
  expect(apartMs.length).toBeGreaterThanOrEqual(4);
  // The middle one: a machine that is busy may draw a single one later.
  expect(apartMs[Math.floor(apartMs.length / 2)]).toBeLessThan(150);

  // With the code alone nothing else is to be had, and nothing can be done.
  const own = code.replace(' ', '').toLowerCase();
  const whole = await guest.request.get(`${ELSEWHERE}/api/follow/${own}`);
  expect(Object.keys((await whole.json()) as object).toSorted()).toEqual(['practice', 'revision', 'told']);
  for (const [method, at] of [
    ['PUT', `/api/follow/${own}`],
    ['DELETE', `/api/follow/${own}`],
    ['POST', '/api/follow'],
    ['GET', '/api/follow?practice=before-the-rounds'],
    ['GET', '/api/practices'],
    ['GET', '/api/classes'],
  ] as const)
    expect(
      (await guest.request.fetch(`${ELSEWHERE}${at}`, { method, headers: { origin: ELSEWHERE } })).status(),
    ).toBe(401);

  // The server gone, phone and teacher go on by their clocks; it comes back, and they are in step again.
  await killed(server.process);
  await expect(guest.getByText('The connection is gone')).toBeVisible();
  const before = (await changesOf(guest)).length;
  await expect.poll(async () => (await changesOf(guest)).length).toBeGreaterThan(before);
  await page.keyboard.press(' ');
  await expect(page.getByRole('button', { name: 'Go on' })).toBeVisible();
  await untilUp(startServer(path.join(base, 'followed'), PORT, true, { NAVUREN_LISTEN: '127.0.0.2' }), PORT);
  await expect(guest.getByText('The connection is gone')).toBeHidden({ timeout: 30_000 });
  // What the teacher did meanwhile has come to the phone: it stands.
  await expect
    .poll(
      async () => {
        const had = (await changesOf(guest)).length;
        await guest.waitForTimeout(8000);
        return (await changesOf(guest)).length - had;
      },
      { timeout: 60_000 },
    )
    .toBe(0);

  // Shown no more: it is said, and the code is worth nothing.
  await page.mouse.move(300, 200);
  if (!(await page.getByRole('button', { name: 'Show it no more' }).isVisible()))
    await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('button', { name: 'Show it no more' }).click();
  await expect(guest.getByRole('heading', { name: 'It is over' })).toBeVisible();
  expect((await guest.request.get(`${ELSEWHERE}/api/follow/${own}`)).status()).toBe(410);
  await guest.context().close();
});

test('a second device of the teacher leads the same class: what is pressed on either is done on both, and filed once', async ({
  page,
  browser,
}) => {
  test.setTimeout(360_000);
  await start('two');
  await comeIn(page, `${HERE}/log`);
  const rows = page.getByRole('main').locator('ul > li').filter({ hasText: 'Before the rounds' });
  await expect(page.getByRole('heading', { name: 'Log', exact: true })).toBeVisible();
  const inLog = await rows.count();
  const code = await lead(page);
  await page.getByRole('button', { name: 'Start' }).click();
  const other = await phone(browser);
  await comeIn(other, `${ELSEWHERE}/shelf`);
  await expect(other).toHaveURL(`${ELSEWHERE}/shelf`);
  await other.goto(`${ELSEWHERE}/follow/${code.replace(' ', '').toLowerCase()}`);
  await other.getByRole('link', { name: 'Lead it from here' }).click();
  await expect(other.getByRole('button', { name: 'Pause', exact: true })).toBeVisible();
  await other.getByRole('button', { name: 'Pause', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Go on' })).toBeVisible();
  await page.getByRole('button', { name: 'Forward' }).click();
  await page.getByRole('button', { name: 'Go on' }).click();
  await expect(other.getByRole('button', { name: 'Pause', exact: true })).toBeVisible();
  const heading = (await page.getByRole('heading', { level: 1 }).textContent()) ?? '';
  await expect(other.getByRole('heading', { level: 1 })).toHaveText(heading);
  // Both show the same time left, each by its own clock.
  const left = async (one: Page): Promise<number> => {
    const [, minutes = '', seconds = ''] =
      /(\d+):(\d\d)/.exec((await one.getByRole('timer', { name: 'Time left' }).textContent()) ?? '') ?? [];
    return Number(minutes) * 60 + Number(seconds);
  };
  await expect.poll(async () => Math.abs((await left(page)) - (await left(other)))).toBeLessThanOrEqual(1);
  await other.getByRole('button', { name: 'End', exact: true }).click();
  await other.getByRole('button', { name: 'End it' }).click();
  await expect(other.getByRole('heading', { name: 'Ended' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Ended' })).toBeVisible();
  await expect(page.getByText('The class is in the log.')).toBeVisible();
  await page.getByRole('link', { name: 'To the log' }).click();
  await expect(page.getByRole('heading', { name: 'Log', exact: true })).toBeVisible();
  await expect(rows).toHaveCount(inLog + 1);
  await other.context().close();
});
