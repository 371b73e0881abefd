/**
 * Fields of the devices that interrupt or watch current: breakers, fuses, overload relays.
 * Words, units and ranges are those of the open interface; `rowFields` are the columns of a list of rows.
 */
import { currentKinds, flag, num, text, upTo, word, words, type Field } from './field';

export const tripClasses = ['2', '3', '5', '10A', '10', '15', '20', '30', '40', '5E', '10E', '20E', '30E', '40E'] as const;
export const breakerStandards = [
  'UL 489',
  'UL 489B',
  'UL 1066',
  'UL 1077',
  'IEC 60898-1',
  'IEC 60898-1/-2',
  'IEC 60898-2',
  'IEC 60898-3',
  'IEC 60947-2',
  'IEC 60934',
  'electronic',
] as const;
export const breakerMarks = ['HACR', 'SWD', 'HID', '1ph-3ph', 'series-rated', 'current-limiting'] as const;
export const arcEnergyMeans = [
  'maintenance-setting',
  'zone-interlocking',
  'differential',
  'active-mitigation',
  'instantaneous-trip',
] as const;
export const breakerCurves = ['B', 'C', 'D', 'K', 'Z', 'MA'] as const;
export const fuseStandards = [
  'UL 248',
  ...Array.from({ length: 18 }, (_, i) => `UL 248-${i + 2}`),
  'IEC 60269',
  'IEC 60127',
  'BS 88',
  'BS 1362',
] as const;
export const fuseClasses = [
  ...['C', 'CA', 'CB', 'CC', 'CD', 'CF', 'G', 'H', 'J', 'K1', 'K5', 'L', 'RK1', 'RK5', 'T'],
  ...['plug-Edison', 'plug-S', 'plug-T', 'plug-W', 'midget', '5x20', '6.3x32', '1/4x1-1/4'],
  ...['8x32', '10x38', '10x85', '14x51', '22x58', 'NH000', 'NH00', 'NH0', 'NH1', 'NH2', 'NH3', 'NH4', 'NH4a'],
  ...['D01', 'D02', 'D03', 'DII', 'DIII', 'DIV'],
  ...['A', 'B', 'C'].flatMap((letter) => ['1', '2', '3', '4'].map((n) => `BS88-${letter}${n}`)),
  ...['semiconductor-stud', 'semiconductor-square'],
] as const;
export const fuseHolders = [...fuseClasses, 'R-rejection', 'H/K'] as const;
export const utilisationCategories = ['gG', 'gL', 'gK', 'gM', 'gN', 'gD', 'gPV', 'gBat', 'gTr', 'gR', 'gS', 'aM', 'aR', 'aBat'] as const;
export const fuseSpeeds = ['fast', 'time-delay', 'FF', 'F', 'M', 'T', 'TT'] as const;

const volts = num('volts', 'Row volts', 'V', upTo(1500), 'Volts at which the row holds.');

export const overloadRelayFields: readonly Field[] = [
  word('standard', 'Standard', ['IEC 60947-4-1', 'UL 60947-4-1', 'NEMA ICS 2', 'UL 508'], 'Standard marked.'),
  num('poles', 'Poles', 'count', { min: 1, max: 3 }, 'Poles.'),
  word(
    'kind',
    'Kind',
    ['adjustable-thermal', 'adjustable-electronic', 'heater-element', 'magnetic'],
    'Bimetal, electronic, heater element chosen by table, or instantaneous.',
  ),
  num('settingMinAmps', 'Dial, lowest', 'A', upTo(2000), 'Lowest setting of the dial.'),
  num('settingMaxAmps', 'Dial, highest', 'A', upTo(2000), 'Highest setting of the dial.'),
  num('ultimateTripPercentOfSetting', 'Trips at', '%', { min: 100, max: 150 }, 'Percent of the dial at which it surely trips.'),
  word('tripClass', 'Trip class', tripClasses, 'Trip class.'),
  words('reset', 'Reset', ['manual', 'automatic', 'remote'], 'Reset modes it has.'),
  words('tripContacts', 'Trip contacts', ['NC', 'NO', 'CO'], 'Contacts that tell of a trip.'),
  flag('phaseLossSensitive', 'Phase-loss sensitive', 'Trips sooner when a phase is lost.'),
  num('polesCarryingCurrent', 'Poles in use', 'count', { min: 1, max: 3 }, 'Poles that carry the load current as connected.'),
  num('elementMinFullLoadAmps', 'Element from', 'A', upTo(2000), 'Least full-load amps that the element serves, by its table.'),
  num('elementMaxFullLoadAmps', 'Element to', 'A', upTo(2000), 'Most full-load amps that the element serves, by its table.'),
];

