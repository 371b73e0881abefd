/** The open interface: plain cases in, verdicts out; what is wrong is named. Needs no database. */
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { FieldValues } from '../core/case/case';
import { loadFields } from '../core/fields/load-fields';
import { supplyFields } from '../core/fields/supply-fields';
import { families, familyOf } from '../core/families/registry';
import { contextOf } from '../core/judge-case';
import { sampleCase } from '../features/interface/sample-case';
import { describeFamilies } from './families';
import { judgePlainCase, lineChoice } from './judge';
import { openApi } from './interface/document';
import { ServiceError } from './service-error';
import { computeWorksheet, describeWorksheets } from './worksheets';

const refusal = (work: Promise<unknown>) =>
  work.then(
    () => expect.unreachable('it was accepted'),
    (error) => {
      expect(error).toBeInstanceOf(ServiceError);
      return error as ServiceError;
    },
  );
const changed = (path: string, value: unknown): unknown => {
  const copy = structuredClone(sampleCase) as Record<string, unknown>;
  const keys = path.split('.');
  const last = keys.pop()!;
  const target = keys.reduce<Record<string, unknown>>((object, key) => object[key] as Record<string, unknown>, copy);
  if (value === undefined) delete target[last];
  else target[last] = value;
  return copy;
};

describe('POST /api/v1/judge', () => {
  it('takes the objects and lists of relays as the vocabulary writes them, aliases too', async () => {
    const plain = { practice: 'IEC', duty: null, removed: null };
    const relay = await judgePlainCase({
      ...plain,
      family: 'control-relay',
      supply: { socket: '8-pin', controlVolts: 24, controlKind: 'DC', coilPositivePin: 2 },
      load: {
        kind: 'contactor-coil',
        contactForms: { SPDT: 2 },
        contacts: [
          { pole: 1, loadType: 'DC-13', kind: 'DC', volts: 24, amps: 0.4 },
          { loadType: 'signal', kind: 'dc', volts: 24, amps: 0.01 },
        ],
        environment: 'dust',
        enclosureNeeded: ['dust-cover', 'sealed'],
      },
      candidates: [
        {
          id: 'right',
          spec: {
            base: '8-pin',
            contactForms: { SPDT: 2 },
            coilVolts: 24,
            coilKind: 'DC',
            polarity: 'none',
            enclosure: 'sealed',
            contactRatings: [
              { loadType: 'DC-13', kind: 'dc', volts: 30, amps: 1, minimumAmps: 0.005 },
              { loadType: 'resistive', kind: 'dc', volts: 30, amps: 5 },
            ],
          },
        },
        {
          id: 'worn',
          spec: { base: null, contactForms: null, coilVolts: 24, coilKind: 'dc', polarity: null, enclosure: null, contactRatings: null },
        },
      ],
    });
    expect(relay.candidates.map(({ id, verdict }) => [id, verdict])).toEqual([
      ['right', 'fits'],
      ['worn', 'not-known'],
    ]);
    const timer = await judgePlainCase({
      ...plain,
      family: 'timing-relay',
      supply: { controlVolts: 230, controlKind: 'ac', controlHertz: 50 },
      load: {
        kind: 'contactor-coil',
        requiredFunctionPlain: 'on first, then off, and again',
        requiredTrace: {
          supply: [[0, 1]],
          output: [
            [0, 1],
            [5, 0],
            [20, 1],
            [25, 0],
          ],
        },
        settingSeconds: [5, 15],
      },
      candidates: [
        {
          id: 'right',
          spec: {
            functionWords: ['Flasher starting with Pulse'],
            rangesSeconds: [[1, 60]],
            twoTimes: true,
            coilVolts: 230,
            coilKind: 'ac',
            coilHertz: [50, 60],
          },
        },
        {
          id: 'one time',
          spec: {
            functionWords: ['flasher starting with pulse'],
            rangesSeconds: [[1, 60]],
            twoTimes: false,
            coilVolts: 230,
            coilKind: 'ac',
            coilHertz: [50, 60],
          },
        },
      ],
    });
    expect(timer.candidates.map(({ verdict }) => verdict)).toEqual(['fits', 'fails']);
    const monitor = await judgePlainCase({
      ...plain,
      family: 'monitoring-relay',
      supply: { systemVolts: 400, phases: 3, wires: 3, hertz: 50, currentKind: 'ac', controlVolts: null, controlKind: null },
      load: { kind: 'motor-3ph', functionsNeeded: ['phaseLoss', 'asymmetry'], regeneratedPercent: 85 },
      candidates: [
        {
          id: 'right',
          spec: {
            nominalVoltsMin: 400,
            nominalVoltsMax: 400,
            nominalVoltsBetween: 'line-to-line',
            nominalHertz: [50, 60],
            wires: 3,
            auxiliarySupply: 'self',
            functions: { phaseLoss: true, asymmetry: true },
            phaseLossBelowPercent: 60,
            asymmetrySettingMinPercent: 3,
            measuredKind: 'ac',
          },
        },
        {
          id: 'blind',
          spec: {
            nominalVoltsMin: 400,
            nominalVoltsMax: 400,
            nominalVoltsBetween: 'line-to-line',
            nominalHertz: [50],
            wires: 3,
            auxiliarySupply: { volts: 24, kind: 'DC' },
            functions: { phaseLoss: true, asymmetry: false },
            phaseLossBelowPercent: 60,
            asymmetrySettingMinPercent: 'none',
            measuredKind: 'ac',
          },
        },
      ],
    });
    expect(monitor.candidates.map(({ verdict }) => verdict)).toEqual(['fits', 'fails']);
  });
  it('takes residual-current devices, breaker coils and run capacitors on the plain case alone', async () => {
    const plain = { practice: 'IEC', duty: null, removed: null };
    const spec = {
      standard: 'EN 61009-1',
      residualType: 'A',
      delay: 'general',
      sensitivityMilliamps: 30,
      poles: 2,
      ratedAmps: 16,
      curve: 'B',
      icnAmps: 6000,
      ratedVolts: 230,
    };
    const residual = await judgePlainCase({
      ...plain,
      family: 'residual-current',
      supply: { systemVolts: 230, voltsToGround: 230, phases: 1, wires: 2, hertz: 50, currentKind: 'ac', grounding: 'TN-S' },
      load: { kind: 'socket-circuit', electronics: 'single-phase-rectifier', standingLeakageMilliamps: 4, additionalProtection: true },
      candidates: [
        { id: 'right', spec },
        { id: 'blind', spec: { ...spec, residualType: 'AC' } },
        { id: 'for fire', spec: { ...spec, sensitivityMilliamps: 300 } },
        { id: 'worn', spec: { ...spec, residualType: null } },
      ],
    });
    expect(residual.candidates.map(({ verdict }) => verdict)).toEqual(['fits', 'fails', 'fails', 'not-known']);
    const coil = {
      function: ['shunt-trip', 'closing-coil'],
      frame: 'K4',
      coilVolts: 110,
      coilKind: 'DC',
      operatePercent: [70, 110],
      dutyContinuous: true,
    };
    const release = await judgePlainCase({
      ...plain,
      family: 'breaker-coil',
      supply: { controlVolts: 110, controlKind: 'dc', controlVoltsMin: 85 },
      load: { kind: 'air-breaker-accessory', action: 'opens-on-signal', frameNeeded: 'K4', commandMaintained: true },
      candidates: [
        { id: 'right', spec: coil },
        { id: 'release', spec: { ...coil, function: ['undervoltage-release'] } },
        { id: 'short', spec: { ...coil, dutyContinuous: false, maxCommandSeconds: 2 } },
        { id: 'other frame', spec: { ...coil, frame: 'K9' } },
      ],
    });
    expect(release.candidates.map(({ verdict }) => verdict)).toEqual(['fits', 'fails', 'fails', 'fails']);
    const can = {
      kind: 'run',
      protection: 'S2',
      sections: [{ name: 'motor', microfarads: 12 }],
      tolerancePercent: 5,
      ratedVolts: 450,
      hertz: [50, 60],
    };
    const capacitor = await judgePlainCase({
      ...plain,
      family: 'run-capacitor',
      supply: { systemVolts: 230, hertz: 50 },
      load: { kind: 'motor-1ph', sections: [{ name: 'motor', microfarads: 12 }], plateVolts: 400, protectionNeeded: ['S2', 'S3'] },
      candidates: [
        { id: 'right', spec: can },
        { id: 'joined', spec: { ...can, sections: [{ name: 'motor', microfarads: 12, parallel: [8, 4] }] } },
        { id: 'larger', spec: { ...can, sections: [{ name: 'motor', microfarads: 14 }] } },
        { id: 'lower volts', spec: { ...can, ratedVolts: 370 } },
        { id: 'for starting', spec: { ...can, kind: 'start' } },
      ],
    });
    expect(capacitor.candidates.map(({ verdict }) => verdict)).toEqual(['fits', 'fits', 'fails', 'fails', 'fails']);
  });
  it.each([
    ['a form that is none', { load: { contactForms: { DPDT: 1 } } }, /contactForms/],
    [
      'a trace that goes back',
      {
        load: {
          requiredTrace: {
            supply: [[0, 1]],
            output: [
              [5, 1],
              [2, 0],
            ],
          },
        },
      },
      /requiredTrace/,
    ],
    ['a contact without sense', { load: { contacts: [{ loadType: 'heavy', kind: 'ac' }] } }, /contacts/],
    ['a range that runs backwards', { spec: { rangesSeconds: [[10, 1]] } }, /rangesSeconds/],
    ['a time of nothing', { load: { settingSeconds: 0 } }, /settingSeconds/],
  ])('refuses %s by its field', async (_, change, pattern) => {
    const { load = {}, spec = {} } = change as { load?: object; spec?: object };
    const faults = await refusal(
      judgePlainCase({
        practice: 'IEC',
        family: 'timing-relay',
        supply: {},
        load: { kind: 'contactor-coil', ...load },
        duty: null,
        removed: null,
        candidates: [{ id: 'a', spec }],
      }),
    );
    expect(JSON.stringify((faults as ServiceError).faults)).toMatch(pattern);
  });
  it('answers needs, removed and every candidate with the fields of the vocabulary', async () => {
    const answer = await judgePlainCase(sampleCase);
    expect(Object.keys(answer)).toEqual(['needs', 'removed', 'candidates', 'cautions']);
    expect(answer.removed!.verdict).toBe('fails');
    expect(answer.candidates.map(({ id, verdict }) => [id, verdict])).toEqual([
      ['size 2', 'fits'],
      ['definite purpose 40', 'fails'],
    ]);
    for (const line of [...answer.needs, ...answer.removed!.lines, ...answer.candidates.flatMap((part) => part.lines)]) {
      expect(Object.keys(line).sort()).toEqual([
        'because',
        'have',
        'limit',
        'margin',
        'quantity',
        'relation',
        'severity',
        'source',
        'unit',
        'verdict',
      ]);
      expect(line.because && line.source).toBeTruthy();
    }
    expect(answer.needs.every((line) => line.verdict === null && line.have === null)).toBe(true);
  });
  it('asks no line for what nobody carries, and not known of who leaves out what another carries', async () => {
    const answer = await judgePlainCase({
      practice: 'IEC',
      family: 'contactor',
      supply: { systemVolts: 400, currentKind: 'ac', ambientC: 40 },
      load: { kind: 'motor-3ph', fullLoadAmps: 10 },
      duty: {},
      removed: null,
      candidates: [
        { id: 'a', spec: { ratings: [{ volts: 400, ac3Amps: 12 }], maxAmbientC: 60 } },
        { id: 'b', spec: { ratings: [{ volts: 400, ac3Amps: 12 }] } },
      ],
    });
    expect(answer.needs.map((line) => line.quantity)).toEqual(['ratingKind', 'ratedOperationalVolts', 'fullLoadAmps', 'maxAmbientC']);
    expect(answer.candidates.map((part) => part.verdict)).toEqual(['fits', 'not-known']);
  });
  it('the order of candidates says nothing', async () => {
    const turned = { ...sampleCase, candidates: [...sampleCase.candidates].reverse() };
    const [a, b] = [await judgePlainCase(sampleCase), await judgePlainCase(turned)];
    expect(b.candidates.find((part) => part.id === 'size 2')).toEqual(a.candidates.find((part) => part.id === 'size 2'));
  });
  it('nothing asked of a part is not known, never a fit', async () => {
    expect(
      (
        await judgePlainCase({
          practice: 'IEC',
          family: 'contactor',
          supply: {},
          load: { kind: 'motor-3ph' },
          removed: null,
          candidates: [{ id: 'x', spec: {} }],
        })
      ).candidates[0]!.verdict,
    ).toBe('not-known');
  });
  it('names what it did not use, so that a typing slip is seen', async () => {
    expect((await judgePlainCase(changed('supply.controlVolt', 120))).ignored).toEqual(['supply.controlVolt']);
  });
  it('takes the aliases of kinds', async () => {
    expect((await judgePlainCase(changed('supply.currentKind', 'AC'))).candidates[0]!.verdict).toBe('fits');
  });
  it.each([
    ['practice', 'UK', 'practice'],
    ['family', 'surge-arrester', 'family'],
    ['supply.systemVolts', -480, 'supply.systemVolts'],
    ['supply.systemVolts', 0, 'supply.systemVolts'],
    ['supply.systemVolts', 1e9, 'supply.systemVolts'],
    ['supply.systemVolts', '480 V', 'supply.systemVolts'],
    ['load.fullLoadAmps', '30 mA', 'load.fullLoadAmps'],
    ['load.codeLetter', 'Q', 'load.codeLetter'],
    ['load.plateVolts', '230 or 460', 'load.plateVolts'],
    ['load.kind', '😀', 'load.kind'],
    ['candidates', {}, 'candidates'],
    ['candidates', undefined, 'candidates'],
    ['candidates.0.spec.nemaSize', '0000', 'candidates[0].spec.nemaSize'],
    ['candidates.0.spec.poles', 2.5, 'candidates[0].spec.poles'],
    ['candidates.1.spec.ratings', 'none given', 'candidates[1].spec.ratings'],
    ['candidates.1.spec.coilHertz', 60, 'candidates[1].spec.coilHertz'],
    ['candidates.1.id', '', 'candidates[1].id'],
  ])('%s = %j is refused by name', async (path, value, field) => {
    const { status, faults } = await refusal(judgePlainCase(changed(path, value)));
    expect(status).toBe(422);
    expect(faults.map((fault) => fault.field)).toContain(field);
    expect(faults[0]!.reason).toMatch(/accept|must|needed|missing|empty/);
  });
  it('names the row of a bad rating', async () => {
    const { faults } = await refusal(judgePlainCase(changed('candidates.1.spec.ratings', [{ volts: 240, fullLoadAmps: -1 }])));
    expect(faults[0]!.field).toBe('candidates[1].spec.ratings[0].fullLoadAmps');
  });
  it('two candidates of one name are refused', async () => {
    const { faults } = await refusal(judgePlainCase({ ...sampleCase, candidates: [sampleCase.candidates[0], sampleCase.candidates[0]] }));
    expect(faults[0]!.reason).toContain("'size 2' stands twice");
  });
  it.each([null, [], 'text', 3])('%j is no case', async (body) => expect((await refusal(judgePlainCase(body))).status).toBe(422));
});

