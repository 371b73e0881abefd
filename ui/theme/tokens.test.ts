/** Colours, fonts and breakpoints stand once, in the tokens: style sheets name them and write none of their own. */
import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { breakpoints, colours, cssVariables } from './tokens';

const sheets = readdirSync('ui/styles')
  .filter((name) => name.endsWith('.css'))
  .map((name) => [name, readFileSync(`ui/styles/${name}`, 'utf8')] as const);
const known = new Set(Object.values(cssVariables).flatMap((block) => Object.keys(block)));

describe.each(sheets)('%s', (_, css) => {
  it('names only variables of the theme', () => {
    const own = new Set([...css.matchAll(/(?:^|[\s{;])(--[\w-]+):/g)].map(([, name]) => name!));
    const used = [...css.matchAll(/var\((--[\w-]+)/g)].map(([, name]) => name!);
    expect([...new Set(used)].filter((name) => !known.has(name) && !own.has(name))).toEqual([]);
  });
  it('writes no hex colour of its own', () => expect(css.match(/#[0-9a-f]{3,8}\b/gi) ?? []).toEqual([]));
  it('changes at the breakpoints of the theme', () => {
    const widths = [...css.matchAll(/(?:max|min)-width: (\d+)px\)/g)].map(([, width]) => Number(width));
    expect(widths.filter((width) => !Object.values<number>(breakpoints).includes(width))).toEqual([]);
  });
});
it('the night has every colour of the day', () => expect(Object.keys(colours.light).filter((name) => !(name in colours.dark))).toEqual([]));
