/** Worked examples of judging run capacitors. Capacitance by the motor's plate is common practice; classes of IEC 60252-1, from memory. */
import type { FieldValues } from '@/core/case/case';
import type { WorkedCase } from '../worked-case';

const practice = 'common practice';
const classes = 'IEC 60252-1, from memory';
const motor = (more: FieldValues = {}): FieldValues => ({
  kind: 'motor-1ph',
  sections: [{ name: 'motor', microfarads: 45 }],
  plateVolts: 440,
  ...more,
});
const unit = (more: FieldValues = {}): FieldValues => ({
  kind: 'hermetic-compressor',
  sections: [
    { name: 'compressor', microfarads: 40 },
    { name: 'fan', microfarads: 7.5 },
  ],
  plateVolts: 370,
  ...more,
});
const one = (microfarads: number | null, more: FieldValues = {}): FieldValues => ({
  kind: 'run',
  sections: [{ name: 'motor', microfarads }],
  ratedVolts: 440,
  ...more,
});
const dual = (compressor: number, fan: number, more: FieldValues = {}): FieldValues => ({
  kind: 'run',
  sections: [
    { name: 'compressor', microfarads: compressor },
    { name: 'fan', microfarads: fan },
  ],
  ratedVolts: 440,
  ...more,
});
const row = (
  name: string,
  load: FieldValues,
  spec: FieldValues,
  lines: WorkedCase['lines'],
  source = practice,
  supply: FieldValues = {},
): WorkedCase => ({
  name,
  supply: { hertz: 60, ...supply },
  load,
  spec,
  lines,
  source,
});

const capacitance: WorkedCase[] = [
  row('exactly the plate’s', motor(), one(45), { 'capacitance-motor': 'fits' }),
  row('a little above', motor(), one(46), { 'capacitance-motor': 'fails' }),
  row('a little below, within any tolerance', motor(), one(44), { 'capacitance-motor': 'fails' }),
  row('capacitance worn', motor(), one(null), { 'capacitance-motor': 'not-known' }),
  row('sections worn', motor(), { kind: 'run', sections: null, ratedVolts: 440 }, { 'capacitance-motor': 'not-known' }),
  row('plate of the motor worn', motor({ sections: null }), one(45), { capacitance: 'not-known' }),
  row('plate of the motor not read: what came out proves nothing', motor({ sections: undefined }), one(45), { capacitance: 'not-known' }),
  row('a dual for a dual', unit(), dual(40, 7.5), { 'capacitance-compressor': 'fits', 'capacitance-fan': 'fits' }),
  row('a dual with the wrong fan', unit(), dual(40, 5), { 'capacitance-compressor': 'fits', 'capacitance-fan': 'fails' }),
  row('its sections crossed', unit(), dual(7.5, 40), {
    'capacitance-compressor': 'fails',
    'capacitance-fan': 'fails',
  }),
  row('two singles for a dual', unit(), dual(40, 7.5, { madeOf: 'two singles' }), {
    'capacitance-compressor': 'fits',
    'capacitance-fan': 'fits',
  }),
  row('one half of a dual for a single', motor({ sections: [{ name: 'motor', microfarads: 7.5 }] }), dual(40, 7.5), {
    'capacitance-motor': 'check',
  }),
  row(
    'one section where two are asked for',
    unit(),
    { kind: 'run', sections: [{ name: 'compressor', microfarads: 40 }], ratedVolts: 440 },
    { 'capacitance-compressor': 'fits', 'capacitance-fan': 'fails' },
  ),
  row(
    'singles in parallel add up',
    motor(),
    { kind: 'run', sections: [{ name: 'motor', microfarads: 45, parallel: [30, 15] }], ratedVolts: 440 },
    { 'capacitance-motor': 'fits' },
    'IEC 60050-131: parallel capacitances add',
  ),
  row(
    'singles in parallel that do not',
    motor(),
    { kind: 'run', sections: [{ name: 'motor', microfarads: 45, parallel: [30, 10] }], ratedVolts: 440 },
    { 'capacitance-motor': 'fails' },
    'IEC 60050-131: parallel capacitances add',
  ),
];

