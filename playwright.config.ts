import fs from 'node:fs';
import path from 'node:path';
import { defineConfig } from '@playwright/test';

const chromium =
  process.env.CHROMIUM ??
  (process.env.PATH ?? '')
    .split(path.delimiter)
    .map((folder) => path.join(folder, 'chromium'))
    .find((file) => fs.existsSync(file));

export default defineConfig({
  testDir: 'e2e',
  // Each test has a house and a server of its own; two cores are what a small machine has.
  workers: 2,
  fullyParallel: true,
  reporter: [['list']],
  globalSetup: './e2e/globalSetup.ts',
  // A busy machine is slow, not wrong (see jest.config.js).
  timeout: 900_000,
  expect: { timeout: 45_000 },
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'UTC',
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath: chromium,
      chromiumSandbox: false,
      args: [
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--disable-domain-reliability',
        '--host-resolver-rules=MAP * ~NOTFOUND , EXCLUDE 127.0.0.1 , EXCLUDE localhost',
      ],
    },
  },
});
