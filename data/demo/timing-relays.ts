/** Demo catalogue of timers by rule. Makers, names and figures are invented; each maker has words of its own for the same functions. */
import { certain } from '../../core/certain';
import type { PartSpec } from '../../core/case/case';
import { partId, type DemoPart } from './part';

/** Words of five makers for the same functions; every one of them is usual in the trade. */
const words = {
  Wexmoor: {
    on: 'on-delay',
    off: 'delay on break with control signal',
    interval: 'interval',
    shot: 'one-shot on signal',
    dog: 'watchdog',
    flashOn: 'recycle starting on',
    flashOff: 'recycle starting off',
    both: 'on- and off-delay with control signal',
    pulse: 'delayed pulse',
    power: 'true off-delay (no auxiliary supply)',
    star: 'star-delta',
    step: 'impulse relay',
    memory: 'on-delay with memory',
    fall: 'interval on break',
  },
  Ossel: {
    on: 'delay on make',
    off: 'delay on release with control signal',
    interval: 'passing make contact',
    shot: 'pulse on signal',
    dog: 'retriggerable one-shot on signal',
    flashOn: 'flasher starting with pulse',
    flashOff: 'flasher starting with pause',
    both: 'on- and off-delay with control signal',
    pulse: 'on-delay then interval',
    power: 'power-off delay',
    star: 'star-delta',
    step: 'step on signal',
    memory: 'accumulating on-delay',
    fall: 'passing break contact',
  },
  Nettlecombe: {
    on: 'delay on operate',
    off: 'off-delay with control signal',
    interval: 'interval on operate',
    shot: 'single shot on signal',
    dog: 'watchdog',
    flashOn: 'repeat cycle starting on',
    flashOff: 'repeat cycle starting off',
    both: 'on- and off-delay with control signal',
    pulse: 'delayed pulse',
    power: 'off-delay without auxiliary supply',
    star: 'wye-delta',
    step: 'impulse relay',
    memory: 'on-delay with memory',
    fall: 'interval on break',
  },
  Tarnside: {
    on: 'delay on energisation',
    off: 'delay on release with control signal',
    interval: 'single pulse on supply',
    shot: 'one-shot on signal',
    dog: 'retriggerable one-shot on signal',
    flashOn: 'flasher starting with pulse',
    flashOff: 'flasher starting with pause',
    both: 'on- and off-delay with control signal',
    pulse: 'on-delay then interval',
    power: 'delay on de-energisation',
    star: 'star-delta',
    step: 'step on signal',
    memory: 'accumulating on-delay',
    fall: 'impulse on de-energising',
  },
} as const;
type Key = keyof (typeof words)['Wexmoor'];
/** Two makers print the words of others. */
const wordsOf = (maker: string): Record<Key, string> =>
  words[maker as keyof typeof words] ?? (maker === 'Hartlebeck' ? words.Ossel : words.Nettlecombe);

