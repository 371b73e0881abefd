/** Documents at places and parts over a real database: only what is one, only where there is a place, each once. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { documentPlaces, MOST_DOCUMENTS } from '@/core/documents/document';
import { certain } from '@/core/certain';
import { tester } from '@/tests/crew';
import { demoDatabase, type TestDatabase } from '../data/test-database';
import { addDocument, documentFile, listDocuments, removeDocument } from './documents';
import { bringFile, undoFile } from './imports';
import { ServiceError } from './service-error';

let db: TestDatabase;
beforeAll(async () => {
  db = await demoDatabase();
});
afterAll(() => db.drop());

const text = (words: string, name = 'note.txt') => ({ name, bytes: Buffer.from(words) });
const places = {
  site: 'ferrow',
  panel: 'ferrow-gate',
  position: 'ferrow-gate-k1',
  part: 'nettlecombe-n3-3p-120-22',
} as const;
const statusOf = (doing: Promise<unknown>) =>
  doing.then(
    () => 200,
    (error: unknown) => (error instanceof ServiceError ? error.status : String(error)),
  );

describe('a document', () => {
  it.each(documentPlaces)('is kept at a %s and nowhere else, as it came', async (of) => {
    const at = { of, id: places[of] };
    const kept = await addDocument(at, text(`of a ${of}`), tester);
    expect(await listDocuments(at)).toEqual([kept]);
    for (const other of documentPlaces.filter((one) => one !== of))
      expect((await listDocuments({ of: other, id: places[of] })).map(({ id }) => id)).not.toContain(kept.id);
    expect((await documentFile(kept.id)).bytes.toString()).toBe(`of a ${of}`);
    expect(await removeDocument(kept.id, tester)).toEqual({ removed: true });
    expect(await removeDocument(kept.id, tester)).toEqual({ removed: false });
    expect(await statusOf(documentFile(kept.id))).toBe(404);
    const [log] = await db.knex('audit').where({ what: 'documents-changed' }).orderBy('seq', 'desc').limit(1);
    expect(log.about).toEqual({ [of]: places[of], document: 'note.txt', added: false });
  });

  it.each([
    ['a place that is none', { of: 'shelf', id: 'ferrow' }, text('x'), 422],
    ['a panel that is not there', { of: 'panel', id: 'nowhere' }, text('x'), 404],
    ['no place', { of: 'panel', id: '' }, text('x'), 422],
    ['an empty file', { of: 'site', id: 'ferrow' }, text(''), 422],
    ['a program', { of: 'site', id: 'ferrow' }, { name: 'a.pdf', bytes: Buffer.from([0x7f, 0x45, 0x4c, 0x46, 0]) }, 422],
    ['no name', { of: 'site', id: 'ferrow' }, text('x', ' \u0000/'), 422],
  ])('is refused with %s', async (_, at, file, status) => {
    const before = await db.knex('documents').count('* as n').first();
    expect(await statusOf(addDocument(at, file, tester))).toBe(status);
    expect(await db.knex('documents').count('* as n').first()).toEqual(before);
  });

  it('is kept so often and no more', async () => {
    const at = { of: 'position', id: places.position };
    for (let i = 0; i < MOST_DOCUMENTS; i += 1) await addDocument(at, text(`sheet ${i}`), tester);
    expect(await statusOf(addDocument(at, text('one more'), tester))).toBe(422);
    expect(await statusOf(addDocument(at, text('sheet 7'), tester))).toBe(200);
    expect(await listDocuments(at)).toHaveLength(MOST_DOCUMENTS);
  });

  it('of a part keeps the file that brought the part from being taken back', async () => {
    const file = 'maker;order number;Rated current (A);Utilisation category\nTarnfield;TX-40;40;gG';
    const id = certain((await bringFile({ family: 'fuse', file, name: 'fuses.csv' }, tester)).id);
    const part = certain(await db.knex('parts').where({ import_id: id }).first());
    const { id: document } = await addDocument({ of: 'part', id: part.id }, text('AC-3 40 A'), tester);
    await expect(undoFile(id, tester)).rejects.toMatchObject({ status: 409, faults: [{ reason: expect.stringContaining('note.txt') }] });
    await removeDocument(document, tester);
    expect(await undoFile(id, tester)).toEqual({ undone: true });
  });
});
