/** What a use case is handed holds the names that its form declares, whatever else was sent: nothing undeclared becomes a column. */
import * as yup from 'yup';
import { describe, expect, it } from 'vitest';
import { routes } from './interface/routes';
import { validate } from './validate';

describe('names that a form does not declare', () => {
  const form = yup.object({ name: yup.string().strict().required(), note: yup.string().strict() });
  it.each(['', 'extra', 'id', 'x y', '"', 'name '])('%j is passed over', async (odd) => {
    const sent = { name: 'a', [odd]: 'b' };
    expect(await validate(form, sent)).toEqual({ name: 'a' });
    expect(sent).toHaveProperty([odd]);
  });

  const open = routes.flatMap(({ method, path, body }) => {
    const schema = body && 'schema' in body ? body.schema : undefined;
    return schema instanceof yup.ObjectSchema ? [{ name: `${method} ${path}`, schema }] : [];
  });
  it('has forms to hold against', () => expect(open.length).toBeGreaterThan(30));
  // Nothing but undeclared names: what is not refused for what is missing hands on nothing.
  it.each(open)('$name', async ({ schema }) => {
    const handed = await validate(schema, { '': 1, 'no such name': 2 }).catch(() => ({}));
    expect(Object.keys(handed).filter((name) => !Object.hasOwn(schema.fields, name))).toEqual([]);
  });
});
