/**
 * Within which µF does a capacitor count as good: its mark and its tolerance, plus and minus apart. Source: IEC 60252-1 marking of tolerance, from memory.
 */
import { formatQuantity as q } from '../quantities/format-quantity';
import { answer, numberInput, worksheet } from './contract';

export const capacitorWindow = worksheet({
  id: 'capacitor-window',
  subject: 'capacitor',
  title: 'Window of a capacitor',
  question: 'Between which readings is this capacitor good?',
  inputs: [
    numberInput('microfarads', 'Mark', 'µF', { above: 0, max: 100000 }, 45, 'Rated capacitance.'),
    numberInput('plusPercent', 'Plus', '%', { min: 0, max: 100 }, 6, 'Tolerance upwards.'),
    numberInput('minusPercent', 'Minus', '%', { min: 0, max: 99 }, 6, 'Tolerance downwards; the same where one figure is printed.'),
    numberInput('readMicrofarads', 'Read', 'µF', { min: 0, max: 100000 }, 42.1, 'By meter, discharged and disconnected.', true),
  ],
  compute: (v) => {
    const [mark, plus, minus] = [v.microfarads, v.plusPercent, v.minusPercent] as const;
    const read = v.readMicrofarads;
    const [low, high] = [mark * (1 - minus / 100), mark * (1 + plus / 100)];
    const within = read !== undefined && read >= low * (1 - 1e-9) && read <= high * (1 + 1e-9);
    return answer(
      [
        { name: 'lowMicrofarads', label: 'From', value: low, unit: 'µF' },
        { name: 'highMicrofarads', label: 'To', value: high, unit: 'µF' },
        { name: 'offPercent', label: 'Reading is off', value: read === undefined ? null : (read / mark - 1) * 100, unit: '%' },
      ],
      [
        `${q(mark, 'µF')} less ${minus} % = ${q(low, 'µF')}; plus ${plus} % = ${q(high, 'µF')}`,
        ...(read === undefined ? [] : [`${q(read, 'µF')} is ${within ? 'within' : 'outside'}`]),
      ],
      [
        ...(read !== undefined && !within ? ['Outside its own tolerance it is spent, though the motor may still run.'] : []),
        'For judging one that was read. A new one is chosen by the exact µF of the motor’s plate.',
      ],
    );
  },
  sources: ['runCapacitors'],
  checks: [
    {
      values: { microfarads: 35, plusPercent: 6, minusPercent: 6, readMicrofarads: 33 },
      expect: { lowMicrofarads: 32.9, highMicrofarads: 37.1, offPercent: -5.714 },
      tolerance: 0.001,
      source: 'by hand: 35 x 0.94 and 35 x 1.06',
    },
  ],
});
