/** The judgements on a branch: start, motor, cable, overload, clearing, interrupting, settings. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Band } from './band';
import { judgeBranch, type Branch, type CurveDevice } from './judge-branch';
import { generalPurposeFuse, miniatureBreaker, motorFuse, mouldedCaseBreaker, overloadRelay } from './models';
import { tripUnitBreaker, tripUnitDefaults } from './trip-unit';

describe('a branch on its curves', () => {
  const device = (label: string, band: Band, more: Partial<CurveDevice> = {}): CurveDevice => ({
    id: label,
    label,
    band,
    interruptingAmps: 10000,
    remarks: [],
    letThroughA2s: null,
    breaksFaults: true,
    ...more,
  });
  const relay = device('relay', overloadRelay('10', 20, false).band, { breaksFaults: false, interruptingAmps: null });
  const base: Branch = {
    devices: [device('D63', miniatureBreaker('D', 63).band), relay],
    start: { amps: 120, seconds: 2, firstPeakAmps: 216 },
    runningAmps: 20,
    stallSeconds: 18,
    cableA2s: (115 * 25) ** 2,
    cableAmps: 100,
    highestFaultAmps: 3000,
    lowestFaultAmps: 900,
    leastFaultToEarth: true,
    nema: false,
    clearWithinSeconds: 5,
  };
  const verdicts = (branch: Branch) => Object.fromEntries(judgeBranch(branch).map(({ id, verdict }) => [id, verdict]));
  it('fits all round', () =>
    expect(verdicts(base)).toEqual({
      carries: 'fits',
      starts: 'fits',
      motor: 'fits',
      cable: 'fits',
      overload: 'fits',
      clears: 'fits',
      interrupts: 'fits',
    }));
  it('an earlier letter may trip at the start', () =>
    expect(verdicts({ ...base, devices: [device('B63', miniatureBreaker('B', 63).band), relay] }).starts).toBe('check'));
  it('a start that lasts too long trips the relay', () =>
    expect(verdicts({ ...base, start: { amps: 144, seconds: 11, firstPeakAmps: 250 } }).starts).toBe('fails'));
  it('a stall shorter than the class is not protected', () => expect(verdicts({ ...base, stallSeconds: 6 }).motor).toBe('fails'));
  it('a weak far-end fault is not cleared', () =>
    expect(verdicts({ ...base, lowestFaultAmps: 300, clearWithinSeconds: 0.4 }).clears).toBe('fails'));
  it('a thin cable is not protected', () =>
    expect(verdicts({ ...base, cableA2s: (115 * 0.5) ** 2, highestFaultAmps: 300 }).cable).toBe('fails'));
  it('above what is tabulated the let-through decides', () => expect(verdicts({ ...base, highestFaultAmps: 9500 }).cable).toBe('check'));
  it('a relay alone breaks nothing', () =>
    expect(verdicts({ ...base, devices: [relay] })).toMatchObject({ cable: 'fails', clears: 'fails', interrupts: 'fails' }));
  it('too small an interrupting rating fails, an unknown one is not known', () => {
    expect(verdicts({ ...base, highestFaultAmps: 12500 }).interrupts).toBe('fails');
    expect(verdicts({ ...base, devices: [device('x', miniatureBreaker('D', 32).band, { interruptingAmps: null })] }).interrupts).toBe(
      'not-known',
    );
  });
  it('what is not known stays so', () => {
    const blank: Branch = {
      ...base,
      start: null,
      runningAmps: null,
      stallSeconds: null,
      cableA2s: null,
      cableAmps: null,
      highestFaultAmps: null,
      lowestFaultAmps: null,
      clearWithinSeconds: null,
    };
    expect(new Set(Object.values(verdicts(blank)))).toEqual(new Set(['not-known']));
  });
  it('no published holding time is not known, never a fit', () =>
    expect(verdicts({ ...base, devices: [device('UL 40', mouldedCaseBreaker(40, 10).band)] }).starts).toBe('not-known'));
  it('raising the fault current never turns a fail into a fit; a later fault limit neither', () => {
    fc.assert(
      fc.property(fc.double({ min: 100, max: 20000, noNaN: true }), fc.double({ min: 1, max: 20000, noNaN: true }), (fault, more) => {
        const [a, b] = [verdicts({ ...base, highestFaultAmps: fault }), verdicts({ ...base, highestFaultAmps: fault + more })];
        return !(a.interrupts === 'fails' && b.interrupts !== 'fails') && !(a.cable === 'fails' && b.cable === 'fits');
      }),
    );
  });

  it('a known let-through decides above what is tabulated', () => {
    const above = { ...base, highestFaultAmps: 9500, cableA2s: (115 * 6) ** 2 };
    const fuse = (letThroughA2s: number | null) => device('fuse', generalPurposeFuse(32)!.band, { letThroughA2s });
    expect(verdicts({ ...above, devices: [fuse(6000), relay] }).cable).toBe('fits');
    expect(verdicts({ ...above, devices: [fuse(900000), relay] }).cable).toBe('fails');
    expect(verdicts({ ...above, devices: [fuse(null), relay] }).cable).toBe('check');
    // Of two in series the better one counts; one unknown leaves a bad one open.
    expect(verdicts({ ...above, devices: [fuse(900000), { ...fuse(6000), id: 'other' }] }).cable).toBe('fits');
    expect(verdicts({ ...above, devices: [fuse(900000), { ...fuse(null), id: 'other' }] }).cable).toBe('check');
  });
  it('an overloaded cable: gG 80 opens at 1.6 times itself, which must be within 1.45 times the cable (IEC 60364-4-43 433.1)', () => {
    const fuse = device('fuse', generalPurposeFuse(80)!.band);
    expect(verdicts({ ...base, devices: [fuse], cableAmps: 89 }).overload).toBe('fits');
    expect(verdicts({ ...base, devices: [fuse], cableAmps: 87 }).overload).toBe('fails');
    expect(verdicts({ ...base, devices: [fuse], cableAmps: 87, nema: true }).overload).toBe('check');
    expect(verdicts({ ...base, devices: [fuse, relay], cableAmps: 87 }).overload).toBe('fits');
  });
  it('an aM fuse leaves overload to the relay', () => {
    const fuse = device('aM', motorFuse(32).band);
    expect(verdicts({ ...base, devices: [fuse], cableAmps: 40 }).overload).toBe('fails');
    expect(verdicts({ ...base, devices: [fuse, relay], cableAmps: 40 }).overload).toBe('fits');
  });
  it('an earth-fault function clears a fault to earth, and no other', () => {
    const unit = tripUnitBreaker({ ...tripUnitDefaults(800), groundFaultAmps: 320, groundFaultSeconds: 0.3 }, 800);
    const breaker = device('LSIG', unit.band, { earthBand: unit.earthBand, remarks: unit.remarks });
    const far = { ...base, devices: [breaker], lowestFaultAmps: 1500, clearWithinSeconds: 0.5 };
    expect(verdicts(far).clears).toBe('fits');
    expect(verdicts({ ...far, leastFaultToEarth: false }).clears).toBe('fails');
    expect(verdicts({ ...far, lowestFaultAmps: 340 }).clears).toBe('fails');
  });
  it('what is said of settings is a line of its own, and only then', () => {
    expect(verdicts(base)).not.toHaveProperty('settings');
    const unit = (maintenance: boolean) => {
      const { band, remarks } = tripUnitBreaker(tripUnitDefaults(400), 400, { maintenance });
      return device('LSI', band, { remarks });
    };
    expect(verdicts({ ...base, devices: [unit(false)] }).settings).toBe('fits');
    expect(verdicts({ ...base, devices: [unit(true), relay] }).settings).toBe('check');
  });
});
