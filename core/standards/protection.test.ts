/** Published figures of protection, held against the publications (from memory) and against each other. */
import { describe, expect, it } from 'vitest';
import { contextOf } from '../judge-case';
import type { FieldValues } from '../case/case';
import { disconnectWithin } from '../overcurrent/earth-fault';
import { mouldedCase, serviceCapacityAmps } from './breaker-gates';
import { adiabaticK, awgSizes, circularMils, conductorPerMetre, conductorSizes, crossSectionMm2, mm2Sizes } from './conductors';
import { disconnectionSeconds } from './disconnection';
import { classesOfHolder, conventionalGg, gGGates, supplementaryInterruptingAmps, timeDelayGates, ulFuse } from './fuse-gates';
import { feederDeviceAmps, motorBranchPercent } from './motor-branch';
import { tripClassSeconds } from './overload-classes';
import { breakerSizes, fuseSizes } from './overcurrent-sizes';

describe('NFPA 70 240.6(A), 2023, from memory', () => {
  it('has 10 A for breakers, and 1, 3, 6 and 601 A for fuses beside the common list', () => {
    expect(breakerSizes.slice(0, 5)).toEqual([10, 15, 20, 25, 30]);
    expect(breakerSizes).not.toContain(601);
    for (const size of [1, 3, 6, 10, 601]) expect(fuseSizes).toContain(size);
    expect(breakerSizes).toHaveLength(38);
  });
});

describe('BS 7671 411.3.2, from memory', () => {
  it.each([
    [120, 'TN', 'final', 0.8],
    [230, 'TN', 'final', 0.4],
    [400, 'TN', 'final', 0.2],
    [690, 'TN', 'final', 0.1],
    [120, 'TT', 'final', 0.3],
    [230, 'TT', 'final', 0.2],
    [400, 'TT', 'final', 0.07],
    [690, 'TT', 'final', 0.04],
    [230, 'TN', 'distribution', 5],
    [230, 'TT', 'distribution', 1],
    [50, 'TN', 'final', undefined],
  ] as const)('%i V %s %s: %s s', (volts, system, circuit, seconds) => expect(disconnectionSeconds(volts, system, circuit)).toBe(seconds));
  it.each([
    [{ kind: 'socket-circuit', loadAmps: 32 }, 'TN-S', 0.4],
    [{ kind: 'socket-circuit', loadAmps: 80 }, 'TN-S', 5],
    [{ kind: 'resistive-heater', loadAmps: 32 }, 'TN-C-S', 0.4],
    [{ kind: 'resistive-heater', loadAmps: 40 }, 'TN-S', 5],
    [{ kind: 'distribution-board' }, 'TT', 1],
    [{ kind: 'socket-circuit', disconnectSeconds: 0.2 }, 'TN-S', 0.2],
    [{ kind: 'socket-circuit', disconnectSeconds: null }, 'TN-S', null],
  ] as [FieldValues, string, number | null][])('%j in %s: %s s', (load, grounding, seconds) =>
    expect(
      disconnectWithin(
        contextOf({
          practice: 'IEC',
          family: 'breaker',
          supply: { voltsToGround: 230, grounding, currentKind: 'ac' },
          load,
          duty: {},
          removed: null,
          candidates: [],
        }),
      ),
    ).toBe(seconds),
  );
});

describe('conductors', () => {
  it('AWG areas in circular mils (NFPA 70 chapter 9 table 8, from memory)', () => {
    for (const [size, mils] of [
      ['14 AWG', 4110],
      ['12 AWG', 6530],
      ['10 AWG', 10380],
      ['4/0 AWG', 211600],
      ['250 kcmil', 250000],
    ] as const)
      expect(Math.abs(circularMils(size)! / mils - 1), size).toBeLessThan(0.002);
  });
  it('2.5 mm² copper has 7.41 mohm a metre at 20 °C and about 8.87 at 70 (IEC 60228, from memory)', () => {
    expect(conductorPerMetre('2.5 mm²', 'copper', 20)!.r).toBeCloseTo(0.00741, 9);
    expect(conductorPerMetre('2.5 mm²', 'copper', 70)!.r).toBeCloseTo(0.00887, 4);
  });
  it('two tables agree, area by area; the largest sizes of the AC table are higher by skin effect', () => {
    const of = (size: string) => conductorPerMetre(size, 'copper', 20)!.r * crossSectionMm2(size)!;
    for (const size of conductorSizes) expect(Math.abs(of(size) / 0.0181 - 1), size).toBeLessThan(0.14);
  });
  it('thicker always conducts better, hotter never, in both metals', () => {
    for (const sizes of [mm2Sizes, awgSizes])
      for (const metal of ['copper', 'aluminium'] as const) {
        const found = sizes.flatMap((size) => conductorPerMetre(size, metal, 20)?.r ?? []);
        for (const [i, r] of found.entries()) if (i > 0) expect(r).toBeLessThan(found[i - 1]!);
        for (const size of sizes) {
          const [cold, hot] = [conductorPerMetre(size, metal, 20), conductorPerMetre(size, metal, 70)];
          if (cold) expect(hot!.r).toBeGreaterThan(cold.r);
        }
      }
  });
  it('what is in no table is undefined', () => {
    expect(conductorPerMetre('3 mm²', 'copper', 20)).toBeUndefined();
    expect(conductorPerMetre('14 AWG', 'aluminium', 20)).toBeUndefined();
    expect(circularMils('6 mm²')).toBeUndefined();
  });
  it('k of the adiabatic equation (IEC 60364-4-43, from memory)', () =>
    expect(adiabaticK).toMatchObject({ 'copper PVC': 115, 'copper XLPE': 143, 'aluminium PVC': 76, 'aluminium XLPE': 94 }));
});

