/**
 * Amps of a motor of the same power at other volts: power, efficiency and power factor alike, amps go the other way than volts.
 * A figure for planning; the plate of the motor that is fitted decides. Source: common practice.
 */
import { formatQuantity as q } from '../quantities/format-quantity';
import { answer, numberInput, worksheet } from './contract';

export const motorVoltsTransfer = worksheet({
  id: 'motor-volts-transfer',
  subject: 'motor',
  title: 'Motor amps at other volts',
  question: 'What does a motor of this power take at other volts?',
  inputs: [
    numberInput('amps', 'Amps', 'A', { above: 0, max: 10000 }, 540, 'At the volts where they are known.'),
    numberInput('volts', 'Known at', 'V', { above: 0, max: 15000 }, 480, 'Volts of that figure.'),
    numberInput('otherVolts', 'Wanted at', 'V', { above: 0, max: 15000 }, 4160, 'Volts of the other system.'),
  ],
  compute: ({ amps, volts, otherVolts }) => {
    const other = (amps * volts) / otherVolts;
    return answer(
      [
        { name: 'otherAmps', label: 'Amps there', value: other, unit: 'A' },
        { name: 'ratio', label: 'Volts up', value: otherVolts / volts, unit: '' },
      ],
      [`${q(amps, 'A')} x ${q(volts, 'V')} / ${q(otherVolts, 'V')} = ${q(other, 'A')}`],
      [
        'A motor for other volts is another machine: its plate decides, and it may differ by several percent.',
        ...(otherVolts > 1000 ? ['Above 1000 V other rules, clearances and qualifications hold.'] : []),
      ],
    );
  },
  sources: ['commonPractice'],
  checks: [
    {
      values: { amps: 550, volts: 480, otherVolts: 4160 },
      expect: { otherAmps: 63.46 },
      tolerance: 0.001,
      source: 'by hand: 550 x 480 / 4160',
    },
    {
      values: { amps: 118, volts: 2300, otherVolts: 4160 },
      expect: { otherAmps: 65.24 },
      tolerance: 0.001,
      source: 'by hand: 118 x 2300 / 4160',
    },
  ],
});
