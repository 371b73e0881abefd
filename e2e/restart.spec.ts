/** A cluster and a server of its own are killed hard: the page keeps what was typed, and the signed record is still there. */
import { css } from './css';
import { expect, test } from './test';
import type { ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { freePort } from '../scripts/lib/machine.mjs';
import { cluster } from '../scripts/lib/postgres.mjs';
import { prepareDatabase } from '../scripts/lib/prepare.mjs';
import { answers, startServer } from '../scripts/lib/server.mjs';
import { stage, startSwap, take, proveAndSign } from './bench';

let scratch: string;
let pg: ReturnType<typeof cluster>;
let server: ChildProcess;
let port: number;
let pgPort: number;
let databaseUrl: string;

async function serve(): Promise<void> {
  server = startServer({ port, databaseUrl });
  await answers(`http://127.0.0.1:${port}/api/v1/health`, server);
}

test.beforeAll(async () => {
  // Here and not where the file is read: it is read by whoever lists the tests as well.
  scratch = mkdtempSync(path.join(tmpdir(), 'loyal-coil-restart-'));
  pg = cluster(path.join(scratch, 'cluster'));
  pgPort = await pg.start();
  databaseUrl = prepareDatabase(pg, pgPort);
  port = await freePort();
  await serve();
});
test.afterAll(() => {
  server?.kill('SIGKILL');
  pg.stop();
  rmSync(scratch, { recursive: true, force: true });
});

test('database killed mid-save, then both killed: nothing is lost', async ({ page }) => {
  test.setTimeout(180_000);
  const base = `http://127.0.0.1:${port}`;
  await page.context().request.post(`${base}/api/v1/session/demo`, { data: { personId: 'demo-orla' } });
  await page.goto(`${base}/?panel=kestrel-lighting&position=kestrel-lighting-k3`);
  await startSwap(page);

  process.kill(pg.pid(), 'SIGKILL');
  const power = page.getByRole('region', { name: /^Load plate/ }).getByRole('textbox', { name: 'Power, kW' });
  await power.fill('8.5');
  await power.press('Enter');
  await expect(page.getByText(/database does not answer/)).toBeVisible({ timeout: 20_000 });
  await expect(power).toHaveValue('8.5\u2009kW');
  await pg.start(pgPort);
  await expect(page.locator(css('.save-state'))).toContainText(/^Saved/, { timeout: 30_000 });

  await stage(page, 'Candidates').click();
  await take(page, page.locator(css('table.board thead .pick')).first());
  await proveAndSign(page);
  await expect(page.getByText(/Signed by Orla Fenwick/)).toBeVisible();
  const record = new URL(page.url()).pathname;

  server.kill('SIGKILL');
  process.kill(pg.pid(), 'SIGKILL');
  await pg.start(pgPort);
  await serve();
  await page.goto(`${base}${record}`);
  await expect(page.getByText(/Signed by Orla Fenwick/)).toBeVisible();
  await expect(page.getByText(/no longer matches the hash/)).toHaveCount(0);
});
