/** Marks of a timer's plate as marks of the case: supply as coil, functions as words, the time range as a list of one. */
import { rowsMark } from '../../case/case';
import type { FieldValues } from '../../case/case';
import { relaySpecFromPlate } from '../../relays/spec-from-plate';

const plain = (word: string) => word.toLowerCase().replace(/ctrl/g, 'with control signal');

/** Returns the marks under the names of the case. */
export function timingSpecFromPlate(marks: FieldValues): FieldValues {
  const out = relaySpecFromPlate(marks);
  const range = marks.supplyVoltsRange;
  if (Array.isArray(range) && range.length === 2) [out.coilVoltsMin, out.coilVoltsMax] = range;
  else if (range === null) [out.coilVoltsMin, out.coilVoltsMax] = [null, null];
  if (out.coilVolts === undefined && marks.supplyVolts !== undefined) out.coilVolts = marks.supplyVolts;
  if (out.coilKind === undefined && marks.supplyKind !== undefined) out.coilKind = marks.supplyKind;
  if (out.coilHertz === undefined && marks.hertz !== undefined) out.coilHertz = marks.hertz;
  if (out.functionWords === undefined && marks.functions !== undefined)
    out.functionWords = Array.isArray(marks.functions)
      ? rowsMark(marks.functions).map(({ word, letter }) => plain(String(word ?? letter ?? '')))
      : marks.functions;
  const times = marks.timeRangeSeconds;
  if (out.rangesSeconds === undefined && times !== undefined)
    out.rangesSeconds = Array.isArray(times) && typeof times[0] === 'number' ? [times] : times;
  return out;
}
