import { expect } from '@playwright/test';
import { test } from './test';
import { watchConsole } from './helpers';

test('the Atlas walks the channels in the order of their flow, and a point opens its card', async ({
  page,
}) => {
  const problems = watchConsole(page);
  await page.goto('/atlas?channel=LU');
  await expect(page.getByRole('heading', { name: 'Lung channel' })).toBeVisible();
  const list = page.getByRole('list', { name: 'Points shown' });
  await expect(list.getByRole('listitem')).toHaveCount(11);
  await page.getByRole('button', { name: 'Next in the flow, LI' }).click();
  await expect(page.getByRole('heading', { name: 'Large Intestine channel' })).toBeVisible();
  await expect(list.getByRole('listitem')).toHaveCount(20);
  await page
    .getByRole('navigation', { name: /^Channels/ })
    .getByRole('button', { name: /KI Kidney/ })
    .click();
  await list.getByRole('button', { name: /KI3/ }).click();
  const card = page.getByRole('article', { name: 'KI3 Tàixī' });
  await expect(card).toContainText('太谿');
  await expect(card).toContainText('source point of the Kidney');
  await expect(card).toContainText('heel tendon');
  await expect(page).toHaveURL(/channel=KI&point=KI3/);
  await card.getByRole('button', { name: 'On to KI4' }).click();
  await expect(page.getByRole('article', { name: 'KI4 Dàzhōng' })).toBeVisible();
  // The address opens the same again.
  await page.reload();
  await expect(page.getByRole('article', { name: 'KI4 Dàzhōng' })).toBeVisible();
  expect(problems).toEqual([]);
});

test('points lie on the figure, turn with it, and are chosen by a press', async ({ page }) => {
  await page.goto('/atlas?channel=CV');
  const figure = page.getByRole('img', { name: /Arrow keys turn the figure/ });
  await expect(figure.locator('.fig-point')).toHaveCount(24);
  await expect(figure.locator('.fig-point.fig-far')).toHaveCount(1);
  await figure.locator('[data-point="CV17"]').click();
  await expect(page.getByRole('article', { name: 'CV17 Dànzhōng' })).toBeVisible();
  await expect(figure.locator('.fig-ring')).toHaveCount(1);
  // From behind, the front of the body is faint.
  await page.getByRole('group', { name: 'View' }).getByRole('button', { name: 'back' }).click();
  await expect.poll(() => figure.locator('.fig-point.fig-far').count()).toBeGreaterThan(20);
  await figure.focus();
  for (let press = 0; press < 12; press += 1) await page.keyboard.press('ArrowRight');
  await expect.poll(() => figure.locator('.fig-point.fig-far').count()).toBeLessThan(5);
  await page.getByRole('button', { name: 'closer to the point' }).click();
  await expect(figure).toHaveAttribute('viewBox', /^-?\d+ -?\d+ 96 120$/);
});

test('search finds a point by code, bare pinyin, hanzi, class and phase', async ({ page }) => {
  await page.goto('/atlas');
  const list = page.getByRole('list', { name: 'Points shown' });
  for (const text of ['lu9', 'taiyuan', '太淵', 'great deep']) {
    await page.getByLabel('find a point').fill(text);
    await expect(list.getByRole('listitem').first()).toContainText('LU9');
  }
  for (const text of ['SP 6', '三阴交', '3 cun above the inner ankle']) {
    await page.getByLabel('find a point').fill(text);
    await expect(list.getByRole('listitem').first()).toContainText('SP6');
  }
  await page.getByLabel('find a point').fill('confluent');
  await expect(list.getByRole('listitem')).toHaveCount(8);
  await page.getByLabel('find a point').fill('<script>');
  await expect(page.getByText('No point answers to all of these words.')).toBeVisible();
});

test('a theme proposes points by rule, and a form shows what it reaches stroke by stroke', async ({
  page,
}) => {
  await page.goto('/atlas');
  await page.getByLabel('organ of the theme').selectOption('LU');
  await page.getByLabel('intent', { exact: true }).selectOption('clear');
  const list = page.getByRole('list', { name: 'Points shown' });
  await expect(list.getByRole('listitem').first()).toContainText('LU5');
  await expect(list.getByRole('listitem').first()).toContainText('the child drains');
  await page.getByLabel('what a form reaches').selectOption('trace-kidney-bladder');
  await expect(page.getByRole('heading', { name: 'Tracing Bladder and Kidney' })).toBeVisible();
  await expect(page.getByText('with its flow').first()).toBeVisible();
  const figure = page.getByRole('img', { name: /Arrow keys turn the figure/ });
  const before = await figure.getAttribute('aria-label');
  await page.getByRole('button', { name: 'Stroke on' }).click();
  await expect(figure).not.toHaveAttribute('aria-label', before ?? '');
  await list.getByRole('button', { name: /BL23/ }).click();
  const card = page.getByRole('article', { name: 'BL23 Shènshū' });
  await expect(card).toBeVisible();
  for (const summary of await card.locator('summary').all()) await summary.click();
  await card.getByRole('button', { name: 'Warming the kidneys' }).click();
  await expect(page.getByRole('heading', { name: 'Warming the kidneys' })).toBeVisible();
});

test('the cùn rule counts in a person’s own centimetres, and refuses what cannot be', async ({ page }) => {
  await page.goto('/atlas?point=PC6');
  const card = page.getByRole('article', { name: 'PC6 Nèiguān' });
  await expect(card).toContainText('cm above the wrist crease, on a body of 170 cm');
  await page.getByLabel('cm', { exact: true }).first().fill('24');
  await expect(card).toContainText('2 cùn = 4.0 cm above the wrist crease, measured');
  await page.getByLabel('stature, cm').fill('tall');
  await expect(
    page.getByText(/Stature is a number of centimetres between 50 and 250; “tall” is not/),
  ).toBeVisible();
  await expect(page.getByLabel('stature, cm')).toHaveValue('tall');
  await page.getByRole('button', { name: 'Forget these' }).click();
  await expect(card).toContainText('on a body of 170 cm');
});

