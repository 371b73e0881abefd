/** Plates of compressor and condensing units, heaters, transformers, lamps and batteries. Names: common practice. */
import { certain } from '../certain';
import { mark } from '../fields/field';
import { loadMarks } from '../fields/load-marks';
import { AMPS, plateFieldsOf, printedAs, VOLTS } from '../fields/print';
import { hertz, maker, phases, serial, standardMark, type } from '../fields/plate-marks';
import { linesOf, type Laid } from '../plates/layout';
import { toNumber } from '../plates/characters';
import { single } from '../plates/print-patterns';
import type { Hit, PlateDefinition } from '../plates/plate-field';
import type { Table } from '../plates/plate-field';

const compressorLra = printedAs(loadMarks.lockedRotorAmps, {
  kind: 'number',
  names: ['COMPRESSOR LRA', 'COMP. LRA', 'COMP LRA', ...certain(certain(loadMarks.lockedRotorAmps.print).names)],
});
const heaterKilowatts = printedAs(loadMarks.kilowatts, {}, { recovery: 'Cold resistance of the element: V²/R, a little high.' });
const batteryVolts = printedAs(
  loadMarks.plateVolts,
  { names: ['NOMINAL VOLTAGE', 'VOLTS', 'V'], units: { VDC: 1, V: 1 } },
  { recovery: 'Count the cells; lead acid has 2 V each.' },
);
const fanHp = mark(
  'fanHorsepower',
  'Fan power',
  'number',
  { unit: 'hp', names: ['FAN HP', 'HP'], units: { HP: 1 }, max: 100 },
  'Shaft power of the fan.',
  'The fan motor’s own plate.',
);
const maximumFuse = mark(
  'maximumFuseAmps',
  'Max. fuse',
  'number',
  { unit: 'A', names: ['MAXIMUM FUSE SIZE', 'MAXIMUM FUSE', 'MAX. FUSE SIZE', 'MAX. FUSE', 'MAX FUSE'], units: AMPS, max: 2000 },
  'Largest fuse the unit allows. Where it names fuses only, a breaker is not allowed.',
  'Not to be guessed: the plate binds the choice.',
);
const maximumBreaker = mark(
  'maximumBreakerAmps',
  'Max. breaker',
  'number',
  {
    unit: 'A',
    names: [
      'MAX. CKT. BKR. (HACR TYPE)',
      'MAX. CKT. BKR.',
      'MAX CKT BKR',
      'MAX. BREAKER',
      'MAX BREAKER',
      'MAX. HACR BREAKER',
      'MAXIMUM CIRCUIT BREAKER',
    ],
    units: AMPS,
    max: 2000,
  },
  'Largest breaker the unit allows; HACR where it says so.',
  'Not to be guessed: the plate binds the choice.',
);
const voltageRange = mark(
  'voltageRange',
  'Voltage range',
  'range',
  { unit: 'V', names: ['VOLTAGE RANGE', 'UTILIZATION RANGE', 'VOLT RANGE', 'VOLTAGE MIN/MAX'], units: VOLTS, min: 50, max: 1000 },
  'Volts within which the unit may run.',
  'Nominal volts plus and minus 10 % is usual; do not assume it.',
);
const refrigerant = mark(
  'refrigerant',
  'Refrigerant',
  'text',
  { names: ['REFRIGERANT', 'REFRIG.'] },
  'Kind of refrigerant; no electrical rating.',
  'Never open the circuit to find out.',
);
const charge = mark('chargeText', 'Charge', 'text', { names: ['FACTORY CHARGE', 'CHARGE'] }, 'Mass of refrigerant.', 'Maker’s sheet.');
const pressure = (id: string, label: string, names: string[]) =>
  mark(
    id,
    label,
    'number',
    { unit: 'psig', names, units: { PSIG: 1, PSI: 1 }, max: 2000 },
    'Design pressure of that side.',
    'Maker’s sheet.',
  );
const sccr = mark(
  'shortCircuitRatingAmps',
  'Short-circ. rating',
  'number',
  { unit: 'A', names: ['SHORT-CIRCUIT CURRENT', 'SHORT CIRCUIT CURRENT', 'SCCR'], units: { KA: 1000, A: 1 }, min: 1000, max: 200000 },
  'Fault current it stands with the protection the maker names.',
  'Not known until found; never assumed.',
);

