/**
 * What is the verdict on a part, line by line and as a whole?
 * Whole: fails when a must-line does not hold, even beside unknown lines; else not known when a line cannot be judged;
 * else check when a line is a check; else fits. A part on which no line could be asked is not known, never a fit.
 */
import { wordsMark } from '../case/case';
import { certain } from '../certain';
import type { LineValue, Need, Relation, Severity, Verdict, RatingBasis } from '../needs/need';
import type { Practice } from '../case/case';
import { haveText, limitText } from '../needs/line-text';
import { formatValue } from '../quantities/format-quantity';
import { termOf } from '../quantities/terms';
import { citeSource } from '../standards/source';
import { bandLimit, compileNeed, type CompiledNeed } from './evaluate';
import { coilBandsIn, isBands, type CanonicalSpec, type Found } from './canonical';

export type Line = {
  quantity: string;
  relation: Relation;
  limit: LineValue | null;
  unit: string;
  have: LineValue | null;
  margin: number | null;
  verdict: Verdict | null;
  severity: Severity;
  because: string;
  source: string;
};

export type JudgedNeed = Line & { need: Need; verdict: Verdict };
export type JudgedPart = { verdict: Verdict; lines: JudgedNeed[] };

/** What decides of a line: its verdict, and whether it is one of those that are asked whatever a part carries. */
export type Decided = { verdict: Verdict; alwaysAsked: boolean };

/** Verdict of a whole part from those of its lines. Without a line of those that are always asked it is never a fit. */
export function overallVerdict(lines: readonly Decided[]): Verdict {
  const has = (verdict: Verdict) => lines.some((line) => line.verdict === verdict);
  if (has('fails')) return 'fails';
  if (has('not-known') || !lines.some(({ alwaysAsked }) => alwaysAsked)) return 'not-known';
  return has('check') ? 'check' : 'fits';
}

/** Bands become what is shown: one [low, high], or null. */
function shownFigure(have: Found): LineValue | null {
  if (have === undefined || have === null || have === 'none') return null;
  if (isBands(have)) return [...certain(have[0])];
  return have;
}

/** A coil is shown by its marks, though it is judged by the band in which they operate. */
function shownOf(way: RatingBasis, have: Found, spec: CanonicalSpec): LineValue | null {
  // Of a list that holds one of several words, those are shown that were asked for.
  if (way.relation === 'includes' && Array.isArray(way.limit) && typeof way.limit[0] === 'string' && Array.isArray(have)) {
    const asked = wordsMark(have).filter((word) => wordsMark(way.limit).includes(word));
    if (asked.length > 0) return asked;
  }
  // Of several ranges the one that holds the figure is shown.
  if (way.figure.kind === 'bands' && Array.isArray(have) && typeof way.limit === 'number') {
    const at = way.limit;
    const holding = (isBands(have) ? have : []).find(([low, high]) => low <= at && at <= high);
    return shownFigure(holding ? [holding] : have);
  }
  if (way.figure.kind !== 'coil-bands' || !Array.isArray(have)) return shownFigure(have);
  const rated = coilBandsIn(spec, 'coilRated')?.[way.figure.supply] ?? [];
  const marks = [...new Set(rated.flat())];
  return marks.length === 1 ? certain(marks[0]) : marks;
}

/** Distance to the limit in the line's unit; positive holds. Null where there is no such distance. */
export function marginOf(way: RatingBasis, have: Found): number | null {
  const figure = shownFigure(have);
  const { limit } = way;
  if (limit === null || figure === null) return null;
  const least = (...distances: number[]) => Number(Math.min(...distances).toPrecision(12));
  if (typeof figure === 'number') {
    if (way.relation === '>=' && typeof limit === 'number') return least(figure - limit);
    if (way.relation === '<=' && typeof limit === 'number') return least(limit - figure);
    if (way.relation === 'within') return least(figure - bandLimit(limit)[0], bandLimit(limit)[1] - figure);
    return null;
  }
  if (way.relation === 'includes' && isBands(have)) {
    const [low, high] = bandLimit(limit);
    return Math.max(...have.map(([a, b]) => least(low - a, b - high)));
  }
  return null;
}

const relationWords: Record<Relation, string> = {
  '>=': 'at least',
  '<=': 'at most',
  '=': 'exactly',
  within: 'within',
  'one-of': 'one of',
  includes: '',
};

type Wording = { term: string; wanted: string };
const wordings = new WeakMap<RatingBasis, Map<Practice, Wording>>();
/** What of a sentence is the same for every part: worked out once a way. */
function wordingOf(way: RatingBasis, practice: Practice): Wording {
  const known = wordings.get(way)?.get(practice);
  if (known) return known;
  const limit = way.limit === null ? undefined : limitText(way.limit, way);
  const made: Wording = {
    term: termOf(way.quantity, practice),
    wanted:
      limit === undefined
        ? 'the need itself is not known'
        : `${relationWords[way.relation]} ${limit} ${way.relation === '<=' ? 'allowed' : 'needed'}`.trim(),
  };
  wordings.set(way, (wordings.get(way) ?? new Map<Practice, Wording>()).set(practice, made));
  return made;
}

