/** Names of the vocabulary that stand for another: read once, before a case is checked. */
const loadAliases: Readonly<Record<string, string>> = { polesNeeded: 'polesToSwitch' };

/** Returns the case with aliases under the names they stand for; a name that is there already is kept. Anything else is left alone. */
export function withoutAliases(body: unknown): unknown {
  if (typeof body !== 'object' || body === null || Array.isArray(body)) return body;
  const { load } = body as { load?: unknown };
  if (typeof load !== 'object' || load === null || Array.isArray(load)) return body;
  const marks = { ...(load as Record<string, unknown>) };
  for (const [alias, name] of Object.entries(loadAliases)) {
    if (marks[alias] === undefined) continue;
    if (marks[name] === undefined) marks[name] = marks[alias];
    delete marks[alias];
  }
  return { ...body, load: marks };
}
