/** Protection measured: a whole branch over HTTP on 5 000 breakers and 5 000 fuses, and the curves desk restating itself. */
import { certain } from '../core/certain';
import type { CurvePoint } from '../core/curves/band';
import { branchOf, type BranchInputs } from '../core/curves/branch-inputs';
import type { DeviceChoice } from '../core/curves/curve-device';
import { judgeBranch } from '../core/curves/judge-branch';
import { connect } from '../data/connection';
import { percentile } from './percentile';

type Say = (what: string, figure: string, against: string) => void;
const round = (value: number) => Number(value.toPrecision(3)).toString();
const PARTS = 5000;
const ASKED_MS = 150;
const RESTATE_MS = 50;

/** Fills the catalogue of a family up to the number asked for with copies under other names. */
async function fill(databaseUrl: string): Promise<void> {
  const knex = connect(databaseUrl);
  for (const family of ['breaker', 'fuse']) {
    const parts = await knex('parts').where({ family }).orderBy('id');
    const copies = Array.from({ length: Math.max(0, PARTS - parts.length) }, (_, i) => {
      const part = certain(parts[i % parts.length]);
      return { ...part, id: `${part.id}-copy-${i}`, raw: JSON.stringify(part.raw), spec: JSON.stringify(part.spec) };
    });
    if (copies.length > 0) await knex.batchInsert('parts', copies, 400);
  }
  await knex.destroy();
}

async function branchOverHttp(say: Say, url: string): Promise<void> {
  const post = (path: string, body: unknown) =>
    fetch(`${url}${path}`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) });
  const open = async (positionId: string) => ((await (await post('/api/v1/swaps', { positionId })).json()) as { id: string }).id;
  const [breaker, fuse] = [await open('kestrel-winch-q1'), await open('kestrel-ramp-f2')];
  const judged: number[] = [];
  const asks: (() => Promise<void>)[] = [
    async () => void (await (await fetch(`${url}/api/v1/panels/kestrel-winch/supply`)).arrayBuffer()),
    ...[breaker, fuse].map((id) => async () => {
      const board = (await (await post(`/api/v1/swaps/${id}/match`, {})).json()) as { judged: number };
      judged.push(board.judged);
    }),
  ];
  const [select, branch]: [number[], number[]] = [[], []];
  for (let i = 0; i < 80; i += 1) {
    let start = performance.now();
    await (await fetch(`${url}/api/v1/health`)).arrayBuffer();
    if (i >= 10) select.push(performance.now() - start);
    start = performance.now();
    for (const ask of asks) await ask();
    if (i >= 10) branch.push(performance.now() - start);
  }
  const p95 = percentile(branch, 95);
  say(
    `a whole branch over HTTP (supply, needs, ${judged[0]} breakers and ${judged[1]} fuses ranked), p95 of 70`,
    `${round(p95)} ms`,
    `${round(p95 / percentile(select, 95))} x the SELECT 1 route; ${round(p95 / ASKED_MS)} x the ${ASKED_MS} ms asked for`,
  );
}

/** Eight curves of 500 points each, a setting moved at every round. */
function restating(say: Say): void {
  const points = (scale: number): CurvePoint[] =>
    Array.from({ length: 500 }, (_, i) => ({ amps: scale * 1.02 ** i, seconds: 5000 / 1.04 ** i }));
  const devices = Array.from({ length: 8 }, (_, i): DeviceChoice => ({
    id: String(i),
    label: `curve ${i}`,
    kind: 'file',
    ratedAmps: 1,
    settings: {},
    interruptingAmps: 10_000,
    hot: false,
    band: { fast: points(10 + i), slow: points(14 + i) },
  }));
  const inputs: BranchInputs = {
    runningAmps: 8,
    startAmps: 60,
    startSeconds: 2,
    stallSeconds: 15,
    cableSize: '10 mm²',
    cableKind: 'copper PVC',
    cableAmps: 40,
    highestFaultAmps: 5000,
    lowestFaultAmps: 600,
    leastFaultToEarth: true,
    clearWithinSeconds: 0.4,
  };
  for (let i = 0; i < 50; i += 1) judgeBranch(branchOf(inputs, devices, false));
  const times = Array.from({ length: 300 }, (_, i) => {
    const start = performance.now();
    judgeBranch(branchOf({ ...inputs, startAmps: 60 + i / 10 }, devices, false));
    return performance.now() - start;
  });
  const p95 = percentile(times, 95);
  say(
    'curves desk restated, 8 curves of 500 points, p95 of 300',
    `${round(p95)} ms`,
    `${round(p95 / RESTATE_MS)} x the ${RESTATE_MS} ms asked for`,
  );
}

/** Runs both. */
export async function benchProtection(say: Say, url: string, databaseUrl: string): Promise<void> {
  restating(say);
  await fill(databaseUrl);
  await branchOverHttp(say, url);
}
