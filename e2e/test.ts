import { test as base } from '@playwright/test';

/**
 * The test of these specs: a page that is answered only once the interface has taken hold of what
 * the server sent, so that a press on a busy machine is never faster than the script.
 */
export const test = base.extend({
  page: async ({ page }, provide) => {
    const goto = page.goto.bind(page);
    page.goto = async (url, options) => {
      const response = await goto(url, options);
      await page.waitForFunction(() =>
        [...document.querySelectorAll('main button, main input, main select, main textarea')].every(
          (element) => Object.keys(element).some((key) => key.startsWith('__reactProps')),
        ),
      );
      return response;
    };
    await provide(page);
  },
});
