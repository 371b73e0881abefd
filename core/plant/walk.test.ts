/** Walking past a panel: what is read, what is worn, and what nobody has looked at. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { certain } from '../certain';
import { families } from '../families/registry';
import { loadPlates, plateOf } from '../families/plates';
import { labelIn } from '../fields/field';
import type { Readings } from '../readings/reading';
import { panelTemplates, FROM_TEMPLATE } from './templates';
import { parsePlate } from '../plates/parse-plate';
import { changedAgainst, lineTyped, platesAt, waitingAt, walkStateOf, withWalked, type WalkChanges } from './walk';

const at = (load: Readings, removed: Readings, more = {}) => ({
  ...{ device: 'contactor', loadKind: 'motor-3ph' },
  readings: { load, removed, ...more },
});
const volts: Readings = { plateVolts: { state: 'read', value: 400 } };
const poles: Readings = { poles: { state: 'read', value: 3 } };

describe('a walk', () => {
  it('asks every family for the plate of the part, and for that of the load where it has one', () => {
    for (const { id, loads } of families)
      for (const loadKind of loads)
        expect(platesAt({ device: id, loadKind }).map(({ section }) => section)).toEqual(
          loadPlates[loadKind] ? ['load', 'removed'] : ['removed'],
        );
    expect(platesAt({ device: 'terminals', loadKind: null })).toEqual([]);
  });

  it('says of each plate whether it is read, in part, or not', () => {
    expect(walkStateOf(at({}, {}))).toBe('not read');
    expect(walkStateOf(at(volts, {}))).toBe('in part');
    expect(walkStateOf(at(volts, poles))).toBe('read');
    expect(walkStateOf(at(volts, { ...poles, type: { state: 'unreadable' } }))).toBe('in part');
  });

  it('names what is worn in the words of the practice, and a plate nobody read as a whole', () => {
    for (const practice of ['IEC', 'NFPA70'] as const)
      for (const { section, plate } of platesAt({ device: 'contactor', loadKind: 'motor-3ph' }))
        for (const { id, of } of plate.fields)
          expect(waitingAt(at({}, {}, { [section]: { [id]: { state: 'unreadable' } } }), practice)).toContainEqual(
            expect.objectContaining({ section, marks: [labelIn(practice, of)] }),
          );
    expect(waitingAt(at({ fullLoadAmps: { state: 'unreadable' } }, {}), 'IEC')).toMatchObject([{ section: 'load' }, { marks: 'all' }]);
  });

  it('does not take for read what a template knows or a site assumes; an absent mark was looked at', () => {
    expect(walkStateOf(at({ starterRole: { state: 'read', value: 'forward', from: FROM_TEMPLATE } }, {}))).toBe('not read');
    expect(walkStateOf(at({ frequency: { state: 'assumed', value: 50 } }, {}))).toBe('not read');
    expect(walkStateOf(at({ plateVolts: { state: 'absent' } }, poles))).toBe('read');
  });

  it('waits for a person where a machine read', () => {
    const found = at({ plateVolts: { state: 'read', value: 400, toConfirm: true } }, poles);
    expect(waitingAt(found, 'IEC')).toMatchObject([{ section: 'load', marks: [], toConfirm: [expect.any(String)] }]);
    expect(walkStateOf(found)).toBe('in part');
  });

  it('begins unread at every position that a template draws', () => {
    for (const { positions } of panelTemplates)
      for (const { device, loadKind, load = {} } of positions) {
        const known: Readings = Object.fromEntries(
          Object.entries(load).map(([id, value]) => [id, { state: 'read', value, from: FROM_TEMPLATE }]),
        );
        const position = { device, loadKind, readings: { load: known } };
        if (platesAt(position).length > 0) expect(walkStateOf(position)).toBe('not read');
      }
  });
});

describe('a line that is typed on a walk', () => {
  const says = (line: string): Readings => parsePlate(line, certain(plateOf('contactor'))).readings;
  const [section, stands] = ['removed' as const, { load: {}, removed: says('3P COIL 24 V DC') }];
  const type = (before: WalkChanges, was: string, now: string) => lineTyped(stands, before, section, { gave: says(was), gives: says(now) });

  it('leaves what the last of its wordings says, whatever it said between', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom('', '4P', 'TYPE QX40', 'COIL 230 V AC 50 Hz', '4P TYPE QX40', '3P'), { minLength: 1 }),
        (lines) => {
          const end = lines.reduce((now, line) => ({ was: line, changes: type(now.changes, now.was, line) }), {
            was: '',
            changes: {} as WalkChanges,
          });
          expect(end.changes).toEqual(type({}, '', certain(lines.at(-1))));
          // A line takes away nothing that stands at the position.
          expect(Object.values(end.changes)).not.toContain(null);
        },
      ),
    );
  });

  it('lets stand what was entered by hand, and what was taken away by hand', () => {
    const byHand = changedAgainst(stands, {}, section, { torqueNm: { state: 'read', value: 2 } });
    const after = withWalked(stands, type(byHand, '', 'TYPE QX40'));
    expect(Object.keys(after.removed).sort()).toEqual(['torqueNm', 'type']);
  });
});
