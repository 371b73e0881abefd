/** The ways into a job, from every family's fault finding: what a machine does, in the words that people use, and what was measured. */
import type { DeviceFamily } from '../families/contract';
import { families } from '../families/registry';
import type { WayIn } from '../fault-finding/find-ways';
import { SYMPTOM, type FaultTree, type Findings } from '../fault-finding/tree';
import { contextOf } from '../judge-case';
import { sayIn } from '../language/by-practice';
import { huntFor } from './fault-hunt';

/** The trees of a family where nothing of a position is known yet: one, or two that are told apart by the symptom. */
function blankTrees(family: DeviceFamily): FaultTree[] {
  const load = { kind: family.loads[0] ?? '' };
  const need = contextOf({ practice: 'IEC', family: family.id, supply: {}, load, duty: {}, removed: null, candidates: [] });
  const treeWith = (findings: Findings) => huntFor(family, need, { spec: null, judged: null, condition: [] }, findings);
  const { tree, symptoms } = treeWith({});
  const further = symptoms.find(({ id }) => !tree.symptoms.some((one) => one.id === id));
  return further ? [tree, treeWith({ [SYMPTOM]: { answer: further.id } }).tree] : [tree];
}

const bothWords = (text: string): string => `${text} ${sayIn('NFPA70', text)}`.toLowerCase();

let made: readonly WayIn[] | undefined;

/** Every way in, by family: its symptoms, then what can be measured. Titles are in the words of IEC; they are found by those of either practice. */
export function waysIn(): readonly WayIn[] {
  made ??= families.flatMap((own): WayIn[] => {
    const { id: family, title: device, plural } = own;
    const trees = blankTrees(own);
    const about = `${device.iec} ${device.nfpa} ${plural}`;
    const symptoms = trees
      .flatMap((tree) => tree.symptoms)
      .map((one): WayIn => ({
        ...{ kind: 'symptom', family, device, id: one.id, title: one.title },
        words: bothWords(`${one.title} ${one.words.join(' ')} ${about}`),
      }));
    const measured = trees.flatMap((tree) => tree.tests).filter(({ figure, effort }) => figure !== undefined || effort === 3);
    return [
      ...symptoms,
      ...measured.map((one): WayIn => ({
        ...{ kind: 'measurement', family, device, id: one.id, title: one.question },
        words: bothWords(`${one.question} ${one.how} ${about}`),
      })),
    ];
  });
  return made;
}

/** What devices of a family may do, in the words of IEC. */
export const symptomsOf = (family: string): readonly WayIn[] => waysIn().filter((way) => way.kind === 'symptom' && way.family === family);

/** Is there such a symptom of this family? */
export const isSymptom = (family: string, id: string): boolean => symptomsOf(family).some((way) => way.id === id);
