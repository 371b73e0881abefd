/**
 * The catalogue of a family, held in memory by version. Another process that changes the catalogue counts the version
 * up; this one then reads it again. Parts are few enough to hold (thousands); larger ones are asked in SQL instead.
 */
import type { Knex } from 'knex';
import { catalogueVersion, partsOfFamily, type PartRow } from '../data/catalogue';

type Held = { version: number; parts: PartRow[]; byId: Map<string, PartRow> };
const holder = globalThis as { loyalCoilCatalogue?: Map<string, Promise<Held>> };

/** Returns the parts of a family as of the newest version. */
export async function catalogueOf(knex: Knex, family: string): Promise<Held> {
  const version = await catalogueVersion(knex);
  const held = (holder.loyalCoilCatalogue ??= new Map());
  const known = held.get(family);
  if (known && (await known.catch(() => undefined))?.version === version) return known;
  const fresh = partsOfFamily(knex, family).then((parts) => ({
    version,
    parts,
    byId: new Map(parts.map((part) => [part.id, part])),
  }));
  held.set(family, fresh);
  fresh.catch(() => held.delete(family));
  return fresh;
}
