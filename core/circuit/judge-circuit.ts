/** A circuit as a whole: its own lines beside what each of its members says for itself; the gravest of all decides. */
import type { Verdict } from '../needs/need';
import { gravest, type Circuit, type CircuitLine, type CircuitMember } from './circuit';
import { controlSums } from './control-sum';
import { fuseSetLines } from './fuse-set';
import { interlockLines } from './interlocks';
import { starterLines } from './starter';

export type JudgedCircuit = { verdict: Verdict; lines: CircuitLine[] };

/** The panel around a circuit: all of its positions, and the circuits that they form. */
export type Around = { positions: readonly CircuitMember[]; circuits: readonly (readonly CircuitMember[])[] };

/** @returns lines in order; a circuit of nothing is not known. */
export function judgeCircuit(circuit: Circuit, members: readonly CircuitMember[], around: Around): JudgedCircuit {
  const lines =
    circuit.kind === 'control'
      ? [...fuseSetLines(members), ...controlSums(around.positions, around.circuits, members)]
      : [...starterLines(members, circuit), ...interlockLines(members, circuit), ...fuseSetLines(members)];
  const said = [...lines.map(({ verdict }) => verdict), ...members.flatMap(({ judged }) => judged?.verdict ?? [])];
  return { verdict: said.length === 0 ? 'not-known' : gravest(said), lines };
}
