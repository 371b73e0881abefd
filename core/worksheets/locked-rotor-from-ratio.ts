/** Locked-rotor amps of a motor from the ratio on its plate (IA/IN) and its rated amps, at the system's volts. */
import { formatQuantity as q } from '../quantities/format-quantity';
import { answer, numberInput, worksheet } from './contract';

export const lockedRotorFromRatio = worksheet({
  id: 'locked-rotor-from-ratio',
  subject: 'motor',
  title: 'Locked-rotor amps from IA/IN',
  question: 'How hard does a motor with this starting ratio start?',
  inputs: [
    numberInput('ratio', 'IA/IN', 'ratio', { min: 1, max: 20 }, 6.8, 'Starting to rated current, from the plate.'),
    numberInput('fullLoadAmps', 'Rated amps', 'A', { above: 0, max: 10000 }, 11.4, 'At the connection in use.'),
    numberInput('plateVolts', 'Plate volts', 'V', { above: 0, max: 15000 }, 400, 'At which the amps hold.'),
    numberInput('systemVolts', 'System volts', 'V', { above: 0, max: 15000 }, 400, 'Of the supply.'),
  ],
  compute: ({ ratio, fullLoadAmps, plateVolts, systemVolts }) => {
    const atPlate = ratio * fullLoadAmps;
    const share = systemVolts / plateVolts;
    return answer(
      [
        { name: 'lockedRotorAmps', label: 'Locked rotor', value: atPlate * share, unit: 'A' },
        { name: 'atPlateAmps', label: 'At plate volts', value: atPlate, unit: 'A' },
      ],
      [
        `${ratio} x ${q(fullLoadAmps, 'A')} = ${q(atPlate, 'A')}`,
        `${q(atPlate, 'A')} x ${systemVolts} V / ${plateVolts} V = ${q(atPlate * share, 'A')}`,
      ],
      ['The standard allows the maker 20 % above the ratio on the plate.'],
    );
  },
  sources: ['startingRatio'],
  checks: [
    {
      values: { ratio: 7.5, fullLoadAmps: 20, plateVolts: 400, systemVolts: 400 },
      expect: { lockedRotorAmps: 150 },
      tolerance: 0.0001,
      source: 'by hand',
    },
    {
      values: { ratio: 6, fullLoadAmps: 10, plateVolts: 460, systemVolts: 480 },
      expect: { lockedRotorAmps: 62.61, atPlateAmps: 60 },
      tolerance: 0.001,
      source: 'by hand: 60 x 480/460',
    },
  ],
});
