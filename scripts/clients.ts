/**
 * Part of npm run faults: 64 clients ask for what costs while somebody asks whether the database answers. LOYAL_COIL_URL names the server.
 * Prints how long the health route took and what the clients were answered; ends with 1 where an answer was of 500 or more.
 */
import sharp from 'sharp';
import { setTimeout as wait } from 'node:timers/promises';
import { sampleCase } from '../features/interface/sample-case';
import { demoSession } from './lib/sign-in.mjs';

const url = process.env.LOYAL_COIL_URL ?? 'http://127.0.0.1:3100';
const [seconds = 60, clients = 64] = process.argv.slice(2).map(Number);
const { header } = await demoSession(url);
const headers = { 'content-type': 'application/json', cookie: header };
const post = (path: string, body: unknown) => fetch(url + path, { method: 'POST', headers, body: JSON.stringify(body) });
const opened: { id: string } = await (await post('/api/v1/swaps', { positionId: 'kestrel-ramp-k4' })).json();
const many = { ...sampleCase, candidates: Array.from({ length: 300 }, (_one, i) => ({ ...sampleCase.candidates[0], id: `c${i}` })) };

// Pictures as a phone takes them: read where they are sent, and kept with a job.
const picture = await sharp({ create: { width: 1600, height: 1200, channels: 3, background: '#777' } })
  .jpeg()
  .toBuffer();
const look = { laid: { text: '', rows: [] }, words: [] };
const seen = JSON.stringify({ width: 1600, height: 1200, first: look, second: look });
function keep(): Promise<Response> {
  const form = new FormData();
  form.set('picture', new Blob([new Uint8Array(picture)], { type: 'image/jpeg' }), 'plate.jpg');
  for (const [name, value] of [
    ['section', 'load'],
    ['kind', 'motor-3ph'],
    ['seen', seen],
  ] as const)
    form.set(name, value);
  return fetch(`${url}/api/v1/swaps/${opened.id}/pictures`, { method: 'POST', headers: { cookie: header }, body: form });
}

// A spreadsheet of parts, looked at and brought: the first brings it, the others find it there.
const rows = Array.from({ length: 2000 }, (_one, i) => `Wexmoor,LOAD-${i},${(i % 600) + 1},gG`);
const parts = { family: 'fuse', file: `maker,partId,ratedAmps,utilisation\n${rows.join('\n')}`, name: 'load.csv' };

const asks = [
  () => post('/api/v1/imports/look', { family: parts.family, file: parts.file }),
  () => post('/api/v1/imports', parts),
  () => post('/api/v1/plates/read', { picture: picture.toString('base64') }),
  keep,
  () => post('/api/v1/judge', many),
  () => post(`/api/v1/swaps/${opened.id}/match`, {}),
  () => fetch(`${url}/api/v1/desk`, { headers }),
  () => post('/api/v1/plates/read', { text: '1LA 15 HP 460 V 3 PH 60 HZ 1770 RPM FLA 18.5 CODE G SF 1.15' }),
];
const end = Date.now() + seconds * 1000;
const byStatus: Record<string, number> = {};
async function client(nth: number): Promise<void> {
  for (let i = nth; Date.now() < end; i += 1) {
    const answer = await asks[i % asks.length]!();
    await answer.arrayBuffer();
    byStatus[answer.status] = (byStatus[answer.status] ?? 0) + 1;
    // Told to come back later, it does.
    if (answer.status === 429) await wait(Number(answer.headers.get('retry-after') ?? 1) * 1000);
  }
}
const times: number[] = [];
async function health(): Promise<void> {
  while (Date.now() < end) {
    const began = performance.now();
    const answer = await fetch(`${url}/api/v1/health`);
    await answer.arrayBuffer();
    byStatus[answer.status] = (byStatus[answer.status] ?? 0) + 1;
    times.push(performance.now() - began);
    await wait(20);
  }
}
await Promise.all([health(), ...Array.from({ length: clients }, (_one, i) => client(i))]);
times.sort((a, b) => a - b);
const at = (p: number) => Math.round(times[Math.min(times.length - 1, Math.floor((times.length * p) / 100))] ?? 0);
console.log(`clients: ${clients} for ${seconds} s, answers by status ${JSON.stringify(byStatus)}`);
console.log(
  `clients: health asked ${times.length} times meanwhile, median ${at(50)} ms, p95 ${at(95)} ms, p99 ${at(99)} ms, longest ${at(100)} ms`,
);
process.exitCode = Object.keys(byStatus).some((status) => Number(status) >= 500) ? 1 : 0;
