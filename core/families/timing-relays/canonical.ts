/**
 * One form of a timing relay's spec for judging: what its words surely do and may do, ranges, control input, output.
 * A word that may be two things leaves both open; a word that is not known leaves everything open.
 */
import type { TimingRelaySpec } from './fields';
import type { CanonicalTimingRelay } from './figures';
import { functionsOfWord, timingFunctionIds, type TimingFunction } from '../../timing/functions';
import { cleanMarks, flagWord } from '../normalise-spec';
import { coilLayout } from '../../coils/layout';
import { contactFormLayout, contactRatingLayout, polarityLayout } from '../../relays/layout';

/** What a function with a control input also does, once a permanent supply feeds it and the switched supply becomes the signal. */
const bySignal: Partial<Record<TimingFunction, TimingFunction>> = {
  'on-delay with control signal': 'on-delay',
  'delay on break with control signal': 'true off-delay (no auxiliary supply)',
  'one-shot on signal': 'interval',
};

function functionLayout(spec: TimingRelaySpec): CanonicalTimingRelay {
  const { functionWords: words, signalInput } = spec;
  if (words === undefined) return {};
  if (!Array.isArray(words)) return { functions: words === null ? null : 'none' };
  if (words.length === 0) return { functions: 'none' };
  const input = signalInput === 'none' || signalInput === false ? false : signalInput === true ? true : null;
  const read = words.map((word) => functionsOfWord(String(word), input));
  const sure = [...new Set(read.filter((list) => list.length === 1).flat())];
  const open = read.some((list) => list.length === 0) ? timingFunctionIds : [...new Set(read.filter((list) => list.length > 1).flat())];
  return {
    functions: sure,
    functionsPerhaps: open,
    functionsWhenFed: [...sure, ...sure.flatMap((one) => bySignal[one] ?? [])],
  };
}

/** Inputs that take another kind of signal with care: a dry contact on an input made for a transistor, and the other way. */
const perhapsTakes: Record<string, readonly string[]> = { 'volt-free': ['transistor'], transistor: ['volt-free'] };

/** A relay contact leaks nothing; below some current its film is not surely broken. Common practice, mA. */
const contactOutputs: Record<string, { sure: number; perhaps: number }> = {
  'relay contact': { sure: 100, perhaps: 10 },
  'relay contact, gold flashed': { sure: 10, perhaps: 1 },
};

function outputLayout(spec: TimingRelaySpec): CanonicalTimingRelay {
  const own = typeof spec.output === 'string' ? contactOutputs[spec.output] : undefined;
  const { outputLeakageMilliamps: leakage, outputMinimumMilliamps: least } = spec;
  const out: CanonicalTimingRelay = {};
  if (leakage !== undefined) out.outputLeakageMilliamps = leakage === 'none' || leakage === false ? 0 : leakage;
  else if (own) out.outputLeakageMilliamps = 0;
  if (least !== undefined) out.outputMinimumMilliamps = least === 'none' || least === false ? 0 : least;
  else if (own) Object.assign(out, { outputMinimumMilliamps: own.sure, outputMinimumPerhaps: own.perhaps });
  return out;
}

/** Returns the canonical form. The input is not changed. */
export function canonicalTimingRelay(spec: TimingRelaySpec): CanonicalTimingRelay {
  const kind = spec.signalKind;
  const input = flagWord(spec.signalInput === 'none' ? false : spec.signalInput, 'yes', 'none');
  const two = flagWord(spec.twoTimes === 'none' ? false : spec.twoTimes, 'yes', 'one time');
  return {
    ...cleanMarks(spec),
    ...contactRatingLayout(spec),
    ...contactFormLayout(spec),
    ...polarityLayout(spec),
    ...coilLayout(spec),
    ...functionLayout(spec),
    ...outputLayout(spec),
    ...(input === undefined ? {} : { signalInput: input }),
    ...(two === undefined ? {} : { twoTimes: two }),
    ...(typeof kind === 'string' && kind !== 'none'
      ? { signalKinds: [kind], signalKindsPerhaps: perhapsTakes[kind] ?? [] }
      : kind === undefined
        ? {}
        : { signalKinds: kind }),
  };
}
