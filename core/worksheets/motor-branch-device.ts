/** Largest branch device of one motor, its overload trip and its conductor. NFPA 70 430.52, 430.32, 430.22. */
import { motorBranchLimits } from '../overcurrent/maximum-rating';
import { formatQuantity as q } from '../quantities/format-quantity';
import { instantaneousCeilingPercent, motorBranchPercent, MOTOR_CONDUCTOR_FACTOR } from '../standards/motor-branch';
import { answer, numberInput, wordInput, worksheet } from './contract';

export const motorBranchDevice = worksheet({
  id: 'motor-branch-device',
  subject: 'motor',
  title: 'Motor branch device',
  question: 'How large may the short-circuit device of this motor be?',
  inputs: [
    numberInput('tableAmps', 'Table amps', 'A', { above: 0, max: 5000 }, 21, 'From the motor table, not the plate (430.6(A)(1)).'),
    wordInput(
      'device',
      'Device',
      ['inverse-time-breaker', 'time-delay-fuse', 'non-time-delay-fuse', 'instantaneous-breaker'],
      'A time-delay Class CC fuse counts as non-time-delay.',
    ),
    wordInput('motor', 'Motor', ['cage', 'cage-premium', 'wound-rotor', 'direct-current'], 'Kind of motor.'),
  ],
  compute: ({ tableAmps, device, motor }) => {
    const amps = tableAmps;
    const percent = motorBranchPercent[motor][device];
    const { first, ceiling } = motorBranchLimits(amps, device, motor);
    const instantaneous = device === 'instantaneous-breaker';
    const raised = (amps * instantaneousCeilingPercent[motor]) / 100;
    return answer(
      [
        { name: 'percentAmps', label: 'By the table', value: (amps * percent) / 100, unit: 'A' },
        ...(instantaneous
          ? [{ name: 'ceilingAmps', label: 'Setting at most if it does not start', value: raised, unit: 'A' }]
          : [
              { name: 'firstAmps', label: 'Next standard size', value: first, unit: 'A' },
              { name: 'ceilingAmps', label: 'Ceiling if it does not start', value: ceiling, unit: 'A' },
            ]),
        { name: 'conductorAmps', label: 'Conductor at least', value: amps * MOTOR_CONDUCTOR_FACTOR, unit: 'A' },
      ],
      [
        `${percent} % of ${q(amps, 'A')} = ${q((amps * percent) / 100, 'A')}`,
        ...(instantaneous
          ? [
              `This is a setting, not a rating; only where it does not start up to ${instantaneousCeilingPercent[motor]} % = ${q(raised, 'A', 'down')}`,
            ]
          : [`Next standard size: ${q(first, 'A')}`, `Only where that does not start: up to ${q(ceiling, 'A', 'down')}`]),
        `Conductor: 125 % of ${q(amps, 'A')} = ${q(amps * MOTOR_CONDUCTOR_FACTOR, 'A')}`,
      ],
      [
        'A lower value on the overload relay’s table or the unit’s plate governs.',
        ...(instantaneous ? ['Instantaneous-only breakers serve as part of a listed combination alone.'] : []),
      ],
    );
  },
  sources: ['motorBranch', 'standardSizes', 'motorConductor'],
  checks: [
    {
      values: { tableAmps: 34, device: 'non-time-delay-fuse', motor: 'cage' },
      expect: { percentAmps: 102, firstAmps: 110, conductorAmps: 42.5 },
      tolerance: 1e-9,
      source: 'NFPA 70 annex D8, 25 hp 460 V, from memory',
    },
    {
      values: { tableAmps: 34, device: 'time-delay-fuse', motor: 'cage' },
      expect: { percentAmps: 59.5, firstAmps: 60, ceilingAmps: 76.5 },
      tolerance: 1e-9,
      source: 'NFPA 70 annex D8, 25 hp 460 V, from memory',
    },
    {
      values: { tableAmps: 40, device: 'time-delay-fuse', motor: 'wound-rotor' },
      expect: { percentAmps: 60, firstAmps: 60, conductorAmps: 50 },
      tolerance: 1e-9,
      source: 'NFPA 70 annex D8, 30 hp 460 V wound rotor, from memory',
    },
    {
      values: { tableAmps: 14, device: 'inverse-time-breaker', motor: 'cage' },
      expect: { percentAmps: 35, firstAmps: 35, ceilingAmps: 56 },
      tolerance: 1e-9,
      source: 'by hand: 250 and 400 % of 14 A',
    },
  ],
});
