/**
 * Does a part's figure hold against a need? Compiles a need into a small function over canonical specs.
 * States: a value is held against the limit; null (worn) and a figure that the part does not carry are not known;
 * "none" (legible, no such rating) does not hold. Figures equal to the limit hold, within a named tolerance.
 * The same rules stand as SQL in `sql.ts`; a property test holds both equal.
 */
import { coilLayouts, type Figure, type LineValue, type Need, type Verdict, type Way } from '../needs/need';

export type Canonical = Record<string, unknown>;
export type Band = readonly [low: number, high: number];
/** undefined: not carried; null: worn; 'none': legible, no such mark. */
export type Found = undefined | null | LineValue | readonly Band[];

/** Relative slack for comparing decimals that came out of arithmetic. */
export const TOLERANCE = 1e-9;
export const slackDown = (limit: number) => limit - Math.abs(limit) * TOLERANCE;
export const slackUp = (limit: number) => limit + Math.abs(limit) * TOLERANCE;

type Row = Record<string, unknown>;

/** One figure of a rating row with what decides whether it may be used; null where that is worn. */
type Entry = { volts: number | null; kind: string | null; polesInSeries: number | null; value: unknown };
/** Entries by column for each list of rows: laid out once, since a catalogue is judged against many needs. */
const entries = new WeakMap<readonly Row[], Map<string, Entry[]>>();

function entriesOf(rows: readonly Row[]): Map<string, Entry[]> {
  const known = entries.get(rows);
  if (known) return known;
  const byColumn = new Map<string, Entry[]>();
  for (const row of rows) {
    const volts = typeof row.volts === 'number' ? row.volts : null;
    const kind = row.kind === 'ac' || row.kind === 'dc' || row.kind === 'ac/dc' ? row.kind : null;
    const polesInSeries = typeof row.polesInSeries === 'number' ? row.polesInSeries : row.polesInSeries === undefined ? 1 : null;
    for (const column of Object.keys(row)) {
      if (row[column] === undefined) continue;
      const list = byColumn.get(column);
      const entry: Entry = { volts, kind, polesInSeries, value: row[column] };
      if (list) list.push(entry);
      else byColumn.set(column, [entry]);
    }
  }
  entries.set(rows, byColumn);
  return byColumn;
}

/** Of two values of equal volts the better one: a figure before a worn one, that before "none"; the larger figure. */
function betterValue(a: unknown, b: unknown): unknown {
  if (typeof a === 'number' && typeof b === 'number') return Math.max(a, b);
  if (typeof a === 'number' || typeof b === 'number') return typeof a === 'number' ? a : b;
  return a === null || b === null ? null : a;
}

function findRating(figure: Extract<Figure, { kind: 'rating' }>, spec: Canonical): Found {
  const rows = spec.ratings;
  if (rows === undefined || rows === null) return rows as undefined | null;
  if (rows === 'none') return 'none';
  const { column, minVolts, current, polesFrom = 'poles' } = figure;
  if (minVolts === null) return null;
  const list = entriesOf(rows as Row[]).get(column);
  if (list === undefined) return (rows as Row[]).length === 0 ? 'none' : undefined;
  const poles = spec[polesFrom];
  let bestVolts = Infinity;
  let best: unknown;
  let worn = false;
  let wornLeast = Infinity;
  for (let i = 0; i < list.length; i += 1) {
    const { volts, kind, polesInSeries, value } = list[i]!;
    if (kind !== null && kind !== current && kind !== 'ac/dc') continue;
    const open = polesInSeries === null || (polesInSeries > 1 && typeof poles !== 'number');
    if (!open && polesInSeries! > 1 && polesInSeries! > (poles as number)) continue;
    if (volts !== null && volts < minVolts) continue;
    if (open || kind === null || volts === null) {
      worn = true;
      const least = typeof value === 'number' ? value : -Infinity;
      if (least < wornLeast) wornLeast = least;
    } else if (volts < bestVolts) {
      bestVolts = volts;
      best = value;
    } else if (volts === bestVolts) best = betterValue(best, value);
  }
  if (bestVolts === Infinity) return worn ? null : 'none';
  if (typeof best !== 'number') return best as Found;
  // The worn row may be the one for these volts: where it says less, nothing is known.
  return worn && wornLeast < best ? null : best * figure.factor;
}

/** Rated volts of the coil mark nearest to the supply, for this kind of supply. */
function nearestMark(spec: Canonical, supply: string, volts: number): number | null | undefined {
  const bands = (spec.coilRated as Record<string, readonly Band[]> | null | undefined)?.[supply];
  if (bands === undefined || bands === null) return spec.coilRated === undefined ? undefined : null;
  let best: number | null = null;
  for (const [low] of bands) if (best === null || Math.abs(low - volts) < Math.abs(best - volts)) best = low;
  return best;
}

