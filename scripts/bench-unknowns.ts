/**
 * What is "not known" most often, and for whose sake? Every worked case and every position of the demo with every part of the demo
 * catalogue of its family; counted by line, apart for what the part does not say and what the position does not say.
 */
import { familyOf } from '../core/families/registry';
import { judgeCase } from '../core/judge-case';
import { caseOfSwap } from '../core/swap/case-from-swap';
import { emptySwap } from '../core/swap/swap';
import type { PlainCase } from '../core/case/case';
import { demoParts } from '../data/demo/catalogue';
import { demoSites } from '../data/demo/sites';
import { workedCases } from '../tests/worked-cases';
import { plainOfCase } from '../tests/worked-cases/worked-case';

/** Cases of the worked examples, and of the demo's positions with all that their panel gives. */
export function everyCase(): PlainCase[] {
  const worked = Object.entries(workedCases).flatMap(([family, cases]) =>
    cases.map((one) => ({ ...plainOfCase(one, family), candidates: [] })),
  );
  const placed = demoSites.flatMap((site) =>
    site.panels.flatMap((panel) =>
      panel.positions.flatMap((position): PlainCase[] => {
        const { family, loadKind } = position as { family: string; loadKind?: string | null };
        if (!loadKind || !familyOf(family)) return [];
        const { load = {}, duty = {}, supply = {} } = position as unknown as Record<'load' | 'duty' | 'supply', object>;
        const state = { ...emptySwap(family, loadKind), load, duty, supply: { ...panel.supply, ...supply } };
        return [{ ...caseOfSwap(state as never, site.practice), removed: null, candidates: [] }];
      }),
    ),
  );
  return [...worked, ...placed];
}

/** Returns the commonest reasons, most first. */
export function commonestUnknowns(most = 10): { line: string; side: string; count: number; share: number }[] {
  const counts = new Map<string, number>();
  let judged = 0;
  const parts = demoParts();
  for (const plain of everyCase()) {
    const candidates = parts.filter(({ family }) => family === plain.family).map(({ id, raw }) => ({ id, spec: raw }));
    if (candidates.length === 0) continue;
    for (const { lines } of judgeCase({ ...plain, candidates }).candidates)
      for (const line of lines) {
        judged += 1;
        if (line.verdict !== 'not-known') continue;
        const side = line.limit === null ? 'the position does not say' : 'the part does not say';
        const key = `${plain.family}, ${line.quantity}|${side}`;
        counts.set(key, (counts.get(key) ?? 0) + 1);
      }
  }
  return [...counts]
    .sort((a, b) => b[1] - a[1])
    .slice(0, most)
    .map(([key, count]) => ({ line: key.split('|')[0]!, side: key.split('|')[1]!, count, share: count / judged }));
}
