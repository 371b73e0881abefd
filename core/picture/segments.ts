/**
 * Where does something stand written? Letters next to each other make a segment, with its own slope: a plate seen from the
 * side has no one slope for all. Method: components of letter size are chained to their neighbour on the right.
 */
import { certain } from '../certain';
import { components, inkMask, type Component, type Ink } from './components';
import type { Gray } from './gray';

/** A run of letters: a box that may be sloped. `x`, `y` its left end on the middle line; `cos`, `sin` its direction. */
export type Segment = {
  ink: Ink;
  x: number;
  y: number;
  cos: number;
  sin: number;
  length: number;
  /** Height of its capitals, picture pixels. */
  height: number;
  letters: number;
};

export type Written = { segments: Segment[]; slope: number; ink: Record<Ink, { labels: Int32Array; list: Component[]; line: Uint8Array }> };

const MIN_HEIGHT = 8;
const GREATEST_SHARE = 0.16; // of the picture's height
const GREATEST_GAP = 1.05; // heights between two letters of one segment

const middle = (c: Component) => (c.y0 + c.y1) / 2;
const tall = (c: Component) => c.y1 - c.y0;
const wide = (c: Component) => c.x1 - c.x0;

function isLetter(c: Component, greatest: number): boolean {
  const h = tall(c);
  const w = wide(c);
  const fill = c.area / (h * w);
  return h >= MIN_HEIGHT && h <= greatest && w <= h * 9 && w >= 1 && fill > 0.1 && (fill < 0.93 || w < h * 0.5);
}

const isRule = (c: Component) => wide(c) < tall(c) * 0.2;

/** Chains every letter to the nearest one on its right that stands at its height and has about its size. */
function chains(letters: Component[]): Component[][] {
  const order = [...letters].sort((a, b) => a.x0 - b.x0);
  const next = new Map<Component, Component>();
  const taken = new Map<Component, { from: Component; gap: number }>();
  for (const [i, a] of order.entries()) {
    let best: Component | undefined;
    let bestGap = Infinity;
    for (let k = i + 1; k < order.length; k += 1) {
      const b = certain(order[k]);
      if (b.x0 - a.x1 > tall(a) * 2.4) break;
      const size = Math.max(tall(a), tall(b));
      const gap = b.x0 - a.x1;
      const overlap = Math.min(a.y1, b.y1) - Math.max(a.y0, b.y0);
      const least = Math.min(tall(a), tall(b));
      if (gap > size * GREATEST_GAP || gap < -least * 0.6 || overlap < least * 0.5 || least < size * 0.46) continue;
      // A piece of a table's rule beside a figure is no 1.
      if ((isRule(a) && tall(a) > tall(b) * 1.25) || (isRule(b) && tall(b) > tall(a) * 1.25)) continue;
      const score = gap + Math.abs(middle(a) - middle(b)) * 0.5 + (size - least) * 0.3;
      if (score < bestGap) [best, bestGap] = [b, score];
    }
    if (!best) continue;
    const rival = taken.get(best);
    if (rival && rival.gap <= bestGap) continue;
    if (rival) next.delete(rival.from);
    next.set(a, best);
    taken.set(best, { from: a, gap: bestGap });
  }
  const starts = order.filter((c) => !taken.has(c) || next.get(certain(taken.get(c)).from) !== c);
  return starts.map((start) => {
    const chain = [start];
    for (let at = next.get(start); at; at = next.get(at)) chain.push(at);
    return chain;
  });
}

/** Frames, screws and symbols: mostly empty boxes with something letter-high inside. */
function framesAmong(letters: Component[]): Set<Component> {
  const hollow = letters.filter((c) => c.area < tall(c) * wide(c) * 0.34 && wide(c) > 12);
  return new Set(
    hollow.filter((f) =>
      letters.some((c) => c !== f && c.x0 > f.x0 && c.x1 < f.x1 && c.y0 > f.y0 && c.y1 < f.y1 && tall(c) > tall(f) * 0.35),
    ),
  );
}

