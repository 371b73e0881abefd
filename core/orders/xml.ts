/** XML of the trade's files as a tree that is asked by path: names without their prefixes, every text as it is written. */
import { XMLParser, XMLValidator } from 'fast-xml-parser';
import { isRecord } from '../certain';

const parser = new XMLParser({
  ignoreAttributes: true,
  removeNSPrefix: true,
  // Figures and dates stay as they are written: '007' is a number of its own.
  parseTagValue: false,
  trimValues: true,
});
const LONGEST = 200;

export type XmlRead = { ok: true; tree: unknown } | { ok: false; fault: string };

/** Reads a file, or says why it is not read. */
export function readXml(xml: string): XmlRead {
  // A document type of its own is how such files are made to burst.
  if (/<!(?:DOCTYPE|ENTITY)/i.test(xml)) return { ok: false, fault: 'A file with a document type of its own is not read.' };
  try {
    if (XMLValidator.validate(xml) === true) return { ok: true, tree: parser.parse(xml) };
  } catch {
    // What the one takes the other may not: said below alike.
  }
  return { ok: false, fault: 'It is no XML file, or it is cut off.' };
}

/** The element at the end of a path; the first of several; undefined where there is none. */
export function at(tree: unknown, ...path: string[]): unknown {
  const found = path.reduce<unknown>((now, name) => {
    const one: unknown = Array.isArray(now) ? now[0] : now;
    return isRecord(one) ? one[name] : undefined;
  }, tree);
  return Array.isArray(found) ? found[0] : found;
}
/** The text at the end of a path; undefined where there is none. */
export const textAt = (tree: unknown, ...path: string[]): string | undefined => {
  const found = at(tree, ...path);
  return typeof found === 'string' && found !== '' ? found.slice(0, LONGEST) : undefined;
};
/** Every element of that name. */
export const listOf = (tree: unknown, name: string): unknown[] => {
  const found = isRecord(tree) ? tree[name] : undefined;
  return found === undefined ? [] : Array.isArray(found) ? found : [found];
};
