import type { Knex } from 'knex';
import { takersOfDemoParts } from './catalogue';
import { inTransaction } from './transaction';

/** A word without the characters that nobody could read at its ends: they say nothing. Inside of what was read they count: 'N3?22'. */
const readOf = (word: string): string => word.replace(/^\?+|\?+$/g, '');

/** Words anywhere in a text, for `ilike`: a question mark inside a word is one unknown character; what the database reads as a sign stands for itself. */
export const like = (word: string) =>
  `%${readOf(word)
    .replace(/[%_\\]/g, '\\$&')
    .replaceAll('?', '_')}%`;

export type FoundPosition = {
  id: string;
  panel_id: string;
  tag: string;
  function: string;
  family: string;
  panel: string;
  site: string;
};

/** Panels in whose name, or that of their site, a word occurs: few beside what stands in them. */
const panelsNamed = (knex: Knex, word: string): Promise<string[]> =>
  knex('panels')
    .join('sites', 'sites.id', 'panels.site_id')
    .whereNull('archived_at')
    .whereRaw(`(panels.name || ' ' || sites.name) ilike ?`, [like(word)])
    .pluck('panels.id');

/** Positions in whose tag, function, family, panel or site every word occurs. */
export async function findPositions(knex: Knex, words: string[], most: number): Promise<FoundPosition[]> {
  const named = await Promise.all(words.map((word) => panelsNamed(knex, word)));
  return words
    .reduce(
      (query, word, i) =>
        query.where(
          (either) =>
            void either
              // As the index has it.
              .whereRaw(`lower(tag || ' ' || function || ' ' || family) like ?`, [like(word.toLowerCase())])
              .orWhereIn('panel_id', named[i] ?? []),
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
}

export type FoundPlace = { site_id: string; site: string; place: string; pieces: number };

/** Places of the stores in whose name or site every word occurs, with what lies there. */
export const findPlaces = (knex: Knex, words: string[], most: number): Promise<FoundPlace[]> =>
  words
    .reduce(
      (query, word) => query.whereRaw(`(stock.place || ' ' || sites.name) ilike ?`, [like(word)]),
      knex('stock').join('sites', 'sites.id', 'stock.site_id'),
    )
    .groupBy('stock.site_id', 'sites.name', 'sites.sort', 'stock.place')
    .orderBy(['sites.sort', 'stock.place'])
    .limit(most)
    .select('stock.site_id', 'stock.place', { site: 'sites.name', pieces: knex.raw('sum(quantity)::int') });

export type FoundPart = { id: string; name: string; maker: string };

/** Shorter words are too like too many others to be mended. */
const LEAST_TO_MEND = 4;
/** How many of its three-letter pieces a word must share with a known one, of one: two letters changed over in the middle of ten leave 0.38. */
const CLOSE = 0.35;
const MOST_MENDED = 4;

/** Parts that may be shown: of the demo only where a site takes them. */
const shownParts = (knex: Knex) =>
  knex<FoundPart>('parts')
    .where((query) => void query.where('demo', false).orWhereExists(takersOfDemoParts(knex)))
    .select('id', 'name', 'maker');

/** Two letters are pieces of almost every part, and no index knows them: they are looked for where a word begins. */
const SHORT = 2;
const piecesOf = (word: string): string[] => {
  if (word.length > SHORT) return [like(word)];
  const begins = like(word).slice(1);
  return [begins, `% ${begins}`];
};

/** The known words nearest to one that no part holds, the nearest first. */
const mended = (knex: Knex, word: string): Promise<string[]> =>
  inTransaction(knex, async (trx) => {
    await trx.raw(`set local pg_trgm.similarity_threshold = ${CLOSE}`);
    return trx('known_words')
      .whereRaw('word % ?', [word])
      .orderByRaw('similarity(word, ?) desc, word', [word])
      .limit(MOST_MENDED)
      .pluck('word');
  });

/**
 * Parts in what they are known by (name, maker, id, order number, other numbers, supplier) every word occurs, in any letters. Where there is
 * none, a word that no part holds is read as the known words nearest to it.
 */
export async function findParts(knex: Knex, words: string[], most: number): Promise<FoundPart[]> {
  const typed = words.map((word) => word.toLowerCase());
  const holding = (choices: readonly (readonly string[])[]): Promise<FoundPart[]> =>
    choices
      .reduce(
        (query, either) => query.where((or) => either.flatMap(piecesOf).forEach((piece) => void or.orWhere('words', 'like', piece))),
        shownParts(knex),
      )
      .orderByRaw('length(words), id')
      .limit(most);
  const holds = await holding(typed.map((word) => [word]));
  if (holds.length > 0) return holds;
  const choices = await Promise.all(
    typed.map(async (word) => {
      if (word.length < LEAST_TO_MEND || readOf(word).includes('?') || (await shownParts(knex).where('words', 'like', like(word)).first()))
        return [word];
      return mended(knex, word);
    }),
  );
  return choices.some((either) => either.length === 0) ? [] : holding(choices);
}
