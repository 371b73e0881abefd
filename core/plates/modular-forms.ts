/**
 * Forms of devices on a rail, with or without residual part: letter and amps, boxed capacity and class, terminal numbers.
 */
import { certain } from '../certain';
import { toNumber } from './characters';
import { linesOf, type Laid } from './layout';
import type { Hit } from './plate-field';

/** "C20", "D 10 A": a letter fixed to the amps is a curve. "Type B" beside a waveform is not: that is a residual type. */
function curveAndAmps(laid: Laid): Hit[] {
  const match =
    /(?<![A-Za-z0-9.\-/]|[Tt][Yy][Pp][Ee] |CAT\.? |CLASS |CL\.? )([BCDKZ])[ ]?(\d{1,3}(?:[.,]\d)?)(?:[ ]?A)?(?![A-Z0-9.,\-/%°])(?! ?m?A\b)(?! ?MA\b)/.exec(
      laid.text,
    );
  if (!match) return [];
  const at = match.index;
  return [
    { field: 'curve', value: certain(match[1]), start: at, end: at + 1 },
    { field: 'ratedAmps', value: toNumber(certain(match[2])), start: at + 1, end: at + match[0].length },
  ];
}

const BOX =
  /(?<![A-Z0-9.,\-/])(1 ?500|3 ?000|4 ?500|6 ?000|10 ?000|15 ?000|20 ?000|25 ?000)(?![\d.,])(?!\s?(?:A|AFC|V|HZ|KG|RPM)\b)(?:([[\]()| ]{1,8})([123])(?=[\])| ]|\n|$)(?!\s?(?:~|P\b|PH))(?! \d))?/i;
/** Boxed capacity and class: "6000   3" or "6 000", alone or beside each other, with no unit. */
function boxes(laid: Laid): Hit[] {
  const match = BOX.exec(laid.text);
  if (!match) return [];
  const end = match.index + certain(match[1]).length;
  return [
    { field: 'icnAmps', value: Number(certain(match[1]).replace(' ', '')), start: match.index, end },
    ...(match[3]
      ? [
          {
            field: 'energyLimitingClass',
            value: Number(match[3]),
            start: end + certain(match[2]).length,
            end: match.index + match[0].length,
          },
        ]
      : []),
  ];
}

/** Poles from the terminal numbers over and under: 1 over 2 is one pole, 1 3 5 over 2 4 6 three. */
export function terminalPoles(laid: Laid): { count: number; neutral: boolean; start: number; end: number } | undefined {
  // Screws between the numbers read as stray marks of a letter or two.
  const lines = linesOf(laid).map(({ text, start }) => {
    const tokens = text.trim().split(/\s+/);
    const short = tokens.every((token) => token.length <= 3);
    return { marks: short ? tokens.filter((token) => /^[1-8N]$/.test(token)) : [], start, end: start + text.length };
  });
  const odd = lines.find(({ marks }) => /^1( 3( 5( 7)?)?)?( N)?$/.test(marks.join(' ')));
  const even = lines.findLast(({ marks }) => /^2( 4( 6( 8)?)?)?( N)?$/.test(marks.join(' ')));
  if (!odd || !even || odd.marks.length !== even.marks.length) return undefined;
  const neutral = odd.marks.includes('N');
  return { count: odd.marks.filter((m) => m !== 'N').length, neutral, start: odd.start, end: odd.end };
}

export const boxesAndCurve = (laid: Laid): Hit[] => [...curveAndAmps(laid), ...boxes(laid)];
