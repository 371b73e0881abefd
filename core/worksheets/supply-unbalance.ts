/**
 * Voltage unbalance and what it leaves of a motor's power.
 * Method: 100 x largest deviation from the mean / mean. Derating by a table between 1 and 5 %, straight between its rows.
 * Source: NEMA MG 1 part 14.36 (factors at 2, 3, 4, 5 %: 0.95, 0.88, 0.82, 0.75; from memory). Above 5 % it refuses.
 */
import { certain } from '../certain';
import { formatQuantity as q } from '../quantities/format-quantity';
import { answer, numberInput, refuse, worksheet } from './contract';

const derating = [
  [1, 1],
  [2, 0.95],
  [3, 0.88],
  [4, 0.82],
  [5, 0.75],
] as const;

/** Share of rated power left at this unbalance, percent; undefined above 5 %. */
export function deratingFactor(percent: number): number | undefined {
  if (percent <= 1) return 1;
  const next = derating.findIndex(([at]) => percent <= at);
  if (next < 1) return undefined;
  const [[x0, y0], [x1, y1]] = [certain(derating[next - 1]), certain(derating[next])];
  return y0 + ((percent - x0) / (x1 - x0)) * (y1 - y0);
}

export const supplyUnbalance = worksheet({
  id: 'supply-unbalance',
  subject: 'motor',
  title: 'Supply unbalance and derating',
  question: 'May the motor run at full power on these volts?',
  inputs: [
    numberInput('volts12', 'L1-L2', 'V', { above: 0, max: 15000 }, 398, 'Phase to phase.'),
    numberInput('volts23', 'L2-L3', 'V', { above: 0, max: 15000 }, 404, 'Phase to phase.'),
    numberInput('volts31', 'L3-L1', 'V', { above: 0, max: 15000 }, 391, 'Phase to phase.'),
  ],
  compute: (v) => {
    const volts = [v.volts12, v.volts23, v.volts31] as const;
    const a = Math.max(...volts);
    const others = volts[0] + volts[1] + volts[2] - a;
    if (a >= others)
      return refuse(
        `Volts between lines close a triangle: ${q(a, 'V')} cannot be more than the other two together, ${q(others, 'V')}. Measure again, phase to phase.`,
      );
    const mean = (volts[0] + volts[1] + volts[2]) / 3;
    const deviation = Math.max(...volts.map((one) => Math.abs(one - mean)));
    const percent = (100 * deviation) / mean;
    const factor = deratingFactor(percent);
    return answer(
      [
        { name: 'unbalancePercent', label: 'Unbalance', value: percent, unit: '%' },
        { name: 'deratingFactor', label: 'Power left', value: factor ?? null, unit: '' },
        { name: 'meanVolts', label: 'Mean', value: mean, unit: 'V' },
      ],
      [
        `Mean ${q(mean, 'V')}, largest deviation ${q(deviation, 'V')}`,
        `100 x ${q(deviation, 'V')} / ${q(mean, 'V')} = ${percent.toFixed(2)} %`,
        factor === undefined ? 'Above 5 % there is no factor.' : `Factor ${factor.toFixed(2)}`,
      ],
      percent > 5
        ? ['Above 5 % a motor should not run: find the cause.']
        : percent > 1
          ? ['Above 1 % the motor must not give its full power.']
          : [],
    );
  },
  sources: ['unbalance'],
  checks: [
    {
      values: { volts12: 460, volts23: 467, volts31: 450 },
      expect: { unbalancePercent: 1.96, meanVolts: 459 },
      tolerance: 0.002,
      source: 'NEMA MG 1 14.36, from memory',
    },
  ],
});
