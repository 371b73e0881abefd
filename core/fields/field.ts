/**
 * How is a mark declared? Once: its name, label, unit, range, words, meaning, how plates print it and how it is recovered.
 * The schema of a case, the open interface's documents, the grammar of plates, the glossary, the cards of the bench and the
 * labels of record and PDF are all made from this declaration. `min` and `max` are what is physically accepted; a bound in
 * `above` is itself refused. A mark with `plateOnly` stands on plates, and no case asks for it.
 */
import type { Unit } from '../quantities/units';
import type { Practice } from '../language/practice';
import { sayIn } from '../language/by-practice';

export type FieldKind =
  | 'number'
  | 'word'
  | 'words'
  | 'flag'
  | 'hertz'
  | 'volts-text'
  | 'rows'
  | 'coil-rows'
  | 'amps-by'
  /** Counts by word: {"SPDT": 2}. */
  | 'counts'
  /** True, false or null by word. */
  | 'flags'
  /** Changes of state of supply, signal and output. */
  | 'trace'
  /** One time, or two. */
  | 'times'
  /** A list of [low, high]. */
  | 'bands'
  /** "self", or volts and kind. */
  | 'feed'
  /** One [low, high]. */
  | 'band'
  /** A list of figures of one unit. */
  | 'numbers'
  /** Figures by word: {"fan": 5.1}. */
  | 'amounts';

/** Forms of a value in print. */
export type PlateFieldKind = 'number' | 'numbers' | 'volts' | 'range' | 'letter' | 'word' | 'hertz' | 'coil' | 'text' | 'flag' | 'rows';

/** How a plate prints a mark; `print.ts` makes the plate's field of it. */
export type Print = {
  /** Form of the value in print, where it is another than the field's: two figures for one, a letter for a word. */
  kind?: PlateFieldKind;
  /** Names as printed before the value; of a flag the words that say it. Matched without regard to case. */
  names?: readonly string[];
  /** Units that may stand behind the value, with their factor. */
  units?: Readonly<Record<string, number>>;
  /** Read without its name: by its unit, or by these of its words alone. */
  bare?: true | readonly string[];
  /** Of a text: it holds a figure, or it is none. */
  withDigit?: true;
  /** Other ways in which a word is printed: printed form in capitals to the word. */
  printed?: Readonly<Record<string, string>>;
  /** Several words of a list as one mark: 'manual or automatic'. */
  sets?: readonly string[];
  /** Texts that are known in print, where the field takes any. */
  known?: readonly string[];
  /** Fields that the marks behind the value fill: AC or DC, hertz. */
  tail?: { kind?: string; hertz?: string };
};

export type Field = {
  name: string;
  label: string;
  /** Where the room is short: an abbreviation that the trade uses. */
  short?: string;
  /** Words of NFPA 70 practice, where `words-by-practice.ts` does not make them from the label. */
  nfpa?: { label: string; short: string };
  kind: FieldKind;
  unit?: string;
  above?: number;
  min?: number;
  max?: number;
  words?: readonly string[];
  /** Columns of a list of rows. */
  rowFields?: readonly Field[];
  meaning: string;
  /** How a plate prints it; absent: no plate does. */
  print?: Print;
  /** How an unreadable mark is recovered; safe means first. */
  recovery?: string;
  plateOnly?: true;
};

/** What a declaration may say beside its range or words. */
export type More = Pick<Field, 'short' | 'nfpa' | 'print' | 'recovery'>;

/** A field whose name, kind and words the compiler knows: the types of a case are made of them, `mark-types.ts`. */
export type Declared<N extends string, K extends FieldKind, W extends string = string> = Field & {
  readonly name: N;
  readonly kind: K;
  readonly words?: readonly W[];
};

export const num = <const N extends string>(
  name: N,
  label: string,
  unit: string,
  range: { above?: number; min?: number; max: number },
  meaning: string,
  more: More = {},
): Declared<N, 'number'> => ({ name, label, kind: 'number', unit, ...range, meaning, ...more });
export const word = <const N extends string, const W extends string>(
  name: N,
  label: string,
  list: readonly W[],
  meaning: string,
  more: More = {},
): Declared<N, 'word', W> => ({ name, label, kind: 'word', words: list, meaning, ...more });
/** Several words at once. */
export const words = <const N extends string, const W extends string>(
  name: N,
  label: string,
  list: readonly W[],
  meaning: string,
  more: More = {},
): Declared<N, 'words', W> => ({ name, label, kind: 'words', words: list, meaning, ...more });
export const flag = <const N extends string>(name: N, label: string, meaning: string, more: More = {}): Declared<N, 'flag'> => ({
  name,
  label,
  kind: 'flag',
  meaning,
  ...more,
});
export const text = <const N extends string>(name: N, label: string, meaning: string, more: More = {}): Declared<N, 'word'> => ({
  name,
  label,
  kind: 'word',
  meaning,
  ...more,
});
/** A field of any kind, spelt out: rows, counts, bands. */
export const declared = <const N extends string, const K extends FieldKind, const W extends string = string>(
  field: Omit<Field, 'name' | 'kind' | 'words'> & { name: N; kind: K; words?: readonly W[] },
): Declared<N, K, W> => field;
const kindsOfPrint = {
  number: 'number',
  numbers: 'numbers',
  volts: 'volts-text',
  range: 'band',
  letter: 'word',
  word: 'word',
  hertz: 'hertz',
  coil: 'number',
  text: 'word',
  flag: 'flag',
  rows: 'rows',
} as const satisfies Record<PlateFieldKind, FieldKind>;
/** A mark that only plates carry: who made it, torque of the terminals, frame. */
export const mark = <const N extends string, const P extends PlateFieldKind, const W extends string = string>(
  name: N,
  label: string,
  kind: P,
  { unit, min, max, words: list, ...print }: Omit<Print, 'kind'> & { unit?: Unit; min?: number; max?: number; words?: readonly W[] },
  meaning: string,
  recovery: string,
): Declared<N, (typeof kindsOfPrint)[P], W> & { readonly plateOnly: true } => ({
  name,
  label,
  kind: kindsOfPrint[kind],
  ...(unit ? { unit } : {}),
  ...(min === undefined ? {} : { min }),
  ...(max === undefined ? {} : { max }),
  ...(list ? { words: list } : {}),
  meaning,
  print: { kind, ...print },
  recovery,
  plateOnly: true,
});

/** The label of a field in the words of a practice; short where the room is short. */
export const labelIn = (practice: Practice, { label, nfpa }: Pick<Field, 'label' | 'nfpa'>): string =>
  practice === 'NFPA70' && nfpa ? nfpa.label : sayIn(practice, label);
export const shortIn = (practice: Practice, { label, short, nfpa }: Pick<Field, 'label' | 'short' | 'nfpa'>): string =>
  practice === 'NFPA70' && nfpa ? nfpa.short : sayIn(practice, short ?? label);

/** The fields that a case may hold; the rest stands on plates alone. */
export const caseFieldsOf = (fields: readonly Field[]): Field[] => fields.filter(({ plateOnly }) => !plateOnly);

export const upTo = (max: number) => ({ above: 0, max });

export const currentKinds = ['ac', 'dc', 'ac/dc'] as const;
/** Without a prototype: a word such as 'constructor' finds nothing. */
export const kindAliases: Record<string, string> = Object.assign(Object.create(null) as Record<string, string>, {
  AC: 'ac',
  DC: 'dc',
  'AC/DC': 'ac/dc',
  UC: 'ac/dc',
});
