import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { test } from './test';
import { draftReady, lengthLine, orderNames, settledOrder, watchConsole } from './helpers';

test('from today’s theme to a led practice: the whole path', async ({ page }, info) => {
  test.setTimeout(360_000);
  const problems = watchConsole(page);

  // Today → a suggestion → the brief filled in.
  await page.goto('/?at=2026-11-25T05:10');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('25 November 2026');
  await expect(page.getByText('Water', { exact: false }).first()).toBeVisible();
  await page
    .getByRole('link', { name: /^Compose this for the Kidney/ })
    .first()
    .click();
  await draftReady(page);
  await expect(page.getByLabel('The brief')).toContainText('the Kidney');
  await expect(page.getByLabel('The brief')).toContainText('the letter carriers');
  await expect(lengthLine(page)).toContainText('of 12:00 min · on time');

  // A word of the brief redrafts at once, and undo brings the former draft back.
  const first = await settledOrder(page);
  await page.getByRole('button', { name: /^Minutes:/ }).click();
  await page.getByRole('menuitemradio', { name: '8 minutes' }).click();
  await expect(lengthLine(page)).toContainText('of 8:00 min · on time');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(lengthLine(page)).toContainText('of 12:00 min');
  expect(await orderNames(page)).toEqual(first);
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(lengthLine(page)).toContainText('of 8:00 min');

  // Edit: repetitions, removal, adding by search; each can be undone.
  await page
    .getByRole('button', { name: /^More: repetitions/ })
    .nth(1)
    .click();
  await expect(lengthLine(page)).not.toContainText('8:00 of');
  await page.getByRole('button', { name: 'Undo' }).click();
  const before = await orderNames(page);
  await page.getByRole('button', { name: 'Add a form' }).click();
  await page.getByLabel('Search the forms').fill('yun shou');
  await page.getByRole('button', { name: /Cloud hands.*Nourish/ }).click();
  await expect(page.getByRole('button', { name: 'Move Cloud hands', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Remove Cloud hands' }).click();
  expect(await orderNames(page)).toEqual(before);

  // Named, saved, reloaded: all is there.
  await page.getByLabel('Name of the practice').fill('Path of the test');
  await expect(page.getByRole('status', { name: 'Saving' })).toHaveText(/Saved, version \d+/);
  await expect(page).toHaveURL(/\/compose\/[0-9a-f-]{36}$/);
  await page.reload();
  await draftReady(page);
  await expect(page.getByLabel('Name of the practice')).toHaveValue('Path of the test');
  expect(await orderNames(page)).toEqual(before);

  // Led to the end with a fast clock, through a reload in the middle.
  await page.clock.install();
  await page.getByRole('button', { name: 'Lead it' }).click();
  await expect(page.getByRole('button', { name: 'Start' })).toBeVisible();
  await page.keyboard.press(' ');
  await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible();
  await page.clock.fastForward('03:00');
  await expect(page.getByRole('timer')).toContainText(/^[45]:\d\d/);
  await page.reload();
  await expect(page.getByRole('timer')).toContainText(/^[45]:\d\d/);
  await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible();
  await page.keyboard.press('+');
  await page.clock.fastForward('10:00');
  await expect(page.getByRole('heading', { name: 'It is done' })).toBeVisible();
  await expect(page.getByText('The class is in the log.')).toBeVisible();

  // Recorded, with what was added.
  await page.getByRole('link', { name: 'To the log' }).click();
  const entry = page.getByRole('listitem').filter({ hasText: 'Path of the test' });
  await expect(entry).toHaveCount(1);
  await entry.locator('summary').click();
  await expect(entry.getByText(/planned\)/).first()).toBeVisible();
  await entry.getByRole('link', { name: 'Open the practice' }).click();
  await draftReady(page);

  // Paper.
  await page.getByRole('button', { name: 'Cue sheet' }).click();
  await expect(page.getByRole('heading', { name: 'Path of the test' })).toBeVisible();
  await expect(page.getByText('Your own clinician decides', { exact: false })).toBeVisible();
  for (const name of before) await expect(page.getByRole('table')).toContainText(name);

  // File out, file in.
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Save as a file' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('path-of-the-test.practice.json');
  const file = info.outputPath('practice.json');
  await download.saveAs(file);
  const text = readFileSync(file, 'utf8');
  expect(text).not.toContain('letter-carriers');
  await page.goto('/shelf');
  await page.getByLabel('Practice file').setInputFiles({
    name: 'again.json',
    mimeType: 'application/json',
    buffer: Buffer.from(text.replace('Path of the test', 'Brought back in')),
  });
  await draftReady(page);
  await expect(page.getByLabel('Name of the practice')).toHaveValue('Brought back in');
  expect(await orderNames(page)).toEqual(before);
  expect(problems).toEqual([]);
});

test('a broken, hostile or newer file is refused with the field named, and nothing is changed', async ({
  page,
}) => {
  await page.goto('/shelf');
  const count = await page.getByRole('main').getByRole('listitem').count();
  const good = await (await page.request.get('/api/practices/before-the-rounds/export')).text();
  const files: readonly [string, RegExp][] = [
    [good.replace('"version": 1', '"version": 9'), /version: is 9.*newer/],
    [
      good.replace(/"repetitions": \d+,\n/, '"repetitions": -4,\n'),
      /practice\.items\[0\]\.repetitions: at least one repetition/,
    ],
    [good.replace('navuren.practice', 'other.thing'), /format: says “other.thing”/],
    ['<html>', /cannot be read as JSON/],
    ['['.repeat(3000) + ']'.repeat(3000), /nested more deeply/],
  ];
  for (const [text, message] of files) {
    await page
      .getByLabel('Practice file')
      .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from(text) });
    await expect(page.getByRole('main').getByRole('alert')).toHaveText(message);
  }
  await page
    .getByLabel('Practice file')
    .setInputFiles({ name: 'huge.json', mimeType: 'application/json', buffer: Buffer.alloc(3_000_000, 32) });
  await expect(page.getByRole('main').getByRole('alert')).toHaveText(/3.0 MB/);
  await page.reload();
  expect(await page.getByRole('main').getByRole('listitem').count()).toBe(count);
});

test('markup in a name stays plain text everywhere', async ({ page }) => {
  const evil = '<img src=x onerror="document.title=1"> & {side}';
  const file = JSON.parse(
    await (await page.request.get('/api/practices/before-the-rounds/export')).text(),
  ) as { practice: { name: string } };
  file.practice.name = evil;
  const made = (await (
    await page.request.post('/api/practices/import', {
      data: JSON.stringify(file),
      headers: { 'content-type': 'application/json' },
    })
  ).json()) as { id: string };
  for (const path of [`/compose/${made.id}`, `/sheet/${made.id}`, '/shelf', `/lead/${made.id}`]) {
    await page.goto(path);
    await expect(page.locator('img')).toHaveCount(0);
  }
  await page.goto('/shelf');
  await expect(page.getByRole('link', { name: evil, exact: true })).toBeVisible();
});
