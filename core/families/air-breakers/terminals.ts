/** Which conductor goes where on an air breaker? Main poles line to load, then the coils by their usual marks. Common practice. */
import { wordsMark } from '../../case/case';
import type { CanonicalAirBreaker } from './figures';
import type { NeedContext, TerminalMove } from '../contract';
import { breakerTerminals } from '../../overcurrent/breaker-terminals';

const coils: readonly (readonly [string, string])[] = [
  ['closing-coil', 'A1-A2'],
  ['shunt-trip', 'C1-C2'],
  ['undervoltage-release', 'D1-D2'],
  ['charging-motor', 'U1-U2'],
];

/** Main poles, then each coil that both or one of them carry. */
export function airBreakerTerminals(context: NeedContext, from: CanonicalAirBreaker | null, to: CanonicalAirBreaker): TerminalMove[] {
  const of = (part: CanonicalAirBreaker | null) => (Array.isArray(part?.accessories) ? wordsMark(part.accessories) : []);
  const [old, next] = [of(from ?? to), of(to)];
  const carriage = to.mounting === 'draw-out' ? 'by the cradle’s contacts' : 'the maker’s diagram decides';
  return [
    ...breakerTerminals(context, from, to),
    ...coils
      .filter(([name]) => old.includes(name) || next.includes(name))
      .map(([name, marks]): TerminalMove => ({
        circuit: 'coil',
        from: old.includes(name) ? marks : 'not on the old one',
        to: next.includes(name) ? marks : 'none: order it',
        note: `${name.replaceAll('-', ' ')}, ${carriage}`,
      })),
  ];
}
