/** Capacitors joined in parallel to make one: capacitances add, the lowest volts count. Source: parallel capacitances, IEC 60050-131. */
import { certain } from '../certain';
import { inParallel, waysToMake, type Single } from '../families/run-capacitors/combinations';
import { formatQuantity as q } from '../quantities/format-quantity';
import { answer, numberInput, refuse, worksheet } from './contract';

const letters = ['a', 'b', 'c', 'd'] as const;

export const capacitorCombination = worksheet({
  id: 'capacitor-combination',
  subject: 'capacitor',
  title: 'Capacitors put together',
  question: 'Which of these singles, joined in parallel, make exactly what the motor’s plate asks for?',
  inputs: [
    numberInput('wantedMicrofarads', 'Motor’s plate', 'µF', { above: 0, max: 200 }, 37.5, 'Capacitance on the motor’s plate.'),
    numberInput('wantedVolts', 'Its volts', 'V', { above: 0, max: 1000 }, 370, 'Capacitor volts on the motor’s plate.'),
    ...letters.flatMap((letter, i) => [
      numberInput(
        `${letter}Microfarads`,
        `Single ${letter}`,
        'µF',
        { above: 0, max: 200 },
        certain([30, 7.5, 20, 10][i]),
        'On the shelf.',
        i > 0,
      ),
      numberInput(
        `${letter}Volts`,
        `Volts of ${letter}`,
        'V',
        { above: 0, max: 1000 },
        certain([440, 440, 370, 440][i]),
        'Lowest of its marks.',
        i > 0,
      ),
    ]),
  ],
  compute: (v) => {
    const singles = letters.flatMap((letter): Single[] => {
      const [microfarads, volts] = [v[`${letter}Microfarads`], v[`${letter}Volts`]];
      return typeof microfarads === 'number' && typeof volts === 'number'
        ? [{ id: letter, name: `${letter}: ${microfarads} µF`, microfarads, volts }]
        : [];
    });
    const wanted = { microfarads: v.wantedMicrofarads, volts: v.wantedVolts };
    const ways = waysToMake(wanted, singles, letters.length);
    const low = singles.filter(({ volts }) => volts < wanted.volts);
    if (ways.length === 0)
      return refuse(
        `No combination of these makes ${q(wanted.microfarads, 'µF')} at ${q(wanted.volts, 'V')}.${low.length > 0 ? ` ${low.map(({ name }) => name).join(', ')} has too few volts.` : ''} Order the one on the plate.`,
      );
    const [best] = ways;
    const made = inParallel(certain(best));
    return answer(
      [
        { name: 'microfarads', label: 'Together', value: made.microfarads, unit: 'µF' },
        { name: 'volts', label: 'Counts for', value: made.volts, unit: 'V' },
        { name: 'parts', label: 'Parts', value: certain(best).length, unit: '' },
        { name: 'ways', label: 'Ways to make it', value: ways.length, unit: '' },
      ],
      [
        `${certain(best)
          .map(({ microfarads }) => microfarads)
          .join(' + ')} = ${made.microfarads} µF in parallel`,
        `Lowest volts: ${q(made.volts, 'V')}`,
      ],
      [
        'Discharge each first. Both terminals joined to both terminals, each held in its own strap.',
        'In series capacitance falls and volts divide unevenly: no repair.',
      ],
    );
  },
  sources: ['runCapacitors', 'capacitiveReactance'],
  checks: [
    {
      values: { wantedMicrofarads: 50, wantedVolts: 440, aMicrofarads: 30, aVolts: 440, bMicrofarads: 20, bVolts: 660 },
      expect: { microfarads: 50, volts: 440, parts: 2 },
      tolerance: 1e-9,
      source: 'by hand: 30 + 20 µF',
    },
    {
      values: {
        wantedMicrofarads: 25,
        wantedVolts: 370,
        aMicrofarads: 25,
        aVolts: 370,
        bMicrofarads: 15,
        bVolts: 370,
        cMicrofarads: 10,
        cVolts: 370,
      },
      expect: { parts: 1, ways: 2 },
      tolerance: 1e-9,
      source: 'by hand: one alone before two',
    },
  ],
});
