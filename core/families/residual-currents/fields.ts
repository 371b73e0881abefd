/** Marks of a residual-current device. Names and synonyms: common practice. */
import type { MarksOf } from '../../fields/mark-types';
import { mountingWidth, torque, wireRange } from '../../fields/mounting-fields';
import { mark, num, word, type Field } from '../../fields/field';
import { currentKind, hertz, maker, serial, standardField, type, approvals, deratingNote } from '../../fields/plate-marks';
import { AMPS, KILO, VOLTS, printedAs, sheet } from '../../fields/print';
import { breakerCurves } from '../../fields/protection-fields';
import { protectionClasses, residualDelays, residualStandards, residualTypes } from '../../fields/residual-fields';
import { device } from '../../fields/device-marks';

export const residualCurrentFields = [
  maker,
  printedAs(type, { names: ['CAT. NO.', 'CAT NO', 'MODEL'] }),
  serial,
  approvals,
  deratingNote,
  standardField(residualStandards, {
    'IEC 61008-1': 'IEC/EN 61008-1',
    'EN 61008-1': 'IEC/EN 61008-1',
    'IEC 61008': 'IEC/EN 61008-1',
    'EN 61008': 'IEC/EN 61008-1',
    'IEC 61009-1': 'IEC/EN 61009-1',
    'EN 61009-1': 'IEC/EN 61009-1',
    'IEC 61009': 'IEC/EN 61009-1',
    'EN 61009': 'IEC/EN 61009-1',
    'EN 62423': 'IEC/EN 62423',
    'IEC 62423': 'IEC/EN 62423',
    'EN 60947-2': 'IEC/EN 60947-2',
  }),
  word('curve', 'Curve', breakerCurves, 'Letter fixed to the amps: there is an overcurrent part.', {
    print: { kind: 'letter', names: ['CURVE'] },
    recovery: sheet,
  }),
  num('ratedAmps', 'Rated current', 'A', { min: 6, max: 250 }, 'Current that it carries for good (In).', {
    print: { names: ['RATED CURRENT', 'IN'], units: AMPS, bare: true },
    recovery: 'On the handle, the body’s side or the end cap; never from the conductor’s size.',
  }),
  num(
    'sensitivityMilliamps',
    'Rated residual current',
    'mA',
    { min: 4, max: 30000 },
    'Residual current at which it must trip (I-delta-n), in milliamps.',
    { short: 'IΔn', print: {}, recovery: 'The test button proves nothing of it; a residual tester does, at half and full.' },
  ),
  word('residualType', 'RCD type', residualTypes, 'Waveforms it sees: one sine AC; sine over two humps A; more below F or B.', {
    short: 'RCD type',
    nfpa: { label: 'Ground-fault device type', short: 'Type' },
    print: { names: ['RCD TYPE', 'TYPE'] },
    recovery: 'By its drawn symbol; unknown is not AC.',
  }),
  word('delay', 'Delay', residualDelays, 'S in a box waits so that one downstream goes first.', {
    print: { names: ['DELAY'] },
    recovery: 'By its drawn symbol.',
  }),
  word('protectionClass', 'Protection class', protectionClasses, 'North America: class A is for people, GFPE for equipment.', {
    short: 'Class',
    print: {},
    recovery: 'The word on its face; a tester of its class.',
  }),
  num(
    'tripMilliamps',
    'Trip level',
    'mA',
    { min: 4, max: 3000 },
    'North America: current to ground at which it trips; class A 4 to 6 mA.',
    { short: 'Trip level', print: {}, recovery: sheet },
  ),
  device.poles,
  num('ratedVolts', 'Rated voltage', 'V', { min: 100, max: 690 }, 'Volts for which it is made.', {
    short: 'Rated V',
    print: {
      kind: 'numbers',
      names: ['RATED VOLTAGE', 'VOLTS', 'UE', 'UN'],
      units: { ...VOLTS, 'VOLTS AC': 1, 'V AC': 1, 'V DC': 1 },
      bare: true,
      tail: { kind: 'currentKind', hertz: 'hertz' },
    },
    recovery: 'The body’s side or the maker’s sheet. No DC figure printed means not rated for DC.',
  }),
  currentKind,
  hertz,
  num('icnAmps', 'Icn', 'A', { min: 500, max: 200000 }, 'Short-circuit capacity of the overcurrent part: the figure in the long box.', {
    print: { names: ['ICN'], units: KILO },
    recovery: sheet,
  }),
  mark('energyLimitingClass', 'Energy class', 'number', { unit: 'count', min: 1, max: 3 }, 'Energy-limiting class: the small box.', sheet),
  num(
    'conditionalShortCircuitAmps',
    'Conditional short-circuit current, Inc',
    'A',
    { min: 500, max: 50000 },
    'Fault current it stands with the named device before it.',
    { short: 'Inc', print: { names: ['INC', 'IΔC'], units: KILO }, recovery: sheet },
  ),
  mark(
    'backupFuseAmps',
    'Backup fuse',
    'number',
    { unit: 'A', min: 6, max: 250 },
    'Largest fuse before it for its conditional rating.',
    sheet,
  ),
  mark(
    'makingBreakingAmps',
    'Im',
    'number',
    { unit: 'A', min: 100, max: 50000 },
    'Current it makes and breaks by itself: without overcurrent part it needs one before it.',
    sheet,
  ),
  mark('poleForm', 'Pole form', 'text', {}, 'Poles with or without a switched neutral.', 'Terminals marked N.'),
  mark('minTempC', 'Down to', 'number', { unit: '°C', min: -60, max: 0 }, 'Lowest temperature at which it works.', sheet),
  num('interruptingAmps', 'Interrupting rating', 'A', { min: 100, max: 300000 }, 'Interrupting rating (UL).'),
  torque,
  wireRange,
  mountingWidth,
  device.maxAltitudeM,
] as const satisfies readonly Field[];

/** Marks of a part, as a case gives them. */
export type ResidualCurrentSpec = MarksOf<typeof residualCurrentFields>;
