/**
 * Columns of a file of parts: two that name the part, then every field of its family, in order. What a mark is called, its unit and what is
 * accepted come from the field, so that a field added there is a column here.
 */
import Papa from 'papaparse';
import { acceptedWords } from '../case/schema';
import type { Field } from '../fields/field';

export type PartColumn = { name: string; label: string; unit: string; accepted: string; meaning: string };

const identity: readonly PartColumn[] = [
  { name: 'partId', label: 'Part', unit: '', accepted: 'text, each once', meaning: 'Number under which the part is ordered or stored.' },
  { name: 'partName', label: 'Name', unit: '', accepted: 'text', meaning: 'As it stands on the shelf.' },
];

const columnOf = (field: Field): PartColumn => ({
  name: field.name,
  label: field.label,
  unit: field.unit === 'count' || field.unit === 'ratio' ? '' : (field.unit ?? ''),
  accepted: acceptedWords(field),
  meaning: field.meaning,
});

/** Returns the columns of a family's file. */
export const columnsOf = (family: { fields: readonly Field[] }): readonly PartColumn[] => [...identity, ...family.fields.map(columnOf)];

/** Rows under the head that say of each column what it is; a reader leaves out lines that begin so. */
export const NOTE = '#';

/** Returns an empty file with its head, and under it a line each for label, unit and what is accepted. */
export function templateCsv(family: { fields: readonly Field[] }): string {
  const columns = columnsOf(family);
  const line = (of: (column: PartColumn) => string) => columns.map((column, i) => (i === 0 ? `${NOTE} ${of(column)}` : of(column)));
  const rows = [columns.map(({ name }) => name), line(({ label }) => label), line(({ unit }) => unit), line(({ accepted }) => accepted)];
  return `${Papa.unparse(rows, { newline: '\n' })}\n`;
}
