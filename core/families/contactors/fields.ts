/** Marks of a contactor: contact side and coil side. Names and synonyms: common practice. */
import type { MarksOf } from '../../fields/mark-types';
import { mountingWidth, torque, wireRange } from '../../fields/mounting-fields';
import { coil } from '../../fields/coil-fields';
import { device } from '../../fields/device-marks';
import { declared, mark, num, upTo, word, type Field } from '../../fields/field';
import {
  impulseVolts,
  insulationVolts,
  maker,
  serial,
  standardField,
  terminalsMark,
  type,
  wireTemp,
  approvals,
  deratingNote,
} from '../../fields/plate-marks';
import { AMPS, KILO, sheet } from '../../fields/print';

export const contactorStandards = [
  'IEC 60947-4-1',
  'IEC 60947-4-3',
  'IEC 61095',
  'NEMA ICS 2',
  'UL 508',
  'UL 60947-4-1',
  'UL 60947-4-1 (definite purpose)',
  'UL 60947-4-1 (lighting)',
] as const;

export const contactorFields = [
  maker,
  type,
  serial,
  approvals,
  deratingNote,
  standardField(contactorStandards, { 'IEC/EN 60947-4-1': 'IEC 60947-4-1', 'EN 60947-4-1': 'IEC 60947-4-1' }),
  word(
    'nemaSize',
    'NEMA size',
    ['00', '0', '1', '2', '3', '4', '5', '6', '7', '8', '9'],
    'A NEMA size stands for horsepower at volts and continuous amps.',
    { print: { names: ['NEMA SIZE', 'SIZE'] }, recovery: sheet },
  ),
  { ...device.poles, max: 12 },
  num(
    'continuousAmps',
    'Continuous amps',
    'A',
    upTo(10000),
    'Current of the NEMA size that it carries for good; motors are chosen by horsepower.',
    {
      short: 'Continuous',
      print: { names: ['CONTINUOUS AMPS', 'CONT. AMPS', 'CONT AMPS', 'CONT. CURRENT'], units: AMPS },
      recovery: sheet,
    },
  ),
  mark(
    'thermalAmps',
    'Ith',
    'number',
    { unit: 'A', max: 10000, names: ['ITH', 'I TH'], units: AMPS },
    'Current it carries for eight hours in free air, closed; no switching rating.',
    sheet,
  ),
  mark(
    'ac1Amps',
    'AC-1',
    'number',
    { unit: 'A', max: 10000, names: ['AC-1', 'AC1'], units: AMPS },
    'Rated current for resistive loads.',
    sheet,
  ),
  declared({
    name: 'ratings',
    label: 'Ratings',
    kind: 'rows',
    meaning: 'Each row holds at its volts; read the row of the supply in hand.',
    print: {},
    recovery: sheet,
  }),
  mark('horsepowerAt', 'Horsepower at', 'rows', {}, 'Motor power at volts and phases.', sheet),
  mark(
    'maxVolts',
    'Max. volts',
    'number',
    { unit: 'V', max: 1500, names: ['MAX. VOLTS', 'MAX VOLTS'], units: { 'VAC MAX': 1, 'V MAX': 1, 'V AC MAX': 1 }, bare: true },
    'Highest volts of the contacts.',
    sheet,
  ),
  insulationVolts,
  impulseVolts,
  mark(
    'hertz',
    'Hertz',
    'hertz',
    { unit: 'Hz', max: 400, units: { HZ: 1, CYCLES: 1 }, bare: true },
    'Frequency of the supply.',
    'The system’s frequency from the drawing.',
  ),
  coil.coilVolts,
  coil.coilMarks,
  coil.coilKind,
  coil.coilHertz,
  coil.coilOhms,
  coil.coilWatts,
  coil.coilInrushVA,
  mark(
    'auxContacts',
    'Aux contacts',
    'text',
    {},
    'Auxiliary contacts by their numbers: 3-4 makes, 1-2 breaks.',
    'Continuity, isolated, at rest and pushed in.',
  ),
  num('auxNormallyOpen', 'Auxiliary contacts NO', 'count', { min: 0, max: 8 }, 'Auxiliary contacts that make.', {
    short: 'Aux NO',
    print: { names: ['AUX NO'], units: { NO: 1 }, bare: true },
    recovery: 'Continuity, isolated: open at rest, closed when pushed in.',
  }),
  num('auxNormallyClosed', 'Auxiliary contacts NC', 'count', { min: 0, max: 8 }, 'Auxiliary contacts that break.', {
    short: 'Aux NC',
    print: { names: ['AUX NC'], units: { NC: 1 }, bare: true },
    recovery: 'Continuity, isolated: closed at rest, open when pushed in.',
  }),
  word('holding', 'Held closed', ['electrical', 'mechanical', 'magnetic-latch'], 'What keeps it closed: its coil, a latch or a magnet.', {
    short: 'Held closed',
    print: { names: ['HOLDING'] },
    recovery: 'Two coils or a latch lever show a latched type.',
  }),
  num(
    'shortCircuitRatingAmps',
    'Short-circuit rating',
    'A',
    { min: 1000, max: 200000 },
    'Fault current it stands with the protection the maker names.',
    { short: 'SCCR', print: { names: ['SHORT-CIRCUIT RATING', 'SCCR'], units: KILO }, recovery: sheet },
  ),
  num('maxAmbientC', 'Maximum ambient temperature', '°C', { min: 20, max: 90 }, 'Highest air temperature around it for its rating.', {
    short: 'Max. ambient',
    print: { names: ['AMBIENT', 'MAX AMB', 'AMB. TEMP', 'AMB', 'TA', 'TU', 'MAX'], units: { '°C': 1, 'DEG C': 1, C: 1 } },
    recovery: '40 °C is usual for open gear, but do not assume it.',
  }),
  device.minAmbientC,
  torque,
  wireRange,
  mountingWidth,
  device.maxAltitudeM,
  wireTemp,
  terminalsMark,
  mark('series', 'Series', 'text', { names: ['SERIES'] }, 'Maker’s edition of the type.', 'Not needed for a match.'),
  coil.coilVoltsMin,
  coil.coilVoltsMax,
  coil.coilSealedVA,
  num('maxOperationsPerHour', 'Maximum operations per hour', 'count', { min: 1, max: 36000 }, 'Highest switching rate.', {
    short: 'Max. ops/h',
  }),
  num(
    'electricalLifeOperations',
    'Electrical life, operations',
    'count',
    { min: 1000, max: 1e8 },
    'Electrical endurance at the rated load.',
    { short: 'Electrical life' },
  ),
] as const satisfies readonly Field[];

/** Marks of a part, as a case gives them. */
export type ContactorSpec = MarksOf<typeof contactorFields>;
