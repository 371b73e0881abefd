/** A start that cannot be: one sentence, no stack, nothing left running. */
import { spawn, spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import net from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';

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

describe('a start that cannot be', () => {
  it('where the folder of data cannot be made', () => {
    const file = path.join(scratch, 'a file');
    writeFileSync(file, '');
    oneSentence(start(path.join(file, 'within')), /cannot be written \(ENOTDIR\)\. Nothing was started\.$/);
  });
  it('where the port is taken', async () => {
    const server = net.createServer();
    const port = await new Promise<number>((resolve) =>
      server.listen(0, '127.0.0.1', () => {
        const at = server.address();
        resolve(typeof at === 'object' && at ? at.port : 0);
      }),
    );
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
