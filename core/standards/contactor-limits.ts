/**
 * Limits that hold for every contactor: making and breaking multiples, coil limits, unmarked short-circuit ratings.
 * Sources: IEC 60947-4-1 (2018), UL 508A table SB4.1, both from memory.
 */

/** Making and breaking current as multiples of the rated operational current Ie, rms. */
export const utilisationMultiples = {
  ac1Amps: { make: 1.5, break: 1.5 },
  ac2Amps: { make: 4, break: 4 },
  ac3Amps: { make: 10, break: 8 },
  /** AC-3e asks for more; until it is entered from the publication it counts as AC-3. */
  ac3eAmps: { make: 10, break: 8 },
  ac4Amps: { make: 12, break: 10 },
  ac8aAmps: { make: 6, break: 6 },
  ac8bAmps: { make: 6, break: 6 },
} as const;

/** Time constant L/R with which a DC category is tested, ms. IEC 60947-4-1, from memory. */
export const categoryTimeConstants = { dc1Amps: 1, dc3Amps: 2.5, dc5Amps: 15 } as const;

/** Ratio of coil volts that must pull in, and highest that may be applied; drop-out bands. IEC 60947-4-1. */
export const coilLimits = {
  pickUp: 0.85,
  /** NEMA/UL practice for DC coils. Source: common practice after NEMA ICS 2, from memory. */
  pickUpDcNema: 0.8,
  highest: 1.1,
  dropOutAc: [0.2, 0.75],
  dropOutDc: [0.1, 0.75],
} as const;

/** A coil mark within this ratio of the nominal supply counts as the same mark (115 on 120 V). Common practice. */
export const COIL_MARK_TOLERANCE = 0.05;

/** Short-circuit current rating of a motor controller that carries none, A, by hp. UL 508A table SB4.1, NFPA practice only. */
export function unmarkedShortCircuitRatingAmps(horsepower: number): number | undefined {
  if (horsepower <= 50) return 5000;
  if (horsepower <= 200) return 10000;
  return undefined;
}

/** AC-3 allows occasional inching up to this: operations a minute, and in ten minutes. IEC 60947-4-1; NEMA ICS 2 agrees. */
export const occasionalInching = { perMinute: 5, perTenMinutes: 10 } as const;

/** Share of the line current that each contactor of a star-delta starter carries. IEC 60947-4-1. */
export const starDeltaShare = { main: 1 / Math.sqrt(3), delta: 1 / Math.sqrt(3), star: 1 / 3 } as const;

/** A part-winding starter: each contactor carries half of the running current, and at the start the first half-winding up to this share. Common practice. */
export const partWindingShare = { running: 0.5, start: 0.7 } as const;

/** Taps of a starting autotransformer, percent of the line volts. Common practice. */
export const autotransformerTaps = [50, 65, 80] as const;
