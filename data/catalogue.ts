/** Catalogue and stock. Canonical specs are held as jsonb, so that a need line can be asked of them in SQL. */
import { certain } from '../core/certain';
import type { Knex } from 'knex';
import type { PartSpec } from '../core/case/case';
import type { CanonicalSpec } from '../core/matching/canonical';
import { notFailingSql } from '../core/matching/sql';
import type { Need } from '../core/needs/need';

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

/** Counts up with every change of the catalogue, so that processes know when to read it again. */
export async function catalogueVersion(knex: Knex): Promise<number> {
  return certain(await knex<{ version: number }>('catalogue_version').first()).version;
}

/** Ids of the parts on which none of these needs fails, asked in SQL: for catalogues too large to hold in memory. */
export async function partIdsNotFailing(knex: Knex, family: string, needs: readonly Need[]): Promise<string[]> {
  const { text, bindings } = notFailingSql(needs);
  return knex<PartRow>('parts').where({ family }).whereRaw(text, bindings).orderBy('id').pluck('id');
}

/** Sites that want the parts of the demo; without any nobody is shown them. */
export const takersOfDemoParts = (knex: Knex) => knex('sites').where('demo_parts', true);

export const stockOfPart = (knex: Knex, partId: string): Promise<StockRow[]> =>
  knex<StockRow>('stock').where({ part_id: partId }).where('quantity', '>', 0).orderBy('place');
