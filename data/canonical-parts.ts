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

/**
 * Makes the canonical form of every part anew that was made by other rules than these.
 * @param rules names the rules of this build; undefined: nobody knows, and every part is looked at.
 * @returns how many forms are other ones now, and the parts that these rules no longer take: their form stays as it was.
 */
export async function renewCanonical(knex: Knex, rules: string | undefined): Promise<{ renewed: number; refused: string[] }> {
  const refused: string[] = [];
  let renewed = 0;
  let after = '';
  for (let last = false; !last;) {
    await inTransaction(knex, async (trx) => {
      const of = trx<Row & { ruled_by: string | null }>('parts');
      const rows: Row[] = await of
        .select('id', 'family', 'raw', 'spec')
        .where('id', '>', after)
        .modify((query) => void (rules !== undefined && query.whereRaw('ruled_by is distinct from ?', [rules])))
        .orderBy('id')
        .limit(PIECE)
        .forUpdate();
      last = rows.length < PIECE;
      after = rows.at(-1)?.id ?? after;
      for (const row of rows) {
        const spec = canonicalOf(row);
        if (spec === undefined) refused.push(row.id);
        else if (spec !== canonicalJson(row.spec)) {
          await trx('parts').where({ id: row.id }).update({ spec });
          renewed += 1;
        }
      }
      const ids = rows.map(({ id }) => id);
      if (ids.length > 0 && rules !== undefined) await trx('parts').whereIn('id', ids).update({ ruled_by: rules });
    });
  }
  return { renewed, refused };
}
