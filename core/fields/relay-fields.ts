/** Fields of control, timing and monitoring relays, and what a position asks of them. Words as printed in the trade. */
import { sheet } from './print';
import { declared, currentKinds, flag, num, text, upTo, word, words, type Field } from './field';

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

export type MonitoringFunction = (typeof monitoringFunctions)[number];

const MAX_SECONDS = 3_600_000;
const pole = num('pole', 'Pole', 'count', { min: 1, max: 12 }, 'Pole by its number; absent: every contact, or any.');
const switched = [
  word('loadType', 'Load', contactLoads, 'Kind of load switched.'),
  word('kind', 'AC or DC', currentKinds, 'Kind of current switched.'),
  num('volts', 'Volts', 'V', upTo(1500), 'Volts switched.'),
  num('amps', 'Amps', 'A', upTo(100), 'Steady current.'),
  num('horsepower', 'Horsepower', 'hp', upTo(100), 'Motor switched.', { short: 'Power' }),
  num('inrushPeakAmps', 'Inrush peak', 'A', upTo(100000), 'Peak of the inrush.'),
];

export const relaySupplyFields = [
  word('socket', 'Socket fitted', bases, 'Base (socket) fitted at the position.', { short: 'Socket' }),
  num('coilPositivePin', 'Pin wired to positive', 'count', { min: 1, max: 14 }, 'Pin of the base that is wired to positive.', {
    short: 'Positive pin',
  }),
  flag('permanentSupply', 'Permanent supply present', 'A supply that stays on, apart from the switched one, is at the position.', {
    short: 'Permanent supply',
  }),
] as const satisfies readonly Field[];

/** What the position asks of a relay. */
export const relayLoadFields = [
  declared({ name: 'contactForms', label: 'Contacts in use', kind: 'counts', words: contactForms, meaning: 'Contacts needed, by form.' }),
  declared({
    name: 'contacts',
    label: 'Loads of the contacts',
    short: 'Contact loads',
    kind: 'rows',
    rowFields: [
      pole,
      ...switched,
      num('inrushMicroseconds', 'Inrush length', 'us', upTo(1e6), 'Length of the inrush.'),
      num('inrushVA', 'Coil inrush', 'VA', upTo(20000), 'VA of a coil while it pulls in.'),
      num('sealedVA', 'Coil sealed', 'VA', upTo(20000), 'VA of a coil when closed.'),
    ],
    meaning: 'What each contact switches.',
  }),
  text('environment', 'Environment', 'What the air around it holds, such as dust, damp, corrosive, flammable gas possible.'),
  words('enclosureNeeded', 'Enclosures accepted', enclosures, 'Enclosures accepted here.', { short: 'Enclosures' }),
  num('loadMilliamps', 'Input current when on', 'mA', { min: 0, max: 1000 }, 'Current of the input when on.', { short: 'Input, on' }),
  num('loadReleaseMilliamps', 'Input is off below', 'mA', { min: 0, max: 1000 }, 'Current below which the input is surely off.', {
    short: 'Input off below',
  }),
] as const satisfies readonly Field[];

export const timingLoadFields = [
  text('requiredFunctionPlain', 'Timing function required', 'Timing function in plain words.', { short: 'Function' }),
  declared({
    name: 'requiredTrace',
    label: 'Timing diagram required',
    short: 'Diagram',
    kind: 'trace',
    meaning: 'Supply, signal and output over time, as changes of state.',
  }),
  declared({
    name: 'settingSeconds',
    label: 'Time setting',
    short: 'Time setting',
    kind: 'times',
    unit: 's',
    min: 0.01,
    max: MAX_SECONDS,
    meaning: 'One time, or on and off.',
  }),
  num('repeatPercentNeeded', 'Maximum repeat error', '%', { min: 0.01, max: 50 }, 'Largest repeat error allowed.', {
    short: 'Repeat error',
  }),
  flag('controlSignal', 'Started by a control signal', 'A signal starts the timing.', { short: 'Control signal' }),
  word('signalKind', 'Type of control signal', signalKinds, 'What the signal brings to the control input.', { short: 'Signal' }),
  num('deadTimeMillisecondsMin', 'Minimum star-to-delta pause', 'ms', { min: 0, max: 1000 }, 'Least pause from star to delta.', {
    short: 'Min. pause',
  }),
  num('contactAmpsNeeded', 'Current switched', 'A', upTo(50), 'Current switched.', { short: 'Switches' }),
] as const satisfies readonly Field[];

export const monitoringLoadFields = [
  word('supplyKindNeeded', 'Supply measured', ['ac', 'dc'], 'Kind of current to be measured.', { short: 'Measures' }),
  words('functionsNeeded', 'Must detect', monitoringFunctions, 'What the monitoring relay must detect.', { short: 'Must detect' }),
  num('underVoltsSettingNeeded', 'Undervoltage setting', 'V', upTo(1500), 'Undervoltage threshold to be set.', { short: 'U< setting' }),
  num('rideThroughSeconds', 'Ride-through time', 's', { min: 0, max: 999 }, 'Length of a dip that must not trip.', {
    short: 'Ride-through',
  }),
  num(
    'regeneratedPercent',
    'Back-EMF on the lost phase',
    '%',
    { min: 0, max: 100 },
    'Volts that a running motor holds up on the one lost phase.',
    { short: 'Back-EMF' },
  ),
  num('startDipPercent', 'Voltage during start', '%', { min: 0, max: 100 }, 'Volts left while the load starts.', { short: 'During start' }),
  num('changeoversNeeded', 'Changeover contacts in use', 'count', { min: 1, max: 4 }, 'Changeover contacts in use.', {
    short: 'Changeovers',
  }),
  flag('latchNeeded', 'Latching required (manual reset)', 'The fault stays until it is reset.', { short: 'Latching' }),
  flag('failSafeNeeded', 'Fail-safe', 'Output energised when healthy.'),
] as const satisfies readonly Field[];

/** Marks that relays of every kind share. */
export const base = word('base', 'Socket', bases, 'Socket or mounting.', {
  recovery: 'Count the pins, and look at the socket it sits in.',
});
export const forms = declared({
  name: 'contactForms',
  label: 'Contacts',
  kind: 'counts',
  words: contactForms,
  meaning: 'Contacts by form.',
});
export const contactRatings = declared({
  name: 'contactRatings',
  label: 'Contact ratings',
  kind: 'rows',
  rowFields: [
    pole,
    ...switched,
    num('minimumAmps', 'Minimum switching load', 'A', upTo(10), 'Smallest current that the contact switches reliably.'),
  ],
  meaning: 'Each row holds for its kind of current and volts, and for its pole where it names one; motor, lamp and DC figures are apart.',
  print: {},
  recovery: sheet,
});
export const pilotDuty = word(
  'pilotDuty',
  'Pilot duty',
  pilotDutyCodes,
  'What it may switch as a pilot for other coils (NEMA ICS 5, UL 508).',
  {
    print: { names: ['PILOT DUTY'], bare: true },
    recovery: sheet,
  },
);
export const contactFields = [contactRatings, pilotDuty] as const satisfies readonly Field[];
export const maxAmbient = num(
  'maxAmbientC',
  'Maximum ambient temperature',
  '°C',
  { min: 20, max: 125 },
  'Highest air temperature around it for its rating.',
  {
    short: 'Max. ambient',
  },
);
