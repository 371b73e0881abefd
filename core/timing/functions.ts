/**
 * Timing functions and the words for them. Names differ by maker, so parts are matched by what they do (`run.ts`); the
 * words only bring a function to mind. Names: IEC 61812-1 and common practice, from memory.
 */
import { certain, keysOf } from '../certain';
export const timingFunctions = {
  'on-delay': { signal: 'none', times: 1, words: ['delay on make', 'delay on operate', 'delay on energisation'] },
  'on-delay with control signal': { signal: 'needed', times: 1, words: [] },
  'true off-delay (no auxiliary supply)': {
    signal: 'none',
    times: 1,
    words: ['delay on de-energisation', 'off-delay without auxiliary supply', 'power-off delay'],
  },
  'delay on break with control signal': {
    signal: 'needed',
    times: 1,
    words: ['off-delay with control signal', 'delay on release with control signal'],
  },
  'on- and off-delay with control signal': { signal: 'needed', times: 2, words: [] },
  interval: {
    signal: 'none',
    times: 1,
    words: ['single pulse on supply', 'impulse on energising', 'interval on operate', 'passing make contact'],
  },
  'one-shot on signal': { signal: 'needed', times: 1, words: ['single shot on signal', 'pulse on signal'] },
  'retriggerable one-shot on signal': { signal: 'needed', times: 1, words: ['watchdog'] },
  'impulse on de-energising': { signal: 'may', times: 1, words: ['interval on break', 'passing break contact'] },
  'recycle starting on': { signal: 'none', times: 2, words: ['flasher starting with pulse', 'repeat cycle starting on'] },
  'recycle starting off': { signal: 'none', times: 2, words: ['flasher starting with pause', 'repeat cycle starting off'] },
  'delayed pulse': { signal: 'none', times: 2, words: ['on-delay then interval'] },
  'accumulating on-delay': { signal: 'needed', times: 1, words: ['on-delay with memory'] },
  'step on signal': { signal: 'needed', times: 0, words: ['impulse relay'] },
  /** Its trace is that of the star contact; `star-delta.ts` gives both. */
  'star-delta': { signal: 'none', times: 2, words: ['wye-delta'] },
} as const satisfies Record<string, { signal: 'none' | 'may' | 'needed'; times: 0 | 1 | 2; words: readonly string[] }>;

export type TimingFunction = keyof typeof timingFunctions;
export const timingFunctionIds = keysOf(timingFunctions);

const plain = (word: string) =>
  word
    .toLowerCase()
    .replace(/[\s-]+/g, ' ')
    .trim();
const byWord = new Map(
  timingFunctionIds.flatMap((id) => [id, ...timingFunctions[id].words].map((word): [string, TimingFunction] => [plain(word), id])),
);

/** Functions with one output, which alone can be found from a trace. */
export const singleOutputIds = timingFunctionIds.filter((id) => id !== 'star-delta');

/**
 * The functions that a printed word may stand for, in any letter case. `off-delay` and `delay on break` by themselves say
 * nothing of the signal: with a signal input they are one thing, without one another, unknown both. Empty: no such word.
 */
export function functionsOfWord(word: string, signalInput: boolean | null | undefined): TimingFunction[] {
  const given = plain(word);
  if (given === 'off delay' || given === 'delay on break') {
    const [own, other] = ['delay on break with control signal', 'true off-delay (no auxiliary supply)'] as const;
    return signalInput === true ? [own] : signalInput === false ? [other] : [own, other];
  }
  const one = byWord.get(given);
  return one ? [one] : [];
}

const byLength = [...byWord.keys(), 'off delay', 'delay on break'].sort((a, b) => b.length - a.length);

/** Functions that a sentence names by one of their words, the longest word first; [] where it names none, or more than one thing. */
export function functionsOfSentence(sentence: string, signalInput: boolean | null | undefined): TimingFunction[] {
  let rest = ` ${plain(sentence)} `;
  const found: TimingFunction[][] = [];
  for (const word of byLength) {
    const at = rest.search(new RegExp(`(?<![a-z])${word.replace(/[()]/g, '\\$&')}(?![a-z])`));
    if (at < 0) continue;
    found.push(functionsOfWord(word, signalInput));
    rest = rest.replace(word, ' ');
  }
  return found.length === 1 ? certain(found[0]) : [];
}
