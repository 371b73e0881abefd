/** Names of the vocabulary that stand for another: read once, before a case is checked. */
import { loadFields } from '../fields/load-fields';
import { type Field } from '../fields/field';

const loadAliases: Readonly<Record<string, string>> = { polesNeeded: 'polesToSwitch' };

const baseAliases = new Map([['8-pin', 'octal-8']]);
const isObject = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null && !Array.isArray(value);
/** A word of one mark that stands for another. */
const withBase = (marks: unknown, name: string): unknown =>
  isObject(marks) && typeof marks[name] === 'string' ? { ...marks, [name]: baseAliases.get(marks[name]) ?? marks[name] } : marks;
/** The same standard under IEC, EN or a national prefix: "BS EN 61008-1". Parts of its number tell devices apart, its prefix does not. */
const residualStandard: readonly (readonly [RegExp, string])[] = [
  [/\b61008(-1)?\b/, 'IEC/EN 61008-1'],
  [/\b61009(-1)?\b/, 'IEC/EN 61009-1'],
  [/\b62423\b/, 'IEC/EN 62423'],
  [/\b60947-2\b/, 'IEC/EN 60947-2'],
];
const withStandard = (marks: unknown): unknown => {
  if (!isObject(marks) || typeof marks.standard !== 'string' || /^UL/.test(marks.standard)) return marks;
  const standard = residualStandard.find(([number]) => number.test(marks.standard as string))?.[1];
  return standard ? { ...marks, standard } : marks;
};
/** A list where one word is given is a list of one. */
const listsOf = (fields: readonly Field[]) => new Set(fields.filter(({ kind }) => kind === 'words').map(({ name }) => name));
function withLists(marks: unknown, lists: ReadonlySet<string>): unknown {
  if (!isObject(marks)) return marks;
  const single = Object.entries(marks).filter(([name, mark]) => lists.has(name) && typeof mark === 'string' && mark !== 'none');
  return single.length === 0 ? marks : { ...marks, ...Object.fromEntries(single.map(([name, mark]) => [name, [mark]])) };
}

const withSpec =
  (family: unknown, lists: ReadonlySet<string>) =>
  (part: unknown): unknown => {
    if (!isObject(part) || part.spec === undefined) return part;
    const spec = withLists(withBase(part.spec, 'base'), lists);
    return { ...part, spec: family === 'residual-current' ? withStandard(spec) : spec };
  };

const loadLists = listsOf(loadFields);

/**
 * Returns the case with aliases under the names they stand for; a name that is there already is kept. Anything else is left alone.
 * @param families those whose fields say which marks of a part are lists.
 */
export function withoutAliases(body: unknown, families: readonly { id: string; fields: readonly Field[] }[] = []): unknown {
  if (!isObject(body)) return body;
  const part = withSpec(body.family, listsOf(families.find(({ id }) => id === body.family)?.fields ?? []));
  const whole = {
    ...body,
    ...(body.supply === undefined ? {} : { supply: withBase(body.supply, 'socket') }),
    ...(body.load === undefined ? {} : { load: withLists(body.load, loadLists) }),
    ...(body.removed === undefined ? {} : { removed: part(body.removed) }),
    ...(Array.isArray(body.candidates) ? { candidates: body.candidates.map(part) } : {}),
  };
  const { load } = whole as { load?: unknown };
  if (typeof load !== 'object' || load === null || Array.isArray(load)) return whole;
  const marks = { ...(load as Record<string, unknown>) };
  for (const [alias, name] of Object.entries(loadAliases)) {
    if (marks[alias] === undefined) continue;
    if (marks[name] === undefined) marks[name] = marks[alias];
    delete marks[alias];
  }
  return { ...whole, load: marks };
}
