/** Standing leakage of several loads on one residual-current device: share of its rating, and how many circuits to divide into. BS 7671 531.3.2. */
import { certain } from '../certain';
import { standingShare } from '../standards/residual-current';
import { answer, numberInput, worksheet } from './contract';

const groups = ['first', 'second', 'third'] as const;

export const leakageSum = worksheet({
  id: 'leakage-sum',
  subject: 'protection',
  title: 'Sum of standing leakage',
  question: 'Do these loads stay on one residual-current device, or into how many circuits are they divided?',
  inputs: [
    numberInput('ratedMilliamps', 'Rated residual current', 'mA', { min: 5, max: 3000 }, 30, 'I-delta-n of the device.'),
    ...groups.flatMap((group, i) => [
      numberInput(`${group}Count`, `Loads, ${group}`, 'count', { min: 0, max: 500 }, certain([8, 2, 1][i]), 'How many alike.', i > 0),
      numberInput(
        `${group}Milliamps`,
        `Each leaks, ${group}`,
        'mA',
        { min: 0, max: 100 },
        certain([0.7, 1.5, 3.5][i]),
        'In service, by plate or leakage clamp.',
        i > 0,
      ),
    ]),
  ],
  compute: (v) => {
    const rated = v.ratedMilliamps;
    const parts = groups.map((group) => [v[`${group}Count`] ?? 0, v[`${group}Milliamps`] ?? 0] as const);
    const sum = parts.reduce((total, [count, each]) => total + count * each, 0);
    const share = sum / rated;
    const circuits = Math.max(1, Math.ceil(share / standingShare.advised - 1e-9));
    const words =
      share > standingShare.most
        ? 'More than half: it may trip without a fault.'
        : share > standingShare.advised
          ? 'Above 30 %: it holds, with little room for a damp day.'
          : 'Within 30 %.';
    return answer(
      [
        { name: 'sumMilliamps', label: 'Sum', value: sum, unit: 'mA' },
        { name: 'sharePercent', label: 'Share of the rating', value: share * 100, unit: '%' },
        { name: 'circuits', label: 'Circuits to divide into', value: circuits, unit: '' },
      ],
      [
        `${
          parts
            .filter(([count]) => count > 0)
            .map(([count, each]) => `${count} x ${each} mA`)
            .join(' + ') || '0 mA'
        } = ${Number(sum.toPrecision(6))} mA`,
        `${Number(sum.toPrecision(6))} / ${rated} mA = ${(share * 100).toFixed(1)} %`,
      ],
      [
        words,
        'Leakage of single-phase filters adds up; that of three phases partly cancels until a phase is missing. Divided circuits also leave fewer in the dark at once.',
      ],
    );
  },
  sources: ['standingLeakage'],
  checks: [
    {
      values: { ratedMilliamps: 30, firstCount: 11, firstMilliamps: 1.2 },
      expect: { sumMilliamps: 13.2, sharePercent: 44, circuits: 2 },
      tolerance: 1e-9,
      source: 'by hand: 13.2 / 30',
    },
    {
      values: { ratedMilliamps: 30, firstCount: 9, firstMilliamps: 1 },
      expect: { sharePercent: 30, circuits: 1 },
      tolerance: 1e-9,
      source: 'BS 7671 531.3.2, at 30 %, from memory',
    },
    {
      values: { ratedMilliamps: 100, firstCount: 10, firstMilliamps: 3, secondCount: 2, secondMilliamps: 3.5 },
      expect: { sumMilliamps: 37, circuits: 2 },
      tolerance: 1e-9,
      source: 'by hand: 30 + 7 mA',
    },
  ],
});
