/** Columns of a contactor's rating rows, by category of use. */
import { num, upTo, type Field } from './field';

const ampColumns = [
  'ac1Amps',
  'ac2Amps',
  'ac3Amps',
  'ac3eAmps',
  'ac4Amps',
  'ac5aAmps',
  'ac5bAmps',
  'ac6aAmps',
  'ac6bAmps',
  'ac7aAmps',
  'ac7bAmps',
  'ac7cAmps',
  'ac8aAmps',
  'ac8bAmps',
  'dc1Amps',
  'dc3Amps',
  'dc5Amps',
  'dc6Amps',
  'ac51Amps',
  'ac53aAmps',
  'ac53bAmps',
  'ac55aAmps',
  'ac55bAmps',
  'ac56aAmps',
  'ac56bAmps',
  'fullLoadAmps',
  'lockedRotorAmps',
  'resistiveAmps',
  'ballastAmps',
  'tungstenAmps',
];

/** Columns of a rating row beside volts, kind and polesInSeries. */
export const ratingColumns: readonly Field[] = [
  ...ampColumns.map((name) =>
    num(name, name.replace(/Amps$/, ''), 'A', upTo(100000), 'Rated current in this category, at the volts of the row.'),
  ),
  ...['normalHp', 'joggingHp', 'normalHpSinglePhase'].map((name) =>
    num(name, name, 'hp', upTo(10000), 'Horsepower at the volts of the row.'),
  ),
];
