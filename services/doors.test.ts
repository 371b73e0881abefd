import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { contentSecurityPolicy, hostsOf, nameOf, refusalAtDoor } from './doors';

const hosts = hostsOf('coil.plant.example, 10.0.0.5');
const knock = (more: Partial<Parameters<typeof refusalAtDoor>[0]> = {}) =>
  refusalAtDoor({ method: 'POST', host: '127.0.0.1:3100', origin: null, fetchSite: null, ...more }, hosts)?.status;

describe('at the door', () => {
  it.each([
    ['a script on this machine', {}, undefined],
    ['its own page', { origin: 'http://127.0.0.1:3100', fetchSite: 'same-origin' }, undefined],
    ['its own page under a listed name', { host: 'coil.plant.example', origin: 'https://coil.plant.example' }, undefined],
    ['the name in capitals', { host: 'COIL.plant.example:443' }, undefined],
    ['IPv6 loopback', { host: '[::1]:3100', origin: 'http://[::1]:3100' }, undefined],
    ['a page of another site', { origin: 'https://elsewhere.example', fetchSite: 'cross-site' }, 403],
    ['a sandboxed page', { origin: 'null' }, 403],
    ['an origin that is none', { origin: 'http://' }, 403],
    ['a form of another site, by an old browser', { fetchSite: 'cross-site' }, 403],
    ['another listed name than it was asked under', { host: '127.0.0.1:3100', origin: 'https://coil.plant.example' }, 403],
    ['a name that was made to point here', { host: 'rebound.example:3100', origin: 'http://rebound.example:3100' }, 421],
    ['reading under such a name', { method: 'GET', host: 'rebound.example:3100' }, 421],
    ['no name', { host: null }, 421],
    ['a name that ends like ours', { host: 'evil-127.0.0.1:3100' }, 421],
    ['reading from another site: the browser keeps the answer from its page', { method: 'GET', fetchSite: 'cross-site' }, undefined],
  ])('%s', (_what, more, status) => expect(knock(more)).toBe(status));
  it('no origin but that of the host may change anything', () => {
    fc.assert(
      fc.property(fc.webUrl(), (url) => {
        const { origin, host } = new URL(url);
        fc.pre(nameOf(host) !== '127.0.0.1');
        return knock({ origin }) === 403;
      }),
    );
  });
});

it('scripts run by their nonce alone', () => {
  const [, script] = /script-src ([^;]*)/.exec(contentSecurityPolicy('abc'))!;
  expect(script).toContain("'nonce-abc'");
  expect(script).not.toMatch(/unsafe-inline|unsafe-eval(?!')|\*/);
  expect(contentSecurityPolicy('abc')).toContain("frame-ancestors 'none'");
});
