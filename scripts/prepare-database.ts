/** Migrates the database of DATABASE_URL; with --demo loads the demo data once. */
import { connect, databaseWords, isUnreachable } from '../data/connection';
import { renewCanonical } from '../data/canonical-parts';
import { loadDemo } from '../data/demo/load';
import { migrate } from '../data/migrate';
import { settleChanges } from '../data/part-columns';
import { protectSigned } from '../data/protect';
import { prepareQueue } from '../services/care/queue';
import { beginChains } from '../services/chain/append';
import { nameDemoCrew } from '../services/crew/demo-crew';
import { firstCode } from '../services/crew/session';

const url = process.env.DATABASE_URL;
if (!url) throw new Error('DATABASE_URL is not set; npm run demo sets it.');
// The tables belong to another role than the application's, where there is one: what is signed is then out of its hands.
const owner = process.env.DATABASE_OWNER_URL;
const rules = process.env.LOYAL_COIL_RULES;
const knex = connect(owner ?? url);
try {
  await migrate(knex);
  await settleChanges(knex);
  if (process.argv.includes('--demo')) {
    if (await loadDemo(knex, new Date(), { rules })) console.log('[loyal-coil] the demo data are loaded');
    await nameDemoCrew(knex);
  } else if (!(await knex('people').first()))
    console.log(`[loyal-coil] nobody is named yet; the first administrator’s code: ${firstCode()}`);
  const { renewed, refused } = await renewCanonical(knex, rules);
  if (renewed > 0) console.log(`[loyal-coil] ${renewed} parts were laid out anew by the rules of this release`);
  if (refused.length > 0)
    console.log(
      `[loyal-coil] the rules of this release do not take ${refused.join(', ')}: nothing counts as known of these parts until they are entered again`,
    );
  await beginChains(knex);
  const role = owner ? new URL(url).username : undefined;
  if (role) await protectSigned(knex, role);
  await prepareQueue(knex, owner ?? url, role);
} catch (error) {
  const { host } = new URL(url);
  console.error(
    isUnreachable(error)
      ? `[loyal-coil] The database at ${host} does not answer. Start it, or see to DATABASE_URL.`
      : `[loyal-coil] The database at ${host} could not be prepared: ${databaseWords(error)}`,
  );
  process.exitCode = 1;
} finally {
  await knex.destroy();
}
