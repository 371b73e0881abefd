/**
 * A timing relay's plate: supply range, time range, functions with the maker's letters, base. Letters vary by maker, so the
 * word beside a letter counts; a letter alone is kept as a letter. Names: common practice.
 */
import { certain } from '../../certain';
import { contactRatingRows } from '../../plates/print-patterns';
import { toNumber } from '../../plates/characters';
import { linesOf, type Laid } from '../../plates/layout';
import { plateFieldsOf } from '../../fields/print';
import type { Hit, PlateDefinition } from '../../plates/plate-field';
import { timingRelayFields } from './fields';

const SECONDS: Record<string, number> = { MS: 0.001, S: 1, SEC: 1, MIN: 60, M: 60, H: 3600, HR: 3600, HRS: 3600, D: 86400 };

/** "0.05 s - 100 h": both ends with their own unit, in seconds. */
function timeRange(laid: Laid): Hit[] {
  const match =
    /(\d{1,4}(?:[.,]\d{1,3})?)\s?(MS|SEC|S|MIN|M|HRS|HR|H|D)?\s?(?:-|TO|\.\.\.?)\s?(\d{1,4}(?:[.,]\d)?)\s?(MS|SEC|S|MIN|HRS|HR|H|D)(?![A-Z])/i.exec(
      laid.text,
    );
  if (!match) return [];
  const high = certain(SECONDS[certain(match[4]).toUpperCase()]);
  const low = match[2] ? certain(SECONDS[match[2].toUpperCase()]) : high;
  const value = [toNumber(certain(match[1])) * low, toNumber(certain(match[3])) * high];
  return certain(value[0]) < certain(value[1])
    ? [{ field: 'timeRangeSeconds', value, start: match.index, end: match.index + match[0].length }]
    : [];
}

const FUNCTION_WORDS = String.raw`(?:ON[- ]?DELAY(?: CTRL)?|OFF[- ]?DELAY(?: CTRL)?|SINGLE SHOT(?: CTRL)?|(?:ONE )?SHOT(?: CTRL)?|FLASHER(?: PAUSE| PULSE)?|INTERVAL|RECYCLE(?: ON| OFF)?|REPEAT CYCLE|STAR[- ]DELTA|PULSE(?: CTRL)?|WATCHDOG|LATCH)`;
/** "E ON-DELAY": a maker's letter with its word. Both are kept; the letter is the one on the dial. */
function functions(laid: Laid): Hit[] {
  const pattern = new RegExp(String.raw`(?:^|(?<=\s))([A-Z][a-z]?\d?)\s{1,4}(${FUNCTION_WORDS})(?![A-Z])`, 'gi');
  // Columns are read downwards, as they are printed.
  const found = linesOf(laid).flatMap(({ text, start }) =>
    [...text.matchAll(pattern)].map((m, column) => ({
      column,
      letter: certain(m[1]),
      word: certain(m[2]).toUpperCase(),
      start: start + m.index,
      end: start + m.index + m[0].length,
    })),
  );
  const order = [...found].sort((a, b) => a.column - b.column || a.start - b.start);
  const value = order.map(({ letter, word }) => ({ letter, word }));
  return found.map(({ start, end }) => ({ field: 'functions', value, start, end }));
}

export const timingRelayPlate: PlateDefinition = {
  id: 'timing-relay',
  title: 'Timing relay',
  side: 'device',
  fields: plateFieldsOf(timingRelayFields),
  special: (laid) => {
    const pin = /A1\s?[:=]\s?(\d{1,2})\s+A2\s?[:=]\s?(\d{1,2})/i.exec(laid.text);
    return [
      ...timeRange(laid),
      ...functions(laid),
      ...contactRatingRows(laid),
      ...(pin ? [{ field: 'supplyPins', value: `${pin[1]} ${pin[2]}`, start: pin.index, end: pin.index + pin[0].length }] : []),
    ];
  },
  cues: [
    [/TIME RELAY|TIMER|TIMING|MULTIFUNCTION/i, 6],
    [/ON[- ]?DELAY|OFF[- ]?DELAY|FLASHER|SINGLE SHOT|INTERVAL/i, 5],
    [/\d\s?S\s?-\s?\d+\s?(H|MIN)\b/i, 4],
    [/MONITORING/i, -6],
  ],
};
