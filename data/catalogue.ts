/** Parts of the catalogue and what lies of them. */
import type { Knex } from 'knex';
import type { PartSpec } from '../core/case/case';
import type { CanonicalSpec } from '../core/matching/canonical';

export type PartRow = {
  id: string;
  family: string;
  maker: string;
  name: string;
  /** Of a part that a file brought. */
  order_number?: string | null;
  footprint: string;
  coil_exchangeable: boolean;
  /** Invented: nobody sells it. */
  demo?: boolean;
  raw: PartSpec;
  spec: CanonicalSpec;
};
export type StockRow = { id: number; site_id: string; part_id: string; place: string; quantity: number };

export const partsOfFamily = (knex: Knex, family: string): Promise<PartRow[]> => knex<PartRow>('parts').where({ family }).orderBy('id');
export const partById = (knex: Knex, id: string): Promise<PartRow | undefined> => knex<PartRow>('parts').where({ id }).first();
export const stockOfSite = (knex: Knex, siteId: string): Promise<StockRow[]> =>
  knex<StockRow>('stock').where({ site_id: siteId }).where('quantity', '>', 0).orderBy('place');

/** The parts of a family that lie at a site, in the order of their ids. */
export const partsOnShelf = (knex: Knex, siteId: string, family: string): Promise<PartRow[]> =>
  knex<PartRow>('parts')
    .where({ family })
    .whereIn('id', knex('stock').where({ site_id: siteId }).where('quantity', '>', 0).select('part_id'))
    .orderBy('id');

const LARGE = 5000;
/** Families of which there are so many parts that reading them takes a while. */
export const largeFamilies = (knex: Knex): Promise<string[]> =>
  knex('parts').groupBy('family').havingRaw('count(*) > ?', [LARGE]).orderBy('family').pluck('family');

/** Parts by their ids, in no order. */
export const partsByIds = (knex: Knex, ids: readonly string[]): Promise<PartRow[]> => knex<PartRow>('parts').whereIn('id', [...ids]);

/** Sites that want the parts of the demo; without any nobody is shown them. */
export const takersOfDemoParts = (knex: Knex) => knex('sites').where('demo_parts', true);

export const stockOfPart = (knex: Knex, partId: string): Promise<StockRow[]> =>
  knex<StockRow>('stock').where({ part_id: partId }).where('quantity', '>', 0).orderBy('place');
