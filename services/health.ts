import { NEWEST } from '../data/migrate';
import { cannotWrite, database, databaseWords, isUnreachable } from '../data/connection';

/** Asks the database for nothing but an answer. */
export async function health(): Promise<{ ok: true; database: 'answers' }> {
  await database().raw('select 1');
  return { ok: true, database: 'answers' };
}

/** Can work be taken on: does the database answer, and is it of the form that this version was made for? Throws where it does not answer. */
export async function ready(): Promise<{ ready: boolean; database: 'answers'; form: string }> {
  const newest = await database()('knex_migrations').orderBy('id', 'desc').first();
  return { ready: newest?.name === NEWEST, database: 'answers', form: newest?.name ?? 'none' };
}

export { cannotWrite, databaseWords, isUnreachable };
