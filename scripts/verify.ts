/** npm run verify: is everything that was signed as it was signed? Ends with 1 where something is not. */
import { connect } from '../data/connection';
import { signingKey } from '../services/chain/key';
import { verifyChains } from '../services/chain/verify';

const url = process.env.DATABASE_URL;
if (!url) throw new Error('DATABASE_URL is not set; npm run verify sets it.');
const knex = connect(url);
try {
  const states = await verifyChains(knex);
  for (const { name, entries, head, faults } of states) {
    console.log(`${name}: ${entries} entries, newest ${head ? `${head.seq} ${head.hash}` : 'none'}`);
    for (const { kind, words } of faults) console.log(`  ${kind}: ${words}`);
  }
  const count = states.reduce((sum, { faults }) => sum + faults.length, 0);
  console.log(count === 0 ? `All as it was signed, by the key ${signingKey().publicKey}.` : `${count} not as it was signed.`);
  process.exitCode = count === 0 ? 0 : 1;
} finally {
  await knex.destroy();
}
