/**
 * Threads for what costs: judging, boards, desks, pictures that come in, PDFs. The server's own thread only counts bytes and asks who
 * calls, so that one heavy request holds nobody up. The queue is bounded; beyond it a caller is told when to come back, and one that has gone is passed over.
 */
import { availableParallelism } from 'node:os';
import { existsSync } from 'node:fs';
import path from 'node:path';
import Piscina from 'piscina';
import { ServiceError } from '../service-error';
import type { HeavyAnswer, HeavyTask } from './task';

const MAX_QUEUE = 64;
/** How far the threads give way; less where browsers run on the same machine, as in our tests, and would leave them nothing. */
const NICE = Number(process.env.LOYAL_COIL_POOL_NICE ?? 10);
const RETRY_SECONDS = 2;

const holder = globalThis as { loyalCoilPool?: Piscina };

/** Off by LOYAL_COIL_POOL=0, as in tests of the use cases: then everything runs in the process's own thread. */
export const hasPool = (): boolean => process.env.LOYAL_COIL_POOL !== '0';

/** What a thread runs: the file that the build made, or where there is none, in development, the source itself. */
function program(): { filename: string; execArgv: string[] } {
  const built = path.join(process.cwd(), '.next', 'pool-worker.mjs');
  if (process.env.NODE_ENV === 'production' && existsSync(built)) return { filename: built, execArgv: [] };
  return { filename: path.join(process.cwd(), 'services/pool/worker.ts'), execArgv: ['--import', 'tsx'] };
}

/**
 * How its threads live. A thread that waits for work goes on meanwhile: its connections are made, kept and given up as in the server's own
 * thread. Asleep between two tasks, as the library has it by itself, a connection that was still being made would be found timed out by the next one.
 */
export const threadLife = { atomics: 'disabled' } as const;

/** The pool; its first thread starts with it. */
export function pool(): Piscina {
  holder.loyalCoilPool ??= new Piscina({
    ...program(),
    ...threadLife,
    // What costs gives way to the server's own thread, and the threads that it starts for letters with it.
    niceIncrement: NICE,
    minThreads: 1,
    maxThreads: Math.max(1, availableParallelism() - 1),
    maxQueue: MAX_QUEUE,
    idleTimeout: 600_000,
  });
  return holder.loyalCoilPool;
}

/** How the pool stands, for the metrics. */
export const poolState = (): { threads: number; waiting: number } =>
  holder.loyalCoilPool
    ? { threads: holder.loyalCoilPool.threads.length, waiting: holder.loyalCoilPool.queueSize }
    : { threads: 0, waiting: 0 };

const BUSY = new ServiceError(
  429,
  [{ field: '', reason: `Too much is asked at once. Ask again in ${RETRY_SECONDS} s; nothing was lost.` }],
  { retryAfterSeconds: RETRY_SECONDS },
);
const GONE = new ServiceError(400, [{ field: '', reason: 'The caller has gone; nothing was worked out.' }]);

/** Answers a heavy route in a thread of the pool. Throws what the route throws; 429 where the queue is full. */
export async function answerInPool(asked: Omit<HeavyTask, 'gone'>, signal?: AbortSignal): Promise<Response> {
  if (signal?.aborted) throw GONE;
  if (pool().queueSize >= MAX_QUEUE) throw BUSY;
  // A task that runs is not broken off: that would end its thread, and the next one waits for another. One that waits is passed over.
  const gone = new Int32Array(new SharedArrayBuffer(4));
  const leave = () => void Atomics.store(gone, 0, 1);
  signal?.addEventListener('abort', leave, { once: true });
  const answer: HeavyAnswer = await pool()
    .run({ ...asked, gone }, { transferList: [asked.body.buffer] })
    .catch((error: unknown) => {
      throw error instanceof Error && /queue/i.test(error.message) ? BUSY : error;
    })
    .finally(() => signal?.removeEventListener('abort', leave));
  if (signal?.aborted) throw GONE;
  if (answer.kind === 'answered') return new Response(answer.bytes, { status: answer.status, headers: answer.headers });
  if (answer.kind === 'refused') throw new ServiceError(answer.status, answer.faults, answer.detail);
  const { name, message, code, stack } = answer;
  throw Object.assign(new Error(message), { name, code, stack });
}
