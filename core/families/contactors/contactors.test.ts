import { describe, expect, it } from 'vitest';
import type { DeviceFamily } from '../contract';
import { contextOf } from '../../judge-case';
import { plainOfCase, type WorkedCase } from '@/tests/worked-cases/worked-case';
import { contactors } from '.';
import { canonicalContactor } from './canonical';
import { contactorCautions } from './cautions';
import { auxiliaryMarks, contactorTerminals } from './terminals';

const plainOf = (one: WorkedCase) => plainOfCase(one, 'contactor');

describe('canonical form', () => {
  it('raises NEMA and UL rows to the top of their class and leaves IEC rows alone', () => {
    const volts = (standard: 'UL 508' | 'IEC 60947-4-1') =>
      (canonicalContactor({ standard, ratings: [{ volts: 460, ac3Amps: 10 }] }).ratings as { volts: number }[])[0]!.volts;
    expect(volts('UL 508')).toBe(480);
    expect(volts('IEC 60947-4-1')).toBe(460);
  });
  it('fills a NEMA size from its table, and keeps given horsepower', () => {
    const rows = canonicalContactor({ nemaSize: '1' }).ratings as Record<string, unknown>[];
    expect(rows.find((row) => row.volts === 480)).toMatchObject({
      normalHp: 10,
      joggingHp: 5,
      hpRunningAmps3: 14,
      hpLockedRotorAmps3: 140,
    });
    const own = canonicalContactor({ nemaSize: '1', ratings: [{ volts: 480, normalHp: 7.5 }] }).ratings as Record<string, unknown>[];
    expect(own).toHaveLength(1);
    expect(own[0]).toMatchObject({ normalHp: 7.5, hpRunningAmps3: 11 });
  });
  it('keeps worn, none and left out apart', () => {
    expect(canonicalContactor({ ratings: null })).toMatchObject({ ratings: null, topVoltsAc: null });
    expect(canonicalContactor({ ratings: [] })).toMatchObject({ topVoltsAc: 'none' });
    expect(canonicalContactor({})).toEqual({});
    expect(canonicalContactor({ shortCircuitRatingAmps: false })).toEqual({ shortCircuitRatingAmps: 'none' });
  });
  it('reads aliases of kinds', () => {
    const family: DeviceFamily = contactors;
    expect(family.canonical({ coilVolts: 24, coilKind: 'UC', coilHertz: [50] }).coilKinds).toEqual(['ac', 'dc']);
    expect(canonicalContactor({ ratings: [{ volts: 240, kind: 'DC', dc1Amps: 5 }] })).toMatchObject({
      ratingKinds: ['dc'],
      topVoltsAc: 'none',
      topVoltsDc: 240,
    });
  });
  it('lays the coil out by supply: bands of 85 to 110 %', () => {
    const { coilOperating, coilRated } = canonicalContactor({
      coilMarks: [
        { volts: 110, kind: 'ac', hertz: [50] },
        { volts: 120, kind: 'ac', hertz: [60] },
      ],
    }) as Record<string, Record<string, [number, number][]>>;
    expect(coilRated!.ac50).toEqual([[110, 110]]);
    expect(coilOperating!.ac60![0]![0]).toBeCloseTo(102, 9);
    expect(coilOperating!.ac60![0]![1]).toBeCloseTo(132, 9);
  });
  it('gives NEMA and UL coils on DC their 80 %', () => {
    const low = (standard: 'NEMA ICS 2' | 'IEC 60947-4-1') =>
      (canonicalContactor({ standard, coilVolts: 100, coilKind: 'dc', coilHertz: [] }).coilOperating as Record<string, [number, number][]>)
        .dc![0]![0];
    expect(low('NEMA ICS 2')).toBeCloseTo(80, 9);
    expect(low('IEC 60947-4-1')).toBeCloseTo(85, 9);
  });
  it('does not change what it is given', () => {
    const spec = Object.freeze({
      nemaSize: '2',
      ratings: Object.freeze([Object.freeze({ volts: 480, fullLoadAmps: 40 })]),
      coilVolts: 120,
      coilKind: 'ac',
      coilHertz: Object.freeze([60]),
    });
    expect(() => canonicalContactor(spec as never)).not.toThrow();
  });
});

