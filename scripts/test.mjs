// npm test: unit, database and browser tests, each against its own throw-away cluster or database.
import { spawnSync } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { build, chromium, freePort, npmPackages, root } from './lib/machine.mjs';
import { cluster } from './lib/postgres.mjs';
import { prepareDatabase } from './lib/prepare.mjs';
import { say } from './lib/say.mjs';
import { answers, startServer } from './lib/server.mjs';

/** A browser waits for frames and answers some of its time. With four, on a slow machine, a page waited longer for a connection than a page may. */
const BROWSER_WORKERS = 3;
npmPackages();
chromium();
const scratch = mkdtempSync(path.join(tmpdir(), 'loyal-coil-test-'));
process.env.LOYAL_COIL_KEYS = path.join(scratch, 'keys');
process.env.LOYAL_COIL_BACKUPS = path.join(scratch, 'backups');
// The browsers share the machine with their servers: a thread that gives way to everything would answer nobody.
process.env.LOYAL_COIL_POOL_NICE ??= '0';
const pg = cluster(path.join(scratch, 'cluster'), { lasting: false });
const servers = [];
let passed = 0;
let failed = 0;
/** What failed, by name, for the end of the run. */
const failures = [];
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
  for (const { name, status, message, assertionResults } of unit.testResults) {
    const wrong = assertionResults.filter((one) => one.status === 'failed');
    for (const one of wrong) failures.push(`${name}: ${one.fullName}\n${one.failureMessages[0]}`);
    // A file that could not be loaded, or whose preparation failed, has no test that failed.
    if (status === 'failed' && wrong.length === 0) failures.push(`${name}: ${message}`);
  }
  if (vitest.status !== 0 && failures.length === 0) failures.push('vitest failed outside of its tests; see above');
  failed += failures.length;

  build();
  part('build');
  say('browser tests');
  // The other workers' databases are copies of the first one's, and have keys of their own: installations of one beginning would mix
  // up the heads of their chains.
  const first = process.env.LOYAL_COIL_KEYS;
  prepareDatabase(pg, port, 'e2e');
  const places = [{ name: 'e2e', keys: first }];
  while (places.length < BROWSER_WORKERS) {
    const copy = { name: `e2e_${places.length + 1}`, keys: `${first}-${places.length + 1}` };
    cpSync(first, copy.keys, { recursive: true });
    pg.ensureDatabase(port, copy.name, 'e2e');
    places.push(copy);
  }
  const urls = await Promise.all(
    places.map(async ({ name, keys }) => {
      const appPort = await freePort();
      const server = startServer({ port: appPort, databaseUrl: pg.url(port, name), keys });
      servers.push(server);
      const url = `http://127.0.0.1:${appPort}`;
      await answers(`${url}/api/v1/health`, server);
      return url;
    }),
  );
  const e2eReport = path.join(scratch, 'e2e.json');
  spawnSync('npx', ['playwright', 'test'], {
    cwd: root,
    stdio: 'inherit',
    env: {
      ...process.env,
      LOYAL_COIL_URL: urls.join(','),
      // What puts the demo back reaches past the application's role.
      LOYAL_COIL_E2E_DATABASES: places.map(({ name }) => pg.adminUrl(port, name)).join(','),
      LOYAL_COIL_E2E_KEYS: places.map(({ keys }) => keys).join(','),
      LOYAL_COIL_E2E_REPORT: e2eReport,
    },
  });
  part('browser tests');
  const { stats, suites } = JSON.parse(readFileSync(e2eReport, 'utf8'));
  passed += stats.expected;
  failed += stats.unexpected + stats.flaky;
  /** Seconds of each browser test, by name. */
  const took = [];
  const look = ({ specs = [], suites: within = [] }) => {
    for (const { title, file, tests } of specs)
      took.push([tests.flatMap(({ results }) => results).reduce((sum, { duration }) => sum + duration / 1000, 0), `${file}: ${title}`]);
    for (const { title, file, ok, tests } of specs)
      if (!ok) failures.push(`${file}: ${title}\n${tests.flatMap(({ results }) => results).find(({ error }) => error)?.error.message}`);
    within.forEach(look);
  };
  suites.forEach(look);
  took.sort(([a], [b]) => b - a);
  console.log(
    `slowest browser tests\n${took
      .slice(0, 15)
      .map(([seconds, name]) => `  ${seconds.toFixed(0)} s  ${name}`)
      .join('\n')}`,
  );
} catch (error) {
  console.error(error);
  failed += 1;
}
for (const failure of failures) console.log(`FAILED ${failure.slice(0, 1500)}`);
console.log(`${parts.join(', ')}; ${Math.round((Date.now() - began) / 1000)} s in all`);
console.log(`${passed} passed, ${failed} failed`);
end(failed > 0 ? 1 : 0);
