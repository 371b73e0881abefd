/** Style sheets of the desks are modules: every class in them is used by a component, and a component uses no class that they lack. */
import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';

const folder = 'ui/styles';
const modules = readdirSync(folder).filter((name) => name.endsWith('.module.css'));
const filesOf = (from: string): string[] =>
  readdirSync(from, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory() ? filesOf(path.join(from, entry.name)) : /\.tsx?$/.test(entry.name) ? [path.join(from, entry.name)] : [],
  );
const sources = ['ui', 'features', 'app'].flatMap(filesOf).map((file) => readFileSync(file, 'utf8'));

describe.each(modules)('%s', (name) => {
  const own = `${name.replace('.module.css', '')}Style`;
  const text = readFileSync(path.join(folder, name), 'utf8').replace(/:global\([^)]*\)/g, '');
  const declared = new Set([...text.replace(/\{[^{}]*\}/g, '{}').matchAll(/\.([a-zA-Z][\w-]*)/g)].map(([, one]) => one));
  const used = new Set(sources.flatMap((source) => [...source.matchAll(new RegExp(`\\b${own}\\.(\\w+)`, 'g'))].map(([, one]) => one)));
  it('declares what is used', () => expect([...used].filter((one) => !declared.has(one))).toEqual([]));
  it('is used as declared', () => expect([...declared].filter((one) => !used.has(one))).toEqual([]));
});
it('beside them there is one sheet, of what several desks share', () =>
  expect(readdirSync(folder).filter((name) => !name.endsWith('.module.css'))).toEqual(['base.css']));
