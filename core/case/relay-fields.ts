/** Fields of control, timing and monitoring relays, and what a position asks of them. Words as printed in the trade. */
import { currentKinds, flag, num, text, upTo, word, words, type Field } from './field';

export const bases = ['octal-8', '11-pin', '5-blade', '8-blade', '11-blade', '14-blade', 'din-rail', 'panel', 'solder', 'pcb'] as const;
export const contactForms = ['SPST-NO', 'SPST-NC', 'SPDT', 'SPST-NO-DM'] as const;
export const contactLoads = [
  ...['resistive', 'motor', 'tungsten', 'ballast', 'led', 'signal', 'transformer', 'capacitive', 'general-use'],
  ...['AC-12', 'AC-13', 'AC-14', 'AC-15', 'DC-12', 'DC-13', 'DC-14', 'pilot-duty-ac', 'pilot-duty-dc'],
] as const;
export const pilotDutyCodes = [
  ...['A150', 'A300', 'A600', 'B150', 'B300', 'B600', 'C150', 'C300', 'C600', 'D150', 'D300', 'E150'],
  ...['N150', 'N300', 'N600', 'P150', 'P300', 'P600', 'Q150', 'Q300', 'Q600', 'R150', 'R300'],
] as const;
export const polarities = ['none', 'led', 'diode', 'led-and-diode', 'polarised-coil'] as const;
export const enclosures = ['open-frame', 'dust-cover', 'flux-proof', 'wash-tight', 'sealed', 'hermetically-sealed'] as const;
export const signalKinds = ['volt-free', 'mains-voltage', 'control-voltage', 'transistor'] as const;
export const timerOutputs = ['relay contact', 'relay contact, gold flashed', 'solid-state two-wire', 'solid-state three-wire'] as const;
export const monitoringFunctions = [
  ...['undervoltage', 'overvoltage', 'phaseLoss', 'phaseSequence', 'neutralOpen', 'asymmetry', 'underfrequency', 'overfrequency'],
] as const;

const SECONDS_MOST = 3_600_000;
const pole = num('pole', 'Pole', 'count', { min: 1, max: 12 }, 'Pole by its number; absent: every contact, or any.');
const switched = [
  word('loadType', 'Load', contactLoads, 'Kind of load switched.'),
  word('kind', 'AC or DC', currentKinds, 'Kind of current switched.'),
  num('volts', 'Volts', 'V', upTo(1500), 'Volts switched.'),
  num('amps', 'Amps', 'A', upTo(100), 'Steady current.'),
  num('horsepower', 'Horsepower', 'hp', upTo(100), 'Motor switched.'),
  num('inrushPeakAmps', 'Inrush peak', 'A', upTo(100000), 'Peak of the inrush.'),
];

export const relaySupplyFields: readonly Field[] = [
  word('socket', 'Base fitted', bases, 'Base (socket) fitted at the position.'),
  num('coilPositivePin', 'Pin wired to plus', 'count', { min: 1, max: 14 }, 'Pin of the base that is wired to positive.'),
  flag('permanentSupply', 'Supply stays on', 'A supply that stays on, apart from the switched one, is at the position.'),
];

/** What the position asks of a relay. */
export const relayLoadFields: readonly Field[] = [
  { name: 'contactForms', label: 'Contacts in use', kind: 'counts', words: contactForms, meaning: 'Contacts needed, by form.' },
  {
    name: 'contacts',
    label: 'What they switch',
    kind: 'rows',
    rowFields: [
      pole,
      ...switched,
      num('inrushMicroseconds', 'Inrush length', 'us', upTo(1e6), 'Length of the inrush.'),
      num('inrushVA', 'Coil inrush', 'VA', upTo(20000), 'VA of a coil while it pulls in.'),
      num('sealedVA', 'Coil sealed', 'VA', upTo(20000), 'VA of a coil when closed.'),
    ],
    meaning: 'What each contact switches.',
  },
  text('environment', 'Surroundings', 'What the air around it holds, such as dust, damp, corrosive, flammable gas possible.'),
  words('enclosureNeeded', 'Enclosures accepted', enclosures, 'Enclosures accepted here.'),
  num('loadMilliamps', 'Input when on', 'mA', { min: 0, max: 1000 }, 'Current of the input when on.'),
  num('loadReleaseMilliamps', 'Input is off below', 'mA', { min: 0, max: 1000 }, 'Current below which the input is surely off.'),
];

