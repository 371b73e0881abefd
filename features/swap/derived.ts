import { certain } from '@/core/certain';
import { conditionOfPart, wornOutTexts, type DeviceFamily, type NeedContext, type PartCondition } from '@/core/families/contract';
import { familyOf } from '@/core/families/registry';
import { contextOf } from '@/core/judge-case';
import type { Methods } from '@/core/loads/schools';
import { askedNeeds, judgePart, wrongLines, type JudgedPart } from '@/core/matching/judge';
import type { Need } from '@/core/needs/need';
import type { PartSpec, Practice } from '@/core/case/case';
import { haveText, limitText } from '@/core/needs/line-text';
import { formatValue } from '@/core/quantities/format-quantity';
import { termOf } from '@/core/quantities/terms';
import { assumedMarks, caseOfSwap, schoolsOf } from '@/core/swap/case-from-swap';
import { huntFor, type Hunt } from '@/core/swap/fault-hunt';
import { safeSteps, type SafeStep } from '@/core/swap/make-safe';
import type { SwapState } from '@/core/swap/swap';
import { inSentence } from '@/core/language/in-sentence';
import { sayIn } from '@/core/language/by-practice';

/** Everything that follows from a swap's state; worked out in the browser by the same core as on the server. */
export type Derived = {
  family: DeviceFamily;
  context: NeedContext;
  schools: Methods;
  needs: Need[];
  removed: JudgedPart | null;
  /** What was read on the removed part says of its state. */
  condition: readonly PartCondition[];
  removedSpec: PartSpec | null;
  /** Fault finding for what stands here, and what was found. */
  hunt: Hunt;
  cautions: string[];
  steps: SafeStep[];
  openSteps: number;
};

export function derive(state: SwapState, practice: Practice, siteSchools: Partial<Methods>): Derived {
  const family = certain(familyOf(state.family));
  const plain = caseOfSwap(state, practice);
  const schools = schoolsOf(state, siteSchools);
  const context = contextOf(plain, { schools, assumed: assumedMarks(state) });
  const needs = family.needs(context);
  const steps = safeSteps(state, practice);
  const removedSpec = plain.removed?.spec ?? null;
  const canonical = removedSpec && family.canonical(removedSpec);
  const removed = canonical && judgePart(askedNeeds(needs, [canonical]), canonical, practice);
  const condition = conditionOfPart(family, context, removedSpec);
  return {
    family,
    context,
    schools,
    needs,
    cautions: family.cautions(context),
    steps,
    openSteps: steps.filter(({ id }) => !state.safe[id]?.trim()).length,
    hunt: huntFor(family, context, { spec: removedSpec, judged: removed, condition }, state.causes ?? {}),
    ...{ condition, removed, removedSpec },
  };
}

/** The lines that are asked here: one that only a part raises counts where the old part or the chosen one raises it. */
export const askedOf = (needs: readonly Need[], removed: JudgedPart | null, chosen: JudgedPart | null): Need[] =>
  needs.filter((need) => !need.optionalRating || [removed, chosen].some((part) => part?.lines.some((line) => line.need.id === need.id)));

/** The old part's verdict in a sentence: the line of the load that fell first says it best. */
export function removedSentence({ removed, condition }: Pick<Derived, 'removed' | 'condition'>, practice: Practice): string {
  if (!removed) return 'Nothing has been read from the removed part.';
  const fell = wrongLines(removed);
  const spent = wornOutTexts(condition);
  const first = fell.find((line) => line.need.group === 'load') ?? fell[0];
  if (first) {
    const needed = sayIn(practice, limitText(first.limit, first));
    const rest =
      (fell.length > 1 ? ` It fails on ${fell.length} lines in all.` : '') +
      (spent.length > 0 ? ` It is worn out as well. ${spent.join('. ')}.` : '');
    if (typeof first.have === 'string' || (Array.isArray(first.have) && typeof first.have[0] === 'string'))
      return `The removed part was wrong. ${termOf(first.quantity, practice)}: ${sayIn(practice, formatValue(first.have, ''))}, required ${needed}.${rest}`;
    return `The removed part was wrong: ${inSentence(termOf(first.quantity, practice))} ${first.have === null ? 'not rated' : haveText(first.have, first)}, ${needed} ${first.relation === '<=' ? 'allowed' : 'required'}.${rest}`;
  }
  if (spent.length > 0) return `The removed part was correct; it is worn out. ${spent.join('. ')}.`;
  if (removed.verdict === 'fits') return 'The removed part was correct: it meets every line.';
  if (removed.verdict === 'check') return 'The removed part meets every mandatory line; some lines need a check.';
  const open = removed.lines.filter((line) => line.verdict === 'not-known').length;
  return `Whether the removed part was correct is not known: ${open} line${open === 1 ? '' : 's'} could not be judged.`;
}
