/**
 * One form of a run capacitor's spec for judging: capacitance by section, what was read of each in percent of its own tolerance,
 * and what running volts and amps say at 50 and 60 Hz.
 * C = I / (2 pi f V), V across its own terminals, I in its own lead. Source: definition of capacitive reactance, through core/standards.
 */
import { isOneOf, isRecord, keysOf } from '../../certain';
import { figuresMark, rowsMark } from '../../case/case';
import type { RunCapacitorSpec } from './fields';
import { capacitorSections } from '../../fields/capacitor-fields';
import type { CanonicalRunCapacitor } from './figures';
import { LIFE_AT_CELSIUS, lifeHours, restateLife } from '../../standards/run-capacitors';
import { cleanMarks } from '../normalise-spec';

type Row = { name?: unknown; microfarads?: unknown; parallel?: unknown };
const round = (value: number) => Number(value.toPrecision(9));
const isNumber = (mark: unknown): mark is number => typeof mark === 'number';

/** P classes of newer editions, by the S class that they continue. IEC 60252-1, from memory. */
const continued: Readonly<Record<string, string>> = { P0: 'S0', P1: 'S1', P2: 'S2' };

/** Capacitance of a row, µF: as stated, or the sum of the singles joined; null where worn. */
export function rowMicrofarads({ microfarads, parallel }: Row): number | null {
  if (parallel === null) return null;
  if (Array.isArray(parallel) && parallel.length > 0)
    return parallel.every(isNumber) ? round(figuresMark(parallel).reduce((sum, one) => sum + one, 0)) : null;
  return isNumber(microfarads) ? round(microfarads) : null;
}

/** Capacitance from running figures, µF. Example: 3.4 A, 400 V, 60 Hz gives 22.5 µF. */
export const runningMicrofarads = (amps: number, volts: number, hertz: number): number => (amps / (2 * Math.PI * hertz * volts)) * 1e6;

/** How far a reading is off, percent of the tolerance: up to 100 it is within. */
const shareOf = (read: unknown, rated: number | null | undefined, tolerance: unknown): number | null =>
  isNumber(read) && isNumber(rated) && isNumber(tolerance) && tolerance > 0
    ? round((Math.abs(read / rated - 1) * 100 * 100) / tolerance)
    : null;

function sectionsOf(spec: RunCapacitorSpec): CanonicalRunCapacitor {
  const { sections } = spec;
  if (sections === undefined) return {};
  const names = capacitorSections.map((name) => `microfarads_${name}`);
  if (!Array.isArray(sections)) {
    const mark = sections === null ? null : 'none';
    return { ...Object.fromEntries(names.map((name) => [name, mark])), anyMicrofarads: mark };
  }
  const rows = rowsMark(sections);
  const out: CanonicalRunCapacitor = {};
  for (const name of capacitorSections) {
    const row = rows.find((one) => one.name === name);
    if (row) out[`microfarads_${name}`] = rowMicrofarads(row);
    // A row whose name is worn may be this one.
    else if (rows.some((one) => one.name === null || one.name === undefined)) out[`microfarads_${name}`] = null;
  }
  const values = rows.map(rowMicrofarads);
  out.anyMicrofarads = values.length === 0 ? 'none' : values.some((value) => value === null) ? null : values;
  return out;
}

function readings(spec: RunCapacitorSpec, laid: CanonicalRunCapacitor): CanonicalRunCapacitor {
  const { reads, tolerancePercent, measuredAmps, measuredVolts } = spec;
  const out: CanonicalRunCapacitor = {};
  if (reads !== undefined && reads !== 'none' && reads !== false)
    for (const name of capacitorSections) {
      const read = isRecord(reads) ? reads[name] : null;
      if (read === undefined || read === 'none') continue;
      const rated = laid[`microfarads_${name}`];
      if (reads === null && rated === undefined) continue;
      out[`readShare_${name}`] = shareOf(read, isNumber(rated) ? rated : null, tolerancePercent);
    }
  if (measuredAmps !== undefined || measuredVolts !== undefined) {
    const rated = Array.isArray(laid.anyMicrofarads) && laid.anyMicrofarads.length === 1 ? (laid.anyMicrofarads[0] as number) : null;
    for (const hertz of [50, 60] as const) {
      const found =
        isNumber(measuredAmps) && isNumber(measuredVolts) && measuredVolts > 0
          ? runningMicrofarads(measuredAmps, measuredVolts, hertz)
          : null;
      out[`runningShare${hertz}`] = shareOf(found, rated, tolerancePercent);
    }
  }
  return out;
}

/** Probable life by its class, restated at one case temperature; nothing where no class is printed. */
function life({ lifeClass, maxCaseC }: RunCapacitorSpec): CanonicalRunCapacitor {
  if (lifeClass === undefined) return {};
  const hours = isOneOf(keysOf(lifeHours), lifeClass) ? lifeHours[lifeClass] : null;
  return { lifeHoursAt70C: hours !== null && isNumber(maxCaseC) ? Math.round(restateLife(hours, maxCaseC, LIFE_AT_CELSIUS)) : null };
}

/** Returns the canonical form. The input is not changed. */
export function canonicalRunCapacitor(spec: RunCapacitorSpec): CanonicalRunCapacitor {
  const laid = sectionsOf(spec);
  const { protection } = spec;
  return {
    ...cleanMarks(spec),
    ...laid,
    ...readings(spec, laid),
    ...life(spec),
    ...(protection === 'none' || protection === false ? { protection: 'none' } : {}),
    ...(typeof protection === 'string' && protection in continued ? { protection: continued[protection] } : {}),
  };
}
