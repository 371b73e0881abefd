/** The key reaches every kind, tells the pairs apart, and says when marks speak against it. Common practice. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plates } from '../families/plates';
import { drawnPictures } from '../../features/plates/KeyPicture';
import { contradictions } from './contradictions';
import { familiesLeft, followKey, keyKinds, keyQuestions, type KeyPath } from './key';

/** Walks the key answering as this kind would; "can't tell" where it shows several. */
function walk(id: string, canTell: (question: string) => boolean = () => true): { path: KeyPath; left: string[] } {
  const kind = keyKinds.find((one) => one.id === id)!;
  let path: KeyPath = [];
  for (let i = 0; i < 40; i += 1) {
    const { next } = followKey(path);
    if (!next) break;
    const own = kind.shows[next.question.id];
    path = [...path, { question: next.question.id, answer: own && canTell(next.question.id) ? own[0]! : null }];
  }
  return { path, left: followKey(path).left.map((one) => one.id) };
}

describe('every kind', () => {
  it.each(keyKinds.map(({ id }) => id))('%s is reached, and alone', (id) => expect(walk(id).left).toEqual([id]));
  it.each(keyKinds.map(({ id }) => id))('%s takes at most eight questions', (id) => expect(walk(id).path.length).toBeLessThanOrEqual(8));
  it.each(keyKinds.map(({ id }) => id))('%s stays possible when one answer cannot be told', (id) => {
    for (const { question } of walk(id).path) expect(walk(id, (one) => one !== question).left).toContain(id);
  });
  it('every device family with a plate is reached', () =>
    expect([...new Set(keyKinds.map(({ family }) => family))].sort()).toEqual(
      plates
        .filter(({ side }) => side === 'device')
        .map(({ id }) => id)
        .sort(),
    ));
});

describe('pairs that are confused', () => {
  it.each([
    ['contactor', 'control-relay'],
    ['rccb', 'rcbo'],
    ['shunt-trip', 'undervoltage-release'],
    ['closing-coil', 'undervoltage-release'],
    ['timer-on-delay', 'timer-interval'],
    ['timer-off-delay', 'timer-cycle'],
    ['mcb', 'mccb'],
    ['mccb', 'air-breaker'],
    ['mcb', 'mcb-dc'],
    ['mccb', 'motor-circuit-protector'],
    ['fuse-ul', 'fuse-iec'],
    ['mcb', 'electronic-breaker'],
  ])('%s from %s by some question', (a, b) => {
    const [p, q] = [a, b].map((id) => keyKinds.find((one) => one.id === id)!);
    const apart = keyQuestions.some(
      ({ id }) => p!.shows[id] && q!.shows[id] && !p!.shows[id].some((answer) => q!.shows[id]!.includes(answer)),
    );
    expect(apart).toBe(true);
  });
});

describe('answers', () => {
  it('use only words that exist', () => {
    for (const kind of keyKinds)
      for (const [question, answers] of Object.entries(kind.shows)) {
        const known = keyQuestions.find(({ id }) => id === question)!.answers.map(({ id }) => id);
        expect(
          answers.every((answer) => known.includes(answer)),
          `${kind.id} ${question}`,
        ).toBe(true);
      }
  });
  it('are all drawn, and nothing is drawn in vain', () =>
    expect([...new Set(keyQuestions.flatMap(({ answers }) => answers.map(({ picture }) => picture)))].sort()).toEqual(
      [...drawnPictures].sort(),
    ));
  it('each says why', () => {
    for (const { answers } of keyQuestions) for (const { why } of answers) expect(why).toMatch(/^[A-Z0-9].{10,}\.$/);
  });
  it('"can’t tell" takes nothing away', () => {
    expect(followKey([{ question: 'body', answer: null }]).left).toHaveLength(keyKinds.length);
  });
  it('each answer leaves no more than before, in any order', () => {
    const step = fc.constantFrom(
      ...keyQuestions.flatMap(({ id, answers }) => answers.map((answer) => ({ question: id, answer: answer.id }))),
    );
    fc.assert(
      fc.property(fc.uniqueArray(step, { selector: ({ question }) => question, maxLength: 6 }), fc.integer(), (path, turn) => {
        const sizes = path.map((_, i) => followKey(path.slice(0, i + 1)).left.length);
        expect(sizes.every((size, i) => i === 0 || size <= sizes[i - 1]!)).toBe(true);
        const turned = [...path.slice(Math.abs(turn) % (path.length + 1)), ...path.slice(0, Math.abs(turn) % (path.length + 1))];
        expect(followKey(turned).left.map(({ id }) => id)).toEqual(followKey(path).left.map(({ id }) => id));
      }),
    );
  });
  it('answers that go with nothing are a contradiction', () =>
    expect(
      followKey([
        { question: 'body', answer: 'tube' },
        { question: 'milliamps', answer: 'yes' },
      ]).contradiction,
    ).toBe(true));
  it('says what is left, each family once', () =>
    expect(familiesLeft(followKey([{ question: 'body', answer: 'tube' }]))).toEqual(['fuse']));
});

describe('marks against answers', () => {
  const kind = (id: string) => keyKinds.find((one) => one.id === id)!;
  it.each([
    ['rccb', 'C16 0.03 A IEC 61009-1', /overcurrent/],
    ['rcbo', '40 A 0.03 A EN 61008-1', /has none/],
    ['mcb', 'C16 30 mA 230 V~', /residual-current/],
    ['shunt-trip', 'UNDERVOLTAGE RELEASE 110 V', /never a shunt trip/],
    ['undervoltage-release', 'SHUNT TRIP 24 V', /never an undervoltage release/],
    ['control-relay', 'AC-3 400 V 25 A CONTACTOR 60947-4-1', /contactor/],
    ['fuse-ul', 'MOTOR RUN CAPACITOR 35 µF 440 VAC', /run capacitor/],
  ] as const)('%s with %j', (id, marks, words) => expect(contradictions(kind(id), marks).join(' ')).toMatch(words));
  it.each([
    ['rcbo', 'C16 0.03 A IEC 61009-1'],
    ['rccb', '40 A 0.03 A EN 61008-1'],
    ['mcb', 'C16 6000 IEC 60898-1'],
    ['contactor', 'AC-3 400 V 25 A'],
    ['fuse-iec', 'NH 00 63 A gG'],
    ['rccb', ''],
  ])('%s goes with %j', (id, marks) => expect(contradictions(kind(id), marks)).toEqual([]));
});
