/** A monitoring relay over events: figures by hand, laws, and phasors against an independent complex solution (mathjs). */
import fc from 'fast-check';
import { complex, abs, add, multiply, subtract, divide, type Complex } from 'mathjs';
import { describe, expect, it } from 'vitest';
import {
  asymmetryBetweenLines,
  asymmetryOfOnePhase,
  deviationPercent,
  heldPhaseBetweenLines,
  onePhaseAtAsymmetry,
  spreadPercent,
} from '../standards/unbalance';
import { hourOfEvents, makeRecording, openNeutral, type Scenario, type SupplyShape } from './scenarios';
import { readSamples, writeSamples } from './samples';
import { conflictsOf, type MonitoringSettings } from './settings';
import { derive, joined, runMonitor, stretchesBeyond, tripsOf } from './run';
import { bestPoint, sweep } from './sweep';

const shape: SupplyShape = { lineVolts: 400, hertz: 50, between: 'line-to-line', stepSeconds: 0.01, seconds: 60 };
const base: MonitoringSettings = {
  nominalVolts: 400,
  underVolts: 350,
  overVolts: 440,
  hysteresisVolts: 8,
  underHertz: null,
  overHertz: null,
  hysteresisHertz: 0.2,
  asymmetryPercent: 7,
  asymmetryBy: 'spread',
  hysteresisPercent: 1,
  phaseLossPercent: 60,
  phaseSequence: true,
  neutralShiftVolts: null,
  tripDelaySeconds: 2,
  lossDelaySeconds: 0.2,
  returnDelaySeconds: 5,
  powerOnDelaySeconds: 0,
  latch: false,
  failSafe: true,
};
const run = (scenarios: Scenario[], settings: Partial<MonitoringSettings> = {}, more: Partial<SupplyShape> = {}) =>
  runMonitor(makeRecording({ ...shape, ...more }, scenarios), { ...base, ...settings });
const sag = (more: Partial<Extract<Scenario, { kind: 'sag' }>> = {}): Scenario => ({
  kind: 'sag',
  atSeconds: 10,
  seconds: 5,
  leftPercent: 80,
  phases: 3,
  mustTrip: true,
  ...more,
});

