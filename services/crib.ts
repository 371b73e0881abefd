/** The crib desk: rows of the stores by page, and what should be ordered. All of it is asked in SQL, whatever the catalogue holds. */
import type { Knex } from 'knex';
import Papa from 'papaparse';
import type { CribColumn } from '../core/stores/crib-columns';
import { toOrder } from '../core/stores/reorder';
import { database } from '../data/connection';
import { like } from '../data/find';
import { EXPECTED_SQL } from '../data/orders';

const MOST_ROWS = 100;
export type CribRow = {
  partId: string;
  name: string;
  maker: string;
  orderNumber: string | null;
  family: string;
  /** Null: nothing lies anywhere, only limits are set. */
  place: string | null;
  quantity: number;
  total: number;
  least: number | null;
  most: number | null;
  countedAt: string | null;
};
type Asked = { siteId: string; words: string; partId?: string; below: boolean; by: CribColumn; down: boolean; page: number; size: number };

/** Every place of a site where a part lies or lay, and parts with limits that lie nowhere. */
const shelves = (knex: Knex, siteId: string) =>
  knex
    .from(
      knex.raw(
        `(select coalesce(s.part_id, l.part_id) as "partId", s.place, coalesce(s.quantity, 0) as quantity, s.counted_at as "countedAt", l.least, l.most,
            coalesce(sum(s.quantity) over (partition by s.part_id), 0)::int as total
          from (select * from stock where site_id = :siteId) s
          full join (select * from stock_limits where site_id = :siteId) l on l.part_id = s.part_id) as shelf`,
        { siteId },
      ),
    )
    .join('parts', 'parts.id', 'shelf.partId');

const anywhere = (query: Knex.QueryBuilder, word: string) =>
  query.where((either) => {
    for (const column of ['parts.name', 'parts.maker', 'parts.order_number', 'parts.family', 'shelf.place'])
      void either.orWhereILike(column, like(word));
  });

/** One page of a site's crib, and how many rows there are. */
export async function cribPage({ siteId, words, partId, below, by, down, page, size }: Asked): Promise<{ rows: CribRow[]; total: number }> {
  const knex = database();
  const asked = shelves(knex, siteId);
  for (const word of words.split(/\s+/).filter(Boolean).slice(0, 8)) void anywhere(asked, word);
  if (partId) void asked.where({ 'shelf.partId': partId });
  if (below) void asked.whereRaw('shelf.total < shelf.least');
  const [counted] = await asked.clone().count({ n: '*' });
  const at = Math.min(MOST_ROWS, Math.max(1, size));
  const rows = await asked
    .select('shelf.*', { name: 'parts.name', maker: 'parts.maker', orderNumber: 'parts.order_number', family: 'parts.family' })
    .orderBy([{ column: by, order: down ? 'desc' : 'asc', nulls: 'last' }, 'partId', 'place'])
    .limit(at)
    .offset(Math.max(0, page) * at);
  return {
    rows: rows.map(({ countedAt, ...row }) => ({ ...row, countedAt: countedAt?.toISOString() ?? null })),
    total: Number(counted?.n ?? 0),
  };
}

export type ReorderRow = {
  partId: string;
  name: string;
  maker: string;
  orderNumber: string | null;
  lying: number;
  wanted: number;
  /** Pieces that are still expected of orders. */
  onOrder: number;
  least: number | null;
  most: number | null;
  order: number;
};

/** Parts of a site that should be ordered: below their least, or chosen by open jobs and not there. */
export async function reorderList(siteId: string): Promise<{ rows: ReorderRow[] }> {
  const knex = database();
  const { rows }: { rows: Omit<ReorderRow, 'order'>[] } = await knex.raw(
    `with wanted as (
       select s.state #>> '{choice,part,partId}' as part_id, count(*)::int as wanted
       from swaps s join positions p on p.id = s.position_id join panels n on n.id = p.panel_id
       where s.status = 'open' and n.site_id = :siteId and s.state #>> '{choice,part,partId}' is not null group by 1
     ), lying as (select part_id, sum(quantity)::int as lying from stock where site_id = :siteId group by 1),
     limits as (select part_id, least, most from stock_limits where site_id = :siteId), coming as (${EXPECTED_SQL})
     select p.id as "partId", p.name, p.maker, p.order_number as "orderNumber", coalesce(l.lying, 0) as lying, coalesce(w.wanted, 0) as wanted, coalesce(c.expected, 0) as "onOrder", m.least, m.most
     from (select part_id from wanted union select part_id from limits) k
     join parts p on p.id = k.part_id left join lying l on l.part_id = p.id left join wanted w on w.part_id = p.id left join limits m on m.part_id = p.id
     left join coming c on c.part_id = p.id
     order by p.maker, p.name`,
    { siteId },
  );
  return { rows: rows.map((row) => ({ ...row, order: toOrder(row) })).filter(({ order }) => order > 0) };
}

/** The same as a file for a spreadsheet; what one would run is made harmless. */
export async function reorderCsv(siteId: string): Promise<string> {
  const { rows } = await reorderList(siteId);
  const heads = ['Maker', 'Order number', 'Part', 'Pieces to order', 'In stock', 'Wanted by open jobs', 'On order', 'Least', 'Most'];
  return Papa.unparse(
    [
      heads,
      ...rows.map((row) => [row.maker, row.orderNumber, row.name, row.order, row.lying, row.wanted, row.onOrder, row.least, row.most]),
    ],
    {
      newline: '\n',
      escapeFormulae: true,
    },
  );
}
