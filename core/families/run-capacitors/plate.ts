/** A run capacitor's plate: sections, tolerance, volts, temperatures, life. Names: common practice; classes of IEC 60252-1, from memory. */
import { hertz, maker, mark, serial, sheet, standard, type } from '../../plates/common-fields';
import { toNumber } from '../../plates/characters';
import { linesOf, type Laid } from '../../plates/layout';
import { single } from '../../plates/forms';
import type { Hit, PlateDefinition } from '../../plates/plate-field';

/** "40 + 7.5 µF", "45 MFD": one or two sections. "uF" often reads as "pF": run capacitors are never that small. */
function sections(laid: Laid): Hit[] {
  const match = /(?<![A-Z0-9.,])(\d{1,3}(?:[.,]\d{1,2})?)(?:\s?[+/]\s?(\d{1,2}(?:[.,]\d{1,2})?))?\s?(?:[µUPIHJ]F|MFD|MF)(?![A-Z])/i.exec(
    laid.text,
  );
  if (!match) return [];
  const value = [toNumber(match[1]!), ...(match[2] ? [toNumber(match[2])] : [])];
  return value.every((n) => n >= 0.5 && n <= 200)
    ? [{ field: 'microfarads', value: value.length === 1 ? value[0]! : value, start: match.index, end: match.index + match[0].length }]
    : [];
}

/** "-40°C +70°C", "-25/85/21", "MAX 70°C". */
function temperatures(laid: Laid): Hit[] {
  const both = /(-\s?\d{2})\s?°?\s?C?\s*(?:\/|TO|\.\.\.?|\s)\s*\+?\s?(\d{2,3})\s?°\s?C/i.exec(laid.text);
  if (!both) {
    // One temperature alone is the highest of its case.
    const alone = [...laid.text.matchAll(/(?<![-\d/.,])(\d{2,3})\s?°\s?C(?![A-Z])/gi)];
    const only = alone.length === 1 ? alone[0]! : undefined;
    return only ? [{ field: 'maxCaseC', value: Number(only[1]), start: only.index, end: only.index + only[0].length }] : [];
  }
  const split = both.index + both[1]!.length;
  return [
    { field: 'minCaseC', value: Number(both[1]!.replace(/\s/g, '')), start: both.index, end: split },
    { field: 'maxCaseC', value: Number(both[2]), start: split, end: both.index + both[0].length },
  ];
}

function terminals(laid: Laid): Hit[] {
  return linesOf(laid).flatMap(({ text, start }) => {
    const match = /(?:^|\s)(C(?:OM)?\s+(?:HERM|FAN)(?:\s+(?:HERM|FAN))?)(?=\s|$)/i.exec(text);
    return match
      ? [
          {
            field: 'terminals',
            value: match[1]!.replace(/\s+/g, ' ').toUpperCase(),
            start: start + match.index + match[0].indexOf(match[1]!),
            end: start + match.index + match[0].length,
          },
        ]
      : [];
  });
}

export const runCapacitorPlate: PlateDefinition = {
  id: 'run-capacitor',
  title: 'Run capacitor',
  side: 'device',
  fields: [
    maker,
    type,
    serial,
    standard(['IEC 60252-1', 'UL 810', 'EN 60252-1'], {}),
    mark(
      'microfarads',
      'Capacitance',
      'numbers',
      { unit: 'µF', names: ['CAPACITANCE'], units: { MFD: 1, UF: 1, µF: 1 }, min: 0.5, max: 200 },
      'Capacitance; two figures are the compressor’s and the fan’s section.',
      'Capacitance meter, discharged and disconnected; the motor’s plate is the authority.',
    ),
    mark(
      'tolerancePercent',
      'Tolerance',
      'number',
      { unit: '%', names: ['TOLERANCE', 'TOL.', 'TOL', '±'], units: { '%': 1 }, min: 1, max: 20 },
      'How far off a good one may be. Tighter may replace looser.',
      '±5 or ±6 % is usual; do not assume it.',
    ),
    mark(
      'ratedVolts',
      'Volts AC',
      'numbers',
      { unit: 'V', names: ['VOLTS', 'UN'], units: { VAC: 1, 'V AC': 1, 'V~': 1, VOLTS: 1, V: 1 }, bareUnit: true, min: 100, max: 1000 },
      'Rated AC volts; of two figures the lowest counts for a match. Never less than the old one.',
      'Not recoverable by measuring: the motor’s plate or the maker.',
    ),
    { ...hertz, id: 'hertz' },
    mark('minCaseC', 'Down to', 'number', { unit: '°C', min: -60, max: 20 }, 'Lowest temperature of the case.', sheet),
    mark(
      'maxCaseC',
      'Case up to',
      'number',
      { unit: '°C', names: ['MAX. TEMP', 'MAX TEMP', 'MAX.', 'MAX'], units: { '°C': 1, C: 1 }, min: 40, max: 110 },
      'Highest temperature of the case; life halves for each 8 to 10 K above.',
      sheet,
    ),
    mark(
      'faultCurrentAmps',
      'Fault current',
      'number',
      { unit: 'A', names: ['PROTECTED', 'P0', 'P2'], units: { AFC: 1, 'A FC': 1 }, bareUnit: true, min: 100, max: 20000 },
      'Protected type: it disconnects itself at that fault current. It needs room above its lid.',
      sheet,
    ),
    mark('terminals', 'Terminals', 'text', {}, 'C common, HERM compressor, FAN fan.', 'Capacitance meter between terminals, discharged.'),
    mark(
      'protection',
      'Safety class',
      'word',
      { words: ['S0', 'S1', 'S2', 'S3', 'P0', 'P1', 'P2'], bareUnit: true },
      'Behaviour as it fails (IEC 60252-1).',
      sheet,
    ),
    mark(
      'kind',
      'Duty',
      'word',
      {
        names: [],
        words: ['run', 'start'],
        printed: {
          'MOTOR RUN': 'run',
          'MOTOR START': 'start',
          'RUN CAPACITOR': 'run',
          'START CAPACITOR': 'start',
          'MOTOR RUN CAPACITOR': 'run',
        },
        bareUnit: true,
      },
      'Run stays in circuit; a start capacitor in its place bursts.',
      'Metal can is run, black moulded case usually start.',
    ),
  ],
  special: (laid) => [
    ...sections(laid),
    ...temperatures(laid),
    ...terminals(laid),
    ...single(laid, 'tolerancePercent', /[±+t]\/?-?\s?(\d{1,2})\s?%/i, (m) => Number(m[1])),
  ],
  cues: [
    [/CAPACITOR/i, 6],
    [/\d\s?([µu]F|MFD)/i, 5],
    [/\bHERM\b|\bAFC\b|NO PCB/i, 4],
    [/\bRPM\b|\bHP\b/i, -4],
  ],
};
