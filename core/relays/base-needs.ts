/**
 * Need lines of where a relay is put and how its coil is wired: base, polarity, contact forms, enclosure.
 * A base that differs is a check with the rewiring listed, never a fit. Source: common practice.
 */
import { numberMark, wordMark } from '../case/case';
import { field, needLine, wordLine } from '../needs/line';
import type { ContactFigure, Need } from './figures';
import type { NeedContext } from '../families/contract';
import { atLeastAsTight } from './layout';

export function socketNeed({ supply }: NeedContext): Need[] {
  const socket = wordMark(supply, 'socket');
  if (socket === undefined) return [];
  return [
    wordLine({
      id: 'base',
      quantity: 'base',
      limit: socket === null ? null : [socket],
      group: 'fit',
      severity: 'should',
      brief: 'base fitted',
      because:
        socket === null
          ? 'Which base is fitted is not known: look at it, or count its terminals.'
          : `The base fitted is ${socket}; another one is changed together with its wiring, wire by wire.`,
      source: 'commonPractice',
      inputs: ['supply.socket'],
    }),
  ];
}

function pinNeed({ supply }: NeedContext): Need[] {
  const pin = numberMark(supply, 'coilPositivePin');
  if (pin === undefined || supply.controlKind === 'ac') return [];
  const line = wordLine({
    id: 'coil-polarity',
    quantity: 'coilPolarity',
    limit: ['either way round'],
    figure: field('eitherWayRound'),
    group: 'coil',
    safety: true,
    because:
      pin === null
        ? 'Which pin is wired to plus is not known; reversed, a diode in the relay shorts its driver.'
        : `Plus is wired to pin ${pin}. Reversed, a diode shorts the driver and a polarised coil does not pull in; a lamp alone stays dark. Makers differ: read the diagram.`,
    source: 'commonPractice',
    inputs: ['supply.coilPositivePin'],
  });
  return [
    {
      ...line,
      ways: [
        line.ways[0],
        {
          quantity: 'coilPositivePin',
          unit: '',
          relation: 'includes',
          figure: field('positivePins'),
          limit: pin,
          upperEdge: field('workingPins'),
        },
      ],
    },
  ];
}

/** On AC a free-wheel diode is a short circuit, and a polarised coil is a DC coil. */
function alternatingNeed({ supply }: NeedContext): Need[] {
  if (supply.controlKind !== 'ac') return [];
  return [
    wordLine({
      id: 'coil-suppression',
      quantity: 'coilSuppression',
      figure: field('polarity'),
      limit: ['not polarised', 'led'],
      group: 'coil',
      safety: true,
      because: 'The control supply is AC: a free-wheel diode across the coil is a short circuit on it.',
      source: 'commonPractice',
      inputs: ['supply.controlKind'],
    }),
  ];
}

type Forms = Record<string, unknown>;
const formsOf = (mark: unknown): Forms | null | undefined => (mark === null ? null : typeof mark === 'object' ? { ...mark } : undefined);

/** Contacts by form: a changeover may stand in for a make or a break contact, never the other way. */
export function formNeeds({ load }: NeedContext): Need[] {
  const forms = formsOf(load.contactForms);
  if (forms === undefined) return [];
  const worn = forms === null || Object.values(forms).includes(null);
  const of = (form: string) => (worn ? 0 : Number(forms?.[form] ?? 0));
  const [changeovers, makes, breaks, double] = [of('SPDT'), of('SPST-NO'), of('SPST-NC'), of('SPST-NO-DM')];
  const line = (id: string, quantity: ContactFigure, limit: number | null, because: string) =>
    needLine({
      id,
      quantity,
      unit: 'count',
      limit,
      group: 'fit',
      brief: 'in use',
      because,
      source: 'commonPractice',
      inputs: ['load.contactForms'],
    });
  if (worn) return [line('contact-forms', 'contactsInAll', null, 'Which contacts are in use is not known.')];
  return [
    ...(changeovers > 0 ? [line('changeovers', 'changeovers', changeovers, `${changeovers} changeover contacts are in use.`)] : []),
    ...(makes + double > 0
      ? [
          line(
            'make-contacts',
            'makeContacts',
            changeovers + makes + double,
            `${makes + double} make contacts are in use beside ${changeovers} changeovers.`,
          ),
        ]
      : []),
    ...(breaks > 0
      ? [
          line(
            'break-contacts',
            'breakContacts',
            changeovers + breaks,
            `${breaks} break contacts are in use beside ${changeovers} changeovers.`,
          ),
        ]
      : []),
    ...(makes + double > 0 && breaks > 0
      ? [line('contacts-in-all', 'contactsInAll', changeovers + makes + breaks + double, 'Make and break contacts together.')]
      : []),
    ...(double > 0 ? [line('double-make', 'doubleMakeContacts', double, 'A double-make contact opens the circuit in two places.')] : []),
  ];
}

/** Enclosures that surroundings ask for at least. Common practice. */
const surroundings: readonly [pattern: RegExp, least: string, words: string][] = [
  [/flammable dust/, 'sealed', 'Flammable dust'],
  [/oil/, 'wash-tight', 'Oil mist'],
  [/damp|moist/, 'wash-tight', 'Damp air'],
  [/corros/, 'sealed', 'Corrosive air'],
  [/dust/, 'dust-cover', 'Dust'],
];

export function enclosureNeeds({ load }: NeedContext): Need[] {
  const needs: Need[] = [];
  const accepted = load.enclosureNeeded;
  if (accepted === null || (Array.isArray(accepted) && accepted.length > 0))
    needs.push(
      wordLine({
        id: 'enclosure',
        quantity: 'enclosure',
        limit: accepted as string[] | null,
        group: 'fit',
        because: accepted === null ? 'Which enclosure is needed here is not known.' : 'These enclosures are accepted here.',
        source: 'relayEnclosures',
        inputs: ['load.enclosureNeeded'],
      }),
    );
  const around = wordMark(load, 'environment');
  if (around === undefined) return needs;
  const text = (around ?? '').toLowerCase();
  // Where the enclosures accepted here are listed, somebody has looked at the gas; the caution stays.
  if (needs.length === 0 && /gas|vapour|vapor/.test(text))
    needs.push(
      wordLine({
        id: 'gas',
        quantity: 'enclosureGas',
        figure: field('enclosure'),
        limit: ['sealed', 'hermetically-sealed'],
        verdictCap: 'check',
        group: 'safety',
        safety: true,
        because:
          'Flammable gas is possible: a contact that is not sealed can light it. A sealed relay is not certified equipment either: ask for the zone or class and take certified equipment.',
        source: 'commonPractice',
        inputs: ['load.environment'],
      }),
    );
  const found = surroundings.find(([pattern]) => pattern.test(text));
  if (around === null || (found && needs.length === 0))
    needs.push(
      wordLine({
        id: 'surroundings',
        quantity: 'enclosureSurroundings',
        figure: field('enclosure'),
        limit: found ? atLeastAsTight(found[1]) : null,
        group: 'fit',
        severity: found?.[2] === 'Flammable dust' ? 'must' : 'should',
        because: found ? `${found[2]} around it: ${found[1]} or tighter.` : 'The surroundings are not known.',
        source: 'relayEnclosures',
        inputs: ['load.environment'],
      }),
    );
  return needs;
}

/** A base and the wiring of the coil. */
export const baseNeeds = (context: NeedContext): Need[] => [...socketNeed(context), ...pinNeed(context), ...alternatingNeed(context)];
