/**
 * What was found at a breaker that will not close, as it is kept with a swap, and what follows from it.
 * Findings are kept by id of the check: a yes or no, or volts with the mark of the coil that they are held against.
 */
import type { PartSpec } from '../case/case';
import type { Findings } from '../fault-finding/tree';
import type { CoilMarks } from './coil-marks';
import { checksOf, sortVolts, worksFrom, type Check, type Shown } from './checks';
import { closingKeys, fittedOf } from './fitted';

/** What was found, by id of the check. */
export type Answers = Readonly<Record<string, Shown>>;

/** What a finding shows of its check; undefined where it is not enough yet: volts without the mark of their own coil are none. */
export function shownOf(check: Check, findings: Findings, marks: CoilMarks): Shown | undefined {
  const found = findings[closingKeys.answer(check.id)];
  if (!found) return undefined;
  if (check.kind === 'yes-no') return found.yes === undefined ? undefined : found.yes ? 'yes' : 'no';
  if (check.kind === 'ohms') return found.yes === undefined ? undefined : found.yes ? 'sound' : 'open';
  if (found.reading === undefined || !Number.isFinite(found.reading)) return undefined;
  // Nothing is nothing of any mark.
  if (found.reading === 0) return sortVolts(0, worksFrom(check.id));
  const mark = findings[closingKeys.mark(check.id)]?.reading ?? marks[check.id];
  if (mark === undefined || !(mark > 0)) return undefined;
  return sortVolts((found.reading / mark) * 100, worksFrom(check.id));
}

/** Every answer that the findings give. */
export function answersOf(findings: Findings, marks: CoilMarks, spec: PartSpec | null = null): Answers {
  const fitted = fittedOf(findings, spec);
  return Object.fromEntries(
    checksOf(fitted).flatMap((check) => {
      const shown = shownOf(check, findings, marks);
      return shown === undefined ? [] : [[check.id, shown] as const];
    }),
  );
}
