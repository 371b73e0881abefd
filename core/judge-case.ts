/**
 * Judges a whole plain case: the one function behind screen, HTTP, command line and tests.
 * A line is asked where the position asks for it and at least one part carries the figure.
 */
import type { Part, PlainCase } from './case/case';
import { DefectError } from './defect-error';
import type { NeedContext } from './families/contract';
import { familyOf } from './families/registry';
import { supplyWithKind } from './supply/earthing';
import { caseSchools, type Schools } from './loads/schools';
import { askedNeeds, judgePart, plainNeeds, type JudgedPart, type Line } from './matching/judge';

export type CaseAnswer = {
  needs: Line[];
  removed: { verdict: JudgedPart['verdict']; lines: Line[] } | null;
  candidates: { id: string; verdict: JudgedPart['verdict']; lines: Line[] }[];
};

export type CaseOptions = { schools?: Schools; assumed?: ReadonlySet<string> };

/** Context of a case for the family's functions. */
export const contextOf = (plain: PlainCase, options: CaseOptions = {}): NeedContext => ({
  practice: plain.practice,
  supply: supplyWithKind(plain),
  load: plain.load,
  duty: plain.duty ?? {},
  schools: options.schools ?? caseSchools,
  assumed: options.assumed ?? new Set(),
});

const plainLines = (part: JudgedPart): { verdict: JudgedPart['verdict']; lines: Line[] } => ({
  verdict: part.verdict,
  lines: part.lines.map((line) => {
    const plain: Partial<typeof line> = { ...line };
    delete plain.need;
    return plain as Line;
  }),
});

/**
 * Judges the removed part and every candidate.
 * @param plain a case that passed `caseSchema`.
 * @returns needs in order, and each part with a verdict for every line.
 * @throws DefectError for a family that the registry lacks: the schema refuses it before.
 */
export function judgeCase(plain: PlainCase, options: CaseOptions = {}): CaseAnswer {
  const family = familyOf(plain.family);
  if (!family) throw new DefectError(`Family '${plain.family}' is not in the registry.`);
  const needs = family.needs(contextOf(plain, options));
  const candidates = plain.candidates.map((part: Part) => ({
    id: part.id,
    spec: family.canonical(part.spec),
  }));
  const removed = plain.removed ? family.canonical(plain.removed.spec) : null;
  const specs = [...(removed ? [removed] : []), ...candidates.map((part) => part.spec)];
  const asked = askedNeeds(needs, specs);
  return {
    needs: plainNeeds(
      asked.map(({ need }) => need),
      specs,
    ),
    removed: removed && plainLines(judgePart(asked, removed, plain.practice)),
    candidates: candidates.map((part) => ({
      id: part.id,
      ...plainLines(judgePart(asked, part.spec, plain.practice)),
    })),
  };
}
