import { expect, type Page } from '@playwright/test';
import { expectAccessible, leapOf } from './helpers';
import { test } from './test';

/** Lets the clock of the class go on, and what it works out beside the page come back. */
async function pass(page: Page, ms: number): Promise<void> {
  // Longer stretches by a leap, the last of it frame by frame.
  if (ms > 2000) await page.clock.fastForward(ms - 400);
  await page.clock.runFor(ms > 2000 ? 400 : ms);
  await page.waitForTimeout(50);
  await page.clock.runFor(100);
}

const proposal = (page: Page) => page.getByRole('region', { name: 'To end on time' });
const timer = (page: Page) => page.getByRole('timer', { name: 'Time left' });
/** Seconds left, as Lead shows them. */
async function secondsLeft(page: Page): Promise<number> {
  const [, minutes = '', seconds = ''] = /(\d+):(\d\d)/.exec((await timer(page).textContent()) ?? '') ?? [];
  return Number(minutes) * 60 + Number(seconds);
}

async function begin(page: Page): Promise<void> {
  await page.clock.install({ time: new Date('2026-11-30T18:00:00Z') });
  await page.goto('/lead/before-the-rounds');
  await pass(page, 300);
}

/** Opens what is pressed seldom. */
async function more(page: Page): Promise<void> {
  // What is pressed may have faded: it returns at a touch.
  await page.mouse.move(300, 200);
  await page.mouse.move(310, 210);
  await page.getByRole('button', { name: 'More', exact: true }).click();
}

/** To the end of a class, by leaps; what is proposed on the way is decided by itself. */
async function toTheEnd(page: Page): Promise<void> {
  const done = page.getByRole('heading', { name: /It is done|Ended/ });
  for (let leap = 0; leap < 400 && !(await done.isVisible()); leap += 1) {
    await page.clock.fastForward(await leapOf(page));
    await page.waitForTimeout(30);
  }
  await expect(done).toBeVisible();
}

test('a class that was held up ends on time all the same: what would change is shown, and done when it must be', async ({
  page,
}) => {
  test.setTimeout(360_000);
  await begin(page);
  await page.getByRole('button', { name: 'Start' }).click();
  await pass(page, 90_000);
  await expect(timer(page)).toContainText('on time');
  await page.keyboard.press(' ');
  await pass(page, 70_000);
  // And what the test itself takes, in which the clock goes on.
  await expect(timer(page)).toContainText(/1:1\d over/);
  // While it stands nothing is proposed; it may go on standing.
  await expect(proposal(page)).toHaveCount(0);
  await page.keyboard.press(' ');
  await pass(page, 300);
  await expect(proposal(page)).toContainText('To end on time');
  await expect(proposal(page)).toContainText(/−\d|out/);
  await expectAccessible(page);
  await toTheEnd(page);
  await expect(page.getByText(/it ended on time/)).toBeVisible();
  // The log tells it as it happened, and not the plan as if it had.
  await expect(page.getByText('The class is in the log.')).toBeVisible();
  // It is seen at once, with what the next draft does otherwise, and a line to write.
  await expect(page.getByRole('img', { name: /^Planned 12:00 min, real/ })).toBeVisible();
  await expect(page.getByTestId('what-next')).toContainText(/The next draft: .*\. It looks first beyond/);
  await page.getByLabel('a line to remember it by').fill('Wind at the window; they liked the well.');
  await page.getByLabel('led by').fill('M. Q.');
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText('It is in the log.', { exact: true })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'To the log' }).click();
  const entry = page.getByRole('listitem').filter({ hasText: 'Wind at the window' }).first();
  await entry.locator('summary').click();
  const happened = entry.getByRole('region', { name: 'What happened' });
  // Seventy seconds and what the test itself took, which the clock goes on in.
  await expect(happened).toContainText(/stood still, 1:1\d min/);
  await expect(happened).toContainText('fitted to the end');
  await expect(entry).toContainText('planned)');
  await expect(entry).toContainText('Wind at the window; they liked the well.');
  await expect(entry.getByLabel('led by')).toHaveValue('M. Q.');
  await expect(entry.getByText(/stood still 1:1\d min/)).toBeVisible();
});

test('what is proposed can be steered, refused, done at once and taken back', async ({ page }) => {
  test.setTimeout(240_000);
  await begin(page);
  await page.getByRole('button', { name: 'Start' }).click();
  await pass(page, 20_000);
  await page.keyboard.press(' ');
  await pass(page, 60_000);
  await page.keyboard.press(' ');
  await pass(page, 300);
  const first = proposal(page)
    .getByRole('button', { name: /keep it$/ })
    .first();
  const kept = (await first.getAttribute('aria-label')) ?? '';
  await first.click();
  await pass(page, 300);
  await expect(proposal(page)).toContainText('To end on time');
  await expect(proposal(page).getByRole('button', { name: kept, exact: true })).toHaveCount(0);
  const before = await secondsLeft(page);
  await proposal(page).getByRole('button', { name: 'Do so' }).click();
  await pass(page, 300);
  await expect(timer(page)).toContainText('on time');
  expect(before - (await secondsLeft(page))).toBeGreaterThanOrEqual(58);
  await more(page);
  await page.getByRole('button', { name: 'Take it back' }).click();
  await pass(page, 300);
  await expect(timer(page)).toContainText('1:00 over');
  await proposal(page).getByRole('button', { name: 'Leave it' }).click();
  await pass(page, 300);
  await expect(proposal(page)).toHaveCount(0);
  await expect(timer(page)).toContainText('1:00 over');
  // Anything else that happens asks anew; it may also be let run over.
  await page.keyboard.press('ArrowUp');
  await pass(page, 300);
  await proposal(page).getByRole('button', { name: 'Let it run over' }).click();
  await pass(page, 300);
  await expect(timer(page)).toContainText('on time');
});

