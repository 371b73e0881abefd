/** Words that the worked examples of contactors share. */
import type { Marks } from '@/core/case/case';

export type { WorkedCase } from '../worked-case';

export const motor480: Marks = { kind: 'motor-3ph', plateVolts: '230/460', horsepower: 10, codeLetter: 'G' };
export const supply480: Marks = { systemVolts: 480, phases: 3, currentKind: 'ac' };
export const definitePurpose = (row240: Marks, row480: Marks, more: Marks = {}): Marks => ({
  standard: 'UL 60947-4-1 (definite purpose)',
  poles: 3,
  ratings: [
    { volts: 240, ...row240 },
    { volts: 480, ...row480 },
  ],
  ...more,
});
export const coil = (coilVolts: number, coilKind: string, coilHertz: number[]): Marks => ({ coilVolts, coilKind, coilHertz });
export const control = (controlVolts: number, controlKind: string, controlHertz: number | null = null): Marks => ({
  controlVolts,
  controlKind,
  controlHertz,
});
export const onlyCoil: Marks = { kind: 'lamp-bank' };
export const iec = (ac3Amps: number | null | 'none', more: Marks = {}): Marks => ({
  standard: 'IEC 60947-4-1',
  poles: 3,
  ratings: [{ volts: 400, ac3Amps }],
  ...more,
});
export const supply400: Marks = { systemVolts: 400, phases: 3, currentKind: 'ac' };
export const practice = 'common practice';
