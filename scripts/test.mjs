// npm test: unit, database and browser tests, each against its own throw-away cluster or database.
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { build, chromium, freePort, npmPackages, root } from './lib/machine.mjs';
import { cluster } from './lib/postgres.mjs';
import { prepareDatabase } from './lib/prepare.mjs';
import { say } from './lib/say.mjs';
import { answers, startServer } from './lib/server.mjs';

npmPackages();
chromium();
const scratch = mkdtempSync(path.join(tmpdir(), 'loyal-coil-test-'));
process.env.LOYAL_COIL_KEYS = path.join(scratch, 'keys');
const pg = cluster(path.join(scratch, 'cluster'));
const servers = [];
let passed = 0;
let failed = 0;
const began = Date.now();
/** Seconds of each part of the run, in order. */
const parts = [];
let partBegan = began;
const part = (name) => {
  parts.push(`${name} ${Math.round((Date.now() - partBegan) / 1000)} s`);
  partBegan = Date.now();
};

function end(code) {
  for (const server of servers) server.kill('SIGKILL');
  pg.stop();
  rmSync(scratch, { recursive: true, force: true });
  if (pg.home !== path.join(scratch, 'cluster')) rmSync(pg.home, { recursive: true, force: true });
  process.exit(code);
}
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => end(130));

try {
  const port = await pg.start();
  say('unit and database tests');
  const report = path.join(scratch, 'vitest.json');
  const vitest = spawnSync(
    'npx',
    ['vitest', 'run', '--reporter=default', '--reporter=json', `--outputFile.json=${report}`, ...process.argv.slice(2)],
    {
      cwd: root,
      stdio: 'inherit',
      env: { ...process.env, TEST_CLUSTER_URL: pg.adminUrl(port, 'postgres') },
    },
  );
  part('unit and database tests');
  const unit = JSON.parse(readFileSync(report, 'utf8'));
  passed += unit.numPassedTests;
  failed += unit.numFailedTests + (vitest.status !== 0 && unit.numFailedTests === 0 ? 1 : 0);

  build();
  part('build');
  say('browser tests');
  const urls = [];
  const databases = [];
  for (const name of ['e2e', 'e2e_second']) {
    const databaseUrl = prepareDatabase(pg, port, name);
    // What puts the demo back reaches past the application's role.
    databases.push(pg.adminUrl(port, name));
    const appPort = await freePort();
    const server = startServer({ port: appPort, databaseUrl });
    servers.push(server);
    urls.push(`http://127.0.0.1:${appPort}`);
    await answers(`${urls.at(-1)}/api/v1/health`, server);
  }
  const e2eReport = path.join(scratch, 'e2e.json');
  spawnSync('npx', ['playwright', 'test'], {
    cwd: root,
    stdio: 'inherit',
    env: {
      ...process.env,
      LOYAL_COIL_URL: urls.join(','),
      LOYAL_COIL_E2E_DATABASES: databases.join(','),
      LOYAL_COIL_E2E_REPORT: e2eReport,
    },
  });
  part('browser tests');
  const e2e = JSON.parse(readFileSync(e2eReport, 'utf8')).stats;
  passed += e2e.expected;
  failed += e2e.unexpected + e2e.flaky;
} catch (error) {
  console.error(error);
  failed += 1;
}
console.log(`${parts.join(', ')}; ${Math.round((Date.now() - began) / 1000)} s in all`);
console.log(`${passed} passed, ${failed} failed`);
end(failed > 0 ? 1 : 0);
