/** Which lead goes to which terminal: common, compressor (HERM), fan; one dual against two singles. Usual marks: common practice. */
import { rowsMark, figuresMark } from '../../case/case';
import { capacitorSections } from '../../fields/capacitor-fields';
import type { CanonicalRunCapacitor } from './figures';
import type { NeedContext, TerminalMove } from '../contract';
import { sectionsAsked } from './needs';

const marks: Record<string, string> = { compressor: 'HERM', fan: 'FAN', pump: 'PUMP', motor: 'motor terminal' };
const namesOf = (part: CanonicalRunCapacitor | null): string[] =>
  part ? capacitorSections.filter((name) => typeof part[`microfarads_${name}`] === 'number') : [];
/** Joined singles of a section. */
const joined = (part: CanonicalRunCapacitor, name: string): readonly number[] =>
  figuresMark(rowsMark(part.sections).find((one) => one.name === name)?.parallel);

/** A part put together of singles, by its own word or by its rows. */
const isSeveral = (part: CanonicalRunCapacitor | null): part is CanonicalRunCapacitor =>
  part !== null &&
  ((typeof part.madeOf === 'string' && /single/i.test(part.madeOf)) || namesOf(part).some((name) => joined(part, name).length > 1));

const place = (part: CanonicalRunCapacitor | null, name: string): string => {
  if (isSeveral(part)) {
    const singles = joined(part, name);
    return singles.length > 1
      ? `other terminals of ${singles.map((one) => `${one} µF`).join(' and ')}, joined`
      : `other terminal of the ${name} capacitor`;
  }
  // A single section has two terminals alike.
  return namesOf(part).length > 1 ? (marks[name] ?? name) : 'terminal 2';
};

const common = (part: CanonicalRunCapacitor): string =>
  isSeveral(part) ? 'one terminal of each, joined' : namesOf(part).length > 1 ? 'C' : 'terminal 1';

/** Common lead first, then a lead for each section; spare sections are listed too. */
export function runCapacitorTerminals(
  { load }: NeedContext,
  from: CanonicalRunCapacitor | null,
  to: CanonicalRunCapacitor,
): TerminalMove[] {
  const asked = (sectionsAsked(load) ?? []).map(({ name }) => name);
  const old = from ?? to;
  const moves: TerminalMove[] = [{ circuit: 'main', from: common(old), to: common(to), note: 'common lead' }];
  for (const name of asked) {
    const served = typeof to[`microfarads_${name}`] === 'number' ? name : (namesOf(to)[0] ?? name);
    const parallel = joined(to, served).length > 1 ? ', these in parallel' : '';
    moves.push({ circuit: 'main', from: place(old, name), to: place(to, served), note: `${name} lead${parallel}` });
  }
  for (const name of namesOf(to).filter((one) => !asked.includes(one)))
    if (namesOf(to).length > asked.length)
      moves.push({ circuit: 'main', from: 'nothing', to: place(to, name), note: 'stays free: insulate it' });
  return moves;
}
