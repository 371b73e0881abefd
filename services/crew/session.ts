/** Signing in and out. */
import { inTransaction } from '../../data/transaction';
import { randomBytes, createHmac } from 'node:crypto';
import * as yup from 'yup';
import { database } from '../../data/connection';
import { endSessions, insertPerson, peopleByName, personById, personByUsername, type PersonRow } from '../../data/crew';
import { audit, type Actor } from '../audit';
import { keyFile } from '../keys';
import { isLoopback } from '../doors';
import { notFound, ServiceError } from '../service-error';
import { validate } from '../validate';
import { countAttempt, forgetAttempts } from './attempts';
import { auth, hashSecret, isSecure } from './auth';
import { sha256 } from '../sha256';
import { addressOf, lost, personOfRow, type Caller } from './caller';
import { firstSchema, signInSchema } from '../../core/crew/crew-fields';
import { isDemoPerson } from '../../core/crew/demo';
import type { Person } from '../../core/crew/person';
import { refuseGuessed } from './guessed';
import { passkeySignInSchema, placeOf, whoAnswered } from './passkeys';

const DEVICE = 'loyal-coil.device';
const YEAR_SECONDS = 365 * 24 * 3600;

export const demoSignInSchema = yup.object({ personId: yup.string().strict().max(80).required('personId is missing.') });

/** Who is signed in now, and the cookies that say so. */
export type SignedIn = { person: Person; cookies: string[] };

const deviceOf = (headers: Headers): string | undefined => /loyal-coil\.device=([\w-]{20,64})/.exec(headers.get('cookie') ?? '')?.[1];

/** Notes who came in, and the device as one that the person uses. */
async function entering(headers: Headers, person: PersonRow, answer: Response, by: 'password' | 'passkey'): Promise<SignedIn> {
  const knex = database();
  const device = deviceOf(headers) ?? randomBytes(24).toString('base64url');
  await knex('known_devices')
    .insert({ hash: sha256(device), person_id: person.id, seen_at: new Date() })
    .onConflict(['hash', 'person_id'])
    .merge(['seen_at']);
  await audit(knex, { id: person.id, name: person.name, address: addressOf(headers) }, 'sign-in', by === 'passkey' ? { by } : {});
  const own = `${DEVICE}=${device}; Path=/; Max-Age=${YEAR_SECONDS}; HttpOnly; SameSite=Strict${isSecure() ? '; Secure' : ''}`;
  return { person: personOfRow(person), cookies: [...answer.headers.getSetCookie(), own] };
}

const WRONG = [{ field: 'password', reason: 'This name and password do not go together.' }];

/** Signs in by the library. */
async function signedIn(headers: Headers, person: PersonRow | undefined, username: string, password: string): Promise<SignedIn> {
  const answer = await auth().api.signInUsername({ body: { username, password }, headers, asResponse: true });
  if (answer.status >= 500) lost();
  if (answer.ok && person && !person.leftAt) return entering(headers, person, answer, 'password');
  const actor: Actor = { id: person?.id ?? null, name: person?.name ?? username, address: addressOf(headers) };
  await audit(database(), actor, 'sign-in-refused', { username });
  throw new ServiceError(401, WRONG);
}

/** Is this a device on which the person has signed in before? */
async function isKnown(headers: Headers, person: PersonRow | undefined): Promise<string | undefined> {
  const device = deviceOf(headers);
  if (!device || !person) return undefined;
  const hash = sha256(device);
  return (await database()('known_devices').where({ hash, person_id: person.id }).first()) ? hash : undefined;
}

/** Signs a person in by name and password. Throws 401 where they do not go together, 429 after too many attempts from one place. */
export async function signIn(body: unknown, headers: Headers): Promise<SignedIn> {
  const { username, password } = await validate(signInSchema, body);
  const person = await personByUsername(database(), username);
  const known = await isKnown(headers, person);
  const address = addressOf(headers);
  if (!known) await countAttempt('sign-in-address', address);
  const key = `${username.toLowerCase()}@${known ?? address}`;
  await countAttempt('sign-in', key);
  const answer = await signedIn(headers, person, username, password);
  await forgetAttempts('sign-in', key);
  return answer;
}

