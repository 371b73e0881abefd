/**
 * A family speaks the words of the site's practice: whatever it says of needs, cautions, tests, faults, terminals and settings passes
 * through one table, so that no family has to say a sentence twice.
 */
import { treeInWords } from '../fault-finding/tree';
import { sayIn } from '../language/by-practice';
import type { DeviceFamily } from './contract';
import { serviceCautions } from './service-needs';

/** Returns the same family with its sentences in the practice of the context that it is asked for. */
export function inPractice(family: DeviceFamily): DeviceFamily {
  return {
    ...family,
    needs: (context) =>
      family.needs(context).map((need) => ({
        ...need,
        because: sayIn(context.practice, need.because),
        brief: sayIn(context.practice, need.brief),
      })),
    cautions: (context) => [...serviceCautions(context), ...family.cautions(context)].map((caution) => sayIn(context.practice, caution)),
    proofs: (context) =>
      family.proofs(context).map((proof) => ({
        ...proof,
        title: sayIn(context.need.practice, proof.title),
        how: sayIn(context.need.practice, proof.how),
        because: sayIn(context.need.practice, proof.because),
      })),
    faultFinding: (context) => treeInWords(family.faultFinding(context), (text) => sayIn(context.need.practice, text)),
    terminals: (context, from, to) =>
      family.terminals(context, from, to).map((move) => ({ ...move, note: sayIn(context.practice, move.note) })),
    settings: (context) => {
      const { rows, conflicts } = family.settings(context);
      const say = (text: string) => sayIn(context.need.practice, text);
      return { rows: rows.map((row) => ({ ...row, name: say(row.name), reason: say(row.reason) })), conflicts: conflicts.map(say) };
    },
  };
}
