/**
 * Which candidates come first, and why did the rest fall?
 * Order: no failing line; fewest not-known lines; fewest checks; like for like before another kind; in stock; joined of fewer parts; price and
 * lead time where they are known; nearest running-current rating above the need; then id, so that the order never wavers. What comes after the lines may be turned round.
 * Judges verdicts only; sentences are made later for the few that are shown.
 */
import { certain } from '../certain';
import type { Verdict } from '../needs/need';
import type { CompiledNeed, LineJudgement } from './evaluate';
import type { CanonicalSpec } from './canonical';

export type RankInput = {
  id: string;
  spec: CanonicalSpec;
  onShelf: number;
  /** Parts that it is joined of; absent: one. */ pieces?: number;
  /** How unlike the removed part it is: `likeness.ts`; absent: not at all. */ unlike?: number;
  /** For one piece, in the money of the site; absent: not known. */ price?: number;
  /** Until it is here; absent: not known. */ leadDays?: number;
};
/** What decides among parts of equal lines: like for like, in stock, the price, how soon it is here, or the nearest rating first. */
export const orders = ['like', 'stock', 'price', 'lead', 'rating'] as const;
export type Order = (typeof orders)[number];
export type Ranked = {
  id: string;
  verdict: Verdict;
  fails: number;
  checks: number;
  unknown: number;
  onShelf: number;
  pieces: number;
  unlike: number;
  price: number;
  leadDays: number;
  nearness: number;
};
/** First failing line by need id, and how many parts fell on it; the lines are taken in the order of the needs. */
export type Ranking = {
  order: Ranked[];
  fell: { needId: string; count: number }[];
  judged: number;
  holding: number;
};

const verdictOrder: Record<Verdict, number> = { fits: 0, check: 1, 'not-known': 2, fails: 3 };

/** How far the running current of a part lies above what is needed, or below it: the nearest above first. */
export function nearnessOf(running: CompiledNeed, { have, way }: LineJudgement): number {
  const { limit } = certain(running.need.ways[way]);
  if (typeof have !== 'number' || typeof limit !== 'number' || limit <= 0) return Infinity;
  return have >= limit ? have / limit : 1000 + limit / Math.max(have, 1e-6);
}

function isAsked(compiled: readonly CompiledNeed[], spec: CanonicalSpec): boolean {
  for (const { need, exempt } of compiled) if (need.alwaysAsked && !exempt(spec)) return true;
  return false;
}

/** Two that are alike, or of which nothing is known, are left to what comes next. */
const difference = (a: number, b: number): number => (a === b ? 0 : a - b);
const byOrder: Readonly<Record<Order, (a: Ranked, b: Ranked) => number>> = {
  like: (a, b) => a.unlike - b.unlike,
  stock: (a, b) => Number(b.onShelf > 0) - Number(a.onShelf > 0),
  price: (a, b) => difference(a.price, b.price),
  // What lies here is here.
  lead: (a, b) => difference(a.onShelf > 0 ? 0 : a.leadDays, b.onShelf > 0 ? 0 : b.leadDays),
  rating: (a, b) => difference(a.nearness, b.nearness),
};

/** The order of two parts: less than nothing where the first one stands before the other. */
export const comparing =
  (by: Order) =>
  (a: Ranked, b: Ranked): number =>
    verdictOrder[a.verdict] - verdictOrder[b.verdict] ||
    a.fails - b.fails ||
    a.unknown - b.unknown ||
    a.checks - b.checks ||
    byOrder[by](a, b) ||
    byOrder.like(a, b) ||
    byOrder.stock(a, b) ||
    a.pieces - b.pieces ||
    byOrder.price(a, b) ||
    byOrder.lead(a, b) ||
    byOrder.rating(a, b) ||
    (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);

/** Ranks parts against compiled needs; equal inputs give equal order. */
export function rank(compiled: readonly CompiledNeed[], parts: readonly RankInput[], by: Order = 'like'): Ranking {
  const fell = new Map<string, number>();
  const running = compiled.find(({ need }) => need.id === 'running');
  const order = parts.map((part): Ranked => {
    let fails = 0;
    let checks = 0;
    let unknown = 0;
    let nearness = Infinity;
    for (const line of compiled) {
      const { need } = line;
      let result: Verdict;
      if (line === running) {
        const judgement = line.judge(part.spec);
        nearness = nearnessOf(line, judgement);
        result = judgement.verdict;
      } else result = line.verdict(part.spec);
      if (result === 'fails') {
        if (fails === 0) fell.set(need.id, (fell.get(need.id) ?? 0) + 1);
        fails += 1;
      } else if (result === 'check') checks += 1;
      else if (result === 'not-known') unknown += 1;
    }
    // As a part is judged: without a line of those that are always asked it is never a fit.
    const verdict: Verdict =
      fails > 0 ? 'fails' : unknown > 0 || !isAsked(compiled, part.spec) ? 'not-known' : checks > 0 ? 'check' : 'fits';
    return {
      id: part.id,
      verdict,
      fails,
      checks,
      unknown,
      onShelf: part.onShelf,
      pieces: part.pieces ?? 1,
      unlike: part.unlike ?? 0,
      price: part.price ?? Infinity,
      leadDays: part.leadDays ?? Infinity,
      nearness: fails > 3 ? Infinity : nearness,
    };
  });
  order.sort(comparing(by));
  return {
    order,
    fell: compiled.flatMap(({ need }) => (fell.has(need.id) ? [{ needId: need.id, count: certain(fell.get(need.id)) }] : [])),
    judged: parts.length,
    holding: order.filter((entry) => entry.verdict !== 'fails').length,
  };
}
