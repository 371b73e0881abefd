/** What a case says of the duty: how often, how long, for how many years. */
import type { MarksOf } from './mark-types';
import { num, upTo, type Field } from './field';

export const dutyFields = [
  num('startsPerHour', 'Starts per hour', 'count', { min: 0, max: 36000 }, 'Starts an hour.', { short: 'Starts/h' }),
  num('operationsPerHour', 'Operations per hour', 'count', { min: 0, max: 36000 }, 'Operations an hour.', { short: 'Operations/h' }),
  num('operationsPerDay', 'Operations per day', 'count', { min: 0, max: 100000 }, 'Operations a day.', { short: 'Operations/day' }),
  num(
    'joggingPerMinute',
    'Inching operations per minute',
    'count',
    { min: 0, max: 60 },
    'Inching (jogging) or plugging operations a minute.',
    { short: 'Inching/min', nfpa: { label: 'Jogs per minute', short: 'Jogs/min' } },
  ),
  num('hoursPerDay', 'Hours per day', 'h', { min: 0, max: 24 }, 'Service time.', { short: 'Hours/day' }),
  num('lifeYearsWanted', 'Life required', 'years', upTo(50), 'Electrical life wanted at this rate.', { short: 'Life required' }),
] as const satisfies readonly Field[];

/** Marks of a duty by name. */
export type DutyMarks = MarksOf<typeof dutyFields>;
