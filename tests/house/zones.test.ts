/** The rules on imports can fire: for each zone a file that must be refused, and beside it one that must not. */
import { ESLint } from 'eslint';
import { readdirSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { cyclesOf, importsOf, sourceFiles } from './cycles';

const root = process.cwd();
const eslint = new ESLint({ cwd: root });
const RULES = [
  'import/no-restricted-paths',
  'no-restricted-imports',
  'no-restricted-globals',
  'no-restricted-properties',
  'no-restricted-syntax',
  '@typescript-eslint/no-restricted-imports',
];

/** Messages of the house's rules for a text as if it stood in that file. */
async function refusals(filePath: string, text: string): Promise<string[]> {
  const [result] = await eslint.lintText(`${text}\n`, { filePath });
  return result!.messages.flatMap(({ ruleId, message }) => (ruleId && RULES.includes(ruleId) ? [message] : []));
}
const use = (from: string) => `import * as other from '${from}';\nexport const used = other;`;

const families = readdirSync('core/families', { withFileTypes: true }).flatMap((entry) => (entry.isDirectory() ? [entry.name] : []));

const refused: [file: string, text: string][] = [
  ...families.map((own, i): [string, string] => [`core/families/${own}/made-up.ts`, use(`../${families[(i + 1) % families.length]}`)]),
  ['core/families/contactors/made-up.ts', use('@/core/families/breakers/needs')],
  ['core/families/contactors/made-up.ts', use('../registry')],
  ['core/families/contactors/made-up.ts', use('../plates')],
  ['features/lab/made-up.tsx', use('next/link')],
  ['ui/forms/made-up.tsx', use('next/link')],
  ['app/lab/made-up.tsx', use('next/link')],
  ['core/coils/made-up.ts', use('../families/contactors/needs')],
  ['core/fields/made-up.ts', use('../families/fuses/fields')],
  ...['core/matching', 'core/swap', 'core/circuit', 'features/swap', 'ui/plates', 'services', 'data', 'client', 'app/lab'].map(
    (folder): [string, string] => [`${folder}/made-up.ts`, use('@/core/families/fuses/needs')],
  ),
  ...['react', 'next/link', 'knex', 'node:fs', 'pg', '@mui/material/Button'].map((name): [string, string] => [
    'core/needs/made-up.ts',
    use(name),
  ]),
  ['core/families/contactors/made-up.ts', use('react')],
  ['core/families/contactors/made-up.ts', 'export const now = Date.now();'],
  ['core/matching/made-up.ts', 'export const luck = Math.random();'],
  ...['app', 'services', 'data', 'ui', 'workers', 'scripts', 'standins'].map((zone): [string, string] => [
    'core/needs/made-up.ts',
    use(`@/${zone}/any`),
  ]),
  ['core/needs/made-up.ts', use('../../services/match')],
  ...['app', 'services', 'ui', 'workers'].map((zone): [string, string] => ['data/made-up.ts', use(`@/${zone}/any`)]),
  ...['app', 'features', 'client', 'services', 'data'].map((zone): [string, string] => ['ui/needs/made-up.tsx', use(`@/${zone}/any`)]),
  ...['app', 'data'].map((zone): [string, string] => ['features/swap/made-up.tsx', use(`@/${zone}/any`)]),
  ...readdirSync('features')
    .filter((name) => name !== 'shell')
    .map((own, i, all): [string, string] => [`features/${own}/made-up.tsx`, use(`../${all[(i + 1) % all.length]}/any`)]),
  ['features/swap/made-up.tsx', use('@/services/match')],
  ['client/made-up.ts', use('../services/match')],
  ...['app', 'features', 'ui', 'data'].map((zone): [string, string] => ['client/made-up.ts', use(`@/${zone}/any`)]),
  ...['app', 'features', 'client', 'ui'].map((zone): [string, string] => ['services/made-up.ts', use(`@/${zone}/any`)]),
  ...['app', 'services', 'data', 'ui'].map((zone): [string, string] => ['workers/made-up.ts', use(`@/${zone}/any`)]),
  ['app/made-up.ts', use('@/data/connection')],
  [
    'data/made-up.ts',
    "import type { Knex } from 'knex';\nexport const made = (trx: Knex) => Promise.all(['sites', 'panels'].map((table) => trx(table)));",
  ],
  ...['features/lab/made-up.tsx', 'ui/forms/made-up.ts', 'client/made-up.tsx'].map((file): [string, string] => [
    file,
    'export const made = (el: Element) => useEffect(() => el?.scrollIntoView(), []);',
  ]),
];

describe('zones', () => {
  it.each(refused)('%s refuses %j', async (file, text) => expect(await refusals(file, text)).not.toEqual([]));

  it.each<[file: string, text: string]>([
    ['core/families/contactors/made-up.ts', use('../contract')],
    ['core/families/contactors/made-up.ts', use('../../coils/needs')],
    ['core/families/contactors/made-up.ts', use('./needs')],
    ['services/made-up.ts', use('../core/judge-case')],
    ['ui/needs/made-up.tsx', use('@/core/needs/need')],
    ['app/made-up.ts', use('@/services/match')],
    ['features/swap/made-up.tsx', use('../shell/Shell')],
    ['features/swap/made-up.tsx', use('@/client/api')],
    ['features/swap/made-up.tsx', "import type { Comparison } from '@/services/match';\nexport type Used = Comparison;"],
  ])('%s allows %j', async (file, text) => expect(await refusals(file, text)).toEqual([]));
});

describe('circles', () => {
  it('nothing imports itself in a circle, types included', () => {
    const files = sourceFiles(root);
    const all = new Set(files);
    expect(cyclesOf(new Map(files.map((file) => [file, importsOf(root, file, all)])))).toEqual([]);
  });
  it('a circle of three and a file that imports itself are found', () => {
    const graph = new Map([
      ['a', ['b']],
      ['b', ['c']],
      ['c', ['a', 'd']],
      ['d', []],
      ['e', ['e']],
    ]);
    expect(cyclesOf(graph)).toEqual([['a', 'b', 'c'], ['e']]);
  });
});
