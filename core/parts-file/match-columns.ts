/** Which column of a file is which field? By name, label, what plates print, the unit in the head, and what stands under it. */
import type { Field } from '../fields/field';
import { headParts, readCell, type Decimals } from './read-cell';

/** What names a part and where it lies, beside the fields of its family. */
export const identityColumns = {
  partId: [
    'part',
    'part no',
    'part number',
    'order number',
    'order no',
    'ordering code',
    'article',
    'article number',
    'art no',
    'catalog number',
    'catalogue number',
    'cat no',
    'item',
    'item number',
    'sku',
    'mpn',
  ],
  maker: ['maker', 'manufacturer', 'brand', 'make', 'mfr', 'hersteller', 'fabricant', 'fabricante', 'produttore', 'fabrikant'],
  partName: ['name', 'part name', 'type', 'model', 'designation', 'description', 'type designation', 'typ', 'bezeichnung'],
  place: ['place', 'bin', 'location', 'shelf', 'store', 'lagerplatz'],
  quantity: ['quantity', 'qty', 'stock', 'in stock', 'on hand', 'pieces', 'pcs', 'count', 'bestand', 'menge'],
} as const;
export type IdentityColumn = keyof typeof identityColumns;

/** `sure`: named and read all through; `likely`: named, and not all under it is read; `none`: not recognised. */
export type ColumnMatch = { head: string; target: string | null; unit: string; confidence: 'sure' | 'likely' | 'none'; samples: string[] };
export type FileFamily = { fields: readonly Field[] };

const key = (text: string) =>
  text
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '');
const namesOf = (field: Field): string[] =>
  [field.name, field.label, field.short, field.nfpa?.label, field.nfpa?.short, ...(field.print?.names ?? [])].flatMap((name) =>
    name ? [key(name)] : [],
  );

const identityOf = (head: string) =>
  Object.entries(identityColumns).find(([name, words]) => key(name) === key(head) || words.some((word) => key(word) === key(head)))?.[0];

function fieldNamed(family: FileFamily, head: string): { field: Field; unit: string } | undefined {
  for (const field of family.fields) {
    const { words, unit } = headParts(head, field.unit ?? '');
    if (namesOf(field).includes(key(words)) || namesOf(field).includes(key(head))) return { field, unit };
  }
  return undefined;
}

/** Matches the columns of a file; each target is taken once, by the first column that names it. */
export function matchColumns(
  heads: readonly string[],
  rows: readonly (readonly string[])[],
  family: FileFamily,
  decimals?: Decimals,
): ColumnMatch[] {
  const taken = new Set<string>();
  return heads.map((head, i) => {
    const samples = rows
      .map((row) => row[i]?.trim() ?? '')
      .filter(Boolean)
      .slice(0, 5);
    const named = fieldNamed(family, head);
    const identity = identityOf(head);
    const target = identity ?? named?.field.name ?? null;
    if (target === null || taken.has(target)) return { head, target: null, unit: '', confidence: 'none', samples };
    taken.add(target);
    const read = identity !== undefined || samples.every((cell) => named && readCell(named.field, cell, named.unit, decimals).ok);
    return { head, target, unit: identity ? '' : (named?.unit ?? ''), confidence: read ? 'sure' : 'likely', samples };
  });
}
