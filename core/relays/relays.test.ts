/** Bases, pins and terminal maps: against the tables of the trade (common practice, from memory), and laws. */
import type { DeviceFamily } from '../families/contract';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { FieldValues } from '../case/case';
import { contextOf } from '../judge-case';
import { compileNeed } from '../matching/evaluate';
import { overallVerdict } from '../matching/judge';
import { pilotDutyAmps, pilotDutyOf, pilotDutyAc } from '../standards/pilot-duty';
import { controlRelays } from '../families/control-relays';
import { monitoringRelays } from '../families/monitoring-relays';
import { timingRelays } from '../families/timing-relays';
import { baseOf, bases, pinPlaces, pinUses } from './bases';
import { relayTerminals } from './terminals';

const context = (supply: FieldValues, load: FieldValues = { kind: 'contactor-coil' }) =>
  contextOf({ practice: 'IEC', family: 'control-relay', supply, load, duty: {}, removed: null, candidates: [] });

describe('pin-outs, common practice', () => {
  it.each([
    ['octal-8', ['2', '7'], ['1 4 3', '8 5 6']],
    ['11-pin', ['2', '10'], ['1 4 3', '6 5 7', '11 8 9']],
    ['14-blade', ['13', '14'], ['9 1 5', '10 2 6', '11 3 7', '12 4 8']],
  ])('%s', (id, coil, sets) => {
    const base = baseOf(id)!;
    expect(base.coil).toEqual(coil);
    expect(base.contacts.map(({ common, normallyClosed, normallyOpen }) => `${common} ${normallyClosed} ${normallyOpen}`)).toEqual(sets);
  });
  it('blades of one pole stand four apart: n, n + 4, n + 8', () =>
    baseOf('14-blade')!.contacts.forEach(({ common, normallyClosed, normallyOpen }, i) =>
      expect([normallyClosed, normallyOpen, common].map(Number)).toEqual([i + 1, i + 5, i + 9]),
    ));
  it('an 11-pin timer keeps 5, 6 and 7 for its signal', () => {
    const uses = pinUses(baseOf('11-pin')!, true);
    expect(uses.filter(({ use }) => use === 'signal').map(({ pin }) => pin)).toEqual(['5', '6', '7']);
    expect(uses.filter(({ use }) => use === 'common').map(({ pin }) => pin)).toEqual(['1', '11']);
  });
  it('every pin has one use and one place, and the socket is the mirror of the plug', () => {
    for (const base of bases) {
      for (const timer of [false, true]) expect(pinUses(base, timer).map(({ pin }) => pin)).toEqual([...base.pins]);
      const [plug, socket] = [pinPlaces(base, 'plug'), pinPlaces(base, 'socket')];
      expect(new Set(plug.map(({ x, y }) => `${x.toFixed(4)} ${y.toFixed(4)}`)).size, base.id).toBe(base.pins.length);
      expect(plug.every(({ x, y }) => x > 0 && x < 1 && y > 0 && y < 1)).toBe(true);
      if (base.arrangement !== 'rail')
        plug.forEach(({ pin, x, y }) =>
          expect(socket.find((one) => one.pin === pin)).toMatchObject({ x: expect.closeTo(1 - x, 9) as number, y }),
        );
    }
  });
});

