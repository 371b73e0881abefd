/** Fifty hands on every route that writes: each stands in the table below with what must hold after them; one that is not there fails. */
import { randomUUID } from 'node:crypto';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoDatabase, type TestDatabase } from '../data/test-database';
import { emptySwap } from '../core/swap/swap';
import { ublDocument } from '../core/orders/ubl';
import { dropCheck, keepCheck } from './checks';
import { loadDemoBeside } from './demo';
import { deviceSigns, enterSign, strikeSign } from './device-signs';
import { addDocument, listDocuments, removeDocument } from './documents';
import { bringFile, lookAtFile, undoFile } from './imports';
import { copyPanel, drawTemplate, makePanel, makePosition, makeSite, savePanel, savePosition } from './plant';
import { arrived, bringAnswer, closeOrder, placeOrders } from './orders';
import { enterPart, sayTrade } from './own-parts';
import { doAtShelf, receive, setLimits } from './stores';
import { endCircuit, makeCircuit, saveCircuit } from './circuits';
import { insertPerson, personById, type PersonRow } from '../data/crew';
import { beginChains } from './chain/append';
import { hashSecret } from './crew/auth';
import { personOfRow, type Caller } from './crew/caller';
import { addPerson, changePassword, changePerson, givePassword, setPin } from './crew/people';
import { signOut, signOutEverywhere } from './crew/session';
import { endPasskey } from './crew/passkeys';
import { endToken, makeToken, tokens } from './crew/tokens';
import { routes } from './interface/routes';
import { removePartCurve, savePartCurve } from './part-curves';
import { addPicture, listPictures, removePicture } from './pictures';
import { approveOverride } from './sign-at-device';
import { setSite } from './sites';
import { loadSwap, openSwap, saveSwap } from './swaps';

const HANDS = 50;
const PASSWORD = 'a long enough sentence';
const PIN = '246813';
let db: TestDatabase;
const named = {} as Record<'admin' | 'electrician' | 'foreman', Caller>;

beforeAll(async () => {
  db = await demoDatabase();
  await beginChains(db.knex);
  const [hash, pinHash] = await Promise.all([hashSecret(PASSWORD), hashSecret(PIN)]);
  const caller = async (role: PersonRow['role']): Promise<Caller> => {
    const person = { name: `The ${role}`, username: `the_${role}`, role, mustChangePassword: false, pinHash };
    const id = await insertPerson(db.knex, person, hash, new Date());
    return {
      person: personOfRow((await personById(db.knex, id))!),
      actor: { id, name: person.name, address: null },
      session: id,
      scopes: null,
    };
  };
  Object.assign(named, {
    admin: await caller('administrator'),
    electrician: await caller('electrician'),
    foreman: await caller('foreman'),
  });
});
afterAll(() => db.drop());

/** The statuses of fifty at once, counted. */
async function hands(work: (i: number) => Promise<unknown>): Promise<Record<string, number>> {
  const all = await Promise.all(
    Array.from({ length: HANDS }, (_one, i) =>
      work(i).then(
        () => '200',
        (error: { status?: number }) => String(error.status ?? error),
      ),
    ),
  );
  return all.reduce<Record<string, number>>((sum, one) => ({ ...sum, [one]: (sum[one] ?? 0) + 1 }), {});
}
const logged = async (what: string): Promise<number> => Number((await db.knex('audit').where({ what }).count('* as n').first())!.n);
const sessionOf = (caller: Caller, token: string) =>
  db.knex('sessions').insert({
    id: token,
    token,
    userId: caller.person.id,
    expiresAt: new Date(Date.now() + 1e6),
    createdAt: new Date(),
    updatedAt: new Date(),
  });
const ONE = { '200': 1, '409': HANDS - 1 };
const ALL = { '200': HANDS };
const curve = { csv: 'amps,seconds,edge\n420,7200,fast\n1200,30,fast\n540,7200,slow\n1200,120,slow', source: 'data sheet' };

