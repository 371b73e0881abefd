/**
 * npm run new:family -- surge-arrester: writes the skeleton of a device family and enters it in registry.ts and plates.ts. What it
 * writes judges one figure (volts) from field to record; everything else is for whoever knows the device.
 */
import { certain } from '../core/certain';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';

const camel = (id: string) => id.replace(/-(.)/g, (_, letter: string) => letter.toUpperCase());
const title = (id: string) => id.charAt(0).toUpperCase() + id.slice(1).replaceAll('-', ' ');

/** Files of the skeleton by their name. */
function skeleton(id: string): Record<string, string> {
  const name = camel(id);
  const words = title(id).toLowerCase();
  const Type = name.charAt(0).toUpperCase() + name.slice(1);
  return {
    'fields.ts': `/** Marks of a ${words}. Names and synonyms: common practice. */
import { num, type Field } from '../../fields/field';
import type { MarksOf } from '../../fields/mark-types';
import { maker, serial, type } from '../../fields/plate-marks';
import { sheet, VOLTS } from '../../fields/print';

export const ${name}Fields = [
  maker,
  type,
  serial,
  num('ratedVolts', 'Rated voltage', 'V', { min: 12, max: 1500 }, 'Voltage for which it is made.', {
    short: 'Rated V',
    print: { names: ['RATED VOLTAGE', 'UN'], units: VOLTS, bare: true },
    recovery: sheet,
  }),
] as const satisfies readonly Field[];

/** Marks of a part, as a case gives them. */
export type ${Type}Spec = MarksOf<typeof ${name}Fields>;
`,
    'faults.ts': `/** Faults of a ${words}: what it does, what tells its causes apart. Common practice. */
import { lineRead, yesNo, type FaultTree } from '../../fault-finding/tree';
import type { FaultContext } from '../contract';

export const ${name}Faults = ({ verdicts }: FaultContext): FaultTree => ({
  symptoms: [{ id: 'dead', title: 'It does nothing', words: ['dead'] }],
  tests: [
    yesNo('volts-wrong', 'Is it made for too few volts?', 'Its plate, against the volts of the system.', 1, lineRead(verdicts, ['volts'])),
    yesNo('open', 'Is it open inside?', 'Isolated, proved dead, out of circuit: ohmmeter.', 3),
  ],
  causes: [
    {
      ...{ id: 'volts', title: 'Made for too few volts', shows: { symptom: ['dead'] }, provedBy: { 'volts-wrong': 'yes' } },
      remedy: 'One for the volts that are there.',
      then: 'another part',
    },
    {
      ...{ id: 'spent', title: 'It is spent', shows: { symptom: ['dead'], 'volts-wrong': 'no' }, provedBy: { open: 'yes' } },
      needs: ['volts-wrong'],
      remedy: 'A new one; then why.',
      then: 'new part',
    },
  ],
  noAnswer: 'A larger one is no answer.',
  beyond: 'it is none of these: record its volts over a day.',
});
`,
    'figures.ts': `/** The figures that lines and tests of this family read: its marks, and what its canonical form makes of them. */
import type { Need as AnyNeed, NoFigure } from '../../needs/need';
import type { ${Type}Spec } from './fields';

export type ${Type}Figure = keyof ${Type}Spec | NoFigure;
export type Need = AnyNeed<${Type}Figure>;
`,
    'plate.ts': `/** The plate of a ${words}. Common practice. */
import { plateFieldsOf } from '../../fields/print';
import type { PlateDefinition } from '../../plates/plate-field';
import { ${name}Fields } from './fields';

export const ${name}Plate: PlateDefinition = {
  id: '${id}',
  title: '${title(id)}',
  side: 'device',
  fields: plateFieldsOf(${name}Fields),
  cues: [[/${words.toUpperCase()}/i, 8]],
};
`,
    'needs.ts': `/** Need lines of a ${words}. Source: common practice. */
import { numberMark } from '../../case/case';
import { field, needLine } from '../../needs/line';
import { formatQuantity as q } from '../../quantities/format-quantity';
import type { NeedContext } from '../contract';
import { finishNeeds } from '../finish-needs';
import type { Need } from './figures';

/** Lines that are asked whatever the parts carry. */
const alwaysAsked: readonly RegExp[] = [/^volts$/];

function voltsNeeds({ supply }: NeedContext): Need[] {
  const volts = numberMark(supply, 'systemVolts');
  if (volts === undefined) return [];
  return [
    needLine({
      id: 'volts',
      group: 'safety',
      safety: true,
      quantity: 'ratedVolts',
      unit: 'V',
      figure: field('ratedVolts'),
      limit: volts,
      because: volts === null ? 'The voltage of the system is not known.' : \`The system has \${q(volts, 'V')}.\`,
      source: 'commonPractice',
      inputs: ['supply.systemVolts'],
    }),
  ];
}

export const ${name}Needs = (context: NeedContext): Need[] => finishNeeds(context, voltsNeeds, alwaysAsked);
`,
    'proofs.ts': `/** What is tested of a ${words}. Common practice. */
import type { Proof } from '../contract';
import { yesProof } from '../proof-makers';

export const ${name}Proofs = (): Proof[] => [
  yesProof('plate', 'bench', 'Its own plate', 'Read the plate on the part itself, not on the box.', 'Boxes are exchanged.'),
];
`,
    'index.ts': `/** ${title(id)}. Wiring only; see README.md in this folder. */
import { caseFieldsOf } from '../../fields/field';
import type { DeviceFamily } from '../contract';
import { noSettings } from '../no-settings';
import { cleanMarks } from '../normalise-spec';
import { ${name}Fields, type ${Type}Spec } from './fields';
import type { ${Type}Figure } from './figures';
import { ${name}Faults } from './faults';
import { ${name}Needs } from './needs';
import { ${name}Proofs } from './proofs';

export const ${name}s = {
  id: '${id}',
  title: { iec: '${title(id)}', nfpa: '${title(id)}' },
  plural: '${words}s',
  loads: ['conductor-feeder'],
  fields: caseFieldsOf(${name}Fields),
  ratingColumns: [],
  canonical: cleanMarks,
  specFromPlate: (marks) => marks,
  shortDescription: (spec) => (typeof spec.ratedVolts === 'number' ? \`\${spec.ratedVolts} V\` : 'voltage not known'),
  positionFields: { supply: ['systemVolts'], load: [], duty: [] },
  circuitRole: 'control',
  example: 'TYPE X1 UN 400 V',
  needs: ${name}Needs,
  summary: ['at {volts}'],
  keeps: [],
  cautions: () => [],
  proofs: ${name}Proofs,
  terminals: () => [],
  settings: noSettings,
  drill: [{ id: 'volts', question: 'The system has 480 V and the part is marked 400 V. Does it serve?', answer: 'No: its rated voltage is too low.' }],
  faultFinding: ${name}Faults,
  coilSwap: { scheme: 'never', reason: 'It has no coil.' },
} satisfies DeviceFamily<${Type}Spec, ${Type}Figure>;
`,
    'README.md': `# ${title(id)}

Scope: what this family covers, and what it does not. Standards: which, from memory or read.

## Lines and their sources

<!-- lines: npm run family-pages -->

<!-- /lines -->
`,
  };
}

