import Papa from 'papaparse';
import { isOneOf } from '@/core/certain';
import type { PositionCode } from '@/core/case/position-codes';
import { accessoryFunctions } from '@/core/fields/accessory-fields';

const COLUMNS = ['code', 'bay', 'function', 'note'] as const;

/** A cell that a spreadsheet would take for a formula stands behind an apostrophe in a file; it is none of the text. */
const plain = (cell: string): string => cell.replace(/^'(?=[=+\-@])/, '');

/** Rows of a CSV file with the columns code, bay, function and note; a fault in words where it is none. */
export function rowsOfCsv(text: string): { rows: PositionCode[] } | { fault: string } {
  const { data, meta } = Papa.parse<Record<string, string>>(text.trim(), { header: true, skipEmptyLines: true });
  const missing = COLUMNS.filter((name) => !(meta.fields ?? []).includes(name));
  if (missing.length > 0) return { fault: `The file has no column ${missing.join(', ')}. Its first line names code, bay, function, note.` };
  const rows: PositionCode[] = [];
  for (const row of data) {
    const cell = (name: string) => plain((row[name] ?? '').trim());
    const word = cell('function');
    if (!isOneOf(accessoryFunctions, word))
      return { fault: `Function '${word}' is not known; accepted: ${accessoryFunctions.join(', ')}.` };
    rows.push({ code: cell('code'), bay: cell('bay'), function: word, note: cell('note') });
  }
  return { rows };
}

/** The rows as such a file; what a spreadsheet would take for a formula is harmless in it. */
export const csvOfRows = (rows: readonly PositionCode[]): string =>
  Papa.unparse([...rows], { columns: [...COLUMNS], escapeFormulae: true });
