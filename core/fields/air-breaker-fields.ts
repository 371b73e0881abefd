/** Fields of air circuit breakers, and what a position asks of them beside what every breaker is asked. */
import { flag, num, text, word, words, type Field } from './field';

export const tripFunctions = ['L', 'S', 'I', 'G'] as const;
export const mountings = ['fixed', 'draw-out'] as const;
export const airBreakerStandards = ['IEC 60947-2', 'UL 1066', 'ANSI C37.13'] as const;

export const airBreakerLoadFields = [
  words('tripFunctionsNeeded', 'Trip functions required', tripFunctions, 'L long time, S short time, I instantaneous, G earth fault.', {
    short: 'Trip functions',
  }),
  word('mountingNeeded', 'Mounting required', mountings, 'Fixed on a frame, or on a carriage (draw-out, withdrawable).', {
    short: 'Mounting',
  }),
  num(
    'longestShutdownHours',
    'Longest shutdown available',
    'h',
    { min: 0, max: 10000 },
    'Longest time that this supply can be off for an exchange.',
    { short: 'Shutdown' },
  ),
  text('protocolNeeded', 'Plant communication protocol', 'Communication that the plant uses; one for all.', { short: 'Protocol' }),
  flag('remoteOperation', 'Remote operation', 'It is opened and closed from afar.', { short: 'Remote operation' }),
  flag('maintenanceModeNeeded', 'Maintenance mode required', 'A switched state with reduced trip energy is asked for.', {
    short: 'Maint. mode',
  }),
  num(
    'withstandSeconds',
    'Short-time delay needed',
    's',
    { min: 0, max: 3 },
    'Short-time delay for which it must stay closed on a fault beyond another device.',
    { short: 'Short-time delay' },
  ),
] as const satisfies readonly Field[];