describe('events by hand', () => {
  it('a healthy supply trips nothing', () => expect(run([]).trips).toEqual([]));
  it('a sag trips after its delay and comes back after the other', () => {
    const { trips, missed, nuisance } = run([sag()]);
    expect(trips).toHaveLength(1);
    expect(trips[0]).toMatchObject({ by: 'undervoltage' });
    expect(trips[0]!.atSeconds).toBeCloseTo(12, 6);
    expect(trips[0]!.backSeconds).toBeCloseTo(20, 6);
    expect([missed, nuisance]).toEqual([[], []]);
  });
  it('a dip shorter than the delay does not', () => expect(run([sag({ seconds: 1.9, mustTrip: false })]).trips).toEqual([]));
  it('a trip that nobody wanted is a nuisance, a fault that goes by is missed', () => {
    expect(run([sag({ mustTrip: false })]).nuisance).toHaveLength(1);
    expect(run([sag({ leftPercent: 90 })]).missed).toHaveLength(1);
  });
  it('a latch stays', () => expect(run([sag()], { latch: true }).trips[0]!.backSeconds).toBeNull());
  it('a fault that is there at power-on starts its delay at the end of the power-on delay', () => {
    const { trips } = run([sag({ atSeconds: 3, seconds: 20 })], { powerOnDelaySeconds: 5 });
    expect(trips[0]!.atSeconds).toBeCloseTo(7, 6);
  });
  it('a lost phase that a motor holds at 88 % is missed by undervoltage and seen by asymmetry', () => {
    const lost: Scenario = { kind: 'lost-phase', atSeconds: 10, seconds: 20, heldPercent: 88, mustTrip: true };
    expect(run([lost], { asymmetryPercent: null, underVolts: 340 }).missed).toHaveLength(1);
    const seen = run([lost], { asymmetryPercent: 4 });
    expect(seen.missed).toEqual([]);
    expect(seen.trips[0]!.by).toBe('asymmetry');
  });
  it('a dead phase trips at once', () =>
    expect(run([{ kind: 'lost-phase', atSeconds: 10, seconds: 20, heldPercent: 0, mustTrip: true }]).trips[0]).toMatchObject({
      by: 'phaseLoss',
      atSeconds: 10.2,
    }));
  it('reversal trips, unless the function is off', () => {
    const reversal: Scenario = { kind: 'reversal', atSeconds: 5, seconds: 10, mustTrip: true };
    expect(run([reversal]).trips[0]).toMatchObject({ by: 'phaseSequence', atSeconds: 5.2 });
    expect(run([reversal], { phaseSequence: false }).missed).toHaveLength(1);
  });
  it('drift crosses the threshold where it should', () => {
    // 400 to 320 V in 40 s: 350 V after 25 s, tripped 2 s later.
    const { trips } = run([{ kind: 'drift', atSeconds: 5, seconds: 40, toPercent: 80, mustTrip: true }]);
    expect(trips[0]!.atSeconds).toBeCloseTo(32, 1);
  });
  it('an open neutral is seen between phase and neutral only', () => {
    const open: Scenario = { kind: 'open-neutral', atSeconds: 10, seconds: 20, loads: [1, 0.4, 0.3], mustTrip: true };
    expect(run([open]).missed).toHaveLength(1);
    const four = run(
      [open],
      { nominalVolts: 400 / Math.sqrt(3), underVolts: 200, overVolts: 255, neutralShiftVolts: 40 },
      { between: 'line-to-neutral' },
    );
    expect(four.missed).toEqual([]);
  });
  it('a changeover that is ridden through, and one that is not', () => {
    const change: Scenario = {
      kind: 'changeover',
      atSeconds: 10,
      deadSeconds: 8,
      settleSeconds: 4,
      startPercent: 85,
      startHertz: 46,
      mustTrip: false,
    };
    const { trips } = run([change], {
      underHertz: 47,
      overHertz: 52,
      phaseLossPercent: null,
      tripDelaySeconds: 15,
      asymmetryPercent: null,
    });
    expect(trips).toEqual([]);
    expect(run([change], { underHertz: 47, overHertz: 52 }).nuisance.length).toBeGreaterThan(0);
  });
  it('flicker around the threshold chatters without a return delay, and not with one', () => {
    const flicker: Scenario = { kind: 'flicker', atSeconds: 5, seconds: 50, depthPercent: 16, hertz: 0.2, mustTrip: false };
    const quick = { tripDelaySeconds: 0.1, hysteresisVolts: 1 };
    expect(run([flicker], { ...quick, returnDelaySeconds: 0.1 }).chatter).toBeGreaterThan(5);
    expect(run([flicker], { ...quick, returnDelaySeconds: 10 }).chatter).toBe(1);
  });
});

describe('against an independent complex solution', () => {
  const turn = (degrees: number) => complex({ r: 1, phi: (degrees * Math.PI) / 180 });
  const length = (value: unknown) => abs(value as Complex) as unknown as number;
  it('volts between lines of a phase that is held up', () => {
    for (const held of [0, 35, 80, 95]) {
      const { samples } = makeRecording({ ...shape, seconds: 1 }, [
        { kind: 'lost-phase', atSeconds: 0, seconds: 1, heldPercent: held, mustTrip: true },
      ]);
      const phases = [turn(0), turn(-120), multiply(turn(120), held / 100)];
      const lines = phases.map((one, k) => (length(subtract(one as Complex, phases[(k + 1) % 3] as Complex)) * 400) / Math.sqrt(3));
      lines.forEach((volts, k) => expect(samples.volts[k]![50]).toBeCloseTo(volts, 6));
    }
  });
  it('the neutral of unequal loads', () => {
    fc.assert(
      fc.property(
        fc.tuple(...[0, 1, 2].map(() => fc.double({ min: 0.05, max: 5, noNaN: true }))) as fc.Arbitrary<[number, number, number]>,
        (loads) => {
          const [re, im] = openNeutral(loads);
          const sum = loads.map((load, k) => multiply(turn([0, -120, 120][k]!), load)).reduce((a, b) => add(a as Complex, b as Complex));
          const neutral = divide(sum as Complex, loads[0] + loads[1] + loads[2]) as unknown as Complex;
          expect(re).toBeCloseTo(neutral.re, 9);
          expect(im).toBeCloseTo(neutral.im, 9);
        },
      ),
    );
  });
});

