/**
 * The specs of a catalogue by column. A million parts share few values of each mark: every value stands once, and a spec is a row of numbers.
 * A line that reads two marks has as many answers as these two have combinations, however many parts there are.
 */
import { certain } from '../certain';
import type { CanonicalSpec } from '../matching/canonical';
import { marksIn } from './marks-in-json';

/** Numbers as narrow as their largest asks for. */
type Codes = Uint8Array | Uint16Array | Uint32Array;
type CodeColumn = { codes: Codes; length: number };

/** One mark: the values that occur, by how they are written, and which of them each spec has; 0: not carried. */
type MarkColumn = CodeColumn & { values: unknown[]; known: Map<string, number> };
/** The combinations of two columns that occur, and which of them each spec has. */
type PairColumn = CodeColumn & { left: number[]; right: number[]; known: Map<number, number>; stride: number };

export type SpecTable = {
  /** How many specs it holds. */
  size: number;
  readonly marks: Map<string, MarkColumn>;
  readonly pairs: Map<string, PairColumn>;
  readonly combined: Map<string, Combinations>;
  readonly kinds: Map<string, KindColumn>;
};
/** Specs that are alike in some marks are of one kind: which kind each spec is of, and the first spec of each. */
export type Kinds = { of: Codes; firsts: number[] };
type KindColumn = CodeColumn & { firsts: number[]; known: Map<string, number> };

/** What some marks are together, over all specs: each combination as a spec that carries them alone. */
export type Combinations = { of: Codes; specs: CanonicalSpec[] };

export const emptySpecTable = (): SpecTable => ({ size: 0, marks: new Map(), pairs: new Map(), combined: new Map(), kinds: new Map() });

const NARROW = 0x100;
const MIDDLE = 0x10000;
const LEAST_ROOM = 256;

/** Room for `count` rows and numbers up to `most`; what stands there stays. */
function makeRoom(column: CodeColumn, count: number, most: number): void {
  const { codes } = column;
  const width = most < NARROW ? 1 : most < MIDDLE ? 2 : 4;
  if (codes.length >= count && codes.BYTES_PER_ELEMENT >= width) return;
  const room = codes.length >= count ? codes.length : Math.max(LEAST_ROOM, Math.ceil(count * 1.5));
  const bytes = Math.max(width, codes.BYTES_PER_ELEMENT);
  const wider = bytes === 1 ? new Uint8Array(room) : bytes === 2 ? new Uint16Array(room) : new Uint32Array(room);
  wider.set(codes.subarray(0, column.length));
  column.codes = wider;
}

function put(column: CodeColumn, row: number, code: number): void {
  makeRoom(column, row + 1, code);
  column.codes[row] = code;
  column.length = Math.max(column.length, row + 1);
}

function codeOf(column: MarkColumn, text: string): number {
  const known = column.known.get(text);
  if (known !== undefined) return known;
  const code = column.values.length;
  column.values.push(JSON.parse(text));
  column.known.set(text, code);
  return code;
}

const newMark = (): MarkColumn => ({ codes: new Uint8Array(0), length: 0, values: [undefined], known: new Map() });

/** Takes in a spec as it is written in JSON, and returns its number. Equal specs may be taken in more than once: whoever knows them as equal need not. */
export function addSpec(table: SpecTable, json: string): number {
  const row = table.size;
  for (const { name, text } of marksIn(json)) {
    const column = table.marks.get(name) ?? newMark();
    table.marks.set(name, column);
    put(column, row, codeOf(column, text));
  }
  table.size += 1;
  return row;
}

/** The column of a mark, as long as the table: a mark that no spec carries is one that none carries. */
function markColumn(table: SpecTable, name: string): MarkColumn {
  const column = table.marks.get(name) ?? newMark();
  table.marks.set(name, column);
  makeRoom(column, table.size, 0);
  column.length = table.size;
  return column;
}

/** Which values of a mark occur, and which of them each spec has; the first stands for none at all. */
export const valuesOf = (table: SpecTable, name: string): { of: Codes; values: readonly unknown[] } => {
  const { codes, values } = markColumn(table, name);
  return { of: codes, values };
};

/** Numbers every combination of two columns; goes on where it stood, since specs are only added. */
function pair(table: SpecTable, key: string, a: Codes, b: Codes, most: number): PairColumn {
  let column = table.pairs.get(key);
  if (!column || most >= column.stride) {
    column = { codes: new Uint8Array(0), length: 0, left: [], right: [], known: new Map(), stride: 2 * (most + 1) };
    table.pairs.set(key, column);
  }
  const { left, right, known, stride } = column;
  for (let row = column.length; row < table.size; row += 1) {
    const [x, y] = [a[row] ?? 0, b[row] ?? 0];
    let code = known.get(x * stride + y);
    if (code === undefined) {
      code = left.length;
      known.set(x * stride + y, code);
      left.push(x);
      right.push(y);
    }
    put(column, row, code);
  }
  return column;
}

const valued = (name: string, value: unknown): CanonicalSpec => (value === undefined ? {} : { [name]: value });

/** Returns the combinations of these marks that occur, and which of them each spec has. */
export function combinationsOf(table: SpecTable, names: readonly string[]): Combinations {
  const key = names.join('\n');
  const before = names.slice(0, -1);
  const name = certain(names.at(-1));
  const last = markColumn(table, name);
  const known = table.combined.get(key) ?? { of: last.codes, specs: [] };
  table.combined.set(key, known);
  if (before.length === 0) {
    known.of = last.codes;
    for (let code = known.specs.length; code < last.values.length; code += 1) known.specs.push(valued(name, last.values[code]));
    return known;
  }
  const others = combinationsOf(table, before);
  const column = pair(table, key, others.of, last.codes, last.values.length);
  // Laid out anew its numbers are the same: they are given in the order of the specs.
  known.of = column.codes;
  for (let code = known.specs.length; code < column.left.length; code += 1)
    known.specs.push({
      ...certain(others.specs[certain(column.left[code])]),
      ...valued(name, last.values[certain(column.right[code])]),
    });
  return known;
}

/** Of a family so many ways of asking are remembered; another one costs the time of one pass. */
const MOST_DIVISIONS = 24;

/**
 * Returns the kinds into which these marks divide the specs. However many marks: what is worked out of them alone is worked out once for a kind.
 */
export function kindsOf(table: SpecTable, names: readonly string[]): Kinds {
  const key = names.join('\n');
  const column = table.kinds.get(key) ?? { codes: new Uint8Array(0), length: 0, firsts: [], known: new Map<string, number>() };
  // The one asked last stands last; of what has not been asked for long nothing is kept.
  table.kinds.delete(key);
  table.kinds.set(key, column);
  const [oldest] = table.kinds.keys();
  if (table.kinds.size > MOST_DIVISIONS && oldest !== undefined) table.kinds.delete(oldest);
  const marks = names.map((name) => markColumn(table, name).codes);
  for (let spec = column.length; spec < table.size; spec += 1) {
    let seen = '';
    for (const codes of marks) {
      const code = codes[spec] ?? 0;
      seen += String.fromCharCode(code & 0xffff, code >>> 16);
    }
    let kind = column.known.get(seen);
    if (kind === undefined) {
      kind = column.firsts.push(spec) - 1;
      column.known.set(seen, kind);
    }
    put(column, spec, kind);
  }
  makeRoom(column, table.size, 0);
  return { of: column.codes, firsts: column.firsts };
}
