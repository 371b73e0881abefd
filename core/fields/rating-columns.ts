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

/** Names over the columns as plates print them, where the category does not make them. */
const printed: Readonly<Record<string, string>> = {
  fullLoadAmps: 'FLA',
  lockedRotorAmps: 'LRA',
  resistiveAmps: 'RES',
  ballastAmps: 'Ballast',
  tungstenAmps: 'Tungsten',
  normalHp: 'HP',
  joggingHp: 'HP, jogging',
  normalHpSinglePhase: 'HP, one phase',
};
/** 'ac53aAmps' is category AC-53a. */
const columnLabel = (name: string) =>
  printed[name] ??
  name.replace(/^([ad]c)(\d+)(\w?)Amps$/, (_, kind: string, number: string, letter: string) => `${kind.toUpperCase()}-${number}${letter}`);

/** Columns of a rating row beside volts, kind and polesInSeries. */
export const ratingColumns: readonly Field[] = [
  ...ampColumns.map((name) => num(name, columnLabel(name), 'A', upTo(100000), 'Rated current in this category, at the volts of the row.')),
  ...['normalHp', 'joggingHp', 'normalHpSinglePhase'].map((name) =>
    num(name, columnLabel(name), 'hp', upTo(10000), 'Horsepower at the volts of the row.'),
  ),
];
