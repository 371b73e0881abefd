/** Settings worked out: by hand, as laws, and proved by running them over the events they are made for. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { planSettings, type PlanInput } from './plan';
import { runMonitor } from './run';
import { makeRecording, type Scenario } from './scenarios';

const input: PlanInput = {
  systemVolts: 400,
  hertz: 50,
  wires: 3,
  motorVolts: 400,
  supplyBandPercent: 6,
  usualUnbalancePercent: 1,
  heldPercent: 88,
  startDip: { leftPercent: 84, seconds: 6 },
  rideThroughSeconds: 1,
  changeoverSeconds: null,
  restSeconds: null,
  asymmetryBy: 'spread',
  latch: false,
};
const row = (plan: ReturnType<typeof planSettings>, id: string) => plan.sheet.find((one) => one.id === id)!;

describe('settings by hand', () => {
  const plan = planSettings(input);
  it('undervoltage at 90 % of the motor, overvoltage at 110 %', () => {
    expect([plan.settings.underVolts, plan.settings.overVolts]).toEqual([360, 440]);
    expect(row(plan, 'underVolts').reason).toMatch(/90 % of the motor/);
  });
  it('the off delay outlasts the start that dips below it', () => expect(plan.settings.tripDelaySeconds).toBe(7.5));
  it('a start that stays above it asks for no delay of its own', () =>
    expect(planSettings({ ...input, startDip: { leftPercent: 94, seconds: 6 }, rideThroughSeconds: 0 }).settings.tripDelaySeconds).toBe(
      0.5,
    ));
  it('asymmetry lies below what the held phase makes between lines, and below 5 % by deviation', () => {
    // 88 + 1 %: √((1 + 0.89 + 0.89²) / 3) = 0.9455, so 5.45 % between lines.
    expect(plan.settings.asymmetryPercent).toBeCloseTo(5.4, 5);
    expect(planSettings({ ...input, wires: 4 }).settings.asymmetryPercent).toBeCloseTo(7.3, 5);
    expect(planSettings({ ...input, heldPercent: 60 }).settings.asymmetryPercent).toBeCloseTo(7.3, 5);
    expect(planSettings({ ...input, heldPercent: 60, asymmetryBy: 'deviation' }).settings.asymmetryPercent).toBeCloseTo(5, 5);
  });
  it('a held phase that is no more than the usual unbalance is refused', () => {
    expect(
      planSettings({ ...input, heldPercent: 97, usualUnbalancePercent: 2 })
        .conflicts.map(({ words }) => words)
        .join(),
    ).toMatch(/4-wire/);
    expect(planSettings({ ...input, heldPercent: 90 }).conflicts).toEqual([]);
  });
  it('a motor for fewer volts than the supply usually has is told', () =>
    expect(row(planSettings({ ...input, motorVolts: 440 }), 'underVolts').reason).toMatch(/look at the taps/));
  it('four wires are set to neutral, with an open neutral', () => {
    const four = planSettings({ ...input, wires: 4 });
    expect(four.settings.nominalVolts).toBe(231);
    expect(four.settings.neutralShiftVolts).toBeGreaterThan(40);
  });
  it('a compressor rests, a standby set is waited for', () => {
    expect(planSettings({ ...input, restSeconds: 240 }).settings.returnDelaySeconds).toBe(240);
    expect(planSettings({ ...input, changeoverSeconds: 20 }).settings.returnDelaySeconds).toBe(25);
  });
  it('what a relay cannot be set to is refused', () =>
    expect(planSettings(input, { tripDelaySeconds: [0.1, 5] }).conflicts).toHaveLength(1));
  it('every row has a value, a reason and a source', () =>
    plan.sheet.forEach((one) => expect([one.value, one.reason, one.source].every(Boolean)).toBe(true)));
});

describe('the settings do what they are for', () => {
  const arbitrary = fc.record({
    held: fc.constantFrom(80, 85, 88, 92),
    dip: fc.constantFrom(75, 82, 86),
    dipSeconds: fc.constantFrom(2, 5, 8),
    ride: fc.constantFrom(0, 0.5, 1.5),
    by: fc.constantFrom('spread' as const, 'deviation' as const),
  });
  it('no start trips, no dip trips, a held phase does', () => {
    fc.assert(
      fc.property(arbitrary, ({ held, dip, dipSeconds, ride, by }) => {
        const { settings, conflicts } = planSettings({
          ...input,
          heldPercent: held,
          startDip: { leftPercent: dip, seconds: dipSeconds },
          rideThroughSeconds: ride,
          asymmetryBy: by,
        });
        expect(conflicts).toEqual([]);
        const events: Scenario[] = [
          { kind: 'sag', atSeconds: 10, seconds: dipSeconds, leftPercent: dip, phases: 3, mustTrip: false },
          ...(ride > 0 ? [{ kind: 'sag', atSeconds: 40, seconds: ride, leftPercent: 0, phases: 3, mustTrip: false } as const] : []),
          { kind: 'lost-phase', atSeconds: 60, seconds: 30, heldPercent: held, mustTrip: true },
          { kind: 'reversal', atSeconds: 130, seconds: 10, mustTrip: true },
        ];
        for (const [wires, between] of [
          [3, 'line-to-line'],
          [4, 'line-to-neutral'],
        ] as const) {
          const shape = { lineVolts: 400, hertz: 50, between, stepSeconds: 0.02, seconds: 160 };
          const own = planSettings({
            ...input,
            wires,
            heldPercent: held,
            startDip: { leftPercent: dip, seconds: dipSeconds },
            rideThroughSeconds: ride,
            asymmetryBy: by,
          });
          const { missed, nuisance } = runMonitor(makeRecording(shape, events), own.settings);
          expect([wires, missed, nuisance]).toEqual([wires, [], []]);
        }
        expect(settings.tripDelaySeconds).toBeGreaterThan(dipSeconds);
      }),
      { numRuns: 40 },
    );
  });
});
