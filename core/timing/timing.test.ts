/**
 * Timing functions: diagrams of IEC 61812-1 and of the trade by hand (state from memory), laws over random stimuli, and the way back from a trace.
 */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { functionsOfTrace, sameBehaviour, testStimuli } from './find';
import { functionsOfWord, singleOutputIds, timingFunctionIds, timingFunctions, type TimingFunction } from './functions';
import { runTimer, type Stimulus, type Times } from './run';
import { normalised, sameTrace, stateAt, traceFault, type State, type Trace } from './trace';

/** '+3 -7.5' is on at 3 s and off at 7.5 s. */
const t = (text: string): Trace => text.split(' ').map((one): [number, State] => [Number(one.slice(1)), one[0] === '+' ? 1 : 0]);
const on = t('+0');
const run = (fn: TimingFunction, times: Times, supply: Trace, signal?: Trace, until = 100) =>
  runTimer(fn, times, { supply, ...(signal ? { signal } : {}) }, until);

describe('diagrams, by hand', () => {
  it.each<[TimingFunction, Times, Trace, Trace | undefined, Trace]>([
    ['on-delay', [4], on, undefined, t('+4')],
    ['on-delay', [4], t('+0 -2'), undefined, []],
    ['on-delay', [4], t('+0 -9 +10'), undefined, t('+4 -9 +14')],
    ['on-delay with control signal', [4], on, t('+3 -12'), t('+7 -12')],
    ['on-delay with control signal', [4], on, t('+3 -5'), []],
    ['true off-delay (no auxiliary supply)', [6], t('+0 -10'), undefined, t('+0 -16')],
    ['true off-delay (no auxiliary supply)', [6], t('+0 -10 +13 -20'), undefined, t('+0 -26')],
    ['delay on break with control signal', [9], on, t('+3 -7.5'), t('+3 -16.5')],
    ['delay on break with control signal', [9], on, t('+3 -5 +8 -9'), t('+3 -18')],
    ['delay on break with control signal', [9], t('+0 -10'), t('+3 -7'), t('+3 -10')],
    ['on- and off-delay with control signal', [2, 5], on, t('+1 -10'), t('+3 -15')],
    ['on- and off-delay with control signal', [2, 5], on, t('+1 -2'), []],
    ['on- and off-delay with control signal', [2, 5], on, t('+1 -10 +12 -20'), t('+3 -25')],
    ['interval', [4], on, undefined, t('+0 -4')],
    ['interval', [4], t('+0 -1 +2'), undefined, t('+0 -1 +2 -6')],
    ['one-shot on signal', [4], on, t('+1 -2 +3'), t('+1 -5')],
    ['retriggerable one-shot on signal', [4], on, t('+1 -2 +3'), t('+1 -7')],
    ['impulse on de-energising', [4], t('+0 -6'), undefined, t('+6 -10')],
    ['impulse on de-energising', [4], on, t('+1 -6'), t('+6 -10')],
    ['recycle starting on', [2, 3], t('+0 -11'), undefined, t('+0 -2 +5 -7 +10 -11')],
    ['recycle starting off', [2, 3], t('+0 -11'), undefined, t('+2 -5 +7 -10')],
    ['recycle starting on', [2], t('+0 -7'), undefined, t('+0 -2 +4 -6')],
    ['delayed pulse', [3, 2], on, undefined, t('+3 -5')],
    ['accumulating on-delay', [4], on, t('+0 -3 +10 -12'), t('+11')],
    ['accumulating on-delay', [4], t('+0 -5 +6'), t('+0 -3 +7'), t('+11')],
    ['step on signal', [1], on, t('+1 -2 +5 -6'), t('+1 -5')],
    // The signal is there when the supply comes; the signal is gone before it.
    ['on-delay with control signal', [4], t('+5'), t('+0'), t('+9')],
    ['delay on break with control signal', [4], t('+5'), t('+0 -3'), []],
    // The time runs out at the very instant at which the supply goes: it is taken first, and the contact falls at once.
    ['on-delay', [4], t('+0 -4'), undefined, []],
  ])('%s at %j, supply %j, signal %j', (fn, times, supply, signal, output) =>
    expect(normalised(run(fn, times, supply, signal))).toEqual(output),
  );
  it('a time of nothing, or one too few, is refused', () => {
    expect(() => run('on-delay', [0], on)).toThrow(RangeError);
    expect(() => run('delayed pulse', [3], on)).toThrow(/needs 2 times/);
    expect(() => run('interval', [Number.NaN], on)).toThrow(RangeError);
  });
  it('a cycle without end is cut with words', () =>
    expect(() => run('recycle starting on', [0.001], on, undefined, 3600)).toThrow(/10000 changes/));
});

