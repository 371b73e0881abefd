/**
 * A real device's curve as CSV, in and out: columns amps, seconds and edge (fast or slow); a fourth is ignored.
 * Faults name the line. Decimal commas are read where the separator is a semicolon.
 */
import Papa from 'papaparse';
import { edgeSeconds, pointFault, type Band, type CurvePoint } from './band';

export const MAX_CSV_CHARACTERS = 1_000_000;
const MAX_POINTS = 5000;

export type CsvResult = { ok: true; band: Band; points: number } | { ok: false; fault: string };

/** A current at which the device would surely hold longer than it surely takes to open; undefined where there is none. */
function crossing({ fast, slow }: Band): number | undefined {
  if (!fast || !slow) return undefined;
  return [...fast, ...slow].find(({ amps }) => edgeSeconds(fast, amps) > edgeSeconds(slow, amps) * (1 + 1e-9))?.amps;
}

/** Cells of a file, a row a line; a semicolon goes before a comma, which may then stand for a point. */
function rowsOf(text: string): string[][] {
  const clean = text.replace(/^\uFEFF/, '').replace(/\r\n?/g, '\n');
  const delimiter = clean.includes(';') ? ';' : clean.includes('\t') ? '\t' : ',';
  const { data } = Papa.parse<string[]>(clean, { delimiter, newline: '\n' });
  return delimiter === ';' ? data.map((cells) => cells.map((cell) => cell.replace(/^(\s*\d+),(\d+\s*)$/, '$1.$2'))) : data;
}
const figureOf = (cell: string | undefined): number => (cell?.trim() ? Number(cell) : Number.NaN);

/** Reads a curve; a file without an edge column is a single line, both edges at once. */
export function readCurveCsv(text: string): CsvResult {
  if (text.length > MAX_CSV_CHARACTERS)
    return {
      ok: false,
      fault: `The file has ${text.length} characters; at most ${MAX_CSV_CHARACTERS} are read. A curve needs a few hundred points.`,
    };
  const edges: Record<'fast' | 'slow', CurvePoint[]> = { fast: [], slow: [] };
  const single: CurvePoint[] = [];
  const rows = rowsOf(text);
  let count = 0;
  for (const [i, cells] of rows.entries()) {
    const line = cells.join(', ').trim();
    if (line === '' || line.startsWith('#')) continue;
    const [amps, seconds] = [figureOf(cells[0]), figureOf(cells[1])];
    if (!Number.isFinite(amps) || !Number.isFinite(seconds)) {
      if (count === 0 && /[a-z]/i.test(line)) continue; // a head of names
      return { ok: false, fault: `Line ${i + 1}: '${line.slice(0, 60)}' is no current and time.` };
    }
    const edge = (cells[2] ?? '').trim().toLowerCase();
    if (edge !== '' && edge !== 'fast' && edge !== 'slow')
      return { ok: false, fault: `Line ${i + 1}: the edge is '${edge.slice(0, 30)}'; fast or slow is accepted.` };
    (edge === '' ? single : edges[edge]).push({ amps, seconds });
    count += 1;
    if (count > MAX_POINTS) return { ok: false, fault: `More than ${MAX_POINTS} points; thin the curve out.` };
  }
  if (single.length > 0 && edges.fast.length + edges.slow.length > 0)
    return { ok: false, fault: 'Some lines name an edge and some do not.' };
  const band: Band =
    single.length > 0
      ? { fast: single, slow: single }
      : { fast: edges.fast.length > 0 ? edges.fast : null, slow: edges.slow.length > 0 ? edges.slow : null };
  if (!band.fast && !band.slow) return { ok: false, fault: 'No point was found. Columns: amps, seconds, edge (fast or slow).' };
  for (const [name, points] of Object.entries(band)) {
    const fault = points && pointFault(points);
    if (fault) return { ok: false, fault: `${single.length > 0 ? 'Curve' : `Edge ${name}`}: ${fault}` };
  }
  const crossed = crossing(band);
  if (crossed !== undefined) return { ok: false, fault: `At ${crossed} A the fast edge lies above the slow one: which is which?` };
  return { ok: true, band, points: count };
}

/** Writes a band as CSV; what is read back is the same band. */
export function writeCurveCsv(band: Band): string {
  const rows = (['fast', 'slow'] as const).flatMap((edge) => (band[edge] ?? []).map(({ amps, seconds }) => ({ amps, seconds, edge })));
  return Papa.unparse(rows, { columns: ['amps', 'seconds', 'edge'], newline: '\n' }) + '\n';
}
