import { defineConfig } from '@playwright/test';
import { chromiumArgs, chromiumPath } from './scripts/lib/browser.mjs';

/** The real interface in Debian's Chromium. scripts/test.mjs starts server and database and names them in the environment. */
export default defineConfig({
  testDir: 'e2e',
  // Each test begins with the demo as delivered, so no file need wait for itself.
  fullyParallel: true,
  workers: (process.env.LOYAL_COIL_URL ?? '').split(',').length,
  timeout: 90_000,
  expect: { timeout: 15_000 },
  reporter: [['line'], ['json', { outputFile: process.env.LOYAL_COIL_E2E_REPORT ?? 'test-results/e2e.json' }]],
  use: {
    actionTimeout: 15_000,
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: chromiumPath, args: chromiumArgs },
    trace: 'off',
  },
});
