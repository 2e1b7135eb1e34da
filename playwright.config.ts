import { spawnSync } from 'node:child_process';
import { defineConfig } from '@playwright/test';

/** A class that is led keeps time to a fraction of a second. */
const BY_THE_CLOCK = /(lead|lead-class|follow)\.spec\.ts$/;

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
  // Each has a server of its own (e2e/test.ts); the files are shared out between them.
  workers: 2,
  // What is measured against the clock has the machine to itself: `npm run e2e` runs one project after the other.
  projects: [
    { name: 'rooms', testIgnore: BY_THE_CLOCK },
    { name: 'classes', testMatch: BY_THE_CLOCK, workers: 1 },
  ],
  // A busy two-core machine may take its time; what fails after this has failed.
  timeout: 240_000,
  expect: { timeout: 30_000 },
  // Once more, on a server of its own again: on a machine that others share, one moment may be lost.
  retries: 1,
  forbidOnly: process.env.CI !== undefined,
  reporter: [['list']],
  use: {
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
});
