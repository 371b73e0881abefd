/**
 * A fuse's plate: UL classes, IEC utilisation categories and bodies, small fuses. AC and DC figures are apart; no DC figure
 * printed means not rated for DC. Names: common practice; classes of UL 248 and IEC 60269, from memory.
 */
import { certain } from '../../certain';
import { toNumber } from '../../plates/characters';
import { single } from '../../plates/print-patterns';
import type { Laid } from '../../plates/layout';
import { plateFieldsOf } from '../../fields/print';
import type { Hit, PlateDefinition } from '../../plates/plate-field';
import { fuseFields } from './fields';

const kiloamps = (text: string, unit: string | undefined) => toNumber(text) * (/k/i.test(unit ?? '') ? 1000 : 1);

/** "I.R. 200 kA AC 100 kA DC", "INT. RATING 200,000 A AC RMS SYM.", "120 kA": capacity by kind of current. */
function interrupting(laid: Laid): Hit[] {
  const found = [
    ...laid.text.matchAll(
      /(?:\bI\.? ?R\.?:? ?)?(?<![A-Z0-9.,])(\d{1,3}(?:,\d{3})+|\d{1,3}(?:\.\d)?)\s?(KA|A)(?:IC)?(?:\s?(AC|DC|~))?(?![A-Z])/gi,
    ),
  ].filter((m) => /k/i.test(certain(m[2])) || certain(m[1]).includes(','));
  const hits: Hit[] = [];
  for (const m of found) {
    const field = /DC/i.test(m[3] ?? '') ? 'interruptingAmpsDc' : 'interruptingAmpsAc';
    if (!hits.some((hit) => hit.field === field))
      hits.push({ field, value: kiloamps(certain(m[1]), m[2]), start: m.index, end: m.index + m[0].length });
  }
  return hits;
}
/** "600 V AC   300 V DC", "500 V~": volts by kind of current. */
function volts(laid: Laid): Hit[] {
  return [...laid.text.matchAll(/(?<![A-Z0-9.,])(\d{2,4})\s?V\s?(AC|DC|~|=)/gi)].map((m) => ({
    field: /DC|=/i.test(certain(m[2])) ? 'voltsDc' : 'voltsAc',
    value: Number(m[1]),
    start: m.index,
    end: m.index + m[0].length,
  }));
}

export const fusePlate: PlateDefinition = {
  id: 'fuse',
  title: 'Fuse',
  side: 'device',
  fields: plateFieldsOf(fuseFields),
  special: (laid) => [
    ...interrupting(laid),
    ...volts(laid),
    ...single(laid, 'speed', /(?<![A-Za-z0-9])(FF|TT|[FMT])\s?(?=\d+(?:\.\d+)?\s?M?A\b)/, (m) => certain(m[1])),
    ...single(laid, 'rejectionType', /REJECTION TYPE/i, () => true),
  ],
  cues: [
    [/\bFUSE\b|CURRENT LIMITING|REJECTION|DUAL ELEMENT/i, 5],
    [/CLASS\s(J|CC|RK[15]|T|G|L)\b/i, 6],
    [/\b(gG|gL|aM|gPV|aR)\b/, 6],
    [/\bNH\s?0{1,3}|60269|60127/i, 5],
    [/TIME.DELAY/i, 1],
  ],
};
