/** Deeds of a store and what it orders. Least and most as such are common practice. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { deedFormSchema, deeds, limitsFormSchema } from './ledger';
import { toOrder } from './reorder';

const held = fc.record({
  lying: fc.nat(500),
  wanted: fc.nat(50),
  onOrder: fc.nat(200),
  limits: fc.option(fc.tuple(fc.nat(50), fc.nat(100)).map(([least, more]) => ({ least, most: least + more }))),
});

describe('what to order', () => {
  it('brings the store to its most, or to what jobs want, and never beyond', () => {
    fc.assert(
      fc.property(held, ({ limits, ...rest }) => {
        const one = { ...rest, least: limits?.least ?? null, most: limits?.most ?? null };
        const pieces = toOrder(one);
        const free = one.lying + one.onOrder - one.wanted;
        expect(pieces).toBeGreaterThanOrEqual(0);
        if (pieces > 0) expect(free + pieces).toBe(limits && free < limits.least ? limits.most : 0);
        else expect(free).toBeGreaterThanOrEqual(limits?.least ?? 0);
        // What it says is enough: ordered, nothing more is asked for.
        expect(toOrder({ ...one, onOrder: one.onOrder + pieces })).toBe(0);
      }),
    );
  });
});

describe('what a deed asks for', () => {
  const right = { deed: 'receive', place: 'bin 1', quantity: 1, to: '', why: '' };
  const faults = async (change: object) =>
    deedFormSchema.validate({ ...right, ...change }, { abortEarly: false }).then(
      () => [],
      ({ errors }: { errors: string[] }) => errors,
    );
  it.each(deeds.filter((deed) => deed !== 'move' && deed !== 'correct'))('%s is taken with place and quantity', async (deed) => {
    expect(await faults({ deed })).toEqual([]);
  });
  it('says what is missing or impossible', async () => {
    expect(await faults({ quantity: 0 })).toEqual(['quantity is 1 at least.']);
    expect(await faults({ deed: 'count', quantity: 0 })).toEqual([]);
    expect(await faults({ deed: 'count', quantity: -1 })).toEqual(['quantity is 0 at least.']);
    expect(await faults({ quantity: 1.5 })).toEqual(['quantity is a whole number.']);
    expect(await faults({ deed: 'move' })).toEqual(['to is missing: where do they go?']);
    expect(await faults({ deed: 'move', to: 'bin 1' })).toEqual(['to is where they lie already.']);
    expect(await faults({ deed: 'correct', quantity: -2 })).toEqual(['why is missing: a correction says why.']);
    expect(await faults({ deed: 'correct', quantity: 0, why: 'lost' })).toEqual(['quantity is nothing: a correction changes something.']);
    expect(await faults({ place: '  ' })).toHaveLength(1);
  });
  it('limits belong together and in order', async () => {
    const refused = (least: number | null, most: number | null) => limitsFormSchema.isValid({ least, most }).then((valid) => !valid);
    expect(await refused(2, 5)).toBe(false);
    expect(await refused(null, null)).toBe(false);
    expect(await refused(5, 2)).toBe(true);
    expect(await refused(null, 2)).toBe(true);
    expect(await refused(2, null)).toBe(true);
  });
});
