/**
 * What is the cause? Every answer strikes the causes that would have shown something else; the next question is the one that leaves the
 * fewest on average for the least effort and risk, and what people can say without a tool comes before everything measured.
 * A cause is shown when a test of its own has shown it, never by being the last one left.
 */
import { certain } from '../certain';
import { formatQuantity } from '../quantities/format-quantity';
import { agreeing, proves, testsOf, type Cause, type FaultTest, type FaultTree, type Finding, type Findings } from './tree';

export type Answered = { test: FaultTest; answer: string; from: 'found' | 'plates' };
export type Struck = { cause: Cause; by: Answered; expected: readonly string[] };
/** What somebody found, against what the plates and lines of the job say. */
export type Contradiction = { test: FaultTest; found: string; read: string };
export type FaultState = {
  open: readonly Cause[];
  shown: readonly { cause: Cause; by: Answered }[];
  struck: readonly Struck[];
  answered: readonly Answered[];
  contradictions: readonly Contradiction[];
  next: FaultTest | undefined;
  /** Somebody has begun to look: an answer stands that no plate gave. */
  begun: boolean;
};

/** How much effort, and a step that moves something, count against one cause more: a look, a hand, a meter, a tool. */
const effortCost = { 1: 0, 2: 0.25, 3: 0.5, 4: 1 } as const;
const MOVES_COST = 1;

/** The answer that a finding gives; undefined where it is none. */
export function answerOf(test: FaultTest, found: Finding | undefined, findings: Findings): string | undefined {
  if (!found) return undefined;
  const said =
    test.figure && found.reading !== undefined && Number.isFinite(found.reading)
      ? test.figure.sort(found.reading, findings)
      : (found.answer ?? (test.figure || found.yes === undefined ? undefined : found.yes ? 'yes' : 'no'));
  return said !== undefined && Object.hasOwn(test.answers, said) ? said : undefined;
}

/** What was found, in words: the figure where there is one. */
export function foundWords({ test, answer }: Answered, findings: Findings): string {
  const reading = findings[test.id]?.reading;
  const words = certain(test.answers[answer]);
  return test.figure && reading !== undefined ? `${formatQuantity(reading, test.figure.unit)}, ${words}` : words;
}

/** Causes that this answer would leave, weighed by how likely each cause gives it. */
function leftBy(test: FaultTest, causes: readonly Cause[]): number {
  const answers = Object.keys(test.answers);
  return answers.reduce((sum, answer) => {
    const agree = causes.filter((cause) => agreeing(cause, test.id)?.includes(answer) ?? true);
    const chance = agree.reduce((share, cause) => share + 1 / (agreeing(cause, test.id)?.length ?? answers.length), 0) / causes.length;
    return sum + chance * agree.length;
  }, 0);
}

/** The question that tells most of what is left, by effort and risk; none where nothing tells anything more. */
function nextTest(open: readonly Cause[], asked: ReadonlySet<string>, tests: readonly FaultTest[]): FaultTest | undefined {
  if (open.length === 0) return undefined;
  const offered = tests.filter((test) => !asked.has(test.id) && (test.after === undefined || asked.has(test.after)));
  const telling = offered.filter(({ id }) => open.some((cause) => agreeing(cause, id) !== undefined));
  const first = telling.find((test) => test.first === true && leftBy(test, open) < open.length - 1e-9);
  if (first) return first;
  const cost = (test: FaultTest) => leftBy(test, open) + effortCost[test.effort] + (test.moves ? MOVES_COST : 0);
  return telling.filter(({ first: early }) => !early).toSorted((a, b) => cost(a) - cost(b))[0];
}

/** Of one cause that is left: the check that it alone answers otherwise than a part in order. */
function ownTest(cause: Cause, asked: ReadonlySet<string>, tests: readonly FaultTest[]): FaultTest | undefined {
  return tests
    .filter(({ id, sound }) => !asked.has(id) && sound !== undefined && agreeing(cause, id)?.includes(sound) === false)
    .toSorted((a, b) => a.effort - b.effort)[0];
}

