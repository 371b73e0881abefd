/** A part's spec on the curves desk: what its card says is drawn, what it does not say is not made up. */
import { choiceOfPart } from '../families/curve-of-part';
import { describe, expect, it } from 'vitest';
import { bandSeconds } from './band';
import { branchOf, cableWithstand, type BranchInputs } from './branch-inputs';
import { curveDevice, deviceKinds, modelOf, type DeviceChoice, type DeviceKind } from './curve-device';

const of = (family: string, spec: Record<string, unknown>, volts: number | null = 400, dc = false) =>
  choiceOfPart({ id: 'id', label: 'label', family, spec }, { systemVolts: volts, dc });

describe('kind by spec', () => {
  it.each([
    ['breaker', { standard: 'IEC 60898-1', curve: 'C', ratedAmps: 16 }, 'breaker-c'],
    ['breaker', { standard: 'IEC 60898-2', curve: 'B', ratedAmps: 16 }, 'breaker-b'],
    ['breaker', { standard: 'IEC 60947-2', curve: 'C', ratedAmps: 16 }, undefined],
    ['breaker', { standard: 'IEC 60898-1', curve: 'K', ratedAmps: 16 }, undefined],
    ['breaker', { standard: 'UL 489', ratedAmps: 70 }, 'breaker-ul'],
    ['breaker', { standard: 'UL 489', technology: 'electronic', ratedAmps: 800 }, 'trip-unit'],
    ['breaker', { standard: 'electronic', technology: 'electronic', ratedAmps: 4 }, 'electronic'],
    ['breaker', { standard: 'UL 489', ratedAmps: null }, undefined],
    ['fuse', { standard: 'IEC 60269', utilisation: 'gG', ratedAmps: 32 }, 'fuse-gg'],
    ['fuse', { standard: 'IEC 60269', utilisation: 'aM', ratedAmps: 32 }, 'fuse-am'],
    ['fuse', { standard: 'IEC 60269', utilisation: 'aR', ratedAmps: 32 }, undefined],
    ['fuse', { standard: 'UL 248', speed: 'time-delay', ratedAmps: 30 }, 'fuse-td'],
    ['fuse', { standard: 'UL 248', speed: 'fast', ratedAmps: 30 }, 'fuse-fast'],
    ['overload-relay', { tripClass: '10A', settingMaxAmps: 9 }, 'relay-10a'],
    ['overload-relay', { tripClass: '20E', settingMaxAmps: 9 }, 'relay-20'],
    ['overload-relay', { tripClass: null, settingMaxAmps: 9 }, undefined],
    ['overload-relay', { tripClass: '10', settingMaxAmps: null }, undefined],
    ['contactor', { ratedAmps: 9 }, undefined],
    ['residual-current', { standard: 'IEC/EN 61009-1', curve: 'B', ratedAmps: 16 }, 'breaker-b'],
    ['residual-current', { standard: 'IEC/EN 61008-1', curve: 'none', ratedAmps: 40 }, undefined],
    ['residual-current', { standard: 'IEC/EN 61009-1', curve: null, ratedAmps: 16 }, undefined],
    ['air-breaker', { standard: 'IEC 60947-2', ratedAmps: 1250 }, 'trip-unit'],
    ['breaker-coil', { function: ['shunt-trip'] }, undefined],
    ['run-capacitor', { kind: 'run' }, undefined],
  ] as const)('%s %o is %s', (family, spec, kind) => expect(of(family, spec)?.kind).toBe(kind));
});

