/**
 * Passkeys: a key that never leaves the person's own device, opened by its finger, face or PIN. The library checks what a device answers; here
 * stands who is asked what, once, and for what the answer counts.
 */
import {
  generateAuthenticationOptions,
  generateRegistrationOptions,
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
} from '@simplewebauthn/server';
import { isIP } from 'node:net';
import * as yup from 'yup';
import { database } from '../../data/connection';
import { personById, type PasskeyRow, type PersonRow } from '../../data/crew';
import { inTransaction } from '../../data/transaction';
import { audit } from '../audit';
import { notFound, ServiceError } from '../service-error';
import { sha256 } from '../sha256';
import { validate } from '../validate';
import type { Caller } from './caller';
import { deviceNameSchema } from '../../core/crew/crew-fields';

/** What an answer counts for; one given for another purpose counts for nothing. */
type Purpose = 'add' | 'sign-in' | 'answer';

const QUESTION_SECONDS = 300;
const MOST = 10;

const part = (largest: number) => yup.string().strict().max(largest);
/** What a device answers, in the form that browsers give it as JSON. W3C Web Authentication, level 3, clause 5.1, from memory. */
export const passkeyAnswer = yup.object({
  id: part(1400).required('The passkey’s id is missing.'),
  rawId: part(1400).required('rawId is missing.'),
  type: yup.mixed<'public-key'>().oneOf(['public-key']).required('type is missing.'),
  response: yup
    .object({
      clientDataJSON: part(4000).required('clientDataJSON is missing.'),
      attestationObject: part(20_000).optional(),
      authenticatorData: part(4000).optional(),
      signature: part(4000).optional(),
      userHandle: part(400).nullable().optional(),
      transports: yup.array().of(part(40).required()).max(10).optional(),
    })
    .required('response is missing.'),
  clientExtensionResults: yup.object().noUnknown(false).default({}),
});
export type PasskeyAnswer = yup.InferType<typeof passkeyAnswer>;

export const addPasskeySchema = deviceNameSchema.shape({ answer: passkeyAnswer.required('answer is missing.') });
export const passkeySignInSchema = yup.object({ answer: passkeyAnswer.required('answer is missing.') });
export const passkeyQuestionSchema = yup.object({ personId: part(80).optional() });

/** Where a passkey belongs: to a name, never to a number. */
export type Place = { rpId: string; origin: string };

/** The name under which this installation is reached, as passkeys know it; null where it is reached by a number, to which none can belong. */
export function placeOf(headers: Headers): Place | null {
  const address = process.env.LOYAL_COIL_ADDRESS ?? `http://${headers.get('host') ?? ''}`;
  if (!URL.canParse(address)) return null;
  const { origin, hostname } = new URL(address);
  return isIP(hostname.replace(/^\[|\]$/g, '')) === 0 && hostname !== '' ? { rpId: hostname, origin } : null;
}

function placeHere(headers: Headers): Place {
  const place = placeOf(headers);
  if (place) return place;
  throw new ServiceError(409, [
    {
      field: 'passkey',
      reason: 'Passkeys belong to a name: open Loyal Coil under its name (on this machine, localhost), not under a number.',
    },
  ]);
}

async function putQuestion(challenge: string, purpose: Purpose, personId: string | null): Promise<void> {
  const now = Date.now();
  const knex = database();
  await knex('passkey_questions')
    .where('asked_at', '<', new Date(now - QUESTION_SECONDS * 1000))
    .delete();
  await knex('passkey_questions').insert({ hash: sha256(challenge), purpose, person_id: personId, asked_at: new Date(now) });
}

/** Takes a question back as answered. False where it was never put for this purpose and person, was answered already, or is too old. */
async function takeQuestion(challenge: string, purpose: Purpose, personId: string | null): Promise<boolean> {
  const taken = await database()('passkey_questions')
    .where({ hash: sha256(challenge), purpose, person_id: personId })
    .andWhere('asked_at', '>=', new Date(Date.now() - QUESTION_SECONDS * 1000))
    .delete();
  return taken === 1;
}

const passkeysOfPerson = (personId: string) => database()<PasskeyRow>('passkeys').where({ person_id: personId }).orderBy('made_at');

export type PasskeyView = { id: string; name: string; madeAt: string; usedAt: string | null };
export const ownPasskeys = async ({ person }: Pick<Caller, 'person'>): Promise<PasskeyView[]> =>
  (await passkeysOfPerson(person.id)).map(({ id, name, made_at, used_at }) => ({
    ...{ id, name, madeAt: made_at.toISOString(), usedAt: used_at?.toISOString() ?? null },
  }));

/** Who has a passkey, by id of the person. */
export const peopleWithPasskey = async (): Promise<ReadonlySet<string>> =>
  new Set((await database()<PasskeyRow>('passkeys').distinct('person_id')).map(({ person_id }) => person_id));

