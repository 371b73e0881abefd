/**
 * Which lines does a family ask, and on which source does each rest? Worked out from its needs over every worked case and demo position;
 * `npm run family-pages` writes the table into the family's README, and a test holds the two equal.
 */
import { contextOf } from '@/core/judge-case';
import type { DeviceFamily } from '@/core/families/contract';
import { swapSchools } from '@/core/loads/schools';
import type { Need } from '@/core/needs/need';
import { termOf } from '@/core/quantities/terms';
import { citeSource, type SourceId } from '@/core/standards/source';
import { samplesOf } from './samples';

export const START = '<!-- lines: npm run family-pages -->';
export const END = '<!-- /lines -->';

type Row = { id: string; terms: Set<string>; weights: Set<string>; sources: Set<SourceId> };

/** Contacts, poles and plate words are one line each, however many there are. */
const lineId = (id: string): string => id.replace(/-\d+(?=-|$)/g, '-n');
const weightOf = ({ safety, severity }: Need): string => (safety ? 'safety' : severity === 'must' ? 'must' : 'advice');

/** The table, a row a line, in the order of their ids. */
export function linesTable(family: DeviceFamily): string {
  const rows = new Map<string, Row>();
  for (const { plain } of samplesOf(family.id))
    for (const need of family.needs(contextOf(plain, { schools: swapSchools }))) {
      // A mark that nobody could read asks for itself; it is no rule of the family.
      if (need.id.startsWith('unread-')) continue;
      const id = lineId(need.id);
      const row = rows.get(id) ?? { id, terms: new Set(), weights: new Set(), sources: new Set() };
      rows.set(id, row);
      row.terms.add(termOf(need.ways[0].quantity, 'IEC'));
      row.weights.add(weightOf(need));
      for (const source of [need.source, ...need.ways.flatMap(({ source: own }) => own ?? [])]) row.sources.add(source);
    }
  const text = (set: ReadonlySet<string>) => [...set].sort().join('; ').replaceAll('|', '/');
  const cells = [...rows.values()]
    .sort((a, b) => (a.id < b.id ? -1 : 1))
    .map(({ id, terms, weights, sources }) => [id, text(terms), text(weights), [...sources].sort().map(citeSource).join('; ')]);
  return [['line', 'asks for', 'weight', 'source'], ['---', '---', '---', '---'], ...cells]
    .map((row) => `| ${row.join(' | ')} |`)
    .join('\n');
}

/** The page with its table as it should stand. Throws where the page has no place for it. */
export function withLines(page: string, family: DeviceFamily): string {
  const [from, to] = [page.indexOf(START), page.indexOf(END)];
  if (from < 0 || to < from) throw new Error(`The page of '${family.id}' has no place for its lines: ${START} … ${END}.`);
  return `${page.slice(0, from + START.length)}\n\n${linesTable(family)}\n\n${page.slice(to)}`;
}
