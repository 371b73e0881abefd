/** How the chains stand, looked at again after a while: a page that shows records asks for it each time. */
import { database } from '../../data/connection';
import { signingKey } from './key';
import { verifyChains, type ChainState } from './verify';

const FRESH_MS = 30_000;

export type Verification = { at: string; key: string; publicKey: string; states: ChainState[] };

const holder = globalThis as { loyalCoilVerified?: { pool: object; until: number; found: Promise<Verification> } };

/** Verifies now. */
export async function verifyNow(): Promise<Verification> {
  const states = await verifyChains(database());
  const { id, publicKey } = signingKey();
  return { at: new Date().toISOString(), key: id, publicKey, states };
}

/** The last verification, at most half a minute old. */
export function keptVerification(): Promise<Verification> {
  const pool = database();
  const known = holder.loyalCoilVerified;
  if (known?.pool === pool && known.until > Date.now()) return known.found;
  const found = verifyNow();
  holder.loyalCoilVerified = { pool, until: Date.now() + FRESH_MS, found };
  found.catch(() => delete holder.loyalCoilVerified);
  return found;
}

/** The last verification of this process, however old; none is made for it. */
export const lastVerification = (): Promise<Verification | undefined> =>
  holder.loyalCoilVerified?.found.catch(() => undefined) ?? Promise.resolve(undefined);

/** What of the chains reads otherwise than it was signed, in words. */
export const alteredWords = (states: readonly ChainState[]): string[] =>
  states.flatMap(({ name, faults }) => faults.map(({ words }) => `${name}: ${words}`));
