/** Readings of a residual tester against the limits of the device: trip current, break times at once and five times. IEC 61008-1, BS 7671 415.1.1. */
import { ADDITIONAL_PROTECTION_SECONDS, residualGate, residualSeconds } from '../standards/residual-current';
import { answer, numberInput, refuse, wordInput, worksheet } from './contract';

const MILLI = 1000;

export const residualTripCheck = worksheet({
  id: 'residual-trip-check',
  subject: 'protection',
  title: 'Residual trip check',
  question: 'Do the tester’s readings lie within the limits of this device?',
  inputs: [
    numberInput('ratedMilliamps', 'Rated residual current', 'mA', { min: 5, max: 3000 }, 30, 'I-delta-n of the device.'),
    wordInput('delay', 'Delay', ['general', 'S'], 'As marked: S waits.'),
    numberInput('tripMilliamps', 'Tripped at', 'mA', { min: 0, max: 10000 }, 22, 'Rising slowly; may be left out.', true),
    numberInput('millisecondsAtOnce', 'Time at 1 x', 'ms', { min: 0, max: 5000 }, 28, 'Longer of both half-waves; may be left out.', true),
    numberInput('millisecondsAtFive', 'Time at 5 x', 'ms', { min: 0, max: 5000 }, 17, 'Longer of both half-waves; may be left out.', true),
  ],
  compute: ({ ratedMilliamps, delay, tripMilliamps, millisecondsAtOnce, millisecondsAtFive }) => {
    const rated = ratedMilliamps;
    const limits = delay === 'S' ? residualSeconds.S : residualSeconds.general;
    const [minOnce, , minFive] = limits.least ?? [0, 0, 0];
    const holds = rated * residualGate.holds;
    const most = { once: limits.atOnce * MILLI, five: limits.atFive * MILLI };
    if (tripMilliamps === undefined && millisecondsAtOnce === undefined && millisecondsAtFive === undefined)
      return refuse('No reading is given. Enter the trip current, or a break time at once or five times.');
    const outputs = [
      { name: 'holdsBelowMilliamps', label: 'Must hold at', value: holds, unit: 'mA' },
      { name: 'tripsByMilliamps', label: 'Must trip at', value: rated, unit: 'mA' },
      { name: 'onceMilliseconds', label: 'Longest at 1 x', value: most.once, unit: 'ms' },
      { name: 'fiveMilliseconds', label: 'Longest at 5 x', value: most.five, unit: 'ms' },
    ];
    const faults: string[] = [];
    const within = (value: number | undefined, low: number, high: number, words: string) => {
      if (value === undefined) return;
      if (value > high) faults.push(`${words} is ${value}: above ${high}. It fails.`);
      else if (value < low) faults.push(`${words} is ${value}: below ${low}. It fails: it trips too soon.`);
    };
    // At half it must hold; up to its rating it may trip anywhere.
    within(tripMilliamps, holds * (1 + 1e-9), rated, 'Trip current, mA,');
    within(millisecondsAtOnce, minOnce * MILLI, most.once, 'Time at 1 x, ms,');
    within(millisecondsAtFive, minFive * MILLI, most.five, 'Time at 5 x, ms,');
    outputs.push({ name: 'outside', label: 'Readings outside', value: faults.length, unit: '' });
    return answer(
      outputs,
      [
        `Half of ${rated} mA = ${holds} mA must hold; ${rated} mA must trip`,
        `${delay === 'S' ? 'Delayed' : 'General'} type: ${minOnce * MILLI} to ${most.once} ms at 1 x, ${minFive * MILLI} to ${most.five} ms at 5 x`,
      ],
      [
        ...(faults.length > 0 ? faults : ['Every reading given lies within its limits.']),
        ...(delay === 'S' ? [`For people a delayed one is too slow: ${ADDITIONAL_PROTECTION_SECONDS * MILLI} ms at five times.`] : []),
        'Loads disconnected, by the site’s rules for testing. The test button says nothing of current or time.',
      ],
    );
  },
  sources: ['residualTimes', 'additionalProtection'],
  checks: [
    {
      values: { ratedMilliamps: 30, delay: 'general', tripMilliamps: 22, millisecondsAtOnce: 300, millisecondsAtFive: 40 },
      expect: { holdsBelowMilliamps: 15, onceMilliseconds: 300, fiveMilliseconds: 40, outside: 0 },
      tolerance: 1e-9,
      source: 'IEC 61008-1: 300 and 40 ms, from memory',
    },
    {
      values: { ratedMilliamps: 30, delay: 'general', tripMilliamps: 14, millisecondsAtOnce: 301, millisecondsAtFive: 41 },
      expect: { outside: 3 },
      tolerance: 1e-9,
      source: 'IEC 61008-1, just outside, from memory',
    },
    {
      values: { ratedMilliamps: 100, delay: 'S', millisecondsAtOnce: 129, millisecondsAtFive: 150 },
      expect: { onceMilliseconds: 500, outside: 1 },
      tolerance: 1e-9,
      source: 'IEC 61008-1 type S: not before 130 ms, from memory',
    },
  ],
});
