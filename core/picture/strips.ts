/**
 * How does a plate become something that a text engine reads well? Each run of letters is cut out along its own slope,
 * brought to one height, black on white, without frames and rules: one strip a run. Rows are kept as the eye sees them.
 */
import { certain } from '../certain';
import { blankGray, type Gray } from './gray';
import type { Segment, Written } from './segments';

/** A strip and where it was: its row, and its place along the plate in picture pixels. */
export type Strip = {
  segment: Segment;
  row: number;
  x0: number;
  x1: number;
  image: Gray;
  /** Strip pixels for one picture pixel. */ scale: number;
};

/** How strips are drawn. Two ways of drawing are two looks at the same letters. */
export type Look = {
  letterHeight: number;
  /** Share of the way from paper to ink below which a pixel is paper, above which ink. */ paperTo: number;
  inkFrom: number;
};
export const firstLook: Look = { letterHeight: 30, paperTo: 0.2, inkFrom: 0.86 };
export const secondLook: Look = { letterHeight: 38, paperTo: 0.34, inkFrom: 0.72 };

const MARGIN = 0.42; // heights kept above and below
const BORDER = 10;

/** Groups segments into rows as the eye does: by the distance across the slope. */
export function rowsOf(segments: readonly Segment[], slope: number): Segment[][] {
  const length = Math.hypot(1, slope);
  const across = (s: Segment) => {
    const mx = s.x + (s.length / 2) * s.cos;
    const my = s.y + (s.length / 2) * s.sin;
    return (-mx * slope + my) / length;
  };
  const along = (s: Segment) => (s.x + s.y * slope) / length;
  const order = [...segments].sort((a, b) => across(a) - across(b));
  const rows: { at: number; height: number; members: Segment[] }[] = [];
  for (const s of order) {
    const at = across(s);
    const row = rows.findLast(
      (one) => Math.abs(one.at - at) < 0.5 * Math.min(Math.max(one.height, s.height), 1.6 * Math.min(one.height, s.height)),
    );
    if (!row) rows.push({ at, height: s.height, members: [s] });
    else {
      row.members.push(s);
      row.at += (at - row.at) / row.members.length;
      row.height += (s.height - row.height) / row.members.length;
    }
  }
  return rows.map((row) => row.members.sort((a, b) => along(a) - along(b)));
}

type Levels = { paper: number; ink: number };
const known = new WeakMap<Segment, Levels>();

const middleOf = (histogram: Uint32Array, fallback: number): number => {
  let half = histogram.reduce((sum, n) => sum + n, 0) / 2;
  if (half === 0) return fallback;
  return histogram.findIndex((n) => (half -= n) <= 0);
};

/** Levels of paper and ink within a segment: the middle of each. */
function levels(picture: Gray, written: Written, segment: Segment): Levels {
  const before = known.get(segment);
  if (before) return before;
  const { labels, line } = written.ink[segment.ink];
  const [inked, bare] = [new Uint32Array(256), new Uint32Array(256)];
  const step = Math.max(1, segment.height / 16);
  for (let u = 0; u <= segment.length; u += step)
    for (let v = -segment.height / 2; v <= segment.height / 2; v += step) {
      const x = Math.round(segment.x + u * segment.cos - v * segment.sin);
      const y = Math.round(segment.y + u * segment.sin + v * segment.cos);
      if (x < 0 || y < 0 || x >= picture.width || y >= picture.height) continue;
      const at = y * picture.width + x;
      const label = certain(labels[at]);
      const level = certain(picture.data[at]);
      if (label < 0) bare[level] = certain(bare[level]) + 1;
      else if (!line[label]) inked[level] = certain(inked[level]) + 1;
    }
  const made = { paper: middleOf(bare, segment.ink === 'dark' ? 220 : 40), ink: middleOf(inked, segment.ink === 'dark' ? 40 : 220) };
  known.set(segment, made);
  return made;
}