/** What keeps nothing of its own, or is raced elsewhere. */
const elsewhere: Record<string, string> = {
  'POST /api/v1/session': 'a session each',
  'POST /api/v1/session/demo': 'a session each',
  'POST /api/v1/session/first': 'crew.test.ts: one of two is named',
  'POST /api/v1/session/passkey/question': 'a question each',
  'POST /api/v1/session/passkey': 'passkeys.test.ts: an answer holds once',
  'POST /api/v1/me/passkeys/question': 'a question each',
  'POST /api/v1/me/passkeys': 'passkeys.test.ts: an answer holds once',
  'POST /api/v1/signers/question': 'a question each',
  'POST /api/v1/care/backup': 'care.test.ts: one waits at a time',
  'POST /api/v1/care/check': 'care.test.ts: one waits at a time',
  'POST /api/v1/judge': 'keeps nothing',
  'POST /api/v1/worksheets/{id}': 'keeps nothing',
  'POST /api/v1/plates/read': 'keeps nothing',
  'POST /api/v1/swaps/{id}/match': 'keeps nothing',
  'POST /api/v1/meter/read': 'keeps nothing',
  'POST /api/v1/swaps': 'races.test.ts',
  'PATCH /api/v1/swaps/{id}': 'races.test.ts',
  'POST /api/v1/swaps/{id}/sign': 'races.test.ts',
  'PUT /api/v1/panels/{id}/supply': 'races.test.ts',
  'PUT /api/v1/position-codes/{maker}': 'races.test.ts',
  'POST /api/v1/swaps/{id}/end': 'endings.test.ts: two at once end it once',
  'POST /api/v1/swaps/{id}/discard': 'endings.test.ts: a second one changes nothing',
  'POST /api/v1/positions/{id}/events': 'endings.test.ts: a double touch is noted once',
  'POST /api/v1/positions/{id}/settle': 'signed-only.test.ts: a double click settles once',
};

const anOrder = async (quantity: number) =>
  (await placeOrders({ siteId: 'kestrel', key: randomUUID(), lines: [{ partId: 'own-osk-daughters-ok-25', quantity }] }, named.electrician))
    .orders[0]!;

