/**
 * A file of parts read row by row: what each row says, or why it is refused. Nothing is guessed and nothing is half taken: a row with one cell
 * that cannot be read is refused whole.
 */
import Papa from 'papaparse';
import { specReader } from '../case/schema';
import { NOTE } from './columns';
import { identityColumns, matchColumns, type ColumnMatch, type FileFamily, type IdentityColumn } from './match-columns';
import { partKey } from './part-key';
import { decimalsOfCells, readCell, type Decimals } from './read-cell';

export const MOST_ROWS = 20_000;
export type FileRow = {
  /** Line of the spreadsheet, from 1 at the head. */
  line: number;
  maker: string;
  /** Order number, else the name. */
  number: string;
  name: string;
  spec: Record<string, unknown>;
  stock?: { place: string; quantity: number };
};
export type RefusedRow = { line: number; reasons: string[]; cells: string[] };
export type ReadFile = {
  columns: ColumnMatch[];
  heads: string[];
  decimals: Decimals | undefined;
  rows: FileRow[];
  refused: RefusedRow[];
  /** Why the file as a whole cannot be read. */
  faults: string[];
};

/** What a column is, as whoever brings the file says: a target, or null to leave it out. */
export type Mapping = Readonly<Record<string, string | null>>;

const EXPONENT = /^\d(?:[.,]\d+)?e\+?\d+$/i;
const FORMULA = /^[=@]|^[+-](?![\d.])/;
const BROKEN = /^#(?:N\/A|REF!|VALUE!|NAME\?|DIV\/0!|NUM!|NULL!)$/i;

/** A word that names something: what a spreadsheet made of it is refused, not repaired. */
function word(text: string, what: string, reasons: string[]): string {
  if (EXPONENT.test(text))
    reasons.push(`${what} is '${text}': a spreadsheet made a figure of it. Format its column as text and save again.`);
  if (FORMULA.test(text)) reasons.push(`${what} begins with '${text[0]}': a formula is not read.`);
  if (text.length > 120) reasons.push(`${what} is longer than 120 characters.`);
  return text;
}

