/** Worn marks: ranked candidates, and every recovery leads to a worksheet that exists and fits its field. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plates } from '../families/plates';
import { supplyFields } from '../fields/supply-fields';
import { worksheetOf } from '../worksheets/registry';
import { coilSizes, coilVoltCandidates } from './coil-volts';
import { guides, sheetRecoveries } from './recoveries';

const best = (...args: Parameters<typeof coilVoltCandidates>) => coilVoltCandidates(...args)[0]!.volts;

describe('coil volts from resistance', () => {
  // common practice: 6 V on 58.8 ohm is 0.102 A; 24 V on 700 ohm is 0.034 A
  it.each([
    [58.8, 6],
    [700, 24],
    [160, 12],
    [2600, 48],
  ])('%d ohm of a small DC relay: %d V first', (ohms, volts) => expect(best(ohms, 'dc', 'small relay')).toBe(volts));
  it('is never one number, whatever the circuit has', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 1e5, noNaN: true }),
        fc.constantFrom(...coilSizes),
        fc.constantFrom('dc' as const, 'ac' as const),
        fc.constantFrom(12, 24, 48, 110, 120, 230),
        (ohms, size, kind, circuit) => coilVoltCandidates(ohms, kind, size, circuit).length !== 1,
      ),
    );
    expect(coilVoltCandidates(639.7, 'dc', 'small relay', 24).length).toBeGreaterThan(1);
  });
  it('is never one number', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 1e5, noNaN: true }),
        fc.constantFrom(...coilSizes),
        fc.constantFrom('dc' as const, 'ac' as const),
        (ohms, size, kind) => coilVoltCandidates(ohms, kind, size).length !== 1,
      ),
    );
  });
  it('shares are ranked and leave room for none of them', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 1e5, noNaN: true }), fc.constantFrom(...coilSizes), (ohms, size) => {
        const shares = coilVoltCandidates(ohms, 'dc', size).map(({ share }) => share);
        return shares.every((share, i) => i === 0 || share <= shares[i - 1]!) && shares.reduce((a, b) => a + b, 0) <= 0.9 + 1e-9;
      }),
    );
  });
  it('more ohms never speak for fewer volts', () => {
    fc.assert(
      fc.property(fc.double({ min: 2, max: 5e4, noNaN: true }), fc.double({ min: 1, max: 10, noNaN: true }), (ohms, times) => {
        const [low, high] = [coilVoltCandidates(ohms, 'dc', 'small relay'), coilVoltCandidates(ohms * times, 'dc', 'small relay')];
        return low.length === 0 || high.length === 0 || high[0]!.volts >= low[0]!.volts;
      }),
    );
  });
  it('the circuit lifts its own volts', () => {
    const share = (circuit?: number) => coilVoltCandidates(400, 'dc', 'small relay', circuit).find(({ volts }) => volts === 24)?.share ?? 0;
    expect(share(24)).toBeGreaterThan(share());
    expect(share(12)).toBeLessThan(share());
  });
  it('AC narrows less than DC', () => {
    const top = (kind: 'ac' | 'dc') => coilVoltCandidates(kind === 'ac' ? 240 : 700, kind, 'small relay')[0]!.share;
    expect(top('ac')).toBeLessThan(top('dc'));
  });
});

describe('recoveries', () => {
  const fields = new Set([...plates.flatMap((plate) => plate.fields.map(({ id }) => id)), ...supplyFields.map(({ name }) => name)]);
  it.each(Object.entries(sheetRecoveries).flatMap(([field, all]) => all.map((one) => [field, one] as const)))(
    '%s by a worksheet that has its output',
    (field, { sheet, output, prefill }) => {
      expect(fields.has(field)).toBe(true);
      const found = worksheetOf(sheet)!;
      const sample = Object.fromEntries(found.inputs.map((input) => [input.name, input.sample]));
      const names = found.compute(sample).outputs.map(({ name }) => name);
      expect(output.startsWith('*') ? names.some((name) => name.startsWith(output.slice(1))) : names.includes(output)).toBe(true);
      const inputs = new Set(found.inputs.map(({ name }) => name));
      const given = prefill({
        load: { horsepower: { state: 'read', value: 10 } },
        removed: {},
        supply: { systemVolts: { state: 'read', value: 480 } },
      });
      for (const name of Object.keys(given)) expect(inputs.has(name), `${sheet} ${name}`).toBe(true);
    },
  );
  it.each(Object.entries(guides))('%s says between which points', (field, { points, condition }) => {
    expect(points.length).toBeGreaterThan(30);
    expect(['dead', 'bench', 'papers', 'live by the site’s rules']).toContain(condition);
    expect(fields.has(field) || ['coilAmps', 'asFoundOhms', 'functionWords'].includes(field)).toBe(true);
  });
  it('nothing live comes without the drawing or a guard', () => {
    for (const { points, condition } of Object.values(guides)) if (condition.startsWith('live')) expect(points).toMatch(/drawing|guard/);
  });
});
