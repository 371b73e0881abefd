/** The hunt for a cause: what is asked, and what settles it. Common practice. */
import { describe, expect, it } from 'vitest';
import type { Reading } from '../readings/reading';
import { familyOf } from '../families/registry';
import { contextOf } from '../judge-case';
import { askedNeeds, judgePart } from '../matching/judge';
import { caseOfSwap, removedSpec } from './case-from-swap';
import { answerOf } from '../fault-finding/find-fault';
import type { Finding } from '../fault-finding/tree';
import { failuresInAYear, huntObstacles, huntOf, openState } from './fault-hunt';
import { applyChanges, chooseChanges, emptySwap, HUNT_KEY, type SwapState } from './swap';

const read = (value: Reading['value']): Reading => ({ state: 'read', value });
const motor = { ...emptySwap('overload-relay', 'motor-3ph'), load: { fullLoadAmps: read(14) } };
const residual = { ...emptySwap('residual-current', 'socket-circuit'), removed: { sensitivityMilliamps: read(30) } };
const feeder = { ...emptySwap('fuse', 'conductor-feeder'), removed: { ratedAmps: read(6) } };
const curved = (curve: string, ratedAmps: number) => ({
  ...emptySwap('breaker', 'conductor-feeder'),
  removed: { curve: read(curve), ratedAmps: read(ratedAmps), standard: read('IEC 60898-1') },
});
const treeOf = (state: SwapState) => huntOf(state, 'IEC', {})!.tree;
const ids = (state: SwapState) => treeOf(state).causes.map(({ id }) => id);
const test = (state: SwapState, id: string) => treeOf(state).tests.find((one) => one.id === id)!;
/** What a finding on the test of a cause says of that cause. */
function verdict(state: SwapState, id: string, found: Finding): 'open' | 'cause' | 'ruled-out' {
  const answer = answerOf(test(state, id), found, { [id]: found });
  const cause = treeOf(state).causes.find((one) => one.id === id)!;
  return answer === undefined ? 'open' : [cause.provedBy[id]].flat().includes(answer) ? 'cause' : 'ruled-out';
}

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
    expect(ids(feeder)).not.toContain('single-phasing');
  });
});

describe('what leaks', () => {
  it('needs yes or no where the sensitivity is not read', () => {
    const unread = emptySwap('residual-current', 'socket-circuit');
    expect(test(unread, 'standing-leakage').figure).toBeUndefined();
    expect(verdict(unread, 'standing-leakage', { reading: 0.02 })).toBe('open');
    expect(verdict(unread, 'device-too-fine', { yes: true })).toBe('cause');
  });
  it('a class for people must hold at the lower end of its own band: UL 943 class A, 4 mA, from memory', () => {
    const people = {
      ...emptySwap('residual-current', 'socket-circuit'),
      removed: { protectionClass: read('GFCI Class A'), tripMilliamps: read(5) },
    };
    expect(verdict(people, 'device-too-fine', { reading: 0.0039 })).toBe('cause');
    expect(verdict(people, 'device-too-fine', { reading: 0.004 })).toBe('ruled-out');
  });
  it('asks of filters where a converter stands', () => {
    const drive = { ...residual, load: { electronics: read('three-phase-rectifier') } };
    expect(test(drive, 'switching-surge').question).not.toBe(test(residual, 'switching-surge').question);
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
          const hunted = verdict(state, 'inrush', { reading: times * ratedAmps });
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
  ] as const)('%#: %s', (state, id, found, said) => expect(verdict(state, id, found)).toBe(said));
});

