/** What the installation does for itself by night: a backup, of which the oldest go, and a check of everything that was signed. */
import path from 'node:path';
import { noteRun, type CareTask } from '../../data/care';
import { addressOfDatabase, database, databaseWords } from '../../data/connection';
import { makeBackup, retain } from '../backup/backup';
import { verifyChains } from '../chain/verify';
import { log } from '../log';

/** Where backups go, how many are kept, whether the signing key goes with them, and when it is done: minute, hour, day, month, weekday. */
export const careSettings = () => ({
  folder: path.resolve(/* turbopackIgnore: true */ process.env.LOYAL_COIL_BACKUPS ?? path.join('.loyal-coil', 'backups')),
  kept: Math.max(1, Math.trunc(Number(process.env.LOYAL_COIL_BACKUPS_KEPT ?? 14)) || 14),
  withKey: process.env.LOYAL_COIL_BACKUP_WITH_KEY === '1',
  at: process.env.LOYAL_COIL_NIGHTLY ?? '30 2 * * *',
});

type Done = { good: boolean; words: string };

async function backup(): Promise<Done> {
  const { folder, kept, withKey } = careSettings();
  const made = await makeBackup(addressOfDatabase(), folder, withKey);
  const bytes = made.manifest.files.reduce((sum, file) => sum + file.bytes, 0);
  const gone = retain(folder, kept);
  const oldest = gone === 0 ? '' : ` ${gone} of the oldest went; ${kept} are kept.`;
  return {
    good: true,
    words: `${path.basename(made.folder)}, ${(bytes / 1e6).toFixed(1)} MB${withKey ? ', with the signing key' : ''}.${oldest}`,
  };
}

async function check(): Promise<Done> {
  const states = await verifyChains(database());
  const faults = states.flatMap((state) => state.faults);
  const entries = states.reduce((sum, state) => sum + state.entries, 0);
  for (const fault of faults) log.error({ site: fault.site, seq: fault.seq, kind: fault.kind }, fault.words);
  return faults.length === 0
    ? { good: true, words: `${entries} entries at ${states.length} sites: all as it was signed.` }
    : {
        good: false,
        words: `${faults.length} not as it was signed. ${faults
          .slice(0, 5)
          .map(({ words }) => words)
          .join(' ')}`,
      };
}

const tasks: Readonly<Record<CareTask, () => Promise<Done>>> = { backup, check };

/** Does a task and notes what came of it; what fails is noted in its own words. */
export async function runTask(task: CareTask, askedBy: string): Promise<Done> {
  const began_at = new Date();
  const done = await tasks[task]().catch((error: unknown): Done => ({ good: false, words: databaseWords(error).slice(0, 1000) }));
  if (!done.good) log.error({ task }, done.words);
  await noteRun(database(), { task, asked_by: askedBy, began_at, ended_at: new Date(), good: done.good, words: done.words });
  return done;
}
