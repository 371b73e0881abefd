/**
 * Full-load and locked-rotor amps of motors by horsepower and volts.
 * Sources: NFPA 70 tables 430.248 (single phase), 430.250 (three phase, squirrel cage), 430.251(A) and (B) (locked rotor,
 * single phase and design B, C, D), edition 2023, from memory.
 * Not for: low-speed, high-torque, multispeed and torque motors (430.6(A)(1)); design A and premium motors may start harder.
 */
const columns3 = [115, 200, 208, 230, 460, 575, 2300] as const;
const columns1 = [115, 200, 208, 230] as const;

type Row = readonly [hp: number, ...amps: (number | null)[]];

const fullLoad3: readonly Row[] = [
  [0.5, 4.4, 2.5, 2.4, 2.2, 1.1, 0.9],
  [0.75, 6.4, 3.7, 3.5, 3.2, 1.6, 1.3],
  [1, 8.4, 4.8, 4.6, 4.2, 2.1, 1.7],
  [1.5, 12, 6.9, 6.6, 6, 3, 2.4],
  [2, 13.6, 7.8, 7.5, 6.8, 3.4, 2.7],
  [3, null, 11, 10.6, 9.6, 4.8, 3.9],
  [5, null, 17.5, 16.7, 15.2, 7.6, 6.1],
  [7.5, null, 25.3, 24.2, 22, 11, 9],
  [10, null, 32.2, 30.8, 28, 14, 11],
  [15, null, 48.3, 46.2, 42, 21, 17],
  [20, null, 62.1, 59.4, 54, 27, 22],
  [25, null, 78.2, 74.8, 68, 34, 27],
  [30, null, 92, 88, 80, 40, 32],
  [40, null, 120, 114, 104, 52, 41],
  [50, null, 150, 143, 130, 65, 52],
  [60, null, 177, 169, 154, 77, 62, 16],
  [75, null, 221, 211, 192, 96, 77, 20],
  [100, null, 285, 273, 248, 124, 99, 26],
  [125, null, 359, 343, 312, 156, 125, 31],
  [150, null, 414, 396, 360, 180, 144, 37],
  [200, null, 552, 528, 480, 240, 192, 49],
  [250, null, null, null, null, 302, 242, 60],
  [300, null, null, null, null, 361, 289, 72],
  [350, null, null, null, null, 414, 336, 83],
  [400, null, null, null, null, 477, 382, 95],
  [450, null, null, null, null, 515, 412, 103],
  [500, null, null, null, null, 590, 472, 118],
];

const fullLoad1: readonly Row[] = [
  [1 / 6, 4.4, 2.5, 2.4, 2.2],
  [0.25, 5.8, 3.3, 3.2, 2.9],
  [1 / 3, 7.2, 4.1, 4, 3.6],
  [0.5, 9.8, 5.6, 5.4, 4.9],
  [0.75, 13.8, 7.9, 7.6, 6.9],
  [1, 16, 9.2, 8.8, 8],
  [1.5, 20, 11.5, 11, 10],
  [2, 24, 13.8, 13.2, 12],
  [3, 34, 19.6, 18.7, 17],
  [5, 56, 32.2, 30.8, 28],
  [7.5, 80, 46, 44, 40],
  [10, 100, 57.5, 55, 50],
];

const lockedRotor3: readonly Row[] = [
  [0.5, 40, 23, 22.1, 20, 10, 8],
  [0.75, 50, 28.8, 27.6, 25, 12.5, 10],
  [1, 60, 34.5, 33, 30, 15, 12],
  [1.5, 80, 46, 44, 40, 20, 16],
  [2, 100, 57.5, 55, 50, 25, 20],
  [3, null, 73.6, 71, 64, 32, 25.6],
  [5, null, 105.8, 102, 92, 46, 36.8],
  [7.5, null, 146, 140, 127, 63.5, 50.8],
  [10, null, 186.3, 179, 162, 81, 64.8],
  [15, null, 267, 257, 232, 116, 93],
  [20, null, 334, 321, 290, 145, 116],
  [25, null, 420, 404, 365, 183, 146],
  [30, null, 500, 481, 435, 218, 174],
  [40, null, 667, 641, 580, 290, 232],
  [50, null, 834, 802, 725, 363, 290],
  [60, null, 1001, 962, 870, 435, 348],
  [75, null, 1248, 1200, 1085, 543, 434],
  [100, null, 1668, 1603, 1450, 725, 580],
  [125, null, 2087, 2007, 1815, 908, 726],
  [150, null, 2496, 2400, 2170, 1085, 868],
  [200, null, 3335, 3207, 2900, 1450, 1160],
  [250, null, null, null, null, 1825, 1460],
  [300, null, null, null, null, 2200, 1760],
  [350, null, null, null, null, 2550, 2040],
  [400, null, null, null, null, 2900, 2320],
  [450, null, null, null, null, 3250, 2600],
  [500, null, null, null, null, 3625, 2900],
];

const lockedRotor1Columns = [115, 208, 230] as const;
const lockedRotor1: readonly Row[] = [
  [0.5, 58.8, 32.5, 29.4],
  [0.75, 82.8, 45.8, 41.4],
  [1, 96, 53, 48],
  [1.5, 120, 66, 60],
  [2, 144, 80, 72],
  [3, 204, 113, 102],
  [5, 336, 186, 168],
  [7.5, 480, 265, 240],
  [10, 600, 332, 300],
];

const TOLERANCE_HP = 0.002; // 1/3 hp may be written 0.333

function lookUp(rows: readonly Row[], columns: readonly number[], horsepower: number, column: number): number | undefined {
  const index = columns.indexOf(column);
  const row = rows.find(([hp]) => Math.abs(hp - horsepower) <= TOLERANCE_HP);
  return index < 0 ? undefined : (row?.[index + 1] ?? undefined);
}

/**
 * Returns the table's full-load amps, A, or undefined outside the table.
 * @param horsepower hp, a size of the table; @param column 115, 200, 208, 230, 460, 575 or 2300 V; @param phases 1 or 3.
 * Example: 10 hp, 230 V, three phases gives 28 A.
 */
export const tableFullLoadAmps = (horsepower: number, column: number, phases: 1 | 3): number | undefined =>
  phases === 3 ? lookUp(fullLoad3, columns3, horsepower, column) : lookUp(fullLoad1, columns1, horsepower, column);

/**
 * Returns the full-load amps that a horsepower rating stands for, A: its own row, or the step below where it stands between two.
 * Undefined below the table and for volts without a column. Example: 8 hp at 460 V, three phases, counts as 7.5 hp, 11 A.
 */
export function ampsOfHorsepowerRating(horsepower: number, column: number, phases: 1 | 3): number | undefined {
  const step = tableHorsepowers(phases).findLast((hp) => hp <= horsepower + TOLERANCE_HP);
  return step === undefined ? undefined : tableFullLoadAmps(step, column, phases);
}

/** Returns the table's locked-rotor amps, A, or undefined outside the table. Example: 10 hp, 460 V, three phases gives 81 A. */
export const tableLockedRotorAmps = (horsepower: number, column: number, phases: 1 | 3): number | undefined =>
  phases === 3 ? lookUp(lockedRotor3, columns3, horsepower, column) : lookUp(lockedRotor1, lockedRotor1Columns, horsepower, column);

/** Horsepower sizes of a table, ascending. */
export const tableHorsepowers = (phases: 1 | 3): number[] => (phases === 3 ? fullLoad3 : fullLoad1).map(([hp]) => hp);
