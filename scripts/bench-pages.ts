/**
 * How long until each page can be used, beside the health route: its heading stands there and its buttons answer. Gone to from another page of
 * the application, as people go from one to the next once it is loaded; and opened anew by its address.
 */
import { chromium, type Page } from '@playwright/test';
import { chromiumArgs, chromiumPath } from './lib/browser.mjs';

const TIMES = 20;
const ASKED_MS = 300;
type Say = (what: string, figure: string, against: string) => void;
type Session = { header: string; cookies: { name: string; value: string; url: string }[] };

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

/** Milliseconds from leaving a page by the application's own way until the next one's heading and handlers stand there. */
async function goneTo(page: Page, from: string, view: string): Promise<number> {
  await page.goto(from);
  await page.waitForLoadState('networkidle');
  return page.evaluate(async (to) => {
    // The application's own way between pages, which it leaves on the page.
    const { router }: { router: { push: (address: string) => void } } = Reflect.get(globalThis, 'next');
    const old = new Set(document.querySelectorAll('main h1, main h2'));
    const start = performance.now();
    router.push(to);
    for (;;) {
      await new Promise((resolve) => requestAnimationFrame(resolve));
      const heading = [...document.querySelectorAll('main h1, main h2')].find((one) => !old.has(one));
      const button = document.querySelector('main button:not([disabled])');
      const there = location.pathname + location.search === to;
      if (performance.now() - start > 20_000) throw new Error(`${to} is not there after 20 s.`);
      if (there && heading && (!button || Object.keys(button).some((key) => key.startsWith('__reactProps'))))
        return performance.now() - start;
    }
  }, view);
}

/** A job at a position, or a sentence of why there is none. */
async function openJob(url: string, cookie: string, positionId: string): Promise<string> {
  const headers = { 'content-type': 'application/json', cookie };
  const answer = await fetch(`${url}/api/v1/swaps`, { method: 'POST', headers, body: JSON.stringify({ positionId }) });
  const { id }: { id?: string } = await answer.json();
  if (id === undefined) throw new Error(`No job at ${positionId}: ${answer.status}.`);
  return id;
}

function sayPages(say: Say, way: string, medians: ReadonlyMap<string, number>, health: number): void {
  const all = [...medians.values()];
  const [worst, middle] = [Math.max(...all), median(all)];
  const slow = [...medians].filter(([, ms]) => ms > ASKED_MS);
  const beside = (ms: number) => `${Math.round(ms / health)} x the health route (${health.toFixed(1)} ms)`;
  say(
    `slowest of ${all.length} pages ${way} until usable, median of ${TIMES}`,
    `${Math.round(worst)} ms`,
    `${beside(worst)}; ${ASKED_MS} ms asked for`,
  );
  say(`median page ${way} until usable`, `${Math.round(middle)} ms`, beside(middle));
  if (slow.length > 0)
    say(`pages ${way} above ${ASKED_MS} ms`, String(slow.length), slow.map(([view, ms]) => `${view} ${Math.round(ms)} ms`).join('; '));
}

/** The main views, each opened twenty times after a first time that counts for nothing. */
export async function benchPages(say: Say, url: string, { header, cookies }: Session): Promise<void> {
  const id = await openJob(url, header, 'kestrel-ramp-k4');
  const stages = ['safe', 'read', 'need', 'match', 'prove', 'record'].map((stage) => `/swaps/${id}?stage=${stage}`);
  const views = [
    ...['/', '/check', '/symptoms', '/plates', '/plates/cards', '/curves', '/lab', '/worksheets', '/worksheets/control-run', '/logbook'],
    ...['/circuits/kestrel-ramp', '/supply/kestrel-ramp', '/parts/nettlecombe-n3-3p-120-22', '/interface', '/crew', ...stages],
  ];
  const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArgs });
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  await context.addCookies(cookies);
  const page = await context.newPage();
  const health: number[] = [];
  const asked = async (once: (view: string) => Promise<number>, view: string): Promise<number> => {
    await once(view);
    const times: number[] = [];
    for (let i = 0; i < TIMES; i += 1) {
      const start = performance.now();
      await (await fetch(`${url}/api/v1/health`)).arrayBuffer();
      health.push(performance.now() - start);
      times.push(await once(view));
      // What a page still asks for is not left behind for the next one to wait for.
      await page.waitForLoadState('networkidle');
    }
    return median(times);
  };
  const ways: [string, (view: string) => Promise<number>][] = [
    ['gone to', (view) => goneTo(page, url + (view === '/' ? '/check' : '/'), view)],
    ['opened anew', (view) => usable(page, url + view)],
  ];
  for (const [way, once] of ways) {
    const medians = new Map<string, number>();
    for (const view of views) medians.set(view.replace(id, 'a job'), await asked(once, view));
    sayPages(say, way, medians, median(health));
  }
  await browser.close();
}
