/**
 * Which figure of a part's rating rows answers for these volts, this kind of current and these poles?
 * The rows are laid out by column once; of rows of equal volts the best counts, and a worn head leaves open what it may be.
 */
import { rowsMark } from '../case/case';
import { certain } from '../certain';
import type { FigureRef } from '../needs/need';
import type { CanonicalSpec, Found } from './canonical';

export type Row = Record<string, unknown>;

const MAX_COLUMN_SETS = 2000;
const LONGEST_SET = 1000; // characters of all its names: no plate prints more

/** One figure of a rating row with what decides whether it may be used; null where that is worn. */
type Entry = { volts: number | null; kind: string | null; polesInSeries: number | null; value: unknown };
/** Names of the columns that a list of rows prints; equal sets are one object, so that a need works out once which of its ways they concern. */
export type Columns = ReadonlySet<string>;
/** Entries by column of a list of rows. */
type Layout = { byColumn: ReadonlyMap<string, readonly Entry[]>; columns: Columns };
const columnSets = new Map<string, Columns>();
/** Laid out once for each list of rows, since a catalogue is judged against many needs. */
const layouts = new WeakMap<readonly Row[], Layout>();
/** The list asked last: the ways of a need ask one part's rows many times over. */
let lastRows: readonly Row[] | undefined;
let lastLayout: Layout | undefined;

export function layoutOf(rows: readonly Row[]): Layout {
  if (rows === lastRows) return certain(lastLayout);
  let layout = layouts.get(rows);
  if (!layout) layouts.set(rows, (layout = layOut(rows)));
  lastRows = rows;
  lastLayout = layout;
  return layout;
}

function layOut(rows: readonly Row[]): Layout {
  const byColumn = new Map<string, Entry[]>();
  for (const row of rows) {
    const volts = typeof row.volts === 'number' ? row.volts : null;
    const kind = row.kind === 'ac' || row.kind === 'dc' || row.kind === 'ac/dc' ? row.kind : null;
    const polesInSeries = typeof row.polesInSeries === 'number' ? row.polesInSeries : row.polesInSeries === undefined ? 1 : null;
    for (const column of Object.keys(row)) {
      if (row[column] === undefined) continue;
      const list = byColumn.get(column);
      const entry: Entry = { volts, kind, polesInSeries, value: row[column] };
      if (list) list.push(entry);
      else byColumn.set(column, [entry]);
    }
  }
  const names = [...byColumn.keys()].sort();
  const key = names.join('\n');
  const columns = columnSets.get(key) ?? new Set(names);
  // Names that nobody uses come from outside: beyond a sane number and length of sets each list of rows keeps its own.
  if (columnSets.size < MAX_COLUMN_SETS && key.length <= LONGEST_SET) columnSets.set(key, columns);
  return { byColumn, columns };
}

/** Of two values of equal volts the better one: a figure before a worn one, that before "none"; the larger figure. */
function betterValue(a: unknown, b: unknown): unknown {
  if (typeof a === 'number' && typeof b === 'number') return Math.max(a, b);
  if (typeof a === 'number' || typeof b === 'number') return typeof a === 'number' ? a : b;
  return a === null || b === null ? null : a;
}

export function findRating(figure: Extract<FigureRef, { kind: 'rating' }>, spec: CanonicalSpec): Found {
  const rows = spec.ratings;
  if (rows === undefined) return undefined;
  if (rows === null) return null;
  if (rows === 'none') return 'none';
  const { column, minVolts, current, polesFrom = 'poles' } = figure;
  if (minVolts === null) return null;
  const list = layoutOf(rowsMark(rows)).byColumn.get(column);
  if (list === undefined) return rowsMark(rows).length === 0 ? 'none' : undefined;
  let bestVolts = Infinity;
  let best: unknown;
  let worn = false;
  let wornLeast = Infinity;
  for (let i = 0; i < list.length; i += 1) {
    const { volts, kind, polesInSeries, value } = certain(list[i]);
    if (kind !== null && kind !== current && kind !== 'ac/dc') continue;
    let open = polesInSeries === null;
    if (polesInSeries !== null && polesInSeries > 1) {
      const poles = spec[polesFrom];
      if (typeof poles !== 'number') open = true;
      else if (polesInSeries > poles) continue;
    }
    if (volts !== null && volts < minVolts) continue;
    if (open || kind === null || volts === null) {
      worn = true;
      const least = typeof value === 'number' ? value : -Infinity;
      if (least < wornLeast) wornLeast = least;
    } else if (volts < bestVolts) {
      bestVolts = volts;
      best = value;
    } else if (volts === bestVolts) best = betterValue(best, value);
  }
  if (bestVolts === Infinity) return worn ? null : 'none';
  if (typeof best !== 'number') return best as Found;
  // The worn row may be the one for these volts: where it says less, nothing is known.
  return worn && wornLeast < best ? null : best * figure.factor;
}
