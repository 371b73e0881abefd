// npm run faults -- [fuzz|clients|kills] [numbers]: the long runs of bad luck on throw-away installations, each bounded, each with its seed printed.
// fuzz: seed and requests; clients: seconds and clients; kills: kills and seed. Without a word: all three.
import { spawn, spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { freePort, isBuilt, npmPackages, root, run } from './lib/machine.mjs';
import { cluster } from './lib/postgres.mjs';
import { prepareDatabase } from './lib/prepare.mjs';
import { answers, startServer } from './lib/server.mjs';
import { fail } from './lib/say.mjs';

npmPackages();
const [word, ...rest] = process.argv.slice(2);
const named = word === undefined || /^\d+$/.test(word) ? undefined : word;
const numbers = named ? rest : process.argv.slice(2);
const scratch = mkdtempSync(path.join(tmpdir(), 'loyal-coil-faults-'));
const env = { ...process.env, LOYAL_COIL_KEYS: path.join(scratch, 'keys'), LOYAL_COIL_LOG: 'fatal', LOYAL_COIL_SCRATCH: scratch };
Object.assign(process.env, { LOYAL_COIL_KEYS: env.LOYAL_COIL_KEYS, LOYAL_COIL_LOG: 'fatal' });
const tsx = (file, more = {}) =>
  spawnSync('npx', ['tsx', `scripts/${file}.ts`, ...numbers], { cwd: root, stdio: 'inherit', env: { ...env, ...more } }).status ?? 1;
const built = () => isBuilt() || run(process.execPath, ['scripts/build.mjs']);

async function onCluster(work) {
  const pg = cluster(path.join(scratch, 'cluster'), { lasting: false });
  try {
    return await work(pg, await pg.start());
  } finally {
    pg.stop();
    rmSync(pg.home, { recursive: true, force: true });
  }
}

const parts = {
  // The requests are answered in the process that sends them.
  fuzz: () =>
    onCluster((pg, port) =>
      tsx('fuzz', {
        TEST_CLUSTER_URL: pg.adminUrl(port, 'postgres'),
        ...{ LOYAL_COIL_POOL: '0', LOYAL_COIL_METERS: '127.0.0.1:*', NODE_OPTIONS: '--expose-gc' },
      }),
    ),
  clients: () =>
    onCluster(async (pg, port) => {
      built();
      const at = await freePort();
      const server = startServer({ port: at, databaseUrl: prepareDatabase(pg, port, 'clients') });
      try {
        await answers(`http://127.0.0.1:${at}/api/v1/ready`, server);
        // The database and the server go on in processes of their own while it asks.
        const asking = spawn('npx', ['tsx', 'scripts/clients.ts', ...numbers], {
          ...{ cwd: root, stdio: 'inherit', env: { ...env, LOYAL_COIL_URL: `http://127.0.0.1:${at}` } },
        });
        return await new Promise((resolve) => asking.once('close', (code) => resolve(code ?? 1)));
      } finally {
        server.kill('SIGKILL');
      }
    }),
  kills: () => {
    built();
    return tsx('kills');
  },
};
if (named && !(named in parts)) fail(`There is no run '${named}': ${Object.keys(parts).join(', ')}.`);
let status = 0;
try {
  for (const one of named ? [named] : Object.keys(parts)) status = (await parts[one]()) || status;
} finally {
  rmSync(scratch, { recursive: true, force: true });
}
process.exit(status);