describe('unbalance, NEMA MG 1 14.36 from memory', () => {
  it('one phase at 88 % is 12 % by spread and 8.3 % by deviation', () => {
    expect(asymmetryOfOnePhase(88, 'spread')).toBe(12);
    expect(asymmetryOfOnePhase(88, 'deviation')).toBeCloseTo(8.333, 2);
  });
  it('460, 467 and 450 V are 1.96 %', () => expect(deviationPercent(460, 467, 450)).toBeCloseTo(1.961, 2));
  it('between lines: the inverse is one, and it is never more than to neutral', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 99, noNaN: true }),
        fc.constantFrom('spread' as const, 'deviation' as const),
        (held, definition) => {
          const between = asymmetryBetweenLines(held, definition);
          expect(heldPhaseBetweenLines(between, definition)).toBeCloseTo(held, 6);
          expect(between).toBeLessThanOrEqual(asymmetryOfOnePhase(held, definition) + 1e-9);
        },
      ),
    );
  });
  it('permuting phases changes nothing, and the inverse is one', () => {
    const volts = fc.double({ min: 1, max: 1000, noNaN: true });
    fc.assert(
      fc.property(volts, volts, volts, (a, b, c) => {
        expect(deviationPercent(a, b, c)).toBeCloseTo(deviationPercent(c, a, b), 9);
        expect(spreadPercent(a, b, c, 400)).toBe(spreadPercent(b, c, a, 400));
      }),
    );
    for (const definition of ['spread', 'deviation'] as const)
      for (const percent of [2, 5, 8.3, 20])
        expect(asymmetryOfOnePhase(onePhaseAtAsymmetry(percent, definition), definition)).toBeCloseTo(percent, 9);
  });
});

