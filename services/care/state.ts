/** How the installation is cared for: what ran last, what is due, and what is wrong with it, in words. */
import { runsOf, type CareRun, type CareTask } from '../../data/care';
import { database } from '../../data/connection';
import { backupsIn } from '../backup/backup';
import { careRuns } from './queue';
import { careSettings } from './tasks';

const SHOWN = 10;
const LATEST_HOURS = 26; // a night, and two hours of grace

export type CareRunView = { at: string; seconds: number; askedBy: string; good: boolean; words: string };
export type CareState = {
  running: boolean;
  settings: { folder: string; kept: number; withKey: boolean; at: string };
  backups: number;
  runs: Record<CareTask, CareRunView[]>;
  /** What an administrator should look at; empty where all is well. */
  wrong: string[];
};

const viewOf = (run: CareRun): CareRunView => ({
  at: run.began_at.toISOString(),
  seconds: Math.round((run.ended_at.getTime() - run.began_at.getTime()) / 100) / 10,
  askedBy: run.asked_by,
  good: run.good,
  words: run.words,
});

const names: Readonly<Record<CareTask, string>> = { backup: 'backup', check: 'check of what was signed' };

/** What is wrong with the last run of a task. */
function wrongOf(task: CareTask, [newest]: readonly CareRun[], now: Date): string[] {
  if (!newest) return [`There was no ${names[task]} yet.`];
  const hours = (now.getTime() - newest.began_at.getTime()) / 3_600_000;
  return [
    ...(newest.good ? [] : [`The last ${names[task]} did not go well: ${newest.words}`]),
    ...(hours > LATEST_HOURS ? [`The last ${names[task]} is ${Math.round(hours)} hours old.`] : []),
  ];
}

export async function careState(now = new Date()): Promise<CareState> {
  const knex = database();
  const [backup, check] = await Promise.all([runsOf(knex, 'backup', SHOWN), runsOf(knex, 'check', SHOWN)]);
  const settings = careSettings();
  const { running, fault } = careRuns();
  return {
    running,
    settings,
    backups: backupsIn(settings.folder).length,
    runs: { backup: backup.map(viewOf), check: check.map(viewOf) },
    wrong: [
      ...(running ? [] : [`Backups and checks do not run by themselves now. ${fault}`]),
      ...wrongOf('backup', backup, now),
      ...wrongOf('check', check, now),
    ],
  };
}
