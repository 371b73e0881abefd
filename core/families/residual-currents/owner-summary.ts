/**
 * What does the owner of the building get told? One page in plain words: what it does, what was found, what goes in and why, what it
 * does not do, and what stays to be done. No price is known here and none is made up. What each type serves: core/residual; the rest is
 * common practice.
 */
import { numberMark, figuresMark } from '../../case/case';
import type { JudgedNeed, JudgedPart } from '../../matching/judge';
import type { Need } from '../../needs/need';
import { formatQuantity as q } from '../../quantities/format-quantity';
import { termOf } from '../../quantities/terms';
import { frontEndOf, smoothDcBound, typesFor } from '../../residual/leakage';
import type { NeedContext, PlainPart } from '../contract';

/** Why a line matters to somebody who does not know the trade; lines that are not here are named by their term. */
const matters: Record<string, string> = {
  'residual-type': 'It does not notice every kind of leakage that this equipment can cause: on such a fault it stays on.',
  'protection-class': 'It is not of the class that protects people.',
  'sensitivity-people': 'It waits for more leakage than a person can stand.',
  'sensitivity-fire': 'It waits for more leakage than what can start a fire.',
  'sensitivity-touch': 'With the earth electrode that is there, metal could carry a dangerous voltage before it switches off.',
  'standing-leakage': 'The equipment leaks a little in ordinary service, and that alone may switch it off.',
  'overcurrent-part': 'It has no protection from overload and short circuit, and nothing else here has it.',
  upstream: 'More current may pass through it than it is made for.',
  'conditional-rating': 'A short circuit may destroy it.',
  interrupting: 'A short circuit may destroy it.',
  poles: 'It does not switch every conductor that it must.',
  'people-time': 'It switches off too slowly for a person.',
  'selective-delay': 'A fault in one place would switch off the whole building.',
  'selective-ratio': 'A fault in one place would switch off the whole building.',
};

const wrongWith = (lines: readonly JudgedNeed[], practice: NeedContext['practice']): string[] => [
  ...new Set(lines.map((line) => matters[line.need.id] ?? `${termOf(line.quantity, practice)} is not what the place asks for.`)),
];

function found({ practice }: NeedContext, removed: JudgedPart | null): string[] {
  if (!removed) return ['The device that was there has not been read.'];
  const fell = removed.lines.filter(({ verdict }) => verdict === 'fails');
  if (fell.length > 0) return ['The device that was there is not the right one for this place.', ...wrongWith(fell, practice)];
  if (removed.verdict === 'not-known')
    return ['Whether the device that was there is the right one could not be said: something on it could not be read.'];
  return ['The device that was there is of the right kind. It is replaced because it is worn or has failed.'];
}

function goesIn({ practice, load, supply }: NeedContext, needs: readonly Need[]): string[] {
  const limitOf = (id: string) => needs.find((need) => need.id === id)?.ways[0].limit;
  const most = ['sensitivity-people', 'sensitivity-touch', 'sensitivity-fire'].map(limitOf).filter((one) => typeof one === 'number');
  const kinds = limitOf('protection-class');
  const front = frontEndOf(load, supply);
  const types = front ? typesFor(front.electronics, smoothDcBound(load)).serves : [];
  return [
    ...(Array.isArray(kinds) ? [`One of class ${kinds.join(' or ')}.`] : []),
    ...(practice === 'IEC' && types.length > 0
      ? [
          `One of type ${types.join(' or ')}: what is connected here decides that, and a simpler type would look the same and not work on every fault.`,
        ]
      : []),
    ...(practice === 'IEC' && front?.electronics === 'ev-charger' && smoothDcBound(load) === undefined
      ? ['A charger whose plate says that it detects smooth direct current of 6 mA itself may have a type A.']
      : []),
    ...(practice === 'IEC' && front === null ? ['Its type is open until it is known what electronics is connected.'] : []),
    ...(most.length > 0 ? [`It switches off at ${q(Math.min(...figuresMark(most)), 'mA')} of leakage or less.`] : []),
  ];
}

/** Returns the page, heading by heading. Judged lines only: what is not known is said to be so. */
export function plainWords(context: NeedContext, needs: readonly Need[], removed: JudgedPart | null): PlainPart[] {
  const inGoes = goesIn(context, needs);
  const upstream = numberMark(context.supply, 'upstreamOvercurrentAmps');
  return [
    {
      heading: 'What this device does',
      sentences: [
        'It compares the current that goes out with the current that comes back. Where some is missing, it flows through something it should not, perhaps a person, and the device switches off.',
      ],
    },
    { heading: 'What was found', sentences: found(context, removed) },
    {
      heading: 'What goes in',
      sentences: inGoes.length > 0 ? inGoes : ['What goes in is not known yet: what it feeds must be read first.'],
    },
    {
      heading: 'What it costs',
      sentences: [
        'Prices are not known here. As a rule a type that notices more, and one with overload protection built in, costs more; a cheaper one that does not fit is no saving. Ask for the price of the part and of the work apart.',
      ],
    },
    {
      heading: 'What it does not do',
      sentences: [
        'It does not notice somebody who touches two live conductors at once.',
        typeof upstream === 'number'
          ? `It does not replace the ${q(upstream, 'A')} fuse or breaker before it: that stays, for overload and short circuit.`
          : 'It replaces no fuse or breaker unless it has that protection built in.',
      ],
    },
    {
      heading: 'What stays to be done',
      sentences: [
        'A licensed electrician fits it with the supply off and tests it with an instrument before it is handed over; ask for the readings.',
        'Press its test button as often as its plate says. The button shows that it can switch off, not how fast.',
        'Tell the electrician before a charger, a heat pump, a solar inverter or a variable-speed machine is connected: the type may have to change.',
      ],
    },
  ];
}
