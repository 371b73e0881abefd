/** What a case says of the load and of the circuit that feeds it, beside what single families ask. Words of the open interface. */
import type { MarksOf } from './mark-types';
import { accessoryLoadFields } from './accessory-fields';
import { airBreakerLoadFields } from './air-breaker-fields';
import { capacitorLoadFields } from './capacitor-fields';
import { declared, flag, num, text, upTo, word, words, type Field } from './field';
import { loadMarks } from './load-marks';
import { breakerMarks, utilisationCategories } from './protection-fields';
import { monitoringLoadFields, relayLoadFields, timingLoadFields } from './relay-fields';
import { residualLoadFields } from './residual-fields';

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

export const loadFields = [
  word('kind', 'Load', loadKinds, 'What is fed or worked.'),
  loadMarks.plateVolts,
  loadMarks.horsepower,
  loadMarks.kilowatts,
  loadMarks.fullLoadAmps,
  num('tableFullLoadAmps', 'Full-load current by table', 'A', upTo(10000), 'Table value for that power and volts.', { short: 'Table FLC' }),
  declared({
    name: 'motors',
    label: 'Motors on the feeder',
    kind: 'rows',
    rowFields: [
      num('tableFullLoadAmps', 'Table amps', 'A', upTo(10000), 'Table amps of this motor.'),
      num('branchDeviceAmps', 'Branch device', 'A', upTo(6300), 'Largest branch device permitted for this motor.'),
    ],
    meaning: 'Motors of a group fed through one feeder, each with its table amps and its branch device.',
  }),
  loadMarks.ratedLoadAmps,
  loadMarks.lockedRotorAmps,
  loadMarks.lockedRotorRatio,
  loadMarks.codeLetter,
  loadMarks.serviceFactor,
  num('temperatureRiseC', 'Winding temperature rise', 'K', { min: 20, max: 180 }, 'Temperature rise of the winding.', {
    short: 'Temp. rise',
  }),
  loadMarks.efficiency,
  loadMarks.powerFactor,
  loadMarks.fanFullLoadAmps,
  num('fanLockedRotorAmps', 'Fan locked-rotor amps', 'A', upTo(500), 'Locked-rotor amps of that fan.', { short: 'Fan LRA' }),
  loadMarks.minimumCircuitAmps,
  loadMarks.maximumOvercurrentAmps,
  text('plateWords', 'Wording on the plate', 'Words of the plate that bind the choice.', { short: 'Plate wording' }),
  num('startAmps', 'Starting current', 'A', upTo(100000), 'Rms starting current.', { short: 'Start current' }),
  num('startSeconds', 'Starting time', 's', { min: 0.01, max: 120 }, 'Length of the start.', { short: 'Start time' }),
  num('stallSecondsHot', 'Safe stall time, hot', 's', { min: 0.01, max: 120 }, 'Safe stall time from hot.', { short: 'Stall time, hot' }),
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
  loadMarks.watts,
  loadMarks.resistiveAmps,
  loadMarks.runningAmps,
  num('ampsPerPole', 'Current per pole', 'A', upTo(10000), 'Current in each pole.', { short: 'A per pole' }),
  flag('continuous', 'Continuous load', 'Runs three hours or more.', { short: 'Continuous' }),
  loadMarks.lampKind,
  num('polesToSwitch', 'Poles to switch', 'count', { min: 1, max: 12 }, 'Poles needed.', { short: 'Poles' }),
  num('polesThatMustOpen', 'Poles that must open', 'count', { min: 1, max: 4 }, 'Live conductors that must be opened when off.', {
    short: 'Poles to open',
  }),
  flag('mustHoldOnControlLoss', 'Must stay closed on loss of control power', 'The load stays on when control power is lost.', {
    short: 'Stays closed',
  }),
  num('auxNormallyOpenNeeded', 'Auxiliary contacts NO in use', 'count', { min: 0, max: 8 }, 'Normally open auxiliary contacts in use.', {
    short: 'Aux NO in use',
  }),
  num(
    'auxNormallyClosedNeeded',
    'Auxiliary contacts NC in use',
    'count',
    { min: 0, max: 8 },
    'Normally closed auxiliary contacts in use.',
    { short: 'Aux NC in use' },
  ),
  word(
    'starterRole',
    'Function in starter',
    ['line', 'main', 'delta', 'star', 'forward', 'reverse', 'bypass', 'autotransformer-run', 'autotransformer-start'],
    'Place of the contactor in the starter.',
    { short: 'In starter' },
  ),
  num(
    'autotransformerTapPercent',
    'Autotransformer tap',
    '%',
    { min: 40, max: 90 },
    'Tap of the starting autotransformer in use, usually 50, 65 or 80; absent: 80.',
    { short: 'Tap' },
  ),
  num('loadAmps', 'Design current, Ib', 'A', { min: 0, max: 6300 }, 'Design current.', { short: 'Design current' }),
  num('circuitAmps', 'Branch circuit rating', 'A', { min: 0, max: 6300 }, 'Rating of the branch circuit.', { short: 'Branch circuit' }),
  num('continuousAmps', 'Continuous load', 'A', { min: 0, max: 6300 }, 'Load that runs three hours or more.', { short: 'Continuous' }),
  num('noncontinuousAmps', 'Noncontinuous load', 'A', { min: 0, max: 6300 }, 'The rest of the load.', { short: 'Noncontinuous' }),
  num(
    'conductorAmpacityAmps',
    'Current-carrying capacity of the conductor, Iz',
    'A',
    upTo(6300),
    'Current-carrying capacity of the conductor as installed.',
    { short: 'Iz', nfpa: { label: 'Conductor ampacity', short: 'Ampacity' } },
  ),
  num(
    'conductorMm2',
    'Conductor at its terminals',
    'mm²',
    upTo(1000),
    'Largest cross-section that is wired to the device; a gauge may be typed.',
    {
      short: 'Conductor',
      recovery: 'Printed on the insulation; measure the bare strand, dead.',
    },
  ),
  flag('smallConductorLimit', 'Small-conductor limit applies', 'That capacity is a small-conductor limit, so a ceiling.', {
    short: 'Small conductor',
  }),
  num('disconnectSeconds', 'Maximum disconnection time', 's', { min: 0.01, max: 10 }, 'Longest disconnection time for an earth fault.', {
    short: 'Disconnection',
  }),
  num('minFaultTripSeconds', 'Time to clear the minimum fault', 's', { min: 0.01, max: 10 }, 'Longest time for the least fault current.', {
    short: 'Min. fault in',
  }),
  num('voltsToGroundOfPole', 'Voltage to earth of a pole', 'V', { min: 0, max: 1000 }, 'Highest volts to earth on a pole used.', {
    short: 'Pole V to earth',
  }),
  flag('branchCircuitProtectionNeeded', 'Is the branch-circuit protection', 'The device is the branch-circuit protection.', {
    short: 'Branch circuit',
  }),
  flag('overloadByFuse', 'Fuse is the overload protection', 'The fuse is the conductor’s overload protection.', {
    short: 'Overload by fuse',
  }),
  flag(
    'resettableFitted',
    'Place of a resettable element',
    'The maker of the equipment fits a resettable element here: low power, and nothing that must be parted.',
    { short: 'Resettable' },
  ),
  flag('overcurrentNeededHere', 'Overcurrent protection needed here', 'No other overcurrent device protects this circuit.', {
    short: 'O/C needed',
  }),
  declared({
    name: 'maxFuseAmpsBy',
    label: 'Maximum fuse of the starter',
    short: 'Max. fuse',
    kind: 'amps-by',
    unit: 'A',
    above: 0,
    max: 6300,
    words: utilisationCategories,
    meaning: 'Largest fuse that the starter allows, by utilisation category.',
  }),
  num('blownThisMonth', 'Blown in the last 12 months', 'count', { min: 0, max: 100 }, 'Fuses blown here lately; history, no line.', {
    short: 'Blown, 12 months',
  }),
  num('stringShortCircuitAmps', 'String short-circuit current, Isc', 'A', upTo(100), 'Short-circuit current of a string.', {
    short: 'String Isc',
  }),
  num('moduleMaxSeriesFuseAmps', 'Maximum series fuse of the module', 'A', upTo(100), 'Largest series fuse that the module allows.', {
    short: 'Module max. fuse',
  }),
  num('coldInrushAmps', 'Cold inrush peak', 'A', upTo(100000), 'Peak inrush of cold filaments.', { short: 'Cold inrush' }),
  loadMarks.inrushPeakAmps,
  num('inrushI2tA2s', 'Inrush I²t', 'A²s', upTo(1e9), 'Let-through of the inrush.', { short: 'Inrush I²t' }),
  num('drivers', 'Drivers switched together', 'count', { min: 1, max: 1000 }, 'Drivers or ballasts switched together.', {
    short: 'Drivers',
  }),
  num('timeConstantMilliseconds', 'Time constant, L/R', 'ms', { min: 0, max: 500 }, 'L/R of a DC load.', { short: 'L/R' }),
  num('maxPrimaryAmps', 'Maximum primary protection', 'A', upTo(6300), 'Largest primary device permitted for the transformer.', {
    short: 'Max. primary',
  }),
  num('exactAmps', 'Rating prescribed by the maker', 'A', upTo(6300), 'Rated current that the maker prescribes exactly.', {
    short: 'Prescribed',
  }),
  num('i2tLimitA2s', 'I²t withstand', 'A²s', upTo(1e12), 'I²t that the semiconductor stands.', { short: 'I²t withstand' }),
  word('overloadPosition', 'Position in the circuit', ['in-line', 'in-delta-phase'], 'Place of the overload relay in the starter.', {
    short: 'In circuit',
  }),
  num(
    'currentTransformerPrimaryAmps',
    'CT primary current',
    'A',
    { min: 5, max: 6300 },
    'Primary current of the transformers that feed the relay.',
    { short: 'CT primary' },
  ),
  num('currentTransformerSecondaryAmps', 'CT secondary current', 'A', { min: 1, max: 5 }, 'Their secondary current.', {
    short: 'CT secondary',
  }),
  word('resetNeeded', 'Reset required', ['manual', 'automatic', 'remote'], 'Reset asked for.', { short: 'Reset' }),
  words('tripContactsNeeded', 'Trip contacts in use', ['NC', 'NO', 'CO'], 'Trip contacts in use.', { short: 'Trip contacts' }),
  words('marksNeeded', 'Listing marks required', breakerMarks, 'Duty marks that plate or use asks for.', { short: 'Marks required' }),
  ...relayLoadFields,
  ...timingLoadFields,
  ...monitoringLoadFields,
  ...residualLoadFields,
  ...airBreakerLoadFields,
  ...accessoryLoadFields,
  ...capacitorLoadFields,
] as const satisfies readonly Field[];

/** Marks of a load by name. */
export type LoadMarks = MarksOf<typeof loadFields>;
