/** Worked examples of judging coils of an air breaker. Operating limits: IEC 60947-1 and 60947-2, from memory. */
import type { FieldValues } from '@/core/case/case';
import type { Verdict } from '@/core/needs/need';
import type { WorkedCase } from '../worked-case';

const IEC = 'IEC' as const;
const limits = 'IEC 60947-2, from memory';
const practice = 'common practice';
const accessory = (action: string, more: FieldValues = {}): FieldValues => ({ kind: 'air-breaker-accessory', action, ...more });
const part = (fn: string | string[], more: FieldValues = {}): FieldValues => ({ function: Array.isArray(fn) ? fn : [fn], ...more });
const row = (
  name: string,
  supply: FieldValues,
  load: FieldValues,
  spec: FieldValues,
  lines: WorkedCase['lines'],
  source = limits,
): WorkedCase => ({
  name,
  practice: IEC,
  supply,
  load,
  spec,
  lines,
  source,
});

const functions: WorkedCase[] = [
  row('a shunt trip opens on a signal', {}, accessory('opens-on-signal'), part('shunt-trip'), { function: 'fits' }),
  row('a release never stands for a shunt trip', {}, accessory('opens-on-signal'), part('undervoltage-release'), { function: 'fails' }),
  row('a shunt trip never stands for a release', {}, accessory('opens-when-supply-fails'), part('shunt-trip'), { function: 'fails' }),
  row('a closing coil unmarked for tripping', {}, accessory('opens-on-signal'), part('closing-coil'), { function: 'fails' }, practice),
  row(
    'one part marked for both bays',
    {},
    accessory('closes-on-signal'),
    part(['shunt-trip', 'closing-coil']),
    { function: 'fits' },
    practice,
  ),
  row('function worn', {}, accessory('closes-on-signal'), { function: null }, { function: 'not-known' }, practice),
  row(
    'what it must do not known',
    {},
    accessory('closes-on-signal', { action: null }),
    part('closing-coil'),
    { function: 'not-known' },
    practice,
  ),
  row('a motor charges', {}, accessory('charges-the-spring'), part('charging-motor'), { function: 'fits' }),
  row('a trip signal is the alarm contact’s', {}, accessory('signals-trip'), part('auxiliary-contact'), { function: 'fails' }, practice),
  row('position is the auxiliary contact’s', {}, accessory('signals-position'), part('auxiliary-contact'), { function: 'fits' }, practice),
  row(
    'frame and bay, spelled otherwise',
    {},
    accessory('closes-on-signal', { frameNeeded: 'K4 ' }),
    part('closing-coil', { frame: 'k4' }),
    { frame: 'fits' },
    practice,
  ),
  row(
    'another frame',
    {},
    accessory('closes-on-signal', { frameNeeded: 'K4' }),
    part('closing-coil', { frame: 'K5' }),
    { frame: 'fails' },
    practice,
  ),
];