test('correspondences stand side by side by school, each with its source', async ({ page }) => {
  await page.goto('/atlas');
  const table = page.getByRole('region', { name: 'Table of correspondences' });
  await expect(table.getByRole('row').filter({ hasText: 'animal' })).toHaveCount(2);
  await expect(table.getByRole('row').filter({ hasText: 'sound of the yin organ' })).toHaveCount(3);
  await expect(table.getByRole('row').filter({ hasText: 'your custom' })).toHaveCount(3);
  for (const row of await table.getByRole('row').all()) await expect(row).not.toHaveText(/undefined/);
});

test('the figure of a form moves, steps, turns and shows what lies over it', async ({ page }) => {
  await page.goto('/forms/brocade-draw-the-bow');
  const figure = page.getByRole('img', { name: /Arrow keys turn the figure/ });
  const still = await figure.innerHTML();
  await page.getByRole('button', { name: 'Let it move' }).click();
  await expect.poll(() => figure.innerHTML()).not.toBe(still);
  await page.getByRole('button', { name: 'Hold still' }).click();
  const first = await figure.getAttribute('aria-label');
  await page.getByRole('button', { name: 'Stroke on' }).click();
  await expect(figure).not.toHaveAttribute('aria-label', first ?? '');
  const show = page.getByRole('group', { name: 'Show' });
  await show.getByRole('button', { name: 'centre of mass' }).click();
  await expect(figure.locator('.fig-mass')).toHaveCount(1);
  await show.getByRole('button', { name: 'weight on each foot' }).click();
  await expect(figure.locator('.fig-weight')).toHaveCount(2);
  await show.getByRole('button', { name: 'where the hands go' }).click();
  await expect(figure.locator('.fig-path')).toHaveCount(2);
  await show.getByRole('button', { name: 'channels and points' }).click();
  await expect.poll(() => figure.locator('.fig-channel').count()).toBeGreaterThan(2);
  await show.getByRole('button', { name: 'range against limit' }).click();
  await expect(page.getByRole('table', { name: /range against limit/ })).toContainText(/knee bent/);
  await figure.focus();
  const before = await figure.innerHTML();
  await page.keyboard.press('ArrowLeft');
  await expect.poll(() => figure.innerHTML()).not.toBe(before);
});

test('figures stand in Lead, on the cue sheet, in the rows and in the lanes of the score', async ({
  page,
}) => {
  await page.goto('/forms');
  await expect(page.locator('main svg.fig').first().locator('path').first()).toBeAttached();
  await page.goto('/sheet/before-the-rounds');
  await expect(page.locator('svg.fig path').first()).toBeAttached();
  await page.goto('/compose/before-the-rounds');
  await page.getByLabel('feet, height, arms').check();
  await expect(page.getByText('feet: left up, right down')).toBeVisible();
  await page.goto('/lead/before-the-rounds');
  await page.getByRole('button', { name: 'Start' }).click();
  const figure = page.locator('svg.fig');
  const first = await figure.innerHTML();
  await expect.poll(() => figure.innerHTML(), { timeout: 20_000 }).not.toBe(first);
});

test('the Atlas is gone through by keyboard alone', async ({ page }) => {
  await page.goto('/atlas?channel=HT');
  const reach = async (name: RegExp): Promise<void> => {
    for (let press = 0; press < 90; press += 1) {
      await page.keyboard.press('Tab');
      const text = await page.evaluate(
        () => document.activeElement?.getAttribute('aria-label') ?? document.activeElement?.textContent ?? '',
      );
      if (name.test(text)) return;
    }
    throw new Error(`no focus reached ${String(name)}`);
  };
  await reach(/KI\s*Kidney/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Kidney channel' })).toBeVisible();
  await reach(/Arrow keys turn the figure/);
  const figure = page.getByRole('img', { name: /Arrow keys turn the figure/ });
  const before = await figure.innerHTML();
  await page.keyboard.press('ArrowLeft');
  await expect.poll(() => figure.innerHTML()).not.toBe(before);
  await reach(/KI1\s*Yǒngquán/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('article', { name: 'KI1 Yǒngquán' })).toBeVisible();
  await reach(/^On to KI2$/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('article', { name: 'KI2 Rángǔ' })).toBeVisible();
});

test('on a narrow screen the figure, the card and the list stand one under the other', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/atlas?point=LI4');
  const figure = await page.getByRole('img', { name: /Arrow keys turn the figure/ }).boundingBox();
  const card = await page.getByRole('article', { name: 'LI4 Hégǔ' }).boundingBox();
  const walk = await page.getByRole('navigation', { name: /^Channels/ }).boundingBox();
  if (!figure || !card || !walk) throw new Error('expected all three');
  expect(card.y).toBeGreaterThan(figure.y + figure.height / 2);
  expect(walk.y).toBeGreaterThan(card.y + card.height);
  expect(figure.width).toBeGreaterThan(250);
  await expect(page.getByText('In pregnancy no strong pressing or knocking here.')).toBeVisible();
});

test('the selected form moves in the margin of Compose', async ({ page }) => {
  await page.goto('/compose/before-the-rounds');
  const figure = page.getByRole('figure').getByRole('img', { name: /Arrow keys turn the figure/ });
  await expect(figure).toBeVisible();
  const caption = page.getByRole('figure').locator('figcaption');
  const told = (await caption.textContent()) ?? '';
  await page.getByRole('button', { name: 'Stroke on' }).click();
  await expect(caption).not.toHaveText(told);
});
