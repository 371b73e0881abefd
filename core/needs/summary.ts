/**
 * What is required, in one sentence? Made from templates that a family gives: '{line}' stands for the limit of that line, '{s}' for the
 * plural of the one before, '{line-*}' for each line that begins so, with '{about}' for what of the part it is about.
 */
import { wordsMark } from '../case/case';
import { wordText } from '../language/word-text';
import { inSentence } from '../language/in-sentence';
import { limitText } from './line-text';
import type { Need } from './need';

/** The limit as it stands in a sentence: a list of words is a choice among them. */
function limitOf({ ways: [way] }: Need): string {
  const words = Array.isArray(way.limit) && typeof way.limit[0] === 'string' ? wordsMark(way.limit) : undefined;
  return words ? words.map(wordText).join(' or ') : limitText(way.limit, way);
}

const filled = (template: string, needs: ReadonlyMap<string, Need>, about = ''): string =>
  template
    .replace(/\{([a-z][a-z0-9-]*)\}(?!\})/g, (whole, id: string) => {
      if (id === 's') return whole;
      if (id === 'about') return about;
      const need = needs.get(id);
      return need ? limitOf(need) : '';
    })
    .replace(/(\S+)( [^{]*)\{s\}/, (_, figure: string, words: string) => `${figure}${words}${figure === '1' ? '' : 's'}`)
    .replace(/\s+/g, ' ')
    .trim();

/** Returns the sentence; a template whose first line is not asked here is left out. Example: '3 poles, at 480 V, at least 40 A running.' */
export function summaryOf(templates: readonly string[], needs: readonly Need[]): string {
  // A line that some parts are exempt from is no requirement of all of them.
  const asked = needs.filter(({ notApplicableWhen, ways: [way] }) => !notApplicableWhen && way.limit !== null);
  const byId = new Map(asked.map((need) => [need.id, need]));
  const parts = templates.flatMap((template) => {
    const first = /\{([a-z][a-z0-9-]*\*?)\}/.exec(template)?.[1];
    if (!first) return [];
    if (!first.endsWith('*')) return byId.has(first) ? [filled(template, byId)] : [];
    return asked
      .filter(({ id }) => id.startsWith(first.slice(0, -1)))
      .map((need) => filled(template.replace(`{${first}}`, limitOf(need)), byId, need.about ? inSentence(need.about) : 'motor'));
  });
  return parts.length > 0 ? `${parts.join(', ')}.` : '';
}
