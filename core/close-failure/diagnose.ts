/**
 * Why will it not close? The engine of fault finding over the model of the breaker, in the model's own words; and where no single cause
 * agrees, pairs of them.
 */
import { certain } from '../certain';
import { findFault } from '../fault-finding/find-fault';
import { soundBreaker, type Fitted } from './breaker-state';
import { checkOf, checksOf, type Check, type Shown } from './checks';
import { answerName, closingTree } from './closing-faults';
import { faults, faultsOf, withFaults, type Fault } from './faults';
import type { Answers } from './findings';
import { closingKeys } from './fitted';

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

const prefix = closingKeys.answer('').length;
const faultById = (id: string): Fault => certain(faults.find((one) => one.id === id));
const checkByTest = (test: { id: string }): Check => certain(checkOf(test.id.slice(prefix)));

/** Pairs of causes that agree with every answer. */
function pairsFor(fitted: Fitted, answers: Answers): Diagnosis['pairs'] {
  const answered = checksOf(fitted).filter(({ id }) => answers[id] !== undefined);
  const all = faultsOf(fitted);
  const agrees = (pair: readonly Fault[]) => {
    const state = withFaults(soundBreaker(fitted), pair);
    return answered.every((check) => check.observe(state) === answers[check.id]);
  };
  return all.flatMap((one, i) => all.slice(i + 1).map((other) => [one, other] as const)).filter(agrees);
}

/** Returns what remains, what was ruled out and why, and what to look at next. */
export function diagnose(fitted: Fitted, answers: Answers): Diagnosis {
  const findings = Object.fromEntries(
    Object.entries(answers).map(([id, shown]) => [closingKeys.answer(id), { answer: answerName(shown) }]),
  );
  const { open, shown, struck, next } = findFault(closingTree(fitted, {}), findings);
  const remaining = [...shown.map(({ cause }) => cause), ...open].map(({ id }) => faultById(id));
  return {
    remaining,
    ruledOut: struck.map(({ cause, by: { test } }) => {
      const fault = faultById(cause.id);
      const by = checkByTest(test);
      return { fault, by, shown: certain(answers[by.id]), expected: by.observe(withFaults(soundBreaker(fitted), [fault])) };
    }),
    pairs: remaining.length === 0 ? pairsFor(fitted, answers) : [],
    next: next && checkByTest(next),
    proved: shown.length > 0,
  };
}
