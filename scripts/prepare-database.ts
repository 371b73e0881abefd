/** Migrates the database of DATABASE_URL; with --demo loads the demo data once. */
import { connect } from '../data/connection';
import { loadDemo } from '../data/demo/load';
import { migrate } from '../data/migrate';

const url = process.env.DATABASE_URL;
if (!url) throw new Error('DATABASE_URL is not set; npm run demo sets it.');
const knex = connect(url);
try {
  await migrate(knex);
  if (process.argv.includes('--demo') && (await loadDemo(knex, new Date()))) console.log('[loyal-coil] the demo data are loaded');
} finally {
  await knex.destroy();
}
