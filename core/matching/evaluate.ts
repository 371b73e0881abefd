/**
 * Does a part's figure hold against a need? Compiles a need into a small function over canonical specs.
 * States: a value is held against the limit; null (worn) and a figure that the part does not carry are not known;
 * "none" (legible, no such rating) does not hold. Figures equal to the limit hold, within a named tolerance.
 * The same rules stand as SQL in `sql.ts`; a property test holds both equal.
 */
import { DefectError } from '../defect-error';
import { wordsMark, rowsMark, figuresMark } from '../case/case';
import { certain } from '../certain';
import { findRating, layoutOf, type Columns } from './rating-rows';
import { coilLayouts, type FigureRef, type LineValue, type Need, type Verdict, type RatingBasis } from '../needs/need';
import { coilBandsIn, foundIn, isBand, isBands, slackDown, slackUp, type Band, type CanonicalSpec, type Found } from './canonical';

/** Rated volts of the coil mark nearest to the supply, for this kind of supply. */
function nearestMark(spec: CanonicalSpec, supply: string, volts: number): number | null | undefined {
  const bands = coilBandsIn(spec, 'coilRated')?.[supply];
  if (bands === undefined || bands === null) return spec.coilRated === undefined ? undefined : null;
  let best: number | null = null;
  for (const [low] of bands) if (best === null || Math.abs(low - volts) < Math.abs(best - volts)) best = low;
  return best;
}

/** Returns the function that finds a figure in a canonical spec. */
export function compileFigure(figure: FigureRef): (spec: CanonicalSpec) => Found {
  switch (figure.kind) {
    case 'field':
      return (spec) => {
        const value = foundIn(spec, figure.name);
        return value === 'none' && figure.whenNone !== undefined ? figure.whenNone : value;
      };
    case 'rating':
      return (spec) => findRating(figure, spec);
    case 'bands':
      return (spec) => {
        const value = foundIn(spec, figure.name);
        return isBand(value) ? [value] : value;
      };
    case 'coil-bands': {
      const name = coilLayouts[figure.which];
      return (spec) => {
        const coil = coilBandsIn(spec, name);
        return coil === undefined || coil === null ? coil : coil[figure.supply];
      };
    }
    case 'coil-pull-in': {
      const power = figure.supply === 'dc' ? 'coilPullInWattsDc' : 'coilInrushVA';
      return (spec) => {
        const mark = nearestMark(spec, figure.supply, figure.volts);
        const pull = foundIn(spec, power);
        if (pull === undefined || mark === undefined) return undefined;
        if (typeof pull !== 'number' || mark === null) return null;
        if (figure.what === 'amps') return pull / mark;
        // The coil at pull-in as the impedance mark²/VA in series with the run; in phase, the unfavourable case.
        return figure.volts / mark / (1 + (figure.loopOhms * pull) / (mark * mark));
      };
    }
  }
}

/** A limit that is a figure: the relation asks for one, so another is our own defect. */
export function figureLimit(limit: LineValue | null): number {
  if (typeof limit !== 'number') throw new DefectError('The limit of this relation must be a figure.');
  return limit;
}
/** A limit that is a band. */
export function bandLimit(limit: unknown): Band {
  if (typeof limit === 'number') return [limit, limit];
  if (!isBand(limit)) throw new DefectError('The limit of this relation must be a band of two figures.');
  return limit;
}
const isFigure = (have: unknown): have is number => typeof have === 'number';

function relationHolds(way: RatingBasis, limit: LineValue): (have: Exclude<Found, undefined | null>) => boolean {
  switch (way.relation) {
    case '>=': {
      const least = slackDown(figureLimit(limit));
      return (have) => isFigure(have) && have >= least;
    }
    case '<=': {
      const most = slackUp(figureLimit(limit));
      return (have) => isFigure(have) && have <= most;
    }
    case '=':
      return (have) => have === limit;
    case 'one-of':
      return (have) => Array.isArray(limit) && limit.some((one) => one === have);
    case 'within': {
      const [low, high] = bandLimit(limit);
      return (have) => isFigure(have) && have >= slackDown(low) && have <= slackUp(high);
    }
    case 'includes': {
      if (Array.isArray(limit) && typeof limit[0] === 'string')
        return (have) => wordsMark(limit).some((one) => wordsMark(have).includes(one));
      if (typeof limit === 'string') return (have) => wordsMark(have).includes(limit);
      const [low, high] = bandLimit(limit);
      return (have) =>
        isBands(have)
          ? have.some(([a, b]) => a <= slackUp(low) && b >= slackDown(high))
          : typeof limit === 'number' && figuresMark(have).includes(limit);
    }
  }
}

