import { cannotWrite, database, isUnreachable } from '../data/connection';

/** Asks the database for nothing but an answer. */
export async function health(): Promise<{ ok: true; database: 'answers' }> {
  await database().raw('select 1');
  return { ok: true, database: 'answers' };
}

export { cannotWrite, isUnreachable };
