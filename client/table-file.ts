/** A spreadsheet or CSV that somebody chose, as the text of a CSV. What it is, is told by its bytes, not by its name. */
import Papa from 'papaparse';

export type TableText = { ok: true; text: string; note?: string } | { ok: false; fault: string };

const MOST_BYTES = 20e6;
const isZip = ([a, b]: Uint8Array): boolean => a === 0x50 && b === 0x4b;

/** A cell as text that reads as the same figure whatever the file writes decimals by: three decimals alone would be thousands to some. */
export function cellText(cell: unknown): string {
  if (cell === null || cell === undefined) return '';
  if (cell instanceof Date) return cell.toISOString().slice(0, 10);
  if (typeof cell === 'boolean') return cell ? 'yes' : 'no';
  if (typeof cell !== 'number') return String(cell);
  const text = String(cell);
  return /^-?[1-9]\d{0,2}\.\d{3}$/.test(text) ? `${text}0` : text;
}

async function sheetText(file: File): Promise<TableText> {
  try {
    // Fetched when a spreadsheet is brought: nobody else needs it.
    const { readSheet } = await import('read-excel-file/universal');
    const rows = await readSheet(file);
    const most = Math.max(0, ...rows.map((row) => row.length));
    return {
      ok: true,
      text: Papa.unparse(rows.map((row) => Array.from({ length: most }, (_, i) => cellText(row[i])))),
      note: 'The first sheet is read. A part number that the sheet holds as a figure has lost its leading noughts: format such a column as text.',
    };
  } catch {
    return { ok: false, fault: 'This spreadsheet cannot be read. Save it as XLSX or CSV, without a password, and bring it again.' };
  }
}

/** Reads a chosen file. UTF-8, and where it is none, the western letters of older programs, said so. */
export async function tableText(file: File): Promise<TableText> {
  if (file.size > MOST_BYTES)
    return { ok: false, fault: `This file has ${Math.round(file.size / 1e6)} MB; at most ${MOST_BYTES / 1e6} are taken.` };
  const bytes = new Uint8Array(await file.arrayBuffer());
  if (bytes.length === 0) return { ok: false, fault: 'There is nothing in this file.' };
  if (isZip(bytes)) return sheetText(file);
  if (bytes[0] === 0xd0 && bytes[1] === 0xcf)
    return { ok: false, fault: 'This is a spreadsheet of the old form (XLS). Save it as XLSX or CSV.' };
  if (bytes.subarray(0, 2000).includes(0)) return { ok: false, fault: 'This is no text: save the sheet as XLSX, or as CSV in UTF-8.' };
  try {
    return { ok: true, text: new TextDecoder('utf-8', { fatal: true }).decode(bytes) };
  } catch {
    return {
      ok: true,
      text: new TextDecoder('windows-1252').decode(bytes),
      note: 'It is not UTF-8: read as western letters. Look at names with accents.',
    };
  }
}
