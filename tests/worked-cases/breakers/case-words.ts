/** Words that the worked examples of breakers share. */
import type { FieldValues } from '@/core/case/case';

export const practice = 'common practice';
export const mcb = (curve: string, ratedAmps: number, more: FieldValues = {}): FieldValues => ({
  standard: 'IEC 60898-1',
  curve,
  ratedAmps,
  poles: 1,
  ...more,
});
export const ul = (ratedAmps: number, more: FieldValues = {}): FieldValues => ({ standard: 'UL 489', ratedAmps, poles: 3, ...more });
export const ac230: FieldValues = { systemVolts: 230, voltsToGround: 230, phases: 1, currentKind: 'ac', grounding: 'TN-S' };
export const wye480: FieldValues = {
  systemVolts: 480,
  voltsToGround: 277,
  phases: 3,
  currentKind: 'ac',
  grounding: 'solidly-grounded-wye',
};
export const slash480 = { ratedVoltsLineToLine: 480, ratedVoltsLineToGround: 277, slash: true };
export const dc = (systemVolts: number, more: FieldValues = {}): FieldValues => ({
  systemVolts,
  phases: null,
  hertz: null,
  currentKind: 'dc',
  ...more,
});
export const zs = (loopImpedanceOhms: number, loopImpedanceBasis = 'worked-out-hot'): FieldValues => ({
  ...ac230,
  loopImpedanceOhms,
  loopImpedanceBasis,
});
