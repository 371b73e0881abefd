import { chromium } from '@playwright/test';
import { chromiumArgs, chromiumPath } from './scripts/lib/browser.mjs';
import { demoSession } from './scripts/lib/sign-in.mjs';
const url = 'http://127.0.0.1:3100';
const s = await demoSession(url);
const b = await chromium.launch({ executablePath: chromiumPath, args: chromiumArgs });
const c = await b.newContext();
await c.addCookies(s.cookies);
const page = await c.newPage();
for (const view of [
  '/',
  '/check',
  '/symptoms',
  '/plates',
  '/plates/cards',
  '/curves',
  '/lab',
  '/worksheets',
  '/worksheets/control-run',
  '/logbook',
  '/circuits/kestrel-ramp',
  '/supply/kestrel-ramp',
  '/parts/nettlecombe-n3-3p-120-22',
  '/interface',
  '/crew',
  '/plant',
]) {
  await page.goto(url + (view === '/' ? '/check' : '/'));
  await page.waitForLoadState('networkidle');
  const r = await Promise.race([
    page.evaluate(async (to) => {
      const old = new Set(document.querySelectorAll('main h1, main h2'));
      const t = performance.now();
      window.next.router.push(to);
      for (;;) {
        await new Promise((r) => requestAnimationFrame(r));
        if (performance.now() - t > 3000)
          return (
            'timeout ' +
            location.pathname +
            ' ' +
            [...document.querySelectorAll('h1,h2')].map((x) => x.tagName + ':' + x.closest('main') + x.innerText.slice(0, 20)).join('|')
          );
        const h = [...document.querySelectorAll('main h1, main h2')].find((x) => !old.has(x));
        if (location.pathname === to && h) return Math.round(performance.now() - t);
      }
    }, view),
    new Promise((r) => setTimeout(() => r('hang'), 8000)),
  ]);
  console.log(view, r);
}
await b.close();
process.exit(0);
