import { ownCurveOf } from '../core/families/curve-of-part';
import { certain } from '../core/certain';
import { familyOf } from '../core/families/registry';
import { formatValue } from '../core/quantities/format-quantity';
import { partById, stockOfPart } from '../data/catalogue';
import { database } from '../data/connection';
import { tradeOfPart } from '../data/trade';
import { keptCurve } from './part-curves';

/** One column of a row with its unit: 'hertz', 50 gives '50 Hz'; 'ac3Amps', 25 gives 'ac3 25 A'. */
const rowMark = (name: string, value: unknown): string => {
  if (name === 'volts') return formatValue(value, 'V');
  if (name === 'hertz') return formatValue(value, 'Hz');
  if (name === 'kind') return formatValue(value, '');
  if (name === 'polesInSeries') return `${String(value)} poles`;
  const unit = name.endsWith('Amps') || name === 'amps' ? 'A' : '';
  const said = ['amps', 'interruptingAmps'].includes(name) ? '' : `${name.replace(/Amps$/, '')} `;
  return `${said}${formatValue(value, unit)}`;
};
/** Volts first, as on a plate; the store keeps no order of its own. */
const rowOrder = ['volts', 'kind', 'hertz', 'polesInSeries'];
const placeOf = (name: string) => (rowOrder.indexOf(name) + rowOrder.length + 1) % (rowOrder.length + 1);

/** A mark of a part as a page says it. */
export const markText = (value: unknown, unit = ''): string => {
  if (value === undefined) return '';
  if (value === 'none' || value === false) return 'no such mark';
  if (value === true) return 'yes';
  if (Array.isArray(value) && typeof value[0] === 'object')
    return value
      .map((row) =>
        Object.entries(row as object)
          .sort(([a], [b]) => placeOf(a) - placeOf(b))
          .map(([k, v]) => rowMark(k, v))
          .join(', '),
      )
      .join(' · ');
  return formatValue(value, unit);
};

async function tradeView(knex: ReturnType<typeof database>, partId: string) {
  const kept = await tradeOfPart(knex, partId);
  return kept && { ...kept, saidAt: kept.saidAt.toISOString() };
}

/** A part of the catalogue as a page shows it; undefined where it is not there. */
export async function partView(id: string) {
  const knex = database();
  const part = await partById(knex, decodeURIComponent(id));
  if (!part) return undefined;
  const fields = certain(familyOf(part.family)).fields.filter((field) => part.raw[field.name] !== undefined);
  return {
    id: part.id,
    family: part.family,
    name: part.name,
    maker: part.maker,
    footprint: part.footprint,
    curve: ownCurveOf(part.family) !== 'none' ? await keptCurve(knex, part.id) : undefined,
    trade: await tradeView(knex, part.id),
    shelf: (await stockOfPart(knex, part.id)).map(({ place, quantity }) => ({ place, quantity })),
    fields: fields.map((field) => ({
      label: field.label,
      value: markText(part.raw[field.name], field.unit),
    })),
  };
}
