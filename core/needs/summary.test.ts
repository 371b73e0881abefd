/** The requirement in one sentence, and the marks that a line rests on in words. */
import { describe, expect, it } from 'vitest';
import { field, needLine } from './line';
import { inputLabel } from './input-label';
import type { LineValue, Need } from './need';
import { summaryOf } from './summary';

const line = (id: string, limit: LineValue | null, unit = 'A', more: Partial<Need> = {}): Need => ({
  ...needLine({ id, quantity: 'x', figure: field('x'), limit, unit, because: 'x.', source: 'commonPractice', inputs: [] }),
  ...more,
});
const plain = (text: string) => text.replace(/\u2009/g, ' ');

describe('summary', () => {
  it.each([
    [['{poles} pole{s}'], [line('poles', 1, 'count')], '1 pole.'],
    [['{poles} pole{s}', 'at {volts}'], [line('poles', 3, 'count'), line('volts', 480, 'V')], '3 poles, at 480 V.'],
    [['coil {coil-volts} {coil-kind}'], [line('coil-volts', 120, 'V'), line('coil-kind', 'ac', '')], 'coil 120 V AC.'],
    [['coil {coil-volts} {coil-kind}'], [line('coil-volts', 120, 'V')], 'coil 120 V.'],
    [['type {type}'], [line('type', ['A', 'F', 'B'], '')], 'type A or F or B.'],
    [['at {volts}', 'class {class}'], [line('volts', 400, 'V')], 'at 400 V.'],
    [['at {volts}'], [line('volts', null, 'V')], ''],
    [['type {type}'], [line('type', ['A'], '', { notApplicableWhen: { name: 'use', word: 'none' } })], ''],
    [
      ['{capacitance-*} for the {about}'],
      [line('capacitance-fan', 5, 'µF', { about: 'Fan' }), line('capacitance-motor', 30, 'µF')],
      '5 µF for the fan, 30 µF for the motor.',
    ],
  ])('%j', (templates, needs, sentence) => expect(plain(summaryOf(templates, needs))).toBe(sentence));
});

describe('the mark that a line rests on', () => {
  it.each([
    ['load.codeLetter', 'NFPA70', 'Code letter'],
    ['supply.prospectiveFaultAmps', 'NFPA70', 'Available fault current'],
    ['supply.prospectiveFaultAmps', 'IEC', 'Prospective fault current'],
    ['load.runCapacitorMicrofarads', 'IEC', 'Run capacitor'],
  ] as const)('%s on a site of %s is %s', (input, practice, label) => expect(inputLabel(input, practice)).toBe(label));
});
