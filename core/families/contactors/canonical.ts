/**
 * One form of a contactor's spec for judging.
 * Kinds are in small letters; rows carry `kind` and `polesInSeries`; volts of NEMA and UL rows stand at the top of their
 * class (460 serves 480); a NEMA size fills its horsepower; horsepower gives the running and locked-rotor amps that it
 * stands for; the coil is laid out as bands by kind of supply. Marks keep their states: null, "none", left out.
 * Sources: NEMA ICS 2, NFPA 70 tables, IEC 60947-4-1 coil limits, all through core/standards.
 */
import { rowsMark } from '../../case/case';
import type { ContactorSpec } from './fields';
import { ofSharedShape } from '../../matching/canonical';
import type { CanonicalContactor } from './figures';
import { coilLimits } from '../../standards/contactor-limits';
import { ampsOfHorsepowerRating } from '../../standards/motor-tables';
import { nemaRatingRows, nemaSizes } from '../../standards/nema-sizes';
import { voltageClassOf } from '../../standards/voltage-class';
import { coilLayout, kindOf } from '../../coils/layout';
import { seriesPoles } from '../../overcurrent/breaker-marks';
import { horsepowerColumn } from './horsepower-column';

type Row = Record<string, unknown>;

/** NEMA class A controllers make and break ten times the motor current of their horsepower. */
const NEMA_LOCKED_ROTOR_MULTIPLE = 10;

/** Amps that a horsepower rating stands for; a rating between two table steps stands for the step below it. */
function ampsOfHorsepower(hp: unknown, volts: unknown, phases: 1 | 3): unknown {
  if (typeof hp !== 'number' || typeof volts !== 'number') return hp === undefined ? undefined : hp === 'none' ? 'none' : null;
  const column = voltageClassOf(volts)?.column;
  return (column && ampsOfHorsepowerRating(hp, column, phases)) ?? null;
}

const times = (value: unknown, factor: number) => (typeof value === 'number' ? value * factor : value);
const withColumn = (row: Row, name: string, value: unknown): Row => (value === undefined ? row : { ...row, [name]: value });

/** Poles in series of a row: one where it names none; null where the mark is worn or says nothing. */
const seriesOf = (mark: unknown) => (mark === undefined ? 1 : typeof mark === 'number' ? mark : null);

/** Figures that hold for the volts of their own row alone, under the name of its class. */
function ofItsClass(row: Row, volts: unknown, continuousAmps: unknown): Row {
  if (typeof volts !== 'number') return {};
  const names = ['normalHp', 'normalHpSinglePhase', 'joggingHp'].filter((name) => row[name] !== undefined);
  const held = Object.fromEntries(names.map((name) => [horsepowerColumn(name, volts), row[name]]));
  const rated = [row.normalHp, row.normalHpSinglePhase].some((mark) => typeof mark === 'number');
  return rated && continuousAmps !== undefined ? { ...held, [horsepowerColumn('continuous', volts)]: continuousAmps } : held;
}

function canonicalRow(row: Row, raiseToClass: boolean, continuousAmps: unknown): Row {
  const volts = typeof row.volts === 'number' ? row.volts : null;
  const served = raiseToClass && typeof volts === 'number' ? (voltageClassOf(volts)?.high ?? volts) : volts;
  const three = ampsOfHorsepower(row.normalHp, volts, 3);
  const single = ampsOfHorsepower(row.normalHpSinglePhase ?? row.normalHp, volts, 1);
  let out: Row = {
    ...row,
    volts: served,
    kind: row.kind === undefined ? 'ac' : row.kind === null || row.kind === 'none' ? null : kindOf(row.kind),
    polesInSeries: seriesOf(row.polesInSeries),
    rowVolts: served,
    ...ofItsClass(row, volts, continuousAmps),
  };
  out = withColumn(out, 'hpRunningAmps3', three);
  out = withColumn(out, 'hpRunningAmps1', single);
  out = withColumn(out, 'hpLockedRotorAmps3', times(three, NEMA_LOCKED_ROTOR_MULTIPLE));
  return withColumn(out, 'hpLockedRotorAmps1', times(single, NEMA_LOCKED_ROTOR_MULTIPLE));
}

