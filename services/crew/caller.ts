/**
 * Who asks, and may they? Every page, every route and every file comes here and nowhere else: a session of a person, or a token of the open
 * interface, against the right that is asked for.
 */
import { messageOf } from '../../core/certain';
import { isRole, mayDo, scopesAllow, type Access, type Right, type Scope } from '../../core/crew/rights';
import type { Person } from '../../core/crew/person';
import { database } from '../../data/connection';
import { personById, type PersonRow, type TokenRow } from '../../data/crew';
import type { Actor } from '../audit';
import { log } from '../log';
import { ServiceError } from '../service-error';
import { sha256 } from '../sha256';
import { auth } from './auth';

export type Caller = {
  person: Person;
  actor: Actor;
  /** The session's own token, or null where a token of the interface asks. */
  session: string | null;
  scopes: readonly Scope[] | null;
};

/**
 * The address that a request came from. The application listens on loopback; a server before it names the address last in x-forwarded-for,
 * which is believed where LOYAL_COIL_PROXY says that there is one.
 */
export const addressOf = (headers: Headers): string =>
  (process.env.LOYAL_COIL_PROXY ? headers.get('x-forwarded-for')?.split(',').at(-1)?.trim() : undefined) || 'this machine';

export const personOfRow = (row: PersonRow): Person => ({
  ...{ id: row.id, name: row.name, username: row.username, role: row.role },
  ...{ mustChangePassword: Boolean(row.mustChangePassword), hasPin: Boolean(row.pinHash) },
});

const callerFor = (person: Person, headers: Headers, session: string | null, scopes: readonly Scope[] | null): Caller => ({
  person,
  actor: { id: person.id, name: person.name, address: addressOf(headers) },
  ...{ session, scopes },
});

async function byToken(text: string, headers: Headers): Promise<Caller | null> {
  const token = await database()<TokenRow>('tokens')
    .where({ hash: sha256(text), ended_at: null })
    .first();
  if (!token || token.expires_at.getTime() <= Date.now()) return null;
  const row = await personById(database(), token.person_id);
  return row && !row.leftAt ? callerFor(personOfRow(row), headers, null, token.scopes) : null;
}

/** The library says of whatever it could not read that it failed; nothing else than the database can fail there. */
export const lost = (error?: unknown): never => {
  log.warn({ error: messageOf(error ?? 'no error was told') }, 'a session could not be read');
  throw Object.assign(new Error('Connection terminated: the database does not answer'), { code: 'ECONNREFUSED' });
};

/** Who asks, or null where nobody that is known here does. */
export async function callerOf(headers: Headers): Promise<Caller | null> {
  const bearer = /^Bearer\s+(\S{20,200})$/i.exec(headers.get('authorization') ?? '')?.[1];
  if (bearer) return byToken(bearer, headers);
  if (!/loyal-coil\.session_token=/.test(headers.get('cookie') ?? '')) return null;
  const found = await auth()
    .api.getSession({ headers, query: { disableRefresh: true } })
    .catch(lost);
  if (!found) return null;
  const { id, name, username, role, mustChangePassword, pinHash, leftAt } = found.user;
  if (leftAt || !isRole(role)) return null;
  const person = { id, name, username: username ?? '', role, mustChangePassword: Boolean(mustChangePassword), hasPin: Boolean(pinHash) };
  return callerFor(person, headers, found.session.token, null);
}

const openJudging = (): boolean => process.env.LOYAL_COIL_OPEN_JUDGING === '1';

const signInFirst = () =>
  new ServiceError(401, [
    { field: 'session', reason: 'Nobody is signed in here, or the session has ended. Sign in; what you typed is kept on this device.' },
  ]);

const rightWords: Readonly<Record<Right, string>> = {
  judge: 'judge',
  see: 'look at this',
  work: 'work on jobs',
  sign: 'sign jobs off',
  approve: 'approve overrides',
  'keep-plant': 'draw sites, panels and positions',
  'keep-stock': 'enter parts and take pieces into stock',
  'keep-documents': 'keep documents and pictures',
  'keep-methods': 'keep supplies, curves and letters',
  measure: 'read the figures of the process',
  administer: 'administer',
};

/**
 * Who asks, where they may; null where nobody needs to be known. Throws 401 where somebody must sign in, 403 where the right is not theirs.
 * What is open asks nothing of the database, so that judging goes on without it.
 */
export async function authorise(headers: Headers, access: Access): Promise<Caller | null> {
  if (access === 'open' || (access === 'judge' && openJudging() && !headers.has('authorization'))) return null;
  const caller = await callerOf(headers);
  if (!caller) throw signInFirst();
  const { person, scopes } = caller;
  const speaker = headers.get('x-person');
  if (speaker !== null && speaker !== person.id)
    throw new ServiceError(401, [
      {
        field: 'session',
        reason: `${person.name} signed in on this device meanwhile. Nothing was saved under another name; reload the page.`,
      },
    ]);
  if (access === 'own') {
    if (scopes) throw new ServiceError(403, [{ field: 'token', reason: 'A token does not reach a person’s own account.' }]);
    return caller;
  }
  if (person.mustChangePassword)
    throw new ServiceError(403, [{ field: 'password', reason: 'Choose a password of your own first: the one given to you works once.' }]);
  if (!mayDo(person.role, access) || (scopes && !scopesAllow(scopes, access)))
    throw new ServiceError(403, [
      { field: 'role', reason: `${person.name}${scopes ? ' (by token)' : ''}, ${person.role}, may not ${rightWords[access]}.` },
    ]);
  return caller;
}