/** A unit's table: one row for the compressor, one for the fan; a dash means it does not apply. */
function unitTable(table: Table): Hit[] | undefined {
  const at = (names: string[]) => table.heads.findIndex((head) => names.includes(head.field?.id ?? head.column ?? ''));
  const rla = at(['ratedLoadAmps']);
  const compressor = table.rows.find((row) => /COMP/i.test(row.lead?.text ?? ''));
  const fan = table.rows.find((row) => /FAN|BLOWER/i.test(row.lead?.text ?? ''));
  if (rla < 0 || (!compressor && !fan && table.rows.length < 2)) return undefined;
  const first = compressor ?? table.rows[0];
  const second = fan ?? table.rows.find((row) => row !== first);
  const hits: Hit[] = [];
  const take = (row: Table['rows'][number] | undefined, column: number, field: string, text = false) => {
    const cell = row?.cells[column];
    const printed = cell && /\d[\d./, -]*/.exec(cell.text)?.[0].trim();
    if (!cell || !printed) return;
    const value = text && /[/-]/.test(printed) ? printed.replace(/\s/g, '') : toNumber(printed);
    if (typeof value === 'string' || Number.isFinite(value)) hits.push({ field, value, start: cell.start, end: cell.end });
  };
  take(first, at(['plateVolts']), 'plateVolts', true);
  take(first, at(['phases']), 'phases');
  take(first, at(['hertz']), 'hertz');
  take(first, rla, 'ratedLoadAmps');
  take(first, at(['lockedRotorAmps']), 'lockedRotorAmps');
  take(second, at(['fanFullLoadAmps']), 'fanFullLoadAmps');
  take(second, at(['fanHorsepower']), 'fanHorsepower');
  return hits;
}

/** "DESIGN PRESS. HIGH 450 PSIG   LOW 250 PSIG", where the sides are on one line. */
function designPressures(laid: Laid): Hit[] {
  return linesOf(laid).flatMap(({ text, start }) => {
    const match = /PRESS\w*\.?\s+HIGH\s+(\d{2,4})\s?PSIG?(?:\s+LOW\s+(\d{2,4})\s?PSIG?)?/i.exec(text);
    if (!match) return [];
    const place = (group: string, from: number) => ({
      start: start + text.indexOf(group, from),
      end: start + text.indexOf(group, from) + group.length,
    });
    return [
      { field: 'designPressureHighPsig', value: Number(match[1]), ...place(certain(match[1]), match.index) },
      ...(match[2]
        ? [
            {
              field: 'designPressureLowPsig',
              value: Number(match[2]),
              ...place(match[2], match.index + match[0].length - match[2].length - 6),
            },
          ]
        : []),
    ];
  });
}

const kva = mark(
  'ratedKva',
  'Rating',
  'number',
  { unit: 'VA', names: ['RATING', 'KVA', 'VA'], units: { KVA: 1000, VA: 1 }, bare: true, max: 1e8 },
  'Apparent power that it carries for good.',
  'Core size and the maker’s sheet; the primary device only bounds it.',
);
const impedance = mark(
  'impedancePercent',
  'Impedance',
  'number',
  { unit: '%', names: ['IMPEDANCE', '%IMP', 'IMP.', 'IMP', 'UK', '%Z', 'Z'], units: { '%': 1 }, min: 0.5, max: 20 },
  'Short-circuit impedance: it sets the fault current behind the transformer.',
  'Maker’s sheet; the lowest likely value counts for interrupting.',
);
const primary = mark(
  'primaryVolts',
  'Primary',
  'volts',
  { unit: 'V', names: ['PRIMARY VOLTAGE', 'PRIMARY', 'PRI.', 'PRI', 'H.V.', 'HV'], units: VOLTS, min: 5, max: 40000 },
  'Volts of the winding that is fed.',
  'The system that feeds it, from the drawing.',
);
const secondary = mark(
  'secondaryVolts',
  'Secondary',
  'volts',
  { unit: 'V', names: ['SECONDARY VOLTAGE', 'SECONDARY', 'SEC.', 'SEC', 'L.V.', 'LV'], units: VOLTS, min: 5, max: 1000 },
  'Volts at full load; unloaded it reads a few percent more.',
  'From the drawing, or measured under load by the site’s rules.',
);
const vector = mark(
  'vectorGroup',
  'Connection',
  'word',
  { words: ['Dyn11', 'Dyn5', 'Dyn1', 'Yyn0', 'Yzn5', 'Dd0', 'Yy0', 'Yd11'], bare: true },
  'Winding connection and phase shift.',
  'The drawing; terminals alone do not show it.',
);

