import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** Fails on any page error, and on anything the content policy refused. */
export function watchConsole(page: Page): readonly string[] {
  const problems: string[] = [];
  page.on('pageerror', (error) => problems.push(error.message));
  page.on('console', (message) => {
    if (message.type() === 'error' && /Content Security Policy|Hydration|hydrat/i.test(message.text()))
      problems.push(message.text());
  });
  return problems;
}

/** The strokes of the figures: thousands of shapes without words, which no rule speaks of. */
const STROKES = 'svg.fig > g, g.fig';

declare global {
  interface Window {
    strokesAside?: (readonly [Element, readonly ChildNode[]])[];
  }
}

/** So long nothing of the page has come or gone, ms, and it is taken to rest; and so long it is waited for at most, ms. */
const REST = { forMs: 400, atMostMs: 5000 };

/** Waits until a page that was just changed has been drawn: what React still puts in has to find its neighbours there. */
const atRest = (page: Page): Promise<void> =>
  page.evaluate(
    ({ forMs, atMostMs }) =>
      new Promise<void>((resolve) => {
        const done = (): void => {
          watch.disconnect();
          clearTimeout(rest);
          clearTimeout(end);
          resolve();
        };
        const watch = new MutationObserver(() => {
          clearTimeout(rest);
          rest = setTimeout(done, forMs);
        });
        let rest = setTimeout(done, forMs);
        const end = setTimeout(done, atMostMs);
        watch.observe(document.body, { childList: true, subtree: true });
      }),
    REST,
  );

/** Takes the strokes out of the page while it is looked at: left in, each would be gone through for nothing. */
const strokesOut = (page: Page): Promise<void> =>
  page.evaluate((strokes) => {
    const aside = [...document.querySelectorAll(strokes)].map(
      (group) => [group, [...group.childNodes]] as const,
    );
    for (const [group] of aside) group.replaceChildren();
    window.strokesAside = aside;
  }, STROKES);
const strokesBack = (page: Page): Promise<void> =>
  page.evaluate(() => {
    for (const [group, strokes] of window.strokesAside ?? []) group.replaceChildren(...strokes);
    delete window.strokesAside;
  });

async function expectNothingOf(page: Page, axe: AxeBuilder): Promise<void> {
  await atRest(page);
  await strokesOut(page);
  const { violations } = await axe.analyze();
  await strokesBack(page);
  expect(
    violations.map(
      (violation) => `${violation.id}: ${violation.nodes.map((node) => node.html.slice(0, 160)).join(' | ')}`,
    ),
  ).toEqual([]);
}

/**
 * No finding of the accessibility rules on the page as it stands, or on one part of it: behind an open dialog
 * lies what nobody can press, and half covered it would count as too small.
 */
export const expectAccessible = (page: Page, within = 'html'): Promise<void> =>
  expectNothingOf(
    page,
    new AxeBuilder({ page })
      .include(within)
      .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']),
  );

/** No finding of these rules alone. */
export const expectNoFinding = (page: Page, rules: readonly string[], within = 'html'): Promise<void> =>
  expectNothingOf(page, new AxeBuilder({ page }).include(within).withRules([...rules]));

/** In both lights: all of the rules in daylight, and in lamplight those that light can change, its contrasts. */
export async function expectAccessibleInBothLights(page: Page, within = 'html'): Promise<void> {
  await expectAccessible(page, within);
  await page.evaluate(() => (document.documentElement.dataset.light = 'lamp'));
  await expectNoFinding(page, ['color-contrast'], within);
  await page.evaluate(() => (document.documentElement.dataset.light = 'day'));
}

/** Waits until the first draft stands. */
export async function draftReady(page: Page): Promise<void> {
  await expect(page.getByRole('heading', { name: 'Running order' })).toBeVisible();
}

/** The length line, for example "20:00 of 20:00 min · on time". */
export const lengthLine = (page: Page) => page.getByRole('status', { name: 'Length' });

/** The names in the running order, top to bottom. */
export async function orderNames(page: Page): Promise<readonly string[]> {
  const names = await page
    .getByRole('button', { name: /^Remove / })
    .evaluateAll((buttons) => buttons.map((button) => button.getAttribute('aria-label') ?? ''));
  return names.map((name) => name.replace(/^Remove /, ''));
}

/** Waits until the running order has stood still for a while: a better draft may still be on its way. */
export async function settledOrder(page: Page): Promise<readonly string[]> {
  let before = await orderNames(page);
  for (let still = 0; still < 3;) {
    await page.waitForTimeout(700);
    const now = await orderNames(page);
    still = now.join() === before.join() ? still + 1 : 0;
    before = now;
  }
  return before;
}

/** Makes a short practice through the interface and returns its id. */
export async function keepPractice(page: Page, query: string): Promise<string> {
  await page.goto(`/compose?${query}`);
  await draftReady(page);
  await page
    .getByRole('button', { name: /^More: repetitions/ })
    .first()
    .click();
  await expect(page).toHaveURL(/\/compose\/[0-9a-f-]{36}$/);
  await expect(page.getByRole('status', { name: 'Saving' })).toHaveText(/Saved, version/);
  return new URL(page.url()).pathname.split('/').at(-1) ?? '';
}

/** How long the clock may leap, ms: on to the moment at which what is proposed is decided by itself, never over it. */
export async function leapOf(page: Page): Promise<number> {
  const [told = ''] = await page.getByText(/by itself in \d+ s/).allInnerTexts();
  const [, seconds] = /in (\d+) s/.exec(told) ?? [];
  return seconds === undefined ? 4000 : Math.min(4000, Math.max(300, Number(seconds) * 1000 - 700));
}
