/** Worked examples of judging a timing relay. Functions: IEC 61812-1 and common practice, from memory. */
import type { FieldValues } from '@/core/case/case';
import type { WorkedCase } from '../worked-case';

const practice = 'common practice';
const functions = 'IEC 61812-1, from memory';
const load = (more: FieldValues): FieldValues => ({ kind: 'contactor-coil', ...more });
const onDelay = load({
  requiredTrace: {
    supply: [[0, 1]],
    output: [
      [0, 0],
      [3, 1],
    ],
  },
});
const interval = load({
  requiredTrace: {
    supply: [[0, 1]],
    output: [
      [0, 1],
      [5, 0],
    ],
  },
});
const offBySignal = load({
  requiredTrace: {
    supply: [[0, 1]],
    signal: [
      [3, 1],
      [7.5, 0],
    ],
    output: [
      [0, 0],
      [3, 1],
      [16.5, 0],
    ],
  },
  controlSignal: true,
});
const trueOff = load({
  requiredTrace: {
    supply: [
      [0, 1],
      [3, 0],
    ],
    output: [
      [0, 1],
      [12, 0],
    ],
  },
});
const words = (...functionWords: string[]): FieldValues => ({ functionWords });

export const timingCases: WorkedCase[] = [
  {
    name: '250.5 s cannot be set on three digits: a check',
    load: load({ settingSeconds: 250.5 }),
    spec: { setting: 'digits', rangesSeconds: [[0.01, 3596400]] },
    lines: { setting: 'fits', 'setting-step': 'check' },
    source: practice,
  },
  {
    name: '250 s is set on three digits: nothing is asked of the steps',
    load: load({ settingSeconds: 250 }),
    spec: { setting: 'digits', rangesSeconds: [[0.01, 3596400]] },
    lines: { setting: 'fits' },
    source: practice,
  },
  {
    name: 'a dial stands anywhere',
    load: load({ settingSeconds: 250.5 }),
    spec: { setting: 'dial', rangesSeconds: [[30, 600]] },
    lines: { setting: 'fits', 'setting-step': 'fits' },
    source: practice,
  },

  { name: 'delay on make is an on-delay', load: onDelay, spec: words('Delay on Make'), lines: { function: 'fits' }, source: functions },
  {
    name: 'one of several functions',
    load: onDelay,
    spec: words('interval on operate', 'delay on operate', 'watchdog'),
    lines: { function: 'fits' },
    source: functions,
  },
  {
    name: 'interval is another thing',
    load: onDelay,
    spec: words('interval'),
    lines: { function: 'fails' },
    verdict: 'fails',
    source: functions,
  },
  { name: 'interval by another name', load: interval, spec: words('passing make contact'), lines: { function: 'fits' }, source: functions },
  { name: 'functions worn', load: interval, spec: { functionWords: null }, lines: { function: 'not-known' }, source: practice },
  { name: 'no function at all', load: interval, spec: { functionWords: [] }, lines: { function: 'fails' }, source: practice },
  { name: 'a letter without a word is not known', load: interval, spec: words('E'), lines: { function: 'not-known' }, source: practice },
  {
    name: 'off-delay with its control input',
    load: offBySignal,
    spec: { ...words('off-delay'), signalInput: true },
    lines: { function: 'fits', 'signal-input': 'fits' },
    source: functions,
  },
  {
    name: 'off-delay without one is the other thing',
    load: offBySignal,
    spec: { ...words('off-delay'), signalInput: false },
    lines: { function: 'fails', 'signal-input': 'fails' },
    source: functions,
  },
  {
    name: 'off-delay, input not known',
    load: offBySignal,
    spec: { ...words('off-delay'), signalInput: null },
    lines: { function: 'not-known', 'signal-input': 'not-known' },
    source: functions,
  },
  {
    name: 'true off-delay after the supply',
    load: trueOff,
    spec: { ...words('power-off delay'), signalInput: false },
    lines: { function: 'fits' },
    source: functions,
  },
  {
    name: 'off-delay by signal cannot live without supply',
    load: trueOff,
    spec: { ...words('delay on break with control signal'), signalInput: true },
    lines: { function: 'fails' },
    source: functions,
  },
  {
    name: 'where a supply stays on it may be rewired',
    supply: { permanentSupply: true },
    load: trueOff,
    spec: { ...words('delay on break with control signal'), signalInput: true },
    lines: { function: 'check' },
    source: practice,
  },
  {
    name: 'by words alone',
    load: load({ requiredFunctionPlain: 'on-delay, starts the second fan' }),
    spec: words('delay on energisation'),
    lines: { function: 'fits' },
    source: functions,
  },
  {
    name: 'words that name nothing',
    load: load({ requiredFunctionPlain: 'the fan comes later' }),
    spec: words('on-delay'),
    lines: { function: 'not-known' },
    source: practice,
  },
  {
    name: 'recycle, on first',
    load: load({
      requiredTrace: {
        supply: [[0, 1]],
        output: [
          [0, 1],
          [2, 0],
          [10, 1],
          [12, 0],
          [20, 1],
          [22, 0],
          [30, 1],
          [32, 0],
          [40, 1],
          [42, 0],
          [50, 1],
          [52, 0],
          [60, 1],
          [62, 0],
        ],
      },
      settingSeconds: [2, 8],
    }),
    spec: { ...words('flasher starting with pause'), rangesSeconds: [[1, 10]], twoTimes: true },
    lines: { function: 'fails', setting: 'fits', 'second-setting': 'fits', 'two-times': 'fits' },
    source: functions,
  },
  {
    name: 'a cycle that the trace cuts off is a cycle all the same',
    load: load({
      requiredTrace: {
        supply: [[0, 1]],
        output: [
          [0, 1],
          [3, 0],
          [7, 1],
          [10, 0],
        ],
      },
    }),
    spec: words('repeat cycle starting on'),
    lines: { function: 'fits' },
    source: functions,
  },
  {
    name: 'two times that are one',
    load: load({ settingSeconds: [2, 8] }),
    spec: { rangesSeconds: [[1, 10]], twoTimes: false },
    lines: { 'two-times': 'fails' },
    source: practice,
  },
  {
    name: 'a range that holds the time',
    load: load({ settingSeconds: 90 }),
    spec: {
      rangesSeconds: [
        [0.1, 10],
        [6, 60],
        [60, 600],
      ],
    },
    lines: { setting: 'fits' },
    source: functions,
  },
  {
    name: 'two ranges that leave it out',
    load: load({ settingSeconds: 90 }),
    spec: {
      rangesSeconds: [
        [0.1, 10],
        [6, 60],
        [600, 6000],
      ],
    },
    lines: { setting: 'fails' },
    source: functions,
  },
  {
    name: 'ranges worn',
    load: load({ settingSeconds: 90 }),
    spec: { rangesSeconds: null },
    lines: { setting: 'not-known' },
    source: practice,
  },
  {
    name: 'time worn',
    load: load({ settingSeconds: null }),
    spec: { rangesSeconds: [[0.1, 10]] },
    lines: { setting: 'not-known' },
    source: practice,
  },
  {
    name: 'the trace gives the time',
    load: onDelay,
    spec: { ...words('on-delay'), rangesSeconds: [[0.05, 1]] },
    lines: { function: 'fits', setting: 'fails' },
    source: practice,
  },
  {
    name: 'volts on a volt-free input',
    load: load({ controlSignal: true, signalKind: 'control-voltage' }),
    spec: { signalInput: true, signalKind: 'volt-free' },
    lines: { 'signal-kind': 'fails' },
    verdict: 'fails',
    source: practice,
  },
  {
    name: 'the same kind of signal',
    load: load({ controlSignal: true, signalKind: 'volt-free' }),
    spec: { signalInput: true, signalKind: 'volt-free' },
    lines: { 'signal-kind': 'fits' },
    verdict: 'not-known',
    source: practice,
  },
  {
    name: 'a transistor on a volt-free input',
    load: load({ controlSignal: true, signalKind: 'transistor' }),
    spec: { signalInput: true, signalKind: 'volt-free' },
    lines: { 'signal-kind': 'check' },
    source: practice,
  },
  {
    name: 'kind of its input worn',
    load: load({ controlSignal: true, signalKind: 'volt-free' }),
    spec: { signalInput: true, signalKind: null },
    lines: { 'signal-kind': 'not-known' },
    source: practice,
  },
  {
    name: 'repeat accuracy',
    load: load({ repeatPercentNeeded: 1 }),
    spec: { repeatAccuracyPercent: 0.5 },
    lines: { repeat: 'fits' },
    source: functions,
  },
  {
    name: 'repeat accuracy too coarse',
    load: load({ repeatPercentNeeded: 1 }),
    spec: { repeatAccuracyPercent: 5 },
    lines: { repeat: 'fails' },
    source: functions,
  },
  {
    name: 'pause too short',
    load: load({ deadTimeMillisecondsMin: 50 }),
    spec: { deadTimeMilliseconds: 30 },
    lines: { 'dead-time': 'fails' },
    source: practice,
  },
  {
    name: 'star-delta by its words',
    load: load({ requiredFunctionPlain: 'star-delta changeover', deadTimeMillisecondsMin: 50 }),
    spec: { ...words('wye-delta'), deadTimeMilliseconds: 60 },
    lines: { function: 'fits', 'dead-time': 'fits' },
    source: functions,
  },
  {
    name: 'contact amps',
    load: load({ contactAmpsNeeded: 6 }),
    spec: { contactAmps: 5 },
    lines: { 'contact-amps': 'fails' },
    source: practice,
  },
  {
    name: 'a solid-state output that leaks',
    load: load({ loadMilliamps: 8, loadReleaseMilliamps: 1.5 }),
    spec: { output: 'solid-state two-wire', outputLeakageMilliamps: 3, outputMinimumMilliamps: 10 },
    lines: { 'output-leakage': 'fails', 'output-least': 'fails' },
    source: practice,
  },
  {
    name: 'a relay contact leaks nothing',
    load: load({ loadMilliamps: 200, loadReleaseMilliamps: 1.5 }),
    spec: { output: 'relay contact' },
    lines: { 'output-leakage': 'fits', 'output-least': 'fits' },
    source: practice,
  },
  {
    name: 'eight milliamps on plain silver',
    load: load({ loadMilliamps: 8 }),
    spec: { output: 'relay contact' },
    lines: { 'output-least': 'fails' },
    source: practice,
  },
  {
    name: 'and on gold',
    load: load({ loadMilliamps: 8 }),
    spec: { output: 'relay contact, gold flashed' },
    lines: { 'output-least': 'check' },
    source: practice,
  },
  {
    name: 'supply range AC/DC',
    supply: { controlVolts: 110, controlKind: 'dc' },
    load: load({}),
    spec: { coilVoltsMin: 24, coilVoltsMax: 240, coilKind: 'ac/dc' },
    lines: { 'coil-volts': 'fits', 'coil-kind': 'fits' },
    source: practice,
  },
  {
    name: 'another base is a check',
    supply: { socket: 'octal-8' },
    load: load({}),
    spec: { base: '11-pin' },
    lines: { base: 'check' },
    source: practice,
  },
  {
    name: 'two changeovers',
    load: load({ contactForms: { SPDT: 2 } }),
    spec: { contactForms: { SPDT: 1 } },
    lines: { changeovers: 'fails' },
    source: practice,
  },
];
