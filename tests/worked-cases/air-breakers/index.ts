/** Worked examples of judging air breakers. IEC 60947-2 and UL 1066, from memory; mounting and remote working are common practice. */
import type { FieldValues } from '@/core/case/case';
import type { WorkedCase } from '../worked-case';

const IEC = 'IEC' as const;
const standard = 'IEC 60947-2, from memory';
const practice = 'common practice';
const supply: FieldValues = { systemVolts: 400, voltsToGround: 230, phases: 3, currentKind: 'ac', grounding: 'TN-S' };
const board = (more: FieldValues = {}): FieldValues => ({ kind: 'distribution-board', ...more });
const part = (more: FieldValues = {}): FieldValues => ({ standard: 'IEC 60947-2', ratedAmps: 1600, ratedVoltsLineToLine: 690, ...more });
const row = (
  name: string,
  more: FieldValues,
  load: FieldValues,
  spec: FieldValues,
  lines: WorkedCase['lines'],
  source = standard,
): WorkedCase => ({
  name,
  practice: IEC,
  supply: { ...supply, ...more },
  load: board(load),
  spec: part(spec),
  lines,
  source,
});

export const airBreakerCases: WorkedCase[] = [
  row(
    'Icu at the fault',
    { prospectiveFaultAmps: 42000 },
    {},
    { icuAmps: 42000, icsAmps: 42000 },
    { interrupting: 'fits', 'service-capacity': 'fits' },
  ),
  row('Icu below the fault', { prospectiveFaultAmps: 42100 }, {}, { icuAmps: 42000 }, { interrupting: 'fails' }),
  row(
    'service below the fault',
    { prospectiveFaultAmps: 40000 },
    {},
    { icuAmps: 50000, icsAmps: 36000 },
    { interrupting: 'fits', 'service-capacity': 'check' },
  ),
  // Table 2: 2.1 x 42 kA = 88.2 kA peak; 2 x 18 kA = 36 kA.
  row(
    'making capacity for 42 kA',
    { prospectiveFaultAmps: 42000 },
    {},
    { icmAmps: 88200 },
    { making: 'fits' },
    'IEC 60947-2 table 2: 2.1, from memory',
  ),
  row(
    'making capacity too small for 42 kA',
    { prospectiveFaultAmps: 42000 },
    {},
    { icmAmps: 84000 },
    { making: 'fails' },
    'IEC 60947-2 table 2: 2.1, from memory',
  ),
  row(
    'making capacity for 18 kA',
    { prospectiveFaultAmps: 18000 },
    {},
    { icmAmps: 36000 },
    { making: 'fits' },
    'IEC 60947-2 table 2: 2.0, from memory',
  ),
  row('waits 0.4 s on 42 kA', { prospectiveFaultAmps: 42000 }, { withstandSeconds: 0.4 }, { icwAmps: 42000 }, { withstand: 'fits' }),
  row('does not stand it', { prospectiveFaultAmps: 42000 }, { withstandSeconds: 0.4 }, { icwAmps: 36000 }, { withstand: 'fails' }),
  // 36 kA for 0.25 s is 18 kA for 1 s.
  row(
    'a withstand of a quarter second counts half',
    { prospectiveFaultAmps: 18100 },
    { withstandSeconds: 0.4 },
    { icwAmps: 36000, icwSeconds: 0.25 },
    { withstand: 'fails' },
    'I²t = constant, by hand: 18 kA',
  ),
  // 3 s at 20 kA is 34.6 kA for 1 s.
  row(
    'three seconds ask for more at one',
    { prospectiveFaultAmps: 20000 },
    { withstandSeconds: 3 },
    { icwAmps: 34000 },
    { withstand: 'fails' },
    'I²t = constant, by hand: 34.6 kA',
  ),
  row(
    'withstand worn',
    { prospectiveFaultAmps: 20000 },
    { withstandSeconds: 0.4 },
    { icwAmps: null },
    { withstand: 'not-known' },
    practice,
  ),
  row(
    'earth fault asked for',
    {},
    { tripFunctionsNeeded: ['L', 'S', 'I', 'G'] },
    { tripUnit: 'LSI' },
    { 'trip-function-S': 'fits', 'trip-function-G': 'fails' },
    practice,
  ),
  row(
    'earth fault there',
    {},
    { tripFunctionsNeeded: ['L', 'S', 'I', 'G'] },
    { tripUnit: 'LSIG' },
    { 'trip-function-G': 'fits' },
    practice,
  ),
  row('carries its load', {}, { loadAmps: 1600 }, {}, { running: 'fits' }, practice),
  row('carries too little', {}, { loadAmps: 1601 }, {}, { running: 'fails' }, practice),
  row('set below its rating carries its setting', {}, { loadAmps: 1300 }, { longTimeSettingAmps: 1280 }, { running: 'fails' }, practice),
  row('a fixed one does not enter a cradle', {}, { mountingNeeded: 'draw-out' }, { mounting: 'fixed' }, { mounting: 'fails' }, practice),
  row(
    'no day of shutdown: draw-out advised',
    {},
    { longestShutdownHours: 4 },
    { mounting: 'fixed' },
    { 'exchange-time': 'check' },
    practice,
  ),
  row(
    'two days of shutdown: nothing is asked',
    {},
    { longestShutdownHours: 48 },
    { mounting: 'fixed' },
    { 'exchange-time': null },
    practice,
  ),
  row(
    'worked from afar with all it needs',
    {},
    { remoteOperation: true },
    { accessories: ['closing-coil', 'shunt-trip', 'charging-motor', 'auxiliary-contact'] },
    { 'remote-closing-coil': 'fits', 'remote-charging-motor': 'fits' },
    practice,
  ),
  row(
    'worked from afar without a motor',
    {},
    { remoteOperation: true },
    { accessories: ['closing-coil', 'shunt-trip'] },
    { 'remote-charging-motor': 'check' },
    practice,
  ),
  row(
    'control volts at 85 %',
    { controlVolts: 110, controlVoltsMin: 93.5, controlVoltsMax: 121, controlKind: 'dc' },
    {},
    { coilVolts: 110, coilKind: 'dc' },
    { 'coil-volts': 'fits', 'coil-kind': 'fits' },
  ),
  row(
    'control volts below 85 %',
    { controlVolts: 110, controlVoltsMin: 93, controlVoltsMax: 121, controlKind: 'dc' },
    {},
    { coilVolts: 110, coilKind: 'dc' },
    { 'coil-volts': 'fails' },
  ),
  row(
    'maintenance mode asked for',
    {},
    { maintenanceModeNeeded: true },
    { arcEnergyReduction: ['zone-interlocking'] },
    { 'maintenance-mode': 'fails' },
    practice,
  ),
  row(
    'maintenance mode there',
    {},
    { maintenanceModeNeeded: true },
    { arcEnergyReduction: ['maintenance-setting'] },
    { 'maintenance-mode': 'fits' },
    practice,
  ),
  row('another protocol', {}, { protocolNeeded: 'Modbus TCP' }, { protocol: 'modbus rtu' }, { protocol: 'check' }, practice),
  row('the plant’s protocol', {}, { protocolNeeded: 'Modbus TCP' }, { protocol: 'modbus tcp' }, { protocol: 'fits' }, practice),
  {
    name: 'UL 1066 carries continuous load at 100 %',
    supply: { systemVolts: 480, currentKind: 'ac' },
    load: board({ continuousAmps: 1600 }),
    spec: { standard: 'UL 1066', ratedAmps: 1600 },
    lines: { running: 'fits' },
    source: 'NFPA 70 210.20(A) exception; UL 1066, from memory',
  },
  {
    name: 'rows of a power breaker: 508 V serves 480 V',
    supply: { systemVolts: 480, currentKind: 'ac', prospectiveFaultAmps: 50000 },
    load: board(),
    spec: {
      standard: 'UL 1066',
      ratedAmps: 1600,
      interruptingRatings: [
        { volts: 254, kind: 'ac', amps: 65000 },
        { volts: 508, kind: 'ac', amps: 50000 },
      ],
    },
    lines: { interrupting: 'fits' },
    source: 'ANSI voltage classes 254, 508 and 635 V, from memory',
  },
  {
    name: 'earth fault set above what is allowed',
    supply: { systemVolts: 480, voltsToGround: 277, phases: 3, currentKind: 'ac', grounding: 'solidly-grounded-wye' },
    load: board(),
    spec: { standard: 'UL 1066', ratedAmps: 1600, groundFaultPickupAmps: 1280, groundFaultSeconds: 0.3 },
    lines: { 'earth-fault-pickup': 'fails' },
    source: 'NFPA 70 230.95: 1200 A, from memory',
  },
];
