/** What is found beside a swap: readings against their own mark, and what the record says of them. Limits: IEC 60947-1, from memory. */
import { describe, expect, it } from 'vitest';
import { findFault, settledFaults } from '../fault-finding/find-fault';
import type { Findings } from '../fault-finding/tree';
import { closingTree } from './closing-faults';
import { answersOf, shownOf } from './findings';
import { closingKeys as keys, fittedOf } from './fitted';
import { checkOf } from './checks';

const volts = (id: string, reading: number, mark?: number): Findings => ({
  [keys.answer(id)]: { reading },
  ...(mark === undefined ? {} : { [keys.mark(id)]: { reading: mark } }),
});
const settledClosing = (findings: Findings, markVolts: number | null) => {
  const tree = closingTree(fittedOf(findings), markVolts);
  return settledFaults(tree, findFault(tree, findings), findings);
};
const yes = (id: string, value: boolean): Findings => ({ [keys.answer(id)]: { yes: value } });

describe('findings', () => {
  it('volts are held against the mark of their own coil, else of the control supply, else not at all', () => {
    const check = checkOf('release-volts')!;
    expect(shownOf(check, volts('release-volts', 196, 230), 110)).toBe('enough');
    expect(shownOf(check, volts('release-volts', 195, 230), 110)).toBe('too few');
    expect(shownOf(check, volts('release-volts', 95), 110)).toBe('enough');
    expect(shownOf(check, volts('release-volts', 95), null)).toBeUndefined();
    expect(shownOf(check, volts('release-volts', Number.NaN, 230), null)).toBeUndefined();
    expect(shownOf(check, {}, 110)).toBeUndefined();
  });
  it('a breaker has everything until somebody says that it has not', () => {
    expect(Object.values(fittedOf({}))).toEqual([true, true, true, true, true]);
    expect(fittedOf({ [keys.fitted('motor')]: { yes: false } }).motor).toBe(false);
    expect(answersOf({ ...yes('motor-switch', true), [keys.fitted('motor')]: { yes: false } }, 110)).toEqual({});
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
    const [cause, ...others] = settledClosing(found, 110);
    expect(cause).toMatchObject({
      title: 'Coil of the undervoltage release is open',
      verdict: 'cause',
      found: expect.stringContaining('226'),
    });
    expect(others.every(({ verdict }) => verdict === 'ruled-out')).toBe(true);
    expect(others.find(({ title }) => title.startsWith('No volts at the source'))!.found).toContain('226');
  });
  it('nothing found, nothing settled; something found and no cause proved: only what is ruled out', () => {
    expect(settledClosing({}, 110)).toEqual([]);
    expect(settledClosing(yes('spring-flag', true), 110).every(({ verdict }) => verdict === 'ruled-out')).toBe(true);
  });
});
