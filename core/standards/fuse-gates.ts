/**
 * How long does a fuse hold, and within which time does it melt?
 * Sources: IEC 60269-1 gates of gG and conventional currents, IEC 60269-2 gates of aM, UL 248 time delay by class,
 * UL 248-14 interrupting ratings; NFPA 70 240.60(C). All from memory: check the edition used.
 */

/** gG by rated amps: holds 10 s, melts within 5 s, holds 0.1 s, melts within 0.1 s, A. */
export const gGGates: readonly (readonly [ratedAmps: number, holds10s: number, melts5s: number, holdsTenth: number, meltsTenth: number])[] =
  [
    [2, 3.7, 9.2, 6, 23],
    [4, 7.8, 18.5, 14, 47],
    [6, 11, 28, 26, 72],
    [8, 16, 35.2, 41.6, 92],
    [10, 22, 46.5, 58, 110],
    [12, 24, 55.2, 69.6, 140.4],
    [16, 33, 65, 85, 150],
    [20, 42, 85, 110, 200],
    [25, 52, 110, 150, 260],
    [32, 75, 150, 200, 350],
    [40, 95, 190, 260, 450],
    [50, 125, 250, 350, 610],
    [63, 160, 320, 450, 820],
    [80, 215, 425, 610, 1100],
    [100, 290, 580, 820, 1450],
    [125, 355, 715, 1100, 1910],
    [160, 460, 950, 1450, 2590],
    [200, 610, 1250, 1910, 3420],
    [250, 750, 1650, 2590, 4500],
    [315, 1050, 2200, 3420, 6000],
    [400, 1420, 2840, 4500, 8060],
    [500, 1780, 3800, 6000, 10600],
    [630, 2200, 5100, 8060, 14140],
    [800, 3060, 7000, 10600, 19000],
    [1000, 4000, 9500, 14140, 24000],
    [1250, 5000, 13000, 19000, 35000],
  ];

/** Conventional non-fusing and fusing currents of gG, multiples of In, by size. */
export function conventionalGg(ratedAmps: number): { holds: number; melts: number; seconds: number } {
  const seconds = ratedAmps <= 63 ? 3600 : ratedAmps <= 160 ? 7200 : ratedAmps <= 400 ? 10800 : 14400;
  if (ratedAmps >= 16) return { holds: 1.25, melts: 1.6, seconds };
  return { holds: 1.5, melts: ratedAmps > 4 ? 1.9 : 2.1, seconds };
}

/** aM, multiples of In: holds that long, and melts within that long, s. Below 4 In it protects nothing. */
export const aMGates = {
  holds: [
    [4, 60],
    [8, 0.5],
    [10, 0.2],
  ],
  melts: [
    [6.3, 60],
    [12.5, 0.5],
    [19, 0.1],
  ],
} as const satisfies Record<string, readonly (readonly [multiple: number, seconds: number])[]>;

/** Least opening time of fuses marked time-delay: multiple of rating and seconds, by class. */
export const timeDelayGates: Record<string, { multiple: number; seconds: number }> = {
  J: { multiple: 5, seconds: 10 },
  RK1: { multiple: 5, seconds: 10 },
  RK5: { multiple: 5, seconds: 10 },
  CC: { multiple: 2, seconds: 12 },
  CF: { multiple: 5, seconds: 10 },
  G: { multiple: 2, seconds: 12 },
  'plug-Edison': { multiple: 2, seconds: 12 },
  'plug-S': { multiple: 2, seconds: 12 },
  'plug-T': { multiple: 2, seconds: 12 },
  L: { multiple: 5, seconds: 4 },
};
/** Class R at 250 V up to 30 A. */
export const SMALL_R_TIME_DELAY = { maxVolts: 250, maxAmps: 30, seconds: 8 } as const;

/** UL 248: opens within an hour at 135 % (two hours above 60 A); within these seconds at 200 %, by size, A. */
export const ulFuse = {
  holds: 1.1,
  opens: 1.35,
  secondsTo60A: 3600,
  secondsAbove: 7200,
  doubleSeconds: [
    [30, 120],
    [60, 240],
    [100, 360],
    [200, 480],
    [400, 600],
    [600, 720],
  ],
} as const;

/** Interrupting rating of an unmarked cartridge fuse in a branch or feeder, A AC. NFPA 70 240.60(C). */
export const UNMARKED_FUSE_AMPS = 10000;

/** UL 248-14 at 250 V AC: up to rated amps, interrupting amps. */
const supplementary: readonly (readonly [upToAmps: number, interruptingAmps: number])[] = [
  [1, 35],
  [3.5, 100],
  [10, 200],
  [15, 750],
  [30, 1500],
];
/** Least interrupting rating of a UL 248-14 fuse at 250 V AC, A, or undefined above 30 A. */
export const supplementaryInterruptingAmps = (ratedAmps: number): number | undefined =>
  supplementary.find(([upTo]) => ratedAmps <= upTo)?.[1];

/** Which fuse classes does a holder take besides its own? R clips refuse H and K; H and K clips take R. */
export const holderTakes: Record<string, readonly string[]> = {
  'R-rejection': ['RK1', 'RK5'],
  RK1: ['RK1', 'RK5'],
  RK5: ['RK1', 'RK5'],
  'H/K': ['H', 'K1', 'K5', 'RK1', 'RK5'],
  H: ['H', 'K1', 'K5', 'RK1', 'RK5'],
  K1: ['H', 'K1', 'K5', 'RK1', 'RK5'],
  K5: ['H', 'K1', 'K5', 'RK1', 'RK5'],
  midget: ['midget', 'CC'],
  '10x38': ['10x38'],
  'plug-Edison': ['plug-Edison', 'plug-T', 'plug-W'],
};
/** Classes that a holder takes. */
export const classesOfHolder = (holder: string): readonly string[] => holderTakes[holder] ?? [holder];

/** A fuse of a photovoltaic string: multiples of the string's short-circuit current. IEC 60269-6, IEC 62548. */
export const stringFuse = { least: 1.5, most: 2.4 } as const;
