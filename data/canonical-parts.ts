/** The canonical form of every part is made by the rules that judge it: those of an older release never stand beside a newer judge. */
import type { Knex } from 'knex';
import type { PartSpec } from '../core/case/case';
import { familyOf } from '../core/families/registry';
import { canonicalJson } from '../core/record/record';
import { inTransaction } from './transaction';

const PIECE = 2000;
type Row = { id: string; family: string; raw: PartSpec; spec: unknown };

/** What the rules of today make of a part; undefined where they no longer take what was entered. */
function canonicalOf({ family, raw }: Row): string | undefined {
  try {
    return canonicalJson(familyOf(family)?.canonical(raw));
  } catch {
    return undefined;
  }
}

/** The parts behind `after`, in order, that were not laid out by these rules; locked. */
const nextParts = (trx: Knex, after: string, rules: string | undefined): Promise<Row[]> =>
  trx('parts')
    .select('id', 'family', 'raw', 'spec')
    .where('id', '>', after)
    .modify((query) => void (rules !== undefined && query.whereRaw('ruled_by is distinct from ?', [rules])))
    .orderBy('id')
    .limit(PIECE)
    .forUpdate();

type Renewed = { renewed: number; refused: string[] };
async function renewPiece(trx: Knex, rows: readonly Row[], rules: string | undefined): Promise<Renewed> {
  const refused: string[] = [];
  let renewed = 0;
  for (const row of rows) {
    const made = canonicalOf(row);
    if (made === undefined) refused.push(row.id);
    // Nothing is known of a part that these rules do not take: what older ones made of it is judged by no rule of today.
    const spec = made ?? '{}';
    if (spec === canonicalJson(row.spec)) continue;
    await trx('parts').where({ id: row.id }).update({ spec });
    renewed += 1;
  }
  const ids = rows.map(({ id }) => id);
  if (ids.length > 0 && rules !== undefined) await trx('parts').whereIn('id', ids).update({ ruled_by: rules });
  return { renewed, refused };
}

/**
 * Makes the canonical form of every part anew that was made by other rules than these.
 * @param rules names the rules of this build; undefined: nobody knows, and every part is looked at.
 * @returns how many forms are other ones now, and the parts that these rules no longer take: of those nothing counts as known.
 */
export async function renewCanonical(knex: Knex, rules: string | undefined): Promise<Renewed> {
  const all: Renewed = { renewed: 0, refused: [] };
  for (let after: string | undefined = ''; after !== undefined;) {
    const from: string = after;
    const { rows, found } = await inTransaction(knex, async (trx) => {
      const piece = await nextParts(trx, from, rules);
      return { rows: piece, found: await renewPiece(trx, piece, rules) };
    });
    all.renewed += found.renewed;
    all.refused.push(...found.refused);
    after = rows.length < PIECE ? undefined : rows.at(-1)?.id;
  }
  return all;
}
