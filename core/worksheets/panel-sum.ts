/**
 * Sum of the breakers of a panel against its rating.
 * A panel that is fed through its main may carry more breakers than its rating, since the main bounds what flows. Where breakers feed it (several
 * sources without one main) the ratings of all of them together are bounded by its busbars. Source: NFPA 70 408.36 and 705.12(B), from memory.
 */
import { formatQuantity as q } from '../quantities/format-quantity';
import { answer, numberInput, worksheet } from './contract';

export const panelSum = worksheet({
  id: 'panel-sum',
  subject: 'supply',
  title: 'Breakers against a panel’s rating',
  question: 'Do the breakers of this panel stay within its busbars?',
  inputs: [
    numberInput('busAmps', 'Busbars', 'A', { above: 0, max: 10000 }, 225, 'Rating of the panel.'),
    numberInput('mainAmps', 'Main', 'A', { min: 0, max: 10000 }, 200, 'Main breaker; 0 where the panel has lugs alone.'),
    numberInput('breakers', 'Breakers', 'count', { min: 0, max: 200 }, 12, 'Of one rating.'),
    numberInput('breakerAmps', 'Each', 'A', { min: 0, max: 6000 }, 20, 'Their rating.'),
    numberInput('otherAmps', 'Others', 'A', { min: 0, max: 10000 }, 0, 'Sum of all others, main left out.'),
  ],
  compute: (v) => {
    const [bus, main, count, each, others] = [v.busAmps, v.mainAmps, v.breakers, v.breakerAmps, v.otherAmps] as const;
    const sum = count * each + others;
    return answer(
      [
        { name: 'sumAmps', label: 'Sum without the main', value: sum, unit: 'A' },
        { name: 'marginAmps', label: 'Busbars less the sum', value: bus - sum, unit: 'A' },
        { name: 'mainMarginAmps', label: 'Busbars less the main', value: main > 0 ? bus - main : null, unit: 'A' },
      ],
      [`${count} x ${q(each, 'A')} + ${q(others, 'A')} = ${q(sum, 'A')} against ${q(bus, 'A')}`],
      [
        ...(main > bus ? ['The main is larger than the busbars: it does not protect them.'] : []),
        ...(main === 0 && sum > bus
          ? ['Without a main nothing bounds what the breakers may draw together: the feeder’s device must protect the busbars.']
          : []),
        ...(sum > bus ? ['Where other sources feed through breakers here, the sum must stay within the busbars.'] : []),
      ],
    );
  },
  sources: ['panelBusbars'],
  checks: [
    {
      values: { busAmps: 225, mainAmps: 200, breakers: 12, breakerAmps: 20, otherAmps: 0 },
      expect: { sumAmps: 240, marginAmps: -15, mainMarginAmps: 25 },
      tolerance: 1e-9,
      source: 'by hand: 12 x 20 = 240 against 225',
    },
  ],
});
