/**
 * Follows the answers of the key: what is left, what to ask next, and why.
 * Method: every kind has a set of answers that it may show; an answer keeps the kinds that may show it. "Can't tell" keeps
 * all. The next question is the one that splits what is left most evenly.
 */
import { keyKinds, keyQuestions, type KeyAnswer, type KeyKind, type KeyQuestion } from './key-data';

export { keyKinds, keyQuestions };
export type { KeyAnswer, KeyKind, KeyQuestion };

/** Answers by question; "can't tell" is the word null. */
export type KeyPath = readonly { question: string; answer: string | null }[];
export type KeyState = {
  left: readonly KeyKind[];
  /** Next question and its answers that any kind left may show; undefined at the end. */
  next?: { question: KeyQuestion; answers: readonly KeyAnswer[] };
  /** What each answer took away, in order. */
  reasons: readonly { ask: string; answer: string; why: string; gone: number }[];
  /** The answers contradict each other: nothing is left. */
  contradiction: boolean;
};

const mayShow = (one: KeyKind, question: string, answer: string): boolean =>
  one.shows[question] === undefined || one.shows[question].includes(answer);

/** How evenly a question splits what is left: the largest group that may stay, less is better. */
function worstLeft(left: readonly KeyKind[], question: KeyQuestion): number {
  const asked = left.filter((one) => one.shows[question.id] !== undefined).length;
  if (asked < left.length) return Infinity;
  return Math.max(...question.answers.map((answer) => left.filter((one) => mayShow(one, question.id, answer.id)).length));
}

/** Follows the answers and says what is left, what to ask next, and why. */
export function followKey(path: KeyPath): KeyState {
  let left: readonly KeyKind[] = keyKinds;
  const reasons: { ask: string; answer: string; why: string; gone: number }[] = [];
  for (const { question: id, answer } of path) {
    const question = keyQuestions.find((one) => one.id === id);
    const given = question?.answers.find((one) => one.id === answer);
    if (!question || !given) continue;
    const kept = left.filter((one) => mayShow(one, id, given.id));
    reasons.push({ ask: question.ask, answer: given.label, why: given.why, gone: left.length - kept.length });
    left = kept;
  }
  const asked = new Set(path.map(({ question }) => question));
  const open = keyQuestions
    .filter((question) => !asked.has(question.id))
    .map((question) => ({ question, worst: worstLeft(left, question) }))
    .filter(({ worst }) => worst < left.length)
    .sort((p, q) => p.worst - q.worst);
  const first = asked.has('body') ? open[0]?.question : keyQuestions[0];
  const next =
    first && left.length > 1
      ? { question: first, answers: first.answers.filter((answer) => left.some((one) => mayShow(one, first.id, answer.id))) }
      : undefined;
  return { left, next, reasons, contradiction: left.length === 0 };
}

/** Families left, each once. */
export const familiesLeft = (state: KeyState): string[] => [...new Set(state.left.map(({ family }) => family))];