describe('what it did, held against its own curve', () => {
  // IEC 60898-1, from memory: a C16 holds 5 times its amps for 0.1 s and opens at 10 times within 0.1 s.
  it.each([
    [0.02, 60, 'cause'],
    [0.02, 170, 'ruled-out'],
    [2, 170, 'cause'],
  ] as const)('%s s at %s A: %s', (reading, amps, said) => {
    const state = curved('C', 16);
    const findings = { observed: { reading }, 'observed-amps': { reading: amps } };
    const answer = answerOf(test(state, 'observed'), findings.observed, findings);
    const itself = treeOf(state).causes.find(({ id }) => id === 'itself')!;
    expect([itself.provedBy.observed].flat().includes(answer!) ? 'cause' : 'ruled-out').toBe(said);
  });
  it('of a breaker whose lower edge is not published nobody says that it lies inside, only that it was too late', () => {
    // UL 489, from memory: it gives no time for which a breaker must hold at a multiple of its amps.
    const state = {
      ...emptySwap('breaker', 'conductor-feeder'),
      removed: { ratedAmps: read(20), standard: read('UL 489'), frame: read('125') },
    };
    const said = (seconds: number) =>
      answerOf(test(state, 'observed'), { reading: seconds }, { observed: { reading: seconds }, 'observed-amps': { reading: 60 } });
    expect([said(0.02), said(1000)]).toEqual([undefined, 'later']);
  });
  it('a time without its amps says nothing', () => {
    const state = curved('C', 16);
    expect(answerOf(test(state, 'observed'), { reading: 1 }, { observed: { reading: 1 } })).toBeUndefined();
  });
});

describe('a hunt before a signature', () => {
  const hunt = (state: SwapState) => huntOf(state, 'IEC', {})!;
  const begun: SwapState = { ...motor, causes: { symptom: { answer: 'seconds' } } };
  it('begun and open it stands in the way, until it is left open by name for what stands there', () => {
    const [obstacle] = huntObstacles(hunt(begun), begun, 0);
    expect(obstacle).toMatchObject({ kind: 'cause' });
    const seen = openState(hunt(begun), 0)!.seen;
    const named = (state: SwapState, reason: string): SwapState => ({
      ...state,
      acknowledged: { [HUNT_KEY]: { by: 'Orla Fenwick', reason, seen } },
    });
    expect(huntObstacles(hunt(begun), named(begun, 'no meter here'), 0)).toEqual([]);
    expect(huntObstacles(hunt(begun), named(begun, 'no'), 0)).toHaveLength(1);
    const further: SwapState = { ...begun, causes: { ...begun.causes, 'locked-load': { yes: false } } };
    expect(huntObstacles(hunt(further), named(further, 'no meter here'), 0)).toHaveLength(1);
  });
  it('stays left open when another part is chosen: it says nothing of a part', () => {
    const seen = openState(hunt(begun), 0)!.seen;
    const named: SwapState = { ...begun, acknowledged: { [HUNT_KEY]: { by: 'Orla Fenwick', reason: 'no meter here', seen } } };
    const chosen = applyChanges(named, chooseChanges(named, { partId: 'another', name: 'Another' }));
    expect(huntObstacles(hunt(chosen), chosen, 0)).toEqual([]);
  });
  it('a cause that was shown ends it', () => {
    const shown: SwapState = { ...begun, causes: { ...begun.causes, 'locked-load': { yes: true } } };
    expect(huntObstacles(hunt(shown), shown, 5)).toEqual([]);
  });
  it('three failures in a year ask for the cause, two do not; nobody who did not look is stopped otherwise', () => {
    expect([0, 2, 3].map((repeats) => huntObstacles(hunt(motor), motor, repeats).length)).toEqual([0, 0, 1]);
  });
  it('failures are counted over the year up to the newest entry', () => {
    const at = (day: string, kind = 'fault') => ({ kind, at: `${day}T08:00:00Z` });
    expect(failuresInAYear([])).toBe(0);
    expect(failuresInAYear([at('2026-11-01'), at('2026-05-01'), at('2025-12-01'), at('2025-10-01'), at('2026-10-01', 'note')])).toBe(3);
  });
  it('what was found against the plates is a contradiction, and is not signed', () => {
    const other: SwapState = {
      ...emptySwap('contactor', 'motor-3ph'),
      removed: { coilVolts: read(24), coilKind: read('dc') },
      supply: { controlVolts: read(24), controlKind: read('dc') },
      causes: { symptom: { answer: 'hums' }, 'coil-other': { yes: true } },
    };
    expect(hunt(other).found.contradictions).toHaveLength(1);
    expect(huntObstacles(hunt(other), other, 0)).toHaveLength(1);
  });
});
