/**
 * Each worker of the browser tests has a server and a database of its own, so that two may walk at once, and each test begins with the
 * demo as it was delivered.
 */
import { expect, test as base, type BrowserContext, type ConsoleMessage } from '@playwright/test';
import { deliveredDemo } from './delivered';

const listed = (name: string): string[] => (process.env[name] ?? '').split(',').filter(Boolean);
const addresses = listed('LOYAL_COIL_URL');
/** Without their databases, against a demo that runs by itself, nothing is put back. */
const databases = listed('LOYAL_COIL_E2E_DATABASES');
const keys = listed('LOYAL_COIL_E2E_KEYS');

type Demo = Awaited<ReturnType<typeof deliveredDemo>>;

const addressOf = (parallelIndex: number): string => addresses[parallelIndex] ?? 'http://127.0.0.1:3100';

/** Where a test that failed stood, and what the page said of it: the log of a run elsewhere is all that is left of it. */
async function sayWhereItStood(context: BrowserContext, title: string): Promise<void> {
  for (const page of context.pages()) {
    const said = await page.locator('[role=alert], [role=status], [role=dialog]').allInnerTexts();
    console.log(
      `${title}\n  stood at ${page.url()}\n${said
        .filter(Boolean)
        .map((words) => `  said: ${words}\n`)
        .join('')}`,
    );
  }
}

export const test = base.extend<{ fresh: void }, { demo: Demo | undefined; profile: BrowserContext }>({
  baseURL: async ({}, use, info) => use(addressOf(info.parallelIndex)),
  // One profile a worker, so that the scripts of a page are compiled once and not for every test; what a test left in it is taken away.
  profile: [
    async ({ playwright }, use, info) => {
      const { launchOptions, viewport, actionTimeout } = info.project.use;
      const profile = await playwright.chromium.launchPersistentContext('', {
        ...launchOptions,
        viewport,
        baseURL: addressOf(info.parallelIndex),
        // What moves is waited for; a page that is asked not to move shows the same.
        reducedMotion: 'reduce',
      });
      profile.setDefaultTimeout(actionTimeout!);
      await use(profile);
      await profile.close();
    },
    { scope: 'worker' },
  ],
  context: async ({ profile, storageState, baseURL }, use) => {
    // The first page stays open: without any the browser would end.
    const [first] = profile.pages();
    const door = await profile.newCDPSession(first!);
    await door.send('Storage.clearDataForOrigin', { origin: baseURL!, storageTypes: 'all' });
    await door.detach();
    if (typeof storageState === 'object') await profile.addCookies(storageState.cookies);
    await use(profile);
    await profile.setOffline(false);
    await profile.unrouteAll({ behavior: 'ignoreErrors' });
    await profile.clearPermissions();
    await profile.clearCookies();
    for (const page of profile.pages()) if (page !== first) await page.close();
  },
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
    async ({ context }, use, info) => {
      // A script, style or picture that the page's own policy refuses is a fault wherever it happens.
      const refused: string[] = [];
      const listen = (message: ConsoleMessage) => {
        // That nobody frames us is what the policy is for.
        if (/Content Security Policy/.test(message.text()) && !message.text().startsWith('Framing')) refused.push(message.text());
      };
      context.on('console', listen);
      await use();
      context.off('console', listen);
      if (info.status !== info.expectedStatus) await sayWhereItStood(context, info.title);
      expect(refused).toEqual([]);
    },
    { auto: true },
  ],
});
export { expect };
