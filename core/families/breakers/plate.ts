/**
 * A breaker's plate: miniature (letter before the amps), North American moulded-case (slash volts, interrupting rating),
 * moulded-case with a table of Icu and Ics by volts, DC, electronic. Icn and Icu are different tests: the standard stays
 * with the figure. Names: common practice; symbols as in IEC 60898-1 and 60947-2, from memory.
 */
import {
  AMPS,
  currentKind,
  hertz,
  maker,
  mark,
  poles,
  ratedAmps,
  ratedVolts,
  serial,
  sheet,
  standard,
  torque,
  type,
  insulationVolts,
  impulseVolts,
} from '../../plates/common-fields';
import { toNumber } from '../../plates/characters';
import { seriesOf, single, wyeVolts } from '../../plates/forms';
import type { Laid } from '../../plates/layout';
import { boxesAndCurve, terminalPoles } from '../../plates/modular-forms';
import type { Hit, PlateDefinition, PlateField } from '../../plates/plate-field';

const curve = mark(
  'curve',
  'Curve',
  'letter',
  { names: ['CURVE', 'CHARACTERISTIC'], words: ['B', 'C', 'D', 'K', 'Z'] },
  'Instantaneous-trip band: the letter fixed to the amps. It says that there is an overcurrent part.',
  sheet,
);
const icn = mark(
  'icnAmps',
  'Icn',
  'number',
  { unit: 'A', names: ['ICN'], units: { KA: 1000, A: 1 }, min: 500, max: 200000 },
  'Short-circuit capacity after IEC 60898-1 or 61009-1: the figure in the long box.',
  'By rule there is no default in IEC practice: not known until found.',
);
const energyClass = mark(
  'energyLimitingClass',
  'Energy class',
  'number',
  { unit: 'count', min: 1, max: 3 },
  'Energy-limiting class: the small box beside the capacity.',
  sheet,
);

/** A table of breaking capacity by volts: "Ue (V) 220/240 380/415 …", "Icu (kA) 65 36 …", "Ics (kA) …". */
function breakingTable(laid: Laid): Hit[] {
  const inVolts = (v: string) => v.split('/').every((n) => Number(n) >= 100 && Number(n) <= 1000);
  const volts = seriesOf(laid, /^.{0,6}(?:\bU.{0,4}V\)?|VOLTS|\(V\))/i).find(({ values }) => values.length >= 2 && values.every(inVolts));
  if (!volts) return [];
  // Ultimate stands over service; the indices are too small to trust in a picture, their order is not.
  const kiloamps = seriesOf(laid, /^.{0,8}(?:\(?KA\)|\bKA\b|\bIC[US]\b)/i).filter(
    ({ start, values }) => start > volts.start && values.length === volts.values.length,
  );
  const icu = kiloamps.find(({ name }) => /I.?CU/i.test(name)) ?? kiloamps[0];
  const ics = kiloamps.find(({ name }) => /I.?CS/i.test(name)) ?? kiloamps.find((row) => row !== icu);
  if (!icu) return [];
  const value = volts.values.map((v, i) => ({
    voltsList: v.split('/').map(Number),
    icuAmps: Math.round(toNumber(icu.values[i]!) * 1000),
    ...(ics ? { icsAmps: Math.round(toNumber(ics.values[i]!) * 1000) } : {}),
  }));
  return [volts, icu, ics].flatMap((row) => (row ? [{ field: 'breaking', value, start: row.start, end: row.end }] : []));
}

const tripRange = mark(
  'tripRangeAmps',
  'Ir',
  'range',
  { unit: 'A', names: ['IR'], units: AMPS, min: 0.1, max: 6300 },
  'Range of the overload setting of the trip unit.',
  'The dial of the trip unit.',
);
const wire: PlateField = mark(
  'wireTempC',
  'Wire',
  'numbers',
  { unit: '°C', names: ['USE'], units: { '°C WIRE': 1, '°C': 1 }, min: 60, max: 200 },
  'Temperature class of the conductors it may be wired with.',
  sheet,
);

