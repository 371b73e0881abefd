/** Circuits: what only the whole can answer. Interlocks, sets and sums are common practice; every figure here is invented. */
import { describe, expect, it } from 'vitest';
import { certain } from '../certain';
import type { Readings } from '../readings/reading';
import { emptySwap, type SwapState } from '../swap/swap';
import { CIRCUIT_KEY } from '../swap/swap';
import { seenWith, type Circuit, type CircuitFacts, type CircuitMember } from './circuit';
import { circuitObstacles, circuitSignature } from './circuit-obstacles';
import { judgeCircuit } from './judge-circuit';
import { memberOf } from './member';

const site = { practice: 'IEC' as const, schools: {} };
const read = (marks: Record<string, unknown>): Readings =>
  Object.fromEntries(
    Object.entries(marks)
      .filter(([, value]) => value !== undefined)
      .map(([id, value]) => [id, value === null ? { state: 'unreadable' as const } : { state: 'read' as const, value: value as number }]),
  );

type Spot = {
  tag: string;
  family: string;
  load?: Record<string, unknown>;
  supply?: Record<string, unknown>;
  removed?: Record<string, unknown>;
  loadKind?: string;
  frame?: string | null;
  name?: string;
  fittedOn?: string;
};
function member({
  tag,
  family,
  load = {},
  supply = {},
  removed = {},
  loadKind = 'motor-3ph',
  frame = 'F45',
  name,
  fittedOn,
}: Spot): CircuitMember {
  const state: SwapState = {
    ...emptySwap(family, loadKind),
    load: read({ kilowatts: 5.5, plateVolts: 400, fullLoadAmps: 11.5, ...load }),
    supply: read({
      ...{ systemVolts: 400, currentKind: 'ac', hertz: 50, phases: 3, prospectiveFaultAmps: 5000 },
      ...{ controlVolts: 24, controlKind: 'ac', controlHertz: 50, controlTransformerVA: 63, controlTransformerInrushVA: 300, ...supply },
    }),
    removed: read(removed),
  };
  const place = { id: tag.toLowerCase(), tag, family, deviceName: name ?? `${family} of ${tag}`, frame, fittedOn: fittedOn ?? null };
  return memberOf(place, state, site);
}
const contactorMarks = {
  ...{ standard: 'IEC 60947-4-1', poles: 3, coilVolts: 24, coilKind: 'ac', coilHertz: [50], coilSealedVA: 7, coilInrushVA: 60 },
  ...{ auxNormallyOpen: 1, auxNormallyClosed: 1, shortCircuitRatingAmps: 10000, ratings: [{ volts: 400, kind: 'ac', ac3Amps: 18 }] },
};
const contactor = (tag: string, starterRole?: string, more: Partial<Spot> = {}): CircuitMember =>
  member({
    ...{ tag, family: 'contactor', name: 'W18', ...more },
    load: { ...(starterRole ? { starterRole } : {}), ...more.load },
    removed: { ...contactorMarks, ...more.removed },
  });
const breaker = (tag: string, ratedAmps: number, more: Record<string, unknown> = {}): CircuitMember =>
  member({ tag, family: 'breaker', removed: { standard: 'IEC 60898-1', ratedAmps, curve: 'C', poles: 3, ...more } });
const relay = (tag: string): CircuitMember =>
  member({ tag, family: 'overload-relay', removed: { settingMinAmps: 9, settingMaxAmps: 13, poles: 3, tripClass: '10' } });
const fuse = (tag: string, more: Record<string, unknown> = {}, fittedOn?: string): CircuitMember =>
  member({ tag, family: 'fuse', loadKind: 'transformer', removed: { fuseClass: 'CC', ratedAmps: 6, voltsAc: 600, ...more }, fittedOn });

/** What people enter from a plate has no frame: an empty word is none. */
const unframed = (tag: string, starterRole: string): CircuitMember => contactor(tag, starterRole, { frame: '' });
/** Of whose load nothing has been read. */
const unread = (tag: string, family: string): CircuitMember =>
  member({ tag, family, load: { kilowatts: undefined, plateVolts: undefined, fullLoadAmps: undefined } });

