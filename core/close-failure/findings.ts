/**
 * What was found at a breaker that will not close, as it is kept with a swap, and what follows from it.
 * Findings are kept by id of the check: a yes or no, or volts with the mark of the coil that they are held against.
 */
import { certain } from '../certain';
import { formatQuantity as q } from '../quantities/format-quantity';
import type { Fitted } from './breaker-state';
import { checksOf, shownWords, sortVolts, worksFrom, type Check, type Shown } from './checks';
import { diagnose, type Answers } from './diagnose';

export type Finding = { reading?: number; yes?: boolean };
export type Findings = Readonly<Record<string, Finding>>;

const answerKey = (id: string) => `close-${id}`;
const markKey = (id: string) => `close-mark-${id}`;
const fittedKey = (name: string) => `close-fitted-${name}`;
export const closingKeys = { answer: answerKey, mark: markKey, fitted: fittedKey } as const;

export const fittedNames: readonly (keyof Fitted)[] = ['motor', 'undervoltage', 'shuntTrip', 'carriage', 'interlock'];

/** What the breaker carries: everything, until somebody says that it does not. */
export const fittedOf = (findings: Findings): Fitted =>
  Object.fromEntries(fittedNames.map((name) => [name, findings[fittedKey(name)]?.yes !== false])) as Fitted;

/** What a finding shows of its check; undefined where it is not enough yet. `markVolts` stands where no mark of its own is given. */
export function shownOf(check: Check, findings: Findings, markVolts: number | null): Shown | undefined {
  const found = findings[answerKey(check.id)];
  if (!found) return undefined;
  if (check.kind === 'yes-no') return found.yes === undefined ? undefined : found.yes ? 'yes' : 'no';
  if (check.kind === 'ohms') return found.yes === undefined ? undefined : found.yes ? 'sound' : 'open';
  const mark = findings[markKey(check.id)]?.reading ?? markVolts;
  if (found.reading === undefined || !Number.isFinite(found.reading) || mark === null || !(mark > 0)) return undefined;
  return sortVolts((found.reading / mark) * 100, worksFrom(check.id));
}

/** Every answer that the findings give. */
export function answersOf(findings: Findings, markVolts: number | null): Answers {
  const fitted = fittedOf(findings);
  return Object.fromEntries(
    checksOf(fitted).flatMap((check) => {
      const shown = shownOf(check, findings, markVolts);
      return shown === undefined ? [] : [[check.id, shown] as const];
    }),
  );
}

export type SettledCause = { title: string; verdict: 'cause' | 'ruled-out'; found: string };

/** What the findings settle, for the record: the proved cause with what showed it, and what was ruled out by what. */
export function settledClosing(findings: Findings, markVolts: number | null): SettledCause[] {
  const fitted = fittedOf(findings);
  const answers = answersOf(findings, markVolts);
  if (Object.keys(answers).length === 0) return [];
  const { remaining, ruledOut, proved } = diagnose(fitted, answers);
  const foundAt = (check: Check) => {
    const volts = findings[answerKey(check.id)]?.reading;
    return `${check.question.replace(/\?$/, '')}: ${volts === undefined ? shownWords[certain(answers[check.id])] : q(volts, 'V')}`;
  };
  const shown = checksOf(fitted).filter(({ id }) => answers[id] !== undefined);
  const [only] = remaining;
  return [
    ...(proved && only ? [{ title: only.title, verdict: 'cause' as const, found: shown.map(foundAt).join('; ') }] : []),
    ...ruledOut.map(({ fault, by }) => ({ title: fault.title, verdict: 'ruled-out' as const, found: foundAt(by) })),
  ];
}
