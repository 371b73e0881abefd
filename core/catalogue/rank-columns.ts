/**
 * Ranks a catalogue that lies in columns: the same order, counts and reasons as `rank` gives over the parts one by one, which a test holds.
 * Each line is answered once for every combination of the marks that it reads; a part only looks its answers up.
 */
import { certain } from '../certain';
import { compileNeed, type CompiledNeed } from '../matching/evaluate';
import type { CanonicalSpec } from '../matching/canonical';
import { comparing, nearnessOf, type Order, type Ranked } from '../matching/rank';
import type { Need, Verdict } from '../needs/need';
import { marksOfNeed } from './marks-of-need';
import { wordNumber, type PartColumns } from './part-columns';
import { combinationsOf, valuesOf, type SpecTable } from './spec-table';

/** Which parts stand to choice, by their row. */
export type Offered = (row: number) => boolean;

/** Of each spec: does any part with it stand to choice? */
function specsInUse({ specs, specOf, ids }: PartColumns, offered: Offered): Uint8Array {
  const used = new Uint8Array(specs.size);
  for (let row = 0; row < ids.length; row += 1) if (offered(row)) used[certain(specOf[row])] = 1;
  return used;
}

function isCarried(table: SpecTable, compiled: CompiledNeed, used: Uint8Array): boolean {
  const { of, specs } = combinationsOf(table, marksOfNeed(compiled.need));
  const carried = specs.map(compiled.carries);
  if (!carried.includes(true)) return false;
  for (let spec = 0; spec < used.length; spec += 1) if (used[spec] === 1 && carried[of[spec] ?? 0]) return true;
  return false;
}

/** The lines that are asked of these parts and of `others`: as `askedNeeds` has it of the specs one by one. */
export function askedOfColumns(
  needs: readonly Need[],
  columns: PartColumns,
  offered: Offered,
  others: readonly CanonicalSpec[],
): CompiledNeed[] {
  const used = specsInUse(columns, offered);
  return needs
    .map(compileNeed)
    .filter(
      (compiled) => compiled.need.alwaysAsked || others.some((spec) => compiled.carries(spec)) || isCarried(columns.specs, compiled, used),
    );
}

const NOTHING_FELL = 0xffff;
const MOST_TOLD_APART = 3;

/** Of each spec: how many lines fail, are not known, ask for a look, and which one failed first. */
type Tally = {
  fails: Uint8Array;
  unknown: Uint8Array;
  checks: Uint8Array;
  firstFail: Uint16Array;
  /** 1: a line that is always asked is asked of it. */
  asked: Uint8Array;
  nearness: Float64Array;
};

const numbers: Readonly<Record<Verdict, number>> = { fits: 0, check: 1, 'not-known': 2, fails: 3 };
const words: readonly Verdict[] = ['fits', 'check', 'not-known', 'fails'];

function tallyLine(table: SpecTable, compiled: CompiledNeed, line: number, tally: Tally): void {
  const { need, verdict, exempt } = compiled;
  const { of, specs } = combinationsOf(table, marksOfNeed(need));
  const answers = Uint8Array.from(specs, (spec) => numbers[verdict(spec)]);
  const always = Uint8Array.from(specs, (spec) => (need.alwaysAsked && !exempt(spec) ? 1 : 0));
  const { fails, unknown, checks, firstFail, asked } = tally;
  for (let spec = 0; spec < table.size; spec += 1) {
    const at = of[spec] ?? 0;
    const answer = answers[at];
    if (always[at] === 1) asked[spec] = 1;
    if (answer === 3) {
      if (fails[spec] === 0) firstFail[spec] = line;
      fails[spec] = (fails[spec] ?? 0) + 1;
    } else if (answer === 2) unknown[spec] = (unknown[spec] ?? 0) + 1;
    else if (answer === 1) checks[spec] = (checks[spec] ?? 0) + 1;
  }
}

/** How near the running current comes to what is needed, of each spec. */
function tallyNearness(table: SpecTable, compiled: CompiledNeed, { fails, nearness }: Tally): void {
  const { of, specs } = combinationsOf(table, marksOfNeed(compiled.need));
  const near = Float64Array.from(specs, (spec) => nearnessOf(compiled, compiled.judge(spec)));
  for (let spec = 0; spec < table.size; spec += 1)
    nearness[spec] = (fails[spec] ?? 0) > MOST_TOLD_APART ? Infinity : (near[of[spec] ?? 0] ?? Infinity);
}

function tallyOf(table: SpecTable, compiled: readonly CompiledNeed[]): Tally {
  const tally: Tally = {
    fails: new Uint8Array(table.size),
    unknown: new Uint8Array(table.size),
    checks: new Uint8Array(table.size),
    firstFail: new Uint16Array(table.size).fill(NOTHING_FELL),
    asked: new Uint8Array(table.size),
    nearness: new Float64Array(table.size).fill(Infinity),
  };
  compiled.forEach((line, i) => tallyLine(table, line, i, tally));
  const running = compiled.find(({ need }) => need.id === 'running');
  if (running) tallyNearness(table, running, tally);
  return tally;
}

