import { expect } from '@playwright/test';
import { expectAccessible, watchConsole } from './helpers';
import { test } from './test';

/** Odo Merrywick of the sample, whom nobody has asked yet. */
const ODO = '/people/00000000-0000-4000-9000-000000000008';

test('how somebody is: tapped, counted, by a strap, touched on the body, kept and taken back', async ({
  page,
}) => {
  test.setTimeout(240_000);
  const problems = watchConsole(page);
  await page.goto(`${ODO}?note=apart`);
  const felt = page.getByRole('region', { name: 'Before and after' });
  // Nothing at all is not kept, and says so.
  await felt.getByRole('button', { name: 'Keep it' }).click();
  await expect(felt.getByRole('alert').first()).toContainText('any one of these is enough');
  const pulse = felt.getByRole('group', { name: 'Pulse' });
  // A beat every 800 ms on the page's own clock.
  const pad = pulse.getByRole('button', { name: /Tap with each beat/ });
  await pad.focus();
  for (let beat = 0; beat < 7; beat += 1) {
    await page.keyboard.press(' ');
    await page.waitForTimeout(760);
  }
  await expect(pulse.getByRole('status')).toHaveText(/7\d ± \d+ a minute/);
  await pulse.getByRole('button', { name: 'Take it' }).click();
  await expect(pulse.getByText(/7\d ± \d+ a minute/).first()).toBeVisible();
  const breath = felt.getByRole('group', { name: 'Breath' });
  await breath.getByLabel('15 s').check();
  await breath.getByLabel('Breath: counted in 15 seconds').fill('3');
  await expect(breath.getByText('12 ± 4 a minute')).toBeVisible();
  // The strap that ships, through the bytes of the profile.
  await felt.getByText('by a heart-rate strap').click();
  await felt.getByRole('button', { name: 'Put it on' }).click();
  await expect(felt.getByText(/\d+ now; \d+ ± \d+ a minute over the last ([5-9]|\d\d) s/)).toBeVisible({
    timeout: 40_000,
  });
  await felt.getByRole('button', { name: 'Take it', exact: true }).last().click();
  await expect(pulse.getByText(/6\d ± \d a minute|7\d ± \d a minute/).first()).toBeVisible();
  // Touched twice on the shoulder, once by the keyboard.
  const shoulder = felt
    .getByRole('group', { name: 'the body from the front' })
    .getByRole('button', { name: /^left shoulder/ });
  await shoulder.click();
  await shoulder.focus();
  await page.keyboard.press('Enter');
  await expect(shoulder).toHaveAccessibleName('left shoulder: much');
  await felt.getByRole('group', { name: 'Mood' }).getByLabel('light').check();
  await expectAccessible(page);
  await felt.getByRole('button', { name: 'Keep it' }).click();
  const kept = felt.getByRole('listitem').filter({ hasText: 'tense: left shoulder much' });
  await expect(kept).toContainText('breath 12 ± 4 a minute');
  await expect(kept).toContainText('mood light');
  await page.reload();
  await kept.getByRole('button', { name: /take back/ }).click();
  await expect(kept).toHaveCount(0);
  expect(problems).toEqual([]);
});

test('what changed is told with how often, drawn day by day, and as a table', async ({ page }) => {
  await page.goto('/people/00000000-0000-4000-9000-000000000005');
  const felt = page.getByRole('region', { name: 'Before and after' });
  await expect(felt.getByText(/^Pulse \(a minute\): middle .*, \d+ times\.$/).first()).toBeVisible();
  await expect(felt).not.toContainText(/because|thanks to|improve/);
  await felt.getByRole('button', { name: 'Draw it, day by day' }).click();
  await expect(felt.getByRole('img', { name: /^Pulse, a minute: before, after/ })).toBeVisible();
  await felt.getByText('Pulse as a table').click();
  await expect(felt.getByRole('table', { name: /Pulse/ }).getByRole('row').nth(1)).toContainText(/\d/);
  await page.setViewportSize({ width: 390, height: 844 });
  // A drawing follows the width of its page a moment later.
  await expect
    .poll(() => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth))
    .toBe(0);
});
