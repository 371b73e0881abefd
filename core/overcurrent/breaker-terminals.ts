/** Which wire goes from which terminal of the old breaker to which of the new? Marks: IEC 60947-1 annex on terminals; NEMA usage; from memory. */
import type { CanonicalOvercurrent } from './figures';
import type { NeedContext, TerminalMove } from '../families/contract';

const isIec = (part: CanonicalOvercurrent | null, context: NeedContext) =>
  typeof part?.standard === 'string' ? part.standard.startsWith('IEC') : context.practice === 'IEC';
const mark = (iec: boolean, pole: number, side: 'line' | 'load') =>
  iec ? String(2 * pole - (side === 'line' ? 1 : 0)) : `${side} ${'ABCD'[pole - 1]}`;

/** Main poles in the order of wiring; on DC the order of the series poles is the maker's diagram. */
export function breakerTerminals(context: NeedContext, from: CanonicalOvercurrent | null, to: CanonicalOvercurrent): TerminalMove[] {
  const poles = typeof context.load.polesToSwitch === 'number' ? context.load.polesToSwitch : typeof to.poles === 'number' ? to.poles : 3;
  const dc = context.supply.currentKind === 'dc';
  return Array.from({ length: Math.min(poles, 4) }, (_, i) => i + 1).flatMap((pole) =>
    (['line', 'load'] as const).map((side): TerminalMove => ({
      circuit: 'main',
      from: mark(isIec(from, context), pole, side),
      to: mark(isIec(to, context), pole, side),
      note: dc ? 'series poles and polarity by the maker’s diagram' : `${side} side`,
    })),
  );
}