const sets: readonly { code: string; keys: readonly Key[]; signal: boolean; two?: boolean; dead?: number }[] = [
  { code: 'E', keys: ['on'], signal: false },
  { code: 'I', keys: ['interval'], signal: false },
  { code: 'B', keys: ['flashOn', 'flashOff'], signal: false, two: true },
  { code: 'R', keys: ['off'], signal: true },
  { code: 'A', keys: ['power'], signal: false },
  { code: 'Y', keys: ['star'], signal: false, dead: 50 },
  { code: 'M4', keys: ['on', 'interval', 'flashOn', 'flashOff'], signal: false },
  { code: 'M8', keys: ['on', 'off', 'interval', 'shot', 'dog', 'flashOn', 'flashOff', 'pulse'], signal: true },
  {
    code: 'M12',
    keys: ['on', 'off', 'interval', 'shot', 'dog', 'flashOn', 'flashOff', 'pulse', 'both', 'step', 'memory', 'fall'],
    signal: true,
    two: true,
  },
];
const ranges: Record<string, readonly (readonly [number, number])[]> = {
  S: [
    [0.05, 1],
    [0.5, 10],
    [5, 100],
  ],
  L: [
    [0.1, 10],
    [6, 60],
    [60, 600],
    [600, 6000],
  ],
  X: [
    [0.05, 1],
    [0.15, 3],
    [0.5, 10],
    [1.5, 30],
    [5, 100],
    [60, 600],
    [300, 3600],
    [1800, 36000],
    [18000, 360000],
  ],
};
const supplies = [
  { code: '24D', marks: { coilVolts: 24, coilKind: 'dc', coilHertz: [], coilWatts: 1.1 } },
  { code: '120A', marks: { coilVolts: 120, coilKind: 'ac', coilHertz: [50, 60], coilInrushVA: 3.5, coilSealedVA: 2.4 } },
  { code: '230A', marks: { coilVolts: 230, coilKind: 'ac', coilHertz: [50, 60], coilInrushVA: 3.5, coilSealedVA: 2.4 } },
  {
    code: 'U',
    marks: {
      coilVoltsMin: 24,
      coilVoltsMax: 240,
      coilKind: 'ac/dc',
      coilHertz: [50, 60],
      coilInrushVA: 4,
      coilSealedVA: 2.8,
      coilWatts: 1.4,
    },
  },
];
const bodies = [
  { base: 'octal-8', poles: 2, signal: false },
  { base: '11-pin', poles: 2, signal: true },
  { base: 'din-rail', poles: 1, signal: true },
  { base: 'din-rail', poles: 2, signal: true },
];
const makers = [
  { maker: 'Wexmoor', amps: 8, accuracy: 0.5, signalKind: 'control-voltage' },
  { maker: 'Ossel', amps: 5, accuracy: 2, signalKind: 'volt-free' },
  { maker: 'Nettlecombe', amps: 10, accuracy: 0.1, signalKind: 'volt-free' },
  { maker: 'Tarnside', amps: 6, accuracy: 1, signalKind: 'control-voltage' },
  { maker: 'Quillfeather', amps: 7, accuracy: 5, signalKind: 'volt-free' },
  { maker: 'Hartlebeck', amps: 5, accuracy: 1, signalKind: 'transistor' },
] as const;

/** Returns the demo's timers; the same on every machine. */
export function demoTimingRelays(): DemoPart[] {
  return makers.flatMap(({ maker, amps, accuracy, signalKind }) =>
    sets.flatMap(({ code, keys, signal, two = false, dead }) =>
      bodies
        .filter((body) => !signal || body.signal)
        .flatMap(({ base, poles }) =>
          supplies.flatMap(({ code: feed, marks }) =>
            Object.entries(ranges)
              .filter(([range]) => !code.startsWith('M') || range === 'X' || maker !== 'Ossel')
              .map(([range, bands]): DemoPart => {
                const body = `${base === 'octal-8' ? 'P8' : base === '11-pin' ? 'P11' : 'D'}${poles}`;
                const raw: PartSpec = {
                  base,
                  contactForms: { SPDT: poles },
                  ...marks,
                  functionWords: keys.map((key) => wordsOf(maker)[key]),
                  functionLetters: keys.map((key, i) => ({ letter: certain('ABCDEFGHJKLM'[i]), word: wordsOf(maker)[key] })),
                  setting: maker === 'Nettlecombe' ? 'digits' : 'dial',
                  rangesSeconds: bands.map((band) => [...band]),
                  contactAmps: amps,
                  repeatAccuracyPercent: accuracy,
                  signalInput: signal,
                  ...(signal ? { signalKind } : {}),
                  twoTimes: two,
                  ...(dead ? { deadTimeMilliseconds: dead } : {}),
                  output: maker === 'Nettlecombe' ? 'relay contact, gold flashed' : 'relay contact',
                  contactRatings: [
                    { loadType: 'resistive', kind: 'ac', volts: 250, amps },
                    { loadType: 'AC-15', kind: 'ac', volts: 240, amps: Number((amps * 0.35).toPrecision(2)) },
                    { loadType: 'DC-13', kind: 'dc', volts: 24, amps: Number((amps * 0.25).toPrecision(2)) },
                  ],
                  polarity: 'none',
                  minAmbientC: -20,
                  maxAmbientC: 55,
                };
                return {
                  id: partId(maker, 'timer', code, body, feed, range),
                  family: 'timing-relay',
                  maker,
                  name: `${maker} T${code} ${body} ${feed} ${range}`,
                  footprint: `${maker} ${base}`,
                  coilExchangeable: false,
                  raw,
                };
              }),
          ),
        ),
    ),
  );
}
