import { familyOf } from '../core/families/registry';
import { formatValue } from '../core/quantities/format-quantity';
import { partById, stockOfPart } from '../data/catalogue';
import { database } from '../data/connection';

const shown = (value: unknown, unit: string): string => {
  if (value === 'none' || value === false) return 'no such mark';
  if (Array.isArray(value) && typeof value[0] === 'object')
    return value
      .map((row) =>
        Object.entries(row as object)
          .map(([k, v]) => `${k} ${v}`)
          .join(', '),
      )
      .join(' · ');
  return formatValue(value, unit);
};

/** A part of the catalogue as a page shows it; undefined where it is not there. */
export async function partView(id: string) {
  const knex = database();
  const part = await partById(knex, decodeURIComponent(id));
  if (!part) return undefined;
  const fields = familyOf(part.family)!.fields.filter((field) => part.raw[field.name] !== undefined);
  return {
    name: part.name,
    maker: part.maker,
    footprint: part.footprint,
    shelf: (await stockOfPart(knex, part.id)).map(({ place, quantity }) => ({ place, quantity })),
    fields: fields.map((field) => ({
      label: field.label,
      value: shown(part.raw[field.name], field.unit ?? ''),
    })),
  };
}
