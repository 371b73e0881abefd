/** Pictures made by hand: letters of boxes on paper, tilted, dark or light, with rules and screws. No engine is needed. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { components, inkMask } from './components';
import { blankGray, eachWindow, grayOfRgba, shrinkTo, type Gray } from './gray';
import { readsLikeAPlate, ocrPlate, withPoints, type OcrPlate, type TextEngine } from './ocr-plate';
import { findSegments } from './segments';
import { firstLook, rowsOf, secondLook, stripsOf } from './strips';
import { engineOver, portableGraymap } from './text-engine';

const fill = (g: Gray, x0: number, y0: number, w: number, h: number, level: number) => {
  for (let y = Math.max(0, Math.round(y0)); y < Math.min(g.height, Math.round(y0 + h)); y += 1)
    g.data.fill(level, y * g.width + Math.max(0, Math.round(x0)), y * g.width + Math.min(g.width, Math.round(x0 + w)));
};
/** A line of "letters": upright bars with a foot, of one height, with word gaps; sloped by `slope`. */
function lineOf(g: Gray, x: number, y: number, letters: number, height: number, ink: number, slope = 0) {
  for (let i = 0; i < letters; i += 1) {
    const at = x + i * height * 0.75;
    const top = y + (at - x) * slope;
    fill(g, at, top, height * 0.16, height, ink);
    fill(g, at, top + height * 0.8, height * 0.5, height * 0.2, ink);
  }
}

describe('grey pictures', () => {
  it('luma weighs green most and white is white', () => {
    const gray = grayOfRgba(new Uint8Array([255, 255, 255, 255, 0, 255, 0, 255, 255, 0, 0, 255, 0, 0, 255, 255, 0, 0, 0, 0]), 5, 1);
    expect([...gray.data]).toEqual([255, expect.any(Number), expect.any(Number), expect.any(Number), 255]);
    expect(gray.data[1]).toBeGreaterThan(gray.data[2]!);
    expect(gray.data[2]).toBeGreaterThan(gray.data[3]!);
  });
  it('shrinking keeps the mean', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(255), { minLength: 400, maxLength: 400 }), (levels) => {
        const small = shrinkTo({ width: 20, height: 20, data: Uint8Array.from(levels) }, 10);
        const mean = (list: ArrayLike<number>) => Array.from(list).reduce((a, b) => a + b, 0) / list.length;
        return small.width === 10 && Math.abs(mean(small.data) - mean(levels)) < 1;
      }),
      { numRuns: 50 },
    );
  });
  it('what is small enough stays as it is', () => {
    const g = blankGray(30, 20);
    expect(shrinkTo(g, 30)).toBe(g);
  });
  it('windows give the sums that counting by hand gives', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(255), { minLength: 63, maxLength: 63 }), fc.integer({ min: 1, max: 4 }), (levels, radius) => {
        const g = { width: 9, height: 7, data: Uint8Array.from(levels) };
        eachWindow(g, radius, (at, sum, squares, count) => {
          const [x, y] = [at % 9, Math.floor(at / 9)];
          const inside = levels.filter((_, i) => Math.abs((i % 9) - x) <= radius && Math.abs(Math.floor(i / 9) - y) <= radius);
          expect([sum, squares, count]).toEqual([inside.reduce((a, b) => a + b, 0), inside.reduce((a, b) => a + b * b, 0), inside.length]);
        });
      }),
      { numRuns: 20 },
    );
  });
});

describe('components', () => {
  it('are as many as a flood fill finds, with the same areas', () => {
    fc.assert(
      fc.property(fc.array(fc.boolean(), { minLength: 96, maxLength: 96 }), (bits) => {
        const mask = Uint8Array.from(bits, Number);
        const { list, labels } = components(mask, 12, 8);
        const seen = new Set<number>();
        const areas: number[] = [];
        for (let start = 0; start < 96; start += 1) {
          if (!mask[start] || seen.has(start)) continue;
          const queue = [start];
          seen.add(start);
          for (const at of queue)
            for (const dx of [-1, 0, 1])
              for (const dy of [-1, 0, 1]) {
                const [x, y] = [(at % 12) + dx, Math.floor(at / 12) + dy];
                const next = y * 12 + x;
                if (x >= 0 && x < 12 && y >= 0 && y < 8 && mask[next] && !seen.has(next)) {
                  seen.add(next);
                  queue.push(next);
                }
              }
          areas.push(queue.length);
        }
        expect(list.map(({ area }) => area).sort((a, b) => a - b)).toEqual(areas.sort((a, b) => a - b));
        expect(bits.every((bit, i) => bit === labels[i]! >= 0)).toBe(true);
      }),
    );
  });
  it('dark on light and light on dark are told apart', () => {
    const dark = blankGray(120, 80, 210);
    lineOf(dark, 10, 20, 6, 24, 30);
    const light = blankGray(120, 80, 40);
    lineOf(light, 10, 20, 6, 24, 220);
    const count = (mask: Uint8Array) => mask.reduce((a, b) => a + b, 0);
    expect(count(inkMask(dark, 20).dark)).toBeGreaterThan(300);
    expect(count(inkMask(light, 20).light)).toBeGreaterThan(300);
  });
  it('a blank picture has no ink', () => {
    const { dark, light } = inkMask(blankGray(60, 60, 128), 10);
    expect([...dark, ...light].some(Boolean)).toBe(false);
  });
});

