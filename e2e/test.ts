import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { test as base } from '@playwright/test';
import { killed, spawnServer, untilUp } from './servers';

/** The first of the ports of the tests’ own servers, one for each worker; what a test starts has others. */
const FIRST_PORT = 3218;

/**
 * The test of these specs. Each worker has a server of its own, the production build with the sample data in a
 * fresh folder, so that what stands beside it changes nothing of it. And a page that is answered only once the
 * interface has taken hold of what the server sent, so that a press on a busy machine is never faster than the
 * script.
 */
export const test = base.extend<object, { readonly origin: string }>({
  origin: [
    async ({}, provide, { parallelIndex }) => {
      const port = FIRST_PORT + parallelIndex;
      const folder = mkdtempSync(path.join(tmpdir(), 'navuren-e2e-'));
      const server = spawnServer(folder, port, true, { NAVUREN_FIRST_SEED: '1' });
      await untilUp(server, port);
      await provide(`http://127.0.0.1:${port}`);
      await killed(server.process);
      rmSync(folder, { recursive: true, force: true });
    },
    { scope: 'worker', timeout: 120_000 },
  ],
  baseURL: ({ origin }, provide) => provide(origin),
  page: async ({ page }, provide) => {
    // What React caught, and put a page of its own in the place of: else a run that fails says only that it did.
    page.on('console', (message) => {
      if (message.type() === 'error' && /Error\b/.test(message.text()))
        console.log(`the page at ${page.url()}: ${message.text()}`);
    });
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
