/**
 * Three-phase fault current behind a transformer with a cable run, the source taken as endless: the highest it can be.
 * Method: transformer impedance from %Z, conductor resistance added in square (resistance and reactance stand at right angles).
 * Source: IEC 60909-0, simplified: endless source, transformer purely reactive. For interrupting; not for tripping.
 */
import { formatQuantity as q } from '../quantities/format-quantity';
import { answer, numberInput, type Worksheet } from './contract';

export const faultCurrentAtTransformer: Worksheet = {
  id: 'fault-current-at-transformer',
  title: 'Fault current behind a transformer',
  question: 'What can the fault current be at this panel, at the most?',
  inputs: [
    numberInput('kva', 'Transformer', 'kVA', { above: 0, max: 100000 }, 112, 'Rated power on its plate.'),
    numberInput('impedancePercent', 'Impedance', '%', { min: 0.5, max: 20 }, 3.2, '%Z or uk on its plate; the lowest likely value.'),
    numberInput('volts', 'Volts', 'V', { above: 0, max: 1000 }, 480, 'Line to line, secondary side.'),
    numberInput(
      'runOhms',
      'Run, one conductor',
      'ohm',
      { min: 0, max: 100 },
      0.006,
      'Resistance of one conductor from transformer to panel, cold; 0 at its terminals.',
    ),
  ],
  compute: ({ kva, impedancePercent, volts, runOhms }) => {
    const x = ((volts as number) ** 2 / ((kva as number) * 1000)) * ((impedancePercent as number) / 100);
    const z = Math.hypot(x, runOhms as number);
    const at = (ohms: number) => (volts as number) / (Math.sqrt(3) * ohms);
    return answer(
      [
        { name: 'faultAmps', label: 'At the panel', value: at(z), unit: 'A' },
        { name: 'terminalAmps', label: 'At the transformer', value: at(x), unit: 'A' },
      ],
      [
        `Transformer: ${volts}² / ${kva} kVA x ${impedancePercent} % = ${q(x, 'ohm')}`,
        `With the run: √(${q(x, 'ohm')}² + ${q(runOhms as number, 'ohm')}²) = ${q(z, 'ohm')}`,
        `${volts} V / (√3 x ${q(z, 'ohm')}) = ${q(at(z), 'A')}`,
      ],
      [
        'Motors running at that moment add about four to six times their rated current.',
        'This is the highest value, for interrupting; whether a device trips in time is judged on the lowest.',
      ],
    );
  },
  sources: ['shortCircuitCalculation'],
  checks: [
    {
      values: { kva: 1000, impedancePercent: 5, volts: 480, runOhms: 0 },
      expect: { terminalAmps: 24056, faultAmps: 24056 },
      tolerance: 0.001,
      source: 'by hand: 1202.8 A / 0.05',
    },
    {
      values: { kva: 100, impedancePercent: 4, volts: 400, runOhms: 0.064 },
      expect: { faultAmps: 2551.6 },
      tolerance: 0.001,
      source: 'by hand: 0.064 ohm in square with 0.064 ohm',
    },
  ],
};
