// npm run faults -- [seed] [requests]: the long runs of bad luck, each bounded, each with its seed printed.
import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { npmPackages, root } from './lib/machine.mjs';
import { cluster } from './lib/postgres.mjs';

npmPackages();
const scratch = mkdtempSync(path.join(tmpdir(), 'loyal-coil-faults-'));
const pg = cluster(path.join(scratch, 'cluster'), { lasting: false });
let status = 1;
try {
  const port = await pg.start();
  const env = {
    ...process.env,
    TEST_CLUSTER_URL: pg.adminUrl(port, 'postgres'),
    LOYAL_COIL_KEYS: path.join(scratch, 'keys'),
    LOYAL_COIL_LOG: 'fatal',
    // The requests are answered in the process that sends them.
    LOYAL_COIL_POOL: '0',
    LOYAL_COIL_METERS: '127.0.0.1:*',
    NODE_OPTIONS: '--expose-gc',
  };
  status = spawnSync('npx', ['tsx', 'scripts/fuzz.ts', ...process.argv.slice(2)], { cwd: root, stdio: 'inherit', env }).status ?? 1;
} finally {
  pg.stop();
  rmSync(scratch, { recursive: true, force: true });
  if (!pg.home.startsWith(scratch)) rmSync(pg.home, { recursive: true, force: true });
}
process.exit(status);
