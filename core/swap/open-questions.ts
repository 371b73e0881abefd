/** What is still missing for an answer, in the order in which it decides: the lines that cannot be said, and the marks that they wait for. */
import type { JudgedNeed, JudgedPart } from '../matching/judge';
import { groupOrder } from '../needs/groups';
import type { FigureRef } from '../needs/need';

/** A mark to be read or entered: of the load, the duty, the supply, or of the part with this number. */
export type OpenQuestion = { section: 'load' | 'duty' | 'supply' | 'part'; id: string; part?: number; needId: string };

/** The mark of a part behind a figure. */
const markOf = (figure: FigureRef): string =>
  figure.kind === 'field' || figure.kind === 'bands' ? figure.name : figure.kind === 'rating' ? 'ratings' : 'coilVolts';

/** What the place says comes before what has to be read or worked out. */
const order: readonly OpenQuestion['section'][] = ['supply', 'load', 'duty', 'part'];

const weight = ({ need }: JudgedNeed): number =>
  (need.mustBeKnown ? 0 : need.safety ? 10 : need.severity === 'must' ? 20 : 30) + groupOrder.indexOf(need.group);

const countBy = <T>(all: readonly T[], by: (one: T) => string): Map<string, number> =>
  all.reduce((counts, one) => counts.set(by(one), (counts.get(by(one)) ?? 0) + 1), new Map<string, number>());

/**
 * The marks to be asked: of the place before the part, and of these the one that most lines wait for first.
 *
 * @param parts judged parts, in the order in which they stand.
 * @param isOpen is this mark one that can be entered, and not entered yet?
 */
export function openQuestions(
  parts: readonly JudgedPart[],
  isOpen: (section: OpenQuestion['section'], id: string, part?: number) => boolean,
): OpenQuestion[] {
  const asked = parts.flatMap(({ lines }, part) => lines.filter(({ verdict }) => verdict === 'not-known').map((line) => ({ line, part })));
  const questions = asked
    .sort((a, b) => weight(a.line) - weight(b.line) || a.part - b.part)
    .flatMap(({ line: { need, limit, have }, part }): OpenQuestion[] => {
      const needId = need.id;
      const inputs = need.inputs.flatMap((input): OpenQuestion[] => {
        const [section, id = ''] = input.split('.');
        return (section === 'load' || section === 'duty' || section === 'supply') && isOpen(section, id) ? [{ section, id, needId }] : [];
      });
      // Of what a figure may be worked out from, one at a time: an answer may make the others needless.
      const [input] = inputs.sort((a, b) => order.indexOf(a.section) - order.indexOf(b.section));
      if (limit === null && input) return [input];
      const own = need.ways
        .map(({ figure }) => markOf(figure))
        .flatMap((id): OpenQuestion[] => (isOpen('part', id, part) ? [{ section: 'part', id, part, needId }] : []));
      return have === null && own[0] ? [own[0]] : input ? [input] : [];
    });
  const key = ({ section, id, part }: OpenQuestion) => `${section}.${id}.${part ?? ''}`;
  const waiting = countBy(questions, key);
  return questions
    .filter((one, i) => questions.findIndex((other) => key(other) === key(one)) === i)
    .sort((a, b) => order.indexOf(a.section) - order.indexOf(b.section) || (waiting.get(key(b)) ?? 0) - (waiting.get(key(a)) ?? 0));
}