const circuit = (facts: CircuitFacts = {}, kind: Circuit['kind'] = 'load'): Circuit => ({ kind, name: 'Test', facts });
/** Of a control circuit all of these are coils of the panel, and its own members are the fuses alone. */
const judged = (members: CircuitMember[], facts: CircuitFacts = {}, kind: Circuit['kind'] = 'load') =>
  judgeCircuit(circuit(facts, kind), kind === 'load' ? members : members.filter(({ role }) => role === 'fuse-link'), {
    ...{ positions: members, circuits: [members] },
  });
const lineOf = (members: CircuitMember[], id: string, facts: CircuitFacts = {}, kind: Circuit['kind'] = 'load') =>
  certain(judged(members, facts, kind).lines.find((line) => line.id === id || line.id.startsWith(id)));
const seen = (fact: keyof CircuitFacts, a: CircuitMember, b: CircuitMember, answer: 'yes' | 'no' = 'yes'): CircuitFacts => ({
  [fact]: { answer, seenWith: seenWith[fact]([a, b]) },
});

describe('a reversing pair', () => {
  const [forward, reverse] = [contactor('K1', 'forward'), contactor('K2', 'reverse')];
  const small = contactor('K2', 'reverse', { frame: 'F90', name: 'W40' });
  it.each([
    ['two of one type match', [forward, reverse], 'pair-match', {}, 'fits'],
    ['two types are a check', [forward, small], 'pair-match', {}, 'check'],
    [
      'nothing read from one is not known',
      [forward, member({ tag: 'K2', family: 'contactor', load: { starterRole: 'reverse' } })],
      'pair-match',
      {},
      'not-known',
    ],
    ['nobody saw the mechanical interlock', [forward, reverse], 'mechanical-interlock', {}, 'not-known'],
    ['seen in place', [forward, reverse], 'mechanical-interlock', seen('mechanicalInterlock', forward, reverse), 'fits'],
    ['seen missing', [forward, reverse], 'mechanical-interlock', seen('mechanicalInterlock', forward, reverse, 'no'), 'fails'],
    [
      'two frames have none, whatever was seen before',
      [forward, small],
      'mechanical-interlock',
      seen('mechanicalInterlock', forward, reverse),
      'fails',
    ],
    [
      'frames of which nothing is said, whatever was seen',
      [unframed('K1', 'forward'), unframed('K2', 'reverse')],
      'mechanical-interlock',
      seen('mechanicalInterlock', unframed('K1', 'forward'), unframed('K2', 'reverse')),
      'not-known',
    ],
    ['a frame that is not known', [forward, contactor('K2', 'reverse', { frame: null })], 'mechanical-interlock', {}, 'not-known'],
    ['wiring seen', [forward, reverse], 'electrical-interlock', seen('electricalInterlock', forward, reverse), 'fits'],
    ['wiring not seen', [forward, reverse], 'electrical-interlock', {}, 'not-known'],
    [
      'no break contact, though wiring was seen',
      [forward, contactor('K2', 'reverse', { removed: { auxNormallyClosed: 0 } })],
      'electrical-interlock',
      seen('electricalInterlock', forward, reverse),
      'fails',
    ],
  ] as const)('%s', (_, members, id, facts, verdict) => {
    expect(lineOf([...members], id, facts)).toMatchObject({ verdict });
  });

  it('is asked of star and delta too, but two frames alone fail nothing there', () => {
    const [star, delta] = [contactor('K1', 'star', { frame: 'F36' }), contactor('K2', 'delta')];
    expect(lineOf([star, delta], 'mechanical-interlock').verdict).toBe('not-known');
    expect(lineOf([star, delta], 'mechanical-interlock', seen('mechanicalInterlock', star, delta, 'no')).verdict).toBe('check');
    expect(judged([star, delta]).lines.map(({ id }) => id)).not.toContain('pair-match');
  });

  it('is asked of nothing else', () => {
    expect(judged([contactor('K1'), contactor('K2')]).lines.map(({ id }) => id)).not.toContain('mechanical-interlock');
  });
});