export const breakerPlate: PlateDefinition = {
  id: 'breaker',
  title: 'Breaker',
  side: 'device',
  fields: [
    maker,
    { ...type, names: ['CAT. NO.', 'CAT NO', 'MODEL', 'TYPE', 'TYP'] },
    { ...serial, names: [...serial.names.filter((n) => n !== 'NO.'), 'N°'] },
    standard(['UL 489', 'UL 489B', 'UL 1066', 'UL 1077', 'IEC 60898-1', 'IEC 60898-2', 'IEC 60947-2', 'IEC 60934'], {
      'EN 60898-1': 'IEC 60898-1',
      'EN 60898': 'IEC 60898-1',
      'IEC 60898': 'IEC 60898-1',
      'IEC/EN 60898-1': 'IEC 60898-1',
      'EN 60947-2': 'IEC 60947-2',
      'IEC/EN 60947-2': 'IEC 60947-2',
    }),
    curve,
    { ...ratedAmps, names: ['RATED CURRENT', 'IN'] },
    poles,
    ratedVolts('Volts for which it is made. 120/240 or 480Y/277 is a slash rating, not two choices.'),
    currentKind,
    hertz,
    icn,
    energyClass,
    mark(
      'interruptingAmps',
      'Interrupting',
      'number',
      {
        unit: 'A',
        names: ['INTERRUPTING RATING', 'INT. RATING', 'I.R.', 'AIC', 'AIR'],
        units: { 'KA INTERRUPTING RATING': 1000, 'KA IR': 1000, KAIC: 1000, KA: 1000, A: 1 },
        bareUnit: true,
        min: 500,
        max: 200000,
      },
      'Highest fault current it may break at its volts. Unmarked: 5 kA by rule in NFPA 70 practice, not known elsewhere.',
      sheet,
    ),
    mark('breaking', 'Icu, Ics', 'rows', {}, 'Ultimate and service breaking capacity by volts; take the next higher volts’ column.', sheet),
    mark(
      'frameAmps',
      'Frame',
      'number',
      { unit: 'A', names: ['FRAME'], units: AMPS, min: 15, max: 6300 },
      'Size of the body: the largest rating that fits it; no rating by itself.',
      'Measure the body against the maker’s sheet.',
    ),
    insulationVolts,
    impulseVolts,
    mark(
      'tripUnit',
      'Trip unit',
      'text',
      { names: ['TRIP UNIT'] },
      'What trips it: thermal-magnetic, magnetic only, electronic with L, S, I, G.',
      'Dials and a window show the kind.',
    ),
    tripRange,
    mark(
      'instantaneousAmps',
      'Ii',
      'number',
      { unit: 'A', names: ['II', 'IM'], units: AMPS, min: 1, max: 100000 },
      'Instantaneous setting.',
      'The dial of the trip unit.',
    ),
    mark(
      'icwAmps',
      'Icw',
      'number',
      { unit: 'A', names: ['ICW'], units: { KA: 1000, A: 1 }, min: 500, max: 200000 },
      'Current that it stands for a short time without opening.',
      sheet,
    ),
    mark(
      'utilisationCategory',
      'Category',
      'letter',
      { names: ['CATEGORY', 'CAT.', 'CAT'], words: ['A', 'B'] },
      'A opens at once, B may wait so that one downstream goes first.',
      sheet,
    ),
    mark('hacr', 'HACR', 'flag', { names: ['HACR TYPE', 'HACR'] }, 'Listed for heating, air-conditioning and refrigeration groups.', sheet),
    mark(
      'switchingDuty',
      'SWD',
      'flag',
      { names: ['SWD'] },
      'Switching duty: fluorescent lighting at 15 or 20 A; it does not cover HID.',
      sheet,
    ),
    mark('hid', 'HID', 'flag', { names: ['HID'] }, 'Made to switch high-intensity discharge and fluorescent lighting.', sheet),
    mark(
      'maxAmbientC',
      'Calibrated at',
      'number',
      { unit: '°C', names: ['AMBIENT', 'AMB', 'CAL.'], units: { '°C': 1 }, bareUnit: true, min: 20, max: 70 },
      'Ambient at which its rated current holds.',
      'UL 489: 40 °C; IEC 60898: 30 °C unless marked.',
    ),
    torque,
    wire,
    mark('wireRange', 'Wire range', 'text', {}, 'Conductor sizes and metals its terminals take.', sheet),
  ],
  special: (laid) => [
    ...single(laid, 'tripRangeAmps', /\bI[R.,]?\s?(\d{1,4}(?:[.,]\d)?)\s?-\s?(\d{1,4}(?:[.,]\d)?)\s?A(?![A-Z])/i, (m) =>
      toNumber(m[1]!) < toNumber(m[2]!) ? [toNumber(m[1]!), toNumber(m[2]!)] : undefined,
    ),
    ...wyeVolts(laid),
    ...breakingTable(laid),
    ...boxesAndCurve(laid),
    ...single(laid, 'wireRange', /(?:CU\/AL|CU|AL)\s+(?:#?\d{1,2}(?:\/0)?)\s?-\s?(?:#?\d{1,2}(?:\/0)?)\s?AWG/i, (m) => m[0]),
    ...single(laid, 'type', /(?<=^|\n|\s)(?<!HACR )TYPE (?!SWD|HID|HACR)([A-Z][A-Z0-9-]{2,})(?=\s*$|\s{2}|\n)/, (m) => m[0]),
  ],
  derive: (found, laid) => {
    const marks = terminalPoles(laid);
    return marks && !marks.neutral && !found.has('poles')
      ? [{ field: 'poles', value: marks.count, start: marks.start, end: marks.end }]
      : [];
  },
  cues: [
    [/CIRCUIT BREAKER|INTERRUPTING RATING|\bHACR\b|\bSWD\b/i, 5],
    [/60898|60947-2|UL 489/i, 5],
    [/\bIC[USN]\b|TRIP UNIT/i, 4],
    [/(?:^|\s)[BCDKZ]\s?\d{1,2}(?=\s|$)/m, 4],
    [/O-?OFF|I-?ON|\bAIC\b/i, 2],
  ],
};