/** The verdict in a sentence with figures: subject, value seen, limit, next step. */
export function lineSentence(
  need: Need,
  way: RatingBasis,
  have: Found,
  shown: LineValue | null,
  verdict: Verdict,
  practice: Practice,
): string {
  const { term, wanted } = wordingOf(way, practice);
  const margin = marginOf(way, have);
  const bare = have === undefined || have === null || have === 'none';
  const seen = have === 'none' ? 'none' : bare ? 'not known' : haveText(shown, way);
  if (verdict === 'fits' && way.alternative && (bare || (margin !== null && margin < 0)))
    return `${term} is ${seen}; ${wanted}, but ${way.alternative.words}.`;
  if (have === undefined || have === null)
    return `${term} of this part is not known; ${wanted}. Read or measure it before it can be called a fit.`;
  if (have === 'none') return `This part is legible and carries no such rating; ${wanted}.`;
  if (way.verdictCap === 'not-known')
    return `${term}: ${way.verdictCapReason ?? 'the rating printed is for another kind of load'}; ${wanted}.`;
  const distance = margin === null || way.unit === 'ratio' ? '' : formatValue(Math.abs(margin), way.unit, 'down');
  if (verdict === 'fits') return `${term} is ${seen}; ${wanted}.${distance && certain(margin) > 0 ? ` ${distance} in hand.` : ''}`;
  if (verdict === 'fails') return `${term} is ${seen}; ${wanted}.${distance ? ` Fails by ${distance}.` : ' Fails.'}`;
  if (verdict === 'not-known') return `${term} is ${seen}; ${wanted}, so it cannot be said.`;
  if (need.assumed) return `${term} is ${seen}; ${wanted}. The need rests on an assumed mark: confirm it.`;
  if (way.verdictCap)
    return `${term} is ${seen}; ${wanted}. ${way.verdictCapReason ?? 'The rating is for another kind of load: ask the maker.'}`;
  return `${term} is ${seen}; ${wanted}.${distance && certain(margin) < 0 ? ` Short by ${distance}: look closer.` : ''}`;
}

/** Lines by which a part is the wrong one: those that fail and do not only say how worn it is. */
export const wrongLines = (part: JudgedPart): JudgedNeed[] =>
  part.lines.filter(({ verdict, need }) => verdict === 'fails' && !need.isWearLine);

/** Where the figure itself does not hold and another one makes it fit: that other one, short. Example: 'delayed'. */
export function insteadOf({ need, quantity, limit, verdict, have, margin }: JudgedNeed): string | undefined {
  if (verdict !== 'fits' || (have !== null && (margin === null || margin >= 0))) return undefined;
  return need.ways.find((way) => way.quantity === quantity && way.limit === limit)?.alternative?.brief;
}

/** Judges one part with sentences, for the lines that are shown. */
export function judgePart(
  compiled: readonly CompiledNeed[],
  spec: CanonicalSpec,
  practice: Practice,
  shown: 'all' | 'decisive' = 'all',
): JudgedPart {
  const decided: Decided[] = [];
  const lines = compiled.flatMap(({ need, judge, exempt }): JudgedNeed[] => {
    const { verdict, have, way: index } = judge(spec);
    if (exempt(spec) || (have === undefined && need.optionalRating)) return [];
    decided.push({ verdict, alwaysAsked: need.alwaysAsked ?? false });
    if (shown === 'decisive' && verdict === 'fits') return [];
    const way = certain(need.ways[index]);
    const figure = shownOf(way, have, spec);
    const because = `${lineSentence(need, way, have, figure, verdict, practice)} ${need.because}`;
    return [{ ...plainLine(need, way), need, have: figure, margin: marginOf(way, have), verdict, because }];
  });
  return { verdict: overallVerdict(decided), lines };
}

function plainLine(need: Need, way: RatingBasis): Line {
  return {
    quantity: way.quantity,
    relation: way.relation,
    limit: way.limit,
    unit: way.unit === 'count' || way.unit === 'ratio' ? '' : way.unit,
    have: null,
    margin: null,
    verdict: null,
    severity: need.severity,
    because: need.because,
    source: citeSource(way.source ?? need.source),
  };
}

/** The need lines as the open interface answers them: each way that some part carries. */
export function plainNeeds(asked: readonly CompiledNeed[], specs: readonly CanonicalSpec[]): Line[] {
  return asked.flatMap(({ need, judge, exempt }) => {
    const used = new Set<number>();
    for (const spec of specs) {
      if (used.size === need.ways.length) break;
      if (!exempt(spec)) used.add(judge(spec).way);
    }
    const lines = need.ways.filter((_, i) => used.has(i)).map((way) => plainLine(need, way));
    return lines.filter((line, i) => lines.findIndex((other) => other.quantity === line.quantity && other.unit === line.unit) === i);
  });
}

/**
 * Which lines are asked: those that are asked whatever the parts carry, and those of which at least one part carries the figure.
 * The one function that decides it, for the open interface, the command line, the board, the desks and the record.
 */
export const askedNeeds = (needs: readonly Need[], specs: readonly CanonicalSpec[]): CompiledNeed[] =>
  needs.map(compileNeed).filter((compiled) => compiled.need.alwaysAsked || specs.some(compiled.carries));
