/** Trip units: order of their parts, earth fault, the maintenance setting, and what NFPA 70 230.95 says of them. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bandSeconds, pointFault } from './band';
import { groundFaultDefaults, LONG_TIME_MULTIPLE, tripUnitBreaker, tripUnitDefaults, type TripUnit } from './trip-unit';

const unit = (more: Partial<TripUnit> = {}): TripUnit => ({ ...tripUnitDefaults(1000), ...more });
const anyUnit: fc.Arbitrary<[TripUnit, number]> = fc
  .tuple(
    fc.integer({ min: 100, max: 2500 }),
    fc.double({ min: 0.4, max: 1, noNaN: true }),
    fc.double({ min: 0.5, max: 30, noNaN: true }),
    fc.double({ min: 1.5, max: 10, noNaN: true }),
    fc.double({ min: 0.05, max: 0.5, noNaN: true }),
    fc.double({ min: 1.5, max: 15, noNaN: true }),
    fc.option(fc.double({ min: 0.2, max: 1, noNaN: true }), { nil: undefined }),
    fc.double({ min: 0, max: 1.5, noNaN: true }),
  )
  .map(([frame, long, longSeconds, short, shortSeconds, instant, ground, groundSeconds]) => [
    {
      longTimeAmps: long * frame,
      longTimeSeconds: longSeconds,
      shortTimeAmps: short * long * frame,
      shortTimeSeconds: shortSeconds,
      instantaneousAmps: instant * frame,
      ...(ground === undefined ? {} : { groundFaultAmps: ground * frame, groundFaultSeconds: groundSeconds }),
    },
    frame,
  ]);

describe('laws of any setting', () => {
  it('every edge is a curve, and the device holds no longer than it takes to open', () => {
    fc.assert(
      fc.property(anyUnit, fc.boolean(), fc.double({ min: 10, max: 60000, noNaN: true }), ([settings, frame], maintenance, amps) => {
        const { band, earthBand } = tripUnitBreaker(settings, frame, { maintenance });
        for (const one of earthBand ? [band, earthBand] : [band]) {
          expect(pointFault(one.fast!)).toBeUndefined();
          expect(pointFault(one.slow!)).toBeUndefined();
          const { holdsUntil, openBy } = bandSeconds(one, amps);
          expect(holdsUntil).toBeLessThanOrEqual(openBy);
        }
      }),
      { numRuns: 1000 },
    );
  });
  it('the maintenance setting never opens later', () => {
    fc.assert(
      fc.property(anyUnit, fc.double({ min: 10, max: 60000, noNaN: true }), ([settings, frame], amps) => {
        const [off, on] = [false, true].map((maintenance) => bandSeconds(tripUnitBreaker(settings, frame, { maintenance }).band, amps));
        expect(on!.openBy).toBeLessThanOrEqual(off!.openBy * (1 + 1e-9));
      }),
    );
  });
  it('a short-time delay as short as the breaker itself leaves no step', () => {
    const { band } = tripUnitBreaker({ ...tripUnitDefaults(400), shortTimeSeconds: 0.05 / 1.2 }, 400);
    expect(pointFault(band.slow!)).toBeUndefined();
  });
  it('every setting shown is one of the model and lies in its range as delivered', () => {
    for (const frame of [250, 800, 2500]) {
      const settings = { ...tripUnitDefaults(frame), ...groundFaultDefaults(frame) };
      const model = tripUnitBreaker(settings, frame, { maintenance: true });
      expect(model.settings.map(({ name }) => name)).toEqual([
        'longTimeAmps',
        'longTimeSeconds',
        'shortTimeAmps',
        'shortTimeSeconds',
        'instantaneousAmps',
        'groundFaultAmps',
        'groundFaultSeconds',
        'maintenanceAmps',
      ]);
      for (const { value, min, max } of model.settings) {
        expect(value).toBeGreaterThanOrEqual(min);
        expect(value).toBeLessThanOrEqual(max);
      }
    }
  });
});

describe('worked points, tolerances by common practice', () => {
  const { band, earthBand } = tripUnitBreaker(unit({ groundFaultAmps: 400, groundFaultSeconds: 0.3 }), 1000);
  it('long time: stated at six times, 20 % either way', () => {
    // 6 x 1000 A is above the short-time pick-up of 5 x, so the stated time is read along I²t at 4 x: 10 s x (6/4)² = 22.5 s.
    const { holdsUntil, openBy } = bandSeconds(band, 4000);
    const stated = 10 * (LONG_TIME_MULTIPLE / 4) ** 2;
    expect(holdsUntil).toBeCloseTo(stated * 0.8, 6);
    expect(openBy).toBeCloseTo(stated * 1.2, 6);
  });
  it('short time waits, instantaneous does not', () => {
    expect(bandSeconds(band, 7000)).toMatchObject({ holdsUntil: 0.2 * 0.8, openBy: 0.2 * 1.2 });
    expect(bandSeconds(band, 12000).openBy).toBe(0.05);
  });
  it('between 0.9 and 1.1 times the pick-up it may go either way', () => {
    const { holdsUntil, openBy } = bandSeconds(band, 10000);
    expect(holdsUntil).toBeLessThan(0.01);
    expect(openBy).toBeCloseTo(0.24, 9);
  });
  it('earth fault: never below 0.9 times, surely from 1.1 times, after its delay', () => {
    expect(bandSeconds(earthBand!, 350)).toEqual({ holdsUntil: Infinity, openBy: Infinity });
    expect(bandSeconds(earthBand!, 400)).toMatchObject({ openBy: Infinity });
    expect(bandSeconds(earthBand!, 450).openBy).toBeCloseTo(0.36, 9);
    expect(bandSeconds(earthBand!, 450).holdsUntil).toBeCloseTo(0.24, 9);
  });
  it('no earth-fault setting, no earth band', () => expect(tripUnitBreaker(unit(), 1000).earthBand).toBeUndefined());
  it('maintenance: at once from its own pick-up', () => {
    const on = tripUnitBreaker(unit({ maintenanceAmps: 2000 }), 1000, { maintenance: true }).band;
    expect(bandSeconds(on, 2300).openBy).toBe(0.04);
    expect(bandSeconds(band, 2300).openBy).toBeGreaterThan(10);
  });
});

describe('what is said of settings', () => {
  const words = (settings: TripUnit, frame: number, more = {}) => tripUnitBreaker(settings, frame, more).remarks!;
  it('in order: one line that fits', () => expect(words(unit(), 1000)).toMatchObject([{ verdict: 'fits' }]));
  it('an instantaneous pick-up below short time is a check', () =>
    expect(words(unit({ instantaneousAmps: 4000 }), 1000)).toMatchObject([{ verdict: 'check' }]));
  it('the maintenance setting is a check as long as it stands', () =>
    expect(words(unit(), 400, { maintenance: true })[0]).toMatchObject({
      verdict: 'check',
      words: expect.stringContaining('switch it back'),
    }));
  // NFPA 70 230.95(A), from memory: at most 1200 A, at most 1 s at 3000 A, disconnects from 1000 A up.
  it.each([
    [1000, { groundFaultAmps: 1200, groundFaultSeconds: 1 }, 'fits'],
    [1600, { groundFaultAmps: 1250, groundFaultSeconds: 0.3 }, 'fails'],
    [1600, { groundFaultAmps: 600, groundFaultSeconds: 1.2 }, 'fails'],
    [1600, {}, 'check'],
    [800, {}, 'fits'],
  ] as const)('NFPA practice, %i A, earth fault %o: %s', (frame, ground, verdict) =>
    expect(words({ ...tripUnitDefaults(frame), ...ground }, frame, { nema: true })[0]!.verdict).toBe(verdict),
  );
  it('IEC practice asks for no such setting', () => expect(words(tripUnitDefaults(1600), 1600)[0]!.verdict).toBe('fits'));
});
