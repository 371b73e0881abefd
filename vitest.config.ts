import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { defineConfig } from 'vitest/config';

const alias = { '@/': new URL('./', import.meta.url).pathname };

/** Keys of the tests never stand among those of an installation, and nothing of them stays. */
const keys = mkdtempSync(path.join(tmpdir(), 'loyal-coil-keys-'));
process.once('exit', () => rmSync(keys, { recursive: true, force: true }));

/** What a worker has imported serves every file it runs: importing the catalogue again cost more than most tests. */
const isolate = false;

/** Unit tests need nothing; database tests get the throw-away cluster that scripts/test.mjs starts. */
export default defineConfig({
  resolve: { alias },
  test: {
    // By its own reckoning it leaves a core idle, which on two cores is half the machine.
    maxWorkers: '100%',
    // Its meters are stand-ins.
    env: {
      LOYAL_COIL_POOL: '0',
      LOYAL_COIL_METERS: '127.0.0.1:*, no-such-meter.invalid:502',
      LOYAL_COIL_KEYS: keys,
    },
    projects: [
      {
        resolve: { alias },
        test: {
          name: 'unit',
          isolate,
          // The classes of a module under their own names.
          css: { include: /\.module\.css$/, modules: { classNameStrategy: 'non-scoped' } },
          include: [
            'core/**/*.test.ts',
            'ui/**/*.test.{ts,tsx}',
            'features/**/*.test.{ts,tsx}',
            'client/**/*.test.ts',
            'app/**/*.test.ts',
            'tests/**/*.test.ts',
          ],
          testTimeout: 60_000,
        },
      },
      {
        resolve: { alias },
        test: {
          name: 'database',
          isolate,
          include: ['data/**/*.test.ts', 'services/**/*.test.ts'],
          testTimeout: 60_000,
          hookTimeout: 60_000,
        },
      },
    ],
  },
});
