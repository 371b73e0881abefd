// One folder runs once: a second start says which process runs already, and leaves it alone.
import { existsSync, mkdirSync, readFileSync, readlinkSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { root, stateDir } from './machine.mjs';
import { fail } from './say.mjs';

const file = path.join(stateDir, 'start.pid');

/** Does the process run the start of this folder? One that was killed leaves its number behind, and another may have it by now. */
function runsHere(pid) {
  try {
    return readlinkSync(`/proc/${pid}/cwd`) === root && /demo\.mjs/.test(readFileSync(`/proc/${pid}/cmdline`, 'utf8'));
  } catch {
    return false;
  }
}

/** Takes this folder for this process until it ends. */
export function takeFolder() {
  try {
    mkdirSync(stateDir, { recursive: true });
    const before = existsSync(file) ? Number(readFileSync(file, 'utf8')) : 0;
    if (before !== process.pid && runsHere(before))
      fail(`Loyal Coil runs from this folder already (process ${before}). Stop it there first, or use it as it is.`);
    writeFileSync(file, String(process.pid));
  } catch (error) {
    fail(`${stateDir} cannot be written (${error.code ?? error.message}). Nothing was started.`);
  }
  process.on('exit', () => {
    try {
      if (Number(readFileSync(file, 'utf8')) === process.pid) rmSync(file);
    } catch {
      // The folder is gone; so is what it said.
    }
  });
}
