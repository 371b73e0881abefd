/**
 * Parts that once were called a fit and are none: each with the clause that forbids it. Judged as a whole case, since most of them fitted
 * because a line was not asked. Expected verdicts are worked out by hand from the figures in the row.
 */
import type { FieldValues, Practice } from '@/core/case/case';
import type { Verdict } from '@/core/needs/need';

export type FalseFit = {
  what: string;
  practice: Practice;
  family: string;
  supply: FieldValues;
  load: FieldValues;
  duty?: FieldValues;
  spec: FieldValues;
  /** Another part of the case, where it matters. */
  beside?: FieldValues;
  verdict: Verdict;
  /** A line that says so, by its quantity. */
  line?: [quantity: string, verdict: Verdict];
  source: string;
};

export const ac480: FieldValues = { systemVolts: 480, phases: 3, currentKind: 'ac' };
export const motor21: FieldValues = { kind: 'motor-3ph', fullLoadAmps: 21, polesToSwitch: 3 };
export const vocabulary = 'plain case, section 1: asked whatever the parts carry';
export const contactor = (spec: FieldValues, more: Partial<FalseFit> = {}): Omit<FalseFit, 'what' | 'verdict' | 'source'> => ({
  practice: 'IEC',
  family: 'contactor',
  supply: ac480,
  load: motor21,
  spec,
  ...more,
});
export const breaker30: FieldValues = {
  standard: 'UL 489',
  poles: 2,
  ratedAmps: 30,
  currentKinds: ['ac'],
  ratedVoltsLineToLine: 240,
  ratedVoltsLineToGround: 120,
  slash: true,
  interruptingRatings: [{ volts: 240, kind: 'ac', amps: 10000 }],
};
export const relay = (contactRatings: FieldValues[], contactForms: FieldValues): FieldValues => ({ contactForms, contactRatings });
