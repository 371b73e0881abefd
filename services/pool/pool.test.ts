/** A thread of the pool between two tasks: it does not sleep, so that what a task left under way comes to its end. */
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import Piscina from 'piscina';
import { expect, it, vi } from 'vitest';
import { threadLife } from './pool';

/** Answers at once and leaves something for later, as a database client does with a connection that nobody needs any more. */
const LEAVES_SOMETHING = `export default (flag) => { setTimeout(() => Atomics.store(flag, 0, 1), 30); return 'answered'; };`;

it('what a task left under way goes on while the thread waits for the next', async () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'loyal-coil-pool-'));
  const filename = path.join(folder, 'leaves.mjs');
  writeFileSync(filename, LEAVES_SOMETHING);
  const pool = new Piscina({ filename, minThreads: 1, maxThreads: 1, ...threadLife });
  try {
    const flag = new Int32Array(new SharedArrayBuffer(4));
    expect(await pool.run(flag)).toBe('answered');
    await vi.waitFor(() => expect(Atomics.load(flag, 0)).toBe(1), { timeout: 5000 });
  } finally {
    await pool.destroy();
    rmSync(folder, { recursive: true, force: true });
  }
});
