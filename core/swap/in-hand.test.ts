/** A part in the hand: judged by what was read on it and by nothing else; what is missing for an answer is asked one mark at a time. */
import { describe, expect, it } from 'vitest';
import { certain } from '../certain';
import type { PlainCase } from '../case/case';
import type { Need } from '../needs/need';
import { families, familyOf } from '../families/registry';
import { plateOf } from '../families/plates';
import { contextOf } from '../judge-case';
import { askedNeeds, judgePart } from '../matching/judge';
import { parsePlate } from '../plates/parse-plate';
import type { Readings } from '../readings/reading';
import { assumedMarks, caseOfSwap, handSpec, schoolsOf } from './case-from-swap';
import { handParts, heldOf, isInHand } from './candidates';
import { changeFault } from './change-fault';
import { openQuestions } from './open-questions';
import { emptyCheck, withCataloguePart, type Check } from './quick-check';
import { emptySwap, type SwapState } from './swap';
import { withUnreadPlace } from './unread-place';
import { retyped } from './typed-plate';

const family = certain(familyOf('contactor'));
const read = (text: string): Readings => parsePlate(text, certain(plateOf('contactor'))).readings;
const base: SwapState = {
  ...emptySwap('contactor', 'motor-3ph'),
  load: parsePlate('5.5 kW 400 V 11.5 A 3 PH 50 HZ', certain(plateOf('motor-3ph'))).readings,
  supply: {
    systemVolts: { state: 'read', value: 400 },
    controlVolts: { state: 'read', value: 24 },
    controlKind: { state: 'read', value: 'dc' },
  },
  hand: { p1: { name: 'From the van', readings: read('3P AC-3 25 A 400 V COIL 24 V DC') } },
};
const judged = (state: SwapState) => {
  const context = contextOf(caseOfSwap(state, 'IEC'), { schools: schoolsOf(state, {}), assumed: assumedMarks(state) });
  const parts = handParts(state, family);
  const asked = askedNeeds(
    family.needs(context),
    parts.map(({ spec }) => spec),
  );
  return parts.map(({ spec }) => judgePart(asked, spec, 'IEC'));
};
const lineOf = (state: SwapState, id: string) => judged(state)[0]?.lines.find(({ need }) => need.id === id)?.verdict;
const withMark = (id: string, reading: Readings[string]): SwapState => ({
  ...base,
  hand: { p1: { name: 'From the van', readings: { ...certain(base.hand?.p1).readings, [id]: reading } } },
});

describe('a part in the hand', () => {
  it('is named apart from those of the catalogue', () => {
    const [part] = handParts(base, family);
    expect(isInHand(certain(part).id)).toBe(true);
    expect(heldOf(base, certain(part).id)?.name).toBe('From the van');
    expect(isInHand('nettlecombe-n3-22')).toBe(false);
  });
  it('is judged by its marks', () => {
    expect(lineOf(base, 'coil-volts')).toBe('fits');
    expect(lineOf(withMark('coilVolts', { state: 'read', value: 230 }), 'coil-volts')).toBe('fails');
  });
  it.each(families.map(({ id }) => id))('%s: of which nothing was read stands to no choice', (id) => {
    const state = { ...emptySwap(id, ''), hand: { p1: { name: 'Blank', readings: {} } } };
    expect(handParts(state, certain(familyOf(id)))).toEqual([]);
  });
  it('a mark that a machine read and nobody confirmed, or that was assumed, is not known: it never makes a fit', () => {
    for (const change of [{ toConfirm: true }, { state: 'assumed' as const }]) {
      const state = withMark('coilVolts', { state: 'read', value: 24, ...change });
      expect(lineOf(state, 'coil-volts')).toBe('not-known');
      expect(handSpec(state, certain(state.hand?.p1))).toMatchObject({ coilVolts: null });
    }
    expect(lineOf(withMark('coilVolts', { state: 'measured', value: 24 }), 'coil-volts')).toBe('fits');
  });
  it('is kept only with a name and with marks of its family', () => {
    const fault = (value: unknown) => changeFault('contactor', { path: 'hand.p1', value });
    expect(fault(base.hand?.p1)).toBeUndefined();
    expect(fault({ readings: {} })).toBeDefined();
    expect(fault({ name: '  ', readings: {} })).toBeDefined();
    expect(fault({ name: 'x', readings: { nothing: { state: 'read', value: 1 } } })).toMatch(/nothing/);
    expect(fault({ name: 'x', readings: { coilVolts: { state: 'read', value: 'many' } } })).toBeDefined();
    expect(fault({ name: 'x', readings: {}, more: 1 })).toBeDefined();
  });
});

