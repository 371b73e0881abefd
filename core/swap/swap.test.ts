import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { contactors } from '../families/contactors';
import type { Proof } from '../families/contract';
import { contextOf } from '../judge-case';
import { compileNeed } from '../matching/evaluate';
import { judgePart } from '../matching/judge';
import { toMark, type Reading } from '../readings/reading';
import { canonicalJson } from '../record/record';
import { assumedMarks, caseOfSwap, removedSpec, schoolsOf } from './case-from-swap';
import { lineSignature, netReading, partObstacles, proofVerdict, signObstacles } from './sign-off';
import { energiseStep, openSafeSteps, safeSteps } from './make-safe';
import { applyChanges, chooseChanges, diffStates, emptySwap, isPath, type SwapState } from './swap';

const read = (value: Reading['value']): Reading => ({ state: 'read', value });
const base: SwapState = {
  ...emptySwap('contactor', 'motor-3ph'),
  load: { horsepower: read(10), plateVolts: read('230/460'), fullLoadAmps: read([28, 14]), codeLetter: read('G'), hertz: read(60) },
  supply: { systemVolts: read(480), currentKind: read('ac'), controlVolts: read(120), controlKind: read('ac') },
};

describe('changes', () => {
  it.each(['load.codeLetter', 'choice.part', 'loadKind', 'proofs.coil-ohms'])('%s is a path', (path) => expect(isPath(path)).toBe(true));
  it.each(['', 'load', 'load.', '.x', 'nothing.x', 'load.__proto__', 'load.constructor', 'x'.repeat(200)])('%j is none', (path) =>
    expect(isPath(path)).toBe(false),
  );
  it('leaves the state it was given alone', () => {
    const frozen = Object.freeze({ ...base, load: Object.freeze({ ...base.load }) });
    expect(applyChanges(frozen, [{ path: 'load.codeLetter', value: null }]).load.codeLetter).toBeUndefined();
    expect(frozen.load.codeLetter).toBeDefined();
  });
  const anyChange = fc
    .record({ path: fc.constantFrom('load.a', 'load.b', 'safe.x', 'typed.load', 'loadKind'), value: fc.constantFrom('1', '2', null) })
    .map((change) => (change.path === 'loadKind' && change.value === null ? { ...change, value: 'motor-1ph' } : change));
  it('the difference of two states leads from one to the other', () => {
    fc.assert(
      fc.property(fc.array(anyChange), fc.array(anyChange), (a, b) => {
        const [from, to] = [applyChanges(base, a), applyChanges(base, b)];
        return canonicalJson(applyChanges(from, diffStates(from, to))) === canonicalJson(to);
      }),
    );
  });
  it('undo is the difference back', () => {
    fc.assert(
      fc.property(fc.array(anyChange, { minLength: 1 }), (changes) => {
        const after = applyChanges(base, changes);
        return canonicalJson(applyChanges(after, diffStates(after, base))) === canonicalJson(base);
      }),
    );
  });
  it('another part takes back what was said and proved of the one before', () => {
    const said = applyChanges(base, [
      { path: 'acknowledged.coil-mark', value: { by: 'A', reason: '', seen: '' } },
      { path: 'proofs.moves', value: { done: 'yes' } },
    ]);
    expect(applyChanges(said, chooseChanges(said, { partId: 'p', name: 'P' }))).toMatchObject({
      acknowledged: {},
      proofs: {},
      choice: { part: { partId: 'p' } },
    });
  });
});

