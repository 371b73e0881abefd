/** The ways into a job, from every family's fault finding: what a machine does, in the words that people use, and what was measured. */
import type { Practice } from '../case/case';
import { familyOf, families } from '../families/registry';
import type { WayIn } from '../fault-finding/find-ways';
import type { FaultTree } from '../fault-finding/tree';
import { contextOf } from '../judge-case';
import { sayIn } from '../language/by-practice';
import { huntFor } from './fault-hunt';

/** The tree of a family where nothing of a position is known yet. */
export const blankTree = (family: string, practice: Practice): FaultTree | undefined => {
  const own = familyOf(family);
  if (!own) return undefined;
  const load = { kind: own.loads[0] ?? '' };
  const need = contextOf({ practice, family, supply: {}, load, duty: {}, removed: null, candidates: [] });
  return huntFor(own, need, { spec: null, judged: null, condition: [] }, {}).tree;
};

const bothWords = (text: string): string => `${text} ${sayIn('NFPA70', text)}`.toLowerCase();

let made: readonly WayIn[] | undefined;

/** Every way in, by family: its symptoms, then what can be measured. Titles are in the words of IEC; they are found by those of either practice. */
export function waysIn(): readonly WayIn[] {
  made ??= families.flatMap(({ id: family, title: device, plural }): WayIn[] => {
    const tree = blankTree(family, 'IEC');
    const about = `${device.iec} ${device.nfpa} ${plural}`;
    const symptoms = (tree?.symptoms ?? []).map((one): WayIn => ({
      ...{ kind: 'symptom', family, device, id: one.id, title: one.title },
      words: bothWords(`${one.title} ${one.words.join(' ')} ${about}`),
    }));
    const measured = (tree?.tests ?? []).filter(({ figure, effort }) => figure !== undefined || effort === 3);
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

/** Is there such a symptom of this family? */
export const isSymptom = (family: string, practice: Practice, id: string): boolean =>
  blankTree(family, practice)?.symptoms.some((one) => one.id === id) ?? false;
