/**
 * Plates of motors: NEMA and IEC, three-phase and single-phase. Names and synonyms: common practice; marks of MG 1 and
 * IEC 60034-1 from memory.
 */
import { certain } from '../certain';
import { mark, type Field } from '../fields/field';
import { loadMarks } from '../fields/load-marks';
import { AMPS, plateFieldsOf } from '../fields/print';
import { hertz, ipRating, maker, phases, rpm, serial, standardMark, type } from '../fields/plate-marks';
import { torque } from '../fields/mounting-fields';
import { single } from '../plates/print-patterns';
import { toNumber } from '../plates/characters';
import type { Hit, PlateDefinition } from '../plates/plate-field';
import type { Laid } from '../plates/layout';
import type { Table } from '../plates/plate-field';
import { readCell } from '../plates/tables';

const serviceFactorAmps = mark(
  'serviceFactorAmps',
  'Amps at SF',
  'numbers',
  { unit: 'A', names: ['SERVICE FACTOR AMPS', 'S.F. AMPS', 'S.F.A.', 'SFA', 'SF AMPS'], units: AMPS, max: 10000 },
  'Current at service-factor load; not the setting of the overload.',
  'Maker’s sheet.',
);
const efficiencyClass = mark(
  'efficiencyClass',
  'IE class',
  'word',
  { words: ['IE1', 'IE2', 'IE3', 'IE4', 'IE5'], bare: true },
  'Efficiency class (IEC 60034-30-1). IE3 and up start harder than older motors.',
  'Maker’s sheet.',
);
const design = mark(
  'design',
  'Design',
  'letter',
  { names: ['NEMA DESIGN', 'DESIGN', 'DES.', 'DES'], words: ['A', 'B', 'C', 'D', 'N', 'H'] },
  'Torque and starting-current design letter; it is not the code letter.',
  'Maker’s sheet. Design B is usual; do not assume it.',
);
const insulation = mark(
  'insulationClass',
  'Insulation',
  'letter',
  {
    names: [
      'INSULATION CLASS',
      'INS. CL.',
      'INS CL',
      'INS CLASS',
      'INS.',
      'INS',
      'ISO.KL.',
      'TH. CL.',
      'TH.CL.',
      'ISOL. CL.',
      'CL.',
      'CLASS',
    ],
    words: ['A', 'E', 'B', 'F', 'H'],
  },
  'Temperature class of the winding.',
  'Maker’s sheet.',
);
const ambientC = mark(
  'ambientC',
  'Ambient',
  'number',
  {
    unit: '°C',
    names: ['MAX. AMB.', 'MAX AMB', 'AMB. TEMP', 'AMBIENT', 'AMB.', 'AMB', 'TU', 'TA'],
    units: { '°C': 1, 'DEG C': 1, C: 1 },
    min: 20,
    max: 90,
  },
  'Highest air temperature at which the rating holds.',
  '40 °C is usual, but do not assume it.',
);
const frame = mark(
  'frame',
  'Frame',
  'text',
  { withDigit: true, names: ['FRAME SIZE', 'FRAME', 'FR.', 'FR'] },
  'Mounting size: shaft height and feet; no electrical rating.',
  'Measure shaft height and foot holes.',
);
const dutyMark = mark(
  'dutyMark',
  'Duty',
  'word',
  {
    names: ['DUTY', 'TIME RATING', 'RATING'],
    words: ['CONT', 'CONT AO', 'S1', 'S2', 'S3', 'S4', 'S6', '30 MIN', '60 MIN'],
    printed: { CONTINUOUS: 'CONT', 'CONT.': 'CONT' },
    bare: true,
  },
  'How long it may run: continuous, or in periods (S1 to S10).',
  'Maker’s sheet; an intermittent motor is not to be run for good.',
);
const enclosure = mark(
  'enclosure',
  'Enclosure',
  'word',
  { names: ['ENCLOSURE', 'ENCL.', 'ENCL', 'ENC'], words: ['TEFC', 'TENV', 'ODP', 'TEAO', 'TEBC', 'XPRF', 'WPI', 'WPII'], bare: true },
  'How it is closed and cooled.',
  'Look: a fan under a cowl is TEFC, open slots are ODP.',
);
const weight = mark(
  'massKg',
  'Mass',
  'number',
  { unit: 'kg', units: { KG: 1 }, bare: true, max: 50000 },
  'Mass, to choose the hoist.',
  'Weigh it.',
);
const weightLb = mark(
  'weightLb',
  'Weight',
  'number',
  { unit: 'lb', names: ['WEIGHT LB', 'WT. LB', 'WT LB', 'WT LBS', 'WEIGHT', 'WT'], units: { LBS: 1, LB: 1 }, bare: true, max: 100000 },
  'Weight, to choose the hoist.',
  'Weigh it.',
);
const bearing = (id: string, label: string, names: string[]) =>
  mark(id, label, 'text', { names, withDigit: true }, 'Bearing, by its number.', 'The number is on the ring.');
