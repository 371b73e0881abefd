/** What a job keeps is what is declared: every section refuses a strange name and a strange value, and what passes can be judged. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { families, familyOf } from '../families/registry';
import { demoSites } from '@/data/demo/sites';
import { certain } from '../certain';
import { dutyFields } from '../fields/duty-fields';
import { loadFields } from '../fields/load-fields';
import { supplyFields } from '../fields/supply-fields';
import { contextOf } from '../judge-case';
import { caseOfSwap, schoolsOf } from './case-from-swap';
import { changeFault } from './change-fault';
import { applyChanges, emptySwap, isPath, sections } from './swap';

const read = (value: unknown) => ({ state: 'read', value });

describe('a change', () => {
  it.each<[string, unknown]>([
    ['load.horsepower', read(10)],
    ['load.plateVolts', read('230/460')],
    ['load.fullLoadAmps', read([28, 14])],
    ['load.codeLetter', { state: 'unreadable' }],
    ['removed.poles', { state: 'measured', value: 3, from: 'counted', toConfirm: true }],
    ['hazards.springs', true],
    ['safe.isolate', true],
    ['schools.firstPeak', 'rms'],
    ['choice.part', { partId: 'p', name: 'P', coil: { coilVolts: 24, coilKind: 'dc', coilHertz: [] } }],
    ['proofs.coil-ohms', { reading: 18.4, leadOhms: 0.3 }],
    ['causes.close-motor', { yes: false }],
    ['asLeft.dial', '6.3 A'],
    ['asFound.dial', '8 A'],
    ['typed.load', 'HP 10'],
    ['load.nothingOfTheKind', null],
  ])('%s with %j is kept', (path, value) => expect(changeFault('contactor', { path, value })).toBeUndefined());

  it.each<[string, unknown]>([
    ['loadKind', 'kettle'],
    ['load.nothingOfTheKind', read(1)],
    ['load.toString', read(1)],
    ['load.horsepower', 10],
    ['load.horsepower', read('ten')],
    ['load.horsepower', read(-1)],
    ['load.horsepower', read(1e9)],
    ['load.horsepower', read({ deep: [] })],
    ['load.horsepower', { state: 'guessed', value: 10 }],
    ['load.horsepower', { state: 'read' }],
    ['load.horsepower', { state: 'absent', value: 10 }],
    ['load.horsepower', { ...read(10), note: '<b>' }],
    ['load.horsepower', { ...read(10), words: [-1] }],
    ['load.horsepower', { ...read(10), asPrinted: 7 }],
    ['load.codeLetter', read('x'.repeat(300))],
    ['supply.currentKind', read('three-phase')],
    ['supply.systemVolts', read([480])],
    ['removed.contactRatings', read([{}])],
    ['removed.ratings', read(Array(100).fill({ volts: 480 }))],
    ['typed.anything', 'text'],
    ['typed.load', ['text']],
    ['hazards.ghosts', true],
    ['hazards.springs', 'yes'],
    ['safe.dance', true],
    ['safe.isolate', 7],
    ['schools.firstPeak', 'none'],
    ['schools.luck', 1],
    ['choice.other', {}],
    ['choice.part', { partId: 7 }],
    ['choice.part', { partId: 'p', name: 'P', price: 3 }],
    ['choice.part', { partId: 'p', name: 'P', coil: { coilVolts: '24' } }],
    ['proofs.coil-ohms', 18.4],
    ['proofs.coil-ohms', { reading: '18.4' }],
    ['proofs.coil-ohms', { done: 'maybe' }],
    ['causes.x', { yes: 'no' }],
    ['causes.<i>', { yes: true }],
    ['asLeft.dial', { at: 6 }],
    ['asFound.dial', { at: 6 }],
  ])('%s with %j is refused in words', (path, value) => expect(changeFault('contactor', { path, value })).toMatch(/\w \w/));

  it('is refused by every section where it is of no form at all', () => {
    // What stands under a name is held to its own form, and its text is written by the server.
    for (const section of sections.filter((one) => one !== 'acknowledged' && one !== 'overrides'))
      for (const value of [{ a: { b: [] } }, [[]], Number.NaN, ['x']])
        expect(changeFault('contactor', { path: `${section}.load`, value }), section).toBeDefined();
  });

  it('takes every mark that stands at a position of the demo', () => {
    for (const { panels } of demoSites)
      for (const { supply, positions } of panels)
        for (const position of positions) {
          const readings = { load: position.load, duty: position.duty, supply: { ...supply, ...position.supply }, removed: position.wear };
          for (const [section, marks] of Object.entries(readings))
            for (const [id, value] of Object.entries(marks ?? {}))
              expect(changeFault(position.family, { path: `${section}.${id}`, value }), `${position.tag} ${section}.${id}`).toBeUndefined();
        }
  });

  it('that is kept can be judged', () => {
    const figure = fc.oneof(fc.integer({ min: -3, max: 700 }), fc.double(), fc.constantFrom(0.5, 60, 230, 480, 1e9));
    const any = fc.oneof(
      figure,
      fc.string({ maxLength: 12 }),
      fc.boolean(),
      fc.array(figure, { maxLength: 3 }),
      fc.jsonValue({ maxDepth: 2 }),
    );
    const ofFields = (names: readonly string[], words: readonly string[]) =>
      fc.tuple(fc.constantFrom(...names), fc.oneof(any, fc.constantFrom('none', ...words)));
    for (const { id: family, fields, loads } of families) {
      const sections = { load: loadFields, supply: supplyFields, duty: dutyFields, removed: fields };
      const changes = Object.entries(sections).map(([section, list]) =>
        ofFields(
          list.map(({ name }) => name),
          list.flatMap(({ words }) => words ?? []),
        ).map(([name, value]) => ({ path: `${section}.${name}`, value: read(value) })),
      );
      let kept = 0;
      fc.assert(
        fc.property(fc.array(fc.oneof(...changes), { maxLength: 30 }), (list) => {
          const accepted = list.filter((change) => isPath(change.path) && changeFault(family, change) === undefined);
          kept += accepted.length;
          const state = applyChanges(emptySwap(family, certain(loads[0])), accepted);
          const plain = caseOfSwap(state, 'IEC');
          const device = certain(familyOf(family));
          if (plain.removed) device.canonical(plain.removed.spec);
          device.needs(contextOf(plain, { schools: schoolsOf(state, {}) }));
        }),
        { numRuns: 200 },
      );
      expect(kept, family).toBeGreaterThan(50);
    }
  });
});
