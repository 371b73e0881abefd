/** Cases and parts that the laws are tried on: every worked case, every position of the demo, and the demo's catalogue. */
import type { PartSpec, PlainCase } from '@/core/case/case';
import { familyOf } from '@/core/families/registry';
import { caseOfSwap } from '@/core/swap/case-from-swap';
import { emptySwap, type SwapState } from '@/core/swap/swap';
import { demoParts } from '@/data/demo/catalogue';
import { demoSites } from '@/data/demo/sites';
import { workedCases } from '../worked-cases';
import { plainOfCase } from '../worked-cases/worked-case';

/** A case without candidates, and the part of its worked example where it has one. */
export type LawCase = { plain: PlainCase; own?: PartSpec };

/** Frozen to the last mark: drawn once and shared, and whoever judges must leave its input alone. */
function frozen<T>(value: T): T {
  if (typeof value === 'object' && value !== null && !Object.isFrozen(value)) Object.values(Object.freeze(value)).forEach(frozen);
  return value;
}

/** What is made once and kept. */
function once<T>(make: () => T): () => T {
  let made: { value: T } | undefined;
  return () => (made ??= { value: make() }).value;
}

const plainJson = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

/** Cases of the worked examples, and of the demo's positions with all that their panel gives. */
export const everyCase = once((): LawCase[] => frozen(plainJson(drawCases())));

function drawCases(): LawCase[] {
  const worked = Object.entries(workedCases).flatMap(([family, cases]) =>
    cases.map((one) => ({ plain: { ...plainOfCase(one, family), candidates: [] }, own: one.spec })),
  );
  const placed = demoSites.flatMap((site) =>
    site.panels.flatMap((panel) =>
      panel.positions.flatMap((position): LawCase[] => {
        const { family, loadKind } = position as { family: string; loadKind?: string | null };
        if (!loadKind || !familyOf(family)) return [];
        const { load = {}, duty = {}, supply = {} } = position as Partial<Pick<SwapState, 'load' | 'duty' | 'supply'>>;
        const state: SwapState = { ...emptySwap(family, loadKind), load, duty, supply: { ...panel.supply, ...supply } };
        return [{ plain: { ...caseOfSwap(state, site.practice), removed: null, candidates: [] } }];
      }),
    ),
  );
  return [...worked, ...placed];
}

const catalogue = once(demoParts);

const specsByFamily = new Map<string, PartSpec[]>();

/** Specs of one family: those of the worked cases and those of the demo's catalogue, as JSON would bring them. */
export function everySpec(family: string): PartSpec[] {
  const known = specsByFamily.get(family);
  if (known) return known;
  const worked = (workedCases[family] ?? []).map(({ spec }) => spec);
  const listed = catalogue()
    .filter((part) => part.family === family)
    .map(({ raw }) => raw);
  const specs = frozen(plainJson([...worked, ...listed] as PartSpec[]));
  specsByFamily.set(family, specs);
  return specs;
}
