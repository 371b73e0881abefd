/** What the compiler is told instead of shown: how often the code asserts a type, held under a limit; what must be there is asked of `certain`. */
import { readFileSync } from 'node:fs';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';
import { sourceFiles } from './cycles';

const MOST = 120;

/** Assertions of a text: types by `as` other than `as const`, non-null by `!`, and `any`. */
export function assertionsIn(file: string, text: string): { as: number; bang: number; any: number } {
  const found = { as: 0, bang: 0, any: 0 };
  const visit = (node: ts.Node) => {
    if (ts.isAsExpression(node) && node.type.getText() !== 'const') found.as += 1;
    if (ts.isNonNullExpression(node)) found.bang += 1;
    if (node.kind === ts.SyntaxKind.AnyKeyword) found.any += 1;
    ts.forEachChild(node, visit);
  };
  visit(ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true, file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS));
  return found;
}

describe('assertions', () => {
  const all = sourceFiles(process.cwd())
    .filter((file) => !/^(tests|e2e)\/|\.d\.ts$/.test(file))
    .map((file) => assertionsIn(file, readFileSync(file, 'utf8')));
  const sum = (of: (one: (typeof all)[number]) => number) => all.reduce((total, one) => total + of(one), 0);

  it(`of types are at most ${MOST}`, () => expect(sum((one) => one.as)).toBeLessThanOrEqual(MOST));
  it('that something is there are at most ten', () => expect(sum((one) => one.bang)).toBeLessThanOrEqual(10));
  it('of any are none', () => expect(sum((one) => one.any)).toBe(0));
  it('are counted', () =>
    expect(assertionsIn('a.ts', "const a = b as string; const c = ['x'] as const; const d = e!.f as unknown as any;")).toEqual({
      as: 3,
      bang: 1,
      any: 1,
    }));
});
