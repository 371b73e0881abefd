/** What is found beside a swap: readings against their own mark, and what the record says of them. Limits: IEC 60947-1, from memory. */
import { describe, expect, it } from 'vitest';
import { findFault, settledFaults } from '../fault-finding/find-fault';
import type { Findings } from '../fault-finding/tree';
import { coilMarks, type CoilMarks } from './coil-marks';
import { closingTree } from './closing-faults';
import { answersOf, shownOf } from './findings';
import { closingKeys as keys, fittedOf } from './fitted';
import { checkOf } from './checks';

const volts = (id: string, reading: number, mark?: number): Findings => ({
  [keys.answer(id)]: { reading },
  ...(mark === undefined ? {} : { [keys.mark(id)]: { reading: mark } }),
});
const settledClosing = (findings: Findings, marks: CoilMarks) => {
  const tree = closingTree(fittedOf(findings), marks);
  return settledFaults(tree, findFault(tree, findings), findings);
};
const release110: CoilMarks = { 'release-volts': 110 };
const yes = (id: string, value: boolean): Findings => ({ [keys.answer(id)]: { yes: value } });

describe('findings', () => {
  it('volts are held against the mark of their own coil, or not at all: never that of another coil or of the control supply', () => {
    const check = checkOf('release-volts')!;
    expect(shownOf(check, volts('release-volts', 196, 230), release110)).toBe('enough');
    expect(shownOf(check, volts('release-volts', 195, 230), release110)).toBe('too few');
    expect(shownOf(check, volts('release-volts', 95), release110)).toBe('enough');
    expect(shownOf(check, volts('release-volts', 95), { 'control-volts': 110, 'shunt-volts': 110 })).toBeUndefined();
    expect(shownOf(check, volts('release-volts', 0), {})).toBe('none');
    expect(shownOf(check, volts('release-volts', Number.NaN, 230), {})).toBeUndefined();
    expect(shownOf(check, {}, release110)).toBeUndefined();
  });
  it('a mark is that of the coil whose plate it is, and the control supply speaks for itself alone', () => {
    const coil = (name: string) => ({ function: [name], coilVolts: 230 });
    expect(coilMarks(coil('undervoltage-release'), { controlVolts: 110 })).toEqual({
      'control-volts': 110,
      'release-volts': 230,
      'release-source': 230,
    });
    expect(coilMarks(coil('shunt-trip'), {})).toEqual({ 'shunt-volts': 230 });
    // What the job says of a mark stands at its field; of another coil's nothing does.
    const given = Object.fromEntries(
      closingTree(fittedOf({}), coilMarks(coil('shunt-trip'), {})).tests.flatMap(({ id, figure }) =>
        figure ? [[id, figure.beside?.given]] : [],
      ),
    );
    expect(given).toMatchObject({ [keys.answer('shunt-volts')]: 230, [keys.answer('release-volts')]: undefined });
    expect(coilMarks({ coilVolts: 230 }, {})).toEqual({});
    expect(coilMarks(null, {})).toEqual({});
  });
  it('a breaker has everything until somebody says that it has not', () => {
    expect(Object.values(fittedOf({}))).toEqual([true, true, true, true, true]);
    expect(fittedOf({ [keys.fitted('motor')]: { yes: false } }).motor).toBe(false);
    expect(answersOf({ ...yes('motor-switch', true), [keys.fitted('motor')]: { yes: false } }, {})).toEqual({});
  });
});

describe('for the record', () => {
  const found: Findings = {
    ...yes('close-hand', false),
    ...volts('release-volts', 226, 230),
    ...yes('locked-out', false),
    ...yes('spring-flag', true),
    ...yes('racked', true),
    ...yes('interlock-free', true),
    ...volts('shunt-volts', 0, 110),
    ...yes('release-ohms', false),
  };
  it('the proved cause with what showed it, and what was ruled out by what', () => {
    const [cause, ...others] = settledClosing(found, {});
    expect(cause).toMatchObject({
      title: 'Coil of the undervoltage release is open',
      verdict: 'cause',
      found: expect.stringContaining('226'),
    });
    expect(others.every(({ verdict }) => verdict === 'ruled-out')).toBe(true);
    expect(others.find(({ title }) => title.startsWith('No volts at the source'))!.found).toContain('226');
  });
  it('nothing found, nothing settled; something found and no cause proved: only what is ruled out', () => {
    expect(settledClosing({}, {})).toEqual([]);
    expect(settledClosing(yes('spring-flag', true), {}).every(({ verdict }) => verdict === 'ruled-out')).toBe(true);
  });
});
