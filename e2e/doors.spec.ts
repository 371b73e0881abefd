/** What a page of another site, or a name made to point here, can do in the reader's browser: nothing. */
import { createServer, request as httpRequest } from 'node:http';
import { expect, test } from './test';

test('a page of another site changes nothing, and shows none of ours inside itself', async ({ page, baseURL }) => {
  const other = createServer((_request, answer) => answer.setHeader('content-type', 'text/html').end('<title>other</title>')).listen(
    0,
    '127.0.0.1',
  );
  await new Promise((ready) => other.once('listening', ready));
  const { port } = other.address() as { port: number };
  await page.goto(`http://localhost:${port}/`);
  const body = JSON.stringify({ positionId: 'kestrel-ramp-k5' });
  const tried = await page.evaluate(
    async ({ target, text }) => {
      // As plain text it needs no leave: the browser sends it, and only the server can refuse it.
      await fetch(`${target}/api/v1/swaps`, { method: 'POST', mode: 'no-cors', body: text });
      const frame = document.body.appendChild(document.createElement('iframe'));
      frame.src = target;
      await new Promise((ready) => (frame.onload = ready));
      try {
        return frame.contentDocument?.body.innerText ?? 'not readable';
      } catch {
        return 'not readable';
      }
    },
    { target: baseURL!, text: body },
  );
  expect(tried).toBe('not readable');
  await expect(page.frameLocator('iframe').getByRole('heading', { name: /Kestrel|Ferrow/ })).toHaveCount(0);
  await page.goto('/?panel=kestrel-ramp&position=kestrel-ramp-k5');
  await expect(page.getByRole('button', { name: 'Start a job' })).toBeVisible();
  other.close();
});

test('what comes in at the door, and what an answer tells the browser', async ({ request, baseURL }) => {
  const data = { positionId: 'kestrel-ramp-k5' };
  const post = (headers: Record<string, string>) => request.post('/api/v1/swaps', { data, headers });
  expect((await post({ origin: 'https://elsewhere.example' })).status()).toBe(403);
  expect((await post({ host: 'rebound.example' })).status()).toBe(421);
  expect((await request.get('/', { headers: { host: 'rebound.example' } })).status()).toBe(421);
  const asText = await request.post('/api/v1/swaps', { data: JSON.stringify(data), headers: { 'content-type': 'text/plain' } });
  expect(asText.status()).toBe(415);
  expect((await asText.json()).faults[0].reason).toContain('application/json');
  const opened = await post({ origin: baseURL! });
  expect(opened.status()).toBe(200);
  expect(opened.headers()).toMatchObject({
    'cache-control': 'no-store',
    'x-content-type-options': 'nosniff',
    'referrer-policy': 'no-referrer',
  });
  const page = (await request.get('/')).headers();
  expect(page['content-security-policy']).toMatch(/script-src 'self' 'nonce-[^']+' 'strict-dynamic'/);
  expect(page['permissions-policy']).toContain('camera=(self)');
});

test('an address whose percent signs code nothing is refused in words, whatever it asks for', async ({ page, baseURL }) => {
  const cookie = (await page.context().cookies()).map(({ name, value }) => `${name}=${value}`).join('; ');
  // As it stands on the wire: a client of ours would not write it so.
  const ask = (path: string) =>
    new Promise<[number | undefined, string]>((resolve, reject) => {
      const sent = httpRequest(`${baseURL}/`, { path, headers: { cookie } }, (answer) => {
        let body = '';
        answer.on('data', (part) => (body += part)).on('end', () => resolve([answer.statusCode, body]));
      });
      sent.on('error', reject).end();
    });
  for (const path of ['/%zz', '/records/%zz', '/swaps/%E0%A4%A', '/api/v1/%zz', '/api/v1/records/%E0%A4%A', '/api/%', '/parts/%zz?x=%zz']) {
    const [status, body] = await ask(path);
    expect([path, status]).toEqual([path, 400]);
    expect(JSON.parse(body).faults[0].reason).toContain('percent sign');
  }
});
