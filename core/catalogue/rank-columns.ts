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
import { combinationsOf, kindsOf, valuesOf, type Kinds, type SpecTable } from './spec-table';

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

/** Of each kind of spec: how many lines fail, are not known, ask for a look, and which one failed first. */
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
type Place = { table: SpecTable; firsts: Kinds['firsts'] };

function tallyLine({ table, firsts }: Place, compiled: CompiledNeed, line: number, tally: Tally): void {
  const { need, verdict, exempt } = compiled;
  const { of, specs } = combinationsOf(table, marksOfNeed(need));
  const answers = Uint8Array.from(specs, (spec) => numbers[verdict(spec)]);
  const always = Uint8Array.from(specs, (spec) => (need.alwaysAsked && !exempt(spec) ? 1 : 0));
  const { fails, unknown, checks, firstFail, asked } = tally;
  for (let kind = 0; kind < firsts.length; kind += 1) {
    const at = of[firsts[kind] ?? 0] ?? 0;
    const answer = answers[at];
    if (always[at] === 1) asked[kind] = 1;
    if (answer === numbers.fails) {
      if (fails[kind] === 0) firstFail[kind] = line;
      fails[kind] = (fails[kind] ?? 0) + 1;
    } else if (answer === numbers['not-known']) unknown[kind] = (unknown[kind] ?? 0) + 1;
    else if (answer === numbers.check) checks[kind] = (checks[kind] ?? 0) + 1;
  }
}

/** How near the running current comes to what is needed, of each kind. */
function tallyNearness({ table, firsts }: Place, compiled: CompiledNeed, { fails, nearness }: Tally): void {
  const { of, specs } = combinationsOf(table, marksOfNeed(compiled.need));
  const near = Float64Array.from(specs, (spec) => nearnessOf(compiled, compiled.judge(spec)));
  for (let kind = 0; kind < firsts.length; kind += 1)
    nearness[kind] = (fails[kind] ?? 0) > MOST_TOLD_APART ? Infinity : (near[of[firsts[kind] ?? 0] ?? 0] ?? Infinity);
}

function tallyOf(place: Place, compiled: readonly CompiledNeed[]): Tally {
  const count = place.firsts.length;
  const tally: Tally = {
    fails: new Uint8Array(count),
    unknown: new Uint8Array(count),
    checks: new Uint8Array(count),
    firstFail: new Uint16Array(count).fill(NOTHING_FELL),
    asked: new Uint8Array(count),
    nearness: new Float64Array(count).fill(Infinity),
  };
  compiled.forEach((line, i) => tallyLine(place, line, i, tally));
  const running = compiled.find(({ need }) => need.id === 'running');
  if (running) tallyNearness(place, running, tally);
  return tally;
}

/** The verdict on each kind. */
function verdictsOf({ fails, unknown, checks, asked }: Tally): Uint8Array {
  const verdicts = new Uint8Array(fails.length);
  for (let kind = 0; kind < verdicts.length; kind += 1) {
    const open = unknown[kind] !== 0 || asked[kind] === 0;
    verdicts[kind] = numbers[fails[kind] !== 0 ? 'fails' : open ? 'not-known' : checks[kind] !== 0 ? 'check' : 'fits'];
  }
  return verdicts;
}

const inOrder = (verdict: number, fails: number, unknown: number, checks: number): number =>
  ((verdict * NARROW + fails) * NARROW + unknown) * NARROW + checks;
const NARROW = 0x100;
/** Lines first, as `comparing` has them: a smaller number stands before a larger one. */
function lineOrders(verdicts: Uint8Array, { fails, unknown, checks }: Tally): Uint32Array {
  const orders = new Uint32Array(verdicts.length);
  for (let kind = 0; kind < orders.length; kind += 1)
    orders[kind] = inOrder(verdicts[kind] ?? 0, fails[kind] ?? 0, unknown[kind] ?? 0, checks[kind] ?? 0);
  return orders;
}

