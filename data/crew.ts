/** People, their sessions and credentials, and the log of what was done, as rows. */
import type { Knex } from 'knex';
import { randomUUID } from 'node:crypto';
import type { Role, Scope } from '../core/crew/rights';

export type PersonRow = {
  id: string;
  name: string;
  username: string;
  role: Role;
  pinHash: string | null;
  mustChangePassword: boolean;
  leftAt: Date | null;
  createdAt: Date;
};
export type PasskeyRow = {
  id: string;
  person_id: string;
  name: string;
  public_key: Buffer<ArrayBuffer>;
  counter: string;
  transports: string[];
  made_at: Date;
  used_at: Date | null;
};
export type TokenRow = {
  id: string;
  name: string;
  person_id: string;
  scopes: Scope[];
  hash: string;
  made_at: Date;
  expires_at: Date;
  ended_at: Date | null;
};
export type AuditRow = {
  seq: string;
  at: Date;
  person_id: string | null;
  person_name: string;
  what: string;
  about: Record<string, unknown>;
  address: string | null;
};

export const peopleByName = (knex: Knex): Promise<PersonRow[]> => knex<PersonRow>('people').orderBy('name');
export const personById = (knex: Knex, id: string): Promise<PersonRow | undefined> => knex<PersonRow>('people').where({ id }).first();
export const personByUsername = (knex: Knex, username: string): Promise<PersonRow | undefined> =>
  knex<PersonRow>('people').where({ username: username.toLowerCase() }).first();

/** Adds a person with a credential; the hash is the library's. */
export async function insertPerson(
  knex: Knex,
  person: Pick<PersonRow, 'name' | 'username' | 'role' | 'mustChangePassword'> & { id?: string; pinHash?: string | null },
  passwordHash: string,
  at: Date,
): Promise<string> {
  const id = person.id ?? randomUUID();
  const username = person.username.toLowerCase();
  const stamps = { createdAt: at, updatedAt: at };
  await knex('people').insert({
    ...{ id, name: person.name, username, displayUsername: person.username, role: person.role },
    // The library wants an address of each; nothing is ever sent to it.
    ...{ email: `${id}@crew.invalid`, emailVerified: true, mustChangePassword: person.mustChangePassword },
    ...{ pinHash: person.pinHash ?? null, ...stamps },
  });
  await knex('credentials').insert({
    ...{ id: randomUUID(), accountId: id, providerId: 'credential', userId: id, password: passwordHash, ...stamps },
  });
  return id;
}

export async function setPasswordHash(knex: Knex, userId: string, passwordHash: string, mustChangePassword: boolean): Promise<void> {
  const updatedAt = new Date();
  await knex('credentials').where({ userId, providerId: 'credential' }).update({ password: passwordHash, updatedAt });
  await knex('people').where({ id: userId }).update({ mustChangePassword, updatedAt });
}

/** Ends the sessions of a person, all or all but one. */
export const endSessions = (knex: Knex, userId: string, but?: string): Promise<number> =>
  knex('sessions')
    .where({ userId })
    .modify((query) => (but === undefined ? query : query.whereNot({ token: but })))
    .delete();

export const noteAudit = (knex: Knex, row: Omit<AuditRow, 'seq'>): Promise<unknown> =>
  knex('audit').insert({ ...row, about: JSON.stringify(row.about) });
