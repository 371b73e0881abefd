/** Ranks crib and catalogue for a swap: the fit board's data. The lines are those of the core, sentences for shown parts only. */
import * as yup from 'yup';
import type { PartSpec } from '../core/case/case';
import {
  conditionOfPart,
  type Combined,
  type DeviceFamily,
  type NeedContext,
  type PartCondition,
  type ShelfPart,
} from '../core/families/contract';
import { familyOf } from '../core/families/registry';
import { contextOf } from '../core/judge-case';
import type { Canonical, CompiledNeed } from '../core/matching/evaluate';
import { compileNeed } from '../core/matching/evaluate';
import { judgePart, type JudgedPart } from '../core/matching/judge';
import { rank } from '../core/matching/rank';
import type { Need } from '../core/needs/need';
import { assumedMarks, caseOfSwap, schoolsOf } from '../core/swap/case-from-swap';
import { choiceKey, type CoilChoice, type SwapState } from '../core/swap/swap';
import { partIdsNotFailing, stockOfSite, type PartRow, type StockRow } from '../data/catalogue';
import { database } from '../data/connection';
import { catalogueOf } from './catalogue';
import { loadSwap, type SwapView } from './swaps';
import { validate } from './validate';

export type BoardColumn = {
  partId: string;
  coil: CoilChoice | null;
  /** Further parts that go in with it, by id. */
  beside: readonly string[];
  name: string;
  maker: string;
  footprint: string;
  sameFootprint: boolean;
  shelf: { place: string; quantity: number }[];
  /** What tells it from its neighbours: the coil of a contactor, the rating of a breaker. */
  inBrief: string;
  part: JudgedPart;
};
export type Board = {
  needs: Need[];
  removed: (JudgedPart & { name: string }) | null;
  columns: BoardColumn[];
  judged: number;
  holding: number;
  onShelf: number;
  fell: { needId: string; quantity: string; count: number }[];
  filtered: number;
};

const flag = (name: string) => yup.boolean().default(false).typeError(`${name} must be true or false.`);
export const matchSchema = yup.object({
  inCrib: flag('inCrib'),
  sameFootprint: flag('sameFootprint'),
  coilSwap: yup.boolean().default(true).typeError('coilSwap must be true or false.'),
  hideChecks: flag('hideChecks'),
  limit: yup
    .number()
    .integer()
    .min(1, 'limit is 1 to 60.')
    .max(60, 'limit is 1 to 60.')
    .default(24)
    .typeError('limit must be a whole number, 1 to 60.'),
});

/** A part with another coil asks for a line of its own: that the coil is to be ordered and fitted. */
const coilSwapNeed: Need = {
  id: 'coil-swap',
  group: 'coil',
  severity: 'should',
  safety: false,
  onlyWhereCarried: true,
  ways: [
    {
      quantity: 'coilSwap',
      unit: '',
      relation: '=',
      figure: { kind: 'field', name: 'coilSwap' },
      limit: 'as it is',
    },
  ],
  because: 'Same contactor with another coil: the coil must be had, fitted and its mark read before it goes in.',
  brief: 'coil',
  source: 'commonPractice',
  inputs: [],
};

/** Family, needs and the judged removed part of a swap; the same for board, choice and signature. */
export function needsOfSwap({ state, site }: Pick<SwapView, 'state' | 'site'>): {
  family: DeviceFamily;
  needs: Need[];
  compiled: CompiledNeed[];
  removed: Canonical | null;
  context: NeedContext;
  /** What readings on the part that came out say of its state. */
  condition: PartCondition[];
} {
  const family = familyOf(state.family)!;
  const plain = caseOfSwap(state, site.practice);
  const context = contextOf(plain, { schools: schoolsOf(state, site.schools), assumed: assumedMarks(state) });
  const needs = [...family.needs(context), coilSwapNeed];
  return {
    family,
    context,
    needs,
    compiled: needs.map(compileNeed),
    removed: plain.removed && family.canonical(plain.removed.spec),
    condition: conditionOfPart(family, context, plain.removed?.spec),
  };
}

