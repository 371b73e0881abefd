/** The demo's crew: one invented person of each role, and a second electrician. Their passwords are of this installation alone. */
import { inTransaction } from '../../data/transaction';
import type { Knex } from 'knex';
import type { Role } from '../../core/crew/rights';
import { DEMO_PIN } from '../../core/crew/demo';
import { insertPerson } from '../../data/crew';
import { hashSecret } from './auth';
import { demoPassword } from './session';

export const demoCrew: readonly { id: string; name: string; username: string; role: Role }[] = [
  { id: 'demo-orla', name: 'Orla Fenwick', username: 'orla', role: 'electrician' },
  { id: 'demo-edric', name: 'Edric Sallow', username: 'edric', role: 'electrician' },
  { id: 'demo-tam', name: 'Tam Birkett', username: 'tam', role: 'apprentice' },
  { id: 'demo-runa', name: 'Runa Thorne', username: 'runa', role: 'foreman' },
  { id: 'demo-ines', name: 'Ines Cobb', username: 'ines', role: 'stores' },
  { id: 'demo-hob', name: 'Hob Marlow', username: 'hob', role: 'administrator' },
];

/** Names the crew once; who is there already stays as they are. */
export async function nameDemoCrew(knex: Knex): Promise<void> {
  const pinHash = await hashSecret(DEMO_PIN);
  await inTransaction(knex, async (trx) => {
    await trx.raw('lock table people in exclusive mode');
    for (const person of demoCrew) {
      if (await trx('people').where({ id: person.id }).first()) continue;
      const passwordHash = await hashSecret(demoPassword(person.id));
      await insertPerson(trx, { ...person, mustChangePassword: false, pinHash }, passwordHash, new Date());
    }
  });
}