function stockOf(cells: Partial<Record<IdentityColumn, string>>, reasons: string[]): FileRow['stock'] {
  const { place = '', quantity = '' } = cells;
  if (quantity === '') return undefined;
  const pieces = Number(quantity.replace(/[ ']/g, ''));
  if (!Number.isInteger(pieces) || pieces < 0 || pieces > 10_000)
    reasons.push(`Quantity is '${quantity.slice(0, 20)}'; a whole number from 0 to 10 000 is accepted.`);
  if (place === '') reasons.push('A quantity stands there without a place: where does it lie?');
  return { place: word(place, 'Place', reasons), quantity: pieces };
}

function rowReader(family: FileFamily, columns: readonly ColumnMatch[], decimals: Decimals | undefined) {
  const byName = new Map(family.fields.map((field) => [field.name, field]));
  const accepted = specReader(family.fields);
  return (cells: readonly string[], line: number): FileRow | RefusedRow => {
    const reasons: string[] = [];
    const identity: Partial<Record<string, string>> = {};
    const spec: Record<string, unknown> = {};
    columns.forEach(({ target, unit, head }, i) => {
      const text = cells[i]?.trim() ?? '';
      if (target === null || text === '') return;
      const field = byName.get(target);
      if (BROKEN.test(text)) reasons.push(`${head} is '${text}': the spreadsheet could not work it out.`);
      else if (!field || target in identityColumns) identity[target] = text;
      else {
        const read = readCell(field, text, unit, decimals);
        if (read.ok) spec[target] = read.value;
        else reasons.push(read.fault);
      }
    });
    const maker = word(identity.maker ?? '', 'Maker', reasons);
    const number = word(identity.partId ?? identity.partName ?? '', 'Part number', reasons);
    if (maker === '') reasons.push('The maker is missing.');
    if (number === '') reasons.push('The part number or type is missing.');
    if (Object.keys(spec).length === 0 && reasons.length === 0) reasons.push('No mark of it is given: a part is judged by its marks.');
    const whole = accepted(spec);
    if (reasons.length === 0 && !whole) reasons.push('Its marks do not go together.');
    const stock = stockOf(identity, reasons);
    if (reasons.length > 0) return { line, reasons, cells: [...cells] };
    return {
      line,
      maker,
      number,
      name: word(identity.partName ?? number, 'Name', reasons),
      spec: whole ?? spec,
      ...(stock ? { stock } : {}),
    };
  };
}

/** Two rows for one part are refused, the later one: which of them holds is not for a program to say. */
function onceEach(
  rows: readonly (FileRow | RefusedRow)[],
  cellsAt: (line: number) => string[],
): { rows: FileRow[]; refused: RefusedRow[] } {
  const seen = new Map<string, number>();
  const taken: FileRow[] = [];
  const refused: RefusedRow[] = [];
  for (const row of rows) {
    if ('reasons' in row) {
      refused.push(row);
      continue;
    }
    const id = partKey(row.maker, row.number);
    const before = seen.get(id);
    if (before === undefined) {
      seen.set(id, row.line);
      taken.push(row);
    } else
      refused.push({ line: row.line, reasons: [`Line ${before} is the same part: ${row.maker} ${row.number}.`], cells: cellsAt(row.line) });
  }
  return { rows: taken, refused };
}

/** What a target is called by whoever corrects the matching. */
function withMapping(columns: readonly ColumnMatch[], mapping: Mapping): ColumnMatch[] {
  return columns.map((column) => {
    // A head may be called as something that every object has.
    const said = Object.hasOwn(mapping, column.head) ? mapping[column.head] : undefined;
    return said === undefined ? column : { ...column, target: said, confidence: said === null ? 'none' : 'sure' };
  });
}

/**
 * Reads a file of parts.
 * @param text CSV by comma, semicolon or tab, told from the text; the first line is its head.
 * @param mapping columns whose meaning was said by hand; `decimals` where that was.
 */
export function readParts(text: string, family: FileFamily, mapping: Mapping = {}, decimals?: Decimals): ReadFile {
  const none = { columns: [], heads: [], decimals, rows: [], refused: [] };
  const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const lines = parsed.data.map((cells, i) => ({ cells, line: i + 1 })).filter(({ cells }) => !cells[0]?.startsWith(NOTE));
  const [head, ...rest] = lines;
  if (!head) return { ...none, faults: ['There is nothing in this file.'] };
  const heads = head.cells.map((cell) => cell.trim());
  const twice = heads.find((one, i) => one !== '' && heads.indexOf(one) !== i);
  if (twice !== undefined)
    return { ...none, heads, faults: [`The head '${twice}' stands over two columns. Give each column a name of its own.`] };
  if (rest.length > MOST_ROWS)
    return { ...none, heads, faults: [`This file has ${rest.length} rows; at most ${MOST_ROWS} are taken at once. Part it.`] };
  const way =
    decimals ??
    decimalsOfCells(rest.flatMap(({ cells }) => cells.filter((cell) => /^[+-]?[\d.,' ]+(\s?[a-zA-ZΩµ%°]{0,4})?$/.test(cell.trim()))));
  const columns = withMapping(
    matchColumns(
      heads,
      rest.slice(0, 200).map(({ cells }) => cells),
      family,
      way,
    ),
    mapping,
  );
  const read = rowReader(family, columns, way);
  const cellsByLine = new Map(rest.map(({ cells, line }) => [line, cells]));
  const { rows, refused } = onceEach(
    rest.map(({ cells, line }) => read(cells, line)),
    (line) => cellsByLine.get(line) ?? [],
  );
  return { columns, heads, decimals: way, rows, refused, faults: [] };
}

/** The refused rows as a file to take away and bring again: as they came, with what stands against each. Text that a spreadsheet would run is made harmless. */
export function refusedCsv(heads: readonly string[], refused: readonly RefusedRow[]): string {
  return Papa.unparse(
    [[...heads, 'Why refused'], ...refused.map(({ cells, reasons }) => [...heads.map((_, i) => cells[i] ?? ''), reasons.join(' ')])],
    {
      newline: '\n',
      escapeFormulae: true,
    },
  );
}
