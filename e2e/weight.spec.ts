/** What the first page asks of a phone on a plant's network: its script stays light, whatever is added to the desks. */
import { COMPILE_HINT } from '../scripts/lib/compile-hints.mjs';
import { expect, test } from './test';

const MOST_KIB = 260;

test('the first page’s script is light', async ({ page }) => {
  const network = await page.context().newCDPSession(page);
  await network.send('Network.enable');
  await network.send('Network.setCacheDisabled', { cacheDisabled: true });
  const scripts = new Set<string>();
  let bytes = 0;
  network.on('Network.responseReceived', ({ requestId, response }) => void (/\.js(\?|$)/.test(response.url) && scripts.add(requestId)));
  network.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    if (scripts.has(requestId)) bytes += encodedDataLength;
  });
  await page.goto('/');
  await page.waitForLoadState('networkidle');
  expect(scripts.size).toBeGreaterThan(3);
  expect(bytes / 1024).toBeLessThan(MOST_KIB);
});

test('a page’s scripts are compiled beside it, not function by function in its way', async ({ page }) => {
  const scripts: Promise<string>[] = [];
  page.on('response', (response) => {
    if (new URL(response.url()).pathname.endsWith('.js')) scripts.push(response.text());
  });
  await page.goto('/check');
  await page.waitForLoadState('networkidle');
  const unmarked = (await Promise.all(scripts)).filter((script) => !script.startsWith(`${COMPILE_HINT}\n`));
  expect(scripts.length).toBeGreaterThan(3);
  expect(unmarked.map((script) => script.slice(0, 80))).toEqual([]);
});
