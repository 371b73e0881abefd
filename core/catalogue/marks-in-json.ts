/**
 * The members of an object in JSON, each as it is written: of a million specs few values are new, and only those are worth making anything of.
 */
import { DefectError } from '../defect-error';

const [QUOTE, ESCAPE, COMMA, COLON] = [0x22, 0x5c, 0x2c, 0x3a];
const [BRACE, BRACE_END, BRACKET, BRACKET_END] = [0x7b, 0x7d, 0x5b, 0x5d];
const isSpace = (code: number): boolean => code === 0x20 || (code >= 0x09 && code <= 0x0d);

/** Where the string that begins at `at` ends, behind its quote. */
function afterString(json: string, at: number): number {
  let end = at + 1;
  while (end < json.length && json.charCodeAt(end) !== QUOTE) end += json.charCodeAt(end) === ESCAPE ? 2 : 1;
  return end + 1;
}

/** Where the list or object that begins at `at` ends, behind its brace. */
function afterNested(json: string, at: number): number {
  let depth = 1;
  let end = at + 1;
  while (depth > 0 && end < json.length) {
    const code = json.charCodeAt(end);
    if (code === QUOTE) end = afterString(json, end);
    else {
      if (code === BRACE || code === BRACKET) depth += 1;
      else if (code === BRACE_END || code === BRACKET_END) depth -= 1;
      end += 1;
    }
  }
  return end;
}

/** Where the value that begins at `at` ends. */
function afterValue(json: string, at: number): number {
  const first = json.charCodeAt(at);
  if (first === QUOTE) return afterString(json, at);
  if (first === BRACE || first === BRACKET) return afterNested(json, at);
  let end = at;
  while (end < json.length) {
    const code = json.charCodeAt(end);
    if (code === COMMA || code === BRACE_END || isSpace(code)) return end;
    end += 1;
  }
  return end;
}

const skipSpace = (json: string, at: number): number => {
  let end = at;
  while (isSpace(json.charCodeAt(end))) end += 1;
  return end;
};

/** Names as the maker of the text wrote them, to what they say. */
const names = new Map<string, string>();
const MOST_NAMES = 5000;
function nameOf(quoted: string): string {
  const known = names.get(quoted);
  if (known !== undefined) return known;
  const name: string = JSON.parse(quoted);
  if (names.size < MOST_NAMES) names.set(quoted, name);
  return name;
}

/** Returns the members of a JSON object, in the order in which they are written. Throws a `DefectError` on what is no object. */
export function marksIn(json: string): { name: string; text: string }[] {
  const marks: { name: string; text: string }[] = [];
  let at = skipSpace(json, 0);
  if (json[at] !== '{') throw new DefectError('A spec is an object in JSON.');
  at = skipSpace(json, at + 1);
  while (json.charCodeAt(at) === QUOTE) {
    const behindName = afterString(json, at);
    const name = nameOf(json.slice(at, behindName));
    const colon = skipSpace(json, behindName);
    if (json.charCodeAt(colon) !== COLON) throw new DefectError('A spec is an object in JSON.');
    const value = skipSpace(json, colon + 1);
    const behind = afterValue(json, value);
    marks.push({ name, text: json.slice(value, behind) });
    const end = skipSpace(json, behind);
    at = json.charCodeAt(end) === COMMA ? skipSpace(json, end + 1) : end;
  }
  if (json[skipSpace(json, at)] !== '}') throw new DefectError('A spec is an object in JSON.');
  return marks;
}
