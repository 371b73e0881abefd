/** Feeder of several motors: conductor and largest device. NFPA 70 430.24, 430.62(A). */
import { formatQuantity as q } from '../quantities/format-quantity';
import { feederDeviceAmps, MOTOR_CONDUCTOR_FACTOR } from '../standards/motor-branch';
import { fuseSizes, breakerSizes, standardSizeBelow } from '../standards/overcurrent-sizes';
import { answer, numberInput, wordInput, worksheet } from './contract';

export const motorFeeder = worksheet({
  id: 'motor-feeder',
  subject: 'motor',
  title: 'Feeder of several motors',
  question: 'What must the feeder carry, and how large may its device be?',
  inputs: [
    numberInput('largestAmps', 'Largest motor', 'A', { above: 0, max: 5000 }, 52, 'Table amps.'),
    numberInput(
      'largestDeviceAmps',
      'Largest branch device',
      'A',
      { above: 0, max: 6000 },
      90,
      'Of the motors on this feeder, as sized by its percent.',
    ),
    numberInput('otherAmps', 'Other motors', 'A', { min: 0, max: 5000 }, 41, 'Sum of their table amps.'),
    wordInput('device', 'Device', ['fuse', 'breaker'], 'Of the feeder.'),
  ],
  compute: ({ largestAmps, largestDeviceAmps, otherAmps, device }) => {
    const conductor = largestAmps * MOTOR_CONDUCTOR_FACTOR + otherAmps;
    const most = feederDeviceAmps(largestDeviceAmps, [otherAmps]);
    const size = standardSizeBelow(most, device === 'fuse' ? fuseSizes : breakerSizes) ?? most;
    return answer(
      [
        { name: 'conductorAmps', label: 'Conductor at least', value: conductor, unit: 'A' },
        { name: 'mostAmps', label: 'Device at most', value: most, unit: 'A' },
        { name: 'sizeAmps', label: 'Standard size below', value: size, unit: 'A' },
      ],
      [
        `125 % of ${q(largestAmps, 'A')} + ${q(otherAmps, 'A')} = ${q(conductor, 'A')}`,
        `${q(largestDeviceAmps, 'A')} + ${q(otherAmps, 'A')} = ${q(most, 'A')}, rounded down to ${q(size, 'A')}`,
      ],
      ['No rounding up here: the next size up is for branches.'],
    );
  },
  sources: ['motorFeeder', 'motorFeederConductor', 'standardSizes'],
  checks: [
    {
      values: { largestAmps: 40, largestDeviceAmps: 60, otherAmps: 74, device: 'fuse' },
      expect: { conductorAmps: 124, mostAmps: 134, sizeAmps: 125 },
      tolerance: 1e-9,
      source: 'NFPA 70 annex D8, 25 hp and two 30 hp, time-delay fuses, from memory',
    },
    {
      values: { largestAmps: 40, largestDeviceAmps: 110, otherAmps: 80, device: 'fuse' },
      expect: { mostAmps: 190, sizeAmps: 175 },
      tolerance: 1e-9,
      source: 'NFPA 70 annex D8, non-time-delay fuses, from memory',
    },
  ],
});
