/** Which wire goes where on a residual-current device? Marks: IEC 61008-1 on terminals; North American leads; from memory. */
import { certain } from '../../certain';
import type { CanonicalResidualCurrent } from './figures';
import type { NeedContext, TerminalMove } from '../contract';

const isAmerican = (part: CanonicalResidualCurrent | null, practice: string) =>
  typeof part?.standard === 'string' ? part.standard.startsWith('UL') : practice === 'NFPA70';

/** Marks of the live conductors in order, the neutral last: line side and load side. */
function marksOf(part: CanonicalResidualCurrent | null, practice: string): { line: string[]; load: string[] } {
  const poles = typeof part?.poles === 'number' ? part.poles : 2;
  if (isAmerican(part, practice)) {
    const hot = Array.from({ length: poles }, (_, i) => certain('ABCD'[i]));
    return {
      line: hot.map((one) => `line ${one}`).concat('white lead to the neutral bar'),
      load: hot.map((one) => `load ${one}`).concat('load neutral'),
    };
  }
  const hot = Array.from({ length: Math.max(1, poles === 3 ? 3 : poles - 1) }, (_, i) => i);
  const neutral = poles === 3 ? [] : ['N'];
  return { line: hot.map((i) => String(2 * i + 1)).concat(neutral), load: hot.map((i) => String(2 * i + 2)).concat(neutral) };
}

/** Line side, load side, neutral, functional earth. */
export function residualTerminals(
  { practice }: NeedContext,
  from: CanonicalResidualCurrent | null,
  to: CanonicalResidualCurrent,
): TerminalMove[] {
  const [old, next] = [marksOf(from ?? to, practice), marksOf(to, practice)];
  const side = (name: 'line' | 'load') =>
    next[name].map((mark, i): TerminalMove => ({
      circuit: 'main',
      from: old[name][i] ?? 'not on the old one',
      to: mark,
      note: mark === 'N' || /neutral|white/.test(mark) ? `neutral, ${name} side` : `${name} side`,
    }));
  const earth: TerminalMove[] =
    to.overcurrentPart === 'with' && practice === 'IEC'
      ? [
          {
            circuit: 'auxiliary',
            from: 'flying neutral, where it has one',
            to: 'flying neutral, where it has one',
            note: 'stands for its N, line side: to the neutral bar',
          },
          {
            circuit: 'auxiliary',
            from: 'functional earth, where it has one',
            to: 'functional earth, where it has one',
            note: 'to the earth bar; never cut short',
          },
        ]
      : [];
  return [...side('line'), ...side('load'), ...earth];
}
