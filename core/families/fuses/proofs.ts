/** What is proved of a fuse on the bench, while fitting and at first start? Continuity out of the circuit; sand hides the break. Common practice. */
import { formatQuantity as q } from '../../quantities/format-quantity';
import type { Proof, ProofContext } from '../contract';
import { carriedLoadAmps } from '../../overcurrent/load-current';
import { figureProof, runningAmpsProof, yesProof } from '../proof-makers';

const GOOD_FUSE_OHMS = 1;

/** Returns the proofs in the order of the work. */
export function fuseProofs({ need }: ProofContext): Proof[] {
  const carry = carriedLoadAmps(need);
  return [
    yesProof(
      'plate',
      'bench',
      'Its own marks',
      'Read class, amps, volts AC and DC, speed and interrupting rating on the fuse itself.',
      'Bodies of one size hold many fuses.',
    ),
    figureProof({
      id: 'fuse-ohms',
      when: 'bench',
      title: 'Resistance, highest of the set',
      unit: 'ohm',
      leads: true,
      low: 0,
      high: GOOD_FUSE_OHMS,
      how: 'Out of the holder, ohmmeter from cap to cap; enter the leads as well. Fuses under 1 A may read more: compare with a new one.',
      because: 'A good fuse reads near nothing, a blown one without end; sand-filled bodies hide the break.',
    }),
    yesProof(
      'holder',
      'fitting',
      'Holder grips',
      'Clips clean, tight and not discoloured; the fuse sits without play.',
      'A loose clip heats the fuse and blows it early.',
    ),
    yesProof(
      'set',
      'fitting',
      'All of one kind',
      'The fuses of all phases are of one class, amps and speed.',
      'A mixed set single-phases a motor.',
    ),
    yesProof(
      'spare',
      'fitting',
      'Spare at the holder',
      'A spare of the same kind lies at the holder and its place is on the label.',
      'The next person then fits the right one.',
    ),
    ...(typeof carry === 'number' ? [runningAmpsProof(carry, `The load takes ${q(carry, 'A')}.`)] : []),
    yesProof(
      'holds',
      'first-start',
      'Holds at start',
      'Load started three times as usual; the fuses hold.',
      'Blowing at start asks for the inrush and a time-delay fuse, not for more amps.',
    ),
  ];
}
