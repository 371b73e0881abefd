/**
 * Which parts stand to choice at a swap, and which lines are asked of them? The board shows them, the choice is looked up among them and
 * the record is made from them: one function, so that nothing can be signed that the board does not offer.
 */
import { certain } from '../core/certain';
import { conditionOfPart, type DeviceFamily, type NeedContext, type PartCondition } from '../core/families/contract';
import { familyOf } from '../core/families/registry';
import { rowOf, type PartColumns } from '../core/catalogue/part-columns';
import { askedOfColumns } from '../core/catalogue/rank-columns';
import { contextOf } from '../core/judge-case';
import { judgeBeside } from '../core/matching/beside-removed';
import type { CompiledNeed } from '../core/matching/evaluate';
import type { CanonicalSpec } from '../core/matching/canonical';
import type { Need } from '../core/needs/need';
import { assumedMarks, caseOfSwap, schoolsOf } from '../core/swap/case-from-swap';
import {
  combinedCandidates,
  coilSwapNeed,
  handParts,
  installedWithCoil,
  singleCandidates,
  type Candidate as CandidateOf,
  type OfferedPart,
} from '../core/swap/candidates';
import { choiceKey, type Choice, type CoilChoice, type SwapState } from '../core/swap/swap';
import { partById, partsOnShelf, stockOfSite, type PartRow, type StockRow } from '../data/catalogue';
import type { Knex } from 'knex';
import { catalogueOf } from './catalogue';
import type { SwapView } from './swaps';

export type Candidate = CandidateOf<PartRow>;

/** Everything that stands to choice at a swap, with the lines that are asked of all of it. */
export type Field = {
  family: DeviceFamily;
  context: NeedContext;
  needs: Need[];
  asked: CompiledNeed[];
  removed: CanonicalSpec | null;
  /** What readings on the removed part say of its state. */
  condition: PartCondition[];
  /** Parts of the catalogue, by column, and which of them stand to choice here. */
  catalogue: PartColumns;
  offered: (row: number) => boolean;
  /** Pieces on the shelf, by the row of the part. */
  onShelf: ReadonlyMap<number, number>;
  /** What no catalogue holds as it is: parts in the hand, the installed body and shelf parts with another coil, combinations. */
  others: Candidate[];
  shelf: Map<string, StockRow[]>;
};

/** Pieces of a part that lie on a shelf. */
export const lying = (shelf: Map<string, StockRow[]>, id: string) => (shelf.get(id) ?? []).reduce((sum, { quantity }) => sum + quantity, 0);

/** A part in the hand among those of the catalogue: it lies on no shelf, and its place is not known. */
const heldCandidate =
  (family: string) =>
  (part: OfferedPart): Candidate => ({
    ...{ id: part.id, spec: part.spec, onShelf: 0 },
    part: { ...part, family, maker: '', footprint: '', coil_exchangeable: false },
  });

/** The body that stands there, with a new coil: nothing else is wired or bolted. */
function installedCandidate(state: SwapState, family: DeviceFamily, { deviceName, footprint }: SwapView['position']): Candidate[] {
  const kept = installedWithCoil(state, family, deviceName);
  if (!kept) return [];
  const { coil, ...part } = kept;
  const id = choiceKey({ partId: part.id, coil });
  return [
    {
      id,
      spec: part.spec,
      onShelf: 0,
      coil,
      part: { ...part, family: family.id, maker: '', footprint: footprint ?? '', coil_exchangeable: true },
    },
  ];
}

/** Returns everything that stands to choice at a swap: parts in the hand, the installed body with a new coil, catalogue, shelf, coils to be changed and combinations, and the lines that are asked. */
export async function fieldOf(knex: Knex, { state, site, position }: Pick<SwapView, 'state' | 'site' | 'position'>): Promise<Field> {
  const family = certain(familyOf(state.family));
  const plain = caseOfSwap(state, site.practice);
  const context = contextOf(plain, { schools: schoolsOf(state, site.schools), assumed: assumedMarks(state) });
  const needs = [...family.needs(context), coilSwapNeed];
  const removed = plain.removed && family.canonical(plain.removed.spec);
  const [catalogue, stock, shelfParts] = await Promise.all([
    catalogueOf(knex, family.id),
    stockOfSite(knex, site.id),
    partsOnShelf(knex, site.id, family.id),
  ]);
  const shelf = new Map<string, StockRow[]>();
  for (const row of stock) shelf.set(row.part_id, [...(shelf.get(row.part_id) ?? []), row]);
  const onShelf = new Map<number, number>();
  for (const { id } of shelfParts) {
    const row = rowOf(catalogue, id);
    if (row !== undefined) onShelf.set(row, lying(shelf, id));
  }
  // What nobody sells stands to choice only where the site asks for it, or where it lies on its own shelf.
  const offered = (row: number) => site.demoParts || catalogue.demo[row] === 0 || onShelf.has(row);
  const store = { lying: (id: string) => lying(shelf, id), coilIsExchangeable: (part: PartRow) => part.coil_exchangeable };
  const others = [
    ...handParts(state, family).map(heldCandidate(family.id)),
    ...installedCandidate(state, family, position),
    ...singleCandidates(shelfParts, store, state, family, needs).filter(({ coil }) => coil !== undefined),
    ...combinedCandidates(shelfParts, store, family, context),
  ];
  const own = [...(removed ? [removed] : []), ...others.map(({ spec }) => spec)];
  return {
    ...{ family, context, needs, removed, catalogue, offered, onShelf, others, shelf },
    asked: askedOfColumns(needs, catalogue, offered, own),
    condition: conditionOfPart(family, context, plain.removed?.spec),
  };
}

/** A part of the catalogue as it stands to choice. */
export const asCandidate = (part: PartRow, { shelf }: Pick<Field, 'shelf'>): Candidate => ({
  ...{ id: part.id, spec: part.spec, part },
  onShelf: lying(shelf, part.id),
});

/** The candidate that a choice names: the same part, the same coil, the same parts beside it; undefined where none of those stands to choice. */
export async function candidateOf(knex: Knex, field: Field, choice: Choice | undefined): Promise<Candidate | undefined> {
  if (!choice) return undefined;
  const coilText = (coil: CoilChoice | undefined) => (coil ? [coil.coilVolts, coil.coilKind, ...coil.coilHertz].join(' ') : '');
  const wanted = choiceKey(choice);
  const other = field.others.find(({ id, coil }) => id === wanted && coilText(coil) === coilText(choice.coil));
  if (other || choice.coil || wanted !== choice.partId) return other;
  const row = rowOf(field.catalogue, choice.partId);
  const part = row !== undefined && field.offered(row) ? await partById(knex, choice.partId) : undefined;
  return part && asCandidate(part, field);
}

/** Judges candidates with their changes from the removed part, which is judged by the same lines. */
export const judgeWith = ({ family, asked, removed }: Field, practice: SwapView['site']['practice']) =>
  judgeBeside(family.keeps, asked, removed, practice);