/** Returns the function that finds a figure in a canonical spec. */
export function compileFigure(figure: Figure): (spec: Canonical) => Found {
  switch (figure.kind) {
    case 'field':
      return (spec) => {
        const value = spec[figure.name] as Found;
        return value === 'none' && figure.whenNone !== undefined ? figure.whenNone : value;
      };
    case 'rating':
      return (spec) => findRating(figure, spec);
    case 'bands':
      return (spec) => spec[figure.name] as Found;
    case 'coil-bands': {
      const name = coilLayouts[figure.which];
      return (spec) => {
        const coil = spec[name] as Record<string, Found> | null | undefined;
        return coil === undefined || coil === null ? coil : coil[figure.supply];
      };
    }
    case 'coil-pull-in': {
      const power = figure.supply === 'dc' ? 'coilPullInWattsDc' : 'coilInrushVA';
      return (spec) => {
        const mark = nearestMark(spec, figure.supply, figure.volts);
        const pull = spec[power] as Found;
        if (pull === undefined || mark === undefined) return undefined;
        if (typeof pull !== 'number' || mark === null) return null;
        if (figure.what === 'amps') return pull / mark;
        // The coil at pull-in as the impedance mark²/VA in series with the run; in phase, the unfavourable case.
        return figure.volts / mark / (1 + (figure.loopOhms * pull) / (mark * mark));
      };
    }
  }
}

const isBands = (value: readonly unknown[]): value is readonly Band[] => Array.isArray(value[0]);

function relationHolds(way: Way, limit: LineValue): (have: Exclude<Found, undefined | null>) => boolean {
  switch (way.relation) {
    case '>=': {
      const least = slackDown(limit as number);
      return (have) => (have as number) >= least;
    }
    case '<=': {
      const most = slackUp(limit as number);
      return (have) => (have as number) <= most;
    }
    case '=':
      return (have) => have === limit;
    case 'one-of':
      return (have) => (limit as readonly unknown[]).includes(have);
    case 'within': {
      const [low, high] = limit as Band;
      return (have) => (have as number) >= slackDown(low) && (have as number) <= slackUp(high);
    }
    case 'includes': {
      if (Array.isArray(limit) && typeof limit[0] === 'string')
        return (have) => (limit as readonly string[]).some((one) => (have as readonly unknown[]).includes(one));
      const [low, high] = (Array.isArray(limit) ? limit : [limit, limit]) as unknown as Band;
      return (have) => {
        const list = have as readonly unknown[];
        if (isBands(list)) return list.some(([a, b]) => a <= slackUp(low) && b >= slackDown(high));
        return list.includes(limit as never);
      };
    }
  }
}

/** Returns the function that gives a way's verdict for a figure that the part carries; the part is asked again for the other edge of a band. */
function compileWay(way: Way, severity: Need['severity'], assumed: boolean): (have: Found, spec: Canonical) => Verdict {
  const whenNot: Verdict = severity === 'must' ? 'fails' : 'check';
  const whenHolds: Verdict = way.atBest ?? (assumed ? 'check' : 'fits');
  const { limit, checkFrom, notKnownFrom } = way;
  const band = (have: number): Verdict | undefined => {
    if (checkFrom !== undefined && have >= slackDown(checkFrom)) return 'check';
    if (notKnownFrom !== undefined) return have >= slackDown(notKnownFrom) ? 'not-known' : whenNot;
    return undefined;
  };
  if (limit === null) return (have) => (typeof have === 'number' ? (band(have) ?? 'not-known') : 'not-known');
  const holds = relationHolds(way, limit);
  const otherEdge = way.orCheck && compileFigure(way.orCheck);
  const otherReading = way.orNotKnown && compileFigure(way.orNotKnown);
  const { or } = way;
  const orFigure = or && compileFigure(or.figure);
  const orHolds = or && relationHolds({ ...way, relation: or.relation }, or.limit);
  const holdsBy = (figure: ((spec: Canonical) => Found) | undefined, spec: Canonical): boolean => {
    const edge = figure?.(spec);
    return edge !== undefined && edge !== null && edge !== 'none' && holds(edge);
  };
  return (have, spec) => {
    const instead = orFigure?.(spec);
    if (instead !== undefined && instead !== null && instead !== 'none' && orHolds!(instead)) return whenHolds;
    if (have === undefined || have === null) return 'not-known';
    if (have !== 'none') {
      if (holds(have)) return whenHolds;
      if (holdsBy(otherEdge, spec)) return 'check';
      if (holdsBy(otherReading, spec)) return 'not-known';
    }
    if (instead === null) return 'not-known';
    if (have === 'none') return whenNot;
    return (typeof have === 'number' ? band(have) : undefined) ?? whenNot;
  };
}

