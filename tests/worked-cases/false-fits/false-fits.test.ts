/** Every part that once was a false fit, or was failed without need, as a whole case. */
import { describe, expect, it } from 'vitest';
import { contradictionsOf } from '@/core/supply/earthing';
import { judgeCase } from '@/core/judge-case';
import { falseFits } from '.';

describe('no false fit, and no needless no', () => {
  it.each(falseFits.map((one) => [one.what, one] as const))('%s', (_what, one) => {
    const { practice, family, supply, load, duty = {}, spec, beside } = one;
    const candidates = [{ id: 'part', spec }, ...(beside ? [{ id: 'beside', spec: beside }] : [])];
    const [part] = judgeCase({ practice, family, supply, load, duty, removed: null, candidates }).candidates;
    const said = JSON.stringify(
      part!.lines.filter(({ verdict }) => verdict !== 'fits').map(({ quantity, verdict, because }) => [quantity, verdict, because]),
    );
    if (one.line)
      expect(
        part!.lines.filter(({ quantity }) => quantity === one.line![0]).map(({ verdict }) => verdict),
        said,
      ).toContain(one.line[1]);
    expect(part!.verdict, said).toBe(one.verdict);
    expect(one.source).not.toBe('');
  });
});

describe('contradictions are refused, both fields named', () => {
  it.each([
    [{ currentKind: 'ac', grounding: 'dc-negative-grounded' }, {}, ['supply.currentKind', 'supply.grounding']],
    [{ currentKind: 'ac' }, { kind: 'battery' }, ['supply.currentKind', 'load.kind']],
    [{ currentKind: 'dc' }, { kind: 'motor-3ph' }, ['supply.currentKind', 'load.kind']],
    [{ grounding: 'dc-ungrounded' }, { kind: 'motor-1ph' }, ['supply.grounding', 'load.kind']],
    [
      { systemVolts: 240, phases: 3, grounding: 'corner-grounded-delta', voltsToGround: 139 },
      {},
      ['supply.voltsToGround', 'supply.grounding'],
    ],
    [{ systemVolts: 240, phases: 3, grounding: 'high-leg-delta', voltsToGround: 139 }, {}, ['supply.voltsToGround', 'supply.grounding']],
    [
      { systemVolts: 480, phases: 3, grounding: 'solidly-grounded-wye', voltsToGround: 120 },
      {},
      ['supply.voltsToGround', 'supply.grounding'],
    ],
  ])('%j with %j', (supply, load, fields) => expect(contradictionsOf({ supply, load })[0]!.fields).toEqual(fields));
  it.each([
    [{ systemVolts: 400, phases: 3, grounding: 'TN-S', voltsToGround: 230 }, { kind: 'motor-3ph' }],
    [{ systemVolts: 240, phases: 3, grounding: 'high-leg-delta', voltsToGround: 120 }, {}],
    [{ currentKind: 'dc', grounding: 'IT' }, { kind: 'battery' }],
    [{ systemVolts: 400, grounding: 'IT', voltsToGround: 230 }, {}],
  ])('%j with %j agrees', (supply, load) => expect(contradictionsOf({ supply, load })).toEqual([]));
});
