import { expect } from '@playwright/test';
import { test } from './test';
import { draftReady, watchConsole } from './helpers';

test('Back to Compose shows what the address says: the wishes, or the practice it has become', async ({
  page,
}) => {
  test.setTimeout(240_000);
  const problems = watchConsole(page);
  await page.goto('/compose?minutes=10&theme=phase.wood');
  const brief = page.getByRole('group', { name: 'The brief' });
  await draftReady(page);
  await brief.getByRole('button', { name: 'Minutes' }).click();
  await page.getByRole('menuitemradio', { name: '20 minutes', exact: true }).click();
  await expect(page).toHaveURL(/minutes=20/);
  await page.getByRole('link', { name: 'Shelf' }).first().click();
  await expect(page.getByRole('heading', { name: 'Shelf', level: 1 })).toBeVisible();
  await page.goBack();
  await expect(page).toHaveURL(/minutes=20/);
  await expect(brief.getByRole('button', { name: 'Minutes' })).toContainText('20-minute');

  // Once it is kept, its own address is the one that comes back.
  await page.getByLabel('Name of the practice').fill('Back and forth');
  await page.getByLabel('Name of the practice').press('Enter');
  await expect(page).toHaveURL(/\/compose\/[a-z0-9-]+$/);
  const kept = page.url();
  await page.getByRole('link', { name: 'Shelf' }).first().click();
  await expect(page.getByRole('heading', { name: 'Shelf', level: 1 })).toBeVisible();
  await page.goBack();
  await expect(page).toHaveURL(kept);
  await expect(page.getByLabel('Name of the practice')).toHaveValue('Back and forth');
  expect(problems).toEqual([]);
});

test('after a refresh in place, a dialog still locks the page behind it and no style is refused', async ({
  page,
}) => {
  test.setTimeout(240_000);
  const problems = watchConsole(page);
  await page.goto('/');
  // A refresh in place brings a new nonce that the policy of this document does not know.
  const [fetched] = await Promise.all([
    page.waitForResponse((response) => response.request().headers()['rsc'] === '1'),
    page.evaluate(() => document.dispatchEvent(new Event('visibilitychange'))),
  ]);
  expect(fetched.ok()).toBe(true);
  await page.getByRole('link', { name: 'Compose' }).first().click();
  await draftReady(page);
  await page.getByRole('button', { name: 'Add a form' }).first().click();
  await expect(page.getByRole('dialog')).toBeVisible();
  // Of what the lock writes this is left as it is (app/globals.css): a refused style would leave it at "auto".
  await expect
    .poll(() => page.evaluate(() => getComputedStyle(document.body).overscrollBehaviorY))
    .toBe('contain');
  expect(problems).toEqual([]);
});