const bearings = [
  bearing('bearingDriveEnd', 'Bearing, drive', ['BRG D.E.', 'BRG DE', 'LAGER AS', 'DE BRG', 'BEARING DE']),
  bearing('bearingOppositeEnd', 'Bearing, other', ['BRG O.D.E.', 'BRG ODE', 'LAGER BS', 'BRG NDE', 'NDE BRG', 'OPP D.E.']),
];
const connection = mark(
  'connection',
  'Connection',
  'text',
  {},
  'Delta (D) or star (Y), in the order of the volts.',
  'The links in the terminal box.',
);
const at60 = mark(
  'ratingAt60Hz',
  'At 60 Hz',
  'rows',
  {},
  'A second set of figures at 60 Hz; read the row of the supply in hand.',
  'Maker’s sheet.',
);
const usable208 = mark(
  'usableAt208VoltsAmps',
  'Usable at 208 V',
  'number',
  { unit: 'A', names: ['USABLE AT 208V', 'USABLE @ 208V', 'AMPS @ 208V', '208V AMPS'], units: AMPS, max: 10000 },
  'Current where a 230 V motor is run on 208 V.',
  'The 208 V column of NEC table 430.250.',
);
const protectedMark = mark(
  'thermallyProtected',
  'Protector',
  'flag',
  { names: ['THERMALLY PROTECTED', 'THERM. PROT.', 'THERMAL PROTECTION', 'THERMAL PROTECTOR'] },
  'Has a thermal protector inside; automatic ones start again by themselves.',
  'Maker’s sheet; continuity does not show it.',
);
const runCapacitor = mark(
  'runCapacitorMicrofarads',
  'Run capacitor',
  'number',
  {
    unit: 'µF',
    names: ["CAPACITOR REQ'D", 'RUN CAPACITOR', 'RUN CAP.', 'RUN CAP', 'CAPACITOR', 'CAP.', 'CAP', 'CR'],
    units: { MFD: 1, UF: 1, µF: 1 },
    bare: true,
    min: 0.5,
    max: 200,
  },
  'Run capacitor that the motor needs; the motor’s plate is the authority.',
  'Volts across it and amps in its lead while it runs give it; only under the site’s rules.',
);

const standards = standardMark(['IEC 60034-1', 'IEC 60034', 'NEMA MG 1'], {
  'MG 1': 'NEMA MG 1',
  'EN 60034-1': 'IEC 60034-1',
  'IEC 34-1': 'IEC 60034-1',
});
const shared: readonly Field[] = [
  loadMarks.plateVolts,
  loadMarks.fullLoadAmps,
  loadMarks.lockedRotorAmps,
  loadMarks.codeLetter,
  loadMarks.lockedRotorRatio,
  phases,
  hertz,
  loadMarks.serviceFactor,
  serviceFactorAmps,
  loadMarks.powerFactor,
  loadMarks.efficiency,
  rpm,
  design,
  insulation,
  ambientC,
  frame,
  dutyMark,
  enclosure,
  ipRating,
  efficiencyClass,
  connection,
  at60,
  usable208,
  ...bearings,
  weight,
  weightLb,
  standards,
  maker,
  type,
  serial,
  { ...torque, plateOnly: true as const },
];

/** Signs for delta and star behind the volts. */
function connections(laid: Laid): Hit[] {
  return single(laid, 'connection', /(?<=V |V|\d )(?:[ΔDA4]\s?\/\s?[YV])(?=[ \n\d]|$)/, () => 'D/Y').map((hit) => ({
    ...hit,
    end: hit.start,
  }));
}

/** "208-230/460", "230/400 Δ/Y", "Mot. 3~" and the like need no form of their own; "3~" is phases. */
function phaseSign(laid: Laid): Hit[] {
  return [
    ...single(laid, 'phases', /(?<![\d.,])([13])\s?~(?!\s?\d)/, (m) => Number(m[1])),
    ...single(laid, 'phases', /\bTHREE[ -]PHASE\b/i, () => 3),
    ...single(laid, 'phases', /\bSINGLE[ -]PHASE\b/i, () => 1),
  ].slice(0, 1);
}

