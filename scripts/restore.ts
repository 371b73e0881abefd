/**
 * npm run restore -- folder [--own]: restores into the private database of this folder, or that of DATABASE_URL. What stands there now is not
 * lost: it is kept under another name. Ends with 1 where a chain does not hold.
 */
import { connect } from '../data/connection';
import { checkBackup, restoreBackup } from '../services/backup/backup';

const url = process.env.DATABASE_OWNER_URL ?? process.env.DATABASE_URL;
if (!url) throw new Error('DATABASE_URL is not set; npm run restore sets it.');
const folder = process.argv.slice(2).find((word) => !word.startsWith('--'));
if (!folder) throw new Error('Which backup? npm run restore -- .loyal-coil/backups/2026-…');
await checkBackup(folder);

const name = new URL(url).pathname.slice(1);
const server = connect(url.replace(/\/[^/]*$/, '/postgres'));
try {
  const aside = `${name}_before_${new Date().toISOString().slice(0, 19).replace(/\D/g, '')}`;
  await server.raw('select pg_terminate_backend(pid) from pg_stat_activity where datname = ? and pid <> pg_backend_pid()', [name]);
  await server.raw('alter database ?? rename to ??', [name, aside]);
  await server.raw('create database ??', [name]);
  console.log(`What stood there is kept as the database ${aside}.`);
} finally {
  await server.destroy();
}
const application = process.env.DATABASE_OWNER_URL && process.env.DATABASE_URL ? new URL(process.env.DATABASE_URL).username : undefined;
const { states, otherHeads, manifest } = await restoreBackup(folder, url, application);
let faults = 0;
for (const state of states) {
  console.log(`${state.name}: ${state.entries} entries, newest ${state.head?.seq ?? 'none'}`);
  for (const { kind, words } of state.faults) console.log(`  ${kind}: ${words}`);
  faults += state.faults.length;
}
for (const site of otherHeads) console.log(`${site}: its newest entry is not the one of the backup’s manifest.`);
console.log(
  faults + otherHeads.length === 0 ? `Restored as of ${manifest.at}; every chain holds.` : 'Restored; not everything holds, see above.',
);
process.exitCode = faults + otherHeads.length === 0 ? 0 : 1;
