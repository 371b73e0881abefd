/**
 * Starting at less than full volts: motor volts, motor and line amps, and torque, by method.
 * Autotransformer on a tap: motor amps x tap, line amps and torque x tap squared. Star-delta: a third of both. Part-winding: the first half-winding
 * takes about 0.65 of the amps and gives about 0.45 of the torque. Soft starter: amps as limited, torque by the square. Source: NEMA ICS 2; common practice; from memory.
 */
import { formatQuantity as q } from '../quantities/format-quantity';
import { answer, numberInput, refuse, wordInput, worksheet } from './contract';

/** First half-winding of a part-winding start: share of amps and of torque. Common practice. */
const PART_WINDING = { amps: 0.65, torque: 0.45 } as const;

/** Shares of motor volts, motor amps, line amps and torque, of those direct on line. */
function shares(
  starter: string,
  tap: number | undefined,
  limit: number | undefined,
  lockedRotor: number,
): [number, number, number, number] | undefined {
  if (starter === 'star-delta') return [1 / Math.sqrt(3), 1 / Math.sqrt(3), 1 / 3, 1 / 3];
  if (starter === 'part-winding') return [1, PART_WINDING.amps, PART_WINDING.amps, PART_WINDING.torque];
  if (starter === 'autotransformer') {
    if (tap === undefined) return undefined;
    const t = tap / 100;
    return [t, t, t * t, t * t];
  }
  if (limit === undefined) return undefined;
  const k = Math.min(1, limit / lockedRotor);
  return [k, k, k, k * k];
}

export const reducedStart = worksheet({
  id: 'reduced-start',
  subject: 'motor',
  title: 'Start at reduced volts',
  question: 'What do motor and line take, and what torque is left?',
  inputs: [
    wordInput('starter', 'Starter', ['autotransformer', 'star-delta', 'part-winding', 'soft-starter'], 'Starting method.'),
    numberInput('lineVolts', 'Line', 'V', { above: 0, max: 15000 }, 480, 'Line to line.'),
    numberInput('lockedRotorAmps', 'Locked rotor', 'A', { above: 0, max: 100000 }, 460, 'Direct on line at these volts.'),
    numberInput('torquePercent', 'Torque', '%', { above: 0, max: 400 }, 150, 'Locked-rotor torque direct on line, percent of rated.'),
    numberInput('tapPercent', 'Tap', '%', { min: 40, max: 90 }, 65, 'Of an autotransformer: 50, 65 or 80 as a rule.', true),
    numberInput('limitAmps', 'Limit', 'A', { above: 0, max: 100000 }, 210, 'Current limit of a soft starter.', true),
  ],
  compute: (v) => {
    const [volts, amps, torque] = [v.lineVolts, v.lockedRotorAmps, v.torquePercent] as const;
    const found = shares(v.starter, v.tapPercent, v.limitAmps, amps);
    if (!found)
      return refuse(
        v.starter === 'autotransformer'
          ? 'Give the tap of the autotransformer: 50, 65 or 80 % as a rule.'
          : 'Give the current limit of the soft starter.',
      );
    const [onVolts, onMotor, onLine, onTorque] = found;
    return answer(
      [
        { name: 'motorVolts', label: 'Motor volts', value: volts * onVolts, unit: 'V' },
        { name: 'motorAmps', label: 'Motor amps', value: amps * onMotor, unit: 'A' },
        { name: 'lineAmps', label: 'Line amps', value: amps * onLine, unit: 'A' },
        { name: 'torquePercentLeft', label: 'Torque', value: torque * onTorque, unit: '%' },
      ],
      [
        `Motor: ${q(volts, 'V')} x ${onVolts.toPrecision(3)} = ${q(volts * onVolts, 'V')}, ${q(amps, 'A')} x ${onMotor.toPrecision(3)} = ${q(amps * onMotor, 'A')}`,
        `Line: ${q(amps, 'A')} x ${onLine.toPrecision(3)} = ${q(amps * onLine, 'A')}`,
        `Torque: ${torque} % x ${onTorque.toPrecision(3)} = ${q(torque * onTorque, '%')} of rated`,
      ],
      [
        'What is left must exceed what the load asks at every speed, or the motor stays behind and burns.',
        'At the changeover the peak may reach that of a direct start, most of all with an open transition.',
      ],
    );
  },
  sources: ['starDeltaCurrents', 'commonPractice'],
  checks: [
    {
      values: { starter: 'autotransformer', lineVolts: 480, lockedRotorAmps: 3300, torquePercent: 100, tapPercent: 65 },
      expect: { lineAmps: 1394.25, motorAmps: 2145, torquePercentLeft: 42.25, motorVolts: 312 },
      tolerance: 1e-6,
      source: 'by hand: 0.65 and its square',
    },
    {
      values: { starter: 'star-delta', lineVolts: 400, lockedRotorAmps: 300, torquePercent: 150 },
      expect: { lineAmps: 100, torquePercentLeft: 50 },
      tolerance: 1e-6,
      source: 'by hand: a third',
    },
  ],
});
