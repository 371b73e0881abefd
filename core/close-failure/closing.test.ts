/** The model of a breaker and the check that is made on it: what blocks, what moves, and that every cause is found. Common practice. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  blockersOf,
  blockerWords,
  closingPercent,
  limits,
  releasePercent,
  soundBreaker,
  type BreakerState,
  type Fitted,
} from './breaker-state';
import { checkOf, checksOf, shownWords, sortVolts, worksFrom } from './checks';
import { diagnose } from './diagnose';
import type { Answers } from './findings';
import { faults, faultsOf, withFaults, type Fault } from './faults';
import { alter, press, settle, type Action } from './operate';

const all: Fitted = { motor: true, undervoltage: true, shuntTrip: true, carriage: true, interlock: true };
const bare: Fitted = { motor: false, undervoltage: false, shuntTrip: false, carriage: false, interlock: false };
const fitted = fc.record({
  motor: fc.boolean(),
  undervoltage: fc.boolean(),
  shuntTrip: fc.boolean(),
  carriage: fc.boolean(),
  interlock: fc.boolean(),
});
const actions: readonly Action[] = [
  'close-signal',
  'close-signal-off',
  'close-hand',
  'open-hand',
  'charge-hand',
  'reset',
  'trip',
  'release-spring',
];

describe('a breaker in order', () => {
  it('closes, charges by itself, opens, and closes again only on a new command', () => {
    const closed = press(soundBreaker(all), 'close-signal');
    expect([closed.state.contacts, closed.state.spring, closed.blockedBy]).toEqual(['closed', 'charged', []]);
    const tripped = press(closed.state, 'trip').state;
    expect([tripped.contacts, tripped.lockedOut]).toEqual(['open', true]);
    const held = press(press(tripped, 'reset').state, 'close-signal');
    expect(held.blockedBy).toEqual(['anti-pump']);
    expect(press(press(held.state, 'close-signal-off').state, 'close-signal').state.contacts).toBe('closed');
  });
  it('without a motor the spring is charged by hand after each close', () => {
    const closed = press(soundBreaker(bare), 'close-hand').state;
    expect(closed.spring).toBe('discharged');
    expect(press(press(closed, 'open-hand').state, 'close-hand').blockedBy).toEqual(['spring']);
    expect(press(press(press(closed, 'open-hand').state, 'charge-hand').state, 'close-hand').state.contacts).toBe('closed');
  });
  it('does not close when it is closed', () => {
    const closed = press(soundBreaker(bare), 'close-hand').state;
    expect(blockersOf(closed, 'hand')).toContain('closed-already');
    expect(press(soundBreaker(bare), 'trip').said).toEqual(['It is open: nothing trips.']);
  });
});

describe('releases, by IEC 60947-1 (from memory): opens between 70 and 35 %, closes from 85 %', () => {
  const closed = press(soundBreaker(all), 'close-signal').state;
  it.each([
    [80, 'closed'],
    [70.1, 'closed'],
    [34.9, 'open'],
    [0, 'open'],
  ] as const)('source at %f percent of its mark: %s', (releaseSourcePercent, contacts) =>
    expect(alter(closed, { releaseSourcePercent }).state.contacts).toBe(contacts),
  );
  it('volts that hold it do not let it close: 75 % after it has let go', () => {
    const out = alter(closed, { releaseSourcePercent: 0 }).state;
    expect(blockersOf(alter(out, { releaseSourcePercent: 84.9 }).state, 'hand')).toContain('undervoltage');
    expect(blockersOf(alter(out, { releaseSourcePercent: 85 }).state, 'hand')).toEqual([]);
  });
  it('fed from the load side it can never be closed', () => {
    const state = settle({ ...soundBreaker(all), releaseFedFrom: 'load-side' as const }).state;
    expect(releasePercent(state)).toBe(0);
    expect(press(state, 'close-hand').blockedBy).toEqual(['undervoltage']);
  });
  it.each([
    [69, 'closed'],
    [70, 'open'],
  ] as const)('a shunt trip at %i percent: %s', (shuntPercent, contacts) =>
    expect(alter(closed, { shuntPercent }).state.contacts).toBe(contacts),
  );
  it('a closing coil at 84.9 % does not, at 85 % it does', () => {
    const at = (controlPercent: number) => press({ ...soundBreaker(all), controlPercent }, 'close-signal').blockedBy;
    expect([at(84.9), at(85)]).toEqual([['closing-coil'], []]);
    expect(closingPercent({ ...soundBreaker(all), controlPercent: 100, closingDropPercent: 20 })).toBe(80);
  });
});

describe('laws', () => {
  const change = fc.record(
    {
      releaseSourcePercent: fc.constantFrom(0, 50, 75, 100),
      shuntPercent: fc.constantFrom(0, 100),
      motorPercent: fc.constantFrom(0, 100),
      controlPercent: fc.constantFrom(0, 80, 100),
      carriage: fc.constantFrom('connected' as const, 'between' as const, 'test' as const),
      interlockFree: fc.boolean(),
    },
    { requiredKeys: [] },
  );
  const walk = fc.array(fc.oneof(fc.constantFrom(...actions), change), { maxLength: 25 });
  const step = (state: BreakerState, one: Action | Partial<BreakerState>) =>
    (typeof one === 'string' ? press(state, one) : alter(state, one)).state;
  it('never closed while the release is out or a shunt trip is on', () => {
    fc.assert(
      fc.property(fitted, walk, (has, steps) => {
        let state = soundBreaker(has);
        for (const one of steps) {
          state = step(state, one);
          if (state.contacts === 'closed') {
            if (has.undervoltage) expect(state.releaseIn).toBe(true);
            if (has.shuntTrip) expect(state.shuntPercent).toBeLessThan(limits.trips);
          }
        }
      }),
    );
  });
  it('closes exactly when nothing blocks it, and says what did', () => {
    fc.assert(
      fc.property(fitted, walk, fc.constantFrom('close-signal' as const, 'close-hand' as const), (has, steps, action) => {
        const state = steps.reduce(step, soundBreaker(has));
        const blocked = blockersOf(
          action === 'close-signal' ? { ...state, closeHeld: true } : state,
          action === 'close-signal' ? 'signal' : 'hand',
        );
        const after = press(state, action);
        expect(after.blockedBy).toEqual(blocked);
        if (blocked.length === 0) expect(after.state.contacts).toBe('closed');
        else expect(after.said).toEqual(['It does not close.', ...blocked.map((one) => blockerWords[one])]);
      }),
    );
  });
  it('settling twice changes nothing more, and nothing changes what it was given', () => {
    fc.assert(
      fc.property(fitted, walk, (has, steps) => {
        const state = Object.freeze(steps.reduce(step, soundBreaker(has)));
        expect(settle(settle(state).state)).toMatchObject({ state: settle(state).state, said: [] });
      }),
    );
  });
});

describe('causes', () => {
  it('each keeps a sound breaker from closing, by signal', () => {
    expect(blockersOf(soundBreaker(all), 'signal')).toEqual([]);
    for (const fault of faults)
      expect(blockersOf({ ...withFaults(soundBreaker(all), [fault]), closeHeld: true }, 'signal'), fault.id).not.toEqual([]);
  });
  it('each shows in a check, and none says to defeat what protects', () => {
    for (const fault of faults) {
      const state = withFaults(soundBreaker(all), [fault]);
      const shows = checksOf(all).filter((check) => check.observe(state) !== check.observe(soundBreaker(all)));
      expect(shows.length, fault.id).toBeGreaterThan(0);
      expect(fault.remedy).not.toMatch(/bridge it|wedge|tie it in|bypass it/i);
    }
  });
  it('each check says how, in words that are known', () => {
    for (const check of checksOf(all)) {
      expect(check.how.length).toBeGreaterThan(20);
      for (const fault of faults) expect(shownWords).toHaveProperty(check.observe(withFaults(soundBreaker(all), [fault])));
    }
  });
  it('only what is fitted is asked', () => {
    expect(faultsOf(bare).some(({ id }) => id.startsWith('release') || id.startsWith('shunt') || id.startsWith('motor'))).toBe(false);
    expect(checksOf(bare).every(({ needs }) => needs === undefined)).toBe(true);
  });
});

describe('the check', () => {
  /** Answers truthfully until nothing more is asked. */
  function walkTo(has: Fitted, list: readonly Fault[]): { answers: Answers; asked: number } {
    const state = withFaults(soundBreaker(has), list);
    let answers: Answers = {};
    let asked = 0;
    for (let next = diagnose(has, answers).next; next && asked < 40; next = diagnose(has, answers).next) {
      answers = { ...answers, [next.id]: next.observe(state) };
      asked += 1;
    }
    return { answers, asked };
  }
  it.each(faults.map((fault) => [fault.id, fault] as const))(
    'finds %s, alone and proved, in eleven questions at the most',
    (_id, fault) => {
      const { answers, asked } = walkTo(all, [fault]);
      const found = diagnose(all, answers);
      expect(found.remaining.map(({ id }) => id)).toEqual([fault.id]);
      expect(found.proved).toBe(true);
      expect(asked).toBeLessThanOrEqual(11);
    },
  );
  it('finds it on any breaker that can have it', () => {
    fc.assert(
      fc.property(fitted, fc.nat(), (has, pick) => {
        const list = faultsOf(has);
        const fault = list[pick % list.length]!;
        expect(diagnose(has, walkTo(has, [fault]).answers).remaining.map(({ id }) => id)).toEqual([fault.id]);
      }),
    );
  });
  it('an answer only ever rules out, and the true cause never', () => {
    fc.assert(
      fc.property(fc.nat(), fc.subarray(checksOf(all)), (pick, asked) => {
        const fault = faults[pick % faults.length]!;
        const state = withFaults(soundBreaker(all), [fault]);
        let answers: Answers = {};
        let left = faultsOf(all).length;
        for (const check of asked) {
          answers = { ...answers, [check.id]: check.observe(state) };
          const { remaining } = diagnose(all, answers);
          expect(remaining.length).toBeLessThanOrEqual(left);
          expect(remaining).toContain(fault);
          left = remaining.length;
        }
      }),
    );
  });
  it('says what ruled a cause out, and what it would have shown', () => {
    const { ruledOut } = diagnose(all, { 'spring-flag': 'yes' });
    expect(ruledOut.find(({ fault }) => fault.id === 'motor-supply')).toMatchObject({
      by: { id: 'spring-flag' },
      shown: 'yes',
      expected: 'no',
    });
    expect(ruledOut.some(({ fault }) => fault.id === 'release-coil')).toBe(false);
  });
  it('two causes at once: no single one agrees, and the pair is named', () => {
    const pair = [faults.find(({ id }) => id === 'release-coil')!, faults.find(({ id }) => id === 'motor-burnt')!];
    const state = withFaults(soundBreaker(all), pair);
    const answers = Object.fromEntries(checksOf(all).map((check) => [check.id, check.observe(state)]));
    const found = diagnose(all, answers);
    expect(found.remaining).toEqual([]);
    expect(found.pairs.map((one) => one.map(({ id }) => id).sort())).toContainEqual(['motor-burnt', 'release-coil']);
  });
  it('answers that fit nothing leave nothing, and ask nothing', () => {
    const found = diagnose(all, {
      'release-volts': 'none',
      'release-source': 'enough',
      'release-line-side': 'yes',
      'spring-flag': 'yes',
      'close-hand': 'yes',
    });
    expect([found.remaining, found.pairs, found.next, found.proved]).toEqual([[], [], undefined, false]);
  });
});

describe('readings', () => {
  it.each([
    [0, 'none'],
    [9.9, 'none'],
    [84.9, 'too few'],
    [85, 'enough'],
    [110, 'enough'],
    [Number.NaN, 'none'],
  ] as const)('a reading of %f percent at a release: %s', (percent, shown) =>
    expect(sortVolts(percent, worksFrom('release-volts'))).toBe(shown),
  );
  it('a shunt trip counts from 70 %', () => expect(sortVolts(70, worksFrom('shunt-volts'))).toBe('enough'));
  it('an unknown check is none', () => expect(checkOf('no such check')).toBeUndefined());
});
