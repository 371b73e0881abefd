/** Is what came in something that a use case can be handed at all? Checked before any schema looks at it. */
import { ServiceError } from '../service-error';

const MAX_DEPTH = 32;
const MAX_NODES = 200_000;
const MAX_WORD = 200;
/** Names that every object has already, or that the language asks of one: as marks they would be taken for what they are not. */
const isBuiltIn = (name: string): boolean => name in {} || name === 'prototype' || name === 'toJSON' || name === 'then';

/** Letters that a database or a page can hold: no NUL, no half of a surrogate pair. */
export const isSoundText = (text: string): boolean => text.isWellFormed() && !text.includes('\u0000');

const refused = (field: string, reason: string): ServiceError => new ServiceError(400, [{ field: field.slice(0, 200), reason }]);

/** Throws 400 where a JSON value nests too deep, holds too much, a name of the language, or letters that are none. */
export function checkJson(value: unknown): void {
  let nodes = 0;
  const visit = (one: unknown, path: string, depth: number): void => {
    nodes += 1;
    if (nodes > MAX_NODES) throw refused('body', `The body holds more than ${MAX_NODES} values. Send less at once.`);
    if (depth > MAX_DEPTH) throw refused(path, `The body nests deeper than ${MAX_DEPTH} levels.`);
    if (typeof one === 'string' && !isSoundText(one)) throw refused(path, 'This text holds a NUL or half a character.');
    if (typeof one !== 'object' || one === null) return;
    if (Array.isArray(one)) return one.forEach((each, i) => visit(each, `${path}[${i}]`, depth + 1));
    for (const [name, each] of Object.entries(one)) {
      if (isBuiltIn(name) || !isSoundText(name)) throw refused(path, `${JSON.stringify(name.slice(0, 40))} is no name of a mark.`);
      visit(each, path === '' ? name : `${path}.${name}`, depth + 1);
    }
  };
  visit(value, '', 0);
}

/** True for words of an address that can name something. */
export const areSoundWords = (words: Iterable<string>): boolean => [...words].every((word) => word.length <= MAX_WORD && isSoundText(word));