describe('terminals', () => {
  const context = contextOf(
    plainOf({
      name: '',
      spec: {},
      lines: {},
      source: '',
      load: { auxNormallyOpenNeeded: 2, auxNormallyClosedNeeded: 1, polesToSwitch: 3 },
    }),
  );
  it('maps NEMA marks to IEC marks pole by pole', () => {
    const moves = contactorTerminals(
      context,
      { standard: 'NEMA ICS 2', poles: 3, auxNormallyOpen: 2, auxNormallyClosed: 1 },
      { standard: 'IEC 60947-4-1', poles: 3, auxNormallyOpen: 2, auxNormallyClosed: 2 },
    );
    expect(moves.filter((move) => move.circuit === 'main').map(({ from, to }) => `${from}>${to}`)).toEqual([
      'L1>1/L1',
      'T1>2/T1',
      'L2>3/L2',
      'T2>4/T2',
      'L3>5/L3',
      'T3>6/T3',
    ]);
    expect(moves.filter((move) => move.circuit === 'auxiliary').map(({ from, to }) => `${from}>${to}`)).toEqual([
      '13-14>13-14',
      '23-24>23-24',
      '31-32>31-32',
    ]);
    expect(moves.filter((move) => move.circuit === 'coil')).toHaveLength(2);
  });
  it('says where no counterpart is, and maps nothing by likeness', () => {
    const moves = contactorTerminals(context, null, { standard: 'IEC 60947-4-1', poles: 3, auxNormallyOpen: 1 });
    expect(moves.filter((move) => move.to === 'none: add a block')).toHaveLength(2);
  });
  it('marks auxiliaries by position and function', () => {
    expect(auxiliaryMarks({ auxNormallyOpen: 1, auxNormallyClosed: 1 })).toEqual({ open: ['13-14'], closed: ['21-22'] });
    expect(auxiliaryMarks(null)).toEqual({ open: [], closed: [] });
  });
});

describe('proofs', () => {
  const context = contextOf(
    plainOf({
      name: '',
      spec: {},
      lines: {},
      source: '',
      supply: { controlVolts: 120, controlKind: 'ac', controlHertz: 60, phases: 3 },
      load: { kind: 'motor-3ph', fullLoadAmps: 20, serviceFactor: 1.15, starter: 'reversing' },
    }),
  );
  const proofs = contactors.proofs({
    need: context,
    part: canonicalContactor({ poles: 3, coilVolts: 120, coilKind: 'ac', coilHertz: [60], coilOhms: 20 }),
  });
  const limits = (id: string) => proofs.find((proof) => proof.id === id)!;
  it('limits come from part and need: coil ohms, pick-up volts, running amps', () => {
    expect([limits('coil-ohms').low, limits('coil-ohms').high]).toEqual([17, 23]);
    expect(limits('pick-up-volts').low).toBeCloseTo(102, 9);
    expect(limits('running-amps').high).toBeCloseTo(23, 9);
    expect(limits('contact-closed').high).toBe(0.1);
  });
  it('a reversing pair proves its interlock; a single one does not', () => {
    expect(limits('interlock')).toBeDefined();
    expect(
      contactors.proofs({ need: { ...context, load: { kind: 'motor-3ph' } }, part: {} }).some((proof) => proof.id === 'interlock'),
    ).toBe(false);
  });
  it('never asks for live work and always gives a reason and a source', () => {
    for (const proof of proofs) {
      expect(proof.because && proof.source && proof.how, proof.id).toBeTruthy();
      expect(`${proof.how} ${proof.title}`).not.toMatch(/\blive\b|energi[sz]ed|under voltage/i);
    }
  });
});

describe('cautions', () => {
  const of = (supply: object, load: object) =>
    contactorCautions(
      contextOf({
        practice: 'NFPA70',
        family: 'contactor',
        supply: supply as never,
        load: load as never,
        duty: {},
        removed: null,
        candidates: [],
      }),
    );
  it('one pole leaves the other leg live', () =>
    expect(of({ systemVolts: 240, voltsToGround: 120 }, { polesToSwitch: 1 })[0]).toMatch(/other leg live/));
  it('a plate more than 10 % off the system', () => {
    expect(of({ systemVolts: 480 }, { plateVolts: 380 })[0]).toMatch(/more than 10 % apart/);
    expect(of({ systemVolts: 480 }, { plateVolts: '230/460' })).toEqual([]);
  });
});
