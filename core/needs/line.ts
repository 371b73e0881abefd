/** Short makers of need lines: most lines hold one figure of the part against one limit. */
import type { SourceId } from '../standards/source';
import type { FigureRef, LineValue, Need, NeedGroup, Relation, Severity, RatingBasis } from './need';

/** A mark of the canonical spec by name; `whenNone` replaces "none". */
export const field = (name: string, whenNone?: number | null): FigureRef => ({
  kind: 'field',
  name,
  ...(whenNone === undefined ? {} : { whenNone }),
});

export type LineParts = Partial<Omit<RatingBasis, 'figure' | 'limit' | 'quantity' | 'source'>> & {
  id: string;
  quantity: string;
  limit: LineValue | null;
  /** Figure of the part; absent: the field named like the quantity. */
  figure?: FigureRef;
  group?: NeedGroup;
  severity?: Severity;
  safety?: boolean;
  because: string;
  brief?: string;
  source: SourceId;
  inputs: readonly string[];
  school?: string;
  optionalRating?: boolean;
  anyWay?: boolean;
  notApplicableWhen?: Need['notApplicableWhen'];
  about?: string;
  isWearLine?: boolean;
  /** Further ways of rating; the first that a part carries counts. */
  otherWays?: readonly RatingBasis[];
};

/** Returns a need line: a must of the load unless said otherwise, '>=' unless said otherwise, unit amps unless said otherwise. */
export function needLine(parts: LineParts): Need {
  const { id, quantity, limit, figure = field(quantity), group = 'load', severity = 'must', safety = false, otherWays = [] } = parts;
  const { unit = 'A', relation = '>=', checkFrom, notKnownFrom, upperEdge, possible, alternative, verdictCap, verdictCapReason } = parts;
  const edges = { checkFrom, notKnownFrom, upperEdge, possible, alternative, verdictCap, verdictCapReason };
  const known = Object.fromEntries(Object.entries(edges).filter(([, value]) => value !== undefined));
  return {
    id,
    group,
    severity,
    safety,
    ways: [{ quantity, unit, relation, figure, limit, ...known }, ...otherWays],
    because: parts.because,
    brief: parts.brief ?? '',
    source: parts.source,
    inputs: parts.inputs,
    ...(parts.school ? { school: parts.school } : {}),
    ...(parts.optionalRating ? { optionalRating: true } : {}),
    ...(parts.anyWay ? { anyWay: true } : {}),
    ...(parts.notApplicableWhen ? { notApplicableWhen: parts.notApplicableWhen } : {}),
    ...(parts.about ? { about: parts.about } : {}),
    ...(parts.isWearLine ? { isWearLine: true } : {}),
  };
}

/** A word that must be one of these. */
export const wordLine = (parts: Omit<LineParts, 'relation' | 'unit'> & { limit: readonly string[] | null }): Need =>
  needLine({ ...parts, unit: '', relation: 'one-of' });

/** A list that must hold this entry, or one of these. */
export const listLine = (
  parts: Omit<LineParts, 'relation' | 'unit'> & { limit: string | readonly string[] | null; relation?: Relation },
): Need => needLine({ ...parts, unit: '', relation: 'includes' });
