/** The demo catalogue is physically plausible, the same everywhere, and invented. */
import { describe, expect, it } from 'vitest';
import type { FieldValues } from '../../core/case/case';
import { contactors } from '../../core/families/contactors';
import { familyOf, families } from '../../core/families/registry';
import { demoParts } from './catalogue';
import { demoContactors } from './contactors';
import { seeded } from './random';
import { readingsOfSpec } from '../../core/readings/readings-of-spec';
import { demoSites } from './sites';

const parts = demoContactors();
const rows = (spec: FieldValues) => (spec.ratings ?? []) as Record<string, number | 'none'>[];
const family = (standard: string) => parts.filter((part) => part.raw.standard === standard);

describe('catalogue', () => {
  it('has at least 3000 parts of every kind, each name once', () => {
    expect(parts.length).toBeGreaterThanOrEqual(3000);
    expect(new Set(parts.map((part) => part.id)).size).toBe(parts.length);
    for (const standard of ['IEC 60947-4-1', 'NEMA ICS 2', 'UL 60947-4-1 (definite purpose)', 'UL 60947-4-1 (lighting)'])
      expect(family(standard).length).toBeGreaterThan(200);
    expect(new Set(family('UL 60947-4-1 (definite purpose)').map((part) => part.raw.poles))).toEqual(new Set([1, 2, 3, 4]));
    expect(parts.some((part) => part.raw.holding === 'mechanical')).toBe(true);
  });
  it('is the same twice', () => expect(JSON.stringify(demoContactors())).toBe(JSON.stringify(parts)));
  it('locked-rotor amps fall as volts rise, full-load amps stay', () => {
    for (const part of family('UL 60947-4-1 (definite purpose)')) {
      const list = rows(part.raw);
      for (let i = 1; i < list.length; i += 1) {
        expect(list[i]!.lockedRotorAmps as number).toBeLessThan(list[i - 1]!.lockedRotorAmps as number);
        expect(list[i]!.fullLoadAmps).toBe(list[0]!.fullLoadAmps);
      }
    }
  });
  it('AC-1 is above AC-3 above AC-4, and none grows with volts', () => {
    for (const part of family('IEC 60947-4-1')) {
      let before: Record<string, number | 'none'> | undefined;
      for (const row of rows(part.raw)) {
        expect(row.ac1Amps as number).toBeGreaterThan(row.ac3Amps as number);
        expect(row.ac3Amps as number).toBeGreaterThan(row.ac4Amps as number);
        if (before) expect(row.ac3Amps as number).toBeLessThanOrEqual(before.ac3Amps as number);
        before = row;
      }
    }
  });
  it('coil VA grows with size, sealed is well below inrush', () => {
    const inrush = new Map<number, number>();
    for (const part of parts.filter((one) => one.maker === 'Wexmoor' && one.raw.coilKind === 'ac'))
      inrush.set(rows(part.raw)[0]!.ac3Amps as number, part.raw.coilInrushVA as number);
    const byAmps = [...inrush].sort(([a], [b]) => a - b).map(([, va]) => va);
    expect(byAmps.at(-1)!).toBeGreaterThan(byAmps[0]! * 10);
    for (let i = 2; i < byAmps.length; i += 1) expect(byAmps[i]!).toBeGreaterThan(byAmps[i - 2]!);
    for (const part of parts)
      if (part.raw.coilInrushVA) expect(part.raw.coilSealedVA as number).toBeLessThan((part.raw.coilInrushVA as number) / 4);
  });
  it('DC coils: watts, ohms and volts agree within rounding', () => {
    for (const part of parts.filter((one) => one.raw.coilKind === 'dc')) {
      const { coilVolts, coilWatts, coilOhms } = part.raw as Record<string, number>;
      expect(Math.abs((coilVolts! * coilVolts!) / coilOhms! / coilWatts! - 1)).toBeLessThan(0.02);
    }
  });
  it('every part canonicalises and carries volts, poles and a coil', () => {
    for (const part of parts) {
      const spec = contactors.canonical(part.raw);
      expect([typeof spec.topVoltsAc, typeof spec.poles, typeof spec.coilOperating]).toEqual(['number', 'number', 'object']);
    }
  });
});

