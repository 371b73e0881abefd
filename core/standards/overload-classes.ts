/**
 * Trip classes of overload relays: trip time from cold, s, at 7.2 times the setting (IEC) or 6 times (NEMA, upper edge alone).
 * Below the first it surely holds, from the second it has surely tripped. null: no published lower edge.
 * Sources: IEC 60947-4-1:2018 with tolerance band E; NEMA ICS 2 for class 15; from memory.
 */
export const tripClassSeconds: Record<string, readonly [holds: number | null, trips: number]> = {
  '2': [null, 2],
  '3': [null, 3],
  '5': [0.5, 5],
  '10A': [2, 10],
  '10': [4, 10],
  '15': [null, 15],
  '20': [6, 20],
  '30': [9, 30],
  '40': [null, 40],
  '5E': [3, 5],
  '10E': [5, 10],
  '20E': [10, 20],
  '30E': [20, 30],
  '40E': [30, 40],
};

/** Multiple of the setting at which the class is stated. */
export const classMultiple = { iec: 7.2, nema: 6 } as const;

/** IEC: holds 2 h at the first, trips within 2 h at the second; trips at 1.5 warm within minutes by class. */
export const overloadLimits = { holds: 1.05, trips: 1.2, seconds: 7200, warmMultiple: 1.5 } as const;
export const warmTripSeconds: Record<string, number> = { '10A': 120, '10': 240, '20': 480, '30': 720 };

/** Current on two poles, the third at 0, at which it trips: sensitive to phase loss, and not. */
export const phaseLossTrip = { sensitive: 1.15, notSensitive: 1.32 } as const;

/** Trips at this ratio of the dial where the plate does not say: NEMA and UL, IEC. */
export const ultimateTripRatio = { nema: 1.25, iec: 1.2 } as const;

/** Share of the line current in the delta of a motor. */
export const DELTA_PHASE_SHARE = 1 / Math.sqrt(3);
