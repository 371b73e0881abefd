/** Marks of a timing relay. Names and synonyms: common practice. */
import { device } from '../../fields/device-marks';
import type { MarksOf } from '../../fields/mark-types';
import { mountingWidth, torque, wireRange } from '../../fields/mounting-fields';
import { coilFields } from '../../fields/coil-fields';
import { declared, currentKinds, flag, mark, num, text, upTo, word, words, type Field } from '../../fields/field';
import { contactForm, ipRating, maker, pins, serial, standardMark, type, approvals, contactMaterial } from '../../fields/plate-marks';
import { VOLTS, notPrinted, sheet } from '../../fields/print';
import { base, forms, contactRatings, maxAmbient, pilotDuty, polarities, signalKinds, timerOutputs } from '../../fields/relay-fields';

export const timingRelayFields = [
  maker,
  type,
  serial,
  approvals,
  contactMaterial,
  standardMark(['IEC 61812-1', 'UL 508'], { 'EN 61812-1': 'IEC 61812-1' }),
  mark(
    'supplyVoltsRange',
    'Supply',
    'range',
    {
      unit: 'V',
      min: 5,
      max: 500,
      names: ['SUPPLY', 'UN', 'US', 'INPUT'],
      units: VOLTS,
      bare: true,
      tail: { kind: 'supplyKind', hertz: 'hertz' },
    },
    'Volts that feed it, at the supply pins.',
    'The circuit is the authority; a range coil takes any between.',
  ),
  mark(
    'supplyVolts',
    'Supply volts',
    'coil',
    { unit: 'V', min: 5, max: 500, names: ['SUPPLY', 'UN', 'US'], units: VOLTS, tail: { kind: 'supplyKind', hertz: 'hertz' } },
    'Volts that feed it, at the supply pins.',
    'The circuit is the authority.',
  ),
  mark(
    'supplyKind',
    'Supply kind',
    'word',
    { words: currentKinds, printed: { '~': 'ac' } },
    'Kind of current it is marked for; ~ is AC. Without a DC mark it is not rated for DC.',
    sheet,
  ),
  mark(
    'hertz',
    'Hertz',
    'hertz',
    { unit: 'Hz', max: 400, names: ['HZ'], units: { HZ: 1 }, bare: true },
    'Frequency of its supply.',
    'The system’s frequency.',
  ),
  mark(
    'timeRangeSeconds',
    'Time range',
    'range',
    { unit: 's' },
    'Shortest and longest time over all its ranges.',
    'Bench: the dial’s ends with a stopwatch.',
  ),
  mark(
    'functions',
    'Functions',
    'rows',
    {},
    'What it does with its time: on-delay, off-delay, interval, one shot, cycle. Letters are the maker’s own.',
    'Bench: supply, signal and contact against a stopwatch tell the function.',
  ),
  contactForm,
  contactRatings,
  pins,
  mark(
    'supplyPins',
    'Supply pins',
    'text',
    {},
    'Pins that take the supply; they are not the same on every base.',
    'The diagram by type; never assume.',
  ),
  ipRating,
  ...coilFields.map(notPrinted),
  words('functionWords', 'Timing functions', [], 'Every function that it offers, as printed.', {
    short: 'Functions',
    recovery: 'Run it on the bench: what its contact does tells the function that it is set to.',
  }),
  declared({
    name: 'rangesSeconds',
    label: 'Time ranges',
    kind: 'bands',
    unit: 's',
    min: 0.001,
    max: 3600000,
    meaning: 'Every time range it offers.',
  }),
  declared({
    name: 'functionLetters',
    label: 'Function letters',
    kind: 'rows',
    rowFields: [text('letter', 'Letter', 'Letter on the dial.'), text('word', 'Function', 'What the maker calls it.')],
    meaning: 'The maker’s own letters, each with its function.',
  }),
  word('setting', 'Set by', ['dial', 'digits'], 'How a time is set.', { short: 'Set by' }),
  base,
  forms,
  num('contactAmps', 'Contact current', 'A', upTo(50), 'Contact current.', { short: 'Contact A' }),
  num('repeatAccuracyPercent', 'Repeat accuracy', '%', { min: 0.01, max: 50 }, 'Repeat accuracy.', { short: 'Repeat acc.' }),
  flag('signalInput', 'Control input', 'Has a control input.', { short: 'Control input' }),
  word('signalKind', 'Control input type', signalKinds, 'What the control input takes.', { short: 'Input type' }),
  flag('twoTimes', 'Separate on and off times', 'On and off time are set apart.', { short: 'Two times' }),
  num('deadTimeMilliseconds', 'Star-to-delta pause', 'ms', { min: 0, max: 1000 }, 'Pause from star to delta.', { short: 'Pause' }),
  word('output', 'Output type', timerOutputs, 'Output element.', { short: 'Output' }),
  num('outputLeakageMilliamps', 'Leakage when off', 'mA', { min: 0, max: 1000 }, 'Current that leaks when off.', { short: 'Leakage, off' }),
  num('outputMinimumMilliamps', 'Minimum load', 'mA', { min: 0, max: 1000 }, 'Least load of the output.', { short: 'Min. load' }),
  pilotDuty,
  word('polarity', 'Polarity', polarities, 'What makes the supply input polarised.'),
  num('positivePin', 'Positive pin', 'count', { min: 1, max: 14 }, 'Positive pin of a polarised supply.'),
  device.minAmbientC,
  maxAmbient,
  torque,
  wireRange,
  mountingWidth,
  device.maxAltitudeM,
] as const satisfies readonly Field[];

/** Marks of a part, as a case gives them. */
export type TimingRelaySpec = MarksOf<typeof timingRelayFields>;
