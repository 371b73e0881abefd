/** Wire ranges as terminals print them: gauges from the smaller conductor to the larger, or mm². What might be either is not read. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plateOf } from '../families/plates';
import { gaugeOf } from '../quantities/wire-gauge';
import { parsePlate } from './parse-plate';

const rangeIn = (text: string): unknown => parsePlate(text, plateOf('contactor')!).readings.wireRangeMm2?.value;

describe('a wire range', () => {
  it.each(['AWG 14-8', 'CU ONLY 14-8 AWG', 'WIRE RANGE 14 TO 8 AWG'])('%s is in gauges', (text) =>
    expect((rangeIn(text) as number[]).map((mm2) => gaugeOf(mm2))).toEqual(['14 AWG', '8 AWG']),
  );
  it.each(['0.75-4 MM²', 'WIRE RANGE 0.75-4 MM2'])('%s is in mm²', (text) => expect(rangeIn(text)).toEqual([0.75, 4]));
  it('of gauges the wrong way round, or of bare figures, is never one of mm²', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 29 }),
        fc.integer({ min: 1, max: 29 }),
        fc.constantFrom('AWG', 'WIRE RANGE', 'CU ONLY'),
        (a, b, name) => ((rangeIn(`${name} ${a}-${b}`) as number[] | undefined) ?? []).every((mm2) => gaugeOf(mm2) !== undefined),
      ),
    ));
});
