/** Fields of air circuit breakers, and what a position asks of them beside what every breaker is asked. */
import { accessoryFunctions } from './accessory-fields';
import { flag, num, text, upTo, word, words, type Field } from './field';
import { breakerFields } from './protection-fields';

export const tripFunctions = ['L', 'S', 'I', 'G'] as const;
export const mountings = ['fixed', 'draw-out'] as const;
export const airBreakerStandards = ['IEC 60947-2', 'UL 1066', 'ANSI C37.13'] as const;

export const airBreakerLoadFields: readonly Field[] = [
  words('tripFunctionsNeeded', 'Trip functions', tripFunctions, 'L long time, S short time, I instantaneous, G earth fault.'),
  word('mountingNeeded', 'Mounting there', mountings, 'Fixed on a frame, or on a carriage (draw-out, withdrawable).'),
  num('longestShutdownHours', 'Longest shutdown', 'h', { min: 0, max: 10000 }, 'Longest time that this supply can be off for an exchange.'),
  text('protocolNeeded', 'Protocol of the plant', 'Communication that the plant uses; one for all.'),
  flag('remoteOperation', 'Worked from afar', 'It is opened and closed from afar.'),
  flag('maintenanceModeNeeded', 'Maintenance mode', 'A switched state with reduced trip energy is asked for.'),
  num(
    'withstandSeconds',
    'Waits, selective',
    's',
    { min: 0, max: 3 },
    'Short-time delay for which it must stay closed on a fault beyond another device.',
  ),
];

const shared = [
  ...['poles', 'ratedAmps', 'currentKinds', 'ratedVoltsLineToLine', 'ratedVoltsLineToGround', 'interruptingRatings', 'icuAmps', 'icsAmps'],
  ...['dcRatings', 'polaritySensitive', 'hundredPercentRated', 'itSystemMark', 'calibratedAmbientC', 'longTimeSettingAmps'],
  ...[
    'settingAccessRestricted',
    'groundFaultPickupAmps',
    'groundFaultSeconds',
    'arcEnergyReduction',
    'instantaneousHoldsAmps',
    'instantaneousTripsAmps',
  ],
];

/** Beside the marks of its control circuit. */
export const airBreakerFields: readonly Field[] = [
  word('standard', 'Standard', airBreakerStandards, 'Standard marked.'),
  num('frameAmps', 'Frame', 'A', { min: 200, max: 6300 }, 'Size of the body; no rating by itself.'),
  ...shared.map((name) => breakerFields.find((one) => one.name === name)!),
  num('icwAmps', 'Icw', 'A', { min: 1000, max: 300000 }, 'Current that it stands closed for the stated time.'),
  num('icwSeconds', 'Icw time', 's', upTo(3), 'Time for which it stands that; absent: 1 s.'),
  num('icmAmps', 'Icm', 'A', { min: 1000, max: 700000 }, 'Making capacity, as a peak.'),
  word('tripUnit', 'Trip unit', ['L', 'LI', 'LS', 'LSI', 'LSIG'], 'Functions of its trip unit.'),
  word('mounting', 'Mounting', mountings, 'Fixed, or on a carriage.'),
  text('protocol', 'Protocol', 'Communication that it speaks.'),
  words('accessories', 'Accessories', accessoryFunctions, 'Coils, motor and contacts that it carries.'),
];