/** Signs the holder of a passkey in. Throws 401 where its answer does not hold, 429 after too many from one place. */
export async function signInByPasskey(body: unknown, headers: Headers): Promise<SignedIn> {
  const { answer } = await validate(passkeySignInSchema, body);
  await countAttempt('sign-in-address', addressOf(headers));
  const person = await whoAnswered(answer, 'sign-in', placeOf(headers), null);
  if (!person) throw new ServiceError(401, [{ field: 'passkey', reason: 'This passkey is not known here, or its answer came too late.' }]);
  const made = await auth().api.signInProven({ body: { personId: person.id }, headers, asResponse: true });
  if (!made.ok || !(await made.clone().json()).entered) lost();
  return entering(headers, person, made, 'passkey');
}

/** The demo signs its invented crew in with one touch, where it is reached on this machine by its own address. */
export const isDemo = (headers: Headers): boolean => process.env.LOYAL_COIL_DEMO === '1' && isLoopback(headers.get('host') ?? '');

/** The demo's passwords: of this installation alone, and known to nobody. */
export const demoPassword = (personId: string): string =>
  createHmac(
    'sha256',
    keyFile('demo.secret', () => randomBytes(32).toString('base64url')),
  )
    .update(personId)
    .digest('base64url');

export async function signInDemo(body: unknown, headers: Headers): Promise<SignedIn> {
  const { personId } = await validate(demoSignInSchema, body);
  if (!isDemo(headers))
    throw new ServiceError(404, [{ field: 'personId', reason: 'Nobody comes in by one touch here. Sign in by name and password.' }]);
  const person = await personById(database(), personId);
  if (!person || !isDemoPerson(person)) throw notFound('This person of the demo');
  return signedIn(headers, person, person.username, demoPassword(person.id));
}

export type Entrance = {
  /** The demo's crew, where one touch signs in. */
  demo: Person[] | null;
  /** Nobody is named yet: the first administrator comes in by the code that the start printed. */
  first: boolean;
  /** It is reached by a name, so that passkeys can belong to it. */
  passkeys: boolean;
};

/** What the sign-in page offers. */
export async function entrance(headers: Headers): Promise<Entrance> {
  const people = (await peopleByName(database())).filter(({ leftAt }) => !leftAt);
  return {
    demo: isDemo(headers) ? people.filter(isDemoPerson).map(personOfRow) : null,
    first: people.length === 0,
    passkeys: placeOf(headers) !== null,
  };
}

/** The code by which the first administrator comes in; it stands in a file that the owner of the installation alone can read. */
export const firstCode = (): string => keyFile('first-administrator.code', () => randomBytes(9).toString('base64url'));

/** Names the first administrator and signs them in. Throws 403 for a wrong code, 409 where there is somebody already. */
export async function nameFirst(body: unknown, headers: Headers): Promise<SignedIn> {
  const { code, name, username, password } = await validate(firstSchema, body);
  await countAttempt('sign-in-address', addressOf(headers));
  if (sha256(code) !== sha256(firstCode()))
    throw new ServiceError(403, [{ field: 'code', reason: 'This is not the code. The start prints it in its terminal.' }]);
  refuseGuessed(password, [name, username]);
  const passwordHash = await hashSecret(password);
  await inTransaction(database(), async (trx) => {
    await trx.raw('lock table people in exclusive mode');
    if (await trx('people').first())
      throw new ServiceError(409, [{ field: 'code', reason: 'There is an administrator already. Sign in, or ask for a new password.' }]);
    const id = await insertPerson(trx, { name, username, role: 'administrator', mustChangePassword: false }, passwordHash, new Date());
    await audit(trx, { id, name, address: addressOf(headers) }, 'first-administrator');
  });
  return signedIn(headers, await personByUsername(database(), username), username, password);
}

/** What takes the session's cookie back, under the name that it has over http and over https. */
export const NO_SESSION = ['', '__Secure-'].map(
  (prefix) => `${prefix}loyal-coil.session_token=; Path=/; Max-Age=0; HttpOnly; SameSite=Strict${prefix === '' ? '' : '; Secure'}`,
);

export async function signOut({ person, actor, session }: Caller): Promise<{ signedOut: true }> {
  await inTransaction(database(), async (trx) => {
    const ended = await trx('sessions').where({ userId: person.id, token: session }).delete();
    if (ended > 0) await audit(trx, actor, 'sign-out');
  });
  return { signedOut: true };
}

/** Ends every session of the person, on every device. */
export async function signOutEverywhere({ person, actor }: Caller): Promise<{ signedOut: true }> {
  await inTransaction(database(), async (trx) => {
    const ended = await endSessions(trx, person.id);
    if (ended > 0) await audit(trx, actor, 'sign-out-everywhere', { ended });
  });
  return { signedOut: true };
}
