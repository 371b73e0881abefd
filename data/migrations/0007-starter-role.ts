import type { Knex } from 'knex';

/** Marks of a load that are kept under another name from here on; signed records stay as they were signed. */
const kept = [
  ['positions', 'readings'],
  ['swaps', 'state'],
] as const;

const rename = async (knex: Knex, from: string, to: string): Promise<void> => {
  for (const [table, column] of kept)
    await knex.raw(`update ?? set ?? = jsonb_set(?? #- ?::text[], ?::text[], ?? #> ?::text[]) where jsonb_exists(?? -> 'load', ?)`, [
      table,
      column,
      column,
      `{load,${from}}`,
      `{load,${to}}`,
      column,
      `{load,${from}}`,
      column,
      from,
    ]);
};

/** The role of a contactor in its starter is no position: a position is a place in a panel. */
export const up = (knex: Knex): Promise<void> => rename(knex, 'contactorPosition', 'starterRole');
export const down = (knex: Knex): Promise<void> => rename(knex, 'starterRole', 'contactorPosition');
