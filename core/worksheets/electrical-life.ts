/**
 * How long does a contact last at its real switching rate? Operations over operations a day.
 * Electrical life is stated at one load. At another it follows a power law, N = N0 x (stated / actual) ^ n; the exponent n is read off the
 * maker's chart of life against amps broken. Without one, nothing is added for a smaller load. Common practice.
 */
import { certain } from '../certain';
import { answer, numberInput, refuse, worksheet } from './contract';

export const electricalLife = worksheet({
  id: 'electrical-life',
  subject: 'contacts',
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
    numberInput('statedAmps', 'Stated for', 'A', { above: 0, max: 10000 }, 27, 'Amps broken for which the life is stated.', true),
    numberInput('actualAmps', 'Breaks', 'A', { above: 0, max: 10000 }, 18, 'Amps that it breaks here.', true),
    numberInput(
      'lifeExponent',
      'Exponent',
      'ratio',
      { min: 0.5, max: 4 },
      1.6,
      'Slope of the maker’s chart on logarithmic scales, often 1.5 to 2.',
      true,
    ),
  ],
  compute: (v) => {
    const [stated, actual, exponent] = [v.statedAmps, v.actualAmps, v.lifeExponent] as const;
    const given = [stated, actual, exponent].filter((one) => one !== undefined).length;
    if (given > 0 && given < 3)
      return refuse(
        'At another load than the stated one the law is needed: give the amps it is stated for, the amps it breaks, and the exponent.',
      );
    const factor = given === 3 ? (certain(stated) / certain(actual)) ** certain(exponent) : 1;
    const operations = v.lifeOperations * factor;
    const hours = operations / v.operationsPerHour;
    const days = hours / v.hoursPerDay;
    const years = days / v.daysPerYear;
    return answer(
      [
        { name: 'years', label: 'Life', value: years, unit: 'years' },
        { name: 'days', label: 'Days of service', value: days, unit: '' },
        { name: 'hours', label: 'Hours of service', value: hours, unit: 'h' },
        { name: 'operations', label: 'Operations at this load', value: operations, unit: '' },
      ],
      [
        ...(given === 3
          ? [`Power law: ${v.lifeOperations} x (${stated} A / ${actual} A)^${exponent} = ${Number(operations.toPrecision(4))} operations`]
          : ['At the load that the life is stated for.']),
        `${Number(operations.toPrecision(4))} / ${v.operationsPerHour} an hour = ${Number(hours.toPrecision(4))} h`,
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
    {
      values: {
        lifeOperations: 1e6,
        operationsPerHour: 10,
        hoursPerDay: 10,
        daysPerYear: 100,
        statedAmps: 20,
        actualAmps: 10,
        lifeExponent: 2,
      },
      expect: { operations: 4e6, years: 400 },
      tolerance: 1e-9,
      source: 'by hand: half the amps, exponent 2, four times as many',
    },
  ],
});
