/** Forms of its own on a residual-current device's plate: milliamps, backup, North American classes, two standards, bare letters. */
import { certain } from '../../certain';
import { toNumber } from '../../plates/characters';
import { single } from '../../plates/print-patterns';
import type { Laid } from '../../plates/layout';
import type { Hit } from '../../plates/plate-field';

/** Words and standards of North American devices, which print a trip level and a class in place of type and I-delta-n. */
const AMERICAN = /\b(?:GFCI|GFPE|GFEP|EPD)\b|\bUL ?(?:943C?|1053)\b/i;

/** "0.03 A", "30 mA", with or without IΔn before it: in amperes, only a preferred value; a North American one trips at it, from 4 mA. */
export function residual(laid: Laid): Hit[] {
  const american = AMERICAN.test(laid.text);
  const usual = new Set([...(american ? [4, 5, 15, 20] : []), 6, 10, 30, 100, 300, 500, 1000, 3000]);
  const field = american ? 'tripMilliamps' : 'sensitivityMilliamps';
  const found = [...laid.text.matchAll(/(?:I\s?[ΔA4]\s?N\s*=?\s*)?(?<![\d.,])(0[.,]\d{1,3}\s?A|\d{1,4}\s?MA)(?![A-Z])/gi)];
  const hit = found
    .map((m) => ({
      m,
      milliamps: /mA/i.test(certain(m[1]))
        ? parseInt(certain(m[1]), 10)
        : Math.round(toNumber(certain(m[1]).replace(/[^\d.,]/g, '')) * 1000),
    }))
    .find(({ milliamps }) => usual.has(milliamps));
  return hit ? [{ field, value: hit.milliamps, start: hit.m.index, end: hit.m.index + hit.m[0].length }] : [];
}

/** "In 63 A"; "63 A" beside "0.03 A": the larger is the rated current. "gG 63 A" is the backup fuse. */
export function backup(laid: Laid): Hit[] {
  return [
    ...single(laid, 'backupFuseAmps', /\bG[GL]\s?(\d{2,3})\s?A?(?![A-Z0-9])/i, (m) => Number(m[1])),
    ...single(laid, 'makingBreakingAmps', /(?:\b[I1l] ?m\b|[I1l][ΔAa4]m\b)[^\d\n]{0,12}(\d{3,5}) ?A(?![A-Z])/i, (m) => Number(m[1])),
  ];
}

/** "GFCI CLASS A", "CLASS A GFCI", "GFPE". The bare word GFCI names no class. */
export const americanClass = (laid: Laid): Hit[] => [
  ...single(
    laid,
    'protectionClass',
    /\b(?:GFCI[ ,]{0,3}CLASS ([ACDE])|CLASS ([ACDE])[ ,]{0,3}GFCI)\b/i,
    (m) => `GFCI Class ${certain(m[1] ?? m[2]).toUpperCase()}`,
  ),
  ...single(laid, 'protectionClass', /\b(?:GFPE|GFEP|EPD)\b/i, () => 'GFPE'),
];

/** IEC 62423 stands beside 61008 or 61009 and takes nothing from it: the device is of that standard. */
export function standards({ text }: Laid): Hit[] {
  const find = (digits: string) => new RegExp(`(?:IEC\\/EN|IEC|BS ?EN|EN)? ?${digits}(?:-[12])?(?![0-9])`, 'i').exec(text);
  const [own, beside] = [find('6100[89]'), find('62423')];
  if (!own || !beside) return [];
  const value = /61008/.test(own[0]) ? 'IEC/EN 61008-1' : 'IEC/EN 61009-1';
  return [own, beside].map((m) => ({ field: 'standard', value, start: m.index, end: m.index + m[0].length }));
}

/** "30 mA A", "S" alone: a type behind the milliamps, a delay in its box. Known by place only, so to be confirmed. */
export function bareMarks(laid: Laid): Hit[] {
  const type = /(?:0[.,]\d{1,3}\s?A|\d{1,4}\s?MA)[ ,\n]{1,3}(AC|A|F|B\+?)(?![A-Z0-9+/])/i.exec(laid.text);
  const at = type ? type.index + type[0].length - certain(type[1]).length : 0;
  return [
    ...(type ? [{ field: 'residualType', value: certain(type[1]).toUpperCase(), start: at, end: at + certain(type[1]).length }] : []),
    ...single(laid, 'delay', /(?<![A-Za-z0-9.[-]|[0-9] )\[?S\]?(?![A-Za-z0-9./%-])/, () => 'S'),
  ];
}
