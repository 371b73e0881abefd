/**
 * The queue of the installation's own tasks, in PostgreSQL: of several processes on one database one does each. Its tables stand in a schema
 * of their own, made by the role that owns the database; the application only works in them.
 */
import type { Knex } from 'knex';
import PgBoss from 'pg-boss';
import { careTasks, QUEUE_SCHEMA, type CareTask } from '../../data/care';
import { addressOfDatabase, databaseWords } from '../../data/connection';
import { log } from '../log';
import { ServiceError } from '../service-error';
import { careSettings, runTask } from './tasks';

const LOOKS_EVERY_SECONDS = 5;
const TRIES_AGAIN_MS = 30_000;
const NIGHT = 'the night';

type Queue = { boss: PgBoss; /** What does a task, by its id in the queue. */ workers: Partial<Record<CareTask, string>> };
type Held = { queue?: Queue; running: boolean; fault: string };
const holder = globalThis as { loyalCoilCare?: Held };

/** Makes the queue's tables and lets the application's role work in them, where it is another. Asked of the owner, after migrating. */
export async function prepareQueue(owner: Knex, ownerUrl: string, role?: string): Promise<void> {
  const boss = new PgBoss({ connectionString: ownerUrl, schema: QUEUE_SCHEMA, max: 2, supervise: false, schedule: false });
  boss.on('error', (error) => log.error({ error: error.message }, 'the queue could not be made'));
  await boss.start();
  // A second request for what waits or runs already is one request.
  for (const task of careTasks) await boss.createQueue(task, { name: task, policy: 'stately', retryLimit: 0, expireInMinutes: 15 });
  await boss.stop({ graceful: false, wait: true });
  if (!role) return;
  for (const statement of [
    'grant usage on schema ?? to ??',
    'grant select, insert, update, delete on all tables in schema ?? to ??',
    'grant execute on all functions in schema ?? to ??',
  ])
    await owner.raw(statement, [QUEUE_SCHEMA, role]);
}

async function open(): Promise<Queue> {
  const boss = new PgBoss({ connectionString: addressOfDatabase(), schema: QUEUE_SCHEMA, max: 2, migrate: false });
  boss.on('error', (error) => log.warn({ error: error.message }, 'the queue of backups and checks'));
  await boss.start();
  const { at } = careSettings();
  const workers: Queue['workers'] = {};
  for (const task of careTasks) {
    await boss.schedule(task, at, { askedBy: NIGHT }, { tz: Intl.DateTimeFormat().resolvedOptions().timeZone });
    workers[task] = await boss.work<{ askedBy?: string }>(task, { pollingIntervalSeconds: LOOKS_EVERY_SECONDS }, async ([job]) =>
      runTask(task, job?.data.askedBy ?? NIGHT),
    );
  }
  return { boss, workers };
}

/** Starts the queue beside the server; where the database does not answer or has no queue yet, it is tried again, and said on the page. */
export function startCare(): void {
  if (holder.loyalCoilCare) return;
  const held: Held = (holder.loyalCoilCare = { running: false, fault: 'The queue has not started yet.' });
  const attempt = () =>
    open().then(
      (queue) => Object.assign(held, { queue, running: true, fault: '' }),
      (error: unknown) => {
        held.fault = databaseWords(error);
        log.warn({ error: held.fault }, 'backups and checks do not run yet');
        setTimeout(() => void attempt(), TRIES_AGAIN_MS).unref();
      },
    );
  void attempt();
}

/** Stops the queue of this process; what it does now is done first. */
export async function stopCare(): Promise<void> {
  const { queue } = holder.loyalCoilCare ?? {};
  holder.loyalCoilCare = undefined;
  await queue?.boss.stop({ graceful: true, wait: true });
}

/** Does the queue run in this process, and where not, why? */
export const careRuns = (): Pick<Held, 'running' | 'fault'> => ({
  running: holder.loyalCoilCare?.running ?? false,
  fault: holder.loyalCoilCare?.fault ?? 'The queue is off in this process.',
});

/** Asks for a task now. Throws 409 where the queue does not run in this process. */
export async function askFor(task: CareTask, name: string): Promise<{ asked: boolean }> {
  const { queue } = holder.loyalCoilCare ?? {};
  if (!queue) throw new ServiceError(409, [{ field: 'task', reason: `Backups and checks do not run here now. ${careRuns().fault}` }]);
  const { boss, workers } = queue;
  const asked = (await boss.send(task, { askedBy: name })) !== null;
  const worker = workers[task];
  // It looks at once, not at its next turn.
  if (worker) boss.notifyWorker(worker);
  return { asked };
}
