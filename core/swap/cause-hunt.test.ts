/** The hunt for a cause: what is asked, and what settles it. Common practice. */
import { describe, expect, it } from 'vitest';
import type { Reading } from '../readings/reading';
import { families, familyOf } from '../families/registry';
import { contextOf } from '../judge-case';
import { askedNeeds, judgePart } from '../matching/judge';
import { caseOfSwap, removedSpec } from './case-from-swap';
import { causeVerdict } from './cause';
import { causeHuntOf } from './cause-hunt';
import { emptySwap, type SwapState } from './swap';

const read = (value: Reading['value']): Reading => ({ state: 'read', value });
const motor = { ...emptySwap('overload-relay', 'motor-3ph'), load: { fullLoadAmps: read(14) } };
const residual = { ...emptySwap('residual-current', 'socket-circuit'), removed: { sensitivityMilliamps: read(30) } };
const feeder = { ...emptySwap('fuse', 'conductor-feeder'), removed: { ratedAmps: read(6) } };
const curved = (curve: string, ratedAmps: number) => ({
  ...emptySwap('breaker', 'conductor-feeder'),
  removed: { curve: read(curve), ratedAmps: read(ratedAmps), standard: read('IEC 60898-1') },
});
const causesOf = (state: SwapState) => causeHuntOf(state)!.causes;
const ids = (state: SwapState) => causesOf(state).map(({ id }) => id);
const cause = (state: SwapState, id: string) => causesOf(state).find((one) => one.id === id)!;

describe('what is asked', () => {
  it('of a motor: phase, shaft and plate amps; of a circuit: its load', () => {
    expect(ids(motor)).toEqual(
      expect.arrayContaining([
        'single-phasing',
        'locked-load',
        'overload',
        'earth-fault',
        'inrush',
        'loose-terminal',
        'wrong-speed',
        'ambient',
      ]),
    );
    expect(causesOf(feeder).map(({ id }) => id)).not.toContain('single-phasing');
  });
  it('each with a measurement, a remedy and never live work', () => {
    for (const one of [...causesOf(motor), ...causesOf(feeder), ...causesOf(residual)]) {
      expect(one.measure.length).toBeGreaterThan(20);
      expect(one.remedy).toMatch(/\.$/);
      expect(`${one.measure} ${one.remedy}`).not.toMatch(/\blive\b(?! conductors?\b)|larger fuse/i);
    }
  });
});

describe('what leaks', () => {
  it('needs yes or no where the sensitivity is not read', () => {
    const unread = emptySwap('residual-current', 'socket-circuit');
    expect(cause(unread, 'standing-leakage').limit).toBeNull();
    expect(causeVerdict(cause(unread, 'standing-leakage'), { reading: 0.02 })).toBe('open');
    expect(causeVerdict(cause(unread, 'device-too-fine'), { yes: true })).toBe('cause');
  });
  it('a class for people must hold at the lower end of its own band: UL 943 class A, 4 mA, from memory', () => {
    const people = {
      ...emptySwap('residual-current', 'socket-circuit'),
      removed: { protectionClass: read('GFCI Class A'), tripMilliamps: read(5) },
    };
    expect(cause(people, 'device-too-fine')).toMatchObject({ limit: 0.004, worseIs: 'below' });
  });
  it('asks of filters where a converter stands', () => {
    const drive = { ...residual, load: { electronics: read('three-phase-rectifier') } };
    expect(cause(drive, 'switching-surge').title).not.toBe(cause(residual, 'switching-surge').title);
  });
  it('is asked of every family that says so, and of no other', () => {
    for (const { id, faultFinding: hunt } of families)
      expect(causeHuntOf(emptySwap(id, 'conductor-feeder')) !== undefined).toBe(hunt === 'why-it-operated' || hunt === 'why-it-leaks');
  });
});