describe('what stands before one load', () => {
  it.each([
    ['one plate', [breaker('Q1', 16), contactor('K1')], 'same-load', 'fits'],
    ['two plates that differ', [breaker('Q1', 16), contactor('K1', undefined, { load: { fullLoadAmps: 15.2 } })], 'same-load', 'not-known'],
    ['no plate at all', [unread('Q1', 'breaker'), unread('K1', 'contactor')], 'same-load', 'not-known'],
    ['a plate at one of them alone', [breaker('Q1', 16), unread('K1', 'contactor')], 'same-load', 'not-known'],
    ['nothing before it', [contactor('K1'), relay('F1')], 'branch-device', 'not-known'],
    ['a device above the load', [breaker('Q1', 16), contactor('K1')], 'branch-device', 'fits'],
    ['a device below the load', [breaker('Q1', 10), contactor('K1')], 'branch-device', 'fails'],
    [
      'a device whose rating is worn',
      [member({ tag: 'Q1', family: 'breaker', removed: { curve: 'C' } }), contactor('K1')],
      'branch-device',
      'not-known',
    ],
    [
      'a delta contactor carries a share, the device before it all',
      [breaker('Q1', 10), contactor('K1', 'delta')],
      'branch-device',
      'fails',
    ],
    ['a relay that nobody saw mounted', [contactor('K1'), relay('F1')], 'overload-mounts', 'not-known'],
  ] as const)('%s', (_, members, id, verdict) => {
    expect(lineOf([...members], id)).toMatchObject({ verdict });
  });

  it('a relay seen on one contactor is not seen on another', () => {
    const [k, f] = [contactor('K1'), relay('F1')];
    const facts = seen('overloadMounted', k, f);
    expect(lineOf([k, f], 'overload-mounts', facts).verdict).toBe('fits');
    expect(lineOf([contactor('K1', undefined, { name: 'W25' }), f], 'overload-mounts', facts).verdict).toBe('not-known');
  });

  it('the weakest decides of the fault current, and a rating behind a named device is no more than a check', () => {
    const strong = breaker('Q1', 16, { interruptingCapacities: [{ volts: 400, icuAmps: 10000 }], icnAmps: 10000 });
    const weak = contactor('K1', undefined, { removed: { shortCircuitRatingAmps: 3000 } });
    expect(lineOf([strong, weak], 'short-circuit')).toMatchObject({ verdict: 'fails' });
    expect(lineOf([strong, weak], 'short-circuit').because).toContain('K1');
    // Alone it has nothing to stand behind.
    expect(lineOf([contactor('K1')], 'short-circuit')).toMatchObject({ verdict: 'not-known' });
    expect(lineOf([strong, contactor('K1')], 'short-circuit').verdict).toBe('check');
  });
});

describe('fuses of one set', () => {
  it.each([
    ['the same in all marks', [fuse('F1'), fuse('F2')], 'fits'],
    ['one of another rating', [fuse('F1'), fuse('F2', { ratedAmps: 10 })], 'fails'],
    ['one of another class', [fuse('F1'), fuse('F2', { fuseClass: 'M' })], 'fails'],
    ['one that was not read', [fuse('F1'), member({ tag: 'F2', family: 'fuse', loadKind: 'transformer' })], 'not-known'],
    ['a mark worn on one', [fuse('F1'), fuse('F2', { fuseClass: null })], 'not-known'],
    ['a mark that was looked for on one alone', [fuse('F1', { speed: 'time-delay' }), fuse('F2')], 'not-known'],
    ['a mark worn on both', [fuse('F1', { ratedAmps: null }), fuse('F2', { ratedAmps: null })], 'not-known'],
    ['amps that nobody has read', [fuse('F1', { ratedAmps: undefined }), fuse('F2', { ratedAmps: undefined })], 'not-known'],
    ['another rating is another rating, whatever else is worn', [fuse('F1', { fuseClass: null }), fuse('F2', { ratedAmps: 10 })], 'fails'],
    ['one that was put in alone', [fuse('F1', {}, '2024-05-02T08:00:00Z'), fuse('F2', {}, '2026-05-02T08:00:00Z')], 'check'],
  ] as const)('%s', (_, members, verdict) => {
    expect(lineOf([...members], 'fuse-set', {}, 'control')).toMatchObject({ verdict });
  });
});

