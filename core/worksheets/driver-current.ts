/**
 * Can the output that drives a DC coil give its current, and does its leakage let the coil go? Highest current: highest volts, cold coil.
 * A coil lets go by 5 % of its mark (IEC 61810-1, from memory): leakage times coil resistance must stay below that.
 */
import { formatQuantity as q } from '../quantities/format-quantity';
import { relayCoilLimits } from '../standards/pilot-duty';
import { answer, numberInput, refuse, worksheet } from './contract';

export const driverCurrent = worksheet({
  id: 'driver-current',
  subject: 'coil',
  title: 'Output that drives a coil',
  question: 'Can this output switch this coil on, and surely off?',
  inputs: [
    numberInput('markVolts', 'Coil mark', 'V', { above: 0, max: 250 }, 24, 'Rated volts of the coil.'),
    numberInput('coilOhms', 'Coil resistance, cold', 'ohm', { above: 0, max: 1e6 }, 620, 'Measured cold, leads taken off.'),
    numberInput('highestVolts', 'Highest supply', 'V', { above: 0, max: 300 }, 26.4, 'The highest that occurs.'),
    numberInput('lowestVolts', 'Lowest supply', 'V', { above: 0, max: 300 }, 21.6, 'The lowest that occurs.'),
    numberInput('dropVolts', 'Lost in the output', 'V', { min: 0, max: 20 }, 1.2, 'Volts across the closed output, from its sheet.'),
    numberInput('outputAmps', 'Output gives', 'A', { above: 0, max: 20 }, 0.1, 'Rated current of the output, hot.'),
    numberInput('leakageAmps', 'Leaks when off', 'A', { min: 0, max: 1 }, 0.0015, 'Leakage of the open output; 0 for a contact.'),
  ],
  compute: (v) => {
    const {
      markVolts: mark,
      coilOhms: ohms,
      highestVolts: high,
      lowestVolts: low,
      dropVolts: drop,
      outputAmps: gives,
      leakageAmps: leak,
    } = v;
    if (low > high) return refuse('The lowest supply lies above the highest: exchange them.');
    if (drop >= low) return refuse('The output loses all of the supply: look at its sheet again.');
    const amps = (high - drop) / ohms;
    const pull = ((low - drop) / mark) * 100;
    const held = leak * ohms;
    const lets = mark * relayCoilLimits.releaseDc;
    return answer(
      [
        { name: 'coilAmps', label: 'Draws at most', value: amps, unit: 'A' },
        { name: 'marginAmps', label: 'In hand', value: gives - amps, unit: 'A' },
        { name: 'pullInPercent', label: 'Left at the coil', value: pull, unit: '%' },
        { name: 'leakageVolts', label: 'Stays on it when off', value: held, unit: 'V' },
        { name: 'releaseVolts', label: 'Lets go by', value: lets, unit: 'V' },
      ],
      [
        `(${q(high, 'V')} - ${q(drop, 'V')}) / ${q(ohms, 'ohm')} = ${q(amps, 'A')}`,
        `(${q(low, 'V')} - ${q(drop, 'V')}) / ${q(mark, 'V')} = ${pull.toFixed(1)} % of the mark`,
        `${q(leak, 'A')} x ${q(ohms, 'ohm')} = ${q(held, 'V')} when off; ${q(mark, 'V')} x 5 % = ${q(lets, 'V')}`,
      ],
      [
        ...(amps > gives ? ['The output is too weak: a relay of less power, or one in between.'] : []),
        ...(pull < 85 ? ['Less than 85 % of the mark is left: it may not pull in.'] : []),
        ...(held >= lets ? ['The leakage may hold the coil: a bleeder resistor across it, or an output that leaks less.'] : []),
        'An output without its own protection needs a diode, Zener or varistor at the coil; a diode makes drop-out slower.',
      ],
    );
  },
  sources: ['ohmsLaw', 'relayCoils'],
  checks: [
    {
      values: { markVolts: 24, coilOhms: 500, highestVolts: 26, lowestVolts: 21, dropVolts: 1, outputAmps: 0.1, leakageAmps: 0.002 },
      // (26 - 1) / 500; (21 - 1) / 24; 0.002 x 500; 24 x 0.05
      expect: { coilAmps: 0.05, pullInPercent: 83.333, leakageVolts: 1, releaseVolts: 1.2 },
      tolerance: 1e-4,
      source: 'Ohm’s law',
    },
  ],
});