describe('what is still missing', () => {
  const open = (state: SwapState) => {
    const has = { supply: state.supply, load: state.load, duty: state.duty, part: certain(state.hand?.p1).readings };
    return openQuestions(judged(state), (section, id) => !has[section][id]);
  };
  it('names what the place says before what must be read on the part, and nothing twice', () => {
    const questions = open({ ...base, supply: {} });
    expect(questions[0]).toMatchObject({ section: 'supply' });
    const names = questions.map(({ section, id, part }) => `${section}.${id}.${part ?? ''}`);
    expect(new Set(names).size).toBe(names.length);
  });
  it('asks first what most lines wait for', () => {
    const unread: SwapState = { ...base, supply: {} };
    const [first] = open(unread);
    const answers = { systemVolts: 400, controlVolts: 24, controlKind: 'dc' };
    const unsaid = (supply: Readings) =>
      judged({ ...unread, supply }).flatMap(({ lines }) => lines.filter(({ verdict }) => verdict === 'not-known')).length;
    const left = Object.entries(answers).map(([id, value]) => ({ id, left: unsaid({ [id]: { state: 'read', value } }) }));
    expect(left.toSorted((a, b) => a.left - b.left)[0]?.id).toBe(certain(first).id);
  });
  it('answering it takes it off the list', () => {
    const [first] = open({ ...base, supply: {} });
    const value =
      certain(first).id === 'systemVolts'
        ? 400
        : certain(first).id === 'controlVolts'
          ? 24
          : certain(first).id === 'controlKind'
            ? 'dc'
            : 'ac';
    const answered = open({ ...base, supply: { [certain(first).id]: { state: 'read', value } } });
    expect(answered.some(({ id }) => id === certain(first).id)).toBe(false);
  });
});

describe('a part of the catalogue in a quick check', () => {
  const part = {
    family: 'contactor',
    maker: 'Wexmoor',
    name: 'Wexmoor WX 25',
    raw: { poles: 3, coilVolts: 24, coilKind: 'dc', nemaSize: null },
  };
  it('has its marks and no other, with where they come from', () => {
    const { state } = withCataloguePart(emptyCheck(), part);
    const held = certain(state.hand?.p1);
    expect(handSpec(state, held)).toMatchObject(part.raw);
    expect(held.readings.type?.value).toBe('WX 25');
    expect(Object.values(held.readings).every(({ from }) => from === 'catalogue, Wexmoor WX 25')).toBe(true);
  });
  it('stands beside what is read of its kind, and in place of what is not read or of another kind', () => {
    const held = (check: Check) => Object.values(check.state.hand ?? {}).map(({ name }) => name);
    const check: Check = { chosen: true, state: base };
    expect(held(withCataloguePart(check, part))).toEqual(['From the van', part.name]);
    expect(held(withCataloguePart(emptyCheck(), part))).toEqual([part.name]);
    expect(held(withCataloguePart(check, { ...part, family: 'fuse', raw: { ratedAmps: 6 } }))).toEqual([part.name]);
    expect(withCataloguePart(check, part).state.load).toEqual(base.load);
  });
});

describe('a typed line', () => {
  it('takes back what it said before, and leaves what was entered by hand', () => {
    const byHand: Readings = { ...read('3P COIL 24 V DC'), torqueNm: { state: 'read', value: 2 } };
    const after = retyped(byHand, { gave: read('3P COIL 24 V DC'), gives: read('3P') });
    expect(Object.keys(after).sort()).toEqual(['poles', 'torqueNm']);
  });

  it('takes nothing back that another line gave, of the day when the place was read', () => {
    for (const { id, example } of families) {
      const says = (line: string): Readings => parsePlate(line, certain(plateOf(id))).readings;
      const stood = says(example);
      // The line begins empty: what is typed into it, letter by letter, and taken away again leaves what stood there.
      const typed = [...`${example.split(' ')[0]} `].reduce(
        ({ line, readings }, letter) => ({
          line: line + letter,
          readings: retyped(readings, { gave: says(line), gives: says(line + letter) }),
        }),
        { line: '', readings: stood },
      );
      expect(Object.keys(typed.readings), id).toEqual(expect.arrayContaining(Object.keys(stood)));
    }
  });
});

describe('a place that nobody looked at', () => {
  const decisive = (needs: readonly Need[]) =>
    needs.filter(({ safety, mustBeKnown, severity }) => severity === 'must' && (safety || mustBeKnown));
  it.each(families.map(({ id }) => id))(
    '%s: each line of safety that a mark of the place would raise stands there, whatever is left out',
    (id) => {
      const one = certain(familyOf(id));
      for (const practice of ['IEC', 'NFPA70'] as const)
        for (const kind of one.loads) {
          const plain: PlainCase = { practice, family: id, supply: {}, load: { kind }, duty: {}, removed: null, candidates: [] };
          const needs = one.needs(contextOf(withUnreadPlace(one, plain)));
          const ids = new Set(needs.map((need) => need.id));
          // Each line of safety that any one mark of the place would raise stands there, too.
          for (const section of ['supply', 'load', 'duty'] as const)
            for (const name of one.positionFields[section].map(String).filter((mark) => !/(Min|Max)$/.test(mark))) {
              const raised = one.needs(contextOf({ ...plain, [section]: { ...plain[section], [name]: null } }));
              expect(
                decisive(raised)
                  .map((need) => need.id)
                  .filter((need) => !ids.has(need)),
                `${practice} ${kind} ${section}.${name}`,
              ).toEqual([]);
            }
        }
    },
  );
});
