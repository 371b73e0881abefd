/** A second opinion on the catalogue: the parts on which no line fails, asked of the database alone. */
import type { Knex } from 'knex';
import { notFailingSql } from '@/core/matching/sql';
import type { Need } from '@/core/needs/need';
import type { PartRow } from '@/data/catalogue';

export async function partIdsNotFailing(knex: Knex, family: string, needs: readonly Need[]): Promise<string[]> {
  const { text, bindings } = notFailingSql(needs);
  return knex<PartRow>('parts').where({ family }).whereRaw(text, bindings).orderBy('id').pluck('id');
}