/** A 110 V DC coil on a battery that swings: shunt 77 to 121 V, closing 93.5 to 121 V. */
const battery = (controlVoltsMin: number, controlVoltsMax = 121): FieldValues => ({
  controlVolts: 110,
  controlVoltsMin,
  controlVoltsMax,
  controlKind: 'dc',
});
const coil: FieldValues = { coilVolts: 110, coilKind: 'dc' };
const volts: WorkedCase[] = (
  [
    ['opens-on-signal', 'shunt-trip', 77, 121, 'fits'],
    ['opens-on-signal', 'shunt-trip', 76.9, 121, 'fails'],
    ['opens-on-signal', 'shunt-trip', 77, 121.2, 'fails'],
    ['closes-on-signal', 'closing-coil', 93.5, 121, 'fits'],
    ['closes-on-signal', 'closing-coil', 93.4, 121, 'fails'],
    ['charges-the-spring', 'charging-motor', 93.5, 121, 'fits'],
    ['charges-the-spring', 'charging-motor', 80, 121, 'fails'],
    ['opens-when-supply-fails', 'undervoltage-release', 93.5, 121, 'fits'],
    ['opens-when-supply-fails', 'undervoltage-release', 90, 121, 'fails'],
  ] as const
).map(([action, fn, low, high, verdict]) =>
  row(`${fn} from ${low} to ${high} V`, battery(low, high), accessory(action), part(fn, coil), { 'coil-volts': verdict }),
);
const marks: WorkedCase[] = [
  row(
    'a printed band stands before the standard’s',
    battery(61.6),
    accessory('opens-on-signal'),
    part('shunt-trip', { ...coil, operatePercent: [56, 112] }),
    { 'coil-volts': 'fits' },
    'ANSI C37.16: 70 to 140 V at 125 V, from memory',
  ),
  row(
    'a printed band that is narrower',
    battery(80),
    accessory('opens-on-signal'),
    part('shunt-trip', { ...coil, operatePercent: [85, 110] }),
    { 'coil-volts': 'fails' },
  ),
  row(
    'the printed band worn',
    battery(80),
    accessory('opens-on-signal'),
    part('shunt-trip', { ...coil, operatePercent: null }),
    { 'coil-volts': 'not-known' },
    practice,
  ),
  row(
    'a range coil at both its marks',
    battery(77, 132),
    accessory('opens-on-signal'),
    part('shunt-trip', { coilVoltsMin: 110, coilVoltsMax: 125, coilKind: 'ac/dc' }),
    { 'coil-volts': 'fits', 'coil-kind': 'fits' },
  ),
  row(
    'AC on a battery',
    battery(105, 115),
    accessory('opens-on-signal'),
    part('shunt-trip', { coilVolts: 110, coilKind: 'ac' }),
    { 'coil-kind': 'fails' },
    practice,
  ),
  row(
    'contacts have no coil',
    battery(105, 115),
    accessory('signals-trip'),
    part('alarm-contact', coil),
    { 'coil-volts': null, 'coil-kind': null },
    practice,
  ),
  row(
    'contacts in use',
    {},
    accessory('signals-position', { auxNormallyOpenNeeded: 2 }),
    part('auxiliary-contact', { auxNormallyOpen: 2 }),
    { 'contacts-open': 'fits' },
    practice,
  ),
  row(
    'too few contacts',
    {},
    accessory('signals-position', { auxNormallyClosedNeeded: 2 }),
    part('auxiliary-contact', { auxNormallyClosed: 1 }),
    { 'contacts-closed': 'fails' },
    practice,
  ),
  row(
    'inrush of the motor above its source',
    { ...battery(105, 115), supplyVA: 300 },
    accessory('charges-the-spring'),
    part('charging-motor', { ...coil, inrushVA: 450 }),
    { 'coil-sealed': 'fails' },
    practice,
  ),
  row(
    'inrush on AC',
    { controlVolts: 230, controlKind: 'ac', controlHertz: 50, supplyVA: 500 },
    accessory('charges-the-spring'),
    part('charging-motor', { coilVolts: 230, coilKind: 'ac', coilHertz: [50], inrushVA: 450 }),
    { 'coil-inrush-source': 'fits', 'coil-volts': 'fits' },
    practice,
  ),
];

const maintained = accessory('opens-on-signal', { commandMaintained: true });
const duty: WorkedCase[] = [
  row(
    'short-time under a command that stays on',
    {},
    maintained,
    part('shunt-trip', { dutyContinuous: false, cutOffContact: false }),
    { 'command-duty': 'fails' },
    practice,
  ),
  row('rated continuous', {}, maintained, part('shunt-trip', { dutyContinuous: true }), { 'command-duty': 'fits' }, practice),
  row(
    'cut off by a contact',
    {},
    maintained,
    part('shunt-trip', { dutyContinuous: false, cutOffContact: true }),
    { 'command-duty': 'fits' },
    practice,
  ),
  row(
    'duty worn',
    {},
    maintained,
    part('shunt-trip', { dutyContinuous: null, cutOffContact: false }),
    { 'command-duty': 'not-known' },
    practice,
  ),
  row(
    'a pulse asks for nothing',
    {},
    accessory('opens-on-signal', { commandMaintained: false }),
    part('shunt-trip', { dutyContinuous: false }),
    { 'command-duty': null },
    practice,
  ),
  row(
    'a pulse within its longest command',
    {},
    accessory('opens-on-signal', { commandSeconds: 0.5 }),
    part('shunt-trip', { maxCommandSeconds: 0.5 }),
    { 'command-time': 'fits' },
    practice,
  ),
  row(
    'a pulse beyond it',
    {},
    accessory('opens-on-signal', { commandSeconds: 2 }),
    part('shunt-trip', { maxCommandSeconds: 0.5 }),
    { 'command-time': 'fails' },
    practice,
  ),
  row('a release stays powered', {}, accessory('opens-when-supply-fails'), part('undervoltage-release', { dutyContinuous: false }), {
    held: 'fails',
  }),
];

