/**
 * Which fields may a case hold, in what unit and range, and what do they mean?
 * One list serves the checking of input, the OpenAPI document, the try-it page and the plates of the swap bench.
 * `min` and `max` are what is physically accepted; a bound in `above` is itself refused.
 */
export type FieldKind = 'number' | 'word' | 'words' | 'flag' | 'hertz' | 'volts-text' | 'rows' | 'coil-rows';

export type Field = {
  name: string;
  label: string;
  kind: FieldKind;
  unit?: string;
  above?: number;
  min?: number;
  max?: number;
  words?: readonly string[];
  meaning: string;
};

const num = (name: string, label: string, unit: string, range: { above?: number; min?: number; max: number }, meaning: string): Field => ({
  name,
  label,
  kind: 'number',
  unit,
  ...range,
  meaning,
});
const word = (name: string, label: string, words: readonly string[], meaning: string): Field => ({
  name,
  label,
  kind: 'word',
  words,
  meaning,
});
const flag = (name: string, label: string, meaning: string): Field => ({
  name,
  label,
  kind: 'flag',
  meaning,
});

export const currentKinds = ['ac', 'dc', 'ac/dc'] as const;
export const kindAliases: Record<string, string> = { AC: 'ac', DC: 'dc', 'AC/DC': 'ac/dc', UC: 'ac/dc' };

const upTo = (max: number) => ({ above: 0, max });

export const groundings = [
  'TN-S',
  'TN-C',
  'TN-C-S',
  'TT',
  'IT',
  'solidly-grounded-wye',
  'solidly-grounded-midpoint',
  'high-leg-delta',
  'corner-grounded-delta',
  'resistance-grounded-wye',
  'reactance-grounded-wye',
  'ungrounded-delta',
  'ungrounded-wye',
  'dc-ungrounded',
  'dc-negative-grounded',
  'dc-positive-grounded',
  'dc-midpoint-grounded',
] as const;

export const supplyFields: readonly Field[] = [
  num('systemVolts', 'System volts', 'V', upTo(1500), 'Nominal volts between the conductors that the device switches.'),
  num('voltsToGround', 'Volts to earth', 'V', { min: 0, max: 1500 }, 'Nominal volts of a live conductor to earth.'),
  num('phases', 'Phases', 'count', { min: 1, max: 3 }, 'Phases of the system; null on DC.'),
  num('wires', 'Wires', 'count', { min: 2, max: 5 }, 'Conductors without the protective one.'),
  num('hertz', 'Hertz', 'Hz', upTo(400), 'Rated frequency of the system; null on DC.'),
  word('currentKind', 'AC or DC', currentKinds, 'Kind of current of the system.'),
  word('grounding', 'Earthing', groundings, 'System earthing (grounding).'),
  num(
    'prospectiveFaultAmps',
    'Prospective fault current',
    'A',
    upTo(200000),
    'Highest prospective short-circuit (available fault) current at the device.',
  ),
  num('minFaultAmps', 'Least fault current', 'A', upTo(200000), 'Lowest fault current, at the far end.'),
  num('ambientC', 'Ambient', '°C', { min: -40, max: 90 }, 'Air temperature around the device.'),
  num('controlVolts', 'Control volts', 'V', upTo(690), 'Nominal volts of the control supply.'),
  num('controlVoltsMin', 'Lowest control volts', 'V', upTo(690), 'Lowest control volts that occur; absent: the nominal only.'),
  num('controlVoltsMax', 'Highest control volts', 'V', upTo(690), 'Highest control volts that occur; absent: the nominal only.'),
  word('controlKind', 'Control AC or DC', currentKinds, 'Kind of current of the control supply.'),
  num('controlHertz', 'Control hertz', 'Hz', upTo(400), 'Frequency of the control supply; null on DC.'),
  num('controlLoopOhms', 'Control run', 'ohm', { min: 0, max: 1000 }, 'Resistance of the control run, both conductors.'),
  num('controlTransformerVA', 'Control transformer', 'VA', upTo(100000), 'Continuous rating of the control transformer.'),
  num('controlTransformerInrushVA', 'Transformer inrush', 'VA', upTo(100000), 'Momentary capability of the control transformer.'),
  num('supplyVA', 'Control source', 'VA', upTo(100000), 'Capability of any other control source.'),
  num('driverMaxAmps', 'Driver current', 'A', upTo(10), 'Most that the output driving the coil can give.'),
];