/** The question by which a device makes a passkey for who is signed in. */
export async function questionToAdd({ person }: Caller, headers: Headers) {
  const { rpId } = placeHere(headers);
  const kept = await passkeysOfPerson(person.id);
  if (kept.length >= MOST) throw new ServiceError(409, [{ field: 'passkey', reason: `You have ${MOST} passkeys already; end one first.` }]);
  const options = await generateRegistrationOptions({
    ...{ rpName: 'Loyal Coil', rpID: rpId, userName: person.username, userDisplayName: person.name },
    userID: new TextEncoder().encode(person.id),
    excludeCredentials: kept.map(({ id }) => ({ id })),
    authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
  });
  await putQuestion(options.challenge, 'add', person.id);
  return options;
}

/** Keeps a passkey that a device made. Throws 403 where its answer does not hold. */
export async function addPasskey(body: unknown, { person, actor }: Caller, headers: Headers): Promise<{ passkeys: PasskeyView[] }> {
  const { name, answer } = await validate(addPasskeySchema, body);
  const { rpId, origin } = placeHere(headers);
  const { id, rawId, type, response } = answer;
  const verified = await verifyRegistrationResponse({
    response: {
      ...{ id, rawId, type, clientExtensionResults: {} },
      response: { clientDataJSON: response.clientDataJSON, attestationObject: response.attestationObject ?? '' },
    },
    expectedChallenge: (challenge) => takeQuestion(challenge, 'add', person.id),
    ...{ expectedOrigin: origin, expectedRPID: rpId, requireUserVerification: true },
  }).catch(() => undefined);
  if (!verified?.verified)
    throw new ServiceError(403, [{ field: 'passkey', reason: 'This device’s answer does not hold. Nothing was added; try again.' }]);
  const { credential } = verified.registrationInfo;
  await inTransaction(database(), async (trx) => {
    await trx('passkeys').insert({
      ...{ id: credential.id, person_id: person.id, name, public_key: Buffer.from(credential.publicKey), counter: credential.counter },
      ...{ transports: JSON.stringify(response.transports ?? []), made_at: new Date() },
    });
    await audit(trx, actor, 'passkey-added', { name });
  });
  return { passkeys: await ownPasskeys({ person }) };
}

/** Ends one of one's own passkeys. */
export async function endPasskey(id: string, caller: Caller): Promise<{ passkeys: PasskeyView[] }> {
  await inTransaction(database(), async (trx) => {
    const [kept] = await trx<PasskeyRow>('passkeys').where({ id, person_id: caller.person.id }).delete().returning('*');
    if (!kept) throw notFound('This passkey');
    await audit(trx, caller.actor, 'passkey-ended', { name: kept.name });
  });
  return { passkeys: await ownPasskeys(caller) };
}

/** The question by which a person comes in, whoever holds the passkey. */
export async function questionToSignIn(headers: Headers) {
  const options = await generateAuthenticationOptions({ rpID: placeHere(headers).rpId, userVerification: 'required' });
  await putQuestion(options.challenge, 'sign-in', null);
  return options;
}

/** The question by which one person answers for a signature or an approval on this device. */
export async function questionToAnswer(body: unknown, caller: Caller, headers: Headers) {
  const { personId = caller.person.id } = await validate(passkeyQuestionSchema, body);
  const kept = await passkeysOfPerson(personId);
  if (kept.length === 0) throw notFound('A passkey of this person');
  const options = await generateAuthenticationOptions({
    ...{ rpID: placeHere(headers).rpId, userVerification: 'required' },
    allowCredentials: kept.map(({ id }) => ({ id })),
  });
  await putQuestion(options.challenge, 'answer', personId);
  return options;
}

/**
 * The person whose passkey gave this answer to a question that was put for the purpose and, where one is named, to that person; its count goes
 * up in the same step, so that an answer counts once. Undefined where it does not hold.
 */
export async function whoAnswered(
  answer: PasskeyAnswer,
  purpose: Purpose,
  place: Place | null,
  personId: string | null,
): Promise<PersonRow | undefined> {
  const { id, rawId, type, response } = answer;
  const kept = await database()<PasskeyRow>('passkeys').where({ id }).first();
  if (!kept || !place || (personId !== null && kept.person_id !== personId)) return undefined;
  const verified = await verifyAuthenticationResponse({
    response: {
      ...{ id, rawId, type, clientExtensionResults: {} },
      response: {
        ...{
          clientDataJSON: response.clientDataJSON,
          authenticatorData: response.authenticatorData ?? '',
          signature: response.signature ?? '',
        },
      },
    },
    expectedChallenge: (challenge) => takeQuestion(challenge, purpose, personId),
    ...{ expectedOrigin: place.origin, expectedRPID: place.rpId, requireUserVerification: true },
    credential: { id, publicKey: new Uint8Array(kept.public_key), counter: Number(kept.counter) },
  }).catch(() => undefined);
  if (!verified?.verified) return undefined;
  const counted = await database()('passkeys')
    .where({ id, counter: kept.counter })
    .update({ counter: verified.authenticationInfo.newCounter, used_at: new Date() });
  const person = counted === 1 ? await personById(database(), kept.person_id) : undefined;
  return person && !person.leftAt ? person : undefined;
}
