/** Marks of a control relay. Names and synonyms: common practice. */
import { device } from '../../fields/device-marks';
import type { MarksOf } from '../../fields/mark-types';
import { coil } from '../../fields/coil-fields';
import { mark, num, word, type Field } from '../../fields/field';
import { contactForm, maker, pins, serial, standardMark, terminalsMark, type, approvals, contactMaterial } from '../../fields/plate-marks';
import { base, forms, contactRatings, enclosures, maxAmbient, pilotDuty, polarities } from '../../fields/relay-fields';

export const controlRelayFields = [
  maker,
  type,
  serial,
  approvals,
  contactMaterial,
  standardMark(['IEC 61810-1', 'UL 508', 'IEC 60947-5-1'], { 'EN 61810-1': 'IEC 61810-1' }),
  coil.coilVolts,
  coil.coilKind,
  coil.coilHertz,
  coil.coilMarks,
  coil.coilOhms,
  contactForm,
  contactRatings,
  pins,
  mark('poles', 'Poles', 'number', { unit: 'count', min: 1, max: 6 }, 'Contacts that move together.', 'Continuity with the coil off.'),
  pilotDuty,
  mark(
    'ledIndicator',
    'Lamp',
    'flag',
    { names: ['WITH LED', 'LED INDICATOR', 'LED'] },
    'A lamp across the coil; with a plus sign it is polarised.',
    'Look for a lens or a plus at one coil pin.',
  ),
  mark(
    'testButton',
    'Test button',
    'flag',
    { names: ['TEST BUTTON', 'WITH TEST', 'PUSH TO TEST'] },
    'Works the contacts by hand: what they feed starts.',
    'Look for a tab in the cover.',
  ),
  terminalsMark,
  coil.coilVoltsMin,
  coil.coilVoltsMax,
  coil.coilWatts,
  coil.coilInrushVA,
  coil.coilSealedVA,
  base,
  forms,
  word('polarity', 'Polarity', polarities, 'What makes the coil polarised.'),
  num('positivePin', 'Positive pin', 'count', { min: 1, max: 14 }, 'Positive pin of a polarised coil.'),
  word('enclosure', 'Enclosure', enclosures, 'From open frame to hermetically sealed (IEC 61810, RT 0 to RT V).'),
  num('electricalLifeOperations', 'Electrical life, operations', 'count', { min: 1000, max: 1e9 }, 'Electrical endurance at the load.', {
    short: 'Electrical life',
  }),
  num('maxOperationsPerHour', 'Maximum operations per hour', 'count', { min: 1, max: 36000 }, 'Highest switching rate at the load.', {
    short: 'Max. ops/h',
  }),
  device.minAmbientC,
  maxAmbient,
] as const satisfies readonly Field[];

/** Marks of a part, as a case gives them. */
export type ControlRelaySpec = MarksOf<typeof controlRelayFields>;
