/**
 * Is this capacitor good, weak, open or shorted, by its reading?
 * Within its tolerance it is good; outside it is weak; near nothing it is open; far above or without end it is shorted or misread.
 * Open and shorted are told without a tolerance, the rest only with one.
 * Source: common practice; limits in core/standards.
 */
import { certain, isRecord } from '../../certain';
import { capacitorSections } from '../../fields/capacitor-fields';
import type { RunCapacitorSpec } from './fields';
import { numberMark } from '../../case/case';
import { formatQuantity as q } from '../../quantities/format-quantity';
import { openShare, shortedShare } from '../../standards/run-capacitors';
import type { NeedContext, PartCondition } from '../contract';
import { canonicalRunCapacitor, runningMicrofarads } from './canonical';

export type Condition = 'good' | 'weak' | 'open' | 'shorted';

/**
 * @param readMicrofarads 0 or more; Infinity where the meter shows a short.
 * @param ratedMicrofarads above 0; @param tolerancePercent above 0, null where it is not read.
 * @returns null where only a tolerance would tell. Example: 33.0 against 35 is weak at 5 % and good at 6 %.
 */
export function conditionOf(readMicrofarads: number, ratedMicrofarads: number, tolerancePercent: number): Condition;
export function conditionOf(readMicrofarads: number, ratedMicrofarads: number, tolerancePercent: number | null): Condition | null;
export function conditionOf(readMicrofarads: number, ratedMicrofarads: number, tolerancePercent: number | null): Condition | null {
  const share = readMicrofarads / ratedMicrofarads;
  if (share > shortedShare) return 'shorted';
  if (share < openShare) return 'open';
  if (tolerancePercent === null) return null;
  return Math.abs(share - 1) * 100 <= tolerancePercent * (1 + 1e-9) ? 'good' : 'weak';
}

export const conditionWords: Record<Condition, string> = {
  good: 'within its tolerance',
  weak: 'outside its tolerance: worn out, though the motor may still run',
  open: 'the motor hums and does not start',
  shorted: 'or it was not discharged when it was read',
};

/** What was read on each section, and while running, held against its own mark and tolerance; nothing where nothing was read. */
export function runCapacitorCondition({ supply }: NeedContext, spec: RunCapacitorSpec): PartCondition[] {
  const laid = canonicalRunCapacitor(spec);
  const tolerance = typeof spec.tolerancePercent === 'number' ? spec.tolerancePercent : null;
  const one = (about: string, read: number | null, rated: unknown, how: string): PartCondition => {
    const against = typeof rated === 'number' ? ` of ${q(rated, 'µF')}${tolerance === null ? '' : ` ± ${tolerance} %`}` : '';
    const found = `${how}${read === null ? 'not read' : q(read, 'µF')}${against}`;
    const condition = read === null || typeof rated !== 'number' ? null : conditionOf(read, rated, tolerance);
    if (condition !== null)
      return { about, found, word: condition, words: conditionWords[condition], verdict: condition === 'good' ? 'fits' : 'fails' };
    const missing = read === null ? 'its reading' : typeof rated !== 'number' ? 'its own mark' : 'its tolerance';
    return { about, found, word: 'not known', words: `${missing} is missing`, verdict: 'not-known' };
  };
  const out: PartCondition[] = [];
  const { reads } = spec;
  if (isRecord(reads))
    for (const name of capacitorSections) {
      const read = reads[name];
      if (read === undefined || read === 'none') continue;
      out.push(
        one(`${certain(name[0]).toUpperCase()}${name.slice(1)}`, typeof read === 'number' ? read : null, laid[`microfarads_${name}`], ''),
      );
    }
  const [amps, volts, hertz] = [spec.measuredAmps, spec.measuredVolts, numberMark(supply, 'hertz')];
  if (typeof amps === 'number' && typeof volts === 'number' && volts > 0 && typeof hertz === 'number') {
    const only = Array.isArray(laid.anyMicrofarads) && laid.anyMicrofarads.length === 1 ? laid.anyMicrofarads[0] : null;
    const how = `${q(amps, 'A')} / (2π x ${q(hertz, 'Hz')} x ${q(volts, 'V')}) = `;
    out.push(one('Running', runningMicrofarads(amps, volts, hertz), only, how));
  }
  return out;
}