/** Joins two chains with a dash or tilde between them ("380 - 500 V"), and takes a dash behind a chain into it ("400 V~"). */
function bridged(all: Component[][], dashes: Component[]): Component[][] {
  const list = [...all].sort((a, b) => certain(a[0]).x0 - certain(b[0]).x0);
  for (const dash of dashes) {
    const left = list.find((chain) => near(certain(chain.at(-1)), dash));
    if (!left) continue;
    const size = tall(certain(left.at(-1)));
    const right = list.find(
      (chain) =>
        chain !== left &&
        certain(chain[0]).x0 >= dash.x1 - 2 &&
        certain(chain[0]).x0 - dash.x1 < size * 0.95 &&
        Math.abs(middle(certain(chain[0])) - middle(dash)) < size * 0.35 &&
        tall(certain(chain[0])) > size * 0.6 &&
        tall(certain(chain[0])) < size * 1.7,
    );
    left.push(dash);
    if (!right) continue;
    left.push(...right);
    list.splice(list.indexOf(right), 1);
  }
  return list;
}
const near = (letter: Component, dash: Component): boolean =>
  tall(letter) > wide(dash) * 0.45 &&
  dash.x0 >= letter.x1 - 2 &&
  dash.x0 - letter.x1 < tall(letter) * 0.8 &&
  Math.abs(middle(letter) - middle(dash)) < tall(letter) * 0.3 &&
  tall(dash) < tall(letter) * 0.45;

const median = (values: number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

/** Slope of a chain by least squares over the middles of its letters; undefined where there are too few. */
function slopeOf(chain: Component[]): number | undefined {
  if (chain.length < 4) return undefined;
  const xs = chain.map((c) => (c.x0 + c.x1) / 2);
  const ys = chain.map(middle);
  const mx = xs.reduce((a, b) => a + b, 0) / xs.length;
  const my = ys.reduce((a, b) => a + b, 0) / ys.length;
  let sxy = 0;
  let sxx = 0;
  for (const [i, x] of xs.entries()) {
    sxy += (x - mx) * (certain(ys[i]) - my);
    sxx += (x - mx) ** 2;
  }
  return sxx === 0 ? undefined : sxy / sxx;
}

function segmentOf(chain: Component[], ink: Ink, slope: number): Segment {
  const length = Math.hypot(1, slope);
  const [cos, sin] = [1 / length, slope / length];
  // Boxes of sloped letters are a little taller than the letters: the part that the slope adds is taken off.
  const heights = chain.map((c) => tall(c) - Math.abs(sin) * wide(c)).filter((h) => h > MIN_HEIGHT / 2);
  const height = [...heights].sort((a, b) => b - a)[Math.floor(heights.length * 0.25)] ?? MIN_HEIGHT;
  let [u0, u1, v0, v1] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const c of chain) {
    const cx = (c.x0 + c.x1) / 2;
    const cy = middle(c);
    const [u, v] = [cx * cos + cy * sin, -cx * sin + cy * cos];
    u0 = Math.min(u0, u - wide(c) / 2);
    u1 = Math.max(u1, u + wide(c) / 2);
    v0 = Math.min(v0, v - tall(c) / 2);
    v1 = Math.max(v1, v + tall(c) / 2);
  }
  const v = (v0 + v1) / 2;
  const full = Math.max(height, v1 - v0 - Math.abs(sin) * height);
  return { ink, x: u0 * cos - v * sin, y: u0 * sin + v * cos, cos, sin, length: u1 - u0, height: full, letters: chain.length };
}

