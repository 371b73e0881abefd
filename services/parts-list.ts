/** The catalogue as it is looked through: by family, words and the family's own marks; and a few parts side by side. */
import { filterFields, readFilters } from '../core/catalogue/part-filters';
import { familyOf } from '../core/families/registry';
import { isOneOf, isRecord } from '../core/certain';
import { tradeStates, tradeStateWords } from '../core/stores/trade';
import { database } from '../data/connection';
import { partsByIds } from '../data/catalogue';
import { partsCount, partsPage, type After } from '../data/parts-list';
import { markText } from './parts';
import { ServiceError } from './service-error';

const MOST_ROWS = 100;
/** Beyond that nobody counts. */
const MOST_COUNTED = 1000;
export const MOST_COMPARED = 4;

export type CatalogueRow = {
  id: string;
  name: string;
  maker: string;
  orderNumber: string | null;
  /** In a few words what it is. */
  short: string;
  /** The marks that were asked for, as text. */
  marks: Record<string, string>;
  /** Of the demo: invented, nobody sells it. */
  demo: boolean;
  /** How it is sold, where that is not as usual: last time to buy, no longer made. */
  state: string | null;
  lying: number;
};
export type CataloguePage = {
  rows: CatalogueRow[];
  /** Counted up to a thousand, on the first page; on a later one those from here on, a page and one at most. */
  total: number;
  more: boolean;
  /** Where the next page begins. */
  next: string | null;
};
export type CatalogueAsked = { family: string; words: string; marks: readonly string[]; after: string | null; size: number };

/** How it is sold, where that is not as usual. */
const soldAs = (state: string | null): string | null =>
  isOneOf(tradeStates, state) && state !== 'current' ? tradeStateWords[state] : null;

const packed = ({ name, id }: After): string => Buffer.from(JSON.stringify([name, id])).toString('base64url');
function unpacked(after: string): After {
  try {
    const read: unknown = JSON.parse(Buffer.from(after, 'base64url').toString());
    if (Array.isArray(read) && typeof read[0] === 'string' && typeof read[1] === 'string') return { name: read[0], id: read[1] };
  } catch {
    // Said below.
  }
  throw new ServiceError(422, [{ field: 'after', reason: 'It is no place in this list: take it from the page before.' }]);
}

/** A page of the catalogue. Throws 422 on a family, mark or place that is none. */
export async function cataloguePage({ family: id, words, marks, after, size }: CatalogueAsked): Promise<CataloguePage> {
  const family = familyOf(id);
  if (!family) throw new ServiceError(422, [{ field: 'family', reason: `'${id.slice(0, 40)}' is no kind of device.` }]);
  const read = readFilters(family.fields, marks);
  if (!read.ok) throw new ServiceError(422, [{ field: 'mark', reason: read.fault }]);
  const most = Math.min(MOST_ROWS, Math.max(1, size));
  const want = {
    ...{ family: id, filters: read.filters, most: most + 1 },
    words: words.split(/\s+/).filter(Boolean).slice(0, 8),
    ...(after ? { after: unpacked(after) } : {}),
  };
  const found = await partsPage(database(), want);
  // What one page holds is counted already; what turns over was counted with the first.
  const total = found.length <= most || after ? found.length : await partsCount(database(), want, MOST_COUNTED + 1);
  const shown = found.slice(0, most);
  const asked = filterFields(family.fields).filter(({ name }) => read.filters.some((filter) => filter.name === name));
  const last = shown.at(-1);
  return {
    rows: shown.map((part) => ({
      ...{ id: part.id, name: part.name, maker: part.maker, orderNumber: part.order_number },
      short: family.shortDescription(part.raw),
      marks: Object.fromEntries(asked.map((field) => [field.name, markText(part.raw[field.name], field.unit)])),
      ...{ demo: part.demo, state: soldAs(part.state), lying: Number(part.lying ?? 0) },
    })),
    ...{ total: Math.min(total, MOST_COUNTED), more: total > MOST_COUNTED },
    next: found.length > most && last ? packed(last) : null,
  };
}

export type Compared = {
  /** With a name that tells it from the others. */
  parts: { id: string; name: string }[];
  rows: { label: string; values: (string | null)[]; differs: boolean }[];
};

/** Parts of one family side by side, a row a mark that one of them carries. Undefined where they are no two parts of one family. */
export async function compareParts(ids: readonly string[]): Promise<Compared | undefined> {
  const wanted = [...new Set(ids)].slice(0, MOST_COMPARED);
  const found = await partsByIds(database(), wanted);
  const parts = wanted.flatMap((id) => found.find((part) => part.id === id) ?? []);
  const family = familyOf(parts[0]?.family ?? '');
  if (!family || parts.length < 2 || parts.some((part) => part.family !== family.id)) return undefined;
  const rows = family.fields.flatMap((field) => {
    const values = parts.map(({ raw }) => (isRecord(raw) && raw[field.name] !== undefined ? markText(raw[field.name], field.unit) : null));
    return values.every((value) => value === null) ? [] : [{ label: field.label, values, differs: new Set(values).size > 1 }];
  });
  const told = parts.map(({ id, name, raw }, i) => {
    const own = [name, family.shortDescription(raw)].filter(Boolean).join(', ');
    return {
      id,
      name: parts.some((other, k) => k !== i && other.name === name && family.shortDescription(other.raw) === family.shortDescription(raw))
        ? `${own}, ${id}`
        : own,
    };
  });
  return { parts: told, rows };
}
