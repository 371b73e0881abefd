/**
 * Each worker of the browser tests has a server and a database of its own, so that two may walk at once, and each test begins with the
 * demo as it was delivered.
 */
import { expect, test as base } from '@playwright/test';
import { deliveredDemo } from './delivered';

const listed = (name: string): string[] => (process.env[name] ?? '').split(',').filter(Boolean);
const addresses = listed('LOYAL_COIL_URL');
/** Without their databases, against a demo that runs by itself, nothing is put back. */
const databases = listed('LOYAL_COIL_E2E_DATABASES');
const keys = listed('LOYAL_COIL_E2E_KEYS');

type Demo = Awaited<ReturnType<typeof deliveredDemo>>;

export const test = base.extend<{ fresh: void }, { demo: Demo | undefined }>({
  baseURL: async ({}, use, info) => use(addresses[info.parallelIndex] ?? 'http://127.0.0.1:3100'),
  demo: [
    async ({}, use, info) => {
      const url = databases[info.parallelIndex];
      const demo = url ? await deliveredDemo(url, keys[info.parallelIndex]) : undefined;
      await use(demo);
      await demo?.close();
    },
    { scope: 'worker' },
  ],
  // Every page and request of a test is that of an electrician of the demo's crew, signed in anew.
  storageState: async ({ demo, baseURL, playwright }, use) => {
    await demo?.restore();
    const door = await playwright.request.newContext({ baseURL });
    await door.post('/api/v1/session/demo', { data: { personId: 'demo-orla' } });
    const state = await door.storageState();
    await door.dispose();
    await use(state);
  },
  fresh: [
    async ({ context }, use) => {
      // A script, style or picture that the page's own policy refuses is a fault wherever it happens.
      const refused: string[] = [];
      context.on('console', (message) => {
        // That nobody frames us is what the policy is for.
        if (/Content Security Policy/.test(message.text()) && !message.text().startsWith('Framing')) refused.push(message.text());
      });
      await use();
      expect(refused).toEqual([]);
    },
    { auto: true },
  ],
});
export { expect };
