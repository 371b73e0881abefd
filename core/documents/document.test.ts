/** What is kept as a document: by its bytes, under a name that does no harm. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { documentName, LARGEST_DOCUMENT, sniffDocument } from './document';

const bytes = (text: string) => new TextEncoder().encode(text);
const png = Uint8Array.from([
  137, 80, 78, 71, 13, 10, 26, 10, 0, 0, 0, 13, 73, 72, 68, 82, 0, 0, 0, 100, 0, 0, 0, 80, 8, 2, 0, 0, 0, 0, 0, 0,
]);

describe('a document', () => {
  it.each([
    ['a PDF', bytes('%PDF-1.7\n%âãÏÓ'), 'application/pdf'],
    ['a picture', png, 'image/png'],
    ['a text', bytes('F1 20 A\nreserve: µF, Ω'), 'text/plain'],
    // A page is kept as the text that it is: it is handed out as text, never opened as a page.
    ['a page', bytes('<html><script>alert(1)</script>'), 'text/plain'],
  ])('%s is known by what stands in it', (_, file, kind) => expect(sniffDocument(file)).toEqual({ ok: true, kind }));

  it.each([
    ['an empty file', new Uint8Array()],
    ['a program', Uint8Array.from([0x7f, 0x45, 0x4c, 0x46, 2, 1, 1, 0, ...new Uint8Array(60)])],
    ['an archive', Uint8Array.from([0x50, 0x4b, 3, 4, ...new Uint8Array(60)])],
    ['half of a letter', Uint8Array.from([...bytes('a'.repeat(40)), 0xc3])],
    ['a picture whose size cannot be read', png.with(16, 0).with(19, 0)],
    ['more than is kept', new Uint8Array(LARGEST_DOCUMENT + 1)],
  ])('%s is refused in words', (_, file) =>
    expect(sniffDocument(file)).toMatchObject({ ok: false, fault: expect.stringContaining('are kept.') }),
  );

  it('has a name without folders and without what steers a device', () => {
    expect(documentName('C:\\plant\\E-plan rev B.pdf')).toBe('E-plan rev B.pdf');
    expect(documentName('../../etc/passwd')).toBe('passwd');
    expect(documentName('\u202Efdp.exe\u0000 ')).toBe('fdp.exe');
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 300 }), (name) => {
        const kept = documentName(name);
        expect(kept).not.toMatch(/[\p{Cc}\p{Cs}\p{Cf}/\\]/u);
        expect([...kept].length).toBeLessThanOrEqual(120);
        expect(documentName(kept)).toBe(kept);
      }),
    );
  });
});
