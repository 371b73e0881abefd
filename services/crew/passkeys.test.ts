/** Passkeys: what a device answers holds once, for its purpose, for its person, under its name. The device is played by Node's own cryptography. */
import { createHash, generateKeyPairSync, randomBytes, sign } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { mayDo } from '../../core/crew/rights';
import { insertPerson, personById } from '../../data/crew';
import { demoDatabase, type TestDatabase } from '../../data/test-database';
import { hashSecret } from './auth';
import { callerOf, personOfRow, type Caller } from './caller';
import { addPasskey, endPasskey, ownPasskeys, placeOf, questionToAdd, questionToAnswer, questionToSignIn } from './passkeys';
import { answering, givePassword } from './people';
import { signInByPasskey } from './session';

const ORIGIN = 'http://localhost:3100';
const here = new Headers({ host: 'localhost:3100' });
const sha = (bytes: Uint8Array | string) => createHash('sha256').update(bytes).digest();
const b64 = (bytes: Uint8Array) => Buffer.from(bytes).toString('base64url');
const text = (words: string) => Buffer.concat([Buffer.from([0x60 + words.length]), Buffer.from(words)]);

/** A device with one key. CBOR and COSE by hand: RFC 8949 and RFC 9053, from memory. */
function device(rpId = 'localhost') {
  const { privateKey, publicKey } = generateKeyPairSync('ec', { namedCurve: 'P-256' });
  const { x = '', y = '' } = publicKey.export({ format: 'jwk' });
  const id = randomBytes(32);
  let count = 0;
  const flags = (bits: number) => {
    count += 1;
    const counter = Buffer.alloc(4);
    counter.writeUInt32BE(count);
    return Buffer.concat([sha(rpId), Buffer.from([bits]), counter]);
  };
  const clientData = (type: string, challenge: string, origin: string) =>
    Buffer.from(JSON.stringify({ type, challenge, origin, crossOrigin: false }));
  const whole = { id: b64(id), rawId: b64(id), type: 'public-key' as const, clientExtensionResults: {} };
  return {
    make(challenge: string, { origin = ORIGIN, verified = true } = {}) {
      const key = Buffer.concat([
        Buffer.from([0xa5, 0x01, 0x02, 0x03, 0x26, 0x20, 0x01, 0x21, 0x58, 0x20]),
        Buffer.from(x, 'base64url'),
        Buffer.from([0x22, 0x58, 0x20]),
        Buffer.from(y, 'base64url'),
      ]);
      const data = Buffer.concat([flags(verified ? 0x45 : 0x41), Buffer.alloc(16), Buffer.from([0, id.length]), id, key]);
      const attestation = Buffer.concat([
        ...[Buffer.from([0xa3]), text('fmt'), text('none'), text('attStmt'), Buffer.from([0xa0])],
        ...[text('authData'), Buffer.from([0x58, data.length]), data],
      ]);
      return {
        ...whole,
        response: { clientDataJSON: b64(clientData('webauthn.create', challenge, origin)), attestationObject: b64(attestation) },
      };
    },
    answer(challenge: string, { origin = ORIGIN, verified = true } = {}) {
      const client = clientData('webauthn.get', challenge, origin);
      const data = flags(verified ? 0x05 : 0x01);
      const signature = sign('sha256', Buffer.concat([data, sha(client)]), privateKey);
      return { ...whole, response: { clientDataJSON: b64(client), authenticatorData: b64(data), signature: b64(signature) } };
    },
  };
}

let db: TestDatabase;
let orla: Caller;
let tam: Caller;
const callerFor = async (id: string): Promise<Caller> => {
  const person = personOfRow((await personById(db.knex, id))!);
  return { person, actor: { id, name: person.name, address: null }, session: `of ${id}`, scopes: null };
};
beforeAll(async () => {
  db = await demoDatabase();
  const hash = await hashSecret('a long enough sentence');
  const person = (name: string, role: 'electrician' | 'apprentice') =>
    insertPerson(db.knex, { name, username: name.toLowerCase(), role, mustChangePassword: false }, hash, new Date());
  orla = await callerFor(await person('Orla', 'electrician'));
  tam = await callerFor(await person('Tam', 'apprentice'));
});
afterAll(() => db.drop());

const keyOf = async (caller: Caller, name = 'phone') => {
  const made = device();
  await addPasskey({ name, answer: made.make((await questionToAdd(caller, here)).challenge) }, caller, here);
  return made;
};
const status = (doing: Promise<unknown>) =>
  doing.then(
    () => 200,
    (error) => error.status as number,
  );
const signs = (caller: Caller, who: string, passkey: ReturnType<ReturnType<typeof device>['answer']>, headers = here) =>
  status(answering(caller, who, { passkey, headers }, (role) => mayDo(role, 'sign'), 'sign jobs off'));

