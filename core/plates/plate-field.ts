/**
 * What is a field of a plate: which marks name it, what stands behind them, and what does it mean?
 * A grammar is data: names and a kind of value, with a few small functions of its family for forms of its own (`C20`, a
 * table of amps by volts). `parse-plate.ts` is the only code that reads with it; the glossary is made from the same data.
 */
import type { Field, PlateFieldKind } from '../fields/field';
import type { ReadingValue } from '../readings/reading';
import type { Cell, Laid } from './layout';

export type PlateField = {
  /** The declaration that it was made from. */
  of: Field;
  /** Name in the plain case where it has one. */
  id: string;
  label: string;
  /** Label where the room is short. */
  short: string;
  kind: PlateFieldKind;
  unit: string;
  /** Names as printed before the value; of a flag the words that say it. Matched without regard to case. */
  names: readonly string[];
  /** Units that may stand behind the value, with their factor; a field with `bareUnit` is also read from value and unit alone. */
  units?: Readonly<Record<string, number>>;
  bareUnit?: boolean;
  min?: number;
  max: number;
  /** Of a text: it holds a figure, or it is none. */
  withDigit?: boolean;
  words?: readonly string[];
  /** Of its words those that are read without a name before them; absent: all. */
  bareWords?: readonly string[];
  /** Other ways in which a word is printed: printed form in capitals to the word of `words`. */
  printed?: Readonly<Record<string, string>>;
  /** Fields that the marks behind the value fill: AC or DC, hertz. */
  tail?: { kind?: string; hertz?: string };
  /** One sentence for whoever taps the mark. */
  meaning: string;
  /** How a worn mark is recovered; safe means first. */
  recovery: string;
};

/** One value that a family's own function found, with the characters it came from. */
export type Hit = { field: string; value: ReadingValue; start: number; end: number };

/** A printed column that is no field by itself: it belongs to the rows of a table. */
export type Column = { column: string; names: readonly string[]; unit: string };

/** A printed name that was recognised: of a field, or of a column. */
export type Label = { name: string; field?: PlateField; column?: string };
export type Head = Label & { cell: Cell; loose: boolean };
/** `rows[i][j]` stands under `heads[j]`; undefined where nothing does. `lead` is a cell left of all heads: "COMPRESSOR". */
export type Table = { heads: Head[]; rows: { cells: (Cell | undefined)[]; lead?: Cell }[] };

export type PlateDefinition = {
  id: string;
  title: string;
  /** Device family of the open interface, or the load kind. */
  side: 'load' | 'device';
  fields: readonly PlateField[];
  /** Column heads of its tables. */
  columns?: readonly Column[];
  /** Takes a table with heads over values; undefined leaves it to the fields of the heads. */
  readTable?: (table: Table) => Hit[] | undefined;
  /** Forms of its own: looked for first; what they take is not read again. */
  special?: (laid: Laid) => Hit[];
  /** Tried last, on what nothing else took: forms that are known without name or unit. To be confirmed. */
  fallback?: (laid: Laid) => Hit[];
  /** What follows from marks that were read: poles from terminal numbers. Never a rating. */
  derive?: (found: ReadonlyMap<string, ReadingValue>, laid: Laid) => Hit[];
  /** Words that speak for this kind of plate, with their weight; for guessing the kind. */
  cues: readonly [RegExp, number][];
};
