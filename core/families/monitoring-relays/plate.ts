/** A monitoring relay's plate: what it watches, its setting ranges, wires and output. Names: common practice. */
import {
  contactForm,
  contactRatings,
  maker,
  mark,
  serial,
  sheet,
  standard,
  terminalsMark,
  torque,
  type,
  VOLTS,
} from '../../plates/common-fields';
import { toNumber } from '../../plates/characters';
import { contactRatingRows, single, terminalNumbers } from '../../plates/forms';
import type { Laid } from '../../plates/layout';
import type { Hit, PlateDefinition } from '../../plates/plate-field';
import type { Table } from '../../plates/tables';

const percent = (id: string, label: string, names: string[], meaning: string) =>
  mark(id, label, 'range', { unit: '%', names, units: { '%': 1 }, min: 0.1, max: 200 }, meaning, 'The ends of the dial.');
const delay = (id: string, label: string, names: string[], meaning: string) =>
  mark(
    id,
    label,
    'range',
    { unit: 's', names, units: { SEC: 1, S: 1 }, min: 0.01, max: 999 },
    meaning,
    'The ends of the dial; a stopwatch on the bench.',
  );

const columns = [
  { column: 'undervoltagePercent', names: ['U <', 'U<', 'UC<', 'UNDERVOLTAGE', 'UNDER'], unit: '%' },
  { column: 'overvoltagePercent', names: ['U >>', 'U>>', 'U >', 'U>', 'OVERVOLTAGE', 'OVER'], unit: '%' },
  { column: 'asymmetryPercent', names: ['ASYMMETRY', 'ASYM.', 'ASYM', 'UNBALANCE', 'UNBAL.'], unit: '%' },
  { column: 'delaySeconds', names: ['DELAY T', 'DELAY', 'TRIP DELAY', 'T'], unit: 's' },
];
const RANGE = /(\d{1,3}(?:[.,]\d{1,2})?)\s?%?\s?-\s?(\d{1,3}(?:[.,]\d{1,2})?)/;

/** Dials with their ranges printed under them. */
function dials(table: Table): Hit[] | undefined {
  const hits = table.heads.flatMap((head, j): Hit[] => {
    const row = table.rows.find(({ cells }) => cells[j] && RANGE.test(cells[j]!.text));
    const cell = row?.cells[j];
    const range = cell && RANGE.exec(cell.text);
    if (!head.column || !cell || !range) return [];
    const value = [toNumber(range[1]!), toNumber(range[2]!)];
    return value[0]! < value[1]! ? [{ field: head.column, value, start: cell.start, end: cell.end }] : [];
  });
  return hits.length > 0 ? hits : undefined;
}

export const monitoringRelayPlate: PlateDefinition = {
  id: 'monitoring-relay',
  title: 'Monitoring relay',
  side: 'device',
  fields: [
    maker,
    type,
    serial,
    standard(['IEC 60255-1', 'IEC 60255-27', 'UL 508'], { 'EN 60255-1': 'IEC 60255-1' }),
    mark(
      'nominalVoltsRange',
      'Nominal volts',
      'range',
      { unit: 'V', names: ['UN', 'NOMINAL', 'SUPPLY'], units: VOLTS, bareUnit: true, min: 20, max: 1000, tail: { hertz: 'nominalHertz' } },
      'Nominal volts that it can be set to; between phases or to neutral, as it says.',
      'Dial or sheet; the system is the authority.',
    ),
    mark(
      'nominalVolts',
      'Nominal volts',
      'coil',
      { unit: 'V', names: ['UN', 'NOMINAL', 'SUPPLY'], units: VOLTS, min: 20, max: 1000, tail: { hertz: 'nominalHertz' } },
      'Nominal volts that it can be set to.',
      'Dial or sheet; the system is the authority.',
    ),
    mark(
      'nominalHertz',
      'Hertz',
      'hertz',
      { unit: 'Hz', names: ['HZ'], units: { HZ: 1 }, bareUnit: true, max: 400 },
      'Frequencies it works on.',
      'The system’s frequency.',
    ),
    mark(
      'phases',
      'Phases',
      'number',
      { unit: 'count', units: { '-PHASE': 1, '~': 1, PHASE: 1 }, bareUnit: true, min: 1, max: 3 },
      'Phases watched.',
      'Count the terminals L1 to L3.',
    ),
    mark(
      'wires',
      'Wires',
      'number',
      { unit: 'count', names: ['WIRES'], units: { '-WIRE': 1, WIRE: 1, W: 1 }, bareUnit: true, min: 2, max: 4 },
      'Conductors watched; four with the neutral. A 4-wire relay without its neutral reads nonsense.',
      'A terminal N means four.',
    ),
    percent('undervoltagePercent', 'Undervoltage', ['U <', 'U<', 'UNDERVOLTAGE'], 'Range of the lower limit, in percent of nominal.'),
    percent('overvoltagePercent', 'Overvoltage', ['U >>', 'U>>', 'U >', 'OVERVOLTAGE'], 'Range of the upper limit, in percent of nominal.'),
    percent(
      'asymmetryPercent',
      'Asymmetry',
      ['ASYMMETRY', 'ASYM.', 'UNBALANCE'],
      'Range of the unbalance limit; makers reckon it in two ways.',
    ),
    delay('delaySeconds', 'Trip delay', ['TRIP DELAY', 'DELAY T', 'DELAY'], 'How long a fault must last before it drops out.'),
    delay(
      'restartDelaySeconds',
      'Restart delay',
      ['RESTART DELAY', 'RESTART', 'ON DELAY'],
      'How long it waits after the supply is well again.',
    ),
    mark(
      'phaseFailure',
      'Phase loss',
      'flag',
      { names: ['PHASE FAILURE', 'PHASE LOSS'] },
      'Sees a missing phase; a running motor can feed it back.',
      sheet,
    ),
    mark(
      'phaseSequence',
      'Sequence',
      'flag',
      { names: ['PHASE SEQUENCE', 'PHASE REVERSAL', 'SEQUENCE'] },
      'Sees phases in the wrong order.',
      sheet,
    ),
    contactForm,
    contactRatings,
    terminalsMark,
    torque,
  ],
  columns,
  readTable: dials,
  special: (laid: Laid) => [
    ...contactRatingRows(laid),
    ...single(laid, 'wires', /([234])\s?-\s?WIRE/i, (m) => Number(m[1])),
    ...single(laid, 'phases', /(?<![\d.,-])([13])\s?-?\s?PHASE(?! (?:FAIL|SEQ|LOSS|REV))/i, (m) => Number(m[1])),
    ...single(laid, 'phases', /(?<![\d.,-])([13])\s?~/, (m) => Number(m[1])),
  ],
  derive: (_, laid) => {
    const contacts = [...laid.text.matchAll(/(?<![\d-])([12][1568])-([12][1568])-([12][1568])(?![\d-])/g)].flatMap((m) => [
      m[1]!,
      m[2]!,
      m[3]!,
    ]);
    const lines = terminalNumbers(laid).filter((m) => /^(L[1-3]|N)$/.test(m));
    return contacts.length + lines.length >= 3 ? [{ field: 'terminals', value: [...lines, ...contacts].join(' '), start: 0, end: 0 }] : [];
  },
  cues: [
    [/MONITORING|PHASE FAILURE|PHASE SEQUENCE|ASYM/i, 6],
    [/U\s?<|U\s?>/i, 3],
    [/[34]-WIRE/i, 2],
  ],
};