const verdictAt = ({ fails, unknown, checks, asked }: Tally, spec: number): Verdict =>
  certain(words[fails[spec] ? 3 : unknown[spec] || !asked[spec] ? 2 : checks[spec] ? 1 : 0]);

/** Lines first, as `comparing` has them: a smaller number stands before a larger one. */
const lineOrder = (tally: Tally, spec: number): number =>
  ((numbers[verdictAt(tally, spec)] * NARROW + certain(tally.fails[spec])) * NARROW + certain(tally.unknown[spec])) * NARROW +
  certain(tally.checks[spec]);
const NARROW = 0x100;

/** Of each spec: how unlike the removed part it is, mark by mark. */
function unlikeOf(table: SpecTable, marks: readonly UnlikeMark[]): Uint16Array {
  const all = new Uint16Array(table.size);
  for (const { name, unlike } of marks) {
    const { of, values } = valuesOf(table, name);
    const each = Uint8Array.from(values, (value) => unlike(value === undefined ? {} : { [name]: value }));
    for (let spec = 0; spec < table.size; spec += 1) all[spec] = (all[spec] ?? 0) + (each[of[spec] ?? 0] ?? 0);
  }
  return all;
}

/** How unlike the removed part one is by this mark alone. */
export type UnlikeMark = { name: string; unlike: (spec: CanonicalSpec) => number };
export type AskedRank = {
  by: Order;
  offered: Offered;
  /** Pieces on the shelf by row. */
  lying: ReadonlyMap<number, number>;
  marks: readonly UnlikeMark[];
  /** Of what is removed; another one is another kind. Null: nobody knows. */
  footprint: string | null;
  /** Prices in another currency are not compared. */
  currency: string | null;
  /** Which verdicts are shown, and how many parts at most. */
  shown: (verdict: Verdict) => boolean;
  most: number;
};
export type RankedColumns = {
  /** The first of what is shown. */
  order: Ranked[];
  /** How many parts fell first on each line, by need id. */
  fell: ReadonlyMap<string, number>;
  judged: number;
  holding: number;
  /** Of those that hold, on the shelf. */
  holdingOnShelf: number;
};

/** Keeps the first `most` of what is offered to it, in order. */
function firstOf(compare: (a: Ranked, b: Ranked) => number, most: number) {
  const kept: Ranked[] = [];
  return {
    kept,
    offer: (one: Ranked) => {
      let at = kept.length;
      while (at > 0 && compare(one, certain(kept[at - 1])) < 0) at -= 1;
      if (at >= most) return;
      kept.splice(at, 0, one);
      if (kept.length > most) kept.pop();
    },
  };
}

export function rankColumns(columns: PartColumns, compiled: readonly CompiledNeed[], asked: AskedRank): RankedColumns {
  const { specs, ids, specOf, footprintOf, price, currencyOf, leadDays } = columns;
  const { by, offered, lying, footprint, currency, shown, most } = asked;
  const tally = tallyOf(specs, compiled);
  const unlike = unlikeOf(specs, asked.marks);
  const [own, money] = [wordNumber(columns, footprint ?? ''), currency === null ? -1 : wordNumber(columns, currency)];
  const fell = new Uint32Array(compiled.length);
  const { kept, offer } = firstOf(comparing(by), most);
  const verdicts = Uint8Array.from({ length: specs.size }, (_, spec) => numbers[verdictAt(tally, spec)]);
  const before = Float64Array.from({ length: specs.size }, (_, spec) => lineOrder(tally, spec));
  let [judged, holding, holdingOnShelf, last] = [0, 0, 0, Infinity];
  for (let row = 0; row < ids.length; row += 1) {
    if (!offered(row)) continue;
    judged += 1;
    const spec = certain(specOf[row]);
    const verdict = certain(words[certain(verdicts[spec])]);
    if (verdict === 'fails') fell[certain(tally.firstFail[spec])] = certain(fell[certain(tally.firstFail[spec])]) + 1;
    else {
      holding += 1;
      if (lying.has(row)) holdingOnShelf += 1;
    }
    if (certain(before[spec]) > last || !shown(verdict)) continue;
    offer({
      ...{ id: certain(ids[row]), verdict, onShelf: lying.get(row) ?? 0, pieces: 1 },
      fails: certain(tally.fails[spec]),
      checks: certain(tally.checks[spec]),
      unknown: certain(tally.unknown[spec]),
      unlike: certain(unlike[spec]) + (footprint !== null && footprintOf[row] !== own ? 1 : 0),
      price: currencyOf[row] === money && !Number.isNaN(price[row]) ? certain(price[row]) : Infinity,
      leadDays: certain(leadDays[row]),
      nearness: certain(tally.nearness[spec]),
    });
    // What stands behind the last one by its lines alone need not be laid out.
    const worst = kept.length === most ? kept.at(-1) : undefined;
    if (worst) last = ((numbers[worst.verdict] * NARROW + worst.fails) * NARROW + worst.unknown) * NARROW + worst.checks;
  }
  return {
    order: kept,
    fell: new Map(compiled.flatMap(({ need }, i): [string, number][] => (fell[i] ? [[need.id, fell[i]]] : []))),
    ...{ judged, holding, holdingOnShelf },
  };
}
