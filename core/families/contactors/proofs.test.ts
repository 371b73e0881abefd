/** Which proofs a swap asks for, with which limits, by load and by coil. */
import { describe, expect, it } from 'vitest';
import type { FieldValues } from '../../case/case';
import { contextOf } from '../../judge-case';
import { proofLimits, proofVerdict } from '../../swap/sign-off';
import { contactors } from '.';

const proofsOf = (supply: FieldValues, load: FieldValues, spec: FieldValues) =>
  contactors.proofs({
    need: contextOf({ practice: 'IEC', family: 'contactor', supply, load, duty: {}, removed: null, candidates: [] }),
    part: contactors.canonical(spec),
  });
const find = (id: string, ...of: Parameters<typeof proofsOf>) => proofsOf(...of).find((proof) => proof.id === id);
const plain = (text: string) => text.replace(/\u2009/g, ' ');

describe('coil resistance', () => {
  const limits = (supply: FieldValues, spec: FieldValues) => plain(proofLimits(find('coil-ohms', supply, { kind: 'motor-3ph' }, spec)!));
  it('stated by the maker, within 15 %', () =>
    expect(limits({ controlKind: 'ac' }, { coilVolts: 120, coilKind: 'ac', coilHertz: [60], coilOhms: 20 })).toBe('17 to 23 Ω'));
  it('of a DC coil from its watts: 24 V, 6 W is 96 ohm', () =>
    expect(limits({ controlKind: 'dc' }, { coilVolts: 24, coilKind: 'dc', coilHertz: [], coilWatts: 6 })).toBe('81.6 to 110 Ω'));
  it('of an AC coil by its inrush: 120 V, 200 VA is 72 ohm of impedance, of which a quarter at least is copper', () =>
    expect(limits({ controlKind: 'ac' }, { coilVolts: 120, coilKind: 'ac', coilHertz: [60], coilInrushVA: 200 })).toBe('18 to 82.8 Ω'));
  it('of an AC coil of which nothing is stated: only open and shorted are told apart', () =>
    expect(limits({ controlKind: 'ac' }, { coilVolts: 120, coilKind: 'ac', coilHertz: [60] })).toBe('100 mΩ to 1 MΩ'));
  it.each([
    [{ coilInrushVA: 200 }, 40, 'fits'],
    [{ coilInrushVA: 200 }, 12, 'check'],
    [{ coilInrushVA: 200 }, 3, 'fails'],
    [{ coilInrushVA: 200 }, 150, 'fails'],
    [{ coilOhms: 20 }, 24, 'check'],
    [{ coilOhms: 20 }, 9, 'fails'],
    [{}, 0.02, 'fails'],
    [{}, 5e6, 'fails'],
  ] as const)('with %j a reading of %f ohm: %s', (mark, reading, verdict) => {
    const coil = { coilVolts: 120, coilKind: 'ac', coilHertz: [60], ...mark };
    const proof = find('coil-ohms', { controlKind: 'ac', controlHertz: 60 }, { kind: 'motor-3ph' }, coil)!;
    expect(proofVerdict(proof, { reading })).toBe(verdict);
  });
});

describe('a latched contactor', () => {
  const of = (holding: string): FieldValues => ({ coilVolts: 120, coilKind: 'ac', coilHertz: [60], coilOhms: 20, poles: 4, holding });
  const ids = (holding: string) => proofsOf({ controlKind: 'ac' }, { kind: 'lamp-bank' }, of(holding)).map(({ id }) => id);
  it.each(['mechanical', 'magnetic-latch'])('%s: two coils are two tests, and the latch is a third', (holding) => {
    expect(ids(holding)).toEqual(expect.arrayContaining(['coil-ohms', 'release-coil-ohms', 'latches']));
    const release = find('release-coil-ohms', { controlKind: 'ac' }, { kind: 'lamp-bank' }, of(holding))!;
    expect([0.01, 40, 5e6].map((reading) => proofVerdict(release, { reading }))).toEqual(['fails', 'fits', 'fails']);
    const map = contactors.terminals(
      contextOf({ practice: 'IEC', family: 'contactor', supply: {}, load: { kind: 'lamp-bank' }, duty: {}, removed: null, candidates: [] }),
      null,
      contactors.canonical(of(holding)),
    );
    expect(map.filter(({ circuit }) => circuit === 'coil').map(({ to }) => to)).toEqual(['A1', 'A2', 'E1', 'E2']);
  });
  it('one that is held by its coil has one', () => {
    expect(ids('electrical')).not.toContain('release-coil-ohms');
  });
});

