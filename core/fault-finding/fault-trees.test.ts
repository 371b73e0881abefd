/** Laws of every family's fault finding: what is asked exists, tells causes apart, and leads to each of them. Common practice. */
import { describe, expect, it } from 'vitest';
import { certain } from '../certain';
import type { PlainCase, Practice } from '../case/case';
import { families } from '../families/registry';
import { contextOf } from '../judge-case';
import { huntFor } from '../swap/fault-hunt';
import { findFault } from './find-fault';
import { agreeing, proves, symptomTest, testsOf, SYMPTOM, type Cause, type FaultTest, type FaultTree, type Findings } from './tree';

const MOST_QUESTIONS = 14;
const trees = families.flatMap((family) =>
  (['IEC', 'NFPA70'] as const).flatMap((practice: Practice) =>
    family.loads.flatMap((kind) => {
      const plain: PlainCase = { practice, family: family.id, supply: {}, load: { kind }, duty: {}, removed: null, candidates: [] };
      const treeWith = (findings: Findings) => huntFor(family, contextOf(plain), { spec: null, judged: null, condition: [] }, findings);
      const { tree, symptoms } = treeWith({});
      // What the first tree does not know of is told by a second one.
      const further = symptoms.find(({ id }) => !tree.symptoms.some((one) => one.id === id));
      const name = `${family.id}, ${kind}, ${practice}`;
      return [
        [name, tree] as const,
        ...(further ? [[`${name}, ${further.id}`, treeWith({ [SYMPTOM]: { answer: further.id } }).tree] as const] : []),
      ];
    }),
  ),
);
const named = (said: Cause['shows']) =>
  Object.entries(said).flatMap(([test, answers]) => [answers].flat().map((answer) => ({ test, answer })));

/** What a part with this cause, and no other, answers. */
const truth = (cause: Cause, symptom: string, test: FaultTest): string =>
  test.id === SYMPTOM
    ? symptom
    : ([cause.provedBy[test.id] ?? []].flat()[0] ?? agreeing(cause, test.id)?.[0] ?? test.sound ?? certain(Object.keys(test.answers)[0]));

/** Answers truthfully until nothing more is asked. */
function walk(tree: FaultTree, cause: Cause, symptom: string): { findings: Findings; asked: string[] } {
  let findings: Findings = {};
  const asked: string[] = [];
  for (let { next } = findFault(tree, findings); next && asked.length < 40; { next } = findFault(tree, findings)) {
    findings = { ...findings, [next.id]: { answer: truth(cause, symptom, next) } };
    asked.push(next.id);
  }
  return { findings, asked };
}
const symptomsOf = (tree: FaultTree, cause: Cause): readonly string[] => agreeing(cause, SYMPTOM) ?? tree.symptoms.map(({ id }) => id);

describe.each(trees)('%s', (_name, tree) => {
  const tests = new Map(testsOf(tree).map((test) => [test.id, test]));
  it('every test can be answered, says how, and never asks for live work', () => {
    expect(tests.size).toBe(tree.tests.length + 1);
    for (const { id, question, how, answers, sound, read, after } of tests.values()) {
      expect(Object.keys(answers).length, question).toBeGreaterThan(id === SYMPTOM ? 0 : 1);
      expect(how.length, question).toBeGreaterThan(3);
      expect(`${question} ${how}`).not.toMatch(/\blive\b(?! conductors?\b)|energi[sz]ed while|bridge it/i);
      for (const one of [sound, read]) if (one !== undefined) expect(answers).toHaveProperty([one]);
      if (after !== undefined) expect(tests.has(after), question).toBe(true);
    }
  });
  it('every cause names tests and answers that there are, can be shown, and says what is done', () => {
    for (const { id, shows, provedBy, needs = [], remedy } of tree.causes) {
      for (const { test, answer } of [...named(shows), ...named(provedBy)])
        expect(tests.get(test)?.answers, `${id}: ${test}`).toHaveProperty([answer]);
      for (const test of needs) expect(tests.has(test), `${id}: ${test}`).toBe(true);
      if (!tree.whole) expect(Object.keys(provedBy).length, id).toBeGreaterThan(0);
      expect(remedy, id).toMatch(/[.!]$/);
      expect(remedy).not.toMatch(/wedge|tie it in|bypass it|larger fuse/i);
    }
    expect(new Set(tree.causes.map(({ id }) => id)).size).toBe(tree.causes.length);
  });
  it('every symptom has causes that it can tell', () => {
    for (const { id } of tree.symptoms)
      expect(tree.causes.filter((cause) => agreeing(cause, SYMPTOM)?.includes(id) ?? true).length, id).toBeGreaterThan(0);
  });
  it('each cause is reached from each of its symptoms, and shown by a test of its own', () => {
    for (const cause of tree.causes)
      for (const symptom of symptomsOf(tree, cause)) {
        const { findings, asked } = walk(tree, cause, symptom);
        const { shown } = findFault(tree, findings);
        expect(
          shown.map((one) => one.cause.id),
          `${cause.id} from ${symptom}: ${asked.join(', ')}`,
        ).toContain(cause.id);
        expect(asked.length, `${cause.id} from ${symptom}: ${asked.join(', ')}`).toBeLessThanOrEqual(MOST_QUESTIONS);
      }
  });
  it('an answer only ever strikes, and never the cause that is true; nothing that moves is asked first', () => {
    for (const cause of tree.causes) {
      const { findings, asked } = walk(tree, cause, certain(symptomsOf(tree, cause)[0]));
      let left = tree.causes.length;
      asked.forEach((id, i) => {
        const part = Object.fromEntries(asked.slice(0, i + 1).map((one) => [one, certain(findings[one])]));
        const { open, shown, struck } = findFault(tree, part);
        expect(struck.map((one) => one.cause.id)).not.toContain(cause.id);
        expect(open.length + shown.length).toBeLessThanOrEqual(left);
        left = open.length + shown.length;
        const { after } = certain(tests.get(id));
        if (after !== undefined) expect(asked.indexOf(after)).toBeLessThan(i);
      });
    }
  });
  it('is never shown by being the last one left, where its own test has not said so', () => {
    if (tree.whole) return;
    for (const cause of tree.causes)
      for (const symptom of symptomsOf(tree, cause)) {
        const { findings } = walk(tree, cause, symptom);
        const without = Object.fromEntries(Object.entries(findings).filter(([id, { answer }]) => !proves(cause, id, answer ?? '')));
        expect(findFault(tree, without).shown.map((one) => one.cause.id)).not.toContain(cause.id);
      }
  });
  it('asks when, or what changed, before anything is measured', () => {
    if (tree.whole) return;
    const firsts = tree.symptoms.map(({ id }) => findFault(tree, { [SYMPTOM]: { answer: id } }).next);
    expect(firsts.some((test) => test?.first === true)).toBe(true);
  });
  it('begins with what it does', () => {
    const { next } = findFault(tree, {});
    expect(tree.symptoms.length > 1 ? next?.id : SYMPTOM).toBe(symptomTest(tree).id);
  });
});