export type LineJudgement = { verdict: Verdict; have: Found; way: number };
export type CompiledNeed = {
  need: Need;
  /** Verdict only: nothing is allocated. */
  verdict: (spec: Canonical) => Verdict;
  /** Verdict with the figure and the way it was held against. */
  judge: (spec: Canonical) => LineJudgement;
  /** True where the line is not asked of this part at all. */
  exempt: (spec: Canonical) => boolean;
  /** True where the part carries the figure in any way, worn or not. */
  carries: (spec: Canonical) => boolean;
};

const verdictRank: Record<Verdict, number> = { fits: 3, check: 2, 'not-known': 1, fails: 0 };
/** A way that can only say that nothing is known yields to every way that says something. */
export const saysNothing = (way: Way): boolean => way.atBest === 'not-known' || way.notKnownFrom === 0;
const rankOf = (verdict: Verdict, silent: boolean) => (silent && verdict === 'not-known' ? -1 : verdictRank[verdict]);

/** Compiles a need once for many parts. Pure; the need is not kept by reference to anything that changes. */
export function compileNeed(need: Need): CompiledNeed {
  const ways = need.ways.map((way) => ({
    find: compileFigure(way.figure),
    decide: compileWay(way, need.severity, need.assumed ?? false),
    silent: saysNothing(way),
  }));
  const { unless, anyWay = false } = need;
  const exempt = (spec: Canonical) => unless !== undefined && spec[unless.name] === unless.word;
  /** Where the mark that would exempt the part is worn, a line that does not hold may not be asked at all. */
  const open = (spec: Canonical) => unless !== undefined && spec[unless.name] === null;
  const whenLeftOut: Verdict = need.onlyWhereCarried ? 'fits' : 'not-known';
  /** A figure beats a worn mark, a worn mark beats "no such mark", and both beat a figure that is not carried. */
  const judge = (spec: Canonical): LineJudgement => {
    if (exempt(spec)) return { verdict: 'fits', have: undefined, way: 0 };
    let worn = -1;
    let none = -1;
    let best: LineJudgement | undefined;
    let bestRank = -2;
    for (let i = 0; i < ways.length; i += 1) {
      const have = ways[i]!.find(spec);
      if (have === undefined) continue;
      if (have === null) worn = worn < 0 ? i : worn;
      else if (have === 'none') none = none < 0 ? i : none;
      else {
        const verdict = ways[i]!.decide(have, spec);
        const rank = rankOf(verdict, ways[i]!.silent);
        if (rank > bestRank) [best, bestRank] = [{ verdict, have, way: i }, rank];
        if (!anyWay || verdict === 'fits') break;
      }
    }
    const found: LineJudgement =
      best ??
      (worn >= 0
        ? { verdict: ways[worn]!.decide(null, spec), have: null, way: worn }
        : none >= 0
          ? { verdict: ways[none]!.decide('none', spec), have: 'none', way: none }
          : { verdict: whenLeftOut, have: undefined, way: 0 });
    return found.verdict !== 'fits' && open(spec) ? { ...found, verdict: 'not-known' } : found;
  };
  /** The same decision as `judge`, without the figure: this runs for every part of a catalogue. */
  const verdict = (spec: Canonical): Verdict => {
    if (exempt(spec)) return 'fits';
    let worn = -1;
    let none = -1;
    let best: Verdict | undefined;
    let bestRank = -2;
    for (let i = 0; i < ways.length; i += 1) {
      const have = ways[i]!.find(spec);
      if (have === undefined) continue;
      if (have === null) worn = worn < 0 ? i : worn;
      else if (have === 'none') none = none < 0 ? i : none;
      else {
        const own = ways[i]!.decide(have, spec);
        const rank = rankOf(own, ways[i]!.silent);
        if (rank > bestRank) [best, bestRank] = [own, rank];
        if (!anyWay || own === 'fits') break;
      }
    }
    const found = best ?? (worn >= 0 ? ways[worn]!.decide(null, spec) : none >= 0 ? ways[none]!.decide('none', spec) : whenLeftOut);
    return found !== 'fits' && open(spec) ? 'not-known' : found;
  };
  return {
    need,
    judge,
    verdict,
    exempt,
    carries: (spec) => !exempt(spec) && ways.some((way) => way.find(spec) !== undefined),
  };
}
