/**
 * Motor current from kW: I = P / (√3 U η cos φ), without √3 on one phase.
 * Without efficiency and power factor only the lower bound at unity can be given, with a warning. Common practice.
 */
import { formatQuantity as q } from '../quantities/format-quantity';
import { answer, numberInput, wordInput, worksheet } from './contract';

export const motorAmpsFromPower = worksheet({
  id: 'motor-amps-from-power',
  subject: 'motor',
  title: 'Motor amps from kW',
  question: 'What current does a motor of this power take?',
  inputs: [
    numberInput('kilowatts', 'Power', 'kW', { above: 0, max: 10000 }, 7.5, 'Rated shaft power.'),
    numberInput('volts', 'Volts', 'V', { above: 0, max: 15000 }, 400, 'Volts between the lines.'),
    wordInput('phases', 'Phases', ['3', '1'], 'Phases of the motor.'),
    numberInput('efficiency', 'Efficiency', 'ratio', { above: 0, max: 1 }, 0.87, 'Shaft power to electrical power, 0 to 1.', true),
    numberInput('powerFactor', 'Power factor', 'ratio', { above: 0, max: 1 }, 0.84, 'At rated load, 0 to 1.', true),
  ],
  compute: ({ kilowatts, volts, phases, efficiency, powerFactor }) => {
    const root = phases === '3' ? Math.sqrt(3) : 1;
    const known = typeof efficiency === 'number' && typeof powerFactor === 'number';
    const [eta, cos] = known ? [efficiency, powerFactor] : [1, 1];
    const amps = (kilowatts * 1000) / (root * volts * eta * cos);
    return answer(
      [{ name: 'amps', label: known ? 'Full-load current' : 'At least', value: amps, unit: 'A' }],
      [`${q(kilowatts * 1000, 'W')} / (${phases === '3' ? '√3 x ' : ''}${q(volts, 'V')} x ${eta} x ${cos}) = ${q(amps, 'A')}`],
      known ? [] : ['Efficiency and power factor are not both given: this is a lower bound, the motor takes more. Do not choose by it.'],
    );
  },
  sources: ['commonPractice'],
  checks: [
    {
      values: { kilowatts: 1.1, volts: 220, phases: '1' },
      expect: { amps: 5 },
      tolerance: 1e-9,
      source: 'common practice',
    },
    {
      values: { kilowatts: 1.1, volts: 220, phases: '1', efficiency: 0.8, powerFactor: 0.8 },
      expect: { amps: 7.81 },
      tolerance: 0.005,
      source: 'common practice',
    },
    {
      values: { kilowatts: 373, volts: 480, phases: '3' },
      expect: { amps: 448.6 },
      tolerance: 0.002,
      source: 'common practice',
    },
  ],
});