describe('terminal maps', () => {
  const anyTimer: DeviceFamily = timingRelays;
  const part = (base: string, more: FieldValues = {}) => anyTimer.canonical({ base, contactForms: { SPDT: 1 }, ...more });
  it('an 11-pin timer to an 8-pin one', () => {
    const moves = relayTerminals(
      context({ socket: '11-pin' }, { kind: 'contactor-coil', contactForms: { SPDT: 1 } }),
      part('11-pin'),
      part('octal-8'),
      true,
    );
    expect(moves.map(({ from, to }) => `${from}>${to}`)).toEqual(['2>2', '10>7', '1>1', '4>4', '3>3']);
  });
  it('a control signal that the new base has no pin for is said', () => {
    const load = { kind: 'contactor-coil', contactForms: { SPDT: 1 }, controlSignal: true, signalKind: 'volt-free' };
    const moves = relayTerminals(context({ socket: '11-pin' }, load), part('11-pin'), part('octal-8'), true);
    expect(moves.at(-1)).toMatchObject({ from: '5-6-7', to: 'no signal pin on this base' });
  });
  it('a contact too many is said, and unknown bases ask for the diagram', () => {
    const three = relayTerminals(
      context({ socket: '11-pin' }, { kind: 'contactor-coil', contactForms: { SPDT: 3 } }),
      null,
      controlRelays.canonical({ base: 'octal-8' }),
    );
    expect(three.filter(({ to }) => to === 'no such contact on this base')).toHaveLength(3);
    expect(
      relayTerminals(context({ socket: 'pcb' }), null, controlRelays.canonical({ base: 'solder' })).every(
        ({ to }) => to === 'read the diagram',
      ),
    ).toBe(true);
  });
  it('plus goes to the pin that the new part marks', () => {
    const to = controlRelays.canonical({ base: 'octal-8', polarity: 'diode', positivePin: 7 });
    const moves = relayTerminals(context({ socket: 'octal-8', coilPositivePin: 2, controlKind: 'dc' }), null, to);
    expect(moves.slice(0, 2).map(({ from, to: target, note }) => [from, target, note.split(',')[0]])).toEqual([
      ['2', '7', 'plus'],
      ['7', '2', 'minus'],
    ]);
  });
  it('the same base keeps every pin', () => {
    for (const base of bases) {
      const anyRelay: DeviceFamily = controlRelays;
      const same = anyRelay.canonical({ base: base.id, contactForms: { SPDT: base.contacts.length } });
      for (const { from, to } of relayTerminals(context({ socket: base.id }), same, same)) expect(to, base.id).toBe(from);
    }
  });
});

describe('contact rating designations, UL 508 from memory', () => {
  it.each([
    ['A600', 600, 12, 1.2],
    ['A300', 120, 60, 6],
    ['B300', 240, 15, 1.5],
    ['C150', 120, 15, 1.5],
    ['D300', 240, 1.8, 0.3],
    ['E150', 120, 1.8, 0.3],
    ['N600', 125, 2.2, 2.2],
    ['P300', 250, 0.552, 0.552],
    ['R300', 125, 0.22, 0.22],
  ])('%s at %d V makes %d A and breaks %d A', (code, volts, make, breaks) => {
    const amps = pilotDutyAmps(pilotDutyOf(code)!, volts)!;
    expect(amps.make).toBeCloseTo(make, 2);
    expect(amps.break).toBeCloseTo(breaks, 2);
  });
  it('amps never rise with volts, never exceed the continuous current when breaking, and end at the volts of the code', () => {
    fc.assert(
      fc.property(fc.constantFrom('A600', 'B300', 'C300', 'D150', 'N600', 'Q300'), fc.integer({ min: 5, max: 590 }), (code, volts) => {
        const duty = pilotDutyOf(code)!;
        const [low, high] = [pilotDutyAmps(duty, volts), pilotDutyAmps(duty, volts + 10)];
        if (volts > duty.volts) expect(low).toBeUndefined();
        if (low && high) expect(high.break).toBeLessThanOrEqual(low.break + 1e-12);
        if (low && pilotDutyAc[duty.letter]) expect(low.break).toBeLessThanOrEqual(pilotDutyAc[duty.letter]!.continuousAmps);
      }),
    );
    for (const nothing of ['F300', 'A200', '', null, 'A']) expect(pilotDutyOf(nothing)).toBeUndefined();
  });
});

