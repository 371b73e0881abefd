/**
 * Marks that many plates carry and no case asks for, once each. Names and synonyms: common practice; standards' letter symbols (Ue, Ie, Ith, Ui,
 * Uimp, In, Icu, Ics, Icw) as in IEC 60947-1, from memory. ALF is no synonym of FLA: it is refused as ambiguous.
 */
import { mark, word, type Declared } from './field';
import { sheet, VOLTS } from './print';

export const standardMeaning = 'The standard settles what the figures mean; a national prefix with the same number is the same standard.';

export const maker = mark(
  'maker',
  'Maker',
  'text',
  { names: ['MANUFACTURER', 'MFR', 'MAKER'] },
  'Who made it. It plays no part in a match.',
  'Not needed: a part is chosen by its ratings.',
);
export const type = mark(
  'type',
  'Type',
  'text',
  { names: ['CAT. NO.', 'CAT NO', 'CAT.', 'CAT', 'MODEL NO', 'MODEL', 'TYPE', 'TYP', 'MOD'] },
  'A name for a set of ratings; it identifies, it does not specify.',
  'Side of the base, inside of the cover, stamped in the carrier. Write ? for each character that cannot be read: the search takes it for any one.',
);
export const serial = mark(
  'serial',
  'Serial',
  'text',
  { withDigit: true, names: ['SERIAL NO', 'SERIAL', 'SER. NO.', 'SER. NO', 'SER.', 'SER', 'NR.', 'NO.', 'N°'] },
  'Number of this one piece.',
  'Not needed for a match.',
);
export const rpm = mark(
  'rpm',
  'Speed',
  'number',
  {
    unit: 'rpm',
    names: ['R.P.M.', 'RPM', 'MIN-1', 'R/MIN', 'SPEED'],
    units: { RPM: 1, 'MIN-1': 1, 'R/MIN': 1, 'MIN¯1': 1, '1/MIN': 1 },
    bare: true,
    min: 50,
    max: 36000,
  },
  'Speed at rated load; just under the synchronous speed.',
  'Poles from the drawing or the frame; a tachometer at light load comes near.',
);
export const hertz = mark(
  'hertz',
  'Hertz',
  'hertz',
  { unit: 'Hz', names: ['FREQUENCY', 'HERTZ', 'HZ', 'CY'], units: { HZ: 1, CYCLES: 1 }, bare: true, max: 400 },
  'Frequency of the supply.',
  'The system’s frequency from the drawing.',
);
export const phases = mark(
  'phases',
  'Phase',
  'number',
  { unit: 'count', names: ['PHASES', 'PHASE', 'PH'], units: { PHASE: 1, PH: 1, '~': 1 }, bare: true, min: 1, max: 3 },
  'Phases of the supply that it needs.',
  'Count the line terminals in the box, dead.',
);
/** As seen: what a mark says of a component is not what it says of a listed device. */
export const approvals = mark(
  'approvalMarks',
  'Approval marks',
  'text',
  { names: ['APPROVAL MARKS', 'APPROVALS', 'CERTIFICATIONS'] },
  'Marks as they are seen on it. A recognised component is judged inside other equipment; a listed device by itself.',
  'Look on every side, in raised letters too; absent is a finding of its own.',
);
export const deratingNote = mark(
  'deratingNote',
  'Derating note',
  'text',
  { names: ['DERATING', 'DERATE'] },
  'What the cover says of heat, height or neighbours: it binds the rating.',
  'Often under the cover or on the side of the case.',
);
export const contactMaterial = mark(
  'contactMaterial',
  'Contact material',
  'word',
  {
    names: ['CONTACT MATERIAL'],
    words: ['AgNi', 'AgSnO2', 'AgCdO', 'AgNi + Au', 'AgW'],
    printed: { AGNI: 'AgNi', AGSNO2: 'AgSnO2', AGCDO: 'AgCdO', 'AGNI+AU': 'AgNi + Au', 'AGNI + AU': 'AgNi + Au', AGW: 'AgW' },
  },
  'Gold passes small signals, tin oxide and tungsten stand inrush and welding; silver-nickel is the common one.',
  'The maker’s sheet by type; it cannot be seen.',
);
export const wireTemp = mark(
  'wireTempC',
  'Wire',
  'numbers',
  { unit: '°C', names: ['USE'], units: { '°C WIRE': 1, '°C COPPER': 1, '°C CU': 1, '°C': 1 }, min: 60, max: 200 },
  'Temperature class of the conductors it may be wired with.',
  sheet,
);
export const ipRating = mark(
  'ipRating',
  'IP',
  'word',
  {
    words: ['IP00', 'IP20', 'IP21', 'IP22', 'IP23', 'IP30', 'IP40', 'IP41', 'IP44', 'IP54', 'IP55', 'IP56', 'IP65', 'IP66', 'IP67', 'IP68'],
    printed: Object.fromEntries(
      ['00', '20', '21', '22', '23', '30', '40', '41', '44', '54', '55', '56', '65', '66', '67', '68'].map((n) => [`IP ${n}`, `IP${n}`]),
    ),
    bare: true,
  },
  'Protection of the enclosure against solids and water (IEC 60529).',
  'Maker’s sheet; a gasket and a drain plug suggest it only.',
);

