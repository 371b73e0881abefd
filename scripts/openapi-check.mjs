// npm run openapi:check: the answers' types are written anew and must be as they stand; a generator makes a client from the document; a small
// program that uses it must compile.
import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import openapiTS, { astToString } from 'openapi-typescript';
import { root } from './lib/machine.mjs';

const run = (script) => execFileSync('npx', ['tsx', script], { cwd: root, encoding: 'utf8', maxBuffer: 64e6 });
const file = path.join(root, 'services/interface/answers.json');
const before = readFileSync(file, 'utf8');
run('scripts/answers.ts');
if (readFileSync(file, 'utf8') !== before) {
  console.error('services/interface/answers.json was not up to date: it is now. Commit it.');
  process.exit(1);
}
const document = JSON.parse(run('scripts/print-openapi.ts'));
mkdirSync(path.join(root, '.loyal-coil'), { recursive: true });
const folder = mkdtempSync(path.join(root, '.loyal-coil', 'client-'));
try {
  writeFileSync(path.join(folder, 'schema.d.ts'), astToString(await openapiTS(document)));
  writeFileSync(
    path.join(folder, 'use.ts'),
    `import createClient from 'openapi-fetch';
import type { paths } from './schema';
const client = createClient<paths>({ baseUrl: 'http://127.0.0.1:3100' });
export async function use() {
  const desk = await client.GET('/api/v1/desk');
  const tags: string[] = (desk.data?.sites ?? []).flatMap(({ panels }) => panels.flatMap(({ positions }) => positions.map(({ tag }) => tag)));
  const opened = await client.POST('/api/v1/swaps', { body: { positionId: 'any' } });
  const swap = await client.GET('/api/v1/swaps/{id}', { params: { path: { id: opened.data?.id ?? '' } } });
  const version: number | undefined = swap.data?.version;
  const reasons: string[] = (opened.error?.faults ?? []).map(({ reason }) => reason);
  // @ts-expect-error there is no such path
  await client.GET('/api/v1/nothing');
  // @ts-expect-error a swap is opened at a position
  await client.POST('/api/v1/swaps', { body: { position: 'any' } });
  return { tags, version, reasons };
}
`,
  );
  const options = ['--noEmit', '--strict', '--skipLibCheck', '--module', 'esnext', '--moduleResolution', 'bundler', '--target', 'es2022'];
  execFileSync('npx', ['tsc', ...options, path.join(folder, 'use.ts')], { cwd: root, stdio: 'inherit' });
  console.log(`openapi: a client of ${Object.keys(document.paths).length} paths was generated and compiles.`);
} finally {
  rmSync(folder, { recursive: true, force: true });
}
