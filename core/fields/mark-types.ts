/**
 * Which types do the marks of a case have? Made from the declared fields: a name that no field has, or a word that is not in its list,
 * does not compile. What a plate lost is null, what a plate surely does not carry is "none", false or an empty list.
 */
import type { Trace } from '../timing/trace';
import type { Field, FieldKind } from './field';

export type MarkRow = Readonly<Record<string, unknown>>;
type Figures = readonly number[];
type Pair = readonly [low: number, high: number];
type ByWord<W extends string, V> = Readonly<Partial<Record<W, V | null>>>;

/** The legible value of a kind of field. */
type ValueOf<K extends FieldKind, W extends string> = {
  number: number;
  word: W;
  words: readonly W[];
  flag: boolean;
  hertz: Figures;
  'volts-text': number | string;
  rows: readonly MarkRow[];
  'coil-rows': readonly MarkRow[];
  'amps-by': ByWord<W, number>;
  counts: ByWord<W, number>;
  flags: ByWord<W, boolean | 'none'>;
  trace: Readonly<Partial<Record<'supply' | 'signal' | 'output', Trace | null>>>;
  times: number | Pair;
  bands: readonly Pair[];
  feed: 'self' | Readonly<{ volts: number | null; kind?: string | null }>;
  band: Pair;
  numbers: Figures;
  amounts: ByWord<W, number | 'none'>;
}[K];

type MarkOf<F extends Field> = F extends { kind: infer K extends FieldKind; words?: readonly (infer W extends string)[] }
  ? ValueOf<K, W> | 'none' | false | null
  : never;

/** Marks of a case under the names of these fields; what stands on plates alone is none. */
export type MarksOf<F extends readonly Field[]> = {
  [One in F[number] as One extends { plateOnly: true } ? never : One['name']]?: MarkOf<One>;
};

/** Names of marks that may hold such a value; any name where the marks are not known by type. */
export type NamesOf<M, V> = {
  [K in keyof M]-?: unknown extends M[K] ? K : [Extract<M[K], V>] extends [never] ? never : K;
}[keyof M] &
  string;