describe('a passkey', () => {
  it('belongs to a name: under a number there is none', async () => {
    expect(placeOf(here)).toEqual({ rpId: 'localhost', origin: ORIGIN });
    for (const host of ['127.0.0.1:3100', '[::1]:3100', '']) expect(placeOf(new Headers({ host }))).toBeNull();
    expect(await status(questionToSignIn(new Headers({ host: '127.0.0.1' })))).toBe(409);
  });
  it('is kept where the device answers the question put to this person, verified, from here, and once', async () => {
    const question = async () => (await questionToAdd(orla, here)).challenge;
    const add = (answer: object, caller = orla) => status(addPasskey({ name: 'phone', answer }, caller, here));
    expect(await add(device().make(b64(randomBytes(32))))).toBe(403);
    expect(await add(device().make(await question()), tam)).toBe(403);
    expect(await add(device().make(await question(), { origin: 'http://localhost.evil.example' }))).toBe(403);
    expect(await add(device().make(await question(), { verified: false }))).toBe(403);
    expect(await add(device('evil.example').make(await question()))).toBe(403);
    expect(await ownPasskeys(orla)).toEqual([]);
    const answer = device().make(await question());
    expect(await add(answer)).toBe(200);
    expect(await add(answer)).toBe(403);
    const [kept] = await ownPasskeys(orla);
    expect(kept).toMatchObject({ name: 'phone', usedAt: null });
    expect(await status(endPasskey(kept!.id, tam))).toBe(404);
    expect((await endPasskey(kept!.id, orla)).passkeys).toEqual([]);
  });
  it('signs its holder in, with a session as a password does; an answer to another question does not', async () => {
    const own = await keyOf(orla);
    const enter = (answer: object) => signInByPasskey({ answer }, here);
    const { person, cookies } = await enter(own.answer((await questionToSignIn(here)).challenge));
    expect(person.id).toBe(orla.person.id);
    const cookie = cookies.map((one) => one.split(';')[0]).join('; ');
    expect((await callerOf(new Headers({ cookie })))?.person.name).toBe('Orla');
    const used = own.answer((await questionToSignIn(here)).challenge);
    await enter(used);
    expect(await status(enter(used))).toBe(401);
    expect(await status(enter(own.answer((await questionToAnswer({}, orla, here)).challenge)))).toBe(401);
    expect(await status(enter(device().answer((await questionToSignIn(here)).challenge)))).toBe(401);
    const old = (await questionToSignIn(here)).challenge;
    await db.knex('passkey_questions').update({ asked_at: new Date(Date.now() - 301_000) });
    expect(await status(enter(own.answer(old)))).toBe(401);
    await db.knex('people').where({ id: orla.person.id }).update({ leftAt: new Date() });
    expect(await status(enter(own.answer((await questionToSignIn(here)).challenge)))).toBe(401);
    await db.knex('people').where({ id: orla.person.id }).update({ leftAt: null });
  });
  it('answers for its person at a signature, in place of the PIN; wrong ones count like wrong PINs', async () => {
    const own = await keyOf(orla, 'glove');
    const foreign = await keyOf(tam);
    const question = async (who = orla) => (await questionToAnswer({ personId: who.person.id }, tam, here)).challenge;
    expect(await signs(tam, orla.person.id, own.answer(await question()))).toBe(200);
    expect(await signs(tam, tam.person.id, foreign.answer(await question(tam)))).toBe(403);
    expect(await signs(tam, orla.person.id, foreign.answer(await question()))).toBe(403);
    expect(await signs(tam, orla.person.id, own.answer((await questionToSignIn(here)).challenge))).toBe(403);
    expect(await signs(tam, orla.person.id, own.answer(await question(), { verified: false }))).toBe(403);
    const once = own.answer(await question());
    expect(await Promise.all([1, 2].map(() => signs(tam, orla.person.id, once))).then((all) => all.sort())).toEqual([200, 403]);
    expect(await status(answering(orla, undefined, { headers: here }, () => true, 'sign'))).toBe(422);
    let last = 0;
    for (let i = 0; i < 7; i += 1) last = await signs(tam, orla.person.id, foreign.answer(await question()));
    expect(last).toBe(429);
    expect(await signs(orla, orla.person.id, own.answer(await question()))).toBe(200);
  });
  it('ends where an administrator gives a new password, and its coming and going stands in the log', async () => {
    await givePassword(tam.person.id, orla);
    expect(await ownPasskeys(tam)).toEqual([]);
    const lines = await db.knex('audit').whereIn('what', ['passkey-added', 'passkey-ended']).pluck('what');
    expect(lines.filter((what) => what === 'passkey-added')).toHaveLength(4);
    expect(lines.filter((what) => what === 'passkey-ended')).toHaveLength(1);
  });
});
