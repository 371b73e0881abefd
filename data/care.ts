/** Runs of the installation's own tasks, as rows. */
import type { Knex } from 'knex';

/** Where the queue of these tasks stands: apart from what is of the plant. */
export const QUEUE_SCHEMA = 'pgboss';

export const careTasks = ['backup', 'check'] as const;
export type CareTask = (typeof careTasks)[number];

export type CareRun = {
  seq: string;
  task: CareTask;
  asked_by: string;
  began_at: Date;
  ended_at: Date;
  good: boolean;
  /** What came of it. */
  words: string;
};

export const noteRun = (knex: Knex, run: Omit<CareRun, 'seq'>): Promise<unknown> => knex('care_runs').insert(run);

/** The newest runs of a task, newest first. */
export const runsOf = (knex: Knex, task: CareTask, most: number): Promise<CareRun[]> =>
  knex<CareRun>('care_runs').where({ task }).orderBy('seq', 'desc').limit(most);