describe('worksheets over the interface', () => {
  it('computes with sources', async () => {
    const answer = await computeWorksheet('motor-full-load-current', { horsepower: 10, volts: 230, phases: '3' });
    expect(answer.outputs[0]).toMatchObject({ name: 'fullLoadAmps', value: 28, unit: 'A' });
    expect(answer.sources.join(' ')).toContain('430.250');
  });
  it.each([
    [{}, 3],
    [{ horsepower: -1, volts: 230, phases: '3' }, 1],
    [{ horsepower: '10', volts: 230, phases: '3' }, 1],
    [{ horsepower: 10, volts: 230, phases: 3 }, 1],
  ])('%j is refused with %i faults', async (body, count) => {
    expect((await refusal(computeWorksheet('motor-full-load-current', body))).faults).toHaveLength(count);
  });
  it('unknown inputs and unknown sheets are refused', async () => {
    expect(
      (await refusal(computeWorksheet('motor-full-load-current', { horsepower: 10, volts: 230, phases: '3', colour: 1 }))).faults[0]!
        .reason,
    ).toContain('colour');
    expect((await refusal(computeWorksheet('nothing', {}))).status).toBe(404);
  });
  it('lists fields and units', () => {
    expect(describeWorksheets().length).toBeGreaterThanOrEqual(8);
    expect(
      describeFamilies()
        .find(({ id }) => id === 'contactor')!
        .spec.find((field) => field.name === 'shortCircuitRatingAmps')!.unit,
    ).toBe('A');
  });
});

