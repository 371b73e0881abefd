/** What a scanner types leads to a page of ours, whole, and nowhere else. */
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { scannedPage } from './scanned-page';

const id = '0bcd483e-c96c-4338-8d0e-769ffa13af6f';
it.each([
  ['http://127.0.0.1:3100/parts/one', '/parts/one'],
  [`https://coil.plant.example/?panel=${id}&position=${id}`, `/?panel=${id}&position=${id}`],
  ['HTTP://10.0.0.7/stores?site=a&words=bin%20C1', '/stores?site=a&words=bin%20C1'],
  ['http://coil.example//evil.example/x', '/evil.example/x'],
  ['http://coil.example/\\evil.example', '/evil.example'],
])('%s', (text, page) => {
  expect(scannedPage(text)?.map((item) => item.id)).toEqual([page]);
});
it.each(['', 'K4', 'http', 'http://', 'javascript:alert(1)', 'ftp://x/y', 'WX-25-230.4'])('%s is no address of a label', (text) => {
  expect(scannedPage(text)).toBeUndefined();
});
it('whatever the address, the page is on this server', () => {
  fc.assert(
    fc.property(fc.webUrl({ withQueryParameters: true }), fc.constantFrom('', '/', '//', '/\\'), (url, more) => {
      const page = scannedPage(url.replace(/^(https?:\/\/[^/]+)/, `$1${more}`))?.[0]?.id ?? '/';
      expect(new URL(page, 'http://own.example').host).toBe('own.example');
    }),
  );
});
