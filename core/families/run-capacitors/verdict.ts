/**
 * Is this capacitor good, weak, open or shorted, by its reading?
 * Within its tolerance it is good; outside it is weak; near nothing it is open; far above or without end it is shorted or misread.
 * Source: common practice; limits in core/standards.
 */
import { openShare, shortedShare } from '../../standards/run-capacitors';

export type Condition = 'good' | 'weak' | 'open' | 'shorted';

/**
 * @param readMicrofarads 0 or more; Infinity where the meter shows a short.
 * @param ratedMicrofarads above 0; @param tolerancePercent above 0.
 * Example: 33.0 against 35 is weak at 5 % and good at 6 %.
 */
export function conditionOf(readMicrofarads: number, ratedMicrofarads: number, tolerancePercent: number): Condition {
  const share = readMicrofarads / ratedMicrofarads;
  if (share > shortedShare) return 'shorted';
  if (share < openShare) return 'open';
  return Math.abs(share - 1) * 100 <= tolerancePercent * (1 + 1e-9) ? 'good' : 'weak';
}

export const conditionWords: Record<Condition, string> = {
  good: 'within its tolerance',
  weak: 'outside its tolerance: spent, though the motor may still run',
  open: 'open: the motor hums and does not start',
  shorted: 'shorted, or not discharged when it was read',
};
