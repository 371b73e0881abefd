/** Marks of a run capacitor. Names and synonyms: common practice. */
import type { MarksOf } from '../../fields/mark-types';
import { capacitorLifeClasses, capacitorProtections, capacitorSections } from '../../fields/capacitor-fields';
import { declared, mark, num, text, upTo, word, type Field } from '../../fields/field';
import { maker, serial, standardMeaning, type, approvals } from '../../fields/plate-marks';
import { sheet } from '../../fields/print';

/** Classes of newer editions of IEC 60252-1, from memory. */
const newerClasses = ['P0', 'P1', 'P2'];

export const runCapacitorFields = [
  maker,
  type,
  serial,
  approvals,
  text('standard', 'Standard', standardMeaning, {
    print: { kind: 'word', names: ['STANDARD', 'STD'], bare: true, known: ['IEC 60252-1', 'UL 810', 'EN 60252-1'] },
    recovery: sheet,
  }),
  mark(
    'microfarads',
    'Capacitance',
    'numbers',
    { unit: 'µF', min: 0.5, max: 200, names: ['CAPACITANCE'], units: { MFD: 1, UF: 1, µF: 1 } },
    'Capacitance; two figures are the compressor’s and the fan’s section.',
    'Capacitance meter, discharged and disconnected; the motor’s plate is the authority.',
  ),
  num('tolerancePercent', 'Tolerance', '%', { min: 1, max: 20 }, 'How far off a good one may be. Tighter may replace looser.', {
    print: { names: ['TOLERANCE', 'TOL.', 'TOL', '±'], units: { '%': 1 } },
    recovery: '±5 or ±6 % is usual; do not assume it.',
  }),
  num(
    'ratedVolts',
    'Rated voltage, AC',
    'V',
    { min: 100, max: 1000 },
    'Rated AC volts; of two figures the lowest counts for a match. Never less than the old one.',
    {
      short: 'Volts AC',
      print: { kind: 'numbers', names: ['VOLTS', 'UN'], units: { VAC: 1, 'V AC': 1, 'V~': 1, VOLTS: 1, V: 1 }, bare: true },
      recovery: 'Not recoverable by measuring: the motor’s plate or the maker.',
    },
  ),
  declared({
    name: 'hertz',
    label: 'Frequency',
    kind: 'hertz',
    unit: 'Hz',
    above: 0,
    max: 400,
    meaning: 'Frequency of the supply.',
    print: { names: ['FREQUENCY', 'HERTZ', 'HZ', 'CY'], units: { HZ: 1, CYCLES: 1 }, bare: true },
    recovery: 'The system’s frequency from the drawing.',
  }),
  mark('minCaseC', 'Down to', 'number', { unit: '°C', min: -60, max: 20 }, 'Lowest temperature of the case.', sheet),
  num(
    'maxCaseC',
    'Maximum case temperature',
    '°C',
    { min: 40, max: 110 },
    'Highest temperature of the case; life halves for each 8 to 10 K above.',
    { short: 'Max. case', print: { names: ['MAX. TEMP', 'MAX TEMP', 'MAX.', 'MAX'], units: { '°C': 1, C: 1 } }, recovery: sheet },
  ),
  mark(
    'faultCurrentAmps',
    'Fault current',
    'number',
    { unit: 'A', min: 100, max: 20000, names: ['PROTECTED', 'P0', 'P2'], units: { AFC: 1, 'A FC': 1 }, bare: true },
    'Protected type: it disconnects itself at that fault current. It needs room above its lid.',
    sheet,
  ),
  mark('terminals', 'Terminals', 'text', {}, 'C common, HERM compressor, FAN fan.', 'Capacitance meter between terminals, discharged.'),
  word('protection', 'Safety class', [...capacitorProtections, ...newerClasses], 'Behaviour as it fails (IEC 60252-1).', {
    print: { bare: [...capacitorProtections.filter((one) => /^S\d$/.test(one)), ...newerClasses] },
    recovery: sheet,
  }),
  word('kind', 'Duty', ['run', 'start'], 'Run stays in circuit; a start capacitor in its place bursts.', {
    print: {
      bare: true,
      printed: {
        'MOTOR RUN': 'run',
        'MOTOR START': 'start',
        'RUN CAPACITOR': 'run',
        'START CAPACITOR': 'start',
        'MOTOR RUN CAPACITOR': 'run',
      },
    },
    recovery: 'Metal can is run, black moulded case usually start.',
  }),
  declared({
    name: 'sections',
    label: 'Sections',
    kind: 'rows',
    rowFields: [
      word('name', 'Section', capacitorSections, 'What the section serves.'),
      num('microfarads', 'Capacitance', 'µF', upTo(1000), 'Capacitance from common to the terminal of that section.'),
      {
        name: 'parallel',
        label: 'Singles joined',
        kind: 'numbers',
        unit: 'µF',
        above: 0,
        max: 1000,
        meaning: 'Single capacitors joined to make it, each in µF.',
      },
    ],
    meaning: 'Capacitance from common to each terminal; single capacitors joined to make it.',
  }),
  word('lifeClass', 'Life class', capacitorLifeClasses, 'Class of IEC 60252-1: A 30 000 h, B 10 000, C 3 000, D 1 000.'),
  num('measuredAmps', 'Measured running current', 'A', upTo(100), 'Amps in its lead, read on this part while running.', {
    short: 'Running A',
  }),
  num('measuredVolts', 'Measured running voltage', 'V', upTo(1000), 'Volts across it, read on this part while running.', {
    short: 'Running V',
  }),
  declared({
    name: 'reads',
    label: 'Capacitance measured',
    short: 'Measured',
    kind: 'amounts',
    unit: 'µF',
    above: 0,
    max: 100000,
    words: capacitorSections,
    meaning: 'Capacitance by section, read on this part, discharged and disconnected.',
  }),
  text('madeOf', 'Made up of', 'What it is put together from; no line.', { short: 'Made up of' }),
  text('note', 'Note', 'Remark; no line.'),
] as const satisfies readonly Field[];

/** Marks of a part, as a case gives them. */
export type RunCapacitorSpec = MarksOf<typeof runCapacitorFields>;
