/**
 * Locked-rotor amps of a motor from the code letter on its plate.
 * Method: kVA per horsepower x horsepower / volts (and / square root of 3 for three phases). A letter is a band.
 * Source: NFPA 70 table 430.7(B) (from memory). Not for plates that give LRA or IA/IN, wound rotors, part-winding starts.
 */
import { formatQuantity as q } from '../quantities/format-quantity';
import { codeLetters, kilovoltAmperesPerHorsepower } from '../standards/code-letters';
import { answer, numberInput, wordInput, worksheet } from './contract';

export const lockedRotorAmpsSheet = worksheet({
  id: 'locked-rotor-amps',
  subject: 'motor',
  title: 'Locked-rotor amps from code letter',
  question: 'How hard does a motor with this code letter start?',
  inputs: [
    wordInput(
      'codeLetter',
      'Code letter',
      [...codeLetters].sort((a, b) => (a === 'G' ? -1 : b === 'G' ? 1 : a.localeCompare(b))),
      'The letter on the plate; I, O and Q are not used.',
    ),
    numberInput('horsepower', 'Horsepower', 'hp', { above: 0, max: 10000 }, 15, 'Rated shaft power.'),
    numberInput('plateVolts', 'Plate volts', 'V', { above: 0, max: 15000 }, 460, "The motor's own plate volts, not the system's."),
    wordInput('phases', 'Phases', ['3', '1'], 'Phases of the motor.'),
  ],
  compute: ({ codeLetter, horsepower, plateVolts, phases }) => {
    const band = kilovoltAmperesPerHorsepower(codeLetter);
    const root = phases === '3' ? Math.sqrt(3) : 1;
    const amps = (kva: number) => (kva * horsepower * 1000) / (root * plateVolts);
    const low = amps(band.low);
    const high = band.high === undefined ? null : amps(band.high);
    const divisor = phases === '3' ? `(√3 x ${plateVolts} V)` : `${plateVolts} V`;
    return answer(
      [
        { name: 'lowAmps', label: 'Low end', value: low, unit: 'A' },
        { name: 'highAmps', label: 'High end', value: high, unit: 'A' },
      ],
      [
        `Code ${codeLetter}: ${band.low} to ${band.high ?? 'no upper end'} kVA a horsepower.`,
        `${band.low} x ${horsepower} x 1000 / ${divisor} = ${q(low, 'A')}`,
        high === null
          ? 'The band is open: the high end is not known.'
          : `${band.high} x ${horsepower} x 1000 / ${divisor} = ${q(high, 'A')}`,
      ],
      ['A contactor is held to the high end.', 'On higher volts than the plate’s the motor takes more in proportion.'],
    );
  },
  sources: ['codeLetters'],
  checks: [
    {
      values: { codeLetter: 'G', horsepower: 10, plateVolts: 460, phases: '3' },
      expect: { lowAmps: 70.29, highAmps: 78.95 },
      tolerance: 0.001,
      source: 'NFPA 70 table 430.7(B), from memory, by hand',
    },
    {
      values: { codeLetter: 'J', horsepower: 2, plateVolts: 230, phases: '1' },
      expect: { lowAmps: 61.74, highAmps: 69.48 },
      tolerance: 0.001,
      source: 'NFPA 70 table 430.7(B), from memory, by hand',
    },
  ],
});
