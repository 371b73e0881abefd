/** Marks of devices that several families carry, declared once. Names and synonyms: common practice; letter symbols as in IEC 60947-2, from memory. */
import { declared, num, word, words, flag, upTo, currentKinds, type Field } from './field';
import { arcEnergyMeans } from './protection-fields';

const rowVolts = num('volts', 'Row volts', 'V', upTo(1500), 'Volts at which the row holds.');

export const device = {
  poles: num('poles', 'Poles', 'count', { min: 1, max: 4 }, 'Main contacts, one for each conductor it opens.', {
    print: { names: ['POLES', 'POLE'], units: { POLES: 1, POLE: 1, P: 1 }, bare: true },
    recovery: 'Count the power terminals in pairs.',
  }),
  currentKinds: words('currentKinds', 'AC or DC', currentKinds, 'Kinds of current marked.'),
  ratedVoltsLineToLine: num(
    'ratedVoltsLineToLine',
    'Rated voltage, line to line',
    'V',
    { min: 12, max: 1500 },
    'Rated volts between lines.',
    {
      short: 'Rated V',
    },
  ),
  ratedVoltsLineToGround: num(
    'ratedVoltsLineToGround',
    'Rated voltage to earth',
    'V',
    { min: 12, max: 1500 },
    'Lower figure of a slash rating.',
    {
      short: 'V to earth',
    },
  ),
  interruptingRatings: declared({
    name: 'interruptingRatings',
    label: 'Interrupting ratings',
    short: 'Interrupting',
    kind: 'rows',
    rowFields: [
      rowVolts,
      word('kind', 'Row AC or DC', currentKinds, 'Kind of current; absent: ac.'),
      num('amps', 'Interrupting amps', 'A', { min: 100, max: 300000 }, 'Interrupting rating at these volts.'),
    ],
    meaning: 'Interrupting rating by volts (UL).',
  }),
  dcRatings: declared({
    name: 'dcRatings',
    label: 'DC ratings',
    kind: 'rows',
    rowFields: [
      rowVolts,
      num('polesInSeries', 'Poles in series', 'count', { min: 1, max: 4 }, 'Poles in series for these volts.'),
      num('interruptingAmps', 'DC interrupting', 'A', { min: 10, max: 300000 }, 'DC breaking capacity.'),
    ],
    meaning: 'DC volts with that many poles in series, and DC breaking capacity.',
  }),
  polaritySensitive: flag('polaritySensitive', 'Polarity marked', 'Marked with polarity.', { short: 'Polarised' }),
  hundredPercentRated: flag('hundredPercentRated', '100 % rated', 'Marked for 100 % continuous load.', { short: '100 % rated' }),
  itSystemMark: word('itSystemMark', 'IT system mark', ['suitable', 'crossed-out', 'none'], 'Mark for IT systems.', { short: 'IT mark' }),
  calibratedAmbientC: num(
    'calibratedAmbientC',
    'Calibration temperature',
    '°C',
    { min: 20, max: 60 },
    'Ambient at which the rated current holds.',
    {
      short: 'Calibrated at',
    },
  ),
  minAmbientC: num('minAmbientC', 'Minimum ambient temperature', '°C', { min: -90, max: 40 }, 'Lowest air temperature around it.', {
    short: 'Min. ambient',
  }),
  // On no plate yet: 1500 and 3000 by themselves are the boxed breaking capacity of a modular breaker.
  maxAltitudeM: num(
    'maxAltitudeM',
    'Maximum altitude',
    'm',
    { min: 500, max: 6000 },
    'Height above the sea up to which its ratings hold.',
    {
      short: 'Max. altitude',
      recovery: 'The maker’s sheet; thin air cools and insulates less.',
    },
  ),
  instantaneousHoldsAmps: num(
    'instantaneousHoldsAmps',
    'Must not trip instantaneously below',
    'A',
    upTo(200000),
    'Maker’s lower edge of the instantaneous band, AC.',
    { short: 'Inst. min.' },
  ),
  instantaneousTripsAmps: num(
    'instantaneousTripsAmps',
    'Trips instantaneously above',
    'A',
    upTo(200000),
    'Maker’s upper edge of the instantaneous band, AC.',
    {
      short: 'Inst. max.',
    },
  ),
  longTimeSettingAmps: num(
    'longTimeSettingAmps',
    'Long-time setting, Ir',
    'A',
    upTo(6300),
    'Long-time pick-up as set, Ir; absent: at its rated current.',
    {
      short: 'Long time, Ir',
    },
  ),
  settingAccessRestricted: flag(
    'settingAccessRestricted',
    'Setting access restricted',
    'The setting stands behind a sealed cover, lock or password.',
    {
      short: 'Restricted',
    },
  ),
  groundFaultPickupAmps: num(
    'groundFaultPickupAmps',
    'Earth-fault pickup',
    'A',
    upTo(6300),
    'Pick-up of its earth-fault (G) function, as set.',
    {
      short: 'E/F pickup',
      nfpa: { label: 'Ground-fault pickup', short: 'G/F pickup' },
    },
  ),
  groundFaultSeconds: num(
    'groundFaultSeconds',
    'Earth-fault delay',
    's',
    { min: 0, max: 10 },
    'Delay of its earth-fault function at 3000 A and above.',
    {
      short: 'E/F delay',
      nfpa: { label: 'Ground-fault delay', short: 'G/F delay' },
    },
  ),
  arcEnergyReduction: words('arcEnergyReduction', 'Arc energy reduction', arcEnergyMeans, 'Means to reduce arc energy that it carries.', {
    short: 'Arc energy',
  }),
} satisfies Record<string, Field>;
