/** What is dialled on the chosen timer: function by the maker's own letter, range, dial or digits. */
import { wordsMark, bandsMark, rowsMark } from '../../case/case';
import { citeSource } from '../../standards/source';
import { dialSetting, digitSetting } from '../../timing/setting';
import { functionsOfWord, type TimingFunction } from '../../timing/functions';
import { seconds as secondsText } from '../../case/field-text';
import type { ProofContext, SettingRow, SettingSheet } from '../contract';
import { requiredFunction } from './required';
import { settingsOf } from './needs';

const practice = citeSource('commonPractice');
const iec = citeSource('timingRelays');
const row = (id: string, name: string, value: string, reason: string, source = practice): SettingRow => ({
  id,
  name,
  value,
  reason,
  source,
});

/** The function to dial: the first of those wanted that the part surely has, with its letter and the maker's word. */
function functionRow({ need, part }: ProofContext): SettingRow[] {
  const wanted = requiredFunction(need);
  if (!wanted?.functions) return [];
  const has = Array.isArray(part.functions) ? (part.functions as TimingFunction[]) : [];
  const fn = wanted.functions.find((one) => has.includes(one));
  if (!fn) return [];
  const input = part.signalInput === 'yes' ? true : part.signalInput === 'none' ? false : null;
  const isIt = (word: unknown) => {
    const read = functionsOfWord(String(word), input);
    return read.length === 1 && read[0] === fn;
  };
  const lettered = rowsMark(part.functionLetters).find(({ word }) => isIt(word));
  const printed = Array.isArray(part.functionWords) ? wordsMark(part.functionWords).find(isIt) : undefined;
  const value = [lettered?.letter, lettered?.word ?? printed].filter(Boolean).join(', ') || fn;
  return [
    row(
      'function',
      'Function',
      value,
      lettered ? `${fn}. Letters are the maker’s own.` : `${fn}. Its letter is not known: read the diagram.`,
      iec,
    ),
  ];
}

/** Settings in the order of entry: function, range, time. */
export function timingSettings(context: ProofContext): SettingSheet {
  const { need, part } = context;
  const ranges = bandsMark(part.rangesSeconds);
  const conflicts: string[] = [];
  const times = settingsOf(need).flatMap((seconds, i): SettingRow[] => {
    const name = i === 0 ? 'Time' : 'Second time';
    if (seconds === null) return [];
    if (part.setting === 'digits') {
      const digits = digitSetting(seconds);
      if (!digits) conflicts.push(`${secondsText(seconds)} is beyond three digits.`);
      return digits
        ? [row(`time-${i + 1}`, name, `${digits.digits}, unit ${digits.unit}`, `${secondsText(seconds)}: ${digits.words}.`)]
        : [];
    }
    const dial = dialSetting(ranges, seconds);
    if (!dial) {
      if (ranges.length > 0) conflicts.push(`${secondsText(seconds)} lies in none of its ranges.`);
      return [];
    }
    return [
      row(
        `range-${i + 1}`,
        i === 0 ? 'Range' : 'Second range',
        `${secondsText(dial.range[0])} to ${secondsText(dial.range[1])}`,
        'The smallest range that reaches the time: a dial is read best in its upper part.',
      ),
      row(
        `time-${i + 1}`,
        name,
        `dial at ${Number(dial.percent.toPrecision(3))} %`,
        `${secondsText(seconds)} of ${secondsText(dial.range[1])}; a dial is set within about 10 %, so time one run.`,
      ),
    ];
  });
  return { rows: [...functionRow(context), ...times], conflicts };
}
