/** Registers into figures, held against Node's own buffers. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { blocksOf, decode, lineVolts, mapFault, standInMap, widthOf, type RegisterForm, type RegisterMap } from './register-map';

const words = (buffer: Buffer) => [buffer.readUInt16BE(0), buffer.readUInt16BE(2)];
const plain = (form: RegisterForm) => ({ form, factor: 1 });

describe('registers', () => {
  it('floats and whole numbers agree with a buffer, in either order of words', () => {
    fc.assert(
      fc.property(fc.float({ noNaN: true, noDefaultInfinity: true }), fc.integer({ min: -(2 ** 31), max: 2 ** 31 - 1 }), (float, whole) => {
        const buffer = Buffer.alloc(4);
        buffer.writeFloatBE(float);
        expect(decode(words(buffer), plain('float32'))).toBe(float);
        expect(decode(words(buffer).reverse(), { ...plain('float32'), lowWordFirst: true })).toBe(float);
        buffer.writeInt32BE(whole);
        expect(decode(words(buffer), plain('int32'))).toBe(whole);
        expect(decode(words(buffer), plain('uint32'))).toBe(whole >>> 0);
        expect(decode(words(buffer), plain('int16'))).toBe(buffer.readInt16BE(0));
      }),
    );
  });
  it('a factor counts, too few registers are refused', () => {
    expect(decode([4012], { form: 'uint16', factor: 0.1 })).toBeCloseTo(401.2, 9);
    expect(() => decode([1], plain('float32'))).toThrow(RangeError);
  });
});

describe('a map', () => {
  it('of the stand-in is read in one request', () => expect(blocksOf(standInMap)).toEqual([{ table: 'input', start: 0, count: 20 }]));
  it('every entry lies whole in one block, and no block is too long', () => {
    const entry = fc.record({
      table: fc.constantFrom('input' as const, 'holding' as const),
      address: fc.integer({ min: 0, max: 60000 }),
      form: fc.constantFrom('float32' as const, 'uint16' as const, 'int32' as const),
      factor: fc.constant(1),
    });
    fc.assert(
      fc.property(fc.record({ u12: entry, u23: entry, u31: entry, hertz: entry }), (map: RegisterMap) => {
        const blocks = blocksOf(map);
        expect(mapFault(map)).toBeUndefined();
        for (const { table, address, form } of Object.values(map))
          expect(
            blocks.some((block) => block.table === table && block.start <= address && address + widthOf(form) <= block.start + block.count),
          ).toBe(true);
        expect(blocks.every(({ count }) => count <= 120)).toBe(true);
      }),
    );
  });
  it.each([
    ['nothing in it', {}, /empty/],
    ['a quantity that is none', { power: { table: 'input', address: 0, form: 'float32', factor: 1 } }, /no quantity/],
    ['an address beyond the last', { u12: { table: 'input', address: 65535, form: 'float32', factor: 1 } }, /address/],
    ['a factor of nothing', { u12: { table: 'input', address: 0, form: 'float32', factor: 0 } }, /factor/],
    ['a form that is none', { u12: { table: 'input', address: 0, form: 'text', factor: 1 } }, /form/],
    ['a table that is none', { u12: { table: 'coils', address: 0, form: 'uint16', factor: 1 } }, /holding/],
  ])('%s', (_, map, pattern) => expect(mapFault(map as unknown as RegisterMap)).toMatch(pattern));
  it('line volts only where all three are there', () => {
    expect(lineVolts({ u12: 400, u23: 401, u31: 399 })).toEqual([400, 401, 399]);
    expect(lineVolts({ u12: 400, u23: 401 })).toBeUndefined();
  });
});
