/** Short makers of need lines: most lines hold one figure of the part against one limit. */
import type { SourceId } from '../standards/source';
import type { Figure, LineValue, Need, NeedGroup, Relation, Severity, Way } from './need';

/** A mark of the canonical spec by name; `whenNone` replaces "none". */
export const field = (name: string, whenNone?: number | null): Figure => ({
  kind: 'field',
  name,
  ...(whenNone === undefined ? {} : { whenNone }),
});

export type LineParts = Partial<Omit<Way, 'figure' | 'limit' | 'quantity' | 'source'>> & {
  id: string;
  quantity: string;
  limit: LineValue | null;
  /** Figure of the part; absent: the field named like the quantity. */
  figure?: Figure;
  group?: NeedGroup;
  severity?: Severity;
  safety?: boolean;
  because: string;
  brief?: string;
  source: SourceId;
  inputs: readonly string[];
  school?: string;
  onlyWhereCarried?: boolean;
  anyWay?: boolean;
  unless?: Need['unless'];
  about?: string;
  ofCondition?: boolean;
  /** Further ways of rating; the first that a part carries counts. */
  otherWays?: readonly Way[];
};

/** Returns a need line: a must of the load unless said otherwise, '>=' unless said otherwise, unit amps unless said otherwise. */
export function needLine(parts: LineParts): Need {
  const { id, quantity, limit, figure = field(quantity), group = 'load', severity = 'must', safety = false, otherWays = [] } = parts;
  const { unit = 'A', relation = '>=', checkFrom, notKnownFrom, orCheck, orNotKnown, or, atBest, atBestWords } = parts;
  const edges = { checkFrom, notKnownFrom, orCheck, orNotKnown, or, atBest, atBestWords };
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
    ...(parts.onlyWhereCarried ? { onlyWhereCarried: true } : {}),
    ...(parts.anyWay ? { anyWay: true } : {}),
    ...(parts.unless ? { unless: parts.unless } : {}),
    ...(parts.about ? { about: parts.about } : {}),
    ...(parts.ofCondition ? { ofCondition: true } : {}),
  };
}

/** A word that must be one of these. */
export const wordLine = (parts: Omit<LineParts, 'relation' | 'unit'> & { limit: readonly string[] | null }): Need =>
  needLine({ ...parts, unit: '', relation: 'one-of' });

/** A list that must hold this entry, or one of these. */
export const listLine = (
  parts: Omit<LineParts, 'relation' | 'unit'> & { limit: string | readonly string[] | null; relation?: Relation },
): Need => needLine({ ...parts, unit: '', relation: 'includes' });