export const loadKinds = [
  'motor-3ph',
  'motor-1ph',
  'motor-dc',
  'motor-group',
  'hermetic-compressor',
  'resistive-heater',
  'lamp-bank',
  'filament-lamps',
  'discharge-lamps',
  'led-drivers',
  'contactor-coil',
  'solenoid',
  'signal',
  'transformer',
  'capacitor-bank',
  'electronic-supply',
  'electronic-supply-branch',
  'variable-speed-drive',
  'solid-state-switch',
  'battery',
  'battery-charger',
  'dc-string',
  'conductor-feeder',
  'socket-circuit',
  'distribution-board',
  'mixed-single-phase-loads',
  'air-breaker-accessory',
] as const;
export const lampKinds = [
  'filament',
  'tungsten-halogen',
  'fluorescent with ballast',
  'discharge with ballast',
  'LED with driver',
  'LED retrofit',
] as const;

export const loadFields: readonly Field[] = [
  word('kind', 'Load', loadKinds, 'What is fed or worked.'),
  {
    name: 'plateVolts',
    label: 'Plate volts',
    kind: 'volts-text',
    unit: 'V',
    above: 0,
    max: 15000,
    meaning: "Volts on the load's plate, or as printed: 230/460, 115-127.",
  },
  num('horsepower', 'Horsepower', 'hp', upTo(10000), 'Rated shaft power.'),
  num('kilowatts', 'Power', 'kW', upTo(10000), 'Rated shaft power; of a heater the power taken.'),
  num('fullLoadAmps', 'Full-load amps', 'A', upTo(10000), 'Rated current on the plate.'),
  num('tableFullLoadAmps', 'Table amps', 'A', upTo(10000), 'Table value for that power and volts.'),
  num('ratedLoadAmps', 'Rated-load amps', 'A', upTo(10000), 'Compressor rated-load current (RLA).'),
  num('lockedRotorAmps', 'Locked-rotor amps', 'A', upTo(100000), 'Locked-rotor current (LRA).'),
  num('lockedRotorRatio', 'Starting ratio', 'ratio', { min: 1, max: 20 }, 'Locked-rotor current to rated current, IA/IN.'),
  word('codeLetter', 'Code letter', 'ABCDEFGHJKLMNPRSTUV'.split(''), 'Locked-rotor kVA per horsepower, by letter.'),
  num('serviceFactor', 'Service factor', 'ratio', { min: 1, max: 2 }, 'Service factor on the plate.'),
  num('temperatureRiseC', 'Winding rise', 'K', { min: 20, max: 180 }, 'Temperature rise of the winding.'),
  num('efficiency', 'Efficiency', 'ratio', upTo(1), 'Efficiency at rated load.'),
  num('powerFactor', 'Power factor', 'ratio', upTo(1), 'Power factor at rated load.'),
  num('fanFullLoadAmps', 'Fan amps', 'A', upTo(500), 'Fan motor fed through the same device.'),
  num('fanLockedRotorAmps', 'Fan locked-rotor amps', 'A', upTo(500), 'Locked-rotor amps of that fan.'),
  num('minimumCircuitAmps', 'Minimum circuit ampacity', 'A', upTo(2000), 'Unit plate: minimum circuit ampacity.'),
  num('maximumOvercurrentAmps', 'Maximum overcurrent', 'A', upTo(2000), 'Unit plate: maximum overcurrent protection.'),
  {
    name: 'plateWords',
    label: 'Plate words',
    kind: 'word',
    meaning: 'Words of the plate that bind the choice.',
  },
  num('startAmps', 'Starting amps', 'A', upTo(100000), 'Rms starting current.'),
  num('startSeconds', 'Starting time', 's', { min: 0.01, max: 120 }, 'Length of the start.'),
  num('stallSecondsHot', 'Safe stall time', 's', { min: 0.01, max: 120 }, 'Safe stall time from hot.'),
  word(
    'starter',
    'Starter',
    [
      'direct-on-line',
      'reversing',
      'star-delta',
      'autotransformer',
      'part-winding',
      'soft-starter',
      'variable-speed-drive',
      'rotor-resistance',
    ],
    'Starting method.',
  ),
  word('control', 'Control', ['two-wire', 'three-wire'], 'Maintained contact, or push-buttons with seal-in.'),
  num('watts', 'Watts', 'W', upTo(1e7), 'Power of heaters, lamps and coils.'),
  num('resistiveAmps', 'Resistive amps', 'A', upTo(10000), 'Resistive current.'),
  num('runningAmps', 'Running amps', 'A', upTo(10000), 'Steady current of lamps.'),
  num('ampsPerPole', 'Amps per pole', 'A', upTo(10000), 'Current in each pole.'),
  flag('continuous', 'Continuous', 'Runs three hours or more.'),
  word('lampKind', 'Lamp kind', lampKinds, 'Lamp and gear.'),
  num('polesToSwitch', 'Poles to switch', 'count', { min: 1, max: 12 }, 'Poles needed.'),
  num('polesThatMustOpen', 'Poles that must open', 'count', { min: 1, max: 4 }, 'Live conductors that must be opened when off.'),
  flag('mustHoldOnControlLoss', 'Holds on control loss', 'The load stays on when control power is lost.'),
  num('auxNormallyOpenNeeded', 'Auxiliaries NO in use', 'count', { min: 0, max: 8 }, 'Normally open auxiliary contacts in use.'),
  num('auxNormallyClosedNeeded', 'Auxiliaries NC in use', 'count', { min: 0, max: 8 }, 'Normally closed auxiliary contacts in use.'),
  word(
    'contactorPosition',
    'Place in the starter',
    ['line', 'main', 'delta', 'star', 'forward', 'reverse', 'bypass', 'autotransformer-run', 'autotransformer-start'],
    'Place of the contactor in the starter.',
  ),
  num('loadAmps', 'Design current', 'A', { min: 0, max: 6300 }, 'Design current.'),
];

