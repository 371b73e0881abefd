/**
 * When must a disconnect carry earth-fault (ground-fault) protection and a means to reduce arc energy, and how may an
 * adjustable rating be counted? Sources: NFPA 70 230.95, 215.10, 240.6(B) and (C), 240.87, edition 2023, from memory.
 */

/** Earth-fault protection of equipment: disconnects of a solidly grounded wye above 150 V to ground, from 1000 A. 230.95(A). */
export const groundFaultEquipment = {
  fromRatedAmps: 1000,
  aboveVoltsToGround: 150,
  toVoltsLineToLine: 1000,
  maxPickupAmps: 1200,
  /** Longest time at this current and above. */
  atAmps: 3000,
  maxSeconds: 1,
} as const;

/** From this rating, or highest setting, a means to reduce arc energy is asked for. 240.87. */
export const ARC_ENERGY_FROM_AMPS = 1200;