describe('laws', () => {
  const wave = fc.array(fc.double({ min: 300, max: 420, noNaN: true }), { minLength: 5, maxLength: 200 });
  it('inside its hysteresis a function never changes', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 350.001, max: 357.999, noNaN: true }), { minLength: 2, maxLength: 100 }), (inside) => {
        // Fallen below once, then moving inside the band: one stretch, to the end.
        expect(stretchesBeyond([349, ...inside], 350, 8, -1, 1)).toEqual([[0, inside.length + 1]]);
        expect(stretchesBeyond([400, ...inside], 350, 8, -1, 1)).toEqual([]);
      }),
    );
  });
  it('stretches are apart and in order, and a higher threshold never sees less', () => {
    fc.assert(
      fc.property(wave, (volts) => {
        const low = stretchesBeyond(volts, 340, 0, -1, 1);
        const high = stretchesBeyond(volts, 360, 0, -1, 1);
        low.forEach(([from, to], i) => expect(from < to && (i === 0 || from >= low[i - 1]![1])).toBe(true));
        const total = (list: typeof low) => list.reduce((sum, [from, to]) => sum + to - from, 0);
        expect(total(high)).toBeGreaterThanOrEqual(total(low));
        expect(joined([low, high])).toEqual(joined([high]));
      }),
    );
  });
  it('no trip before its cause has lasted the delay; a longer delay never trips more', () => {
    const stretch = fc
      .tuple(fc.double({ min: 0, max: 90, noNaN: true }), fc.double({ min: 0.1, max: 8, noNaN: true }))
      .map(([from, length]) => [from, from + length] as const);
    fc.assert(
      fc.property(fc.array(stretch, { maxLength: 12 }), fc.double({ min: 0, max: 5, noNaN: true }), (list, delay) => {
        const of = (delaySeconds: number) =>
          tripsOf(
            [{ fault: 'undervoltage', delaySeconds, stretches: joined([list]) }],
            { returnDelaySeconds: 1, powerOnDelaySeconds: 0, latch: false },
            100,
          );
        for (const trip of of(delay)) {
          expect(trip.atSeconds - trip.causeSeconds).toBeGreaterThanOrEqual(delay - 1e-6);
          if (trip.backSeconds !== null) expect(trip.backSeconds).toBeGreaterThanOrEqual(trip.atSeconds);
        }
        const seconds = of(delay).map(({ atSeconds }) => atSeconds);
        expect([...seconds].sort((a, b) => a - b)).toEqual(seconds);
        expect(of(delay + 1).length).toBeLessThanOrEqual(joined([list]).length);
      }),
    );
  });
  it('phases in another column, the order kept, change nothing', () => {
    const recording = makeRecording({ ...shape, seconds: 20 }, [
      { kind: 'lost-phase', atSeconds: 5, seconds: 8, heldPercent: 85, mustTrip: true },
    ]);
    const [a, b, c] = recording.samples.volts;
    const turned = { ...recording, samples: { ...recording.samples, volts: [b, c, a] as typeof recording.samples.volts } };
    expect(runMonitor(turned, base).trips).toEqual(runMonitor(recording, base).trips);
  });
  it('a sweep says what single runs say', () => {
    const recording = makeRecording({ ...shape, seconds: 40 }, [
      sag(),
      { kind: 'lost-phase', atSeconds: 25, seconds: 8, heldPercent: 86, mustTrip: true },
      { ...sag({ atSeconds: 36, seconds: 1, mustTrip: false }) },
    ]);
    const result = sweep(
      recording,
      base,
      { setting: 'underVolts', low: 300, high: 395, steps: 6 },
      { setting: 'tripDelaySeconds', low: 0.1, high: 8, steps: 5 },
    )!;
    result.cells.forEach((row, j) =>
      row.forEach((cell, i) => {
        const alone = runMonitor(recording, { ...base, underVolts: result.x[i]!, tripDelaySeconds: result.y[j]! });
        expect(cell).toEqual({ missed: alone.missed.length, nuisance: alone.nuisance.length, trips: alone.trips.length });
      }),
    );
  });
  it('a sweep can be stopped, and refuses what it cannot do', () => {
    const recording = makeRecording({ ...shape, seconds: 1 }, []);
    const axis = { setting: 'underVolts', low: 300, high: 390, steps: 4 } as const;
    expect(sweep(recording, base, axis, { setting: 'tripDelaySeconds', low: 1, high: 2, steps: 4 }, (row) => row < 2)).toBeUndefined();
    expect(() => sweep(recording, base, axis, axis)).toThrow(RangeError);
  });
  it('the best point stands in the middle of what is clear', () => {
    const clear = { missed: 0, nuisance: 0, trips: 1 };
    const bad = { missed: 1, nuisance: 0, trips: 0 };
    const cells = Array.from({ length: 7 }, (_, j) =>
      Array.from({ length: 7 }, (_, i) => (i >= 1 && i <= 5 && j >= 1 && j <= 5 ? clear : bad)),
    );
    const numbers = [0, 1, 2, 3, 4, 5, 6];
    expect(bestPoint({ x: numbers, y: numbers, cells })).toEqual({ x: 3, y: 3 });
    expect(bestPoint({ x: numbers, y: numbers, cells: cells.map((row) => row.map(() => bad)) })).toBeUndefined();
  });
});

