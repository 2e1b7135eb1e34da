import { expect } from '@playwright/test';
import { test } from './test';
import { draftReady, expectAccessible, keepPractice, watchConsole } from './helpers';

test('the Sounds room is asked in words, seen as mouths and heard', async ({ page }) => {
  const problems = watchConsole(page);
  await page.goto('/forms/sounds');
  await expect(
    page.getByRole('img', { name: /The mouth of hū: Lips round as a tube/ }).first(),
  ).toBeVisible();
  await expectAccessible(page);
  await page.getByLabel('Ask for a sound').fill('the sound of the Spleen, silent');
  await expect(page.locator('article h2').first()).toContainText('hū');
  await expect(page.getByLabel('voiced')).toHaveValue('silent');
  await expect(page.getByRole('button', { name: 'Silent: only breath and mouth' }).first()).toBeDisabled();
  await page.getByLabel('voiced').selectOption('whispered');
  const hear = page.getByRole('button', { name: 'Hear an example' }).first();
  await hear.click();
  await expect(page.getByRole('button', { name: 'Stop' })).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByRole('button', { name: 'Stop' })).toHaveCount(0);
  expect(problems).toEqual([]);
});

test('the Breaths room answers in lines, and leads to its neighbours', async ({ page }) => {
  await page.goto('/forms');
  await page.getByRole('link', { name: 'Breaths', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Breaths' })).toBeVisible();
  await expect(page.getByRole('img', { name: 'The line of natural breath' })).toBeVisible();
  await expectAccessible(page);
  await page.getByLabel('Ask for a breath').fill('a breath for sleep');
  await expect(page.locator('article h2').first()).toContainText('out twice as long');
  await page.getByLabel('Ask for a breath').fill('qwxz');
  await expect(page.getByText('No breath answers that')).toBeVisible();
});

test('a breath and a sound are laid on a form and its section, seen, printed, and undone', async ({
  page,
}) => {
  const id = await keepPractice(page, 'theme=organ.lung&minutes=10&intent=nourish&breath=own');
  await page.goto(`/compose/${id}`);
  await draftReady(page);
  const nourish = page.getByRole('list', { name: 'Nourish' });
  await nourish.getByRole('button', { pressed: false }).first().click();
  await page.getByText('Breath and sound', { exact: true }).click();
  await page.getByLabel('laid on').selectOption('section');
  await page.getByRole('combobox', { name: 'breath', exact: true }).selectOption('out-longer');
  await expect(page.getByRole('img', { name: 'The line of out longer than in' })).toBeVisible();
  await page.getByLabel('laid on').selectOption('item');
  await page.getByRole('combobox', { name: 'sound', exact: true }).selectOption('lung-standard');
  await page.getByLabel('voiced').selectOption('whispered');
  await page.getByLabel('sound: which repetitions').selectOption('last');
  await expect(page.getByRole('img', { name: /The mouth of sī/ })).toBeVisible();
  await expect(page.getByText(/Saved, version/)).toBeVisible();
  await page.goto(`/sheet/${id}`);
  await expect(page.getByText(/Breath: out longer than in/).first()).toBeVisible();
  await expect(page.getByText('Sound: sī 呬, whispered (the last 3).')).toBeVisible();
});

test('holds, sides and talk of a form are set, and what is said is an item of its own', async ({ page }) => {
  const id = await keepPractice(page, 'theme=organ.lung&minutes=10&breath=own&with=cloud-hands');
  await page.goto(`/compose/${id}`);
  await draftReady(page);
  await page.getByRole('button', { name: /^Cloud hands/ }).click();
  await page.getByText('Time, sides, holds').click();
  await page.getByRole('button', { name: 'hold a posture' }).click();
  await expect(page.getByRole('button', { name: /^Cloud hands/ })).toContainText('held 30 s');
  await page.getByLabel('hold 1: seconds or breaths').selectOption('breaths');
  await expect(page.getByRole('button', { name: /^Cloud hands/ })).toContainText('held 3 breaths');
  await page.getByLabel(/^times on the/).fill('9');
  await expect(page.getByText(/× left, \d+× right/)).toBeVisible();
  await expect(page.getByText(/the (left|right) comes short/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Say something after it' }).click();
  await page.getByRole('button', { name: /^Spoken passage/ }).click();
  const words = page.getByLabel('said here, sentence by sentence');
  await words.fill('Rest here. We have gone down to the water. Now we come back.');
  await words.blur();
  await expect(page.getByText(/Saved, version/)).toBeVisible();
  await page.goto(`/sheet/${id}`);
  await expect(page.getByText('Rest here. We have gone down to the water. Now we come back.')).toBeVisible();
});

test('the sentence has a sound and a breath, which the draft follows', async ({ page }) => {
  await page.goto(
    '/compose?theme=organ.lung&minutes=12&intent=clear-then-nourish&dayPart=morning&familiarity=known',
  );
  await draftReady(page);
  const brief = page.getByRole('group', { name: 'The brief' });
  await expect(brief).toContainText('the sound sī, aloud');
  await expect(brief).toContainText('into the lower belly');
  await expect(page.getByRole('button', { name: /^Lung sound/ })).toBeVisible();
  await brief.getByRole('button', { name: /sī, aloud/ }).click();
  await page
    .getByRole('menuitemradio', { name: /no sounds/ })
    .or(page.getByRole('option', { name: /no sounds/ }))
    .or(page.getByRole('menuitem', { name: /no sounds/ }))
    .first()
    .click();
  await expect(brief).toContainText('no sounds');
  await expect(page.getByRole('button', { name: /^Lung sound/ })).toHaveCount(0);
});
