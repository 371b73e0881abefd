/**
 * Volts left at closing coil and charging motor of a breaker: supply, run and inrush, against 85 % of the mark.
 * The coil pulls its power at its mark as a resistance; motor and coil do not pull at once (the spring is charged before it closes).
 * Source: IEC 60947-2 limits of operation; circuit law.
 */
import { formatQuantity as q } from '../quantities/format-quantity';
import { operatingShare } from '../standards/breaker-releases';
import { answer, numberInput, worksheet } from './contract';

/** Volts at a load of this power at its mark, through a run. */
const voltsAt = (supply: number, mark: number, watts: number, ohms: number): number => supply / (1 + (ohms * watts) / (mark * mark));

export const springAndClosingSupply = worksheet({
  id: 'spring-and-closing-supply',
  subject: 'coil',
  title: 'Closing coil and spring supply',
  question: 'Do closing coil and charging motor get their volts at the end of this run?',
  inputs: [
    numberInput('markVolts', 'Mark', 'V', { above: 0, max: 690 }, 110, 'Rated volts of coil and motor.'),
    numberInput(
      'lowestVolts',
      'Lowest supply',
      'V',
      { above: 0, max: 690 },
      103,
      'Battery at the end of its discharge, or the lowest seen.',
    ),
    numberInput('runOhms', 'Run, both wires', 'ohm', { min: 0, max: 100 }, 1.1, 'Dead, far end joined, leads taken off.'),
    numberInput('coilWatts', 'Closing coil', 'W', { above: 0, max: 5000 }, 220, 'Its power at its mark.'),
    numberInput('motorWatts', 'Motor, starting', 'W', { above: 0, max: 20000 }, 1500, 'Its inrush at its mark.'),
  ],
  compute: (v) => {
    const [mark, supply, ohms] = [v.markVolts, v.lowestVolts, v.runOhms];
    const [share] = operatingShare.closing;
    const least = share * mark;
    const at = (watts: number) => voltsAt(supply, mark, watts, ohms);
    const [coil, motor] = [at(v.coilWatts), at(v.motorWatts)];
    // supply / (1 + R P / U²) = 0.85 U gives R = (supply / 0.85 U − 1) U² / P
    const longest = (watts: number) => Math.max(0, (supply / least - 1) * ((mark * mark) / watts));
    const short = [
      { who: 'The closing coil', volts: coil },
      { who: 'The charging motor', volts: motor },
    ].filter(({ volts }) => volts < least * (1 - 1e-9));
    return answer(
      [
        { name: 'coilVolts', label: 'At the closing coil', value: coil, unit: 'V' },
        { name: 'motorVolts', label: 'At the motor, starting', value: motor, unit: 'V' },
        { name: 'leastVolts', label: 'Needed', value: least, unit: 'V' },
        { name: 'coilRunOhms', label: 'Longest run, coil', value: longest(v.coilWatts), unit: 'ohm' },
        { name: 'motorRunOhms', label: 'Longest run, motor', value: longest(v.motorWatts), unit: 'ohm' },
      ],
      [
        `${share * 100} % of ${q(mark, 'V')} = ${q(least, 'V')}`,
        `Coil: ${q(mark * mark, '')} V² / ${v.coilWatts} W = ${q((mark * mark) / v.coilWatts, 'ohm')}; with ${q(ohms, 'ohm')} of run ${q(coil, 'V')} are left`,
        `Motor: ${q((mark * mark) / v.motorWatts, 'ohm')} while it starts; ${q(motor, 'V')} are left`,
      ],
      [
        ...short.map(
          ({ who, volts }) =>
            `${who} gets ${q(volts, 'V', 'down')}: it may not ${who === 'The closing coil' ? 'close the breaker' : 'charge the spring'}. Thicker wires, a shorter run, or a healthier battery.`,
        ),
        'The shunt trip works from 70 %: a battery that still trips may no longer close.',
      ],
    );
  },
  sources: ['breakerReleases', 'ohmsLaw'],
  checks: [
    // 100 V, 100 W is 100 ohm; 10 ohm of run leave 100 x 100 / 110 = 90.91 V
    {
      values: { markVolts: 100, lowestVolts: 100, runOhms: 10, coilWatts: 100, motorWatts: 1000 },
      expect: { coilVolts: 90.909, motorVolts: 50, leastVolts: 85, coilRunOhms: 17.647, motorRunOhms: 1.7647 },
      tolerance: 1e-4,
      source: 'by hand: divider of 100 and 10 ohm',
    },
  ],
});
