/** Ranks crib and catalogue for a swap: the fit board's data. The lines are those of the core, sentences for shown parts only. */
import * as yup from 'yup';
import { rankColumns, type UnlikeMark } from '../core/catalogue/rank-columns';
import { wordNumber } from '../core/catalogue/part-columns';
import type { Change } from '../core/matching/changes';
import type { JudgedPart } from '../core/matching/judge';
import { likenessTo } from '../core/matching/likeness';
import { comparing, orders, rank, type Order, type Ranked } from '../core/matching/rank';
import type { Need } from '../core/needs/need';
import { isInHand, isInstalled } from '../core/swap/candidates';
import type { CoilChoice } from '../core/swap/swap';
import { database } from '../data/connection';
import { partsByIds } from '../data/catalogue';
import { tradeOfParts } from '../data/trade';
import { asCandidate, fieldOf, judgeWith, type Candidate, type Field } from './candidates';
import { loadSwap, type SwapView } from './swaps';
import { tradeWords, type Trade } from '../core/stores/trade';
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
  /** What it costs, how long it takes, whether it is still made; empty where nobody said. */
  trade: string;
  /** What tells it from its neighbours: the coil of a contactor, the rating of a breaker. */
  inBrief: string;
  /** Marks that it has and the removed part has not. */
  more: string[];
  /** Somebody holds it; it is none of the catalogue. */
  inHand: boolean;
  /** It stands there already, and gets another coil. */
  installed: boolean;
  part: JudgedPart;
  /** What differs from the removed part where it should be the same. */
  changes: Change[];
};
export type Comparison = {
  needs: Need[];
  removed: (JudgedPart & { name: string }) | null;
  columns: BoardColumn[];
  judged: number;
  holding: number;
  onShelf: number;
  fell: { needId: string; quantity: string; count: number }[];
};

const flag = (name: string) => yup.boolean().default(false).typeError(`${name} must be true or false.`);
type Filters = yup.InferType<typeof matchSchema>;
export const matchSchema = yup.object({
  inCrib: flag('inCrib'),
  sameFootprint: flag('sameFootprint'),
  coilSwap: yup.boolean().default(true).typeError('coilSwap must be true or false.'),
  hideChecks: flag('hideChecks'),
  order: yup
    .mixed<Order>()
    .oneOf(orders, `order is one of: ${orders.join(', ')}.`)
    .default('like'),
  limit: yup
    .number()
    .integer()
    .min(1, 'limit is 1 to 60.')
    .max(60, 'limit is 1 to 60.')
    .default(24)
    .typeError('limit must be a whole number, 1 to 60.'),
});

const tradeText = (trade: Trade | undefined): string => (trade ? tradeWords(trade) : '');

/** A candidate as the board shows it, judged beside the removed part. */
function columnMaker(field: Field, { site, position: { footprint } }: SwapView) {
  const judge = judgeWith(field, site.practice);
  const failed = new Set(judge.removed?.lines.filter(({ verdict }) => verdict === 'fails').map(({ need }) => need.id));
  const like = likenessTo(field.family.keeps, field.removed, failed);
  const marks = field.family.keeps.map((mark): UnlikeMark => {
    const own = likenessTo([mark], field.removed, failed);
    return { name: mark.name, unlike: (spec) => own(spec).unlike };
  });
  // A part of another frame or socket is another kind, too; of what is joined or held nobody knows what it takes up.
  const likeness = ({ part, spec, beside }: Candidate) => {
    const { unlike, more } = like(spec);
    const other = footprint !== null && (beside !== undefined || part.footprint !== footprint);
    return { unlike: unlike + (other ? 1 : 0), more };
  };
  const columnOf = (candidate: Candidate, trade: ReadonlyMap<string, Trade>): BoardColumn => {
    const { part, spec, coil, beside = [] } = candidate;
    const places = [part.id, ...beside].flatMap((one) => field.shelf.get(one) ?? []);
    const { judged, changes } = judge.candidate(spec);
    const inHand = isInHand(part.id);
    return {
      ...{
        partId: part.id,
        coil: coil ?? null,
        beside,
        name: part.name,
        maker: part.maker,
        footprint: part.footprint,
        inHand,
        installed: isInstalled(part.id),
      },
      sameFootprint: part.footprint === footprint && !inHand,
      shelf: places.filter((row, i) => places.indexOf(row) === i).map(({ place, quantity }) => ({ place, quantity })),
      trade: beside.length === 0 ? tradeText(trade.get(part.id)) : '',
      more: inHand ? [] : likeness(candidate).more,
      inBrief: field.family.shortDescription(coil ?? part.raw),
      part: judged,
      changes,
    };
  };
  return { columnOf, removed: judge.removed, likeness, marks };
}

