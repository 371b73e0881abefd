import { describe, expect, it } from 'vitest';
import type { FieldValues } from '../case/case';
import { contextOf } from '../judge-case';
import { relayDrivesContactor } from './relay-drives-contactor';

const out = (contacts: FieldValues[]) =>
  relayDrivesContactor(
    contextOf({
      practice: 'IEC',
      family: 'control-relay',
      supply: { controlVolts: 24, controlKind: 'dc' },
      load: { kind: 'contactor-coil', contacts },
      duty: {},
      removed: null,
      candidates: [],
    }),
  );
const limit = (needs: readonly { id: string; ways: readonly { limit: unknown }[] }[], id: string) =>
  needs.find((need) => need.id === id)?.ways[0]!.limit;

describe('a relay that drives a contactor', () => {
  it('a heater of 30 A: the contactor carries it, the relay its coil', () => {
    const [way] = out([{ pole: 1, loadType: 'resistive', kind: 'ac', volts: 230, amps: 30 }]);
    expect(way!.contact).toBe('pole 1');
    expect(way!.contactor.some((need) => need.ways.some((one) => one.limit === 30))).toBe(true);
    expect(limit(way!.contactor, 'coil-volts')).toBe(24);
    expect(way!.relay[0]!.because).toMatch(/24.V DC/);
  });
  it('the coil is not known before the contactor is chosen', () =>
    expect(limit(out([{ loadType: 'motor', kind: 'ac', volts: 230, amps: 9 }])[0]!.relay, 'contact-1-load')).toBeNull());
  it('a signal and a coil have no such way out', () =>
    expect(
      out([
        { loadType: 'signal', kind: 'dc', volts: 24, amps: 0.005 },
        { loadType: 'DC-13', kind: 'dc', volts: 24, amps: 1 },
      ]),
    ).toEqual([]));
});
