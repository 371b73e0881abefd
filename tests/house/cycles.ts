/** Which files import each other in a circle, types included? Found by the imports as TypeScript reads them. */
import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';

/** Returns the source files of the house, apart from tests. */
export const sourceFiles = (root: string): string[] =>
  execFileSync('git', ['ls-files', '--cached', '--others', '--exclude-standard', '*.ts', '*.tsx'], { cwd: root, encoding: 'utf8' })
    .split('\n')
    .filter((file) => file !== '' && !/\.test\.tsx?$/.test(file) && existsSync(path.join(root, file)));

const ENDINGS = ['', '.ts', '.tsx', '/index.ts', '/index.tsx'];

/** Returns the files that a file imports, of those given. */
export function importsOf(root: string, file: string, all: ReadonlySet<string>): string[] {
  const { importedFiles } = ts.preProcessFile(readFileSync(path.join(root, file), 'utf8'), true, true);
  return importedFiles.flatMap(({ fileName }) => {
    const base = fileName.startsWith('@/')
      ? fileName.slice(2)
      : fileName.startsWith('.')
        ? path.posix.join(path.posix.dirname(file), fileName)
        : undefined;
    const found = base === undefined ? undefined : ENDINGS.map((ending) => path.posix.normalize(base + ending)).find((one) => all.has(one));
    return found ? [found] : [];
  });
}

/** Returns the groups of files that reach each other, by Tarjan's strongly connected components; empty where nothing goes in a circle. */
export function cyclesOf(graph: ReadonlyMap<string, readonly string[]>): string[][] {
  const index = new Map<string, number>();
  const low = new Map<string, number>();
  const stack: string[] = [];
  const on = new Set<string>();
  const groups: string[][] = [];
  const visit = (node: string): void => {
    index.set(node, index.size);
    low.set(node, index.get(node)!);
    stack.push(node);
    on.add(node);
    for (const next of graph.get(node) ?? []) {
      if (!index.has(next)) {
        visit(next);
        low.set(node, Math.min(low.get(node)!, low.get(next)!));
      } else if (on.has(next)) low.set(node, Math.min(low.get(node)!, index.get(next)!));
    }
    if (low.get(node) !== index.get(node)) return;
    const group: string[] = [];
    for (let one = stack.pop()!; ; one = stack.pop()!) {
      on.delete(one);
      group.push(one);
      if (one === node) break;
    }
    if (group.length > 1 || (graph.get(node) ?? []).includes(node)) groups.push(group.sort());
  };
  for (const node of graph.keys()) if (!index.has(node)) visit(node);
  return groups;
}