/** Finds what is written in a picture, dark on light and light on dark. */
export function findSegments(picture: Gray): Written {
  const { width, height } = picture;
  const greatest = height * GREATEST_SHARE;
  const masks = inkMask(picture, Math.round(Math.max(width, height) / 55));
  const found = (['dark', 'light'] as const).map((ink) => {
    const { list, labels } = components(masks[ink], width, height);
    // Rules, frames and shadows: far longer than a letter, or taller.
    const line = new Uint8Array(list.length);
    for (const [i, c] of list.entries()) if (tall(c) > greatest || wide(c) > Math.max(tall(c) * 9, 60)) line[i] = 1;
    const letters = list.filter((c) => isLetter(c, greatest));
    const frames = framesAmong(letters);
    for (const [i, c] of list.entries()) if (frames.has(c)) line[i] = 1;
    const dashes = list.filter((c) => wide(c) >= 5 && wide(c) <= 60 && tall(c) <= Math.max(3, wide(c) * 0.6));
    return { ink, list, labels, line, chains: bridged(chains(letters.filter((c) => !frames.has(c))), dashes) };
  });
  const sloped = found.flatMap(({ chains: all }) =>
    all.flatMap((chain) => ((s) => (s === undefined || Math.abs(s) > 0.4 ? [] : chain.map(() => s)))(slopeOf(chain))),
  );
  const slope = median(sloped);
  const segments = found.flatMap(({ ink, chains: all }) =>
    all.map((chain) => {
      const own = slopeOf(chain);
      const use = own !== undefined && chain.length >= 6 && Math.abs(own - slope) < 0.12 ? own : slope;
      return segmentOf(chain, ink, use);
    }),
  );
  const joined = joinTouching(segments);
  const kept = withoutOverlaps(
    joined,
    median(joined.flatMap((s) => (s.letters > 3 ? Array.from({ length: s.letters }, () => s.height) : []))),
  );
  const byInk = Object.fromEntries(found.map(({ ink, list, labels, line }) => [ink, { list, labels, line }])) as Written['ink'];
  return { segments: kept, slope, ink: byInk };
}

/** Joins pieces of one ink that stand in or against each other: a letter and its index, a word broken by a scratch. */
function joinTouching(segments: Segment[]): Segment[] {
  const list = [...segments].sort((a, b) => b.length * b.height - a.length * a.height);
  for (let i = 0; i < list.length; i += 1)
    for (let k = list.length - 1; k > i; k -= 1) {
      const [a, b] = [certain(list[i]), certain(list[k])];
      if (a.ink !== b.ink) continue;
      const place = (x: number, y: number) => ({ u: (x - a.x) * a.cos + (y - a.y) * a.sin, v: -(x - a.x) * a.sin + (y - a.y) * a.cos });
      const start = place(b.x, b.y);
      const end = place(b.x + b.length * b.cos, b.y + b.length * b.sin);
      const large = Math.max(a.height, b.height);
      const gap = Math.max(start.u - a.length, -end.u);
      const [top, bottom] = [Math.min(-a.height / 2, start.v - b.height / 2), Math.max(a.height / 2, start.v + b.height / 2)];
      if (
        gap > large * 0.32 ||
        Math.abs(start.v) > large * 0.55 ||
        bottom - top > large * 1.5 ||
        Math.min(a.height, b.height) < large * 0.3
      )
        continue;
      const u0 = Math.min(0, start.u);
      const u1 = Math.max(a.length, end.u);
      const v = (top + bottom) / 2;
      list[i] = {
        ...a,
        x: a.x + u0 * a.cos - v * a.sin,
        y: a.y + u0 * a.sin + v * a.cos,
        length: u1 - u0,
        height: bottom - top,
        letters: a.letters + b.letters,
      };
      list.splice(k, 1);
      k = list.length;
    }
  return list;
}

/** Of a dark and a light segment over each other the one with more letters stays; specks and single blots go. */
function withoutOverlaps(segments: Segment[], usual: number): Segment[] {
  const sized = segments.filter(
    (s) =>
      usual === 0 ||
      (s.letters > 2
        ? s.height > usual * 0.4
        : s.letters > 1
          ? s.height > usual * 0.5 && s.height < usual * 3.2
          : s.height > usual * 0.6 && s.height < usual * 2.6),
  );
  const order = sized.sort((a, b) => b.letters * b.height - a.letters * a.height);
  const kept: Segment[] = [];
  for (const one of order) {
    const over = kept.some((other) => {
      const mx = one.x + (one.length / 2) * one.cos;
      const my = one.y + (one.length / 2) * one.sin;
      const u = (mx - other.x) * other.cos + (my - other.y) * other.sin;
      const v = -(mx - other.x) * other.sin + (my - other.y) * other.cos;
      return other.ink !== one.ink && u > -other.height * 0.2 && u < other.length + other.height * 0.2 && Math.abs(v) < other.height * 0.75;
    });
    if (!over) kept.push(one);
  }
  return kept;
}
