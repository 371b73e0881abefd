/** The owner's page: plain, true to the judged lines, without a price or a promise. */
import { describe, expect, it } from 'vitest';
import type { FieldValues, PartSpec } from '../../case/case';
import { contextOf, judgeCase } from '../../judge-case';
import { compileNeed } from '../../matching/evaluate';
import { judgePart } from '../../matching/judge';
import { familyOf } from '../registry';
import { plainWords } from './owner-summary';

const family = familyOf('residual-current')!;
const supply: FieldValues = {
  systemVolts: 230,
  voltsToGround: 230,
  phases: 1,
  hertz: 50,
  currentKind: 'ac',
  grounding: 'TN-S',
  upstreamOvercurrentAmps: 40,
};
const spec: PartSpec = {
  standard: 'IEC/EN 61008-1',
  residualType: 'AC',
  delay: 'general',
  sensitivityMilliamps: 30,
  poles: 2,
  ratedAmps: 40,
  ratedVolts: 230,
  conditionalShortCircuitAmps: 10000,
};
function page(load: FieldValues, removed: PartSpec | null, practice: 'IEC' | 'NFPA70' = 'IEC', at: FieldValues = supply) {
  const context = contextOf({ practice, family: 'residual-current', supply: at, load, duty: {}, removed: null, candidates: [] });
  const needs = family.needs(context);
  const parts = plainWords(context, needs, removed && judgePart(needs.map(compileNeed), family.canonical(removed), practice));
  return Object.fromEntries(parts.map(({ heading, sentences }) => [heading, sentences.join(' ')]));
}
const charger: FieldValues = { kind: 'battery-charger', electronics: 'ev-charger', additionalProtection: true };

describe('the page for the owner', () => {
  it('says of a blinded device what that means, and which type goes in', () => {
    const words = page(charger, spec);
    expect(words['What was found']).toMatch(/not the right one.*does not notice every kind of leakage/);
    expect(words['What goes in']).toMatch(/type B or B\+/);
    expect(words['What goes in']).toMatch(/30\s?mA/);
    expect(words['What goes in']).toContain('itself may have a type A');
    const bounded = page({ ...charger, smoothDcLimitMilliamps: 6 }, spec)['What goes in'];
    expect(bounded).toMatch(/type A or F or B or B\+/);
    expect(bounded).not.toContain('itself may have');
    expect(words['What it does not do']).toMatch(/40\s?A fuse or breaker/);
  });
  it('finds nothing wrong where nothing fails, and says what could not be read', () => {
    const sockets: FieldValues = { kind: 'socket-circuit', electronics: 'none', additionalProtection: true };
    const right = { ...spec, residualType: 'A' };
    expect(
      judgeCase({ practice: 'IEC', family: 'residual-current', supply, load: sockets, duty: {}, removed: { spec: right }, candidates: [] })
        .removed!.verdict,
    ).not.toBe('fails');
    expect(page(sockets, right)['What was found']).not.toContain('not the right one');
    expect(page(charger, { ...spec, residualType: null })['What was found']).toContain('could not be');
    expect(page(charger, null)['What was found']).toContain('has not been read');
  });
  it('an unread front end leaves the type open', () => {
    const words = page({ ...charger, electronics: null }, null);
    expect(words['What goes in']).toContain('open until it is known');
    expect(words['What goes in']).not.toMatch(/type [AFB]/);
  });
  it('in North America it names the class, not a type', () => {
    const words = page({ kind: 'socket-circuit', purpose: 'personnel' }, null, 'NFPA70', {
      systemVolts: 120,
      voltsToGround: 120,
      phases: 1,
      hertz: 60,
      currentKind: 'ac',
    });
    expect(words['What goes in']).toContain('GFCI Class A');
    expect(words['What goes in']).not.toMatch(/type [AFB]/);
  });
  it('gives no price and never says that all is safe', () => {
    const all = Object.values(page(charger, spec)).join(' ');
    expect(all).not.toMatch(/[$€£]|\d+ (euro|dollar|pound)|is safe/);
    expect(all).toContain('licensed');
  });
});
