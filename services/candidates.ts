/**
 * Which parts stand to choice at a swap, and which lines are asked of them? The board shows them, the choice is looked up among them and
 * the record is made from them: one function, so that nothing can be signed that the board does not offer.
 */
import { certain } from '../core/certain';
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
import { judgeBeside } from '../core/matching/beside-removed';
import type { CompiledNeed } from '../core/matching/evaluate';
import type { CanonicalSpec } from '../core/matching/canonical';
import { askedNeeds } from '../core/matching/judge';
import type { Need } from '../core/needs/need';
import { assumedMarks, caseOfSwap, schoolsOf } from '../core/swap/case-from-swap';
import { choiceKey, type Choice, type CoilChoice, type SwapState } from '../core/swap/swap';
import { partIdsNotFailing, stockOfSite, type PartRow, type StockRow } from '../data/catalogue';
import type { Knex } from 'knex';
import { catalogueOf } from './catalogue';
import type { SwapView } from './swaps';

/** A part with ancoil to be changed asks for a line of its own: that the coil is to be ordered and fitted. */
const coilSwapNeed: Need = {
  id: 'coil-swap',
  group: 'coil',
  severity: 'should',
  safety: false,
  optionalRating: true,
  ways: [
    {
      quantity: 'coilSwap',
      unit: '',
      relation: '=',
      figure: { kind: 'field', name: 'coilSwap' },
      limit: 'as it is',
    },
  ],
  because: 'Same contactor with ancoil to be changed: the coil must be had, fitted and its mark read before it goes in.',
  brief: 'coil',
  source: 'commonPractice',
  inputs: [],
};

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

/** Spec of a part with ancoil to be changed: its power is kept within AC or within DC, else it is not known. */
export function withCoil(raw: PartSpec, coil: CoilChoice): PartSpec {
  const kept = Object.fromEntries(Object.entries(raw).filter(([name]) => !coilNames.includes(name)));
  const wasDc = raw.coilKind === 'dc';
  const power = wasDc === (coil.coilKind === 'dc') ? {} : { coilInrushVA: null, coilSealedVA: null, coilWatts: null };
  return { ...kept, ...power, ...coil };
}

const rowOf = (first: PartRow, family: DeviceFamily, { name, raw }: Combined): PartRow => ({
  ...first,
  name,
  raw,
  spec: family.canonical(raw),
});

/** Canonical spec of a part with ancoil to be changed. */
const specWithCoil = (family: DeviceFamily, part: PartRow, coil: CoilChoice): CanonicalSpec => ({
  ...family.canonical(withCoil(part.raw, coil)),
  coilSwap: 'ancoil to be changed',
});

const LARGE_CATALOGUE = 20_000; // above this the catalogue is asked in SQL first
const MAX_OF_ONE = 3; // of one part on the shelf, so many at the most enter a combination

export type Candidate = {
  id: string;
  spec: CanonicalSpec;
  onShelf: number;
  pieces?: number;
  part: PartRow;
  coil?: CoilChoice;
  beside?: readonly string[];
};

/** Everything that stands to choice at a swap, with the lines that are asked of all of it. */
export type Field = {
  family: DeviceFamily;
  context: NeedContext;
  needs: Need[];
  asked: CompiledNeed[];
  removed: CanonicalSpec | null;
  /** What readings on the removed part say of its state. */
  condition: PartCondition[];
  candidates: Candidate[];
  shelf: Map<string, StockRow[]>;
  /** Parts of the catalogue that fail in SQL already and do not lie on the shelf. */
  left: number;
};

const lying = (shelf: Map<string, StockRow[]>, id: string) => (shelf.get(id) ?? []).reduce((sum, { quantity }) => sum + quantity, 0);