/** Rows of figures at 50 and 60 Hz: the first fills the fields, one at 60 Hz beside it is kept as its own set. */
function motorTable(table: Table): Hit[] | undefined {
  const at = (id: string) => table.heads.findIndex((head) => head.field?.id === id);
  if (table.rows.length < 2 || at('plateVolts') < 0 || at('hertz') < 0) return undefined;
  const figure = (row: number, id: string): number | undefined => {
    const text = at(id) < 0 ? undefined : table.rows[row]?.cells[at(id)]?.text;
    const n = text === undefined ? NaN : toNumber(/\d+(?:[.,]\d+)?/.exec(text)?.[0] ?? '');
    return Number.isFinite(n) ? n : undefined;
  };
  const second = table.rows.findIndex((_, i) => i > 0 && figure(i, 'hertz') === 60);
  if (second < 0) return undefined;
  const cells = certain(table.rows[second]).cells.filter((cell) => cell !== undefined);
  const percent = figure(second, 'efficiency');
  const set = {
    volts: figure(second, 'plateVolts'),
    kilowatts: figure(second, 'kilowatts'),
    fullLoadAmps: figure(second, 'fullLoadAmps'),
    powerFactor: figure(second, 'powerFactor'),
    rpm: figure(second, 'rpm'),
    efficiency: percent === undefined ? undefined : percent > 1 ? percent / 100 : percent,
  };
  const known = Object.fromEntries(Object.entries(set).filter(([, v]) => v !== undefined));
  const main = table.heads.flatMap((head, j): Hit[] => {
    const cell = certain(table.rows[0]).cells[j];
    const read = cell && readCell(cell, head, certain(motorPlates[0]));
    return cell && read && head.field ? [{ field: head.field.id, value: read.value, start: cell.start, end: cell.end }] : [];
  });
  return [...main, { field: 'ratingAt60Hz', value: [known], start: certain(cells[0]).start, end: certain(cells[0]).end }];
}

const SYSTEM = '(?:110|115|120|127|200|208|220|230|240|265|277|346|380|400|415|440|460|480|500|525|550|575|600|660|690)';
/** Sets of system volts are known by themselves: their unit or name may be worn. */
export const systemVolts = (laid: Laid): Hit[] =>
  single(laid, 'plateVolts', new RegExp(`(?<![\\d.,/-])${SYSTEM}(?: ?[/-] ?${SYSTEM}){1,3}(?![\\d.,/-])(?! ?(?:A|HZ|MFD|RPM)\\b)`), (m) =>
    m[0].replace(/ /g, ''),
  );

/** Symbols that print and pictures spoil: cos φ, min-1, Ia/In. */
const symbols = (laid: Laid): Hit[] => [
  ...single(laid, 'powerFactor', /\bcos[ ]?[^\s\d]{0,2}[ ]{0,4}(0[.,]\d{1,3})(?!\d)/i, (m) => toNumber(certain(m[1]))),
  ...single(laid, 'rpm', /(?<![\d.,/])(\d{3,5})[ ]{0,3}min[^\w\n]{0,3}[ ]{0,3}-?1?(?![\dA-Z])/i, (m) => Number(m[1])),
  ...single(laid, 'lockedRotorRatio', /(?<![A-Z0-9/])[I1l|][aAsS]?[ ]?\/[ ]?[I1l|][A-Za-z,.]?[ ]{1,4}(\d{1,2}[.,]\d)(?!\d)/, (m) =>
    toNumber(certain(m[1])),
  ),
];

const motorSpecial = (laid: Laid): Hit[] => [...phaseSign(laid), ...connections(laid), ...symbols(laid)];

export const motorPlates: readonly PlateDefinition[] = [
  {
    id: 'motor-3ph',
    title: 'Three-phase motor',
    side: 'load',
    fields: plateFieldsOf([loadMarks.horsepower, loadMarks.kilowatts, ...shared]),
    special: motorSpecial,
    fallback: systemVolts,
    readTable: motorTable,
    cues: [
      [/INDUCTION MOTOR|THREE PHASE|3\s?~\s*MOT|MOT\w*\.?\s*3\s?~/i, 5],
      [/\bIE[1-5]\b|COS ?.|NOM\.? EFF|IA\/IN/i, 3],
      [/\b(HP|KW)\b/i, 1],
      [/\bRPM\b|MIN-1/i, 2],
      [/\b(FRAME|CODE|DES|ENCL|TEFC)\b/i, 2],
      [/\bPH\s*3\b|\b3\s*PH\b/i, 2],
      [/230\/460|230\/400|400\/690/, 2],
    ],
  },
  {
    id: 'motor-1ph',
    title: 'Single-phase motor',
    side: 'load',
    fields: plateFieldsOf([loadMarks.horsepower, loadMarks.kilowatts, ...shared, runCapacitor, loadMarks.runCapacitorVolts, protectedMark]),
    fallback: systemVolts,
    special: (laid) => [
      ...motorSpecial(laid),
      ...single(laid, 'runCapacitorVolts', /(?<=(?:[µupIHlj]F|MFD)\s{1,3})(\d{3})\s?V(?:\s?AC|\s?DB)?/i, (m) => Number(m[1])),
    ],
    cues: [
      [/CAPACITOR REQ|RUN CAP|THERMALLY PROTECTED|CAPACITOR START/i, 4],
      [/\bPH\s*1\b|\b1\s*PH\b|SINGLE PHASE|1\s?~/i, 3],
      [/\bRPM\b|MIN-1/i, 2],
      [/\b(HP|KW)\b/i, 1],
      [/\b(FAN|BLOWER|PUMP) MOTOR\b/i, 3],
    ],
  },
];
