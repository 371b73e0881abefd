/**
 * Who made it and what is it called, where no name stands before it? The first words of a plate that no field claimed, and a
 * word of letters and digits: both are guesses of little weight, to be confirmed, and no match rests on them.
 */
import { certain } from '../certain';
import type { Cell, Laid } from './layout';
import type { Hit } from './plate-field';

const GENERIC =
  /\b(MOTOR|INDUCTION|BREAKER|CIRCUIT|CONTACTOR|RELAY|FUSE|CAPACITOR|CLASS|TYPE|PHASE|MADE|IN|PURPOSE|DEFINITE|MAGNETIC|RELEASE|TRIP|PREMIUM|EFFICIENCY|UNIT|CONDENSING|USE|ONLY|WIRE|TEST|MONTHLY|OPEN|TIME|DELAY|PROTECTED|ON|OFF|AIR|OVER|FAN|SUITABLE|OUTDOOR|RATING|ROTATION|TERMINALS|MOT|FRAME|POLE|POLES|CURRENT|LIMITING|REJECTION)\b/i;
const ROWS_OF_NAMES = 4;

/** Returns a maker and a type where cells near the top, free of other marks, look like them. */
export function nameMarks(laid: Laid, free: (cell: Cell) => boolean, wanted: { maker: boolean; type: boolean }): Hit[] {
  const hits: Hit[] = [];
  const rows = laid.rows.slice(0, ROWS_OF_NAMES + 2);
  let maker: string | undefined;
  if (wanted.maker)
    for (const cell of rows.slice(0, ROWS_OF_NAMES).flat()) {
      if (!free(cell)) continue;
      const words = /^[A-Z][A-Z'&.-]{3,}(?: (?:[A-Z][A-Z'&.]+))*/i.exec(cell.text)?.[0];
      const kept = words
        ?.split(' ')
        .filter((word, i, all) => !GENERIC.test(word) || all.length > 2)
        .join(' ');
      if (!words || !kept || (GENERIC.test(kept) && kept.split(' ').length < 3) || GENERIC.test(certain(kept.split(' ')[0]))) continue;
      maker = kept;
      hits.push({ field: 'maker', value: kept, start: cell.start, end: cell.start + kept.length });
      break;
    }
  if (wanted.type) {
    const stem = maker?.slice(0, 4).toUpperCase();
    const isType = (text: string) =>
      text.length >= 4 &&
      text.length <= 24 &&
      /^[A-Z][A-Z0-9]*[ -]?[A-Z0-9-]*\d[A-Z0-9 .+-]*$/i.test(text) &&
      !/^(?:IP ?\d\d|(?:IEC|EN|UL|NH|COIL|AC|DC|PH|HP)\b)/i.test(text);
    const cells = laid.rows.flat().filter((cell) => free(cell) && !hits.some((hit) => hit.start >= cell.start && hit.end === cell.end));
    const texts = cells.map((cell) => {
      const lead = hits.find((hit) => hit.start === cell.start);
      const from = lead ? lead.end - cell.start + 1 : 0;
      return { cell, from, text: cell.text.slice(from) };
    });
    const found =
      texts.find(({ text }) => stem && text.toUpperCase().startsWith(stem) && text.length < 24) ??
      texts.filter(({ cell }) => cell.row < ROWS_OF_NAMES).find(({ text }) => isType(text));
    if (found) hits.push({ field: 'type', value: found.text, start: found.cell.start + found.from, end: found.cell.end });
  }
  return hits;
}