test('a class that must end at a time of day knows when it begins late; a reload finds it where it is', async ({
  page,
}) => {
  test.setTimeout(240_000);
  await begin(page);
  await page.getByLabel('ends').selectOption('at a time of day');
  const end = await page.evaluate(() => {
    const at = new Date(Date.now() + 11 * 60_000);
    return `${String(at.getHours()).padStart(2, '0')}:${String(at.getMinutes()).padStart(2, '0')}`;
  });
  await page.getByLabel('at', { exact: true }).fill(end);
  await pass(page, 20_000);
  await page.getByRole('button', { name: 'Start' }).click();
  await pass(page, 300);
  await expect(timer(page)).toContainText(/1:2\d over/);
  await proposal(page).getByRole('button', { name: 'Do so' }).click();
  await pass(page, 300);
  await expect(timer(page)).toContainText('on time');
  const left = await secondsLeft(page);
  await page.reload();
  await pass(page, 2000);
  await expect(timer(page)).toContainText('on time');
  expect(left - (await secondsLeft(page))).toBeLessThan(8);
  // A pause the end waits for changes nothing.
  await more(page);
  await page.getByRole('button', { name: 'Let the end wait' }).click();
  await pass(page, 120_000);
  await expect(timer(page)).toContainText('on time');
  await page.keyboard.press(' ');
  await pass(page, 300);
  await expect(timer(page)).toContainText('on time');
});

test('the words are said by the browser’s voice, where it has one', async ({ page }) => {
  // A stand-in for the browser's voice: what it is given to say.
  await page.addInitScript(() => {
    const said: string[] = [];
    Object.assign(window, { said });
    const voices = [{ lang: 'en-GB', localService: true, name: 'stand-in' }];
    const listeners = new EventTarget();
    Object.defineProperty(window, 'speechSynthesis', {
      value: {
        getVoices: () => voices,
        speak: ({ text }: { text: string }) => said.push(text),
        cancel: () => undefined,
        addEventListener: listeners.addEventListener.bind(listeners),
        removeEventListener: listeners.removeEventListener.bind(listeners),
      },
    });
    Object.defineProperty(window, 'SpeechSynthesisUtterance', {
      value: class {
        readonly text: string;
        constructor(text: string) {
          this.text = text;
        }
      },
    });
  });
  await begin(page);
  const said = () => page.evaluate(() => (window as unknown as { said: string[] }).said);
  await more(page);
  await page.getByRole('button', { name: 'Voice', exact: true }).click();
  await page.getByRole('button', { name: 'Start' }).click();
  await pass(page, 500);
  expect((await said())[0]).toContain('Standing in stillness');
  await page.getByRole('button', { name: 'Voice', exact: true }).click();
  const before = (await said()).length;
  await pass(page, 30_000);
  expect((await said()).length).toBe(before);
});

test('a browser without a voice says so', async ({ page }) => {
  await page.addInitScript(() => {
    Object.defineProperty(window, 'speechSynthesis', { value: undefined });
  });
  await begin(page);
  await more(page);
  await page.getByRole('button', { name: 'Voice', exact: true }).click();
  await expect(page.getByText('This browser has no English voice installed.')).toBeVisible();
});

test('the hall’s screen follows the teacher’s, shows nothing private, and does nothing to the class', async ({
  page,
  context,
}) => {
  test.setTimeout(120_000);
  await page.goto('/lead/before-the-rounds');
  const hall = await context.newPage();
  await hall.goto('/lead/before-the-rounds/hall');
  const now = hall.getByTestId('hall-now');
  await expect(now).toHaveText('We begin soon.');
  // What holds for everyone is said to everyone.
  await expect(hall.getByTestId('hall-care')).toContainText('Stop on pain');
  await page.getByRole('button', { name: 'Start' }).click();
  await expect(now).not.toHaveText('We begin soon.');
  const heading = page.getByRole('heading', { level: 1 });
  await page.getByRole('button', { name: 'Forward' }).click();
  await page.getByRole('button', { name: 'Forward' }).click();
  const name = ((await heading.textContent()) ?? '').split('·')[1]?.trim() ?? '';
  await expect(hall.getByRole('heading', { level: 1 })).toContainText(name);
  await page.getByRole('button', { name: 'Pause' }).click();
  const stood = await now.textContent();
  // Keys in the hall mean nothing to the class.
  await hall.bringToFront();
  for (const key of [' ', 'PageDown', 'ArrowUp', 'Escape']) await hall.keyboard.press(key);
  await expect(now).toHaveText(stood ?? '');
  await expect(hall.getByText(/over|on time|min left|letter carriers/)).toHaveCount(0);
  await expect(hall.getByText(/clinician|avoid/i)).toHaveCount(0);
  const size = await now.evaluate(
    (element) => Number.parseFloat(getComputedStyle(element).fontSize) / window.innerHeight,
  );
  expect(size).toBeGreaterThanOrEqual(0.07);
  await page.bringToFront();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'End it' }).click();
  await expect(now).toHaveText('It is done.');
  // Nothing to scroll to, on the wall or held in a hand.
  for (const [width, height] of [
    [1280, 800],
    [1920, 1080],
    [390, 844],
    [844, 390],
  ] as const) {
    await hall.setViewportSize({ width, height });
    const over = await hall.evaluate(() => document.documentElement.scrollHeight - window.innerHeight);
    expect([width, height, over > 1]).toEqual([width, height, false]);
  }
});
