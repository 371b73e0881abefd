/** The measurements of npm run bench, against a server and database that scripts/bench.mjs started. */
import { demoSession } from './lib/sign-in.mjs';
import { certain } from '../core/certain';
import { chromium } from '@playwright/test';
import { contactors } from '../core/families/contactors';
import { contextOf } from '../core/judge-case';
import { swapSchools } from '../core/loads/schools';
import { compileNeed } from '../core/matching/evaluate';
import { rank } from '../core/matching/rank';
import { demoContactors } from '../data/demo/contactors';
import { existsSync } from 'node:fs';
import { benchGrowth } from './bench-growth';
import { benchLaws } from './bench-laws';
import { benchPages } from './bench-pages';
import { benchPlates } from './bench-plates';
import { benchProtection } from './bench-protection';
import { benchRelays } from './bench-relays';
import { percentile } from './percentile';
import { chromiumArgs, chromiumPath } from './lib/browser.mjs';

const url = certain(process.env.LOYAL_COIL_URL);
const rows: [string, string, string][] = [];
const say = (what: string, figure: string, against: string) => rows.push([what, figure, against]);
const round = (value: number, digits = 3) => Number(value.toPrecision(digits)).toString();

/** The core alone: every candidate against every line, verdicts and order, on one core. */
function core(): void {
  const catalogue = demoContactors().map((part) => ({ id: part.id, spec: contactors.canonical(part.raw), onShelf: 0 }));
  const needs = contactors
    .needs(
      contextOf(
        {
          practice: 'NFPA70',
          family: 'contactor',
          removed: null,
          candidates: [],
          supply: {
            systemVolts: 480,
            phases: 3,
            currentKind: 'ac',
            controlVolts: 120,
            controlKind: 'ac',
            controlHertz: 60,
            controlTransformerInrushVA: 1600,
            controlTransformerVA: 500,
            prospectiveFaultAmps: 9800,
            ambientC: 38,
          },
          load: {
            kind: 'motor-3ph',
            plateVolts: 460,
            horsepower: 20,
            fullLoadAmps: 25,
            codeLetter: 'F',
            auxNormallyOpenNeeded: 1,
            control: 'three-wire',
            polesToSwitch: 3,
          },
          duty: { startsPerHour: 6, joggingPerMinute: 8, operationsPerDay: 140, lifeYearsWanted: 5 },
        },
        { schools: swapSchools },
      ),
    )
    .map(compileNeed);
  const perPart = new Map<number, number>();
  for (const size of [1000, 3000, 10_000, 100_000]) {
    const parts = Array.from({ length: size }, (_, i) => certain(catalogue[i % catalogue.length]));
    const rounds = Math.max(3, Math.round(60_000 / size));
    for (let i = 0; i < 3; i += 1) rank(needs, parts);
    const start = performance.now();
    for (let i = 0; i < rounds; i += 1) rank(needs, parts);
    perPart.set(size, (performance.now() - start) / rounds / size);
  }
  const at3000 = certain(perPart.get(3000));
  say(
    `judge and rank 3 000 contactors x ${needs.length} lines, one core`,
    `${Math.round(1000 / at3000).toLocaleString('en')} candidates a second`,
    `${round(1000 / at3000 / 100_000)} x the 100 000 asked for`,
  );
  say('cost of one line on one candidate', `${Math.round((at3000 * 1e6) / needs.length)} ns`, '');
  for (const size of [1000, 10_000, 100_000])
    say(
      `cost per candidate at ${size.toLocaleString('en')}`,
      `${round(certain(perPart.get(size)) * 1000)} µs`,
      `${round(certain(perPart.get(size)) / certain(perPart.get(1000)))} x that at 1 000 (linear: 1)`,
    );
}

async function timed(count: number, ask: () => Promise<Response>): Promise<number[]> {
  const times: number[] = [];
  for (let i = 0; i < count + 20; i += 1) {
    const start = performance.now();
    const response = await ask();
    await response.arrayBuffer();
    if (!response.ok) throw new Error(`the server answered ${response.status}`);
    if (i >= 20) times.push(performance.now() - start);
  }
  return times;
}

/** Every request of the bench is that of an electrician of the demo's crew. */
const session = await demoSession(url);
const plainFetch = globalThis.fetch;
globalThis.fetch = (to, init) =>
  plainFetch(to, { ...init, headers: { ...(init?.headers as Record<string, string>), cookie: session.header } });

/** The match request over HTTP beside a route that only asks SELECT 1, turn by turn in the same run. */
async function http(): Promise<void> {
  const post = (path: string, body: unknown) =>
    fetch(`${url}${path}`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) });
  const { id } = (await (await post('/api/v1/swaps', { positionId: 'kestrel-ramp-k4' })).json()) as { id: string };
  const select = await timed(200, () => fetch(`${url}/api/v1/health`));
  const match = await timed(200, () => post(`/api/v1/swaps/${id}/match`, {}));
  for (const p of [50, 95]) {
    const [a, b] = [percentile(select, p), percentile(match, p)];
    const name = p === 50 ? 'median' : 'p95';
    say(
      `match over HTTP, ${name} of 200`,
      `${round(b)} ms`,
      `${round(b / a)} x the SELECT 1 route (${round(a)} ms)${p === 95 ? '; 15 x asked for' : ''}`,
    );
  }
}

/** JavaScript that a first visit takes over the wire, home against an empty page of the same build. */
async function firstPage(): Promise<void> {
  const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArgs });
  const weigh = async (path: string) => {
    const page = await browser.newPage();
    await page.context().addCookies(session.cookies);
    const sizes: Promise<number>[] = [];
    page.on('requestfinished', (request) => {
      if (request.resourceType() === 'script') sizes.push(request.sizes().then((size) => size.responseBodySize));
    });
    await page.goto(url + path, { waitUntil: 'networkidle' });
    const bytes = (await Promise.all(sizes)).reduce((sum, size) => sum + size, 0);
    await page.close();
    return bytes / 1024;
  };
  const [empty, home, swap] = [await weigh('/empty'), await weigh('/'), await weigh('/worksheets')];
  await browser.close();
  say('JavaScript of an empty page (framework and component library)', `${Math.round(empty)} KiB`, '1');
  say('JavaScript of the first page', `${Math.round(home)} KiB`, `${round(home / empty)} x the empty page`);
  say('JavaScript of the worksheets desk', `${Math.round(swap)} KiB`, `${round(swap / empty)} x the empty page`);
}

const at = process.argv.indexOf('--plates');
const plateFolder = at > 0 ? process.argv[at + 1] : existsSync('../shared/plates') ? '../shared/plates' : undefined;

core();
await http();
await firstPage();
await benchPages(say, url, session);
await benchLaws(say, url);
await benchProtection(say, url, certain(process.env.DATABASE_URL));
benchRelays(say);
await benchPlates(say, url, plateFolder);
// Last: what it adds stays.
await benchGrowth(say, url, session, certain(process.env.LOYAL_COIL_OWNER_URL));
console.log('\n| what | figure | ratio |\n| --- | --- | --- |');
for (const row of rows) console.log(`| ${row.join(' | ')} |`);
