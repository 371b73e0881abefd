/** Fields of run capacitors, and what the motor's plate asks of them. Words of the open interface; classes of IEC 60252-1 and UL 810. */
import { num, text, upTo, word, words, type Field } from './field';

export const capacitorSections = ['motor', 'compressor', 'fan', 'pump'] as const;
export const capacitorProtections = ['S0', 'S1', 'S2', 'S3', 'protected', 'none'] as const;
export const capacitorLifeClasses = ['A', 'B', 'C', 'D'] as const;

const sectionName = word('name', 'Section', capacitorSections, 'What the section serves.');
const microfarads = num('microfarads', 'Capacitance', 'µF', upTo(1000), 'Capacitance from common to the terminal of that section.');

export const capacitorLoadFields: readonly Field[] = [
  {
    name: 'sections',
    label: 'Capacitors on the motor’s plate',
    kind: 'rows',
    rowFields: [sectionName, microfarads],
    meaning: 'Capacitances on the motor’s plate.',
  },
  num('runCapacitorVolts', 'Capacitor volts', 'V', { min: 100, max: 1000 }, 'AC volts of the capacitor on the motor’s or unit’s plate.'),
  num('tolerancePercent', 'Tolerance asked for', '%', { min: 1, max: 20 }, 'Tolerance on the motor’s plate, where it gives one.'),
  num('caseTemperatureC', 'Case in service', '°C', { min: -25, max: 120 }, 'Case temperature in service.'),
  words('protectionNeeded', 'Protection accepted', capacitorProtections, 'Safety classes accepted.'),
];

export const runCapacitorFields: readonly Field[] = [
  text('standard', 'Standard', 'Standard marked: IEC 60252-1 or UL 810.'),
  word('kind', 'Duty', ['run', 'start'], 'Run stays in circuit; start is for a moment.'),
  {
    name: 'sections',
    label: 'Sections',
    kind: 'rows',
    rowFields: [
      sectionName,
      microfarads,
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
  },
  num('ratedVolts', 'Volts AC', 'V', { min: 100, max: 1000 }, 'Rated AC volts; of several, the lowest.'),
  { name: 'hertz', label: 'Hertz', kind: 'hertz', unit: 'Hz', above: 0, max: 400, meaning: 'Frequencies marked.' },
  num('tolerancePercent', 'Tolerance', '%', { min: 1, max: 20 }, 'How far off a good one may be.'),
  num('maxCaseC', 'Case up to', '°C', { min: 40, max: 110 }, 'Highest temperature of the case.'),
  word('protection', 'Safety class', capacitorProtections, 'Behaviour as it fails: IEC 60252-1 class, or UL 810 protected.'),
  word('lifeClass', 'Life class', capacitorLifeClasses, 'Class of IEC 60252-1: A 30 000 h, B 10 000, C 3 000, D 1 000.'),
  num('measuredAmps', 'Running amps', 'A', upTo(100), 'Amps in its lead, read on this part while running.'),
  num('measuredVolts', 'Running volts', 'V', upTo(1000), 'Volts across it, read on this part while running.'),
  {
    name: 'reads',
    label: 'Reads',
    kind: 'amounts',
    unit: 'µF',
    above: 0,
    max: 100000,
    words: capacitorSections,
    meaning: 'Capacitance by section, read on this part, discharged and disconnected.',
  },
  text('madeOf', 'Made of', 'What it is put together from; no line.'),
  text('note', 'Note', 'Remark; no line.'),
];
