/** Laws that judging breakers, fuses and overload relays must keep, over random parts and positions. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { FieldValues, PlainCase } from '../case/case';
import { judgeCase } from '../judge-case';
import type { Verdict } from '../needs/need';
import { breakerSizes, largestDeviceForAmpacity, nextStandardSize, standardSizeBelow } from '../standards/overcurrent-sizes';
import { motorBranchLimits } from '../overcurrent/maximum-rating';
import { readPlateWords } from '../overcurrent/plate-words';

const order: Verdict[] = ['fails', 'not-known', 'check', 'fits'];
const rank = (verdict: Verdict) => order.indexOf(verdict);
const verdictOf = (family: string, practice: PlainCase['practice'], supply: FieldValues, load: FieldValues, spec: FieldValues): Verdict =>
  judgeCase({ practice, family, supply, load, duty: {}, removed: null, candidates: [{ id: 'x', spec }] }).candidates[0]!.verdict;

const practice = fc.constantFrom('IEC' as const, 'NFPA70' as const);
const amps = fc.constantFrom(6, 10, 16, 20, 32, 63);
const breaker = fc.record({
  standard: fc.constantFrom('IEC 60898-1', 'UL 489', 'IEC 60947-2'),
  curve: fc.constantFrom('B', 'C', 'D'),
  ratedAmps: amps,
  poles: fc.constantFrom(1, 3),
  icnAmps: fc.constantFrom(6000, 10000),
  icuAmps: fc.constantFrom(10000, 25000),
  interruptingRatings: fc.constantFrom<unknown>('none', null, [{ volts: 480, kind: 'ac', amps: 14000 }]),
  ratedVoltsLineToLine: fc.constantFrom(400, 480),
  calibratedAmbientC: fc.constantFrom(30, 40),
});
const fuse = fc.record({
  fuseClass: fc.constantFrom('J', 'CC', 'NH00', 'RK5'),
  ratedAmps: amps,
  voltsAc: fc.constantFrom<unknown>(250, 500, 600, null),
  voltsDc: fc.constantFrom<unknown>('none', 300),
  interruptingAmpsAc: fc.constantFrom<unknown>(10000, 200000, 'none', null),
  speed: fc.constantFrom('time-delay', 'fast'),
});
const relay = fc.record({
  kind: fc.constant('adjustable-thermal'),
  poles: fc.constant(3),
  settingMinAmps: fc.constantFrom(4, 8, 16),
  settingMaxAmps: fc.constantFrom(12, 24, 40),
  tripClass: fc.constantFrom('10A', '10', '20', '30'),
});
const position = fc.record({
  fault: fc.integer({ min: 500, max: 60000 }),
  start: fc.double({ min: 10, max: 900, noNaN: true }),
  loop: fc.double({ min: 0.05, max: 4, noNaN: true }),
  load: fc.double({ min: 1, max: 60, noNaN: true }),
  ampacity: fc.double({ min: 10, max: 90, noNaN: true }),
});
type At = { fault: number; start: number; loop: number; load: number; ampacity: number };
const supplyOf = (at: At): FieldValues => ({
  systemVolts: 400,
  voltsToGround: 230,
  phases: 3,
  currentKind: 'ac',
  grounding: 'TN-S',
  prospectiveFaultAmps: at.fault,
  loopImpedanceOhms: at.loop,
  loopImpedanceBasis: 'worked-out-hot',
  ambientC: 35,
});
const loadOf = (at: At): FieldValues => ({
  kind: 'conductor-feeder',
  loadAmps: at.load,
  conductorAmpacityAmps: at.ampacity,
  startAmps: at.start,
  disconnectSeconds: 0.4,
});

describe('a harder position is never judged easier', () => {
  it.each([
    ['fault', 'breaker', breaker],
    ['fault', 'fuse', fuse],
    ['start', 'breaker', breaker],
    ['start', 'fuse', fuse],
    ['loop', 'breaker', breaker],
    ['loop', 'fuse', fuse],
    ['load', 'breaker', breaker],
    ['load', 'fuse', fuse],
  ] as const)('more %s on a %s', (name, family, part) => {
    fc.assert(
      fc.property(
        practice,
        position,
        part as fc.Arbitrary<FieldValues>,
        fc.double({ min: 0.01, max: 5, noNaN: true }),
        (site, at, spec, share) => {
          const harder = { ...at, [name]: at[name] * (1 + share) };
          return (
            rank(verdictOf(family, site, supplyOf(harder), loadOf(harder), spec)) <=
            rank(verdictOf(family, site, supplyOf(at), loadOf(at), spec))
          );
        },
      ),
    );
  });
  it('a thinner conductor', () => {
    fc.assert(
      fc.property(
        practice,
        position,
        breaker as fc.Arbitrary<FieldValues>,
        fc.double({ min: 0.3, max: 0.99, noNaN: true }),
        (site, at, spec, share) => {
          const thinner = { ...at, ampacity: at.ampacity * share };
          return (
            rank(verdictOf('breaker', site, supplyOf(thinner), loadOf(thinner), spec)) <=
            rank(verdictOf('breaker', site, supplyOf(at), loadOf(at), spec))
          );
        },
      ),
    );
  });
});

describe('a better part is never judged worse', () => {
  it('more breaking capacity', () => {
    fc.assert(
      fc.property(practice, position, breaker as fc.Arbitrary<FieldValues>, (site, at, spec) => {
        const better = { ...spec, icnAmps: (spec.icnAmps as number) * 2, icuAmps: (spec.icuAmps as number) * 2 };
        return (
          rank(verdictOf('breaker', site, supplyOf(at), loadOf(at), better)) >=
          rank(verdictOf('breaker', site, supplyOf(at), loadOf(at), spec))
        );
      }),
    );
  });
  it('a wider dial', () => {
    fc.assert(
      fc.property(practice, fc.double({ min: 2, max: 60, noNaN: true }), relay, (site, fullLoadAmps, spec) => {
        const at = (one: FieldValues) =>
          rank(
            verdictOf(
              'overload-relay',
              site,
              supplyOf({ fault: 1, start: 1, loop: 1, load: 1, ampacity: 1 }),
              { kind: 'motor-3ph', fullLoadAmps, serviceFactor: 1.15 },
              one,
            ),
          );
        return at({ ...spec, settingMinAmps: spec.settingMinAmps / 2, settingMaxAmps: spec.settingMaxAmps * 2 }) >= at(spec);
      }),
    );
  });
});

describe('wear never makes a fit', () => {
  it.each([
    ['breaker', breaker],
    ['fuse', fuse],
    ['overload-relay', relay],
  ] as const)('%s', (family, part) => {
    fc.assert(
      fc.property(practice, position, part as fc.Arbitrary<FieldValues>, fc.nat(), (site, at, spec, pick) => {
        const load = family === 'overload-relay' ? { kind: 'motor-3ph', fullLoadAmps: at.load, startSeconds: 3 } : loadOf(at);
        const names = Object.keys(spec);
        const worn = { ...spec, [names[pick % names.length]!]: null };
        const [before, after] = [verdictOf(family, site, supplyOf(at), load, spec), verdictOf(family, site, supplyOf(at), load, worn)];
        return (
          !(after === 'fits' && before === 'fails') || names[pick % names.length] === 'curve' || names[pick % names.length] === 'standard'
        );
      }),
    );
  });
});

describe('sizes', () => {
  it('up is at or above, down at or below, and a size is its own neighbour', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 6000, noNaN: true }),
        (value) => nextStandardSize(value) >= value * 0.999999 && standardSizeBelow(value)! <= value * 1.000001,
      ),
    );
    for (const size of breakerSizes) expect([nextStandardSize(size), standardSizeBelow(size)]).toEqual([size, size]);
  });
  it('more ampacity never allows less', () => {
    const steps = Array.from({ length: 1200 }, (_, i) => 10 + i);
    for (const [i, ampacity] of steps.entries())
      if (i > 0)
        expect(largestDeviceForAmpacity(ampacity, false)).toBeGreaterThanOrEqual(
          largestDeviceForAmpacity(steps[i - 1]!, false) * (ampacity > 800 ? 0.99 : 0.88),
        );
  });
  it('a larger motor never has a smaller branch device; the ceiling is never below the first size', () => {
    const device = fc.constantFrom('inverse-time-breaker' as const, 'time-delay-fuse' as const, 'non-time-delay-fuse' as const);
    fc.assert(
      fc.property(
        device,
        fc.double({ min: 1, max: 400, noNaN: true }),
        fc.double({ min: 0, max: 100, noNaN: true }),
        (kind, small, more) => {
          const [a, b] = [motorBranchLimits(small, kind), motorBranchLimits(small + more, kind)];
          return b.first >= a.first && a.ceiling >= a.first;
        },
      ),
    );
  });
  it('plate words never throw', () => {
    fc.assert(fc.property(fc.string({ maxLength: 200 }), (text) => readPlateWords(`MAX FUSE ${text}`) !== null));
  });
});
