/** Device and conductor of a load that runs three hours or more. NFPA 70 210.20(A), 215.3; IEC has no such rule. */
import { CONTINUOUS_FACTOR } from '../overcurrent/load-current';
import { formatQuantity as q } from '../quantities/format-quantity';
import { nextStandardSize } from '../standards/overcurrent-sizes';
import { answer, numberInput, wordInput, worksheet } from './contract';

export const continuousLoad = worksheet({
  id: 'continuous-load',
  subject: 'protection',
  title: 'Continuous load, 80 %',
  question: 'Which device carries this load for hours?',
  inputs: [
    numberInput('continuousAmps', 'Continuous', 'A', { min: 0, max: 5000 }, 26, 'Runs three hours or more.'),
    numberInput('otherAmps', 'Other', 'A', { min: 0, max: 5000 }, 7, 'The rest.'),
    wordInput('rated', 'Device', ['80 percent', '100 percent'], 'Rated for 100 % only as a listed assembly marked so.'),
  ],
  compute: ({ continuousAmps, otherAmps, rated }) => {
    const factor = rated === '100 percent' ? 1 : CONTINUOUS_FACTOR;
    const least = continuousAmps * factor + otherAmps;
    return answer(
      [
        { name: 'leastAmps', label: 'At least', value: least, unit: 'A' },
        { name: 'sizeAmps', label: 'Standard size', value: nextStandardSize(least), unit: 'A' },
      ],
      [`${factor} x ${q(continuousAmps, 'A')} + ${q(otherAmps, 'A')} = ${q(least, 'A')}`],
      ['NFPA 70 only, and not on top of the rules for motors and compressors. In IEC practice ambient and grouping count instead.'],
    );
  },
  sources: ['continuousLoad', 'standardSizes'],
  checks: [
    {
      values: { continuousAmps: 16, otherAmps: 0, rated: '80 percent' },
      expect: { leastAmps: 20, sizeAmps: 20 },
      tolerance: 1e-9,
      source: 'common practice: 20 A carries 16 A for hours',
    },
    {
      values: { continuousAmps: 80, otherAmps: 15, rated: '80 percent' },
      expect: { leastAmps: 115, sizeAmps: 125 },
      tolerance: 1e-9,
      source: 'by hand: 1.25 x 80 + 15',
    },
  ],
});
