/** What the first page asks of a phone on a plant's network: its script stays light, whatever is added to the desks. */
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
