/** Tries every law on random cases and parts; stops at a number of checks. The seed is part of every finding. */
import type { PartSpec, PlainCase } from '@/core/case/case';
import { judgeCase } from '@/core/judge-case';
import { everyCase, everySpec } from './cases';
import { laws, order, type Finding, type Law } from './laws';
import { seeded, type Random } from './random';

export type Violation = Finding & { law: string; seed: number };
export type Hunt = { checks: number; skipped: number; byLaw: Record<string, number>; violations: Violation[] };

const MAX_VIOLATIONS = 20;

const TRIED = 6;

/** Half of the time any part; else the part of the worked example, or the best of a few: what nearly fits is where a false fit hides. */
function nearFit(plain: PlainCase, parts: readonly PartSpec[], own: PartSpec | undefined, random: Random): PartSpec {
  if (random.next() < 0.4) return random.pick(parts);
  const some = Array.from({ length: TRIED }, () => random.pick(parts));
  const tried = own && random.next() < 0.5 ? [own] : some;
  const verdicts = judgeCase({ ...plain, candidates: tried.map((spec, i) => ({ id: String(i), spec })) }, { lines: 'decisive' }).candidates;
  return verdicts.reduce((best, { verdict }, i) => (order[verdict] > best.rank ? { rank: order[verdict], spec: tried[i]! } : best), {
    rank: -1,
    spec: tried[0]!,
  }).spec;
}

/** Returns how many checks were made and what was found; equal seeds give equal hunts. */
export function hunt(seed: number, checks: number, only: readonly Law[] = laws): Hunt {
  const random = seeded(seed);
  const cases = everyCase();
  const specs = new Map<string, PartSpec[]>();
  const ofFamily = (family: string) => {
    if (!specs.has(family)) specs.set(family, everySpec(family));
    return specs.get(family)!;
  };
  const found: Hunt = { checks: 0, skipped: 0, byLaw: Object.fromEntries(only.map(({ name }) => [name, 0])), violations: [] };
  while (found.checks < checks && found.violations.length < MAX_VIOLATIONS) {
    const { plain, own } = random.pick(cases);
    const parts = ofFamily(plain.family);
    const trial = { plain, specs: [nearFit(plain, parts, own, random), random.pick(parts)], random };
    for (const law of only) {
      const result = law.check(trial);
      if (result === 'skipped') {
        found.skipped += 1;
        continue;
      }
      found.checks += 1;
      found.byLaw[law.name]! += 1;
      if (result) found.violations.push({ ...result, law: law.name, seed });
    }
  }
  return found;
}
