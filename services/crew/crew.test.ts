/** Who comes in, what each role and token may do, and what the log keeps of it. */
import { readdirSync } from 'node:fs';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { mayDo, rights, roles, type Access, type Role } from '../../core/crew/rights';
import { insertPerson, type PersonRow } from '../../data/crew';
import { demoDatabase, type TestDatabase } from '../../data/test-database';
import { routes } from '../interface/routes';
import { auditCsv, auditLines } from '../audit';
import { openSwap, loadSwap, saveSwap } from '../swaps';
import { hashSecret } from './auth';
import type { Caller } from './caller';
import { pageRight, pageRights } from './pages';
import { answering } from './people';
import { firstCode } from './session';
import { DELETE, GET, PATCH, POST, PUT } from '@/app/api/v1/[...path]/route';

const PASSWORD = 'a long enough sentence';
const PIN = '246813';
let db: TestDatabase;
const ids = {} as Record<Role, string>;

beforeAll(async () => {
  db = await demoDatabase();
});
afterAll(() => db.drop());

type Answer = { status: number; body: Record<string, never> & { faults?: { field: string; reason: string }[] }; cookies: string[] };
/** Asks a route as a browser with these cookies, or a program with this token, would. */
async function ask(method: string, at: string, body?: unknown, more: Record<string, string> = {}): Promise<Answer> {
  const handler = { GET, POST, PUT, PATCH, DELETE }[method]!;
  const answer = await handler(
    new Request(`http://127.0.0.1${at}`, {
      method,
      headers: { host: '127.0.0.1', 'content-type': 'application/json', ...more },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    }),
  );
  const cookies = answer.headers.getSetCookie().map((line) => line.split(';')[0]!);
  const text = await answer.text();
  return { status: answer.status, body: text.startsWith('{') ? JSON.parse(text) : {}, cookies };
}
const signIn = (username: string, password = PASSWORD, cookie = '') =>
  ask('POST', '/api/v1/session', { username, password }, cookie ? { cookie } : {});
const cookieOf = async (username: string): Promise<{ cookie: string }> => ({ cookie: (await signIn(username)).cookies.join('; ') });

describe('the first administrator', () => {
  it('comes in by the code of the installation alone, and once', async () => {
    expect((await ask('GET', '/api/v1/entrance')).body).toMatchObject({ first: true, demo: null });
    const first = { code: 'guessed', name: 'Ada Min', username: 'ada', password: PASSWORD };
    expect((await ask('POST', '/api/v1/session/first', first)).status).toBe(403);
    expect((await ask('POST', '/api/v1/session/first', { ...first, code: firstCode(), password: 'short' })).status).toBe(422);
    const two = await Promise.all([1, 2].map(() => ask('POST', '/api/v1/session/first', { ...first, code: firstCode() })));
    expect(two.map(({ status }) => status).sort()).toEqual([200, 409]);
    expect((await ask('GET', '/api/v1/entrance')).body).toMatchObject({ first: false });
    // Where there is no demo, its way in says that there is none.
    expect(await ask('POST', '/api/v1/session/demo', { personId: 'demo-orla' })).toMatchObject({
      status: 404,
      body: { faults: [{ reason: expect.stringContaining('Sign in by name and password') }] },
    });
  });
  it('names the rest, whose given passwords work for one thing only: to choose their own', async () => {
    const admin = await cookieOf('ada');
    const added = await ask('POST', '/api/v1/people', { name: 'Neu Ling', username: 'neu', role: 'electrician' }, admin);
    expect(added.status).toBe(200);
    const { password } = added.body as unknown as { password: string };
    expect((await ask('POST', '/api/v1/people', { name: 'Other', username: 'NEU', role: 'stores' }, admin)).status).toBe(409);
    const own = { cookie: (await signIn('neu', password)).cookies.join('; ') };
    expect((await ask('GET', '/api/v1/desk', undefined, own)).body.faults![0]!.field).toBe('password');
    expect((await ask('PUT', '/api/v1/me/password', { now: password, password: 'aaaaaaaaaaaaaa' }, own)).status).toBe(422);
    for (const guessed of ['password12345', 'qwertyuiop123', 'iloveyou2026', 'loyalcoil2026'])
      expect((await ask('PUT', '/api/v1/me/password', { now: password, password: guessed }, own)).body.faults?.[0]?.reason).toMatch(
        /soon guessed/,
      );
    expect((await ask('PUT', '/api/v1/me/password', { now: password, password: PASSWORD }, own)).status).toBe(200);
    expect((await ask('GET', '/api/v1/desk', undefined, own)).status).toBe(200);
    expect((await signIn('neu', password)).status).toBe(401);
  });
  it('stays as long as no other is named', async () => {
    const admin = await cookieOf('ada');
    const { id } = (await db.knex<PersonRow>('people').where({ username: 'ada' }).first())!;
    expect((await ask('PATCH', `/api/v1/people/${id}`, { role: 'stores' }, admin)).status).toBe(409);
    expect((await ask('PATCH', `/api/v1/people/${id}`, { left: true }, admin)).status).toBe(409);
  });
});