export const timingLoadFields: readonly Field[] = [
  text('requiredFunctionPlain', 'Function wanted', 'Timing function in plain words.'),
  { name: 'requiredTrace', label: 'Trace wanted', kind: 'trace', meaning: 'Supply, signal and output over time, as changes of state.' },
  {
    name: 'settingSeconds',
    label: 'Time to be set',
    kind: 'times',
    unit: 's',
    min: 0.01,
    max: SECONDS_MOST,
    meaning: 'One time, or on and off.',
  },
  num('repeatPercentNeeded', 'Repeat error allowed', '%', { min: 0.01, max: 50 }, 'Largest repeat error allowed.'),
  flag('controlSignal', 'A signal starts it', 'A signal starts the timing.'),
  word('signalKind', 'Kind of signal', signalKinds, 'What the signal brings to the control input.'),
  num('deadTimeMillisecondsMin', 'Pause star to delta', 'ms', { min: 0, max: 1000 }, 'Least pause from star to delta.'),
  num('contactAmpsNeeded', 'Current switched', 'A', upTo(50), 'Current switched.'),
];

export const monitoringLoadFields: readonly Field[] = [
  word('supplyKindNeeded', 'Kind measured', ['ac', 'dc'], 'Kind of current to be measured.'),
  words('functionsNeeded', 'Must detect', monitoringFunctions, 'What the monitoring relay must detect.'),
  num('underVoltsSettingNeeded', 'Undervoltage setting', 'V', upTo(1500), 'Undervoltage threshold to be set.'),
  num('rideThroughSeconds', 'Dip to ride through', 's', { min: 0, max: 999 }, 'Length of a dip that must not trip.'),
  num('regeneratedPercent', 'Back-EMF', '%', { min: 0, max: 100 }, 'Volts that a running motor holds up on the one lost phase.'),
  num('startDipPercent', 'Volts left at start', '%', { min: 0, max: 100 }, 'Volts left while the load starts.'),
  num('changeoversNeeded', 'Changeovers in use', 'count', { min: 1, max: 4 }, 'Changeover contacts in use.'),
  flag('latchNeeded', 'Fault memory', 'The fault stays until it is reset.'),
  flag('failSafeNeeded', 'Fail-safe', 'Output energised when healthy.'),
];

const base = word('base', 'Base', bases, 'Base or mounting.');
const forms: Field = { name: 'contactForms', label: 'Contacts', kind: 'counts', words: contactForms, meaning: 'Contacts by form.' };
export const contactFields: readonly Field[] = [
  {
    name: 'contactRatings',
    label: 'Contact ratings',
    kind: 'rows',
    rowFields: [pole, ...switched, num('minimumAmps', 'Least load', 'A', upTo(10), 'Least load for a sure contact.')],
    meaning: 'Contact rating by kind of load; a row without a pole holds for every contact.',
  },
  word('pilotDuty', 'Pilot duty', pilotDutyCodes, 'Contact rating designation (NEMA ICS 5, UL 508).'),
];
const ambient: readonly Field[] = [
  num('minAmbientC', 'Lowest ambient', '°C', { min: -90, max: 40 }, 'Lowest ambient.'),
  num('maxAmbientC', 'Highest ambient', '°C', { min: 20, max: 125 }, 'Highest ambient.'),
];

export const controlRelayFields: readonly Field[] = [
  base,
  forms,
  ...contactFields,
  word('polarity', 'Polarity', polarities, 'What makes the coil polarised.'),
  num('positivePin', 'Positive pin', 'count', { min: 1, max: 14 }, 'Positive pin of a polarised coil.'),
  word('enclosure', 'Enclosure', enclosures, 'From open frame to hermetically sealed (IEC 61810, RT 0 to RT V).'),
  num('electricalLifeOperations', 'Electrical life', 'count', { min: 1000, max: 1e9 }, 'Electrical endurance at the load.'),
  num('maxOperationsPerHour', 'Most operations an hour', 'count', { min: 1, max: 36000 }, 'Highest switching rate at the load.'),
  ...ambient,
];

