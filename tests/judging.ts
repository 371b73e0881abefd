/** What tests of judging share: a plain case of several specs, verdicts from worst to best, one figure of a worksheet. */
import { expect } from 'vitest';
import type { FieldValues, PlainCase } from '@/core/case/case';
import type { Verdict } from '@/core/needs/need';
import { worksheetOf } from '@/core/worksheets/registry';

export const verdictOrder: readonly Verdict[] = ['fails', 'not-known', 'check', 'fits'];

/** A plain case whose candidates are these specs, numbered in order. IEC practice and nothing else unless it is said. */
export const plainCase = (one: Pick<PlainCase, 'family'> & Partial<PlainCase>, specs: readonly FieldValues[]): PlainCase => ({
  practice: 'IEC',
  supply: {},
  load: {},
  duty: {},
  removed: null,
  ...one,
  candidates: specs.map((spec, i) => ({ id: String(i), spec })),
});

/** An output of a worksheet that must give an answer. */
export const sheetFigure = (id: string, values: Record<string, number | string>, name: string): number => {
  const result = worksheetOf(id)!.compute(values);
  expect(result.ok, result.refusal).toBe(true);
  return result.outputs.find((one) => one.name === name)!.value!;
};
