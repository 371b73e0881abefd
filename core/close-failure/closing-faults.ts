/**
 * The breaker that will not close as a tree of faults: each cause is put into the model of the breaker, each check is read off it, and
 * the engine of fault finding does the rest.
 */
import { certain } from '../certain';
import type { FaultContext } from '../families/contract';
import { YES_NO, type Cause, type FaultTest, type FaultTree, type Findings, type Remedy } from '../fault-finding/tree';
import { soundBreaker, type BreakerState, type Fitted } from './breaker-state';
import { checksOf, shownWords, worksFrom, type Check, type Shown } from './checks';
import { faultsOf, withFaults, type Fault } from './faults';
import { coilMarks, type CoilMarks } from './coil-marks';
import { shownOf } from './findings';
import { closingKeys, fittedOf } from './fitted';

/** Yes and no of a coil by its ohms stand as 'sound' and 'open' in the model. */
const answerNames: Readonly<Record<Shown, string>> = { sound: 'yes', open: 'no' };
export const answerName = (shown: Shown): string => answerNames[shown] ?? shown;

const answersOfKind: Readonly<Record<Check['kind'], FaultTest['answers']>> = {
  'yes-no': YES_NO,
  ohms: { yes: certain(shownWords.sound), no: certain(shownWords.open) },
  volts: { none: certain(shownWords.none), 'too few': certain(shownWords['too few']), enough: certain(shownWords.enough) },
};
const MOST_VOLTS = 1000;
/** Never "close it and see" before "has it tripped?". */
const AFTER = closingKeys.answer('locked-out');

function testOf(check: Check, sound: BreakerState, marks: CoilMarks): FaultTest {
  const { id, question, how, effort, kind, moves } = check;
  const answer = closingKeys.answer(id);
  const base = {
    id: answer,
    question,
    how,
    effort,
    answers: answersOfKind[kind],
    sound: answerName(check.observe(sound)),
    ...(moves ? { moves, after: AFTER } : {}),
  };
  if (kind !== 'volts') return base;
  const sort = (reading: number, findings: Findings) => shownOf(check, { ...findings, [answer]: { reading } }, marks);
  return {
    ...base,
    figure: {
      ...{ unit: 'V', min: 0, max: MOST_VOLTS, limit: `enough from ${worksFrom(id)} % of its mark`, sort },
      beside: { key: closingKeys.mark(id), label: 'Mark of that coil', unit: 'V', min: 1, max: MOST_VOLTS, given: marks[id] },
    },
  };
}

/** Where the part comes in: coils and the motor are parts, the rest is mended, set or found elsewhere. */
const thenOf = ({ id }: Fault): Remedy =>
  /-coil$|-burnt$|-stuck$/.test(id)
    ? 'new part'
    : id === 'closing-bay'
      ? 'another part'
      : /^(lockout|carriage|motor-switch|anti-pump)$/.test(id)
        ? 'adjust'
        : 'elsewhere';

function causeOf(fault: Fault, sound: BreakerState, checks: readonly Check[]): Cause {
  const state = withFaults(sound, [fault]);
  return {
    ...{ id: fault.id, title: fault.title, remedy: fault.remedy, then: thenOf(fault), provedBy: {} },
    shows: Object.fromEntries(checks.map((check) => [closingKeys.answer(check.id), answerName(check.observe(state))])),
  };
}

const kept = new Map<string, readonly Cause[]>();
/** Causes of what is fitted; worked out once for each. */
function causesFor(fitted: Fitted): readonly Cause[] {
  const key = JSON.stringify(fitted);
  const known = kept.get(key);
  if (known) return known;
  const sound = soundBreaker(fitted);
  const made = faultsOf(fitted).map((fault) => causeOf(fault, sound, checksOf(fitted)));
  kept.set(key, made);
  return made;
}

/** The tree of what is fitted; volts are held against the mark of their own coil, entered beside them or read on it. */
export function closingTree(fitted: Fitted, marks: CoilMarks): FaultTree {
  const sound = soundBreaker(fitted);
  return {
    symptoms: [
      {
        id: 'will-not-close',
        title: 'It will not close',
        words: ['will not close', 'does not close', 'will not charge', 'close does nothing', 'dead'],
      },
    ],
    tests: checksOf(fitted).map((check) => testOf(check, sound, marks)),
    causes: causesFor(fitted),
    whole: true,
    noAnswer: 'Before a part is changed, find out that it is the part.',
    beyond: 'it is none of these: look at the answers again.',
  };
}

export function closingFaults({ need, removed, findings }: FaultContext): FaultTree {
  return closingTree(fittedOf(findings, removed), coilMarks(removed, need.supply));
}
