/** Sheets of labels as they are sold: how many stand on one, how large, and where. Sizes in millimetres: common practice. */
export type LabelSheet = {
  title: string;
  page: { width: number; height: number };
  columns: number;
  rows: number;
  label: { width: number; height: number };
  /** From the edges of the page to the first label, and from one label to the next. */
  left: number;
  top: number;
  stepX: number;
  stepY: number;
};

export const labelSheets = {
  'a4-3x8': {
    ...{ title: 'A4, 3 by 8 labels of 70 x 37 mm', page: { width: 210, height: 297 }, columns: 3, rows: 8 },
    ...{ label: { width: 70, height: 37 }, left: 0, top: 0.5, stepX: 70, stepY: 37 },
  },
  'letter-3x10': {
    ...{ title: 'Letter, 3 by 10 labels of 66.7 x 25.4 mm', page: { width: 215.9, height: 279.4 }, columns: 3, rows: 10 },
    ...{ label: { width: 66.7, height: 25.4 }, left: 4.8, top: 12.7, stepX: 69.8, stepY: 25.4 },
  },
  'roll-62x29': {
    ...{ title: 'Roll, labels of 62 x 29 mm', page: { width: 62, height: 29 }, columns: 1, rows: 1 },
    ...{ label: { width: 62, height: 29 }, left: 0, top: 0, stepX: 62, stepY: 29 },
  },
} as const satisfies Record<string, LabelSheet>;
export type SheetName = keyof typeof labelSheets;
export const sheetNames = Object.keys(labelSheets) as readonly SheetName[];

/** Where the label of this number stands, from 0: its page and the upper left corner on it, mm. */
export function placeOnSheet(
  { columns, rows, left, top, stepX, stepY }: LabelSheet,
  index: number,
): { page: number; x: number; y: number } {
  const on = index % (columns * rows);
  return { page: Math.floor(index / (columns * rows)), x: left + (on % columns) * stepX, y: top + Math.floor(on / columns) * stepY };
}

/** What stands on a label: where its code leads, what a scanner types, and three lines of words. */
export type Label = { path: string; code: string; lines: readonly [string, string, string] };

/** Can a bar code of its length be read from a label? Code 128 takes letters of ASCII. */
export const hasBars = ({ code }: Label): boolean => /^[\x20-\x7e]{1,24}$/.test(code);