describe('figures of the card', () => {
  const rows = [
    { volts: 240, kind: 'ac', amps: 65000 },
    { volts: 480, kind: 'ac', amps: 25000 },
  ];
  it('takes the interrupting row of the supply, the next above where it stands between two', () => {
    const spec = { standard: 'UL 489', ratedAmps: 70, interruptingRatings: rows };
    expect(of('breaker', spec, 208)?.interruptingAmps).toBe(65000);
    expect(of('breaker', spec, 277)?.interruptingAmps).toBe(25000);
    expect(of('breaker', spec, 600)?.interruptingAmps).toBeNull();
    expect(of('breaker', spec, null)?.interruptingAmps).toBeNull();
  });
  it('AC figures say nothing of DC', () => {
    expect(of('breaker', { standard: 'IEC 60898-1', curve: 'C', ratedAmps: 16, icnAmps: 6000 }, 48, true)?.interruptingAmps).toBeNull();
    const fuse = { standard: 'UL 248', speed: 'fast', ratedAmps: 30, interruptingAmpsAc: 200000, interruptingAmpsDc: 20000 };
    expect(of('fuse', fuse, 125, true)?.interruptingAmps).toBe(20000);
    expect(of('fuse', fuse)?.interruptingAmps).toBe(200000);
  });
  it('clearing I²t of a fuse is its let-through', () => {
    const fuse = { standard: 'IEC 60269', utilisation: 'gG', ratedAmps: 32 };
    expect(of('fuse', { ...fuse, clearingI2tA2s: 4500 })?.letThroughA2s).toBe(4500);
    expect(of('fuse', fuse)?.letThroughA2s).toBeNull();
  });
  it('settings of a trip unit come from its card; those it leaves out are as delivered', () => {
    const spec = { standard: 'UL 489', technology: 'electronic', ratedAmps: 1200, longTimeSettingAmps: 900, groundFaultPickupAmps: 480 };
    const choice = of('breaker', spec)!;
    expect(choice.settings).toEqual({ longTimeAmps: 900, groundFaultAmps: 480 });
    const model = modelOf(choice, true)!;
    expect(model.earthBand).toBeDefined();
    expect(bandSeconds(model.band, 900).openBy).toBe(Infinity);
    expect(modelOf(of('breaker', { ...spec, groundFaultPickupAmps: 'none' })!, true)!.earthBand).toBeUndefined();
  });
  it('an electronic breaker trips where its maker guarantees it', () => {
    const choice = of('breaker', { standard: 'electronic', ratedAmps: 4, guaranteedTripAmps: 6 })!;
    expect(bandSeconds(modelOf(choice, false)!.band, 6).openBy).toBe(0.1);
    expect(bandSeconds(modelOf(choice, false)!.band, 5.9).openBy).toBe(Infinity);
  });
});

describe('every kind that can be picked', () => {
  const choice = (kind: DeviceKind): DeviceChoice => ({
    id: kind,
    label: kind,
    kind,
    ratedAmps: 32,
    settings: {},
    interruptingAmps: 10000,
    hot: false,
  });
  const kinds = (Object.keys(deviceKinds) as DeviceKind[]).filter((kind) => kind !== 'file');
  it.each(kinds)('%s has a model with a source and a note, and only a relay breaks no fault', (kind) => {
    const model = modelOf(choice(kind), false)!;
    expect(model.note).not.toBe('');
    expect(curveDevice(choice(kind), false)).toMatchObject({ breaksFaults: !kind.startsWith('relay'), letThroughA2s: null });
  });
  it('a file is what it holds, and nothing without it', () => {
    const band = {
      fast: null,
      slow: [
        { amps: 10, seconds: 5 },
        { amps: 20, seconds: 1 },
      ],
    };
    expect(modelOf({ ...choice('file'), band }, false)?.band).toBe(band);
    expect(curveDevice(choice('file'), false)).toBeUndefined();
  });
  it('relays are stated at 7.2 times in IEC and at 6 times in NFPA practice', () => {
    const at = (nema: boolean, amps: number) => bandSeconds(modelOf(choice('relay-10'), nema)!.band, amps).openBy;
    expect(at(false, 7.2 * 32)).toBeCloseTo(10, 9);
    expect(at(true, 6 * 32)).toBeCloseTo(10, 9);
  });
});

describe('the branch from its figures', () => {
  const inputs: BranchInputs = {
    runningAmps: 20,
    startAmps: 120,
    startSeconds: 3,
    stallSeconds: 12,
    cableSize: '10 mm²',
    cableKind: 'copper PVC',
    cableAmps: 50,
    highestFaultAmps: 5000,
    lowestFaultAmps: 400,
    leastFaultToEarth: true,
    clearWithinSeconds: 5,
  };
  it('k²S² of 10 mm² copper PVC is 1 322 500 A²s (k = 115, IEC 60364-4-43, from memory)', () =>
    expect(cableWithstand(inputs)).toBeCloseTo(1_322_500, 6));
  it('an unknown size withstands nothing that is known', () => {
    expect(cableWithstand({ ...inputs, cableSize: null })).toBeNull();
    expect(cableWithstand({ ...inputs, cableSize: '7 cubits' })).toBeNull();
  });
  it('a start needs both its current and its length', () => {
    expect(branchOf(inputs, [], false).start).toEqual({ amps: 120, seconds: 3, firstPeakAmps: 216 });
    expect(branchOf({ ...inputs, startSeconds: null }, [], false).start).toBeNull();
    expect(branchOf({ ...inputs, startAmps: null }, [], false).start).toBeNull();
  });
  it('a device of no standard size stands on no chart', () => {
    const odd: DeviceChoice = { id: 'a', label: 'a', kind: 'fuse-gg', ratedAmps: 33, settings: {}, interruptingAmps: null, hot: false };
    expect(branchOf(inputs, [odd], false).devices).toEqual([]);
  });
});
