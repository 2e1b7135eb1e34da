import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, type Page } from '@playwright/test';
import {
  draftReady,
  expectAccessible,
  expectAccessibleInBothLights,
  keepPractice,
  orderNames,
  watchConsole,
} from './helpers';
import { killAll, startServer, untilUp } from './servers';
import { test } from './test';

/** What has the focus, in a few words; "body" where nothing has it. */
const focused = (page: Page): Promise<string> =>
  page.evaluate(() => {
    const { activeElement } = document;
    if (!activeElement || activeElement === document.body) return 'body';
    return (
      activeElement.getAttribute('aria-label') ?? activeElement.textContent?.trim() ?? activeElement.tagName
    );
  });

test('anything is found with one key, by a few letters, and gone to', async ({ page }) => {
  const problems = watchConsole(page);
  await page.goto('/shelf');
  const search = page.getByLabel('Search the practices');
  await expect(search).toBeVisible();
  await page.getByRole('link', { name: 'New practice' }).focus();
  await page.keyboard.press('/');
  const dialog = page.getByRole('dialog', { name: 'Find' });
  await expect(dialog.getByRole('combobox')).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('link', { name: 'New practice' })).toBeFocused();

  // What each kind of thing is found by, and where it leads.
  for (const [words, name, url] of [
    ['hold up the sky', /Holding up the sky|Hold/i, /\/forms\/brocade-hold-up-the-sky/],
    ['taichong', /LR3/, /\/atlas\?.*LR3/],
    ['before the rounds', /Before the rounds/, /\/compose\/before-the-rounds/],
    ['hinge', /hinge/, /\/words#hinge/],
    ['time zone', /Place/, /\/customs#place/],
    ['choir', /bell loft choir/, /\/customs#groups/],
  ] as const) {
    await page.keyboard.press('/');
    await dialog.getByRole('combobox').fill(words);
    await expect(dialog.getByRole('option', { name }).first()).toBeVisible();
    const first = dialog.getByRole('option', { name }).first();
    if (words === 'taichong') await expectAccessibleInBothLights(page, '[role="dialog"]');
    await first.click();
    await expect(dialog).toHaveCount(0);
    await expect(page).toHaveURL(url);
  }
  // By keys alone, and nothing found is said.
  await page.keyboard.press('/');
  await page.keyboard.type('customs');
  await expect(dialog.getByRole('option', { name: /Customs/ }).first()).toHaveAttribute(
    'aria-selected',
    'true',
  );
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/customs/);
  await page.keyboard.press('/');
  await dialog.getByRole('combobox').fill('qqqqzz');
  await expect(dialog.getByRole('status')).toHaveText('Nothing here goes by these words.');
  await page.keyboard.press('Escape');
  // A slash that is typed is a slash.
  await page.getByLabel('Name', { exact: true }).first().focus();
  await page.keyboard.press('/');
  await expect(dialog).toHaveCount(0);
  expect(problems).toEqual([]);
});

test('a sheet over the page keeps presses and the wheel from it, and leaves it as it is laid out', async ({
  page,
}) => {
  await page.setViewportSize({ width: 1280, height: 500 });
  await page.goto('/shelf');
  const link = page.getByRole('banner').getByRole('link').first();
  await expect(link).toBeVisible();
  const before = await link.boundingBox();
  if (!before) throw new Error('the link has no place');
  const whole = await page.locator('main').boundingBox();
  await page.keyboard.press('/');
  const dialog = page.getByRole('dialog', { name: 'Find' });
  await expect(dialog).toBeVisible();
  expect(await page.locator('main').boundingBox()).toEqual(whole);
  // What the sheet notes on the body is not handed down to every figure of the page.
  expect(
    await page.evaluate(() => {
      const { pointerEvents } = getComputedStyle(document.querySelector('main') ?? document.body);
      return [getComputedStyle(document.body).pointerEvents, pointerEvents];
    }),
  ).toEqual(['none', 'auto']);
  await page.mouse.move(20, 400);
  await page.mouse.wheel(0, 600);
  await page.waitForTimeout(500);
  expect(await page.evaluate(() => window.scrollY)).toBe(0);
  await page.mouse.click(before.x + before.width / 2, before.y + before.height / 2);
  await expect(dialog).toHaveCount(0);
  await expect(page).toHaveURL(/\/shelf$/);
  await page.mouse.wheel(0, 600);
  await expect.poll(() => page.evaluate(() => window.scrollY)).toBeGreaterThan(0);
});

test('the keys of a room are listed on one key, and its words explained', async ({ page }) => {
  await page.goto('/compose/before-the-rounds');
  await draftReady(page);
  await page.keyboard.press('?');
  const keys = page.getByRole('dialog', { name: 'Keys' });
  await expect(keys.getByRole('heading', { name: 'Running order' })).toBeVisible();
  await expect(keys).toContainText('find anything');
  await expectAccessible(page, '[role="dialog"]');
  await keys.getByRole('link', { name: 'Words' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Words');
  await expect(page.locator('#bookend')).toContainText('near the beginning and near the end');
  await expectAccessibleInBothLights(page);
});

test('the focus goes back to where it makes sense after every sheet, and after what had it is gone', async ({
  page,
}) => {
  test.setTimeout(360_000);
  const id = await keepPractice(page, 'theme=organ.lung&minutes=20');
  await page.goto(`/compose/${id}`);
  await draftReady(page);
  const names = await orderNames(page);
  await page
    .getByRole('button', { name: names[2] ?? '', exact: false })
    .first()
    .click();

  const sheets: readonly (readonly [string, () => Promise<void>, RegExp])[] = [
    ['drafts', () => page.getByRole('button', { name: 'Compare drafts' }).press('Enter'), /Compare drafts/],
    [
      'why not',
      async () => {
        await page.getByRole('button', { name: 'More …' }).press('Enter');
        await page.getByRole('menuitem', { name: 'Why not another form?' }).press('Enter');
      },
      /More …/,
    ],
    [
      'pasted order',
      async () => {
        await page.getByRole('button', { name: 'More …' }).press('Enter');
        await page.getByRole('menuitem', { name: 'A running order from elsewhere' }).press('Enter');
      },
      /More …/,
    ],
    [
      'something else',
      () => page.getByRole('button', { name: 'Something else here' }).press('Enter'),
      /Something else here/,
    ],
    ['a form added', () => page.getByRole('button', { name: 'Add a form' }).press('Enter'), /Add a form/],
    [
      'a theme',
      async () => {
        await page.getByRole('button', { name: /^Theme:/ }).press('Enter');
        await page.getByText('A mix, a channel, a point, a set, a form to learn …').press('Enter');
      },
      /Theme:|Lung/,
    ],
    [
      'versions',
      () => page.getByRole('button', { name: 'Versions', exact: true }).press('Enter'),
      /^Versions$/,
    ],
    ['find', () => page.getByRole('button', { name: 'Find', exact: true }).press('Enter'), /^Find$/],
    ['keys', () => page.getByRole('button', { name: 'Keys', exact: true }).press('Enter'), /^Keys$/],
  ];
  for (const [what, open, back] of sheets) {
    await open();
    await expect(page.getByRole('dialog'), what).toHaveCount(1);
    await expect
      .poll(() => page.evaluate(() => document.activeElement?.closest('[role="dialog"]') !== null), what)
      .toBe(true);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog'), what).toHaveCount(0);
    await expect.poll(() => focused(page), what).toMatch(back);
  }

  // A row that is removed leaves the focus in the running order.
  await page.getByRole('button', { name: `Remove ${names[3]}`, exact: true }).press('Enter');
  await expect.poll(async () => (await orderNames(page)).length).toBe(names.length - 1);
  await expect
    .poll(() =>
      page.evaluate(
        () => document.activeElement?.closest('section[aria-labelledby="running-order"]') !== null,
      ),
    )
    .toBe(true);
  // A press that is needed no more gives the focus to its neighbours.
  const fit = page.getByRole('button', { name: 'Make it fit' });
  await fit.press('Enter');
  await expect(fit).toHaveCount(0);
  await expect.poll(() => focused(page)).not.toBe('body');
  // A room that is gone to begins at its heading.
  await page.getByRole('button', { name: 'Cue sheet' }).press('Enter');
  await expect(page).toHaveURL(/\/sheet\//);
  await expect.poll(() => focused(page)).not.toBe('body');
});

test('the scroll shows people under their breath, names that are not cut, and more the closer one looks', async ({
  page,
}) => {
  await page.goto('/compose/six-sounds-for-the-loft');
  await draftReady(page);
  const score = page.getByRole('region', { name: 'Breath line' });
  const people = score.locator('.fig-sash');
  await expect.poll(() => people.count()).toBeGreaterThan(15);
  const names = await score.locator('.scroll-name').allTextContents();
  expect(names.length).toBeGreaterThan(8);
  for (const name of names) expect(name).not.toMatch(/…|\.\.\./);
  // No name lies over another: those of one row are apart.
  const boxes = await score
    .locator('.scroll-name')
    .evaluateAll((all) =>
      all.map((one) => one.getBoundingClientRect()).map(({ x, y, width }) => ({ x, y, width })),
    );
  for (const [index, one] of boxes.entries())
    for (const other of boxes.slice(index + 1))
      if (Math.abs(one.y - other.y) < 4)
        expect(one.x + one.width <= other.x || other.x + other.width <= one.x).toBe(true);
  // Closer, each stroke has its own figure, and the names stay in sight.
  for (let press = 0; press < 7; press += 1) await page.getByRole('button', { name: 'Look closer' }).click();
  await expect.poll(() => people.count()).toBeGreaterThan(3);
  const before = await people.count();
  expect(before).toBeLessThan(80);
  // The name of what is all but over may have gone with it: then that of what comes is there.
  await expect
    .poll(() =>
      score
        .locator('.scroll-name')
        .evaluateAll((all) =>
          all
            .map((one) => one.getBoundingClientRect())
            .some(({ left, right }) => right > 0 && left < window.innerWidth),
        ),
    )
    .toBe(true);
  // The whole of an hour is a wash, not a fence.
  await page.goto('/compose?minutes=60&theme=phase.wood');
  await draftReady(page);
  await expect(score.locator('.scroll-wash').first()).toBeAttached();
});

test('scrolls stand on the shelf, on the sheet, in the drafts and in the log', async ({ page }) => {
  await page.goto('/shelf');
  await expect(
    page.getByRole('img', { name: /^Scroll of \d+ forms: Standing in stillness/ }).first(),
  ).toBeVisible();
  await expect(page.getByRole('listitem').first().locator('.fig-sash').first()).toBeAttached();
  await page.goto('/sheet/before-the-rounds');
  await expect(page.getByRole('img', { name: /^Scroll of \d+ forms/ }).first()).toBeVisible();
  await page.goto('/log');
  await expect(page.getByTestId('year-line').getByRole('img')).toHaveAccessibleName(
    /last twelve months: \d+ classes/,
  );
  await page.getByTestId('year-line').getByRole('link').last().click();
  await expect(page).toHaveURL(/month=\d{4}-\d{2}/);
  await page
    .locator('li details')
    .filter({ hasText: 'Before the rounds' })
    .first()
    .locator('summary')
    .click();
  const drawing = page.getByTestId('planned-real').first();
  await expect(drawing.locator('.fig-sash').first()).toBeAttached();
  await page.goto('/api/practices/before-the-rounds/scroll?width=9&figure=50');
  await expect(page.locator('body')).toContainText('expected 120 to 2400 px');
});

test('the first minute asks what has no good default, and leads to a practice of today', async ({ page }) => {
  test.setTimeout(240_000);
  const port = 3224;
  const folder = mkdtempSync(path.join(tmpdir(), 'navuren-first-'));
  try {
    const server = startServer(path.join(folder, 'data'), port, false);
    await untilUp(server, port);
    const url = `http://127.0.0.1:${port}`;
    const problems = watchConsole(page);
    await page.goto(url);
    const first = page.getByTestId('first-minute');
    await expect(first.getByRole('heading', { level: 1, name: 'Navuren' })).toBeVisible();
    // The place is guessed from the clock of the browser; nothing must be answered.
    await expect(first).toContainText('London');
    await expectAccessibleInBothLights(page);
    await first.getByRole('combobox', { name: 'A town near you' }).fill('welling');
    await page
      .getByRole('option', { name: /^Wellington/ })
      .first()
      .click();
    await expect(first).toContainText('Pacific/Auckland');
    await first.getByLabel(/late summer/).check();
    await first.getByLabel('20').check();
    await first.getByLabel('on a chair').check();
    await first.getByRole('button', { name: 'Today’s practice' }).click();
    await expect(page).toHaveURL(/\/compose\?minutes=20&posture=seated/);
    await draftReady(page);
    await expect(page.getByLabel('The brief')).toContainText('20-minute');
    await expect(page.getByLabel('The brief')).toContainText('seated');
    // It is asked once; what was answered holds.
    await page.goto(url);
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Wellington');
    await expect(page.getByTestId('first-minute')).toHaveCount(0);
    await page.goto(`${url}/customs`);
    await expect(page.getByLabel('late summer').first()).toBeChecked();
    expect(problems).toEqual([]);
  } finally {
    await killAll();
    rmSync(folder, { recursive: true, force: true });
  }
});

test('the figure looks as one chose, in every room', async ({ page }) => {
  await page.goto('/customs');
  await page.getByLabel('older, with grey hair').check();
  await page.getByLabel('a wheelchair').check();
  await expect(page.getByText('All is saved')).toBeVisible();
  await page.goto('/compose/quiet-quarter-hour');
  await draftReady(page);
  const score = page.getByRole('region', { name: 'Breath line' });
  await expect(score.locator('.fig-grey').first()).toBeAttached();
  await expect(score.locator('.fig-wheel').first()).toBeAttached();
  await page.goto('/shelf');
  await expect(page.locator('.fig-grey').first()).toBeAttached();
  await page.goto('/customs');
  await page.getByLabel('as most are').check();
  await page.getByLabel('a stool').check();
  await expect(page.getByText('All is saved')).toBeVisible();
});

test('shares, effort and breath are drawn over what they were, and said in a table', async ({ page }) => {
  const problems = watchConsole(page);
  await page.goto('/compose/quiet-quarter-hour');
  await draftReady(page);
  await page.getByText('Shares, effort and breath, drawn').press('Enter');
  const shares = page.getByRole('img', { name: /^Shares of the time, min: now;/ });
  await expect(shares).toBeVisible();
  // Something is drawn on it, in the ink of the page.
  const drawn = () =>
    shares.evaluate((element) => {
      const canvas = element as HTMLCanvasElement;
      const { data } = canvas.getContext('2d')?.getImageData(0, 0, canvas.width, canvas.height) ?? {
        data: [],
      };
      return data.filter((value, at) => at % 4 === 3 && value > 128).length;
    });
  await expect.poll(drawn).toBeGreaterThan(200);
  await page.getByText('Shares of the time as a table').press('Enter');
  const table = page.getByRole('table', { name: 'Shares of the time, min' });
  await expect(table.getByRole('columnheader')).toHaveText(['now']);
  const before = await table.getByRole('row').last().innerText();
  await page
    .getByRole('button', { name: /^More: repetitions/ })
    .last()
    .press('Enter');
  await expect(table.getByRole('columnheader')).toHaveText(['now', 'as it was']);
  await expect(table.getByRole('row').last()).not.toHaveText(before);
  // Over the rest a message may lie for a moment.
  await expectAccessibleInBothLights(page, 'figure');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(table.getByRole('columnheader')).toHaveText(['now']);
  expect(problems).toEqual([]);
});

test('dates, hours and lengths are written as one chose', async ({ page }) => {
  const problems = watchConsole(page);
  await page.goto('/customs');
  await page.getByLabel('month first: November 29, 2026').check();
  await page.getByLabel('12 hours: 6:30 pm').check();
  await page.getByLabel('inches').check();
  await expect(page.getByText('All is saved')).toBeVisible();
  await page.goto('/?at=2026-11-25T18:20');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Wednesday, November 25, 2026');
  await expect(page.locator('main')).toContainText(/\d{1,2}:\d{2} [AP]M/);
  await page.goto('/shelf');
  await expect(page.locator('main')).toContainText(/[A-Z][a-z]{2} \d{1,2}, \d{4}, \d{1,2}:\d{2} [AP]M/);
  await page.goto('/atlas?channel=LU&point=LU6');
  await page.getByLabel('stature, in').fill('66.9');
  await expect(page.getByRole('columnheader', { name: 'in a cùn' })).toBeVisible();
  // Nothing differs between the page as it came and as it is.
  expect(problems).toEqual([]);
  await page.goto('/customs');
  await page.getByLabel('day first: 29 November 2026').check();
  await page.getByLabel('24 hours: 18:30').check();
  await page.getByLabel('centimetres').check();
  await expect(page.getByText('All is saved')).toBeVisible();
});

test('a screen whose colours the system chooses still shows people, breath and rings', async ({ page }) => {
  await page.emulateMedia({ forcedColors: 'active' });
  await page.goto('/compose/before-the-rounds');
  await draftReady(page);
  const score = page.getByRole('region', { name: 'Breath line' });
  await expect(score.locator('.fig-ink').first()).toBeAttached();
  const [ink, ground] = await score.evaluate((element) => {
    const line = element.querySelector('.fig-ink');
    return [line ? getComputedStyle(line).fill : '', getComputedStyle(document.body).backgroundColor];
  });
  expect(ink).not.toBe(ground);
  await page.goto('/');
  const ring = await page
    .locator('main svg path')
    .first()
    .evaluate((path) => [getComputedStyle(path).stroke, getComputedStyle(path).fill]);
  expect(ring.some((colour) => colour !== 'none' && colour !== ground)).toBe(true);
});
