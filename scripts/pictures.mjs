// npm run pictures: one current picture of each room, from the Quillhaven sample, into docs/screenshots; -- shelf log for those alone.
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import os from 'node:os';
import path from 'node:path';
import { chromium } from '@playwright/test';
import { ensureBuilt, portTaken, root, startServer, untilUp } from './lib.mjs';

const port = 3228;
const asked = process.argv.slice(2);
const found = spawnSync('sh', ['-c', 'command -v chromium || command -v chromium-browser'], {
  encoding: 'utf8',
}).stdout.trim();
const executablePath = process.env.NAVUREN_CHROMIUM ?? found;
if (await portTaken(port)) {
  console.error(`Port ${port} is in use; stop what listens there.`);
  process.exit(1);
}
ensureBuilt();
const folder = mkdtempSync(path.join(os.tmpdir(), 'navuren-pictures-'));
const out = path.join(root, 'docs/screenshots');
mkdirSync(out, { recursive: true });
const server = startServer({ port, data: path.join(folder, 'data'), demo: true, firstSeed: 1 });
await untilUp(port, server);
const browser = await chromium.launch({
  executablePath,
  args: ['--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--disable-background-networking'],
});

/** Until nothing has come into the page for a while: scrolls and figures are drawn when the browser has time for them. */
const atRest = (page) =>
  page.evaluate(
    () =>
      new Promise((resolve) => {
        const done = () => {
          watch.disconnect();
          resolve();
        };
        const watch = new MutationObserver(() => {
          clearTimeout(rest);
          rest = setTimeout(done, 1200);
        });
        let rest = setTimeout(done, 1200);
        // What moves never rests.
        setTimeout(done, 12_000);
        watch.observe(document.body, { childList: true, subtree: true });
      }),
  );
const order = async (page) => {
  await page.getByRole('heading', { name: 'Running order' }).waitFor();
  await page.locator('main svg.fig path').first().waitFor({ state: 'attached' });
  await atRest(page);
};
const led = async (page) => {
  await page.getByRole('button', { name: 'Start' }).click();
  await page.clock.fastForward(271_000);
  await page.waitForTimeout(400);
};
const views = [
  { name: 'almanac', at: '/?at=2026-11-25T06:20' },
  { name: 'almanac-narrow', at: '/?at=2026-11-25T06:20', width: 390, height: 844 },
  { name: 'compose', at: '/compose/six-sounds-for-the-loft', then: order },
  {
    name: 'compose-drafts',
    at: '/compose/six-sounds-for-the-loft',
    then: async (page) => {
      await order(page);
      await page.getByRole('button', { name: 'Compare drafts' }).click();
      await page.getByText('3 drafts beside the one on the table').waitFor({ timeout: 90_000 });
    },
  },
  { name: 'compose-lamplight', at: '/compose/before-the-rounds', light: 'lamp', then: order },
  { name: 'compose-narrow', at: '/compose/before-the-rounds', width: 390, height: 844, then: order },
  { name: 'lead', at: '/lead/before-the-rounds', then: led, clock: true },
  { name: 'aloud', at: '/aloud/before-the-rounds' },
  {
    name: 'hand-out',
    at: '/handout/practice/six-sounds-for-the-loft?as=scroll',
    then: async (page) => {
      await page.waitForTimeout(2500);
      await page.getByText('Being made').waitFor({ state: 'hidden' });
    },
  },
  { name: 'shelf', at: '/shelf' },
  {
    name: 'forms',
    at: '/forms?q=what+nourishes+the+Kidney,+seated,+without+raising+the+arms,+in+four+minutes?',
  },
  {
    name: 'form-editor',
    at: '/forms/own/new?from=animal-monkey-pick',
    then: async (page) => {
      await page.getByRole('button', { name: 'Stroke 3', exact: true }).click();
    },
  },
  { name: 'form', at: '/forms/brocade-hands-to-feet' },
  { name: 'atlas', at: '/atlas?channel=KI&point=KI3' },
  { name: 'sounds', at: '/forms/sounds' },
  {
    name: 'term',
    at: '/term/00000000-0000-4000-a000-000000000001',
  },
  {
    name: 'person',
    at: '/people/00000000-0000-4000-9000-000000000005?note=before',
    then: async (page) => {
      await page
        .getByRole('button', { name: /^left shoulder/ })
        .first()
        .click();
      await page.getByRole('heading', { name: 'Before and after' }).scrollIntoViewIfNeeded();
    },
  },
  { name: 'log', at: '/log', then: (page) => page.locator('li details summary').first().click() },
  { name: 'customs', at: '/customs' },
];
try {
  for (const view of views.filter(({ name }) => asked.length === 0 || asked.includes(name))) {
    const context = await browser.newContext({
      viewport: { width: view.width ?? 1280, height: view.height ?? 800 },
      locale: 'en-GB',
      timezoneId: 'Europe/London',
    });
    await context.addCookies([
      { name: 'navuren-light', value: view.light ?? 'day', url: `http://127.0.0.1:${port}` },
    ]);
    const page = await context.newPage();
    if (view.clock) await page.clock.install();
    await page.goto(`http://127.0.0.1:${port}${view.at}`);
    await page.evaluate(() => document.fonts.ready);
    await view.then?.(page);
    await page.mouse.move(4, 4);
    // Where the clock is ours nothing waits by itself.
    if (view.clock) await page.waitForTimeout(300);
    else {
      // A slow server is still asked when nothing has come for a while.
      await page.waitForLoadState('networkidle');
      await atRest(page);
    }
    await page.screenshot({ path: path.join(out, `${view.name}.png`) });
    await context.close();
    console.log(`docs/screenshots/${view.name}.png`);
  }
} finally {
  // A picture that fails must not leave a server behind.
  await browser.close();
  const gone = new Promise((resolve) => server.once('exit', resolve));
  server.kill('SIGTERM');
  await gone;
  rmSync(folder, { recursive: true, force: true });
}
