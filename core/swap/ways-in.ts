/** The ways into a job, from every family's fault finding: what a machine does, in the words that people use, and what was measured. */
import type { Practice } from '../case/case';
import { familyOf, families } from '../families/registry';
import type { WayIn } from '../fault-finding/find-ways';
import type { FaultTree } from '../fault-finding/tree';
import { contextOf } from '../judge-case';
import { huntFor } from './fault-hunt';

/** The tree of a family where nothing of a position is known yet. */
export const blankTree = (family: string, practice: Practice): FaultTree | undefined => {
  const own = familyOf(family);
  if (!own) return undefined;
  const load = { kind: own.loads[0] ?? '' };
  const need = contextOf({ practice, family, supply: {}, load, duty: {}, removed: null, candidates: [] });
  return huntFor(own, need, { spec: null, judged: null, condition: [] }, {}).tree;
};

const made = new Map<Practice, readonly WayIn[]>();

/** Every way in, by family: its symptoms, then what can be measured. */
export function waysIn(practice: Practice): readonly WayIn[] {
  const known = made.get(practice);
  if (known) return known;
  const ways = families.flatMap(({ id: family, title, plural }): WayIn[] => {
    const tree = blankTree(family, practice);
    const device = practice === 'IEC' ? title.iec : title.nfpa;
    const about = `${device} ${plural}`;
    return tree
      ? [
          ...tree.symptoms.map((one): WayIn => ({
            ...{ kind: 'symptom', family, device, id: one.id, title: one.title },
            words: `${one.title} ${one.words.join(' ')} ${about}`.toLowerCase(),
          })),
          ...tree.tests
            .filter(({ figure, effort }) => figure !== undefined || effort === 3)
            .map((one): WayIn => ({
              ...{ kind: 'measurement', family, device, id: one.id, title: one.question },
              words: `${one.question} ${one.how} ${about}`.toLowerCase(),
            })),
        ]
      : [];
  });
  made.set(practice, ways);
  return ways;
}

/** Is there such a symptom of this family? */
export const isSymptom = (family: string, practice: Practice, id: string): boolean =>
  blankTree(family, practice)?.symptoms.some((one) => one.id === id) ?? false;
