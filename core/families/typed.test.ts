/** What the compiler refuses: each line that must not compile says so, and `npm run typecheck` fails where one of them does. */
import { describe, expect, it } from 'vitest';
import { numberMark, wordMark } from '../case/case';
import { contextOf } from '../judge-case';
import { field, needLine } from '../needs/line';
import type { DeviceFamily } from './contract';
import { breakers } from './breakers';
import type { BreakerSpec } from './breakers/fields';
import type { Need as BreakerNeed } from './breakers/figures';
import type { OvercurrentMark } from '../overcurrent/figures';
import { contactors } from './contactors';

const { load, supply } = contextOf({
  practice: 'IEC',
  family: 'breaker',
  supply: { systemVolts: 400, grounding: 'TN-S' },
  load: { kind: 'motor-3ph', fullLoadAmps: 28 },
  duty: {},
  removed: null,
  candidates: [],
});
const about = { id: 'x', because: 'It is a test.', source: 'commonPractice', inputs: [], limit: 1 } as const;

describe('a name or a word that no field has does not compile', () => {
  it('of the position', () => {
    expect(numberMark(load, 'fullLoadAmps')).toBe(28);
    // @ts-expect-error: mistyped.
    expect(numberMark(load, 'fulLoadAmps')).toBeUndefined();
    // @ts-expect-error: a word is no figure.
    expect(numberMark(supply, 'grounding')).toBeUndefined();
    expect(wordMark(supply, 'grounding')).toBe('TN-S');
    // @ts-expect-error: no such kind of load.
    expect(load.kind === 'motor-3-phase').toBe(false);
  });
  it('of a part', () => {
    expect(contactors.canonical({ poles: 3 }).poles).toBe(3);
    // @ts-expect-error: mistyped.
    expect(contactors.canonical({ polse: 3 }).poles).toBeUndefined();
    // @ts-expect-error: no figure of its canonical form.
    expect(contactors.canonical({ poles: 3 }).coilOhm).toBeUndefined();
  });
  it('of a line', () => {
    const line: BreakerNeed = needLine({ ...about, quantity: 'ratedAmpsCarry', figure: field('setAmps') });
    expect(line.ways[0].figure).toEqual({ kind: 'field', name: 'setAmps' });
    // @ts-expect-error: mistyped, by its figure.
    const wrong: BreakerNeed = needLine({ ...about, quantity: 'ratedAmpsCarry', figure: field('setAmp') });
    // @ts-expect-error: mistyped, by its quantity.
    const alike: BreakerNeed = needLine({ ...about, quantity: 'icmAmp' });
    expect([wrong.id, alike.id]).toEqual(['x', 'x']);
  });
  it('a breaker carries every mark that the canonical form of an overcurrent part is made of', () => {
    const carried: readonly (keyof BreakerSpec)[] = [] as OvercurrentMark[];
    expect(carried).toEqual([]);
  });
  it('of a family: the registry holds any, each judges its own parts', () => {
    const any: DeviceFamily = breakers;
    expect(any.canonical({ ratedAmps: 16, curve: 'C' }).instantaneousTripsAc).toBe(160);
  });
});