/** Returns what is shown, what is struck and by what, what remains, and what to ask next. */
export function findFault(tree: FaultTree, findings: Findings): FaultState {
  const tests = testsOf(tree);
  const found = new Map(tests.map((test) => [test.id, answerOf(test, findings[test.id], findings)]));
  const answered = tests.flatMap((test): Answered[] => {
    const own = found.get(test.id);
    if (own !== undefined) return [{ test, answer: own, from: 'found' }];
    return test.read !== undefined && Object.hasOwn(test.answers, test.read) ? [{ test, answer: test.read, from: 'plates' }] : [];
  });
  const asked = new Set(answered.map(({ test }) => test.id));
  const struck: Struck[] = [];
  const shown: FaultState['shown'][number][] = [];
  const open: Cause[] = [];
  for (const cause of tree.causes) {
    const against = answered.find(({ test, answer }) => agreeing(cause, test.id)?.includes(answer) === false);
    const by = answered.find(({ test, answer }) => proves(cause, test.id, answer));
    if (against) struck.push({ cause, by: against, expected: certain(agreeing(cause, against.test.id)) });
    else if (by && (cause.needs ?? []).every((id) => asked.has(id))) shown.push({ cause, by });
    else open.push(cause);
  }
  const [alone] = open;
  if (tree.whole && alone && open.length === 1 && shown.length === 0) {
    const by = answered.findLast(({ test, answer }) => test.sound !== undefined && test.sound !== answer);
    if (by) shown.push({ cause: certain(open.pop()), by });
  }
  const contradictions = tests.flatMap((test): Contradiction[] => {
    const own = found.get(test.id);
    return own !== undefined && test.read !== undefined && own !== test.read ? [{ test, found: own, read: test.read }] : [];
  });
  return {
    ...{ open, shown, struck, answered, contradictions },
    next:
      shown.length > 0 ? undefined : tree.whole && alone && open.length === 1 ? ownTest(alone, asked, tests) : nextTest(open, asked, tests),
    begun: answered.some(({ from }) => from === 'found'),
  };
}

/** Tests that could still be made of what is open, in any order. */
export const otherTests = (tree: FaultTree, { open, answered, next }: FaultState): FaultTest[] =>
  tree.tests.filter(
    ({ id }) => id !== next?.id && !answered.some(({ test }) => test.id === id) && open.some((cause) => agreeing(cause, id) !== undefined),
  );

/** Where the hunt stands, in a sentence. */
export function stateWords(tree: FaultTree, { open, shown, struck, begun, contradictions }: FaultState): string {
  if (contradictions.length > 0) return 'What was found and what the plates say contradict each other: look at both again.';
  if (shown.length > 0) return `Found: ${shown.map(({ cause }) => cause.title.charAt(0).toLowerCase() + cause.title.slice(1)).join(', ')}.`;
  if (!begun) return `Nothing is established yet. ${tree.noAnswer}`;
  if (open.length === 0) return `Every cause that is listed is struck: an answer is wrong, there are two causes at once, or ${tree.beyond}`;
  return `${open.length} of ${open.length + struck.length} causes still agree with what was found.`;
}

/** What still keeps a begun hunt from being signed; undefined where it ended, or was never begun. */
export function openHunt(tree: FaultTree, state: FaultState): { text: string; seen: string } | undefined {
  if (!state.begun || (state.shown.length > 0 && state.contradictions.length === 0)) return undefined;
  const seen = JSON.stringify([state.open.map(({ id }) => id), state.answered.map(({ test, answer }) => [test.id, answer])]);
  return { text: `The cause is open. ${stateWords(tree, state)}`, seen };
}

export type Settled = { title: string; verdict: 'cause' | 'ruled-out'; found: string };

/** What a hunt settled, for the record: each cause that was shown with what showed it, each that was struck with what struck it. */
export function settledFaults({ whole }: FaultTree, { shown, struck, answered, begun }: FaultState, findings: Findings): Settled[] {
  if (!begun) return [];
  const said = (one: Answered) => `${one.test.question.replace(/\?$/, '')}: ${foundWords(one, findings)}`;
  const showedBy = ({ cause, by }: FaultState['shown'][number]) =>
    whole ? answered : [...answered.filter(({ test }) => cause.needs?.includes(test.id)), by];
  return [
    ...shown.map((one): Settled => ({ title: one.cause.title, verdict: 'cause', found: showedBy(one).map(said).join('; ') })),
    ...struck.map(({ cause, by }): Settled => ({ title: cause.title, verdict: 'ruled-out', found: said(by) })),
  ];
}
