/**
 * Life, tolerance and duty of run capacitors.
 * Sources: IEC 60252-1 (classes of operation and safety), UL 810 (protected); life by temperature is common practice. From memory.
 */

/** Probable life, h, by class of operation. IEC 60252-1. */
export const lifeHours = { A: 30000, B: 10000, C: 3000, D: 1000 } as const;
/** Usual life where no class is printed, h at the rated case temperature: common practice of one market. */
export const USUAL_LIFE_HOURS = 60000;
/** Life halves for each of these above the rated case temperature, K; it doubles for each below. Common practice. */
export const HALVING_KELVIN = 10;

/** Volts in which they are sold, V. Common practice. */
export const usualVolts = [250, 370, 440, 660, 770] as const;

/** Share of the rated capacitance below which it is open, and above which it is shorted or misread. Common practice. */
export const openShare = 0.1;
export const shortedShare = 2;

/** Case temperature at which lives are put side by side, °C. */
export const LIFE_AT_CELSIUS = 70;
export const DAYS_OF_YEAR = 365;
export const HOURS_OF_YEAR = 24 * DAYS_OF_YEAR;

/**
 * Life at another case temperature, h: halved for each 10 K above, doubled for each 10 K below.
 * @param hours 0 or more, at `fromC`; @returns hours at `toC`. Example: 60 000 h at 70 °C is 30 000 h at 80 °C.
 */
export const restateLife = (hours: number, fromC: number, toC: number): number => hours * 2 ** ((fromC - toC) / HALVING_KELVIN);