export const dutyFields: readonly Field[] = [
  num('startsPerHour', 'Starts an hour', 'count', { min: 0, max: 36000 }, 'Starts an hour.'),
  num('operationsPerHour', 'Operations an hour', 'count', { min: 0, max: 36000 }, 'Operations an hour.'),
  num('operationsPerDay', 'Operations a day', 'count', { min: 0, max: 100000 }, 'Operations a day.'),
  num('joggingPerMinute', 'Jogs a minute', 'count', { min: 0, max: 60 }, 'Inching (jogging) or plugging operations a minute.'),
  num('hoursPerDay', 'Hours a day', 'h', { min: 0, max: 24 }, 'Service time.'),
  num('lifeYearsWanted', 'Life wanted', 'years', upTo(50), 'Electrical life wanted at this rate.'),
];

const ampColumns = [
  'ac1Amps',
  'ac2Amps',
  'ac3Amps',
  'ac3eAmps',
  'ac4Amps',
  'ac5aAmps',
  'ac5bAmps',
  'ac6aAmps',
  'ac6bAmps',
  'ac7aAmps',
  'ac7bAmps',
  'ac7cAmps',
  'ac8aAmps',
  'ac8bAmps',
  'dc1Amps',
  'dc3Amps',
  'dc5Amps',
  'dc6Amps',
  'ac51Amps',
  'ac53aAmps',
  'ac53bAmps',
  'ac55aAmps',
  'ac55bAmps',
  'ac56aAmps',
  'ac56bAmps',
  'fullLoadAmps',
  'lockedRotorAmps',
  'resistiveAmps',
  'ballastAmps',
  'tungstenAmps',
];

