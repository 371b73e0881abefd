/**
 * One form of a contactor's spec for judging.
 * Kinds are in small letters; rows carry `kind` and `polesInSeries`; volts of NEMA and UL rows stand at the top of their
 * class (460 serves 480); a NEMA size fills its horsepower; horsepower gives the running and locked-rotor amps that it
 * stands for; the coil is laid out as bands by kind of supply. Marks keep their states: null, "none", left out.
 * Sources: NEMA ICS 2, NFPA 70 tables, IEC 60947-4-1 coil limits, all through core/standards.
 */
import type { PartSpec } from '../../case/case';
import type { Canonical } from '../../matching/evaluate';
import { coilLimits } from '../../standards/contactor-limits';
import { tableFullLoadAmps } from '../../standards/motor-tables';
import { nemaRatingRows, nemaSizes } from '../../standards/nema-sizes';
import { voltageClassOf } from '../../standards/voltage-class';
import { coilLayout, kindOf } from '../coils/layout';

type Row = Record<string, unknown>;

/** NEMA class A controllers make and break ten times the motor current of their horsepower. */
const NEMA_LOCKED_ROTOR_MULTIPLE = 10;

/** Amps that a horsepower rating stands for; a rating between two table steps stands for the step below it. */
function ampsOfHorsepower(hp: unknown, volts: unknown, phases: 1 | 3): unknown {
  if (typeof hp !== 'number' || typeof volts !== 'number') return hp === undefined ? undefined : hp === 'none' ? 'none' : null;
  const column = voltageClassOf(volts)?.column;
  return (column && tableFullLoadAmps(hp, column, phases)) ?? null;
}

const times = (value: unknown, factor: number) => (typeof value === 'number' ? value * factor : value);
const withColumn = (row: Row, name: string, value: unknown): Row => (value === undefined ? row : { ...row, [name]: value });

function canonicalRow(row: Row, raiseToClass: boolean): Row {
  const volts = row.volts ?? null;
  const served = raiseToClass && typeof volts === 'number' ? (voltageClassOf(volts)?.high ?? volts) : volts;
  const three = ampsOfHorsepower(row.normalHp, volts, 3);
  const single = ampsOfHorsepower(row.normalHpSinglePhase ?? row.normalHp, volts, 1);
  let out: Row = {
    ...row,
    volts: served,
    kind: row.kind === null ? 'ac/dc' : (kindOf(row.kind) ?? 'ac'),
    polesInSeries: row.polesInSeries ?? 1,
  };
  out = withColumn(out, 'hpRunningAmps3', three);
  out = withColumn(out, 'hpRunningAmps1', single);
  out = withColumn(out, 'hpLockedRotorAmps3', times(three, NEMA_LOCKED_ROTOR_MULTIPLE));
  return withColumn(out, 'hpLockedRotorAmps1', times(single, NEMA_LOCKED_ROTOR_MULTIPLE));
}

function ratingRows(spec: PartSpec): unknown {
  const size = spec.nemaSize;
  const given = spec.ratings;
  const table = typeof size === 'string' ? nemaRatingRows(size) : undefined;
  if (given === undefined && table) return table.map((row) => canonicalRow(row, true));
  if (!Array.isArray(given)) return given === false ? 'none' : given;
  const standard = typeof spec.standard === 'string' ? spec.standard : '';
  const raise = standard !== '' ? !standard.startsWith('IEC') : true;
  const rows = given.map((row: Row) => canonicalRow(row, raise || row.normalHp !== undefined || row.fullLoadAmps !== undefined));
  const hasHorsepower = rows.some((row) => row.normalHp !== undefined);
  return table && !hasHorsepower ? [...rows, ...table.map((row) => canonicalRow(row, true))] : rows;
}

/** Highest volts of the rows of one kind of current. */
function topVolts(rows: unknown, kind: 'ac' | 'dc'): unknown {
  if (!Array.isArray(rows)) return rows;
  const suiting = (rows as Row[]).filter((row) => row.kind === kind || row.kind === 'ac/dc');
  if (suiting.length === 0) return 'none';
  const volts = suiting.map((row) => row.volts).filter((v): v is number => typeof v === 'number');
  return volts.length < suiting.length ? null : Math.max(...volts);
}

/** Returns the canonical form. The input is not changed. */
export function canonicalContactor(spec: PartSpec): Canonical {
  const ratings = ratingRows(spec);
  const clean = Object.fromEntries(
    Object.entries(spec).map(([name, mark]) => [name, mark === false || (Array.isArray(mark) && mark.length === 0) ? 'none' : mark]),
  );
  const kinds = Array.isArray(ratings)
    ? [...new Set((ratings as Row[]).flatMap((row) => (row.kind === 'ac/dc' ? ['ac', 'dc'] : [row.kind])))]
    : ratings;
  const size = typeof spec.nemaSize === 'string' ? nemaSizes[spec.nemaSize] : undefined;
  const nema = typeof spec.standard === 'string' && !spec.standard.startsWith('IEC');
  return {
    ...clean,
    ...(ratings === undefined
      ? {}
      : {
          ratings,
          ratingKinds: kinds,
          topVoltsAc: topVolts(ratings, 'ac'),
          topVoltsDc: topVolts(ratings, 'dc'),
        }),
    ...(size && spec.continuousAmps === undefined ? { continuousAmps: size.continuousAmps } : {}),
    ...coilLayout(spec, nema ? coilLimits.pickUpDcNema : undefined),
  };
}
