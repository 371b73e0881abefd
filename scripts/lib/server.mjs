// The application as a child process, and waiting until it answers.
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, openSync, readFileSync, renameSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { root } from './machine.mjs';

const MOST_LOG_BYTES = 20e6;
/** The file that the server's log goes on in; one that has grown large is put aside, and one before it is kept. */
function logOf(file) {
  mkdirSync(path.dirname(file), { recursive: true });
  if (existsSync(file) && statSync(file).size > MOST_LOG_BYTES) renameSync(file, `${file}.before`);
  return openSync(file, 'a', 0o600);
}

/** Starts the built application (or the development server) on loopback; `demo` false: with a crew of its own, and nobody comes in unnamed. Its log goes to `logFile` where one is named. */
export function startServer({ port, databaseUrl, dev = false, quiet = true, demo = true, keys = process.env.LOYAL_COIL_KEYS, logFile }) {
  const args = [dev ? 'dev' : 'start', '-H', '127.0.0.1', '-p', String(port)];
  return spawn(process.execPath, [path.join(root, 'node_modules/next/dist/bin/next'), ...args], {
    cwd: root,
    env: {
      ...process.env,
      DATABASE_URL: databaseUrl,
      ...(keys ? { LOYAL_COIL_KEYS: keys } : {}),
      // The demo signs its invented crew in with one touch, and judges for whoever asks; both on loopback alone.
      ...(demo
        ? {
            LOYAL_COIL_DEMO: '1',
            LOYAL_COIL_OPEN_JUDGING: process.env.LOYAL_COIL_OPEN_JUDGING ?? '1',
            LOYAL_COIL_METERS: process.env.LOYAL_COIL_METERS ?? '127.0.0.1:*',
          }
        : { LOYAL_COIL_DEMO: '0' }),
      NEXT_TELEMETRY_DISABLED: '1',
      NODE_ENV: dev ? 'development' : 'production',
    },
    stdio: logFile ? ['ignore', logOf(logFile), 'inherit'] : quiet ? ['ignore', 'ignore', 'inherit'] : 'inherit',
  });
}

/** Resolves when the address answers; rejects when the process ends first or the time is over. */
export async function answers(url, child, seconds = 60) {
  const end = Date.now() + seconds * 1000;
  while (Date.now() < end) {
    if (child && child.exitCode !== null) throw new Error(`the server ended with ${child.exitCode}`);
    try {
      const response = await fetch(url);
      if (response.ok) return;
    } catch {
      // not yet
    }
    await wait(100);
  }
  throw new Error(`${url} did not answer within ${seconds} s`);
}

/** Notes the server's process, so that a later start can end it when it was left behind. */
export function notePid(file, pid) {
  mkdirSync(path.dirname(file), { recursive: true });
  writeFileSync(file, String(pid));
}

/** Ends the noted server if it still runs and is the application of this folder. */
export async function endLeftover(file) {
  if (!existsSync(file)) return;
  const pid = Number(readFileSync(file, 'utf8'));
  const proc = `/proc/${pid}`;
  try {
    if (!/next/.test(readFileSync(`${proc}/cmdline`, 'utf8')) || !readFileSync(`${proc}/environ`, 'utf8').includes(`PWD=${root}`)) return;
    process.kill(pid, 'SIGTERM');
  } catch {
    return;
  }
  for (let i = 0; i < 50 && existsSync(proc); i += 1) await wait(100);
}
