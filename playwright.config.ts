import { spawnSync } from 'node:child_process';
import { defineConfig } from '@playwright/test';

/** The tests have a port and a data folder of their own. */
const PORT = 3219;

function chromium(): string {
  if (process.env.NAVUREN_CHROMIUM) return process.env.NAVUREN_CHROMIUM;
  for (const name of ['chromium', 'chromium-browser']) {
    const found = spawnSync('sh', ['-c', `command -v ${name}`], { encoding: 'utf8' }).stdout.trim();
    if (found !== '') return found;
  }
  throw new Error(
    'Chromium is missing: run npm run setup -- --with-browser, or name one in NAVUREN_CHROMIUM.',
  );
}

export default defineConfig({
  testDir: 'e2e',
  workers: 1,
  timeout: 90_000,
  // A busy two-core machine may take its time; a check that fails after this has failed.
  expect: { timeout: 15_000 },
  forbidOnly: process.env.CI !== undefined,
  reporter: [['list']],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    // What a device keeps for itself has a test of its own (offline.spec.ts); elsewhere the server is what is tested.
    serviceWorkers: 'block',
    locale: 'en-GB',
    timezoneId: 'Europe/London',
    launchOptions: {
      executablePath: chromium(),
      args: ['--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--disable-background-networking'],
    },
  },
  webServer: {
    command: 'node scripts/e2e-server.mjs',
    url: `http://127.0.0.1:${PORT}/api/health`,
    timeout: 120_000,
    reuseExistingServer: false,
    env: { NAVUREN_PORT: String(PORT) },
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
  },
});