describe('coils on one control supply', () => {
  const coils = (count: number, more: Partial<Spot> = {}) => Array.from({ length: count }, (_, i) => contactor(`K${i}`, undefined, more));
  it.each([
    ['nine of 7 VA on 63 VA', coils(9), 'control-held', 'fits'],
    ['ten of 7 VA on 63 VA', coils(10), 'control-held', 'fails'],
    [
      'one without a figure leaves it open',
      [...coils(3), contactor('K9', undefined, { removed: { coilSealedVA: null } })],
      'control-held',
      'not-known',
    ],
    [
      'too many fail even where one has no figure',
      [...coils(10), contactor('K99', undefined, { removed: { coilSealedVA: null } })],
      'control-held',
      'fails',
    ],
    // 8 x 7 VA held and 60 VA to pull the ninth in are 116 VA.
    ['the last to pull in, on top of the rest', coils(9, { supply: { controlTransformerInrushVA: 115 } }), 'control-inrush', 'fails'],
    ['and with a little more', coils(9, { supply: { controlTransformerInrushVA: 116 } }), 'control-inrush', 'fits'],
  ] as const)('%s', (_, members, id, verdict) => {
    expect(lineOf([...members], id, {}, 'control')).toMatchObject({ verdict });
  });

  it('counts only the larger of two that are interlocked', () => {
    const pair = [contactor('K8', 'forward'), contactor('K9', 'reverse', { removed: { coilSealedVA: 9 } })];
    expect(lineOf([...coils(7), ...pair], 'control-held', {}, 'control').because).toContain('58\u2009VA');
  });

  it('leaves the sum open where a device that nobody judges may hang on it', () => {
    const unjudged = member({ tag: 'K8', family: 'lighting contactor' });
    expect(lineOf([...coils(2), unjudged], 'control-held', {}, 'control')).toMatchObject({ verdict: 'not-known' });
    expect(lineOf([...coils(2), unjudged], 'control-held', {}, 'control').because).toContain('K8');
  });

  it('keeps supplies apart', () => {
    const lines = judged([...coils(5), ...coils(6, { supply: { controlVolts: 230 } })], {}, 'control').lines;
    expect(lines.filter(({ id }) => id.startsWith('control-held'))).toHaveLength(2);
    expect(lines.every(({ verdict }) => verdict !== 'fails')).toBe(true);
  });
});

describe('the whole', () => {
  it('is as good as its gravest line, or the gravest of its members', () => {
    const wrong = contactor('K1', undefined, { removed: { ratings: [{ volts: 400, kind: 'ac', ac3Amps: 4 }] } });
    expect(judged([wrong]).verdict).toBe('fails');
    expect(judged([wrong]).lines.map(({ verdict }) => verdict)).not.toContain('fails');
    expect(judged([]).verdict).toBe('not-known');
  });
});

describe('a signature', () => {
  const [forward, reverse] = [contactor('K1', 'forward'), contactor('K2', 'reverse', { frame: 'F90', name: 'W40' })];
  const { lines } = judged([forward, reverse]);
  const state = emptySwap('contactor', 'motor-3ph');
  const named = (seenLines: string, reason = 'K1 follows tomorrow'): SwapState => ({
    ...state,
    acknowledged: { [CIRCUIT_KEY]: { by: 'Orla Fenwick', reason, seen: seenLines } },
  });
  it.each([
    ['nothing said', state, 1],
    ['said with a reason', named(circuitSignature(lines)), 0],
    ['said without one', named(circuitSignature(lines), 'ok'), 1],
    ['said of other lines', named(circuitSignature([])), 1],
  ] as const)('%s', (_, one, count) => {
    expect(circuitObstacles(lines, one)).toHaveLength(count);
  });
  it('is not held up by what is only not known', () => {
    expect(
      circuitObstacles(
        lines.filter(({ verdict }) => verdict !== 'fails'),
        state,
      ),
    ).toEqual([]);
  });
});
