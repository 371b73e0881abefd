import type { Knex } from 'knex';

/** Words anywhere in a text, for `ilike`; what the database reads as a sign stands for itself. */
export const like = (word: string) => `%${word.replace(/[%_\\]/g, '\\$&')}%`;

export type FoundPosition = {
  id: string;
  panel_id: string;
  tag: string;
  function: string;
  family: string;
  panel: string;
  site: string;
};

/** Positions in whose tag, function, family, panel or site every word occurs. */
export const findPositions = (knex: Knex, words: string[], most: number): Promise<FoundPosition[]> =>
  words
    .reduce(
      (query, word) =>
        query.whereRaw(
          `(positions.tag || ' ' || positions.function || ' ' || positions.family || ' ' || panels.name || ' ' || sites.name) ilike ?`,
          [like(word)],
        ),
      knex('positions')
        .join('panels', 'panels.id', 'positions.panel_id')
        .join('sites', 'sites.id', 'panels.site_id')
        .whereNull('positions.archived_at')
        .whereNull('panels.archived_at'),
    )
    .select('positions.id', 'positions.panel_id', 'positions.tag', 'positions.function', 'positions.family', {
      panel: 'panels.name',
      site: 'sites.name',
    })
    .orderBy(['sites.sort', 'panels.sort', 'positions.slot'])
    .limit(most);

/** Parts in whose name, id, order number or other numbers every word occurs. */
export const findParts = (knex: Knex, words: string[], most: number): Promise<{ id: string; name: string; maker: string }[]> =>
  words
    .reduce(
      (query, word) =>
        query.whereRaw(`(name || ' ' || id || ' ' || coalesce(order_number, '') || ' ' || coalesce(other_numbers, '')) ilike ?`, [
          like(word),
        ]),
      knex('parts')
        .leftJoin('part_trade', 'part_trade.part_id', 'parts.id')
        .where((query) => void query.where('parts.demo', false).orWhereExists(knex('sites').where('demo_parts', true))),
    )
    .select('id', 'name', 'maker')
    .orderBy('id')
    .limit(most);
