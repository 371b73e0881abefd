/**
 * A fuse's plate: UL classes, IEC utilisation categories and bodies, small fuses. AC and DC figures are apart; no DC figure
 * printed means not rated for DC. Names: common practice; classes of UL 248 and IEC 60269, from memory.
 */
import { AMPS, maker, mark, ratedAmps, serial, sheet, standard, type } from '../../plates/common-fields';
import { toNumber } from '../../plates/characters';
import { single } from '../../plates/forms';
import type { Laid } from '../../plates/layout';
import type { Hit, PlateDefinition } from '../../plates/plate-field';

const NH = ['000', '00', '0', '1', '2', '3', '4', '4a'];
const bodies = [...NH.map((n) => `NH${n}`), '5x20', '6.3x32', '10x38', '14x51', '22x58', '8x32', 'D01', 'D02', 'D03', 'DII', 'DIII', 'DIV'];
const kiloamps = (text: string, unit: string | undefined) => toNumber(text) * (/k/i.test(unit ?? '') ? 1000 : 1);

/** "I.R. 200 kA AC 100 kA DC", "INT. RATING 200,000 A AC RMS SYM.", "120 kA": capacity by kind of current. */
function interrupting(laid: Laid): Hit[] {
  const found = [
    ...laid.text.matchAll(
      /(?:\bI\.? ?R\.?:? ?)?(?<![A-Z0-9.,])(\d{1,3}(?:,\d{3})+|\d{1,3}(?:\.\d)?)\s?(KA|A)(?:IC)?(?:\s?(AC|DC|~))?(?![A-Z])/gi,
    ),
  ].filter((m) => /k/i.test(m[2]!) || m[1]!.includes(','));
  const hits: Hit[] = [];
  for (const m of found) {
    const field = /DC/i.test(m[3] ?? '') ? 'interruptingAmpsDc' : 'interruptingAmpsAc';
    if (!hits.some((hit) => hit.field === field))
      hits.push({ field, value: kiloamps(m[1]!, m[2]), start: m.index, end: m.index + m[0].length });
  }
  return hits;
}
/** "600 V AC   300 V DC", "500 V~": volts by kind of current. */
function volts(laid: Laid): Hit[] {
  return [...laid.text.matchAll(/(?<![A-Z0-9.,])(\d{2,4})\s?V\s?(AC|DC|~|=)/gi)].map((m) => ({
    field: /DC|=/i.test(m[2]!) ? 'voltsDc' : 'voltsAc',
    value: Number(m[1]),
    start: m.index,
    end: m.index + m[0].length,
  }));
}

const volt = (id: string, label: string, meaning: string) =>
  mark(id, label, 'number', { unit: 'V', names: [], min: 12, max: 1500 }, meaning, 'End cap or barrel; the maker’s sheet by type.');
const capacity = (id: string, label: string, meaning: string) =>
  mark(
    id,
    label,
    'number',
    { unit: 'A', names: [], min: 10, max: 300000 },
    meaning,
    'Unmarked cartridge fuse in NFPA 70 practice: 10 kA by rule, AC only; otherwise not known.',
  );

export const fusePlate: PlateDefinition = {
  id: 'fuse',
  title: 'Fuse',
  side: 'device',
  fields: [
    maker,
    type,
    serial,
    standard(['UL 248', 'IEC 60269', 'IEC 60269-1', 'IEC 60269-2', 'IEC 60269-3', 'IEC 60127', 'BS 88', 'BS 1362'], {
      'EN 60269-2': 'IEC 60269-2',
      'EN 60269': 'IEC 60269',
    }),
    mark(
      'fuseClass',
      'Class',
      'word',
      { names: ['CLASS', 'CL.'], words: ['RK1', 'RK5', 'CC', 'CF', 'J', 'T', 'G', 'L', 'H', 'K1', 'K5'] },
      'UL class: it fixes size, interrupting rating and limiting together. A rejecting class keeps others out.',
      'Measure length and diameter; a groove or pin shows a rejecting type.',
    ),
    mark(
      'utilisation',
      'Category',
      'word',
      { names: ['CATEGORY'], words: ['gG', 'gL', 'gM', 'gR', 'gS', 'gPV', 'aM', 'aR', 'gTr', 'gBat', 'aBat'], bareUnit: true },
      'IEC 60269: g breaks any overcurrent, a short circuits only; G lines, M motors, R semiconductors.',
      sheet,
    ),
    mark(
      'bodySize',
      'Body',
      'word',
      {
        names: ['BODY', 'SIZE'],
        words: bodies,
        printed: Object.fromEntries([
          ...NH.map((n) => [`NH ${n}`.toUpperCase(), `NH${n}`]),
          ['5 X 20', '5x20'],
          ['10 X 38', '10x38'],
          ['14 X 51', '14x51'],
          ['22 X 58', '22x58'],
        ]),
        bareUnit: true,
      },
      'Size of the body; the holder takes no other.',
      'Measure diameter and length.',
    ),
    { ...ratedAmps, names: ['RATED CURRENT', 'RATING', 'AMPERES', 'AMPS', 'IN'], units: { ...AMPS, MA: 0.001 } },
    volt('voltsAc', 'Volts AC', 'Highest AC volts of the circuit.'),
    volt('voltsDc', 'Volts DC', 'Highest DC volts. Without this mark it is not rated for DC.'),
    capacity('interruptingAmpsAc', 'Breaks, AC', 'Fault current it breaks on AC.'),
    capacity('interruptingAmpsDc', 'Breaks, DC', 'Fault current it breaks on DC.'),
    mark(
      'speed',
      'Speed',
      'word',
      {
        names: ['SPEED'],
        words: ['fast', 'time-delay', 'FF', 'F', 'M', 'T', 'TT'],
        printed: {
          'FAST-ACTING': 'fast',
          'FAST ACTING': 'fast',
          'TIME DELAY': 'time-delay',
          'TIME-DELAY': 'time-delay',
          'SLOW-BLOW': 'time-delay',
          'SLOW BLOW': 'time-delay',
        },
      },
      'How it answers a short overcurrent. Only a fuse marked so is time-delay.',
      sheet,
    ),
    mark(
      'timeDelay',
      'Time delay',
      'flag',
      { names: ['TIME-DELAY', 'TIME DELAY'] },
      'Holds a start that a fast fuse would not; only when marked.',
      sheet,
    ),
    mark(
      'dualElement',
      'Dual element',
      'flag',
      { names: ['DUAL-ELEMENT', 'DUAL ELEMENT'] },
      'Overload and short-circuit elements in one.',
      sheet,
    ),
    mark(
      'currentLimiting',
      'Limiting',
      'flag',
      { names: ['CURRENT LIMITING', 'CURRENT-LIMITING'] },
      'Cuts the fault before its first peak.',
      sheet,
    ),
    mark(
      'rejectionType',
      'Rejecting',
      'flag',
      { names: ['REJECTION TYPE', 'REJECTION'] },
      'Its holder refuses other classes.',
      'A groove, a pin or one ferrule of another size.',
    ),
    mark(
      'powerLossWatts',
      'Power loss',
      'number',
      { unit: 'W', names: ['PV', 'POWER LOSS'], units: { W: 1 }, max: 500 },
      'Heat at rated current; the base must be able to take it.',
      sheet,
    ),
  ],
  special: (laid) => [
    ...interrupting(laid),
    ...volts(laid),
    ...single(laid, 'speed', /(?<![A-Za-z0-9])(FF|TT|[FMT])\s?(?=\d+(?:\.\d+)?\s?M?A\b)/, (m) => m[1]!),
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
