// npm run demo: everything that is missing, the private database, the demo data once, one build, the application.
// npm run dev is the same with the development server; npm start is the same without demo: a database of its own, and a crew that is named.
import { spawn } from 'node:child_process';
import path from 'node:path';
import { freePort, isBuilt, npmPackages, portIsFree, root, stateDir } from './lib/machine.mjs';
import { takeFolder } from './lib/once.mjs';
import { cluster } from './lib/postgres.mjs';
import { prepareEnv, prepareProgram } from './lib/prepare.mjs';
import { fail, say } from './lib/say.mjs';
import { answers, endLeftover, notePid, startServer } from './lib/server.mjs';

const GRACE_MS = 3000;
const serverPidFile = path.join(stateDir, 'server.pid');
const logFile = path.join(stateDir, 'server.log');
const dev = process.argv.includes('--dev');
const own = process.argv.includes('--own');
const port = Number(process.env.PORT ?? 3100);
if (!(Number.isInteger(port) && port > 0 && port < 65536)) fail(`PORT is '${process.env.PORT}'; it must be 1 to 65535.`);

let pg;
let server;
let stopping = false;
let announced = false;
/** What was started beside this process, each the head of a group of its own. */
const beside = new Set();
function startBeside(command, args, options = {}) {
  const child = spawn(command, args, { cwd: root, stdio: 'inherit', detached: true, ...options });
  beside.add(child);
  child.once('exit', () => beside.delete(child));
  return child;
}
/** The code with which a child ends; it is never waited for in a way that would keep a signal from being heard. */
const ended = (child) => new Promise((resolve) => child.once('close', (code) => resolve(code ?? 1)));

// However this ends, at whatever moment of the start: nothing is left behind.
process.on('exit', () => {
  server?.kill('SIGKILL');
  for (const child of beside)
    try {
      process.kill(-child.pid, 'SIGKILL');
    } catch {
      // It has ended already.
    }
  pg?.stop();
});
async function stop() {
  if (stopping) return;
  stopping = true;
  say('stopping');
  if (server && server.exitCode === null) {
    setTimeout(() => process.exit(0), announced ? GRACE_MS : 0).unref();
    server.kill('SIGTERM');
    await new Promise((resolve) => server.once('exit', resolve));
  }
  process.exit(0);
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, stop);
for (const kind of ['uncaughtException', 'unhandledRejection'])
  process.on(kind, (error) => fail(`It could not be started: ${String(error?.message ?? error).split('\n')[0]}`));

takeFolder();
// A demo that was killed hard leaves its server behind: end that one, and no other.
if (!(await portIsFree(port))) await endLeftover(serverPidFile);
if (!(await portIsFree(port))) fail(`Port ${port} is in use on 127.0.0.1. Stop what uses it, or choose another: PORT=3200 npm run demo.`);
npmPackages();
if (!dev && !isBuilt() && (await ended(startBeside(process.execPath, ['scripts/build.mjs']))) !== 0)
  fail('The application could not be built.');

const env = { ...process.env };
let pgPort;
if (env.DATABASE_URL) say('using the database server of DATABASE_URL');
else {
  pg = cluster(path.join(stateDir, 'postgres'));
  pgPort = await pg.start();
  say(`PostgreSQL answers on 127.0.0.1:${pgPort}`);
  Object.assign(env, prepareEnv(pg, pgPort, own ? 'plant' : 'loyal_coil'));
}
// The panel meter of the demo is a stand-in on loopback; a real one is entered by its address in the lab.
let meterPort;
if (!own) {
  meterPort = await freePort();
  process.env.LOYAL_COIL_METER = `127.0.0.1:${meterPort}`;
}

const serve = () => {
  server = startServer({ port, databaseUrl: env.DATABASE_URL, dev, quiet: !dev, demo: !own, ...(dev ? {} : { logFile }) });
  notePid(serverPidFile, server.pid);
  server.on('exit', (code) => {
    if (stopping) return;
    say(`the application ended with ${code}; starting it again`);
    serve();
  });
};
const [program, ...args] = prepareProgram();
const prepared = ended(startBeside(program, [...args, ...(own ? [] : ['--demo'])], { env }));
// While it is prepared the server starts: nobody is told of it before both are done.
serve();
if ((await prepared) !== 0) process.exit(1);

// A killed database comes back on the same port; its data is on disk.
if (pg) setInterval(() => void (stopping || (pg.runningPort() ?? pg.start(pgPort))), 3000);

try {
  await answers(`http://127.0.0.1:${port}/api/v1/ready`, undefined, 90);
  if (stopping) await new Promise(() => {});
  if (meterPort)
    startBeside('npx', ['tsx', 'standins/panel-meter.ts', String(meterPort), '--beside'], { stdio: ['pipe', 'ignore', 'ignore'] });
  announced = true;
  if (!dev) say(`its log is ${path.relative(root, logFile)}`);
  say(`Loyal Coil is at http://127.0.0.1:${port}  (Ctrl-C stops everything)`);
} catch (error) {
  fail(`The application did not come up: ${error.message}`);
}
