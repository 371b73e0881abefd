/** The parts of a family by column, in the order of their ids: what is asked of each of a million is one number in a list. */
import { certain } from '../certain';
import { emptySpecTable, type SpecTable } from './spec-table';

/** What decides of a part besides its marks. */
export type PartEntry = {
  id: string;
  /** Number of its spec in the table. */
  spec: number;
  footprint: string;
  /** Invented: nobody sells it. */
  demo: boolean;
  price: number | null;
  currency: string | null;
  leadDays: number | null;
};
export type PartColumns = {
  readonly specs: SpecTable;
  /** Ascending. */
  readonly ids: readonly string[];
  readonly specOf: Uint32Array;
  readonly footprintOf: Uint32Array;
  readonly demo: Uint8Array;
  /** NaN where nobody said. */
  readonly price: Float64Array;
  readonly currencyOf: Uint32Array;
  /** Infinity where nobody said. */
  readonly leadDays: Float64Array;
  /** Footprints and currencies by the numbers that the columns name. */
  readonly words: Words;
};
/** Words that many parts share; the first is that of nobody. */
type Words = { readonly list: string[]; readonly numbers: Map<string, number> };

function numberOf({ list, numbers }: Words, word: string): number {
  const known = numbers.get(word);
  if (known !== undefined) return known;
  numbers.set(word, list.push(word) - 1);
  return list.length - 1;
}

const columnsOf = (specs: SpecTable, words: Words, ids: readonly string[]): PartColumns => ({
  ...{ specs, words, ids },
  specOf: new Uint32Array(ids.length),
  footprintOf: new Uint32Array(ids.length),
  demo: new Uint8Array(ids.length),
  price: new Float64Array(ids.length),
  currencyOf: new Uint32Array(ids.length),
  leadDays: new Float64Array(ids.length),
});

export const noParts = (): PartColumns => columnsOf(emptySpecTable(), { list: [''], numbers: new Map([['', 0]]) }, []);

/** The row of a part, or undefined. */
export function rowOf({ ids }: PartColumns, id: string): number | undefined {
  let [low, high] = [0, ids.length - 1];
  while (low <= high) {
    const middle = (low + high) >> 1;
    const there = certain(ids[middle]);
    if (there === id) return middle;
    if (there < id) low = middle + 1;
    else high = middle - 1;
  }
  return undefined;
}

/**
 * The columns with some parts made, changed or gone. The table of specs and the list of words are the same ones, with what is new at their
 * end; the columns are new, so that whoever reads the old ones meanwhile reads on.
 */
export function withParts(old: PartColumns, entries: readonly PartEntry[], gone: ReadonlySet<string>): PartColumns {
  const fresh = inOrderOnce(entries, gone);
  const replaced = new Set(fresh.map(({ id }) => id));
  const ids: string[] = [];
  /** The row where each one stood; below nothing for what is entered anew: the first is -1, the next one -2. */
  const from: number[] = [];
  let at = 0;
  const keepUpTo = (id: string | undefined) => {
    for (; at < old.ids.length; at += 1) {
      const kept = certain(old.ids[at]);
      if (id !== undefined && kept >= id) return;
      if (replaced.has(kept) || gone.has(kept)) continue;
      ids.push(kept);
      from.push(at);
    }
  };
  fresh.forEach(({ id }, i) => {
    keepUpTo(id);
    ids.push(id);
    from.push(-1 - i);
  });
  keepUpTo(undefined);
  const made = columnsOf(old.specs, old.words, ids);
  copyRows(old, made, Int32Array.from(from));
  from.forEach((there, row) => {
    if (there < 0) writeRow(certain(fresh[-1 - there]), made, row);
  });
  return made;
}

/** Each part once, as it was entered last, in the order of the ids; without those that are gone. */
function inOrderOnce(entries: readonly PartEntry[], gone: ReadonlySet<string>): readonly PartEntry[] {
  // A family that is read from the beginning comes as it should.
  if (gone.size === 0 && entries.every(({ id }, i) => i === 0 || certain(entries[i - 1]).id < id)) return entries;
  const last = new Map(entries.filter(({ id }) => !gone.has(id)).map((entry) => [entry.id, entry]));
  return [...last.values()].sort((a, b) => (a.id < b.id ? -1 : 1));
}

/** Copies whole runs of neighbours at once: mostly a few parts change among many. */
function copyRows(old: PartColumns, made: PartColumns, from: Int32Array): void {
  for (let at = 0; at < from.length;) {
    const first = certain(from[at]);
    let length = 1;
    while (first >= 0 && from[at + length] === first + length) length += 1;
    if (first >= 0) for (const name of columnNames) made[name].set(old[name].subarray(first, first + length), at);
    at += length;
  }
}
const columnNames = ['specOf', 'footprintOf', 'demo', 'price', 'currencyOf', 'leadDays'] as const;

function writeRow({ spec, footprint, demo, price, currency, leadDays }: PartEntry, made: PartColumns, at: number): void {
  made.specOf[at] = spec;
  made.footprintOf[at] = numberOf(made.words, footprint);
  made.demo[at] = demo ? 1 : 0;
  made.price[at] = price ?? Number.NaN;
  made.currencyOf[at] = numberOf(made.words, currency ?? '');
  made.leadDays[at] = leadDays ?? Infinity;
}

/** The number of a word that a column may name; -1 where no part says it. */
export const wordNumber = ({ words }: PartColumns, word: string): number => words.numbers.get(word) ?? -1;
