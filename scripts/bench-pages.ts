/** How long until each page can be used, after a first load: its heading stands there and its buttons answer. Beside the health route. */
import { chromium, type Page } from '@playwright/test';
import { chromiumArgs, chromiumPath } from './lib/browser.mjs';

const TIMES = 20;
const ASKED_MS = 300;
type Say = (what: string, figure: string, against: string) => void;
type Cookie = { name: string; value: string; url: string };

const median = (times: readonly number[]): number => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? 0;

/** Milliseconds from the request to a page whose heading is seen and whose first button has its handlers. */
async function usable(page: Page, address: string): Promise<number> {
  const start = performance.now();
  await page.goto(address, { waitUntil: 'domcontentloaded' });
  // In the page itself, frame by frame: its policy lets nobody bring text to be run.
  await page.evaluate(async () => {
    // No function has a name here: what brings this into the page gives names by a helper that the page has not.
    for (;;) {
      const button = document.querySelector('button:not([disabled])');
      if (document.querySelector('h1, h2') && button && Object.keys(button).some((key) => key.startsWith('__reactProps'))) return;
      await new Promise((resolve) => requestAnimationFrame(resolve));
    }
  });
  return performance.now() - start;
}

const post = async (url: string, path: string, body: unknown): Promise<{ id: string }> =>
  (await (
    await fetch(`${url}${path}`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) })
  ).json()) as { id: string };

/** The main views, each opened anew twenty times after a first time that counts for nothing. */
export async function benchPages(say: Say, url: string, cookies: Cookie[]): Promise<void> {
  const { id } = await post(url, '/api/v1/swaps', { positionId: 'kestrel-ramp-k4' });
  const stages = ['safe', 'read', 'need', 'match', 'prove', 'record'].map((stage) => `/swaps/${id}?stage=${stage}`);
  const views = [
    ...['/', '/check', '/symptoms', '/plates', '/plates/cards', '/curves', '/lab', '/worksheets', '/worksheets/control-run', '/logbook'],
    ...['/circuits/kestrel-ramp', '/supply/kestrel-ramp', '/parts/nettlecombe-n3-3p-120-22', '/interface', '/crew', ...stages],
  ];
  const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArgs });
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  await context.addCookies(cookies);
  const page = await context.newPage();
  const slow: string[] = [];
  const medians: number[] = [];
  const health: number[] = [];
  for (const view of views) {
    await usable(page, url + view);
    const times: number[] = [];
    for (let i = 0; i < TIMES; i += 1) {
      const start = performance.now();
      await (await fetch(`${url}/api/v1/health`)).arrayBuffer();
      health.push(performance.now() - start);
      times.push(await usable(page, url + view));
      // What a page still asks for is not left behind for the next one to wait for.
      await page.waitForLoadState('networkidle');
    }
    medians.push(median(times));
    if (median(times) > ASKED_MS) slow.push(`${view.replace(id, 'a job')} ${Math.round(median(times))} ms`);
  }
  await browser.close();
  const worst = Math.max(...medians);
  say(
    `slowest of ${views.length} pages until usable, median of ${TIMES}`,
    `${Math.round(worst)} ms`,
    `${Math.round(worst / median(health))} x the health route (${median(health).toFixed(1)} ms); ${ASKED_MS} ms asked for`,
  );
  say(
    `median page until usable`,
    `${Math.round(median(medians))} ms`,
    `${Math.round(median(medians) / median(health))} x the health route`,
  );
  if (slow.length > 0) say(`pages above ${ASKED_MS} ms`, String(slow.length), slow.join('; '));
}
