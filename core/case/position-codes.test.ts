/** The user's own letters: what is kept, what is refused, and that nothing is assumed of a maker that is not there. */
import { describe, expect, it } from 'vitest';
import { meaningsOf, positionRowsSchema, type PositionTable } from './position-codes';

const row = (code: string, more: object = {}) => ({ code, bay: 'left', function: 'closing-coil', note: '', ...more });
const fault = (rows: unknown) =>
  positionRowsSchema.validate(rows).then(
    () => undefined,
    (error: Error) => error.message,
  );

describe('rows', () => {
  it('are kept with their bay and note, which may be empty', async () => {
    expect(await positionRowsSchema.validate([{ code: 'Z1', function: 'shunt-trip' }])).toEqual([
      { code: 'Z1', bay: '', function: 'shunt-trip', note: '' },
    ]);
    expect(await positionRowsSchema.validate([row(' Z1 ')])).toEqual([row('Z1')]);
    expect(await fault([])).toBeUndefined();
  });
  it.each([
    [[row('Z1'), row('z1')], 'stands twice'],
    [[row('Z1', { function: 'opens it' })], 'is not known'],
    [[row('')], 'no letter code'],
    [[row('ABCDEFGHIJKLM')], 'longer than 12'],
    [[row('Z1', { note: 'x'.repeat(201) })], 'longer than 200'],
    [Array.from({ length: 61 }, (_, i) => row(`Z${i}`)), 'At most 60'],
    [undefined, 'missing'],
  ])('%#: refused in words', async (rows, words) => expect(await fault(rows)).toContain(words));
});

describe('what is no row at all', () => {
  it.each([
    [[null]],
    [[{ code: { a: 1 }, bay: '', function: 'shunt-trip' }]],
    [[{ code: 'A', bay: {}, function: 'shunt-trip', note: [] }]],
    [[7]],
    [{}],
  ])('%j is refused in words', (rows) =>
    expect(positionRowsSchema.validate(rows, { abortEarly: false })).rejects.toMatchObject({ name: 'ValidationError' }),
  );
});

describe('meanings', () => {
  const tables = [
    { maker: 'One', version: 1, rows: [row('Z1')] },
    { maker: 'Other', version: 3, rows: [row('z1', { function: 'undervoltage-release' }), row('Z2')] },
  ] as PositionTable[];
  it('the same letters may mean something else with another maker: both are told', () =>
    expect(meaningsOf(tables, ' Z1 ').map(({ maker, function: fn }) => [maker, fn])).toEqual([
      ['One', 'closing-coil'],
      ['Other', 'undervoltage-release'],
    ]));
  it('letters that stand nowhere mean nothing', () => expect(meaningsOf(tables, 'Z9')).toEqual([]));
});