/** The coil that this control supply asks for, or undefined while that is not known. */
export function wantedCoil(state: SwapState): CoilChoice | undefined {
  const volts = state.supply.controlVolts?.value;
  const kind = state.supply.controlKind?.value;
  const hertz = state.supply.controlHertz?.value;
  if (typeof volts !== 'number' || (kind !== 'ac' && kind !== 'dc')) return undefined;
  return {
    coilVolts: volts,
    coilKind: kind,
    coilHertz: kind === 'ac' && typeof hertz === 'number' ? [hertz] : [],
  };
}

const coilNames = ['coilVolts', 'coilVoltsMin', 'coilVoltsMax', 'coilKind', 'coilHertz', 'coilMarks', 'coilOhms'];

/** Spec of a part with another coil: its power is kept within AC or within DC, else it is not known. */
export function withCoil(raw: PartSpec, coil: CoilChoice): PartSpec {
  const kept = Object.fromEntries(Object.entries(raw).filter(([name]) => !coilNames.includes(name)));
  const wasDc = raw.coilKind === 'dc';
  const power = wasDc === (coil.coilKind === 'dc') ? {} : { coilInrushVA: null, coilSealedVA: null, coilWatts: null };
  return { ...kept, ...power, ...coil };
}

/** Several parts as one row of the catalogue: what they are together, under the id of the first. Undefined where they make nothing. */
export function combinedRow(family: DeviceFamily, context: NeedContext, parts: readonly PartRow[]): PartRow | undefined {
  const [first] = parts;
  const together = family.combine?.(context, parts).find(({ ids }) => ids.length === parts.length);
  return first && together && rowOf(first, family, together);
}
const rowOf = (first: PartRow, family: DeviceFamily, { name, raw }: Combined): PartRow => ({
  ...first,
  name,
  raw,
  spec: family.canonical(raw),
});

/** Canonical spec of a chosen part, with its coil where another was chosen. */
export function chosenSpec(family: DeviceFamily, part: PartRow, coil: CoilChoice | undefined): Canonical {
  return coil ? { ...family.canonical(withCoil(part.raw, coil)), coilSwap: 'another coil' } : { ...family.canonical(part.raw) };
}

const LARGE_CATALOGUE = 20_000; // above this the catalogue is asked in SQL first

type Candidate = {
  id: string;
  spec: Canonical;
  onShelf: number;
  pieces?: number;
  part: PartRow;
  coil?: CoilChoice;
  beside?: readonly string[];
};

const MOST_OF_ONE = 3; // of one part on the shelf, so many at the most enter a combination

/** What lies on the shelf put together, where the family can. */
function combinedCandidates(parts: PartRow[], shelf: Map<string, StockRow[]>, family: DeviceFamily, context: NeedContext): Candidate[] {
  if (!family.combine) return [];
  const byId = new Map(parts.map((part) => [part.id, part]));
  const lying = parts.flatMap((part): ShelfPart[] => {
    const quantity = (shelf.get(part.id) ?? []).reduce((sum, row) => sum + row.quantity, 0);
    return Array.from({ length: Math.min(quantity, MOST_OF_ONE) }, () => part);
  });
  return family.combine(context, lying).flatMap((together): Candidate[] => {
    const [first, ...beside] = together.ids;
    const part = first === undefined ? undefined : byId.get(first);
    if (!part || beside.length === 0) return [];
    const row = rowOf(part, family, together);
    return [{ id: choiceKey({ partId: part.id, beside }), spec: row.spec, onShelf: 1, pieces: together.ids.length, part: row, beside }];
  });
}

