import { expect, type Locator, type Page } from '@playwright/test';
import { expectAccessible, watchConsole } from './helpers';
import { test } from './test';

const weeks = (page: Page): Locator =>
  page.locator('main ol > li').filter({ has: page.getByRole('combobox') });
const themeOf = (page: Page, number: number): Locator =>
  page.getByLabel(`what week ${number} is for`, { exact: true });

/** Plans a term of so many weeks from a Monday for the letter carriers; its page is open then. */
async function planTerm(page: Page, name: string, first: string, last: string): Promise<void> {
  await page.goto('/term');
  await page.getByRole('button', { name: 'Plan a term' }).click();
  await page.getByLabel('Name').fill(name);
  await page.getByLabel('for which group').selectOption({ label: 'the letter carriers' });
  await page.getByLabel('From', { exact: true }).fill(first);
  await page.getByLabel('To', { exact: true }).fill(last);
  await page.getByLabel('a set to learn').selectOption({ label: 'the eight brocades' });
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(page.getByRole('heading', { level: 1, name })).toBeVisible();
}

test('a term is planned, a week chosen and locked, two changed over, one drafted and opened, and taken back', async ({
  page,
}) => {
  test.setTimeout(360_000);
  const problems = watchConsole(page);
  await planTerm(page, 'Winter into spring', '2027-01-04', '2027-03-14');
  await expect(weeks(page)).toHaveCount(10);
  // Five days a week each, by the wall clock.
  await expect(weeks(page).first().getByText('06:20')).toHaveCount(5);
  await expect(page.getByText(/no plan is better/)).toBeVisible();
  await expect(
    page.getByRole('region', { name: 'Forms being learnt, week by week' }).getByRole('row'),
  ).toHaveCount(8);
  // The figure fills from week to week: by the first one less is come by than by the last.
  const comesBy = page.getByRole('region', { name: 'What it comes by' });
  const organs = async (): Promise<number> =>
    Number(/(\d+) of 12/.exec(await comesBy.locator('dl > div').first().innerText())?.[1]);
  const whole = await organs();
  const until = comesBy.getByRole('slider', { name: 'up to' });
  await expect(comesBy.getByText(/^week 10 of 10, /)).toBeVisible();
  await until.press('Home');
  await expect(comesBy.getByText(/^week 1 of 10, /)).toBeVisible();
  await expect(until).toHaveAttribute('aria-valuetext', /^week 1 of 10, /);
  expect(await organs()).toBeLessThan(whole);
  await until.press('End');
  await expect.poll(organs).toBe(whole);
  // What the year asks: winter's organ is there.
  const themes = async (): Promise<readonly string[]> =>
    page
      .getByLabel(/^what week \d+ is for$/)
      .evaluateAll((all) => all.map((one) => (one as HTMLSelectElement).value));
  expect((await themes()).slice(0, 3).join()).toContain('kidney');
  // Chosen by hand it is locked; planned again it stays.
  await themeOf(page, 4).selectOption({ label: 'the Liver' });
  await expect(weeks(page).nth(3).getByRole('button', { name: 'Lock' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await page.getByRole('button', { name: 'Plan again' }).click();
  await expect(page.getByText(/Planned again\.|Nothing had to change\./).first()).toBeVisible();
  await expect(themeOf(page, 4)).toHaveValue(/liver/);
  // Two weeks changed over by dragging, and back again.
  const before = await themes();
  const other = before.findIndex((one, index) => index > 0 && index !== 3 && one !== before[0]) + 1;
  await page.getByRole('button', { name: /^Week 1,/ }).hover();
  await page.mouse.down();
  const target = await weeks(page)
    .nth(other - 1)
    .boundingBox();
  await page.mouse.move((target?.x ?? 0) + 40, (target?.y ?? 0) + 20, { steps: 12 });
  await page.mouse.up();
  await expect(themeOf(page, 1)).toHaveValue(before[other - 1] ?? '');
  await expect(themeOf(page, other)).toHaveValue(before[0] ?? '');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(themeOf(page, 1)).toHaveValue(before[0] ?? '');
  await expectAccessible(page);
  // One week's practice is drafted in the worker, opened, and leads back here.
  await weeks(page)
    .first()
    .getByRole('button', { name: /^Draft it/ })
    .click();
  const open = weeks(page)
    .first()
    .getByRole('link', { name: /^Compose/ });
  await expect(open).toBeVisible({ timeout: 90_000 });
  await open.click();
  await expect(page.getByRole('heading', { name: 'Running order' })).toBeVisible();
  await page.getByRole('link', { name: 'Winter into spring' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Winter into spring' })).toBeVisible();
  // A week falls out: the rest follows with little change, and says so before.
  await page.getByText('When it is, what it is for, what is learnt').click();
  await page.getByRole('button', { name: 'Add days without a class' }).click();
  await page.getByLabel('what falls on days left out, 1').fill('a journey');
  await page.getByLabel('from, a journey').fill('2027-02-01');
  await page.getByLabel('until, a journey').fill('2027-02-07');
  await page.getByRole('button', { name: 'Keep this' }).click();
  await expect(weeks(page)).toHaveCount(9);
  await expect(page.getByText(/Without a class: .*a journey/)).toBeVisible();
  await page.getByRole('button', { name: 'Plan again' }).click();
  await expect(weeks(page)).toHaveCount(9);
  await expect(themeOf(page, 4)).toHaveValue(/liver/);
  page.once('dialog', (dialog) => void dialog.accept());
  await page.getByRole('button', { name: 'Bin', exact: true }).click();
  await expect(page).toHaveURL(/\/term$/);
  await expect(page.getByText('Winter into spring')).toHaveCount(0);
  expect(problems).toEqual([]);
});

test('many weeks are drafted one after the other, and it can be stopped', async ({ page }) => {
  test.setTimeout(240_000);
  await planTerm(page, 'A short one', '2027-04-05', '2027-04-25');
  await page.getByRole('button', { name: /^Draft all that are to come \(3\)/ }).click();
  await expect(page.getByRole('status').filter({ hasText: /Drafting .*: 1 of 3/ })).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByRole('button', { name: /^Draft all that are to come/ })).toBeEnabled();
  page.once('dialog', (dialog) => void dialog.accept());
  await page.getByRole('button', { name: 'Bin', exact: true }).click();
  await expect(page).toHaveURL(/\/term$/);
});

test('a term another teaches is drafted as they do it, and one’s own stays as it is', async ({ page }) => {
  test.setTimeout(240_000);
  const firstSides = async (): Promise<{ readonly sides: readonly string[]; readonly breaths: number }> => {
    const open = weeks(page)
      .first()
      .getByRole('link', { name: /^Compose/ });
    await expect(open).toBeVisible({ timeout: 90_000 });
    const id = ((await open.getAttribute('href')) ?? '').split('/').pop() ?? '';
    // While a draft was waited for, the server may close the connection that stood idle, at the moment it is used again.
    const file = await page.request.get(`/api/handout/practice/${id}?as=file&for=me`, { maxRetries: 2 });
    const { practice } = (await file.json()) as {
      readonly practice: {
        readonly brief: { readonly breathsPerMin: number };
        readonly items: readonly { readonly firstSide: string }[];
      };
    };
    return {
      sides: [...new Set(practice.items.map((item) => item.firstSide))],
      breaths: practice.brief.breathsPerMin,
    };
  };
  await planTerm(page, 'Taught by another', '2027-06-07', '2027-06-20');
  await page.getByText('When it is, what it is for, what is learnt').click();
  await page.getByLabel('Taught by').fill('A. N. Other');
  await page.getByText('What they do otherwise').click();
  await page.getByLabel('The first side').selectOption('right');
  await page.getByLabel('Breaths a minute').fill('5');
  await expect(page.getByText('2 of six')).toBeVisible();
  await page.getByRole('button', { name: 'Keep this' }).click();
  await expect(page.getByText('Kept. Plan again for the weeks to follow it.').first()).toBeVisible();
  // Kept, and there when one comes again.
  await page.reload();
  await page.getByText('When it is, what it is for, what is learnt').click();
  await page.getByText('What they do otherwise').click();
  await expect(page.getByLabel('The first side')).toHaveValue('right');
  await expectAccessible(page);
  const draft = weeks(page)
    .first()
    .getByRole('button', { name: /^Draft it/ });
  await draft.click();
  expect(await firstSides()).toEqual({ sides: ['right'], breaths: 5 });
  page.once('dialog', (dialog) => void dialog.accept());
  await page.getByRole('button', { name: 'Bin', exact: true }).click();
  await expect(page).toHaveURL(/\/term$/);
  await planTerm(page, 'Taught by oneself', '2027-06-07', '2027-06-20');
  await weeks(page)
    .first()
    .getByRole('button', { name: /^Draft it/ })
    .click();
  expect(await firstSides()).toEqual({ sides: ['left'], breaths: 6 });
  page.once('dialog', (dialog) => void dialog.accept());
  await page.getByRole('button', { name: 'Bin', exact: true }).click();
  await expect(page).toHaveURL(/\/term$/);
});

test('two windows never undo each other unseen', async ({ page, context }) => {
  await planTerm(page, 'Two windows', '2027-05-03', '2027-05-23');
  const other = await context.newPage();
  await other.goto(page.url());
  await themeOf(page, 1).selectOption({ label: 'the Lung' });
  await expect(page.getByText('Week 1: changed, and locked.').first()).toBeVisible();
  await themeOf(other, 2).selectOption({ label: 'the Heart' });
  await expect(other.getByRole('alert').filter({ hasText: 'changed in another window' })).toBeVisible();
  await other.close();
  page.once('dialog', (dialog) => void dialog.accept());
  await page.getByRole('button', { name: 'Bin', exact: true }).click();
  await expect(page).toHaveURL(/\/term$/);
});

test('the next class is the first thing on the almanac, and one press from being led', async ({ page }) => {
  await page.goto('/');
  const next = page.getByRole('region').filter({ has: page.getByRole('link', { name: 'Lead it' }) });
  await expect(next).toBeVisible();
  await expect(next.getByRole('link', { name: 'Who is here' })).toBeVisible();
  await next.getByRole('link', { name: 'Lead it' }).click();
  await expect(page.getByRole('button', { name: 'Start' })).toBeVisible();
});
