/** Tokens of the open interface: named, scoped, expiring; shown once, kept as a hash. */
import { inTransaction } from '../../data/transaction';
import { randomBytes, randomUUID } from 'node:crypto';
import { tokenSchema } from '../../core/crew/crew-fields';
import type { Scope } from '../../core/crew/rights';
import { database } from '../../data/connection';
import type { TokenRow } from '../../data/crew';
import { audit } from '../audit';
import { notFound, ServiceError } from '../service-error';
import { validate } from '../validate';
import { sha256 } from '../sha256';
import type { Caller } from './caller';
import { isUuid } from '../is-uuid';

export type TokenView = { id: string; name: string; person: string; scopes: Scope[]; madeAt: string; expiresAt: string; ended: boolean };

export async function tokens(): Promise<TokenView[]> {
  const rows = await database()<TokenRow & { person: string }>('tokens')
    .join('people', 'people.id', 'tokens.person_id')
    .select('tokens.*', 'people.name as person')
    .orderBy('made_at', 'desc');
  return rows.map((row) => ({
    ...{ id: row.id, name: row.name, person: row.person, scopes: row.scopes },
    ...{ madeAt: row.made_at.toISOString(), expiresAt: row.expires_at.toISOString() },
    ended: row.ended_at !== null || row.expires_at.getTime() <= Date.now(),
  }));
}

/** Makes a token in the name of who asks. Throws 409 where one of this name still holds. Its text is answered here once and nowhere kept. */
export async function makeToken(body: unknown, { person, actor }: Caller): Promise<{ id: string; token: string }> {
  const { name, scopes: given, days } = await validate(tokenSchema, body);
  const token = `coil_${randomBytes(30).toString('base64url')}`;
  const id = randomUUID();
  const now = new Date();
  await inTransaction(database(), async (trx) => {
    await trx.raw('lock table tokens in exclusive mode');
    if (await trx<TokenRow>('tokens').where({ name, ended_at: null }).andWhere('expires_at', '>', now).first())
      throw new ServiceError(409, [{ field: 'name', reason: `There is a token for ${name} already; end it, or name this one otherwise.` }]);
    await trx('tokens').insert({
      ...{ id, name, person_id: person.id, scopes: JSON.stringify(given), hash: sha256(token) },
      ...{ made_at: now, expires_at: new Date(now.getTime() + days * 24 * 3600 * 1000) },
    });
    await audit(trx, actor, 'token-made', { name, scopes: given, days });
  });
  return { id, token };
}

export async function endToken(id: string, { actor }: Caller): Promise<{ ended: true }> {
  await inTransaction(database(), async (trx) => {
    const row = isUuid(id) ? await trx<TokenRow>('tokens').where({ id }).first() : undefined;
    if (!row) throw notFound('This token');
    const ended = await trx('tokens').where({ id, ended_at: null }).update({ ended_at: new Date() });
    if (ended === 1) await audit(trx, actor, 'token-ended', { name: row.name });
  });
  return { ended: true };
}
