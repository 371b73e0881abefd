import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { runCapacitorFields } from '../families/run-capacitors/fields';
import { breakerCoilFields } from '../families/breaker-coils/fields';
import { controlRelayFields } from '../families/control-relays/fields';
import { caseFieldsOf } from '../fields/field';
import { loadFields } from '../fields/load-fields';
import { timingRelayFields } from '../families/timing-relays/fields';
import { monitoringRelayFields } from '../families/monitoring-relays/fields';
import { fieldText, hasText, readFieldText } from './field-text';

const all = caseFieldsOf([
  ...runCapacitorFields,
  ...breakerCoilFields,
  ...loadFields,
  ...controlRelayFields,
  ...timingRelayFields,
  ...monitoringRelayFields,
]);
const field = (name: string) => all.find((one) => one.name === name)!;
const back = (name: string, text: string) => {
  const found = readFieldText(field(name), text);
  return found.ok ? found.value : found.fault;
};

describe('marks that are more than one figure, as one line', () => {
  it.each([
    ['contactForms', '2 SPDT, 1 SPST-NO', { SPDT: 2, 'SPST-NO': 1 }],
    ['contactForms', 'DPDT', { SPDT: 2 }],
    ['contactForms', '1 CO + 2 NO', { SPDT: 1, 'SPST-NO': 2 }],
    ['settingSeconds', '90 s', 90],
    ['settingSeconds', '2 / 8 s', [2, 8]],
    ['settingSeconds', '1.5 min', 90],
    [
      'rangesSeconds',
      '0.1-10 s, 6-60 s, 1 - 10 h',
      [
        [0.1, 10],
        [6, 60],
        [3600, 36000],
      ],
    ],
    ['auxiliarySupply', 'self-powered', 'self'],
    ['auxiliarySupply', '24 V DC', { volts: 24, kind: 'dc' }],
    [
      'functions',
      'undervoltage, phase loss, no neutral open, ? asymmetry',
      { undervoltage: true, phaseLoss: true, neutralOpen: false, asymmetry: null },
    ],
    [
      'requiredTrace',
      'supply 0 on; output 3 on 7.5 off',
      {
        supply: [[0, 1]],
        output: [
          [3, 1],
          [7.5, 0],
        ],
      },
    ],
    [
      'contactRatings',
      'AC-15 AC 230 V 3 A, pole 2: resistive DC 24 V 8 A minimum switching load 10 mA',
      [
        { loadType: 'AC-15', kind: 'ac', volts: 230, amps: 3 },
        { pole: 2, loadType: 'resistive', kind: 'dc', volts: 24, amps: 8, minimumAmps: 0.01 },
      ],
    ],
    ['releasePercent', '35 to 70 %', [35, 70]],
    ['releasePercent', '35-70', [35, 70]],
    ['reads', 'compressor 39.6 µF, fan 4.9', { compressor: 39.6, fan: 4.9 }],
    [
      'sections',
      'compressor 40 µF (30 + 10), fan 7.5 uF',
      [
        { name: 'compressor', microfarads: 40, parallel: [30, 10] },
        { name: 'fan', microfarads: 7.5 },
      ],
    ],
    ['contacts', 'AC-15 AC 120 V 0.4 A coil inrush 60 VA', [{ loadType: 'AC-15', kind: 'ac', volts: 120, amps: 0.4, inrushVA: 60 }]],
  ] as const)('%s: %s', (name, text, value) => {
    expect(back(name, text)).toEqual(value);
  });
  it.each([
    ['contactForms', 'three of them'],
    ['settingSeconds', 'soon'],
    ['rangesSeconds', '10-1 s'],
    ['functions', 'everything'],
    ['requiredTrace', 'on after 3'],
    ['auxiliarySupply', 'the mains'],
    ['releasePercent', '70 to 35'],
    ['releasePercent', '35 V to 70 V'],
    ['reads', 'heater 5 µF'],
    ['sections', '40 and 7.5'],
    ['contactRatings', 'AC-15 230 V 3 A and more'],
  ])('%s: "%s" is refused with an example', (name, text) => expect(back(name, text)).toMatch(/such as/));
  it('what is written is read back', () => {
    const seconds = fc.constantFrom(0.05, 0.5, 1, 3, 12.5, 60, 90, 600, 3600, 36000);
    const values: Record<string, fc.Arbitrary<unknown>> = {
      contactForms: fc
        .dictionary(fc.constantFrom('SPDT', 'SPST-NO', 'SPST-NC', 'SPST-NO-DM'), fc.integer({ min: 1, max: 9 }), { minKeys: 1 })
        .map((one) => ({ ...one })),
      settingSeconds: fc.oneof(seconds, fc.tuple(seconds, seconds)),
      rangesSeconds: fc.array(
        fc.tuple(seconds, seconds).map(([a, b]) => [Math.min(a, b), Math.max(a, b)]),
        { minLength: 1, maxLength: 6 },
      ),
      functions: fc
        .dictionary(fc.constantFrom('undervoltage', 'phaseLoss', 'neutralOpen'), fc.constantFrom(true, false, null), { minKeys: 1 })
        .map((one) => ({ ...one })),
      releasePercent: fc.tuple(fc.integer({ min: 0, max: 40 }), fc.integer({ min: 40, max: 85 })),
      reads: fc
        .dictionary(fc.constantFrom('compressor', 'fan', 'motor'), fc.constantFrom(4.9, 39.6, 12.5), { minKeys: 1 })
        .map((one) => ({ ...one })),
      sections: fc.array(
        fc.oneof(
          fc.record({ name: fc.constantFrom('compressor', 'fan', 'motor'), microfarads: fc.constantFrom(5, 7.5, 40) }),
          fc.record({ name: fc.constant('motor'), microfarads: fc.constant(45), parallel: fc.constant([30, 15]) }),
        ),
        { minLength: 1, maxLength: 3 },
      ),
      contactRatings: fc.array(
        fc.record({
          loadType: fc.constantFrom('resistive', 'AC-15', 'DC-13', 'pilot-duty-ac', 'general-use'),
          kind: fc.constantFrom('ac', 'dc', 'ac/dc'),
          volts: fc.constantFrom(24, 120, 230),
          amps: fc.constantFrom(0.02, 1.5, 10),
          horsepower: fc.constantFrom(0.5, 1),
          inrushPeakAmps: fc.constantFrom(30, 80),
          minimumAmps: fc.constantFrom(0.005, 0.1),
        }),
        { minLength: 1, maxLength: 3 },
      ),
    };
    for (const [name, value] of Object.entries(values))
      fc.assert(
        fc.property(value, (one) => {
          expect(back(name, fieldText(field(name), one))).toEqual(one);
        }),
      );
  });
  it('only such fields have a text form', () => {
    expect(hasText(field('contactForms'))).toBe(true);
    expect(hasText(field('base'))).toBe(false);
  });
});
