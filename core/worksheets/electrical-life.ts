/**
 * How long does a contact last at its real switching rate? Operations over operations a day.
 * Electrical life is stated at the rated load; at less it lasts longer, which is not counted. Common practice.
 */
import { answer, numberInput, type Worksheet } from './contract';

export const electricalLife: Worksheet = {
  id: 'electrical-life',
  title: 'Electrical life in years',
  question: 'How long will the contacts last at this rate?',
  inputs: [
    numberInput(
      'lifeOperations',
      'Electrical life',
      'count',
      { above: 0, max: 1e9 },
      1200000,
      'Operations at the rated load, from the maker.',
    ),
    numberInput('operationsPerHour', 'Operations', 'count', { above: 0, max: 36000 }, 18, 'Operations an hour while in service.'),
    numberInput('hoursPerDay', 'Service', 'h', { above: 0, max: 24 }, 16, 'Hours of service a day.'),
    numberInput('daysPerYear', 'Days', 'count', { above: 0, max: 366 }, 365, 'Days of service a year.'),
  ],
  compute: (v) => {
    const hours = (v.lifeOperations as number) / (v.operationsPerHour as number);
    const days = hours / (v.hoursPerDay as number);
    const years = days / (v.daysPerYear as number);
    return answer(
      [
        { name: 'years', label: 'Life', value: years, unit: 'years' },
        { name: 'days', label: 'Days of service', value: days, unit: '' },
        { name: 'hours', label: 'Hours of service', value: hours, unit: 'h' },
      ],
      [
        `${v.lifeOperations} / ${v.operationsPerHour} an hour = ${Number(hours.toPrecision(4))} h`,
        `/ ${v.hoursPerDay} h a day = ${Number(days.toPrecision(4))} days`,
        `/ ${v.daysPerYear} days a year = ${Number(years.toPrecision(3))} years`,
      ],
    );
  },
  sources: ['commonPractice'],
  checks: [
    {
      values: { lifeOperations: 100000, operationsPerHour: 3600, hoursPerDay: 24, daysPerYear: 365 },
      expect: { hours: 27.8 },
      tolerance: 0.01,
      source: 'common practice',
    },
    {
      values: { lifeOperations: 1e7, operationsPerHour: 3600, hoursPerDay: 24, daysPerYear: 365 },
      expect: { days: 115.7 },
      tolerance: 0.01,
      source: 'common practice',
    },
  ],
};