export const timingRelayFields: readonly Field[] = [
  words('functionWords', 'Functions', [], 'Every function that it offers, as printed.'),
  {
    name: 'rangesSeconds',
    label: 'Time ranges',
    kind: 'bands',
    unit: 's',
    min: 0.001,
    max: SECONDS_MOST,
    meaning: 'Every time range it offers.',
  },
  {
    name: 'functionLetters',
    label: 'Function letters',
    kind: 'rows',
    rowFields: [text('letter', 'Letter', 'Letter on the dial.'), text('word', 'Function', 'What the maker calls it.')],
    meaning: 'The maker’s own letters, each with its function.',
  },
  word('setting', 'Set by', ['dial', 'digits'], 'How a time is set.'),
  base,
  forms,
  num('contactAmps', 'Contact amps', 'A', upTo(50), 'Contact current.'),
  num('repeatAccuracyPercent', 'Repeat accuracy', '%', { min: 0.01, max: 50 }, 'Repeat accuracy.'),
  flag('signalInput', 'Control input', 'Has a control input.'),
  word('signalKind', 'Its input takes', signalKinds, 'What the control input takes.'),
  flag('twoTimes', 'Two times', 'On and off time are set apart.'),
  num('deadTimeMilliseconds', 'Star-delta pause', 'ms', { min: 0, max: 1000 }, 'Pause from star to delta.'),
  word('output', 'Output', timerOutputs, 'Output element.'),
  num('outputLeakageMilliamps', 'Leakage when off', 'mA', { min: 0, max: 1000 }, 'Current that leaks when off.'),
  num('outputMinimumMilliamps', 'Least load', 'mA', { min: 0, max: 1000 }, 'Least load of the output.'),
  ...contactFields,
  word('polarity', 'Polarity', polarities, 'What makes the supply input polarised.'),
  num('positivePin', 'Positive pin', 'count', { min: 1, max: 14 }, 'Positive pin of a polarised supply.'),
  ...ambient,
];

export const monitoringRelayFields: readonly Field[] = [
  num('nominalVoltsMin', 'Nominal volts, lowest', 'V', upTo(1500), 'Lowest nominal volts it can be set to.'),
  num('nominalVoltsMax', 'Nominal volts, highest', 'V', upTo(1500), 'Highest nominal volts it can be set to.'),
  word(
    'nominalVoltsBetween',
    'Measured between',
    ['line-to-line', 'line-to-neutral', 'positive-to-negative'],
    'Between which conductors its nominal volts are.',
  ),
  { name: 'nominalHertz', label: 'Nominal hertz', kind: 'hertz', unit: 'Hz', above: 0, max: 400, meaning: 'Frequencies it works on.' },
  num('wires', 'Wires', 'count', { min: 2, max: 4 }, 'Conductors watched.'),
  word('measuredKind', 'Measures', currentKinds, 'Kind of current measured.'),
  { name: 'auxiliarySupply', label: 'Fed by', kind: 'feed', meaning: 'Fed by the measured volts (self), or by volts of its own.' },
  { name: 'functions', label: 'Functions', kind: 'flags', words: monitoringFunctions, meaning: 'What it detects.' },
  num('underVoltsMin', 'Undervoltage, lowest', 'V', upTo(1500), 'Lowest undervoltage setting.'),
  num('underVoltsMax', 'Undervoltage, highest', 'V', upTo(1500), 'Highest undervoltage setting.'),
  num('phaseLossBelowPercent', 'Phase is lost below', '%', { min: 0, max: 100 }, 'A phase below this share of nominal counts as lost.'),
  num('asymmetrySettingMinPercent', 'Asymmetry, lowest', '%', { min: 0.5, max: 100 }, 'Lowest asymmetry setting.'),
  num('asymmetrySettingMaxPercent', 'Asymmetry, highest', '%', { min: 0.5, max: 100 }, 'Highest asymmetry setting.'),
  num('tripDelayMinSeconds', 'Trip delay, shortest', 's', { min: 0, max: 999 }, 'Shortest trip (off) delay.'),
  num('tripDelayMaxSeconds', 'Trip delay, longest', 's', { min: 0, max: 999 }, 'Longest trip (off) delay.'),
  num('changeovers', 'Changeovers', 'count', { min: 1, max: 4 }, 'Changeover contacts.'),
  flag('energisedWhenHealthy', 'Closed-circuit', 'Output energised when healthy (fail-safe).'),
  flag('latch', 'Fault memory', 'Keeps a fault until it is reset.'),
  ...contactFields,
  ...ambient,
];
