/** People of the crew: named once, by an administrator; each keeps their own password and PIN. */
import { inTransaction } from '../../data/transaction';
import { randomBytes } from 'node:crypto';
import * as yup from 'yup';
import { addPersonSchema, nameWords, passwordSchema, pinSchema, pinText, roleField } from '../../core/crew/crew-fields';
import { database } from '../../data/connection';
import { endSessions, insertPerson, peopleByName, personById, personByUsername, setPasswordHash, type PersonRow } from '../../data/crew';
import { audit } from '../audit';
import { notFound, ServiceError } from '../service-error';
import { validate } from '../validate';
import { countAttempt, forgetAttempts } from './attempts';
import { hashSecret, matchesSecret } from './auth';
import { personOfRow, type Caller } from './caller';
import { refuseGuessed } from './guessed';
import type { Person } from '../../core/crew/person';
import { passkeyAnswer, peopleWithPasskey, placeOf, whoAnswered } from './passkeys';

export type CrewMember = Person & { left: boolean };

export const changePersonSchema = yup.object({
  name: nameWords.optional(),
  role: roleField.optional(),
  left: yup.boolean().strict().optional(),
});

const memberOf = (row: PersonRow): CrewMember => ({ ...personOfRow(row), left: row.leftAt !== null });

export const crew = async (): Promise<CrewMember[]> => (await peopleByName(database())).map(memberOf);

/** Who can answer for a deed, and how. */
export type Answering = Pick<Person, 'id' | 'name' | 'role' | 'hasPin'> & { hasPasskey: boolean };

/** Those who may sign a job off or approve, for the list at the signature. */
export const peopleWith = async (mayDo: (role: Person['role']) => boolean): Promise<Answering[]> => {
  const holders = await peopleWithPasskey();
  return (await peopleByName(database()))
    .filter(({ leftAt, role }) => !leftAt && mayDo(role))
    .map(personOfRow)
    .map(({ id, name, role, hasPin }) => ({ id, name, role, hasPin, hasPasskey: holders.has(id) }));
};

/** A password that an administrator reads out once; it is changed at the first sign-in. */
const oncePassword = (): string => randomBytes(12).toString('base64url');

export async function addPerson(body: unknown, { actor }: Caller): Promise<{ person: CrewMember; password: string }> {
  const { name, username, role } = await validate(addPersonSchema, body);
  const password = oncePassword();
  const passwordHash = await hashSecret(password);
  return inTransaction(database(), async (trx) => {
    if (await personByUsername(trx, username))
      throw new ServiceError(409, [{ field: 'username', reason: `There is somebody who signs in as ${username} already.` }]);
    const id = await insertPerson(trx, { name, username, role, mustChangePassword: true }, passwordHash, new Date());
    await audit(trx, actor, 'person-added', { name, username, role });
    return { person: memberOf((await personById(trx, id))!), password };
  });
}

/** Renames a person, gives another role, or notes that they left or came back. The last administrator stays one. */
export async function changePerson(id: string, body: unknown, { actor }: Caller): Promise<CrewMember> {
  const { name, role, left } = await validate(changePersonSchema, body);
  return inTransaction(database(), async (trx) => {
    await trx.raw('lock table people in exclusive mode');
    const before = await personById(trx, id);
    if (!before) throw notFound('This person');
    const after = {
      name: name ?? before.name,
      role: role ?? before.role,
      leftAt: left === undefined ? before.leftAt : left ? (before.leftAt ?? new Date()) : null,
    };
    const others = await trx<PersonRow>('people').where({ role: 'administrator', leftAt: null }).whereNot({ id });
    if (before.role === 'administrator' && (after.role !== 'administrator' || after.leftAt) && others.length === 0)
      throw new ServiceError(409, [{ field: 'role', reason: 'This is the last administrator; name another one first.' }]);
    await trx('people')
      .where({ id })
      .update({ ...after, updatedAt: new Date() });
    // Whoever has another role, or has left, starts again from the door.
    if (after.role !== before.role || after.leftAt) await endSessions(trx, id);
    if (after.leftAt) await trx('tokens').where({ person_id: id, ended_at: null }).update({ ended_at: new Date() });
    if (after.name !== before.name || after.role !== before.role)
      await audit(trx, actor, 'person-changed', { name: before.name, to: { name: after.name, role: after.role } });
    if (Boolean(after.leftAt) !== Boolean(before.leftAt))
      await audit(trx, actor, after.leftAt ? 'person-left' : 'person-back', { name: after.name });
    return memberOf((await personById(trx, id))!);
  });
}

