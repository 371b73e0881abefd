import { keysOf } from '../certain';
/**
 * Locked-rotor kVA per horsepower by code letter. A letter is a band; V is open at the top.
 * Source: NFPA 70 table 430.7(B), edition 2023, from memory. The letters I, O and Q are not used.
 */
const bands = {
  A: [0, 3.14],
  B: [3.15, 3.54],
  C: [3.55, 3.99],
  D: [4, 4.49],
  E: [4.5, 4.99],
  F: [5, 5.59],
  G: [5.6, 6.29],
  H: [6.3, 7.09],
  J: [7.1, 7.99],
  K: [8, 8.99],
  L: [9, 9.99],
  M: [10, 11.19],
  N: [11.2, 12.49],
  P: [12.5, 13.99],
  R: [14, 15.99],
  S: [16, 17.99],
  T: [18, 19.99],
  U: [20, 22.39],
  V: [22.4, undefined],
} as const satisfies Record<string, readonly [number, number | undefined]>;

export type CodeLetter = keyof typeof bands;
export const codeLetters = keysOf(bands);

/** True for a letter that the table holds. */
export const isCodeLetter = (letter: string): letter is CodeLetter => letter in bands;

/** Returns the band of a letter, kVA per hp; the high end is undefined for V. Example: G gives 5.6 to 6.29. */
export const kilovoltAmperesPerHorsepower = (letter: CodeLetter): { low: number; high: number | undefined } => ({
  low: bands[letter][0],
  high: bands[letter][1],
});
