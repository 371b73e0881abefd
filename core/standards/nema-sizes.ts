/**
 * NEMA contactor sizes: continuous amps and horsepower by volts, three-phase and single-phase, normal and jogging.
 * Source: NEMA ICS 2 (2000, R2020), from memory. 0000 and 000 are not sizes of this table.
 * Jogging figures hold above 5 operations a minute or 10 in ten minutes; sizes without a figure are not rated for it.
 */
type Size = {
  continuousAmps: number;
  /** hp at 200, 230, 460, 575 V, three phases */
  normal: readonly [number | null, number | null, number, number];
  jogging?: readonly [number, number, number, number];
  /** hp at 115, 230 V, single phase */
  singlePhase?: readonly [number, number];
};

export const nemaSizes: Readonly<Record<string, Size>> = {
  '00': { continuousAmps: 9, normal: [1.5, 1.5, 2, 2], singlePhase: [1 / 3, 1] },
  '0': { continuousAmps: 18, normal: [3, 3, 5, 5], jogging: [1.5, 1.5, 2, 2], singlePhase: [1, 2] },
  '1': { continuousAmps: 27, normal: [7.5, 7.5, 10, 10], jogging: [3, 3, 5, 5], singlePhase: [2, 3] },
  '2': { continuousAmps: 45, normal: [10, 15, 25, 25], jogging: [7.5, 10, 15, 15], singlePhase: [3, 7.5] },
  '3': { continuousAmps: 90, normal: [25, 30, 50, 50], jogging: [15, 20, 30, 30], singlePhase: [7.5, 15] },
  '4': { continuousAmps: 135, normal: [40, 50, 100, 100], jogging: [25, 30, 60, 60] },
  '5': { continuousAmps: 270, normal: [75, 100, 200, 200], jogging: [60, 75, 150, 150] },
  '6': { continuousAmps: 540, normal: [150, 200, 400, 400], jogging: [125, 150, 300, 300] },
  '7': { continuousAmps: 810, normal: [null, 300, 600, 600] },
  '8': { continuousAmps: 1215, normal: [null, 450, 900, 900] },
  '9': { continuousAmps: 2250, normal: [null, 800, 1600, 1600] },
};

const volts3 = [200, 230, 460, 575] as const;

/** Rating rows of a NEMA size: volts, normalHp, joggingHp, normalHpSinglePhase; "none" where the size has no such rating. */
export function nemaRatingRows(size: string): Record<string, number | 'none'>[] | undefined {
  const found = nemaSizes[size];
  if (!found) return undefined;
  const rows: Record<string, number | 'none'>[] = volts3.map((volts, i) => ({
    volts,
    normalHp: found.normal[i] ?? 'none',
    joggingHp: found.jogging?.[i] ?? 'none',
    normalHpSinglePhase: volts === 230 ? (found.singlePhase?.[1] ?? 'none') : 'none',
  }));
  return [
    {
      volts: 115,
      normalHp: 'none',
      joggingHp: 'none',
      normalHpSinglePhase: found.singlePhase?.[0] ?? 'none',
    },
    ...rows,
  ];
}
