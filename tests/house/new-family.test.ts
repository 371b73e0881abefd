/** A twelfth family from the skeleton, in a tree of its own: judged, described, read from text, with no file changed but the two lists. */
import { execFileSync } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { newFamily } from '@/scripts/new-family';

let tree: string;
beforeAll(() => {
  tree = mkdtempSync(path.join(tmpdir(), 'loyal-coil-family-'));
  for (const folder of ['core', 'tests', 'data', 'services']) cpSync(folder, path.join(tree, folder), { recursive: true });
  for (const file of ['package.json', 'tsconfig.json']) cpSync(file, path.join(tree, file));
  symlinkSync(path.resolve('node_modules'), path.join(tree, 'node_modules'));
});
afterAll(() => rmSync(tree, { recursive: true, force: true }));

const script = `
import { familyOf, familyIds } from './core/families/registry';
import { guessPlate, plateOf } from './core/families/plates';
import { judgeCase } from './core/judge-case';
import { glossaryOf } from './core/plates/glossary';
import { parsePlate } from './core/plates/parse-plate';
import { templateCsv } from './core/parts-file/columns';
import { describeFamilies } from './services/families';
import { contractFaults } from './tests/house/contract-faults';

const plain = { practice: 'IEC', family: 'surge-arrester', supply: { systemVolts: 480 }, load: { kind: 'conductor-feeder' }, duty: {}, removed: null };
const parts = [{ id: 'low', spec: { ratedVolts: 400 } }, { id: 'high', spec: { ratedVolts: 690 } }, { id: 'worn', spec: { ratedVolts: null } }];
const answer = judgeCase({ ...plain, candidates: parts });
const plate = plateOf('surge-arrester');
console.log(JSON.stringify({
  ids: familyIds(),
  verdicts: answer.candidates.map(({ verdict }) => verdict),
  read: parsePlate('SURGE ARRESTER TYPE X1 UN 400 V', plate).readings.ratedVolts.value,
  guess: guessPlate('SURGE ARRESTER UN 400 V')[0].id,
  glossary: glossaryOf([plate]).some(({ id }) => id === 'ratedVolts'),
  interface: describeFamilies().families?.some?.(({ id }) => id === 'surge-arrester') ?? JSON.stringify(describeFamilies()).includes('surge-arrester'),
  template: templateCsv(familyOf('surge-arrester')).split('\\n')[0].includes('ratedVolts'),
  title: familyOf('surge-arrester').title.iec,
  faults: contractFaults(familyOf('surge-arrester'), plate, [{ plain: { ...plain, candidates: [] }, specs: parts.map(({ spec }) => spec) }]),
}));
`;

it('is judged, read from text, in the glossary and the open interface, and keeps the contract', () => {
  newFamily(tree, 'surge-arrester');
  writeFileSync(path.join(tree, 'try.ts'), script);
  const said = execFileSync('npx', ['tsx', 'try.ts'], { cwd: tree, encoding: 'utf8' });
  const found = JSON.parse(said.trim().split('\n').at(-1)!) as Record<string, unknown>;
  expect(found).toMatchObject({
    verdicts: ['fails', 'fits', 'not-known'],
    read: 400,
    guess: 'surge-arrester',
    glossary: true,
    interface: true,
    template: true,
    title: 'Surge arrester',
    faults: [],
  });
  expect(found.ids).toEqual([...(found.ids as string[])].sort());
  expect(() => newFamily(tree, 'surge-arrester')).toThrow('is there already');
  expect(() => newFamily(tree, 'Surge Arrester')).toThrow('no id');
}, 60_000);
