/** What a circuit asks of a signature: a line that fails with the part chosen is named, or the part does not go in. */
import { isNamed, type Obstacle } from '../swap/sign-off';
import { CIRCUIT_KEY, type SwapState } from '../swap/swap';
import type { CircuitLine } from './circuit';

/** The lines as they stand: a reason that was given for others does not count. */
export const circuitSignature = (lines: readonly CircuitLine[]): string =>
  JSON.stringify(lines.filter(({ verdict }) => verdict === 'fails').map(({ id, because }) => [id, because]));

/** A failing line asks for its reason, by name; what is not known is shown, and kept on the record. */
export function circuitObstacles(lines: readonly CircuitLine[], state: SwapState): Obstacle[] {
  const failing = lines.filter(({ verdict }) => verdict === 'fails');
  if (failing.length === 0) return [];
  return isNamed(state.acknowledged[CIRCUIT_KEY], circuitSignature(lines))
    ? []
    : [{ id: CIRCUIT_KEY, kind: 'circuit', text: failing.map(({ title, because }) => `${title}: ${because}`).join(' ') }];
}
