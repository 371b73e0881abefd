/**
 * The catalogue of a family by columns, held by each process that ranks it: read once, and then only what has changed. What a part is
 * called, and its marks for the few that are shown, are asked for by their ids.
 */
import type { Knex } from 'knex';
import type { PartColumns } from '../core/catalogue/part-columns';
import { largeFamilies } from '../data/catalogue';
import { database } from '../data/connection';
import { columnsNow, type HeldColumns } from '../data/part-columns';
import { ServiceError } from './service-error';

const holder = globalThis as { loyalCoilColumns?: Map<string, Promise<HeldColumns | undefined>> };

/** Longer than that nobody waits for an answer; reading goes on meanwhile. */
const MOST_MS = 8000;
const RETRY_SECONDS = 5;
const stillRead = () =>
  new ServiceError(
    503,
    [
      {
        field: '',
        reason: 'The catalogue is large and is being read for the first time since the start. Ask again in a moment; nothing was lost.',
      },
    ],
    { retryAfterSeconds: RETRY_SECONDS },
  );

/** Throws a 503 where it takes longer than anybody waits. */
async function inTime<T>(work: Promise<T>): Promise<T> {
  let timer: NodeJS.Timeout | undefined;
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(stillRead()), MOST_MS);
  });
  return Promise.race([work, late]).finally(() => clearTimeout(timer));
}

/** Reads the large families before anybody asks for them. */
export async function readEarly(knex: Knex): Promise<void> {
  for (const family of await largeFamilies(knex)) await look(knex, family);
}

/** Returns the parts of a family as they stand now. Throws a 503 while a large one is read for the first time. */
export const catalogueOf = async (knex: Knex, family: string): Promise<PartColumns> => (await inTime(look(knex, family))).columns;

/** One look at a time goes on from the one before; one that fails leaves what was known. */
function look(knex: Knex, family: string): Promise<HeldColumns> {
  const held = (holder.loyalCoilColumns ??= new Map());
  const before: Promise<HeldColumns | undefined> = held.get(family) ?? Promise.resolve(undefined);
  // Read from the beginning it outlives whoever asked first, and the transaction that this one may stand in.
  const looked = before.then((known) => columnsNow(known ? knex : database(), family, known));
  held.set(
    family,
    looked.catch(() => before),
  );
  return looked;
}
