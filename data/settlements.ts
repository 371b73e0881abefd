/** Lines that were signed as not known, and what settled them since. */
import type { Knex } from 'knex';
import type { RecordBody } from '../core/record/record';

export type OpenLineRow = { position_id: string; record_id: string; signed_at: Date; line: RecordBody['fitted']['lines'][number] };

/** Lines signed as not known, and tests put off until later, on the newest record of each position, less those that were settled; of these positions. */
export async function openLines(knex: Knex, positionIds: readonly string[]): Promise<OpenLineRow[]> {
  const { rows } = await knex.raw<{ rows: OpenLineRow[] }>(
    `select r.position_id, r.id as record_id, r.signed_at, l.line
       from (select distinct on (position_id) * from records where position_id = any(?) order by position_id, signed_at desc) r
       cross join lateral (
         select line, i from jsonb_array_elements(r.body->'fitted'->'lines') with ordinality own(line, i) where line->>'verdict' = 'not-known'
         union all
         select jsonb_build_object('id', 'test-' || (test->>'id'), 'term', test->>'title', 'acknowledgedBy', test->'putOff'->>'by',
                                   'note', test->'putOff'->>'text'), 1000 + i
           from jsonb_array_elements(r.body->'proofs') with ordinality own(test, i) where test->>'verdict' = 'later'
       ) l
      where not exists (select 1 from settlements s where s.record_id = r.id and s.line_id = l.line->>'id')
      order by r.position_id, l.i`,
    [[...positionIds]],
  );
  return rows;
}

export type Settlement = { record_id: string; line_id: string; by: string; found: string; at: Date };

/** Keeps what settled a line; false where it was settled already. */
export async function settle(knex: Knex, row: Settlement): Promise<boolean> {
  const kept = await knex('settlements').insert(row).onConflict(['record_id', 'line_id']).ignore().returning('line_id');
  return kept.length === 1;
}