/** Recovery by an administrator: a password that works once; PIN, passkeys and every session of the person end. */
export async function givePassword(id: string, { actor }: Caller): Promise<{ password: string }> {
  const password = oncePassword();
  const passwordHash = await hashSecret(password);
  await inTransaction(database(), async (trx) => {
    const person = await personById(trx, id);
    if (!person) throw notFound('This person');
    await setPasswordHash(trx, id, passwordHash, true);
    await trx('people').where({ id }).update({ pinHash: null });
    await trx('passkeys').where({ person_id: id }).delete();
    await endSessions(trx, id);
    await audit(trx, actor, 'password-given', { name: person.name });
  });
  return { password };
}

/** The person's own password as it is kept, where this is it. Throws 403 where not, 429 after too many attempts in one session. */
async function checkPassword({ person, session }: Caller, password: string): Promise<string> {
  const key = `own:${session}`;
  await countAttempt('pin', key);
  const credential = await database()('credentials').where({ userId: person.id, providerId: 'credential' }).first();
  if (!credential || !(await matchesSecret(credential.password, password)))
    throw new ServiceError(403, [{ field: 'now', reason: 'This is not your password.' }]);
  await forgetAttempts('pin', key);
  return credential.password;
}

/** Changes one's own password; every other session ends. */
export async function changePassword(body: unknown, caller: Caller): Promise<{ changed: true }> {
  const { now, password } = await validate(passwordSchema, body);
  const kept = await checkPassword(caller, now);
  if (now === password) throw new ServiceError(422, [{ field: 'password', reason: 'The new password is the old one.' }]);
  refuseGuessed(password, [caller.person.name, caller.person.username]);
  const passwordHash = await hashSecret(password);
  await inTransaction(database(), async (trx) => {
    await trx('people').where({ id: caller.person.id }).forUpdate();
    // Two changes at once: the second one's password as it is now is not that any more.
    if (!(await trx('credentials').where({ userId: caller.person.id, password: kept }).first()))
      throw new ServiceError(409, [{ field: 'now', reason: 'Your password was changed elsewhere meanwhile.' }]);
    await setPasswordHash(trx, caller.person.id, passwordHash, false);
    await endSessions(trx, caller.person.id, caller.session ?? undefined);
    await audit(trx, caller.actor, 'password-changed');
  });
  return { changed: true };
}

/** Sets one's own PIN for signing off. */
export async function setPin(body: unknown, caller: Caller): Promise<{ changed: true }> {
  const { password, pin } = await validate(pinSchema, body);
  await checkPassword(caller, password);
  const pinHash = await hashSecret(pin);
  await inTransaction(database(), async (trx) => {
    await trx('people').where({ id: caller.person.id }).update({ pinHash, updatedAt: new Date() });
    await audit(trx, caller.actor, 'pin-changed');
  });
  return { changed: true };
}

/** By what somebody answers for a deed: their PIN, or a passkey of theirs. */
export const proofSchema = yup.object({ pin: pinText.optional(), passkey: passkeyAnswer.optional().default(undefined) });
export type Proof = yup.InferType<typeof proofSchema> & { headers: Headers };

/**
 * The person who answers for a signature or an approval on this device: the one who is signed in, or a mentor or second person beside them,
 * each by their PIN or passkey. Wrong ones count for who asks and whose they are: nobody locks a colleague out elsewhere, and signing in anew gives no more tries.
 */
export async function answering(
  caller: Caller,
  personId: string | undefined,
  { pin, passkey, headers }: Proof,
  may: (role: Person['role']) => boolean,
  deed: string,
): Promise<Person> {
  const row = await personById(database(), personId ?? caller.person.id);
  if (!row || row.leftAt) throw notFound('This person');
  if (!may(row.role)) throw new ServiceError(403, [{ field: 'role', reason: `${row.name}, ${row.role}, may not ${deed}.` }]);
  if (pin === undefined && !passkey) throw new ServiceError(422, [{ field: 'pin', reason: 'The PIN is missing.' }]);
  const key = `${caller.person.id}:${row.id}`;
  await countAttempt('pin', key);
  if (passkey) {
    if ((await whoAnswered(passkey, 'answer', placeOf(headers), row.id))?.id !== row.id)
      throw new ServiceError(403, [
        { field: 'passkey', reason: `This is no passkey of ${row.name}, or it answered too late. Nothing was signed.` },
      ]);
  } else {
    if (!row.pinHash)
      throw new ServiceError(403, [{ field: 'pin', reason: `${row.name} has no PIN yet. It is set under Crew, Your account.` }]);
    if (!(await matchesSecret(row.pinHash, pin ?? '')))
      throw new ServiceError(403, [{ field: 'pin', reason: `This is not the PIN of ${row.name}. Nothing was signed.` }]);
  }
  await forgetAttempts('pin', key);
  return personOfRow(row);
}
