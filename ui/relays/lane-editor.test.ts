import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { traceFault, type Trace } from '@/core/timing/trace';
import { toggled } from './LaneEditor';

describe('changes clicked into a lane', () => {
  it('a click adds a change, a click on it takes it away', () => {
    expect(toggled([], 3, 0.2)).toEqual([[3, 1]]);
    expect(toggled([[3, 1]], 7, 0.2)).toEqual([
      [3, 1],
      [7, 0],
    ]);
    expect(
      toggled(
        [
          [3, 1],
          [7, 0],
        ],
        3.1,
        0.2,
      ),
    ).toEqual([[7, 1]]);
  });
  it('whatever is clicked, the trace stays one', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 60, noNaN: true }), { maxLength: 30 }), (clicks) => {
        const trace = clicks.reduce<Trace>((sum, at) => toggled(sum, at, 0.5), []);
        expect(traceFault(trace)).toBeUndefined();
        trace.forEach(([, state], i) => expect(state).toBe(i % 2 === 0 ? 1 : 0));
      }),
    );
  });
});
