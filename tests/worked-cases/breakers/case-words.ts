/** Words that the worked examples of breakers share. */
import type { Marks } from '@/core/case/case';

export const practice = 'common practice';
export const mcb = (curve: string, ratedAmps: number, more: Marks = {}): Marks => ({
  standard: 'IEC 60898-1',
  curve,
  ratedAmps,
  poles: 1,
  ...more,
});
export const ul = (ratedAmps: number, more: Marks = {}): Marks => ({ standard: 'UL 489', ratedAmps, poles: 3, ...more });
export const ac230: Marks = { systemVolts: 230, voltsToGround: 230, phases: 1, currentKind: 'ac', grounding: 'TN-S' };
export const wye480: Marks = { systemVolts: 480, voltsToGround: 277, phases: 3, currentKind: 'ac', grounding: 'solidly-grounded-wye' };
export const slash480 = { ratedVoltsLineToLine: 480, ratedVoltsLineToGround: 277, slash: true };
export const dc = (systemVolts: number, more: Marks = {}): Marks => ({
  systemVolts,
  phases: null,
  hertz: null,
  currentKind: 'dc',
  ...more,
});
export const zs = (loopImpedanceOhms: number, loopImpedanceBasis = 'worked-out-hot'): Marks => ({
  ...ac230,
  loopImpedanceOhms,
  loopImpedanceBasis,
});