/** Changes of an input within 100 s, each apart from the last. */
const input: fc.Arbitrary<Trace> = fc.array(fc.integer({ min: 1, max: 200 }), { maxLength: 8 }).map((steps) => {
  let seconds = 0;
  return steps.map((step, i): [number, State] => [(seconds += step / 10), i % 2 === 0 ? 1 : 0]);
});
const anyStimulus: fc.Arbitrary<Stimulus> = fc.record({ supply: input, signal: input });
const anyFunction = fc.constantFrom(...timingFunctionIds);
const anyTimes: fc.Arbitrary<Times> = fc
  .tuple(fc.integer({ min: 1, max: 300 }), fc.integer({ min: 1, max: 300 }))
  .map(([a, b]) => [a / 10, b / 10]);

describe('laws', () => {
  it('a contact never moves before its cause: what comes later changes nothing before it', () => {
    fc.assert(
      fc.property(anyFunction, anyTimes, anyStimulus, anyStimulus, fc.integer({ min: 1, max: 900 }), (fn, times, a, b, cut) => {
        const at = cut / 10;
        const spliced = (one: Trace, other: Trace): Trace => [
          ...one.filter(([seconds]) => seconds <= at),
          ...other.filter(([seconds]) => seconds > at),
        ];
        const mixed: Stimulus = { supply: spliced(a.supply, b.supply), signal: spliced(a.signal!, b.signal!) };
        const before = (trace: Trace) => trace.filter(([seconds]) => seconds < at);
        expect(before(runTimer(fn, times, mixed, 200))).toEqual(before(runTimer(fn, times, a, 200)));
      }),
    );
  });
  it('its trace is a trace: times rise and every change changes', () => {
    fc.assert(
      fc.property(anyFunction, anyTimes, anyStimulus, (fn, times, stimulus) => {
        const trace = runTimer(fn, times, stimulus, 200);
        expect(traceFault(trace)).toBeUndefined();
        expect(normalised(trace)).toEqual(trace);
        expect(trace.every(([seconds]) => seconds <= 200)).toBe(true);
      }),
    );
  });
  it('without a supply nothing is on, but for the two that live on after it', () => {
    const lives = new Set<TimingFunction>(['true off-delay (no auxiliary supply)', 'impulse on de-energising']);
    fc.assert(
      fc.property(anyFunction, anyTimes, anyStimulus, fc.integer({ min: 0, max: 1000 }), (fn, times, stimulus, tenth) => {
        fc.pre(!lives.has(fn) && stateAt(stimulus.supply, tenth / 10) === 0);
        expect(stateAt(runTimer(fn, times, stimulus, 200), tenth / 10)).toBe(0);
      }),
    );
  });
  it('twice as slow in, twice as slow out', () => {
    const slow = (trace: Trace): Trace => trace.map(([seconds, state]) => [2 * seconds, state]);
    fc.assert(
      fc.property(anyFunction, anyTimes, anyStimulus, (fn, times, { supply, signal }) => {
        const plain = runTimer(fn, times, { supply, signal }, 150);
        const stretched = runTimer(fn, [2 * times[0], 2 * times[1]!], { supply: slow(supply), signal: slow(signal!) }, 300);
        expect(sameTrace(slow(plain), stretched, 1e-9, 1e-6)).toBe(true);
      }),
    );
  });
});

describe('words', () => {
  it('every function is found by its own name and each of its words, in any letter case', () => {
    for (const id of timingFunctionIds)
      for (const word of [id, ...timingFunctions[id].words]) {
        expect(functionsOfWord(word, null)).toEqual([id]);
        expect(functionsOfWord(`  ${word.toUpperCase().replaceAll(' ', '  ')} `, null)).toEqual([id]);
      }
  });
  it('off-delay by itself depends on the signal input', () => {
    expect(functionsOfWord('OFF-DELAY', true)).toEqual(['delay on break with control signal']);
    expect(functionsOfWord('delay on break', false)).toEqual(['true off-delay (no auxiliary supply)']);
    expect(functionsOfWord('off-delay', null)).toHaveLength(2);
  });
  it('no word is made up', () => {
    expect(functionsOfWord('E', true)).toEqual([]);
    expect(functionsOfWord('', true)).toEqual([]);
  });
});

