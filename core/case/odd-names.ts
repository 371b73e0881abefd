/**
 * Names that every object has by birth are no names of marks: they are taken out before anything reads a case, and answered with.
 * Example: a mark 'constructor' is ignored, not looked up.
 */
const birthNames = new Set(Object.getOwnPropertyNames(Object.prototype).concat('prototype'));

export type WithoutOdd = { value: unknown; ignored: string[] };

/** Returns the value without such names at any depth, and their paths as 'candidates[0].spec.constructor'. */
export function withoutBirthNames(value: unknown, path = ''): WithoutOdd {
  if (Array.isArray(value)) {
    const parts = value.map((one, i) => withoutBirthNames(one, `${path}[${i}]`));
    return { value: parts.map((part) => part.value), ignored: parts.flatMap((part) => part.ignored) };
  }
  if (typeof value !== 'object' || value === null) return { value, ignored: [] };
  const kept: [string, unknown][] = [];
  const ignored: string[] = [];
  for (const name of Object.keys(value)) {
    const own = `${path ? `${path}.` : ''}${name}`;
    if (birthNames.has(name)) ignored.push(own);
    else {
      const inner = withoutBirthNames((value as Record<string, unknown>)[name], own);
      kept.push([name, inner.value]);
      ignored.push(...inner.ignored);
    }
  }
  return { value: Object.fromEntries(kept), ignored };
}
