/** Short makers of need lines: most lines hold one figure of the part against one limit. */
import type { SourceId } from '../standards/source';
import { waysOf, type FigureRef, type LineValue, type Need, type NeedGroup, type Relation, type Severity, type RatingBasis } from './need';

/** A mark of the canonical spec by name; `whenNone` replaces "none". */
export const field = <const Figure extends string>(name: Figure, whenNone?: number | null): FigureRef<Figure> => ({
  kind: 'field',
  name,
  ...(whenNone === undefined ? {} : { whenNone }),
});

/** What a line says beside its ways of rating. */
type LineAbout<Figure extends string> = {
  id: string;
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
  notApplicableWhen?: Need<Figure>['notApplicableWhen'];
  about?: string;
  isWearLine?: boolean;
};
export type LineParts<Figure extends string = string> = LineAbout<Figure> &
  Partial<Omit<RatingBasis<Figure>, 'figure' | 'limit' | 'quantity' | 'source'>> & {
    quantity: string;
    limit: LineValue | null;
    /** Figure of the part; absent: the field named like the quantity. */
    figure?: FigureRef<Figure>;
    /** Further ways of rating; the first that a part carries counts. */
    otherWays?: readonly RatingBasis<Figure>[];
  };
/** A line that names its figure, or one whose figure is named like its quantity. */
type NamesFigure<Figure extends string> = { figure: FigureRef<Figure> };
type NamedLikeQuantity<Figure extends string> = { quantity: Figure; figure?: undefined };
type Line<Figure extends string, Left extends string = never> = Omit<LineParts<Figure>, Left | 'figure' | 'quantity'>;

/** Returns a need line: a must of the load unless said otherwise, '>=' unless said otherwise, unit amps unless said otherwise. */
export function needLine<const Figure extends string>(parts: Line<Figure> & { quantity: string } & NamesFigure<Figure>): Need<Figure>;
export function needLine<const Figure extends string>(parts: Line<Figure> & NamedLikeQuantity<Figure>): Need<Figure>;
export function needLine(parts: LineParts): Need {
  const { quantity, limit, figure = field(quantity), unit = 'A', relation = '>=', otherWays = [] } = parts;
  const { checkFrom, notKnownFrom, upperEdge, possible, alternative, verdictCap, verdictCapReason } = parts;
  const edges = { checkFrom, notKnownFrom, upperEdge, possible, alternative, verdictCap, verdictCapReason };
  const known = Object.fromEntries(Object.entries(edges).filter(([, value]) => value !== undefined));
  return lineOfWays([{ quantity, unit, relation, figure, limit, ...known }, ...otherWays], parts);
}

/** Returns a need line whose ways of rating are given, one at least; a must of the load unless said otherwise. */
export const lineOfWays = <Figure extends string>(ways: readonly RatingBasis<Figure>[], parts: LineAbout<Figure>): Need<Figure> => ({
  id: parts.id,
  group: parts.group ?? 'load',
  severity: parts.severity ?? 'must',
  safety: parts.safety ?? false,
  ways: waysOf(ways),
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
});

type WordLimit = { limit: readonly string[] | null };
/** A word that must be one of these. */
export function wordLine<const Figure extends string>(
  parts: Line<Figure, 'relation' | 'unit'> & WordLimit & { quantity: string } & NamesFigure<Figure>,
): Need<Figure>;
export function wordLine<const Figure extends string>(
  parts: Line<Figure, 'relation' | 'unit'> & WordLimit & NamedLikeQuantity<Figure>,
): Need<Figure>;
export function wordLine(parts: Omit<LineParts, 'figure'> & { figure?: FigureRef }): Need {
  return needLine({ ...parts, figure: parts.figure ?? field(parts.quantity), unit: '', relation: 'one-of' });
}

type ListLimit = { limit: string | readonly string[] | null; relation?: Relation };
/** A list that must hold this entry, or one of these. */
export function listLine<const Figure extends string>(
  parts: Line<Figure, 'relation' | 'unit'> & ListLimit & { quantity: string } & NamesFigure<Figure>,
): Need<Figure>;
export function listLine<const Figure extends string>(
  parts: Line<Figure, 'relation' | 'unit'> & ListLimit & NamedLikeQuantity<Figure>,
): Need<Figure>;
export function listLine(parts: Omit<LineParts, 'figure'> & { figure?: FigureRef }): Need {
  return needLine({ ...parts, figure: parts.figure ?? field(parts.quantity), unit: '', relation: 'includes' });
}
