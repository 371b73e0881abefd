/**
 * What is a field of a case: a name, a unit, a range, words, a meaning? And short makers for each kind.
 * `min` and `max` are what is physically accepted; a bound in `above` is itself refused.
 */
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

export type Field = {
  name: string;
  label: string;
  kind: FieldKind;
  unit?: string;
  above?: number;
  min?: number;
  max?: number;
  words?: readonly string[];
  /** Columns of a list of rows. */
  rowFields?: readonly Field[];
  meaning: string;
};

export const num = (
  name: string,
  label: string,
  unit: string,
  range: { above?: number; min?: number; max: number },
  meaning: string,
): Field => ({ name, label, kind: 'number', unit, ...range, meaning });
export const word = (name: string, label: string, list: readonly string[], meaning: string): Field => ({
  name,
  label,
  kind: 'word',
  words: list,
  meaning,
});
/** Several words at once. */
export const words = (name: string, label: string, list: readonly string[], meaning: string): Field => ({
  name,
  label,
  kind: 'words',
  words: list,
  meaning,
});
export const flag = (name: string, label: string, meaning: string): Field => ({ name, label, kind: 'flag', meaning });
export const text = (name: string, label: string, meaning: string): Field => ({ name, label, kind: 'word', meaning });

export const upTo = (max: number) => ({ above: 0, max });

export const currentKinds = ['ac', 'dc', 'ac/dc'] as const;
/** Without a prototype: a word such as 'constructor' finds nothing. */
export const kindAliases: Record<string, string> = Object.assign(Object.create(null) as Record<string, string>, {
  AC: 'ac',
  DC: 'dc',
  'AC/DC': 'ac/dc',
  UC: 'ac/dc',
});