describe('the case of a swap', () => {
  it('states map one to one', () => {
    expect(toMark(read(3))).toBe(3);
    expect(toMark({ state: 'unreadable', value: 3 })).toBeNull();
    expect(toMark({ state: 'absent' })).toBe('none');
    expect(toMark(undefined)).toBeUndefined();
  });
  it('picks the amps of the connection in use', () => {
    expect(caseOfSwap(base, 'NFPA70').load.fullLoadAmps).toBe(14);
    expect(caseOfSwap({ ...base, supply: { ...base.supply, systemVolts: read(240) } }, 'NFPA70').load.fullLoadAmps).toBe(28);
  });
  it('two amps without two volts are not known, never the first', () => {
    expect(caseOfSwap({ ...base, load: { ...base.load, plateVolts: read(460) } }, 'NFPA70').load.fullLoadAmps).toBeNull();
    const locked = { ...base, load: { ...base.load, lockedRotorAmps: read([162, 81]) } };
    expect(caseOfSwap(locked, 'NFPA70').load.lockedRotorAmps).toBe(81);
  });
  it('an unread part is none, its name is no mark', () => {
    expect(removedSpec({ ...base, removed: { type: read('Some name') } })).toBeNull();
    expect(removedSpec({ ...base, removed: { poles: read(3), type: read('Some name') } })).toEqual({ poles: 3 });
  });
  it('assumed and unconfirmed marks make their lines a check at best', () => {
    const state = { ...base, load: { ...base.load, horsepower: { state: 'assumed' as const, value: 10 } } };
    expect([...assumedMarks(state)]).toEqual(['load.horsepower']);
    const context = contextOf(caseOfSwap(state, 'NFPA70'), { schools: schoolsOf(state, {}), assumed: assumedMarks(state) });
    const running = contactors.needs(context).find((need) => need.id === 'running')!;
    expect(compileNeed(running).verdict(contactors.canonical({ ratings: [{ volts: 480, fullLoadAmps: 100 }] }))).toBe('check');
  });
  it('the swap’s school wins over the site’s', () => {
    expect(schoolsOf({ ...base, schools: { resistiveHeadroom: 1 } }, { resistiveHeadroom: 1.1 }).resistiveHeadroom).toBe(1);
    expect(schoolsOf(base, { resistiveHeadroom: 1.1 }).resistiveHeadroom).toBe(1.1);
  });
});

describe('what a plate holds beyond a case', () => {
  const base = emptySwap('contactor', 'hermetic-compressor');
  it('frame, bearings and maker stay on the plate', () => {
    const state = { ...base, load: { maker: read('Halvergate'), frame: read('215T'), ratedLoadAmps: read(18) } };
    expect(caseOfSwap(state, 'NFPA70').load).toEqual({ kind: 'hermetic-compressor', ratedLoadAmps: 18 });
  });
  it('of a largest fuse and a largest breaker the smaller bounds the device', () => {
    const load = { maximumFuseAmps: read(45), maximumBreakerAmps: read(40) };
    expect(caseOfSwap({ ...base, load }, 'NFPA70').load.maximumOvercurrentAmps).toBe(40);
    expect(caseOfSwap({ ...base, load: { ...load, maximumOvercurrentAmps: read(35) } }, 'NFPA70').load.maximumOvercurrentAmps).toBe(35);
  });
  it('kW beside the amps of a row stay on the plate', () => {
    const removed = { ratings: read([{ volts: 400, ac3Amps: 25, ac3Kilowatts: 11 }]) };
    expect(removedSpec({ ...base, removed })).toEqual({ ratings: [{ volts: 400, ac3Amps: 25 }] });
  });
  it('a mark that waits for a person is assumed until then', () => {
    const state = { ...base, load: { ratedLoadAmps: { ...read(18), toConfirm: true } } };
    expect([...assumedMarks(state)]).toEqual(['load.ratedLoadAmps']);
  });
});

describe('make safe', () => {
  const ids = (state: SwapState) => safeSteps(state, 'NFPA70').map(({ id }) => id);
  it('follows what is here', () => {
    expect(ids(base)).toEqual(['permit', 'isolate', 'control', 'prove-dead', 'earth']);
    expect(
      ids({ ...base, hazards: { secondSource: true, controlElsewhere: true, capacitors: true, springs: true, battery: true } }),
    ).toEqual(['permit', 'isolate', 'second-source', 'control-elsewhere', 'battery', 'capacitors', 'springs', 'prove-dead', 'earth']);
    expect(ids({ ...base, supply: { controlVolts: read(24), controlKind: read('dc') } })).toContain('battery');
  });
  it('a step is open until somebody is named', () => {
    expect(openSafeSteps({ ...base, safe: { permit: 'A. Person' } }, 'IEC').map(({ id }) => id)).not.toContain('permit');
    expect(openSafeSteps(base, 'IEC').length).toBe(safeSteps(base, 'IEC').length);
  });
  it('names what kills here in its own way', () => {
    const isolating = (more: Partial<SwapState>) => safeSteps({ ...base, ...more }, 'IEC').find(({ id }) => id === 'isolate')!.how;
    const onDc = { supply: { systemVolts: read(220), currentKind: read('dc') } };
    expect(isolating({ ...onDc, removed: { voltsAc: read(400) } })).toContain('never open it under load');
    expect(isolating({ ...onDc, removed: { voltsAc: read(400), voltsDc: read(250) } })).not.toContain('never open it under load');
    expect(isolating({ removed: { voltsAc: read(400) } })).not.toContain('never open it under load');
    expect(isolating({ causes: { symptom: { answer: 'stays-in' } } })).toContain('the control circuit isolates nothing');
    expect(isolating({})).not.toContain('isolates nothing');
    const again = (present: Record<string, boolean>) => energiseStep({ ...base, hazards: present }, 'IEC').how;
    expect(again({ controlElsewhere: true })).toContain('A1 is live from then on');
    expect(again({ springs: true })).toContain('raised loads move');
    expect(again({})).not.toMatch(/A1|raised loads/);
  });
  it('never tells anyone to work live', () => {
    for (const practice of ['IEC', 'NFPA70'] as const)
      for (const step of [...safeSteps({ ...base, hazards: { controlElsewhere: true } }, practice), energiseStep(base, practice)])
        expect(step.how).not.toMatch(/while live|work(ing)? live|energi[sz]ed work/i);
  });
});

