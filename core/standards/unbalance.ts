/**
 * What does voltage unbalance mean, and how much may a motor have?
 * NEMA MG 1: largest deviation from the mean, in percent of the mean; 1 % without derating, not above 5 %. A relay's asymmetry may
 * instead be the spread between phases in percent of nominal: one phase at 88 % is 12 % by spread and 8.3 % by deviation.
 * Source: NEMA MG 1 14.36, from memory; the spread is common practice among relays.
 */
export type UnbalanceDefinition = 'deviation' | 'spread';

/** Largest deviation from the mean, %. Zero volts in all phases give 0. */
export function deviationPercent(a: number, b: number, c: number): number {
  const mean = (a + b + c) / 3;
  return mean > 0 ? (Math.max(a - mean, b - mean, c - mean, mean - a, mean - b, mean - c) / mean) * 100 : 0;
}

/** Highest less lowest phase, % of nominal. */
export const spreadPercent = (a: number, b: number, c: number, nominal: number): number =>
  ((Math.max(a, b, c) - Math.min(a, b, c)) / nominal) * 100;

/** Asymmetry that one phase at `percent` of nominal makes, the others at 100. */
export function asymmetryOfOnePhase(percent: number, definition: UnbalanceDefinition): number {
  return definition === 'spread' ? 100 - percent : deviationPercent(percent, 100, 100);
}

/** Highest volts of one phase, % of nominal, at which that asymmetry is still reached. The inverse of `asymmetryOfOnePhase`. */
export function onePhaseAtAsymmetry(asymmetryPercent: number, definition: UnbalanceDefinition): number {
  if (definition === 'spread') return 100 - asymmetryPercent;
  const share = asymmetryPercent / 100;
  return (200 * (1 - share)) / (2 + share);
}

/** MG 1: a motor carries its full load up to 1 %, and should not run above 5 %. */
export const motorUnbalance = { withoutDeratingPercent: 1, maxPercent: 5 } as const;

/** Volts at which a motor may run, share of its plate. NEMA MG 1 12.44 and IEC 60034-1 zone B; zone A is 5 %. */
export const motorVoltsBand = { low: 0.9, high: 1.1, zoneA: 0.05 } as const;

/**
 * Asymmetry that a phase held up to `percent` of its volts makes between lines: one line at 100, two at √((1 + r + r²)/3). Circuit law.
 * The same fault is a smaller asymmetry between lines than to neutral.
 */
export function asymmetryBetweenLines(percent: number, definition: UnbalanceDefinition): number {
  const r = percent / 100;
  const low = 100 * Math.sqrt((1 + r + r * r) / 3);
  return definition === 'spread' ? 100 - low : deviationPercent(100, low, low);
}

/** Highest volts of a held phase, % of nominal, at which that asymmetry is still reached between lines. The inverse of `asymmetryBetweenLines`. */
export function heldPhaseBetweenLines(asymmetryPercent: number, definition: UnbalanceDefinition): number {
  const share = asymmetryPercent / 100;
  const line = definition === 'spread' ? 1 - share : (2 - share) / (2 + 2 * share);
  // Below this a dead phase leaves more than the asymmetry asked for.
  return line <= 1 / Math.sqrt(3) ? 0 : (100 * (Math.sqrt(12 * line * line - 3) - 1)) / 2;
}
