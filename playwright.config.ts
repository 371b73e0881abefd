import { defineConfig } from '@playwright/test';
import { chromiumArgs, chromiumPath } from './scripts/lib/browser.mjs';

/** The real interface in Debian's Chromium. scripts/test.mjs starts server and database and names them in the environment. */
export default defineConfig({
  testDir: 'e2e',
  // Each test begins with the demo as delivered, so no file need wait for itself.
  fullyParallel: true,
  workers: (process.env.LOYAL_COIL_URL ?? '').split(',').length,
  // The browsers and their servers share two cores: what is slow for that is no fault of the page.
  timeout: 150_000,
  expect: { timeout: 30_000 },
  reporter: [['line'], ['json', { outputFile: process.env.LOYAL_COIL_E2E_REPORT ?? 'test-results/e2e.json' }]],
  use: {
    actionTimeout: 30_000,
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: chromiumPath, args: chromiumArgs },
    trace: 'off',
  },
});
