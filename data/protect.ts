/**
 * What may the application's role do? Read and write, make nothing and own nothing; and of what is signed, add and read alone. Asked of the
 * role that owns the tables, after migrating.
 */
import type { Knex } from 'knex';

/** Tables whose rows are neither changed nor taken away. */
export const signedTables = ['records', 'events', 'settlements', 'chain', 'audit', 'ledger'] as const;

export async function protectSigned(owner: Knex, role: string): Promise<void> {
  await owner.transaction(async (trx) => {
    // An older version gave the tables to the application.
    await trx.raw('reassign owned by ?? to current_user', [role]);
    for (const statement of [
      'revoke all on schema public from public, ??',
      'grant usage on schema public to ??',
      'grant select, insert, update, delete on all tables in schema public to ??',
      'grant usage, select on all sequences in schema public to ??',
    ])
      await trx.raw(statement, [role]);
    // A shelf changes by an entry of the ledger alone, which the database carries there; one that is empty may be taken down.
    await trx.raw('revoke insert, update on stock from ??', [role]);
    for (const table of [...signedTables, 'knex_migrations', 'knex_migrations_lock'])
      await trx.raw(`revoke update, delete, truncate${table.startsWith('knex') ? ', insert' : ''} on ?? from ??`, [table, role]);
  });
}
