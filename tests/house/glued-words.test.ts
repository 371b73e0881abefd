/** A word that is replaced everywhere can be replaced inside another: "another coil" became "ancoil". No text holds such a word. */
import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { expect, it } from 'vitest';

const folders = ['core', 'services', 'features', 'ui', 'app', 'data', 'client'];
const filesOf = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory() ? filesOf(path.join(folder, entry.name)) : /\.tsx?$/.test(entry.name) ? [path.join(folder, entry.name)] : [],
  );
const short = ['an', 'a', 'the', 'of', 'to', 'in', 'is', 'and'];
/** English words that look glued and are not. */
const words = new Set(['install', 'invalid']);

/** Words of which the tail is another word of these texts, and the head one of the short ones. */
function gluedIn(texts: readonly string[]): string[] {
  const count = new Map<string, number>();
  for (const text of texts)
    for (const [word] of text.matchAll(/(?<![\w.])[a-z]{3,}(?![\w(])/g)) count.set(word, (count.get(word) ?? 0) + 1);
  const isWord = (word: string) => word.length > 3 && (count.get(word) ?? 0) > 3;
  return [...count]
    .filter(([word, times]) => times <= 8 && !words.has(word))
    .map(([word]) => word)
    .filter((word) => short.some((head) => word.startsWith(head) && isWord(word.slice(head.length))));
}

it('finds one', () => expect(gluedIn(['a coil, a coil, a coil, a coil, with ancoil to be changed'])).toEqual(['ancoil']));
it('there is none in the house', () => expect(gluedIn(folders.flatMap(filesOf).map((file) => readFileSync(file, 'utf8')))).toEqual([]));
