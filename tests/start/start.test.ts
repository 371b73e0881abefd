/** A start that cannot be: one sentence, no stack, nothing left running. */
import { spawn, spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import net from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { freePort } from '../../scripts/lib/machine.mjs';

const root = path.resolve(import.meta.dirname, '../..');
const scratch = mkdtempSync(path.join(tmpdir(), 'loyal-coil-start-'));
afterAll(() => rmSync(scratch, { recursive: true, force: true }));

/** What a start says that ends by itself. */
function start(folder: string, env: Record<string, string> = {}) {
  const { status, stdout, stderr } = spawnSync(process.execPath, ['scripts/demo.mjs'], {
    ...{ cwd: root, encoding: 'utf8', timeout: 20_000 },
    env: { ...process.env, LOYAL_COIL_FOLDER: folder, ...env },
  });
  return { status, said: `${stdout}${stderr}`.trim().split('\n') };
}
const oneSentence = ({ status, said }: ReturnType<typeof start>, words: RegExp) => {
  expect([status, said]).toEqual([1, [expect.stringMatching(words)]]);
};

const isOpen = (port: number): Promise<boolean> =>
  new Promise((resolve) => {
    const socket = net.connect(port, '127.0.0.1');
    socket.once('error', () => resolve(false));
    socket.once('connect', () => {
      socket.destroy();
      resolve(true);
    });
  });

describe('a start that cannot be', () => {
  it('where the folder of data cannot be made', () => {
    const file = path.join(scratch, 'a file');
    writeFileSync(file, '');
    oneSentence(start(path.join(file, 'within')), /cannot be written \(ENOTDIR\)\. Nothing was started\.$/);
  });
  it('where the port is taken', async () => {
    const server = net.createServer();
    const port = await freePort();
    await new Promise<void>((resolve) => server.listen(port, '127.0.0.1', resolve));
    oneSentence(start(path.join(scratch, 'b'), { PORT: String(port) }), new RegExp(`Port ${port} is in use on 127\\.0\\.0\\.1\\.`));
    server.close();
  });
  it('where the port is none', () => {
    oneSentence(start(path.join(scratch, 'c'), { PORT: 'eighty' }), /PORT is 'eighty'; it must be 1 to 65535\.$/);
  });
  it('where the folder runs already', () => {
    const folder = path.join(scratch, 'd');
    start(folder, { PORT: '0' });
    // One that runs, as far as the folder's own number of it tells: of this tree, by this script's name.
    const other = spawn(process.execPath, ['-e', 'process.stdin.resume()', 'scripts/demo.mjs'], { cwd: root });
    try {
      spawnSync('mkdir', ['-p', folder]);
      writeFileSync(path.join(folder, 'start.pid'), String(other.pid));
      oneSentence(start(folder), new RegExp(`runs from this folder already \\(process ${other.pid}\\)`));
    } finally {
      other.kill();
    }
  });
});

it('a stand-in ends with the start that was killed without a word', async () => {
  const port = await freePort();
  const demo = spawn(
    process.execPath,
    [
      '-e',
      `require('node:child_process').spawn('npx', ['tsx', 'standins/panel-meter.ts', '${port}', '--beside'], { stdio: ['pipe', 'ignore', 'ignore'], detached: true });`,
    ],
    { cwd: root },
  );
  await expect.poll(() => isOpen(port), { timeout: 20_000 }).toBe(true);
  demo.kill('SIGKILL');
  await expect.poll(() => isOpen(port), { timeout: 20_000 }).toBe(false);
});
