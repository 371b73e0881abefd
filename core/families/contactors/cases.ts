/** All worked examples of the family; the tests hold judging and SQL against them. */
import type { WorkedCase } from './case-words';
import { coilCases } from './coil-cases';
import { loadCases } from './load-cases';
import { placeCases } from './place-cases';

export const workedCases: readonly WorkedCase[] = [...loadCases, ...coilCases, ...placeCases];
