/** Many timers against one need, by behaviour. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { singleOutputIds, timingFunctions } from './functions';
import { canBeSet, matchTimers, standsInFor, type TimerPart } from './match';
import { runTimer, type Stimulus, type Times } from './run';
import { dialSetting, digitSetting, rangeFor } from './setting';
import { runStarDelta } from './star-delta';

const part = (words: string[], more: Partial<TimerPart> = {}): TimerPart => ({
  id: words.join(),
  name: words.join(),
  words,
  signalInput: true,
  ranges: [
    [0.1, 10],
    [5, 600],
  ],
  twoTimes: true,
  repeatPercent: 1,
  ...more,
});
const stimulus: Stimulus = {
  supply: [[0, 1]],
  signal: [
    [3, 1],
    [7.5, 0],
  ],
};
const need = {
  stimulus,
  output: [
    [3, 1],
    [16.5, 0],
  ] as const,
  untilSeconds: 60,
};

describe('timers by what they do', () => {
  it('another word for the same thing does it, another function does not', () => {
    const found = matchTimers(need, [part(['delay on release with control signal']), part(['on-delay']), part(['off-delay'])]);
    expect(found.map(({ name }) => name)).toEqual(['delay on release with control signal', 'off-delay']);
    expect(found[0]!.times[0]).toBeCloseTo(9, 6);
  });
  it('an off-delay whose control input is not known is not taken', () =>
    expect(matchTimers(need, [part(['off-delay'], { signalInput: null })])).toEqual([]));
  it('ranges and repeat error count', () => {
    expect(matchTimers(need, [part(['off-delay'], { ranges: [[0.1, 5]] })])).toEqual([]);
    expect(matchTimers({ ...need, repeatPercent: 0.5 }, [part(['off-delay'])])).toEqual([]);
    expect(matchTimers({ ...need, repeatPercent: 0.5 }, [part(['off-delay'], { repeatPercent: null })])).toEqual([]);
  });
  it('two times that differ must be set apart', () => {
    expect(canBeSet(part([], { twoTimes: false }), 'recycle starting on', [2, 8])).toBe(false);
    expect(canBeSet(part([], { twoTimes: false }), 'recycle starting on', [8, 8])).toBe(true);
  });
  it('every function that makes a trace is found from it', () => {
    const times = fc.tuple(fc.integer({ min: 2, max: 30 }), fc.integer({ min: 2, max: 30 }));
    fc.assert(
      fc.property(fc.constantFrom(...singleOutputIds), times, (fn, [a, b]) => {
        const setting: Times = timingFunctions[fn].times === 2 ? [a, b] : [a];
        const own: Stimulus =
          timingFunctions[fn].signal === 'none'
            ? {
                supply: [
                  [1, 1],
                  [301, 0],
                ],
              }
            : {
                supply: [[0, 1]],
                signal: [
                  [1, 1],
                  [181, 0],
                ],
              };
        const output = runTimer(fn, setting, own, 400);
        fc.pre(output.length > 1);
        const found = matchTimers({ stimulus: own, output, untilSeconds: 400 }, [
          part([fn], { signalInput: timingFunctions[fn].signal !== 'none' }),
        ]);
        expect(found.map((one) => one.fn)).toEqual([fn]);
      }),
      { numRuns: 60 },
    );
  });
  it('a multifunction part stands in for a single one', () => {
    const old = [{ fn: 'interval' as const, times: [5] as Times }];
    expect(standsInFor(old, part(['passing make contact', 'watchdog']))).toEqual(['interval']);
    expect(standsInFor(old, part(['on-delay']))).toEqual([]);
  });
});

describe('what is dialled', () => {
  it('4 s of 10 s is 40 %; the smallest range that reaches it', () => {
    expect(
      dialSetting(
        [
          [0.1, 10],
          [0.05, 100],
        ],
        4,
      ),
    ).toMatchObject({ percent: 40, range: [0.1, 10] });
    expect(rangeFor([[0.1, 10]], 12)).toBeUndefined();
  });
  it.each([
    [5, '005', 's', true],
    [0.25, '025', '0.01 s', true],
    [90, '090', 's', true],
    [1800, '030', 'min', true],
    [250.5, '251', 's', false],
    [36000, '600', 'min', true],
  ])('%d s is %s, unit %s', (seconds, digits, unit, exact) => expect(digitSetting(seconds)).toMatchObject({ digits, unit, exact }));
  it('digits are never beyond 999, and within half a step', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 3_000_000, noNaN: true }), (seconds) => {
        const setting = digitSetting(seconds);
        if (!setting) return seconds > 999 * 3600;
        return Number(setting.digits) <= 999 && Math.abs(setting.seconds - seconds) <= Math.max(0.005, seconds * 0.01) + 1e-9;
      }),
    );
  });
});

describe('star-delta', () => {
  it('star, pause, delta; never both', () => {
    const { star, delta } = runStarDelta(
      8,
      0.06,
      [
        [0, 1],
        [30, 0],
      ],
      40,
    );
    expect(star).toEqual([
      [0, 1],
      [8, 0],
    ]);
    expect(delta).toEqual([
      [8.06, 1],
      [30, 0],
    ]);
  });
  it('supply lost while in star starts anew', () => {
    const { star, delta } = runStarDelta(
      8,
      0.06,
      [
        [0, 1],
        [4, 0],
        [5, 1],
      ],
      40,
    );
    expect(star.map(([at]) => at)).toEqual([0, 4, 5, 13]);
    expect(delta[0]![0]).toBeCloseTo(13.06, 9);
  });
});
