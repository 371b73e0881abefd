/** What a process holds by columns is what stands in the database, whoever changed it and whenever that was made known. */
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { rowOf } from '../core/catalogue/part-columns';
import { valuesOf } from '../core/catalogue/spec-table';
import { columnsNow, settleChanges, type HeldColumns } from './part-columns';
import { testDatabase, type TestDatabase } from './test-database';

let db: TestDatabase;
beforeAll(async () => {
  db = await testDatabase();
});
afterAll(() => db.drop());

const row = (id: string, poles: number, footprint = '') => ({
  ...{ id, maker: 'Wexmoor', name: id, family: 'contactor', footprint, coil_exchangeable: false, raw: '{}' },
  spec: JSON.stringify({ poles }),
});
/** What the columns say of each part. */
const said = ({ columns }: HeldColumns) =>
  columns.ids.map((id, i) => {
    const { of, values } = valuesOf(columns.specs, 'poles');
    const price = columns.price[i]!;
    return [id, values[of[columns.specOf[i]!]!], columns.words.list[columns.footprintOf[i]!], Number.isNaN(price) ? null : price];
  });
const stands = async () =>
  (await db.knex('parts').leftJoin('part_trade', 'part_trade.part_id', 'parts.id').where({ family: 'contactor' }).orderBy('parts.id')).map(
    (one) => [one.id, one.spec.poles, one.footprint, one.price === null ? null : Number(one.price)],
  );

describe('columns of a family', () => {
  it('go on from one look to the next by what others have changed, and equal what is read anew', async () => {
    let held = await columnsNow(db.knex, 'contactor', undefined);
    const step = fc.record({
      ids: fc.uniqueArray(fc.integer({ min: 10, max: 30 }), { minLength: 1, maxLength: 6 }),
      deed: fc.constantFrom('make', 'change', 'frame', 'buy', 'take away', 'undone' as const),
      poles: fc.integer({ min: 1, max: 4 }),
      /** Another process looks while the work is not made known yet. */
      lookedAt: fc.boolean(),
    });
    await fc.assert(
      fc.asyncProperty(fc.array(step, { minLength: 1, maxLength: 6 }), async (steps) => {
        for (const { ids, deed, poles, lookedAt } of steps) {
          const trx = await db.knex.transaction();
          const names = ids.map((n) => `p${n}`);
          if (deed === 'make' || deed === 'undone')
            await trx('parts')
              .insert(names.map((id) => row(id, poles)))
              .onConflict('id')
              .merge(['spec']);
          if (deed === 'change')
            await trx('parts')
              .whereIn('id', names)
              .update({ spec: JSON.stringify({ poles }) });
          if (deed === 'frame')
            await trx('parts')
              .whereIn('id', names)
              .update({ footprint: `frame ${poles}` });
          if (deed === 'buy')
            for (const { id } of await trx('parts').whereIn('id', names).select('id'))
              await trx('part_trade')
                .insert({
                  ...{ part_id: id, supplier: '', price: poles, currency: 'EUR', state: 'current', replaced_by: '', other_numbers: '' },
                  ...{ said_by: 'x', said_at: new Date() },
                })
                .onConflict('part_id')
                .merge();
          if (deed === 'take away') {
            await trx('part_trade').whereIn('part_id', names).delete();
            await trx('parts').whereIn('id', names).delete();
          }
          if (lookedAt) held = await columnsNow(db.knex, 'contactor', held);
          await (deed === 'undone' ? trx.rollback() : trx.commit());
          held = await columnsNow(db.knex, 'contactor', held);
          expect(said(held)).toEqual(await stands());
        }
      }),
      { numRuns: 40 },
    );
    expect(said(await columnsNow(db.knex, 'contactor', undefined))).toEqual(said(held));
  });

  it('are read in pages, in order, and ask one question where nothing has changed', async () => {
    // In pieces: each goes into the index of words, too, and a busy machine does not do all of it within what one statement may take.
    for (let from = 0; from < 25_000; from += 5000)
      await db.knex.raw(
        `insert into parts (id, maker, name, family, footprint, coil_exchangeable, raw, spec)
         select 'm' || i, 'Wexmoor', 'm' || i, 'fuse', '', false, '{}', jsonb_build_object('poles', i % 3) from generate_series(?::int + 1, ?::int + 5000) i`,
        [from, from],
      );
    const held = await columnsNow(db.knex, 'fuse', undefined);
    expect(held.columns.ids).toHaveLength(25_000);
    expect(held.columns.ids).toEqual([...held.columns.ids].sort());
    expect(held.columns.specs.size).toBe(3);
    expect(rowOf(held.columns, 'm24999')).toBeDefined();
    let asked = 0;
    const count = () => void (asked += 1);
    db.knex.on('query', count);
    const again = await columnsNow(db.knex, 'fuse', held);
    db.knex.off('query', count);
    expect([asked, again.columns]).toEqual([1, held.columns]);
  });

  it('are read anew where another database was put back, however its transactions were numbered', async () => {
    const held = await columnsNow(db.knex, 'contactor', undefined);
    await db.knex('parts').insert(row('stays', 4));
    // As a backup from an older cluster leaves it: rows with numbers that this one has not come to yet.
    await db.knex.raw(`alter table parts disable trigger user; update parts set changed = '99999999' where family = 'contactor'`);
    await db.knex('parts').insert({ ...row('put back', 3), changed: '88888888', spec_key: '00000000-0000-0000-0000-000000000000' });
    await db.knex.raw('alter table parts enable trigger user');
    await settleChanges(db.knex);
    const now = await columnsNow(db.knex, 'contactor', held);
    expect(said(now)).toEqual(await stands());
    expect(now.generation).toBe(held.generation + 1);
    await settleChanges(db.knex);
    expect((await columnsNow(db.knex, 'contactor', now)).columns).toBe(now.columns);
  });
});