export const breakerFields: readonly Field[] = [
  word('standard', 'Standard', breakerStandards, 'Standard marked.'),
  word(
    'technology',
    'Release',
    [
      'electronic',
      'hydraulic-magnetic',
      'magnetic',
      'thermal-magnetic',
      ...['B', 'C', 'D', 'K', 'Z'].map((letter) => `thermal-magnetic ${letter}`),
    ],
    'Release.',
  ),
  word('curve', 'Curve', breakerCurves, 'Letter of the instantaneous characteristic.'),
  num('poles', 'Poles', 'count', { min: 1, max: 4 }, 'Poles.'),
  num('ratedAmps', 'Rated current', 'A', { min: 0.1, max: 6300 }, 'Rated current, In.'),
  words('currentKinds', 'AC or DC', currentKinds, 'Kinds of current marked.'),
  num('ratedVoltsLineToLine', 'Rated volts', 'V', { min: 12, max: 1500 }, 'Rated volts between lines.'),
  num('ratedVoltsLineToGround', 'Volts to earth', 'V', { min: 12, max: 1500 }, 'Lower figure of a slash rating.'),
  flag('slash', 'Slash rating', 'The volts are a slash rating.'),
  {
    name: 'interruptingRatings',
    label: 'Interrupting ratings',
    kind: 'rows',
    rowFields: [
      volts,
      word('kind', 'Row AC or DC', currentKinds, 'Kind of current; absent: ac.'),
      num('amps', 'Interrupting amps', 'A', { min: 100, max: 300000 }, 'Interrupting rating at these volts.'),
    ],
    meaning: 'Interrupting rating by volts (UL).',
  },
  num('icnAmps', 'Icn', 'A', { min: 500, max: 200000 }, 'Rated short-circuit capacity (IEC 60898, 61009).'),
  num('icuAmps', 'Icu', 'A', { min: 500, max: 200000 }, 'Ultimate breaking capacity (IEC 60947-2).'),
  num('icsAmps', 'Ics', 'A', { min: 500, max: 200000 }, 'Service breaking capacity.'),
  {
    name: 'dcRatings',
    label: 'DC ratings',
    kind: 'rows',
    rowFields: [
      volts,
      num('polesInSeries', 'Poles in series', 'count', { min: 1, max: 4 }, 'Poles in series for these volts.'),
      num('interruptingAmps', 'DC interrupting', 'A', { min: 10, max: 300000 }, 'DC breaking capacity.'),
    ],
    meaning: 'DC volts with that many poles in series, and DC breaking capacity.',
  },
  flag('polaritySensitive', 'Polarised', 'Marked with polarity.'),
  num('polesInPositive', 'Poles in plus', 'count', { min: 0, max: 4 }, 'Its poles as connected in the positive line.'),
  num('polesInNegative', 'Poles in minus', 'count', { min: 0, max: 4 }, 'Its poles as connected in the negative line.'),
  flag('hundredPercentRated', '100 % rated', 'Marked for 100 % continuous load.'),
  flag('instantaneousOnly', 'Instantaneous only', 'Motor-circuit protector without overload release.'),
  flag('partOfListedCombination', 'Listed combination', 'Part of a listed combination controller.'),
  words('marks', 'Duty marks', breakerMarks, 'Duty marks.'),
  word('itSystemMark', 'IT mark', ['suitable', 'crossed-out', 'none'], 'Mark for IT systems.'),
  num('calibratedAmbientC', 'Calibrated at', '°C', { min: 20, max: 60 }, 'Ambient at which the rated current holds.'),
  num('guaranteedTripAmps', 'Surely trips at', 'A', upTo(200000), 'Current that surely trips it within the time asked.'),
  num('seriesRatedAmps', 'With upstream device', 'A', upTo(300000), 'Interrupting rating of a tested combination, at its rated volts.'),
  text('seriesRatedWith', 'Upstream device named', 'The upstream device that the combination was tested with.'),
  num('instantaneousHoldsAmps', 'Holds at once to', 'A', upTo(200000), 'Maker’s lower edge of the instantaneous band, AC.'),
  num('instantaneousTripsAmps', 'Opens at once from', 'A', upTo(200000), 'Maker’s upper edge of the instantaneous band, AC.'),
  num('longTimeSettingAmps', 'Long-time setting', 'A', upTo(6300), 'Long-time pick-up as set, Ir; absent: at its rated current.'),
  flag('settingAccessRestricted', 'Setting restricted', 'The setting stands behind a sealed cover, lock or password.'),
  num('groundFaultPickupAmps', 'Earth-fault pick-up', 'A', upTo(6300), 'Pick-up of its earth-fault (G) function, as set.'),
  num('groundFaultSeconds', 'Earth-fault delay', 's', { min: 0, max: 10 }, 'Delay of its earth-fault function at 3000 A and above.'),
  words('arcEnergyReduction', 'Arc-energy means', arcEnergyMeans, 'Means to reduce arc energy that it carries.'),
];

export const fuseFields: readonly Field[] = [
  word('standard', 'Standard', fuseStandards, 'Standard marked.'),
  word('fuseClass', 'Class or body', fuseClasses, 'Class or body.'),
  num('ratedAmps', 'Rated current', 'A', { min: 0.002, max: 6000 }, 'Rated current.'),
  flag('supplementary', 'Supplementary', 'Supplementary fuse only.'),
  num('voltsAc', 'Volts AC', 'V', { min: 12, max: 1500 }, 'Rated volts, AC.'),
  num('voltsDc', 'Volts DC', 'V', { min: 12, max: 1500 }, 'Rated volts, DC.'),
  num('interruptingAmpsAc', 'Interrupting, AC', 'A', { min: 10, max: 300000 }, 'Interrupting rating, AC.'),
  num('interruptingAmpsDc', 'Interrupting, DC', 'A', { min: 10, max: 300000 }, 'Interrupting rating, DC.'),
  word('utilisation', 'Utilisation', [...utilisationCategories, ...fuseSpeeds], 'IEC 60269 utilisation category.'),
  word('speed', 'Speed', [...fuseSpeeds, ...utilisationCategories], 'Speed: UL wording or IEC 60127 letter.'),
  num('minMeltSecondsAtStart', 'Melts after', 's', upTo(100000), 'Least melting time at the starting current.'),
  num('meltingI2tA2s', 'Melting I²t', 'A²s', upTo(1e12), 'Pre-arcing I²t.'),
  num('clearingI2tA2s', 'Clearing I²t', 'A²s', upTo(1e12), 'Total I²t.'),
  num('powerLossWatts', 'Power loss', 'W', { min: 0, max: 500 }, 'Power loss at rated current.'),
];
