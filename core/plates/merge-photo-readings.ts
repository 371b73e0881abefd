/**
 * What may a picture change on a plate? It fills what nobody has read yet and what an earlier picture or line gave; what a
 * person read, measured or declared stays, and a difference is shown for the person to settle.
 */
import { sameValue, type Reading, type Readings } from '../readings/reading';
import type { PlateReading } from './parse-plate';

export type Difference = { field: string; here: Reading; picture: Reading };

/** A person's yes, or a word given by a person, makes a reading that person's. */
export const BY_HAND = 'by hand';
const byPicture = (reading: Reading): boolean => reading.from?.startsWith('picture') === true && !reading.from.endsWith(BY_HAND);

/** Returns the reading with a person's yes to it. */
export const confirmed = (reading: Reading): Reading =>
  reading.toConfirm ? { ...reading, toConfirm: undefined, from: `${reading.from ?? 'found'}; confirmed ${BY_HAND}` } : reading;
const byMachine = (reading: Reading): boolean => byPicture(reading) || reading.toConfirm === true;

/** Returns the fields to fill and the differences to settle. A field that the picture no longer gives is taken back (null). */
export function takePicture(
  before: Readings,
  found: Pick<PlateReading, 'readings'>,
): { fill: Record<string, Reading | null>; differences: Difference[] } {
  const fill: Record<string, Reading | null> = {};
  const differences: Difference[] = [];
  for (const [field, reading] of Object.entries(before)) if (byPicture(reading) && !found.readings[field]) fill[field] = null;
  for (const [field, reading] of Object.entries(found.readings)) {
    const here = before[field];
    if (here === undefined || byMachine(here)) fill[field] = reading;
    else if (sameValue(here, reading)) {
      // The same as a person read: it only learns where it stands.
      if (reading.words?.length) fill[field] = { ...here, words: reading.words };
    } else if (reading.state !== 'unreadable') differences.push({ field, here, picture: reading });
  }
  return { fill, differences };
}
