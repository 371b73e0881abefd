/** The file of parts follows the fields: a family's every field is a column, with its unit and what is accepted. */
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { families } from '../families/registry';
import { num } from '../fields/field';
import { columnsOf, NOTE, templateCsv } from './columns';

describe.each(families.map((family) => [family.id, family] as const))('%s', (_, family) => {
  const { data } = Papa.parse<string[]>(templateCsv(family).trim());
  it('has a column for each field, each once, after the two that name the part', () => {
    expect(data[0]!.slice(2)).toEqual(family.fields.map(({ name }) => name));
    expect(new Set(data[0]).size).toBe(data[0]!.length);
  });
  it('says of each column what it is, in lines that a reader leaves out', () => {
    for (const line of data.slice(1)) expect([line[0]!.startsWith(NOTE), line.length]).toEqual([true, data[0]!.length]);
    for (const [i, field] of family.fields.entries()) expect(data[1]![i + 2]).toBe(field.label);
  });
});
it('a field added to a family is a column of its file', () => {
  const [family] = families;
  const added = num('arcEnergyJoules', 'Arc energy', 'J', { min: 0, max: 1000 }, 'Energy that it stands.');
  expect(columnsOf({ fields: [...family!.fields, added] }).at(-1)).toMatchObject({
    name: 'arcEnergyJoules',
    label: 'Arc energy',
    unit: 'J',
  });
});
