/** Marks of an air circuit breaker. Names and synonyms: common practice. */
import { accessoryFunctions } from '../../fields/accessory-fields';
import { airBreakerStandards, mountings } from '../../fields/air-breaker-fields';
import { coilFields } from '../../fields/coil-fields';
import { currentKinds, flag, mark, num, text, upTo, word, words, type Field } from '../../fields/field';
import { currentKind, hertz, insulationVolts, maker, serial, standardMeaning, type } from '../../fields/plate-marks';
import { AMPS, KILO, VOLTS, notPrinted, sheet } from '../../fields/print';
import { arcEnergyMeans } from '../../fields/protection-fields';

export const airBreakerFields: readonly Field[] = [
  maker,
  type,
  serial,
  word('standard', 'Standard', airBreakerStandards, standardMeaning, {
    print: { names: ['STANDARD', 'STD'], bare: true, printed: { 'EN 60947-2': 'IEC 60947-2', 'IEC/EN 60947-2': 'IEC 60947-2' } },
    recovery: sheet,
  }),
  num('ratedAmps', 'Rated current', 'A', { min: 0.1, max: 6300 }, 'Current that it carries for good (In).', {
    print: { names: ['RATED CURRENT', 'IN', 'IU'], units: AMPS, bare: true },
    recovery: 'On the handle, the body’s side or the end cap; never from the conductor’s size.',
  }),
  num('frameAmps', 'Frame size', 'A', { min: 200, max: 6300 }, 'Size of the body; no rating by itself.', {
    short: 'Frame',
    print: { names: ['FRAME'], units: AMPS },
    recovery: 'Measure it against the maker’s sheet.',
  }),
  num('poles', 'Poles', 'count', { min: 1, max: 4 }, 'Main contacts, one for each conductor it opens.', {
    print: { names: ['POLES', 'POLE'], units: { POLES: 1, POLE: 1, P: 1 }, bare: true },
    recovery: 'Count the power terminals in pairs.',
  }),
  mark(
    'ratedVolts',
    'Rated volts',
    'numbers',
    {
      unit: 'V',
      min: 5,
      max: 1500,
      names: ['RATED VOLTAGE', 'VOLTS', 'UE', 'UN'],
      units: { ...VOLTS, 'VOLTS AC': 1, 'V AC': 1, 'V DC': 1 },
      bare: true,
      tail: { kind: 'currentKind', hertz: 'hertz' },
    },
    'Volts at which it may be used.',
    'The body’s side or the maker’s sheet. No DC figure printed means not rated for DC.',
  ),
  currentKind,
  hertz,
  num('icuAmps', 'Icu', 'A', { min: 500, max: 200000 }, 'Ultimate breaking capacity at its volts.', {
    print: { names: ['ICU'], units: KILO },
    recovery: sheet,
  }),
  num('icsAmps', 'Ics', 'A', { min: 500, max: 200000 }, 'Service breaking capacity: it stays usable.', {
    print: { names: ['ICS'], units: KILO },
    recovery: sheet,
  }),
  num('icwAmps', 'Icw', 'A', { min: 1000, max: 300000 }, 'Current it stands closed for the stated time.', {
    print: { names: ['ICW'], units: KILO },
    recovery: sheet,
  }),
  num('icmAmps', 'Icm', 'A', { min: 1000, max: 700000 }, 'Making capacity, as a peak.', {
    print: { names: ['ICM'], units: KILO },
    recovery: sheet,
  }),
  insulationVolts,
  word('tripUnit', 'Trip unit', ['L', 'LI', 'LS', 'LSI', 'LSIG'], 'L long-time, S short-time, I instantaneous, G earth fault.', {
    print: { names: ['TRIP UNIT', 'RELEASE', 'PROTECTION'], bare: true },
    recovery: 'Its dials and display show it.',
  }),
  word('mounting', 'Mounting', mountings, 'Fixed or on a carriage.', {
    print: { bare: true, printed: { 'DRAW-OUT': 'draw-out', DRAWOUT: 'draw-out', WITHDRAWABLE: 'draw-out', FIXED: 'fixed' } },
    recovery: 'A racking handle hole means draw-out.',
  }),
  mark(
    'springCharge',
    'Springs',
    'flag',
    { names: ['CHARGED', 'DISCHARGED', 'CHARGING HANDLE'] },
    'Stored energy: it can close or open by itself.',
    'The window beside the handle.',
  ),
  words('currentKinds', 'AC or DC', currentKinds, 'Kinds of current marked.'),
  num('ratedVoltsLineToLine', 'Rated voltage, line to line', 'V', { min: 12, max: 1500 }, 'Rated volts between lines.', {
    short: 'Rated V',
  }),
  num('ratedVoltsLineToGround', 'Rated voltage to earth', 'V', { min: 12, max: 1500 }, 'Lower figure of a slash rating.', {
    short: 'V to earth',
  }),
  {
    name: 'interruptingRatings',
    label: 'Interrupting ratings',
    short: 'Interrupting',
    kind: 'rows',
    rowFields: [
      num('volts', 'Row volts', 'V', upTo(1500), 'Volts at which the row holds.'),
      word('kind', 'Row AC or DC', currentKinds, 'Kind of current; absent: ac.'),
      num('amps', 'Interrupting amps', 'A', { min: 100, max: 300000 }, 'Interrupting rating at these volts.'),
    ],
    meaning: 'Interrupting rating by volts (UL).',
  },
  {
    name: 'dcRatings',
    label: 'DC ratings',
    kind: 'rows',
    rowFields: [
      num('volts', 'Row volts', 'V', upTo(1500), 'Volts at which the row holds.'),
      num('polesInSeries', 'Poles in series', 'count', { min: 1, max: 4 }, 'Poles in series for these volts.'),
      num('interruptingAmps', 'DC interrupting', 'A', { min: 10, max: 300000 }, 'DC breaking capacity.'),
    ],
    meaning: 'DC volts with that many poles in series, and DC breaking capacity.',
  },
  flag('polaritySensitive', 'Polarity marked', 'Marked with polarity.', { short: 'Polarised' }),
  flag('hundredPercentRated', '100 % rated', 'Marked for 100 % continuous load.', { short: '100 % rated' }),
  word('itSystemMark', 'IT system mark', ['suitable', 'crossed-out', 'none'], 'Mark for IT systems.', { short: 'IT mark' }),
  num('calibratedAmbientC', 'Calibration temperature', '°C', { min: 20, max: 60 }, 'Ambient at which the rated current holds.', {
    short: 'Calibrated at',
  }),
  num('longTimeSettingAmps', 'Long-time setting, Ir', 'A', upTo(6300), 'Long-time pick-up as set, Ir; absent: at its rated current.', {
    short: 'Long time, Ir',
  }),
  flag('settingAccessRestricted', 'Setting access restricted', 'The setting stands behind a sealed cover, lock or password.', {
    short: 'Restricted',
  }),
  num('groundFaultPickupAmps', 'Earth-fault pickup', 'A', upTo(6300), 'Pick-up of its earth-fault (G) function, as set.', {
    short: 'E/F pickup',
    nfpa: { label: 'Ground-fault pickup', short: 'G/F pickup' },
  }),
  num('groundFaultSeconds', 'Earth-fault delay', 's', { min: 0, max: 10 }, 'Delay of its earth-fault function at 3000 A and above.', {
    short: 'E/F delay',
    nfpa: { label: 'Ground-fault delay', short: 'G/F delay' },
  }),
  words('arcEnergyReduction', 'Arc energy reduction', arcEnergyMeans, 'Means to reduce arc energy that it carries.', {
    short: 'Arc energy',
  }),
  num(
    'instantaneousHoldsAmps',
    'Must not trip instantaneously below',
    'A',
    upTo(200000),
    'Maker’s lower edge of the instantaneous band, AC.',
    { short: 'Inst. min.' },
  ),
  num('instantaneousTripsAmps', 'Trips instantaneously above', 'A', upTo(200000), 'Maker’s upper edge of the instantaneous band, AC.', {
    short: 'Inst. max.',
  }),
  num('icwSeconds', 'Icw time', 's', upTo(3), 'Time for which it stands that; absent: 1 s.', { short: 'Icw time' }),
  text('protocol', 'Protocol', 'Communication that it speaks.'),
  words('accessories', 'Accessories', accessoryFunctions, 'Coils, motor and contacts that it carries.'),
  ...coilFields.map(notPrinted),
];
