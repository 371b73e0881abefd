/**
 * A timing relay's plate: supply range, time range, functions with the maker's letters, base. Letters vary by maker, so the
 * word beside a letter counts; a letter alone is kept as a letter. Names: common practice.
 */
import {
  contactForm,
  contactRatings,
  currentKind,
  ipRating,
  maker,
  mark,
  pins,
  serial,
  standard,
  type,
  VOLTS,
} from '../../plates/common-fields';
import { contactRatingRows } from '../../plates/forms';
import { toNumber } from '../../plates/characters';
import { linesOf, type Laid } from '../../plates/layout';
import type { Hit, PlateDefinition } from '../../plates/plate-field';

const SECONDS: Record<string, number> = { MS: 0.001, S: 1, SEC: 1, MIN: 60, M: 60, H: 3600, HR: 3600, HRS: 3600, D: 86400 };

/** "0.05 s - 100 h": both ends with their own unit, in seconds. */
function timeRange(laid: Laid): Hit[] {
  const match =
    /(\d{1,4}(?:[.,]\d{1,3})?)\s?(MS|SEC|S|MIN|M|HRS|HR|H|D)?\s?(?:-|TO|\.\.\.?)\s?(\d{1,4}(?:[.,]\d)?)\s?(MS|SEC|S|MIN|HRS|HR|H|D)(?![A-Z])/i.exec(
      laid.text,
    );
  if (!match) return [];
  const high = SECONDS[match[4]!.toUpperCase()]!;
  const low = match[2] ? SECONDS[match[2].toUpperCase()]! : high;
  const value = [toNumber(match[1]!) * low, toNumber(match[3]!) * high];
  return value[0]! < value[1]! ? [{ field: 'timeRangeSeconds', value, start: match.index, end: match.index + match[0].length }] : [];
}

const FUNCTION_WORDS = String.raw`(?:ON[- ]?DELAY(?: CTRL)?|OFF[- ]?DELAY(?: CTRL)?|SINGLE SHOT(?: CTRL)?|(?:ONE )?SHOT(?: CTRL)?|FLASHER(?: PAUSE| PULSE)?|INTERVAL|RECYCLE(?: ON| OFF)?|REPEAT CYCLE|STAR[- ]DELTA|PULSE(?: CTRL)?|WATCHDOG|LATCH)`;
/** "E ON-DELAY": a maker's letter with its word. Both are kept; the letter is the one on the dial. */
function functions(laid: Laid): Hit[] {
  const pattern = new RegExp(String.raw`(?:^|(?<=\s))([A-Z][a-z]?\d?)\s{1,4}(${FUNCTION_WORDS})(?![A-Z])`, 'gi');
  // Columns are read downwards, as they are printed.
  const found = linesOf(laid).flatMap(({ text, start }) =>
    [...text.matchAll(pattern)].map((m, column) => ({
      column,
      letter: m[1]!,
      word: m[2]!.toUpperCase(),
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
  fields: [
    maker,
    type,
    serial,
    standard(['IEC 61812-1', 'UL 508'], { 'EN 61812-1': 'IEC 61812-1' }),
    mark(
      'supplyVoltsRange',
      'Supply',
      'range',
      {
        unit: 'V',
        names: ['SUPPLY', 'UN', 'US', 'INPUT'],
        units: VOLTS,
        bareUnit: true,
        min: 5,
        max: 500,
        tail: { kind: 'supplyKind', hertz: 'hertz' },
      },
      'Volts that feed it, at the supply pins.',
      'The circuit is the authority; a range coil takes any between.',
    ),
    mark(
      'supplyVolts',
      'Supply volts',
      'coil',
      { unit: 'V', names: ['SUPPLY', 'UN', 'US'], units: VOLTS, min: 5, max: 500, tail: { kind: 'supplyKind', hertz: 'hertz' } },
      'Volts that feed it, at the supply pins.',
      'The circuit is the authority.',
    ),
    { ...currentKind, id: 'supplyKind', label: 'Supply kind' },
    mark(
      'hertz',
      'Hertz',
      'hertz',
      { unit: 'Hz', names: ['HZ'], units: { HZ: 1 }, bareUnit: true, max: 400 },
      'Frequency of its supply.',
      'The system’s frequency.',
    ),
    mark(
      'timeRangeSeconds',
      'Time range',
      'rows',
      { unit: 's' },
      'Shortest and longest time over all its ranges.',
      'Bench: the dial’s ends with a stopwatch.',
    ),
    mark(
      'functions',
      'Functions',
      'rows',
      {},
      'What it does with its time: on-delay, off-delay, interval, one shot, cycle. Letters are the maker’s own.',
      'Bench: supply, signal and contact against a stopwatch tell the function.',
    ),
    contactForm,
    contactRatings,
    pins,
    mark(
      'supplyPins',
      'Supply pins',
      'text',
      {},
      'Pins that take the supply; they are not the same on every base.',
      'The diagram by type; never assume.',
    ),
    ipRating,
  ],
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