describe('gates', () => {
  const needs = contactors
    .needs(contextOf(caseOfSwap({ ...base, load: { ...base.load, auxNormallyOpenNeeded: read(2) } }, 'NFPA70')))
    .map(compileNeed);
  const judged = (spec: Record<string, unknown>) =>
    judgePart(
      needs,
      contactors.canonical({
        nemaSize: '1',
        poles: 3,
        coilVolts: 120,
        coilKind: 'ac',
        coilHertz: [60],
        auxNormallyOpen: 2,
        holding: 'electrical',
        ...spec,
      }),
      'NFPA70',
    );
  const said = (part: ReturnType<typeof judged>, id: string, reason = 'long enough reason') => ({
    by: 'A. Person',
    reason,
    seen: lineSignature(part.lines.find((line) => line.need.id === id)!),
  });
  it('a fit asks for nothing', () => expect(partObstacles(judged({}), base)).toEqual([]));
  it('a check asks for a name', () => {
    const part = judged({ auxNormallyOpen: 1 });
    expect(partObstacles(part, base)).toMatchObject([{ kind: 'acknowledge', needId: 'aux-open' }]);
    expect(partObstacles(part, { ...base, acknowledged: { 'aux-open': said(part, 'aux-open', '') } })).toEqual([]);
  });
  it('a failing must asks for a name and a reason', () => {
    const part = judged({ nemaSize: '00' });
    expect(partObstacles(part, base).map(({ kind }) => kind)).toEqual(['override', 'override', 'override']);
    const overrides = { running: said(part, 'running'), 'locked-rotor': said(part, 'locked-rotor'), horsepower: said(part, 'horsepower') };
    expect(partObstacles(part, { ...base, overrides })).toEqual([]);
    expect(partObstacles(part, { ...base, overrides: { ...overrides, horsepower: said(part, 'horsepower', 'short') } })).toHaveLength(1);
  });
  it('not known asks for a name and a note', () => {
    const part = judged({ auxNormallyOpen: null });
    expect(partObstacles(part, { ...base, acknowledged: { 'aux-open': said(part, 'aux-open', '') } })).toHaveLength(1);
    expect(partObstacles(part, { ...base, acknowledged: { 'aux-open': said(part, 'aux-open') } })).toEqual([]);
  });
  it.each([
    ['poles', { poles: 2 }],
    ['coil-volts', { coilVolts: 24 }],
    ['coil-kind', { coilKind: 'dc', coilHertz: [] }],
    ['volts', { nemaSize: undefined, ratings: [{ volts: 240, fullLoadAmps: 30, lockedRotorAmps: 180 }] }],
  ])('a failing %s can be overridden by nobody', (id, spec) => {
    const part = judged(spec);
    const overrides = Object.fromEntries(
      part.lines.map((line) => [line.need.id, { by: 'A. Person', reason: 'long enough reason', seen: lineSignature(line) }]),
    );
    expect(
      partObstacles(part, { ...base, overrides })
        .filter(({ kind }) => kind === 'safety')
        .map(({ needId }) => needId),
    ).toContain(id);
  });
  it('what was said of other figures does not count', () => {
    const before = judged({ auxNormallyOpen: 1 });
    const acknowledged = { 'aux-open': said(before, 'aux-open') };
    expect(partObstacles(judged({ auxNormallyOpen: 0 }), { ...base, acknowledged })).toHaveLength(1);
  });
  it('nothing is signed without a taken part', () => {
    expect(signObstacles(base, { judged: judged({}), changes: [] }, [], 'NFPA70')).toMatchObject([{ kind: 'choice' }]);
    const taken: SwapState = {
      ...base,
      choice: { part: { partId: 'p', name: 'P', taken: true } },
      safe: Object.fromEntries(safeSteps(base, 'NFPA70').map(({ id }) => [id, 'A'])),
    };
    expect(signObstacles(taken, { judged: judged({}), changes: [] }, [], 'NFPA70')).toEqual([]);
    const started: Proof = {
      ...{ id: 'turn', when: 'first-start', title: 'Turns', how: '', unit: '', low: null, high: null, severity: 'must', leads: false },
      ...{ because: '', source: '', kind: 'yes-no' },
    };
    const signed = (state: SwapState, when: Proof['when'] = 'first-start') =>
      signObstacles(state, { judged: judged({}), changes: [] }, [{ ...started, when }], 'NFPA70').map(({ id }) => id);
    const turned: SwapState = { ...taken, proofs: { turn: { done: 'yes' } } };
    // What was tested energised asks again that it was safe to; what was tested dead does not.
    expect(signed(turned)).toEqual(['safe-energise']);
    expect(signed({ ...turned, safe: { ...turned.safe, energise: 'A' } })).toEqual([]);
    expect(signed(turned, 'bench')).toEqual([]);
    expect(signed({ ...taken, proofs: { turn: { putOff: { by: 'A', why: 'shutdown', words: '' } } } })).toEqual([]);
    expect(
      signObstacles(taken, { judged: judged({}), changes: [] }, [], 'NFPA70', ['Undervoltage is not below overvoltage.']),
    ).toMatchObject([{ id: 'setting-0', text: expect.stringContaining('not below overvoltage') }]);
  });
});

