/** Settings and proofs of timers and monitors: what is dialled, which rows stand, what is refused. */
import { describe, expect, it } from 'vitest';
import type { FieldValues } from '../case/case';
import { contextOf } from '../judge-case';
import { proofVerdict } from '../swap/sign-off';
import { controlRelays } from '../families/control-relays';
import { monitoringRelays } from '../families/monitoring-relays';
import { timingRelays } from '../families/timing-relays';

const context = (family: string, supply: FieldValues, load: FieldValues) =>
  contextOf({ practice: 'IEC', family, supply, load, duty: {}, removed: null, candidates: [] });

describe('a timer', () => {
  const load: FieldValues = {
    kind: 'contactor-coil',
    requiredTrace: {
      supply: [[0, 1]],
      output: [
        [0, 0],
        [9, 1],
      ],
    },
    settingSeconds: 9,
  };
  const spec: FieldValues = {
    functionWords: ['interval', 'delay on make'],
    functionLetters: [
      { letter: 'B', word: 'interval' },
      { letter: 'C', word: 'delay on make' },
    ],
    rangesSeconds: [
      [0.5, 10],
      [5, 100],
    ],
    setting: 'dial',
  };
  const sheet = (more: FieldValues = {}) =>
    timingRelays.settings({ need: context('timing-relay', {}, load), part: timingRelays.canonical({ ...spec, ...more }) });
  it('its own letter, the smallest range, the dial in percent', () => {
    expect(sheet().rows.map(({ name, value }) => [name, value])).toEqual([
      ['Function', 'C, delay on make'],
      ['Range', expect.stringMatching(/^500.ms to 10.s$/)],
      ['Time', 'dial at 90 %'],
    ]);
  });
  it('digits where it has digits', () => expect(sheet({ setting: 'digits' }).rows.at(-1)!.value).toBe('009, unit s'));
  it('a time that no range holds is refused', () => expect(sheet({ rangesSeconds: [[0.1, 3]] }).conflicts).toHaveLength(1));
  it('one timed run within 10 % of the time', () => {
    const run = timingRelays
      .proofs({ need: context('timing-relay', {}, load), part: timingRelays.canonical(spec) })
      .find(({ id }) => id === 'timed-run')!;
    expect([run.low, run.high]).toEqual([expect.closeTo(8.1, 9), expect.closeTo(9.9, 9)]);
    expect(proofVerdict(run, { reading: 9.4 })).toBe('fits');
    expect(proofVerdict(run, { reading: 12 })).toBe('check');
  });
});

describe('a monitor', () => {
  const supply: FieldValues = { systemVolts: 400, phases: 3, hertz: 50, currentKind: 'ac', wires: 4 };
  const load: FieldValues = { kind: 'motor-3ph', plateVolts: 400, regeneratedPercent: 85, underVoltsSettingNeeded: 352 };
  const spec: FieldValues = {
    wires: 3,
    nominalVoltsBetween: 'line-to-line',
    functions: { undervoltage: true, phaseLoss: true, asymmetry: true, overvoltage: false, phaseSequence: true },
    changeovers: 1,
    tripDelayMinSeconds: 0.1,
    tripDelayMaxSeconds: 10,
  };
  const sheet = (own: FieldValues, more: FieldValues = {}) =>
    monitoringRelays.settings({ need: context('monitoring-relay', own, load), part: monitoringRelays.canonical({ ...spec, ...more }) });
  it('has the rows that the part has, the position’s undervoltage, and nothing for what it lacks', () => {
    const rows = new Map(sheet(supply).rows.map(({ id, value }) => [id, value]));
    expect(rows.get('underVolts')).toMatch(/^352.V/);
    expect(rows.has('overVolts')).toBe(false);
    expect(rows.has('secondOutput')).toBe(false);
    expect(sheet(supply, { changeovers: 2 }).rows.some(({ id }) => id === 'secondOutput')).toBe(true);
  });
  it('refuses what its dial does not reach', () =>
    expect(sheet(supply, { asymmetrySettingMinPercent: 20, asymmetrySettingMaxPercent: 50 }).conflicts.join()).toMatch(/cannot be set/));
  it('a lost phase is timed against the delay that is set, not against the end of its dial', () => {
    const proofs = monitoringRelays.proofs({
      need: context('monitoring-relay', supply, { ...load, rideThroughSeconds: 2 }),
      part: monitoringRelays.canonical({ ...spec, tripDelayMaxSeconds: 300 }),
    });
    // 2 s and a quarter more, 10 % for the delay itself, half a second by hand
    expect(proofs.find(({ id }) => id === 'lost-phase-seconds')!.high).toBeCloseTo(2.5 * 1.1 + 0.5, 6);
  });
  it('of one phase or without volts nothing is worked out', () => {
    for (const own of [
      { ...supply, phases: 1 },
      { ...supply, systemVolts: null },
    ])
      expect(sheet(own)).toEqual({ rows: [], conflicts: [] });
  });
});

it('a contact above 1 Ω net of leads is rejected, above 0.1 Ω looked at', () => {
  const proofs = controlRelays.proofs({
    need: context('control-relay', {}, { kind: 'contactor-coil' }),
    part: controlRelays.canonical({ base: 'octal-8', contactForms: { SPDT: 2 } }),
  });
  const contact = proofs.find(({ id }) => id === 'make-pulled')!;
  expect(contact.how).toContain('1-3, 8-6');
  expect([0.25, 0.6, 1.7].map((reading) => proofVerdict(contact, { reading, leadOhms: 0.2 }))).toEqual(['fits', 'check', 'fails']);
});