const here: Record<string, () => Promise<void>> = {
  'POST /api/v1/people': async () => {
    expect(await hands(() => addPerson({ name: 'Wren Alder', username: 'wren', role: 'stores' }, named.admin))).toEqual(ONE);
    expect(await db.knex('people').where({ username: 'wren' })).toHaveLength(1);
    expect(await logged('person-added')).toBe(1);
  },
  'PATCH /api/v1/people/{id}': async () => {
    const { person } = await addPerson({ name: 'Leaves', username: 'leaves', role: 'stores' }, named.admin);
    expect(await hands(() => changePerson(person.id, { left: true }, named.admin))).toEqual(ALL);
    expect(await logged('person-left')).toBe(1);
  },
  'POST /api/v1/people/{id}/password': async () => {
    const { person } = await addPerson({ name: 'Forgot', username: 'forgot', role: 'stores' }, named.admin);
    expect(await hands(() => givePassword(person.id, named.admin))).toEqual(ALL);
    expect(await db.knex('credentials').where({ userId: person.id })).toHaveLength(1);
  },
  'PUT /api/v1/me/password': async () => {
    // As many attempts as one session has: more are refused before they are looked at.
    const asked = await hands((i) =>
      changePassword({ now: PASSWORD, password: `another sentence, the ${i}th` }, { ...named.foreman, session: `s${i}` }),
    );
    expect(asked).toEqual(ONE);
    expect(await logged('password-changed')).toBe(1);
  },
  'PUT /api/v1/me/pin': async () => {
    expect(await hands((i) => setPin({ password: PASSWORD, pin: '135791' }, { ...named.electrician, session: `s${i}` }))).toEqual(ALL);
    expect((await personById(db.knex, named.electrician.person.id))!.pinHash).toMatch(/argon2/);
  },
  'DELETE /api/v1/me/passkeys/{id}': async () => {
    const id = 'a-passkey';
    await db.knex('passkeys').insert({
      ...{ id, person_id: named.electrician.person.id, name: 'phone', public_key: Buffer.from('k'), counter: 0 },
      ...{ transports: '[]', made_at: new Date() },
    });
    expect(await hands(() => endPasskey(id, named.electrician))).toEqual({ '200': 1, '404': HANDS - 1 });
    expect(await logged('passkey-ended')).toBe(1);
  },
  'DELETE /api/v1/session': async () => {
    await sessionOf(named.electrician, 'one');
    expect(await hands(() => signOut({ ...named.electrician, session: 'one' }))).toEqual(ALL);
    expect(await logged('sign-out')).toBe(1);
  },
  'DELETE /api/v1/sessions': async () => {
    await sessionOf(named.electrician, 'two');
    expect(await hands(() => signOutEverywhere(named.electrician))).toEqual(ALL);
    expect(await logged('sign-out-everywhere')).toBe(1);
  },
  'POST /api/v1/sites': async () => {
    const asked = { name: 'Tarn Mill', practice: 'IEC', timeZone: 'UTC' };
    expect(await hands(() => makeSite(asked, named.electrician))).toEqual({ '200': 1, '422': HANDS - 1 });
    expect(await db.knex('sites').where({ name: 'Tarn Mill' })).toHaveLength(1);
  },
  'POST /api/v1/sites/{id}/panels': async () => {
    expect(await hands(() => makePanel('ferrow', { name: 'Annexe', rails: 2 }, named.electrician))).toEqual({ '200': 1, '422': HANDS - 1 });
    expect(await db.knex('panels').where({ name: 'Annexe' })).toHaveLength(1);
  },
  'PATCH /api/v1/panels/{id}': async () => {
    expect(await hands((i) => savePanel('ferrow-cabin', { version: 1, name: `Cabin of ${i}` }, named.electrician))).toEqual(ONE);
    expect((await db.knex('panels').where({ id: 'ferrow-cabin' }).first()).version).toBe(2);
  },
  'POST /api/v1/panels/{id}/copy': async () => {
    expect(await hands(() => copyPanel('kestrel-charger', { name: 'Twin' }, named.electrician))).toEqual({ '200': 1, '422': HANDS - 1 });
    expect(await db.knex('panels').where({ name: 'Twin' })).toHaveLength(1);
  },
  'POST /api/v1/panels/{id}/positions': async () => {
    const asked = { tag: 'X9', function: 'spare', device: 'terminals', rail: 0 };
    expect(await hands(() => makePosition('ferrow-gate', asked, named.electrician))).toEqual({ '200': 1, '422': HANDS - 1 });
    expect(await db.knex('positions').where({ panel_id: 'ferrow-gate', tag: 'X9' })).toHaveLength(1);
  },
  'POST /api/v1/panels/{id}/templates': async () => {
    const asked = { template: 'reversing', name: 'Twice asked', rail: 0 };
    expect(await hands(() => drawTemplate('ferrow-pump', asked, named.electrician))).toEqual({ '200': 1, '422': HANDS - 1 });
    expect(await db.knex('positions').where('function', 'like', 'Twice asked%')).toHaveLength(4);
  },
  'PATCH /api/v1/positions/{id}': async () => {
    const { version } = await db.knex('positions').where({ id: 'kestrel-lighting-k1' }).first();
    const moved = await hands((i) => savePosition('kestrel-lighting-k1', { version, rail: i % 2, slot: 0 }, named.electrician));
    expect(moved).toEqual(ONE);
    const slots = await db.knex('positions').where({ panel_id: 'kestrel-lighting' }).select('rail', 'slot');
    expect(new Set(slots.map(({ rail, slot }) => `${rail}/${slot}`)).size).toBe(slots.length);
  },
  'POST /api/v1/imports/look': async () => {
    const asked = { family: 'fuse', file: 'maker,partId,ratedAmps\nWexmoor,R-1,25' };
    expect(await hands(() => lookAtFile(asked))).toEqual(ALL);
    expect(await db.knex('imports')).toHaveLength(0);
  },
  'POST /api/v1/imports': async () => {
    const asked = {
      family: 'fuse',
      file: 'maker,partId,ratedAmps,place,quantity\nWexmoor,R-1,25,bin 1,5',
      name: 'r.csv',
      siteId: 'ferrow',
    };
    expect(await hands(() => bringFile(asked, named.electrician))).toEqual(ALL);
    // Whoever came second found nothing to change.
    expect(await db.knex('imports')).toHaveLength(1);
    expect(await db.knex('stock').where({ part_id: 'own-wexmoor-r-1' })).toMatchObject([{ quantity: 5 }]);
  },
  'DELETE /api/v1/imports/{id}': async () => {
    const { id } = await db.knex('imports').first();
    const undone = await Promise.all(Array.from({ length: HANDS }, () => undoFile(id, named.electrician)));
    expect(undone.filter((one) => one.undone)).toHaveLength(1);
    expect(await db.knex('parts').where({ id: 'own-wexmoor-r-1' })).toHaveLength(0);
  },
  'PATCH /api/v1/sites/{id}': async () => {
    expect(await hands(() => setSite('ferrow', { secondPerson: true }, named.admin))).toEqual(ALL);
    expect(await logged('settings-changed')).toBe(1);
  },
  'POST /api/v1/demo': async () => {
    // It stands here; that one of many loads it where it does not is asked in demo.test.ts.
    expect(await hands(() => loadDemoBeside(named.admin))).toEqual({ '409': HANDS });
  },
  'POST /api/v1/tokens': async () => {
    expect(await hands(() => makeToken({ name: 'shift report', scopes: ['read'], days: 3 }, named.admin))).toEqual(ONE);
    expect(await tokens()).toHaveLength(1);
  },
  'DELETE /api/v1/tokens/{id}': async () => {
    const { id } = await makeToken({ name: 'ends', scopes: ['read'], days: 3 }, named.admin);
    expect(await hands(() => endToken(id, named.admin))).toEqual(ALL);
    expect(await logged('token-ended')).toBe(1);
  },
  'POST /api/v1/swaps/{id}/pictures': async () => {
    const { id } = await openSwap({ positionId: 'kestrel-winch-k2' });
    const picture = await sharp({ create: { width: 80, height: 60, channels: 3, background: '#888' } })
      .jpeg()
      .toBuffer();
    const look = { laid: { text: '', rows: [] }, words: [] };
    const seen = { width: 80, height: 60, first: look, second: look };
    expect(await hands(() => addPicture(id, { picture, section: 'load', kind: 'motor-3ph', seen }))).toEqual(ALL);
    expect(await listPictures(id)).toHaveLength(1);
  },
  'DELETE /api/v1/pictures/{id}': async () => {
    const { id } = await openSwap({ positionId: 'kestrel-winch-k2' });
    const [kept] = await listPictures(id);
    const removed = await Promise.all(Array.from({ length: HANDS }, () => removePicture(kept!.id)));
    expect(removed.filter((one) => one.removed)).toHaveLength(1);
    expect(await listPictures(id)).toEqual([]);
  },
  'POST /api/v1/swaps/{id}/approve': async () => {
    const { id } = await openSwap({ positionId: 'kestrel-winch-k3' });
    const override = { path: 'overrides.y', value: { reason: 'nothing else is here', seen: 's' } };
    await saveSwap(id, { version: (await loadSwap(id)).version, changes: [override] }, named.electrician);
    const { version } = await loadSwap(id);
    // Five at once: as many as one person may try at a PIN.
    const all = await hands((i) =>
      i < 5 ? approveOverride(id, { needId: 'y', pin: PIN }, named.foreman, new Headers()) : Promise.resolve(),
    );
    expect(all).toEqual(ALL);
    expect((await loadSwap(id)).version).toBe(version + 1);
    expect(await logged('override-approved')).toBe(1);
  },
  'POST /api/v1/checks': async () => {
    const state = { ...emptySwap('contactor', 'motor-3ph'), hand: { p1: { name: 'Part 1', readings: {} } } };
    const one = await hands(() => keepCheck({ name: 'From the van', state }, named.electrician));
    expect(one).toEqual(ALL);
    expect(await db.knex('checks').where({ name: 'From the van' })).toHaveLength(1);
    // Another's check of that name stays as it is.
    expect(await hands(() => keepCheck({ name: 'From the van', state }, named.foreman))).toEqual({ '422': HANDS });
  },
  'POST /api/v1/documents': async () => {
    const at = { of: 'panel', id: 'ferrow-gate' };
    const file = { name: 'E-plan.txt', bytes: Buffer.from('sheet 1') };
    expect(await hands(() => addDocument(at, file, named.electrician))).toEqual(ALL);
    expect(await listDocuments(at)).toMatchObject([{ name: 'E-plan.txt', addedBy: 'The electrician' }]);
    expect(await logged('documents-changed')).toBe(1);
  },
  'DELETE /api/v1/documents/{id}': async () => {
    const at = { of: 'part', id: 'nettlecombe-n3-3p-120-22' };
    const { id } = await addDocument(at, { name: 'sheet.txt', bytes: Buffer.from('AC-3 22 A') }, named.electrician);
    const before = await logged('documents-changed');
    const removed = await Promise.all(Array.from({ length: HANDS }, () => removeDocument(id, named.electrician)));
    expect(removed.filter((one) => one.removed)).toHaveLength(1);
    expect(await listDocuments(at)).toEqual([]);
    expect(await logged('documents-changed')).toBe(before + 1);
  },
  'DELETE /api/v1/checks/{id}': async () => {
    const { id } = await db.knex('checks').where({ name: 'From the van' }).first();
    const dropped = await Promise.all(Array.from({ length: HANDS }, () => dropCheck(id)));
    expect(dropped.filter(({ gone }) => gone)).toHaveLength(1);
  },
  'POST /api/v1/parts': async () => {
    const readings = { poles: { state: 'read', value: 3 } };
    const asked = (i: number) => ({ family: 'contactor', maker: 'Osk & Daughters', name: i % 2 ? 'OK-25' : 'ok 25', readings });
    expect(await hands((i) => enterPart(asked(i), named.electrician))).toEqual(ONE);
    expect(await db.knex('parts').where({ id: 'own-osk-daughters-ok-25' })).toHaveLength(1);
    expect(await logged('part-entered')).toBe(1);
  },
  'POST /api/v1/parts/{id}/stock': async () => {
    const asked = { siteId: 'kestrel', place: 'van 2', quantity: 2 };
    expect(await hands(() => receive('own-osk-daughters-ok-25', asked, named.electrician))).toEqual(ALL);
    expect(await db.knex('stock').where({ place: 'van 2' })).toMatchObject([{ quantity: 2 * HANDS }]);
  },
  'PUT /api/v1/parts/{id}/trade': async () => {
    const asked = (i: number) => ({ supplier: `depot ${i % 2}`, price: 12.5, currency: 'USD', leadDays: 3 });
    expect(await hands((i) => sayTrade('own-osk-daughters-ok-25', asked(i), named.electrician))).toEqual(ALL);
    expect(await db.knex('part_trade').where({ part_id: 'own-osk-daughters-ok-25' })).toHaveLength(1);
  },
  'POST /api/v1/stock/entries': async () => {
    const at = { siteId: 'kestrel', partId: 'own-osk-daughters-ok-25', place: 'van 2' };
    const lying = async (place: string) => (await db.knex('stock').where({ part_id: at.partId, place }).first())?.quantity ?? 0;
    // More hands than pieces: as many get one as there are, and the shelf ends empty.
    await doAtShelf({ ...at, deed: 'count', quantity: 7 }, named.electrician);
    const takers = await hands(() => doAtShelf({ ...at, deed: 'take', quantity: 1 }, named.electrician));
    expect(takers).toEqual({ '200': 7, '409': HANDS - 7 });
    expect(await lying('van 2')).toBe(0);
    // Sent again and again under one key, it is one deed.
    const key = randomUUID();
    expect(await hands(() => doAtShelf({ ...at, deed: 'receive', quantity: 3, key }, named.electrician))).toEqual(ALL);
    expect(await lying('van 2')).toBe(3);
    // One key for two shelves at once: one of them is done, and the others are told.
    const shared = randomUUID();
    const two = await hands((i) =>
      doAtShelf({ ...at, place: i % 2 ? 'van 2' : 'shelf 9', deed: 'receive', quantity: 1, key: shared }, named.electrician),
    );
    expect(Object.keys(two).every((status) => status === '200' || status === '409')).toBe(true);
    expect(await db.knex('ledger').where({ key: shared })).toHaveLength(1);
    for (const place of ['van 2', 'shelf 9'])
      await doAtShelf({ ...at, place, deed: 'count', quantity: place === 'van 2' ? 3 : 0 }, named.electrician);
    // To and fro at once: none is lost and none is made.
    await hands((i) =>
      doAtShelf({ ...at, place: i % 2 ? 'van 2' : 'crib', to: i % 2 ? 'crib' : 'van 2', deed: 'move', quantity: 1 }, named.electrician),
    );
    expect((await lying('van 2')) + (await lying('crib'))).toBe(3);
  },
  'PUT /api/v1/stock/limits': async () => {
    const asked = (i: number) => ({ siteId: 'kestrel', partId: 'own-osk-daughters-ok-25', least: i % 3, most: 5 });
    expect(await hands((i) => setLimits(asked(i), named.electrician))).toEqual(ALL);
    expect(await db.knex('stock_limits').where({ part_id: 'own-osk-daughters-ok-25' })).toHaveLength(1);
  },
  'POST /api/v1/orders': async () => {
    const asked = { siteId: 'kestrel', key: randomUUID(), lines: [{ partId: 'own-osk-daughters-ok-25', quantity: 3 }] };
    expect(await hands(() => placeOrders(asked, named.electrician))).toEqual(ALL);
    expect(await db.knex('orders').where({ key: asked.key })).toHaveLength(1);
    expect(await logged('ordered')).toBe(1);
  },
  'POST /api/v1/orders/{id}/answer': async () => {
    const order = await anOrder(4);
    const xml = (n: number) =>
      ublDocument('OrderResponse', {
        'cac:OrderReference': { 'cbc:ID': order.number },
        'cac:OrderLine': { 'cac:LineItem': { 'cbc:ID': 1, 'cbc:LineStatusCode': '3', 'cbc:Quantity': n } },
      });
    expect(await hands((i) => bringAnswer(order.id, { xml: xml(i % 5) }, named.electrician))).toEqual(ALL);
    expect(await db.knex('order_lines').where({ order_id: order.id, answer: 'changed' })).toHaveLength(1);
  },
  'POST /api/v1/orders/{id}/arrived': async () => {
    const order = await anOrder(HANDS);
    // A hand each with a piece of its own; then the same piece by fifty hands.
    const one = (key: string) => arrived(order.id, { line: 1, quantity: 1, place: 'order shelf', key }, named.electrician);
    const shared = randomUUID();
    expect(await hands(() => one(shared))).toEqual(ALL);
    expect(await hands(() => one(randomUUID()))).toEqual({ '200': HANDS - 1, '409': 1 });
    expect(await db.knex('stock').where({ place: 'order shelf' }).first('quantity')).toEqual({ quantity: HANDS });
    expect(await db.knex('order_lines').where({ order_id: order.id }).first('received')).toEqual({ received: HANDS });
  },
  'POST /api/v1/orders/{id}/close': async () => {
    const { id, number } = await anOrder(1);
    expect(await hands(() => closeOrder(id, true, named.electrician))).toEqual(ALL);
    expect(await db.knex('audit').where({ what: 'order-closed' }).whereRaw(`about ->> 'order' = ?`, [number])).toHaveLength(1);
  },
  'POST /api/v1/orders/{id}/open': async () => {
    const { id } = await anOrder(1);
    await closeOrder(id, true, named.electrician);
    expect(await hands(() => closeOrder(id, false, named.electrician))).toEqual(ALL);
    expect(await db.knex('orders').where({ id }).first('closed')).toEqual({ closed: false });
  },
  'POST /api/v1/device-signs': async () => {
    const asked = (i: number) => ({ maker: i % 2 ? 'Wexmoor' : 'WEXMOOR', kind: 'lamp', sign: '2 x red', means: `phase lost, said ${i}` });
    expect(await hands((i) => enterSign(asked(i), named.electrician))).toEqual(ALL);
    expect((await deviceSigns()).signs).toHaveLength(1);
  },
  'DELETE /api/v1/device-signs/{id}': async () => {
    const [sign] = (await deviceSigns()).signs;
    const struck = await Promise.all(Array.from({ length: HANDS }, () => strikeSign(sign!.id)));
    expect(struck.filter(({ gone }) => gone)).toHaveLength(1);
  },
  'POST /api/v1/panels/{id}/circuits': async () => {
    const asked = { name: 'Haul winch', kind: 'load', positionIds: ['kestrel-winch-k1', 'kestrel-winch-q1'] };
    expect(await hands(() => makeCircuit('kestrel-winch', asked, named.electrician))).toEqual({ '200': 1, '422': HANDS - 1 });
    expect(await db.knex('circuits').where({ name: 'Haul winch' })).toHaveLength(1);
    expect(await db.knex('positions').whereNotNull('circuit_id').andWhere('id', 'like', 'kestrel-winch-%')).toHaveLength(4);
  },
  'PATCH /api/v1/circuits/{id}': async () => {
    const { id } = await db.knex('circuits').where({ panel_id: 'kestrel-ramp', name: 'Hoist' }).first();
    const asked = await hands((i) => saveCircuit(id, { version: 1, name: `Hoist of ${i}` }, named.electrician));
    expect(asked).toEqual(ONE);
    expect((await db.knex('circuits').where({ id }).first()).version).toBe(2);
  },
  'DELETE /api/v1/circuits/{id}': async () => {
    const { id } = await db.knex('circuits').where({ panel_id: 'ferrow-cabin', name: 'Cabin sockets' }).first();
    const ended = await Promise.all(Array.from({ length: HANDS }, () => endCircuit(id, named.electrician)));
    expect(ended.filter(({ gone }) => gone)).toHaveLength(1);
    expect(await db.knex('positions').where({ id: 'ferrow-cabin-r1' }).first()).toMatchObject({ circuit_id: null });
  },
  'PUT /api/v1/parts/{id}/curve': async () => {
    expect(await hands(() => savePartCurve('saltmarsh-b-600s-400-3p', curve))).toEqual(ALL);
    expect(await db.knex('part_curves').where({ part_id: 'saltmarsh-b-600s-400-3p' })).toHaveLength(1);
  },
  'DELETE /api/v1/parts/{id}/curve': async () => {
    const raw = async () => JSON.stringify((await db.knex('parts').where({ id: 'saltmarsh-b-600s-800-3p' }).first())?.raw);
    const before = await raw();
    const removed = await Promise.all(Array.from({ length: HANDS }, () => removePartCurve('saltmarsh-b-600s-400-3p')));
    expect(removed.filter((one) => one.removed)).toHaveLength(1);
    expect(await raw()).toBe(before);
  },
};

describe(`${HANDS} hands at every route that writes`, () => {
  it('none is left out', () => {
    const writing = routes.filter(({ method }) => method !== 'GET').map(({ method, path }) => `${method} ${path}`);
    expect([...Object.keys(elsewhere), ...Object.keys(here)].sort()).toEqual(writing.sort());
  });
  it.each(Object.entries(here))('%s', (_route, race) => race());
});
