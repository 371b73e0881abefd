/** All worked examples of the family. */
import type { WorkedCase } from './case-words';
import { coilCases } from './coil-cases';
import { loadCases } from './load-cases';
import { placeCases } from './place-cases';

export const contactorCases: readonly WorkedCase[] = [...loadCases, ...coilCases, ...placeCases];
