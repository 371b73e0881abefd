// Runs a script on the database of DATABASE_URL, or on the private one of this folder: of the demo, or with --own that of npm start.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import path from 'node:path';
import { npmPackages, root, stateDir } from './lib/machine.mjs';
import { cluster } from './lib/postgres.mjs';
import { fail } from './lib/say.mjs';

const [script, ...rest] = process.argv.slice(2);
npmPackages();
const env = { ...process.env };
let stop;
if (!env.DATABASE_URL) {
  const pg = cluster(path.join(stateDir, 'postgres'));
  if (!existsSync(path.join(pg.home, 'data', 'PG_VERSION')))
    fail('There is no private database here yet; npm run demo or npm start makes it.');
  const running = pg.runningPort();
  const port = running ?? (await pg.start());
  if (!running) stop = () => pg.stop();
  const name = rest.includes('--own') ? 'plant' : 'loyal_coil';
  env.DATABASE_URL = pg.ensureDatabase(port, name);
  env.DATABASE_OWNER_URL = pg.adminUrl(port, name);
}
const done = spawnSync('npx', ['tsx', script, ...rest], {
  cwd: root,
  stdio: 'inherit',
  env,
});
stop?.();
process.exit(done.status ?? 1);
