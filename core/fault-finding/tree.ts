/**
 * Fault finding as data: symptoms in the words of people, tests that tell causes apart, causes with what each would show.
 * A family gives its tree (`faults.ts` in its folder); one engine asks, strikes and says what remains (`find-fault.ts`).
 */
import type { Verdict } from '../needs/need';

/** What the machine does, as an electrician would name it, and other words for it, as people type them. */
export type Symptom = { id: string; title: string; words: readonly string[] };

/** What was found on one test: a reading, yes or no, or the name of one of its answers. */
export type Finding = { reading?: number; yes?: boolean; answer?: string };
export type Findings = Readonly<Record<string, Finding>>;

export type FaultTest = {
  id: string;
  question: string;
  /** How it is done; never tells anyone to work live. */
  how: string;
  /** What it costs: a question or a look, a hand, a meter, a tool or dismantling. */
  effort: 1 | 2 | 3 | 4;
  /** It energises, closes or moves something: asked only where nothing safer tells as much. */
  moves?: true;
  /** Asked before anything is measured, in the order of the list: when, what changed, what it looks like. */
  first?: true;
  /** Not offered before this test has its answer: never "close it and see" before "on what did it trip?". */
  after?: string;
  /** Its answers by name, in words. */
  answers: Readonly<Record<string, string>>;
  /** What a part in order shows; absent where no answer is out of order by itself. */
  sound?: string;
  /** A measured test: its unit, what is said beside the box, and which answer a reading is. Undefined: it cannot be said from that. */
  figure?: {
    unit: string;
    min: number;
    max: number;
    limit: string;
    sort: (reading: number, findings: Findings) => string | undefined;
    /** A second reading that the first is nothing without: the amps of a time, the mark of a coil. */
    beside?: {
      key: string;
      label: string;
      unit: string;
      min: number;
      max: number;
      /** What the job says of it where nobody enters it. */
      given?: number | undefined;
    };
    /** The mark that the reading is, beside being an answer: it goes on as a measured reading and restates the requirements. */
    keeps?: { section: 'load' | 'supply'; mark: string };
  };
  /** What the plates and lines of the job say of it already. */
  read?: string;
};

/** What is done about a cause: the part goes, the same way or otherwise; or it stays. */
export type Remedy = 'new part' | 'another part' | 'mend' | 'adjust' | 'elsewhere';

export type Cause = {
  id: string;
  title: string;
  /** By test: the answers that agree with this cause. A test that is not named says nothing about it. */
  shows: Readonly<Record<string, string | readonly string[]>>;
  /** Tests that show it by themselves, each with the answer that does. */
  provedBy: Readonly<Record<string, string | readonly string[]>>;
  /** Tests that must have their answer, too, before it counts as shown: that it is welded, before why. */
  needs?: readonly string[];
  remedy: string;
  then: Remedy;
};

export type FaultTree = {
  symptoms: readonly Symptom[];
  tests: readonly FaultTest[];
  causes: readonly Cause[];
  /** What is no answer to this fault. */
  noAnswer: string;
  /** Its causes are a whole model of the device: the one that is left is shown once any answer is out of order. */
  whole?: true;
  /** What to measure next where every cause is struck. */
  beyond: string;
};

/** The test that every tree begins with, and whose answers are its symptoms. */
export const SYMPTOM = 'symptom';

export const YES_NO = { yes: 'yes', no: 'no' } as const;

/** A yes or no, and which of them a part in order shows. */
export const yesNo = (
  id: string,
  question: string,
  how: string,
  effort: FaultTest['effort'],
  more: Partial<Pick<FaultTest, 'sound' | 'read' | 'moves' | 'after' | 'first'>> = {},
): FaultTest => ({ id, question, how, effort, answers: YES_NO, sound: 'no', ...more });

/** One of several answers. */
export const oneOf = (
  id: string,
  question: string,
  how: string,
  effort: FaultTest['effort'],
  answers: Readonly<Record<string, string>>,
  more: Partial<Pick<FaultTest, 'sound' | 'read' | 'moves' | 'after' | 'first'>> = {},
): FaultTest => ({ id, question, how, effort, answers, ...more });

/** A reading that a limit sorts in two. A limit that is not known leaves a yes or no. */
export function limited(
  id: string,
  question: string,
  how: string,
  limit: { unit: string; at: number | null; wrong: 'above' | 'below'; says: string; span: readonly [number, number] },
  keeps?: { section: 'load' | 'supply'; mark: string },
): FaultTest {
  const { unit, at, wrong, says, span } = limit;
  if (at === null) return yesNo(id, question, how, 3);
  return {
    ...{ id, question, how, effort: 3, sound: 'no', answers: { yes: wrong, no: wrong === 'above' ? 'not above' : 'not below' } },
    figure: {
      ...{ unit, min: span[0], max: span[1], limit: says },
      sort: (reading) => ((wrong === 'above' ? reading > at : reading < at) ? 'yes' : 'no'),
      ...(keeps ? { keeps } : {}),
    },
  };
}

const listOf = (answers: string | readonly string[]): readonly string[] => (typeof answers === 'string' ? [answers] : answers);

/** The answers of a test that agree with a cause; undefined where it says nothing. */
export function agreeing({ shows, provedBy }: Cause, test: string): readonly string[] | undefined {
  const said = shows[test] ?? provedBy[test];
  return said === undefined ? undefined : listOf(said);
}
/** Does this answer show the cause by itself? */
export const proves = ({ provedBy }: Cause, test: string, answer: string): boolean =>
  provedBy[test] !== undefined && listOf(provedBy[test]).includes(answer);

/** The question with which a tree begins. */
export const symptomTest = ({ symptoms }: FaultTree): FaultTest => ({
  id: SYMPTOM,
  question: 'What does it do?',
  how: 'As it was seen or reported.',
  effort: 1,
  first: true,
  answers: Object.fromEntries(symptoms.map(({ id, title }) => [id, title])),
});
export const testsOf = (tree: FaultTree): readonly FaultTest[] => [symptomTest(tree), ...tree.tests];

/** What the lines of the removed part say of a question "is it wrong in this?": yes where one fails, no where every one that is asked fits. */
export function lineRead(verdicts: Readonly<Record<string, Verdict>>, lines: readonly string[]): { read?: string } {
  const said = lines.map((id) => verdicts[id]).filter((one) => one !== undefined);
  if (said.includes('fails')) return { read: 'yes' };
  return said.length > 0 && said.every((one) => one === 'fits') ? { read: 'no' } : {};
}

/** The tests of a tree with what plates and lines of the job say of some of them. */
export const withReads = (tests: readonly FaultTest[], reads: Readonly<Record<string, { read?: string }>>): FaultTest[] =>
  tests.map((test) => ({ ...test, ...reads[test.id] }));

/** The same tree with its sentences as `say` puts them: in the words of a practice. */
export const treeInWords = (tree: FaultTree, say: (text: string) => string): FaultTree => ({
  ...tree,
  symptoms: tree.symptoms.map((one) => ({ ...one, title: say(one.title) })),
  tests: tree.tests.map((test) => ({
    ...test,
    question: say(test.question),
    how: say(test.how),
    answers: Object.fromEntries(Object.entries(test.answers).map(([id, words]) => [id, say(words)])),
  })),
  causes: tree.causes.map((cause) => ({ ...cause, title: say(cause.title), remedy: say(cause.remedy) })),
  noAnswer: say(tree.noAnswer),
  beyond: say(tree.beyond),
});
