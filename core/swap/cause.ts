/** One cause of a hunt, and what a reading says of it. */
import { isKnown } from '../readings/reading';
import type { Finding, SwapState } from './swap';

export type Cause = {
  id: string;
  title: string;
  /** How it is settled. */
  measure: string;
  unit: 'A' | 'ohm' | '%' | '°C' | '';
  /** From here on it is the cause; for resistance to earth below it. Null: a yes or no. */
  limit: number | null;
  worseIs: 'above' | 'below' | 'yes';
  /** What to do about it. */
  remedy: string;
};
export type CauseVerdict = 'open' | 'cause' | 'ruled-out';

/** Below this an insulation to earth counts as faulty, ohm. BS 7671 table 64, circuits to 500 V; from memory. */
export const INSULATION_OHMS = 1e6;

/** A figure that stands on a plate of the swap; undefined where it is not read. */
export const known = (state: SwapState, section: 'load' | 'supply' | 'removed', id: string): number | undefined => {
  const reading = state[section][id];
  return isKnown(reading) && typeof reading.value === 'number' ? reading.value : undefined;
};

/** Verdict on one cause from what was found. */
export function causeVerdict(cause: Cause, found: Finding | undefined): CauseVerdict {
  if (cause.limit === null || cause.worseIs === 'yes') return found?.yes === undefined ? 'open' : found.yes ? 'cause' : 'ruled-out';
  if (found?.reading === undefined || !Number.isFinite(found.reading)) return 'open';
  const isCause = cause.worseIs === 'above' ? found.reading > cause.limit : found.reading < cause.limit;
  return isCause ? 'cause' : 'ruled-out';
}
