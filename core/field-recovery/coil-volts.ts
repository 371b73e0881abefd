/**
 * For which volts was this coil wound, when only its resistance can be measured?
 * A coil's power goes with its size, and V = sqrt(P x R). The usual power of a size is a band, not a figure, so the answer is a
 * ranking of the volts in use with a share for each, and a share for none of them. On AC the resistance is only a part of the
 * impedance: several times wider, and never enough by itself. Method and powers: common practice.
 */
export type CoilSize = 'small relay' | 'power relay' | 'contactor to 40 A' | 'contactor above 40 A' | 'breaker coil';
export const coilSizes: readonly CoilSize[] = ['small relay', 'power relay', 'contactor to 40 A', 'contactor above 40 A', 'breaker coil'];

/** Usual power while held, W on DC; of an AC coil volts squared over its resistance, which is several times its true VA. */
const usualWatts: Record<CoilSize, { dc: number; ac: number }> = {
  'small relay': { dc: 0.9, ac: 5 },
  'power relay': { dc: 1.5, ac: 10 },
  'contactor to 40 A': { dc: 5, ac: 60 },
  'contactor above 40 A': { dc: 15, ac: 250 },
  'breaker coil': { dc: 200, ac: 400 },
};
/** Spread of ln(power): two thirds of the coils of a size lie within a factor of e to the power of this. */
const SPREAD = { dc: 0.7, ac: 1.1 };
const VOLTS = {
  dc: [5, 6, 12, 24, 48, 60, 110, 125, 220, 250],
  ac: [6, 12, 24, 42, 48, 110, 115, 120, 208, 220, 230, 240, 277, 380, 400, 440, 480],
};
/** Share that stays for volts that are not in the list, or for a damaged coil. */
const NONE_OF_THESE = 0.1;
/** Below this share a candidate is left out, but never so that a single figure stands alone. */
const MIN_SHARE = 0.02;
const MIN_SHOWN = 2;

export type CoilCandidate = { volts: number; share: number; watts: number };

/**
 * Ranks the volts in use for a coil.
 * @param ohms of the coil alone, leads taken off, above 0; @param circuitVolts of the control circuit, where they are known:
 * the circuit is the authority and lifts the volts that agree with it to within 10 %.
 * @returns candidates with at least 2 % share and never fewer than two, likeliest first; shares and the rest for none of them add up to 1.
 */
export function coilVoltCandidates(ohms: number, kind: 'dc' | 'ac', size: CoilSize, circuitVolts?: number): CoilCandidate[] {
  const usual = usualWatts[size][kind];
  const weighed = VOLTS[kind].map((volts) => {
    const watts = (volts * volts) / ohms;
    const off = Math.log(watts / usual) / SPREAD[kind];
    const agrees = circuitVolts !== undefined && Math.abs(volts / circuitVolts - 1) <= 0.1;
    return { volts, watts, weight: Math.exp((-off * off) / 2) * (agrees ? 8 : 1) };
  });
  const total = weighed.reduce((sum, { weight }) => sum + weight, 0);
  if (total < 1e-9) return [];
  return weighed
    .map(({ volts, watts, weight }) => ({ volts, watts, share: (weight / total) * (1 - NONE_OF_THESE) }))
    .sort((a, b) => b.share - a.share)
    .filter(({ share }, i) => share >= MIN_SHARE || i < MIN_SHOWN);
}
