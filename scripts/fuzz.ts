/** Part of npm run faults: odd requests over every route, in this process. Ends with 1 where an answer was of 500 or more, or took over two seconds. */
import { fuzzDatabase } from '../tests/fuzz/ground';
import { runFuzz } from '../tests/fuzz/run-fuzz';

const [seed = Math.floor(Math.random() * 2 ** 31), count = 100_000] = process.argv.slice(2).map(Number);
/** Requests until what is kept on purpose, catalogues and forms, has been asked for once. */
const WARM = 50_000;
const ground = await fuzzDatabase();
/** What stays after collecting until nothing more goes: what is let go of by a finaliser goes in a later round. */
const heap = async () => {
  for (let round = 0; round < 10; round += 1) {
    global.gc?.();
    await new Promise((resolve) => setImmediate(resolve));
  }
  return process.memoryUsage().heapUsed / 1e6;
};
await runFuzz(seed + 1, Math.min(WARM, count), ground.ids, ground.callers);
const before = await heap();
const began = Date.now();
const { sent, byStatus, bad, slow } = await runFuzz(seed, count, ground.ids, ground.callers);
const after = await heap();
for (const { request, status, ms, body } of [...bad, ...slow])
  console.log(`${status} after ${Math.round(ms)} ms: ${JSON.stringify(request).slice(0, 800)} ${body}`);
console.log(
  `fuzz: seed ${seed}, ${sent} requests in ${Math.round((Date.now() - began) / 1000)} s, ${bad.length} bad, ${slow.length} slow, by status ${JSON.stringify(byStatus)}`,
);
console.log(`fuzz: heap ${before.toFixed(0)} MB before, ${after.toFixed(0)} MB after, ${(after / before).toFixed(2)} times`);
await ground.drop();
process.exitCode = bad.length + slow.length === 0 ? 0 : 1;
