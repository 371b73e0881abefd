// A private PostgreSQL cluster: on loopback only, on a free port, as an unprivileged user when root starts it.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { accessSync, chownSync, constants, existsSync, mkdirSync, readFileSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { freePort, postgresBin } from './machine.mjs';
import { fail, say } from './say.mjs';

const idOf = (flag) => Number(spawnSync('id', [flag, 'postgres'], { encoding: 'utf8' }).stdout);

/** The user that owns the cluster: ourselves, or Debian's 'postgres' when we are root. */
function owner() {
  return process.getuid?.() === 0 ? { uid: idOf('-u'), gid: idOf('-g') } : {};
}

/** True when every folder above can be entered by others; a clone under /root cannot. */
function reachable(folder) {
  for (let dir = path.resolve(folder); dir !== '/'; dir = path.dirname(dir))
    if (existsSync(dir) && (statSync(dir).mode & 0o001) === 0) return false;
  return true;
}

/**
 * Handle on the cluster in `folder`.
 * When root's own folders hide it from the unprivileged user, the cluster stands in the machine's
 * temporary-but-lasting folder instead, under a name made from the wanted path.
 */
export function cluster(folder) {
  const bin = postgresBin();
  const user = owner();
  let home = folder;
  if (user.uid !== undefined && !reachable(path.dirname(folder))) {
    const name = createHash('sha256').update(folder).digest('hex').slice(0, 12);
    home = path.join(folder.startsWith(tmpdir()) ? tmpdir() : '/var/tmp', `loyal-coil-${name}`);
  }
  const data = path.join(home, 'data');
  const pg = (program, args, options = {}) => spawnSync(path.join(bin, program), args, { ...user, cwd: '/', encoding: 'utf8', ...options });

  // A killed server may stand in the process table for a moment: only one that answers is running.
  const runningPort = () => {
    if (pg('pg_ctl', ['-D', data, 'status']).status !== 0) return undefined;
    const port = readFileSync(path.join(data, 'postmaster.pid'), 'utf8').split('\n')[3];
    return pg('pg_isready', ['-h', '127.0.0.1', '-p', port]).status === 2 ? undefined : Number(port);
  };

  async function start(wantedPort) {
    mkdirSync(path.dirname(home), { recursive: true });
    mkdirSync(home, { recursive: true, mode: 0o700 });
    if (user.uid !== undefined) chownSync(home, user.uid, user.gid);
    else accessSync(home, constants.W_OK);
    if (!existsSync(path.join(data, 'PG_VERSION'))) {
      say('making a private PostgreSQL cluster');
      const made = pg('initdb', ['-D', data, '-U', 'loyal', '--auth=trust', '-E', 'UTF8', '--locale=C.UTF-8']);
      if (made.status !== 0) fail(`initdb ended with ${made.status}: ${made.stderr}`);
    }
    const running = runningPort();
    if (running) return running;
    const port = wantedPort ?? (await freePort());
    const settings = `-p ${port} -c listen_addresses=127.0.0.1 -c unix_socket_directories=''`;
    // After a kill -9 the old backends need a moment to let go of shared memory.
    for (let attempt = 0; ; attempt += 1) {
      const started = pg('pg_ctl', ['-D', data, '-w', '-l', path.join(home, 'log'), '-o', settings, 'start'], {
        stdio: 'ignore',
      });
      if (started.status === 0) return port;
      if (attempt === 20) fail(`PostgreSQL did not start; its log is ${path.join(home, 'log')}.`);
      await wait(500);
    }
  }

  const stop = () => pg('pg_ctl', ['-D', data, '-m', 'fast', '-w', 'stop'], { stdio: 'ignore' });
  const pid = () => Number(readFileSync(path.join(data, 'postmaster.pid'), 'utf8').split('\n')[0]);
  const url = (port, database = 'loyal_coil') => `postgres://loyal@127.0.0.1:${port}/${database}`;

  /** Makes the database when it is not there. */
  function ensureDatabase(port, database = 'loyal_coil') {
    const psql = (sql) => pg('psql', ['-h', '127.0.0.1', '-p', String(port), '-U', 'loyal', '-d', 'postgres', '-tAc', sql]);
    if (psql(`select 1 from pg_database where datname='${database}'`).stdout.trim() !== '1') {
      const made = psql(`create database ${database}`);
      if (made.status !== 0) fail(`The database could not be made: ${made.stderr}`);
    }
    return url(port, database);
  }

  return { start, stop, pid, url, ensureDatabase, runningPort, home };
}
