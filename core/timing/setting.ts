/**
 * What is dialled for a time? The smallest range that reaches it, its dial in percent, or digits with a unit.
 * A dial is set within about 10 % of its figure, digits exactly or not at all. Common practice.
 */
import { seconds as secondsText } from '../case/field-text';

export type Band = readonly [low: number, high: number];
export type DialSetting = { range: Band; percent: number; words: string };
export type DigitSetting = { digits: string; unit: string; seconds: number; exact: boolean; words: string };

/** The range with the lowest top that holds the time: a dial is best read in its upper part. Undefined where none does. */
export function rangeFor(ranges: readonly Band[], seconds: number): Band | undefined {
  return [...ranges].sort((a, b) => a[1] - b[1]).find(([low, high]) => low <= seconds && seconds <= high);
}

/** Dial of the range that holds the time. Example: 4 s on 0.1 to 10 s: 40 %. */
export function dialSetting(ranges: readonly Band[], seconds: number): DialSetting | undefined {
  const range = rangeFor(ranges, seconds);
  if (!range) return undefined;
  const percent = (seconds / range[1]) * 100;
  return {
    range,
    percent,
    words: `range ${secondsText(range[0])} to ${secondsText(range[1])}, dial at ${Number(percent.toPrecision(3))} % of its top`,
  };
}

/** Steps of three-digit settings, finest first. */
const steps: readonly [seconds: number, unit: string][] = [
  [0.01, '0.01 s'],
  [0.1, '0.1 s'],
  [1, 's'],
  [6, '0.1 min'],
  [60, 'min'],
  [360, '0.1 h'],
  [3600, 'h'],
];
/** Units as one would choose them, where several set the time exactly. */
const preferred = ['s', '0.1 s', '0.01 s', 'min', '0.1 min', 'h', '0.1 h'];
const MAX_DIGITS = 999;

/** Three digits and the finest unit that reaches the time; where it is not a whole step, the next below or above is told by `seconds`. */
export function digitSetting(seconds: number): DigitSetting | undefined {
  const able = steps.filter(([step]) => seconds / step <= MAX_DIGITS + 1e-9);
  const exactly = [...able]
    .sort((a, b) => preferred.indexOf(a[1]) - preferred.indexOf(b[1]))
    .find(([step]) => Math.abs(seconds / step - Math.round(seconds / step)) < 1e-9);
  const chosen = exactly ?? able[0];
  if (!chosen || !(seconds > 0)) return undefined;
  const count = Math.max(1, Math.round(seconds / chosen[0]));
  const digits = String(count).padStart(3, '0');
  return {
    digits,
    unit: chosen[1],
    seconds: count * chosen[0],
    exact: exactly !== undefined,
    words: `digits ${digits}, unit ${chosen[1]}${exactly ? '' : ` (${secondsText(count * chosen[0])}: the nearest that can be set)`}`,
  };
}
