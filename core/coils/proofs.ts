/** Bench proof of a coil: its resistance, with the leads taken off. Common practice. */
import { coilBandsIn } from '../matching/canonical';
import { formatQuantity as q } from '../quantities/format-quantity';
import { citeSource } from '../standards/source';
import type { Proof, ProofContext } from '../families/contract';
import { figureProof } from '../families/proof-makers';
import { coilSupplyOf } from './needs';

/** Spread of a winding and its temperature. Common practice. */
export const COIL_OHMS_TOLERANCE = 0.15;

/** Coil resistance expected: as stated, or V²/W of a DC coil; undefined where nothing tells. */
export function expectedCoilOhms({ need, part }: ProofContext): number | undefined {
  if (typeof part.coilOhms === 'number') return part.coilOhms;
  const key = coilSupplyOf(need);
  const volts = coilBandsIn(part, 'coilRated')?.[key]?.[0]?.[0];
  const watts = part.coilPullInWattsDc;
  return key === 'dc' && typeof watts === 'number' && volts ? (volts * volts) / watts : undefined;
}

/** `at` names the coil's two terminals or pins. */
export function coilOhms(context: ProofContext, at = 'A1 and A2'): Proof {
  const expected = expectedCoilOhms(context);
  const stated = typeof context.part.coilOhms === 'number';
  return figureProof({
    id: 'coil-ohms',
    when: 'bench',
    title: 'Coil resistance',
    unit: 'ohm',
    leads: true,
    severity: 'should',
    how: `Coil disconnected, ohmmeter across ${at}. Enter the resistance of the leads as well; it is taken off.`,
    low: expected === undefined ? 0.1 : expected * (1 - COIL_OHMS_TOLERANCE),
    high: expected === undefined ? null : expected * (1 + COIL_OHMS_TOLERANCE),
    because:
      expected === undefined
        ? 'The maker states no resistance. An open coil reads without end, a shorted one near nothing; on AC the resistance says nothing of the impedance.'
        : `${stated ? 'The maker states' : 'From the coil power'} ${q(expected, 'ohm')}, within 15 % for winding and temperature.`,
    source: citeSource('commonPractice'),
  });
}
