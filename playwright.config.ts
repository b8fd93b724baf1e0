import os from 'node:os';
import { defineConfig } from '@playwright/test';
import { launchOptions } from './scripts/chromium.mjs';

export default defineConfig({
  testDir: 'e2e',
  // Each test has a house and a server of its own; one more than cores, since each waits now and then for the other side.
  workers: os.availableParallelism() + 1,
  fullyParallel: true,
  reporter: [['list']],
  globalSetup: './e2e/globalSetup.ts',
  // As for the unit tests (jest.quiet.cjs): told as flaky at the end.
  retries: 1,
  // A busy machine is slow, not wrong (see jest.config.js).
  timeout: 300_000,
  expect: { timeout: 45_000 },
  use: {
    // What is never there is said soon, by its name.
    actionTimeout: 60_000,
    // Each page as the house gives it; what is kept without the house has a test of its own.
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'UTC',
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: launchOptions(),
  },
});
