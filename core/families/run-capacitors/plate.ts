/** A run capacitor's plate: sections, tolerance, volts, temperatures, life. Names: common practice; classes of IEC 60252-1, from memory. */
import { certain } from '../../certain';
import { toNumber } from '../../plates/characters';
import { linesOf, type Laid } from '../../plates/layout';
import { single } from '../../plates/print-patterns';
import { plateFieldsOf } from '../../fields/print';
import type { Hit, PlateDefinition } from '../../plates/plate-field';
import { runCapacitorFields } from './fields';

/** "40 + 7.5 µF", "45 MFD": one or two sections. "uF" often reads as "pF": run capacitors are never that small. */
function sections(laid: Laid): Hit[] {
  const match = /(?<![A-Z0-9.,])(\d{1,3}(?:[.,]\d{1,2})?)(?:\s?[+/]\s?(\d{1,2}(?:[.,]\d{1,2})?))?\s?(?:[µUPIHJ]F|MFD|MF)(?![A-Z])/i.exec(
    laid.text,
  );
  if (!match) return [];
  const value = [toNumber(certain(match[1])), ...(match[2] ? [toNumber(match[2])] : [])];
  return value.every((n) => n >= 0.5 && n <= 200)
    ? [
        {
          field: 'microfarads',
          value: value.length === 1 ? certain(value[0]) : value,
          start: match.index,
          end: match.index + match[0].length,
        },
      ]
    : [];
}

/** "-40°C +70°C", "-25/85/21", "MAX 70°C". */
function temperatures(laid: Laid): Hit[] {
  const both = /(-\s?\d{2})\s?°?\s?C?\s*(?:\/|TO|\.\.\.?|\s)\s*\+?\s?(\d{2,3})\s?°\s?C/i.exec(laid.text);
  if (!both) {
    // One temperature alone is the highest of its case.
    const alone = [...laid.text.matchAll(/(?<![-\d/.,])(\d{2,3})\s?°\s?C(?![A-Z])/gi)];
    const only = alone.length === 1 ? certain(alone[0]) : undefined;
    return only ? [{ field: 'maxCaseC', value: Number(only[1]), start: only.index, end: only.index + only[0].length }] : [];
  }
  const split = both.index + certain(both[1]).length;
  return [
    { field: 'minCaseC', value: Number(certain(both[1]).replace(/\s/g, '')), start: both.index, end: split },
    { field: 'maxCaseC', value: Number(both[2]), start: split, end: both.index + both[0].length },
  ];
}

function terminals(laid: Laid): Hit[] {
  return linesOf(laid).flatMap(({ text, start }) => {
    const match = /(?:^|\s)(C(?:OM)?\s+(?:HERM|FAN)(?:\s+(?:HERM|FAN))?)(?=\s|$)/i.exec(text);
    return match
      ? [
          {
            field: 'terminals',
            value: certain(match[1]).replace(/\s+/g, ' ').toUpperCase(),
            start: start + match.index + match[0].indexOf(certain(match[1])),
            end: start + match.index + match[0].length,
          },
        ]
      : [];
  });
}

export const runCapacitorPlate: PlateDefinition = {
  id: 'run-capacitor',
  title: 'Run capacitor',
  side: 'device',
  fields: plateFieldsOf(runCapacitorFields),
  special: (laid) => [
    ...sections(laid),
    ...temperatures(laid),
    ...terminals(laid),
    ...single(laid, 'tolerancePercent', /[±+t]\/?-?\s?(\d{1,2})\s?%/i, (m) => Number(m[1])),
  ],
  cues: [
    [/CAPACITOR/i, 6],
    [/\d\s?([µu]F|MFD)/i, 5],
    [/\bHERM\b|\bAFC\b|NO PCB/i, 4],
    [/\bRPM\b|\bHP\b/i, -4],
  ],
};
