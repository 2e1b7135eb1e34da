import { expect } from '@playwright/test';
import { expectAccessible } from './helpers';
import { test } from './test';

test('the log is looked through by words, forms, group and month, page by page', async ({ page }) => {
  await page.goto('/log');
  const rows = page.getByRole('main').locator('ul > li');
  // The page that answers is counted when it is there whole.
  const look = () =>
    Promise.all([page.waitForEvent('load'), page.getByRole('button', { name: 'Look' }).click()]);
  await expect(rows).toHaveCount(40);
  const first = await rows.first().textContent();
  await page.getByRole('link', { name: 'Older classes' }).click();
  await expect(page).toHaveURL(/after=/);
  await expect(rows.first()).not.toHaveText(first ?? '');
  await page.goto('/log');
  await page.getByLabel('for whom', { exact: true }).selectOption('the letter carriers');
  await look();
  await expect(page).toHaveURL(/group=letter-carriers/);
  const count = await rows.count();
  expect(count).toBeGreaterThan(3);
  expect(await rows.filter({ hasText: 'the letter carriers' }).count()).toBe(count);
  await page.getByLabel(/^words/).fill('swinging to the shoulders');
  await look();
  // The form is not in the line of the class, but in the class.
  await rows.first().locator('summary').click();
  await expect(rows.first()).toContainText('Swinging to the shoulders');
  await page.getByLabel(/^words/).fill('no such thing anywhere');
  await look();
  await expect(page.getByText('No class in the log is like that.')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'All of it' }).click();
  await expect(rows).toHaveCount(40);
  // By what it was about: the Lung's classes and the six sounds are of Metal, those of the Kidney and the Earth are not.
  await page.getByLabel('about which phase').selectOption('metal');
  await look();
  await expect(page).toHaveURL(/phase=metal/);
  const metal = await rows.count();
  expect(metal).toBeGreaterThan(0);
  expect(await rows.filter({ hasText: /Fog off the quay|Breath for the loft|healing sounds/ }).count()).toBe(
    metal,
  );
  await page.getByRole('link', { name: 'All of it' }).click();
  await expect(rows).toHaveCount(40);
  const months = page.getByLabel('in which month');
  const month = await months.locator('option').nth(1).getAttribute('value');
  await months.selectOption(month);
  await look();
  await expect(page).toHaveURL(new RegExp(`month=${month ?? ''}`));
  expect(await rows.count()).toBeGreaterThan(0);
});

test('a class led without the screen is added, taken out of the log, and put back', async ({ page }) => {
  await page.goto('/log');
  await page.getByText('Add a class that was led without this screen').click();
  await page.getByLabel('practice that was led').selectOption('Before the rounds');
  await expect(page.getByLabel('minutes', { exact: true })).toHaveValue('12');
  await page.getByLabel('begun').fill('2026-11-28T07:30');
  await page.getByLabel('minutes', { exact: true }).fill('14');
  await page.getByLabel('what to remember').fill('On the quay, in the dark');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByText('It is in the log.')).toBeVisible();
  await page.goto('/log?words=on+the+quay%2C+in+the+dark');
  const row = page.getByRole('main').locator('ul > li');
  await expect(row).toHaveCount(1);
  await expect(row).toContainText('14:00 min of 12:00 planned');
  await row.locator('summary').click();
  await expectAccessible(page);
  await row.getByRole('button', { name: 'Take it out of the log' }).click();
  await expect(row.getByText('the next draft learns nothing from it')).toBeVisible();
  await row.getByRole('button', { name: 'Put it back into the log' }).click();
  await expect(row.getByRole('button', { name: 'Take it out of the log' })).toBeVisible();
  await row.getByRole('button', { name: 'Take it out of the log' }).click();
  await expect(row.getByText('the next draft learns nothing from it')).toBeVisible();
  await page.reload();
  await expect(page.getByText('No class in the log is like that.')).toBeVisible();
});

test('what the log has taught is read, forgotten, and learnt again', async ({ page }) => {
  await page.goto('/log');
  // A class in which a form took a third longer than planned.
  const status = await page.evaluate(async () => {
    const startedAtMs = Date.UTC(2026, 10, 27, 7);
    const item = { itemId: 'a', formId: 'shaking-off', name: 'Shaking off', role: 'wake' };
    const took = {
      plannedMs: 60_000,
      actualMs: 80_000,
      plannedRepetitions: 6,
      repetitions: 6,
      undisturbed: true,
    };
    const record = {
      startedAtMs,
      endedAtMs: startedAtMs + 80_000,
      plannedMs: 60_000,
      actualMs: 80_000,
      finished: true,
      items: [{ ...item, ...took }],
    };
    const id = '22222222-2222-4222-8222-222222222222';
    const answer = await fetch('/api/classes', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ id, practiceId: 'before-the-rounds', version: 1, groupId: null, record }),
    });
    return answer.status;
  });
  expect(status).toBe(201);
  await page.getByRole('link', { name: 'What it has taught' }).click();
  await expect(page.getByRole('heading', { name: 'What the log has taught' })).toBeVisible();
  const name = 'Shaking off';
  const forget = page.getByRole('button', { name: `Forget what was learnt of ${name}` });
  await expect(page.getByRole('row', { name: new RegExp(`^${name}`) })).toContainText('7 % longer');
  await expectAccessible(page);
  await forget.click();
  const forgotten = page.getByRole('region', { name: 'Forgotten' });
  await expect(forgotten).toContainText(name);
  await expect(page.getByRole('row', { name: new RegExp(`^${name}`) })).toHaveCount(0);
  await forgotten.getByRole('button', { name: `Learn again of ${name}` }).click();
  await expect(forgotten).toHaveCount(0);
  await expect(page.getByRole('row', { name: new RegExp(`^${name}`) })).toBeVisible();
});