/** Draws one strip. */
export function drawStrip(picture: Gray, written: Written, segment: Segment, look: Look): Gray {
  const scale = segment.height / look.letterHeight;
  const pad = MARGIN * look.letterHeight;
  const width = Math.round(segment.length / scale + 2 * pad);
  const height = Math.round(look.letterHeight + 2 * pad);
  const image = blankGray(width + 2 * BORDER, height + 2 * BORDER);
  const { paper, ink } = levels(picture, written, segment);
  const { labels, line, list } = written.ink[segment.ink];
  const tallest = segment.height * 1.3 + Math.abs(segment.sin) * segment.height;
  const span = ink - paper;
  if (span === 0) return image;
  const { width: w, height: h, data } = picture;
  const gain = 255 / (look.inkFrom - look.paperTo);
  for (let py = 0; py < height; py += 1) {
    const v = (py - height / 2) * scale;
    let x = segment.x - pad * scale * segment.cos - v * segment.sin;
    let y = segment.y - pad * scale * segment.sin + v * segment.cos;
    const [dx, dy] = [scale * segment.cos, scale * segment.sin];
    const row = (py + BORDER) * image.width + BORDER;
    for (let px = 0; px < width; px += 1, x += dx, y += dy) {
      const [gx, gy] = [x - 0.5, y - 0.5];
      if (gx < 0 || gy < 0 || gx >= w - 1 || gy >= h - 1) continue;
      const x0 = gx | 0;
      const y0 = gy | 0;
      const at = y0 * w + x0;
      const label = certain(labels[((gy + 0.5) | 0) * w + ((gx + 0.5) | 0)]);
      if (label >= 0 && (line[label] || certain(list[label]).y1 - certain(list[label]).y0 > tallest)) continue;
      // Between the pixels, bilinear.
      const fx = gx - x0;
      const top = certain(data[at]) + (certain(data[at + 1]) - certain(data[at])) * fx;
      const low = certain(data[at + w]) + (certain(data[at + w + 1]) - certain(data[at + w])) * fx;
      const level = 255 - ((top + (low - top) * (gy - y0) - paper) / span - look.paperTo) * gain;
      image.data[row + px] = level < 0 ? 0 : level > 255 ? 255 : level;
    }
  }
  return image;
}

const CONTRAST_OF_WORDS = 0.3;
const CONTRAST_OF_MARKS = 0.45;

/** Returns the strips of what is written, row by row, without what has far less contrast than the rest. */
export function stripsOf(picture: Gray, written: Written, look: Look): Strip[] {
  const contrast = new Map(
    written.segments.map((s) => [s, Math.abs((({ paper, ink }) => paper - ink)(levels(picture, written, s)))] as const),
  );
  const words = written.segments
    .filter((s) => s.letters > 3)
    .map((s) => certain(contrast.get(s)))
    .sort((a, b) => a - b);
  const usual = words[words.length >> 1] ?? 0;
  const plain = written.segments.filter((s) => certain(contrast.get(s)) >= usual * (s.letters > 3 ? CONTRAST_OF_WORDS : CONTRAST_OF_MARKS));
  const length = Math.hypot(1, written.slope);
  return rowsOf(plain, written.slope).flatMap((row, r) =>
    row.map((segment) => {
      const x0 = (segment.x + segment.y * written.slope) / length;
      return {
        segment,
        row: r,
        x0,
        x1: x0 + segment.length,
        image: drawStrip(picture, written, segment, look),
        scale: look.letterHeight / segment.height,
      };
    }),
  );
}

/** Corner points of a stretch of a strip in the picture; `from` and `to` in strip pixels. */
export function cornersOf({ segment, scale, image }: Strip, from: number, to: number): [number, number][] {
  const pad = BORDER + (image.height - 2 * BORDER) * (MARGIN / (1 + 2 * MARGIN));
  const at = (u: number, v: number): [number, number] => [
    segment.x + u * segment.cos - v * segment.sin,
    segment.y + u * segment.sin + v * segment.cos,
  ];
  const [u0, u1] = [(from - pad) / scale, (to - pad) / scale];
  const half = segment.height * 0.6;
  return [at(u0, -half), at(u1, -half), at(u1, half), at(u0, half)];
}