const INSTALLED_AT = 4;
/** The installed body with a new coil is in sight where no line of it fails, however many parts stand before it. */
function withInstalled(offered: readonly Ranked[], all: readonly Ranked[], { hideChecks }: Filters): readonly Ranked[] {
  const own = all.find(({ id, verdict }) => isInstalled(id.split('+')[0] ?? '') && verdict !== 'fails');
  if (!own || hideChecks || offered.slice(0, INSTALLED_AT + 1).includes(own)) return offered;
  const others = offered.filter((entry) => entry !== own);
  return [...others.slice(0, INSTALLED_AT), own, ...others.slice(INSTALLED_AT)];
}

/** Which parts of the catalogue the filters leave, by row. */
function leftBy({ inCrib, sameFootprint }: Filters, { catalogue, offered, onShelf }: Field, footprint: string | null) {
  const own = footprint === null ? -1 : wordNumber(catalogue, footprint);
  return (row: number) =>
    offered(row) && (!inCrib || onShelf.has(row)) && (!sameFootprint || (own >= 0 && catalogue.footprintOf[row] === own));
}

type Ranking = { order: Ranked[]; fell: ReadonlyMap<string, number>; judged: number; holding: number; onShelf: number };

/** The catalogue and what is none of it, in one order. */
function rankAll(
  field: Field,
  others: readonly Candidate[],
  swap: SwapView,
  filters: Filters,
  maker: ReturnType<typeof columnMaker>,
): Ranking {
  const { footprint } = swap.position;
  const parts = rankColumns(field.catalogue, field.asked, {
    ...{ by: filters.order, offered: leftBy(filters, field, footprint), lying: field.onShelf, marks: maker.marks, footprint },
    currency: swap.site.currency,
    shown: (verdict) => !filters.hideChecks || verdict === 'fits',
    most: filters.limit,
  });
  // Of what is joined, or has another coil, nobody said what it costs.
  const rest = rank(
    field.asked,
    others.map((one) => ({ ...one, unlike: maker.likeness(one).unlike })),
    filters.order,
  );
  const fell = new Map(parts.fell);
  for (const { needId, count } of rest.fell) fell.set(needId, (fell.get(needId) ?? 0) + count);
  return {
    order: [...parts.order, ...rest.order].sort(comparing(filters.order)),
    fell,
    judged: parts.judged + rest.judged,
    holding: parts.holding + rest.holding,
    onShelf: parts.holdingOnShelf + rest.order.filter(({ onShelf, verdict }) => onShelf > 0 && verdict !== 'fails').length,
  };
}

/** The candidates of these ids: what is none of the catalogue, and of the catalogue those that are there still. */
async function candidatesOf(field: Field, shown: readonly Ranked[]): Promise<{ byId: Map<string, Candidate>; trade: Map<string, Trade> }> {
  const ids = shown.map(({ id }) => id);
  const knex = database();
  const [parts, trade] = await Promise.all([partsByIds(knex, ids), tradeOfParts(knex, ids)]);
  return { byId: new Map([...field.others, ...parts.map((part) => asCandidate(part, field))].map((one) => [one.id, one])), trade };
}

/** Returns the fit board of a swap. Filters take columns away; they never change which lines are asked. */
export async function matchSwap(id: string, body: unknown): Promise<Comparison> {
  const filters = await validate(matchSchema, body ?? {});
  const swap = await loadSwap(id);
  const field = await fieldOf(database(), swap);
  const { footprint } = swap.position;
  const held = field.others.filter((one) => isInHand(one.id));
  const others = field.others.filter(
    ({ id: one, part, coil, beside, onShelf }) =>
      !isInHand(one) &&
      (filters.coilSwap || !coil) &&
      (!filters.inCrib || onShelf > 0) &&
      (!filters.sameFootprint || (!beside && part.footprint === footprint)),
  );
  const maker = columnMaker(field, swap);
  const ranking = rankAll(field, others, swap, filters, maker);
  const offered = ranking.order.filter((entry) => !filters.hideChecks || entry.verdict === 'fits').slice(0, filters.limit);
  // What somebody holds stands first, whatever is said of it.
  const shown = [...rank(field.asked, held).order, ...withInstalled(offered, ranking.order, filters)];
  const { byId, trade } = await candidatesOf(field, shown);
  const { columnOf, removed } = maker;
  return {
    needs: field.needs,
    columns: shown.flatMap(({ id: one }) => {
      const candidate = byId.get(one);
      return candidate ? [columnOf(candidate, trade)] : [];
    }),
    judged: ranking.judged,
    holding: ranking.holding,
    onShelf: ranking.onShelf,
    removed: removed && { name: swap.position.deviceName, ...removed },
    fell: field.asked
      .flatMap(({ need }) => {
        const count = ranking.fell.get(need.id);
        return count === undefined ? [] : [{ needId: need.id, count, quantity: need.ways[0].quantity }];
      })
      .sort((a, b) => b.count - a.count),
  };
}