describe('segments and strips', () => {
  it.each([0, 0.05, -0.08, 0.12])('a line at slope %d is one segment with that slope', (slope) => {
    const g = blankGray(700, 300, 215);
    lineOf(g, 80, 140, 16, 24, 35, slope);
    const { segments } = findSegments(g);
    const long = segments.filter((s) => s.letters > 8);
    expect(long).toHaveLength(1);
    expect(long[0]!.sin / long[0]!.cos).toBeCloseTo(slope, 1);
    expect(long[0]!.height).toBeGreaterThan(20);
    expect(long[0]!.height).toBeLessThan(34);
  });
  it('rows come from top to bottom, cells from left to right', () => {
    const g = blankGray(800, 400, 215);
    for (const [x, y] of [
      [420, 60],
      [60, 60],
      [60, 180],
      [420, 180],
    ])
      lineOf(g, x!, y!, 8, 24, 35);
    const written = findSegments(g);
    const rows = rowsOf(
      written.segments.filter((s) => s.letters > 4),
      written.slope,
    );
    expect(rows.map((row) => row.map((s) => Math.round(s.x / 100)))).toEqual([
      [1, 4],
      [1, 4],
    ]);
  });
  it('a frame and a long rule are no letters', () => {
    const g = blankGray(700, 300, 215);
    lineOf(g, 120, 140, 10, 24, 35);
    for (const [x, y, w, h] of [
      [100, 120, 240, 3],
      [100, 185, 240, 3],
      [100, 120, 3, 68],
      [337, 120, 3, 68],
    ])
      fill(g, x!, y!, w!, h!, 35);
    const written = findSegments(g);
    expect(written.segments.filter((s) => s.letters >= 8)).toHaveLength(1);
    const strip = stripsOf(g, written, firstLook).find(({ segment }) => segment.letters >= 8)!;
    const top = strip.image.data.subarray(0, strip.image.width * 4);
    expect(Math.min(...top)).toBe(255);
  });
  it.each([firstLook, secondLook])('a strip is black on white at the height of its look, whatever the ink', (look) => {
    for (const [paper, ink] of [
      [215, 35],
      [40, 220],
    ] as const) {
      const g = blankGray(700, 200, paper);
      lineOf(g, 80, 90, 14, 22, ink);
      const written = findSegments(g);
      const strip = stripsOf(g, written, look)[0]!;
      const levels = [...strip.image.data];
      expect(levels.filter((v) => v > 200).length).toBeGreaterThan(levels.length * 0.5);
      expect(levels.filter((v) => v < 60).length).toBeGreaterThan(levels.length * 0.03);
      expect(strip.image.height).toBe(Math.round(look.letterHeight * 1.84) + 20);
    }
  });
});

