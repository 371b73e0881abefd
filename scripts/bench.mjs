// npm run bench: figures as ratios, printed as a table. Measures; it passes no judgement and fails no build.
import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { build, chromium, freePort, nativeTesseract, npmPackages, root } from './lib/machine.mjs';
import { cluster } from './lib/postgres.mjs';
import { prepareDatabase } from './lib/prepare.mjs';
import { answers, startServer } from './lib/server.mjs';

npmPackages();
chromium();
nativeTesseract();
build();
const scratch = mkdtempSync(path.join(tmpdir(), 'loyal-coil-bench-'));
const pg = cluster(path.join(scratch, 'cluster'));
let server;
try {
  const pgPort = await pg.start();
  const databaseUrl = prepareDatabase(pg, pgPort);
  const env = { ...process.env, DATABASE_URL: databaseUrl };
  const port = await freePort();
  server = startServer({ port, databaseUrl });
  const url = `http://127.0.0.1:${port}`;
  await answers(`${url}/api/v1/health`, server);
  spawnSync('npx', ['tsx', 'scripts/bench.ts', ...process.argv.slice(2)], {
    cwd: root,
    stdio: 'inherit',
    // What grows the plant reaches past the application’s role.
    env: { ...env, LOYAL_COIL_URL: url, LOYAL_COIL_OWNER_URL: pg.adminUrl(pgPort, new URL(databaseUrl).pathname.slice(1)) },
  });
} finally {
  server?.kill('SIGKILL');
  pg.stop();
  rmSync(scratch, { recursive: true, force: true });
  if (!pg.home.startsWith(scratch)) rmSync(pg.home, { recursive: true, force: true });
}
