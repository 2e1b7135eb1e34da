// Part of npm run bench: what a user feels, measured in Chromium at a fourth of this machine's speed: how soon the largest
// thing of a room is painted, how far it jumps while it comes, and how long a press or a key waits for its answer.
import { mkdtempSync, rmSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import os from 'node:os';
import path from 'node:path';
import { chromium } from '@playwright/test';
import { ensureBuilt, portTaken, startServer, untilUp } from './lib.mjs';

const port = 3227;
const SLOWER = 4;
const found = spawnSync('sh', ['-c', 'command -v chromium || command -v chromium-browser'], {
  encoding: 'utf8',
}).stdout.trim();
const executablePath = process.env.NAVUREN_CHROMIUM ?? found;
if (executablePath === '' || (await portTaken(port))) {
  console.error('No Chromium, or the port is in use; what is felt is left out.');
  process.exit(0);
}
ensureBuilt();
const folder = mkdtempSync(path.join(os.tmpdir(), 'navuren-felt-'));
const server = startServer({ port, data: path.join(folder, 'data'), demo: true, firstSeed: 1 });
await untilUp(port, server);
const browser = await chromium.launch({
  executablePath,
  args: ['--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--disable-background-networking'],
});

const line = (what, value, unit, budget) =>
  console.log(
    `${what.padEnd(62)} ${value.padStart(7)} ${unit}${budget === undefined ? '' : `   budget ${budget} ${unit}`}`,
  );

/** A page of its own, with nothing in its cache, that keeps what the browser tells of paints, jumps and answers. */
async function fresh() {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  await page.addInitScript(() => {
    window.felt = { lcp: 0, cls: 0, slowest: 0 };
    const watch = (type, take, more = {}) =>
      new PerformanceObserver((list) => list.getEntries().forEach(take)).observe({
        type,
        buffered: true,
        ...more,
      });
    watch('largest-contentful-paint', (entry) => (window.felt.lcp = entry.startTime));
    watch('layout-shift', (entry) => (window.felt.cls += entry.hadRecentInput ? 0 : entry.value));
    watch(
      'event',
      (entry) => {
        if (entry.interactionId) window.felt.slowest = Math.max(window.felt.slowest, entry.duration);
      },
      { durationThreshold: 16 },
    );
  });
  const session = await context.newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
  // A new window is still setting itself up; what that takes is no page's doing.
  await page.waitForTimeout(800);
  return { context, page };
}

const ROOMS = [
  ['Almanac', '/'],
  ['Compose', '/compose/six-sounds-for-the-loft'],
  ['Shelf', '/shelf'],
  ['Forms', '/forms'],
  ['Atlas', '/atlas'],
  ['Log', '/log'],
  ['Customs', '/customs'],
  ['Cue sheet', '/sheet/six-sounds-for-the-loft'],
];
for (const [name, at] of ROOMS) {
  // The server has been asked before: what it takes to load its own parts is nobody's first paint.
  for (let times = 0; times < 3; times += 1) await (await fetch(`http://127.0.0.1:${port}${at}`)).text();
  const { context, page } = await fresh();
  await page.goto(`http://127.0.0.1:${port}${at}`);
  await page.waitForTimeout(3500);
  const { lcp, cls } = await page.evaluate(() => window.felt);
  line(`${name}: largest paint, at a fourth of the speed`, lcp.toFixed(0), 'ms', 1250);
  line(`${name}: jumps of the layout`, cls.toFixed(3), '  ', 0.02);
  await context.close();
}

/** The slowest answer while something is done, after the page has come to rest. */
async function answer(what, at, act) {
  const { context, page } = await fresh();
  await page.goto(`http://127.0.0.1:${port}${at}`);
  await page.waitForTimeout(5000);
  await page.evaluate(() => (window.felt.slowest = 0));
  await act(page);
  await page.waitForTimeout(1500);
  line(`${what}, slowest answer`, (await page.evaluate(() => window.felt.slowest)).toFixed(0), 'ms', 100);
  await context.close();
}
/** A finger stays down a little; without that the press and what it does would be counted as one. */
const PRESS = { delay: 80 };
const typed = async (page, label, text) => {
  await page.getByLabel(label).first().click();
  await page.keyboard.type(text, { delay: 160 });
};
await answer('typing in Forms', '/forms', (page) => typed(page, 'Ask for a form', 'calms the heart'));
await answer('typing in the finder', '/shelf', async (page) => {
  await page.keyboard.press('/');
  await page.waitForTimeout(1200);
  await page.evaluate(() => (window.felt.slowest = 0));
  await page.keyboard.type('liver sound', { delay: 160 });
});
/** The finder once more: the first time it is fetched. */
const foundAgain = async (page) => {
  await page.keyboard.press('/');
  await page.waitForTimeout(2000);
  await page.keyboard.press('Escape', PRESS);
  await page.waitForTimeout(1500);
  await page.evaluate(() => (window.felt.slowest = 0));
  await page.keyboard.press('/', PRESS);
  await page.waitForTimeout(2000);
};
await answer('opening the finder over the shelf', '/shelf', foundAgain);
await answer('closing it', '/shelf', async (page) => {
  await foundAgain(page);
  await page.evaluate(() => (window.felt.slowest = 0));
  await page.keyboard.press('Escape', PRESS);
});
await answer('a menu of the sentence', '/compose/six-sounds-for-the-loft', async (page) => {
  await page.getByRole('button', { name: /^Season:/ }).click(PRESS);
});
/** A form in the middle of the order, come into sight: who presses has seen it before. */
const more = async (page) => {
  const button = page.getByRole('button', { name: /^More: repetitions/ }).nth(3);
  await button.scrollIntoViewIfNeeded();
  await page.waitForTimeout(1500);
  return button;
};
await answer('one more repetition', '/compose/six-sounds-for-the-loft', async (page) => {
  const button = await more(page);
  await page.evaluate(() => (window.felt.slowest = 0));
  await button.click(PRESS);
});
await answer('undo', '/compose/six-sounds-for-the-loft', async (page) => {
  await (await more(page)).click(PRESS);
  await page.waitForTimeout(2500);
  await page.evaluate(() => (window.felt.slowest = 0));
  await page.getByRole('button', { name: 'Undo' }).click(PRESS);
});
await browser.close();
const gone = new Promise((resolve) => server.once('exit', resolve));
server.kill('SIGTERM');
await gone;
rmSync(folder, { recursive: true, force: true });