describe('the OpenAPI document', () => {
  const document = openApi() as {
    openapi: string;
    paths: Record<string, Record<string, { requestBody?: { content: Record<string, { schema: Record<string, unknown> }> } }>>;
  };
  it('is 3.1 and has every route of the application', () => {
    expect(document.openapi).toBe('3.1.0');
    expect(Object.keys(document.paths)).toEqual(
      expect.arrayContaining([
        '/api/v1/judge',
        '/api/v1/families',
        '/api/v1/worksheets',
        '/api/v1/worksheets/coil-current',
        '/api/v1/swaps/{id}/sign',
      ]),
    );
  });
  it('takes bounds and words from the schemas that check the input', () => {
    type CaseJson = {
      properties: Record<string, { properties?: Record<string, { anyOf: unknown[] }>; enum?: string[] }>;
      required: string[];
    };
    const { anyOf } = document.paths['/api/v1/judge']!.post!.requestBody!.content['application/json']!.schema as { anyOf: CaseJson[] };
    expect(anyOf.map(({ properties }) => properties.family!.enum)).toEqual(describeFamilies().map(({ id }) => [id]));
    const schema = anyOf[0]!;
    expect(schema.properties.supply!.properties!.systemVolts!.anyOf[0]).toEqual({ type: 'number', exclusiveMinimum: 0, maximum: 1500 });
    expect(schema.properties.practice!.enum).toEqual(['NFPA70', 'IEC']);
    expect(schema.required).toEqual(expect.arrayContaining(['practice', 'family', 'supply', 'load', 'candidates']));
  });
  it('names no host', () => expect(JSON.stringify(document)).not.toMatch(/https?:/));
});

