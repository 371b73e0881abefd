/** The user's own letters per maker: read, and saved with the version that was read. */
import { inTransaction } from '../data/transaction';
import type { Knex } from 'knex';
import * as yup from 'yup';
import { MOST_MAKER_LETTERS, positionRowsSchema, type PositionTable } from '../core/case/position-codes';
import { database } from '../data/connection';
import { ServiceError } from './service-error';
import { validate } from './validate';

/** Every maker's table, by name. */
export const positionTables = async (knex: Knex = database()): Promise<PositionTable[]> =>
  (await knex<PositionTable>('position_codes').orderBy('maker')).map(({ maker, version, rows }) => ({ maker, version, rows }));

export const positionCodesSchema = yup.object({
  version: yup.number().strict().integer().min(0).required('version is missing: send the one that you read, 0 for a new maker.'),
  rows: positionRowsSchema,
});

/** Saves a maker's table; with no rows it goes. Throws 409 with what stands where somebody saved first. */
export async function savePositionCodes(maker: string, body: unknown): Promise<PositionTable[]> {
  const name = maker.trim();
  if (name.length === 0 || name.length > MOST_MAKER_LETTERS)
    throw new ServiceError(422, [{ field: 'maker', reason: `A maker's name has 1 to ${MOST_MAKER_LETTERS} characters.` }]);
  const { version, rows } = await validate(positionCodesSchema, body);
  const knex = database();
  const changed = async (trx: Knex) =>
    new ServiceError(
      409,
      [
        {
          field: 'version',
          reason: 'Somebody changed this maker’s letters since you read them. Nothing was overwritten: look at them again.',
        },
      ],
      { tables: await positionTables(trx) },
    );
  await inTransaction(knex, async (trx) => {
    const text = JSON.stringify(rows);
    const there = await trx<PositionTable>('position_codes').where({ maker: name }).forUpdate().first();
    if ((there?.version ?? 0) !== version) throw await changed(trx);
    if (rows.length === 0) await trx('position_codes').where({ maker: name }).delete();
    else if (there)
      await trx('position_codes')
        .where({ maker: name })
        .update({ rows: text, version: version + 1 });
    else {
      // Of two tabs that add one maker at a time, one is told.
      const added = await trx('position_codes')
        .insert({ maker: name, rows: text, version: 1 })
        .onConflict('maker')
        .ignore()
        .returning('maker');
      if (added.length === 0) throw await changed(trx);
    }
  });
  return positionTables();
}