const capacity = mark(
  'ampHours',
  'Capacity',
  'number',
  { unit: 'h', names: ['CAPACITY', 'AH'], units: { AH: 1 }, bare: true, max: 10000 },
  'Charge it gives at its rated rate, ampere-hours.',
  'Maker’s sheet by type; age takes from it.',
);
const internalOhms = mark(
  'internalOhms',
  'Internal ohms',
  'number',
  { unit: 'ohm', names: ['INTERNAL RESISTANCE', 'RI'], units: { MΩ: 0.001, MOHM: 0.001, Ω: 1, OHM: 1 }, max: 10 },
  'Resistance inside: volts over it bounds the fault current.',
  'Battery tester; never by shorting it.',
);
const chemistry = mark(
  'chemistry',
  'Chemistry',
  'word',
  {
    bare: true,
    words: ['lead-acid', 'VRLA', 'NiCd', 'Li-ion', 'LiFePO4'],
    printed: { 'LEAD ACID': 'lead-acid', AGM: 'VRLA', 'NI-CD': 'NiCd', LFP: 'LiFePO4', 'LI-ION': 'Li-ion' },
  },
  'What it is made of; it decides charge volts and handling.',
  'On the case; never opened to see.',
);

export const unitPlates: readonly PlateDefinition[] = [
  {
    id: 'hermetic-compressor',
    title: 'Compressor unit',
    side: 'load',
    readTable: unitTable,
    special: designPressures,
    fields: plateFieldsOf([
      loadMarks.plateVolts,
      phases,
      hertz,
      loadMarks.ratedLoadAmps,
      compressorLra,
      loadMarks.fanFullLoadAmps,
      fanHp,
      loadMarks.minimumCircuitAmps,
      maximumFuse,
      maximumBreaker,
      loadMarks.maximumOvercurrentAmps,
      voltageRange,
      refrigerant,
      charge,
      pressure('designPressureHighPsig', 'High side', ['HIGH SIDE', 'HIGH', 'HI SIDE']),
      pressure('designPressureLowPsig', 'Low side', ['LOW SIDE', 'LOW', 'LO SIDE']),
      pressure('testPressureHighPsig', 'Test pressure', ['TEST PRESSURE']),
      sccr,
      maker,
      type,
      serial,
    ]),
    cues: [
      [/\bRLA\b|COMPRESSOR|CONDENSING|REFRIGERANT|HACR|CIRCUIT AMPACITY|\bMCA\b|\bMOCP\b/i, 4],
      [/R-?\d{3}[A-Z]?\b/i, 3],
      [/PSIG/i, 3],
    ],
  },
  {
    id: 'resistive-heater',
    title: 'Heater',
    side: 'load',
    fields: plateFieldsOf([
      heaterKilowatts,
      loadMarks.watts,
      loadMarks.plateVolts,
      loadMarks.resistiveAmps,
      phases,
      hertz,
      maker,
      type,
      serial,
    ]),
    special: (laid) => single(laid, 'phases', /(?<![\d.,])([13])\s?~(?!\s?\d)/, (m) => Number(m[1])),
    cues: [
      [/HEATER|ELEMENT|IMMERSION/i, 6],
      [/\bKW\b|\bWATTS?\b/i, 1],
    ],
  },
  {
    id: 'transformer',
    title: 'Transformer',
    side: 'load',
    fields: plateFieldsOf([
      kva,
      primary,
      secondary,
      impedance,
      phases,
      hertz,
      vector,
      standardMark(['IEC 60076-1', 'IEC 61558-2-2', 'UL 506', 'UL 1561']),
      maker,
      type,
      serial,
    ]),
    special: (laid) =>
      single(laid, 'secondaryVolts', /(?:SECONDARY|SEC\.?|LV)\s{0,3}(\d{3})\s?Y\s?\/\s?(\d{3})\s?V?/i, (m) => `${m[1]}/${m[2]}`),
    cues: [[/TRANSFORMER|\bKVA\b|%\s?Z|IMPEDANCE|PRIMARY|SECONDARY|\bDYN?\d/i, 5]],
  },
  {
    id: 'lamp-bank',
    title: 'Lamps',
    side: 'load',
    fields: plateFieldsOf([
      loadMarks.watts,
      loadMarks.plateVolts,
      loadMarks.runningAmps,
      loadMarks.inrushPeakAmps,
      loadMarks.lampKind,
      hertz,
      maker,
      type,
    ]),
    cues: [[/\bLAMP|LED\b.*(DRIVER|W\b)|HALOGEN|BALLAST|LUMINAIRE|FLUORESCENT|SODIUM/i, 5]],
  },
  {
    id: 'battery',
    title: 'Battery',
    side: 'load',
    fields: plateFieldsOf([batteryVolts, capacity, internalOhms, chemistry, maker, type, serial]),
    cues: [[/\bAH\b|BATTERY|VRLA|LEAD[ -]ACID|NI-?CD|LI-?ION/i, 6]],
  },
];