/** What lies on the shelf in parallel, where the family can. */
function combinedCandidates(parts: PartRow[], shelf: Map<string, StockRow[]>, family: DeviceFamily, context: NeedContext): Candidate[] {
  if (!family.parallelCombinations) return [];
  const byId = new Map(parts.map((part) => [part.id, part]));
  const pieces = parts.flatMap((part): ShelfPart[] => Array.from({ length: Math.min(lying(shelf, part.id), MAX_OF_ONE) }, () => part));
  return family.parallelCombinations(context, pieces).flatMap((together): Candidate[] => {
    const [first, ...beside] = together.ids;
    const part = first === undefined ? undefined : byId.get(first);
    if (!part || beside.length === 0) return [];
    const row = rowOf(part, family, together);
    return [{ id: choiceKey({ partId: part.id, beside }), spec: row.spec, onShelf: 1, pieces: together.ids.length, part: row, beside }];
  });
}

function singleCandidates(
  parts: PartRow[],
  shelf: Map<string, StockRow[]>,
  state: SwapState,
  family: DeviceFamily,
  needs: readonly Need[],
): Candidate[] {
  const coilLines = askedNeeds(
    needs.filter(({ group, severity }) => group === 'coil' && severity === 'must'),
    parts.map(({ spec }) => spec),
  );
  const coil = family.coilSwap.scheme === 'always' ? wantedCoil(state) : undefined;
  return parts.flatMap((part): Candidate[] => {
    const quantity = lying(shelf, part.id);
    const own: Candidate = { id: part.id, spec: part.spec, onShelf: quantity, part };
    // In the catalogue the right coil can be ordered at once; ancoil to be changed only helps what lies on the shelf.
    if (!coil || !part.coil_exchangeable || quantity === 0 || !coilLines.some(({ verdict }) => verdict(part.spec) === 'fails'))
      return [own];
    return [own, { id: choiceKey({ partId: part.id, coil }), spec: specWithCoil(family, part, coil), onShelf: quantity, part, coil }];
  });
}

/** Returns everything that stands to choice at a swap: catalogue, shelf, coil to be changeds and combinations, and the lines that are asked. */
export async function fieldOf(knex: Knex, { state, site }: Pick<SwapView, 'state' | 'site'>): Promise<Field> {
  const family = certain(familyOf(state.family));
  const plain = caseOfSwap(state, site.practice);
  const context = contextOf(plain, { schools: schoolsOf(state, site.schools), assumed: assumedMarks(state) });
  const needs = [...family.needs(context), coilSwapNeed];
  const removed = plain.removed && family.canonical(plain.removed.spec);
  const [catalogue, stock] = await Promise.all([catalogueOf(knex, family.id), stockOfSite(knex, site.id)]);
  const shelf = new Map<string, StockRow[]>();
  for (const row of stock) shelf.set(row.part_id, [...(shelf.get(row.part_id) ?? []), row]);
  let parts = catalogue.parts;
  if (parts.length > LARGE_CATALOGUE) {
    const holding = new Set(await partIdsNotFailing(knex, family.id, needs));
    parts = parts.filter((part) => holding.has(part.id) || shelf.has(part.id));
  }
  const candidates = [
    ...singleCandidates(parts, shelf, state, family, needs),
    ...combinedCandidates(catalogue.parts, shelf, family, context),
  ];
  return {
    family,
    context,
    needs,
    asked: askedNeeds(needs, [...(removed ? [removed] : []), ...candidates.map(({ spec }) => spec)]),
    removed,
    condition: conditionOfPart(family, context, plain.removed?.spec),
    candidates,
    shelf,
    left: catalogue.parts.length - parts.length,
  };
}

/** The candidate that a choice names: the same part, the same coil, the same parts beside it; undefined where none of those stands to choice. */
export function candidateOf({ candidates }: Field, choice: Choice | undefined): Candidate | undefined {
  if (!choice) return undefined;
  const coilText = (coil: CoilChoice | undefined) => (coil ? [coil.coilVolts, coil.coilKind, ...coil.coilHertz].join(' ') : '');
  return candidates.find(({ id, coil }) => id === choiceKey(choice) && coilText(coil) === coilText(choice.coil));
}

/** Judges candidates with their changes from the removed part, which is judged by the same lines. */
export const judgeWith = ({ family, asked, removed }: Field, practice: SwapView['site']['practice']) =>
  judgeBeside(family.keeps, asked, removed, practice);