describe('seeing with an engine', () => {
  const g = blankGray(800, 300, 215);
  lineOf(g, 60, 60, 8, 24, 35);
  lineOf(g, 420, 60, 8, 24, 35);
  lineOf(g, 60, 160, 8, 24, 35);
  const engine =
    (words: (i: number) => string): TextEngine =>
    async (strips, onStrip) =>
      strips.map((strip, i) => {
        onStrip?.();
        return [{ text: words(i), confidence: 90, x0: 10, x1: strip.width - 10 }];
      });
  it('lays words out in rows and cells with places back to the picture', async () => {
    const { first, width } = await ocrPlate(
      g,
      engine((i) => `w${i % 3}`),
    );
    expect(first.laid.text).toBe('w0   w1\nw2');
    expect(width).toBe(800);
    expect(first.laid.text.slice(first.words[2]!.start, first.words[2]!.end)).toBe('w2');
    const xs = first.words[1]!.corners.map(([x]) => x);
    expect(Math.min(...xs)).toBeGreaterThan(380);
    expect(Math.max(...xs)).toBeLessThan(640);
  });
  it('asks for every strip twice and tells its progress up to one', async () => {
    const shares: number[] = [];
    let asked = 0;
    await ocrPlate(
      g,
      async (strips, onStrip) => {
        asked += strips.length;
        return engine(() => 'x')(strips, onStrip);
      },
      (share) => shares.push(share),
    );
    expect(asked % 2).toBe(0);
    expect(shares[0]).toBe(0);
    expect(shares.at(-1)).toBe(1);
    expect(shares.every((share, i) => i === 0 || share >= shares[i - 1]!)).toBe(true);
  });
  it('places scale back to the picture as it came', async () => {
    const large = blankGray(3200, 1200, 215);
    lineOf(large, 240, 240, 8, 96, 35);
    const { first } = await ocrPlate(
      large,
      engine(() => 'word'),
    );
    const xs = first.words[0]!.corners.map(([x]) => x);
    expect(Math.min(...xs)).toBeGreaterThan(180);
    expect(Math.max(...xs)).toBeGreaterThan(700);
  });
  it('several readers share the strips; a stop leaves the rest empty', async () => {
    const strips = Array.from({ length: 5 }, () => blankGray(40, 20));
    const calls: number[] = [];
    const reader = (id: number) => ({
      recognize: async () => {
        calls.push(id);
        return { data: { blocks: [{ paragraphs: [{ lines: [{ words: [{ text: 'a', confidence: 50, bbox: { x0: 0, x1: 4 } }] }] }] }] } };
      },
    });
    expect((await engineOver([reader(1), reader(2)])(strips)).map((words) => words.length)).toEqual([1, 1, 1, 1, 1]);
    expect(new Set(calls)).toEqual(new Set([1, 2]));
    let n = 0;
    expect(
      (
        await engineOver(
          [reader(1)],
          (b) => b,
          () => (n += 1) > 2,
        )(strips)
      ).map((words) => words.length),
    ).toEqual([1, 1, 0, 0, 0]);
  });
  it('a graymap says its size and holds its pixels', () => {
    const map = portableGraymap({ width: 3, height: 2, data: Uint8Array.from([1, 2, 3, 4, 5, 6]) });
    expect(String.fromCharCode(...map.subarray(0, 11))).toBe('P5\n3 2\n255\n');
    expect([...map.subarray(11)]).toEqual([1, 2, 3, 4, 5, 6]);
  });
});

describe('lost points', () => {
  /** Figures as bars of 20 pixels, a speck on the baseline between the second and third where `point` says so. */
  const strip = (point: boolean) => {
    const g = blankGray(120, 40);
    for (const x of [10, 30, 60]) fill(g, x, 8, 8, 24, 0);
    if (point) fill(g, 47, 28, 4, 4, 0);
    return g;
  };
  const word = { text: '235', confidence: 96, x0: 8, x1: 70 };
  it('a speck on the baseline is put in, and the word is sure no more', () =>
    expect(withPoints(word, strip(true), 24)).toMatchObject({ text: '23.5', confidence: 60 }));
  it('without a speck nothing changes', () => expect(withPoints(word, strip(false), 24)).toBe(word));
  it('a point that was read stays', () =>
    expect(withPoints({ ...word, text: '23.5' }, strip(true), 24)).toMatchObject({ text: '23.5', confidence: 96 }));
  it('words are left alone', () => expect(withPoints({ ...word, text: 'ABC' }, strip(true), 24).text).toBe('ABC'));
  it('where the figures cannot be counted it is only doubtful', () =>
    expect(withPoints({ ...word, text: '2355' }, strip(true), 24)).toMatchObject({ text: '2355', confidence: 60 }));
});

describe('a picture of something else', () => {
  const of = (...words: [string, number][]): OcrPlate => {
    const look = {
      laid: { text: '', rows: [] },
      words: words.map(([text, confidence]) => ({ text, confidence, start: 0, end: 0, corners: [] })),
    };
    return { width: 1, height: 1, first: look, second: look };
  };
  it.each([
    ['nothing', of(), false],
    ['scraps', of(['~', 40], ['/', 70], ['Xx', 30], ['i', 88], ['lI|', 35]), false],
    ['noise: many short words, none very sure', of(['Ka', 76], ['Ke', 65], ['Ki', 60], ['4', 85], ['Ra', 60]), false],
    ['one sure word', of(['C16', 88]), true],
    ['two short ones, very sure', of(['24', 84], ['V~', 60], ['DC', 91]), true],
  ])('%s', (_, seen, like) => expect(readsLikeAPlate(seen)).toBe(like));
});