/** Continuous amps of the size, marked or by its table. */
const continuousOf = (spec: ContactorSpec): unknown =>
  spec.continuousAmps ?? (typeof spec.nemaSize === 'string' ? nemaSizes[spec.nemaSize]?.continuousAmps : undefined);

function ratingRows(spec: ContactorSpec): unknown {
  const size = spec.nemaSize;
  const continuous = continuousOf(spec);
  const given = spec.ratings;
  const table = typeof size === 'string' ? nemaRatingRows(size) : undefined;
  if (given === undefined && size === null) return null;
  if (given === undefined && table) return table.map((row) => canonicalRow(row, true, continuous));
  if (!Array.isArray(given)) return given === false ? 'none' : given;
  // Volts stand for their class on a North American part alone: a worn standard says nothing.
  const standard = spec.standard === undefined ? '' : typeof spec.standard === 'string' ? spec.standard : null;
  const raise = standard !== null && !standard.startsWith('IEC');
  const own = (row: Row) => standard !== null && (row.normalHp !== undefined || row.fullLoadAmps !== undefined);
  const rows = given.map((row: Row) => canonicalRow(row, raise || own(row), continuous));
  const hasHorsepower = rows.some((row) => row.normalHp !== undefined);
  return table && !hasHorsepower ? [...rows, ...table.map((row) => canonicalRow(row, true, continuous))] : rows;
}

/** Highest volts of the rows of one kind of current that the poles suffice for; null where a worn head leaves it open. */
function topVolts(rows: unknown, kind: 'ac' | 'dc', poles: unknown): unknown {
  if (!Array.isArray(rows)) return rows;
  let top: number | undefined;
  let open = false;
  for (const { kind: own, volts, polesInSeries: series } of rowsMark(rows)) {
    if (own !== null && own !== kind && own !== 'ac/dc') continue;
    const enough = typeof series === 'number' && (series <= 1 || (typeof poles === 'number' && series <= poles));
    if (typeof series === 'number' && typeof poles === 'number' && !enough) continue;
    if (own === null || typeof volts !== 'number' || !enough) open = true;
    else top = Math.max(top ?? 0, volts);
  }
  return top ?? (open ? null : 'none');
}

/** Returns the canonical form. The input is not changed. */
export function canonicalContactor(spec: ContactorSpec): CanonicalContactor {
  const ratings = ratingRows(spec);
  const clean = Object.fromEntries(
    Object.entries(spec).map(([name, mark]) => [name, mark === false || (Array.isArray(mark) && mark.length === 0) ? 'none' : mark]),
  );
  const rowKinds = Array.isArray(ratings)
    ? [...new Set(rowsMark(ratings).flatMap((row) => (row.kind === 'ac/dc' ? ['ac', 'dc'] : row.kind === null ? [] : [row.kind])))]
    : ratings;
  const wornKind = Array.isArray(ratings) && rowsMark(ratings).some((row) => row.kind === null);
  const kinds = Array.isArray(rowKinds) && rowKinds.length === 0 ? (wornKind ? null : 'none') : rowKinds;
  const continuous = continuousOf(spec);
  const nema = typeof spec.standard === 'string' && !spec.standard.startsWith('IEC');
  return ofSharedShape({
    ...clean,
    ...(ratings === undefined
      ? {}
      : {
          ratings,
          ratingKinds: kinds,
          ...(wornKind ? { ratingKindsPerhaps: ['ac', 'dc'] } : {}),
          topVoltsAc: topVolts(ratings, 'ac', spec.poles),
          topVoltsDc: topVolts(ratings, 'dc', spec.poles),
          // That a list was read at all: what it does not hold is no such rating.
          ratingList: Array.isArray(ratings) ? 'none' : ratings,
        }),
    ...(continuous === undefined ? {} : { continuousAmps: continuous }),
    ...seriesPoles(spec),
    ...coilLayout(spec, nema ? coilLimits.pickUpDcNema : undefined),
  });
}
