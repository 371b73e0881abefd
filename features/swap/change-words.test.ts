/** Both sides of a conflict in words: no path, no identifier, no JSON. */
import { describe, expect, it } from 'vitest';
import { emptySwap } from '@/core/swap/swap';
import { changeWords } from './change-words';

const state = emptySwap('contactor', 'motor-3ph');

describe('a change in words', () => {
  it.each([
    ['load.serviceFactor', { state: 'read', value: 1.25 }, 'Load plate: Service factor', /^1\.25$/],
    ['load.codeLetter', { state: 'unreadable' }, 'Load plate: Code letter', /^unreadable$/],
    ['supply.systemVolts', { state: 'read', value: 480 }, 'Supply: System voltage', /^480\sV$/],
    ['removed.coilKind', { state: 'read', value: 'ac' }, 'Removed plate: Coil AC or DC', /^AC$/],
    ['load.auxNormallyOpenNeeded', null, 'Load plate: Auxiliary contacts NO in use', /^removed$/],
    ['loadKind', 'resistive-heater', 'Load', /^resistance heater$/],
    ['choice.part', { partId: 'x', name: 'Tarnside T18 22' }, 'Chosen part: part', /^Tarnside T18 22$/],
    ['acknowledged.short-circuit-rating', { by: 'A. Marlow', reason: 'x' }, 'Acknowledged: short circuit rating', /^A\. Marlow$/],
    ['proofs.coil-ohms', { reading: 12 }, 'Test: coil ohms', /^changed$/],
  ])('%s', (path, value, what, says) => {
    const words = changeWords({ path, value }, state, 'NFPA70');
    expect(words.what).toBe(what);
    expect(words.says).toMatch(says);
    expect(`${words.what} ${words.says}`).not.toMatch(/[{}]|[a-z][A-Z]/);
  });
});
