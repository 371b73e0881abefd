/** Names of the vocabulary that stand for another: read once, before a case is checked. */
const loadAliases: Readonly<Record<string, string>> = { polesNeeded: 'polesToSwitch' };

const baseAliases: Readonly<Record<string, string>> = { '8-pin': 'octal-8' };
const isObject = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null && !Array.isArray(value);
/** A word of one mark that stands for another. */
const withBase = (marks: unknown, name: string): unknown =>
  isObject(marks) && typeof marks[name] === 'string' ? { ...marks, [name]: baseAliases[marks[name]] ?? marks[name] } : marks;
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
const withSpec =
  (family: unknown) =>
  (part: unknown): unknown => {
    if (!isObject(part) || part.spec === undefined) return part;
    const spec = withBase(part.spec, 'base');
    return { ...part, spec: family === 'residual-current' ? withStandard(spec) : spec };
  };

/** Returns the case with aliases under the names they stand for; a name that is there already is kept. Anything else is left alone. */
export function withoutAliases(body: unknown): unknown {
  if (!isObject(body)) return body;
  const whole = {
    ...body,
    ...(body.supply === undefined ? {} : { supply: withBase(body.supply, 'socket') }),
    ...(body.removed === undefined ? {} : { removed: withSpec(body.family)(body.removed) }),
    ...(Array.isArray(body.candidates) ? { candidates: body.candidates.map(withSpec(body.family)) } : {}),
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
