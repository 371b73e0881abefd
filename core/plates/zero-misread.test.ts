/** Which figures put a zero in doubt: common practice. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plateOf } from '../families/plates';
import { usualOf, zeroInDoubt } from './zero-misread';

const field = (plate: string, id: string) => plateOf(plate)!.fields.find((one) => one.id === id)!;
const doubt = (plate: string, id: string, value: Parameters<typeof zeroInDoubt>[1]) => zeroInDoubt(field(plate, id), value, plate);

describe('a zero in doubt', () => {
  it.each([
    ['fuse', 'voltsAc', 660, true],
    ['fuse', 'voltsAc', 600, false],
    ['run-capacitor', 'ratedVolts', 660, false],
    ['run-capacitor', 'faultCurrentAmps', 16000, true],
    ['run-capacitor', 'faultCurrentAmps', 10600, true],
    ['breaker', 'ratedVolts', [120, 246], true],
    ['breaker', 'ratedVolts', [120, 240], false],
    ['breaker', 'wireTempC', [66, 75], true],
    ['motor-3ph', 'plateVolts', '236/466', true],
    ['motor-3ph', 'plateVolts', '208-230/460', false],
    // Unusual, and near no usual one: an odd plate is not put in doubt for being odd.
    ['motor-3ph', 'plateVolts', 433, false],
    // No list is kept of motor amps.
    ['motor-3ph', 'fullLoadAmps', 66, false],
    ['fuse', 'voltsAc', undefined, false],
  ] as const)('%s %s %j: %s', (plate, id, value, expected) =>
    expect(doubt(plate, id, value as Parameters<typeof zeroInDoubt>[1])).toBe(expected),
  );
  it('a usual figure with any of its zeros read as 6 or 8 is another usual one, or in doubt', () => {
    const usual = usualOf(field('fuse', 'voltsAc'), 'fuse')!;
    fc.assert(
      fc.property(fc.constantFrom(...usual), fc.array(fc.constantFrom('0', '6', '8'), { minLength: 4, maxLength: 4 }), (figure, seen) => {
        let at = 0;
        const misread = Number(String(figure).replace(/(?<=.)0/g, () => seen[at++]!));
        expect(doubt('fuse', 'voltsAc', misread)).toBe(!usual.has(misread));
      }),
    );
  });
});
