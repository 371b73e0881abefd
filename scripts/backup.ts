/** npm run backup -- [folder] [--with-key] [--keep N] [--own]: a whole backup in a new folder; with --keep the oldest go. */
import path from 'node:path';
import { makeBackup, retain } from '../services/backup/backup';

const url = process.env.DATABASE_OWNER_URL ?? process.env.DATABASE_URL;
if (!url) throw new Error('DATABASE_URL is not set; npm run backup sets it.');
const args = process.argv.slice(2);
const keepAt = args.indexOf('--keep');
const keep = keepAt >= 0 ? Number(args[keepAt + 1]) : undefined;
const into = args.find((word, i) => !word.startsWith('--') && i !== keepAt + 1) ?? path.join('.loyal-coil', 'backups');
const { folder, manifest } = await makeBackup(url, into, args.includes('--with-key'));
for (const { name, bytes, sha256 } of manifest.files) console.log(`${name}  ${bytes} bytes  sha256 ${sha256}`);
for (const { site, seq, hash } of manifest.heads) console.log(`${site}: entry ${seq} ${hash}`);
if (keep !== undefined && Number.isInteger(keep) && keep > 0) console.log(`${retain(into, keep)} older ones were taken away.`);
if (!args.includes('--with-key'))
  console.log('The signing key is not in it: keep .loyal-coil/keys elsewhere, or ask for it by --with-key.');
console.log(`Backed up to ${folder}`);
