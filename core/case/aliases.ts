/** Names of the vocabulary that stand for another: read once, before a case is checked. */
import { isRecord } from '../certain';
import type { FieldValues } from './case';
import { loadFields } from '../fields/load-fields';
import { type Field } from '../fields/field';

/** Published names keep working under what they are called today. */
const loadAliases: Readonly<Record<string, string>> = { polesNeeded: 'polesToSwitch', contactorPosition: 'starterRole' };

const baseAliases = new Map([['8-pin', 'octal-8']]);
/** A word of one mark that stands for another. */
const withBase = (marks: unknown, name: string): unknown =>
  isRecord(marks) && typeof marks[name] === 'string' ? { ...marks, [name]: baseAliases.get(marks[name]) ?? marks[name] } : marks;
/** A list where one word is given is a list of one. */
const listsOf = (fields: readonly Field[]) => new Set(fields.filter(({ kind }) => kind === 'words').map(({ name }) => name));
function withLists(marks: unknown, lists: ReadonlySet<string>): unknown {
  if (!isRecord(marks)) return marks;
  const single = Object.entries(marks).filter(([name, mark]) => lists.has(name) && typeof mark === 'string' && mark !== 'none');
  return single.length === 0 ? marks : { ...marks, ...Object.fromEntries(single.map(([name, mark]) => [name, [mark]])) };
}

/** What the reader of aliases asks of a family. */
export type AliasFamily = { id: string; fields: readonly Field[]; withoutAliases?: (spec: FieldValues) => FieldValues };

const withSpec = (family: AliasFamily | undefined) => {
  const lists = listsOf(family?.fields ?? []);
  return (part: unknown): unknown => {
    if (!isRecord(part) || part.spec === undefined) return part;
    const spec = withLists(withBase(part.spec, 'base'), lists);
    return { ...part, spec: isRecord(spec) ? (family?.withoutAliases?.(spec) ?? spec) : spec };
  };
};

const loadLists = listsOf(loadFields);

/**
 * Returns the case with aliases under the names they stand for; a name that is there already is kept. Anything else is left alone.
 * @param families those whose fields say which marks of a part are lists.
 */
export function withoutAliases(body: unknown, families: readonly AliasFamily[] = []): unknown {
  if (!isRecord(body)) return body;
  const part = withSpec(families.find(({ id }) => id === body.family));
  const whole = {
    ...body,
    ...(body.supply === undefined ? {} : { supply: withBase(body.supply, 'socket') }),
    ...(body.load === undefined ? {} : { load: withLists(body.load, loadLists) }),
    ...(body.removed === undefined ? {} : { removed: part(body.removed) }),
    ...(Array.isArray(body.candidates) ? { candidates: body.candidates.map(part) } : {}),
  };
  if (!('load' in whole) || !isRecord(whole.load)) return whole;
  const marks = { ...whole.load };
  for (const [alias, name] of Object.entries(loadAliases)) {
    if (marks[alias] === undefined) continue;
    if (marks[name] === undefined) marks[name] = marks[alias];
    delete marks[alias];
  }
  return { ...whole, load: marks };
}
