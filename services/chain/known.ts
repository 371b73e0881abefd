/** What is known to have been altered, for pages that show a history and check nothing themselves: the last look, and the last check by night. */
import { runsOf } from '../../data/care';
import { database } from '../../data/connection';
import { alteredWords, lastVerification } from './state';

/** In words; empty where nothing is known. */
export async function knownAltered(): Promise<string[]> {
  const [seen, [check]] = await Promise.all([lastVerification(), runsOf(database(), 'check', 1)]);
  const later = seen && (!check || new Date(seen.at) > check.began_at);
  if (later) return alteredWords(seen.states);
  return check && !check.good ? [check.words] : [];
}