function candidatesOf(
  parts: PartRow[],
  shelf: Map<string, StockRow[]>,
  swap: SwapView,
  family: DeviceFamily,
  compiled: CompiledNeed[],
  filters: { inCrib: boolean; sameFootprint: boolean; coilSwap: boolean },
): Candidate[] {
  const coilLines = compiled.filter(({ need }) => need.group === 'coil' && need.severity === 'must');
  const coil = filters.coilSwap && family.coilSwap.scheme === 'always' ? wantedCoil(swap.state) : undefined;
  const onShelf = (part: PartRow) => (shelf.get(part.id) ?? []).reduce((sum, row) => sum + row.quantity, 0);
  return parts.flatMap((part): Candidate[] => {
    const quantity = onShelf(part);
    if ((filters.inCrib && quantity === 0) || (filters.sameFootprint && part.footprint !== swap.position.footprint)) return [];
    const own: Candidate = { id: part.id, spec: part.spec, onShelf: quantity, part };
    // In the catalogue the right coil can be ordered at once; another coil only helps what lies on the shelf.
    if (!coil || !part.coil_exchangeable || quantity === 0 || !coilLines.some(({ verdict }) => verdict(part.spec) === 'fails'))
      return [own];
    return [own, { id: choiceKey({ partId: part.id, coil }), spec: chosenSpec(family, part, coil), onShelf: quantity, part, coil }];
  });
}

/** Returns the fit board of a swap. */
export async function matchSwap(id: string, body: unknown): Promise<Board> {
  const filters = await validate(matchSchema, body ?? {});
  const swap = await loadSwap(id);
  const knex = database();
  const { family, needs, compiled, removed, context } = needsOfSwap(swap);
  const [catalogue, stock] = await Promise.all([catalogueOf(knex, family.id), stockOfSite(knex, swap.site.id)]);
  const shelf = new Map<string, StockRow[]>();
  for (const row of stock) shelf.set(row.part_id, [...(shelf.get(row.part_id) ?? []), row]);
  let parts = catalogue.parts;
  if (parts.length > LARGE_CATALOGUE) {
    const holding = new Set(await partIdsNotFailing(knex, family.id, needs));
    parts = parts.filter((part) => holding.has(part.id) || shelf.has(part.id));
  }
  const candidates = [
    ...candidatesOf(parts, shelf, swap, family, compiled, filters),
    ...(filters.sameFootprint ? [] : combinedCandidates(catalogue.parts, shelf, family, context)),
  ];
  const ranking = rank(compiled, candidates);
  const byId = new Map(candidates.map((candidate) => [candidate.id, candidate]));
  const shown = ranking.order.filter((entry) => !filters.hideChecks || entry.verdict === 'fits').slice(0, filters.limit);
  const columns = shown.map((entry): BoardColumn => {
    const { part, coil, spec, beside = [] } = byId.get(entry.id)!;
    const places = [part.id, ...beside].flatMap((one) => shelf.get(one) ?? []);
    return {
      partId: part.id,
      coil: coil ?? null,
      beside,
      name: part.name,
      maker: part.maker,
      footprint: part.footprint,
      sameFootprint: part.footprint === swap.position.footprint,
      shelf: places.filter((row, i) => places.indexOf(row) === i).map(({ place, quantity }) => ({ place, quantity })),
      inBrief: family.inBrief(coil ?? part.raw),
      part: judgePart(compiled, spec, swap.site.practice),
    };
  });
  return {
    needs,
    columns,
    judged: ranking.judged,
    holding: ranking.holding,
    filtered: catalogue.parts.length - parts.length,
    onShelf: ranking.order.filter((entry) => entry.onShelf > 0 && entry.verdict !== 'fails').length,
    removed: removed && {
      name: swap.position.deviceName,
      ...judgePart(compiled, removed, swap.site.practice),
    },
    fell: ranking.fell
      .map(({ needId, count }) => ({
        needId,
        count,
        quantity: needs.find((need) => need.id === needId)!.ways[0].quantity,
      }))
      .sort((a, b) => b.count - a.count),
  };
}
