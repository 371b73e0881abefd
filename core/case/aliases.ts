/** Names of the vocabulary that stand for another: read once, before a case is checked. */
const loadAliases: Readonly<Record<string, string>> = { polesNeeded: 'polesToSwitch' };

const baseAliases: Readonly<Record<string, string>> = { '8-pin': 'octal-8' };
const isObject = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null && !Array.isArray(value);
/** A word of one mark that stands for another. */
const withBase = (marks: unknown, name: string): unknown =>
  isObject(marks) && typeof marks[name] === 'string' ? { ...marks, [name]: baseAliases[marks[name]] ?? marks[name] } : marks;
const withSpec = (part: unknown): unknown =>
  isObject(part) && part.spec !== undefined ? { ...part, spec: withBase(part.spec, 'base') } : part;

/** Returns the case with aliases under the names they stand for; a name that is there already is kept. Anything else is left alone. */
export function withoutAliases(body: unknown): unknown {
  if (!isObject(body)) return body;
  const whole = {
    ...body,
    ...(body.supply === undefined ? {} : { supply: withBase(body.supply, 'socket') }),
    ...(body.removed === undefined ? {} : { removed: withSpec(body.removed) }),
    ...(Array.isArray(body.candidates) ? { candidates: body.candidates.map(withSpec) } : {}),
  };
  const { load } = body as { load?: unknown };
  if (typeof load !== 'object' || load === null || Array.isArray(load)) return whole;
  const marks = { ...(load as Record<string, unknown>) };
  for (const [alias, name] of Object.entries(loadAliases)) {
    if (marks[alias] === undefined) continue;
    if (marks[name] === undefined) marks[name] = marks[alias];
    delete marks[alias];
  }
  return { ...whole, load: marks };
}