describe('the way back', () => {
  const names = (stimulus: Stimulus, output: Trace) => functionsOfTrace(stimulus, output, 100).map(({ fn }) => fn);
  it('a start delayed by 4 s after the supply', () =>
    expect(functionsOfTrace({ supply: on }, t('+4'), 100)).toEqual([{ fn: 'on-delay', times: [4] }]));
  it('a fan that runs on for 9 s after its signal', () =>
    expect(
      functionsOfTrace(
        {
          supply: on,
          signal: t('+3 -7.5'),
        },
        t('+3 -16.5'),
        100,
      ),
    ).toContainEqual({
      fn: 'delay on break with control signal',
      times: [9],
    }));
  it('one short signal cannot tell a retriggerable pulse from a plain one; a repeated one and a single one can', () => {
    const once: Trace = t('+1 -2');
    expect(names({ supply: on, signal: once }, t('+1 -5'))).toEqual(
      expect.arrayContaining(['one-shot on signal', 'retriggerable one-shot on signal']),
    );
    // Repeated at 3 s and once more at 20 s: a plain pulse of 6 s explains the first, and not the second.
    const signal: Trace = [...once, [3, 1], [4, 0], [20, 1], [21, 0]];
    const found = functionsOfTrace({ supply: on, signal }, t('+1 -7 +20 -24'), 100);
    expect(found).toContainEqual({ fn: 'retriggerable one-shot on signal', times: [4] });
    expect(found.map(({ fn }) => fn)).not.toContain('one-shot on signal');
  });
  it('a contact that never moves tells nothing', () => expect(functionsOfTrace({ supply: on }, [], 100)).toEqual([]));
  it('what a function of one time gives is found again, wherever its time ran out', () => {
    fc.assert(
      fc.property(anyFunction, anyTimes, fc.integer({ min: 0, max: 7 }), (fn, times, which) => {
        const stimulus = testStimuli(times[0])[which]!;
        fc.pre(timingFunctions[fn].times === 1 && (timingFunctions[fn].signal !== 'needed' || stimulus.signal !== undefined));
        const output = runTimer(fn, times, stimulus, 120);
        fc.pre(output.length > 0 && output.length < 12);
        // A time that never ran out in this run cannot be read off it.
        const found = functionsOfTrace(stimulus, output, 120);
        const ran = found.some((one) => one.fn === fn);
        const shown = output.some(([seconds]) =>
          [...stimulus.supply, ...(stimulus.signal ?? []), ...output].some(([cause]) => Math.abs(seconds - cause - times[0]) < 1e-6),
        );
        expect(ran || !shown).toBe(true);
      }),
    );
  });
});

describe('the same by behaviour', () => {
  it('a function is the same as itself at the same time, and another at another', () => {
    for (const fn of timingFunctionIds) {
      expect(sameBehaviour({ fn, times: [5, 3] }, { fn, times: [5, 3] }), fn).toBe(true);
      if (timingFunctions[fn].times > 0) expect(sameBehaviour({ fn, times: [5, 3] }, { fn, times: [8, 3] }), fn).toBe(false);
    }
  });
  it('no two functions of the list are one thing under two names', () => {
    for (const [i, a] of singleOutputIds.entries())
      for (const b of singleOutputIds.slice(i + 1))
        expect(sameBehaviour({ fn: a, times: [5, 3] }, { fn: b, times: [5, 3] }), `${a} and ${b}`).toBe(false);
  });
  it('is symmetric', () => {
    fc.assert(
      fc.property(anyFunction, anyFunction, anyTimes, anyTimes, (a, b, s, t) => {
        expect(sameBehaviour({ fn: a, times: s }, { fn: b, times: t })).toBe(sameBehaviour({ fn: b, times: t }, { fn: a, times: s }));
      }),
    );
  });
  it('within half a percent is within repeat accuracy', () => {
    expect(sameBehaviour({ fn: 'interval', times: [10] }, { fn: 'interval', times: [10.04] })).toBe(true);
    expect(sameBehaviour({ fn: 'interval', times: [10] }, { fn: 'interval', times: [10.2] })).toBe(false);
  });
});

describe('traces', () => {
  it.each([
    [
      [
        [0, 1],
        [2, 0],
      ],
      undefined,
    ],
    [
      [
        [2, 1],
        [1, 0],
      ],
      /goes back/,
    ],
    [[[-1, 1]], /below zero/],
    [[[0, 2]], /0 or 1/],
    [[[Number.NaN, 1]], /no number/],
  ])('%j: %s', (trace, words) => {
    const fault = traceFault(trace as unknown as Trace);
    if (words) expect(fault).toMatch(words);
    else expect(fault).toBeUndefined();
  });
});