/** Columns of a rating row beside volts, kind and polesInSeries. */
export const ratingColumns: readonly Field[] = [
  ...ampColumns.map((name) =>
    num(name, name.replace(/Amps$/, ''), 'A', upTo(100000), 'Rated current in this category, at the volts of the row.'),
  ),
  ...['normalHp', 'joggingHp', 'normalHpSinglePhase'].map((name) =>
    num(name, name, 'hp', upTo(10000), 'Horsepower at the volts of the row.'),
  ),
];

export const coilFields: readonly Field[] = [
  num('coilVolts', 'Coil volts', 'V', upTo(690), 'Rated control circuit volts, one figure.'),
  num('coilVoltsMin', 'Coil volts, lowest mark', 'V', upTo(690), 'Lowest mark of a range coil.'),
  num('coilVoltsMax', 'Coil volts, highest mark', 'V', upTo(690), 'Highest mark of a range coil.'),
  word('coilKind', 'Coil AC or DC', currentKinds, 'Kind of current of the coil.'),
  {
    name: 'coilHertz',
    label: 'Coil hertz',
    kind: 'hertz',
    unit: 'Hz',
    above: 0,
    max: 400,
    meaning: 'Frequencies marked; an empty list on a DC coil.',
  },
  {
    name: 'coilMarks',
    label: 'Coil marks',
    kind: 'coil-rows',
    meaning: 'Rows {volts, kind, hertz} where a coil has several marks.',
  },
  num('coilWatts', 'Coil watts', 'W', upTo(20000), 'Coil power.'),
  num('coilOhms', 'Coil resistance', 'ohm', upTo(1e7), 'DC resistance of the coil.'),
  num('coilInrushVA', 'Coil inrush', 'VA', upTo(20000), "An AC coil's VA while pulling in."),
  num('coilSealedVA', 'Coil sealed', 'VA', upTo(20000), "An AC coil's VA when closed."),
];

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

export const contactorFields: readonly Field[] = [
  ...coilFields,
  word('standard', 'Standard', contactorStandards, 'Standard marked.'),
  num('poles', 'Poles', 'count', { min: 1, max: 12 }, 'Main poles.'),
  num('auxNormallyOpen', 'Auxiliaries NO', 'count', { min: 0, max: 8 }, 'Normally open auxiliary contacts.'),
  num('auxNormallyClosed', 'Auxiliaries NC', 'count', { min: 0, max: 8 }, 'Normally closed auxiliary contacts.'),
  { name: 'ratings', label: 'Ratings', kind: 'rows', meaning: 'Rows of the plate, each valid at its volts.' },
  word('nemaSize', 'NEMA size', ['00', '0', '1', '2', '3', '4', '5', '6', '7', '8', '9'], 'NEMA size.'),
  num('continuousAmps', 'Continuous amps', 'A', upTo(10000), 'Continuous current of the NEMA size.'),
  word('holding', 'Held by', ['electrical', 'mechanical', 'magnetic-latch'], 'What keeps it closed.'),
  num(
    'shortCircuitRatingAmps',
    'Short-circuit rating',
    'A',
    { min: 1000, max: 200000 },
    'Conditional short-circuit current with its stated protection.',
  ),
  num('maxAmbientC', 'Highest ambient', '°C', { min: 20, max: 90 }, 'Highest ambient.'),
  num('maxOperationsPerHour', 'Switching rate', 'count', { min: 1, max: 36000 }, 'Highest switching rate.'),
  num('electricalLifeOperations', 'Electrical life', 'count', { min: 1000, max: 1e8 }, 'Electrical endurance at the rated load.'),
];
