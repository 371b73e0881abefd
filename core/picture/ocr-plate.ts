/**
 * What does a picture say, word by word, and how sure is each? Two looks at the same strips: only what both give is sure.
 * The text engine is handed in; browser, server and tests use the same one behind the same function.
 */
import { certain } from '../certain';
import type { Cell, Laid } from '../plates/layout';
import { components } from './components';
import { shrinkTo, type Gray } from './gray';
import { findSegments } from './segments';
import { cornersOf, drawStrip, firstLook, secondLook, stripsOf, type Strip } from './strips';

/** A word as the engine found it in a strip; places in strip pixels, confidence 0 to 100. */
export type EngineWord = { text: string; confidence: number; x0: number; x1: number };
/** Reads strips of one line each. `rest` of the answer is in the order of the strips. */
export type TextEngine = (strips: readonly Gray[], onStrip?: () => void) => Promise<EngineWord[][]>;

/** A word in the picture: its corners in picture pixels, its place in `laid.text`. */
export type SeenWord = { text: string; confidence: number; start: number; end: number; corners: [number, number][] };
export type Seen = { laid: Laid; words: SeenWord[] };
export type OcrPlate = { width: number; height: number; first: Seen; second: Seen };

/** What is said of a picture in which nothing reads. */
export const NO_PLATE =
  'Nothing that reads like a plate was found. Move closer, wipe the plate, light it from the side, and take it again; or type the marks.';

/**
 * True where enough words are sure to be words: fur and noise give scraps of a letter or two. One sure word of three letters or
 * figures, or two very sure ones of two, is little, but a small plate has no more.
 */
export function readsLikeAPlate({ first }: OcrPlate): boolean {
  const sized = first.words.map(({ text, confidence }) => ({ size: text.replace(/[^A-Z0-9]/gi, '').length, confidence }));
  return (
    sized.some(({ size, confidence }) => size >= 3 && confidence >= 60) ||
    sized.filter(({ size, confidence }) => size >= 2 && confidence >= 80).length >= 2
  );
}

/** Longest side that is worked on; more pixels than letters need only cost time. */
export const WORKING_SIDE = 1500;
const MAX_STRIPS = 160;
const MIN_CONFIDENCE = 8;

const DOUBTFUL = 60;

/**
 * A decimal point is small and is lost first: 23.5 becomes 235. The strip is looked at for specks on the baseline between the
 * figures; one that the engine left out is put in, and the word is then sure no more.
 */
export function withPoints(word: EngineWord, { width, height, data }: Gray, letterHeight: number): EngineWord {
  if (!/^[\d.,/-]{2,}[A-Z%°]{0,4}$/i.test(word.text) || !/\d.*\d/.test(word.text)) return word;
  const [x0, x1] = [Math.max(0, word.x0 - 2), Math.min(width, word.x1 + 2)];
  const mask = new Uint8Array((x1 - x0) * height);
  for (let y = 0; y < height; y += 1)
    for (let x = x0; x < x1; x += 1) if (certain(data[y * width + x]) < 150) mask[y * (x1 - x0) + x - x0] = 1;
  const { list } = components(mask, x1 - x0, height);
  const letters = list.filter((c) => c.y1 - c.y0 > letterHeight * 0.5).sort((a, b) => a.x0 - b.x0);
  const base = Math.max(0, ...letters.map((c) => c.y1));
  const specks = list.filter(
    (c) =>
      c.y1 - c.y0 <= letterHeight * 0.34 &&
      c.x1 - c.x0 <= letterHeight * 0.34 &&
      c.area >= letterHeight * letterHeight * 0.008 &&
      (c.y0 + c.y1) / 2 > base - letterHeight * 0.3 &&
      c.x0 > (letters[0]?.x0 ?? 0) &&
      c.x1 < (letters.at(-1)?.x1 ?? 0),
  );
  const printed = [...word.text.matchAll(/[.,]/g)].length;
  if (specks.length <= printed) return word;
  const bare = word.text.replace(/[.,]/g, '');
  if (bare.length !== letters.length || specks.length > 2) return { ...word, confidence: Math.min(word.confidence, DOUBTFUL) };
  let text = bare;
  for (const speck of [...specks].sort((a, b) => b.x0 - a.x0)) {
    const at = letters.filter((c) => (c.x0 + c.x1) / 2 < (speck.x0 + speck.x1) / 2).length;
    if (/\d/.test(text[at - 1] ?? '') && /\d/.test(text[at] ?? '')) text = `${text.slice(0, at)}.${text.slice(at)}`;
  }
  return { ...word, text, confidence: Math.min(word.confidence, DOUBTFUL) };
}

/** Lays the words of the strips out as a text of rows and cells, with the way back to the picture. */
function layOut(strips: readonly Strip[], found: readonly EngineWord[][], factor: number): Seen {
  const words: SeenWord[] = [];
  const rows: Cell[][] = [];
  let text = '';
  let row = -1;
  for (const [i, strip] of strips.entries()) {
    const own = certain(found[i])
      .map((word) => withPoints({ ...word, text: word.text.trim() }, strip.image, strip.scale * strip.segment.height))
      .filter((word) => word.text !== '' && word.confidence >= MIN_CONFIDENCE);
    if (own.length === 0) continue;
    if (strip.row !== row) {
      text += rows.length > 0 ? '\n' : '';
      rows.push([]);
      row = strip.row;
    } else text += '   ';
    const start = text.length;
    for (const [k, word] of own.entries()) {
      if (k > 0) text += ' ';
      const at = text.length;
      text += word.text;
      const corners = cornersOf(strip, word.x0, word.x1).map(([x, y]): [number, number] => [x * factor, y * factor]);
      words.push({ text: word.text, confidence: word.confidence, start: at, end: text.length, corners });
    }
    certain(rows.at(-1)).push({ text: text.slice(start), start, end: text.length, row: rows.length - 1, x0: strip.x0, x1: strip.x1 });
  }
  return { laid: { text, rows }, words };
}

/**
 * Finds and reads what is written in a picture of a plate.
 * @param picture grey levels, upright; @param engine reads strips; @param onProgress share done, 0 to 1.
 */
export async function ocrPlate(picture: Gray, engine: TextEngine, onProgress: (share: number) => void = () => {}): Promise<OcrPlate> {
  const working = shrinkTo(picture, WORKING_SIDE);
  const factor = picture.width / working.width;
  const written = findSegments(working);
  const strips = stripsOf(working, written, firstLook).slice(0, MAX_STRIPS);
  const again = strips.map((strip) => ({
    ...strip,
    image: drawStrip(working, written, strip.segment, secondLook),
    scale: secondLook.letterHeight / strip.segment.height,
  }));
  const images = [...strips, ...again].map(({ image }) => image);
  let done = 0;
  onProgress(0);
  const answers = await engine(images, () => onProgress((done += 1) / images.length));
  return {
    width: picture.width,
    height: picture.height,
    first: layOut(strips, answers.slice(0, strips.length), factor),
    second: layOut(again, answers.slice(strips.length), factor),
  };
}