describe('a recorder’s peak', () => {
  it('is ruled out by the hunt where the line of inrush holds, and nowhere else', () => {
    const family = familyOf('breaker')!;
    for (const curve of ['B', 'C', 'D'])
      for (const ratedAmps of [6, 16, 32, 63])
        for (let times = 1; times <= 25; times += 0.5) {
          const state = { ...curved(curve, ratedAmps), load: { inrushPeakAmps: read(times * ratedAmps) } };
          const context = contextOf(caseOfSwap(state, 'IEC'));
          const spec = family.canonical(removedSpec(state)!);
          const line = judgePart(askedNeeds(family.needs(context), [spec]), spec, 'IEC').lines.find(({ need }) => need.id === 'inrush');
          const hunted = causeVerdict(cause(state, 'inrush'), { reading: times * ratedAmps });
          if (line)
            expect([hunted, `${curve}${ratedAmps} x ${times}`]).toEqual([
              line.verdict === 'fits' ? 'ruled-out' : 'cause',
              `${curve}${ratedAmps} x ${times}`,
            ]);
          else expect.fail('no line of inrush');
        }
  });
});

describe('what settles it', () => {
  it.each([
    [motor, 'overload', { reading: 13.9 }, 'ruled-out'],
    [motor, 'overload', { reading: 14.1 }, 'cause'],
    [motor, 'single-phasing', { reading: 5.1 }, 'cause'],
    [motor, 'single-phasing', { reading: 1 }, 'ruled-out'],
    [motor, 'locked-load', { yes: true }, 'cause'],
    [motor, 'locked-load', { yes: false }, 'ruled-out'],
    [motor, 'earth-fault', { reading: 0.4e6 }, 'cause'],
    [motor, 'earth-fault', { reading: 50e6 }, 'ruled-out'],
    [feeder, 'loose-terminal', { reading: 0.3 }, 'cause'],
    [feeder, 'overload', { reading: 7 }, 'cause'],
    // IEC 60898-1, from memory: B holds 3, C 5, D 10 times its amps; a recorder's peak stands √2 above that.
    [curved('B', 32), 'inrush', { reading: 135 }, 'ruled-out'],
    [curved('B', 32), 'inrush', { reading: 136 }, 'cause'],
    [curved('B', 32), 'inrush', { reading: 250 }, 'cause'],
    [curved('C', 32), 'inrush', { reading: 226 }, 'ruled-out'],
    [curved('C', 32), 'inrush', { reading: 250 }, 'cause'],
    [curved('D', 32), 'inrush', { reading: 250 }, 'ruled-out'],
    [curved('D', 32), 'inrush', { reading: 460 }, 'cause'],
    // Of a device whose edge is not known the recorder is not compared with a guess.
    [feeder, 'inrush', { reading: 90 }, 'open'],
    [feeder, 'inrush', { yes: true }, 'cause'],
    // BS 7671 531.3.2 and IEC 61008-1, from memory: 30 % of 30 mA leaks without a fault; at 15 mA it must still hold.
    [residual, 'standing-leakage', { reading: 0.009 }, 'ruled-out'],
    [residual, 'standing-leakage', { reading: 0.0091 }, 'cause'],
    [residual, 'device-too-fine', { reading: 0.0149 }, 'cause'],
    [residual, 'device-too-fine', { reading: 0.015 }, 'ruled-out'],
    [residual, 'leak-neutral', { reading: 0.2e6 }, 'cause'],
    [residual, 'leak-insulation', { reading: 1e6 }, 'ruled-out'],
    [residual, 'shared-neutral', { yes: true }, 'cause'],
  ] as const)('%#: %s', (state, id, found, verdict) => expect(causeVerdict(cause(state, id), found)).toBe(verdict));
  it('nothing found stays open', () => {
    for (const one of causesOf(motor)) expect(causeVerdict(one, undefined)).toBe('open');
    expect(causeVerdict(cause(motor, 'overload'), { reading: Number.NaN })).toBe('open');
  });
});
