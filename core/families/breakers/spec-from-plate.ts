/** Marks of a breaker's plate as marks of the case: slash volts, one interrupting figure, a table of Icu and Ics, flags. */
import type { BreakerSpec } from './fields';
import { numberMark, type FieldValues, rowsMark, figuresMark } from '../../case/case';
import { formatQuantity as q } from '../../quantities/format-quantity';

/** "480Y/277", "120/240" or [120, 240]: line to line is the higher, line to ground the lower. */
function slashVolts(mark: unknown): FieldValues {
  const list = Array.isArray(mark)
    ? mark
    : typeof mark === 'string'
      ? mark.split(/Y?\//).map(Number)
      : typeof mark === 'number'
        ? [mark]
        : [];
  const volts = list.filter((one): one is number => typeof one === 'number' && Number.isFinite(one));
  if (volts.length === 0) return mark === null ? { ratedVoltsLineToLine: null } : {};
  const [low, high] = [Math.min(...volts), Math.max(...volts)];
  return low < high ? { ratedVoltsLineToLine: high, ratedVoltsLineToGround: low, slash: true } : { ratedVoltsLineToLine: high };
}

/** Ultimate and service figures at the system's volts: the column of the next higher listed volts. */
function breaking(mark: unknown, systemVolts: unknown): FieldValues {
  if (mark === null) return { icuAmps: null, icsAmps: null };
  if (!Array.isArray(mark) || typeof systemVolts !== 'number') return {};
  const rows = rowsMark(mark)
    .map((row) => ({ icuAmps: row.icuAmps, icsAmps: row.icsAmps, top: Math.max(...figuresMark(row.voltsList)) }))
    .filter(({ top }) => top >= systemVolts)
    .sort((a, b) => a.top - b.top);
  const row = rows[0];
  return row ? { icuAmps: row.icuAmps, ...(row.icsAmps === undefined ? {} : { icsAmps: row.icsAmps }) } : { icuAmps: 'none' };
}

const flags: readonly (readonly [mark: string, word: string])[] = [
  ['hacr', 'HACR'],
  ['switchingDuty', 'SWD'],
  ['hid', 'HID'],
];

/** Returns the marks under the names of the case; what carries such a name already goes before. */
export function breakerSpecFromPlate(marks: FieldValues, supply: FieldValues): FieldValues {
  const out: FieldValues = { ...slashVolts(marks.ratedVolts), ...breaking(marks.breaking, supply.systemVolts) };
  const volts = numberMark(out, 'ratedVoltsLineToLine');
  const amps = marks.interruptingAmps;
  if (typeof amps === 'number' && typeof volts === 'number') out.interruptingRatings = [{ volts, kind: 'ac', amps }];
  else if (amps === null || amps === 'none') out.interruptingRatings = amps;
  if (typeof marks.currentKind === 'string') out.currentKinds = marks.currentKind === 'none' ? 'none' : [marks.currentKind];
  if (marks.maxAmbientC !== undefined) out.calibratedAmbientC = marks.maxAmbientC;
  const words = flags.filter(([mark]) => marks[mark] === true).map(([, word]) => word);
  if (words.length > 0) out.marks = words;
  return { ...out, ...marks };
}

/** Example: 'C16, 3 poles, 10 kA'. */
export function breakerShortDescription(spec: BreakerSpec): string {
  const rows = rowsMark(spec.interruptingRatings);
  const breaks = spec.icuAmps ?? spec.icnAmps;
  return [
    `${typeof spec.curve === 'string' && spec.curve !== 'none' ? spec.curve : ''}${spec.ratedAmps ?? '?'} A`,
    spec.poles ? `${spec.poles} pole${spec.poles === 1 ? '' : 's'}` : '',
    typeof breaks === 'number' ? q(breaks, 'A') : rows.map(({ volts, amps }) => `${q(Number(amps), 'A')} at ${Number(volts)} V`).join(', '),
  ]
    .filter(Boolean)
    .join(', ');
}
