/**
 * A worked example of judging: what is asked, what the part carries, which verdict each named line must give.
 * Expected verdicts are worked out by hand from the figures in the row; the source of each rule stands beside it.
 */
import type { FieldValues, PlainCase, Practice } from '@/core/case/case';
import type { Verdict } from '@/core/needs/need';

export type WorkedCase = {
  name: string;
  practice?: Practice;
  supply?: FieldValues;
  load?: FieldValues;
  duty?: FieldValues;
  spec: FieldValues;
  /** Verdicts by need id; a line that must not be asked is null. */
  lines: Record<string, Verdict | null>;
  verdict?: Verdict;
  source: string;
};

/** The plain case of a worked example, its spec as the only candidate. NFPA practice unless it names another. */
export const plainOfCase = (one: WorkedCase, family: string): PlainCase => ({
  practice: one.practice ?? 'NFPA70',
  family,
  supply: one.supply ?? {},
  load: one.load ?? {},
  duty: one.duty ?? {},
  removed: null,
  candidates: [{ id: 'part', spec: one.spec }],
});
