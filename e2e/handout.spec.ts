import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { unzipSync } from 'fflate';
import { expect, type Page } from '@playwright/test';
import { test } from './test';

const TERM = '/term/00000000-0000-4000-a000-000000000001';
const folder = mkdtempSync(path.join(tmpdir(), 'navuren-handout-'));
test.afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** Presses, and keeps what comes as a file. */
async function saved(
  page: Page,
  press: () => Promise<void>,
): Promise<{ readonly file: string; readonly name: string }> {
  const [download] = await Promise.all([page.waitForEvent('download'), press()]);
  const file = path.join(folder, download.suggestedFilename());
  await download.saveAs(file);
  return { file, name: download.suggestedFilename() };
}

test('a practice is handed out as it is shown: paper, captions, words, tables', async ({ page }) => {
  await page.goto('/sheet/before-the-rounds');
  await page.getByRole('link', { name: 'Hand out' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Before the rounds');
  await expect(page.getByTitle('Cue sheet of Before the rounds')).toBeVisible();
  const keep = page.getByRole('link', { name: 'Save it' });
  const sheet = await saved(page, () => keep.click());
  expect(sheet.name).toBe('before-the-rounds.sheet.pdf');
  expect(readFileSync(sheet.file).subarray(0, 8).toString()).toBe('%PDF-1.7');
  await page.getByRole('radio', { name: /^Captions/ }).check();
  const shown = page.getByLabel('What the file says');
  await expect(shown).toContainText('WEBVTT Before the rounds');
  await page.getByLabel('Count the breaths where nothing is said').check();
  await expect(shown).toContainText(/out \d of \d/);
  const captions = await saved(page, () => keep.click());
  expect(readFileSync(captions.file, 'utf8')).toBe(await shown.textContent());
  // One comes back to what was shown.
  await page.reload();
  await expect(page.getByRole('radio', { name: /^Captions/ })).toBeChecked();
  // Whose it is stands on it where that is wished, and only then.
  await page.getByRole('radio', { name: /^Plain text/ }).check();
  await expect(shown).toContainText('To be handed on');
  await expect(shown).not.toContainText('letter carriers');
  await page.getByLabel(/Write the name of the group/).check();
  await expect(shown).toContainText('letter carriers');
  await page.getByRole('radio', { name: 'for yourself' }).check();
  await expect(shown).toContainText('For the teacher alone');
});

test('a page that moves works from a file with no network, and prints', async ({ page, context }) => {
  await page.goto('/handout/practice/fog-off-the-quay?as=moving');
  const made = await saved(page, () => page.getByRole('link', { name: 'Save it' }).click());
  await context.setOffline(true);
  const alone = await context.newPage();
  const asked: string[] = [];
  const problems: string[] = [];
  alone.on('request', (request) => asked.push(request.url()));
  alone.on('console', (message) => message.type() === 'error' && problems.push(message.text()));
  alone.on('pageerror', (error) => problems.push(error.message));
  const address = pathToFileURL(made.file).href;
  await alone.goto(address);
  const figure = alone.locator('#stage');
  const before = await figure.innerHTML();
  expect(before.length).toBeGreaterThan(2000);
  await alone.locator('[data-go]').nth(2).click();
  await alone.getByRole('button', { name: 'Begin' }).click();
  await expect.poll(() => figure.innerHTML()).not.toBe(before);
  await expect(alone.locator('#breath')).not.toBeEmpty();
  await alone.getByRole('button', { name: 'Hold still' }).click();
  await alone.getByRole('button', { name: 'As in a mirror' }).click();
  await expect(alone.getByRole('button', { name: 'As in a mirror' })).toHaveAttribute(
    'aria-pressed',
    'false',
  );
  await alone.getByRole('button', { name: 'Lamplight' }).click();
  await expect(alone.locator('html')).toHaveAttribute('data-light', 'lamp');
  await alone.reload();
  await expect(alone.locator('html')).toHaveAttribute('data-light', 'lamp');
  await alone.emulateMedia({ media: 'print' });
  await expect(alone.locator('#top')).toBeHidden();
  await expect(alone.getByText('Stop on pain, dizziness')).toBeVisible();
  for (const width of [1280, 390]) {
    await alone.emulateMedia({ media: 'screen' });
    await alone.setViewportSize({ width, height: 844 });
    expect(await alone.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBe(0);
  }
  expect(asked.filter((url) => !url.startsWith('file:') && !url.startsWith('data:'))).toEqual([]);
  expect(problems).toEqual([]);
  await context.setOffline(false);
});

test('a breath track and a word processor’s file are made here, and a picture is drawn as PNG', async ({
  page,
}) => {
  await page.goto('/handout/practice/fog-off-the-quay?as=sound');
  await page.getByRole('button', { name: 'Make it' }).click();
  await expect(page.getByLabel('Breath track of Fog off the quay')).toBeVisible({ timeout: 30_000 });
  const track = readFileSync(
    (await saved(page, () => page.getByRole('link', { name: 'Save it' }).click())).file,
  );
  expect(track.subarray(0, 4).toString()).toBe('RIFF');
  expect(track.readUInt32LE(4)).toBe(track.length - 8);
  await page.getByRole('radio', { name: /^Word processor/ }).check();
  await page.getByRole('button', { name: 'Make it' }).click();
  // Its pages are shown as another reader of such files sees them: the file is what is looked at.
  const pages = page.getByRole('group', { name: 'Word processor of Fog off the quay' });
  await expect(pages.getByText('Fog off the quay').first()).toBeVisible();
  await expect(pages.locator('img').nth(5)).toHaveJSProperty('complete', true);
  expect(
    await pages
      .locator('section.docx')
      .first()
      .evaluate((leaf) => [getComputedStyle(leaf).backgroundColor, leaf.getBoundingClientRect().width > 300]),
  ).toEqual(['rgb(255, 255, 255)', true]);
  const word = await saved(page, () => page.getByRole('link', { name: 'Save it' }).click());
  const parts = unzipSync(new Uint8Array(readFileSync(word.file)));
  const xml = Buffer.from(parts['word/document.xml'] ?? []).toString();
  const sound = await page.evaluate(
    (text) =>
      new DOMParser().parseFromString(text, 'application/xml').querySelector('parsererror')?.textContent ??
      '',
    xml,
  );
  expect(sound).toBe('');
  const drawn = Object.entries(parts).filter(([name]) => /media\/.*\.png$/.test(name));
  expect(drawn.length).toBeGreaterThan(5);
  for (const [, bytes] of drawn) expect(bytes.length).toBeGreaterThan(3000);
  await page.goto('/handout/form/cloud-hands?as=form-sheet');
  await expect(page.getByRole('img', { name: 'Form sheet of Cloud hands' })).toBeVisible();
  await page.getByLabel('Light').selectOption('lamp');
  const png = readFileSync(
    (await saved(page, () => page.getByRole('button', { name: 'Save as PNG' }).click())).file,
  );
  expect(png.subarray(1, 4).toString()).toBe('PNG');
  expect(png.readUInt32BE(16)).toBe(1200);
});

test('a calendar of days off and of the hall becomes free and busy in the term', async ({ page }) => {
  await page.goto(TERM);
  const file = path.join(folder, 'hall.ics');
  const event = (...lines: readonly string[]) => [
    'BEGIN:VEVENT',
    `UID:${lines.join('')}`,
    ...lines,
    'END:VEVENT',
  ];
  writeFileSync(
    file,
    [
      'BEGIN:VCALENDAR',
      'VERSION:2.0',
      ...event('DTSTART;VALUE=DATE:20261224', 'DTEND;VALUE=DATE:20261227', 'SUMMARY:The fair'),
      ...event('DTSTART:20261217T190000Z', 'DTEND:20261217T210000Z', 'SUMMARY:Jumble sale'),
      ...event('DTSTART:20261218T100000Z', 'DTEND:20261218T110000Z', 'SUMMARY:Tea'),
      'END:VCALENDAR',
    ].join('\r\n'),
  );
  const fields = page.getByRole('group', { name: 'Left out' });
  await page.getByText('When it is, what it is for, what is learnt').click();
  await page.getByLabel('A calendar file').setInputFiles(file);
  await expect(page.getByRole('checkbox', { name: /Jumble sale/ })).toBeChecked();
  await expect(page.getByRole('checkbox', { name: /Tea.*meets no class/ })).not.toBeChecked();
  await page.getByRole('button', { name: 'Leave these days out' }).click();
  await expect(fields.locator('input[value="Jumble sale"]')).toBeVisible();
  writeFileSync(file, 'no calendar');
  await page.getByLabel('A calendar file').setInputFiles(file);
  await expect(page.getByRole('alert').filter({ hasText: 'not a calendar file' })).toBeVisible();
});

test('everything is saved in one file, looked over, and brought in again; a damaged one is refused', async ({
  page,
}) => {
  await page.goto('/everything');
  const whole = await saved(page, () => page.getByRole('link', { name: 'Save everything' }).click());
  expect(whole.name).toMatch(/^navuren-everything-\d{4}-\d{2}-\d{2}\.zip$/);
  await expect(page.getByText(/^navuren-everything-.* is whole, \d+ kB\.$/).first()).toBeVisible();
  const file = page.getByLabel('A file of everything');
  await file.setInputFiles(whole.file);
  const plan = page.getByRole('region', { name: 'What would be brought in' });
  await expect(plan).toContainText('All of it is here already');
  await plan.getByRole('button', { name: 'Leave it' }).click();
  // Something is otherwise since: the file's becomes a later version of it.
  await page.goto('/compose/eight-pieces-at-home');
  const called = page.getByLabel('Name of the practice');
  await called.fill('Nine pieces at home');
  await expect(page.getByRole('status', { name: 'Saving' })).toHaveText(/Saved, version/);
  await page.goto('/everything');
  await page.getByLabel('A file of everything').setInputFiles(whole.file);
  const practices = plan.getByRole('row').filter({ hasText: 'Practices with their versions' });
  await expect(practices.getByRole('cell')).toHaveText(['0', '1', /\d+/]);
  await plan.getByRole('button', { name: 'Bring it in' }).click();
  await expect(page.getByText(/0 things added, 1 changed/).first()).toBeVisible();
  await expect(page.getByText('before the last bringing in').first()).toBeVisible();
  await page.goto('/compose/eight-pieces-at-home');
  await expect(called).toHaveValue('Eight pieces at home');
  const damaged = path.join(folder, 'damaged.zip');
  const bytes = readFileSync(whole.file);
  bytes[Math.floor(bytes.length / 2)] = (bytes[Math.floor(bytes.length / 2)] ?? 0) ^ 0xff;
  writeFileSync(damaged, bytes);
  await page.goto('/everything');
  await page.getByLabel('A file of everything').setInputFiles(damaged);
  await expect(page.getByRole('alert').filter({ hasText: 'Nothing was changed' })).toBeVisible();
  // Under the veil none of it is shown or given.
  await page.goto('/everything');
  const veil = page.getByRole('button', { name: 'Veil: show nothing private' });
  await veil.click();
  await expect(page.getByRole('link', { name: 'Save everything' })).toHaveCount(0);
  expect((await page.request.get('/api/everything')).status()).toBe(403);
  await veil.click();
  await expect(page.getByRole('link', { name: 'Save everything' })).toBeVisible();
});

test('saving everything tells how far it is, can be stopped, and never keeps a part as the whole', async ({
  page,
}) => {
  await page.goto('/everything');
  const press = page.getByRole('link', { name: 'Save everything' });
  let kept = 0;
  page.on('download', () => (kept += 1));
  // A server that gives a part and then waits; and one that breaks off.
  await page.evaluate(() => {
    const asked = window.fetch.bind(window);
    const state = window as unknown as { breaks?: boolean };
    window.fetch = (input, init) =>
      input === '/api/everything'
        ? Promise.resolve(
            new Response(
              new ReadableStream<Uint8Array>({
                start: (piece) => {
                  piece.enqueue(new Uint8Array(4_200_000));
                  if (state.breaks) piece.error(new TypeError('gone'));
                  init?.signal?.addEventListener('abort', () =>
                    piece.error(new DOMException('', 'AbortError')),
                  );
                },
              }),
              { headers: { 'content-type': 'application/zip' } },
            ),
          )
        : asked(input, init);
  });
  await press.click();
  await expect(page.getByText(/4\.2 MB so far/)).toBeVisible();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByText(/so far/)).toHaveCount(0);
  await expect(page.getByRole('alert').filter({ hasText: 'Nothing was saved' })).toHaveCount(0);
  await page.evaluate(() => ((window as unknown as { breaks?: boolean }).breaks = true));
  await press.click();
  await expect(page.getByRole('alert').filter({ hasText: 'Nothing was saved' })).toHaveText(
    'Nothing was saved. The server could not be reached to the end.',
  );
  expect(kept).toBe(0);
});

test('homework is handed out for one person: unnamed, with what they mind, as a series in the calendar', async ({
  page,
}) => {
  const person = '00000000-0000-4000-9000-000000000005';
  const given = await page.request.post(`/api/people/${person}/homework`, {
    data: {
      theme: { kind: 'organ', organ: 'kidney' },
      minutes: 8,
      daysAWeek: 5,
      weeks: 4,
      first: '2026-12-01',
      posture: 'standing',
    },
  });
  expect(given.status()).toBe(201);
  await page.goto(`/people/${person}`);
  const name = (await page.getByRole('heading', { level: 1 }).textContent()) ?? '?';
  await page
    .getByRole('link', { name: /^hand out/ })
    .first()
    .click();
  await expect(page.getByTitle(/^Homework sheet of/)).toBeVisible();
  await page.getByRole('radio', { name: /^Calendar/ }).check();
  const shown = page.getByLabel('What the file says');
  await expect(shown).toContainText('RRULE:FREQ=WEEKLY');
  await expect(shown).toContainText('at home');
  await expect(shown).not.toContainText(name);
  await page.getByLabel('Reminder').selectOption('30');
  await expect(shown).toContainText('TRIGGER:-PT30M');
  // The page that moves keeps what is ticked on the device it is opened on.
  await page.getByRole('radio', { name: /^Page that moves/ }).check();
  const moving = await saved(page, () => page.getByRole('link', { name: 'Save it' }).click());
  const alone = await page.context().newPage();
  await alone.goto(pathToFileURL(moving.file).href);
  await expect(alone.getByText('5 days a week for 4 weeks').first()).toBeVisible();
  await expect(alone.locator('body')).not.toContainText(name);
  await alone.getByLabel('done on 2026-12-02').check();
  await alone.reload();
  await expect(alone.getByLabel('done on 2026-12-02')).toBeChecked();
  await expect(alone.getByLabel('done on 2026-12-03')).not.toBeChecked();
  await alone.close();
  // Under the veil nothing of one person is handed out.
  const address = page.url();
  await page.getByRole('button', { name: 'Veil: show nothing private' }).click();
  await expect(page.getByRole('radio', { name: /^Calendar/ })).toHaveCount(0);
  expect((await page.request.get(new URL(address).pathname)).ok()).toBe(true);
  const veiled = address.replace('/handout/', '/api/handout/').replace('as=moving', 'as=calendar');
  expect((await page.request.get(veiled)).status()).toBe(403);
  await page.getByRole('button', { name: 'Veil: show nothing private' }).click();
});

test('a running order is opened from a table', async ({ page }) => {
  const file = path.join(folder, 'order.csv');
  writeFileSync(file, 'section;form;times\r\nLoosen;Ankle circles;4\r\nNourish;Cloud hands;6\r\n');
  await page.goto('/compose/before-the-rounds');
  await page.getByRole('button', { name: 'More …' }).click();
  await page.getByRole('menuitem', { name: 'A running order from elsewhere' }).click();
  await page.getByLabel('Open a file').setInputFiles(file);
  await expect(page.getByRole('list', { name: 'Lines read' })).toContainText('Cloud hands');
});
