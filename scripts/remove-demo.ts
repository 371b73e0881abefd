/**
 * npm run demo:remove -- [--own] [--yes]: takes the demo out of the private database of this folder (with --own that of npm start), or of that
 * of DATABASE_URL. Without --yes it says what would go, and changes nothing.
 */
import { connect } from '../data/connection';
import { demoHeld } from '../data/demo/remove';
import { takeDemoOut } from '../services/demo';

const url = process.env.DATABASE_OWNER_URL ?? process.env.DATABASE_URL;
if (!url) throw new Error('DATABASE_URL is not set; npm run demo:remove sets it.');
const knex = connect(url);
try {
  const yes = process.argv.includes('--yes');
  const { sites, positions, records, parts, kept, people } = yes
    ? await takeDemoOut(knex, { id: null, name: 'who owns the database', address: null })
    : await demoHeld(knex);
  if (sites.length + parts + people.length === 0) console.log('There is no demo here.');
  else {
    console.log(
      `${yes ? 'Gone' : 'Would go'}: ${[...sites, `${positions} positions`, `${records} records`, `${parts} parts`].join(', ')}.`,
    );
    if (people.length > 0) console.log(`${yes ? 'Gone' : 'Would go'} from the crew: ${people.join(', ')}.`);
    if (kept.length > 0)
      console.log(`${yes ? 'Kept' : 'Would stay'}, for a position, shelf or job of your own holds them: ${kept.join(', ')}.`);
    if (!yes) console.log('Nothing was changed. Make a backup (npm run backup), then say --yes.');
  }
} finally {
  await knex.destroy();
}
