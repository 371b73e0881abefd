/** What the bench shows follows from the swap alone, in the words of the site's practice. */
import { describe, expect, it } from 'vitest';
import type { Reading } from '@/core/readings/reading';
import { certain } from '@/core/certain';
import { huntOf, openState } from '@/core/swap/fault-hunt';
import { emptySwap, type SwapState } from '@/core/swap/swap';
import { groupOrder } from '@/core/needs/groups';
import { derive, removedSentence } from './derived';

const read = (value: Reading['value']): Reading => ({ state: 'read', value });
const hoist: SwapState = {
  ...emptySwap('contactor', 'motor-3ph'),
  load: { horsepower: read(30), plateVolts: read('230/460'), fullLoadAmps: read([74, 37]), codeLetter: read('G') },
  supply: { systemVolts: read(480), currentKind: read('ac'), controlVolts: read(120), controlKind: read('ac'), controlHertz: read(60) },
  duty: { joggingPerMinute: read(8) },
  removed: {
    type: read('Some part'),
    nemaSize: read('1'),
    poles: read(3),
    coilVolts: read(120),
    coilKind: read('ac'),
    coilHertz: read([60]),
    holding: read('electrical'),
  },
};
/** The same with its starting figures assumed: a line that rests on them is at best a check. */
const assumed: SwapState = {
  ...hoist,
  removed: { ...hoist.removed, nemaSize: read('4') },
  load: Object.fromEntries(Object.entries(hoist.load).map(([id, reading]) => [id, { ...reading, state: 'assumed' as const }])),
};
const plain = (text: string) => text.replace(/\u2009/g, ' ');

describe('the sentence on the removed part', () => {
  it('names the load line that fell, with both figures', () => {
    expect(plain(removedSentence(derive(hoist, 'NFPA70', {}), 'NFPA70'))).toBe(
      'The removed part was wrong: full-load amps 27 A, 40 A required. It fails on 4 lines in all.',
    );
  });
  it('speaks the practice of the site', () => {
    expect(removedSentence(derive(hoist, 'IEC', {}), 'IEC')).toContain('rated operational current, Ie');
  });
  it('says that it was right where it was', () => {
    const right = { ...hoist, removed: { ...hoist.removed, nemaSize: read('3') } };
    expect(removedSentence(derive(right, 'NFPA70', {}), 'NFPA70')).toBe('The removed part was correct: it meets every line.');
  });
  it('tells a worn-out part from a wrong one', () => {
    const fan: SwapState = {
      ...emptySwap('run-capacitor', 'motor-1ph'),
      load: { runCapacitorMicrofarads: read(16), runCapacitorVolts: read(400) },
      removed: {
        sections: read([{ name: 'motor', microfarads: 16 }]),
        ratedVolts: read(450),
        tolerancePercent: read(5),
        kind: read('run'),
        reads: read({ motor: 13.1 }),
      },
    };
    expect(plain(removedSentence(derive(fan, 'IEC', {}), 'IEC'))).toBe(
      'The removed part was correct; it is worn out. Motor: weak, 13.1 µF of 16 µF ± 5 %.',
    );
    const wrong = { ...fan, load: { ...fan.load, runCapacitorMicrofarads: read(20) } };
    expect(plain(removedSentence(derive(wrong, 'IEC', {}), 'IEC'))).toMatch(
      /was wrong: capacitance 16 µF, 20 µF required.*It is worn out as well\./,
    );
  });
  it('says how many lines could not be judged', () => {
    const worn = { ...hoist, removed: { ...hoist.removed, nemaSize: read('3'), coilVolts: { state: 'unreadable' as const } } };
    expect(removedSentence(derive(worn, 'NFPA70', {}), 'NFPA70')).toMatch(/not known: \d lines? could not be judged/);
  });
  it('and that nothing was read', () =>
    expect(removedSentence(derive({ ...hoist, removed: {} }, 'NFPA70', {}), 'NFPA70')).toContain('Nothing has been read'));
});

describe('what is derived', () => {
  it('every need has a group that is shown, and steps count down as they are confirmed', () => {
    const before = derive(hoist, 'NFPA70', {});
    expect(before.needs.every((need) => groupOrder.includes(need.group))).toBe(true);
    const confirmed = derive({ ...hoist, safe: { [before.steps[0]!.id]: 'A. Person' } }, 'NFPA70', {});
    expect(confirmed.openSteps).toBe(before.openSteps - 1);
  });
  it('a worn mark of the load shows as a line that is not known', () => {
    const worn = derive({ ...hoist, supply: { ...hoist.supply, prospectiveFaultAmps: { state: 'unreadable' } } }, 'NFPA70', {});
    expect(worn.needs.find((need) => need.id === 'short-circuit-rating')!.ways[0].limit).toBeNull();
  });
  it('the school of the swap is the one in force', () => {
    expect(derive({ ...hoist, schools: { resistiveHeadroom: 1.1 } }, 'NFPA70', { resistiveHeadroom: 1.25 }).schools.resistiveHeadroom).toBe(
      1.1,
    );
  });
});

describe('the search for the cause', () => {
  it.each([hoist, assumed])('%#: stands on the page as the server looks at it before a signature or an ending', (state) => {
    const begun: SwapState = { ...state, causes: { symptom: { answer: 'stays-in' } } };
    const onServer = certain(huntOf(begun, 'NFPA70', {}));
    const onPage = derive(begun, 'NFPA70', {}).hunt;
    expect(onPage.found.answered.map(({ test, answer, from }) => [test.id, answer, from])).toEqual(
      onServer.found.answered.map(({ test, answer, from }) => [test.id, answer, from]),
    );
    expect(openState(onPage, 0)).toEqual(openState(onServer, 0));
  });
});