it('the command-line tool and the interface share one function', () => {
  expect(readFileSync('scripts/judge.ts', 'utf8')).toContain("from '../services/judge'");
});

describe('what the open interface answers beside the lines', () => {
  const contactor = (spec: object, load: object = { kind: 'motor-3ph', fullLoadAmps: 21, polesToSwitch: 3 }, supply: object = {}) => ({
    practice: 'IEC',
    family: 'contactor',
    supply: { systemVolts: 480, currentKind: 'ac', ...supply },
    load,
    candidates: [{ id: 'a', spec }],
  });
  it.each(['constructor', '__proto__', 'toString', 'hasOwnProperty', 'valueOf'])(
    'a mark named %s is ignored with its path, wherever it stands',
    async (name) => {
      const odd = JSON.parse(`{"${name}": 1}`) as object;
      const spec = JSON.parse(`{"poles": 3, "${name}": {"x": 1}, "ratings": [{"volts": 480, "ac3Amps": 25, "${name}": 5}]}`) as object;
      const answer = await judgePlainCase({
        ...contactor(spec, JSON.parse(`{"kind": "motor-3ph", "fullLoadAmps": 21, "${name}": "x"}`) as object),
        ...odd,
      });
      expect(answer.ignored).toEqual(
        expect.arrayContaining([`candidates[0].spec.${name}`, `candidates[0].spec.ratings[0].${name}`, `load.${name}`]),
      );
      expect(answer.candidates[0]!.verdict).toBe('fits');
    },
  );
  it.each(['constructor', '__proto__', 'toString'])('%s as a word is refused, not looked up', async (word) => {
    for (const body of [
      contactor({ coilKind: word }),
      { ...contactor({}), practice: word },
      { ...contactor({}), family: word },
      contactor({}, { kind: word }),
      { ...contactor({}), family: 'fuse', candidates: [{ id: 'a', spec: { fuseClass: word } }] },
    ])
      expect((await refusal(judgePlainCase(body))).status).toBe(422);
  });
  it('a misspelt name inside a row or an object is answered with its path', async () => {
    const answer = await judgePlainCase({
      ...contactor({ poles: 3, ratings: [{ volts: 480, ac3Amp: 25 }], coilMarks: [{ volts: 120, kinds: 'ac' }] }),
      removed: { spec: { pole: 3 } },
    });
    expect(answer.ignored).toEqual(['removed.spec.pole', 'spec.ratings[0].ac3Amp', 'spec.coilMarks[0].kinds']);
    expect(answer.candidates[0]!.verdict).toBe('fails');
  });
  it('a list where one word is given takes it as a list of one', async () => {
    const body = (fn: unknown) => ({
      practice: 'IEC',
      family: 'breaker-coil',
      supply: {},
      load: { kind: 'air-breaker-accessory', action: 'opens-on-signal' },
      candidates: [{ id: 'a', spec: { function: fn } }],
    });
    expect(await judgePlainCase(body('shunt-trip'))).toEqual(await judgePlainCase(body(['shunt-trip'])));
    expect((await judgePlainCase(body('shunt-trip'))).candidates[0]!.verdict).toBe('fits');
  });
  it('cautions of the position stand beside the parts', async () => {
    const one = await judgePlainCase(contactor({}, { kind: 'resistive-heater', loadAmps: 5, polesToSwitch: 1 }, { voltsToGround: 277 }));
    expect(one.cautions.join(' ')).toMatch(/leg live/);
    const volts = await judgePlainCase(contactor({}, { kind: 'motor-3ph', fullLoadAmps: 21, plateVolts: 230 }));
    expect(volts.cautions.join(' ')).toMatch(/more than 10 % apart/);
  });
  it('decisive lines are those that do not fit, with the same verdicts; another word is refused', async () => {
    const [all, short] = [await judgePlainCase(sampleCase), await judgePlainCase(sampleCase, 'decisive')];
    expect(short.candidates.map(({ id, verdict }) => [id, verdict])).toEqual(all.candidates.map(({ id, verdict }) => [id, verdict]));
    expect(short.candidates.map(({ lines }) => lines)).toEqual(
      all.candidates.map(({ lines }) => lines.filter(({ verdict }) => verdict !== 'fits')),
    );
    expect(() => lineChoice('some')).toThrow();
    expect([lineChoice(null), lineChoice('decisive')]).toEqual(['all', 'decisive']);
  });
  it('what differs from the removed part is said, up and down, with what to ask; what mends it asks nothing', async () => {
    const fuse = (ratedAmps: number, speed: string) => ({
      standard: 'UL 248',
      fuseClass: 'J',
      ratedAmps,
      speed,
      voltsAc: 600,
      interruptingAmpsAc: 200000,
    });
    const body = (loadAmps: number) => ({
      practice: 'NFPA70',
      family: 'fuse',
      supply: { systemVolts: 240, currentKind: 'ac', prospectiveFaultAmps: 5000 },
      load: { kind: 'conductor-feeder', loadAmps },
      removed: { spec: fuse(15, 'fast') },
      candidates: [
        { id: 'same', spec: fuse(15, 'fast') },
        { id: 'up', spec: fuse(20, 'fast') },
        { id: 'slow', spec: fuse(15, 'time-delay') },
      ],
    });
    const [same, up, slow] = (await judgePlainCase(body(12))).candidates;
    expect(same!.changes).toEqual([]);
    expect(up!.changes).toMatchObject([{ id: 'ratedAmps', from: 15, to: 20, direction: 'up', mends: false }]);
    expect(up!.changes[0]!.ask).toMatch(/Why did it blow/);
    expect(slow!.changes).toMatchObject([{ id: 'delay', from: 'fast', to: 'time-delay' }]);
    expect(up!.verdict).toBe('fits');
    // At 18 A the removed one was too small: a larger one mends that.
    expect((await judgePlainCase(body(18))).candidates[1]!.changes).toMatchObject([{ id: 'ratedAmps', mends: true, ask: null }]);
  });
  it('every field that is published for a load is used, or answered as ignored, whatever the family', async () => {
    const samples: Record<string, unknown> = {
      number: 1,
      flag: true,
      counts: { SPDT: 1 },
      trace: { supply: [[0, 1]], output: [[1, 1]] },
      times: 5,
      band: [10, 20],
      'amps-by': { gG: 20 },
      rows: [],
      'volts-text': 230,
    };
    for (const { id, load } of describeFamilies())
      for (const field of load) {
        if (field.name === 'kind') continue;
        const own = field.words?.[0];
        const value =
          field.kind === 'number'
            ? Math.max(field.min ?? 0, (field.above ?? 0) + 1) > field.max!
              ? field.max
              : Math.max(field.min ?? 0, (field.above ?? 0) + 1)
            : field.kind === 'word'
              ? (own ?? 'text')
              : field.kind === 'words'
                ? [own]
                : samples[field.kind];
        const base = {
          practice: 'IEC',
          family: id,
          supply: { systemVolts: 230, phases: 1 },
          load: { kind: 'resistive-heater' },
          candidates: [],
        };
        const answer = await judgePlainCase({ ...base, load: { ...base.load, [field.name]: value } });
        const [without, given] = [judgeNeeds(base), judgeNeeds({ ...base, load: { ...base.load, [field.name]: value } })];
        const ignored = answer.ignored?.includes(`load.${field.name}`) ?? false;
        // What is ignored changes nothing; what changes a line is not called ignored.
        if (ignored) expect(given, `${id} ${field.name}`).toEqual(without);
      }
  }, 60_000);
  it('absurd input gives a refusal with a path, never a defect', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.constantFrom(...families.map(({ id }) => id)),
        fc.constantFrom('supply', 'load', 'duty', 'candidates', 'removed', 'practice'),
        fc.jsonValue({ maxDepth: 4 }),
        fc.constantFrom(...loadFields.map(({ name }) => name), ...supplyFields.map(({ name }) => name)),
        async (family, section, junk, name) => {
          const base: Record<string, unknown> = {
            practice: 'IEC',
            family,
            supply: { systemVolts: 230 },
            load: { kind: 'motor-1ph' },
            duty: {},
            removed: null,
            candidates: [{ id: 'a', spec: {} }],
          };
          const inside = section === 'supply' || section === 'load' ? { ...(base[section] as object), [name]: junk } : junk;
          try {
            await judgePlainCase({ ...base, [section]: inside });
          } catch (error) {
            expect(error).toBeInstanceOf(ServiceError);
            expect((error as ServiceError).status).toBe(422);
            expect((error as ServiceError).faults[0]!.reason).not.toBe('');
          }
        },
      ),
      { numRuns: 1500 },
    );
  }, 60_000);
  it('absurd marks of a part give a refusal with a path, never a defect', async () => {
    await fc.assert(
      fc.asyncProperty(fc.constantFrom(...families), fc.nat(), fc.jsonValue({ maxDepth: 4 }), async (family, index, junk) => {
        const field = family.fields[index % family.fields.length]!;
        const spec = { [field.name]: junk };
        const body = {
          practice: 'NFPA70',
          family: family.id,
          supply: { systemVolts: 240, phases: 3, controlVolts: 24, controlKind: 'dc' },
          load: { kind: 'motor-3ph', fullLoadAmps: 5 },
          removed: { spec },
          candidates: [{ id: 'a', spec }],
        };
        try {
          await judgePlainCase(body);
        } catch (error) {
          expect(error).toBeInstanceOf(ServiceError);
          expect((error as ServiceError).faults[0]!.field).toContain(field.name);
        }
      }),
      { numRuns: 2000 },
    );
  }, 60_000);
});

/** The lines that a case asks, without what is shown of parts. */
const judgeNeeds = ({ practice, family, supply, load }: { practice: string; family: string; supply: object; load: object }) =>
  familyOf(family)!.needs(
    contextOf({
      practice: practice as 'IEC',
      family,
      supply: supply as FieldValues,
      load: load as FieldValues,
      duty: {},
      removed: null,
      candidates: [],
    }),
  );