/** Of each kind: how unlike the removed part it is, mark by mark. */
function unlikeOf({ table, firsts }: Place, marks: readonly UnlikeMark[]): Uint16Array {
  const all = new Uint16Array(firsts.length);
  for (const { name, unlike } of marks) {
    const { of, values } = valuesOf(table, name);
    const each = Uint8Array.from(values, (value) => unlike(value === undefined ? {} : { [name]: value }));
    for (let kind = 0; kind < firsts.length; kind += 1) all[kind] = (all[kind] ?? 0) + (each[of[firsts[kind] ?? 0] ?? 0] ?? 0);
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

/** Keeps the first `most` of what is offered to it, in order; what is offered may be filled anew afterwards. */
function firstOf(compare: (a: Ranked, b: Ranked) => number, most: number) {
  const kept: Ranked[] = [];
  return {
    kept,
    offer: (one: Ranked) => {
      let at = kept.length;
      while (at > 0 && compare(one, certain(kept[at - 1])) < 0) at -= 1;
      if (at >= most) return;
      kept.splice(at, 0, { ...one });
      if (kept.length > most) kept.pop();
    },
  };
}

/** Fills in what decides of the place of one part, besides its spec. */
function placing(columns: PartColumns, { lying, footprint, currency }: AskedRank) {
  const { ids, footprintOf, price, currencyOf, leadDays } = columns;
  const [own, money] = [wordNumber(columns, footprint ?? ''), currency === null ? -1 : wordNumber(columns, currency)];
  return (one: Ranked, row: number, unlike: number): void => {
    one.id = certain(ids[row]);
    one.onShelf = lying.get(row) ?? 0;
    one.unlike = unlike + (footprint !== null && footprintOf[row] !== own ? 1 : 0);
    const paid = price[row] ?? Number.NaN;
    one.price = currencyOf[row] === money && !Number.isNaN(paid) ? paid : Infinity;
    one.leadDays = leadDays[row] ?? Infinity;
  };
}

const nobody = (): Ranked => ({
  ...{ id: '', verdict: 'fails', onShelf: 0, pieces: 1, fails: 0, checks: 0, unknown: 0 },
  ...{ unlike: 0, price: Infinity, leadDays: Infinity, nearness: Infinity },
});

export function rankColumns(columns: PartColumns, compiled: readonly CompiledNeed[], asked: AskedRank): RankedColumns {
  const { specs, ids, specOf } = columns;
  const { by, offered, lying, shown, most } = asked;
  // Specs that are alike in all that is asked, or compared, are answered as one.
  const read = [...compiled.flatMap(({ need }) => marksOfNeed(need)), ...asked.marks.map(({ name }) => name)];
  const { of: kindOf, firsts } = kindsOf(specs, [...new Set(read)].sort());
  const tally = tallyOf({ table: specs, firsts }, compiled);
  const unlike = unlikeOf({ table: specs, firsts }, asked.marks);
  const verdicts = verdictsOf(tally);
  const before = lineOrders(verdicts, tally);
  const isShown = words.map(shown);
  const fell = new Uint32Array(compiled.length);
  const { kept, offer } = firstOf(comparing(by), most);
  const place = placing(columns, asked);
  // One for all: a million of their own would be made to be thrown away.
  const one = nobody();
  let [judged, holding, holdingOnShelf, last] = [0, 0, 0, Infinity];
  for (let row = 0; row < ids.length; row += 1) {
    if (!offered(row)) continue;
    judged += 1;
    const kind = kindOf[specOf[row] ?? 0] ?? 0;
    const verdict = verdicts[kind] ?? 0;
    if (verdict === numbers.fails) {
      const line = tally.firstFail[kind] ?? 0;
      fell[line] = (fell[line] ?? 0) + 1;
    } else {
      holding += 1;
      if (lying.size > 0 && lying.has(row)) holdingOnShelf += 1;
    }
    // What stands behind the last one by its lines alone need not be laid out.
    if ((before[kind] ?? 0) > last || !isShown[verdict]) continue;
    one.verdict = certain(words[verdict]);
    one.fails = tally.fails[kind] ?? 0;
    one.checks = tally.checks[kind] ?? 0;
    one.unknown = tally.unknown[kind] ?? 0;
    one.nearness = tally.nearness[kind] ?? Infinity;
    place(one, row, unlike[kind] ?? 0);
    offer(one);
    const worst = kept.length === most ? kept.at(-1) : undefined;
    if (worst) last = inOrder(numbers[worst.verdict], worst.fails, worst.unknown, worst.checks);
  }
  return {
    order: kept,
    fell: new Map(compiled.flatMap(({ need }, i): [string, number][] => (fell[i] ? [[need.id, fell[i]]] : []))),
    ...{ judged, holding, holdingOnShelf },
  };
}
