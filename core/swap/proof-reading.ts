/**
 * What does a meter say at a test? A bare number is in the unit that stands beside the limit; an open circuit is written as meters show it; a figure
 * a thousand times off is asked back, since it is more likely a wrong prefix than a reading.
 */
import { readQuantity, type QuantityReading } from '../quantities/read-quantity';
import type { Proof } from '../families/contract';
import { proofLimits } from './sign-off';

/** Over range on a common meter, ohm: what an open contact reads at least. Common practice. */
export const OVER_RANGE_OHMS = 40e6;
/** No reading is more, in the unit of its test. */
export const MOST_READ = 1e12;
const OPEN_CIRCUIT = /^(?:o\.?\s?l\.?|∞|inf(?:inite|inity)?|open|>\s*40\s*m(?:Ω|ohms?)?)$/i;
const BARE = /^[+-]?[\d\s.,\u2009\u00a0]+$/;
const TIMES_OFF = 300;

/** Units that stand in the limit of a test, as it is shown. Example: '830 Ω to 1.12 kΩ' has two. */
const unitsIn = (proof: Proof): string[] => [
  ...new Set(
    [...proofLimits(proof).matchAll(/\d[\s\u2009]*([A-Za-zµΩ°%][A-Za-zΩ²·/]*)/g)]
      .map(([, unit]) => unit ?? '')
      .filter((unit) => unit !== 'to'),
  ),
];

/** The unit of a bare number; undefined where the limit stands in two, null where it stands in none. */
export function shownUnit(proof: Proof): string | null | undefined {
  const units = unitsIn(proof);
  return units.length > 1 ? undefined : (units[0] ?? null);
}

function isFarOff({ low, high }: Proof, value: number): boolean {
  if (high !== null && high > 0 && value >= high * TIMES_OFF) return true;
  return low !== null && low > 0 && value > 0 && value <= low / TIMES_OFF;
}

/**
 * Reads what was entered at a test.
 * @param said the same words entered the time before: then a figure that is far off is taken.
 */
export function readProof(proof: Proof, text: string, said?: string): QuantityReading {
  const words = text.trim();
  if (proof.unit === 'ohm' && OPEN_CIRCUIT.test(words)) return { ok: true, value: OVER_RANGE_OHMS };
  const unit = shownUnit(proof);
  const bare = BARE.test(words);
  if (bare && unit === undefined)
    return { ok: false, fault: `${proof.title}: write the unit, ${unitsIn(proof).join(' or ')}; the limits stand in both.` };
  const read = readQuantity(bare && unit ? `${words} ${unit}` : words, proof.unit, proof.title);
  if (read.ok && !(read.value >= 0 && read.value <= MOST_READ)) return { ok: false, fault: `${proof.title} is outside what is possible.` };
  if (!read.ok || !isFarOff(proof, read.value) || said === words) return read;
  return {
    ok: false,
    fault: `${words} is far from ${proofLimits(proof)}. Look at the prefix of the unit; if the meter does say so, enter it once more.`,
  };
}
