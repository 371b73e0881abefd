/** PostgreSQL's own programs, with the password in the environment and not on the command line. */
import { spawn } from 'node:child_process';
import { existsSync, readdirSync } from 'node:fs';
import path from 'node:path';

/** The newest of Debian's versions that is installed, or whatever the path holds. */
function programAt(name: string): string {
  const base = '/usr/lib/postgresql';
  const versions = existsSync(base) ? readdirSync(base).sort((a, b) => Number(b) - Number(a)) : [];
  return versions.map((version) => path.join(base, version, 'bin', name)).find((file) => existsSync(file)) ?? name;
}

/** Runs a program on the database of an address. Rejects with what it said where it ends with anything but 0. */
export function runOn(url: string, name: 'pg_dump' | 'pg_restore', args: readonly string[]): Promise<void> {
  const { hostname, port, username, password, pathname } = new URL(url);
  const env = {
    ...process.env,
    ...{ PGHOST: hostname, PGPORT: port || '5432', PGUSER: decodeURIComponent(username), PGPASSWORD: decodeURIComponent(password) },
    PGDATABASE: decodeURIComponent(pathname.slice(1)),
  };
  return new Promise((resolve, reject) => {
    const child = spawn(programAt(name), [...args], { env, stdio: ['ignore', 'ignore', 'pipe'] });
    let said = '';
    child.stderr.on('data', (data: Buffer) => (said = (said + data.toString()).slice(-2000)));
    child.once('error', reject);
    child.once('close', (code) => (code === 0 ? resolve() : reject(new Error(`${name} ended with ${code}: ${said.trim()}`))));
  });
}