/** Enters a line in a list that is sorted by what it imports. */
function enter(file: string, importLine: string, after: RegExp, entry: string): void {
  const text = readFileSync(file, 'utf8');
  const at = text.search(after);
  if (at < 0) throw new Error(`${file}: the place for '${entry}' is not found.`);
  const lastImport = certain([...text.matchAll(/^import [^;]*;\n/gm)].at(-1));
  const split = lastImport.index + lastImport[0].length;
  writeFileSync(file, `${text.slice(0, split)}${importLine}\n${text.slice(split, at)}${entry}\n${text.slice(at)}`);
}

/** Writes the folder and the two entries. Throws where the name is no id or the folder exists. */
export function newFamily(root: string, id: string): string {
  if (!/^[a-z]+(-[a-z]+)*$/.test(id)) throw new Error(`'${id}' is no id: small words joined by hyphens, such as surge-arrester.`);
  const folder = path.join(root, 'core/families', `${id}s`);
  if (existsSync(folder)) throw new Error(`core/families/${id}s is there already.`);
  mkdirSync(folder);
  for (const [file, text] of Object.entries(skeleton(id))) writeFileSync(path.join(folder, file), text);
  const registry = path.join(root, 'core/families/registry.ts');
  const text = readFileSync(registry, 'utf8');
  const list = certain(/const own: readonly DeviceFamily\[\] = \[\n([\s\S]*?)\];/.exec(text));
  const ids = certain(list[1]).split('\n').filter(Boolean);
  const idOf = (line: string) => {
    const folderOf = certain(certain(new RegExp(`import \\{ ${line.trim().replace(',', '')} \\} from './([\\w-]+)'`).exec(text))[1]);
    return folderOf.replace(/s$/, '');
  };
  const next = ids.find((line) => idOf(line) > id);
  const name = camel(id);
  enter(
    registry,
    `import { ${name}s } from './${id}s';`,
    next ? new RegExp(`^${next}$`, 'm') : /^\];\nexport const families/m,
    `  ${name}s,`,
  );
  enter(path.join(root, 'core/families/plates.ts'), `import { ${name}Plate } from './${id}s/plate';`, /^\]\);\n/m, `  ${name}Plate,`);
  return folder;
}

if (process.argv[1]?.endsWith('new-family.ts')) {
  const id = process.argv[2];
  if (!id) throw new Error('npm run new:family -- name, such as surge-arrester');
  console.log(`${path.relative(process.cwd(), newFamily(process.cwd(), id))} written and entered; next: its fields, then its needs`);
}