describe('breakers, fuses and overload relays', () => {
  const all = demoParts();
  const of = (id: string) => all.filter((part) => part.family === id);
  it('some thousands, each id and name once, the same twice', () => {
    expect(of('breaker').length).toBeGreaterThan(2900);
    expect(of('fuse').length).toBeGreaterThan(2900);
    expect(of('overload-relay').length).toBeGreaterThan(2900);
    expect(new Set(all.map(({ id }) => id)).size).toBe(all.length);
    for (const id of ['breaker', 'fuse', 'overload-relay']) expect(new Set(of(id).map(({ name }) => name)).size, id).toBe(of(id).length);
    expect(JSON.stringify(demoParts())).toBe(JSON.stringify(all));
  });
  it('interrupting never grows with volts, service never exceeds ultimate, DC takes poles', () => {
    for (const { raw, id } of of('breaker')) {
      const list = Array.isArray(raw.interruptingRatings) ? (raw.interruptingRatings as { amps: number }[]) : [];
      list.forEach((row, i) => i > 0 && expect(row.amps, id).toBeLessThanOrEqual(list[i - 1]!.amps));
      if (typeof raw.icuAmps === 'number') expect(raw.icsAmps as number, id).toBeLessThanOrEqual(raw.icuAmps);
      const direct = Array.isArray(raw.dcRatings) ? (raw.dcRatings as { polesInSeries: number }[]) : [];
      for (const row of direct) expect(row.polesInSeries, id).toBeLessThanOrEqual(raw.poles as number);
    }
  });
  it('dials reach from low to high, loss of a fuse grows with its size, and every part canonicalises', () => {
    for (const { raw, id } of of('overload-relay')) {
      const [low, high] = [raw.settingMinAmps ?? raw.elementMinFullLoadAmps, raw.settingMaxAmps ?? raw.elementMaxFullLoadAmps] as number[];
      expect(low!, id).toBeLessThan(high!);
    }
    for (const part of all) expect(Object.keys(familyOf(part.family)!.canonical(part.raw)).length, part.id).toBeGreaterThan(3);
  });
});

describe('sites', () => {
  const positions = demoSites.flatMap((site) =>
    site.panels.flatMap((panel) => panel.positions.map((position) => ({ ...position, panel: panel.id }))),
  );
  it('tags stand once in a panel, devices and stock name parts of the catalogue', () => {
    const tags = positions.map((position) => `${position.panel} ${position.tag}`);
    expect(new Set(tags).size).toBe(tags.length);
    const ids = new Set(demoParts().map((part) => part.id));
    for (const position of positions) if (position.device) expect(ids.has(position.device), position.device).toBe(true);
    for (const site of demoSites) for (const [part] of site.stock) expect(ids.has(part), part).toBe(true);
  });
  it('both practices are there, with their control supplies', () => {
    expect(demoSites.map((site) => site.practice).sort()).toEqual(['IEC', 'NFPA70']);
    const volts = new Set(demoSites.flatMap((site) => site.panels.map((panel) => panel.supply.controlVolts?.value)));
    for (const expected of [120, 24, 110]) expect(volts).toContain(expected);
  });
  it('every load kind of the bench has a position', () => {
    const kindsOf = (family: string) =>
      new Set(
        positions
          .filter((position) => position.family === family)
          .map(({ loadKind }) => loadKind)
          .filter(Boolean),
      );
    expect(kindsOf('contactor')).toEqual(new Set(contactors.loads));
    for (const { id, loads } of families) {
      expect(kindsOf(id).size, id).toBeGreaterThan(0);
      for (const kind of kindsOf(id)) expect(loads, `${id}: ${kind}`).toContain(kind);
    }
  });
});

it('marks of a spec become readings one to one', () => {
  expect(readingsOfSpec('Name', { poles: 3, coilHertz: [], auxNormallyClosed: false, nemaSize: null, holding: 'none' })).toEqual({
    type: { state: 'read', value: 'Name' },
    poles: { state: 'read', value: 3 },
    coilHertz: { state: 'absent' },
    auxNormallyClosed: { state: 'absent' },
    nemaSize: { state: 'unreadable' },
    holding: { state: 'absent' },
  });
});

it('the generator is spread evenly and repeats from its seed', () => {
  const [a, b] = [seeded(7), seeded(7)];
  const values = Array.from({ length: 10_000 }, a);
  expect(values.slice(0, 5)).toEqual(Array.from({ length: 5 }, b));
  expect(values.reduce((sum, value) => sum + value, 0) / values.length).toBeCloseTo(0.5, 1);
  expect(Math.min(...values) >= 0 && Math.max(...values) < 1).toBe(true);
});
