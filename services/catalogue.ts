/**
 * The catalogue of a family by columns, held by each process that ranks it: read once, and then only what has changed. What a part is
 * called, and its marks for the few that are shown, are asked for by their ids.
 */
import type { Knex } from 'knex';
import type { PartColumns } from '../core/catalogue/part-columns';
import { columnsNow, type HeldColumns } from '../data/part-columns';

const holder = globalThis as { loyalCoilColumns?: Map<string, Promise<HeldColumns | undefined>> };

/** Returns the parts of a family as they stand now. One look at a time goes on from the one before; one that fails leaves what was known. */
export async function catalogueOf(knex: Knex, family: string): Promise<PartColumns> {
  const held = (holder.loyalCoilColumns ??= new Map());
  const before: Promise<HeldColumns | undefined> = held.get(family) ?? Promise.resolve(undefined);
  const looked = before.then((known) => columnsNow(knex, family, known));
  held.set(
    family,
    looked.catch(() => before),
  );
  return (await looked).columns;
}
