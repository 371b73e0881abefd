/** Words that the worked examples of contactors share. */
import type { FieldValues } from '@/core/case/case';

export type { WorkedCase } from '../worked-case';

export const motor480: FieldValues = { kind: 'motor-3ph', plateVolts: '230/460', horsepower: 10, codeLetter: 'G' };
export const supply480: FieldValues = { systemVolts: 480, phases: 3, currentKind: 'ac' };
export const definitePurpose = (row240: FieldValues, row480: FieldValues, more: FieldValues = {}): FieldValues => ({
  standard: 'UL 60947-4-1 (definite purpose)',
  poles: 3,
  ratings: [
    { volts: 240, ...row240 },
    { volts: 480, ...row480 },
  ],
  ...more,
});
export const coil = (coilVolts: number, coilKind: string, coilHertz: number[]): FieldValues => ({ coilVolts, coilKind, coilHertz });
export const control = (controlVolts: number, controlKind: string, controlHertz: number | null = null): FieldValues => ({
  controlVolts,
  controlKind,
  controlHertz,
});
export const onlyCoil: FieldValues = { kind: 'lamp-bank' };
export const iec = (ac3Amps: number | null | 'none', more: FieldValues = {}): FieldValues => ({
  standard: 'IEC 60947-4-1',
  poles: 3,
  ratings: [{ volts: 400, ac3Amps }],
  ...more,
});
export const supply400: FieldValues = { systemVolts: 400, phases: 3, currentKind: 'ac' };
export const practice = 'common practice';
