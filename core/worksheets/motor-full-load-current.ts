/**
 * Full-load current of a motor by horsepower and volts, from NEC tables 430.248 and 430.250.
 * Source: NFPA 70 tables 430.248 and 430.250 (from memory). Outside the table it refuses; it never interpolates.
 */
import { formatQuantity as q } from '../quantities/format-quantity';
import { tableFullLoadAmps, tableHorsepowers } from '../standards/motor-tables';
import { voltageClassOf } from '../standards/voltage-class';
import { answer, numberInput, refuse, wordInput, worksheet } from './contract';

export const motorFullLoadCurrent = worksheet({
  id: 'motor-full-load-current',
  subject: 'motor',
  title: 'Motor full-load current',
  question: 'What does a motor of this horsepower take by NEC table 430.248 or 430.250?',
  inputs: [
    numberInput('horsepower', 'Horsepower', 'hp', { above: 0, max: 500 }, 15, 'Rated shaft power, a size of the table.'),
    numberInput('volts', 'Volts', 'V', { above: 0, max: 2400 }, 480, 'Volts of the system or of the plate; the class is found.'),
    wordInput('phases', 'Phases', ['3', '1'], 'Phases of the motor.'),
  ],
  compute: ({ horsepower, volts, phases }) => {
    const three = phases === '3' ? 3 : 1;
    const column = voltageClassOf(volts)?.column;
    if (!column)
      return refuse(
        `${q(volts, 'V')} is in none of the table’s classes (110-120, 200, 208, 220-240, 440-480, 550-600 V). Use kW with efficiency and power factor.`,
      );
    const amps = tableFullLoadAmps(horsepower, column, three);
    if (amps === undefined)
      return refuse(
        `The table has no ${q(horsepower, 'hp')} at ${q(column, 'V')}, ${phases} phase. Its sizes are ${tableHorsepowers(three)
          .map((hp) => Number(hp.toFixed(3)))
          .join(', ')} hp.`,
      );
    return answer(
      [{ name: 'fullLoadAmps', label: 'Full-load current', value: amps, unit: 'A' }],
      [`${q(volts, 'V')} belongs to the ${column} V column.`, `${q(horsepower, 'hp')}, ${phases} phase: ${q(amps, 'A')}.`],
      ['Table amps size the branch circuit; the plate’s amps set the overload.'],
    );
  },
  sources: ['motorCurrents3ph', 'motorCurrents1ph'],
  checks: [
    {
      values: { horsepower: 10, volts: 230, phases: '3' },
      expect: { fullLoadAmps: 28 },
      tolerance: 0,
      source: 'NFPA 70 table 430.250, from memory',
    },
    {
      values: { horsepower: 500, volts: 460, phases: '3' },
      expect: { fullLoadAmps: 590 },
      tolerance: 0,
      source: 'NFPA 70 table 430.250, from memory',
    },
    {
      values: { horsepower: 5, volts: 240, phases: '1' },
      expect: { fullLoadAmps: 28 },
      tolerance: 0,
      source: 'NFPA 70 table 430.248, from memory',
    },
  ],
});
