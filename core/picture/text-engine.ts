/**
 * How do strips reach the text engine? Each is one line, in a plain format that needs no compression. Several engines share
 * the strips, so that two processors are used. The engine itself is handed in: the browser's worker and the server run the
 * same one.
 */
import { certain } from '../certain';
import type { Gray } from './gray';
import type { EngineWord, TextEngine } from './ocr-plate';

/** What is used of an engine: one line in, words with boxes and confidence out. */
export type LineReader = {
  recognize: (
    image: never,
    options: object,
    output: { text: boolean; blocks: boolean },
  ) => Promise<{ data: { blocks: EngineBlock[] | null } }>;
};
type EngineBlock = { paragraphs: { lines: { words: { text: string; confidence: number; bbox: { x0: number; x1: number } }[] }[] }[] };

/** Settings: a strip is a single line of text, drawn as if scanned at 300 dots an inch. */
export const engineSettings = { tessedit_pageseg_mode: '7', user_defined_dpi: '300' };

/** Returns the picture as a portable graymap (PGM, binary). */
export function portableGraymap({ width, height, data }: Gray): Uint8Array {
  const head = Uint8Array.from(`P5\n${width} ${height}\n255\n`, (c) => c.charCodeAt(0));
  const all = new Uint8Array(head.length + data.length);
  all.set(head);
  all.set(data, head.length);
  return all;
}

const wordsOf = (blocks: EngineBlock[] | null): EngineWord[] =>
  (blocks ?? []).flatMap(({ paragraphs }) =>
    paragraphs.flatMap(({ lines }) =>
      lines.flatMap(({ words }) => words.map(({ text, confidence, bbox }) => ({ text, confidence, x0: bbox.x0, x1: bbox.x1 }))),
    ),
  );

/**
 * Returns an engine over several readers. `pack` turns the graymap into what this engine takes (a Buffer on the server);
 * `stopped` ends it between two strips.
 */
export const engineOver =
  (
    readers: readonly LineReader[],
    pack: (bytes: Uint8Array) => unknown = (bytes) => bytes,
    stopped: () => boolean = () => false,
  ): TextEngine =>
  async (strips, onStrip) => {
    const found: EngineWord[][] = strips.map(() => []);
    let next = 0;
    const work = async (reader: LineReader) => {
      while (next < strips.length && !stopped()) {
        const i = next;
        next += 1;
        const { data } = await reader.recognize(pack(portableGraymap(certain(strips[i]))) as never, {}, { text: false, blocks: true });
        found[i] = wordsOf(data.blocks);
        onStrip?.();
      }
    };
    await Promise.all(readers.map(work));
    return found;
  };