describe('rights', () => {
  beforeAll(async () => {
    const [passwordHash, pinHash] = await Promise.all([hashSecret(PASSWORD), hashSecret(PIN)]);
    for (const role of roles)
      ids[role] = await insertPerson(
        db.knex,
        { name: `The ${role}`, username: `the_${role}`, role, mustChangePassword: false, pinHash },
        passwordHash,
        new Date(),
      );
  });

  it('every route asks for one that is known', () => {
    const known: Access[] = ['open', 'own', ...(Object.keys(rights) as Access[])];
    const without = routes.filter(({ right }) => !known.includes(right)).map(({ method, path: at }) => `${method} ${at}`);
    expect(without).toEqual([]);
    // What nobody needs to be known for: the door itself, and whether the database answers.
    expect(routes.filter(({ right }) => right === 'open').map(({ method, path: at }) => `${method} ${at}`)).toEqual([
      'GET /api/v1/entrance',
      'POST /api/v1/session',
      'POST /api/v1/session/demo',
      'POST /api/v1/session/first',
      'POST /api/v1/session/passkey/question',
      'POST /api/v1/session/passkey',
      'GET /api/v1/health',
      'GET /api/v1/ready',
    ]);
  });
  it('every page asks for one, and none is listed that is not there', () => {
    const pagesIn = (folder: string, at = ''): string[] =>
      readdirSync(folder, { withFileTypes: true }).flatMap((one) => {
        if (one.isDirectory()) return one.name === 'api' ? [] : pagesIn(path.join(folder, one.name), `${at}/${one.name}`);
        return /^(page\.tsx|route\.ts)$/.test(one.name) ? [at.replace(/\/\[.*$/, '') || '/'] : [];
      });
    const pages = pagesIn(path.join(process.cwd(), 'app'));
    expect(pages.length).toBeGreaterThan(15);
    const listed = Object.keys(pageRights);
    const covered = (page: string) => listed.some((one) => page === one || page.startsWith(`${one}/`));
    expect(pages.filter((page) => !covered(page))).toEqual([]);
    expect(listed.filter((one) => one !== '/icon.svg' && !pages.some((page) => page === one || page.startsWith(`${one}/`)))).toEqual([]);
  });
  it.each([
    ['/', 'see'],
    ['/crew', 'own'],
    ['/crew/people', 'administer'],
    ['/crew/people/more', 'administer'],
    ['/crewman', 'see'],
    ['/sign-in', 'open'],
    ['/somewhere/else', 'see'],
  ])('%s asks for %s', (page, right) => expect(pageRight(page)).toBe(right));

  it('nobody who is not signed in gets further than the door, on any route', async () => {
    for (const { method, path: at, right } of routes) {
      if (right === 'open') continue;
      const { status } = await ask(method, at.replaceAll(/\{\w+\}/g, 'x'), method === 'GET' || method === 'DELETE' ? undefined : {});
      expect([method, at, status]).toEqual([method, at, 401]);
    }
  });
  it('every role is refused what it may not, on every route, and is not refused what it may', async () => {
    for (const role of roles) {
      const own = await cookieOf(`the_${role}`);
      for (const { method, path: at, right } of routes) {
        if (right === 'open' || right === 'own') continue;
        const body = method === 'GET' || method === 'DELETE' ? undefined : {};
        const { status, body: said } = await ask(method, at.replaceAll(/\{\w+\}/g, 'x'), body, own);
        const refused = status === 403 && said.faults?.[0]?.field === 'role';
        expect([role, method, at, refused]).toEqual([role, method, at, !mayDo(role, right)]);
      }
    }
  });
  it('a page that another person left open saves nothing under a new name', async () => {
    const own = await cookieOf('the_electrician');
    const stale = await ask('POST', '/api/v1/swaps', { positionId: 'kestrel-ramp-k4' }, { ...own, 'x-person': ids.foreman });
    expect([stale.status, stale.body.faults![0]!.reason]).toEqual([401, expect.stringContaining('The electrician signed in')]);
    expect((await ask('POST', '/api/v1/swaps', { positionId: 'kestrel-ramp-k4' }, { ...own, 'x-person': ids.electrician })).status).toBe(
      200,
    );
  });
});

describe('sessions', () => {
  it('are cookies of this site alone that scripts cannot read, and end on every device at once', async () => {
    const raw = await POST(
      new Request('http://127.0.0.1/api/v1/session', {
        method: 'POST',
        headers: { host: '127.0.0.1', 'content-type': 'application/json' },
        body: JSON.stringify({ username: 'the_stores', password: PASSWORD }),
      }),
    );
    expect(raw.headers.getSetCookie()).toHaveLength(2);
    for (const line of raw.headers.getSetCookie()) {
      expect(line).toMatch(/httponly/i);
      expect(line).toMatch(/samesite=strict/i);
    }
    const [one, two] = [await cookieOf('the_stores'), await cookieOf('the_stores')];
    expect((await ask('DELETE', '/api/v1/session', undefined, one)).status).toBe(200);
    expect((await ask('GET', '/api/v1/me', undefined, one)).status).toBe(401);
    expect((await ask('GET', '/api/v1/me', undefined, two)).status).toBe(200);
    expect((await ask('DELETE', '/api/v1/sessions', undefined, await cookieOf('the_stores'))).status).toBe(200);
    expect((await ask('GET', '/api/v1/me', undefined, two)).status).toBe(401);
  });
  it('a changed or foreign cookie is nobody', async () => {
    const { cookie } = await cookieOf('the_stores');
    const changed = cookie.replace(/(session_token=)(.)/, (_all, name: string, first: string) => name + (first === 'A' ? 'B' : 'A'));
    expect((await ask('GET', '/api/v1/me', undefined, { cookie: changed })).status).toBe(401);
    expect((await ask('GET', '/api/v1/me', undefined, { cookie: 'loyal-coil.session_token=x.y' })).status).toBe(401);
  });
  it('end with another role, with leaving, and with a password that an administrator gives', async () => {
    const admin = await cookieOf('the_administrator');
    const at = `/api/v1/people/${ids.stores}`;
    const before = await cookieOf('the_stores');
    await ask('PATCH', at, { role: 'apprentice' }, admin);
    expect((await ask('GET', '/api/v1/me', undefined, before)).status).toBe(401);
    const then = await cookieOf('the_stores');
    await ask('PATCH', at, { left: true }, admin);
    expect((await ask('GET', '/api/v1/me', undefined, then)).status).toBe(401);
    expect((await signIn('the_stores')).status).toBe(401);
    await ask('PATCH', at, { left: false, role: 'stores' }, admin);
    const again = await cookieOf('the_stores');
    expect((await ask('POST', `${at}/password`, {}, admin)).status).toBe(200);
    expect((await ask('GET', '/api/v1/me', undefined, again)).status).toBe(401);
    expect((await signIn('the_stores')).status).toBe(401);
  });
  it('wrong passwords are refused for a while, but never on a device that the person has used', async () => {
    const { cookies } = await signIn('the_foreman');
    const device = cookies.find((pair) => pair.startsWith('loyal-coil.device='))!;
    const guesses: number[] = [];
    for (let i = 0; i < 7; i += 1) guesses.push((await signIn('the_foreman', 'a wrong sentence, really')).status);
    expect(guesses).toEqual([401, 401, 401, 401, 401, 429, 429]);
    expect((await signIn('the_foreman')).status).toBe(429);
    expect((await signIn('the_foreman', PASSWORD, device)).status).toBe(200);
    // The device of one person opens nothing for another.
    expect((await signIn('the_electrician', 'a wrong sentence, really', device)).status).toBe(401);
  });
  it('tell a stranger nothing of who is named here', async () => {
    const [known, unknown] = [await signIn('neu', 'a wrong sentence, really'), await signIn('nobody_at_all', 'a wrong sentence, really')];
    expect([known.status, known.body]).toEqual([unknown.status, unknown.body]);
  });
});

describe('tokens', () => {
  it('do what their scopes say, never sign, approve or administer, and end', async () => {
    const admin = await cookieOf('the_administrator');
    let nth = 0;
    const make = async (scopes: string[]) => {
      nth += 1;
      const made = await ask('POST', '/api/v1/tokens', { name: `program ${nth}`, scopes, days: 1 }, admin);
      expect(made.status).toBe(200);
      return made.body as unknown as { id: string; token: string };
    };
    const read = await make(['read']);
    const as = (token: string) => ({ authorization: `Bearer ${token}` });
    expect((await ask('GET', '/api/v1/desk', undefined, as(read.token))).status).toBe(200);
    expect((await ask('POST', '/api/v1/swaps', { positionId: 'kestrel-ramp-k4' }, as(read.token))).status).toBe(403);
    expect((await ask('GET', '/api/v1/people', undefined, as(read.token))).status).toBe(403);
    expect((await ask('GET', '/api/v1/me', undefined, as(read.token))).status).toBe(403);
    const write = await make(['write', 'judge']);
    // The person who made it may not work on jobs: neither may the token.
    expect((await ask('POST', '/api/v1/swaps', { positionId: 'kestrel-ramp-k4' }, as(write.token))).status).toBe(403);
    expect((await ask('GET', '/api/v1/families', undefined, as(write.token))).status).toBe(200);
    expect((await ask('DELETE', `/api/v1/tokens/${read.id}`, undefined, admin)).status).toBe(200);
    expect((await ask('GET', '/api/v1/desk', undefined, as(read.token))).status).toBe(401);
    await db
      .knex('tokens')
      .where({ id: write.id })
      .update({ expires_at: new Date(Date.now() - 1000) });
    expect((await ask('GET', '/api/v1/families', undefined, as(write.token))).status).toBe(401);
    const listed = await ask('GET', '/api/v1/tokens', undefined, admin);
    expect(JSON.stringify(listed.body)).not.toContain(read.token);
    expect(JSON.stringify(await db.knex('tokens'))).not.toContain(read.token);
  });
  it.each([[[]], [['sign']], [['judge', 'administer']]])('of the scopes %j are not made', async (scopes) => {
    const admin = await cookieOf('the_administrator');
    expect((await ask('POST', '/api/v1/tokens', { name: 'a program', scopes, days: 1 }, admin)).status).toBe(422);
  });
});

describe('names on a job', () => {
  const caller = async (role: Role): Promise<Caller> => {
    const { id, name, username } = (await db.knex<PersonRow>('people').where({ id: ids[role] }).first())!;
    return {
      person: { id, name, username, role, mustChangePassword: false, hasPin: true },
      actor: { id, name, address: null },
      session: `of ${role}`,
      scopes: null,
    };
  };
  it('are those of who is signed in, whatever is sent', async () => {
    const { id } = await openSwap({ positionId: 'kestrel-winch-k2' });
    const changes = [
      { path: 'safe.prove-dead', value: 'Somebody Else' },
      { path: 'acknowledged.x', value: { by: 'Somebody Else', reason: 'looked at it', seen: 's', approvedBy: 'A Foreman' } },
      { path: 'overrides.y', value: { by: 'Somebody Else', reason: 'looked at it', seen: 's', approvedBy: 'A Foreman' } },
    ];
    await saveSwap(id, { version: (await loadSwap(id)).version, changes }, await caller('electrician'));
    const { safe, acknowledged, overrides } = (await loadSwap(id)).state;
    expect(safe['prove-dead']).toBe('The electrician');
    expect([acknowledged.x, overrides.y]).toEqual([1, 2].map(() => ({ by: 'The electrician', reason: 'looked at it', seen: 's' })));
  });
  it('a PIN is that of the person, of a role that signs; wrong ones hold up who asks, on a new session too, and nobody else', async () => {
    const apprentice = await caller('apprentice');
    const sign = (who: string | undefined, pin: string, by = apprentice) =>
      answering(by, who, { pin, headers: new Headers() }, (role) => mayDo(role, 'sign'), 'sign jobs off').then(
        ({ name }) => name,
        ({ status }) => status as number,
      );
    expect(await sign(undefined, PIN)).toBe(403);
    expect(await sign(ids.electrician, '000111')).toBe(403);
    expect(await sign(ids.electrician, PIN)).toBe('The electrician');
    const wrong: unknown[] = [];
    for (let i = 0; i < 6; i += 1) wrong.push(await sign(ids.electrician, '000111'));
    expect(wrong.at(-1)).toBe(429);
    expect(await sign(ids.electrician, PIN)).toBe(429);
    expect(await sign(ids.electrician, PIN, { ...apprentice, session: 'another' })).toBe(429);
    expect(await sign(undefined, PIN, await caller('electrician'))).toBe('The electrician');
  });
  it('an override is approved by another person of the right role, and stands again when it is changed', async () => {
    const asked = await ask('PATCH', '/api/v1/sites/kestrel', { secondPerson: true }, await cookieOf('the_administrator'));
    expect([asked.status, asked.body]).toMatchObject([200, { site: { id: 'kestrel', name: expect.any(String), secondPerson: true } }]);
    const own = await cookieOf('the_electrician');
    const { id } = await openSwap({ positionId: 'kestrel-winch-k3' });
    const override = { path: 'overrides.y', value: { reason: 'nothing else is here', seen: 's' } };
    await saveSwap(id, { version: (await loadSwap(id)).version, changes: [override] }, await caller('electrician'));
    const approve = (approver: string) => ask('POST', `/api/v1/swaps/${id}/approve`, { needId: 'y', approver, pin: PIN }, own);
    expect((await approve(ids.electrician)).status).toBe(403);
    expect((await approve(ids.foreman)).status).toBe(200);
    expect((await loadSwap(id)).state.overrides.y).toMatchObject({ by: 'The electrician', approvedBy: 'The foreman' });
    await saveSwap(id, { version: (await loadSwap(id)).version, changes: [override] }, await caller('foreman'));
    expect((await loadSwap(id)).state.overrides.y).not.toHaveProperty('approvedBy');
    // Whoever named it cannot approve it.
    expect((await approve(ids.foreman)).status).toBe(403);
    expect((await loadSwap(id)).site.secondPerson).toBe(true);
  });
});

describe('the log', () => {
  it('holds what was done, finds it by words, and goes out as CSV that no spreadsheet runs', async () => {
    const admin = await cookieOf('the_administrator');
    await ask('POST', '/api/v1/people', { name: '=HYPERLINK("x")', username: 'formula', role: 'stores' }, admin);
    expect(await auditLines('override approved the_nobody')).toEqual([]);
    const found = await auditLines('override-approved foreman');
    expect(found.length).toBeGreaterThan(0);
    const all = await auditLines('');
    for (const what of ['Signed in', 'Sign-in refused', 'Person added', 'Person changed', 'Token made', 'Token ended', 'Override approved'])
      expect(all.map((line) => line.what)).toContain(what);
    expect(await auditCsv()).not.toMatch(/(^|,)"?=HYPERLINK/m);
    expect(await auditLines('%')).toEqual([]);
  });
  it.each(["update audit set person_name = 'x'", 'delete from audit', 'truncate audit'])('refuses: %s', async (statement) => {
    await expect(db.knex.raw(statement)).rejects.toThrow(/append-only/);
  });
});