describe('fuses', () => {
  it('gates of gG rise with the size and stand in order: holds before it melts', () => {
    for (const [i, gate] of gGGates.entries()) {
      const [amps, holds10, melts5, holdsTenth, meltsTenth] = gate;
      expect(conventionalGg(amps).holds * amps).toBeLessThan(holds10);
      expect(holds10).toBeLessThan(melts5);
      expect(holdsTenth).toBeLessThan(meltsTenth);
      if (i > 0) gate.forEach((value, k) => expect(value).toBeGreaterThan(gGGates[i - 1]![k]!));
    }
  });
  it('conventional currents of gG: 1.25 and 1.6 from 16 A, 1.9 below, 2.1 to 4 A; 1 to 4 hours', () => {
    expect([4, 10, 16, 100, 250, 500].map((amps) => conventionalGg(amps).melts)).toEqual([2.1, 1.9, 1.6, 1.6, 1.6, 1.6]);
    expect([63, 100, 250, 500].map((amps) => conventionalGg(amps).seconds / 3600)).toEqual([1, 2, 3, 4]);
  });
  it('UL 248-14 at 250 V: 35 to 1500 A by size', () =>
    expect([1, 3, 10, 15, 30, 31].map(supplementaryInterruptingAmps)).toEqual([35, 100, 200, 750, 1500, undefined]));
  it('time delay: J and R 10 s at 5 times, CC and G 12 s at twice, L 4 s at 5 times', () => {
    expect(timeDelayGates.J).toEqual({ multiple: 5, seconds: 10 });
    expect(timeDelayGates.CC).toEqual({ multiple: 2, seconds: 12 });
    expect(timeDelayGates.L).toEqual({ multiple: 5, seconds: 4 });
    expect(timeDelayGates.T).toBeUndefined();
  });
  it('R clips refuse H and K; H clips take R; plug types stand apart', () => {
    expect(classesOfHolder('R-rejection')).toEqual(['RK1', 'RK5']);
    expect(classesOfHolder('H')).toContain('RK5');
    expect(classesOfHolder('plug-S')).toEqual(['plug-S']);
  });
});

describe('breakers, relays, motors', () => {
  it.each([
    [4500, 4500],
    [6000, 6000],
    [10000, 7500],
    [7000, 6000],
    [15000, 7500],
    [25000, 12500],
  ])('Icn %i A: Ics %i A (IEC 60898-1, from memory)', (icn, ics) => expect(serviceCapacityAmps(icn)).toBe(ics));
  it('double current opens later the larger the size (UL 489, UL 248, from memory)', () => {
    for (const rows of [mouldedCase.doubleSeconds, ulFuse.doubleSeconds])
      for (const [i, [amps, seconds]] of rows.entries())
        if (i > 0) {
          expect(amps).toBeGreaterThan(rows[i - 1]![0]);
          expect(seconds).toBeGreaterThan(rows[i - 1]![1]);
        }
    expect(mouldedCase.doubleSeconds.find(([upTo]) => 20 <= upTo)![1]).toBe(120);
  });
  it('a class trips by its own number, and holds for less', () => {
    for (const [name, [holds, trips]] of Object.entries(tripClassSeconds)) {
      expect(trips).toBe(Number.parseInt(name, 10));
      if (holds !== null) expect(holds).toBeLessThan(trips);
    }
  });
  it('table 430.52 (NFPA 70, from memory)', () => {
    expect(motorBranchPercent.cage).toEqual({
      'non-time-delay-fuse': 300,
      'time-delay-fuse': 175,
      'instantaneous-breaker': 800,
      'inverse-time-breaker': 250,
    });
    expect(motorBranchPercent['direct-current']['instantaneous-breaker']).toBe(250);
  });
  it('feeder of annex D8: 110 + 40 + 40 and 60 + 34 + 40 A', () => {
    expect(feederDeviceAmps(110, [40, 40])).toBe(190);
    expect(feederDeviceAmps(60, [34, 40])).toBe(134);
  });
});