describe('an hour of events', () => {
  const numbers = (seed: number) => {
    let state = seed;
    return () => (state = (state * 16807) % 2147483647) / 2147483647;
  };
  it('is the same from the same numbers, in order, within the hour, and sound settings take all of it', () => {
    const settings = {
      ...base,
      underVolts: 350,
      tripDelaySeconds: 3,
      lossDelaySeconds: 3,
      phaseLossPercent: 30,
      asymmetryPercent: 5,
      returnDelaySeconds: 0.5,
    };
    for (const seed of [3, 17, 99]) {
      const list = hourOfEvents(200, numbers(seed), { rideSeconds: 3, underPercent: 87.5 });
      expect(hourOfEvents(200, numbers(seed), { rideSeconds: 3, underPercent: 87.5 })).toEqual(list);
      list.forEach((one, i) => expect(i === 0 || one.atSeconds > list[i - 1]!.atSeconds).toBe(true));
      const { missed, nuisance } = runMonitor(makeRecording({ ...shape, stepSeconds: 0.02, seconds: 3600 }, list), settings);
      expect([seed, missed.map(({ name, fromSeconds }) => [name, fromSeconds]), nuisance]).toEqual([seed, [], []]);
    }
  });
  it('more than an hour holds is refused', () =>
    expect(() => hourOfEvents(2000, numbers(1), { rideSeconds: 3, underPercent: 85 })).toThrow(RangeError));
});

describe('settings that cannot stand together are refused', () => {
  it.each([
    ['undervoltage above overvoltage', { underVolts: 450 }, 'underVolts'],
    ['a hysteresis as wide as the window', { hysteresisVolts: 60 }, 'hysteresisVolts'],
    ['one that never comes back', { underVolts: 395 }, 'underVolts'],
    ['frequency the wrong way round', { underHertz: 52, overHertz: 48 }, 'underHertz'],
    ['asymmetry below its hysteresis', { asymmetryPercent: 1 }, 'asymmetryPercent'],
    ['a delay below nothing', { tripDelaySeconds: -1 }, 'tripDelaySeconds'],
  ] as const)('%s', (_, change, setting) =>
    expect(conflictsOf({ ...base, ...change }).some(({ settings }) => settings.includes(setting))).toBe(true),
  );
  it('a delay shorter than the dip of a start', () => {
    const site = { dips: [{ name: 'The start of the pump', leftPercent: 82, seconds: 6 }] };
    expect(
      conflictsOf(base, {}, site)
        .map(({ words }) => words)
        .join(),
    ).toMatch(/start of the pump/);
    expect(conflictsOf({ ...base, tripDelaySeconds: 8 }, {}, site)).toEqual([]);
  });
  it('what the dial does not reach', () => expect(conflictsOf(base, { tripDelaySeconds: [5, 10] })).toHaveLength(1));
  it('sound settings stand', () => expect(conflictsOf(base, { underVolts: [300, 380] })).toEqual([]));
});

describe('recordings as CSV', () => {
  it('are read back as they were written', () => {
    const { samples } = makeRecording({ ...shape, seconds: 2 }, [sag({ atSeconds: 1, seconds: 0.5 })]);
    const back = readSamples(writeSamples(samples), 'line-to-line');
    expect(back.ok).toBe(true);
    if (!back.ok) return;
    expect(back.samples.stepSeconds).toBeCloseTo(0.01, 9);
    expect(back.samples.volts[0][120]).toBeCloseTo(samples.volts[0][120]!, 2);
    expect(derive(back.samples, 400).hasHertz).toBe(true);
  });
  it.each([
    ['nothing', '', /first line/],
    ['no heading', '0,400,400,400\n1,400,400,400', /first line|columns/],
    ['a word among figures', 'seconds,u12,u23,u31\n0,400,400,400\n1,400,high,400', /Line 3/],
    ['time that stands', 'seconds,u12,u23,u31\n0,400,400,400\n0,400,400,400', /does not go on/],
    ['a gap', 'seconds,u12,u23,u31\n0,400,400,400\n1,400,400,400\n5,400,400,400', /equal/],
    ['volts below nothing', 'seconds,u12,u23,u31\n0,400,400,400\n1,400,-3,400', /Line 3/],
  ])('%s is refused with its line', (_, text, pattern) => {
    const read = readSamples(text, 'line-to-line');
    expect(read.ok ? '' : read.fault).toMatch(pattern);
  });
  it('semicolons, a comma as decimal point and no frequency are read', () => {
    const read = readSamples('t;u12;u23;u31\n0;400,5;401;399\n0,5;400;401;399\n', 'line-to-line');
    expect(read.ok && read.samples.volts[0][0]).toBe(400.5);
    expect(read.ok && read.samples.stepSeconds).toBe(0.5);
  });
});