export const currentKind = mark(
  'currentKind',
  'AC or DC',
  'word',
  { words: ['ac', 'dc', 'ac/dc'], printed: { '~': 'ac' } },
  'Kind of current it is marked for; ~ is AC. Without a DC mark it is not rated for DC.',
  sheet,
);

/** Contact arrangement, as printed or by its letters. */
export const contactForm = mark(
  'contactForm',
  'Contacts',
  'word',
  {
    names: ['CONTACT FORM', 'CONTACTS', 'OUTPUT'],
    bare: true,
    words: ['SPST-NO', 'SPST-NC', 'SPDT', 'DPDT', '3PDT', '4PDT', 'DPST-NO'],
    printed: {
      '1 C/O': 'SPDT',
      '1C/O': 'SPDT',
      '1 CO': 'SPDT',
      '1CO': 'SPDT',
      '2 C/O': 'DPDT',
      '2C/O': 'DPDT',
      '2 CO': 'DPDT',
      '2CO': 'DPDT',
      '3 C/O': '3PDT',
      '3C/O': '3PDT',
      '4 C/O': '4PDT',
      '4C/O': '4PDT',
      '1 NO': 'SPST-NO',
      '1 NC': 'SPST-NC',
      SPST: 'SPST-NO',
    },
  },
  'How many contacts change over, make or break.',
  'Continuity with the coil off finds common and rest; never assume a pinout.',
);
export const pins = mark(
  'pins',
  'Pins',
  'number',
  { unit: 'count', units: { '-PIN': 1, PINS: 1, PIN: 1 }, bare: true, min: 3, max: 20 },
  'Pins of the base; 8 and 11 round, 14 flat are usual.',
  'Count them. The numbers on the base decide, not the shape.',
);
export const terminalsMark = mark(
  'terminals',
  'Terminals',
  'text',
  {},
  'Terminal numbers: x1-x2 opens, x3-x4 makes, x1-x2-x4 changes over.',
  'The diagram by type; continuity with the device dead.',
);

export const insulationVolts = mark(
  'insulationVolts',
  'Ui',
  'number',
  { unit: 'V', names: ['UI'], units: VOLTS, min: 50, max: 1500 },
  'Insulation voltage; no switching rating.',
  sheet,
);
export const impulseVolts = mark(
  'impulseVolts',
  'Uimp',
  'number',
  { unit: 'V', names: ['UIMP', 'U IMP', 'UNP'], units: { KV: 1000 }, bare: true, min: 300, max: 20000 },
  'Impulse that the insulation withstands, as a peak.',
  sheet,
);

/** The standard marked, of those that this kind of plate prints, where a line asks for it. */
export const standardField = <const W extends string>(
  words: readonly W[],
  printed: Record<string, string> = {},
): Declared<'standard', 'word', W> =>
  word('standard', 'Standard', words, standardMeaning, { print: { names: ['STANDARD', 'STD'], printed, bare: true }, recovery: sheet });

/** The same where no line asks for it. */
export const standardMark = <const W extends string>(
  words: readonly W[],
  printed: Record<string, string> = {},
): Declared<'standard', 'word', W> & { readonly plateOnly: true } => ({
  ...standardField(words, printed),
  plateOnly: true,
});

/** Volts for which a device is made, as printed: two figures of a breaker are a slash rating. */
export const ratedVoltsMark = (meaning: string) =>
  mark(
    'ratedVolts',
    'Rated voltage',
    'numbers',
    {
      unit: 'V',
      names: ['RATED VOLTAGE', 'VOLTS', 'UE', 'UN'],
      units: { ...VOLTS, 'VOLTS AC': 1, 'V AC': 1, 'V DC': 1 },
      bare: true,
      min: 5,
      max: 1500,
      tail: { kind: 'currentKind', hertz: 'hertz' },
    },
    meaning,
    'The body’s side or the maker’s sheet. No DC figure printed means not rated for DC.',
  );
