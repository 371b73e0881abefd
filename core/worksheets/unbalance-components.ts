/**
 * Unbalance by symmetrical components, from three phase-to-phase voltages alone: negative over positive sequence.
 * Method: with b = (sum of V^4) / (sum of V²)², V2/V1 = sqrt((1 - sqrt(3 - 6b)) / (1 + sqrt(3 - 6b))).
 * Source: IEC 61000-4-30 unbalance, from memory.
 */
import { certain } from '../certain';
import { formatQuantity as q } from '../quantities/format-quantity';
import { answer, numberInput, refuse, worksheet } from './contract';

/** Negative over positive sequence, percent; undefined where the three cannot close a triangle. */
export function negativeSequencePercent(volts: readonly [number, number, number]): number | undefined {
  const squares = volts.map((one) => one ** 2);
  const sum = certain(squares[0]) + certain(squares[1]) + certain(squares[2]);
  const b = squares.reduce((total, one) => total + one ** 2, 0) / sum ** 2;
  const inner = 3 - 6 * b;
  if (inner < -1e-12) return undefined;
  // Equal voltages leave a rounding below zero under the outer root.
  const root = Math.sqrt(Math.max(0, inner));
  return 100 * Math.sqrt(Math.max(0, 1 - root) / (1 + root));
}

export const unbalanceComponents = worksheet({
  id: 'unbalance-components',
  subject: 'motor',
  title: 'Unbalance by components',
  question: 'How large is the negative sequence, and what would each relay call it?',
  inputs: [
    numberInput('volts12', 'L1-L2', 'V', { above: 0, max: 15000 }, 402, 'Phase to phase.'),
    numberInput('volts23', 'L2-L3', 'V', { above: 0, max: 15000 }, 389, 'Phase to phase.'),
    numberInput('volts31', 'L3-L1', 'V', { above: 0, max: 15000 }, 407, 'Phase to phase.'),
    numberInput('nominalVolts', 'Nominal', 'V', { above: 0, max: 15000 }, 400, 'To which some relays refer.'),
  ],
  compute: (v) => {
    const volts = [v.volts12, v.volts23, v.volts31] as const;
    const factor = negativeSequencePercent(volts);
    if (factor === undefined)
      return refuse('Three phase-to-phase volts close a triangle: none is longer than the other two together. Measure again.');
    const mean = (volts[0] + volts[1] + volts[2]) / 3;
    const deviation = (100 * Math.max(...volts.map((one) => Math.abs(one - mean)))) / mean;
    const span = Math.max(...volts) - Math.min(...volts);
    const spread = (100 * span) / v.nominalVolts;
    return answer(
      [
        { name: 'negativeSequencePercent', label: 'Negative sequence', value: factor, unit: '%' },
        { name: 'deviationPercent', label: 'Deviation from the mean', value: deviation, unit: '%' },
        { name: 'spreadPercent', label: 'Highest less lowest', value: spread, unit: '%' },
      ],
      [
        `Components: V2 / V1 = ${factor.toFixed(2)} %`,
        `Deviation (NEMA): ${deviation.toFixed(2)} % of the mean ${q(mean, 'V')}`,
        `Spread: ${q(span, 'V')} of nominal ${q(v.nominalVolts, 'V')} = ${spread.toFixed(2)} %`,
      ],
      ['A relay’s “asymmetry” may be any of the three: read which one its sheet means before it is set.'],
    );
  },
  sources: ['unbalanceComponents', 'unbalance'],
  checks: [
    {
      values: { volts12: 400, volts23: 400, volts31: 380, nominalVolts: 400 },
      // By hand: b = (2 x 400^4 + 380^4) / (2 x 400² + 380²)² = 0.334103...
      expect: { spreadPercent: 5, deviationPercent: 3.38983 },
      tolerance: 1e-4,
      source: 'own arithmetic: 20 V of 400 V; 13.33 V of 393.33 V',
    },
  ],
});
