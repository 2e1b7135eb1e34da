import { expect, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { test } from './test';
import { draftReady, expectAccessible, watchConsole } from './helpers';

const found = (page: Page) => page.getByRole('status').filter({ hasText: / of \d+ forms/ });
const count = async (page: Page): Promise<number> =>
  Number(/^(\d+)/.exec((await found(page).textContent()) ?? '')?.[1]);

/** A form of one's own by name, made through the interface; returns its id. */
async function writeForm(page: Page, name: string): Promise<string> {
  await page.goto('/forms/own/new');
  await page.getByLabel('Name of the form').fill(name);
  await page.getByRole('button', { name: 'Keep this form' }).click();
  await expect(page).toHaveURL(/\/forms\/own\/own-/);
  return new URL(page.url()).pathname.split('/').at(-1) ?? '';
}

test('the Forms room answers a question, shows what it understood, and lets it be changed by a press', async ({
  page,
}) => {
  const problems = watchConsole(page);
  await page.goto('/forms');
  const all = await count(page);
  expect(all).toBeGreaterThanOrEqual(150);
  await page
    .getByLabel('Ask for a form')
    .fill('what nourishes the Kidney, seated, without raising the arms, in four minutes?');
  await expect(
    page.getByText('nourishes · Kidney · seated · within 4 min · without raising the arms'),
  ).toBeVisible();
  const some = await count(page);
  expect(some).toBeGreaterThan(5);
  expect(some).toBeLessThan(all);
  const kidney = page.getByRole('button', { name: /^Kidney/ });
  await expect(kidney).toHaveAttribute('aria-pressed', 'true');
  await expect(kidney).toContainText(String(some));
  await kidney.click();
  await expect(kidney).toHaveAttribute('aria-pressed', 'false');
  expect(await count(page)).toBeGreaterThan(some);
  await expect(page.getByRole('button', { name: /^nourish/ })).toHaveAttribute('aria-pressed', 'true');
  // The whole repertoire, family by family, is out of the way while something is asked, and as it was afterwards.
  const family = page.getByRole('region', { name: 'joint loosening' });
  await expect(family).toHaveCount(0);
  await page.getByRole('button', { name: 'Ask anew' }).click();
  expect(await count(page)).toBe(all);
  await expect(family).toBeVisible();
  await expect(page.getByRole('list', { name: 'Forms found' })).toHaveCount(0);
  await page.getByLabel('Ask for a form').fill('yun shou');
  await expect(page.getByRole('link', { name: /Cloud hands/ })).toBeVisible();
  await page.getByLabel('Ask for a form').fill('blorp for stiff shoulders');
  await expect(page.getByText('Not understood, and left aside: “blorp”')).toBeVisible();
  await expect(page.getByText('loosens the shoulders', { exact: false })).toBeVisible();
  await page.getByLabel('Ask for a form').fill('large intestine, fire, level 3');
  await expect(page.getByText('No form answers to all of this')).toBeVisible();
  expect(problems).toEqual([]);
});

test('a form is asked for as one asks a colleague, and what only a smaller variant can do stands apart', async ({
  page,
}) => {
  await page.goto('/forms');
  const all = await count(page);
  for (const [question, told] of [
    ['reaches SP6', 'reaches SP6'],
    ['三阴交', 'reaches SP6'],
    ['stretches the Liver channel', 'stretches the Liver channel'],
    ['bad knees', 'with knee trouble'],
    ['high blood pressure', 'with high blood pressure'],
    ['stiff shoulders', 'loosens the shoulders'],
    ['something for insomnia', 'for sleep'],
  ] as const) {
    await page.getByLabel('Ask for a form').fill(question);
    await expect(page.getByText(told, { exact: false }).first()).toBeVisible();
    await expect.poll(() => count(page)).toBeLessThan(all);
    expect(await count(page)).toBeGreaterThan(0);
  }
  await page.getByLabel('Ask for a form').fill('bad knees');
  const apart = page.getByRole('region', { name: 'In a smaller variant' });
  await expect(apart.getByRole('listitem').first()).toBeVisible();
  await expect(apart.getByText(/; (smaller|seated)/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Ask anew' }).click();
  for (const label of ['without twisting', 'nothing vigorous', 'both feet down', 'without inward imagery']) {
    await page.getByRole('button', { name: new RegExp(`^${label}`) }).click();
    await expect.poll(() => count(page)).toBeLessThan(all);
    await page.getByRole('button', { name: 'Ask anew' }).click();
  }
});

test('rows fetch their figures when they come into sight and move on focus', async ({ page }) => {
  const asked: string[] = [];
  page.on('request', (request) => {
    if (request.url().includes('/api/forms?'))
      asked.push(...(new URL(request.url()).searchParams.get('ids') ?? '').split(','));
  });
  await page.goto('/forms');
  const row = page.getByRole('link', { name: /Standing in stillness/ });
  await expect(row.locator('path').first()).toBeAttached();
  const all = await count(page);
  expect(asked.length).toBeGreaterThan(3);
  expect(asked.length).toBeLessThan(all / 2);
  await row.focus();
  const shape = () => row.locator('g').first().innerHTML();
  const before = await shape();
  await expect.poll(shape).not.toBe(before);
});

test('a form’s page shows every variant of it, what it asks, and where schools differ', async ({ page }) => {
  await page.goto('/forms/brocade-hands-to-feet');
  await expect(page.getByText('6 of 8 in the eight brocades')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Where schools differ' })).toBeVisible();
  await expect(page.getByText('number 8')).toBeVisible();
  await expect(page.getByText('head below the heart', { exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'seated', exact: true }).click();
  await expect(page).toHaveURL(/variant=seated/);
  await expect(
    page.getByRole('listitem').filter({ hasText: 'Slide along the thighs to the knees.' }),
  ).toBeVisible();
  await expect(page.getByText('head below the heart', { exact: true })).toHaveCount(0);
});

test('two forms are held side by side', async ({ page }) => {
  await page.goto('/forms?q=bow+stance');
  await page
    .getByRole('button', { name: 'Hold Wood in the bow stance: reeds bend and spring beside another' })
    .click();
  await page
    .getByRole('button', { name: 'Hold Water in the bow stance: tide on the slipway beside another' })
    .click();
  await page.getByRole('link', { name: /Wood in the bow stance.*beside Water in the bow stance/ }).click();
  await expect(page).toHaveURL(/\/forms\/beside\?a=wave-wood&b=wave-water/);
  await expect(page.getByRole('region', { name: 'On the breath' }).getByRole('listitem')).toHaveCount(4);
  await page.goto('/forms/beside?a=wave-wood&b=gone');
  await expect(page.getByText('One of the two forms is not in the repertoire')).toBeVisible();
});

test('a form is written: posed on the figure and in words, mirrored, undone, kept over a reload, and kept', async ({
  page,
}) => {
  test.setTimeout(180_000);
  const problems = watchConsole(page);
  await page.goto('/forms/own/new');
  await page.getByLabel('Name of the form').fill('Heron at dusk');
  await page
    .getByLabel('Say the posture')
    .fill('hands before the chest, palms to the body; knees bent; whistle');
  await page.getByRole('button', { name: 'Set', exact: true }).click();
  await expect(page.getByText('Not understood: whistle.')).toBeVisible();
  await expect(page.getByLabel('Hand place')).toHaveValue('middle dantian');
  const grip = page.getByRole('button', { name: 'Lead the left hand' });
  const from = await grip.boundingBox();
  if (!from) throw new Error('expected a grip');
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(from.x + 30, from.y - 40, { steps: 5 });
  await page.mouse.up();
  await expect.poll(async () => (await grip.boundingBox())?.y).toBeLessThan(from.y - 20);
  const risen = await grip.boundingBox();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(async () => Math.abs(((await grip.boundingBox())?.y ?? 0) - from.y)).toBeLessThan(3);
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect
    .poll(async () => Math.abs(((await grip.boundingBox())?.y ?? 0) - (risen?.y ?? 0)))
    .toBeLessThan(3);
  await grip.focus();
  await page.keyboard.press('ArrowDown');
  await expect.poll(async () => (await grip.boundingBox())?.y).toBeGreaterThan((risen?.y ?? 0) + 1);

  await page.getByLabel('Cue of stroke 1').fill('Wings gather to the left.');
  await page.getByRole('button', { name: 'Repeat all on the other side' }).click();
  await expect(page.getByLabel('Cue of stroke 3')).toHaveValue('Wings gather to the right.');
  await page.getByRole('button', { name: 'Remove stroke 4' }).click();
  await expect(page.getByText('2 inhales and 1 exhales', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();

  // Half written is still written: an empty cue costs nothing else.
  await page.getByLabel('Cue of stroke 2').fill('');
  await page.reload();
  await expect(page.getByLabel('Name of the form')).toHaveValue('Heron at dusk');
  await expect(page.getByLabel('Cue of stroke 2')).toHaveValue('');
  await page.getByLabel('Cue of stroke 2').fill('Let it sink.');
  await expect(page.getByText('the draft this browser kept')).toBeVisible();
  await page.getByLabel('Points, by code').fill('LU1, ki3, XX9');
  await expect(page.getByText('No point code is called “XX9”.')).toBeVisible();
  await page.getByRole('button', { name: 'add a seated variant' }).click();
  await expect(page.getByLabel('Cue of stroke 1')).toHaveValue('Wings gather to the left.');
  await page.getByLabel('Name of the form').fill('');
  await page.getByRole('button', { name: 'Keep this form' }).click();
  await expect(page.getByRole('alert').filter({ hasText: /^name: / })).toBeVisible();
  await page.getByLabel('Name of the form').fill('Heron at dusk');
  await page.getByRole('button', { name: 'Keep this form' }).click();
  await expect(page).toHaveURL(/\/forms\/own\/own-heron-at-dusk-/);
  await expect(page.getByText('the draft this browser kept')).toHaveCount(0);
  await page.getByRole('link', { name: 'See its page' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Heron at dusk' })).toBeVisible();
  await page.goto('/forms?q=heron at dusk');
  await expect(page.getByText('my own')).toBeVisible();
  expect(problems).toEqual([]);
});

test('an own form is offered in Compose, and a practice keeps it as it was until the change is taken', async ({
  page,
}) => {
  test.setTimeout(180_000);
  const id = await writeForm(page, 'Quiet lantern');
  await page.goto('/compose?theme=organ.heart&minutes=8');
  await draftReady(page);
  await page.getByRole('button', { name: 'Add a form' }).click();
  await page.getByLabel('Search the forms').fill('quiet lantern');
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /Quiet lantern/ })
    .first()
    .click();
  await expect(page).toHaveURL(/\/compose\/[0-9a-f-]{36}$/);
  await expect(page.getByRole('status', { name: 'Saving' })).toHaveText(/Saved, version/);
  const practice = page.url();
  await page.goto(`/forms/own/${id}`);
  await page.getByLabel('Name of the form').fill('Bright lantern');
  await page.getByRole('button', { name: 'Keep this form' }).click();
  await expect(page.getByText('Bright lantern is kept.', { exact: true })).toBeAttached();
  await page.goto(practice);
  await draftReady(page);
  const changed = page.getByRole('region', { name: 'Forms changed since' });
  await expect(changed).toContainText('One form has changed since this practice was written');
  await expect(page.getByRole('button', { name: 'Move Quiet lantern', exact: true })).toBeVisible();
  await changed.getByRole('button', { name: 'Take the change' }).click();
  await expect(page.getByRole('button', { name: 'Move Bright lantern', exact: true })).toBeVisible();
  await expect(changed).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Move Quiet lantern', exact: true })).toBeVisible();
});

test('own words lie over a shipped form and can be taken away', async ({ page }) => {
  await page.goto('/forms/lifting-the-lake');
  await page.getByText('Say it in your own words').click();
  await page.getByLabel('Notes, for you alone').fill('Slower by the window.');
  await page.getByLabel('stroke, in').fill('Lift the harbour.');
  await page.getByRole('button', { name: 'Keep these words' }).click();
  await expect(page.getByRole('heading', { name: 'Your notes' })).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: 'Lift the harbour.' }).first()).toBeVisible();
  const file = page.waitForEvent('download');
  await page.getByRole('link', { name: 'As a file' }).click();
  const text = readFileSync(await (await file).path(), 'utf8');
  expect(text).toContain('Lift the harbour.');
  expect(text).not.toContain('Slower by the window.');
  await page.getByRole('button', { name: 'Back to the usual words' }).click();
  await expect(page.getByRole('heading', { name: 'Your notes' })).toHaveCount(0);
  await expect(page.getByRole('listitem').filter({ hasText: 'Lift the harbour.' })).toHaveCount(0);
});

test('forms are taken in from a file, and a broken file is refused with the field named', async ({
  page,
  request,
}) => {
  await page.goto('/forms');
  const bring = async (content: unknown) =>
    page.getByLabel('A file of forms').setInputFiles({
      name: 'mine.json',
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify(content)),
    });
  const file = (await (await request.get('/api/forms/cloud-hands/export')).json()) as {
    forms: Record<string, unknown>[];
  };
  await bring({ ...file, forms: [{ ...file.forms[0], level: 9 }] });
  await expect(page.getByRole('alert').filter({ hasText: 'forms[0].level' })).toBeVisible();
  await bring({ format: 'something.else' });
  await expect(page.getByRole('alert').filter({ hasText: 'navuren.forms' })).toBeVisible();
  const before = await count(page);
  await bring({ ...file, forms: [{ ...file.forms[0], name: 'Clouds from a friend' }] });
  await expect(page.getByText('Brought in: Clouds from a friend.', { exact: true })).toBeAttached();
  await expect.poll(() => count(page)).toBe(before + 1);
});

test('a form changed in two windows is never overwritten unseen, and goes into the bin', async ({
  page,
  context,
}) => {
  const id = await writeForm(page, 'Two windows');
  const other = await context.newPage();
  await other.goto(`/forms/own/${id}`);
  await page.getByLabel('Name of the form').fill('First window');
  await page.getByRole('button', { name: 'Keep this form' }).click();
  await expect(page.getByText('First window is kept.', { exact: true })).toBeAttached();
  await other.getByLabel('Name of the form').fill('Second window');
  await other.getByRole('button', { name: 'Keep this form' }).click();
  await expect(other.getByRole('alert').filter({ hasText: 'changed in another window' })).toBeVisible();
  await expect(other.getByLabel('Name of the form')).toHaveValue('Second window');
  await page.getByRole('button', { name: 'Into the bin' }).click();
  await expect(page).toHaveURL(/\/forms$/);
  await page.getByRole('button', { name: 'Bring back First window' }).click();
  await expect(page.getByRole('region', { name: 'In the bin' })).toHaveCount(0);
  await page.goto(`/forms/${id}`);
  await expect(page.getByRole('heading', { level: 1, name: 'First window' })).toBeVisible();
});

test('the editor passes the accessibility rules while a posture is set', async ({ page }) => {
  await page.goto('/forms/own/new?from=animal-bird-fly');
  await expect(page.getByRole('button', { name: 'Lead the pelvis' })).toBeVisible();
  await page.getByRole('button', { name: 'see it move' }).click();
  await expectAccessible(page);
});

test('a form done with somebody shows them, says what it needs, and each way says which points it reaches', async ({
  page,
}) => {
  await page.goto('/forms/pair-millstone');
  await expect(page.getByText(/With a partner: needs a partner/)).toBeVisible();
  await expect(page.locator('figure svg .fig-other').first()).toBeAttached();
  await page.goto('/forms/wall-palms');
  await expect(page.locator('figure svg .fig-wall').first()).toBeAttached();
  // Tapped from the front the shins are reached; upright only the thighs are.
  await page.goto('/forms/tap-legs-front');
  const margin = page.getByRole('complementary', { name: 'In the margin' });
  await expect(margin.getByText('ST36')).toBeVisible();
  await page.goto('/forms/tap-legs-front?variant=smaller');
  await expect(margin.getByText('ST31')).toBeVisible();
  await expect(margin.getByText('ST36')).toHaveCount(0);
});
