/**
 * What this installation alone knows stands outside of the database: in files of mode 600 in one folder, made at first use, or handed in
 * by the environment.
 */
import { chmodSync, mkdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';

/** The folder of keys: LOYAL_COIL_KEYS, or beside the private database. */
export const keyFolder = (): string => process.env.LOYAL_COIL_KEYS ?? path.resolve(process.env.LOYAL_COIL_FOLDER ?? '.loyal-coil', 'keys');

/**
 * The text of a key file; made by `make` where there is none yet. Of two processes that make it at once one wins and both read the same.
 * Throws where the file can be read by others than its owner.
 */
export function keyFile(name: string, make: () => string): string {
  const folder = keyFolder();
  const file = path.join(folder, name);
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  try {
    writeFileSync(file, make(), { mode: 0o600, flag: 'wx' });
    chmodSync(file, 0o600);
  } catch (error) {
    if (!(error instanceof Error && 'code' in error && error.code === 'EEXIST')) throw error;
  }
  if ((statSync(file).mode & 0o077) !== 0) throw new Error(`${file} can be read by others: chmod 600 ${file}`);
  return readFileSync(file, 'utf8').trim();
}
