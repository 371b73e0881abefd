/**
 * Which heads stand over which values? A head is a cell that holds nothing but names; the values are in the rows under it,
 * by order where the numbers agree, else by what stands under what.
 */
import { certain } from '../certain';
import { fold } from './characters';
import { overlap, partOf, type Cell, type Laid } from './layout';
import type { Head, PlateDefinition, Table } from './plate-field';
import { bareName, plateHeads, plateRules } from './field-patterns';
import { readValue, type Value } from './parse-value';

/** Returns the heads that make up a whole cell, or an empty list. */
export function headsOf(cell: Cell, plate: PlateDefinition): Head[] {
  const { strict, loose, labelOf } = plateHeads(plate);
  const found: Head[] = [];
  const twice = /^([A-Z])\1$/i.exec(cell.text);
  if (twice) return headsOf({ ...cell, text: certain(twice[1]) }, plate);
  for (let at = 0; at < cell.text.length;) {
    const gap = certain(/^[\s,.:/()'"|[\]-]*/.exec(cell.text.slice(at)))[0].length;
    if (gap > 0) {
      at += gap;
      continue;
    }
    const match = [strict, loose].map((pattern) => ((pattern.lastIndex = at), pattern.exec(cell.text))).find(Boolean);
    const label = match && labelOf(certain(match[1]));
    if (!match || !label) return [];
    found.push({
      ...label,
      cell: partOf(cell, at, at + certain(match[1]).length),
      loose: bareName(label.name) !== bareName(certain(match[1])),
    });
    at += match[0].length;
  }
  return found;
}

const TOKEN = /\d{1,3} \d\/\d{1,2}(?!\d)|\S+(?: (?:%|°C|C|A|V|KW|HP|HZ|KG|LB|AMPS?|SEC|S)(?=\s|$))?/gi;
/** Signs of delta and star stand beside the volts and are no column. */
const CONNECTION = /^(?:[ΔDA4]\/)?[YV]$/i;
const tokensOf = (cells: readonly Cell[]): Cell[] =>
  cells.flatMap((cell) =>
    [...cell.text.matchAll(TOKEN)]
      .filter((match) => !CONNECTION.test(match[0]))
      .map((match) => partOf(cell, match.index, match.index + match[0].length)),
  );

/** Reads a cell as the value of a field, whole or not at all. */
export function readCell(cell: Cell, head: Head, plate: PlateDefinition): Value | undefined {
  const { field } = head;
  if (!field || field.kind === 'rows') return undefined;
  const text = fold(cell.text).replace(/^[\s:.'"|[\]]+|[\s,;:'"|[\]]+$/g, '');
  const { strict, loose } = plateRules(plate);
  for (const rules of [strict, loose])
    for (const rule of rules) {
      if (rule.field !== field || !rule.named) continue;
      const line = `${field.names[0]} ${text}`;
      rule.pattern.lastIndex = 0;
      const match = rule.pattern.exec(line);
      if (match && match[0].length >= line.length) return readValue(field, certain(match[1]), match[2], rule.loose);
    }
  return undefined;
}

/** True for a cell that brings its own name: "Uc 230 V" stands under no head. */
function isNamed(cell: Cell, plate: PlateDefinition): boolean {
  const { strict } = plateHeads(plate);
  strict.lastIndex = 0;
  const match = strict.exec(cell.text);
  return match !== null && certain(match[1]).length > 1 && /\d/.test(cell.text.slice(match[0].length));
}

const centre = (cell: Cell) => (cell.x0 + cell.x1) / 2;

/** Lays the cells of a row under the heads. */
function under(heads: Head[], row: readonly Cell[], split = false): { cells: (Cell | undefined)[]; lead?: Cell } | undefined {
  const words =
    row.length === 1 && heads.length > 2 && tokensOf(row).length > heads.length
      ? /^([A-Z][A-Z .]{2,}?)\s+(?=[\d-])/i.exec(certain(row[0]).text)
      : null;
  if (words)
    return under(
      heads,
      [partOf(certain(row[0]), 0, certain(words[1]).length), partOf(certain(row[0]), words[0].length, certain(row[0]).text.length)],
      true,
    );
  const left = Math.min(...heads.map((head) => head.cell.x0));
  const first = certain(row[0]);
  const lead =
    row.length > 1 && (split || first.x1 <= left || row.length === heads.length + 1) && /^[A-Z][A-Z .]{2,}$/i.test(first.text)
      ? first
      : undefined;
  const rest = lead ? row.slice(1) : row;
  if (rest.length === heads.length && (rest.length > 1 || overlap(certain(rest[0]), certain(heads[0]).cell) > 0.1))
    return { cells: [...rest], lead };
  const tokens = tokensOf(rest);
  if (rest.length < heads.length && tokens.length === heads.length) return { cells: tokens, lead };
  const pool = rest.length < heads.length && tokens.length > rest.length ? tokens : [...rest];
  const cells = heads.map((head) => {
    const near = pool.filter(
      (cell) => overlap(cell, head.cell) > 0.25 || Math.abs(centre(cell) - centre(head.cell)) < (head.cell.x1 - head.cell.x0) * 0.9,
    );
    const best = near.sort((a, b) => Math.abs(centre(a) - centre(head.cell)) - Math.abs(centre(b) - centre(head.cell)))[0];
    if (best) pool.splice(pool.indexOf(best), 1);
    return best;
  });
  return cells.some(Boolean) ? { cells, lead } : undefined;
}

const MAX_ROWS = 8;

/** Finds the tables of a plate: rows of heads with values under them. */
export function tablesOf(laid: Laid, plate: PlateDefinition, free: (cell: Cell) => boolean): Table[] {
  const tables: Table[] = [];
  const used = new Set<Cell>();
  const byRow = laid.rows.map((row) => row.map((cell) => (free(cell) ? headsOf(cell, plate) : [])));
  for (const [r, row] of laid.rows.entries()) {
    const heads = row.flatMap((cell, i) => {
      const own = certain(certain(byRow[r])[i]);
      const right = row[i + 1];
      // A head with its value beside it is no head of a table.
      const beside =
        own.length === 1 &&
        right &&
        certain(certain(byRow[r])[i + 1]).length === 0 &&
        readCell(right, certain(own[0]), plate) !== undefined;
      return used.has(cell) || beside ? [] : own;
    });
    if (heads.length === 0) continue;
    const table: Table = { heads, rows: [] };
    let strays = 0;
    for (let k = r + 1; k < Math.min(laid.rows.length, r + 1 + MAX_ROWS); k += 1) {
      const cells = certain(laid.rows[k]).filter(
        (cell, i) => free(cell) && !used.has(cell) && certain(certain(byRow[k])[i]).length === 0 && !isNamed(cell, plate),
      );
      // A drawn dial or a screw between head and figures reads as a stray mark.
      if (table.rows.length === 0 && strays < 2 && !certain(laid.rows[k]).some((cell) => /\d/.test(cell.text))) {
        strays += 1;
        continue;
      }
      const laidOut = cells.length > 0 ? under(heads, cells) : undefined;
      const good =
        laidOut?.cells.filter(
          (cell, j) =>
            cell && (certain(heads[j]).column ? /\d|^[-—]+$/.test(cell.text) : readCell(cell, certain(heads[j]), plate) !== undefined),
        ).length ?? 0;
      if (!laidOut || good < Math.max(1, heads.length * 0.4)) break;
      table.rows.push(laidOut);
      for (const cell of cells) if (laidOut.cells.includes(cell) || laidOut.lead === cell) used.add(cell);
    }
    if (table.rows.length > 0) tables.push(table);
  }
  return tables;
}
