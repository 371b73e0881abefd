/** One share of the hunt for a false fit: `npx tsx scripts/hunt.ts <seed> <checks>` prints what was tried and found as JSON. */
import { hunt } from '../tests/laws/hunt';

const [seed, checks] = process.argv.slice(2).map(Number) as [number, number];
console.log(JSON.stringify(hunt(seed, checks)));
