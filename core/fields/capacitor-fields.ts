/** Fields of run capacitors, and what the motor's plate asks of them. Words of the open interface; classes of IEC 60252-1 and UL 810. */
import { loadMarks } from './load-marks';
import { declared, num, upTo, word, words, type Field } from './field';

export const capacitorSections = ['motor', 'compressor', 'fan', 'pump'] as const;
export const capacitorProtections = ['S0', 'S1', 'S2', 'S3', 'protected', 'none'] as const;
export const capacitorLifeClasses = ['A', 'B', 'C', 'D'] as const;

const sectionName = word('name', 'Section', capacitorSections, 'What the section serves.');
const microfarads = num('microfarads', 'Capacitance', 'µF', upTo(1000), 'Capacitance from common to the terminal of that section.');

export const capacitorLoadFields = [
  declared({
    name: 'sections',
    label: 'Capacitors on the motor’s plate',
    short: 'Capacitors',
    kind: 'rows',
    rowFields: [sectionName, microfarads],
    meaning: 'Capacitances on the motor’s plate.',
  }),
  loadMarks.runCapacitorVolts,
  num('tolerancePercent', 'Tolerance required', '%', { min: 1, max: 20 }, 'Tolerance on the motor’s plate, where it gives one.', {
    short: 'Tolerance',
  }),
  num('caseTemperatureC', 'Case temperature in service', '°C', { min: -25, max: 120 }, 'Case temperature in service.', {
    short: 'Case temp.',
  }),
  words('protectionNeeded', 'Safety classes accepted', capacitorProtections, 'Safety classes accepted.', { short: 'Safety class' }),
] as const satisfies readonly Field[];