const ratings: WorkedCase[] = [
  row('volts equal', motor(), one(45, { ratedVolts: 440 }), { volts: 'fits' }),
  row('volts lower', motor(), one(45, { ratedVolts: 370 }), { volts: 'fails' }),
  row('volts higher', motor({ plateVolts: 370 }), one(45, { ratedVolts: 660 }), { volts: 'fits' }),
  row('plate of two volts: the lower was foreseen', motor({ plateVolts: '370/440' }), one(45, { ratedVolts: 370 }), { volts: 'fits' }),
  row('plate volts worn', motor({ plateVolts: null }), one(45), { volts: 'not-known' }),
  row('a start capacitor bursts', motor(), one(45, { kind: 'start' }), { duty: 'fails' }, classes),
  row('duty not printed', motor(), one(45, { kind: null }), { duty: 'not-known' }),
  row('marked for 50 Hz only on 60 Hz', motor(), one(45, { hertz: [50] }), { hertz: 'check' }),
  row('marked for both', motor(), one(45, { hertz: [50, 60] }), { hertz: 'fits' }),
  row('case at its limit', motor({ caseTemperatureC: 70 }), one(45, { maxCaseC: 70 }), { 'case-temperature': 'fits' }, classes),
  row('case above its limit', motor({ caseTemperatureC: 71 }), one(45, { maxCaseC: 70 }), { 'case-temperature': 'fails' }, classes),
  row(
    'protected asked for',
    motor({ protectionNeeded: ['protected', 'S2'] }),
    one(45, { protection: 'protected' }),
    { protection: 'fits' },
    'UL 810, from memory',
  ),
  row('unprotected', motor({ protectionNeeded: ['protected', 'S2'] }), one(45, { protection: 'none' }), { protection: 'fails' }, classes),
  row('S0 where S2 is asked for', motor({ protectionNeeded: ['S2'] }), one(45, { protection: 'S0' }), { protection: 'fails' }, classes),
  row('tighter for looser', motor({ tolerancePercent: 6 }), one(45, { tolerancePercent: 5 }), { tolerance: 'fits' }),
  row('looser for tighter', motor({ tolerancePercent: 5 }), one(45, { tolerancePercent: 10 }), { tolerance: 'check' }),
  // 10 000 h class B at 85 °C is 28 284 h at 70 °C; 4 h a day for 10 years are 14 600 h at 70 °C.
  {
    ...row(
      'class B lasts ten years of four hours',
      motor({ caseTemperatureC: 70 }),
      one(45, { lifeClass: 'B', maxCaseC: 85 }),
      { life: 'fits' },
      classes,
    ),
    duty: { hoursPerDay: 4, lifeYearsWanted: 10 },
  },
  {
    ...row('class D does not', motor({ caseTemperatureC: 70 }), one(45, { lifeClass: 'D', maxCaseC: 85 }), { life: 'check' }, classes),
    duty: { hoursPerDay: 4, lifeYearsWanted: 10 },
  },
];

/** 45 µF ± 6 %: 42.3 to 47.7 µF. */
const readings: WorkedCase[] = [
  row('reads within its tolerance', motor(), one(45, { tolerancePercent: 6, reads: { motor: 42.4 } }), { 'read-motor': 'fits' }),
  row('reads below its tolerance', motor(), one(45, { tolerancePercent: 6, reads: { motor: 42.2 } }), { 'read-motor': 'fails' }),
  row('reads above its tolerance', motor(), one(45, { tolerancePercent: 6, reads: { motor: 47.8 } }), { 'read-motor': 'fails' }),
  row('the same reading at a tighter tolerance', motor(), one(45, { tolerancePercent: 5, reads: { motor: 42.4 } }), {
    'read-motor': 'fails',
  }),
  row('tolerance worn', motor(), one(45, { tolerancePercent: null, reads: { motor: 44 } }), { 'read-motor': 'not-known' }),
  row('one half of a dual is spent', unit(), dual(40, 7.5, { tolerancePercent: 6, reads: { compressor: 39.8, fan: 5.2 } }), {
    'read-compressor': 'fits',
    'read-fan': 'fails',
  }),
  row('not read: no line', motor(), one(45), { 'read-motor': null, 'read-running': null }),
  // 7.4 A / (2 pi 60 Hz x 440 V) = 44.6 µF; 6.5 A gives 39.2 µF.
  row(
    'running figures within',
    motor(),
    one(45, { tolerancePercent: 6, measuredAmps: 7.4, measuredVolts: 440 }),
    { 'read-running': 'fits' },
    'C = I / (2 pi f V), by hand: 44.6 µF',
  ),
  row(
    'running figures outside',
    motor(),
    one(45, { tolerancePercent: 6, measuredAmps: 6.5, measuredVolts: 440 }),
    { 'read-running': 'fails' },
    'C = I / (2 pi f V), by hand: 39.2 µF',
  ),
  // At 50 Hz the same 7.4 A are 53.5 µF.
  row(
    'the same amps at 50 Hz',
    motor(),
    one(45, { tolerancePercent: 6, measuredAmps: 7.4, measuredVolts: 440 }),
    { 'read-running': 'fails' },
    'C = I / (2 pi f V), by hand: 53.5 µF',
    { hertz: 50 },
  ),
];

export const runCapacitorCases: WorkedCase[] = [...capacitance, ...ratings, ...readings];
