/** The catalogue that is looked through in SQL is what the same filters hold in memory, page after page, each part once. */
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { filterFields, holdsFilter, type PartFilter } from '../core/catalogue/part-filters';
import { families } from '../core/families/registry';
import { partsOfFamily } from './catalogue';
import { partsCount, partsPage, type After } from './parts-list';
import { demoDatabase, type TestDatabase } from './test-database';

let db: TestDatabase;
beforeAll(async () => {
  db = await demoDatabase();
});
afterAll(() => db.drop());

/** Every part of a list, page after page. */
async function wholeList(family: string, filters: PartFilter[], most: number): Promise<string[]> {
  const ids: string[] = [];
  for (let after: After | undefined; ;) {
    const page = await partsPage(db.knex, { family, words: [], filters, most, ...(after ? { after } : {}) });
    ids.push(...page.map(({ id }) => id));
    after = page.at(-1);
    if (page.length < most) return ids;
  }
}

describe.each(families.map(({ id }) => id))('%s', (family) => {
  it('is the same by random filters as in memory, in the order of the names', async () => {
    const parts = await partsOfFamily(db.knex, family);
    const fields = filterFields(families.find(({ id }) => id === family)!.fields);
    // Values that some part has, and ranges around them.
    const filter = fc
      .tuple(fc.constantFrom(...parts), fc.constantFrom(...fields), fc.boolean())
      .map(([{ raw }, field, open]): PartFilter => {
        const mark: unknown = raw[field.name];
        if (field.kind === 'number') {
          const at = typeof mark === 'number' ? mark : 1;
          return { name: field.name, kind: 'range', atLeast: at, atMost: open ? null : at };
        }
        if (field.kind === 'flag') return { name: field.name, kind: 'flag', flag: mark === true };
        const word = (Array.isArray(mark) ? mark : [mark]).find((one) => typeof one === 'string') ?? field.words?.[0] ?? '';
        return { name: field.name, kind: 'word', word: String(word), list: field.kind === 'words' };
      });
    await fc.assert(
      fc.asyncProperty(fc.array(filter, { maxLength: 3 }), async (filters) => {
        const held = parts
          .filter(({ raw }) => filters.every((one) => holdsFilter(raw, one)))
          .sort((a, b) => Buffer.compare(Buffer.from(a.name), Buffer.from(b.name)) || Buffer.compare(Buffer.from(a.id), Buffer.from(b.id)))
          .map(({ id }) => id);
        expect(await wholeList(family, filters, Math.max(7, Math.ceil(held.length / 3)))).toEqual(held);
        expect(await partsCount(db.knex, { family, words: [], filters, most: 1 }, 1001)).toBe(Math.min(1001, held.length));
      }),
      { numRuns: 6 },
    );
  });
});

it('words, in what a part is known by, hold with the filters', async () => {
  const found = await partsPage(db.knex, {
    family: 'contactor',
    words: ['nettlecombe', 'n3'],
    filters: [{ name: 'poles', kind: 'range', atLeast: 3, atMost: 3 }],
    most: 100,
  });
  expect(found.length).toBeGreaterThan(0);
  expect(found.every(({ name, raw }) => name.startsWith('Nettlecombe N3') && raw.poles === 3)).toBe(true);
});

it('where no site takes parts of the demo, none of them is shown', async () => {
  await db.knex('sites').update({ demo_parts: false });
  expect(await partsPage(db.knex, { family: 'contactor', words: [], filters: [], most: 5 })).toEqual([]);
  await db.knex('sites').update({ demo_parts: true });
});
