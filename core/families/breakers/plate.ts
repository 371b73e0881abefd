/**
 * A breaker's plate: miniature (letter before the amps), North American moulded-case (slash volts, interrupting rating),
 * moulded-case with a table of Icu and Ics by volts, DC, electronic. Icn and Icu are different tests: the standard stays
 * with the figure. Names: common practice; symbols as in IEC 60898-1 and 60947-2, from memory.
 */
import { certain } from '../../certain';
import { toNumber } from '../../plates/characters';
import { seriesOf, single, wyeVolts } from '../../plates/print-patterns';
import type { Laid } from '../../plates/layout';
import { boxesAndCurve, terminalPoles } from '../../plates/modular-forms';
import { plateFieldsOf } from '../../fields/print';
import type { Hit, PlateDefinition } from '../../plates/plate-field';
import { breakerFields } from './fields';

/** A table of breaking capacity by volts: "Ue (V) 220/240 380/415 …", "Icu (kA) 65 36 …", "Ics (kA) …". */
function breakingTable(laid: Laid): Hit[] {
  const inVolts = (v: string) => v.split('/').every((n) => Number(n) >= 100 && Number(n) <= 1000);
  const volts = seriesOf(laid, /^.{0,6}(?:\bU.{0,4}V\)?|VOLTS|\(V\))/i).find(({ values }) => values.length >= 2 && values.every(inVolts));
  if (!volts) return [];
  // Ultimate stands over service; the indices are too small to trust in a picture, their order is not.
  const kiloamps = seriesOf(laid, /^.{0,8}(?:\(?KA\)|\bKA\b|\bIC[US]\b)/i).filter(
    ({ start, values }) => start > volts.start && values.length === volts.values.length,
  );
  const icu = kiloamps.find(({ name }) => /I.?CU/i.test(name)) ?? kiloamps[0];
  const ics = kiloamps.find(({ name }) => /I.?CS/i.test(name)) ?? kiloamps.find((row) => row !== icu);
  if (!icu) return [];
  const value = volts.values.map((v, i) => ({
    voltsList: v.split('/').map(Number),
    icuAmps: Math.round(toNumber(certain(icu.values[i])) * 1000),
    ...(ics ? { icsAmps: Math.round(toNumber(certain(ics.values[i])) * 1000) } : {}),
  }));
  return [volts, icu, ics].flatMap((row) => (row ? [{ field: 'breaking', value, start: row.start, end: row.end }] : []));
}

export const breakerPlate: PlateDefinition = {
  id: 'breaker',
  title: 'Breaker',
  side: 'device',
  fields: plateFieldsOf(breakerFields),
  special: (laid) => [
    ...single(laid, 'tripRangeAmps', /\bI[R.,]?\s?(\d{1,4}(?:[.,]\d)?)\s?-\s?(\d{1,4}(?:[.,]\d)?)\s?A(?![A-Z])/i, (m) =>
      toNumber(certain(m[1])) < toNumber(certain(m[2])) ? [toNumber(certain(m[1])), toNumber(certain(m[2]))] : undefined,
    ),
    ...wyeVolts(laid),
    ...breakingTable(laid),
    ...boxesAndCurve(laid),
    ...single(laid, 'wireRange', /(?:CU\/AL|CU|AL)\s+(?:#?\d{1,2}(?:\/0)?)\s?-\s?(?:#?\d{1,2}(?:\/0)?)\s?AWG/i, (m) => m[0]),
    ...single(laid, 'type', /(?<=^|\n|\s)(?<!HACR )TYPE (?!SWD|HID|HACR)([A-Z][A-Z0-9-]{2,})(?=\s*$|\s{2}|\n)/, (m) => m[0]),
  ],
  derive: (found, laid) => {
    const marks = terminalPoles(laid);
    return marks && !marks.neutral && !found.has('poles')
      ? [{ field: 'poles', value: marks.count, start: marks.start, end: marks.end }]
      : [];
  },
  cues: [
    [/CIRCUIT BREAKER|INTERRUPTING RATING|\bHACR\b|\bSWD\b/i, 5],
    [/60898|60947-2|UL 489/i, 5],
    [/\bIC[USN]\b|TRIP UNIT/i, 4],
    [/(?:^|\s)[BCDKZ]\s?\d{1,2}(?=\s|$)/m, 4],
    [/O-?OFF|I-?ON|\bAIC\b/i, 2],
  ],
};
