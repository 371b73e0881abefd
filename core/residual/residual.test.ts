/** What leaks behind a front end, which types serve it, and that the drawing of sensing agrees with the published table. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { electronicsKinds, residualTypes } from '../fields/residual-fields';
import {
  pulsatingTrip,
  residualOrder,
  residualSeconds,
  smoothTrip,
  standingShare,
  typeDetects,
  type LeakageWave,
} from '../standards/residual-current';
import { frontEndOf, smoothDcBound, typesFor } from './leakage';
import { currentTrace, fluxTrace, leakageLike, seenShare, sees, withSmooth } from './sensing';

describe('published figures (IEC 61008-1, IEC 62423, BS 7671, from memory)', () => {
  it('each type detects all that the one before does', () => {
    residualOrder.forEach((type, i) => {
      const before = residualOrder[i - 1];
      if (before) expect(typeDetects[type]).toEqual(expect.arrayContaining([...typeDetects[before]]));
    });
    expect(residualOrder).toEqual(residualTypes);
  });
  it('F does not cover smooth direct current, B does', () => {
    expect(typeDetects.F).not.toContain('smooth-dc');
    expect(typeDetects.B).toContain('smooth-dc');
  });
  it('times: 300, 150, 40 ms and S 500, 200, 150 ms, not before 130, 60, 50 ms', () => {
    expect(residualSeconds.general).toEqual({ atOnce: 0.3, atTwice: 0.15, atFive: 0.04 });
    expect(residualSeconds.S).toEqual({ atOnce: 0.5, atTwice: 0.2, atFive: 0.15, least: [0.13, 0.06, 0.05] });
  });
  it('30 % advised, half at the most; pulsating by 1.4, smooth by 2', () => {
    expect(standingShare).toEqual({ advised: 0.3, most: 0.5 });
    expect([pulsatingTrip.above, smoothTrip]).toEqual([1.4, [0.5, 2]]);
  });
});

describe('front ends', () => {
  it.each([
    [{ kind: 'variable-speed-drive' }, 1, 'single-phase-converter', true],
    [{ kind: 'variable-speed-drive' }, 3, 'three-phase-rectifier', true],
    [{ kind: 'motor-3ph', starter: 'variable-speed-drive' }, 3, 'three-phase-rectifier', true],
    [{ kind: 'battery-charger' }, 1, 'single-phase-rectifier', false],
    [{ kind: 'socket-circuit' }, 1, 'single-phase-rectifier', false],
    [{ kind: 'solid-state-switch' }, 1, 'phase-control', false],
    [{ kind: 'socket-circuit', electronics: 'ev-charger' }, 1, 'ev-charger', true],
    [{ kind: 'socket-circuit', electronics: 'none' }, 1, 'none', true],
  ] as const)('%o on %i phases: %s', (load, phases, electronics, sure) =>
    expect(frontEndOf(load, { phases })).toMatchObject({ electronics, sure }),
  );
  it('stated and worn is not known; a motor says nothing', () => {
    expect(frontEndOf({ kind: 'socket-circuit', electronics: null }, {})).toBeNull();
    expect(frontEndOf({ kind: 'motor-3ph' }, { phases: 3 })).toBeUndefined();
  });
  it.each([
    [{ smoothDcLimitMilliamps: 6 }, 6],
    [{ plateWords: 'AC 32 A, RDC-DD 6 mA DC built in' }, 6],
    [{ plateWords: 'IP 54' }, undefined],
    [{ smoothDcLimitMilliamps: null, plateWords: 'RDC-DD' }, null],
  ] as const)('smooth DC of %o: %s', (load, bound) => expect(smoothDcBound(load)).toBe(bound));
  it('a bound never takes a type away, a smaller one never serves fewer', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...electronicsKinds),
        fc.integer({ min: 0, max: 30 }),
        fc.integer({ min: 0, max: 30 }),
        (electronics, a, b) => {
          const [low, high] = [Math.min(a, b), Math.max(a, b)];
          const { serves: without } = typesFor(electronics);
          const { serves: more } = typesFor(electronics, low);
          expect(more).toEqual(expect.arrayContaining(without));
          expect(more).toEqual(expect.arrayContaining(typesFor(electronics, high).serves));
        },
      ),
    );
  });
});

describe('the drawing agrees with the table', () => {
  /** Multiples at which each waveform must trip a type that detects it. */
  const at: Record<LeakageWave, number> = {
    sine: 1,
    'pulsating-dc': 1.4,
    'phase-cut': 1.4,
    'mixed-frequency': 1.4,
    'smooth-dc': 2,
    'high-frequency': 1.4,
  };
  const waves = Object.keys(at) as LeakageWave[];
  it.each(residualTypes.flatMap((type) => waves.map((wave) => [type, wave] as const)))('type %s, %s', (type, wave) =>
    expect(sees(type, leakageLike(wave, at[wave]))).toBe(typeDetects[type].includes(wave)),
  );
  it.each(residualTypes)('type %s holds at half a sine', (type) => expect(sees(type, leakageLike('sine', 0.5))).toBe(false));
  it('a type A stands 6 mA of 30 under a sine (IEC 61008-1, from memory), a type AC is blinded by as much as its rating', () => {
    expect(sees('A', withSmooth(leakageLike('sine', 1), 6 / 30))).toBe(true);
    expect(sees('AC', withSmooth(leakageLike('sine', 1), 1))).toBe(false);
    expect(sees('A', withSmooth(leakageLike('sine', 1), 5))).toBe(false);
  });
  it('more smooth direct current never lets a type AC or A see more of a sine', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('AC' as const, 'A' as const),
        fc.double({ min: 0, max: 8, noNaN: true }),
        fc.double({ min: 0, max: 8, noNaN: true }),
        (type, a, b) => {
          const seen = (smooth: number) => seenShare(type, withSmooth(leakageLike('sine', 1), smooth));
          expect(seen(Math.max(a, b))).toBeLessThanOrEqual(seen(Math.min(a, b)) + 1e-9);
        },
      ),
    );
  });
  it('the current repeats and the flux never leaves saturation', () => {
    const trace = currentTrace(leakageLike('pulsating-dc', 1));
    expect(Math.min(...trace.map(({ value }) => value))).toBe(0);
    expect(Math.max(...trace.map(({ value }) => value))).toBeCloseTo(2, 2);
    for (const { value } of fluxTrace('AC', leakageLike('sine', 40))) expect(Math.abs(value)).toBeLessThanOrEqual(1);
  });
});