describe('proofs', () => {
  const proof = (more: Partial<Proof>): Proof => ({
    id: 'x',
    when: 'bench',
    title: 'x',
    how: '',
    unit: 'ohm',
    low: 1,
    high: 2,
    severity: 'must',
    leads: false,
    because: '',
    source: '',
    kind: 'figure',
    ...more,
  });
  it.each([
    [0.99, 'fails'],
    [1, 'fits'],
    [1.5, 'fits'],
    [2, 'fits'],
    [2.01, 'fails'],
    [Number.NaN, 'fails'],
    [-1, 'fails'],
  ] as const)('%f of 1 to 2 %s', (reading, verdict) => {
    expect(proofVerdict(proof({}), { reading })).toBe(verdict);
  });
  it('a should-proof outside is a check; without limits a check; empty is open', () => {
    expect(proofVerdict(proof({ severity: 'should' }), { reading: 3 })).toBe('check');
    expect(proofVerdict(proof({ low: null, high: null }), { reading: 3 })).toBe('check');
    expect(proofVerdict(proof({}), undefined)).toBe('open');
    expect(proofVerdict(proof({ kind: 'yes-no' }), { done: 'no' })).toBe('fails');
  });
  it('leads are taken off: 1.6 less 1.5 is 0.1 ohm, at the limit (common practice)', () => {
    const contact = proof({ id: 'contact-closed', leads: true, low: 0, high: 0.1, severity: 'should', rejectAbove: 1 });
    expect(netReading(contact, { reading: 1.6, leadOhms: 1.5 })).toBeCloseTo(0.1, 12);
    expect(proofVerdict(contact, { reading: 0.15, leadOhms: 0.1 })).toBe('fits');
    expect(proofVerdict(contact, { reading: 0.6, leadOhms: 0.1 })).toBe('check');
    expect(proofVerdict(contact, { reading: 1.6, leadOhms: 0.1 })).toBe('fails');
  });
});

describe('canonical JSON', () => {
  it('does not depend on the order of keys, and tells values apart', () => {
    expect(canonicalJson({ b: 1, a: [1, { d: null, c: 'x' }] })).toBe('{"a":[1,{"c":"x","d":null}],"b":1}');
    fc.assert(
      fc.property(
        fc.dictionary(fc.string(), fc.jsonValue()),
        (value) => canonicalJson(Object.fromEntries(Object.entries(value).reverse())) === canonicalJson(value),
      ),
    );
  });
});
