/** The hunt for a cause: what is asked, and what settles it. Common practice. */
import { describe, expect, it } from 'vitest';
import type { Reading } from '../readings/reading';
import { causesOf, causeVerdict } from './cause-hunt';
import { emptySwap } from './swap';

const read = (value: Reading['value']): Reading => ({ state: 'read', value });
const motor = { ...emptySwap('overload-relay', 'motor-3ph'), load: { fullLoadAmps: read(14) } };
const feeder = { ...emptySwap('fuse', 'conductor-feeder'), removed: { ratedAmps: read(6) } };
const ids = (state: typeof motor) => causesOf(state).map(({ id }) => id);
const cause = (state: Parameters<typeof causesOf>[0], id: string) => causesOf(state).find((one) => one.id === id)!;

describe('what is asked', () => {
  it('of a motor: phase, shaft and plate amps; of a circuit: its load', () => {
    expect(ids(motor)).toEqual(
      expect.arrayContaining([
        'single-phasing',
        'locked-load',
        'overload',
        'earth-fault',
        'inrush',
        'loose-terminal',
        'wrong-speed',
        'ambient',
      ]),
    );
    expect(causesOf(feeder).map(({ id }) => id)).not.toContain('single-phasing');
  });
  it('each with a measurement, a remedy and never live work', () => {
    for (const one of [...causesOf(motor), ...causesOf(feeder)]) {
      expect(one.measure.length).toBeGreaterThan(20);
      expect(one.remedy).toMatch(/\.$/);
      expect(`${one.measure} ${one.remedy}`).not.toMatch(/\blive\b|larger fuse/i);
    }
  });
});

describe('what settles it', () => {
  it.each([
    [motor, 'overload', { reading: 13.9 }, 'ruled-out'],
    [motor, 'overload', { reading: 14.1 }, 'cause'],
    [motor, 'single-phasing', { reading: 5.1 }, 'cause'],
    [motor, 'single-phasing', { reading: 1 }, 'ruled-out'],
    [motor, 'locked-load', { yes: true }, 'cause'],
    [motor, 'locked-load', { yes: false }, 'ruled-out'],
    [motor, 'earth-fault', { reading: 0.4e6 }, 'cause'],
    [motor, 'earth-fault', { reading: 50e6 }, 'ruled-out'],
    [feeder, 'loose-terminal', { reading: 0.3 }, 'cause'],
    [feeder, 'overload', { reading: 7 }, 'cause'],
    [feeder, 'inrush', { reading: 30 }, 'ruled-out'],
    [feeder, 'inrush', { reading: 90 }, 'cause'],
  ] as const)('%#: %s', (state, id, found, verdict) => expect(causeVerdict(cause(state, id), found)).toBe(verdict));
  it('nothing found stays open', () => {
    for (const one of causesOf(motor)) expect(causeVerdict(one, undefined)).toBe('open');
    expect(causeVerdict(cause(motor, 'overload'), { reading: Number.NaN })).toBe('open');
  });
});
