/** The key that signs the chains: Ed25519, outside of the database, in a file of mode 600 or handed in by LOYAL_COIL_SIGNING_KEY. */
import { createHash, createPrivateKey, createPublicKey, generateKeyPairSync, sign, verify, type KeyObject } from 'node:crypto';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import type { ChainCrypto } from '../../core/record/chain';
import { keyFile, keyFolder } from '../keys';
import { sha256 } from '../sha256';

const makeKey = (): string => generateKeyPairSync('ed25519').privateKey.export({ type: 'pkcs8', format: 'pem' }).toString();

/** The public part as text: its 32 bytes, base64. */
const textOf = (key: KeyObject): string => key.export({ type: 'spki', format: 'der' }).subarray(-32).toString('base64');
/** A public key by its text. */
const PREFIX = Buffer.from('302a300506032b6570032100', 'hex');
export const publicKeyOf = (text: string): KeyObject =>
  createPublicKey({ key: Buffer.concat([PREFIX, Buffer.from(text, 'base64')]), format: 'der', type: 'spki' });

/** How a public key is named on entries: the first 16 digits of its SHA-256. */
export const idOf = (text: string): string => createHash('sha256').update(Buffer.from(text, 'base64')).digest('hex').slice(0, 16);

export type SigningKey = { id: string; publicKey: string; sign: (hash: string) => string };

let held: { from: string; key: SigningKey } | undefined;

/** The key of this installation; made at first use. */
export function signingKey(): SigningKey {
  const from = process.env.LOYAL_COIL_SIGNING_KEY ?? keyFolder();
  if (held?.from === from) return held.key;
  const secret = createPrivateKey(process.env.LOYAL_COIL_SIGNING_KEY ?? keyFile('signing.key', makeKey));
  const publicKey = textOf(createPublicKey(secret));
  const key = { id: idOf(publicKey), publicKey, sign: (hash: string) => sign(null, Buffer.from(hash), secret).toString('base64') };
  held = { from, key };
  return key;
}

/** Public keys that this installation trusts: its own, and older ones that stand in its folder of keys as `*.pub`. */
export function trustedKeys(): ReadonlyMap<string, KeyObject> {
  const folder = keyFolder();
  const older = existsSync(folder) ? readdirSync(folder).filter((name) => name.endsWith('.pub')) : [];
  const texts = [signingKey().publicKey, ...older.map((name) => readFileSync(path.join(folder, name), 'utf8').trim())];
  return new Map(texts.map((text) => [idOf(text), publicKeyOf(text)]));
}

/** Hashing, and signatures by the keys that are trusted. */
export function chainCrypto(): ChainCrypto {
  const keys = trustedKeys();
  return {
    hash: sha256,
    holds: (id, hash, signature) => {
      const key = keys.get(id);
      return key && verify(null, Buffer.from(hash), key, Buffer.from(signature, 'base64'));
    },
  };
}