describe('laws of judging relays', () => {
  const rank = { fails: 0, 'not-known': 1, check: 2, fits: 3 } as const;
  const verdictOf = (load: FieldValues, spec: FieldValues) =>
    overallVerdict(
      controlRelays
        .needs(context({}, load))
        .map(compileNeed)
        .filter(({ need, carries }) => need.alwaysAsked || carries(controlRelays.canonical(spec)))
        .map(({ need, verdict }) => ({ verdict: verdict(controlRelays.canonical(spec)), alwaysAsked: need.alwaysAsked ?? false })),
    );
  const amps = fc.constantFrom(0.1, 0.5, 1.5, 3, 6);
  it('more amps never judge worse, and more load never better', () => {
    fc.assert(
      fc.property(fc.constantFrom('resistive', 'AC-15', 'tungsten'), amps, amps, amps, (loadType, needed, has, extra) => {
        const load = (n: number) => ({ kind: 'contactor-coil', contacts: [{ loadType, kind: 'ac', volts: 230, amps: n }] });
        const spec = (n: number) => ({ contactRatings: [{ loadType, kind: 'ac', volts: 240, amps: n }] });
        expect(rank[verdictOf(load(needed), spec(has + extra))]).toBeGreaterThanOrEqual(rank[verdictOf(load(needed), spec(has))]);
        expect(rank[verdictOf(load(needed + extra), spec(has))]).toBeLessThanOrEqual(rank[verdictOf(load(needed), spec(has))]);
      }),
    );
  });
  it('a figure for one kind of load never makes another kind fit', () => {
    const kinds = ['motor', 'tungsten', 'ballast', 'led', 'transformer', 'capacitive', 'AC-15', 'AC-13'] as const;
    fc.assert(
      fc.property(fc.constantFrom(...kinds), fc.constantFrom('resistive', ...kinds), (wanted, given) => {
        fc.pre(wanted !== given);
        expect(
          verdictOf(
            { kind: 'contactor-coil', contacts: [{ loadType: wanted, kind: 'ac', volts: 120, amps: 0.1 }] },
            { contactRatings: [{ loadType: given, kind: 'ac', volts: 250, amps: 100 }] },
          ),
        ).not.toBe('fits');
      }),
    );
  });
  it('forms: what serves as one never serves twice', () => {
    const counts = fc.record({
      SPDT: fc.integer({ min: 0, max: 3 }),
      'SPST-NO': fc.integer({ min: 0, max: 3 }),
      'SPST-NC': fc.integer({ min: 0, max: 3 }),
    });
    fc.assert(
      fc.property(counts, counts, (needed, has) => {
        fc.pre(Object.values(needed).some((count) => count > 0) && Object.values(has).some((count) => count > 0));
        const [fits] = [verdictOf({ kind: 'contactor-coil', contactForms: needed }, { contactForms: has })];
        const spare = has.SPDT - needed.SPDT;
        const short = Math.max(0, needed['SPST-NO'] - has['SPST-NO']) + Math.max(0, needed['SPST-NC'] - has['SPST-NC']);
        expect(fits).toBe(spare >= 0 && spare >= short ? 'fits' : 'fails');
      }),
    );
  });
});

describe('plates of relays as marks of the case', () => {
  it('a relay: form, pins, ratings and a lamp', () => {
    expect(controlRelays.specFromPlate({ contactForm: 'DPDT', pins: 8, ledIndicator: true, coilKind: 'dc' })).toMatchObject({
      contactForms: { SPDT: 2 },
      base: 'octal-8',
      polarity: null,
    });
    expect(controlRelays.specFromPlate({ contactForm: null, pins: 9, ledIndicator: true, coilKind: 'ac' })).toMatchObject({
      contactForms: null,
      base: null,
      polarity: 'led',
    });
  });
  it('a timer: supply as coil, functions as words, one range', () => {
    const marks = timingRelays.specFromPlate({
      supplyVoltsRange: [24, 240],
      supplyKind: 'ac/dc',
      hertz: [50, 60],
      functions: [{ letter: 'A', word: 'ON-DELAY' }],
      timeRangeSeconds: [0.1, 36000],
    });
    expect(marks).toMatchObject({
      coilVoltsMin: 24,
      coilVoltsMax: 240,
      coilKind: 'ac/dc',
      functionWords: ['on-delay'],
      rangesSeconds: [[0.1, 36000]],
    });
  });
  it('a monitor: dials as ends, percents of one nominal as volts', () => {
    const marks = monitoringRelays.specFromPlate({
      nominalVolts: 400,
      undervoltagePercent: [75, 95],
      asymmetryPercent: [5, 15],
      delaySeconds: [0.1, 10],
      phaseFailure: true,
      phaseSequence: false,
      contactForm: 'DPDT',
    });
    expect(marks).toMatchObject({
      nominalVoltsMin: 400,
      nominalVoltsMax: 400,
      underVoltsMin: 300,
      underVoltsMax: 380,
      asymmetrySettingMinPercent: 5,
      tripDelayMaxSeconds: 10,
      changeovers: 2,
    });
    expect(marks.functions).toMatchObject({ phaseLoss: true, phaseSequence: false, undervoltage: true });
  });
});
