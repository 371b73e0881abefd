/**
 * How is what stands on a plate laid out? Rows of cells: typed text breaks them at wide gaps, a picture at the gaps it has.
 * Places across are characters in typed text and pixels along the plate in a picture; only their order and overlap count.
 */
export type Cell = { text: string; start: number; end: number; row: number; x0: number; x1: number };
export type Laid = { /** Folded text; places in it are places in what was typed. */ text: string; rows: Cell[][] };

const WIDE_GAP = /\s{2,}|\s*[|;]\s*/g;

/** Lays out typed or pasted text. */
export function layOutText(text: string): Laid {
  const rows: Cell[][] = [];
  let at = 0;
  for (const line of text.split('\n')) {
    const row: Cell[] = [];
    let from = 0;
    const add = (to: number) => {
      const raw = line.slice(from, to);
      const lead = raw.length - raw.trimStart().length;
      const body = raw.trim();
      if (body === '') return;
      const x0 = from + lead;
      row.push({ text: body, start: at + x0, end: at + x0 + body.length, row: rows.length, x0, x1: x0 + body.length });
    };
    for (const gap of line.matchAll(WIDE_GAP)) {
      if (gap[0] === '') continue;
      add(gap.index);
      from = gap.index + gap[0].length;
    }
    add(line.length);
    if (row.length > 0) rows.push(row);
    at += line.length + 1;
  }
  return { text, rows };
}

/** Part of a cell as a cell of its own; its place across follows from the characters. */
export function partOf(cell: Cell, from: number, to: number): Cell {
  const each = (cell.x1 - cell.x0) / Math.max(1, cell.text.length);
  return {
    text: cell.text.slice(from, to),
    start: cell.start + from,
    end: cell.start + to,
    row: cell.row,
    x0: cell.x0 + from * each,
    x1: cell.x0 + to * each,
  };
}

/** Share of the narrower cell that lies over the other. */
export const overlap = (a: Cell, b: Cell): number =>
  (Math.min(a.x1, b.x1) - Math.max(a.x0, b.x0)) / Math.max(1e-9, Math.min(a.x1 - a.x0, b.x1 - b.x0));

/** Returns all rows as texts with a way back to places: for the families' own forms. */
export const linesOf = (laid: Laid): { text: string; start: number }[] => {
  const lines: { text: string; start: number }[] = [];
  let at = 0;
  for (const text of laid.text.split('\n')) {
    lines.push({ text, start: at });
    at += text.length + 1;
  }
  return lines;
};
