/** The longer hunt for a false fit, what is "not known" most often, and a request of many candidates. */
import { certain } from '../core/certain';
import { execFile } from 'node:child_process';
import { availableParallelism } from 'node:os';
import { promisify } from 'node:util';
import type { CanonicalSpec } from '../core/matching/canonical';
import { askedNeeds } from '../core/matching/judge';
import { contextOf } from '../core/judge-case';
import { familyOf } from '../core/families/registry';
import { demoParts } from '../data/demo/catalogue';
import { everyCase } from '../tests/laws/cases';
import type { Hunt } from '../tests/laws/hunt';
import { laws } from '../tests/laws/laws';

type Say = (what: string, figure: string, against: string) => void;

const CHECKS = 200_000;
const run = promisify(execFile);

/** Lines of every worked case and demo position with every part of the demo catalogue of its family. */
function commonestUnknowns(most: number): { line: string; side: string; count: number; share: number }[] {
  const counts = new Map<string, number>();
  let judged = 0;
  const parts = demoParts();
  const canonical = new Map<string, CanonicalSpec[]>();
  for (const { plain } of everyCase()) {
    const family = certain(familyOf(plain.family));
    const specs =
      canonical.get(plain.family) ?? parts.filter((part) => part.family === plain.family).map(({ raw }) => family.canonical(raw));
    canonical.set(plain.family, specs);
    for (const { need, judge, exempt } of askedNeeds(family.needs(contextOf(plain)), specs))
      for (const spec of specs) {
        if (exempt(spec)) continue;
        const { verdict, have, way } = judge(spec);
        if (have === undefined && need.optionalRating) continue;
        judged += 1;
        if (verdict !== 'not-known') continue;
        const { quantity, limit } = certain(need.ways[way]);
        const key = `${plain.family}, ${quantity}|${limit === null ? 'the position does not say' : 'the part does not say'}`;
        counts.set(key, (counts.get(key) ?? 0) + 1);
      }
  }
  return [...counts]
    .sort((a, b) => b[1] - a[1])
    .slice(0, most)
    .map(([key, count]) => ({ line: certain(key.split('|')[0]), side: certain(key.split('|')[1]), count, share: count / judged }));
}

/** A request of 5 000 small candidates, whole and with its decisive lines only, in turn. */
async function manyCandidates(say: Say, url: string): Promise<void> {
  const body = JSON.stringify({
    practice: 'IEC',
    family: 'contactor',
    supply: { systemVolts: 400, phases: 3, currentKind: 'ac', hertz: 50, controlVolts: 230, controlKind: 'ac', controlHertz: 50 },
    load: { kind: 'motor-3ph', plateVolts: 400, fullLoadAmps: 21, lockedRotorAmps: 140 },
    removed: null,
    candidates: Array.from({ length: 5000 }, (_, i) => ({
      id: `p${i}`,
      spec: { poles: 3, ratings: [{ volts: 400, phases: 3, ac3Amps: 9 + (i % 40) }], coilVolts: 230, coilKind: 'ac', coilHertz: [50] },
    })),
  });
  const ask = async (query: string) => {
    const start = performance.now();
    const response = await fetch(`${url}/api/v1/judge${query}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body,
    });
    const bytes = (await response.arrayBuffer()).byteLength;
    if (!response.ok) throw new Error(`the server answered ${response.status}`);
    return { seconds: (performance.now() - start) / 1000, bytes };
  };
  const whole: Awaited<ReturnType<typeof ask>>[] = [];
  const decisive: Awaited<ReturnType<typeof ask>>[] = [];
  for (let i = 0; i < 7; i += 1) {
    whole.push(await ask(''));
    decisive.push(await ask('?lines=decisive'));
  }
  const median = (all: { seconds: number }[]) => certain(all.map(({ seconds }) => seconds).sort((a, b) => a - b)[3]);
  const megabytes = (all: { bytes: number }[]) => (certain(all[0]).bytes / 1e6).toFixed(1);
  say(
    '5 000 candidates over HTTP, `?lines=decisive`, median of 7',
    `${median(decisive).toFixed(2)} s, ${megabytes(decisive)} MB`,
    `${(median(decisive) / median(whole)).toFixed(2)} x the whole answer (${median(whole).toFixed(2)} s, ${megabytes(whole)} MB); under 1 s asked for`,
  );
}

/** The hunt shared between the cores; each share has a seed of its own, counted up from the first. */
async function sharedHunt(seed: number): Promise<Hunt[]> {
  const shares = Math.min(4, availableParallelism());
  return Promise.all(
    Array.from({ length: shares }, async (_, i) => {
      const { stdout } = await run('npx', ['tsx', 'scripts/hunt.ts', String(seed + i), String(Math.ceil(CHECKS / shares))], {
        maxBuffer: 1e8,
      });
      return JSON.parse(stdout) as Hunt;
    }),
  );
}

export async function benchLaws(say: Say, url: string): Promise<void> {
  await manyCandidates(say, url);
  const seed = Math.floor(Math.random() * 2 ** 31);
  const found = await sharedHunt(seed);
  const checks = found.reduce((sum, share) => sum + share.checks, 0);
  const skipped = found.reduce((sum, share) => sum + share.skipped, 0);
  const violations = found.flatMap((share) => share.violations);
  say(
    `hunt for a false fit by ${laws.length} laws, ${found.length} seeds from ${seed}`,
    `${violations.length} violations in ${checks.toLocaleString('en')} checks`,
    `none asked for in 200 000; ${skipped.toLocaleString('en')} more did not apply`,
  );
  for (const violation of violations) console.log(JSON.stringify(violation));
  for (const { line, side, count, share } of commonestUnknowns(10))
    say(`not known: ${line}`, `${count.toLocaleString('en')} lines, ${(share * 100).toFixed(2)} % of all`, side);
}