const release = (name: string, load: FieldValues, spec: FieldValues, lines: WorkedCase['lines'], source = limits) =>
  row(name, {}, accessory('opens-when-supply-fails', load), part('undervoltage-release', spec), lines, source);
const dip = (dipPercent: number, spec: FieldValues, verdict: Verdict, more: FieldValues = {}): WorkedCase =>
  release(`dip to ${dipPercent} % on ${JSON.stringify(spec)}`, { dipPercent, dipSeconds: 0.6, ...more }, spec, { dip: verdict });
const releases: WorkedCase[] = [
  release(
    '35 to 70 % inside 35 to 70 %',
    { releasePercent: [35, 70] },
    { releasePercent: [35, 70] },
    { 'release-highest': 'fits', 'release-lowest': 'fits' },
  ),
  release(
    'lets go too high',
    { releasePercent: [35, 70] },
    { releasePercent: [35, 75] },
    { 'release-highest': 'fails', 'release-lowest': 'fits' },
  ),
  release(
    'a no-volt release lets go too low',
    { releasePercent: [35, 70] },
    { releasePercent: [10, 35] },
    { 'release-highest': 'fits', 'release-lowest': 'fails' },
  ),
  release(
    'band not asked for: by the standard, a check',
    {},
    { releasePercent: [10, 35] },
    { 'release-highest': 'fits', 'release-lowest': 'check' },
  ),
  release('band of the part worn', { releasePercent: [35, 70] }, { releasePercent: null }, { 'release-highest': 'not-known' }, practice),
  dip(80, { releasePercent: [35, 70] }, 'fits'),
  dip(70, { releasePercent: [35, 70] }, 'fits'),
  dip(50, { releasePercent: [35, 70] }, 'check'),
  dip(20, { releasePercent: [35, 70] }, 'fails'),
  dip(20, { releasePercent: [35, 70], delaySeconds: 0.6 }, 'fits'),
  dip(20, { releasePercent: [35, 70], delaySeconds: 0.5 }, 'fails'),
  dip(20, { releasePercent: [35, 70], delaySeconds: null }, 'not-known'),
  dip(80, { releasePercent: [35, 70], delaySeconds: null }, 'fits'),
  dip(50, { releasePercent: null, delaySeconds: 1 }, 'fits'),
  release(
    'fed from the line side',
    { sourceNeeded: 'line-side-230V' },
    { connectedTo: 'Line side 230 V' },
    { source: 'fits', 'not-load-side': 'fits' },
    practice,
  ),
  release(
    'fed from the load side',
    { sourceNeeded: 'line-side-230V' },
    { connectedTo: 'load-side-230V' },
    { source: 'fails', 'not-load-side': 'fails' },
    practice,
  ),
  release(
    'other volts of that side',
    { sourceNeeded: 'line-side-230V' },
    { connectedTo: 'line-side-400V' },
    { source: 'fails', 'not-load-side': 'fits' },
    practice,
  ),
  release('not said where it is fed from', { sourceNeeded: 'line-side-230V' }, { connectedTo: null }, { source: 'not-known' }, practice),
];

export const breakerCoilCases: WorkedCase[] = [...functions, ...volts, ...marks, ...duty, ...releases];
