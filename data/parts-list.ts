/** Parts of a family by their own marks, a page at a time in the order of their names. */
import type { Knex } from 'knex';
import type { PartSpec } from '../core/case/case';
import type { PartFilter } from '../core/catalogue/part-filters';
import { takersOfDemoParts } from './catalogue';
import { like } from './find';

export type ListedPart = {
  id: string;
  name: string;
  maker: string;
  order_number: string | null;
  demo: boolean;
  raw: PartSpec;
  state: string | null;
  lying: string | null;
};
/** Where a page begins: after this one. */
export type After = { name: string; id: string };
export type PartsAsked = { family: string; words: readonly string[]; filters: readonly PartFilter[]; after?: After; most: number };

function filtered(query: Knex.QueryBuilder, filter: PartFilter): void {
  const figure = (sign: string, end: number | null): void => {
    if (end !== null)
      // Only of a figure: the database may look at another mark first.
      void query.whereRaw(`case when jsonb_typeof(parts.raw -> ?) = 'number' then (parts.raw ->> ?)::float8 ${sign} ? else false end`, [
        filter.name,
        filter.name,
        end,
      ]);
  };
  switch (filter.kind) {
    case 'range':
      figure('>=', filter.atLeast);
      return figure('<=', filter.atMost);
    case 'flag':
      return void query.whereRaw('parts.raw -> ? = to_jsonb(?::boolean)', [filter.name, filter.flag]);
    case 'word':
      return void (filter.list
        ? query.whereRaw(`jsonb_typeof(parts.raw -> ?) = 'array' and parts.raw -> ? @> to_jsonb(?::text)`, [
            filter.name,
            filter.name,
            filter.word,
          ])
        : query.whereRaw('parts.raw -> ? = to_jsonb(?::text)', [filter.name, filter.word]));
  }
}

/** What is asked for, without its page. */
function asked(knex: Knex, { family, words, filters }: PartsAsked) {
  const query = knex('parts')
    .where({ family })
    .where((shown) => void shown.where('demo', false).orWhereExists(takersOfDemoParts(knex)));
  for (const word of words) void query.where('words', 'like', like(word.toLowerCase()));
  for (const filter of filters) filtered(query, filter);
  return query;
}

/** One page, in the order of their names. */
export const partsPage = (knex: Knex, want: PartsAsked): Promise<ListedPart[]> => {
  const query = asked(knex, want);
  if (want.after) void query.whereRaw('(name collate "C", id collate "C") > (?, ?)', [want.after.name, want.after.id]);
  return query
    .leftJoin('part_trade', 'part_trade.part_id', 'parts.id')
    .orderByRaw('name collate "C", id collate "C"')
    .limit(want.most)
    .select('id', 'name', 'maker', 'order_number', 'demo', 'raw', 'part_trade.state', {
      lying: knex('stock').whereRaw('stock.part_id = parts.id').sum('quantity'),
    });
};

/** How many there are, counted up to `most`. */
export async function partsCount(knex: Knex, want: PartsAsked, most: number): Promise<number> {
  const [counted] = await knex.from(asked(knex, want).select('id').limit(most).as('some')).count({ n: '*' });
  return Number(counted?.n ?? 0);
}
