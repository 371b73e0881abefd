// npm run demo: everything that is missing, the private database, the demo data once, one build, the application.
// npm run dev is the same with the development server; npm start is the same without demo: a database of its own, and a crew that is named.
import { spawn } from 'node:child_process';
import path from 'node:path';
import { build, freePort, npmPackages, portIsFree, run, stateDir } from './lib/machine.mjs';
import { cluster } from './lib/postgres.mjs';
import { prepareDatabase } from './lib/prepare.mjs';
import { fail, say } from './lib/say.mjs';
import { answers, endLeftover, notePid, startServer } from './lib/server.mjs';

const serverPidFile = path.join(stateDir, 'server.pid');
const dev = process.argv.includes('--dev');
const own = process.argv.includes('--own');
const port = Number(process.env.PORT ?? 3100);
if (!(Number.isInteger(port) && port > 0 && port < 65536)) fail(`PORT is '${process.env.PORT}'; it must be 1 to 65535.`);
// A demo that was killed hard leaves its server behind: end that one, and no other.
if (!(await portIsFree(port))) await endLeftover(serverPidFile);
if (!(await portIsFree(port))) fail(`Port ${port} is in use on 127.0.0.1. Stop what uses it, or choose another: PORT=3200 npm run demo.`);

npmPackages();
let pg;
let databaseUrl = process.env.DATABASE_URL;
let pgPort;
if (databaseUrl) say('using the database server of DATABASE_URL');
else {
  pg = cluster(path.join(stateDir, 'postgres'));
  pgPort = await pg.start();
  say(`PostgreSQL answers on 127.0.0.1:${pgPort}`);
}
// The panel meter of the demo is a stand-in on loopback; a real one is entered by its address in the lab.
const startMeter = async () => {
  const meterPort = await freePort();
  process.env.LOYAL_COIL_METER = `127.0.0.1:${meterPort}`;
  return spawn('npx', ['tsx', 'standins/panel-meter.ts', String(meterPort)], { stdio: 'ignore', detached: true });
};
const meter = own ? undefined : await startMeter();
const flags = own ? [] : ['--demo'];
if (pg) databaseUrl = prepareDatabase(pg, pgPort, own ? 'plant' : 'loyal_coil', flags);
else run('npx', ['tsx', 'scripts/prepare-database.ts', ...flags], { env: { ...process.env, DATABASE_URL: databaseUrl } });
if (!dev) build();

const serve = () => {
  const started = startServer({ port, databaseUrl, dev, quiet: !dev, demo: !own });
  notePid(serverPidFile, started.pid);
  return started;
};
let child = serve();
let stopping = false;
const onExit = (code) => {
  if (stopping) return;
  say(`the application ended with ${code}; starting it again`);
  child = serve();
  child.on('exit', onExit);
};
child.on('exit', onExit);

// A killed database comes back on the same port; its data is on disk.
const watch = pg && setInterval(() => void (pg.runningPort() ?? pg.start(pgPort)), 3000);

async function stop() {
  if (stopping) return;
  stopping = true;
  say('stopping');
  clearInterval(watch);
  child.kill('SIGTERM');
  // npx starts the meter in a group of its own: all of it ends.
  try {
    if (meter) process.kill(-meter.pid, 'SIGTERM');
  } catch {
    // It has ended already.
  }
  pg?.stop();
  process.exit(0);
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, stop);

try {
  await answers(`http://127.0.0.1:${port}/api/v1/health`, undefined, 90);
  say(`Loyal Coil is at http://127.0.0.1:${port}  (Ctrl-C stops everything)`);
} catch (error) {
  say(`The application did not come up: ${error.message}`);
  await stop();
}
