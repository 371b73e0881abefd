/** Marks of an air circuit breaker. Names and synonyms: common practice. */
import type { MarksOf } from '../../fields/mark-types';
import { torque } from '../../fields/mounting-fields';
import { accessoryFunctions } from '../../fields/accessory-fields';
import { airBreakerStandards, mountings } from '../../fields/air-breaker-fields';
import { coilFields } from '../../fields/coil-fields';
import { mark, num, text, upTo, word, words, type Field } from '../../fields/field';
import {
  currentKind,
  hertz,
  insulationVolts,
  maker,
  ratedVoltsMark,
  serial,
  standardField,
  type,
  approvals,
  deratingNote,
} from '../../fields/plate-marks';
import { AMPS, KILO, notPrinted, sheet } from '../../fields/print';
import { device } from '../../fields/device-marks';

export const airBreakerFields = [
  maker,
  type,
  serial,
  approvals,
  deratingNote,
  standardField(airBreakerStandards, { 'EN 60947-2': 'IEC 60947-2', 'IEC/EN 60947-2': 'IEC 60947-2' }),
  num('ratedAmps', 'Rated current', 'A', { min: 0.1, max: 6300 }, 'Current that it carries for good (In).', {
    print: { names: ['RATED CURRENT', 'IN', 'IU'], units: AMPS, bare: true },
    recovery: 'On the handle, the body’s side or the end cap; never from the conductor’s size.',
  }),
  num('frameAmps', 'Frame size', 'A', { min: 200, max: 6300 }, 'Size of the body; no rating by itself.', {
    short: 'Frame',
    print: { names: ['FRAME'], units: AMPS },
    recovery: 'Measure it against the maker’s sheet.',
  }),
  device.poles,
  ratedVoltsMark('Volts at which it may be used.'),
  currentKind,
  hertz,
  num('icuAmps', 'Icu', 'A', { min: 500, max: 300000 }, 'Ultimate breaking capacity at its volts.', {
    print: { names: ['ICU'], units: KILO },
    recovery: sheet,
  }),
  num('icsAmps', 'Ics', 'A', { min: 500, max: 300000 }, 'Service breaking capacity: it stays usable.', {
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
  device.currentKinds,
  device.ratedVoltsLineToLine,
  device.ratedVoltsLineToGround,
  device.interruptingRatings,
  device.dcRatings,
  device.polaritySensitive,
  device.hundredPercentRated,
  device.itSystemMark,
  device.calibratedAmbientC,
  device.longTimeSettingAmps,
  device.settingAccessRestricted,
  device.groundFaultPickupAmps,
  device.groundFaultSeconds,
  device.arcEnergyReduction,
  device.instantaneousHoldsAmps,
  device.instantaneousTripsAmps,
  num('icwSeconds', 'Icw time', 's', upTo(3), 'Time for which it stands that; absent: 1 s.', { short: 'Icw time' }),
  text('protocol', 'Protocol', 'Communication that it speaks.'),
  words('accessories', 'Accessories', accessoryFunctions, 'Coils, motor and contacts that it carries.'),
  ...coilFields.map(notPrinted),
  torque,
] as const satisfies readonly Field[];

/** Marks of a part, as a case gives them. */
export type AirBreakerSpec = MarksOf<typeof airBreakerFields>;
