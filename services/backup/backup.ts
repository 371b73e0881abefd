/**
 * A backup: one consistent dump of the database (pictures and documents stand in it), the keys where they are asked for, and a manifest with
 * hashes, written last: a folder without a manifest is no backup. Restoring ends with a verification of every chain.
 */
import { createHash } from 'node:crypto';
import {
  copyFileSync,
  createReadStream,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import path from 'node:path';
import * as yup from 'yup';
import type { ChainHead } from '../../core/record/chain';
import { QUEUE_SCHEMA } from '../../data/care';
import { newestOf } from '../../data/chain';
import { connect } from '../../data/connection';
import { migrate } from '../../data/migrate';
import { protectSigned } from '../../data/protect';
import { signingKey } from '../chain/key';
import { verifyChains, type ChainState } from '../chain/verify';
import { keyFolder } from '../keys';
import { runOn } from './programs';

const DUMP = 'database.dump';
const MANIFEST = 'manifest.json';

const manifestSchema = yup.object({
  format: yup.string().oneOf(['loyal-coil/backup']).required(),
  version: yup.number().oneOf([1]).required(),
  at: yup.string().required(),
  publicKey: yup.string().required(),
  files: yup
    .array()
    .of(yup.object({ name: yup.string().required(), sha256: yup.string().required(), bytes: yup.number().required() }))
    .required(),
  heads: yup
    .array()
    .of(
      yup.object({
        site: yup.string().required(),
        seq: yup.number().required(),
        hash: yup.string().required(),
        at: yup.string().required(),
      }),
    )
    .required(),
});
export type Manifest = yup.InferType<typeof manifestSchema>;

async function hashOf(file: string): Promise<string> {
  const hash = createHash('sha256');
  for await (const part of createReadStream(file)) hash.update(part);
  return hash.digest('hex');
}

const fileEntry = async (folder: string, name: string) => {
  const file = path.join(folder, name);
  return { name, sha256: await hashOf(file), bytes: statSync(file).size };
};

/** Names of the backup's own key files; heads and secrets of sessions are not part of it. */
const keyNames = (folder: string): string[] => readdirSync(folder).filter((name) => name === 'signing.key' || name.endsWith('.pub'));

/** Dumps what the database holds at one moment, and answers the chains' heads of that moment. */
async function dump(url: string, file: string): Promise<ChainHead[]> {
  const knex = connect(url);
  try {
    return await knex.transaction(
      async (trx) => {
        const { rows } = await trx.raw<{ rows: { name: string }[] }>('select pg_export_snapshot() as name');
        const snapshot = rows[0]?.name ?? '';
        const sites = await trx<{ id: string }>('sites').orderBy('id');
        const heads: ChainHead[] = [];
        for (const { id } of sites) {
          const newest = await newestOf(trx, id);
          if (newest) heads.push({ site: id, seq: newest.seq, hash: newest.hash, at: newest.at });
        }
        const plain = ['--format=custom', '--no-owner', '--no-privileges'];
        // What waits in the queue is of this process, not of the plant.
        await runOn(url, 'pg_dump', [...plain, `--exclude-schema=${QUEUE_SCHEMA}`, `--snapshot=${snapshot}`, `--file=${file}`]);
        return heads;
      },
      { isolationLevel: 'repeatable read', readOnly: true },
    );
  } finally {
    await knex.destroy();
  }
}

/** Makes a backup in a new folder under `into`. Returns the folder. */
export async function makeBackup(
  url: string,
  into: string,
  withKey: boolean,
  now = new Date(),
): Promise<{ folder: string; manifest: Manifest }> {
  const folder = path.join(into, now.toISOString().replace(/[:.]/g, '-'));
  mkdirSync(into, { recursive: true, mode: 0o700 });
  mkdirSync(folder, { mode: 0o700 });
  try {
    const heads = await dump(url, path.join(folder, DUMP));
    const files = [await fileEntry(folder, DUMP)];
    signingKey();
    for (const name of withKey ? keyNames(keyFolder()) : []) {
      copyFileSync(path.join(keyFolder(), name), path.join(folder, name));
      files.push(await fileEntry(folder, name));
    }
    const manifest: Manifest = {
      format: 'loyal-coil/backup',
      version: 1,
      at: now.toISOString(),
      publicKey: signingKey().publicKey,
      files,
      heads,
    };
    writeFileSync(path.join(folder, `${MANIFEST}.part`), JSON.stringify(manifest, null, 2), { mode: 0o600 });
    renameSync(path.join(folder, `${MANIFEST}.part`), path.join(folder, MANIFEST));
    return { folder, manifest };
  } catch (error) {
    rmSync(folder, { recursive: true, force: true });
    throw error;
  }
}

/** Whole backups under a folder, oldest first. */
export const backupsIn = (into: string): string[] =>
  existsSync(into)
    ? readdirSync(into)
        .sort()
        .map((name) => path.join(into, name))
        .filter((folder) => existsSync(path.join(folder, MANIFEST)))
    : [];

/** Takes the oldest away until `keep` are left. Returns how many went. */
export function retain(into: string, keep: number): number {
  const old = backupsIn(into).slice(0, -keep);
  for (const folder of old) rmSync(folder, { recursive: true });
  return old.length;
}

/** Reads a backup's manifest and holds every file against it. Throws in words where something is missing or changed. */
export async function checkBackup(folder: string): Promise<Manifest> {
  const file = path.join(folder, MANIFEST);
  if (!existsSync(file)) throw new Error(`${folder} is no backup: it has no ${MANIFEST}.`);
  const manifest = await manifestSchema.validate(JSON.parse(readFileSync(file, 'utf8')), { strict: true });
  for (const { name, sha256 } of manifest.files) {
    const at = path.join(folder, path.basename(name));
    if (!existsSync(at)) throw new Error(`${name} is missing from the backup.`);
    if ((await hashOf(at)) !== sha256) throw new Error(`${name} is not what was backed up: its hash is another. Nothing was restored.`);
  }
  return manifest;
}

export type Restored = {
  manifest: Manifest;
  states: ChainState[];
  /** Chains whose newest entry is not that of the manifest. */ otherHeads: string[];
};

/**
 * Restores a backup into an empty database, brings it to the newest form and verifies it. `role` is the application's, where it is not the
 * owner. Throws where the database holds something, or the backup is not whole.
 */
export async function restoreBackup(folder: string, url: string, role?: string): Promise<Restored> {
  const manifest = await checkBackup(folder);
  const knex = connect(url);
  try {
    const held = await knex('pg_tables').where({ schemaname: 'public' }).first();
    if (held) throw new Error('This database holds something already. Restore into an empty one; nothing was changed.');
    await runOn(url, 'pg_restore', [
      '--no-owner',
      '--no-privileges',
      '--exit-on-error',
      '--single-transaction',
      `--dbname=${new URL(url).pathname.slice(1)}`,
      path.join(folder, DUMP),
    ]);
    for (const { name } of manifest.files.filter((one) => one.name !== DUMP)) {
      const key = path.join(keyFolder(), path.basename(name));
      mkdirSync(keyFolder(), { recursive: true, mode: 0o700 });
      if (!existsSync(key)) writeFileSync(key, readFileSync(path.join(folder, path.basename(name))), { mode: 0o600 });
    }
    await migrate(knex);
    if (role) await protectSigned(knex, role);
    const states = await verifyChains(knex);
    const otherHeads = manifest.heads
      .filter(({ site, hash }) => states.find((state) => state.site === site)?.head?.hash !== hash)
      .map(({ site }) => site);
    return { manifest, states, otherHeads };
  } finally {
    await knex.destroy();
  }
}
