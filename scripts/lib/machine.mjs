// What the machine must have: Debian packages and the project's npm packages, installed only when missing.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, mkdirSync, writeFileSync } from 'node:fs';
import net from 'node:net';
import path from 'node:path';
import { hintScripts } from './compile-hints.mjs';
import { fail, say } from './say.mjs';

export const root = path.resolve(import.meta.dirname, '../..');
export const stateDir = path.resolve(root, process.env.LOYAL_COIL_FOLDER ?? '.loyal-coil');

/** Runs a command with its output shown; ends with a sentence when it fails. */
export function run(command, args, options = {}) {
  const result = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options });
  if (result.status !== 0) fail(`'${command} ${args.join(' ')}' ended with ${result.status ?? result.error}.`);
}

function aptInstall(name) {
  const isRoot = process.getuid?.() === 0;
  const hasSudo = spawnSync('sudo', ['-n', 'true'], { stdio: 'ignore' }).status === 0;
  if (!existsSync('/usr/bin/apt-get') || (!isRoot && !hasSudo))
    fail(`Debian's package '${name}' is missing. Install it (apt-get install ${name}) and run this again.`);
  say(`installing Debian's package '${name}' (once)`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const apt = (...args) =>
    spawnSync(isRoot ? 'apt-get' : 'sudo', isRoot ? args : ['apt-get', ...args], {
      env,
      stdio: ['ignore', 'ignore', 'inherit'],
    }).status;
  if (apt('install', '-y', '--no-install-recommends', name) !== 0) {
    apt('update');
    if (apt('install', '-y', '--no-install-recommends', name) !== 0)
      fail(`'${name}' could not be installed. Check that Debian's packages can be reached, then run again.`);
  }
}

/** Folder of PostgreSQL's programs, the newest installed; installs Debian's package when there is none. */
export function postgresBin() {
  const find = () => {
    const base = '/usr/lib/postgresql';
    if (!existsSync(base)) return undefined;
    return readdirSync(base)
      .sort((a, b) => Number(b) - Number(a))
      .map((version) => path.join(base, version, 'bin'))
      .find((bin) => existsSync(path.join(bin, 'initdb')));
  };
  if (!find()) aptInstall('postgresql');
  return find() ?? fail('PostgreSQL was installed but its programs were not found in /usr/lib/postgresql.');
}

/** Debian's Chromium, for the browser tests. */
export function chromium() {
  if (!existsSync('/usr/bin/chromium')) aptInstall('chromium');
  return '/usr/bin/chromium';
}

/** Debian's tesseract, only to be measured beside our reader. */
export function nativeTesseract() {
  if (!existsSync('/usr/bin/tesseract')) aptInstall('tesseract-ocr');
}

const hashOf = (file) => createHash('sha256').update(readFileSync(file)).digest('hex');

const stampFile = path.join(root, 'node_modules/.loyal-coil-lock');

/** Notes which lock file the installed packages belong to; npm calls it after every install. */
export const stampPackages = () => writeFileSync(stampFile, hashOf(path.join(root, 'package-lock.json')));

/** Runs `npm ci` when node_modules does not hold what the lock file says. */
export function npmPackages() {
  const wanted = hashOf(path.join(root, 'package-lock.json'));
  if (existsSync(stampFile) && readFileSync(stampFile, 'utf8') === wanted) return;
  say('installing the npm packages of the lock file (npm ci)');
  run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']);
}

/** A port that nothing uses on loopback. */
export const freePort = () =>
  new Promise((resolve, reject) => {
    const server = net.createServer();
    server.once('error', reject);
    server.listen(0, '127.0.0.1', () => {
      const { port } = server.address();
      server.close(() => resolve(port));
    });
  });

export const portIsFree = (port) =>
  new Promise((resolve) => {
    const server = net.createServer();
    server.once('error', () => resolve(false));
    server.listen(port, '127.0.0.1', () => server.close(() => resolve(true)));
  });

/** What prepares a database, in one file: made by the build. */
export const preparer = path.join(root, '.next/prepare-database.mjs');

const sourceFolders = ['app', 'core', 'client', 'data', 'features', 'services', 'ui', 'workers', 'public'];

/** Fingerprint of everything that goes into a build. */
export function sourceHash() {
  const hash = createHash('sha256');
  const walk = (folder) => {
    for (const entry of readdirSync(folder, { withFileTypes: true }).sort((a, b) => a.name.localeCompare(b.name))) {
      const full = path.join(folder, entry.name);
      if (entry.isDirectory()) walk(full);
      // By its place in the folder: a checkout that was moved is the same one.
      else if (!/\.test\.tsx?$/.test(entry.name)) hash.update(path.relative(root, full)).update(readFileSync(full));
    }
  };
  for (const folder of sourceFolders) if (existsSync(path.join(root, folder))) walk(path.join(root, folder));
  for (const file of [
    'next.config.ts',
    'proxy.ts',
    'instrumentation.ts',
    'tsconfig.json',
    'package-lock.json',
    'scripts/prepare-database.ts',
    'scripts/lib/compile-hints.mjs',
  ])
    hash.update(readFileSync(path.join(root, file)));
  return hash.digest('hex');
}

const stamp = path.join(root, '.next/loyal-coil-build');

/** Fingerprint of the sources of the build that stands here. */
export const builtSources = () => (existsSync(stamp) ? readFileSync(stamp, 'utf8') : undefined);

const isBuiltOf = (sources) => builtSources() === sources;

/** Does the build that stands here belong to the sources that stand here? */
export const isBuilt = () => isBuiltOf(sourceHash());

/** Builds the application when its sources changed since the last build. */
export function build() {
  // What is changed while it builds is not built.
  const wanted = sourceHash();
  if (isBuiltOf(wanted)) return;
  say('building the application (once; about a minute)');
  run('npx', ['next', 'build'], { env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' } });
  hintScripts(path.join(root, '.next/static/chunks'));
  // What the threads of the pool run and what prepares a database, each in one file: they start in a moment.
  const bundle = ['--bundle', '--platform=node', '--target=node20', '--format=esm', '--packages=external', '--log-level=warning'];
  run('npx', ['esbuild', 'services/pool/worker.ts', ...bundle, '--outfile=.next/pool-worker.mjs']);
  run('npx', ['esbuild', 'scripts/prepare-database.ts', ...bundle, `--outfile=${preparer}`]);
  mkdirSync(path.dirname(stamp), { recursive: true });
  writeFileSync(stamp, wanted);
}
