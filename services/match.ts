/** Ranks crib and catalogue for a swap: the fit board's data. The lines are those of the core, sentences for shown parts only. */
import { certain } from '../core/certain';
import * as yup from 'yup';
import type { Change } from '../core/matching/changes';
import type { JudgedPart } from '../core/matching/judge';
import { rank } from '../core/matching/rank';
import type { Need } from '../core/needs/need';
import type { CoilChoice } from '../core/swap/swap';
import { database } from '../data/connection';
import { fieldOf, judgeWith, type Candidate } from './candidates';
import { loadSwap } from './swaps';
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

/** Returns the fit board of a swap. Filters take columns away; they never change which lines are asked. */
export async function matchSwap(id: string, body: unknown): Promise<Comparison> {
  const filters = await validate(matchSchema, body ?? {});
  const swap = await loadSwap(id);
  const field = await fieldOf(database(), swap);
  const { family, asked, shelf } = field;
  const { footprint } = swap.position;
  const kept = ({ part, coil, beside, onShelf }: Candidate) =>
    (filters.coilSwap || !coil) &&
    (!filters.inCrib || onShelf > 0) &&
    (!filters.sameFootprint || (!beside && part.footprint === footprint));
  const candidates = field.candidates.filter(kept);
  const ranking = rank(asked, candidates);
  const byId = new Map(candidates.map((candidate) => [candidate.id, candidate]));
  const shown = ranking.order.filter((entry) => !filters.hideChecks || entry.verdict === 'fits').slice(0, filters.limit);
  const judge = judgeWith(field, swap.site.practice);
  const columns = shown.map((entry): BoardColumn => {
    const candidate = certain(byId.get(entry.id));
    const { part, coil, beside = [] } = candidate;
    const places = [part.id, ...beside].flatMap((one) => shelf.get(one) ?? []);
    const { judged, changes } = judge.candidate(candidate.spec);
    return {
      partId: part.id,
      coil: coil ?? null,
      beside,
      name: part.name,
      maker: part.maker,
      footprint: part.footprint,
      sameFootprint: part.footprint === footprint,
      shelf: places.filter((row, i) => places.indexOf(row) === i).map(({ place, quantity }) => ({ place, quantity })),
      inBrief: family.shortDescription(coil ?? part.raw),
      part: judged,
      changes,
    };
  });
  return {
    needs: field.needs,
    columns,
    judged: ranking.judged,
    holding: ranking.holding,
    filtered: field.left,
    onShelf: ranking.order.filter((entry) => entry.onShelf > 0 && entry.verdict !== 'fails').length,
    removed: judge.removed && { name: swap.position.deviceName, ...judge.removed },
    fell: ranking.fell
      .map(({ needId, count }) => ({
        needId,
        count,
        quantity: certain(field.needs.find((need) => need.id === needId)).ways[0].quantity,
      }))
      .sort((a, b) => b.count - a.count),
  };
}
