/**
 * Judges a whole plain case: the one function behind screen, HTTP, command line and tests.
 * A line is asked where the position asks for it and its family asks it always or at least one part carries the figure.
 */
import type { Part, PlainCase } from './case/case';
import { DefectError } from './defect-error';
import type { NeedContext } from './families/contract';
import { familyOf } from './families/registry';
import { supplyWithKind } from './supply/earthing';
import { caseSchools, type Methods } from './loads/schools';
import { judgeBeside } from './matching/beside-removed';
import type { Change } from './matching/changes';
import { askedNeeds, plainNeeds, type JudgedPart, type Line } from './matching/judge';

export type CaseAnswer = {
  needs: Line[];
  removed: { verdict: JudgedPart['verdict']; lines: Line[] } | null;
  /** `changes`: what differs from the removed part where it should be the same; empty where none is given. */
  candidates: { id: string; verdict: JudgedPart['verdict']; lines: Line[]; changes: Change[] }[];
  /** What is no line on a part: a leg left live, other volts than the plate's. */
  cautions: string[];
};

export type CaseOptions = {
  schools?: Methods;
  assumed?: ReadonlySet<string>;
  /** Lines that are answered: all, or only those that do not fit; the verdicts are the same. */
  lines?: 'all' | 'decisive';
};

/** A case that passed `caseSchema`: made of the same fields as these types. */
type TypedCase = Omit<PlainCase, 'supply' | 'load' | 'duty'> & Pick<NeedContext, 'supply' | 'load'> & { duty?: NeedContext['duty'] };

/** Context of a case for the family's functions: what a case says in plain words has the types of its fields from here on. */
export function contextOf(plain: PlainCase, options: CaseOptions = {}): NeedContext {
  const { practice, supply, load, duty } = plain as TypedCase;
  return {
    practice,
    supply: supplyWithKind({ supply, load }),
    load,
    duty: duty ?? {},
    schools: options.schools ?? caseSchools,
    assumed: options.assumed ?? new Set(),
  };
}

/** Lines without what is inside alone. */
const plainLines = ({ verdict, lines }: JudgedPart): { verdict: JudgedPart['verdict']; lines: Line[] } => ({
  verdict,
  lines: lines.map((line) => {
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
  const context = contextOf(plain, options);
  const needs = family.needs(context);
  const candidates = plain.candidates.map((part: Part) => ({
    id: part.id,
    spec: family.canonical(part.spec),
  }));
  const removed = plain.removed ? family.canonical(plain.removed.spec) : null;
  const specs = [...(removed ? [removed] : []), ...candidates.map((part) => part.spec)];
  const asked = askedNeeds(needs, specs);
  const judge = judgeBeside(family.keeps, asked, removed, plain.practice, options.lines);
  return {
    needs: plainNeeds(asked, specs),
    removed: judge.removed && plainLines(judge.removed),
    candidates: candidates.map((part) => {
      const { judged, changes } = judge.candidate(part.spec);
      return { id: part.id, ...plainLines(judged), changes };
    }),
    cautions: family.cautions(context),
  };
}
