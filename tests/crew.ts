/** Who works in the tests of the use cases. */
import type { Knex } from 'knex';
import { randomUUID } from 'node:crypto';
import { insertPerson } from '@/data/crew';
import type { Caller } from '@/services/crew/caller';
import { sha256 } from '@/services/sha256';
import type { Signature } from '@/services/sign';

export const tester: Caller = {
  person: { id: 'tester', name: 'R. Tester', username: 'tester', role: 'electrician', mustChangePassword: false, hasPin: true },
  actor: { id: null, name: 'R. Tester', address: 'this machine' },
  session: 'tester',
  scopes: null,
};

/** Their signature, once their PIN was right. */
export const signedByTester: Signature = { signer: tester.person, actor: tester.actor };

const TOKEN = 'coil_token-of-the-tests-of-the-open-interface';

/** Names the tester in a database and gives them a token; returns the headers of who asks by it. */
export async function testerToken(knex: Knex): Promise<Record<string, string>> {
  const now = new Date();
  await insertPerson(knex, { ...tester.person, pinHash: null }, 'no password', now);
  await knex('tokens').insert({
    ...{ id: randomUUID(), name: 'tests', person_id: tester.person.id, scopes: JSON.stringify(['judge', 'read', 'write']) },
    ...{ hash: sha256(TOKEN), made_at: now, expires_at: new Date(now.getTime() + 3_600_000) },
  });
  return { authorization: `Bearer ${TOKEN}` };
}
