/** Limits and figures of a line as text, rounded so that what is shown never looks better than it is. */
import { formatValue } from '../quantities/format-quantity';
import type { Practice } from '../case/case';
import { termOf } from '../quantities/terms';
import type { Need, Relation, RatingBasis } from './need';
import { inSentence } from '../language/in-sentence';

type Shown = Pick<RatingBasis, 'unit' | 'relation'>;
type Value = Parameters<typeof formatValue>[0];

/** A limit: the least that is needed is rounded up, the most that is allowed down. */
export const limitText = (value: Value, { unit, relation }: Shown): string => formatValue(value, unit, relation === '<=' ? 'down' : 'up');

const signs: Partial<Record<Relation, string>> = { '>=': '≥ ', '<=': '≤ ' };
/** The limit with its sign: '≥ 16.6 kA'. */
export const wantedText = (value: Value, shown: Shown): string => `${signs[shown.relation] ?? ''}${limitText(value, shown)}`;

/** A figure of the part: held against a most it is rounded up, else down. */
export const haveText = (value: Value, { unit, relation }: Shown): string => formatValue(value, unit, relation === '<=' ? 'up' : 'down');

/** A judged figure in words: what carries no such mark and falls by it says none, what could not be read says not known; `instead` is what makes it fit. */
export function haveWords(line: Shown & { have: Value; verdict: unknown }, instead?: string): string {
  if (instead && line.have === null) return instead;
  const have = line.have !== null ? haveText(line.have, line) : line.verdict === 'fails' ? 'none' : 'not known';
  return instead ? `${have}, ${instead}` : have;
}

/** The term of a line, with what of the part it is about where several ask the same: 'Capacitance, fan'. */
export const lineTerm = ({ about }: Pick<Need, 'about'>, quantity: string, practice: Practice): string =>
  `${termOf(quantity, practice)}${about ? `, ${inSentence(about)}` : ''}`;
