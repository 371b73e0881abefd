/**
 * What was found at a breaker that will not close, as it is kept with a swap, and what follows from it.
 * Findings are kept by id of the check: a yes or no, or volts with the mark of the coil that they are held against.
 */
import type { PartSpec } from '../case/case';
import type { Findings } from '../fault-finding/tree';
import { checksOf, sortVolts, worksFrom, type Check, type Shown } from './checks';
import { closingKeys, fittedOf } from './fitted';

/** What was found, by id of the check. */
export type Answers = Readonly<Record<string, Shown>>;

/** What a finding shows of its check; undefined where it is not enough yet. `markVolts` stands where no mark of its own is given. */
export function shownOf(check: Check, findings: Findings, markVolts: number | null): Shown | undefined {
  const found = findings[closingKeys.answer(check.id)];
  if (!found) return undefined;
  if (check.kind === 'yes-no') return found.yes === undefined ? undefined : found.yes ? 'yes' : 'no';
  if (check.kind === 'ohms') return found.yes === undefined ? undefined : found.yes ? 'sound' : 'open';
  const mark = findings[closingKeys.mark(check.id)]?.reading ?? markVolts;
  if (found.reading === undefined || !Number.isFinite(found.reading) || mark === null || !(mark > 0)) return undefined;
  return sortVolts((found.reading / mark) * 100, worksFrom(check.id));
}

/** Every answer that the findings give. */
export function answersOf(findings: Findings, markVolts: number | null, spec: PartSpec | null = null): Answers {
  const fitted = fittedOf(findings, spec);
  return Object.fromEntries(
    checksOf(fitted).flatMap((check) => {
      const shown = shownOf(check, findings, markVolts);
      return shown === undefined ? [] : [[check.id, shown] as const];
    }),
  );
}
