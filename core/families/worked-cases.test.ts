/** Worked examples of fuses and overload relays, line by line. */
import { describe, expect, it } from 'vitest';
import { contextOf, judgeCase } from '../judge-case';
import { compileNeed } from '../matching/evaluate';
import { fuseCases } from './fuses/cases';
import { overloadCases } from './overload-relays/cases';
import { familyOf } from './registry';
import { plainOfCase } from './worked-case';

describe.each([
  ['fuse', fuseCases],
  ['overload-relay', overloadCases],
] as const)('%s', (id, cases) => {
  const family = familyOf(id)!;
  it.each(cases.map((one) => [one.name, one] as const))('%s', (_name, one) => {
    const plain = plainOfCase(one, id);
    const spec = family.canonical(one.spec);
    const needs = family.needs(contextOf(plain));
    for (const [line, verdict] of Object.entries(one.lines)) {
      const need = needs.find((candidate) => candidate.id === line);
      const compiled = need && compileNeed(need);
      expect(compiled?.carries(spec) ? compiled.verdict(spec) : null, `${line}: ${need?.because}`).toBe(verdict);
    }
    if (one.verdict) expect(judgeCase(plain).candidates[0]!.verdict).toBe(one.verdict);
  });
  it('no case stands twice', () => expect(new Set(cases.map(({ name }) => name)).size).toBe(cases.length));
});