describe('volts while pulling in', () => {
  const limits = (supply: FieldValues, spec: FieldValues) =>
    plain(proofLimits(find('pick-up-volts', supply, { kind: 'motor-3ph' }, spec)!));
  it.each([
    [
      { controlVolts: 230, controlKind: 'ac', controlHertz: 50 },
      { standard: 'IEC 60947-4-1', coilVolts: 230, coilKind: 'ac', coilHertz: [50] },
      '196 to 253 V',
    ],
    [
      { controlVolts: 24, controlKind: 'dc' },
      { standard: 'IEC 60947-4-1', coilVolts: 24, coilKind: 'dc', coilHertz: [] },
      '20.4 to 26.4 V',
    ],
    [
      { controlVolts: 120, controlKind: 'ac', controlHertz: 60 },
      {
        coilMarks: [
          { volts: 110, kind: 'ac', hertz: [50] },
          { volts: 120, kind: 'ac', hertz: [60] },
        ],
      },
      '102 to 132 V',
    ],
    [{ controlVolts: 220, controlKind: 'ac' }, { coilVoltsMin: 208, coilVoltsMax: 240, coilKind: 'ac', coilHertz: [60] }, '177 to 264 V'],
    [{ controlVolts: 120, controlKind: 'ac' }, { poles: 3 }, 'not known'],
  ] as [FieldValues, FieldValues, string][])('%j on %j: %s', (supply, spec, text) => expect(limits(supply, spec)).toBe(text));
  it('a limit that is not known never holds by itself', () => {
    const proof = find('pick-up-volts', { controlVolts: 120, controlKind: 'ac' }, { kind: 'motor-3ph' }, {})!;
    expect(proofVerdict(proof, { reading: 118 })).toBe('check');
  });
});

describe('running amps', () => {
  const limits = (load: FieldValues, supply: FieldValues = { systemVolts: 400, phases: 3 }) =>
    plain(proofLimits(find('running-amps', supply, load, {})!));
  it.each([
    [{ kind: 'motor-3ph', fullLoadAmps: 14.6 }, 'at most 14.6 A'],
    [{ kind: 'motor-3ph', fullLoadAmps: 20, serviceFactor: 1.15 }, 'at most 23 A'],
    [{ kind: 'hermetic-compressor', ratedLoadAmps: 18 }, 'at most 18 A'],
    [{ kind: 'motor-3ph', fullLoadAmps: null }, 'not known'],
    [{ kind: 'resistive-heater', kilowatts: 9, plateVolts: 400 }, '11.7 to 14.3 A'],
  ] as [FieldValues, string][])('%j: %s', (load, text) => expect(limits(load)).toBe(text));
  it('less than its share means an open element: 8 A of 13', () => {
    expect(
      proofVerdict(
        find('running-amps', { systemVolts: 400, phases: 3 }, { kind: 'resistive-heater', kilowatts: 9, plateVolts: 400 }, {})!,
        { reading: 8 },
      ),
    ).toBe('check');
  });
});

describe('which proofs are asked', () => {
  const ids = (supply: FieldValues, load: FieldValues) => proofsOf(supply, load, { poles: 3 }).map((proof) => proof.id);
  it('unbalance only where there are three phases and a motor', () => {
    expect(ids({ phases: 3 }, { kind: 'motor-3ph' })).toContain('unbalance');
    expect(ids({ phases: 3 }, { kind: 'motor-1ph' })).not.toContain('unbalance');
    expect(ids({ phases: 1 }, { kind: 'hermetic-compressor' })).not.toContain('unbalance');
    expect(ids({ phases: 3 }, { kind: 'resistive-heater' })).not.toContain('unbalance');
  });
  it.each([{ starter: 'reversing' }, { starterRole: 'forward' }, { starterRole: 'reverse' }])('an interlock with %j', (load) =>
    expect(ids({}, { kind: 'motor-3ph', ...load })).toContain('interlock'),
  );
  it('bench before fitting before first start, each once', () => {
    const proofs = proofsOf({ phases: 3 }, { kind: 'motor-3ph', starter: 'reversing' }, { poles: 3 });
    const places = proofs.map((proof) => ['bench', 'fitting', 'first-start'].indexOf(proof.when));
    expect([...places].sort()).toEqual(places);
    expect(new Set(proofs.map((proof) => proof.id)).size).toBe(proofs.length);
  });
  it('the number of poles stands in the words', () => {
    expect(find('contact-closed', {}, { kind: 'motor-1ph' }, { poles: 2 })!.title).toBe('Highest resistance of 2 poles, closed');
  });
  it('every swap proves that the load lets go', () => {
    for (const kind of contactors.loads)
      expect(ids({}, { kind })).toEqual(expect.arrayContaining(['coil-mark', 'moves', 'torque', 'map', 'chatter', 'drops-out', 'warm']));
  });
});

describe('limits in words', () => {
  const proof = find('contact-open', {}, { kind: 'motor-3ph' }, { poles: 3 })!;
  it.each([
    [{ low: 1, high: 2 }, '1 to 2 Ω'],
    [{ low: 0, high: 0.1 }, 'at most 100 mΩ'],
    [{ low: null, high: 5 }, 'at most 5 Ω'],
    [{ low: 1e6, high: null }, 'at least 1 MΩ'],
    [{ low: null, high: null }, 'not known'],
  ] as const)('%j: %s', (band, text) => {
    expect(plain(proofLimits({ ...proof, ...band }))).toBe(text);
  });
});
