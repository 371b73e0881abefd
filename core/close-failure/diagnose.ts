/**
 * Why will it not close? Every answer rules out the causes that would have shown something else; the next question is the one that
 * halves what remains for the least effort.
 * Method: each cause is put into the model of the breaker, each check is read off it, and a cause stays while all its readings agree
 * with the answers. Where no single cause agrees, pairs are tried; where none does, an answer is wrong or the cause is not listed.
 */
import { certain } from '../certain';
import { soundBreaker, type Fitted } from './breaker-state';
import { checksOf, type Check, type Shown } from './checks';
import { faultsOf, withFaults, type Fault } from './faults';

/** What was found, by id of the check. */
export type Answers = Readonly<Record<string, Shown>>;
export type RuledOut = { fault: Fault; by: Check; shown: Shown; expected: Shown };
export type Diagnosis = {
  remaining: Fault[];
  ruledOut: RuledOut[];
  /** Pairs that agree, where no single cause does. */
  pairs: (readonly [Fault, Fault])[];
  next: Check | undefined;
  /** One cause is left, and a check of its own has shown it. */
  proved: boolean;
};

const shownBy = (fitted: Fitted, list: readonly Fault[]) => {
  const state = withFaults(soundBreaker(fitted), list);
  return (check: Check): Shown => check.observe(state);
};

/** How much effort counts against one cause more. */
const EFFORT_WEIGHT = 0.25;

/** The question that leaves the fewest causes on average; undefined where none tells them apart. */
function nextCheck(fitted: Fitted, remaining: readonly Fault[], open: readonly Check[]): Check | undefined {
  const seen = remaining.map((fault) => shownBy(fitted, [fault]));
  let best: Check | undefined;
  let least = Infinity;
  for (const check of open) {
    const counts = new Map<Shown, number>();
    for (const look of seen) counts.set(look(check), (counts.get(look(check)) ?? 0) + 1);
    if (counts.size < 2) continue;
    const left = [...counts.values()].reduce((sum, count) => sum + count * count, 0) / remaining.length;
    const cost = left + EFFORT_WEIGHT * check.effort;
    if (cost < least - 1e-12) [best, least] = [check, cost];
  }
  return best;
}

/** A check that this cause alone answers otherwise than a sound breaker. */
function ownCheck(fitted: Fitted, fault: Fault, open: readonly Check[]): Check | undefined {
  const sound = shownBy(fitted, []);
  const faulty = shownBy(fitted, [fault]);
  return open.filter((check) => sound(check) !== faulty(check)).sort((a, b) => a.effort - b.effort)[0];
}

/** Returns what remains, what was ruled out and why, and what to look at next. */
export function diagnose(fitted: Fitted, answers: Answers): Diagnosis {
  const checks = checksOf(fitted);
  const answered = checks.filter(({ id }) => answers[id] !== undefined);
  const open = checks.filter(({ id }) => answers[id] === undefined);
  const remaining: Fault[] = [];
  const ruledOut: RuledOut[] = [];
  for (const fault of faultsOf(fitted)) {
    const look = shownBy(fitted, [fault]);
    const by = answered.find((check) => look(check) !== answers[check.id]);
    if (by) ruledOut.push({ fault, by, shown: certain(answers[by.id]), expected: look(by) });
    else remaining.push(fault);
  }
  const agrees = (pair: readonly Fault[]) => {
    const look = shownBy(fitted, pair);
    return answered.every((check) => look(check) === answers[check.id]);
  };
  const all = remaining.length === 0 ? faultsOf(fitted) : [];
  const pairs = all.flatMap((one, i) => all.slice(i + 1).map((other) => [one, other] as const)).filter(agrees);
  const [only] = remaining;
  const sound = shownBy(fitted, []);
  const proved = remaining.length === 1 && answered.some((check) => sound(check) !== answers[check.id]);
  const next = remaining.length > 1 ? nextCheck(fitted, remaining, open) : only && !proved ? ownCheck(fitted, only, open) : undefined;
  return { remaining, ruledOut, pairs, next, proved };
}