/** Returns the function that gives a way's verdict for a figure that the part carries; the part is asked again for the other edge of a band. */
function compileWay(way: RatingBasis, severity: Need['severity'], assumed: boolean): (have: Found, spec: CanonicalSpec) => Verdict {
  const whenNot: Verdict = severity === 'must' ? 'fails' : 'check';
  const whenHolds: Verdict = way.verdictCap ?? (assumed ? 'check' : 'fits');
  const { limit, checkFrom, notKnownFrom } = way;
  const band = (have: number): Verdict | undefined => {
    if (checkFrom !== undefined && have >= slackDown(checkFrom)) return 'check';
    if (notKnownFrom !== undefined) return have >= slackDown(notKnownFrom) ? 'not-known' : whenNot;
    return undefined;
  };
  if (limit === null) return (have) => (typeof have === 'number' ? (band(have) ?? 'not-known') : 'not-known');
  const holds = relationHolds(way, limit);
  const otherEdge = way.upperEdge && compileFigure(way.upperEdge);
  const otherReading = way.possible && compileFigure(way.possible);
  const { alternative: or } = way;
  const orFigure = or && compileFigure(or.figure);
  const orHolds = or && relationHolds({ ...way, relation: or.relation }, or.limit);
  const holdsBy = (figure: ((spec: CanonicalSpec) => Found) | undefined, spec: CanonicalSpec): boolean => {
    const edge = figure?.(spec);
    return edge !== undefined && edge !== null && edge !== 'none' && holds(edge);
  };
  if (!orFigure && !otherEdge && !otherReading)
    return (have) => {
      if (have === undefined || have === null) return 'not-known';
      if (have === 'none') return whenNot;
      if (holds(have)) return whenHolds;
      return (typeof have === 'number' ? band(have) : undefined) ?? whenNot;
    };
  return (have, spec) => {
    const instead = orFigure?.(spec);
    if (instead !== undefined && instead !== null && instead !== 'none' && certain(orHolds)(instead)) return whenHolds;
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
  verdict: (spec: CanonicalSpec) => Verdict;
  /** Verdict with the figure and the way it was held against. */
  judge: (spec: CanonicalSpec) => LineJudgement;
  /** True where the line is not asked of this part at all. */
  exempt: (spec: CanonicalSpec) => boolean;
  /** True where the part carries the figure in any way, worn or not. */
  carries: (spec: CanonicalSpec) => boolean;
};

const verdictRank: Record<Verdict, number> = { fits: 3, check: 2, 'not-known': 1, fails: 0 };
/** A way that can only say that nothing is known yields to every way that says something. */
export const saysNothing = (way: RatingBasis): boolean => way.verdictCap === 'not-known' || way.notKnownFrom === 0;
const rankOf = (verdict: Verdict, silent: boolean) => (silent && verdict === 'not-known' ? -1 : verdictRank[verdict]);

/**
 * Returns the function that tells which ways a part's rows can answer at all: a way of a column that they do not print finds nothing.
 * A contactor has two dozen columns, and most parts print four.
 */
function printedWays(ways: readonly RatingBasis[]): (spec: CanonicalSpec) => readonly number[] {
  const all = ways.map((_, i) => i);
  const columns = ways.map(({ figure }) => (figure.kind === 'rating' && figure.minVolts !== null ? figure.column : undefined));
  if (columns.filter((column) => column !== undefined).length < 2) return () => all;
  const known = new WeakMap<Columns, readonly number[]>();
  let lastColumns: Columns | undefined;
  let lastIndexes: readonly number[] = all;
  return (spec) => {
    const rows = spec.ratings;
    if (!Array.isArray(rows) || rows.length === 0) return all;
    const printed = layoutOf(rowsMark(rows)).columns;
    if (printed === lastColumns) return lastIndexes;
    let indexes = known.get(printed);
    if (!indexes) known.set(printed, (indexes = all.filter((i) => columns[i] === undefined || printed.has(columns[i]))));
    lastColumns = printed;
    lastIndexes = indexes;
    return indexes;
  };
}

/** A need laid out for the loop over parts. */
type Prepared = {
  ways: readonly { find: (spec: CanonicalSpec) => Found; decide: (have: Found, spec: CanonicalSpec) => Verdict; silent: boolean }[];
  anyWay: boolean;
  exempt: (spec: CanonicalSpec) => boolean;
  /** Where the mark that would exempt the part is worn, a line that does not hold may not be asked at all. */
  open: (spec: CanonicalSpec) => boolean;
  whenLeftOut: Verdict;
  wayIndexes: (spec: CanonicalSpec) => readonly number[];
};

/** A figure beats a worn mark, a worn mark beats "no such mark", and both beat a figure that is not carried. */
function judgeOf({ ways, anyWay, exempt, open, whenLeftOut, wayIndexes }: Prepared): CompiledNeed['judge'] {
  return (spec) => {
    if (exempt(spec)) return { verdict: 'fits', have: undefined, way: 0 };
    let worn = -1;
    let none = -1;
    let best: LineJudgement | undefined;
    let bestRank = -2;
    const printed = wayIndexes(spec);
    for (let k = 0; k < printed.length; k += 1) {
      const i = certain(printed[k]);
      const have = certain(ways[i]).find(spec);
      if (have === undefined) continue;
      if (have === null) worn = worn < 0 ? i : worn;
      else if (have === 'none') none = none < 0 ? i : none;
      else {
        const verdict = certain(ways[i]).decide(have, spec);
        const rank = rankOf(verdict, certain(ways[i]).silent);
        if (rank > bestRank) [best, bestRank] = [{ verdict, have, way: i }, rank];
        if (!anyWay || verdict === 'fits') break;
      }
    }
    const found: LineJudgement =
      best ??
      (worn >= 0
        ? { verdict: certain(ways[worn]).decide(null, spec), have: null, way: worn }
        : none >= 0
          ? { verdict: certain(ways[none]).decide('none', spec), have: 'none', way: none }
          : { verdict: whenLeftOut, have: undefined, way: 0 });
    return found.verdict !== 'fits' && open(spec) ? { ...found, verdict: 'not-known' } : found;
  };
}

/** The same decision as `judge`, without the figure: this runs for every part of a catalogue. */
function verdictOf({ ways, anyWay, exempt, open, whenLeftOut, wayIndexes }: Prepared): CompiledNeed['verdict'] {
  return (spec) => {
    if (exempt(spec)) return 'fits';
    let worn = -1;
    let none = -1;
    let best: Verdict | undefined;
    let bestRank = -2;
    const printed = wayIndexes(spec);
    for (let k = 0; k < printed.length; k += 1) {
      // Asked without a call: this loop runs for every part of a catalogue.
      const i = printed[k] ?? 0;
      const way = ways[i];
      if (!way) continue;
      const have = way.find(spec);
      if (have === undefined) continue;
      if (have === null) worn = worn < 0 ? i : worn;
      else if (have === 'none') none = none < 0 ? i : none;
      else {
        const own = way.decide(have, spec);
        const rank = rankOf(own, way.silent);
        if (rank > bestRank) [best, bestRank] = [own, rank];
        if (!anyWay || own === 'fits') break;
      }
    }
    const found =
      best ?? (worn >= 0 ? certain(ways[worn]).decide(null, spec) : none >= 0 ? certain(ways[none]).decide('none', spec) : whenLeftOut);
    return found !== 'fits' && open(spec) ? 'not-known' : found;
  };
}

/** Compiles a need once for many parts. Pure; the need is not kept by reference to anything that changes. */
export function compileNeed(need: Need): CompiledNeed {
  const ways = need.ways.map((way) => ({
    find: compileFigure(way.figure),
    decide: compileWay(way, need.severity, need.assumed ?? false),
    silent: saysNothing(way),
  }));
  const { notApplicableWhen: unless, anyWay = false } = need;
  const exempt = (spec: CanonicalSpec) => unless !== undefined && spec[unless.name] === unless.word;
  const open = (spec: CanonicalSpec) => unless !== undefined && spec[unless.name] === null;
  const whenLeftOut: Verdict = need.optionalRating ? 'fits' : 'not-known';
  const prepared: Prepared = { ways, anyWay, exempt, open, whenLeftOut, wayIndexes: printedWays(need.ways) };
  const { find, decide } = certain(ways[0]);
  const verdictOfOne = (spec: CanonicalSpec): Verdict => {
    const have = find(spec);
    return have === undefined ? whenLeftOut : decide(have, spec);
  };
  return {
    need,
    judge: judgeOf(prepared),
    verdict: ways.length === 1 && unless === undefined ? verdictOfOne : verdictOf(prepared),
    exempt,
    carries: (spec) => !exempt(spec) && ways.some((way) => way.find(spec) !== undefined),
  };
}
