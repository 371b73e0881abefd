/** Every worked example, line by line: what is asked, and the verdict on it. */
import { contextOf, judgeCase } from '@/core/judge-case';
import { compileNeed } from '@/core/matching/evaluate';
import { familyOf } from '@/core/families/registry';
import { describe, expect, it } from 'vitest';
import { workedCases } from '.';
import { plainOfCase } from './worked-case';

describe.each(Object.entries(workedCases))('%s', (id, cases) => {
  const family = familyOf(id)!;
  it.each(cases.map((one) => [one.name, one] as const))('%s', (_name, one) => {
    const plain = plainOfCase(one, id);
    const spec = family.canonical(one.spec);
    const needs = family.needs(contextOf(plain));
    for (const [line, verdict] of Object.entries(one.lines)) {
      const need = needs.find((candidate) => candidate.id === line);
      const compiled = need && compileNeed(need);
      expect(
        compiled && !compiled.exempt(spec) && (need!.alwaysAsked || compiled.carries(spec)) ? compiled.verdict(spec) : null,
        `${line}: ${need?.because}`,
      ).toBe(verdict);
    }
    if (one.verdict) expect(judgeCase(plain).candidates[0]!.verdict).toBe(one.verdict);
  });
  it('no case stands twice and each names its source', () => {
    expect(new Set(cases.map(({ name }) => name)).size).toBe(cases.length);
    for (const { source } of cases) expect(source).not.toBe('');
  });
});
